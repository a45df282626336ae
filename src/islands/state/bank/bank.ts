// The bank that is open in this tab: what is shown of it, the steps that change it, and what other tabs do to it.
import { createStore, type StoreApi } from 'zustand/vanilla';
import type {
  BankInfo,
  Item,
  ItemStep,
  KeptLayout,
  RecordKind,
  Records,
  RecordStep,
  Step,
} from '../../../core/model';
import { mergeFields, sameValue } from '../../../core/shared/fields';
import type { Conflict, Elsewhere, Store, Written } from '../../../store/port';
import { settleRecord } from '../../../store/settle';
import type { Core } from '../../../workers/client';
import { pause } from '../../parts/pause';
import { Checking } from './checking';
import { Held } from './held';
import { SavingQueue } from './saving';
import { NO_BANK, type BankState } from './types';
import { journalOf, Undoing, type Move } from './undoing';

/** So many questions are read from the store at a time, so that the page can breathe between. */
const PAGE = 400;
/** Past this many questions changed elsewhere, reading the bank again costs less than asking for each. */
const MANY = 200;

export type BankSurroundings = {
  core: () => Core;
  /** The name of this tab, the same after a reload. */
  tab: () => string;
  now: () => Date;
};

/** Questions by their ids, as they were or are to be. */
type Bases = ReadonlyMap<string, Item>;

/** The same order at every start, wherever the store has them. */
const byName = (layouts: readonly KeptLayout[]): KeptLayout[] =>
  [...layouts].sort((a, b) => a.layout.name.localeCompare(b.layout.name, 'en'));
const newestFirst = <Entry extends { at: string }>(list: readonly Entry[]): Entry[] =>
  [...list].sort((a, b) => b.at.localeCompare(a.at));

/** A record list with one of its entries put, or taken out where it is undefined. */
function replaced<Entry extends { id: string }>(
  list: readonly Entry[],
  id: string,
  next: Entry | undefined,
): Entry[] {
  const others = list.filter((entry) => entry.id !== id);
  if (!next) {
    return others;
  }
  const place = list.findIndex((entry) => entry.id === id);
  return place < 0 ? [...others, next] : list.map((entry) => (entry.id === id ? next : entry));
}

/** Whether the store gave a new question another reference or place than the step did. */
function isRenamed({ step }: Move, id: string, item: Item): boolean {
  const own = step.items.find((one) => one.id === id);
  return own?.is === 'added' && own.item.ref !== item.ref;
}

/** A step as the store settled it: new questions as they stand there, without the fields that clashed. */
function stepAsWritten(step: Step, { items, conflicts }: Written): Step {
  const stored = new Map(items.map((entry) => [entry.id, entry]));
  const clashed = new Set(conflicts.map(({ id, path }) => `${id} ${path}`));
  return {
    ...step,
    items: step.items.flatMap((one): ItemStep[] => {
      if (clashed.has(`${one.id} `)) {
        return [];
      }
      if (one.is === 'changed') {
        const fields = one.fields.filter(({ path }) => !clashed.has(`${one.id} ${path}`));
        return fields.length ? [{ ...one, fields }] : [];
      }
      const now = stored.get(one.id);
      return one.is === 'added' && now ? [{ ...one, order: now.order, item: now.item }] : [one];
    }),
    records: step.records.filter(({ id }) => !conflicts.some((conflict) => conflict.id === id)),
  };
}

/** A question that was removed elsewhere clashes as a whole: what it was to say here is told. */
const withMine = (conflicts: readonly Conflict[], meant: Bases): Conflict[] =>
  conflicts.map((conflict) =>
    conflict.kind === 'items' && !conflict.path && !conflict.mine && !conflict.theirs
      ? { ...conflict, mine: meant.get(conflict.id) }
      : conflict,
  );

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
  /** Clashes of banks that are not open now, to be shown when they are. */
  private readonly unseen = new Map<string, readonly Conflict[]>();

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
    const { save, notice, conflicts, info: left } = this.state;
    this.unseen.set(left.id, conflicts);
    this.held.clear();
    this.undoing.take([]);
    this.hold.setState({ ...NO_BANK, phase: 'loading', info, save, notice }, true);
    void this.checking.clear().catch(() => undefined);
    const records = await this.readRecords(info.id);
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
    this.addConflicts(info.id, this.unseen.get(info.id) ?? []);
    void this.checking
      .mirror(this.state.items)
      .then(() => this.checking.check())
      .catch(() => undefined);
  }

  private async loadItems(bank: string, generation: number): Promise<void> {
    let isFirst = true;
    for await (const page of this.pages(bank)) {
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

  private async *pages(bank: string) {
    for (let after; ;) {
      const page = await this.theStore().items(bank, after, PAGE);
      if (page.length) {
        yield page;
      }
      if (page.length < PAGE) {
        return;
      }
      after = page.at(-1)!;
    }
  }

  private async readRecords(
    bank: string,
  ): Promise<Pick<BankState, 'layouts' | 'sources' | 'receipts'>> {
    const store = this.theStore();
    const [layouts, sources, receipts] = await Promise.all([
      store.records(bank, 'layouts'),
      store.records(bank, 'sources'),
      store.records(bank, 'receipts'),
    ]);
    return { layouts: byName(layouts), sources, receipts: newestFirst(receipts) };
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
    const isOpen = this.state.info.id === bank;
    const known = (isOpen ? this.state.conflicts : (this.unseen.get(bank) ?? [])).filter(
      (one) => !conflicts.some((next) => next.id === one.id && next.path === one.path),
    );
    const all = [...known, ...conflicts];
    if (isOpen) {
      this.set({ conflicts: all });
    } else {
      this.unseen.set(bank, all);
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
    const meant = this.meantBy(step, bases);
    const applied = this.held.apply(step.items);
    this.applyRecords(step.records);
    this.set({ items: this.held.items, ...this.steps() });
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
    const isOther =
      written.conflicts.length > 0 || stored.some(({ id, item }) => isRenamed(move, id, item));
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

  /** What a step's questions are to say, also where they are gone by now. */
  private meantBy(step: Step, bases: Bases): Bases {
    const meant = new Map<string, Item>();
    for (const one of step.items) {
      const base = bases.get(one.id) ?? this.item(one.id);
      if (base) {
        meant.set(one.id, one.is === 'changed' ? mergeFields(base, one.fields).merged : base);
      }
    }
    return meant;
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

  private applyRecords(steps: readonly RecordStep[]): void {
    for (const step of steps) {
      const known = this.record(step.kind, step.id);
      const { put, remove } = settleRecord(known, step);
      if (put ?? remove) {
        this.setRecord(step.kind, step.id, put as Records[RecordKind] | undefined);
      }
    }
  }

  private record(kind: RecordKind, id: string): object | undefined {
    return (this.state[kind] as readonly { id: string }[]).find((entry) => entry.id === id);
  }

  private setRecord(kind: RecordKind, id: string, next: Records[RecordKind] | undefined): void {
    const { layouts, sources, receipts } = this.state;
    switch (kind) {
      case 'layouts':
        this.set({ layouts: byName(replaced(layouts, id, next as Records['layouts'])) });
        break;
      case 'sources':
        this.set({ sources: replaced(sources, id, next as Records['sources']) });
        break;
      case 'receipts':
        this.set({ receipts: newestFirst(replaced(receipts, id, next as Records['receipts'])) });
        break;
    }
  }

  /** Receipts are a record of what happened; they are kept without a step, and undo leaves them alone. */
  async note(records: readonly RecordStep[]): Promise<void> {
    this.applyRecords(records);
    await this.queue.push(this.state.info.id, { items: [], records });
  }

  /** Settles a clash: this tab's text replaces the other's as a step of its own, or is let go. */
  async settleConflict(conflict: Conflict, useMine: boolean): Promise<void> {
    this.set({ conflicts: this.state.conflicts.filter((other) => other !== conflict) });
    if (!useMine) {
      return;
    }
    const step = this.stepForMine(conflict);
    await (step && this.do(step));
  }

  private stepForMine({ kind, id, path, mine, theirs }: Conflict): Step | undefined {
    const label = 'Use my text';
    const change = { id, is: 'changed' as const, fields: [{ path, before: theirs, after: mine }] };
    if (kind !== 'items') {
      return path ? { label, items: [], records: [{ kind, ...change }] } : undefined;
    }
    const entry = this.held.entry(id);
    if (path) {
      return entry && { label, items: [change], records: [] };
    }
    if (mine && !entry) {
      const order = this.held.lastOrder + 1;
      return { label, items: [{ id, is: 'added', order, item: mine as Item }], records: [] };
    }
    return mine || !entry
      ? undefined
      : { label, items: [{ ...entry, is: 'removed' }], records: [] };
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
    const { stored, gone } = await this.storedOf(bank, ids);
    const lists = records ? await this.readRecords(bank) : {};
    if (!this.isCurrent(generation)) {
      return;
    }
    this.held.take(stored, gone);
    this.rebase(bank);
    this.set({ items: this.held.items, ...lists });
    const items = stored.flatMap(({ id }) => this.item(id) ?? []);
    this.checkAfter(items, gone, records || ids.length > MANY);
  }

  private async storedOf(
    bank: string,
    ids: readonly string[],
  ): Promise<{ stored: Written['items']; gone: string[] }> {
    const stored: Written['items'] = [];
    if (ids.length > MANY) {
      for await (const page of this.pages(bank)) {
        stored.push(...page);
      }
    } else {
      const found = await Promise.all(ids.map((id) => this.theStore().item(bank, id)));
      stored.push(...found.flatMap((one) => one ?? []));
    }
    const there = new Set(stored.map(({ id }) => id));
    return { stored, gone: ids.filter((id) => !there.has(id)) };
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
