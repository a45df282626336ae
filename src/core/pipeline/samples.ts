// The blank's own samples test the layout: read by it and written again they must come out to the letter.
import type { Fitted, Item, Layout, Role, Table } from '../model';
import { fit } from '../fitting';
import { readBack, rowsByQuestion } from '../reading-back';
import { cellName, columnIndex } from '../shared/cells';
import { alike } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { sheetOfLayout } from '../shared/sheet';
import { say } from '../shared/say';

/** A sample cell that would be written otherwise. Rows count from 1. */
export type SampleDifference = { column: string; cell: string; was: string; becomes: string };

/** Columns that a fill writes by itself, or leaves as they are. */
const NOT_OURS: ReadonlySet<Role> = new Set<Role>([
  'ignore',
  'constant',
  'number-in-file',
  'ref',
  'by',
  'at',
  'pick',
  'image',
  'image-alt',
  'title',
]);

const isSame = (a: string, b: string): boolean =>
  alike(a) === alike(b) ||
  (a !== '' && Number(a.replace(',', '.')) === Number(b.replace(',', '.')));

/** Where the right answer of a sample stands: a sample that can't be written at all was most likely misread there. */
const ANSWERING: readonly Role[] = ['key', 'verdict', 'weight', 'right', 'accepted'];
/** Where it stands when none of these says anything. */
const OFFERING: readonly Role[] = ['options', 'option'];

function refusedSample(layout: Layout, row: readonly string[], at: number): SampleDifference[] {
  const said = (roles: readonly Role[]): SampleDifference[] =>
    layout.columns
      .filter(({ role }) => roles.includes(role))
      .map(({ column }) => {
        const place = columnIndex(column);
        const was = row[place]?.trim() ?? '';
        return { column, cell: cellName(at, place), was, becomes: '' };
      });
  const [answer] = said(ANSWERING);
  const found = answer?.was ? answer : said(OFFERING).find(({ was }) => was);
  return found ? [found] : [];
}

/** So many samples tell; a form that is filled to its end is no form any more. */
export const MOST_SAMPLES = 40;

/** Sample rows with the questions that they are read as: the row of each, and `all` rows from the one that `from` counts, from 0. */
type SamplesRead = {
  rows: readonly (readonly string[])[];
  all: readonly (readonly string[])[];
  from: number;
  items: Item[];
};

/** The blank's samples as they are read by a layout, each with its row, from 0; undefined where it has none. */
export function samplesRead(table: Table, layout: Layout): SamplesRead | undefined {
  const { sample } = layout.file;
  const sheet = sheetOfLayout(table, layout);
  if (layout.shape !== 'rows' || !sample || !sheet) {
    return undefined;
  }
  const [first] = sample;
  const last = Math.min(sample[1], first + MOST_SAMPLES - 1);
  const shown = { ...sheet, rows: sheet.rows.slice(0, last) };
  const items = readBack({ ...table, sheets: [shown] }, layout).slice(0, last - first + 1);
  const all = shown.rows.slice(first - 1);
  const rows = layout.rowForEach ? rowsByQuestion(shown, layout).map(([own]) => own!) : all;
  return { rows, all, from: first - 1, items };
}

/** What becomes of each sample row: where parts have rows of their own, each row of a question. */
const inTheirRows = (
  written: readonly Pick<Fitted, 'cells'>[],
  { rowForEach }: Layout,
): readonly Pick<Fitted, 'cells'>[] =>
  rowForEach
    ? written.flatMap(({ cells }) => cells?.map((own) => ({ cells: [own] })) ?? [{}])
    : written;

/** The sample cells that would come out otherwise under a layout; none where it has no samples or they prove it. */
export function sampleDifferences(table: Table, layout: Layout): SampleDifference[] {
  const samples = samplesRead(table, layout);
  if (!samples) {
    return [];
  }
  const { all: rows, from, items } = samples;
  const written = inTheirRows(fit(items, layout), layout);
  return written.flatMap(({ cells }, index) => {
    const row = rows[index] ?? [];
    const [own] = cells ?? [];
    if (!own) {
      return refusedSample(layout, row, from + index);
    }
    return layout.columns.flatMap((column): SampleDifference[] => {
      const place = columnIndex(column.column);
      const was = row[place]?.trim() ?? '';
      const becomes = String(own[column.column] ?? '').trim();
      return NOT_OURS.has(column.role) || isSame(was, becomes)
        ? []
        : [{ column: column.column, cell: cellName(from + index, place), was, becomes }];
    });
  });
}

/** A learned layout with what its samples say against it: the columns that would come out otherwise are unsure, with the reason. */
export function withSamples<
  T extends { layout: Layout; because: Record<string, string>; unsure: string[] },
>(learned: T, table: Table): T & { sampleDifferences: SampleDifference[] } {
  const differences = sampleDifferences(table, learned.layout);
  const because = { ...learned.because };
  const unsure = new Set(learned.unsure);
  for (const { column, cell, was, becomes } of differences) {
    const path = `columns.${column}`;
    if (!unsure.has(path)) {
      because[path] = say('{because}; but the sample in {cell}, {was}, {becomes}', {
        because: because[path] ?? say('it was understood so'),
        cell,
        was: quoted(was, 30),
        becomes: becomes
          ? say('would be written as {becomes}', { becomes: quoted(becomes, 30) })
          : say('could not be written'),
      });
    }
    unsure.add(path);
  }
  return { ...learned, because, unsure: [...unsure], sampleDifferences: differences };
}
