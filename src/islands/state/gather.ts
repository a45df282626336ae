// What lies on the bench in Gather: the source, its reading, and the mends made before anything enters the bank.
import { useSyncExternalStore } from 'react';
import type { Finding, Item, Overrule } from '../../core/model';
import { withFields } from '../parts/item-cells';
import { unchangedEnds } from '../../core/shared/lines';
import { nameItems } from '../../core/shared/references';
import { core, onProgress, stopCore } from '../../workers/client';
import type { GatherAnswer, SourceInput } from '../../workers/protocol';
import { addItems, bankState, setWaiting, theStore } from './bank';
import { sayProblem } from '../parts/say';

export type GatherState = {
  busy: string | undefined;
  name: string;
  answer: GatherAnswer | undefined;
  overrule: Overrule;
  /** Questions as understood and mended, by their order. */
  items: readonly Item[];
  findings: readonly Finding[];
  /** Places (see placeOf) that the user leaves out, and those that are in the bank already. */
  out: ReadonlySet<string>;
  taken: ReadonlySet<string>;
  /** The running text as the user changed it. */
  edited: string | undefined;
  /** How far a long reading has come. */
  progress: { done: number; of: number } | undefined;
};

const empty: GatherState = {
  busy: undefined,
  name: '',
  answer: undefined,
  overrule: {},
  items: [],
  findings: [],
  out: new Set(),
  taken: new Set(),
  edited: undefined,
  progress: undefined,
};
let state: GatherState = empty;
/** Mends by the place they belong to, so that another reading of the source keeps them. */
let mends = new Map<string, Partial<Item>>();
let formatting: Overrule['formatting'];
let version = 0;
/** An edit of running text that waits for the typing to pause; it belongs to the source on the bench alone. */
let waitingEdit: ReturnType<typeof setTimeout> | undefined;
/** So many questions at a time come over from the worker; more would hold the page up. */
const PART = 500;
const listeners = new Set<() => void>();

/** Where in its source a question stands: its cell where several share a row, else its row or line. */
export const placeOf = (item: Item): string => item.origin?.cell ?? String(item.origin?.row ?? 0);

function set(change: Partial<GatherState>): void {
  state = { ...state, ...change };
  setWaiting(ready(state).length);
  listeners.forEach((listener) => listener());
}

/** The questions that may enter the bank now: not left out, not there yet, nothing that blocks. */
export function ready({ items, findings, out, taken }: GatherState): Item[] {
  const blocked = new Set(
    findings.filter((finding) => finding.level === 'block').map((finding) => finding.item),
  );
  return items.filter(
    (item) => !blocked.has(item.id) && !out.has(placeOf(item)) && !taken.has(placeOf(item)),
  );
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};
export const useGather = (): GatherState =>
  useSyncExternalStore(
    subscribe,
    () => state,
    () => state,
  );
export const gatherState = (): GatherState => state;

/** Mended questions are checked anew; what the reader said of their cells no longer holds. */
async function withMends(answer: GatherAnswer): Promise<{ items: Item[]; findings: Finding[] }> {
  const items = answer.items.map((item) =>
    mends.has(placeOf(item)) ? withFields(item, mends.get(placeOf(item))!) : item,
  );
  const mended = new Set(items.filter((item) => mends.has(placeOf(item))).map((item) => item.id));
  if (!mended.size) {
    return { items, findings: answer.findings };
  }
  const again = await core().recheck(items);
  return {
    items,
    findings: [
      ...answer.findings.filter((finding) => !finding.item || !mended.has(finding.item)),
      ...again.filter((finding) => finding.item && mended.has(finding.item)),
    ],
  };
}

async function understand(
  source: SourceInput | undefined,
  overrule: Overrule,
  edited?: string,
): Promise<void> {
  const asked = ++version;
  set({
    busy: source ? `Reading ${source.name} …` : 'Reading again …',
    overrule,
    progress: undefined,
  });
  try {
    const answer = await core().gather(asked, source, overrule, edited);
    for (let from = 0; from < answer.of && asked === version; from += PART) {
      const part = await core().gatherPart(asked, from, PART);
      answer.items.push(...part.items);
      answer.sheet?.rows.push(...part.rows);
      if (answer.of > PART) {
        await new Promise((resolve) => {
          setTimeout(resolve);
        });
      }
    }
    if (asked !== version) {
      return;
    }
    const mended = await withMends(answer);
    if (asked === version) {
      set({ busy: undefined, progress: undefined, answer, ...mended });
    }
  } catch (error) {
    if (asked === version) {
      set({ busy: undefined });
      sayProblem(error instanceof Error ? error.message : 'The source could not be read.');
    }
  }
}

onProgress((done, of) => {
  if (state.busy) {
    set({ progress: { done, of } });
  }
});

/** Stops a reading under way; the worker is replaced and what was on the bench is put away. */
export function stopReading(): void {
  putAway();
  stopCore();
}

export async function bring(source: SourceInput): Promise<void> {
  clearTimeout(waitingEdit);
  mends = new Map();
  state = { ...empty, name: source.name };
  formatting ??= (await theStore().setting<Overrule['formatting']>('formatting')) ?? 'keep';
  await understand(source, formatting === 'strip' ? { formatting } : {});
}

export async function bringFile(file: File): Promise<void> {
  if (file.size > 32 * 1024 * 1024) {
    sayProblem(
      `${file.name} has ${Math.round(file.size / 1_048_576)} MiB; 32 MiB at most are taken. Split it and bring the parts in one by one.`,
    );
    return;
  }
  await bring({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
}

/** Reads the same source another way; mends stay, and so does edited text. */
export function overrule(change: Overrule): Promise<void> {
  const next = { ...state.overrule, ...change };
  const again =
    state.edited !== undefined && (change.as !== undefined || change.separator !== undefined);
  return understand(again ? { name: state.name, text: state.edited! } : undefined, next);
}

/** Keeps or strips formatting, now and for the sources to come. */
export function setFormatting(next: 'keep' | 'strip'): Promise<void> {
  formatting = next;
  void theStore().saveSetting('formatting', next);
  return overrule({ formatting: next });
}

/** Mends and choices of lines move with their lines when the text around them changes. */
function shiftPlaces(before: string, after: string): void {
  const [a, b] = [before.split('\n'), after.split('\n')];
  const { tail } = unchangedEnds(a, b);
  const moved = (place: string): string =>
    Number(place) > a.length - tail ? String(Number(place) + b.length - a.length) : place;
  if (a.length === b.length) {
    return;
  }
  mends = new Map([...mends].map(([place, fields]) => [moved(place), fields]));
  state = {
    ...state,
    out: new Set([...state.out].map(moved)),
    taken: new Set([...state.taken].map(moved)),
  };
}

/** The running text as it is typed; understood anew when the typing pauses. */
export function editText(text: string): void {
  shiftPlaces(state.edited ?? state.answer?.text ?? '', text);
  state = { ...state, edited: text };
  clearTimeout(waitingEdit);
  waitingEdit = setTimeout(() => {
    void understand(undefined, state.overrule, text);
  }, 180);
}

/** Changes a question before it enters the bank. */
export async function mend(item: Item, fields: Partial<Item>): Promise<void> {
  if (!state.answer) {
    return;
  }
  mends.set(placeOf(item), { ...mends.get(placeOf(item)), ...fields });
  set(await withMends(state.answer));
}

export function leaveOut(item: Item, leave: boolean): void {
  const out = new Set(state.out);
  if (leave) {
    out.add(placeOf(item));
  } else {
    out.delete(placeOf(item));
  }
  set({ out });
}

/** Puts questions into the bank in one step that one undo takes back. Gives their number. */
export function agree(most = Infinity): number {
  const chosen = ready(state).slice(0, most);
  if (!chosen.length) {
    return 0;
  }
  const named = nameItems(
    chosen,
    bankState().items.map((item) => item.ref),
  );
  const id = crypto.randomUUID();
  const fresh = named.map((item) => ({ ...item, id: crypto.randomUUID() }));
  set({ taken: new Set([...state.taken, ...chosen.map(placeOf)]) });
  void addItems(`Take ${chosen.length} from ${state.name}`, fresh, [
    {
      kind: 'sources',
      id,
      after: {
        id,
        name: state.name,
        at: new Date().toISOString(),
        items: fresh.map((item) => item.id),
      },
    },
  ]);
  return chosen.length;
}

/** Clears the bench; nothing in the bank changes. */
export function putAway(): void {
  clearTimeout(waitingEdit);
  mends = new Map();
  version++;
  state = empty;
  set({});
}
