// Two lists to match, each counted in its own way, with a key such as "1B 2D 3A" or "A-ii, B-i".
import type { Item } from '../../model';
import { numberPlace, pairsOfKey } from '../../shared/pair-key';
import { plainOfPieces, type Draft, type DraftOption } from './draft';
import { letterPlace } from '../../shared/plain';

const LEAST = 2;
/** The second half of a line, behind a tab or wide blanks, with its letter. */
const BESIDE = /(?:\t+|\s{2,})[([]?([A-Ja-j])\s?[.):\]]\s*(\S.*)$/u;
/** The same with a number or a Roman one. */
const BESIDE_NUMBER = /(?:\t+|\s{2,})[([]?(\d{1,2}|[ivx]{1,4}|[IVX]{1,4})\s?[.):\]]\s*(\S.*)$/u;
/** The same without a sign: only where all letters together count from the first on. */
const BESIDE_BARE = /(?:\t+|\s{3,})([A-Ja-j])\s+(\S.*)$/u;

type Half = { text: string; n: number };
type Lists = { left: Half[]; right: Half[] };
const NONE: Lists = { left: [], right: [] };

const halfOf = (option: DraftOption): Half => ({ text: plainOfPieces(option.pieces), n: option.n });

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
  const signed = besideBy(options, { style: 'number', way: BESIDE, count: letterPlace });
  const lettered = besideBy(options, { style: 'letter', way: BESIDE_NUMBER, count: numberPlace });
  if (signed.left.length || lettered.left.length) {
    return signed.left.length ? signed : lettered;
  }
  const bare = besideBy(options, { style: 'number', way: BESIDE_BARE, count: letterPlace });
  return bare.right.every(({ n }, index) => n === index) ? bare : NONE;
}

/** The two lists of a question; undefined where its options are none. */
export function twoLists({ options }: Pick<Draft, 'options'>): Lists | undefined {
  return [below(options), beside(options)].find(
    ({ left, right }) => left.length >= LEAST && right.length >= LEAST,
  );
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
