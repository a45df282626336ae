// How the form host reads its text: line by line, by the word in front.
import { csvOf } from '../csv';
import { lengthOf } from '../strict';
import type { Taken } from '../taken';
import { FORM_HOST } from './rules';

export type FormQuestion = {
  /** The line of the question. */
  row: number;
  ask: string;
  options: string[];
  /** The right ones, from 1. */
  key: number[];
};
type Draft = FormQuestion & { saidKey: string; problem?: string };
export type Form = Taken<FormQuestion> & { title?: string };

const { words } = FORM_HOST;
const LINE = /^(\S+)(?:[ \t]+(.*))?$/u;

function optionReason({ options }: Draft): string | undefined {
  const { optionsMin, optionsMax } = FORM_HOST;
  if (options.length < optionsMin || options.length > optionsMax) {
    return `it has ${options.length} options; ${optionsMin} to ${optionsMax} are taken`;
  }
  const long = options.findIndex((text) => lengthOf(text) > FORM_HOST.option);
  if (long >= 0) {
    return `option ${long + 1} has ${lengthOf(options[long]!)} characters; ${FORM_HOST.option} are taken`;
  }
  return options.includes('') ? `option ${options.indexOf('') + 1} is empty` : undefined;
}

function keyReason({ saidKey, key, options }: Draft): string | undefined {
  if (!/^\d{1,2}(?:\s*,\s*\d{1,2})*$/.test(saidKey)) {
    return saidKey ? `“${saidKey}” is no number of an option` : 'no line says the key';
  }
  const past = key.find((n) => n < 1 || n > options.length);
  return past === undefined
    ? undefined
    : `the key says ${past}, but there are ${options.length} options`;
}

function reasonAgainst(draft: Draft): string | undefined {
  if (/^sample:/i.test(draft.ask)) {
    return 'it is one of the form’s own samples';
  }
  if (!draft.ask) {
    return 'there is no question behind the word';
  }
  if (lengthOf(draft.ask) > FORM_HOST.question) {
    return `the question has ${lengthOf(draft.ask)} characters; ${FORM_HOST.question} are taken`;
  }
  return draft.problem ?? optionReason(draft) ?? keyReason(draft);
}

/** Reads the lines; undefined where the first is not the form's title. */
function readLines(text: string): { title: string; drafts: Draft[] } | undefined {
  const lines = text.split(/\r\n|\n/);
  const first = LINE.exec(lines.find((line) => line.trim()) ?? '');
  if (first?.[1] !== words.title) {
    return undefined;
  }
  const drafts: Draft[] = [];
  let now: Draft | undefined;
  lines.forEach((line, at) => {
    const [, word, rest = ''] = LINE.exec(line.trim()) ?? [];
    if (word === words.question) {
      now = { row: at + 1, ask: rest.trim(), options: [], key: [], saidKey: '' };
      drafts.push(now);
    } else if (word === undefined) {
      now = undefined;
    } else if (now && word === words.option) {
      now.options.push(rest.trim());
    } else if (now && word === words.key) {
      now.saidKey = rest.trim();
      now.key = rest.split(',').map(Number);
    } else if (now) {
      now.problem ??= `line ${at + 1} begins with “${word}”, which is none of the form’s words`;
    }
  });
  return { title: first[2]?.trim() ?? '', drafts };
}

/** The host's answer to a file. */
export function takeFile(bytes: Uint8Array): Form {
  if (bytes.length > FORM_HOST.fileBytes) {
    return { problem: `The file is larger than ${FORM_HOST.fileBytes / 1_048_576} MiB.` };
  }
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes).replace(/^\ufeff/, '');
  } catch {
    return { problem: 'The file is no text in UTF-8.' };
  }
  const read = readLines(text);
  if (!read) {
    return { problem: `The first line must begin with “${words.title}” and name the form.` };
  }
  if (!read.title) {
    return { problem: `The form has no name: put one behind “${words.title}”.` };
  }
  const questions: FormQuestion[] = [];
  const refused: { row: number; reason: string }[] = [];
  for (const draft of read.drafts) {
    const full = questions.length >= FORM_HOST.perFile;
    const reason =
      reasonAgainst(draft) ??
      (full
        ? `it is past question ${FORM_HOST.perFile}, the last that a form may have`
        : undefined);
    if (reason) {
      refused.push({ row: draft.row, reason });
    } else {
      const { row, ask, options, key } = draft;
      questions.push({ row, ask, options, key });
    }
  }
  return { title: read.title, questions, refused };
}

/** A response to a form: who sent it, when, and the options that were picked, from 1, for each question. */
export type Response = { by: string; at: string; picked: readonly (readonly number[])[] };

/** The key as the form keeps it: the first response. */
export const keyResponse = (questions: readonly FormQuestion[], at: string): Response => ({
  by: 'Key',
  at,
  picked: questions.map(({ key }) => key),
});

/** All responses as text that any spreadsheet program opens (RFC 4180): a column for each question, its answers as texts. */
export function responsesCsv(
  questions: readonly FormQuestion[],
  responses: readonly Response[],
): string {
  const head = ['Time', 'Name', ...questions.map(({ ask }) => ask)];
  const rows = responses.map(({ by, at, picked }) => [
    at,
    by,
    ...questions.map(({ options }, n) =>
      (picked[n] ?? []).map((one) => options[one - 1] ?? '').join('; '),
    ),
  ]);
  return csvOf([head, ...rows]);
}
