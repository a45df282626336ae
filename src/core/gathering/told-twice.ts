// What a column says of a question's right options that another column has told: the same, something else, or more.
import type { Item, Option } from '../model';
import { alike } from '../shared/normalise';
import { optionLetter, quoted, listed } from '../shared/plain';
import { placeOfLetter } from '../shared/vocabulary/alphabets';
import { BETWEEN_TEXTS, placeOfText, type Problem } from './key-by-text';
import type { Row } from './row';
import { say } from '../shared/say';

/** The options, from 0, that a text names by their wording or by a letter; empty where it names none, or other things as well. */
export function namedIn(text: string, options: readonly string[]): number[] {
  if (!text) {
    return [];
  }
  const whole = placeOfText(text, options);
  const letter = placeOfLetter(text) ?? -1;
  if (whole >= 0 || (letter >= 0 && letter < options.length)) {
    return [whole >= 0 ? whole : letter];
  }
  const parts = text
    .split(BETWEEN_TEXTS)
    .filter((part) => part.trim())
    .map((part) => placeOfText(part, options));
  return parts.every((place) => place >= 0) ? parts : [];
}

const namesOf = (places: readonly number[]): string =>
  say('{count, plural, one {option} other {options}} {places}', {
    count: places.length,
    places: listed(places.map(optionLetter)),
  });

/** What a row says of its answer beside its key and where, and the cell of that key. */
type Said = { text: string; cell: string; keyCell: string };

/** What is said as an accepted answer, or in a second column of the key; undefined of a row that says it once. */
function saidTwice(row: Row): Said | undefined {
  const accepted = row.text('accepted');
  const text = accepted || row.texts('key')[1];
  if (!text || !row.text('key')) {
    return undefined;
  }
  const cell = accepted ? row.cellOf('accepted') : row.cellOf('key', 1);
  return { text, cell, keyCell: row.cellOf('key') };
}

const problem = (message: string, mend?: Problem['mend']): Problem => ({
  rule: 'key-told-otherwise',
  level: 'warn',
  field: 'key',
  message,
  ...(mend ? { mend } : {}),
});

/** What tells otherwise than the key, with the options as it tells them. */
function otherwise(
  { text, cell, keyCell }: Said,
  named: readonly number[],
  options: readonly Option[],
): Problem {
  const right = options.flatMap((option, place) => (option.right ? [place] : []));
  return problem(
    say(
      '{cell} says {text}, {named}, but by {keyCell} the right one is {right}. Look which of them is meant.',
      {
        cell,
        text: quoted(text),
        named: namesOf(named),
        keyCell,
        right: right.length ? namesOf(right) : say('none'),
      },
    ),
    {
      label: say('Take {named}', { named: namesOf(named) }),
      patch: {
        options: options.map((option, place) => ({ ...option, right: named.includes(place) })),
      },
    },
  );
}

/** What names none of the options and says no more than the right one does. */
const namesNone = ({ text, cell, keyCell }: Said, options: readonly Option[]): Problem =>
  problem(
    say(
      '{cell} says {text}, which is none of the {options, plural, one {# option} other {# options}}; the right one was taken from {keyCell}.',
      { cell, text: quoted(text), options: options.length, keyCell },
    ),
  );

type Told = { fields: Partial<Item>; problems: Problem[] };
const NOTHING: Told = { fields: {}, problems: [] };
const OF_OPTIONS: ReadonlySet<Item['kind'] | undefined> = new Set([
  'choice-one',
  'choice-many',
  'true-false',
] as const);

/**
 * What an answer that a row tells beside its key adds to the question: nothing where it names the same options, a problem where
 * it names others, an explanation where it says more than the right option does.
 */
export function toldBesideKey(row: Row, { kind, options = [] }: Partial<Item>): Told {
  const said = OF_OPTIONS.has(kind) && options.length ? saidTwice(row) : undefined;
  if (!said) {
    return NOTHING;
  }
  const named = namedIn(
    said.text,
    options.map((option) => option.text.plain),
  );
  if (named.length) {
    const isSame = options.every(({ right }, place) => right === named.includes(place));
    return isSame ? NOTHING : { fields: {}, problems: [otherwise(said, named, options)] };
  }
  // A verdict has many words.
  if (kind === 'true-false') {
    return NOTHING;
  }
  const saysMore = options.some(
    (option) => option.right && alike(said.text).includes(alike(option.text.plain)),
  );
  return saysMore
    ? { fields: { explanation: { plain: said.text } }, problems: [] }
    : { fields: {}, problems: [namesNone(said, options)] };
}
