// Pairs and steps of a row: in columns of their own, or together in one cell.
import { findInnerSeparator, splitCell, stepsIn } from '../shared/table/separators';
import type { Row } from './row';

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

/** The pairs of a row; `parts` are cells that hold one or several pairs each. */
export function pairsOf(row: Row, parts: readonly string[]): Pair[] {
  const left = row.texts('left');
  const right = row.texts('right-side');
  const pairs = left.some(Boolean)
    ? left.map((text, index) => [text, right[index] ?? ''])
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

/** The steps of a row in their order; `parts` are its cells, or one cell with all of them. */
export function stepsOf(row: Row, parts: readonly string[]): string[] {
  const texts = parts.length === 1 ? stepsIn(parts[0]!) : [...parts];
  return inSaidOrder(texts, row.text('key') || row.text('accepted'));
}

/** The place from 0 that a letter or number names; -1 where it names none. */
function placeOf(part: string): number {
  if (/^[A-Ja-j]$/.test(part)) {
    return part.toUpperCase().charCodeAt(0) - 65;
  }
  return /^\d{1,2}$/.test(part) ? Number(part) - 1 : -1;
}

/** Steps put in the order that letters or numbers beside them say, `C A D B`. */
function inSaidOrder(texts: string[], said: string): string[] {
  const letters = /^[A-Ja-j]{2,10}$/.test(said)
    ? [...said]
    : said.split(/[^A-Za-z\d]+/).filter(Boolean);
  const places = letters.map(placeOf);
  const isOrder =
    places.length === texts.length &&
    [...places].sort((a, b) => a - b).every((place, index) => place === index);
  return isOrder ? places.map((place) => texts[place]!) : texts;
}
