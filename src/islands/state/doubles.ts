// Questions of the bank that are nearly alike: found by the worker, kept as they are, or made one.
import type { Double } from '../../core/banks';
import type { Item } from '../../core/model';
import { recordChange, itemChange } from '../../core/shared/steps';
import { tagsOnce } from '../../core/shared/tags';
import { core } from '../../workers/client';
import { bankState, doStep, itemById, theBank, theStore } from './bank';
import { idsOf } from './sets';
import { i18n } from '../../languages';

export type Pair = { key: string; first: Item; second: Item; likeness: number };

const keptSetting = (): string => `doubles kept ${bankState().info.id}`;
const keyOf = ({ first, second }: Double): string => [first, second].sort().join(' ');

/** The pairs that nobody said yet are to stay as they are. */
export async function findDoubles(): Promise<Pair[]> {
  const [found, kept] = await Promise.all([
    core().doubles(),
    theStore().setting<string[]>(keptSetting()),
  ]);
  const settled = new Set(kept);
  return found.flatMap((double): Pair[] => {
    const [first, second] = [itemById(double.first), itemById(double.second)];
    const key = keyOf(double);
    return first && second && !settled.has(key)
      ? [{ key, first, second, likeness: double.likeness }]
      : [];
  });
}

/** Both questions of a pair stay; they are not told again. */
export async function keepBoth({ key }: Pair): Promise<void> {
  const kept = (await theStore().setting<string[]>(keptSetting())) ?? [];
  await theStore().saveSetting(keptSetting(), [...kept.filter((one) => one !== key), key]);
}

/** What the question that stays takes over from the other: its tags, and what itself has none of. */
function merged(stays: Item, goes: Item): Item {
  const tags = tagsOnce([...(stays.tags ?? []), ...(goes.tags ?? [])]);
  const { category, hint, explanation, title, points, seconds, media } = goes;
  const more = { category, hint, explanation, title, points, seconds, media };
  const missing = Object.fromEntries(
    Object.entries(more).filter(
      ([field, value]) => value !== undefined && stays[field as keyof Item] === undefined,
    ),
  );
  return { ...stays, ...missing, ...(tags.length ? { tags } : {}) };
}

/** Makes two questions one, in a step that undo takes back: the other goes, and the sets that had it get the one that stays. */
export function makeOne(stays: Item, goes: Item): Promise<void> {
  const { sets } = bankState();
  const order =
    theBank()
      .entries()
      .find(({ id }) => id === goes.id)?.order ?? 0;
  const change = itemChange(stays, merged(stays, goes));
  const records = sets.flatMap((set) => {
    if (!idsOf(set).includes(goes.id)) {
      return [];
    }
    const has = idsOf(set).includes(stays.id);
    const sections = set.sections.map((section) => ({
      ...section,
      items: section.items
        .filter((id) => !has || id !== goes.id)
        .map((id) => (id === goes.id ? stays.id : id)),
    }));
    return recordChange('sets', set, { ...set, sections });
  });
  return doStep({
    label: i18n._('Make {ref} and {ref2} one', { ref: stays.ref, ref2: goes.ref }),
    items: [...(change ? [change] : []), { id: goes.id, is: 'removed', order, item: goes }],
    records,
  });
}
