// How the board host reads a workbook. Shares no code with the road that wrote it: another library opens the file.
import { lengthOf, openSheet } from '../strict';
import type { Taken } from '../taken';
import { BOARD_HOST } from './rules';

export type Square = {
  row: number;
  cell: string;
  lane: number;
  worth: number;
  question: string;
  answer: string;
};

/** The text of a cell, row and column counted from 0. */
type At = (row: number, column: number) => string;

/** What of the fixed row and column is not as the blank has it. */
function changedFrame(at: At): string | undefined {
  const { corner, lanes, worths, answerWord } = BOARD_HOST;
  const expected: [cell: string, is: string, shouldBe: string][] = [
    ['A1', at(0, 0), corner],
    ...lanes.map((lane, n): [string, string, string] => [
      `${String.fromCharCode(66 + n)}1`,
      at(0, n + 1),
      lane,
    ]),
    ...worths.flatMap((worth, n): [string, string, string][] => [
      [`A${2 + 2 * n}`, at(1 + 2 * n, 0), String(worth)],
      [`A${3 + 2 * n}`, at(2 + 2 * n, 0), answerWord],
    ]),
  ];
  const wrong = expected.find(([, is, shouldBe]) => is !== shouldBe);
  return (
    wrong &&
    `Cell ${wrong[0]} is ${wrong[1] ? `“${wrong[1]}”` : 'empty'}; it must stay “${wrong[2]}”.`
  );
}

function reasonAgainst({ question, answer, cell }: Square): string | undefined {
  if (!question) {
    return `${cell} has an answer below it, but no question`;
  }
  if (!answer) {
    return `${cell} has a question, but no answer in the row below it`;
  }
  if (lengthOf(question) > BOARD_HOST.question) {
    return `the question in ${cell} has ${lengthOf(question)} characters; ${BOARD_HOST.question} are taken`;
  }
  return lengthOf(answer) > BOARD_HOST.answer
    ? `the answer to ${cell} has ${lengthOf(answer)} characters; ${BOARD_HOST.answer} are taken`
    : undefined;
}

/** The squares that hold something, row by row. */
function squaresOf(at: At): Square[] {
  const { worths, lanes } = BOARD_HOST;
  return worths.flatMap((worth, n) =>
    lanes.flatMap((_, lane): Square[] => {
      const row = 1 + 2 * n;
      const [question, answer] = [at(row, lane + 1), at(row + 1, lane + 1)];
      const cell = `${String.fromCharCode(66 + lane)}${row + 1}`;
      return question || answer ? [{ row: row + 1, cell, lane, worth, question, answer }] : [];
    }),
  );
}

const MOST_ROWS = 100;

/** The host's answer to a file: the squares that were taken, and each refused one with its cell and its reason. */
export async function takeFile(bytes: Uint8Array): Promise<Taken<Square>> {
  const cells = await openSheet(bytes, { ...BOARD_HOST, rows: MOST_ROWS });
  if (typeof cells !== 'function') {
    return cells;
  }
  const at: At = (row, column) => {
    const value = cells(row, column);
    return typeof value === 'string' || typeof value === 'number' ? String(value).trim() : '';
  };
  const changed = changedFrame(at);
  if (changed) {
    return { problem: changed };
  }
  const questions: Square[] = [];
  const refused: { row: number; reason: string }[] = [];
  for (const square of squaresOf(at)) {
    const reason = reasonAgainst(square);
    if (reason) {
      refused.push({ row: square.row, reason });
    } else {
      questions.push(square);
    }
  }
  return { questions, refused };
}
