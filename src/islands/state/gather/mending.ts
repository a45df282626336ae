// Questions on the bench are changed or left out before they enter the bank.
import type { Item } from '../../../core/model';
import { gatherState, setGather, sourceOf } from './hold';
import { keepForReload } from './keeping';
import { withMends } from './reading';
import { placeOf, type Brought } from './types';

/** The source on the bench with a change, kept over a reload. */
export function change(part: Partial<Brought>, keep = keepForReload): Brought | undefined {
  const source = sourceOf(gatherState().open ?? '');
  if (!source) {
    return undefined;
  }
  const next = { ...source, ...part };
  keep(next);
  return next;
}

/** Changes a question before it enters the bank. */
export const mend = (item: Item, fields: Partial<Item>): Promise<void> => mendAll([[item, fields]]);

/** Changes several questions before they enter the bank. */
export async function mendAll(changes: readonly (readonly [Item, Partial<Item>])[]): Promise<void> {
  const { answer, open } = gatherState();
  const source = sourceOf(open ?? '');
  if (!answer || !source || !changes.length) {
    return;
  }
  const mends = new Map(source.mends);
  for (const [item, fields] of changes) {
    mends.set(placeOf(item), { ...mends.get(placeOf(item)), ...fields });
  }
  const next = change({ mends: [...mends] });
  const mended = await withMends(answer, next!);
  if (gatherState().answer === answer) {
    setGather(mended);
  }
}

export const leaveOut = (item: Item, leave: boolean): void => leaveAllOut([item], leave);

/** Leaves questions out, or puts them back. */
export function leaveAllOut(items: readonly Item[], leave: boolean): void {
  const out = new Set(gatherState().out);
  for (const item of items) {
    if (leave) {
      out.add(placeOf(item));
    } else {
      out.delete(placeOf(item));
    }
  }
  change({ out: [...out] });
  setGather({ out });
}
