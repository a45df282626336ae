// Questions enter the bank when they are agreed to.
import { markOf } from '../../../core/banks';
import { nameItems } from '../../../core/shared/references';
import { recordChange } from '../../../core/shared/steps';
import { addItems, bankState } from '../bank';
import { gatherState, setGather } from './hold';
import { change } from './mending';
import { placeOf, ready } from './types';
import { i18n } from '../../../languages';

/** Puts questions into the bank in one step that one undo takes back: the first so many, or only those chosen. Gives their number. */
export function agree({ most = Infinity, onlyChosen = false } = {}): number {
  const state = gatherState();
  const chosen = ready(state)
    .filter((item) => !onlyChosen || state.chosen.has(placeOf(item)))
    .slice(0, most);
  if (!chosen.length) {
    return 0;
  }
  const refs = bankState().items.map((item) => item.ref);
  const source = crypto.randomUUID();
  const fresh = nameItems(chosen, refs).map((item) => ({
    ...item,
    id: crypto.randomUUID(),
    origin: { ...item.origin, source },
  }));
  // What the source itself says, before it was mended on the bench.
  const understood = new Map(state.answer?.items.map((item) => [placeOf(item), markOf(item)]));
  const said = Object.fromEntries(
    fresh.flatMap((item) => {
      const mark = understood.get(placeOf(item));
      return mark === undefined ? [] : [[item.id, mark]];
    }),
  );
  const record = {
    id: source,
    name: state.name,
    at: new Date().toISOString(),
    items: fresh.map((item) => item.id),
    said,
  };
  const taken = new Set([...state.taken, ...chosen.map(placeOf)]);
  const records = [...state.records, record.id];
  change({ taken: [...taken], records });
  setGather({ taken, records, chosen: new Set() });
  const label = i18n._('Take {chosen, number} from {name}', {
    chosen: chosen.length,
    name: state.name,
  });
  void addItems(label, fresh, recordChange('sources', undefined, record));
  return chosen.length;
}
