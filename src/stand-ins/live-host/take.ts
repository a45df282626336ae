// How the live host reads a file. Shares no code with the road that wrote it: another library opens the workbook.
import { lengthOf, openSheet } from '../strict';
import { LIVE_HOST } from './rules';

export type HostQuestion = {
  row: number;
  stem: string;
  answers: string[];
  right: number[];
  many: boolean;
  seconds: number;
};
export type Refused = { row: number; question: string; reason: string };
export type ImportAnswer =
  { title: string; taken: HostQuestion[]; refused: Refused[] } | { problem: string };

type Texts = (column: string, row: number) => string;

class Reason {
  constructor(readonly text: string) {}
}

function answersOf(text: Texts, row: number): string[] {
  const all = ['E', 'F', 'G', 'H'].map((column) => text(column, row));
  while (all.length && !all.at(-1)) {
    all.pop();
  }
  const hole = all.indexOf('');
  if (hole >= 0) {
    throw new Reason(`answer ${hole + 1} is empty while a later one is not`);
  }
  if (all.length < LIVE_HOST.optionsMin) {
    throw new Reason(
      `there ${all.length === 1 ? 'is one answer' : 'are no answers'}; ${LIVE_HOST.optionsMin} at least are asked for`,
    );
  }
  const long = all.findIndex((answer) => lengthOf(answer) > LIVE_HOST.option);
  if (long >= 0) {
    throw new Reason(
      `answer ${long + 1} has ${lengthOf(all[long]!)} characters; ${LIVE_HOST.option} are taken`,
    );
  }
  return all;
}

function rightOf(said: string, answers: string[], kind: string): number[] {
  if (!/^\d(?:\+\d)*$/.test(said)) {
    throw new Reason(
      said
        ? `“${said}” in “Right one” is no number and no numbers joined by +`
        : '“Right one” is empty',
    );
  }
  const right = said.split('+').map(Number);
  const past = right.find((n) => n < 1 || n > answers.length);
  if (past !== undefined) {
    throw new Reason(`“Right one” says ${past}, but there are ${answers.length} answers`);
  }
  if (right.length > 1 && kind !== 'several right answers') {
    throw new Reason(`“Right one” names ${right.length} answers, but the kind is “${kind}”`);
  }
  return right;
}

function questionOf(text: Texts, row: number): HostQuestion {
  const stem = text('C', row);
  if (!stem) {
    throw new Reason('there is no question');
  }
  if (lengthOf(stem) > LIVE_HOST.stem) {
    throw new Reason(`the question has ${lengthOf(stem)} characters; ${LIVE_HOST.stem} are taken`);
  }
  const kind = text('I', row) || LIVE_HOST.kinds[0];
  if (!(LIVE_HOST.kinds as readonly string[]).includes(kind)) {
    throw new Reason(`“${kind}” is no kind of question here`);
  }
  const answers = answersOf(text, row);
  const clock = text('J', row);
  if (clock && !(LIVE_HOST.seconds as readonly number[]).includes(Number(clock))) {
    throw new Reason(`the clock says ${clock}; it takes ${LIVE_HOST.seconds.join(', ')}`);
  }
  return {
    row,
    stem,
    answers,
    right: rightOf(text('D', row), answers, kind),
    many: kind === 'several right answers',
    seconds: Number(clock) || LIVE_HOST.defaultSeconds,
  };
}

function takeRows(text: Texts): { taken: HostQuestion[]; refused: Refused[] } {
  const taken: HostQuestion[] = [];
  const refused: Refused[] = [];
  const columns = Object.keys(LIVE_HOST.headings);
  for (let row = LIVE_HOST.firstRow; row < LIVE_HOST.firstRow + 2000; row++) {
    if (!columns.some((column) => text(column, row))) {
      continue;
    }
    const question = text('C', row);
    if (/^sample:/i.test(question)) {
      refused.push({ row, question, reason: 'it is one of the form’s own samples' });
      continue;
    }
    try {
      const read = questionOf(text, row);
      if (taken.length >= LIVE_HOST.perFile) {
        throw new Reason(
          `it is past question ${LIVE_HOST.perFile}, the last that one file may hold`,
        );
      }
      taken.push(read);
    } catch (error) {
      if (!(error instanceof Reason)) {
        throw error;
      }
      refused.push({ row, question, reason: error.text });
    }
  }
  return { taken, refused };
}

const MOST_ROWS = 2100;

/** The host's answer to a file: what was taken, and each refused row with its reason; or why nothing could be read. */
export async function takeFile(bytes: Uint8Array): Promise<ImportAnswer> {
  const cell = await openSheet(bytes, { ...LIVE_HOST, rows: MOST_ROWS });
  if (typeof cell !== 'function') {
    return cell;
  }
  const text: Texts = (column, row) => {
    const value = cell(row - 1, column.charCodeAt(0) - 'A'.charCodeAt(0));
    return typeof value === 'string' || typeof value === 'number' || typeof value === 'boolean'
      ? String(value).trim()
      : '';
  };
  for (const [column, heading] of Object.entries(LIVE_HOST.headings)) {
    const found = text(column, LIVE_HOST.headingRow);
    if (found !== heading) {
      return {
        problem: `The heading in ${column}${LIVE_HOST.headingRow} is ${found ? `“${found}”` : 'empty'}; it must stay “${heading}”.`,
      };
    }
  }
  const title = text(LIVE_HOST.titleCell[0]!, Number(LIVE_HOST.titleCell.slice(1)));
  if (!title) {
    return { problem: `Cell ${LIVE_HOST.titleCell} must hold the title of the round.` };
  }
  return { title, ...takeRows(text) };
}
