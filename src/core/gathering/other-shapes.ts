// Sheets whose questions are not a row each: boards, blocks, columns, and rows of parts or options.
import type { Finding, Sheet } from '../model';
import { cellName, columnLetters } from '../shared/cells';
import { numberOf } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { fieldOfLine } from '../shared/vocabulary/answer-lines';
import { findBlocks, findBoard, findFilledBoard, findSideways } from '../understanding';
import { regionOf, turnedRegion, type Region } from '../shared/table/region';
import { askedIn } from './asked-once';
import { blocksAsRows, turned } from './blocks';
import { gatherBoard, type AnyBoard } from './board';
import type { From, Gathered, Told } from './contract';
import { longRowsAsRows } from './long-rows';
import { optionRowsAsRows } from './option-rows';
import { partRowsAsRows } from './part-rows';
import { gatherRegion } from './tables-of-sheet';
import { say } from '../shared/say';

/** The cell of a column in the line that a question begins in. */
const inColumn =
  (column: number) =>
  (line: number): string =>
    cellName(line - 1, column);

/** Rows that were laid out anew, read like any other table; `cellOf` gives the cell of the question that a line of theirs holds. */
function gatherLaidOut(
  from: From,
  rows: Sheet,
  { overrule, chosen }: Told,
  { because, cellOf }: { because: string; cellOf: (line: number) => string },
): Gathered {
  const gathered = gatherRegion({ table: from.table, newId: from.newId }, regionOf(rows), {
    overrule: { ...overrule, headingRow: rows.lines![0]! },
    chosen,
  });
  const where = (finding: Finding): Finding => ({
    ...finding,
    where: {
      file: from.table.file,
      sheet: rows.name,
      ...(finding.where?.cell
        ? { cell: cellOf(Number(/\d+$/.exec(finding.where.cell)?.[0] ?? 1)) }
        : {}),
    },
  });
  return {
    items: gathered.items.map((item) => {
      const cell = cellOf(item.origin?.row ?? 1);
      const row = Number(/\d+$/.exec(cell)?.[0]);
      return { ...item, origin: { ...item.origin, row, cell } };
    }),
    findings: gathered.findings.map(where),
    reading: {
      ...gathered.reading,
      as: 'blocks',
      headingRow: null,
      columns: [],
      because: { ...gathered.reading.because, as: because },
    },
  };
}

/** A sheet whose questions are not a row each, unless the user says otherwise; undefined where they are. */
export function otherShape(from: From, region: Region, told: Told): Gathered | undefined {
  const { overrule } = told;
  if (
    overrule.as === 'table' ||
    overrule.columns ||
    overrule.headingRow !== undefined ||
    from.table.format === 'json'
  ) {
    return undefined;
  }
  // Questions beside one another name their fields down the first column, as a board does its levels.
  const board = findSideways(region) ? undefined : (findBoard(region) ?? findFilledBoard(region));
  const areCategories = board && !board.categories.every(namesLevel);
  const onSide = areCategories ? undefined : findTurnedBoard(region);
  if (onSide) {
    return gatherBoard(from, onSide.region, onSide.board, true);
  }
  if (board) {
    return gatherBoard(from, region, board);
  }
  const found = laidOut(region);
  return found && gatherLaidOut(from, found.rows, told, found);
}

/** Whether a heading counts questions and names no category: 'Question 100'. */
const namesLevel = (heading: string): boolean =>
  /\d/.test(heading) &&
  fieldOfLine(`${heading.replace(/[\d.,\s]+/gu, '')}: x`)?.role === 'question';

/** More rows than these are no categories: a table is not looked at as a board row by row. */
const MOST_ROWS = 400;

/** A board on its side: categories down, levels across, as numbers. */
function findTurnedBoard(region: Region): { region: Region; board: AnyBoard } | undefined {
  if (region.bottom - region.top > MOST_ROWS) {
    return undefined;
  }
  const turnedOver = turnedRegion(region);
  const board = findBoard(turnedOver) ?? findFilledBoard(turnedOver);
  const areCounted = board?.levels.every(
    (level) => numberOf(level.replace(/\p{L}+/gu, '')) !== undefined,
  );
  // Whether fields stand there costs a look at every row, and is asked last.
  return board && areCounted && !findSideways(turnedOver)
    ? { region: turnedOver, board }
    : undefined;
}

type LaidOut = { rows: Sheet; because: string; cellOf: (line: number) => string };

/** The questions of a sheet with a row for each, and why; undefined where they stand in rows already. */
function laidOut(region: Region): LaidOut | undefined {
  const blocks = findBlocks(region);
  if (blocks) {
    const opening = blocks.lines.find((line) => line.opens)!.label;
    return {
      rows: blocksAsRows(region, blocks),
      because: say(
        'column {labelColumn} names a field in each row, and {opening} opens a question',
        { labelColumn: columnLetters(blocks.labelColumn), opening: quoted(opening) },
      ),
      cellOf: inColumn(region.left + 1),
    };
  }
  const sideways = findSideways(region);
  if (sideways) {
    return {
      rows: turned(region, sideways.columns),
      because: say(
        'column {left} names a field in each row, and each further column holds a question',
        { left: columnLetters(region.left) },
      ),
      cellOf: (line) => cellName(sideways.stem, line - 1),
    };
  }
  const long = longRowsAsRows(region);
  if (long) {
    return {
      rows: long.rows,
      because: say('a column says of each row which part of a question it is'),
      cellOf: inColumn(long.stem),
    };
  }
  const asked = askedIn(region);
  const options = asked && optionRowsAsRows(region, asked);
  const rows = options ?? (asked && partRowsAsRows(region, asked));
  return (
    rows && {
      rows,
      because: say('each {options} has a row of its own below its question', {
        options: options ? say('option') : say('pair or step'),
      }),
      cellOf: inColumn(asked!.stem),
    }
  );
}
