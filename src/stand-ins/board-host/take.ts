// How the board host reads a workbook. Shares no code with the road that wrote it: another library opens the file.
import type { WorkSheet } from '@e965/xlsx';
import { unzipSync } from 'fflate';
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

const INFLATED_AT_MOST = 40 * 1024 * 1024;
const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });
const lengthOf = (text: string): number => [...segmenter.segment(text.normalize('NFC'))].length;

/** Adds up what the package would inflate to before the library sees it. */
function isSafe(bytes: Uint8Array): boolean {
  let inflated = 0;
  try {
    unzipSync(bytes, {
      filter: ({ originalSize }) => {
        inflated += originalSize;
        return false;
      },
    });
  } catch {
    return false;
  }
  return inflated <= INFLATED_AT_MOST;
}

type At = (row: number, column: number) => string;

function cellsOf(sheet: WorkSheet): At {
  const rows = (sheet as { '!data'?: ({ v?: unknown } | undefined)[][] })['!data'] ?? [];
  return (row, column) => {
    const value = rows[row]?.[column]?.v;
    return typeof value === 'string' || typeof value === 'number' ? String(value).trim() : '';
  };
}

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

async function sheetOf(bytes: Uint8Array): Promise<WorkSheet | string> {
  if (bytes.length > BOARD_HOST.fileBytes) {
    return `The file is larger than ${BOARD_HOST.fileBytes / 1_048_576} MiB.`;
  }
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b || !isSafe(bytes)) {
    return 'The file is no workbook (.xlsx) that the host can open.';
  }
  const { read } = await import('@e965/xlsx');
  try {
    const book = read(bytes, { dense: true, nodim: true, sheetRows: 100 });
    return book.Sheets[BOARD_HOST.sheet] ?? `The workbook has no sheet “${BOARD_HOST.sheet}”.`;
  } catch {
    return 'The workbook is damaged; the host could not open it.';
  }
}

/** The host's answer to a file: the squares that were taken, and each refused one with its cell and its reason. */
export async function takeFile(bytes: Uint8Array): Promise<Taken<Square>> {
  const sheet = await sheetOf(bytes);
  if (typeof sheet === 'string') {
    return { problem: sheet };
  }
  const at = cellsOf(sheet);
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
