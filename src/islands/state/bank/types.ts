// What the page knows of the open bank.
import type {
  BankInfo,
  Finding,
  Item,
  KeptLayout,
  KeptSource,
  QuestionSet,
  Receipt,
  Sitting,
} from '../../../core/model';
import type { CraftOff } from '../../../core/craft';
import type { Conflict, JournalEntry } from '../../../store/port';

/**
 * Where the work stands: on the disk (`saved`), on its way there (`saving`), not to be written for now (`failed`, with the
 * reason; it is tried again), or in this page alone (`memory`, where the browser gives no store).
 */
export type SaveState = {
  state: 'saved' | 'saving' | 'failed' | 'memory';
  at?: Date;
  why?: string;
  /** How many steps are not on the disk. */
  unsaved: number;
};

export type BankState = {
  phase: 'opening' | 'loading' | 'ready';
  info: BankInfo;
  items: readonly Item[];
  findings: ReadonlyMap<string, readonly Finding[]>;
  layouts: readonly KeptLayout[];
  sources: readonly KeptSource[];
  receipts: readonly Receipt[];
  sets: readonly QuestionSet[];
  sittings: readonly Sitting[];
  /** Steps that can be taken back, the last one at the end, and steps taken back that can be done again. */
  undo: readonly JournalEntry[];
  redo: readonly JournalEntry[];
  save: SaveState;
  conflicts: readonly Conflict[];
  /** Checks of the craft that this bank does without, as a whole or at one question. */
  craftOff: readonly CraftOff[];
  /** Questions that wait in Gather to be agreed to. */
  waiting: number;
  /** What the user should know of the store: a newer program took it over, another tab keeps it from opening. */
  notice?: string;
};

export const NO_BANK: BankState = {
  phase: 'opening',
  info: { id: '', name: '', madeAt: '' },
  items: [],
  findings: new Map(),
  layouts: [],
  sources: [],
  receipts: [],
  sets: [],
  sittings: [],
  undo: [],
  redo: [],
  save: { state: 'saved', unsaved: 0 },
  conflicts: [],
  craftOff: [],
  waiting: 0,
};
