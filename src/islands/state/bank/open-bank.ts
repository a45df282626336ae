// The bank that is open in this tab: what is shown of it, what waits to be written, and how far it has been read.
import { createStore, type StoreApi } from 'zustand/vanilla';
import { namesOff } from '../../../core/craft';
import type { Item } from '../../../core/model';
import type { Conflict, Store } from '../../../store/port';
import type { Core } from '../../../workers/client';
import { Latest } from '../../parts/latest';
import { Checking } from './checking';
import { Clashes } from './clashes';
import { Held } from './held';
import { SavingQueue } from './saving';
import { NO_BANK, type BankState } from './types';
import { Undoing } from './undoing';

export type BankSurroundings = {
  core: () => Core;
  /** The name of this tab, the same after a reload. */
  tab: () => string;
  now: () => Date;
};

export class OpenBank {
  readonly hold: StoreApi<BankState> = createStore(() => NO_BANK);
  readonly held = new Held();
  readonly undoing = new Undoing();
  readonly clashes = new Clashes();
  readonly checking: Checking;
  readonly queue: SavingQueue;
  private kept: { store: Store; onDisk: boolean } | undefined;
  /** The openings: what an earlier one still brings is dropped. */
  readonly openings = new Latest();

  constructor(readonly surroundings: BankSurroundings) {
    this.checking = new Checking(
      surroundings.core,
      () => this.state.layouts.filter((kept) => kept.chosen).map((kept) => kept.layout),
      () => namesOff(this.state.craftOff),
      (findings) => this.set({ findings }),
    );
    this.queue = new SavingQueue(
      () => this.store,
      (save) => this.set({ save: this.saveState(save) }),
    );
  }

  get state(): BankState {
    return this.hold.getState();
  }

  set(change: Partial<BankState>): void {
    this.hold.setState(change);
  }

  get store(): Store {
    if (!this.kept) {
      throw new Error('The store is not open yet.');
    }
    return this.kept.store;
  }

  /** Puts the store in place; `onDisk` says whether what is written outlives the page. */
  useStore(store: Store, onDisk: boolean): void {
    this.kept = { store, onDisk };
  }

  saveState(save: Pick<BankState['save'], 'state' | 'why' | 'unsaved'>): BankState['save'] {
    if (save.state !== 'saved') {
      return { ...this.state.save, why: undefined, ...save };
    }
    // What only this page holds is never called saved.
    const state = this.kept?.onDisk === false ? 'memory' : 'saved';
    return { state, at: this.surroundings.now(), unsaved: 0 };
  }

  item(id: string): Item | undefined {
    return this.held.entry(id)?.item;
  }

  /** The steps that can be taken back and done again, as they are shown. */
  steps(): Pick<BankState, 'undo' | 'redo'> {
    return { undo: this.undoing.undo, redo: this.undoing.redo };
  }

  /** What the disk does not have yet stands on top of what it has. */
  rebase(bank: string): void {
    this.held.apply(this.queue.pending(bank));
    this.set({ items: this.held.items });
  }

  /** Clashes to be shown, now or when their bank is opened again. */
  addConflicts(bank: string, conflicts: readonly Conflict[]): void {
    if (!conflicts.length) {
      return;
    }
    this.clashes.add(bank, conflicts);
    if (this.state.info.id === bank) {
      this.set({ conflicts: this.clashes.of(bank) });
    }
  }

  /** The worker learns of changed questions and says what it finds; a worker that was lost is told of them with the bank. */
  checkAfter(changed: readonly Item[], gone: readonly string[], all = false): void {
    this.checking.after(changed, gone, all, this.held.items.length).catch(() => undefined);
  }
}
