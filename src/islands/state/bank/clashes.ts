// What to make of a step when another tab was first: what was meant, what became of it, and how a person may settle it.
import type { Item, ItemStep, Step, StoredItem } from '../../../core/model';
import { mergeFields, sameValue } from '../../../core/shared/fields';
import type { Conflict, Written } from '../../../store/port';
import type { Move } from './undoing';
import { i18n } from '../../../languages';

/** Questions by their ids, as they were or are to be. */
export type Bases = ReadonlyMap<string, Item>;

/** Whether the store gave a new question another reference than the step did. */
export function areRenamed({ step }: Move, stored: readonly StoredItem[]): boolean {
  const asked = new Map(
    step.items.flatMap((change) => (change.is === 'added' ? [[change.id, change.item.ref]] : [])),
  );
  return stored.some(({ id, item }) => asked.has(id) && asked.get(id) !== item.ref);
}

/** A step as the store settled it: new questions as they stand there, without the fields that clashed. */
export function stepAsWritten(step: Step, { items, conflicts }: Written): Step {
  const stored = new Map(items.map((entry) => [entry.id, entry]));
  const clashed = new Set(conflicts.map(({ id, path }) => `${id} ${path}`));
  const asWritten = (change: ItemStep): ItemStep[] => {
    if (clashed.has(`${change.id} `)) {
      return [];
    }
    if (change.is === 'changed') {
      const fields = change.fields.filter(({ path }) => !clashed.has(`${change.id} ${path}`));
      return fields.length ? [{ ...change, fields }] : [];
    }
    const now = stored.get(change.id);
    return change.is === 'added' && now
      ? [{ ...change, order: now.order, item: now.item }]
      : [change];
  };
  return {
    ...step,
    items: step.items.flatMap(asWritten),
    records: step.records.filter(({ id }) => !conflicts.some((conflict) => conflict.id === id)),
  };
}

/** A question that was removed elsewhere clashes as a whole: what it was to say here is told. */
export const withMine = (conflicts: readonly Conflict[], meant: Bases): Conflict[] =>
  conflicts.map((conflict) =>
    conflict.kind === 'items' && !conflict.path && !conflict.mine && !conflict.theirs
      ? { ...conflict, mine: meant.get(conflict.id) }
      : conflict,
  );

/** What a step's questions are to say, also where they are gone by now; `itemOf` knows them as they are. */
export function meantBy(step: Step, bases: Bases, itemOf: (id: string) => Item | undefined): Bases {
  const meant = new Map<string, Item>();
  for (const change of step.items) {
    const base = bases.get(change.id) ?? itemOf(change.id);
    if (base) {
      const isChange = change.is === 'changed';
      meant.set(change.id, isChange ? mergeFields(base, change.fields).merged : base);
    }
  }
  return meant;
}

/**
 * The step that puts this tab's text in the other's place; undefined where there is nothing to put. `entry` is the
 * question as it stands now, `order` a place behind all others.
 */
export function stepForMine(
  { kind, id, path, mine, theirs }: Conflict,
  entry: StoredItem | undefined,
  order: number,
): Step | undefined {
  const label = i18n._('Use my text');
  const change = { id, is: 'changed' as const, fields: [{ path, before: theirs, after: mine }] };
  if (kind !== 'items') {
    return path ? { label, items: [], records: [{ kind, ...change }] } : undefined;
  }
  if (path) {
    return entry && { label, items: [change], records: [] };
  }
  if (mine && !entry) {
    return { label, items: [{ id, is: 'added', order, item: mine as Item }], records: [] };
  }
  return mine || !entry ? undefined : { label, items: [{ ...entry, is: 'removed' }], records: [] };
}

const isSame = (a: Conflict, b: Conflict): boolean => a.id === b.id && a.path === b.path;

function withConflict(all: readonly Conflict[], next: Conflict): readonly Conflict[] {
  const known = all.find((conflict) => isSame(conflict, next));
  if (!known) {
    return [...all, next];
  }
  const isNews = known.mine !== undefined && !sameValue(known.mine, next.mine);
  const earlier = [...(known.earlier ?? []), ...(isNews ? [known.mine] : [])];
  const merged = earlier.length ? { ...next, earlier } : next;
  return [...all.filter((conflict) => conflict !== known), merged];
}

/** Clashes of every bank: those of banks that are not open now are shown when they are. */
export class Clashes {
  private readonly byBank = new Map<string, readonly Conflict[]>();

  of(bank: string): readonly Conflict[] {
    return this.byBank.get(bank) ?? [];
  }

  /** Adds clashes; a field that clashed before is told as it clashes now, and what it was to say before is kept in view. */
  add(bank: string, conflicts: readonly Conflict[]): void {
    this.byBank.set(bank, conflicts.reduce(withConflict, this.of(bank)));
  }

  settled(bank: string, conflict: Conflict): void {
    this.byBank.set(
      bank,
      this.of(bank).filter((known) => known !== conflict),
    );
  }
}
