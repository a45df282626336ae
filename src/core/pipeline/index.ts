// The only place that knows every station: what workers and endpoints call.
import type { Difference, Document, Finding, Fit, Item, Layout, Receipt, Surroundings, Table } from '../model';
import { fit, type Decision } from '../fitting';
import { learn, learnMarkedText, nameOf, type LearnedLayout } from '../learning';
import { compare, readBack, readSetTitle } from '../reading-back';
import { openFile, readTable, type SourceFile } from '../readers';
import { fileName, write } from '../writers';

export { applyMends, applyPatch, checkAll, checkItem, checkTogether } from '../checks';
export { fit, KIND_WORDS, type Decision } from '../fitting';
export * from './bank-file';
export * from './sources';
export type { LearnedLayout } from '../learning';
export { CAPS, type SourceFile } from '../readers';
export { nameItems } from '../shared/references';

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

/** How each question stands to a layout, without the cells. */
export const fits = (items: readonly Item[], layout: Layout, decisions?: Record<string, Decision>): Fit[] =>
  fit(items, layout, decisions).map(({ item, state, changes, reason }) => ({ item, state, changes, ...(reason !== undefined ? { reason } : {}) }));

export type FillJob = {
  items: readonly Item[];
  layout: Layout;
  blank?: Uint8Array;
  setTitle?: string;
  /** 'none' leaves out every question that would have to change. */
  accept?: 'all' | 'none';
  decisions?: Record<string, Decision>;
};
export type Filled = { name: string; bytes: Uint8Array; receipt: Receipt; differences: Difference[]; notes: string[] };

/**
 * Fills a layout's file and reads it back. Throws an Error with a plain sentence where the blank is missing or another
 * one; a difference found by the read-back is no error but stands in the receipt.
 */
export async function fill(job: FillJob, surroundings: Surroundings): Promise<Filled> {
  const { items, layout, setTitle = layout.name } = job;
  const fitted = fit(items, layout, job.decisions);
  const most = layout.limits.perFile ?? Infinity;
  const taken = fitted.flatMap((one, index) => (one.cells && (one.state === 'fits' || job.accept !== 'none') ? [{ one, item: items[index]! }] : []));
  const into = taken.slice(0, most);
  const written = write({ layout, rows: into.map(({ one }) => one.cells!), setTitle, ...(job.blank ? { blank: job.blank } : {}) });
  const name = fileName(setTitle, layout);
  const differences = await proof(name, written.bytes, layout, into.map(({ one }) => one.as!), setTitle);
  const kept = new Set(into.map(({ item }) => item.id));
  const receipt: Receipt = {
    id: surroundings.id(), at: surroundings.now(), set: setTitle, layout: { id: layout.id, name: layout.name },
    file: { name, size: written.bytes.length, sha256: await surroundings.digest(written.bytes) },
    questions: into.length, points: into.reduce((sum, { item }) => sum + (item.points ?? 1), 0),
    items: into.map(({ one, item }) => ({ id: item.id, ref: item.ref, changes: one.changes })),
    leftOut: fitted.flatMap((one, index) => (kept.has(one.item) ? [] : [{ id: one.item, ref: items[index]!.ref, reason: one.reason ?? (one.state === 'changes' && job.accept === 'none' ? 'its changes were refused' : `the receiver takes ${most} questions in one file`) }])),
    readBack: { questions: into.length, differences },
  };
  return { name, bytes: written.bytes, receipt, differences, notes: written.notes };
}

/** The finished bytes read again and compared with the questions as changed. */
async function proof(name: string, bytes: Uint8Array, layout: Layout, meant: readonly Item[], setTitle: string): Promise<Difference[]> {
  const table = await readTable({ name, bytes }, { ...(layout.file.encoding ? { encoding: layout.file.encoding } : {}), ...(layout.file.separator ? { separator: layout.file.separator } : {}) });
  const differences = compare(meant, readBack(table, layout), layout);
  const title = readSetTitle(table, layout);
  if (title !== undefined && title !== setTitle) differences.unshift({ n: 0, field: 'set-title', meant: setTitle, found: title });
  return differences;
}

/** Reads a finished file by its layout, and compares it with questions where some are given. */
export async function readBackFile(file: SourceFile, layout: Layout, items?: readonly Item[]): Promise<{ items: Item[]; differences: Difference[]; findings: Finding[] }> {
  const table = await readTable(file, { ...(layout.file.encoding ? { encoding: layout.file.encoding } : {}), ...(layout.file.separator ? { separator: layout.file.separator } : {}) });
  const found = readBack(table, layout);
  return { items: found, differences: items ? compare(items, found, layout) : [], findings: table.findings };
}
