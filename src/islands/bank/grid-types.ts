// What the grid, its rows and the cell that is typed in say to each other.
import type { MouseEvent } from 'react';
import type { Item } from '../../core/model';
import type { CellField } from '../parts/cells';

/** The cell that is being typed in; `base` is its question as it was when the typing began. */
export type Editing = {
  row: number;
  id: string;
  field: CellField;
  start: string | undefined;
  base: Item;
};
export type Move = 'down' | 'right' | 'left' | 'none';

/** What a row hears. The same for all rows, so that a row is drawn anew only when it changes. */
export type RowActs = {
  onStart: (event: MouseEvent, id: string, field: CellField) => void;
  onEnter: (event: MouseEvent, id: string, field: CellField) => void;
  onOpen: (id: string, field: CellField) => void;
  onCommit: (text: string, move: Move) => Promise<void>;
  onCancel: () => void;
};
