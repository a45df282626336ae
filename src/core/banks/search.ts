// The search of a bank: words, phrases in quotes, fields with their values, and what is not wanted behind a minus.
import type { Item } from '../model';
import { KIND_NAMES, kindName } from '../shared/kind-names';
import { holdsPicture, pictureName } from '../shared/picture-list';
import { tagText } from '../shared/plain';

/** What is known of a question besides what stands in it. */
export type Known = {
  /** The names of the sets that it stands in. */
  sets: readonly string[];
  /** Whether it is in a file that was made. */
  isUsed: boolean;
  /** The levels of what was found at it. */
  levels: ReadonlySet<string>;
  /** How often learners answered it, and the share that was right; absent where nobody did. */
  past?: { answered: number; difficulty: number } | undefined;
  /** The day on which it was brought in, 2026-11-28; absent where it was written here. */
  broughtIn?: string | undefined;
  /** The receivers for which it has words of its own or is left out. */
  changedFor?: readonly string[] | undefined;
};
export type Lookup = (item: Item) => Known;

const NOTHING: Known = { sets: [], isUsed: false, levels: new Set() };

type Term = { field: string | undefined; value: string; isNot: boolean };

/** A minus, a field with a colon, and a phrase in quotes or a word. */
const TERM = /(-?)(?:(\p{L}+):)?(?:"([^"]*)"?|(\S+))/gu;

/** The fields that can be asked for, with the texts of each in lower case. */
const FIELDS: Readonly<Record<string, (item: Item, known: Known) => readonly string[]>> = {
  kind: ({ kind }) => [kindName(kind), KIND_NAMES[kind], kind],
  tag: ({ tags = [] }) => tags.flatMap((tag) => [tagText(tag), tag.value]),
  category: ({ category = [] }) => [category.join(' > '), ...category],
  source: ({ origin }) => [origin?.file ?? ''],
  by: ({ origin }) => [origin?.by ?? ''],
  ref: ({ ref }) => [ref],
  title: ({ title = '' }) => [title],
  hint: ({ hint }) => [hint?.plain ?? ''],
  explanation: ({ explanation }) => [explanation?.plain ?? ''],
  set: (_, { sets }) => sets,
  date: (_, { broughtIn }) => (broughtIn ? [broughtIn] : []),
  changed: (_, { changedFor = [] }) =>
    changedFor.length ? ['yes', ...changedFor] : ['no', 'none'],
  picture: ({ media = [] }) =>
    media.length
      ? [
          'yes',
          ...media.map(({ href, alt = '' }) => (holdsPicture(href) ? alt : pictureName(href))),
        ]
      : ['no', 'none'],
  used: (_, { isUsed }) => (isUsed ? ['yes'] : ['no', 'never']),
  findings: (_, { levels }) => (levels.size ? [...levels, 'any'] : ['none']),
};
/** Fields that hold a number; more than, less than and ranges are understood: points:>2, options:3-5. */
const NUMBERS: Readonly<Record<string, (item: Item, known: Known) => number | undefined>> = {
  points: ({ points }) => points,
  seconds: ({ seconds }) => seconds,
  attempts: ({ attempts }) => attempts,
  options: ({ options = [] }) => options.length,
  right: ({ options = [] }) => options.filter(({ right }) => right).length,
  answered: (_, { past }) => past?.answered ?? 0,
  // In per cent, as it is shown.
  difficulty: (_, { past }) => past && Math.round(past.difficulty * 100),
};
const TAG_NAMED = /^(?:level|subject)$/u;

const RANGE = /^(?:([<>])?(\d+(?:\.\d+)?)|(\d+(?:\.\d+)?)-(\d+(?:\.\d+)?))$/u;

function isInRange(value: number | undefined, wanted: string): boolean {
  const [, sign, one, from, to] = RANGE.exec(wanted) ?? [];
  if (value === undefined || (one === undefined && from === undefined)) {
    return false;
  }
  if (from !== undefined) {
    return value >= Number(from) && value <= Number(to);
  }
  const bound = Number(one);
  if (sign) {
    return sign === '>' ? value > bound : value < bound;
  }
  return value === bound;
}

const isField = (name: string): boolean =>
  name in FIELDS || name in NUMBERS || TAG_NAMED.test(name);

/** The parts of a query; a word with a colon that is no field is a word. */
export function termsOf(query: string): Term[] {
  return [...query.toLowerCase().matchAll(TERM)].flatMap(
    ([whole, minus = '', name, phrase, word]): Term[] => {
      const value = phrase ?? word ?? '';
      const isNot = minus === '-' && value !== '';
      if (name !== undefined && isField(name)) {
        return value ? [{ field: name, value, isNot }] : [];
      }
      const text = name === undefined ? value : whole.replace(/^-/, '').replaceAll('"', '');
      return text ? [{ field: undefined, value: text, isNot }] : [];
    },
  );
}

const written = (field: string, value: string): string =>
  /\s/u.test(value) ? `${field}:"${value}"` : `${field}:${value}`;
const ofField = (field: string): RegExp =>
  new RegExp(String.raw`(?<![\p{L}-])${field}:(?:"[^"]*"?|\S*)\s*`, 'giu');

/** What a query asks of a field; empty where it asks nothing. Letters are small, as the search reads them. */
export const valueAsked = (query: string, field: string): string =>
  termsOf(query).find((term) => term.field === field && !term.isNot)?.value ?? '';

/** The query with another value asked of a field, or none where it is empty; all else that is asked stays. */
export function queryWith(query: string, field: string, value: string): string {
  const others = query.replace(ofField(field), '').trim();
  return [others, value ? written(field, value) : ''].filter(Boolean).join(' ');
}

/** All that a word is looked for in, in lower case. */
function textOf(item: Item): string {
  const { ref, stem, title, options = [], accepted = [], category = [], tags = [] } = item;
  const { pairs = [], steps = [], hint, explanation } = item;
  return [
    ref,
    title,
    stem.plain,
    ...options.map(({ text }) => text.plain),
    ...accepted,
    ...pairs.flatMap(({ left, right }) => [left.plain, right.plain]),
    ...steps.map(({ plain }) => plain),
    ...category,
    ...tags.map(tagText),
    hint?.plain,
    explanation?.plain,
  ]
    .filter(Boolean)
    .join('\n')
    .toLowerCase();
}

function hasField(item: Item, known: Known, { field, value }: Term & { field: string }): boolean {
  const number = NUMBERS[field];
  if (number) {
    return isInRange(number(item, known), value) || hasTagNamed(item, field, value);
  }
  const texts = FIELDS[field]?.(item, known) ?? namedTags(item, field);
  return texts.some((text) => text.toLowerCase().includes(value));
}

const hasTagNamed = (item: Item, name: string, value: string): boolean =>
  namedTags(item, name).some((text) => text.toLowerCase().includes(value));

/** 'level:beginner' asks for a tag with that name. */
const namedTags = ({ tags = [] }: Item, name: string): string[] =>
  tags.filter((tag) => tag.name?.toLowerCase() === name).map(({ value }) => value);

/** Whether a question is one of those that a query asks for; every part of it must hold. */
export function searchFor(query: string, lookup: Lookup = () => NOTHING): (item: Item) => boolean {
  const terms = termsOf(query);
  const asksText = terms.some(({ field }) => field === undefined);
  const asksKnown = terms.some(({ field }) => field !== undefined);
  return (item) => {
    const text = asksText ? textOf(item) : '';
    const known = asksKnown ? lookup(item) : NOTHING;
    return terms.every((term) => {
      const { field, value, isNot } = term;
      const holds =
        field === undefined ? text.includes(value) : hasField(item, known, { ...term, field });
      return holds !== isNot;
    });
  };
}
