// Fitting: how a question stands to a layout, with every change named, and the cells it becomes.
import type { Fitted, Item, Layout } from '../model';
import { cellsOf } from './cells';
import { Draft, Refusal, type Decision } from './changes';
import { contextOf, type Context } from './context';
import { fitKind } from './kind';
import { fitOptions } from './options';
import { fitSeconds, fitTexts } from './texts';

export type { Decision } from './changes';
export { KIND_WORDS } from './kind';

function fitOne(item: Item, context: Context, decision: Decision): Fitted {
  if (decision.leaveOut) return { item: item.id, state: 'refused', changes: [], reason: 'you left it out' };
  const draft = new Draft(item);
  try {
    fitKind(draft, context);
    fitOptions(draft, context);
    fitTexts(draft, context, decision);
    fitSeconds(draft, context, decision);
    const cells = cellsOf(draft.item, context);
    return { item: item.id, state: draft.changes.length ? 'changes' : 'fits', changes: draft.changes, as: draft.item, cells };
  } catch (error) {
    if (error instanceof Refusal) return { item: item.id, state: 'refused', changes: [], reason: error.reason };
    throw error;
  }
}

/** Fits questions to a layout of the shape rows. `decisions` are the user's, by the item's id. */
export function fit(items: readonly Item[], layout: Layout, decisions: Readonly<Record<string, Decision>> = {}): Fitted[] {
  if (layout.shape !== 'rows') return items.map((item) => ({ item: item.id, state: 'refused', changes: [], reason: `layouts of the shape ${layout.shape} can't be filled yet` }));
  const context = contextOf(layout);
  return items.map((item) => fitOne(item, context, decisions[item.id] ?? {}));
}
