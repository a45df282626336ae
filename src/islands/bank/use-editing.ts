// The cell that is typed in: opened, taken over, or let go.
import { useState } from 'react';
import { flushSync } from 'react-dom';
import type { Item } from '../../core/model';
import { optionLetter } from '../../core/shared/plain';
import { applyEdits } from '../parts/edits';
import type { CellField } from '../parts/cells';
import type { Editing, Move } from './grid-types';
import { i18n } from '../../languages';

const fieldWords = (field: CellField): string =>
  field.startsWith('options.') ? optionLetter(Number(field.slice('options.'.length))) : field;

export type OpenCell = {
  editing: Editing | undefined;
  /** Opens a cell, with the first key that was pressed where there was one. */
  open: (row: number, field: CellField | undefined, start: string | undefined) => void;
  /** Resolves when the disk has the text. */
  commit: (text: string, move: Move) => Promise<void>;
  cancel: () => void;
};

const takenOver = ({ base, field }: Editing, text: string): Promise<void> =>
  applyEdits(i18n._('Edit {ref} {fieldWords}', { ref: base.ref, fieldWords: fieldWords(field) }), [
    { id: base.id, field, text, base },
  ]);

/** `onDone` hears where to go from the cell that was typed in. */
export function useEditing(rows: readonly Item[], onDone: (move: Move) => void): OpenCell {
  const [editing, setEditing] = useState<Editing>();
  return {
    editing,
    open(row, field, start) {
      // The question as it is when the typing begins: what another tab writes meanwhile must not be overwritten.
      const base = rows[row];
      if (base && field) {
        // Opened within the key press, so that its first character is not lost.
        flushSync(() => setEditing({ row, id: base.id, field, start, base }));
      }
    },
    commit(text, move) {
      const kept = editing ? takenOver(editing, text) : Promise.resolve();
      setEditing(undefined);
      onDone(move);
      return kept;
    },
    cancel() {
      setEditing(undefined);
      onDone('none');
    },
  };
}
