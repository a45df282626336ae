// What each cell of a blank is, and how wide its columns are shown.
import type { Column, Fitted, Layout } from '../../../core/model';
import { labelAt } from '../../../core/shared/block-labels';
import { cellName, columnIndex } from '../../../core/shared/cells';
import { optionLetter } from '../../../core/shared/plain';
import { roleWords } from '../../../core/shared/roles';
import { i18n } from '../../../languages';

/** `word` is its title, `tone` its colour. */
export type CellMark = { word: string; tone: string };

const columnAt = ({ columns }: Layout, index: number): Column | undefined =>
  columns.find(({ column }) => columnIndex(column) === index);

const WIDE = new Set(['stem', 'accepted', 'explanation']);

/** Pixels of a sign of a column's label, and of what stands beside it. */
const LABEL_SIGN = 7.4;
const LABEL_ROOM = 26;

/** What a column of the blank is called by what it takes. */
export function labelOf(column: Column | undefined): string {
  const role = column?.role ?? 'ignore';
  if (role === 'option' && column?.n !== undefined) {
    return i18n._('option {optionLetter}', { optionLetter: optionLetter(column.n - 1) });
  }
  return role === 'ignore' ? i18n._('aside') : roleWords(role);
}

/** How wide a column is shown, in pixels, by what it takes; never narrower than its label. */
export function widthOf(layout: Layout, index: number, isForm: boolean): number {
  if (!isForm || layout.shape !== 'rows') {
    return index ? 150 : 90;
  }
  const column = columnAt(layout, index);
  const role = column?.role ?? 'ignore';
  const usual = WIDE.has(role)
    ? 190
    : ({ ignore: 58, 'number-in-file': 88 }[role as 'ignore'] ?? 104);
  return Math.max(usual, Math.ceil(labelOf(column).length * LABEL_SIGN + LABEL_ROOM));
}

type Place = { layout: Layout; row: number; column: number };
type Marker = (place: Place) => CellMark | undefined;

const ofSet: Marker = ({ layout, row, column }) => {
  const own = layout.file.cells?.find(({ cell }) => cell === cellName(row - 1, column));
  return (
    own && {
      word:
        own.role === 'set-title'
          ? i18n._('the set’s title goes here')
          : i18n._('the set’s description goes here'),
      tone: 'title-cell',
    }
  );
};

const ofBoard: Marker = ({ layout: { grid }, row, column }) => {
  if (!grid) {
    return undefined;
  }
  if (row === grid.categoryRow) {
    return { word: i18n._('categories'), tone: 'heading-cell' };
  }
  return column === columnIndex(grid.levelColumn)
    ? { word: i18n._('levels'), tone: 'heading-cell' }
    : undefined;
};

const ofHeading: Marker = ({ layout, row }) =>
  !layout.grid && row === layout.file.headingRow
    ? { word: i18n._('heading'), tone: 'heading-cell' }
    : undefined;

const ofLine: Marker = ({ layout: { lines, file }, row, column }) =>
  lines &&
  file.firstColumn !== undefined &&
  column === columnIndex(file.firstColumn) &&
  row >= (file.firstRow ?? 2)
    ? { word: i18n._('names the field'), tone: 'heading-cell' }
    : undefined;

const ofSample: Marker = ({ layout: { file, grid }, row }) =>
  !grid && file.sample && row >= file.sample[0] && row <= file.sample[1]
    ? { word: i18n._('sample, cleared by a fill'), tone: 'sample-cell' }
    : undefined;

const ofFill: Marker = ({ layout, row }) =>
  layout.shape === 'rows' && row >= (layout.file.firstRow ?? 2)
    ? { word: '', tone: 'fill-cell' }
    : undefined;

const MARKERS: readonly Marker[] = [ofSet, ofBoard, ofHeading, ofLine, ofSample, ofFill];

/** What a cell of the form is; `row` counts from 1, `column` from 0. */
export function markOf(layout: Layout, row: number, column: number): CellMark | undefined {
  const isCounter =
    row >= (layout.file.firstRow ?? 2) && columnAt(layout, column)?.role === 'number-in-file';
  if (isCounter) {
    return undefined;
  }
  for (const marker of MARKERS) {
    const mark = marker({ layout, row, column });
    if (mark) {
      return mark;
    }
  }
  return undefined;
}

/** A question's cells by their place on the blank, 'C8'. */
export function previewOf(
  { shape, file, lines }: Layout,
  fitted: Fitted | undefined,
): Map<string, string> {
  const preview = new Map<string, string>();
  (fitted?.cells ?? []).forEach((row, index) => {
    for (const [place, value] of Object.entries(row)) {
      const cell = shape === 'grid' ? place : `${place}${(file.firstRow ?? 2) + index}`;
      // A label that counts the questions stands in front of the first one here.
      const isLabel = lines !== undefined && place === (file.firstColumn ?? 'A');
      preview.set(cell, isLabel ? labelAt(String(value), 1) : String(value));
    }
  });
  return preview;
}

/** A blank is shown so far. */
const ROWS_SHOWN = 60;
const COLUMNS_SHOWN = 30;
/** Empty rows below the first that is filled. */
const ROWS_BELOW = 5;

/** The rows and the number of columns that are shown of a sheet. `isFilled` is the sheet whose rows are filled. */
export function shownOf(
  layout: Layout,
  sheetRows: readonly (readonly string[])[],
  isFilled: boolean,
): { rows: (readonly string[])[]; width: number } {
  const first = layout.file.firstRow ?? 2;
  const last = Math.max(first + ROWS_BELOW - 2, layout.file.sample?.[1] ?? 0) + 2;
  const rows = sheetRows.slice(0, isFilled ? Math.min(ROWS_SHOWN, last) : ROWS_SHOWN);
  while (isFilled && rows.length < first + 1) {
    rows.push([]);
  }
  const widths = sheetRows.slice(0, ROWS_SHOWN).map((row) => row.length);
  const own = isFilled ? layout.columns.map(({ column }) => columnIndex(column) + 1) : [];
  return { rows, width: Math.min(COLUMNS_SHOWN, Math.max(1, ...widths, ...own)) };
}
