// How the questions stand to the layouts, kept so that one edit costs one question's fit and not the whole bank's.
import type { Decision, Decisions, Fitted, Item, Layout } from '../core/model';
import { fit } from '../core/pipeline';
import type { FitColumn } from './protocol';

type Known = {
  item: Item;
  decision: Decision | undefined;
  state: 0 | 1 | 2;
  changes: number;
  reason: string;
  code: string;
  rows: number;
};
/** What is known of a layout: by question, and in the order in which it was last asked for. */
type Kept = { layout: string; deck: number; byItem: Map<string, Known>; list: Known[] };

const known = (item: Item, decision: Decision | undefined, one: Fitted): Known => ({
  item,
  decision,
  state: one.state === 'fits' ? 0 : one.state === 'changes' ? 1 : 2,
  changes: Math.min(255, one.changes.length),
  reason: one.reason ?? '',
  code: one.code ?? '',
  rows: one.cells?.length ?? one.as?.length ?? 0,
});

/** The column packed: a byte for each question, and each reason once. */
function packed(layout: string, list: readonly Known[]): FitColumn {
  const words = [''];
  const codes = [''];
  const places = new Map<string, number>([['', 0]]);
  const states = new Uint8Array(list.length);
  const changes = new Uint8Array(list.length);
  const reasons = new Uint16Array(list.length);
  const rows = new Uint32Array(list.length);
  let row = 0;
  const counts: [number, number, number] = [0, 0, 0];
  list.forEach((one, i) => {
    rows[i] = row;
    row += one.rows;
    states[i] = one.state;
    counts[one.state]++;
    changes[i] = one.changes;
    if (!one.reason) {
      return;
    }
    let at = places.get(one.reason);
    if (at === undefined) {
      at = words.length;
      words.push(one.reason);
      codes.push(one.code);
      places.set(one.reason, at);
    }
    reasons[i] = at;
  });
  return { layout, rows, states, changes, reasons, words, codes, counts };
}

const BITE = 250;

export class Fits {
  private readonly kept = new Map<string, Kept>();

  /** One column of the matrix. `deck` are the cards that lend distractors, `edition` counts their changes. */
  column(
    items: readonly Item[],
    layout: Layout,
    decisions: Decisions,
    deck: readonly Item[],
    edition: number,
  ): FitColumn {
    // On a board each question's place depends on the others'.
    if (layout.shape === 'grid') {
      return packed(
        layout.id,
        fit(items, layout, decisions, { deck }).map((one, index) =>
          known(items[index]!, undefined, one),
        ),
      );
    }
    const text = JSON.stringify(layout);
    let kept = this.kept.get(layout.id);
    if (!kept || kept.layout !== text || kept.deck !== edition) {
      kept = { layout: text, deck: edition, byItem: new Map(), list: [] };
      this.kept.set(layout.id, kept);
    }
    const { byItem, list } = kept;
    const decided = Object.keys(decisions).length > 0;
    const fresh: Item[] = [];
    const places: number[] = [];
    items.forEach((item, index) => {
      const decision = decided ? decisions[item.id] : undefined;
      const still = (one: Known | undefined): one is Known =>
        one !== undefined && one.item === item && one.decision === decision;
      if (still(list[index])) {
        return;
      }
      const old = byItem.get(item.id);
      if (still(old)) {
        list[index] = old;
      } else {
        fresh.push(item);
        places.push(index);
      }
    });
    // In bites, so that what a fit leaves behind is cleared away while it is young.
    for (let start = 0; start < fresh.length; start += BITE) {
      fit(fresh.slice(start, start + BITE), layout, decisions, { deck, states: true }).forEach(
        (one, n) => {
          const index = start + n;
          const now = known(fresh[index]!, decisions[one.item], one);
          byItem.set(one.item, now);
          list[places[index]!] = now;
        },
      );
    }
    list.length = items.length;
    return packed(layout.id, list);
  }

  clear(): void {
    this.kept.clear();
  }
}
