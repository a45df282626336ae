// Which rows are questions, and which are left out and why.
import type { Finding } from '../model';
import { alike } from '../shared/normalise';
import { columnLetters } from '../shared/cells';
import { listed, quoted } from '../shared/plain';
import { filledIn, type Region } from '../shared/table/region';
import { judgesRow, type Row } from './row';
import { groupBy } from '../shared/group-by';
import { say } from '../shared/say';

/** Tells rows that repeat the headings, as where a table was printed page by page. */
export function headingRepeats(
  region: Region,
  headingRow: number | null,
): (row: number) => boolean {
  if (headingRow === null) {
    return () => false;
  }
  const headings = Array.from({ length: region.right + 1 }, (_, c) => region.cell(headingRow, c));
  const comparable = headings.map(alike);
  return (row) => {
    let same = 0;
    let filled = 0;
    for (let c = region.left; c <= region.right; c++) {
      const text = region.cell(row, c);
      // Where no heading stands there are notes.
      if (!text || !headings[c]) {
        continue;
      }
      filled++;
      // Nearly every row of content parts ways with the headings at its first cell.
      if (text.length === headings[c]!.length && alike(text) === comparable[c]) {
        same++;
      }
      if (filled - same > 2 && same === 0) {
        return false;
      }
    }
    return filled > 1 && same >= filled * 0.8;
  };
}

const ANSWERING = [
  'option',
  'options',
  'key',
  'right',
  'wrong',
  'wrongs',
  'accepted',
  'value',
  'pair',
  'left',
  'step',
  'verdict',
  'kind',
  'lines',
  'endings',
] as const;

const TOTAL =
  /^(?:total|totals|sum|summe|gesamt|insgesamt|totale|totaal|suma|soma|cyfanswm)\b[^?]{0,40}$/iu;
/** Why a filled row is no question; undefined where it is one. `needsAnswer` holds where other rows have answers. */
export function whyNoQuestion(
  row: Row,
  needsAnswer: boolean,
): { level: 'note' | 'warn'; message: string } | undefined {
  const stem = row.text('stem');
  // A statement that is not ticked is false, and says so by that.
  const answers = judgesRow(row) || ANSWERING.some((role) => row.any(role));
  if (!stem) {
    if (row.texts('option').filter(Boolean).length >= 2) {
      return undefined;
    }
    return {
      level: answers ? 'warn' : 'note',
      message: say(
        'Row {shown} has no question in column {column}; it says {first}. It was left out.',
        {
          shown: row.shown,
          column: row.cellOf('stem').replace(/\d+/, ''),
          first: quoted(firstText(row)),
        },
      ),
    };
  }
  const total = firstText(row);
  if (
    total.length < 60 &&
    TOTAL.test(total) &&
    (row.slots.get('stem')?.[0] === undefined || total !== stem || !answers)
  ) {
    return {
      level: 'note',
      message: say('Row {shown} says {total}: a sum below the questions. It was left out.', {
        shown: row.shown,
        total: quoted(total),
      }),
    };
  }
  // A plain question with two different answers needs no further look.
  const [one = '', two = ''] = row.texts(row.has('right') ? 'wrong' : 'option');
  if (stem.length > 20 && one && two && one !== two) {
    return undefined;
  }
  const options = row.texts('option').filter(Boolean);
  const answersGiven = row.has('right')
    ? [...row.texts('right'), ...row.texts('wrong')].filter(Boolean)
    : options;
  const isEcho =
    answersGiven.length > 1 &&
    new Set(answersGiven).size === 1 &&
    !/[?？؟]/u.test(stem) &&
    stem.split(/\s+/).length < 3;
  if (
    isEcho ||
    (options.length > 1 &&
      options.every((text) => !/[\p{L}\p{N}]/u.test(text)) &&
      new Set(options).size === 1)
  ) {
    return {
      level: 'warn',
      message: say(
        'Row {shown} says {stem}, and its options hold nothing but {answersGiven}. It was left out as no question.',
        { shown: row.shown, stem: quoted(stem), answersGiven: quoted(answersGiven[0]!) },
      ),
    };
  }
  if (!needsAnswer || answers) {
    return undefined;
  }
  // A question without any answer is one to be finished; a lone text beside finished questions is a note.
  if (/[?:…]\s*$|\.\.\.$/.test(stem) && stem.split(/\s+/).length > 3) {
    return undefined;
  }
  return {
    level: 'warn',
    message: say(
      'Row {shown} says only {stem}, with no options and no answer. It was left out as no question.',
      { shown: row.shown, stem: quoted(stem) },
    ),
  };
}

function firstText(row: Row): string {
  for (let c = row.region.left; c <= row.region.right; c++) {
    if (row.region.cell(row.row, c)) {
      return row.region.cell(row.row, c);
    }
  }
  return '';
}

/**
 * A row of a text source that is wider than its headings: a separator inside a text moved the cells behind it. What stands
 * apart, with an empty cell behind the headed ones, is a note beside the table; what stands outside its region is another table.
 */
export const isShifted = (region: Region, row: number, width: number): boolean =>
  region.left + width <= region.right &&
  Boolean(region.sheet.rows[row]?.[region.left + width]?.trim());

/**
 * The cells of a shifted row put together again: a cell that begins with a blank was cut off from the one before it,
 * since people write a blank behind a comma inside a sentence but none between columns. Undefined where that doesn't come out even.
 */
export function unshift(
  cells: readonly string[],
  width: number,
  separator: string,
): string[] | undefined {
  const joined: string[] = [];
  for (const cell of cells) {
    if (/^\s/.test(cell) && joined.length) {
      joined[joined.length - 1] += separator + cell;
    } else {
      joined.push(cell);
    }
  }
  return joined.length === width ? joined : undefined;
}

/** The finding for a row that was left out, with the reason. */
const leftOut = (row: Row, file: string, level: 'note' | 'warn', message: string): Finding => ({
  rule: 'row-left-out',
  level,
  message,
  where: { file, sheet: row.region.sheet.name, cell: row.cellOf('stem') },
});

/** A row that is no question, and why. */
export type LeftOut = { row: Row; level: 'note' | 'warn'; message: string };

/** From so many rows on that hold the same little, one finding tells of all of them. */
const MANY = 6;
/** A row that holds more than this has something of its own to say. */
const LITTLE = 2;

/** The letters of the columns in which a row holds anything. */
function filledColumns({ region, row }: Row): string {
  const letters: string[] = [];
  for (let c = region.left; c <= region.right; c++) {
    if (region.cell(row, c)) {
      letters.push(columnLetters(c));
    }
  }
  return letters.length <= LITTLE ? listed(letters) : say('row {row}', { row });
}

/** 'nothing but “1” to “25” in column A' for rows that hold the same little. */
function whatTheyHold(rows: readonly LeftOut[], letters: string): string {
  const texts = rows.map(({ row }) => firstText(row));
  const [first = '', last = ''] = [texts[0], texts.at(-1)];
  const isCounted = texts.every((text, index) => Number(text) === Number(first) + index);
  const said = isCounted
    ? say('a running number ({first} to {last})', {
        first: quoted(first, 20),
        last: quoted(last, 20),
      })
    : say('{first} and the like', { first: quoted(first, 30) });
  return say('hold nothing but {said} in column {letters}', { said, letters });
}

/** The findings of rows that were left out: one for many that hold the same little, else one for each. */
export function leftOutFindings(left: readonly LeftOut[], file: string): Finding[] {
  const groups = groupBy(left, ({ level, row }) => `${level} ${filledColumns(row)}`);
  return [...groups.values()].flatMap((rows) => {
    const [first] = rows;
    if (rows.length < MANY || !first) {
      return rows.map(({ row, level, message }) => leftOut(row, file, level, message));
    }
    const span = say('{shown} to {lastShown}', {
      shown: first.row.shown,
      lastShown: rows.at(-1)!.row.shown,
    });
    const what = whatTheyHold(rows, filledColumns(first.row));
    const message = say('{rows} rows ({span}) {what}. They were left out.', {
      rows: rows.length,
      span,
      what,
    });
    return [{ ...leftOut(first.row, file, first.level, message), count: rows.length }];
  });
}

/** Whether a row has anything in it at all. */
export const isEmptyRow = (region: Region, row: number): boolean => filledIn(region, row) === 0;
