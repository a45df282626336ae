// Categories across and levels down, whatever stands where they meet.
import { defined } from '../../shared/defined';
import { bareWords, numberOf } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import type { Region } from '../../shared/table/region';
import { meaningOfWords } from '../saying';
import { headsByTurns, type BoardHead } from './board-heads';

/** Longer texts are no headings and no categories. */
const LONGEST = 45;
const LEVEL_HEAD =
  /^(?:level|levels|points?|value|worth|category|categories|kategorie|theme|step|stufe|niveau|punkte|nivel|livello|lefel|row|)$/;

/** A level in front of what a row holds or behind it: '100 answer', '10 points – answer', 'Answer (20)'. */
const LEVEL_BESIDE =
  /^\d+\s*(?:\p{L}{1,8}\.?\s+)?[.:)–-]?\s+|\s*[(–-]?\s+?\(?\d+(?:\s\p{L}{1,8}\.?)?\)?$/gu;
/** Whether a cell says that an answer stands here: 'answer', 'Antwort', 'A:'. */
export const saysAnswer = (text: string): boolean =>
  fieldOfLine(`${text.replace(/[:.]$/, '').replace(LEVEL_BESIDE, '')}: x`)?.role === 'answer';

/** The columns that a row heads with categories, behind the column of levels; none where it holds anything else. */
export function categoriesAt(region: Region, row: number, levelColumn: number): number[] {
  const columns: number[] = [];
  const said = new Set<string>();
  for (let c = levelColumn + 1; c <= region.right; c++) {
    const text = region.cell(row, c);
    if (!text) {
      continue;
    }
    // Categories differ from one another, and none is a place that waits to be filled.
    const isSaidAgain = said.has(text);
    if ((isSaidAgain && !saysAnswer(text)) || /…$|\.{3}$/.test(text)) {
      return [];
    }
    // Letters alone number options, and are nothing to ask about.
    if (
      text.length > LONGEST ||
      /^\p{L}$/u.test(text) ||
      /[?？؟]\s*$/.test(text) ||
      numberOf(text) !== undefined
    ) {
      return [];
    }
    columns.push(c);
    said.add(text);
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
export function namesFields(region: Region, row: number, columns: readonly number[]): boolean {
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

type Levels = {
  rows: number[];
  levels: string[];
  below: boolean;
  /** Whether the rows between the levels are called answers. */
  isSaid: boolean;
};

/** Whether a row right below the categories heads the levels and the two columns of each: 'Points', 'Question', 'Answer'. */
function headsSides(region: Region, row: number, levelColumn: number): boolean {
  const head = region.cell(row, levelColumn);
  const texts = Array.from({ length: region.right - levelColumn }, (_, at) =>
    region.cell(row, levelColumn + 1 + at),
  ).filter(Boolean);
  const areShort = texts.length > 2 && texts.every((text) => text.length <= LONGEST);
  return (
    head !== '' &&
    LEVEL_HEAD.test(bareWords(head)) &&
    areShort &&
    texts.filter(saysAnswer).length * 2 === texts.length
  );
}

/** The first row below the categories that may begin with a level. */
const firstBelow = (region: Region, row: number, levelColumn: number): number =>
  headsSides(region, row + 1, levelColumn) ? row + 2 : row + 1;

/** The rows that begin with a level, down to where the board ends; answers below are told by their word or their empty place. */
function levelsBelow(region: Region, row: number, levelColumn: number): Levels {
  const rows: number[] = [];
  const levels = new Set<string>();
  let between = 0;
  let said = 0;
  for (let r = firstBelow(region, row, levelColumn); r <= region.bottom; r++) {
    const text = region.cell(r, levelColumn);
    if (text && saysAnswer(text)) {
      between++;
      said++;
      continue;
    }
    if (!text) {
      if (rowHasText(region, r, levelColumn)) {
        between++;
      }
      continue;
    }
    if (levels.has(text) && region.cell(r - 1, levelColumn)) {
      // What comes again from row to row is what the rows have in common, and no level.
      return { rows: [], levels: [], below: false, isSaid: false };
    }
    if (text.length > 24 || levels.has(text)) {
      break;
    }
    rows.push(r);
    levels.add(text);
  }
  const below = between >= rows.length - 1 && between > 0;
  return { rows, levels: [...levels], below, isSaid: said === between && said >= rows.length };
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

/** Categories above levels, whatever stands where they meet. Rows and columns count from 0; `below` where rows of answers stand between. */
export type Crossing = {
  categoryRow: number;
  levelColumn: number;
  columns: number[];
  /** The category of each column: its heading, without the word for questions or answers where each has one. */
  categories: string[];
  /** The forms of such headings. */
  sides?: { question: string; answer: string };
  levelRows: number[];
  levels: string[];
  below: boolean;
  /** Whether words beside the rows between say that they hold answers. */
  isSaid: boolean;
};

/** A board whose answers have cells. Rows and columns count from 0; `columns` are those of the questions. */
export type Board = Omit<Crossing, 'below' | 'isSaid'> & {
  lastColumn: number;
  answer: 'below' | 'beside';
};

/** Whether the row above is headed in all of these columns: then this one explains its headings. */
const isBelowHeadings = (region: Region, row: number, columns: readonly number[]): boolean =>
  row > region.top &&
  columns.every((c) => {
    const above = region.cell(row - 1, c);
    return above !== '' && above.length <= LONGEST;
  });

/** What a row heads: its columns with their headings, by turns of questions and answers where these are told. */
type Headed = { columns: number[]; texts: string[]; heads: BoardHead[] | undefined };

/** The columns that a row heads with categories; undefined where its headings name fields, or explain those above them. */
function headedAt(region: Region, row: number, levelColumn: number): Headed | undefined {
  // A head that is empty may stand above levels as well; the pattern knows it.
  if (!LEVEL_HEAD.test(bareWords(region.cell(row, levelColumn)))) {
    return undefined;
  }
  const columns = categoriesAt(region, row, levelColumn);
  if (columns.length < 2 || isBelowHeadings(region, row, [levelColumn, ...columns])) {
    return undefined;
  }
  const texts = columns.map((c) => region.cell(row, c));
  const heads = headsByTurns(texts);
  return heads || !namesFields(region, row, columns) ? { columns, texts, heads } : undefined;
}

/** The categories of a row with the levels below it; undefined where they make no board. */
export function crossingAt(region: Region, row: number, levelColumn: number): Crossing | undefined {
  // Levels are looked for below categories alone: a table of many rows has as many that may be some.
  const headed = headedAt(region, row, levelColumn);
  if (!headed) {
    return undefined;
  }
  const { rows, levels, below, isSaid } = levelsBelow(region, row, levelColumn);
  if (rows.length < 2 || !areLevels(levels)) {
    return undefined;
  }
  const { columns, texts, heads } = headed;
  const [question, answer] = heads ?? [];
  return defined({
    categoryRow: row,
    levelColumn,
    columns,
    categories: heads?.map(({ name }) => name) ?? texts,
    sides: question && answer && { question: question.form, answer: answer.form },
    levelRows: rows,
    levels,
    below,
    isSaid,
  });
}
