// From a receiver's blank to a layout, and from a layout to a blank.
import type {
  Document,
  Finding,
  KeptLayout,
  Layout,
  Opened,
  LayoutFile,
  Surroundings,
  Table,
} from '../model';
import { sheetWith } from '../shared/sheet';
import { base64 } from '../shared/base64';
import { safeName } from '../shared/plain';
import {
  doubted,
  explainsSigns,
  learn,
  nameOf,
  repeatsSigns,
  repeatsWords,
  type LearnedLayout,
} from '../learning';
import { openFile, readTable, type SourceFile } from '../readers';
import { blankFor, csvwOf, tableSchemaOf } from '../writers';
import { learnPackage } from './package-blank';
import { withKnown } from './known-layouts';
import { withKindRules } from './kind-rules';
import { withSamplesShown } from './samples-shown';
import { learnText } from './marked-learning';
import { withSamples } from './samples';
import { defined } from '../shared/defined';
import { insteadOf } from './unfillable';

export type { LearnedLayout } from '../learning';
export { STARTERS } from '../learning';
export { layoutFromPointed, type PointedLine } from './marked-learning';
export { readLayoutFile, type LayoutFileRead } from '../readers';
export { bundle, csvwOf, receiptPage, tableSchemaOf, type Handed } from '../writers';

/** Running text as a sheet of one column, so that it can be shown like any other blank. */
const asSheet = ({ file, lines, findings, encoding }: Document): Table =>
  defined({
    file,
    format: 'txt',
    findings,
    encoding,
    sheets: [sheetWith({ name: file, rows: lines.map((line) => [line.source ?? line.text]) })],
  });

/** So many lines tell whether a text is a sample of marked text. */
const MOST_LINES = 2000;

/** A table of one column whose lines carry signs that repeat is no table. */
const isOneColumn = (opened: Opened, lines: readonly string[]): boolean =>
  opened.is === 'table' &&
  opened.table.sheets.every(({ rows }) => rows.every((row) => row.length < 2)) &&
  repeatsSigns(lines);

/** So many rows of a table have as many cells as one another. */
const EVEN = 0.7;

/** Whether the rows of what was opened as a table are no rows: of one cell each, of as many as happens, or fewer than lines. */
function areLines(opened: Opened, lines: readonly string[]): boolean {
  if (opened.is !== 'table') {
    return false;
  }
  const rows = opened.table.sheets.reduce((sum, sheet) => sum + sheet.rows.length, 0);
  // A list of names and values takes several lines for what becomes one row.
  if (rows < lines.filter((line) => line.trim()).length * EVEN) {
    return true;
  }
  const counts = opened.table.sheets
    .flatMap(({ rows }) => rows.map((row) => row.filter(Boolean).length))
    .filter(Boolean);
  const times = new Map<number, number>();
  counts.forEach((count) => times.set(count, (times.get(count) ?? 0) + 1));
  const most = Math.max(0, ...times.values());
  return (times.get(1) ?? 0) === counts.length || most < counts.length * EVEN;
}

/** Whether a sign parts some lines into several cells. */
const areParted = (opened: Opened): boolean =>
  opened.is === 'table' &&
  opened.table.sheets.some(({ rows }) => rows.some((row) => row.filter(Boolean).length > 2));

/** Text that may be marked text: `isPlain` where nothing else is likely, `isTable` where its rows are as even as
 * those of a table, `isParted` where a sign may part its lines into columns. */
type MayBeMarked = { document: Document; isPlain: boolean; isTable: boolean; isParted: boolean };

/** A blank of running text; undefined where it is none. */
async function markedText(file: SourceFile): Promise<MayBeMarked | undefined> {
  if (!/\.(?:txt|md)$/i.test(file.name)) {
    return undefined;
  }
  const opened = await openFile(file);
  if (opened.is === 'document') {
    return { document: opened.document, isPlain: true, isTable: false, isParted: false };
  }
  // A form of nothing but comments may look like a table of one column; its comments explain the signs all the same.
  const asText = await openFile(file, { as: 'questions' });
  if (asText.is !== 'document') {
    return undefined;
  }
  const { document } = asText;
  const lines = document.lines.slice(0, MOST_LINES).map((line) => line.source ?? line.text);
  const isPlain = explainsSigns(document) || repeatsWords(lines) || isOneColumn(opened, lines);
  return {
    document,
    isPlain,
    isTable: !isPlain && !areLines(opened, lines),
    isParted: areParted(opened),
  };
}

/** A table of what may be lines of text is no sure one, as long as no signs and no pattern were found in it. */
const withLinesDoubted = (learned: LearnedLayout, mayBeLines: boolean): LearnedLayout =>
  mayBeLines ? doubted(learned, 'file.headingRow') : learned;

/** Even rows without headings are questions on a line each, where their lines say surely what they are. */
function surelyText(
  asTable: LearnedLayout,
  text: MayBeMarked,
  base: Pick<Layout, 'id' | 'name'>,
): LearnedLayout | undefined {
  const asText = asTable.unsure.includes('file.headingRow') ? learnText(text, base) : undefined;
  return asText?.unsure.length === 0 ? asText : undefined;
}

/** A blank learned as a table, with what was decided of one with the same headings. */
const learnTable = (table: Table, id: string, known: readonly KeptLayout[]): LearnedLayout =>
  withSamples(
    withKnown(withKindRules(withSamplesShown(learn(table, id), table), table), known),
    table,
  );

type Plain = { learned: LearnedLayout; table: Table; isMarked: boolean };

/** A blank that is no package, learned as text where its lines carry signs, else as a table. */
async function learnPlain(
  file: SourceFile,
  id: string,
  known: readonly KeptLayout[],
): Promise<Plain> {
  const text = await markedText(file);
  const base = { id, name: nameOf(file.name) };
  const asText = text && !text.isTable ? learnText(text, base) : undefined;
  if (text && asText && isLikelier(asText, text)) {
    return { learned: asText, table: asSheet(text.document), isMarked: true };
  }
  const table = await readTable(file);
  const asTable = learnTable(table, id, known);
  const surely = text?.isTable ? surelyText(asTable, text, base) : undefined;
  return text && surely
    ? { learned: surely, table: asSheet(text.document), isMarked: true }
    : { learned: withLinesDoubted(asTable, text?.isTable === false), table, isMarked: false };
}

/** Where a sign may part columns, lines must be sure of what they are. */
const isLikelier = (asText: LearnedLayout, { isParted }: MayBeMarked): boolean =>
  !isParted || asText.layout.pattern === undefined || asText.unsure.length === 0;

/** A blank as it is shown: its sheets, or its lines in one column where the layout says that it is marked text. */
export async function showBlank(file: SourceFile, shape: Layout['shape']): Promise<Table> {
  const opened = shape === 'marked-text' ? await openFile(file, { as: 'questions' }) : undefined;
  return opened?.is === 'document' ? asSheet(opened.document) : readTable(file);
}

/**
 * From a receiver's blank to a layout; `findings` say what kept the file from being read. What was decided of a `known`
 * layout with the same headings holds for this one.
 */
export async function learnBlank(
  file: SourceFile,
  surroundings: Surroundings,
  known: readonly KeptLayout[] = [],
): Promise<LearnedLayout & { findings: Finding[]; table: Table }> {
  const packed = await learnPackage(file, surroundings, nameOf(file.name));
  if (packed) {
    return { ...packed, findings: packed.table.findings };
  }
  const { learned, table, isMarked } = await learnPlain(file, surroundings.id(), known);
  const ends = isMarked
    ? {
        file: {
          ...learned.layout.file,
          newline: file.bytes.includes(13) ? ('crlf' as const) : ('lf' as const),
        },
      }
    : {};
  const layout: Layout = { ...learned.layout, ...ends };
  // Of these the form is understood, but only a new file of another format can be filled; the user is told and decides.
  const filledInstead = insteadOf(table.format, layout.file.format);
  if (filledInstead && table.sheets.length) {
    return {
      ...learned,
      layout,
      because: {
        ...learned.because,
        'file.format': filledInstead,
      },
      unsure: [...learned.unsure, 'file.format'],
      findings: table.findings,
      table,
    };
  }
  return {
    ...learned,
    layout: {
      ...layout,
      blank: { name: file.name, digest: await surroundings.digest(file.bytes) },
    },
    findings: table.findings,
    table,
  };
}

/** An empty form of a layout that has no blank of its own; undefined for packages, which need none. */
export const makeBlank = (layout: Layout): { name: string; bytes: Uint8Array } | undefined => {
  const bytes = blankFor(layout);
  return bytes && { name: `${safeName(layout.name, 'blank')}.${layout.file.format}`, bytes };
};

/** A layout as one file, with its blank and, where it has rows, its description in two open standards. */
export function layoutFile(
  { layout, because, unsure }: Pick<KeptLayout, 'layout' | 'because' | 'unsure'>,
  blank: Uint8Array | undefined,
): LayoutFile {
  const csvw = csvwOf(layout, layout.blank?.name ?? `${layout.name}.${layout.file.format}`);
  const tableSchema = tableSchemaOf(layout);
  return defined({
    format: 'receiver-layout',
    version: 1,
    layout,
    because,
    unsure,
    blank: blank && layout.blank ? { name: layout.blank.name, base64: base64(blank) } : undefined,
    csvw,
    tableSchema,
  });
}
