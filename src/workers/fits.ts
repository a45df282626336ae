// How the questions stand to the layouts, kept so that one edit costs one question's fit and not the whole bank's.
import type { Decision, Decisions, Fitted, Item, Layout } from '../core/model';
import { fit, leftBehind } from '../core/pipeline';
import { FIT_STATE, losesSomething, type FitState } from '../core/shared/change-grades';
import type { FitColumn } from './protocol';

type Known = {
  item: Item;
  decision: Decision | undefined;
  state: FitState;
  changes: number;
  reason: string;
  code: string;
  rows: number;
};
/** What is known of a layout: by question, and in the order in which it was last asked for. */
type Kept = { layout: string; deck: number; byItem: Map<string, Known>; list: Known[] };

function stateOf({ state, changes }: Fitted): FitState {
  if (state === 'changes') {
    return changes.some(losesSomething) ? FIT_STATE.loses : FIT_STATE.written;
  }
  return FIT_STATE[state];
}

const known = (item: Item, decision: Decision | undefined, one: Fitted): Known => ({
  item,
  decision,
  state: stateOf(one),
  changes: Math.min(255, one.changes.length),
  reason: one.reason ?? '',
  code: one.code ?? '',
  rows: one.cells?.length ?? one.as?.length ?? 0,
});

/** The column packed: a byte for each question, and each reason once. */
function packed(layout: Layout, list: readonly Known[]): FitColumn {
  const words = [''];
  const codes = [''];
  const places = new Map<string, number>([['', 0]]);
  const states = new Uint8Array(list.length);
  const changes = new Uint8Array(list.length);
  const reasons = new Uint16Array(list.length);
  const rows = new Uint32Array(list.length);
  let row = 0;
  const counts: [number, number, number, number] = [0, 0, 0, 0];
  list.forEach((one, i) => {
    rows[i] = row;
    row += one.rows;
    states[i] = one.state;
    counts[one.state]++;
    changes[i] = one.changes;
    if (!one.reason) {
      return;
    }
    let place = places.get(one.reason);
    if (place === undefined) {
      place = words.length;
      words.push(one.reason);
      codes.push(one.code);
      places.set(one.reason, place);
    }
    reasons[i] = place;
  });
  const going = list.flatMap(({ state, item }) => (state === FIT_STATE.refused ? [] : [item]));
  return {
    layout: layout.id,
    rows,
    states,
    changes,
    reasons,
    words,
    codes,
    counts,
    total: row,
    behind: leftBehind(going, layout),
  };
}

/** So many questions are fitted at a time, so that what a fit leaves behind is cleared away while it is young. */
const BITE = 250;

/** One layout's matrix column as it is asked for. */
export type Asked = {
  items: readonly Item[];
  layout: Layout;
  decisions: Decisions;
  /** The cards that lend distractors, and how often they have changed. */
  deck: readonly Item[];
  edition: number;
};

/** On a board each question's place depends on the others', so all are fitted together. */
function boardColumn({ items, layout, decisions, deck }: Asked): FitColumn {
  const fitted = fit(items, layout, decisions, { deck });
  return packed(
    layout,
    fitted.map((one, index) => known(items[index]!, undefined, one)),
  );
}

/** Whether what is known of a question still holds. */
const stillHolds = (
  one: Known | undefined,
  item: Item,
  decision: Decision | undefined,
): one is Known => one !== undefined && one.item === item && one.decision === decision;

/** Questions that are to be fitted, and where they stand among those asked for. */
type Fresh = { items: Item[]; places: number[] };

export class Fits {
  private readonly kept = new Map<string, Kept>();

  /** One column of the matrix. */
  column(asked: Asked): FitColumn {
    const { items, layout, decisions } = asked;
    if (layout.shape === 'grid') {
      return boardColumn(asked);
    }
    const kept = this.keptFor(asked);
    const fresh: Fresh = { items: [], places: [] };
    const isDecided = Object.keys(decisions).length > 0;
    items.forEach((item, index) => {
      const decision = isDecided ? decisions[item.id] : undefined;
      if (stillHolds(kept.list[index], item, decision)) {
        return;
      }
      const old = kept.byItem.get(item.id);
      if (stillHolds(old, item, decision)) {
        kept.list[index] = old;
      } else {
        fresh.items.push(item);
        fresh.places.push(index);
      }
    });
    fitFresh(fresh, kept, asked);
    kept.list.length = items.length;
    return packed(layout, kept.list);
  }

  /** What is known of a layout; nothing where it, or the cards, have changed since. */
  private keptFor({ layout, edition }: Asked): Kept {
    const text = JSON.stringify(layout);
    const old = this.kept.get(layout.id);
    if (old?.layout === text && old.deck === edition) {
      return old;
    }
    const kept: Kept = { layout: text, deck: edition, byItem: new Map(), list: [] };
    this.kept.set(layout.id, kept);
    return kept;
  }

  clear(): void {
    this.kept.clear();
  }
}

function fitFresh(
  { items, places }: Fresh,
  { byItem, list }: Kept,
  { layout, decisions, deck }: Asked,
): void {
  for (let start = 0; start < items.length; start += BITE) {
    const bite = items.slice(start, start + BITE);
    fit(bite, layout, decisions, { deck, states: true }).forEach((fitted, n) => {
      const item = bite[n]!;
      const now = known(item, decisions[item.id], fitted);
      byItem.set(item.id, now);
      list[places[start + n]!] = now;
    });
  }
}
