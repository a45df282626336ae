// Several questions chosen on the bench, by their places: to be left out, taken alone, or changed alike.
import type { Item } from '../../../core/model';
import { gatherState, setGather } from './hold';
import { placeOf, type Shown } from './types';

const setChosen = (chosen: ReadonlySet<string>, anchor?: string): void =>
  setGather({ chosen, ...(anchor === undefined ? {} : { anchor }) });

/** Chooses a question, or no longer; the next range begins at it. */
export function toggleChosen(item: Item): void {
  const place = placeOf(item);
  const chosen = new Set(gatherState().chosen);
  if (!chosen.delete(place)) {
    chosen.add(place);
  }
  setChosen(chosen, place);
}

/** Chooses all questions from the one that was chosen last to this one. */
export function chooseTo(item: Item): void {
  const { items, anchor } = gatherState();
  const places = items.map(placeOf);
  const to = places.indexOf(placeOf(item));
  const from = anchor === undefined ? to : Math.max(0, places.indexOf(anchor));
  const range = places.slice(Math.min(from, to), Math.max(from, to) + 1);
  setChosen(new Set(range), anchor ?? placeOf(item));
}

/** Where a range begins that is chosen by moving on. */
export function anchorAt(item: Item): void {
  if (!gatherState().chosen.size) {
    setGather({ anchor: placeOf(item) });
  }
}

export const chooseAll = (): void => setChosen(new Set(gatherState().items.map(placeOf)));
export const chooseNone = (): void => setGather({ chosen: new Set(), anchor: undefined });

/** The chosen questions that are not in the bank yet. */
export function chosenItems(): Item[] {
  const { items, chosen, taken } = gatherState();
  return items.filter((item) => chosen.has(placeOf(item)) && !taken.has(placeOf(item)));
}

/** Which rows are shown. */
export const showOnly = (show: Shown): void => setGather({ show });
