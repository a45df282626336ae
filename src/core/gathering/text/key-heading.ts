// Where the list of all answers begins: below a heading such as "Answers", or behind it on its line.
import { alike } from '../../shared/normalise';
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { likelihoodOf } from '../../understanding';
import type { Collected } from './collected';
import { plainOfPieces, type Draft } from './draft';
import { countUp } from './retyping';
import { twoLists } from './two-lists';
import { drawnIn, type TypedLine } from './typed-line';
import { letterPlace } from '../../shared/plain';

const PAIRS =
  /^\s*\(?\d{1,3}\s*[.):=–-]?\s*\(?[A-Ja-j](?:\s*(?:[,;&+/]|and|und|et|y|en)\s*[A-Ja-j])*\)?(?=$|[\s,;|.)])/u;
const NUMBERS_ACROSS = /^\s*\|?\s*1[.)]?(?:\s*\||\s)\s*2[.)]?(?:\s|\||$)/u;
/** Whether a text begins the list of all answers: '1 a, 2 c', or numbers across. */
export const listsAnswers = (text: string): boolean =>
  PAIRS.test(text) || NUMBERS_ACROSS.test(text);

/** Letters alone, as many as there are questions: 'b b a', 'B, C, A', 'BCA'. */
const isLetters = (text: string, questions: number): boolean =>
  questions > 1 &&
  /^[A-Ja-j](?:[\s,;|]*[A-Ja-j])*\.?$/u.test(text) &&
  (text.match(/[A-Ja-j]/gu) ?? []).length === questions;

/** Answers of any kind that count up from 1, where no question has one yet. */
const countsAnswers = (text: string, questions: number): boolean =>
  questions > 1 && /^\W*1\s*[.):=–-]?\s+\S/u.test(text);

/** The numbers with letters that a text holds, '1b, 2a'. */
const pairsIn = (text: string): number =>
  (text.match(/\d+\s*[.):=–-]?\s*[A-Ja-j](?![\p{L}\d])/gu) ?? []).length;

const FROM_ONE = /^\s*\(?1(?!\d)/u;
/** Whether letters are named for every question, whatever word stands in front: 'Odpowiedzi: 1b, 2a, 3b'. */
const isWholeKey = (text: string, questions: number): boolean =>
  questions > 1 && FROM_ONE.test(text) && listsAnswers(text) && pairsIn(text) === questions;

const SURELY = 0.9;
/** Whether a word stands above the answers to all questions in whatever language, and what follows counts them all. */
function isKnownKey(name: string, behind: string, questions: number): boolean {
  const counted = [...behind.matchAll(/(?:^|[\s,;])\(?(\d{1,3})\s*[.):=–-]?\s*(?=[\p{L}\d])/gu)];
  return (
    questions > 1 &&
    counted.length === questions &&
    countUp(counted.map(([, n]) => Number(n))) &&
    likelihoodOf(name, ['key', 'right', 'accepted']) > SURELY
  );
}

const LETTER_ENTRY =
  /^\s*(\d{1,3})\s*[.):=–-]?\s+(?:\p{L}{1,12}\.?\s*[:=]\s*)?[([]?([A-Ja-j])[)\].]?\s*$/u;

/** Whether lines count letters from 1 anew, one for each question that has options: a key, whatever stands above it. */
function keyBelow(below: readonly TypedLine[], drafts: readonly Draft[]): boolean {
  const choices = drafts.filter(({ options }) => options.length > 1);
  const end = below.findIndex(({ text }) => !/^\s*\d/u.test(text));
  const counted = end < 0 ? below : below.slice(0, end);
  const named = choices.filter(({ number, options }) => {
    const entry = counted
      .map(({ text }) => LETTER_ENTRY.exec(text))
      .find((match) => Number(match?.[1]) === number);
    const place = entry ? letterPlace(entry[2]!) : -1;
    return place >= 0 && place < options.length;
  });
  return choices.length > 1 && named.length === choices.length;
}

/** Whether a number with a letter behind it answers one question, where questions have answers of their own: '500 g'. */
const isOwnAnswer = (behind: string, questions: number): boolean =>
  questions === 0 && PAIRS.test(behind) && pairsIn(behind) < 2;

/**
 * What stands behind "Answers:" on its line, or nothing where the list of all answers stands below; undefined where none
 * begins. `questions` says how many wait for their answers; none where some have them.
 */
function listBehind(text: string, below: string, questions = 0): string | undefined {
  const [, name = '', behind = ''] =
    /^\W*(\p{L}[\p{L} ]{1,30}?)(?:\s*[:–-]\s*|\s+(?=\(?\d)|\s*$)(.*)$/su.exec(text) ?? [];
  const first = behind || below;
  const lists =
    listsAnswers(first) || countsAnswers(first, questions) || isLetters(first.trim(), questions);
  const isNamed = headsAnswers(name)
    ? !isOwnAnswer(behind, questions)
    : isWholeKey(behind, questions) || isKnownKey(name, behind, questions);
  return isNamed && lists ? behind : undefined;
}

const ENTRY = /(?:^|\s)\(?\d{1,2}[).:]\s*\S/gu;
/** Whether a key has an entry for each gap of the last question, or for each of its options and more than there are questions: it is that one's. */
function isItsOwn(key: string, { options, stem }: Draft, drafts: readonly Draft[]): boolean {
  const gaps = drawnIn(plainOfPieces(stem));
  if (gaps > 1 && (key.match(ENTRY) ?? []).length === gaps) {
    return true;
  }
  const pairs = pairsIn(key);
  return pairs > drafts.length && pairs > 1 && pairs === options.length;
}

/** What the lines above a key have become. */
type Found = Pick<Collected, 'current' | 'drafts' | 'aside' | 'isAnswered'>;

/** The first line of a key. */
const BEGINS = /^\s*1(?!\d)/u;
/** Longer lines head nothing. */
const LONGEST_HEADING = 200;
const HEADS = /^\W*\p{L}/u;

/**
 * Whether a line heads the list of all answers, and its first line where that stands behind the heading; undefined where no
 * list begins. `next` is the filled line below, `below` gives more of them where a list may begin. The key of two lists to match looks
 * like one and is none.
 */
export function listHeadedBy(
  line: TypedLine,
  around: { next: TypedLine | undefined; below: () => readonly TypedLine[] },
  found: Found,
): { first: TypedLine | undefined } | undefined {
  const { current, drafts } = found;
  if (!drafts.length || line.text.length > LONGEST_HEADING || !HEADS.test(line.text)) {
    return undefined;
  }
  const list = listIn(line, around, found);
  if (list === undefined || (current && (twoLists(current) || isItsOwn(list, current, drafts)))) {
    return undefined;
  }
  const first = list ? { ...line, text: list, line: { ...line.line, text: list } } : undefined;
  return { first };
}

const OF_PART =
  /^\s*(?:\p{L}[\p{L} ]{1,20}(?:\d{1,2}|[A-Z])(?:\s*[:–-]|\t|\s{2})|(?:[IVX]{1,4}|[A-H])[.):])\s+(?=\(?\d)/u;
/** The word in front of a number, as the questions have it: 'Q.1 b'. */
const WORDED = /^\s*(?:\p{L}{1,14}\.?|[#№])\s*(?=\d)/u;
/** A line of a key without the part in front whose answers it holds, 'Round 1: 1a 2b', or the word for questions. */
export function withoutPartName(line: TypedLine, drafts: readonly Draft[]): TypedLine {
  const [word = ''] = WORDED.exec(line.text) ?? [];
  const name = alike(word);
  const isLabel = name !== '' && drafts.some((draft) => draft.word === name);
  const text = isLabel ? line.text.replace(WORDED, '') : line.text.replace(OF_PART, '');
  return text === line.text ? line : { ...line, text, line: { ...line.line, text } };
}

/** Whether a line names a part that questions stand in, 'Round One' of 'Round One: boats': the key is parted as they are. */
export function namesPart(
  { text }: TypedLine,
  { drafts, aside }: Pick<Found, 'drafts' | 'aside'>,
): boolean {
  const name = alike(text.replace(/[\s:]+$/u, ''));
  const titles = [
    ...aside.map((line) => line.text),
    ...drafts.map(({ category }) => category ?? ''),
  ];
  return (
    name !== '' &&
    titles
      .map(alike)
      .some((title) => title.startsWith(name) && /^(?:\W|$)/u.test(title.slice(name.length)))
  );
}

/** What of the list stands behind its heading, nothing where it begins below; undefined where none begins. */
function listIn(
  line: TypedLine,
  { next, below }: { next: TypedLine | undefined; below: () => readonly TypedLine[] },
  found: Found,
): string | undefined {
  const { drafts, isAnswered } = found;
  // Every line may head a key: the titles of parts are looked through below a word for answers alone.
  const isParted = next !== undefined && headsAnswers(line.text) && namesPart(next, found);
  const first = isParted ? below()[1] : next;
  const under = first ? withoutPartName(first, drafts).text : '';
  const waiting = isAnswered ? 0 : drafts.length;
  const mayBeKey = waiting > 1 && !line.labels.length && BEGINS.test(under);
  return mayBeKey && keyBelow(below(), drafts) ? '' : listBehind(line.text, under, waiting);
}
