// The keys of a question on the bench.
import type { KeyboardEvent } from 'react';
import type { Item } from '../../core/model';
import { hasKey } from '../parts/pick-right';
import { chooseAll, chooseNone, toggleChosen } from '../state/gather';
import { letterPlace } from '../../core/shared/plain';

export type CardActs = {
  onEdit: () => void;
  onEditAll: () => void;
  onLeave: () => void;
  onRight: (index: number) => void;
};

/** Enter edits every field, F2 the text, Delete leaves out, Space chooses, Escape chooses none. */
const ACTS: Readonly<Record<string, (item: Item, acts: CardActs) => void>> = {
  F2: (_item, { onEdit }) => onEdit(),
  e: (_item, { onEditAll }) => onEditAll(),
  Delete: (_item, { onLeave }) => onLeave(),
  ' ': (item) => toggleChosen(item),
  Escape: () => chooseNone(),
};

/** A letter marks that option as right; letters that mark none may be acts. */
function optionAt(item: Item, key: string): number | undefined {
  if (key.length !== 1 || !hasKey(item)) {
    return undefined;
  }
  const letter = letterPlace(key);
  return letter >= 0 && letter < (item.options?.length ?? 0) ? letter : undefined;
}

/** Hears the keys of a question's card. */
export function keysOf(item: Item, acts: CardActs): (event: KeyboardEvent) => void {
  return (event) => {
    if (event.target !== event.currentTarget) {
      return;
    }
    if (event.ctrlKey || event.metaKey) {
      if (event.key === 'a') {
        event.preventDefault();
        chooseAll();
      }
      return;
    }
    const letter = optionAt(item, event.key);
    if (letter !== undefined) {
      acts.onRight(letter);
      return;
    }
    const act = ACTS[event.key];
    if (act) {
      event.preventDefault();
      act(item, acts);
    }
  };
}
