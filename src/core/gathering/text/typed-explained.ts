// Reasons that stand below all questions, by their numbers: in a list of their own, or behind the answers of the key. Each is typed anew
// below its question, where a name says what it is.
import type { DocumentLine } from '../../model';
import { alike } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import {
  explains,
  listsIn,
  NUMBERED,
  numberOf,
  OPTION,
  type Entry,
  type Part,
  type Span,
} from './lists-below';
import { anew, isLine, OFTEN, type Lines } from './retyping';

const LETTER = /^[([]?([A-Ja-j](?:\s*[,;&+]\s*[A-Ja-j])*)(?:[)\].:]+|(?=\s*[–—(-]|\s*$))\s*(.*)$/su;

/** The text of a question's option. */
function optionOf(lines: Lines, { from, to }: Span, letter: string): string {
  for (let at = from; at <= to; at++) {
    const [, own = '', text = ''] = OPTION.exec(lines[at]!.text) ?? [];
    if (own.toLowerCase() === letter.toLowerCase()) {
      return text;
    }
  }
  return '';
}

/** A reason without the brackets or the dash that set it off, and without its name. */
function reasonIn(text: string): string {
  const bare = text
    .trim()
    .replace(/^["“„«](.*)["”“»]$/su, '$1')
    .replace(/^[–—:,;.-]+\s*/u, '')
    .replace(/^\((.*)\)\.?$/su, '$1')
    .trim();
  const field = fieldOfLine(bare);
  return field && ['explanation', 'feedback'].includes(field.role) ? field.value.trim() : bare;
}

/** What stands behind an option's letter without the option's own wording. */
function withoutOption(text: string, option: string): string {
  const isSaid = option !== '' && alike(text).startsWith(alike(option));
  return isSaid ? text.slice(option.length) : text;
}

/** An entry of a key as its letter and the reason behind it; undefined where it is no letter. */
function answerIn(first: string, option: (letter: string) => string): [string, string] | undefined {
  const [, letter = '', behind = ''] = LETTER.exec(first.replace(NUMBERED, '')) ?? [];
  return letter ? [letter, reasonIn(withoutOption(behind, option(letter)))] : undefined;
}

/** Lines by where they go: in place of a line, or below one. */
class Moved {
  private readonly instead = new Map<number, DocumentLine[]>();
  private readonly below = new Map<number, DocumentLine[]>();
  reasons = 0;
  /** Whether a reason stands behind the letters of a key on their own line, where one alone is meant as such. */
  isBehindLetters = false;
  constructor(private readonly lines: Lines) {}

  put(at: number, ...lines: DocumentLine[]): void {
    this.instead.set(at, lines);
  }
  /** Gives a question the reason that stands at an entry. */
  give(to: number, { at }: Entry, reason: string): void {
    this.reasons++;
    const line = anew(this.lines[at]!, `Explanation: ${reason}`);
    this.below.set(to, [...(this.below.get(to) ?? []), line]);
  }
  all(): Lines {
    return this.lines.flatMap((line, at) => [
      ...(this.instead.get(at) ?? [line]),
      ...(this.below.get(at) ?? []),
    ]);
  }
}

/** What an entry says: the line that stays of it in the key, and the reason. */
function entrySays(
  lines: Lines,
  { heading, questions }: Part,
  entry: Entry,
): { kept: DocumentLine[]; own: string } {
  const first = lines[entry.at]!;
  if (!heading.isKey) {
    return { kept: [], own: reasonIn(first.text.replace(NUMBERED, '')) };
  }
  const question = questions.get(entry.number)!;
  const answer = answerIn(first.text, (letter) => optionOf(lines, question, letter));
  return answer
    ? { kept: [anew(first, `${entry.number}. ${answer[0]}`)], own: answer[1] }
    : { kept: [first], own: '' };
}

/** Moves what one list says of each question below it. */
function moveList(lines: Lines, part: Part, moved: Moved): void {
  const { heading, entries, questions } = part;
  if (heading.isSaid) {
    moved.put(heading.at, ...(heading.isKey ? [anew(lines[heading.at]!, 'Answers')] : []));
  }
  for (const entry of entries) {
    const { kept, own } = entrySays(lines, part, entry);
    const more = lines.slice(entry.at + 1, entry.to + 1).map(({ text }) => reasonIn(text));
    const reason = [own, ...more].filter(Boolean).join(' ');
    moved.put(entry.at, ...kept);
    for (let at = entry.at + 1; at <= entry.to; at++) {
      moved.put(at);
    }
    moved.isBehindLetters ||= heading.isKey && own !== '';
    if (reason) {
      moved.give(questions.get(entry.number)!.to, entry, reason);
    }
  }
}

/** Whether a list says a reason at all: a list of its own does, a key in an entry of letters at least. */
const mayExplain = (lines: Lines, { heading, entries }: Part): boolean =>
  !heading.isKey || entries.every(({ at }) => LETTER.test(lines[at]!.text.replace(NUMBERED, '')));

const ON_ONE_LINE = /^\s*(\p{L}[\p{L} ]{1,30}?)\s*:\s*(?=[([]?\d{1,3}[\s.):])(\S.*)$/su;
const BETWEEN = /(?<=[;.!"”»])\s+(?=[([]?\d{1,3}[\s.):])/u;

/** Reasons that stand on one line behind a word for them, 'Why: 2 it is green; 3 it floats', as a heading with a line each. */
function apart(line: DocumentLine): DocumentLine[] {
  const [, name = '', list = ''] = (isLine(line) && ON_ONE_LINE.exec(line.text)) || [];
  const entries = name && explains(name) ? list.split(BETWEEN) : [];
  return entries.length >= OFTEN && entries.every((entry) => numberOf(entry) !== undefined)
    ? [name, ...entries.map((entry) => entry.replace(/;$/u, ''))].map((text) => anew(line, text))
    : [line];
}

/** Reasons in lists below all questions, each below its own question. */
export function reasonsAtQuestions(given: Lines): Lines {
  const lines = given.flatMap(apart);
  const moved = new Moved(lines);
  const lists = listsIn(lines).filter((list) => mayExplain(lines, list));
  lists.forEach((list) => moveList(lines, list, moved));
  return moved.reasons >= OFTEN || moved.isBehindLetters ? moved.all() : given;
}
