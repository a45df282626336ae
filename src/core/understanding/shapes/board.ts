// A board: categories across, levels down, a question in each cell and its answer below or beside it.
import { alike, numberOf } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import type { Region } from '../../shared/table/region';
import { crossingAt, saysAnswer, type Board, type Crossing } from './crossing';
import { ASKS, levellessAt } from './levelless-board';

/** A board whose answers have no cells: they stand behind their questions, or nowhere. */
export type FilledBoard = Omit<Board, 'answer'> & { answer: 'inside' | 'nowhere' };

/** Whether the filled cells of the level rows read like questions; an empty board tells nothing against it. */
function holdsQuestions(
  region: Region,
  rows: readonly number[],
  columns: readonly number[],
): boolean {
  const texts = rows.flatMap((r) => columns.map((c) => region.cell(r, c))).filter(Boolean);
  // Places that all say the same wait to be filled: 'Question', 'Question 1' to 'Question 25'.
  if (new Set(texts.map((text) => alike(text.replace(/\d+/gu, '')))).size < 2) {
    return true;
  }
  return (
    texts.filter((text) => /[?？؟…:]\s*$|_{2,}/u.test(text) || text.length > 18).length >=
    texts.length * 0.5
  );
}

/** The board of a crossing that has cells for the answers. */
function answeredIn(region: Region, { below, isSaid, ...crossing }: Crossing): Board | undefined {
  const all = crossing.columns;
  const answers = all.filter(
    (c, index) =>
      (crossing.sides && index % 2 === 1) || saysAnswer(region.cell(crossing.categoryRow, c)),
  );
  const isEverySecond = all.every((c, index) => index === 0 || c - all[index - 1]! === 2);
  const columns = all.filter((c) => !answers.includes(c));
  // An answer beside its question stands behind it.
  if (!answers.every((c) => columns.includes(c - 1))) {
    return undefined;
  }
  const isAnswered = below || answers.length > 0 || isEverySecond;
  // Where words say which rows answer, short clues ask as well.
  const asks = isSaid || holdsQuestions(region, crossing.levelRows, columns);
  if (!isAnswered || !asks) {
    return undefined;
  }
  // Where headings name both sides, rows between the levels hold remarks.
  const answer = below && !crossing.sides ? 'below' : 'beside';
  const last = columns.at(-1)!;
  const categories = crossing.categories.filter((_, index) => columns.includes(all[index]!));
  return {
    ...crossing,
    columns,
    categories,
    lastColumn: answer === 'beside' ? last + 1 : last,
    answer,
  };
}

const MOSTLY = 0.8;
/** So many cells of a board without places for answers must be filled. */
const FEWEST_FILLED = 4;
const BEHIND_QUESTION = /^(.*?[?？؟])["”’»)]?[ \t]*[-–—=→>:/|]*[ \t]*(\S.*)$/su;
const ASKED = /^(?:q|question|frage?|clue|prompt)\s*[:.]\s+/iu;
const LABELLED = /\s(\p{L}{1,10}\s*[:.]\s+\S.*)$/su;

/** One sign between blanks, and no other of its kind. */
const JOINED = /^(.+?)\s(?:[-–—=→|/]|->|=>)\s(.+)$/su;

/** A text parted before its last line, or else behind the mark that ends its question, or at the one sign between its parts. */
function byLineOrMark(text: string): [asks: string, answers: string] {
  const lines = text.split('\n').filter((line) => line.trim());
  if (lines.length > 1) {
    return [lines.slice(0, -1).join('\n'), lines.at(-1)!];
  }
  const [, asks = '', behind = ''] = BEHIND_QUESTION.exec(text) ?? [];
  if (asks) {
    return [asks, behind];
  }
  const [, before = '', after = ''] = JOINED.exec(text) ?? [];
  return JOINED.test(after) ? ['', ''] : [before, after];
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
  find: (row: number) => Found | undefined,
): Found | undefined {
  const last = Math.min(region.top + ROWS_LOOKED_AT, region.bottom - 1);
  for (let row = region.top; row <= last; row++) {
    const found = find(row);
    if (found) {
      return found;
    }
  }
  return undefined;
}

const crossed =
  <Found>(region: Region, find: (region: Region, crossing: Crossing) => Found | undefined) =>
  (row: number): Found | undefined => {
    const crossing = crossingAt(region, row, region.left);
    return crossing && find(region, crossing);
  };

/** The board of a region, looked for in its first rows; undefined where it is none. */
export const findBoard = (region: Region): Board | undefined =>
  firstOf(region, crossed(region, answeredIn)) ??
  firstOf(region, (row) => levellessAt(region, row));

/** A board that holds questions without cells for their answers; undefined where a region is none. */
export const findFilledBoard = (region: Region): FilledBoard | undefined =>
  firstOf(region, crossed(region, filledIn));
