// What is being handed over: which questions, the matrix of fits, the wishes for the files, the filled files.
import { useSyncExternalStore } from 'react';
import type { Decision, Decisions, Item, KeptLayout, Receipt } from '../../core/model';
import { safeName } from '../../core/shared/plain';
import { core } from '../../workers/client';
import type { FillWish, FitColumn } from '../../workers/protocol';
import { sayProblem } from '../parts/say';
import { takeAway } from '../parts/take-away';
import { bankState, changeRecords, keepReceipt, theStore } from './bank';
import { blankOf } from './layouts';
import { defined } from '../../core/shared/defined';

export type Choice = { words: string; category: string; kind: string };
export type FilledFile = {
  layout: string;
  name: string;
  bytes: Uint8Array;
  receipt: Receipt;
  differences: Receipt['readBack']['differences'];
  notes: string[];
};
export type HandOverState = {
  title: string;
  description: string;
  choice: Choice;
  out: ReadonlySet<string>;
  columns: readonly FitColumn[];
  ids: readonly string[];
  /** The seed by which right answers are spread evenly; absent where they stay in place. */
  spread: number | undefined;
  /** How many questions a package draws at each attempt; all where absent. */
  draw: number | undefined;
  /** Whether questions that would have to change are left out. */
  asTheyAre: boolean;
  busy: string | undefined;
  files: readonly FilledFile[];
  problem: string | undefined;
};
let state: HandOverState = {
  title: '',
  description: '',
  choice: { words: '', category: '', kind: '' },
  out: new Set(),
  columns: [],
  ids: [],
  spread: undefined,
  draw: undefined,
  asTheyAre: false,
  busy: undefined,
  files: [],
  problem: undefined,
};
let asked = 0;
const listeners = new Set<() => void>();
function set(change: Partial<HandOverState>): void {
  state = { ...state, ...change };
  listeners.forEach((listener) => listener());
}
const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};
export const useHandOver = (): HandOverState =>
  useSyncExternalStore(
    subscribe,
    () => state,
    () => state,
  );

/** The questions of the choice, in the bank's order. */
export function chosenItems(
  { choice, out }: Pick<HandOverState, 'choice' | 'out'>,
  items: readonly Item[],
): Item[] {
  const words = choice.words.toLowerCase().split(/\s+/).filter(Boolean);
  return items.filter(
    (item) =>
      !out.has(item.id) &&
      (!choice.kind || item.kind === choice.kind) &&
      (!choice.category || item.category?.join(' > ').startsWith(choice.category)) &&
      words.every((word) =>
        `${item.ref} ${item.stem.plain} ${item.tags?.map((tag) => `${tag.name ?? ''}: ${tag.value}`).join(' ') ?? ''}`
          .toLowerCase()
          .includes(word),
      ),
  );
}

/** What the user decided for single questions, receiver by receiver. */
const decisionsOf = (kept: readonly KeptLayout[]): Record<string, Decisions> =>
  Object.fromEntries(kept.map((one) => [one.id, one.variants ?? {}]));

/** Fits every chosen question to every layout in view; late answers are dropped. */
export async function refit(kept: readonly KeptLayout[]): Promise<void> {
  const now = ++asked;
  const ids = chosenItems(state, bankState().items).map((item) => item.id);
  const columns = await core().fit(
    ids,
    kept.map((one) => one.layout),
    decisionsOf(kept),
  );
  if (now === asked) {
    set({ ids, columns, problem: undefined });
  }
}

export const setChoice = (choice: Partial<Choice>): void =>
  set({ choice: { ...state.choice, ...choice }, files: [] });
export const setTitle = (title: string): void => set({ title, files: [] });
/** Wishes for the files; whatever was filled before is out of date then. */
export const setWishes = (
  wishes: Partial<Pick<HandOverState, 'description' | 'spread' | 'draw' | 'asTheyAre'>>,
): void => set({ ...wishes, files: [] });
export function leaveQuestion(id: string, leave: boolean): void {
  const out = new Set(state.out);
  if (leave) {
    out.add(id);
  } else {
    out.delete(id);
  }
  set({ out, files: [] });
}

/** Keeps what the user decided for one question and one receiver: a variant of the layout's, not of the question's. */
export function decide(layout: string, item: string, decision: Decision | undefined): void {
  const kept = bankState().layouts.find((one) => one.id === layout);
  if (!kept) {
    return;
  }
  const variants = { ...kept.variants };
  if (decision && (decision.leaveOut || Object.keys(decision.own ?? {}).length)) {
    variants[item] = decision;
  } else {
    delete variants[item];
  }
  set({ files: [] });
  void changeRecords(
    `${decision?.leaveOut ? 'Leave a question out of' : 'Own text for'} ${kept.layout.name}`,
    [{ kind: 'layouts', id: layout, before: kept, after: { ...kept, variants } }],
  );
}

const titleOf = (): string => state.title || bankState().info.name;

/** The wishes for one layout's files. */
export async function wishFor(kept: KeptLayout): Promise<FillWish> {
  const blank = await blankOf(kept.layout);
  return defined({
    setTitle: titleOf(),
    decisions: kept.variants ?? {},
    setDescription: state.description || undefined,
    blank,
    spread: state.spread !== undefined && !kept.layout.shuffles ? state.spread : undefined,
    accept: state.asTheyAre ? ('none' as const) : undefined,
    draw: state.draw && kept.layout.shape === 'package' ? state.draw : undefined,
  });
}

let stopped = false;
/** Ends a fill behind the receiver that is being filled; what is finished stays. */
export function stopFilling(): void {
  stopped = true;
  set({ busy: 'Stopping …' });
}

/** Fills the files of each layout (the first three questions for a trial), reads them back, and keeps the receipts. */
export async function fillFiles(layouts: readonly KeptLayout[], trial = false): Promise<void> {
  set({ busy: 'Filling …', files: [], problem: undefined });
  const files: FilledFile[] = [];
  const problems: string[] = [];
  stopped = false;
  for (const [index, kept] of layouts.entries()) {
    if (stopped) {
      problems.push(`Stopped before ${kept.layout.name}; the files above are finished.`);
      break;
    }
    const { layout } = kept;
    const column = state.columns.find((candidate) => candidate.layout === layout.id);
    const fitting = state.ids.filter(
      (_, index) =>
        column && (state.asTheyAre ? column.states[index] === 0 : column.states[index] !== 2),
    );
    if (!fitting.length) {
      problems.push(
        `${layout.name}: none of the questions fits it${state.asTheyAre ? ' as it is' : ''}.`,
      );
      continue;
    }
    set({ busy: `Filling ${layout.name}, ${index + 1} of ${layouts.length} …` });
    const wish = await wishFor(kept);
    const answer = await core().fill(
      trial ? fitting.slice(0, 3) : [...state.ids],
      layout,
      trial ? { ...wish, setTitle: `${wish.setTitle} (trial)` } : wish,
    );
    if ('problem' in answer) {
      problems.push(`${layout.name}: ${answer.problem}`);
      continue;
    }
    for (const file of answer.files) {
      files.push({ layout: layout.id, ...file });
      await keepReceipt(file.receipt);
    }
  }
  set(
    defined({ busy: undefined, files, problem: problems.length ? problems.join(' ') : undefined }),
  );
}

/** Filled files in one zip, with their receipts and a summary. */
export async function takeAll(files: readonly FilledFile[]): Promise<void> {
  const bytes = await core().bundle(
    files.map(({ name, bytes: own, receipt }) => ({ name, bytes: own, receipt })),
  );
  takeAway(`${safeName(titleOf(), 'Set')}.zip`, bytes, 'application/zip');
}

/** A receipt's page in a tab of its own, to be read or printed. */
export async function showReceipt(receipt: Receipt): Promise<void> {
  const url = URL.createObjectURL(
    new Blob([await core().receiptPage(receipt)], { type: 'text/html;charset=utf-8' }),
  );
  // Opened without a way back to this page; a page of text alone, since every text in it is escaped.
  window.open(url, '_blank', 'noopener');
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** Hands over a receipt as JSON, from which its file can be made again. */
export async function takeReceipt(receipt: Receipt): Promise<void> {
  takeAway(
    `${receipt.file.name}.receipt.json`,
    new TextEncoder().encode(await core().receiptJson(receipt)),
    'application/json',
  );
}

/** Makes the file of a receipt again, says whether it is the same to the byte, and hands it over. */
export async function makeAgain(receipt: Receipt): Promise<string> {
  const blank = receipt.layout.blank ? await theStore().blank(receipt.layout.blank) : undefined;
  const answer = await core().fillAgain(receipt, blank);
  if ('problem' in answer) {
    sayProblem(answer.problem);
    return answer.problem;
  }
  const [file] = answer.files;
  takeAway(file!.name, file!.bytes);
  return file!.receipt.file.sha256 === receipt.file.sha256
    ? 'the same to the byte'
    : 'made again, but it differs from the file of this receipt';
}

/**
 * Copies the rows of a filled file as a block; gives how many rows there are and the cell to paste them at, or says why
 * nothing was copied.
 */
export async function copyBlock(
  receipt: Receipt,
): Promise<{ rows: number; cell: string } | undefined> {
  const { cell, rows, text, html, differences } = await core().pasteBlock(receipt);
  if (differences.length) {
    const [{ field, meant, found }] = differences as [Receipt['readBack']['differences'][number]];
    sayProblem(
      `Not copied: read back as text, ${field} came out as “${found}” where “${meant}” was meant. Take the file instead.`,
    );
    return undefined;
  }
  await navigator.clipboard.write([
    new ClipboardItem(
      defined({
        'text/plain': new Blob([text], { type: 'text/plain' }),
        'text/html': html ? new Blob([html], { type: 'text/html' }) : undefined,
      }) as Record<string, Blob>,
    ),
  ]);
  return { rows: rows.length, cell };
}
