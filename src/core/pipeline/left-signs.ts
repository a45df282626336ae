// Signs that most texts of a source's questions still hold once they are read: labels, words in brackets, arrows. They may say something
// that was not understood, so that the reading is no sure one.
import type { Finding, Item } from '../model';
import { groupBy } from '../shared/group-by';
import { quoted } from '../shared/plain';
import { say, toSay } from '../shared/say';

/** What is looked for, at most so far from either end of a text. */
const END = 60;

type Sign = {
  /** The sign in a text, or what makes texts with it alike; undefined where none stands there. */
  find: (text: string) => string | undefined;
  /** Where signs are the same in all texts, or differ, they are none. */
  areMeant?: (found: readonly string[]) => boolean;
};

const distinct = (found: readonly string[]): number => new Set(found).size;
const MOSTLY = 0.6;
const differ = (found: readonly string[]): boolean => distinct(found) >= found.length * MOSTLY;
const areFew = (found: readonly string[]): boolean =>
  distinct(found) > 1 && distinct(found) <= found.length * MOSTLY;

const first =
  (pattern: RegExp) =>
  (text: string): string | undefined =>
    pattern.exec(text.slice(0, END))?.[1];
const last =
  (pattern: RegExp) =>
  (text: string): string | undefined =>
    pattern.exec(text.slice(-END))?.[1];
const whole =
  (pattern: RegExp) =>
  (text: string): string | undefined =>
    pattern.exec(text)?.[1];

const LABEL: Sign = {
  find: first(/^([([{<]?(?:\p{L}|\d{1,3}|[ivx]{2,4}|[IVX]{2,4})\s?[.):\]}>]{1,2})\s+\S/u),
};
const SIGN_FIRST: Sign = {
  find: first(/^([^\p{L}\p{N}\s"'“”‘’„«»¿¡([{<$€£%°#_….,-]{1,3})\s?(?=[\p{L}\p{N}])/u),
};
const BRACKETS_FIRST: Sign = { find: first(/^([([{<][^()[\]{}<>]{1,30}[)\]}>])\s/u) };
/** A capital alone, one of a few that come again. */
const LETTER_FIRST: Sign = { find: first(/^(?![IAO]\s\p{Ll})(\p{Lu})\s+\p{L}/u), areMeant: areFew };
const SIGN_LAST: Sign = {
  find: last(/\p{L}["'”’»)]?\s+([^\p{L}\p{N}\s.?!…,;:"'”’»)\]}%°€$£_/|-]{1,4})$/u),
};
/** Words in brackets that differ from text to text; short ones in small letters are of dictionaries: '(n.)'. */
const BRACKETS_LAST: Sign = {
  find: last(/[\p{L}.?!]\s*[([{<]((?!\p{Ll}{1,5}\.?[)\]}>])\p{L}[^()[\]{}<>]{1,40})[)\]}>]\.?$/u),
  areMeant: differ,
};
const LETTER_LAST: Sign = { find: last(/[.!?]["'”’»]?\s+(\p{Lu})$/u), areMeant: areFew };
const NAME_LAST: Sign = { find: last(/[.?!)]\s+(\p{L}[\p{L} ]{0,14}):\s?\S[^:]*$/u) };
const ARROW: Sign = { find: whole(/\S\s(=>|->|→|⇒|\/\/|::|<->)\s\S/u) };
const BAR: Sign = { find: whole(/\S\s(\|)\s\S/u) };
/** A question with a few words behind it that ask nothing. */
const ANSWER: Sign = { find: last(/\p{L}["'”’]?[?？؟]\s+(\p{L}*[\p{Lu}\d]\S*(?:\s\S+){0,2})$/u) };
const NUMBER_FIRST: Sign = {
  find: first(/^(\d{1,3})\s+\p{L}/u),
  areMeant: (found) => found.every((n, at) => Number(n) === Number(found[0]) + at),
};
const MARKUP: Sign = { find: whole(/(?:^|\s)(\*{1,2}|==|~~)(?=\S)/u) };

const SAID_OF_ALL = [
  LABEL,
  SIGN_FIRST,
  BRACKETS_FIRST,
  SIGN_LAST,
  BRACKETS_LAST,
  ARROW,
  BAR,
  MARKUP,
];
const SAID_OF_STEMS = [...SAID_OF_ALL, LETTER_FIRST, LETTER_LAST, NAME_LAST, ANSWER, NUMBER_FIRST];

/** The texts of questions that are read alike, and how they are called. */
const GROUPS: readonly {
  name: string;
  textsOf: (item: Item) => readonly string[];
  signs: readonly Sign[];
}[] = [
  { name: toSay('questions'), textsOf: ({ stem }) => [stem.plain], signs: SAID_OF_STEMS },
  {
    name: toSay('options'),
    textsOf: ({ options = [] }) => options.map(({ text }) => text.plain),
    signs: SAID_OF_ALL,
  },
  { name: toSay('answers'), textsOf: ({ accepted = [] }) => accepted, signs: SAID_OF_ALL },
  {
    name: toSay('pairs'),
    textsOf: ({ pairs = [] }) => pairs.flatMap(({ left, right }) => [left.plain, right.plain]),
    signs: SAID_OF_ALL,
  },
  {
    name: toSay('steps'),
    textsOf: ({ steps = [] }) => steps.map(({ plain }) => plain),
    signs: SAID_OF_ALL,
  },
];

const FEWEST = 3;

/** The first text with a sign that most of so many texts hold; undefined where there is none. */
function exampleIn(texts: readonly string[], { find, areMeant }: Sign): string | undefined {
  const found = texts.map(find);
  const own = found.filter((one) => one !== undefined);
  const areMost = own.length >= FEWEST && own.length >= texts.length * MOSTLY;
  return areMost && (areMeant?.(own) ?? true) ? texts[found.indexOf(own[0])] : undefined;
}

/** So many questions tell. */
const LOOKED_AT = 300;

/** What is said of such signs in a source's questions, once for each kind of text. */
export function signsLeft(items: readonly Item[], file: string): Finding[] {
  const looked = items.slice(0, LOOKED_AT);
  return GROUPS.flatMap(({ name, textsOf, signs }): Finding[] => {
    // A question asked again and again with other options is one text.
    const texts = [...groupBy(looked.flatMap(textsOf), (text) => text).keys()];
    const example = signs.map((sign) => exampleIn(texts, sign)).find((one) => one !== undefined);
    return example === undefined
      ? []
      : [
          {
            rule: 'sign-left',
            level: 'warn',
            where: { file },
            message: say(
              'Most {texts} hold the same kind of sign, as {example} does. It was kept as part of the text: look whether it says something else.',
              { texts: say(name), example: quoted(example) },
            ),
          },
        ];
  });
}
