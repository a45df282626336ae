// The columns of the sheet that is looked at: what each is taken for, and how wide it must be to be read.
import { useMemo } from 'react';
import type { Column, Role } from '../../core/model';
import { columnIndex, parseRange } from '../../core/shared/cells';
import { optionLetter } from '../../core/shared/plain';
import { roleWords } from '../../core/shared/roles';
import type { GatherAnswer } from '../../workers/protocol';
import { useGather } from '../state/gather';
import { i18n } from '../../languages';

/**
 * `least` are the pixels below which it can't be read, `share` how much of the room it gets beyond that, `set` the pixels
 * that the user gave it.
 */
export type ShownColumn = {
  index: number;
  column: Column | undefined;
  label: string;
  least: number;
  share: number;
  set?: number;
};

/** The numbers of the rows. */
export const NUMBER_WIDTH = 34;
/** Columns further to the right are not shown; a form that people read has fewer. */
const MOST_COLUMNS = 40;
/** So many rows tell how wide a column is. */
const SAMPLE_ROWS = 60;

const WIDE = new Set<Role>(['stem', 'accepted', 'explanation', 'options', 'wrongs']);
const ANSWERS = new Set<Role>(['option', 'right', 'wrong']);
const NARROW = new Set<Role>(['key', 'seconds', 'points', 'number-in-file', 'weight', 'verdict']);

/** Texts up to this length stand in a narrow column as they are. */
const SHORT_TEXT = 9;

/** How wide a column is shown, by what it holds. */
function widthOf(role: Role, longest: number): number {
  if (WIDE.has(role)) {
    return 190;
  }
  if (ANSWERS.has(role)) {
    return 96;
  }
  if (NARROW.has(role)) {
    return longest > SHORT_TEXT ? 84 : 60;
  }
  return role === 'ignore' && longest <= SHORT_TEXT ? 64 : 100;
}

/** Pixels of a sign of a column's label, and what stands beside it. */
const LABEL_SIGN = 7.4;
const LABEL_ROOM = 26;

/** Pixels of a sign of a cell, and its padding; words up to so many signs are never broken. */
const CELL_SIGN = 8.4;
const CELL_ROOM = 19;
const UNBROKEN = 13;

const lengthOf = (text: string): number => text.length;
const longestWord = (text: string): number =>
  Math.max(0, ...text.split(/\s+/).map((word) => word.length));

const SHORT_LABELS: Partial<Record<Role, string>> = {
  ignore: i18n._('aside'),
  'number-in-file': i18n._('no.'),
  seconds: 's',
  points: i18n._('pts'),
  key: 'right',
};

/** The label of each column in turn; options are lettered. */
function labeller(): (column: Column | undefined) => string {
  let options = 0;
  return (column) => {
    const role = column?.role ?? 'ignore';
    return role === 'option'
      ? i18n._('option {optionLetter}', { optionLetter: optionLetter(options++) })
      : (SHORT_LABELS[role] ?? roleWords(role));
  };
}

/** The columns of a sheet as it was understood. */
export function columnsOf({
  reading,
  sheet,
}: Pick<GatherAnswer, 'reading' | 'sheet'>): ShownColumn[] {
  const range = reading.range ? parseRange(reading.range) : undefined;
  const sample = sheet?.rows.slice(0, SAMPLE_ROWS) ?? [];
  const widest = Math.min(MOST_COLUMNS, Math.max(0, ...sample.map((row) => row.length)));
  const byIndex = new Map(reading.columns.map((column) => [columnIndex(column.column), column]));
  const labelOf = labeller();
  const first = range?.left ?? 0;
  const last = Math.min(range?.right ?? Infinity, widest - 1);
  const indexes = Array.from({ length: Math.max(0, last - first + 1) }, (_, n) => first + n);
  return indexes
    .filter((index) => byIndex.has(index) || sample.some((row) => row[index]?.trim()))
    .map((index) => {
      const column = byIndex.get(index);
      const texts = sample.map((row) => row[index] ?? '');
      const label = labelOf(column);
      const share = widthOf(column?.role ?? 'ignore', Math.max(0, ...texts.map(lengthOf)));
      const word = Math.min(UNBROKEN, Math.max(0, ...texts.map(longestWord)));
      const least = Math.max(
        share,
        Math.ceil(label.length * LABEL_SIGN + LABEL_ROOM),
        Math.ceil(word * CELL_SIGN + CELL_ROOM),
      );
      return { index, column, label, least, share };
    });
}

/** The columns that are shown of the source on the bench. */
export function useColumns(): ShownColumn[] {
  const { answer } = useGather();
  return useMemo(() => (answer?.sheet ? columnsOf(answer) : []), [answer]);
}

/** The columns as tracks of a grid, and the least pixels that they take together with the rows' numbers. */
export function tracksOf(columns: readonly ShownColumn[]): { tracks: string; least: number } {
  const tracks = columns.map(({ least, share, set }) =>
    set === undefined ? `minmax(${least}px, ${share}fr)` : `${set}px`,
  );
  return {
    tracks: [`${NUMBER_WIDTH}px`, ...tracks].join(' '),
    least: columns.reduce((sum, { least, set }) => sum + (set ?? least), NUMBER_WIDTH),
  };
}
