// What is being handed over: which questions, the matrix of fits, the decisions, the filled files.
import { useSyncExternalStore } from 'react';
import type { Difference, Item, Layout, Receipt } from '../../core/model';
import { core } from '../../workers/client';
import type { Decision, Decisions, FitColumn } from '../../workers/protocol';
import { bankState, keepReceipt } from './bank';
import { blankOf } from './layouts';

export type Choice = { words: string; category: string; kind: string };
export type FilledFile = { layout: string; name: string; bytes: Uint8Array; receipt: Receipt; differences: Difference[]; notes: string[] };
export type HandOverState = {
  title: string;
  choice: Choice;
  out: ReadonlySet<string>;
  columns: readonly FitColumn[];
  ids: readonly string[];
  decisions: Record<string, Decisions>;
  busy: string | undefined;
  files: readonly FilledFile[];
  problem: string | undefined;
};
let state: HandOverState = { title: '', choice: { words: '', category: '', kind: '' }, out: new Set(), columns: [], ids: [], decisions: {}, busy: undefined, files: [], problem: undefined };
let asked = 0;
const listeners = new Set<() => void>();
function set(change: Partial<HandOverState>): void { state = { ...state, ...change }; listeners.forEach((listener) => listener()); }
const subscribe = (listener: () => void): (() => void) => { listeners.add(listener); return () => { listeners.delete(listener); }; };
export const useHandOver = (): HandOverState => useSyncExternalStore(subscribe, () => state, () => state);

/** The questions of the choice, in the bank's order. */
export function chosenItems({ choice, out }: Pick<HandOverState, 'choice' | 'out'>, items: readonly Item[]): Item[] {
  const words = choice.words.toLowerCase().split(/\s+/).filter(Boolean);
  return items.filter((item) => !out.has(item.id) && (!choice.kind || item.kind === choice.kind) && (!choice.category || item.category?.join(' > ').startsWith(choice.category))
    && words.every((word) => `${item.ref} ${item.stem.plain} ${item.tags?.map((tag) => `${tag.name ?? ''}: ${tag.value}`).join(' ') ?? ''}`.toLowerCase().includes(word)));
}

/** Fits every chosen question to every layout in view; late answers are dropped. */
export async function refit(layouts: readonly Layout[]): Promise<void> {
  const now = ++asked;
  const ids = chosenItems(state, bankState().items).map((item) => item.id);
  const columns = await core().fit(ids, layouts as Layout[], state.decisions);
  if (now === asked) set({ ids, columns, problem: undefined });
}

export const setChoice = (choice: Partial<Choice>): void => set({ choice: { ...state.choice, ...choice }, files: [] });
export const setTitle = (title: string): void => set({ title, files: [] });
export function leaveQuestion(id: string, leave: boolean): void {
  const out = new Set(state.out);
  if (leave) out.add(id); else out.delete(id);
  set({ out, files: [] });
}

export function decide(layout: string, item: string, decision: Decision | undefined): void {
  const own = { ...state.decisions[layout] };
  if (decision) own[item] = decision; else delete own[item];
  set({ decisions: { ...state.decisions, [layout]: own }, files: [] });
}

/** Fills the file of each layout (the first three questions for a trial), reads it back, and keeps the receipt. */
export async function fillFiles(layouts: readonly Layout[], trial = false): Promise<void> {
  set({ busy: 'Filling …', files: [], problem: undefined });
  const files: FilledFile[] = [];
  const problems: string[] = [];
  for (const layout of layouts) {
    const column = state.columns.find((candidate) => candidate.layout === layout.id);
    const fitting = state.ids.filter((_, index) => column && column.states[index] !== 2);
    const ids = trial ? fitting.slice(0, 3) : [...state.ids];
    if (!fitting.length) { problems.push(`${layout.name}: none of the questions fits it.`); continue; }
    set({ busy: `Filling ${layout.name} …` });
    const answer = await core().fill(ids, layout, trial ? `${state.title || bankState().info.name} (trial)` : state.title || bankState().info.name, state.decisions[layout.id] ?? {}, await blankOf(layout));
    if ('problem' in answer) { problems.push(`${layout.name}: ${answer.problem}`); continue; }
    files.push({ layout: layout.id, ...answer });
    await keepReceipt(answer.receipt);
  }
  set({ busy: undefined, files, ...(problems.length ? { problem: problems.join(' ') } : {}) });
}
