// From a receiver's blank to a layout, and from a layout to a blank.
import type { Document, Finding, Layout, Surroundings, Table } from '../model';
import { learn, learnMarkedText, nameOf, type LearnedLayout } from '../learning';
import { openFile, readTable, type SourceFile } from '../readers';
import { blankFor } from '../writers';

export type { LearnedLayout } from '../learning';
export { canWrite } from '../writers';

/** Running text as a sheet of one column, so that it can be shown like any other blank. */
const asSheet = ({ file, lines, findings, encoding }: Document): Table => ({
  file, format: 'txt', findings, ...(encoding ? { encoding } : {}),
  sheets: [{ name: file, hidden: false, rows: lines.map((line) => [line.source ?? line.text]), merges: [], validations: [], comments: [], formulas: [], dates: [], isProtected: false }],
});

/** A blank of running text; undefined where it is none. */
async function markedText(file: SourceFile): Promise<Document | undefined> {
  const opened = /\.(?:txt|md)$/i.test(file.name) ? await openFile(file) : undefined;
  return opened?.is === 'document' ? opened.document : undefined;
}

/** A blank as it is shown: its sheets, or its lines in one column where the layout says that it is marked text. */
export async function showBlank(file: SourceFile, shape: Layout['shape']): Promise<Table> {
  const text = shape === 'marked-text' ? await markedText(file) : undefined;
  return text ? asSheet(text) : readTable(file);
}

/** From a receiver's blank to a layout; `findings` say what kept the file from being read. */
export async function learnBlank(file: SourceFile, surroundings: Surroundings): Promise<LearnedLayout & { findings: Finding[]; table: Table }> {
  const text = await markedText(file);
  const marked = text && learnMarkedText(text, surroundings.id(), nameOf(file.name));
  const table = marked ? asSheet(text) : await readTable(file);
  const learned = marked ?? learn(table, surroundings.id());
  const layout: Layout = { ...learned.layout, blank: { name: file.name, digest: await surroundings.digest(file.bytes) } };
  return { ...learned, layout, findings: table.findings, table };
}

/** An empty form of a layout that has no blank of its own; undefined for packages, which need none. */
export const makeBlank = (layout: Layout): { name: string; bytes: Uint8Array } | undefined => {
  const bytes = blankFor(layout);
  return bytes && { name: `${layout.name.replace(/[<>:"/\\|?*]+/g, ' ').trim() || 'blank'}.${layout.file.format}`, bytes };
};
