// The bank of this tab for all places: what they show of it, and the steps that change it.
import { useStore as useHold } from 'zustand';
import type { Item, Receipt, RecordStep, Step } from '../../../core/model';
import { itemChange, recordChange } from '../../../core/shared/steps';
import type { Conflict, Store } from '../../../store/port';
import { core, onWorkerLost } from '../../../workers/client';
import { tabName } from '../tab';
import { Bank } from './bank';
import type { BankState } from './types';

export type { BankState, SaveState } from './types';

const bank = new Bank({ core, tab: tabName, now: () => new Date() });

/** The bank of this tab, for those who open and close it. */
export const theBank = (): Bank => bank;

/** A part of the bank's state; the component draws again when that part changes. */
export const useBank = <Part>(select: (state: BankState) => Part): Part =>
  useHold(bank.hold, select);
export const bankState = (): BankState => bank.state;
export const itemById = (id: string): Item | undefined => bank.item(id);
export const theStore = (): Store => bank.theStore();

export const undo = (): Promise<void> => bank.undo();
export const redo = (): Promise<void> => bank.redo();
export const doStep = (step: Step): Promise<void> => bank.do(step);
export const setWaiting = (waiting: number): void => bank.setWaiting(waiting);
export const switchCraft = (...how: Parameters<Bank['switchCraft']>): Promise<void> =>
  bank.switchCraft(...how);
export const retrySaving = (): void => bank.retry();
export const settleConflict = (conflict: Conflict, useMine: boolean): Promise<void> =>
  bank.settleConflict(conflict, useMine);

/**
 * A step that replaces questions by changed ones. `bases` are the versions that the changes were made from, where that
 * was not just now: what another tab changed since is then told instead of overwritten.
 */
export function changeItems(
  label: string,
  changed: readonly Item[],
  bases: ReadonlyMap<string, Item> = new Map(),
  records: RecordStep[] = [],
): Promise<void> {
  const items = changed.flatMap((item) => {
    const before = bases.get(item.id) ?? bank.item(item.id);
    return before ? (itemChange(before, item) ?? []) : [];
  });
  return bank.do({ label, items, records }, bases);
}

/** Takes questions out; records that go with them belong to the same step. */
export function removeItems(
  label: string,
  ids: readonly string[],
  records: RecordStep[] = [],
): Promise<void> {
  const wanted = new Set(ids);
  const items = bank
    .entries()
    .filter(({ id }) => wanted.has(id))
    .map(({ id, order, item }) => ({ id, is: 'removed' as const, order, item }));
  return bank.do({ label, items, records });
}

/** New questions behind the last one, with records that belong to the same step. */
export function addItems(
  label: string,
  added: readonly Item[],
  records: RecordStep[] = [],
): Promise<void> {
  const first = bank.nextOrder;
  const items = added.map((item, index) => ({
    id: item.id,
    is: 'added' as const,
    order: first + index,
    item,
  }));
  return bank.do({ label, items, records });
}

export const changeRecords = (label: string, records: RecordStep[]): Promise<void> =>
  bank.do({ label, items: [], records });

/** Keeps a receipt, or a receipt as it changed. */
export const keepReceipt = (receipt: Receipt, before?: Receipt): Promise<void> =>
  bank.note(recordChange('receipts', before, receipt));

onWorkerLost((_, willReturn) => (willReturn ? bank.mirrorAnew() : undefined));
