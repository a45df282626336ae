// The sections of a set as the questions of one file stand in them.
import type { Item, SetSection } from '../model';
import type { Taken } from './taken';

/** The section of each question, by its id, counted from 0. */
export const sectionOfEach = (sections: readonly SetSection[]): Map<string, number> =>
  new Map(sections.flatMap(({ items }, section) => items.map((id) => [id, section] as const)));

/** Questions in the order of their sections; those that stand in none follow. */
export function inSectionOrder(
  items: readonly Item[],
  sections: readonly SetSection[] | undefined,
): Item[] {
  if (!sections) {
    return [...items];
  }
  const place = new Map(sections.flatMap((one) => one.items).map((id, index) => [id, index]));
  const last = place.size;
  return [...items].sort((a, b) => (place.get(a.id) ?? last) - (place.get(b.id) ?? last));
}

/** The sections of a set, or the one pool that a draw from all of its questions makes. */
export function sectionsFor(
  { sections, draw }: { sections?: readonly SetSection[]; draw?: number },
  taken: readonly Taken[],
): readonly SetSection[] | undefined {
  return sections ?? (draw ? [{ items: taken.map(({ item }) => item.id), draw }] : undefined);
}
