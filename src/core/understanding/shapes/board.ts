// A board: categories across, levels down, a question in each cell and its answer below or beside it.
import { bareWords, numberOf } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import type { Region } from '../../shared/table/region';
import { meaningOfWords } from '../saying';

/** Rows and columns count from 0. `columns` are those of the questions. */
export type Board = {
  categoryRow: number;
  levelColumn: number;
  columns: number[];
  lastColumn: number;
  levelRows: number[];
  levels: string[];
  answer: 'below' | 'beside';
};
/** A board whose answers have no cells: they stand behind their questions, or nowhere. */
export type FilledBoard = Omit<Board, 'answer'> & { answer: 'inside' | 'nowhere' };

const LEVEL_HEAD =
  /^(?:level|levels|points?|value|worth|category|categories|kategorie|theme|step|stufe|niveau|punkte|nivel|livello|lefel|row|)$/;

/** Whether a cell says that an answer stands here: 'answer', 'Antwort', 'A:'. */
export const saysAnswer = (text: string): boolean =>
  fieldOfLine(`${text.replace(/[:.]$/, '').replace(/^\d+\s*[.:)–-]?\s+|\s+\d+$/gu, '')}: x`)
    ?.role === 'answer';

function categoriesAt(region: Region, row: number, levelColumn: number): number[] {
  const columns: number[] = [];
  for (let c = levelColumn + 1; c <= region.right; c++) {
    const text = region.cell(row, c);
    if (!text) {
      continue;
    }
    // Categories differ from one another, and none is a place that waits to be filled.
    const isSaidAgain = columns.some((other) => region.cell(row, other) === text);
    if ((isSaidAgain && !saysAnswer(text)) || /…$|\.{3}$/.test(text)) {
      return [];
    }
    // Letters alone number options, and are nothing to ask about.
    if (
      text.length > 45 ||
      /^\p{L}$/u.test(text) ||
      /[?？؟]\s*$/.test(text) ||
      numberOf(text) !== undefined
    ) {
      return [];
    }
    columns.push(c);
  }
  return columns;
}

/** So clear a word is a field's name. */
const CLEAR = 0.8;
/** Categories and tags are what a board's columns are about. */
const MAY_HEAD: ReadonlySet<string> = new Set(['category', 'tag', 'tags', 'ignore', 'title']);

/** Whether every second one of the columns is called an answer. */
const isAlternating = (region: Region, row: number, columns: readonly number[]): boolean =>
  columns.length % 2 === 0 &&
  columns.every((c, index) => saysAnswer(region.cell(row, c)) === (index % 2 === 1));

/** Categories that headings of questions would be as well are no board: one that names the question, or half of them. */
function namesFields(region: Region, row: number, columns: readonly number[]): boolean {
  const said = columns.map((c) => meaningOfWords(region.cell(row, c)));
  const fields = said.filter(
    (one, index) =>
      one !== undefined &&
      one.p > CLEAR &&
      !MAY_HEAD.has(one.meaning) &&
      !saysAnswer(region.cell(row, columns[index]!)),
  );
  const asks = said.some((one) => one?.meaning === 'stem' && one.p > CLEAR);
  return (asks && !isAlternating(region, row, columns)) || fields.length * 2 >= columns.length;
}

type Levels = { rows: number[]; levels: string[]; below: boolean };

/** The rows that begin with a level, down to where the board ends; answers below are told by their word or their empty place. */
function levelsBelow(region: Region, row: number, levelColumn: number): Levels {
  const rows: number[] = [];
  const levels: string[] = [];
  let between = 0;
  for (let r = row + 1; r <= region.bottom; r++) {
    const text = region.cell(r, levelColumn);
    if (text && saysAnswer(text)) {
      between++;
      continue;
    }
    if (!text) {
      if (rowHasText(region, r, levelColumn)) {
        between++;
      }
      continue;
    }
    if (levels.includes(text) && region.cell(r - 1, levelColumn)) {
      // What comes again from row to row is what the rows have in common, and no level.
      return { rows: [], levels: [], below: false };
    }
    if (text.length > 24 || levels.includes(text)) {
      break;
    }
    rows.push(r);
    levels.push(text);
  }
  return { rows, levels, below: between >= rows.length - 1 && between > 0 };
}

function rowHasText(region: Region, row: number, levelColumn: number): boolean {
  for (let c = levelColumn + 1; c <= region.right; c++) {
    if (region.cell(row, c)) {
      return true;
    }
  }
  return false;
}

/** Levels go up evenly as numbers, or share their words but for a number or ordinal. */
function areLevels(levels: readonly string[]): boolean {
  const numbers = levels.map((level) => numberOf(level.replace(/[^\d.,-]/g, '')));
  const counted = numbers.every((n) => n !== undefined);
  if (
    counted &&
    numbers.every((n, index) => index === 0 || n > numbers[index - 1]! || n < numbers[index - 1]!)
  ) {
    return true;
  }
  const last = levels.map((level) => bareWords(level).split(' ').at(-1));
  return (
    levels.length > 1 &&
    (new Set(last).size === 1 || levels.every((level) => level.length <= 14 && !/[?]/.test(level)))
  );
}

/** Whether the filled cells of the level rows read like questions; an empty board tells nothing against it. */
function holdsQuestions(
  region: Region,
  rows: readonly number[],
  columns: readonly number[],
): boolean {
  const texts = rows.flatMap((r) => columns.map((c) => region.cell(r, c))).filter(Boolean);
  if (!texts.length) {
    return true;
  }
  return (
    texts.filter((text) => /[?？؟…:]\s*$|_{2,}/u.test(text) || text.length > 18).length >=
    texts.length * 0.5
  );
}

/** Categories above levels, whatever stands where they meet. */
type Crossing = Omit<Board, 'answer' | 'lastColumn'> & { below: boolean };

/** Whether the row above is headed in all of these columns: then this one explains its headings. */
const isBelowHeadings = (region: Region, row: number, columns: readonly number[]): boolean =>
  row > region.top &&
  columns.every((c) => {
    const above = region.cell(row - 1, c);
    return above !== '' && above.length <= 45;
  });

/** The categories of a row with the levels below it; undefined where they make no board. */
function crossingAt(region: Region, row: number, levelColumn: number): Crossing | undefined {
  const head = bareWords(region.cell(row, levelColumn));
  const columns = categoriesAt(region, row, levelColumn);
  // A head that is empty may stand above levels as well; the pattern knows it.
  if (columns.length < 2 || !LEVEL_HEAD.test(head) || namesFields(region, row, columns)) {
    return undefined;
  }
  if (isBelowHeadings(region, row, [levelColumn, ...columns])) {
    return undefined;
  }
  const { rows, levels, below } = levelsBelow(region, row, levelColumn);
  const isBoard = rows.length > 1 && areLevels(levels);
  return isBoard
    ? { categoryRow: row, levelColumn, columns, levelRows: rows, levels, below }
    : undefined;
}

/** The board of a crossing that has cells for the answers. */
function answeredIn(region: Region, { below, ...crossing }: Crossing): Board | undefined {
  const all = crossing.columns;
  const answers = all.filter((c) => saysAnswer(region.cell(crossing.categoryRow, c)));
  const isEverySecond = all.every((c, index) => index === 0 || c - all[index - 1]! === 2);
  const columns = all.filter((c) => !answers.includes(c));
  const isAnswered = below || answers.length > 0 || isEverySecond;
  if (!isAnswered || !holdsQuestions(region, crossing.levelRows, columns)) {
    return undefined;
  }
  const answer = below ? 'below' : 'beside';
  const last = columns.at(-1)!;
  return { ...crossing, columns, lastColumn: answer === 'beside' ? last + 1 : last, answer };
}

const MOSTLY = 0.8;
/** So many cells of a board without places for answers must be filled. */
const FEWEST_FILLED = 4;
const BEHIND_QUESTION = /^(.*?[?？؟])["”’»)]?[ \t]*[-–—=→>:]*[ \t]*(\S.*)$/su;
const ASKED = /^(?:q|question|frage?|clue|prompt)\s*[:.]\s+/iu;
const LABELLED = /\s(\p{L}{1,10}\s*[:.]\s+\S.*)$/su;

/** A text parted before its last line, or else behind the mark that ends its question. */
function byLineOrMark(text: string): [asks: string, answers: string] {
  const lines = text.split('\n').filter((line) => line.trim());
  if (lines.length > 1) {
    return [lines.slice(0, -1).join('\n'), lines.at(-1)!];
  }
  const [, asks = '', behind = ''] = BEHIND_QUESTION.exec(text) ?? [];
  return [asks, behind];
}

/** A cell's question and the answer behind it: on a line of its own, behind its mark, in brackets or behind 'A:'. */
export function partedCell(text: string): { question: string; answer: string } | undefined {
  const labelled = LABELLED.exec(text);
  const parts =
    labelled && fieldOfLine(labelled[1]!)?.role === 'answer'
      ? [text.slice(0, labelled.index), labelled[1]!.replace(/^[^:.]*[:.]\s*/u, '')]
      : byLineOrMark(text);
  const question = parts[0]!.replace(ASKED, '').trim();
  const answer = parts[1]!.trim().replace(/^[([{](.*)[)\]}]$/su, '$1');
  return question && answer ? { question, answer } : undefined;
}

const ASKS = /[?？؟…]\s*$|_{2,}/u;

/** The board of a crossing whose cells hold their answers behind their questions, or questions alone below counted levels. */
function filledIn(region: Region, { below, ...crossing }: Crossing): FilledBoard | undefined {
  const texts = crossing.levelRows
    .flatMap((row) => crossing.columns.map((column) => region.cell(row, column)))
    .filter(Boolean);
  const isMost = (test: (text: string) => boolean): boolean =>
    texts.filter(test).length >= texts.length * MOSTLY;
  const isCounted = crossing.levels.every((level) => numberOf(level) !== undefined);
  if (below || !isCounted || texts.length < FEWEST_FILLED) {
    return undefined;
  }
  const board = { ...crossing, lastColumn: crossing.columns.at(-1)! };
  if (isMost((text) => partedCell(text) !== undefined)) {
    return { ...board, answer: 'inside' };
  }
  return isMost((text) => ASKS.test(text)) ? { ...board, answer: 'nowhere' } : undefined;
}

/** Categories stand among the first rows. */
const ROWS_LOOKED_AT = 12;

function firstOf<Found>(
  region: Region,
  find: (region: Region, crossing: Crossing) => Found | undefined,
): Found | undefined {
  const last = Math.min(region.top + ROWS_LOOKED_AT, region.bottom - 1);
  for (let row = region.top; row <= last; row++) {
    const crossing = crossingAt(region, row, region.left);
    const found = crossing && find(region, crossing);
    if (found) {
      return found;
    }
  }
  return undefined;
}

/** The board of a region, looked for in its first rows; undefined where it is none. */
export const findBoard = (region: Region): Board | undefined => firstOf(region, answeredIn);

/** A board that holds questions without cells for their answers; undefined where a region is none. */
export const findFilledBoard = (region: Region): FilledBoard | undefined =>
  firstOf(region, filledIn);
