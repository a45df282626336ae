// A key that repeats the text of its options, as it stands, but for case and blanks, or misspelt.
import type { Key, Mend, Option } from '../model';
import { alike, editsBetween } from '../shared/normalise';
import { optionLetter, quoted } from '../shared/plain';
import { say } from '../shared/say';

/** A problem in one row, before it is given its place. */
export type Problem = {
  rule: string;
  level: 'note' | 'warn' | 'block';
  field: string;
  message: string;
  mend?: Mend;
};
export type KeyInput = {
  cell: string;
  text: string;
  key: Key;
  outerBlanks?: boolean;
  setOff?: readonly boolean[];
  /** The headings of the options' columns, by which a key may name them. */
  headings?: readonly string[];
  /** The letters or numbers by which those headings tell the options apart, where they are no plain sequence. */
  labels?: readonly string[];
};

/** What parts the texts of several options in one cell. */
export const BETWEEN_TEXTS = /[;|\n]|\s\/\s|,\s/;

/** Options with those of some places right. */
export const asOptions = (texts: readonly string[], right: ReadonlySet<number>): Option[] =>
  texts.map((plain, index) => ({ text: { plain }, right: right.has(index) }));

/** The option, from 0, that has a text, but for case and blanks; -1 where none has. */
export const placeOfText = (text: string, options: readonly string[]): number =>
  options.findIndex((option) => alike(option) === alike(text));

/** The options that a key names by their texts, and what stands in the way. */
export function byText(
  { cell, text, outerBlanks }: KeyInput,
  options: readonly string[],
): { right: Set<number>; problems: Problem[] } {
  const exact = options.indexOf(text);
  if (exact >= 0) {
    const problems: Problem[] = outerBlanks
      ? [
          {
            rule: 'key-text-spelt-otherwise',
            level: 'note',
            field: 'key',
            message: say(
              '{cell} says {text} with a blank before or behind it; it was taken for option {exact}.',
              { cell, text: quoted(text), exact: optionLetter(exact) },
            ),
          },
        ]
      : [];
    return { right: new Set([exact]), problems };
  }
  const near = options.flatMap((option, index) => (alike(option) === alike(text) ? [index] : []));
  if (near.length === 1) {
    return {
      right: new Set(near),
      problems: [
        {
          rule: 'key-text-spelt-otherwise',
          level: 'note',
          field: 'key',
          message: say(
            '{cell} says {text}; it was taken for option {near}, {options}, which differs only in spaces, letter case or the shape of a quote.',
            {
              cell,
              text: quoted(text),
              near: optionLetter(near[0]!),
              options: quoted(options[near[0]!]!),
            },
          ),
        },
      ],
    };
  }
  const several = text.split(BETWEEN_TEXTS).map((part) => placeOfText(part, options));
  if (several.length > 1 && several.every((index) => index >= 0)) {
    return { right: new Set(several), problems: [] };
  }
  return { right: new Set(), problems: [noSuchText(cell, text, options)] };
}

function noSuchText(cell: string, text: string, options: readonly string[]): Problem {
  const closest = options
    .map((option, index) => ({ index, edits: editsBetween(alike(option), alike(text)) }))
    .sort((a, b) => a.edits - b.edits)[0];
  const mend =
    closest && closest.edits <= 2 && options[closest.index]!.length > 4
      ? {
          mend: {
            label: say('Take {index}, {options}', {
              index: optionLetter(closest.index),
              options: quoted(options[closest.index]!, 30),
            }),
            patch: { options: asOptions(options, new Set([closest.index])) },
          },
        }
      : {};
  return {
    rule: 'key-text-matches-no-option',
    level: 'block',
    field: 'key',
    message: say('{cell} says {text}, but no option has this text. Choose the right one.', {
      cell,
      text: quoted(text),
    }),
    ...mend,
  };
}
