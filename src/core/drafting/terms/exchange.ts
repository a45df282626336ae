// Wrong options of a question that is made: another one in the place of one, and those that are to stay.
import type { Item, Lent, Make, Option, Term } from '../../model';
import { seeded } from '../../shared/chance';
import { alike } from '../../shared/normalise';
import { entriesOf, type Entry } from './entries';
import { offeredSide } from './make';
import { Pool, type Side } from './pool';
import { WrongOptions, type Chosen } from './wrong-options';

/** So many lenders more than a question has are looked at. */
const SPARE = 12;
const OF_CHOICE = /^draft-choice-one-(\d+)-/;

/** The term that a question was made of; the list may have changed since, then it is of another one. */
function entryOf(entries: readonly Entry[], item: Item, offered: Side): Entry | undefined {
  const entry = entries[Number(OF_CHOICE.exec(item.id)?.[1] ?? 0) - 1];
  const isOf = item.options?.some(({ text, right }) => right && text.plain === entry?.[offered]);
  return isOf ? entry : undefined;
}

/** Where a wrong option is to be exchanged, and the texts that stood there before. */
export type Exchange = { at: number; past?: readonly string[] };

/**
 * Another wrong option in the place of one: the best that neither stands there nor stood there before; once all have
 * stood there, the best again. Undefined where there is none.
 */
export function swapOption(
  terms: readonly Term[],
  make: Make,
  item: Item,
  { at, past = [] }: Exchange,
): { item: Item; lent: Lent } | undefined {
  const { entries } = entriesOf(terms);
  const offered = offeredSide(make);
  const entry = entryOf(entries, item, offered);
  const options = item.options ?? [];
  if (!entry || !options[at] || options[at].right) {
    return undefined;
  }
  const there = new Set(options.map(({ text }) => alike(text.plain)));
  const stood = new Set(past.map(alike));
  const pool = new Pool(entries, offered);
  const wanted = Math.min(entries.length, options.length + past.length + SPARE);
  const others = new WrongOptions(entries, pool, seeded(make.seed ?? 1))
    .for(entry, wanted)
    .filter((one) => !there.has(alike(one.entry[offered])));
  const isNew = (one: Chosen): boolean => !stood.has(alike(one.entry[offered]));
  const other = others.find(isNew) ?? others[0];
  if (!other) {
    return undefined;
  }
  const text = { plain: other.entry[offered] };
  const next = options.map((option, index) => (index === at ? { ...option, text } : option));
  return {
    item: { ...item, options: next },
    lent: { option: at, from: other.entry.term, why: other.why },
  };
}

/** A question with where its wrong options come from. */
export type WithLent = { item: Item; lent: readonly Lent[] };

/**
 * A question made anew in which some wrong options of the one before stay at their places: the others come from the new
 * one, as far as it has others. The one before where the new one is of another kind, or of another right answer.
 */
export function withLocked(
  before: WithLent,
  fresh: WithLent,
  locked: readonly number[],
): { item: Item; lent: Lent[] } {
  const old = before.item.options ?? [];
  const right = (options: readonly Option[]): string =>
    alike(options.find((option) => option.right)?.text.plain ?? '');
  const stays = { item: before.item, lent: [...before.lent] };
  if (right(old) !== right(fresh.item.options ?? [])) {
    return stays;
  }
  const kept = new Set(
    old.flatMap(({ text }, at) => (locked.includes(at) ? [alike(text.plain)] : [])),
  );
  const others = (fresh.item.options ?? []).flatMap((option, at) =>
    option.right || kept.has(alike(option.text.plain)) ? [] : [{ option, at }],
  );
  const lent: Lent[] = [];
  const lentAt = ({ lent: all }: WithLent, at: number): Lent | undefined =>
    all.find((one) => one.option === at);
  const options = old.map((option, place) => {
    const other = option.right || locked.includes(place) ? undefined : others.shift();
    const source = other ? lentAt(fresh, other.at) : lentAt(before, place);
    if (source) {
      lent.push({ ...source, option: place });
    }
    return other?.option ?? option;
  });
  return { item: { ...fresh.item, options }, lent };
}
