// What lies on the bench in Gather: the source, its reading, and the mends made before anything enters the bank.
import { useSyncExternalStore } from 'react';
import type { Finding, Item, Overrule } from '../../core/model';
import { withFields } from '../../core/shared/item-cells';
import { nameItems } from '../../core/shared/references';
import { core } from '../../workers/client';
import type { GatherAnswer, SourceInput } from '../../workers/protocol';
import { addItems, bankState, setWaiting } from './bank';
import { sayProblem } from '../parts/say';

export type GatherState = {
  busy: string | undefined;
  name: string;
  answer: GatherAnswer | undefined;
  overrule: Overrule;
  /** Questions as understood and mended, by their order. */
  items: readonly Item[];
  findings: readonly Finding[];
  /** Rows (shown numbers) that the user leaves out, and those that are in the bank already. */
  out: ReadonlySet<number>;
  taken: ReadonlySet<number>;
};

const empty: GatherState = { busy: undefined, name: '', answer: undefined, overrule: {}, items: [], findings: [], out: new Set(), taken: new Set() };
let state: GatherState = empty;
/** Mends by the row they belong to, so that another reading of the source keeps them. */
let mends = new Map<number, Partial<Item>>();
let version = 0;
const listeners = new Set<() => void>();

const rowOf = (item: Item): number => item.origin?.row ?? 0;

function set(change: Partial<GatherState>): void {
  state = { ...state, ...change };
  setWaiting(ready(state).length);
  listeners.forEach((listener) => listener());
}

/** The questions that may enter the bank now: not left out, not there yet, nothing that blocks. */
export function ready({ items, findings, out, taken }: GatherState): Item[] {
  const blocked = new Set(findings.filter((finding) => finding.level === 'block').map((finding) => finding.item));
  return items.filter((item) => !blocked.has(item.id) && !out.has(rowOf(item)) && !taken.has(rowOf(item)));
}

const subscribe = (listener: () => void): (() => void) => { listeners.add(listener); return () => { listeners.delete(listener); }; };
export const useGather = (): GatherState => useSyncExternalStore(subscribe, () => state, () => state);
export const gatherState = (): GatherState => state;

/** Mended questions are checked anew; what the reader said of their cells no longer holds. */
async function withMends(answer: GatherAnswer): Promise<{ items: Item[]; findings: Finding[] }> {
  const items = answer.items.map((item) => (mends.has(rowOf(item)) ? withFields(item, mends.get(rowOf(item))!) : item));
  const mended = new Set(items.filter((item) => mends.has(rowOf(item))).map((item) => item.id));
  if (!mended.size) return { items, findings: answer.findings };
  const again = await core().recheck(items);
  return { items, findings: [...answer.findings.filter((finding) => !finding.item || !mended.has(finding.item)), ...again.filter((finding) => finding.item && mended.has(finding.item))] };
}

async function understand(source: SourceInput | undefined, overrule: Overrule): Promise<void> {
  const asked = ++version;
  set({ busy: source ? `Reading ${source.name} …` : 'Reading again …', overrule });
  try {
    const answer = await core().gather(asked, source, overrule);
    if (asked !== version) return;
    set({ busy: undefined, answer, ...(await withMends(answer)) });
  } catch (error) {
    if (asked === version) { set({ busy: undefined }); sayProblem(error instanceof Error ? error.message : 'The source could not be read.'); }
  }
}

export function bring(source: SourceInput): Promise<void> {
  mends = new Map();
  state = { ...empty, name: source.name };
  return understand(source, {});
}

export async function bringFile(file: File): Promise<void> {
  if (file.size > 32 * 1024 * 1024) { sayProblem(`${file.name} has ${Math.round(file.size / 1_048_576)} MiB; 32 MiB at most are taken. Split it and bring the parts in one by one.`); return; }
  await bring({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
}

/** Reads the same source another way; mends of rows stay. */
export const overrule = (change: Overrule): Promise<void> => understand(undefined, { ...state.overrule, ...change });

/** Changes a question before it enters the bank. */
export async function mend(item: Item, fields: Partial<Item>): Promise<void> {
  if (!state.answer) return;
  mends.set(rowOf(item), { ...mends.get(rowOf(item)), ...fields });
  set(await withMends(state.answer));
}

export function leaveOut(item: Item, leave: boolean): void {
  const out = new Set(state.out);
  if (leave) out.add(rowOf(item)); else out.delete(rowOf(item));
  set({ out });
}

/** Puts questions into the bank in one step that one undo takes back. Gives their number. */
export function agree(most = Infinity): number {
  const chosen = ready(state).slice(0, most);
  if (!chosen.length) return 0;
  const named = nameItems(chosen, bankState().items.map((item) => item.ref));
  const id = crypto.randomUUID();
  const fresh = named.map((item) => ({ ...item, id: crypto.randomUUID() }));
  set({ taken: new Set([...state.taken, ...chosen.map(rowOf)]) });
  void addItems(`Take ${chosen.length} from ${state.name}`, fresh, [{ kind: 'sources', id, after: { id, name: state.name, at: new Date().toISOString(), items: fresh.map((item) => item.id) } }]);
  return chosen.length;
}

/** Clears the bench; nothing in the bank changes. */
export function putAway(): void {
  mends = new Map();
  version++;
  state = empty;
  set({});
}
