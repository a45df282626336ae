// How a column that names the right options is to be read: by letters, by numbers from 0 or from 1, by the options' texts.
import type { Column, Key } from '../model';
import { bareWords, wordsApart } from '../shared/normalise';
import { findInnerSeparator } from '../shared/table/separators';
import { saysFromZero } from '../shared/vocabulary/key-words';
import { trueFalseWords, verdictOf } from '../shared/vocabulary/verdicts';
import { findVerdicts, readingsOf, UNTOLD, type KeyReading, type Named } from '../understanding';
import { partsOfOptions } from './option-texts';
import type { Row } from './row';
import { namedIn } from './told-twice';
import { say, toSay } from '../shared/say';

export type KeyGuess = { key: Key; because: string; sure: boolean };

/** Rows with their columns; `isProgram` where a program wrote the source. */
export type KeyLook = { rows: readonly Row[]; columns: readonly Column[]; isProgram: boolean };

const WHY: Partial<Record<Key['style'], string>> = {
  letter: toSay('are letters that name an option of their row'),
  number: toSay('are numbers that name an option of their row, counted from 1'),
  'number-from-0': toSay('are numbers that name an option of their row, counted from 0'),
  text: toSay('repeat the text of an option'),
};
/** A row's key beside its options, with what another column says of the answer. */
type Told = Named & { beside: string };

/** So many rows must be read by a style to be sure of it. */
const WELL_READ = 0.8;

type Best = KeyReading & { isOpen?: boolean };

/** Whether a number names, from 0 or from 1, what another column tells in words; undefined where none does, or both alike. */
function toldFromZero(rows: readonly Told[]): boolean | undefined {
  const told = rows.flatMap(({ key, options, beside }) => {
    const [place, ...more] = namedIn(beside, options);
    return place === undefined || more.length || !/^\d{1,2}$/.test(key)
      ? []
      : [Number(key) - place];
  });
  const fromZero = told.filter((away) => away === 0).length;
  const fromOne = told.filter((away) => away === 1).length;
  return fromZero === fromOne ? undefined : fromZero > fromOne;
}

/**
 * The likeliest reading of a key column. A program counts from 0 as readily as from 1: where nothing tells, it is open, and 0 the
 * likelier.
 */
function bestOf(
  readings: readonly KeyReading[],
  rows: readonly Told[],
  { heading, isProgram }: { heading: string; isProgram: boolean },
): Best | undefined {
  const [best] = readings;
  const zero = readings.find(({ style }) => style === 'number-from-0');
  if (best?.style !== 'number' || !zero) {
    return best;
  }
  const fromZero =
    toldFromZero(rows) ?? (saysFromZero(bareWords(wordsApart(heading))) || undefined);
  if (fromZero !== undefined) {
    return fromZero ? { ...zero, share: best.share } : best;
  }
  const isOpen = isProgram && zero.share >= best.share * UNTOLD;
  return isOpen ? { ...zero, share: best.share, isOpen } : best;
}

/** The key column read beside the options: the style under which its cells name options. */
export function fromKeyColumn(
  { rows: sample, columns, isProgram }: KeyLook,
  key: Column,
): KeyGuess {
  const heading = key.heading ?? '';
  const rows = sample.map((row): Told => ({
    key: row.text('key'),
    options: partsOfOptions(row),
    beside: row.text('accepted'),
  }));
  const withOptions = rows.filter(({ options }) => options.filter(Boolean).length > 1);
  const headings = columns
    .filter(({ role }) => role === 'option')
    .map((column) => column.heading ?? '');
  const values = rows.map((row) => row.key).filter(Boolean);
  const separator = findInnerSeparator(values.filter((value) => /[^\p{L}\p{N}]/u.test(value)));
  const several = separator ? { separator } : {};
  if (!withOptions.length) {
    return withoutOptions(key, values);
  }
  const best = bestOf(readingsOf(withOptions, headings), withOptions, { heading, isProgram });
  if (!best || best.share === 0) {
    return {
      key: { style: 'text' },
      sure: false,
      because: values.length
        ? say(
            '{values, plural, one {# cell} other {# cells}} of column {column} name no option of their row',
            { values: values.length, column: key.column },
          )
        : say('column {column} is empty', { column: key.column }),
    };
  }
  const told = Math.round(best.share * withOptions.filter((row) => row.key).length);
  return {
    key: { style: best.style, ...several },
    sure: best.share >= WELL_READ && !best.isOpen,
    because: best.isOpen
      ? say(
          'the numbers of column {column} name an option of their row whether they count from 0 or from 1',
          { column: key.column },
        )
      : say('{told, plural, one {# cell} other {# cells}} of column {column} {style}', {
          told,
          column: key.column,
          style: say(WHY[best.style] ?? ''),
        }),
  };
}

/** A word with a number behind it counts something, and is no verdict: 'Lesson 3'. */
const COUNTED = /\p{L}.*\d/u;

function withoutOptions(key: Column, values: readonly string[]): KeyGuess {
  const words = [...new Set(values.map((value) => value.toLowerCase()))];
  const isTruth =
    words.length > 0 &&
    (values.every((value) => trueFalseWords(value) ?? verdictOf(value) !== undefined) ||
      (words.length === 2 && values.length > 3 && !words.some((word) => COUNTED.test(word))));
  const found = isTruth ? findVerdicts(values.map((value) => [value])) : undefined;
  if (isTruth) {
    return {
      key: {
        style: 'word',
        ...(found ? { right: found.right } : {}),
        ...(found?.wrong ? { wrong: found.wrong } : {}),
      },
      sure: values.every((value) => trueFalseWords(value) ?? verdictOf(value) !== undefined),
      because: say('column {column} says true or false as a word', { column: key.column }),
    };
  }
  return {
    key: { style: 'text' },
    sure: values.length > 0,
    because: values.length
      ? say('column {column} holds the answer itself', { column: key.column })
      : say('column {column} is empty', { column: key.column }),
  };
}
