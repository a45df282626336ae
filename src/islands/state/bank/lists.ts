// The records of a bank as lists: layouts by their names, receipts newest first.
import type { KeptLayout, RecordKind, Records, RecordStep } from '../../../core/model';
import { recordChange } from '../../../core/shared/steps';
import { settleRecord } from '../../../store/settle';
import type { BankState } from './types';

export type RecordLists = Pick<BankState, 'layouts' | 'sources' | 'receipts' | 'sets' | 'sittings'>;

/** The records of a bank as steps that bring them to another one. */
export const recordsAdded = (lists: RecordLists): RecordStep[] => [
  ...lists.layouts.flatMap((one) => recordChange('layouts', undefined, one)),
  ...lists.sources.flatMap((one) => recordChange('sources', undefined, one)),
  ...lists.receipts.flatMap((one) => recordChange('receipts', undefined, one)),
  ...lists.sets.flatMap((one) => recordChange('sets', undefined, one)),
  ...lists.sittings.flatMap((one) => recordChange('sittings', undefined, one)),
];

/** The same order at every start, wherever the store has them. */
export const byName = (layouts: readonly KeptLayout[]): KeptLayout[] =>
  [...layouts].sort((a, b) => a.layout.name.localeCompare(b.layout.name, 'en'));

export const newestFirst = <Entry extends { at: string }>(list: readonly Entry[]): Entry[] =>
  [...list].sort((a, b) => b.at.localeCompare(a.at));

/** A list with one of its entries put, or taken out where it is undefined. */
function replaced<Entry extends { id: string }>(
  list: readonly Entry[],
  id: string,
  next: Entry | undefined,
): Entry[] {
  const others = list.filter((entry) => entry.id !== id);
  if (!next) {
    return others;
  }
  const place = list.findIndex((entry) => entry.id === id);
  return place < 0 ? [...others, next] : list.map((entry) => (entry.id === id ? next : entry));
}

/** How each list is put anew with one of its entries changed. */
const PUT: {
  [Kind in RecordKind]: (
    lists: RecordLists,
    id: string,
    next?: Records[Kind],
  ) => Partial<RecordLists>;
} = {
  layouts: ({ layouts }, id, next) => ({ layouts: byName(replaced(layouts, id, next)) }),
  sources: ({ sources }, id, next) => ({ sources: replaced(sources, id, next) }),
  receipts: ({ receipts }, id, next) => ({ receipts: newestFirst(replaced(receipts, id, next)) }),
  sets: ({ sets }, id, next) => ({ sets: newestFirst(replaced(sets, id, next)) }),
  sittings: ({ sittings }, id, next) => ({ sittings: newestFirst(replaced(sittings, id, next)) }),
};

function withRecord(lists: RecordLists, step: RecordStep): RecordLists {
  const known = (lists[step.kind] as readonly { id: string }[]).find(({ id }) => id === step.id);
  const { put, remove } = settleRecord(known, step);
  if (!put && !remove) {
    return lists;
  }
  const change = PUT[step.kind] as (
    lists: RecordLists,
    id: string,
    next: object | undefined,
  ) => Partial<RecordLists>;
  return { ...lists, ...change(lists, step.id, put) };
}

/** The lists after these steps. */
export const withRecords = (
  { layouts, sources, receipts, sets, sittings }: RecordLists,
  steps: readonly RecordStep[],
): RecordLists => steps.reduce(withRecord, { layouts, sources, receipts, sets, sittings });
