// What may stand in front of a question or an option: a number, a letter, a word with a number, a bullet, in any spelling.
import type { DocumentLine } from '../../model';
import { CIRCLED, countings, type Counting } from './counting';
import { takeMarks } from './marks';
import { beginsWithPoints } from './points';

export { type Counting } from './counting';

export type Label = {
  /** Labels that are spelt alike: 'question #:' or '(a)'. */
  family: string;
  counts: Counting;
  /** From 0; absent where nothing is counted. */
  n?: number;
  word?: string;
  /** Where the text behind the label begins and ends, without the signs that say right or wrong. */
  from: number;
  to: number;
  right?: boolean;
  mark?: string;
};

const BULLET = /^([-–—•●◦▪■□○o+·‣►▶>*?#§~¶!@&])(\s+)(?=\S)/u;
const OPEN = String.raw`([([{<]?)\s?`;
const VALUE = String.raw`(\d{1,5}|[A-Za-z]|[ivxIVX]{2,5}|[①-⑳])`;
const CLOSE = String.raw`(?:\s?([.):\]}/°º>,|-]{1,3}|[–—])\s*|(\s+[-–—:]\s+)|(\t|[ \u00a0]{2,})|(?:\s+|$))`;
const BARE = new RegExp(`^${OPEN}${VALUE}${CLOSE}`, 'u');
/** A word in front of a number, as 'Question 3', 'Question n° 3', 'Q.3', 'N° 3', '#3'. */
const WORDED = new RegExp(
  `^(?:(\\p{L}{1,14})(?:\\s+(?:[nN][°º]|[nN]um\\.|[nN]úm\\.)(?=\\s?\\d))?(\\.?)([°º]?)\\s*|([#№])\\s*)${OPEN}(\\d{1,5}|(?<=\\s)[A-Ja-j])${CLOSE}`,
  'u',
);
const LONE_WORD = /^(\p{L}{1,14}[.°º]?)\s?([:–-])\s+(?=\S)/u;
/** 'Q. What …': a letter that counts no options. */
const LONE_LETTER = /^([M-Z])(\.)\s+(?=\p{Lu})/u;

type Match = {
  word: string | undefined;
  open: string;
  value: string;
  close: string;
  end: number;
  /** Whether anything but a blank parts the label from the text. */
  isClosed: boolean;
};

function closing(
  whole: string,
  close: string | undefined,
  dash: string | undefined,
  tab: string | undefined,
): Pick<Match, 'close' | 'isClosed' | 'end'> {
  const sign = close ?? dash?.trim() ?? (tab ? 'tab' : '');
  return { close: sign.replace(/[–—]/g, '-'), isClosed: sign !== '', end: whole.length };
}

/** A line that counts and nothing else: 'Question 3 of 20', 'Frage 3/20'. */
const OF_ALL = /^(\p{L}{2,14}|[K-Zk-z]) ?(\d{1,4})\s*(?:\/|\p{L}{1,4}\s)\s*\d{1,4}\s*[.:]?$/u;

function ofAll(text: string): Match | undefined {
  const [, name, value] = OF_ALL.exec(text.trimEnd()) ?? [];
  return name && value
    ? { word: name.toLowerCase(), open: '', value, close: '', isClosed: true, end: text.length }
    : undefined;
}

function wordedIn(text: string): Match | undefined {
  const match = WORDED.exec(text);
  if (!match) {
    return undefined;
  }
  const [whole, name, dot = '', degree = '', sign, open = '', value = '', close, dash, tab] = match;
  const word = name === undefined ? sign : `${name.toLowerCase()}${dot}${degree}`;
  const own = { word, open, value, ...closing(whole, close, dash, tab) };
  // A line of a word and a number alone, 'Question 3', stands above its question; its points may stand beside it, and part the two.
  const isAlone = whole.length === text.length || beginsWithPoints(text.slice(whole.length));
  return { ...own, isClosed: own.isClosed || isAlone };
}

/** Labels without a word, then with one: 'ii)' is no word 'i' in front of an 'i'. */
function matchesOf(text: string): Match[] {
  const counted = ofAll(text);
  if (counted) {
    return [counted];
  }
  const found: Match[] = [];
  const bare = BARE.exec(text);
  if (bare) {
    const [whole, open = '', value = '', close, dash, tab] = bare;
    found.push({ word: undefined, open, value, ...closing(whole, close, dash, tab) });
  }
  const worded = wordedIn(text);
  if (worded) {
    found.push(worded);
  }
  return found.filter((match) => isLabel(match) && !isSplitNumber(text, match));
}

const FAMILY_SIGNS: Record<Counting, string> = {
  number: '1',
  upper: 'A',
  lower: 'a',
  roman: 'i',
  circled: '①',
  bullet: '',
  word: '',
};

/** A word that a letter or number belongs to only where a sign or nothing else follows: 'A dog' is no label. */
function isLabel({ word, open, value, close, isClosed }: Match): boolean {
  const isNumber = /^\d/.test(value);
  if (CIRCLED.includes(value)) {
    return true;
  }
  if (word !== undefined) {
    // 'In 5 minutes' has a word in front of a number as well; only short words or closed labels are meant.
    const isLetter = isClosed && word.length > 2 && /^[.):]/.test(close);
    return (
      (isLetter && !isNumber) ||
      (isNumber && (isClosed || /^(?:\p{L}\.?|\p{L}{2,3}\.|[#№]|n[°º]|no|nr)$/u.test(word)))
    );
  }
  if (open && !/[)\]}>]/.test(close)) {
    return false;
  }
  // A comma behind a number is part of it, and an hyphen within a word no label.
  return isClosed && !/^[,>]/.test(close);
}

const isSplitNumber = (text: string, match: Match): boolean =>
  /^\d/.test(match.value) &&
  /^[.:,/-]$/.test(match.close) &&
  /^\S$/.test(text.charAt(match.end - 1)) &&
  /^\d/.test(text.slice(match.end));

/** Letters up to this one count options far oftener than they are a word. */
const MOST_WORDED = 5;

/** Labels at a place of a text, the likeliest first; `from` is where they begin. */
function labelsAt(text: string, from: number): Omit<Label, 'to'>[] {
  const rest = text.slice(from);
  const found: Omit<Label, 'to'>[] = [];
  for (const match of matchesOf(rest)) {
    for (const { counts, n } of countings(match)) {
      const sign = FAMILY_SIGNS[counts];
      const word = match.word === undefined ? '' : `${match.word} `;
      found.push({
        family: `${word}${match.open}${sign}${match.close}`,
        counts,
        n,
        ...(match.word === undefined ? {} : { word: match.word }),
        from: from + match.end,
      });
    }
  }
  const bullet = BULLET.exec(rest);
  if (bullet) {
    found.push({ family: `bullet ${bullet[1]!}`, counts: 'bullet', from: from + bullet[0].length });
  }
  // 'F: …' may be a letter that counts, or a word in front of each question.
  const word = found.some(({ counts, n = 0 }) => counts !== 'upper' || n < MOST_WORDED)
    ? null
    : (LONE_WORD.exec(rest) ?? LONE_LETTER.exec(rest));
  if (word) {
    const name = word[1]!.toLowerCase();
    found.push({ family: `${name}:`, counts: 'word', word: name, from: from + word[0].length });
  }
  return found;
}

/** A label with the signs in front of it, between it and the text, and behind the text taken off. */
export function marked(
  text: string,
  label: Omit<Label, 'to'>,
  before: ReturnType<typeof takeMarks>,
): Label {
  const inner = takeMarks(text, label.from);
  const whole: Label = { ...label, from: inner.from, to: inner.to };
  const right = before.right ?? inner.right;
  const mark = before.sign ?? inner.sign;
  if (right !== undefined) {
    whole.right = right;
  }
  if (mark) {
    whole.mark = mark;
  }
  return whole;
}

/** The label that the word processor set by itself. */
function automatic(line: DocumentLine): Label[] {
  const text = line.label?.trim() ?? '';
  if (!text) {
    return [];
  }
  const level = line.level === undefined ? '' : `${line.level}`;
  const own = labelsAt(`${text} `, 0);
  const found = own.length
    ? own
    : [{ family: `bullet ${text}`, counts: 'bullet' as const, from: 0 }];
  return found.map((label) =>
    marked(
      line.text,
      { ...label, family: `list${level} ${label.family}`, from: indentOf(line.text) },
      { from: 0, to: 0 },
    ),
  );
}

const indentOf = (text: string): number => text.length - text.trimStart().length;

/** A line to write the answer on, in front of a number: '____ 1. …'. */
const BLANK_IN_FRONT = /^_{2,}\s*(?=\d)/u;

/** Every label that a line may begin with; none where it is plain text. */
export function labelsOf(line: DocumentLine): Label[] {
  const { text } = line;
  const start = indentOf(text) + (BLANK_IN_FRONT.exec(text.trimStart())?.[0].length ?? 0);
  const found = automatic(line);
  for (const label of labelsAt(text, start)) {
    found.push(marked(text, label, { from: start, to: text.length }));
    // Behind a bullet a letter or number may stand all the same: '- A) Water'.
    if (label.counts === 'bullet') {
      const plus = label.family === 'bullet +' ? { right: true, sign: '+' } : {};
      for (const inner of labelsAt(text, label.from)) {
        found.push(marked(text, inner, { from: start, to: text.length, ...plus }));
      }
    }
  }
  if (/^[\p{L}\p{N}]/u.test(text.slice(start, start + 2))) {
    return found;
  }
  const mark = takeMarks(text, start);
  if (mark.right !== undefined && mark.from > start) {
    for (const label of labelsAt(text, mark.from)) {
      found.push(marked(text, label, mark));
    }
  }
  return found;
}
