// Blanks whose questions are not a row each: a board, and blocks of rows with the field's name in front.
import type { Layout, Table } from '../model';
import { columnLetters } from '../shared/cells';
import { defined } from '../shared/defined';
import { quoted } from '../shared/plain';
import { findBlocks, type Blocks } from '../understanding';
import { keyOfBlocks } from './block-key';
import { distanceOf, linesOf, rowsOfLabel, titleRows } from './block-lines';
import { findLabelledCells } from './labelled-cells';
import { findBoard, type Board } from '../understanding';
import { filledIn, regionOf, type Region } from '../shared/table/region';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { say } from '../shared/say';

/** What the shape decides of a layout, with the reasons. */
export type ShapeLearned = {
  layout: Pick<Layout, 'shape' | 'file' | 'columns' | 'key' | 'kinds' | 'limits'> & Partial<Layout>;
  because: Record<string, string>;
  region: Region;
  unsure?: string[];
};

/** How the file itself is: its format, and how its text is cut and encoded, or which of its sheets is filled. */
const fileOf = (
  { format, encoding, separator, newline, quote }: Table,
  { sheet }: Region,
): Layout['file'] =>
  defined({
    format: format as Layout['file']['format'],
    encoding,
    separator,
    newline,
    quote,
    sheet: format === 'xlsx' || format === 'ods' ? sheet.name : undefined,
  });

/** Cells above the questions that ask for the set's title or description; `first` is the first row below them. */
function titleCells(region: Region, first: number): Pick<Layout['file'], 'cells'> {
  const cells = findLabelledCells(region, first).map(({ cell, role }) => ({ cell, role }));
  return cells.length ? { cells } : {};
}

function boardLayout(table: Table, region: Region, board: Board): ShapeLearned {
  const letters = columnLetters;
  return {
    region,
    layout: {
      shape: 'grid',
      file: { ...fileOf(table, region), ...titleCells(region, board.categoryRow) },
      columns: [],
      kinds: [{ kind: 'short', code: '' }],
      limits: {},
      key: { style: 'text' },
      grid: {
        categoryRow: board.categoryRow + 1,
        levelColumn: letters(board.levelColumn),
        firstColumn: letters(board.columns[0]!),
        lastColumn: letters(board.lastColumn),
        // Levels that have no words are counted.
        levels: board.levels.map((level, index) => level || String(index + 1)),
        levelRows: board.levelRows.map((row) => row + 1),
        answer: board.answer,
        categories: board.categories,
        ...(board.sides ? { sides: board.sides } : {}),
        ...(isLocked(region, board) ? { locked: true } : {}),
      },
    },
    because: {
      shape: say(
        '{columns, plural, one {# category} other {# categories}} stand across and {levels, plural, one {# level} other {# levels}} down',
        { columns: board.columns.length, levels: board.levels.length },
      ),
      'grid.answer':
        board.answer === 'below'
          ? say('the rows between the levels are for answers')
          : say('a column beside each category is for answers'),
      'file.sheet': say('it holds the board'),
    },
  };
}

/** Whether the receiver keeps its own categories: they are locked on a protected sheet. */
const isLocked = ({ sheet }: Region, board: Board): boolean =>
  sheet.isProtected &&
  !board.columns.some((column) => sheet.unlocked?.includes(`${board.categoryRow}:${column}`));

/** The rows of the blocks that are filled in already: samples, which a fill clears. */
function sampleOf(region: Region, blocks: Blocks): [number, number] | undefined {
  const filled = blocks.starts.filter((start) => region.cell(start, blocks.labelColumn + 1));
  if (!filled.length) {
    return undefined;
  }
  const last = filled.at(-1)!;
  let end = last;
  while (
    end < region.bottom &&
    region.cell(end + 1, blocks.labelColumn) &&
    !blocks.starts.includes(end + 1)
  ) {
    end++;
  }
  return [filled[0]! + 1, end + 1];
}

/** The values that a line may hold: its drop-down list, else what the samples show. */
function valuesOf(region: Region, blocks: Blocks, label: string, column: number): string[] {
  const rows = rowsOfLabel(region, blocks, label);
  const rule = region.sheet.validations.find(
    ({ list, ranges }) =>
      list &&
      ranges.some(
        (range) =>
          rows.some((r) => r >= range.top && r <= range.bottom) &&
          column >= range.left &&
          column <= range.right,
      ),
  );
  return rule?.list ?? [...new Set(rows.map((r) => region.cell(r, column)).filter(Boolean))];
}

const becauseOf = (
  blocks: Blocks,
  key: string,
  sample: [number, number] | undefined,
): Record<string, string> => ({
  shape: say('column {labelColumn} names a field in each row, and {label} opens a block', {
    labelColumn: columnLetters(blocks.labelColumn),
    label: quoted(blocks.lines.find((line) => line.opens)!.label),
  }),
  key,
  ...(sample
    ? {
        'file.sample': say(
          'rows {first} to {last} are filled already, so they are a sample; a fill clears them',
          { first: sample[0], last: sample[1] },
        ),
      }
    : {}),
});

function blocksLayout(table: Table, region: Region, blocks: Blocks): ShapeLearned {
  const sample = sampleOf(region, blocks);
  const at = (role: string) =>
    blocks.lines.flatMap((line) =>
      line.cells
        .filter((cell) => cell.role === role)
        .map((cell) => valuesOf(region, blocks, line.label, cell.column)),
    )[0] ?? [];
  const verdicts = at('verdict');
  const kinds = at('kind').flatMap((code) => {
    const kind = kindOfWord(code);
    return kind ? [{ kind, code }] : [];
  });
  const seconds = at('seconds')
    .map(Number)
    .filter((n) => Number.isFinite(n) && n > 0);
  const hasVerdict = blocks.lines.some((line) =>
    line.cells.some((cell) => cell.role === 'verdict'),
  );
  const above = titleRows(blocks);
  const key = keyOfBlocks(table, region, blocks, hasVerdict ? verdicts : undefined);
  return {
    region,
    ...(key.sure ? {} : { unsure: ['key'] }),
    layout: {
      shape: 'blocks',
      columns: [],
      kinds,
      limits: seconds.length > 1 ? { seconds } : {},
      file: {
        ...fileOf(table, region),
        ...titleCells(region, blocks.starts[0]!),
        headingRow: blocks.heading === undefined ? null : blocks.heading + 1,
        firstRow: blocks.starts[0]! + 1 - above,
        firstColumn: columnLetters(blocks.labelColumn),
        ...(sample ? { sample } : {}),
        block: {
          template: blocks.template + 1 - above,
          every: distanceOf(table, region, blocks),
        },
      },
      lines: linesOf(region, blocks),
      key: key.key,
    },
    because: becauseOf(blocks, key.because, sample),
  };
}

/** A board or blocks on one of the visible sheets; undefined where the blank has rows. */
export function learnOtherShape(table: Table): ShapeLearned | undefined {
  for (const sheet of table.sheets.filter((one) => !one.hidden)) {
    const region = regionOf(sheet);
    if (
      region.bottom <= region.top ||
      (filledIn(region, region.top) === 0 && region.bottom - region.top < 2)
    ) {
      continue;
    }
    const board = findBoard(region);
    if (board) {
      return boardLayout(table, region, board);
    }
    const blocks = findBlocks(region);
    if (blocks) {
      return blocksLayout(table, region, blocks);
    }
  }
  return undefined;
}
