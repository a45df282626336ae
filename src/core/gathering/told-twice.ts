// What a column says of a question's right options that another column has told: the same, something else, or more.
import type { Item, Option } from '../model';
import { alike } from '../shared/normalise';
import { count, optionLetter, quoted, listed } from '../shared/plain';
import { placeOfLetter } from '../shared/vocabulary/alphabets';
import type { Problem } from './key';
import type { Row } from './row';

/** The options, from 0, that a text names by their wording or by a letter; empty where it names none, or other things as well. */
export function namedIn(text: string, options: readonly string[]): number[] {
  const at = (part: string): number => options.findIndex((own) => alike(own) === alike(part));
  if (!text) {
    return [];
  }
  const whole = at(text);
  const letter = placeOfLetter(text) ?? -1;
  if (whole >= 0 || (letter >= 0 && letter < options.length)) {
    return [whole >= 0 ? whole : letter];
  }
  const parts = text
    .split(/[;|\n]|\s\/\s|,\s/u)
    .filter((part) => part.trim())
    .map(at);
  return parts.every((place) => place >= 0) ? parts : [];
}

const namesOf = (places: readonly number[]): string =>
  `${places.length === 1 ? 'option' : 'options'} ${listed(places.map(optionLetter))}`;

/** What a row says of its answer beside its key: as an accepted one, or in a second column of the key. */
function saidBeside(row: Row): { text: string; cell: string } {
  const accepted = row.text('accepted');
  return accepted
    ? { text: accepted, cell: row.cellOf('accepted') }
    : { text: row.texts('key')[1] ?? '', cell: row.cellOf('key', 1) };
}

/** What tells otherwise than the key, with the options as it tells them. */
function otherwise(row: Row, named: readonly number[], options: readonly Option[]): Problem {
  const { text, cell } = saidBeside(row);
  const right = options.flatMap((option, place) => (option.right ? [place] : []));
  return {
    rule: 'key-told-otherwise',
    level: 'warn',
    field: 'key',
    message: `${cell} says ${quoted(text)}, ${namesOf(named)}, but by ${row.cellOf('key')} the right one is ${right.length ? namesOf(right) : 'none'}. Look which of them is meant.`,
    mend: {
      label: `Take ${namesOf(named)}`,
      patch: {
        options: options.map((option, place) => ({ ...option, right: named.includes(place) })),
      },
    },
  };
}

/** What names none of the options and says no more than the right one does. */
const namesNone = (row: Row, options: readonly Option[]): Problem => {
  const { text, cell } = saidBeside(row);
  return {
    rule: 'key-told-otherwise',
    level: 'warn',
    field: 'key',
    message: `${cell} says ${quoted(text)}, which is none of the ${count(options.length, 'option')}; the right one was taken from ${row.cellOf('key')}.`,
  };
};

type Told = { fields: Partial<Item>; problems: Problem[] };
const NOTHING: Told = { fields: {}, problems: [] };

/** What a row with both tells, beside the options that its key made right or wrong. */
function toldOf(row: Row, isChoice: boolean, options: readonly Option[]): Told {
  const { text } = saidBeside(row);
  const named = namedIn(
    text,
    options.map((option) => option.text.plain),
  );
  if (named.length) {
    const isSame = options.every(({ right }, place) => right === named.includes(place));
    return isSame ? NOTHING : { fields: {}, problems: [otherwise(row, named, options)] };
  }
  const saysMore = options.some(
    (option) => option.right && alike(text).includes(alike(option.text.plain)),
  );
  if (!isChoice || saysMore) {
    return isChoice ? { fields: { explanation: { plain: text } }, problems: [] } : NOTHING;
  }
  return { fields: {}, problems: [namesNone(row, options)] };
}

/**
 * What an answer that a row tells beside its key adds to the question: nothing where it names the same options, a problem where
 * it names others, an explanation where it says more than the right option does.
 */
export function toldBesideKey(row: Row, { kind, options }: Partial<Item>): Told {
  const isChoice = kind === 'choice-one' || kind === 'choice-many';
  const isTold = saidBeside(row).text !== '' && row.text('key') !== '';
  return isTold && options?.length && (isChoice || kind === 'true-false')
    ? toldOf(row, isChoice, options)
    : NOTHING;
}
