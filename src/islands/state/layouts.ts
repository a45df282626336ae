// Teaching the program a receiver's blank, and correcting what it learned.
import type { Column, KeptLayout, Layout } from '../../core/model';
import { core } from '../../workers/client';
import type { SheetView } from '../../workers/protocol';
import { sayProblem } from '../parts/say';
import { bankState, changeRecords, theStore } from './bank';
import { learnAndKeep } from './banks';

/** Learns a dropped blank and keeps it as a layout; gives its id, or undefined where it could not be read. */
export async function teachBlank(file: File): Promise<string | undefined> {
  const { kept, problem } = await learnAndKeep(file.name, new Uint8Array(await file.arrayBuffer()));
  if (!kept) { sayProblem(problem ?? `${file.name} could not be read.`); return undefined; }
  await changeRecords(`Teach ${kept.layout.name}`, [{ kind: 'layouts', id: kept.id, after: kept }]);
  return kept.id;
}

/** Replaces a layout in one step; `path` names what the user decided, so that its reason says so and its doubt goes. */
export function changeLayout(kept: KeptLayout, label: string, layout: Layout, paths: readonly string[] = []): Promise<void> {
  const because = { ...kept.because, ...Object.fromEntries(paths.map((path) => [path, 'you chose it'])) };
  const after: KeptLayout = { ...kept, layout, because, unsure: kept.unsure.filter((path) => !paths.includes(path)) };
  return changeRecords(label, [{ kind: 'layouts', id: kept.id, before: kept, after }]);
}

export function changeColumn(kept: KeptLayout, column: Column): Promise<void> {
  const known = kept.layout.columns.some((candidate) => candidate.column === column.column);
  const columns = known ? kept.layout.columns.map((candidate) => (candidate.column === column.column ? column : candidate)) : [...kept.layout.columns, column];
  const counters = new Map<string, number>();
  const numbered = columns.map((candidate) => {
    if (!['option', 'verdict', 'weight', 'feedback', 'wrong', 'pair', 'step'].includes(candidate.role)) { const { n: _n, ...rest } = candidate; return rest; }
    const n = (counters.get(candidate.role) ?? 0) + 1;
    counters.set(candidate.role, n);
    return { ...candidate, n };
  });
  return changeLayout(kept, `Column ${column.column} of ${kept.layout.name}`, { ...kept.layout, columns: numbered }, [`columns.${column.column}`]);
}

export const choose = (kept: KeptLayout, chosen: boolean): Promise<void> =>
  changeRecords(`${chosen ? 'Show' : 'Hide'} ${kept.layout.name}`, [{ kind: 'layouts', id: kept.id, before: kept, after: { ...kept, chosen } }]);

export const removeLayout = (kept: KeptLayout): Promise<void> =>
  changeRecords(`Remove ${kept.layout.name}`, [{ kind: 'layouts', id: kept.id, before: kept }]);

/** The blank of a layout; undefined where the browser no longer has it. */
export const blankOf = (layout: Layout): Promise<Uint8Array | undefined> =>
  layout.blank ? theStore().blank(layout.blank.digest) : Promise.resolve(undefined);

/** The blank's sheets, to be shown beside what they mean. */
export async function sheetsOf(layout: Layout): Promise<SheetView[]> {
  const bytes = await blankOf(layout);
  return bytes ? core().showBlank(layout.blank!.name, bytes, layout.shape) : [];
}

export const layoutById = (id: string): KeptLayout | undefined => bankState().layouts.find((kept) => kept.id === id);
