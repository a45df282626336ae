// The bank that is open in this tab, and what can be done with it: opened, changed by steps, taken back, settled.
import type { StoreApi } from 'zustand/vanilla';
import { switchedOff, type CraftException, type CraftOff } from '../../../core/craft';
import type { BankInfo, Item, RecordStep, Step, StoredItem } from '../../../core/model';
import type { Conflict, Elsewhere, Store } from '../../../store/port';
import { pause } from '../../parts/pause';
import { meantBy, stepForMine, type Bases } from './clashes';
import { withRecords } from './lists';
import { OpenBank, type BankSurroundings } from './open-bank';
import { Settling } from './settling';
import { pagesOf, recordsOf } from './stored';
import { NO_BANK, type BankState } from './types';
import { journalOf, type Move } from './undoing';

export type { BankSurroundings } from './open-bank';

const craftSetting = (bank: string): string => `craft off ${bank}`;

export class Bank {
  private readonly now: OpenBank;
  private readonly settling: Settling;
  private loaded: Promise<void> = Promise.resolve();
  private hearing: Promise<void> = Promise.resolve();

  constructor(surroundings: BankSurroundings) {
    this.now = new OpenBank(surroundings);
    this.settling = new Settling(this.now);
  }

  get hold(): StoreApi<BankState> {
    return this.now.hold;
  }

  get state(): BankState {
    return this.now.state;
  }

  theStore(): Store {
    return this.now.store;
  }

  item(id: string): Item | undefined {
    return this.now.item(id);
  }

  /** Puts the store in place; `onDisk` says whether what is written outlives the page. */
  useStore(store: Store, onDisk = true): void {
    this.now.useStore(store, onDisk);
    store.onElsewhere((change) => {
      this.hearing = this.hearing.then(() => this.hear(change)).catch(() => undefined);
    });
  }

  notice(notice: string | undefined): void {
    this.now.set({ notice });
  }

  /** Opens a bank: the first questions show as soon as they are read, the rest follows in small bites. */
  open(info: BankInfo): Promise<void> {
    this.loaded = this.load(info, this.now.openings.begin());
    return this.loaded;
  }

  private async load(info: BankInfo, isCurrent: () => boolean): Promise<void> {
    const { save, notice } = this.now.state;
    const conflicts = this.now.clashes.of(info.id);
    this.now.held.clear();
    this.now.undoing.take([]);
    this.now.hold.setState({ ...NO_BANK, phase: 'loading', info, save, notice, conflicts }, true);
    void this.now.checking.clear().catch(() => undefined);
    // Asked before the disk is, so that a step that gets there meanwhile is in the one or the other.
    const withPending = this.now.queue.pendingJournal(info.id);
    const records = await recordsOf(this.now.store, info.id);
    const craftOff = (await this.now.store.setting<CraftOff[]>(craftSetting(info.id))) ?? [];
    const journal = await this.now.store.journal(info.id, this.now.surroundings.tab());
    if (!isCurrent()) {
      return;
    }
    this.now.undoing.take(withPending(journal));
    this.now.set({ ...records, craftOff, ...this.now.steps() });
    await this.loadItems(info.id, isCurrent);
    if (!isCurrent()) {
      return;
    }
    const settled = this.now.queue.size ? save : this.now.saveState({ state: 'saved', unsaved: 0 });
    this.now.set({ phase: 'ready', save: settled });
    void this.now.checking
      .mirror(this.now.state.items)
      .then(() => this.now.checking.check())
      .catch(() => undefined);
  }

  private async loadItems(bank: string, isCurrent: () => boolean): Promise<void> {
    let isFirst = true;
    for await (const page of pagesOf(this.now.store, bank)) {
      if (!isCurrent()) {
        return;
      }
      this.now.held.take(page);
      if (isFirst) {
        this.now.set({ items: this.now.held.items });
        isFirst = false;
      }
      await pause();
    }
    if (isCurrent()) {
      this.now.rebase(bank);
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
    return this.now.state.phase === 'ready'
      ? this.run(this.now.undoing.done(step), bases)
      : this.doLater(step, bases);
  }

  /** Steps wait for the questions, since a new one stands behind the last. */
  private async doLater(step: Step, bases: Bases): Promise<void> {
    const isCurrent = this.now.openings.watch();
    const bank = this.now.state.info.id;
    await this.loaded;
    if (isCurrent()) {
      await this.run(this.now.undoing.done(step), bases);
      return;
    }
    // Another bank was opened meanwhile: the step still belongs to the one that it was done in.
    const { conflicts } = await this.now.queue.push(bank, {
      items: step.items,
      records: step.records,
    });
    this.now.addConflicts(bank, conflicts);
  }

  async undo(): Promise<void> {
    const move = this.now.undoing.back();
    await (move && this.run(move));
  }

  async redo(): Promise<void> {
    const move = this.now.undoing.again();
    await (move && this.run(move));
  }

  private async run(move: Move, bases: Bases = new Map()): Promise<void> {
    const { step } = move;
    const bank = this.now.state.info.id;
    const meant = meantBy(step, bases, (id) => this.now.item(id));
    const applied = this.now.held.apply(step.items);
    const records = withRecords(this.now.state, step.records);
    this.now.set({ items: this.now.held.items, ...records, ...this.now.steps() });
    const written = this.now.queue.push(bank, {
      items: step.items,
      records: step.records,
      journal: journalOf(this.now.surroundings.tab(), move),
    });
    const touchesLayouts = step.records.some((record) => record.kind === 'layouts');
    this.now.checkAfter(applied.changed, applied.gone, touchesLayouts);
    await this.settling.settle(bank, move, await written, meant);
  }

  /** Receipts are a record of what happened; they are kept without a step, and undo leaves them alone. */
  async note(records: readonly RecordStep[]): Promise<void> {
    this.now.set(withRecords(this.now.state, records));
    await this.now.queue.push(this.now.state.info.id, { items: [], records });
  }

  /** Settles a clash: this tab's text replaces the other's as a step of its own, or is let go. */
  async settleConflict(conflict: Conflict, useMine: boolean): Promise<void> {
    const bank = this.now.state.info.id;
    this.now.clashes.settled(bank, conflict);
    this.now.set({ conflicts: this.now.clashes.of(bank) });
    if (useMine) {
      const step = stepForMine(conflict, this.now.held.entry(conflict.id), this.nextOrder);
      await (step && this.do(step));
    }
  }

  /** What another tab wrote is read again and shown here, under what this tab has not written yet. */
  private async hear(change: Elsewhere): Promise<void> {
    await this.loaded;
    const bank = this.now.state.info.id;
    if (change.bank !== bank) {
      return;
    }
    await this.settling.readAgain(bank, change.items, change.records.length > 0);
  }

  /** A fresh worker is given the bank; resolves when it has it. */
  async mirrorAnew(): Promise<void> {
    await this.now.checking.anew(() => this.now.state.items);
    void this.now.checking.check().catch(() => undefined);
  }

  /** Resolves when the worker holds the questions that the page shows: after an opening, an edit, a worker that was lost. */
  async inStep(): Promise<void> {
    await Promise.allSettled([this.loaded]);
    await this.now.checking.inStep();
  }

  /** Gives the open bank another name. */
  async rename(name: string): Promise<void> {
    const info = { ...this.now.state.info, name };
    await this.now.store.saveBank(info);
    this.now.set({ info });
  }

  /** Switches a check of the craft off or on for this bank, or (`at`) for one question with a reason. */
  async switchCraft(
    check: string,
    isOn: boolean,
    at?: Omit<CraftException, 'check'>,
  ): Promise<void> {
    const { craftOff, info } = this.now.state;
    const next = switchedOff(craftOff, check, isOn, at);
    this.now.set({ craftOff: next });
    await this.now.store.saveSetting(craftSetting(info.id), next.length ? next : undefined);
    await this.check();
  }

  check(ids?: string[]): Promise<void> {
    return this.now.checking.check(ids);
  }

  /** Order for a question behind all others. */
  get nextOrder(): number {
    return this.now.held.lastOrder + 1;
  }

  entries(): StoredItem[] {
    return this.now.held.all();
  }

  /** Tries at once what could not be written. */
  retry(): void {
    this.now.queue.retry();
  }

  setWaiting(waiting: number): void {
    if (waiting !== this.now.state.waiting) {
      this.now.set({ waiting });
    }
  }
}
