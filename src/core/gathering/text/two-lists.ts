// Two lists to match, one counted by numbers and one by letters, with a key such as "1B 2D 3A".
import type { Item } from '../../model';
import { plainOfPieces, type Draft, type DraftOption } from './draft';

const LEAST = 2;
const PAIR = /(\d{1,2})\s*[-–=:.)]?\s*([A-Ja-j])(?![\p{L}\d])/gu;
/** The second half of a line, behind a tab or wide blanks, with its letter. */
const BESIDE = /(?:\t+|\s{2,})[([]?([A-Ja-j])\s?[.):\]]\s*(\S.*)$/u;
/** The same without a sign: only where all letters together count from the first on. */
const BESIDE_BARE = /(?:\t+|\s{3,})([A-Ja-j])\s+(\S.*)$/u;

type Half = { text: string; n: number };
type Lists = { left: Half[]; right: Half[] };
const NONE: Lists = { left: [], right: [] };

const halfOf = (option: DraftOption): Half => ({ text: plainOfPieces(option.pieces), n: option.n });
const letterOf = (text: string): number => text.toLowerCase().charCodeAt(0) - 'a'.charCodeAt(0);

/** Numbers first and letters below them. */
function below(options: readonly DraftOption[]): Lists {
  const from = options.findIndex(({ style }) => style === 'letter');
  const isSplit =
    from > 0 && options.every(({ style }, index) => style === (index < from ? 'number' : 'letter'));
  return isSplit
    ? { left: options.slice(0, from).map(halfOf), right: options.slice(from).map(halfOf) }
    : NONE;
}

/** Numbers with a letter beside each, as one of the ways to write it. */
function besideBy(options: readonly DraftOption[], way: RegExp): Lists {
  const found = options.map((option) => {
    const raw = option.pieces.map(({ line, from, to }) => line.text.slice(from, to)).join(' ');
    const match = option.style === 'number' ? way.exec(raw) : null;
    return match && { raw, match, n: option.n };
  });
  return found.every((one) => one !== null)
    ? {
        left: found.map(({ raw, match, n }) => ({ text: raw.slice(0, match.index).trim(), n })),
        right: found.map(({ match }) => ({ text: match[2]!.trim(), n: letterOf(match[1]!) })),
      }
    : NONE;
}

/** Numbers with a letter beside each. */
function beside(options: readonly DraftOption[]): Lists {
  const signed = besideBy(options, BESIDE);
  if (signed.left.length) {
    return signed;
  }
  const bare = besideBy(options, BESIDE_BARE);
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
  return pairs.length >= LEAST ? pairs : [];
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
