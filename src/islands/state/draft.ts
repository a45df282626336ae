// What was being typed in a cell and not yet committed: kept aside, so that a crash loses none of it.
import type { CellField } from '../parts/item-cells';
import { theStore } from './bank';

export type Draft = { bank: string; item: string; field: CellField; text: string };

/** The draft that a closed page left behind for a bank; it is taken out of the store by the asking. */
export async function takeDraft(bank: string): Promise<Draft | undefined> {
  const draft = await theStore().setting<Draft>('draft');
  if (!draft || draft.bank !== bank) {
    return undefined;
  }
  await theStore().saveSetting('draft', undefined);
  return draft;
}
