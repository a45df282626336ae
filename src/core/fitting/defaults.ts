// What a question says where its column decides: the column's default as its own, or nothing any more, so that the
// read-back finds what was meant.
import type { Column, Item, Role } from '../model';
import { tagText } from '../shared/plain';
import { isTwoWay, useBy, waySaid, type TwoWay } from '../shared/two-ways';
import type { Draft } from './changes';

/** The way that a default names in the column's words; nothing where it names neither. */
function wayBy(role: TwoWay, column: Column): Partial<Item> {
  const way = waySaid(role, column.default ?? '', column);
  if (way === undefined) {
    return {};
  }
  return role === 'use' ? { use: useBy(way)! } : { [role]: way };
}

const rich =
  (role: 'hint' | 'explanation') =>
  (text: string): Partial<Item> => ({ [role]: { plain: text } });
const number =
  (role: 'points' | 'seconds' | 'attempts' | 'lines') =>
  (text: string): Partial<Item> =>
    Number.isFinite(Number(text)) ? { [role]: Number(text) } : {};

const TAKEN: Partial<Record<Role, (text: string, item: Item) => Partial<Item>>> = {
  points: number('points'),
  seconds: number('seconds'),
  attempts: number('attempts'),
  lines: number('lines'),
  hint: rich('hint'),
  explanation: rich('explanation'),
  title: (text) => ({ title: text }),
  category: (text) => ({ category: text.split(' > ') }),
  endings: (text) => ({ endings: text.split(', ') }),
  image: (text) => ({ media: [{ at: 'stem', href: text }] }),
  'image-alt': (text, { media: [first, ...rest] = [] }) =>
    first ? { media: [{ ...first, alt: text }, ...rest] } : {},
  by: (text, { origin }) => ({ origin: { ...origin, by: text } }),
  at: (text, { origin }) => ({ origin: { ...origin, at: text } }),
};

/** Takes a column's default for a question that says nothing in its role. */
export function takeDefault(draft: Draft, column: Column): void {
  const { role, default: text } = column;
  if (text) {
    draft.set(isTwoWay(role) ? wayBy(role, column) : (TAKEN[role]?.(text, draft.item) ?? {}));
  }
}

const DROPPED: Partial<Record<Role, (item: Item, text: string) => Partial<Item>>> = {
  by: ({ origin: { by: _by, ...rest } = {} }) => ({ origin: rest }),
  at: ({ origin: { at: _at, ...rest } = {} }) => ({ origin: rest }),
  image: ({ media = [] }) => ({ media: media.slice(1) }),
  'image-alt': ({ media: [first, ...rest] = [] }) => {
    const { alt: _alt, ...picture } = first ?? { at: 'stem' as const, href: '' };
    return { media: first ? [picture, ...rest] : [] };
  },
  tag: ({ tags = [] }, text) => ({
    tags: tags.filter((tag) => tag.value !== text && tagText(tag) !== text),
  }),
};

/** Forgets what a question says in a role, since the receiver's list has no word for it. */
export function dropSaid(draft: Draft, role: Role, text: string): void {
  const drop = DROPPED[role];
  if (drop) {
    draft.set(drop(draft.item, text));
  } else if (role in draft.item) {
    const next = { ...draft.item };
    delete next[role as 'category'];
    draft.item = next;
  }
}
