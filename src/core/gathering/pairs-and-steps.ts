// Pairs and steps of a row: in columns of their own, or together in one cell.
import { pairsOfKey } from '../shared/pair-key';
import { findInnerSeparator, splitCell, splitLabelled, stepsIn } from '../shared/table/separators';
import type { Row } from './row';
import { letterPlace } from '../shared/plain';

const BETWEEN = [
  ' = ',
  ' -> ',
  ' => ',
  ' → ',
  ' – ',
  ' — ',
  ' : ',
  '=>',
  '->',
  '→',
  '=',
  ' | ',
  '|',
  ': ',
  ' - ',
  ' > ',
  ',',
];

/** The sign that stands once in every part. */
const between = (parts: readonly string[]): string | undefined =>
  BETWEEN.find((sign) => parts.every((part) => part.split(sign).length === 2));

/** The parts of a cell that holds several pairs: the sign under which every part is a pair. */
function splitPairs(text: string): string[] {
  const ways = ['\n', ';', ' | ', '|', ' / ', ','].map((sign) => splitCell(text, sign));
  return (
    ways.find((parts) => parts.length > 1 && between(parts) !== undefined) ??
    splitCell(text, findInnerSeparator([text]))
  );
}

export type Pair = { left: { plain: string }; right: { plain: string } };

/** The two sides of a row: a cell each, or two cells that list them, put together as a key says or in their order. */
function sidesOf(row: Row): string[][] {
  const [left, right] = [row.texts('left'), row.texts('right-side')];
  const lists = [left, right].map((side) =>
    side.length === 1 ? splitLabelled(side[0]!) : undefined,
  );
  const [lefts, rights] = lists;
  if (!lefts || !rights) {
    return left.map((text, index) => [text, right[index] ?? '']);
  }
  const key = pairsOfKey(row.text('key') || row.text('accepted'));
  const placeOf = (n: number): number | undefined =>
    key.length ? key.find((pair) => pair.left === n)?.right : n;
  return lefts.map((text, n) => [text, rights[placeOf(n) ?? -1] ?? '']);
}

/** The pairs of a row; `parts` are cells that hold one or several pairs each. */
export function pairsOf(row: Row, parts: readonly string[]): Pair[] {
  const pairs = row.texts('left').some(Boolean)
    ? sidesOf(row)
    : pairsIn(parts.length === 1 ? splitPairs(parts[0]!) : parts);
  return pairs
    .filter(([a]) => a)
    .map(([a, b]) => ({ left: { plain: a!.trim() }, right: { plain: (b ?? '').trim() } }));
}

function pairsIn(parts: readonly string[]): string[][] {
  const sign = between(parts);
  return parts.map((part) => {
    const own = sign ?? BETWEEN.find((one) => part.split(one).length === 2);
    return own ? part.split(own) : [part];
  });
}

/** The steps of a row in their order; `parts` are its cells, or one cell with all of them, beside which another may say their order. */
export function stepsOf(row: Row, parts: readonly string[]): string[] {
  const listed = parts.map(stepsIn);
  const beside = parts.length === 2 ? listed.findIndex(({ length }) => length > 1) : -1;
  const ordered = beside < 0 ? undefined : inOrderOf(listed[beside]!, placesIn(parts[1 - beside]!));
  if (ordered) {
    return ordered;
  }
  const texts = parts.length === 1 ? listed[0]! : [...parts];
  return inOrderOf(texts, placesIn(row.text('key') || row.text('accepted'))) ?? texts;
}

/** The place from 0 that a letter or number names; -1 where it names none. */
function placeOf(part: string): number {
  if (/^[A-Ja-j]$/.test(part)) {
    return letterPlace(part);
  }
  return /^\d{1,2}$/.test(part) ? Number(part) - 1 : -1;
}

/** The places that letters or numbers name one behind the other, `C A D B`. */
function placesIn(said: string): number[] {
  const letters = /^[A-Ja-j]{2,10}$/.test(said)
    ? [...said]
    : said.split(/[^A-Za-z\d]+/).filter(Boolean);
  return letters.map(placeOf);
}

/** Steps in the order that places name; undefined where these don't name each of them once. */
function inOrderOf(texts: readonly string[], places: readonly number[]): string[] | undefined {
  const isOrder =
    places.length === texts.length &&
    [...places].sort((a, b) => a - b).every((place, index) => place === index);
  return isOrder ? places.map((place) => texts[place]!) : undefined;
}
