// The sets of the open bank: made, filled, put in order, drawn by their plans, handed over.
import type { Plan, QuestionSet, SetSection } from '../../core/model';
import { recordChange } from '../../core/shared/steps';
import type { Drawn } from '../../core/sets';
import { core } from '../../workers/client';
import { freshSeed } from '../parts/fresh-seed';
import { bankState, changeRecords } from './bank';
import { i18n } from '../../languages';

const DAY_MS = 86_400_000;
/** Questions of files that were made within so many days count as used lately. */
const LATELY_DAYS = 28;

export const setById = (id: string | undefined): QuestionSet | undefined =>
  bankState().sets.find((set) => set.id === id);
/** The questions of a set by their ids, in order. */
export const idsOf = ({ sections }: Pick<QuestionSet, 'sections'>): string[] =>
  sections.flatMap(({ items }) => items);

/** A name that no other set has. */
function freshName(): string {
  const names = new Set(bankState().sets.map(({ name }) => name));
  let n = names.size + 1;
  while (names.has(i18n._('Set {n, number}', { n }))) {
    n++;
  }
  return i18n._('Set {n, number}', { n });
}

/** A new set with these questions in one section, a pool where only some of them are drawn; gives its id. */
export function newSet(name = freshName(), ids: readonly string[] = [], draw?: number): string {
  const set: QuestionSet = {
    id: crypto.randomUUID(),
    name,
    at: new Date().toISOString(),
    sections: [{ items: [...ids], ...(draw ? { draw } : {}) }],
  };
  void changeRecords(i18n._('New set {name}', { name }), recordChange('sets', undefined, set));
  return set.id;
}

/** Changes a set in one step that undo takes back. */
export function changeSet(id: string, label: string, change: Partial<QuestionSet>): void {
  const set = setById(id);
  if (set) {
    void changeRecords(label, recordChange('sets', set, { ...set, ...change }));
  }
}

export function removeSet(id: string): void {
  const set = setById(id);
  if (set) {
    void changeRecords(
      i18n._('Remove the set {name}', { name: set.name }),
      recordChange('sets', set, undefined),
    );
  }
}

/** A set like another one, with its questions. */
export function copySet(id: string): string | undefined {
  const set = setById(id);
  if (!set) {
    return undefined;
  }
  const copy = {
    ...set,
    id: crypto.randomUUID(),
    name: i18n._('{name}, copy', { name: set.name }),
    at: new Date().toISOString(),
  };
  void changeRecords(
    i18n._('Copy the set {name}', { name: set.name }),
    recordChange('sets', undefined, copy),
  );
  return copy.id;
}

/** Puts questions at the end of a section; those that the set has stay where they are. Gives how many were new. */
export function addToSet(id: string, ids: readonly string[], section?: number): number {
  const set = setById(id);
  if (!set) {
    return 0;
  }
  const known = new Set(idsOf(set));
  const fresh = ids.filter((one) => !known.has(one));
  const sections = set.sections.length ? set.sections : [{ items: [] }];
  const at = section ?? sections.length - 1;
  changeSet(
    id,
    i18n._('Put {fresh, plural, one {# question} other {# questions}} into {name}', {
      fresh: fresh.length,
      name: set.name,
    }),
    {
      sections: sections.map((one, index) =>
        index === at ? { ...one, items: [...one.items, ...fresh] } : one,
      ),
    },
  );
  return fresh.length;
}

const without = (section: SetSection, ids: ReadonlySet<string>): SetSection => ({
  ...section,
  items: section.items.filter((id) => !ids.has(id)),
});

export function takeOutOfSet(id: string, ids: readonly string[]): void {
  const set = setById(id);
  if (set) {
    const gone = new Set(ids);
    changeSet(
      id,
      i18n._('Take {ids, plural, one {# question} other {# questions}} out of {name}', {
        ids: ids.length,
        name: set.name,
      }),
      {
        sections: set.sections.map((section) => without(section, gone)),
      },
    );
  }
}

/** Where a question is moved to: before the `place`th of a section, from 0. */
export type Spot = { section: number; place: number };

export function moveInSet(id: string, item: string, to: Spot): void {
  const set = setById(id);
  if (!set) {
    return;
  }
  const sections = set.sections.map((section) => without(section, new Set([item])));
  const target = sections[to.section];
  if (!target) {
    return;
  }
  const items = [...target.items];
  items.splice(to.place, 0, item);
  sections[to.section] = { ...target, items };
  changeSet(id, i18n._('Move a question in {name}', { name: set.name }), { sections });
}

export function changeSection(id: string, at: number, change: Partial<SetSection>): void {
  const set = setById(id);
  if (set) {
    changeSet(id, i18n._('Change a section of {name}', { name: set.name }), {
      sections: set.sections.map((section, index) =>
        index === at ? { ...section, ...change } : section,
      ),
    });
  }
}

export function addSection(id: string): void {
  const set = setById(id);
  if (set) {
    changeSet(id, i18n._('New section in {name}', { name: set.name }), {
      sections: [...set.sections, { items: [] }],
    });
  }
}

/** Removes a section; its questions go to the one before it, or stay in the one behind. */
export function removeSection(id: string, at: number): void {
  const set = setById(id);
  const gone = set?.sections[at];
  if (!set || !gone || set.sections.length < 2) {
    return;
  }
  const to = at > 0 ? at - 1 : 1;
  const sections = set.sections
    .map((section, index) =>
      index === to
        ? {
            ...section,
            items: at > 0 ? [...section.items, ...gone.items] : [...gone.items, ...section.items],
          }
        : section,
    )
    .filter((_, index) => index !== at);
  changeSet(id, i18n._('Remove a section of {name}', { name: set.name }), { sections });
}

/** The questions of files that were made lately. */
export function usedLately(now = Date.now()): Set<string> {
  const since = new Date(now - LATELY_DAYS * DAY_MS).toISOString();
  return new Set(
    bankState()
      .receipts.filter(({ at }) => at >= since)
      .flatMap(({ items }) => items.map(({ id }) => id)),
  );
}

export function changePlan(id: string, change: Partial<Pick<Plan, 'lines' | 'most'>>): void {
  const plan = setById(id)?.plan ?? { lines: [], seed: freshSeed() };
  changeSet(id, i18n._('Change the plan of a set'), { plan: { ...plan, ...change } });
}

/** Draws a set's questions by its plan, a section for all; held ones stay. Gives what came, undefined where there is no plan. */
export async function drawSet(id: string, anew = false): Promise<Drawn | undefined> {
  const set = setById(id);
  if (!set?.plan) {
    return undefined;
  }
  const plan = anew ? { ...set.plan, seed: freshSeed() } : set.plan;
  const drawn = await core().draw(plan, set.held ?? [], [...usedLately()]);
  changeSet(
    id,
    i18n._('Draw {chosen, plural, one {# question} other {# questions}} for {name}', {
      chosen: drawn.chosen.length,
      name: set.name,
    }),
    {
      ...(anew ? { plan } : {}),
      sections: [{ ...set.sections[0], items: drawn.chosen }],
    },
  );
  return drawn;
}

/** Whether a fresh draw leaves a question where it is. */
export function holdInSet(id: string, item: string, isHeld: boolean): void {
  const set = setById(id);
  const others = set?.held?.filter((one) => one !== item) ?? [];
  changeSet(id, isHeld ? i18n._('Hold a question') : i18n._('Let go of a question'), {
    held: isHeld ? [...others, item] : others,
  });
}
