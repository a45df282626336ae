// What questions have that a receiver has no place for: it stays behind without any of them being changed.
import type { Item, Layout, Role } from '../model';
import { rolesOfPackage } from '../shared/package-roles';
import { rolesOf } from './carries';

type Part = {
  /** What one of them is called, and several. */
  one: string;
  many: string;
  /** The roles of which any takes it. */
  roles: readonly Role[];
  has: (item: Item) => boolean;
};

/** In the order in which they are missed. */
const PARTS: readonly Part[] = [
  {
    one: 'picture',
    many: 'pictures',
    roles: ['image'],
    has: ({ media }) => Boolean(media?.length),
  },
  {
    one: 'explanation',
    many: 'explanations',
    roles: ['explanation'],
    has: ({ explanation }) => Boolean(explanation),
  },
  {
    one: 'question’s feedback',
    many: 'questions’ feedback',
    roles: ['feedback'],
    has: ({ options = [] }) => options.some(({ feedback }) => feedback),
  },
  { one: 'hint', many: 'hints', roles: ['hint'], has: ({ hint }) => Boolean(hint) },
  {
    one: 'category',
    many: 'categories',
    roles: ['category'],
    has: ({ category }) => Boolean(category?.length),
  },
  {
    one: 'question’s tags',
    many: 'questions’ tags',
    roles: ['tags', 'tag'],
    has: ({ tags }) => Boolean(tags?.length),
  },
  {
    one: 'time limit',
    many: 'time limits',
    roles: ['seconds'],
    has: ({ seconds }) => seconds !== undefined,
  },
  { one: 'reference', many: 'references', roles: ['ref'], has: ({ ref }) => ref !== '' },
];

/** So many questions have something that the receiver has no place for. */
export type LeftBehind = { n: number; one: string; many: string };

function rolesTaken(layout: Layout): ReadonlySet<Role> {
  return layout.shape === 'package'
    ? new Set<Role>([...rolesOfPackage(layout), 'image'])
    : rolesOf(layout);
}

/** What questions have that a layout has no place for, what is missed most first. */
export function leftBehind(items: readonly Item[], layout: Layout): LeftBehind[] {
  const roles = rolesTaken(layout);
  return PARTS.flatMap(({ one, many, roles: takers, has }) => {
    const n = takers.some((role) => roles.has(role)) ? 0 : items.filter(has).length;
    return n ? [{ n, one, many }] : [];
  });
}
