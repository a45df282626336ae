// How the course shelf reads a file: its own reader of delimited text (RFC 4180 with semicolons), its own rules.
import type { Taken } from '../taken';
import { COURSE_SHELF } from './rules';

export type ShelfQuestion = {
  row: number;
  ref: string;
  task: string;
  choices: string[];
  right: number[];
  worth: number;
  afterwards: string;
  topic: string;
  hint: string;
  tries: number;
  /** Empty where it is for both. */
  use: string;
};
type Line = { row: number; cells: string[] };

/** A cell, quoted or bare, with what ends it. */
const CELL = /("(?:[^"]|"")*"|[^;"\r\n]*)(;|\r?\n|$)/y;

/** The records of a text with the line that each begins in; undefined where a quote stays open or begins inside a cell. */
function recordsOf(text: string): Line[] | undefined {
  const records: Line[] = [];
  let [cells, line, start]: [string[], number, number] = [[], 1, 1];
  CELL.lastIndex = 0;
  while (CELL.lastIndex < text.length) {
    const found = CELL.exec(text);
    if (!found) {
      return undefined;
    }
    const [whole, cell = '', end] = found;
    cells.push(cell.startsWith('"') ? cell.slice(1, -1).replace(/""/g, '"') : cell);
    line += whole.split('\n').length - 1;
    if (end !== ';') {
      records.push({ row: start, cells });
      [cells, start] = [[], line];
    }
  }
  // A last line may end with an empty cell and no line end.
  return cells.length ? [...records, { row: start, cells }] : records;
}

function choiceReason(choices: readonly string[]): string | undefined {
  const hole = choices.indexOf('');
  if (hole >= 0) {
    return `choice ${hole + 1} is empty while a later one is not`;
  }
  if (choices.length < 2) {
    return `there ${choices.length ? 'is one choice' : 'are no choices'}; two at least are asked for`;
  }
  if (!choices.some((choice) => choice.startsWith(COURSE_SHELF.star))) {
    return 'no choice begins with a star';
  }
  const bare = choices.map((choice) => choice.replace(/^\*/, '').trim().toLowerCase());
  const twice = bare.findIndex((choice, at) => bare.indexOf(choice) < at);
  return twice >= 0 ? `choice ${twice + 1} says the same as an earlier one` : undefined;
}

function settingReason({ tries, use }: ShelfQuestion): string | undefined {
  if (!Number.isInteger(tries) || tries < 1 || tries > COURSE_SHELF.tries) {
    return `its tries are no whole number from 1 to ${COURSE_SHELF.tries}`;
  }
  const isKnown = use === '' || (COURSE_SHELF.uses as readonly string[]).includes(use);
  return isKnown ? undefined : `its use is “${use}”; practice, scored or nothing is taken`;
}

function reasonAgainst(
  question: ShelfQuestion,
  choices: readonly string[],
  codes: ReadonlySet<string>,
): string | undefined {
  const length = [...question.task].length;
  if (/^sample/i.test(question.ref)) {
    return 'it is one of the form’s own samples';
  }
  if (!question.task) {
    return 'there is no task';
  }
  if (length > COURSE_SHELF.task) {
    return `the task has ${length} characters; ${COURSE_SHELF.task} are taken`;
  }
  if (!(question.worth > 0)) {
    return 'its worth is no number above 0';
  }
  return (
    choiceReason(choices) ??
    settingReason(question) ??
    (question.ref && codes.has(question.ref) ? `the code ${question.ref} comes twice` : undefined)
  );
}

function questionOf({ row, cells }: Line): { question: ShelfQuestion; choices: string[] } {
  const texts = cells.map((cell) => cell.trim());
  const choices = texts.slice(2, 7);
  while (choices.length && !choices.at(-1)) {
    choices.pop();
  }
  const [ref = '', task = ''] = texts;
  return {
    choices,
    question: {
      row,
      ref,
      task,
      choices: choices.map((choice) => choice.replace(/^\*/, '').trim()),
      right: choices.flatMap((choice, at) => (choice.startsWith(COURSE_SHELF.star) ? [at] : [])),
      worth: texts[7] ? Number(texts[7].replace(',', '.')) : 1,
      afterwards: texts[8] ?? '',
      topic: texts[9] ?? '',
      hint: texts[10] ?? '',
      tries: texts[11] ? Number(texts[11]) : 1,
      use: (texts[12] ?? '').toLowerCase(),
    },
  };
}

/** The shelf's answer to a file. */
export function takeFile(bytes: Uint8Array): Taken<ShelfQuestion> {
  if (bytes.length > COURSE_SHELF.fileBytes) {
    return { problem: `The file is larger than ${COURSE_SHELF.fileBytes / 1_048_576} MiB.` };
  }
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes).replace(/^\ufeff/, '');
  } catch {
    return { problem: 'The file is no text in UTF-8.' };
  }
  const records = recordsOf(text);
  if (!records) {
    return {
      problem: 'A quote is opened and not closed, so that no line can be told from the next.',
    };
  }
  const headings = records[0]?.cells ?? [];
  const wrong = COURSE_SHELF.headings.findIndex((heading, at) => headings[at]?.trim() !== heading);
  if (wrong >= 0) {
    return {
      problem: `Heading ${wrong + 1} is “${headings[wrong] ?? ''}”; it must stay “${COURSE_SHELF.headings[wrong]}”.`,
    };
  }
  const codes = new Set<string>();
  const questions: ShelfQuestion[] = [];
  const refused: { row: number; ref?: string; reason: string }[] = [];
  for (const line of records.slice(1).filter(({ cells }) => cells.some((cell) => cell.trim()))) {
    const { question, choices } = questionOf(line);
    const reason = reasonAgainst(question, choices, codes);
    if (reason) {
      refused.push({ row: line.row, reason, ...(question.ref ? { ref: question.ref } : {}) });
    } else {
      codes.add(question.ref);
      questions.push(question);
    }
  }
  return { questions, refused };
}
