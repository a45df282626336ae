// The bank in the page: one module-level store for all places. Every change is a step; each step can be undone.
import { useSyncExternalStore } from 'react';
import type {
  BankInfo,
  Finding,
  Item,
  ItemStep,
  KeptLayout,
  KeptSource,
  Receipt,
  RecordStep,
  Step,
} from '../../core/model';
import { core, onWorkerLost } from '../../workers/client';
import type { Conflict, Store } from '../../store/port';
import { defined } from '../../core/shared/defined';

export type SaveState = { state: 'saved' | 'saving' | 'failed'; at?: Date; why?: string };
export type BankState = {
  phase: 'opening' | 'loading' | 'ready';
  info: BankInfo;
  items: readonly Item[];
  findings: ReadonlyMap<string, readonly Finding[]>;
  layouts: readonly KeptLayout[];
  sources: readonly KeptSource[];
  receipts: readonly Receipt[];
  undo: readonly Step[];
  redo: readonly Step[];
  save: SaveState;
  conflicts: readonly Conflict[];
  /** Questions that wait in Gather to be agreed to. */
  waiting: number;
};

const CHUNK = 400;
const KEPT_STEPS = 200;
type Placed = { order: number; rev: number };

let state: BankState = {
  phase: 'opening',
  info: { id: '', name: '', madeAt: '' },
  items: [],
  findings: new Map(),
  layouts: [],
  sources: [],
  receipts: [],
  undo: [],
  redo: [],
  save: { state: 'saved' },
  conflicts: [],
  waiting: 0,
};
const listeners = new Set<() => void>();
const places = new Map<string, Placed>();
const byId = new Map<string, Item>();
let together: Finding[] = [];
let perItem = new Map<string, Finding[]>();
let store: Store;
let version = 0;

function set(change: Partial<BankState>): void {
  state = { ...state, ...change };
  listeners.forEach((listener) => listener());
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** The bank's state, or a part of it; the component draws again when that part changes. */
export function useBank<T>(select: (state: BankState) => T): T {
  return useSyncExternalStore(
    subscribe,
    () => select(state),
    () => select(state),
  );
}
export const bankState = (): BankState => state;
export const itemById = (id: string): Item | undefined => byId.get(id);
export const theStore = (): Store => store;

/** The same order at every start, wherever the store has them. */
const byName = (layouts: readonly KeptLayout[]): KeptLayout[] =>
  [...layouts].sort((a, b) => a.layout.name.localeCompare(b.layout.name, 'en'));

const chosenLayouts = () => state.layouts.filter((kept) => kept.chosen).map((kept) => kept.layout);

function publishFindings(): void {
  const findings = new Map<string, Finding[]>(perItem);
  for (const finding of together) {
    if (finding.item) {
      findings.set(finding.item, [...(findings.get(finding.item) ?? []), finding]);
    }
  }
  set({ findings });
}

/** Asks the worker for findings: of some questions after an edit, of all after a load or a change of layouts. */
export async function check(ids?: string[]): Promise<void> {
  const asked = ++version;
  const answer = await core().check(asked, chosenLayouts(), ids);
  if (ids) {
    for (const [id, findings] of answer.byItem) {
      if (findings.length) {
        perItem.set(id, findings);
      } else {
        perItem.delete(id);
      }
    }
  }
  // A late answer about all questions would bring back what a newer one has replaced.
  else if (asked === version) {
    perItem = new Map(answer.byItem);
  }
  if (asked === version) {
    together = answer.together;
    publishFindings();
  }
}

const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve);
  });

async function mirrorAll(): Promise<void> {
  const items = state.items;
  await core().mirror([], [], true);
  for (let at = 0; at < items.length; at += CHUNK) {
    await core().mirror(items.slice(at, at + CHUNK), [], false);
    await breathe();
  }
}

/** Opens a bank: the first questions show as soon as they are read, the rest follows in small bites. */
export async function openBank(info: BankInfo): Promise<void> {
  places.clear();
  byId.clear();
  perItem = new Map();
  together = [];
  set({
    phase: 'loading',
    info,
    items: [],
    findings: new Map(),
    undo: [],
    redo: [],
    conflicts: [],
    waiting: 0,
  });
  const [layouts, sources, receipts] = await Promise.all([
    store.records(info.id, 'layouts'),
    store.records(info.id, 'sources'),
    store.records(info.id, 'receipts'),
  ]);
  set({
    layouts: byName(layouts),
    sources,
    receipts: receipts.sort((a, b) => b.at.localeCompare(a.at)),
  });
  await core().mirror([], [], true);
  let after = -Infinity;
  const items: Item[] = [];
  for (;;) {
    const chunk = await store.items(info.id, after, CHUNK);
    for (const { id, order, rev, item } of chunk) {
      places.set(id, { order, rev });
      byId.set(id, item);
      items.push(item);
      after = order;
    }
    if (chunk.length) {
      void core().mirror(
        chunk.map(({ item }) => item),
        [],
        false,
      );
    }
    if (items.length === chunk.length || chunk.length < CHUNK) {
      set({ items: [...items] });
    }
    if (chunk.length < CHUNK) {
      break;
    }
    await breathe();
  }
  set({ phase: 'ready', save: { state: 'saved', at: new Date() } });
  await check();
}

function applyToMemory(steps: readonly ItemStep[], side: 'before' | 'after'): void {
  if (!steps.length) {
    return;
  }
  let placesChanged = false;
  const changed = new Map<string, Item>();
  for (const step of steps) {
    const next = step[side];
    const known = places.get(step.id);
    if (!next) {
      byId.delete(step.id);
      placesChanged = true;
      continue;
    }
    // A question that an undo took out keeps its place until the disk has heard of it, but is no longer in the list.
    if (!byId.has(step.id) || !known || known.order !== next.order || !state.items.length) {
      placesChanged = true;
    }
    byId.set(step.id, next.item);
    changed.set(step.id, next.item);
    places.set(step.id, { order: next.order, rev: known?.rev ?? 0 });
  }
  const items = placesChanged
    ? [...byId.values()].sort((a, b) => places.get(a.id)!.order - places.get(b.id)!.order)
    : state.items.map((item) => changed.get(item.id) ?? item);
  set({ items });
}

function applyRecords(records: readonly RecordStep[], side: 'before' | 'after'): void {
  const replace = <T extends { id: string }>(
    list: readonly T[],
    id: string,
    next: T | undefined,
  ): T[] => {
    const at = list.findIndex((entry) => entry.id === id);
    if (!next) {
      return list.filter((entry) => entry.id !== id);
    }
    return at < 0 ? [...list, next] : list.map((entry) => (entry.id === id ? next : entry));
  };
  for (const record of records) {
    const next = record[side];
    if (record.kind === 'layouts') {
      set({ layouts: byName(replace(state.layouts, record.id, next as KeptLayout | undefined)) });
    } else if (record.kind === 'sources') {
      set({ sources: replace(state.sources, record.id, next as KeptSource | undefined) });
    } else {
      set({
        receipts: replace(state.receipts, record.id, next as Receipt | undefined).sort((a, b) =>
          b.at.localeCompare(a.at),
        ),
      });
    }
  }
}

let writing: Promise<void> = Promise.resolve();
let pending = 0;

/** Writes a step's one side behind all earlier writes; the page says "saved" only when the disk has it. */
function save(step: Step, side: 'before' | 'after'): Promise<void> {
  const bank = state.info.id;
  pending++;
  set({ save: { state: 'saving' } });
  writing = writing.then(async () => {
    try {
      const written = await store.write(bank, {
        items: step.items.map(({ id, [side]: next }) =>
          defined({
            id,
            rev: places.get(id)?.rev ?? 0,
            next,
          }),
        ),
        records: step.records.map((record) => ({ ...record, after: record[side] }) as RecordStep),
      });
      const removed = new Set(step.items.flatMap((one) => (one[side] ? [] : [one.id])));
      for (const [id, rev] of written.revs) {
        const place = places.get(id);
        // A question that was taken away and brought back before the disk had heard of it is new to the store again.
        if (byId.has(id) && place) {
          places.set(id, { ...place, rev: removed.has(id) ? 0 : rev });
        } else {
          places.delete(id);
        }
      }
      if (written.conflicts.length) {
        takeTheirs(written.conflicts);
      }
      set({ save: --pending ? { state: 'saving' } : { state: 'saved', at: new Date() } });
    } catch (error) {
      pending--;
      set({
        save: {
          state: 'failed',
          why: error instanceof Error ? error.message : 'The browser refused to keep it.',
        },
      });
    }
  });
  return writing;
}

/** Another tab was first: its text is shown, and this tab's is kept in view to be taken or let go. */
function takeTheirs(conflicts: readonly Conflict[]): void {
  for (const { id, theirs } of conflicts) {
    if (theirs) {
      byId.set(id, theirs.item);
      places.set(id, { order: theirs.order, rev: theirs.rev });
    } else {
      byId.delete(id);
      places.delete(id);
    }
  }
  set({
    items: [...byId.values()].sort((a, b) => places.get(a.id)!.order - places.get(b.id)!.order),
    conflicts: [...state.conflicts, ...conflicts.filter(({ mine }) => mine)],
  });
}

async function run(step: Step, side: 'before' | 'after'): Promise<void> {
  applyToMemory(step.items, side);
  applyRecords(step.records, side);
  const saved = save(step, side);
  const now = step.items.flatMap((one) => one[side]?.item ?? []);
  const gone = step.items.filter((one) => !one[side]).map((one) => one.id);
  gone.forEach((id) => perItem.delete(id));
  // The page paints the edit before the worker takes the second core to check a large bank.
  if (byId.size > 2000) {
    await new Promise((resolve) => {
      setTimeout(resolve, 120);
    });
  }
  for (let at = 0; at < now.length || at === 0; at += CHUNK) {
    await core().mirror(now.slice(at, at + CHUNK), at === 0 ? gone : [], false);
  }
  await check(
    step.records.some((record) => record.kind === 'layouts')
      ? undefined
      : now.map((item) => item.id),
  );
  await saved;
}

/** Does a step, and keeps it for undo. */
export function doStep(step: Step): Promise<void> {
  if (!step.items.length && !step.records.length) {
    return Promise.resolve();
  }
  set({ undo: [...state.undo.slice(-KEPT_STEPS), step], redo: [] });
  return run(step, 'after');
}

export function undo(): Promise<void> {
  const step = state.undo.at(-1);
  if (!step) {
    return Promise.resolve();
  }
  set({ undo: state.undo.slice(0, -1), redo: [...state.redo, step] });
  return run(step, 'before');
}

export function redo(): Promise<void> {
  const step = state.redo.at(-1);
  if (!step) {
    return Promise.resolve();
  }
  set({ redo: state.redo.slice(0, -1), undo: [...state.undo, step] });
  return run(step, 'after');
}

/** A step that replaces questions by changed ones. */
export function changeItems(label: string, changed: readonly Item[]): Promise<void> {
  const items = changed.flatMap((item): ItemStep[] => {
    const before = byId.get(item.id);
    const order = places.get(item.id)?.order;
    return before && order !== undefined && before !== item
      ? [{ id: item.id, before: { order, item: before }, after: { order, item } }]
      : [];
  });
  return doStep({ label, items, records: [] });
}

/** Takes questions out; records that go with them belong to the same step. */
export function removeItems(
  label: string,
  ids: readonly string[],
  records: RecordStep[] = [],
): Promise<void> {
  const items = ids.flatMap((id): ItemStep[] => {
    const item = byId.get(id);
    return item ? [{ id, before: { order: places.get(id)!.order, item } }] : [];
  });
  return doStep({ label, items, records });
}

/** New questions behind the last one, with records that belong to the same step. */
export function addItems(
  label: string,
  added: readonly Item[],
  records: RecordStep[] = [],
): Promise<void> {
  const last = state.items.length ? places.get(state.items.at(-1)!.id)!.order : 0;
  return doStep({
    label,
    items: added.map((item, index) => ({ id: item.id, after: { order: last + index + 1, item } })),
    records,
  });
}

export const changeRecords = (label: string, records: RecordStep[]): Promise<void> =>
  doStep({ label, items: [], records });
/** Receipts are a record of what happened; they are kept without a step, and undo leaves them alone. */
export function keepReceipt(receipt: Receipt): Promise<void> {
  const step: Step = {
    label: '',
    items: [],
    records: [{ kind: 'receipts', id: receipt.id, after: receipt }],
  };
  applyRecords(step.records, 'after');
  return save(step, 'after');
}

/** What an opened bank ships with is where undo begins. */
export const forgetSteps = (): void => set({ undo: [], redo: [] });

export const setWaiting = (waiting: number): void => {
  if (waiting !== state.waiting) {
    set({ waiting });
  }
};

/** Settles a conflict: this tab's text replaces the other's as a step of its own, or is let go. */
export function settleConflict(id: string, useMine: boolean): void {
  const conflict = state.conflicts.find((candidate) => candidate.id === id);
  set({ conflicts: state.conflicts.filter((candidate) => candidate.id !== id) });
  if (!conflict?.mine || !useMine) {
    return;
  }
  if (byId.has(id)) {
    void changeItems('Use my text', [conflict.mine]);
  } else {
    void addItems('Use my text', [conflict.mine]);
  }
}

/** What another tab wrote is read again and shown here. */
async function hearElsewhere(change: {
  bank: string;
  items: string[];
  records: unknown[];
}): Promise<void> {
  if (change.bank !== state.info.id || state.phase !== 'ready') {
    return;
  }
  if (change.items.length > 500) {
    await openBank(state.info);
    return;
  }
  await writing;
  const gone: string[] = [];
  const changed: Item[] = [];
  for (const id of change.items) {
    const stored = await store.item(state.info.id, id);
    if (stored) {
      byId.set(id, stored.item);
      places.set(id, { order: stored.order, rev: stored.rev });
      changed.push(stored.item);
    } else {
      byId.delete(id);
      places.delete(id);
      gone.push(id);
    }
  }
  set({
    items: [...byId.values()].sort((a, b) => places.get(a.id)!.order - places.get(b.id)!.order),
  });
  if (change.records.length) {
    const [layouts, sources, receipts] = await Promise.all([
      store.records(state.info.id, 'layouts'),
      store.records(state.info.id, 'sources'),
      store.records(state.info.id, 'receipts'),
    ]);
    set({
      layouts: byName(layouts),
      sources,
      receipts: receipts.sort((a, b) => b.at.localeCompare(a.at)),
    });
  }
  await core().mirror(changed, gone, false);
  await check(change.records.length ? undefined : changed.map((item) => item.id));
}

/** Puts the store in place; called once when the application starts. */
export function useStore(opened: Store): void {
  store = opened;
  store.onElsewhere((change) => {
    void hearElsewhere(change);
  });
  onWorkerLost(() => {
    void mirrorAll().then(() => check());
  });
}
