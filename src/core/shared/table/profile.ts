// What the cells of one column are like, in figures that stations judge by.
import { alike, numberOf } from '../normalise';
import { kindOfWord } from '../vocabulary/kinds';
import { verdictOf } from '../vocabulary/verdicts';
import type { Region } from './region';
import { isList } from './separators';

export type Profile = {
  column: number;
  filled: number;
  rows: number;
  /** Shares of the filled cells, 0 to 1. */
  letters: number;
  integers: number;
  verdicts: number;
  links: number;
  kinds: number;
  questions: number;
  ticks: number;
  percents: number;
  starred: number;
  lists: number;
  averageLength: number;
  distinct: number;
  /** Whether the cells count 1, 2, 3 … down the column. */
  counts: boolean;
  smallest: number;
  largest: number;
};

const LETTERS =
  /^[([]?[A-Ja-j](?:\s*(?:[,;/&+ ]|\s(?:and|und|et|y|e|en)\s)\s*[A-Ja-j]|[A-J])*[)\].:]?$/;
const INTEGERS = /^\d{1,2}(?:\s*[,;/&+ ]\s*\d{1,2})*$/;
export const STAR = /^(?:\*|✓|✔|☑|\[x\]|\(x\)|->|→)\s*\S|\S\s*(?:\*|✓|✔|☑|\[x\]|\(x\)|←)$/i;
/** A sample is enough to judge by, and keeps ten thousand rows quick. */
const SAMPLE = 400;

/** Profiles a column over the rows from `first` to the region's end, looking at 400 filled cells at most. */
export function profileColumn(region: Region, column: number, first: number): Profile {
  const texts: string[] = [];
  let rows = 0;
  for (let r = first; r <= region.bottom && texts.length < SAMPLE; r++) {
    rows++;
    const text = region.cell(r, column);
    if (text) {
      texts.push(text);
    }
  }
  const share = (test: (text: string) => boolean): number =>
    texts.length ? texts.filter(test).length / texts.length : 0;
  const numbers = texts.flatMap((text) =>
    INTEGERS.test(text) ? text.split(/\D+/).map(Number) : [],
  );
  const kinds = share((text) => text.length <= 40 && kindOfWord(text) !== undefined);
  return {
    column,
    rows,
    filled: texts.length,
    letters: share((text) => LETTERS.test(text)),
    integers: share((text) => INTEGERS.test(text)),
    verdicts: share((text) => text.length <= 12 && verdictOf(text) !== undefined),
    links: share((text) => /^https?:\/\/\S+$/i.test(text)),
    kinds,
    questions: share((text) => /[??…]\s*$|_{2,}/.test(text)),
    ticks: share((text) => /^(?:x|✓|✔|yes|y)$/i.test(text)),
    percents: share((text) => {
      const n = numberOf(text.replace(/\s*%$/, ''));
      return n !== undefined && Math.abs(n) <= 100;
    }),
    lists: share(isList),
    starred: share((text) => STAR.test(text)),
    averageLength: texts.length
      ? texts.reduce((sum, text) => sum + text.length, 0) / texts.length
      : 0,
    distinct: new Set(texts.map(alike)).size,
    counts:
      texts.length > 1 &&
      texts.every((text, index) => numberOf(text) === (numberOf(texts[0]!) ?? NaN) + index),
    smallest: numbers.reduce((least, n) => Math.min(least, n), numbers[0] ?? NaN),
    largest: numbers.reduce((most, n) => Math.max(most, n), numbers[0] ?? NaN),
  };
}
