// Numbered lists below all questions: the key, reasons, or whatever else counts the questions again.
import type { DocumentLine } from '../../model';
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { likelihoodOf } from '../../understanding';
import { isLine, OFTEN, type Lines } from './retyping';

/** Longer lines head no list. */
const LONGEST_HEADING = 60;
const SURELY = 0.5;
const JOINED =
  /\s*[,&+/()]\s*|\s+(?:and|with|und|mit|et|avec|y|con|e|com|en|met|och|med|og|i|z|ja|a|s)\s+/iu;

/** Whether words stand for reasons: 'Explanations', 'Why', 'Begründung'. */
export const explains = (words: string): boolean =>
  likelihoodOf(words, ['explanation', 'feedback']) > SURELY;

/** `isGuessed` where no word says what stands below. */
type Heading = { at: number; isKey: boolean; isSaid: boolean; isGuessed?: boolean };

/** What a line heads: the key, reasons, or both; undefined of another line. */
function headingAt(line: DocumentLine, at: number): Heading | undefined {
  const text = line.text.trim().replace(/\s*[:–-]+$/u, '');
  if (!/^\P{N}+$/u.test(text) || text.length > LONGEST_HEADING || !/\p{L}{2}/u.test(text)) {
    return undefined;
  }
  const parts = text.split(JOINED).filter(Boolean);
  const isKey = parts.some(headsAnswers);
  const isSaid = parts.some(explains);
  const isNothingElse = parts.every((part) => headsAnswers(part) || explains(part));
  return isNothingElse && (isKey || isSaid) ? { at, isKey, isSaid } : undefined;
}

/** The number in front of an entry or a question, with a short word before it. */
export const NUMBERED = /^\s*(?:\p{L}{1,9}\.?\s*)?[([]?(\d{1,3})(?!\d)\s*[.):\]–-]*\s+(?=\S)/u;
/** The number that opens a line; undefined where none does. */
export const numberOf = (text: string): number | undefined => {
  const found = NUMBERED.exec(text)?.[1];
  return found === undefined ? undefined : Number(found);
};

const KEY_ON_ONE_LINE = /^\s*(\p{L}[\p{L} ]{1,30}?)\s*[:–-]?\s+\(?1(?!\d).*(?<!\d)2(?!\d)/su;
/** Whether a line is the key of all questions, 'Key: 1 T, 2 F'. */
const isKeyLine = ({ text }: DocumentLine): boolean =>
  headsAnswers(KEY_ON_ONE_LINE.exec(text)?.[1] ?? '');

/** The first and the last line of a question, by their places. */
export type Span = { from: number; to: number };

/** The questions of a text by their numbers: where each begins, and the last filled line of it; undefined where numbers come twice. */
function questionsIn(lines: Lines, end: number): Map<number, Span> | undefined {
  const found = new Map<number, Span>();
  let next = 1;
  for (let at = 0; at < end && !isKeyLine(lines[at]!); at++) {
    const { text } = lines[at]!;
    const number = numberOf(text);
    if (number === 1 && next > 2) {
      return undefined;
    }
    if (number === next) {
      found.set(next++, { from: at, to: at });
    } else if (text.trim() && next > 1) {
      found.get(next - 1)!.to = at;
    }
  }
  return found.size >= OFTEN ? found : undefined;
}

export type Entry = { number: number; at: number; to: number };

/** What is numbered below a heading, each entry with the lines right below that go on with it; undefined where anything stands before the first. */
function entriesBelow(lines: Lines, from: number, end: number): Entry[] | undefined {
  const entries: Entry[] = [];
  for (let at = from; at < end; at++) {
    const { text } = lines[at]!;
    const number = numberOf(text);
    if (number !== undefined && number > (entries.at(-1)?.number ?? 0)) {
      entries.push({ number, at, to: at });
    } else if (text.trim()) {
      const last = entries.at(-1);
      if (!last) {
        return undefined;
      }
      // Behind a gap stands something else: good wishes, a source.
      last.to = last.to === at - 1 ? at : last.to;
    }
  }
  return entries.length >= OFTEN ? entries : undefined;
}

/** A list below all questions: what heads it, its entries and the questions by their numbers. */
export type Part = {
  heading: Heading;
  entries: Entry[];
  questions: Map<number, Span>;
};

/** Whether a line below the key heads a list that counts from 1 anew and asks nothing: whatever it is called, it says more of the answers. */
function headsMore(lines: Lines, at: number): boolean {
  const { text } = lines[at]!;
  if (text.length > LONGEST_HEADING || !/^[^\p{N}?]*\p{L}{2}[^\p{N}?]*$/u.test(text)) {
    return false;
  }
  let next = at + 1;
  while (next < lines.length && !lines[next]!.text.trim()) {
    next++;
  }
  return numberOf(lines[next]?.text ?? '') === 1;
}

/** Whether numbers begin again in a text: without that nothing below the questions counts them. */
function countsAgain(lines: Lines): boolean {
  let most = 0;
  return lines.some(({ text }) => {
    const number = numberOf(text) ?? Infinity;
    const isAgain = number <= most;
    most = number === Infinity ? most : Math.max(most, number);
    return isAgain;
  });
}

/** The headings of lists, in order: of keys and reasons by their words, and of whatever counts on below the last key. */
function headingsIn(lines: Lines): Heading[] {
  const named = lines.flatMap((line, at) => (isLine(line) ? (headingAt(line, at) ?? []) : []));
  const last = named.at(-1);
  const more = last?.isKey && !last.isSaid ? last.at + 1 : lines.length;
  return [
    ...named,
    ...lines.flatMap((_, at) =>
      at >= more && headsMore(lines, at)
        ? [{ at, isKey: false, isSaid: true, isGuessed: true }]
        : [],
    ),
  ];
}

/** An option of a question: its letter and its text. */
export const OPTION = /^\s*\*?[([]?([A-Ja-j])\s*[.):\]]\s*(\S.*?)\s*$/u;

/** Whether entries are those of the questions: none asks, and where no word says what they are, each question is one of choice and has one. */
function areTheirs(lines: Lines, { heading, entries, questions }: Part): boolean {
  const isChoice = ({ from, to }: Span): boolean =>
    lines.slice(from, to + 1).some(({ text }) => OPTION.test(text));
  const isSure =
    !heading.isGuessed ||
    (entries.length === questions.size && [...questions.values()].every(isChoice));
  return (
    isSure &&
    entries.length >= OFTEN &&
    entries.every(({ number, at }) => questions.has(number) && !/[?？]\s*$/u.test(lines[at]!.text))
  );
}

/** The lists below all questions whose numbers are theirs, in order; none where anything else stands there. */
export function listsIn(lines: Lines): Part[] {
  const headings = countsAgain(lines) ? headingsIn(lines) : [];
  const [first] = headings;
  const questions = first && questionsIn(lines, first.at);
  const parts = questions
    ? headings.map((heading, index) => ({
        heading,
        questions,
        entries: entriesBelow(lines, heading.at + 1, headings[index + 1]?.at ?? lines.length) ?? [],
      }))
    : [];
  return parts.every((part) => areTheirs(lines, part)) ? parts : [];
}
