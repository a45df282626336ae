// Two lists to match, each counted in its own way, with a key such as "1B 2D 3A" or "A-ii, B-i".
import type { Item } from '../../model';
import { romanValue } from './counting';
import { plainOfPieces, type Draft, type DraftOption } from './draft';

const LEAST = 2;
const PAIR = /(\d{1,2})\s*[-–=:.)]?\s*([A-Ja-j])(?![\p{L}\d])/gu;
/** The second half of a line, behind a tab or wide blanks, with its letter. */
const BESIDE = /(?:\t+|\s{2,})[([]?([A-Ja-j])\s?[.):\]]\s*(\S.*)$/u;
/** The same with a number or a Roman one. */
const BESIDE_NUMBER = /(?:\t+|\s{2,})[([]?(\d{1,2}|[ivx]{1,4}|[IVX]{1,4})\s?[.):\]]\s*(\S.*)$/u;
/** A letter and a number of whatever kind, joined by a sign. */
const OTHER_PAIR =
  /(?<![\p{L}\d])([A-Ja-j])\s*(?:[-–=:.)]+|->|→)\s*(\d{1,2}|[ivx]{1,4}|[IVX]{1,4})(?![\p{L}\d])/gu;
/** The same without a sign: only where all letters together count from the first on. */
const BESIDE_BARE = /(?:\t+|\s{3,})([A-Ja-j])\s+(\S.*)$/u;

type Half = { text: string; n: number };
type Lists = { left: Half[]; right: Half[] };
const NONE: Lists = { left: [], right: [] };

const halfOf = (option: DraftOption): Half => ({ text: plainOfPieces(option.pieces), n: option.n });
const letterOf = (text: string): number => text.toLowerCase().charCodeAt(0) - 'a'.charCodeAt(0);
/** What a number counts from 0, in figures or Roman. */
const numberOf = (text: string): number =>
  (/^\d/.test(text) ? Number(text) : (romanValue(text) ?? 0)) - 1;

/** Numbers first and letters below them. */
function below(options: readonly DraftOption[]): Lists {
  const from = options.findIndex(({ style }) => style === 'letter');
  const isSplit =
    from > 0 && options.every(({ style }, index) => style === (index < from ? 'number' : 'letter'));
  return isSplit
    ? { left: options.slice(0, from).map(halfOf), right: options.slice(from).map(halfOf) }
    : NONE;
}

type Way = { style: 'number' | 'letter'; way: RegExp; count: (label: string) => number };

/** Labels with another beside each, as one of the ways to write it. */
function besideBy(options: readonly DraftOption[], { style, way, count }: Way): Lists {
  const found = options.map((option) => {
    const raw = option.pieces.map(({ line, from, to }) => line.text.slice(from, to)).join(' ');
    const match = option.style === style ? way.exec(raw) : null;
    return match && { raw, match, n: option.n };
  });
  return found.every((one) => one !== null)
    ? {
        left: found.map(({ raw, match, n }) => ({ text: raw.slice(0, match.index).trim(), n })),
        right: found.map(({ match }) => ({ text: match[2]!.trim(), n: count(match[1]!) })),
      }
    : NONE;
}

/** Numbers with a letter beside each, or letters with a number. */
function beside(options: readonly DraftOption[]): Lists {
  const signed = besideBy(options, { style: 'number', way: BESIDE, count: letterOf });
  const lettered = besideBy(options, { style: 'letter', way: BESIDE_NUMBER, count: numberOf });
  if (signed.left.length || lettered.left.length) {
    return signed.left.length ? signed : lettered;
  }
  const bare = besideBy(options, { style: 'number', way: BESIDE_BARE, count: letterOf });
  return bare.right.every(({ n }, index) => n === index) ? bare : NONE;
}

/** The two lists of a question; undefined where its options are none. */
export function twoLists({ options }: Pick<Draft, 'options'>): Lists | undefined {
  return [below(options), beside(options)].find(
    ({ left, right }) => left.length >= LEAST && right.length >= LEAST,
  );
}

/** The numbers and letters of a key, counted from 0; none where it has fewer than two. */
export function pairsOfKey(text: string): { left: number; right: number }[] {
  const pairs = [...text.matchAll(PAIR)].map(([, number, letter]) => ({
    left: Number(number) - 1,
    right: letterOf(letter!),
  }));
  const others = [...text.matchAll(OTHER_PAIR)].map(([, letter, number]) => ({
    left: letterOf(letter!),
    right: numberOf(number!),
  }));
  return [pairs, others].find(({ length }) => length >= LEAST) ?? [];
}

/** Two lists put together by their key; undefined where the key names other numbers or letters than there are. */
export function pairedLists(draft: Draft, said: string): Pick<Item, 'pairs'> | undefined {
  const lists = twoLists(draft);
  const key = lists && pairsOfKey(said);
  if (!lists || !key?.length) {
    return undefined;
  }
  const pairs = lists.left.map(({ text, n }) => {
    const letter = key.find(({ left }) => left === n)?.right;
    const right = lists.right.find((half) => half.n === letter)?.text;
    return right === undefined ? undefined : { left: { plain: text }, right: { plain: right } };
  });
  return pairs.every((pair) => pair !== undefined) ? { pairs } : undefined;
}
