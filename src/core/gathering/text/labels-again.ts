// A list below all questions whose labels are theirs again: 'Aufgabe 1: a dovetail' below 'Aufgabe 1'. Whatever stands above it, it is the
// key where its entries name options of their questions, by letter, Roman number or wording.
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { romanValue } from '../../shared/roman';
import { alike } from '../../shared/normalise';
import { optionLetter } from '../../shared/plain';
import { anew, isLine, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const LABELLED =
  /^\s*(?:(\p{L}{1,14})[.°º]?\s?|[#№]\s?)?[([]?(\d{1,3})(?:\s?[.):\]=–-]+\s*|\s+|$)(\S.*)?$/su;
const OPTION =
  /^\s*([-*•○◯□☐☑■]|[([]\s?[)\]])?\s*(?:[([]?([A-Ja-j]|[ivx]{1,5})[).:\]]\s+)?(\S.*?)\s*$/su;
/** What explains an answer, behind it: in brackets or behind a dash. */
const REASON = /^(.*?)\s*((?:\(.*\)|\s[–—-]\s.*)\.?)?$/su;
const JOINED = /\s*[,;&+/]\s*|\s+(?:and|und|et|y|e|en|i|og|och|ja|a)\s+/iu;
const FEWEST = 2;
const MOSTLY = 0.8;

type Labelled = { at: number; word: string; n: number; text: string };
/** An option of a question: its Roman or other label, if it has one, and its text. */
type Option = { label: string; text: string };

function labelledAt(lines: Lines, at: number): Labelled | undefined {
  const [, word = '', n, text = ''] = (isLine(lines[at]!) && LABELLED.exec(lines[at]!.text)) || [];
  return n === undefined ? undefined : { at, word: alike(word), n: Number(n), text };
}

/** The last lines of a text, each with a label that counts on; where they begin, from the first of them on. */
function listAtEnd(lines: Lines): Labelled[] {
  const found: Labelled[] = [];
  for (let at = lines.length - 1; at >= 0; at--) {
    const entry = labelledAt(lines, at);
    const below = found[0];
    if (entry?.text && (!below || (entry.n < below.n && entry.word === below.word))) {
      found.unshift(entry);
    } else if (lines[at]!.text.trim()) {
      break;
    }
  }
  return found;
}

/** The questions above that have the labels of a list, in its order; undefined where they are not these alone. */
function questionsOf(lines: Lines, list: readonly Labelled[]): Labelled[] | undefined {
  const labelled = lines
    .slice(0, list[0]!.at)
    .flatMap((_, at) => labelledAt(lines, at) ?? [])
    .filter(({ word }) => word === list[0]!.word || list[0]!.word === '');
  const found = labelled.filter(({ n }) => list.some((entry) => entry.n === n));
  const isEach = found.length === list.length && found.every(({ n }, at) => n === list[at]!.n);
  return isEach ? found : undefined;
}

/** The options that stand in the lines of a question: those with a label or a sign, or what stands below the one that asks. */
function optionsIn(lines: Lines, { at: from, text: asked }: Labelled, to: number): Option[] {
  const found = lines.slice(from + 1, to).flatMap((line) => {
    const [, sign, label, text = ''] = (isLine(line) && OPTION.exec(line.text)) || [];
    const own = { label: label?.toLowerCase() ?? '', text: alike(text) };
    return text ? [{ ...own, isMarked: (sign ?? label) !== undefined }] : [];
  });
  const marked = found.filter(({ isMarked }) => isMarked);
  return marked.length >= FEWEST ? marked : found.slice(asked ? 0 : 1);
}

/** The place of the option that a word of an answer names, from 0; -1 where it names none. */
function placeOf(word: string, options: readonly Option[]): number {
  const bare = word.replace(/^[([]|[)\].]+$/gu, '').trim();
  const labelled = options.filter(({ label }) => label !== '');
  const isRoman = labelled.some(({ label }) => label.length > 1 && romanValue(label));
  const byLabel = isRoman
    ? labelled.findIndex(({ label }) => romanValue(label) === romanValue(bare))
    : labelled.findIndex(({ label }) => label === bare.toLowerCase());
  const isNamed = !isRoman || romanValue(bare) !== undefined;
  const place = isNamed && byLabel >= 0 ? byLabel : -1;
  const all = labelled.length ? labelled : options;
  return place >= 0 ? place : all.findIndex(({ text }) => text === alike(bare));
}

/** An entry of the key in letters, with what explains it behind; undefined where it names no options of its question. */
function inLetters(entry: string, options: readonly Option[]): string | undefined {
  const whole = placeOf(entry, options);
  const [, said = entry, reason = ''] = whole >= 0 ? [] : (REASON.exec(entry.trim()) ?? []);
  const places = whole >= 0 ? [whole] : said.split(JOINED).map((word) => placeOf(word, options));
  return places.every((place) => place >= 0)
    ? [places.map(optionLetter).join(', '), reason].join(' ').trim()
    : undefined;
}

/** Where the list of answers begins: at the line above that heads it, apart from the last question. */
function headedAt(lines: Lines, first: number): number {
  const above = lines.slice(0, first).findLastIndex(({ text }) => text.trim());
  const text = lines[above]?.text ?? '';
  const isApart = above > 0 && !lines[above - 1]!.text.trim();
  const isHeading =
    headsAnswers(text) || (isApart && !asksOutright(text) && !OPTION_LABEL.test(text));
  return isHeading ? above : first;
}
const OPTION_LABEL = /^\s*[([]?(?:[A-Ja-j]|[ivx]{1,5})[).:\]]\s/u;

/** The lines of a text whose last list is such a key, as a key in letters below a word for it. */
export function labelsAgain(lines: Lines): Lines {
  const list = listAtEnd(lines);
  const questions = list.length >= FEWEST ? questionsOf(lines, list) : undefined;
  if (!questions || list.some(({ text }) => asksOutright(text))) {
    return lines;
  }
  const from = headedAt(lines, list[0]!.at);
  const entries = list.map(({ text }, n) =>
    inLetters(text, optionsIn(lines, questions[n]!, questions[n + 1]?.at ?? from)),
  );
  if (entries.filter((one) => one !== undefined).length < list.length * MOSTLY) {
    return lines;
  }
  const key = list.map(({ at, n, text }, index) =>
    anew(lines[at]!, `${n}. ${entries[index] ?? text}`),
  );
  return [...lines.slice(0, from), anew(lines[from]!, 'Answers'), ...key];
}
