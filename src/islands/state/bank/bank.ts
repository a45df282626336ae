// The bank that is open in this tab: what is shown of it, the steps that change it, and what other tabs do to it.
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { BankInfo, Item, RecordStep, Step } from '../../../core/model';
import { sameValue } from '../../../core/shared/fields';
import type { Conflict, Elsewhere, Store, Written } from '../../../store/port';
import type { Core } from '../../../workers/client';
import { pause } from '../../parts/pause';
import { Checking } from './checking';
import {
  Clashes,
  isRenamed,
  meantBy,
  stepAsWritten,
  stepForMine,
  withMine,
  type Bases,
} from './clashes';
import { Held } from './held';
import { withRecords } from './lists';
import { SavingQueue } from './saving';
import { MANY, pagesOf, recordsOf, storedOf } from './stored';
import { NO_BANK, type BankState } from './types';
import { journalOf, Undoing, type Move } from './undoing';

export type BankSurroundings = {
  core: () => Core;
  /** The name of this tab, the same after a reload. */
  tab: () => string;
  now: () => Date;
};

export class Bank {
  readonly hold: StoreApi<BankState> = createStore(() => NO_BANK);
  private readonly held = new Held();
  private readonly undoing = new Undoing();
  private readonly checking: Checking;
  private readonly queue: SavingQueue;
  private store: Store | undefined;
  private onDisk = true;
  /** Counts the openings, so that what an earlier one still brings is dropped. */
  private generation = 0;
  private loaded: Promise<void> = Promise.resolve();
  private hearing: Promise<void> = Promise.resolve();
  private readonly clashes = new Clashes();

  constructor(private readonly surroundings: BankSurroundings) {
    this.checking = new Checking(
      surroundings.core,
      () => this.state.layouts.filter((kept) => kept.chosen).map((kept) => kept.layout),
      (findings) => this.set({ findings }),
    );
    this.queue = new SavingQueue(
      () => this.theStore(),
      (save) => this.set({ save: this.saveState(save) }),
    );
  }

  get state(): BankState {
    return this.hold.getState();
  }

  private set(change: Partial<BankState>): void {
    this.hold.setState(change);
  }

  private saveState(save: Pick<BankState['save'], 'state' | 'why' | 'unsaved'>): BankState['save'] {
    if (save.state !== 'saved') {
      return { ...this.state.save, why: undefined, ...save };
    }
    // What only this page holds is never called saved.
    return { state: this.onDisk ? 'saved' : 'memory', at: this.surroundings.now(), unsaved: 0 };
  }

  theStore(): Store {
    if (!this.store) {
      throw new Error('The store is not open yet.');
    }
    return this.store;
  }

  item(id: string): Item | undefined {
    return this.held.entry(id)?.item;
  }

  /** Puts the store in place; `onDisk` says whether what is written outlives the page. */
  useStore(store: Store, onDisk = true): void {
    this.store = store;
    this.onDisk = onDisk;
    store.onElsewhere((change) => {
      this.hearing = this.hearing.then(() => this.hear(change)).catch(() => undefined);
    });
  }

  notice(notice: string | undefined): void {
    this.set({ notice });
  }

  /** Opens a bank: the first questions show as soon as they are read, the rest follows in small bites. */
  open(info: BankInfo): Promise<void> {
    const generation = ++this.generation;
    this.loaded = this.load(info, generation);
    return this.loaded;
  }

  private isCurrent(generation: number): boolean {
    return generation === this.generation;
  }

  private async load(info: BankInfo, generation: number): Promise<void> {
    const { save, notice } = this.state;
    const conflicts = this.clashes.of(info.id);
    this.held.clear();
    this.undoing.take([]);
    this.hold.setState({ ...NO_BANK, phase: 'loading', info, save, notice, conflicts }, true);
    void this.checking.clear().catch(() => undefined);
    const records = await recordsOf(this.theStore(), info.id);
    const journal = await this.theStore().journal(info.id, this.surroundings.tab());
    if (!this.isCurrent(generation)) {
      return;
    }
    this.undoing.take(journal);
    this.set({ ...records, ...this.steps() });
    await this.loadItems(info.id, generation);
    if (!this.isCurrent(generation)) {
      return;
    }
    const settled = this.queue.size ? save : this.saveState({ state: 'saved', unsaved: 0 });
    this.set({ phase: 'ready', save: settled });
    void this.checking
      .mirror(this.state.items)
      .then(() => this.checking.check())
      .catch(() => undefined);
  }

  private async loadItems(bank: string, generation: number): Promise<void> {
    let isFirst = true;
    for await (const page of pagesOf(this.theStore(), bank)) {
      if (!this.isCurrent(generation)) {
        return;
      }
      this.held.take(page);
      if (isFirst) {
        this.set({ items: this.held.items });
        isFirst = false;
      }
      await pause();
    }
    if (this.isCurrent(generation)) {
      this.rebase(bank);
      this.set({ items: this.held.items });
    }
  }

  private steps(): Pick<BankState, 'undo' | 'redo'> {
    return { undo: this.undoing.undo, redo: this.undoing.redo };
  }

  /** What the disk does not have yet stands on top of what it has. */
  private rebase(bank: string): void {
    this.held.apply(this.queue.pending(bank));
  }

  /** Clashes to be shown, now or when their bank is opened again. */
  private addConflicts(bank: string, conflicts: readonly Conflict[]): void {
    if (!conflicts.length) {
      return;
    }
    this.clashes.add(bank, conflicts);
    if (this.state.info.id === bank) {
      this.set({ conflicts: this.clashes.of(bank) });
    }
  }

  /**
   * Does a step, and keeps it for undo. It shows at once, and resolves when the disk has it. `bases` are the questions as
   * they were when their change began, where that was not just now.
   */
  do(step: Step, bases: Bases = new Map()): Promise<void> {
    if (!step.items.length && !step.records.length) {
      return Promise.resolve();
    }
    return this.state.phase === 'ready'
      ? this.run(this.undoing.done(step), bases)
      : this.doLater(step, bases);
  }

  /** Steps wait for the questions, since a new one stands behind the last. */
  private async doLater(step: Step, bases: Bases): Promise<void> {
    const { generation } = this;
    const bank = this.state.info.id;
    await this.loaded;
    if (this.isCurrent(generation)) {
      await this.run(this.undoing.done(step), bases);
      return;
    }
    // Another bank was opened meanwhile: the step still belongs to the one that it was done in.
    const { conflicts } = await this.queue.push(bank, { items: step.items, records: step.records });
    this.addConflicts(bank, conflicts);
  }

  async undo(): Promise<void> {
    const move = this.undoing.back();
    await (move && this.run(move));
  }

  async redo(): Promise<void> {
    const move = this.undoing.again();
    await (move && this.run(move));
  }

  private async run(move: Move, bases: Bases = new Map()): Promise<void> {
    const { step } = move;
    const bank = this.state.info.id;
    const meant = meantBy(step, bases, (id) => this.item(id));
    const applied = this.held.apply(step.items);
    const records = withRecords(this.state, step.records);
    this.set({ items: this.held.items, ...records, ...this.steps() });
    const written = this.queue.push(bank, {
      items: step.items,
      records: step.records,
      journal: journalOf(this.surroundings.tab(), move),
    });
    const touchesLayouts = step.records.some((record) => record.kind === 'layouts');
    this.checkAfter(applied.changed, applied.gone, touchesLayouts);
    await this.settle(bank, move, await written, meant);
  }

  /** What the disk made of a step: other places and references for new questions, clashes with another tab. */
  private async settle(bank: string, move: Move, written: Written, meant: Bases): Promise<void> {
    if (this.state.info.id !== bank) {
      this.addConflicts(bank, withMine(written.conflicts, meant));
      return;
    }
    const clashing = new Set(
      written.conflicts.filter(({ kind }) => kind === 'items').map(({ id }) => id),
    );
    const stored = written.items.filter(({ id }) => !clashing.has(id));
    const isOther = written.conflicts.length > 0 || stored.some((entry) => isRenamed(move, entry));
    this.takeStored(bank, stored, written.gone);
    if (isOther) {
      await this.amend(bank, move, written);
    }
    if (written.conflicts.length) {
      await this.takeTheirs(bank, written.conflicts, meant);
    }
  }

  /** The step in the list says what the disk has, so that taking it back finds what it expects. */
  private async amend(bank: string, { entry }: Move, written: Written): Promise<void> {
    const amended = this.undoing.amend(entry.n, stepAsWritten(entry.step, written));
    if (amended) {
      this.set(this.steps());
      const journal = { tab: this.surroundings.tab(), put: [amended], drop: [] };
      await this.queue.push(bank, { items: [], records: [], journal });
    }
  }

  /** The store's word on questions, where no later step of this tab waits; the bank may have been loaded anew meanwhile. */
  private takeStored(bank: string, stored: Written['items'], gone: readonly string[]): void {
    const pending = new Set(this.queue.pending(bank).map(({ id }) => id));
    const settled = stored.filter(({ id }) => !pending.has(id));
    const other = settled.filter(({ id, item }) => !sameValue(this.item(id), item));
    const left = gone.filter((id) => !pending.has(id) && this.item(id));
    this.held.take(settled, left);
    this.set({ items: this.held.items });
    if (other.length || left.length) {
      this.checkAfter(
        other.map(({ item }) => item),
        left,
      );
    }
  }

  /** The worker learns of changed questions and says what it finds; a worker that was lost is told of them with the bank. */
  private checkAfter(changed: readonly Item[], gone: readonly string[], all = false): void {
    this.checking.after(changed, gone, all, this.held.items.length).catch(() => undefined);
  }

  /** Another tab was first: its text is shown, and this tab's is kept in view to be taken or let go. */
  private async takeTheirs(
    bank: string,
    conflicts: readonly Conflict[],
    meant: Bases,
  ): Promise<void> {
    const told = withMine(conflicts, meant);
    await this.readAgain(
      bank,
      told.filter(({ kind }) => kind === 'items').map(({ id }) => id),
      told.some(({ kind }) => kind !== 'items'),
    );
    this.addConflicts(bank, told);
  }

  /** Receipts are a record of what happened; they are kept without a step, and undo leaves them alone. */
  async note(records: readonly RecordStep[]): Promise<void> {
    this.set(withRecords(this.state, records));
    await this.queue.push(this.state.info.id, { items: [], records });
  }

  /** Settles a clash: this tab's text replaces the other's as a step of its own, or is let go. */
  async settleConflict(conflict: Conflict, useMine: boolean): Promise<void> {
    const bank = this.state.info.id;
    this.clashes.settled(bank, conflict);
    this.set({ conflicts: this.clashes.of(bank) });
    if (useMine) {
      const step = stepForMine(conflict, this.held.entry(conflict.id), this.nextOrder);
      await (step && this.do(step));
    }
  }

  /** What another tab wrote is read again and shown here, under what this tab has not written yet. */
  private async hear(change: Elsewhere): Promise<void> {
    await this.loaded;
    const bank = this.state.info.id;
    if (change.bank !== bank) {
      return;
    }
    await this.readAgain(bank, change.items, change.records.length > 0);
  }

  private async readAgain(bank: string, ids: readonly string[], records: boolean): Promise<void> {
    const { generation } = this;
    const { stored, gone } = await storedOf(this.theStore(), bank, ids);
    const lists = records ? await recordsOf(this.theStore(), bank) : {};
    if (!this.isCurrent(generation)) {
      return;
    }
    this.held.take(stored, gone);
    this.rebase(bank);
    this.set({ items: this.held.items, ...lists });
    const items = stored.flatMap(({ id }) => this.item(id) ?? []);
    this.checkAfter(items, gone, records || ids.length > MANY);
  }

  /** A fresh worker is given the bank; resolves when it has it. */
  async mirrorAnew(): Promise<void> {
    await this.surroundings.core().mirror([], [], true);
    await this.checking.mirror(this.state.items);
    void this.checking.check().catch(() => undefined);
  }

  check(ids?: string[]): Promise<void> {
    return this.checking.check(ids);
  }

  /** Order for a question behind all others. */
  get nextOrder(): number {
    return this.held.lastOrder + 1;
  }

  entries(): Written['items'] {
    return this.held.all();
  }

  /** Tries at once what could not be written. */
  retry(): void {
    this.queue.retry();
  }

  setWaiting(waiting: number): void {
    if (waiting !== this.state.waiting) {
      this.set({ waiting });
    }
  }
}
