// What questions have that a receiver has no place for: it stays behind without any of them being changed.
import type { Item, Layout, Role } from '../model';
import { rolesOfPackage } from '../shared/package-roles';
import { rolesOf } from './carries';
import { toSay } from '../shared/say';

type Part = {
  /** What they are called, in a word and with their number `n`. */
  many: string;
  counted: string;
  /** The roles of which any takes it. */
  roles: readonly Role[];
  has: (item: Item) => boolean;
};

/** In the order in which they are missed. */
const PARTS: readonly Part[] = [
  {
    many: toSay('pictures'),
    counted: toSay('{n, plural, one {# picture} other {# pictures}}'),
    roles: ['image'],
    has: ({ media }) => Boolean(media?.length),
  },
  {
    many: toSay('explanations'),
    counted: toSay('{n, plural, one {# explanation} other {# explanations}}'),
    roles: ['explanation'],
    has: ({ explanation }) => Boolean(explanation),
  },
  {
    many: toSay('feedback'),
    counted: toSay('{n, plural, one {# question’s feedback} other {# questions’ feedback}}'),
    roles: ['feedback'],
    has: ({ options = [] }) => options.some(({ feedback }) => feedback),
  },
  {
    many: toSay('hints'),
    counted: toSay('{n, plural, one {# hint} other {# hints}}'),
    roles: ['hint'],
    has: ({ hint }) => Boolean(hint),
  },
  {
    many: toSay('categories'),
    counted: toSay('{n, plural, one {# category} other {# categories}}'),
    roles: ['category'],
    has: ({ category }) => Boolean(category?.length),
  },
  {
    many: toSay('tags'),
    counted: toSay('{n, plural, one {# question’s tags} other {# questions’ tags}}'),
    roles: ['tags', 'tag'],
    has: ({ tags }) => Boolean(tags?.length),
  },
  {
    many: toSay('time limits'),
    counted: toSay('{n, plural, one {# time limit} other {# time limits}}'),
    roles: ['seconds'],
    has: ({ seconds }) => seconds !== undefined,
  },
  {
    many: toSay('references'),
    counted: toSay('{n, plural, one {# reference} other {# references}}'),
    roles: ['ref'],
    has: ({ ref }) => ref !== '',
  },
];

/** So many questions have something that the receiver has no place for; `many` and `counted` (of `n`) are to be said. */
export type LeftBehind = { n: number; many: string; counted: string };

function rolesTaken(layout: Layout): ReadonlySet<Role> {
  return layout.shape === 'package'
    ? new Set<Role>([...rolesOfPackage(layout), 'image'])
    : rolesOf(layout);
}

/** What questions have that a layout has no place for, what is missed most first. */
export function leftBehind(items: readonly Item[], layout: Layout): LeftBehind[] {
  const roles = rolesTaken(layout);
  return PARTS.flatMap(({ many, counted, roles: takers, has }) => {
    const n = takers.some((role) => roles.has(role)) ? 0 : items.filter(has).length;
    return n ? [{ n, many, counted }] : [];
  });
}
