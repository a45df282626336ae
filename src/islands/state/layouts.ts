// Teaching the program a receiver's blank, correcting what it learned, and building a layout from one's own words.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { Column, KeptLayout, Layout } from '../../core/model';
import { columnLetters } from '../../core/shared/cells';
import { safeName } from '../../core/shared/plain';
import { isCounted } from '../../core/shared/roles';
import { recordChange } from '../../core/shared/steps';
import { core } from '../../workers/client';
import type { SheetView } from '../../workers/protocol';
import { messageOf } from '../parts/message-of';
import { sayProblem } from '../parts/say';
import { takeAway } from '../parts/take-away';
import { bankState, changeRecords, theStore } from './bank';

const EDITIONS_KEPT = 20;
const keep = (label: string, after: KeptLayout): Promise<void> =>
  changeRecords(label, recordChange('layouts', undefined, after));

/** A name that no layout of the bank has yet. */
function freeName(wanted: string): string {
  const taken = new Set(bankState().layouts.map(({ layout }) => layout.name));
  let name = wanted;
  for (let n = 2; taken.has(name); n++) {
    name = `${wanted} ${n}`;
  }
  return name;
}

/** Learns a blank and keeps its bytes; gives the layout to be kept, or why there is none. */
async function learnBlank(
  name: string,
  bytes: Uint8Array,
): Promise<{ kept?: KeptLayout; problem?: string }> {
  const { kept, findings } = await core().learn(name, bytes);
  const block = findings.find((finding) => finding.level === 'block');
  if (!kept || block) {
    return { problem: block?.message ?? `${name} could not be read.` };
  }
  if (kept.layout.blank) {
    await theStore().saveBlank(kept.layout.blank.digest, bytes);
  }
  return { kept };
}

/** Learns a dropped blank, or takes in a layout's own file, and keeps it; gives its id, or why it can't be had. */
async function teachBlank(file: File): Promise<{ id: string } | { problem: string }> {
  if (/\.json$/i.test(file.name)) {
    return importLayout(file);
  }
  const { kept, problem } = await learnBlank(file.name, new Uint8Array(await file.arrayBuffer()));
  if (!kept) {
    return { problem: problem ?? `${file.name} could not be read.` };
  }
  await keep(`Teach ${kept.layout.name}`, kept);
  return { id: kept.id };
}

/** A blank that was dropped, and what became of it. */
export type Taught = {
  name: string;
  state: 'waiting' | 'reading' | 'learned' | 'problem';
  id?: string;
  problem?: string;
};

const teaching = createStore<{ taught: readonly Taught[] }>(() => ({ taught: [] }));
/** The blanks that were dropped last, each with its state. */
export const useTaught = (): readonly Taught[] => useStore(teaching, ({ taught }) => taught);
export const forgetTaught = (): void => teaching.setState({ taught: [] });

const setTaught = (place: number, change: Partial<Taught>): void =>
  teaching.setState(({ taught }) => ({
    taught: taught.map((one, index) => (index === place ? { ...one, ...change } : one)),
  }));

/**
 * Learns blanks one after the other; each shows its state. Gives the id of the layout where there was one blank alone, so
 * that it can be opened.
 */
export async function teachBlanks(files: readonly File[]): Promise<string | undefined> {
  teaching.setState({ taught: files.map(({ name }) => ({ name, state: 'waiting' })) });
  let last: string | undefined;
  for (const [place, file] of files.entries()) {
    setTaught(place, { state: 'reading' });
    try {
      const result = await teachBlank(file);
      setTaught(place, { ...result, state: 'id' in result ? 'learned' : 'problem' });
      last = 'id' in result ? result.id : last;
    } catch (error) {
      const problem = messageOf(error, `${file.name} could not be read.`);
      setTaught(place, { state: 'problem', problem });
    }
  }
  const { taught } = teaching.getState();
  if (files.length > 1) {
    return undefined;
  }
  if (taught[0]?.problem) {
    sayProblem(taught[0].problem);
  }
  forgetTaught();
  return last;
}

/** Replaces a layout in one step; `paths` name what the user decided, so that the reason says so and the doubt goes. */
export function changeLayout(
  kept: KeptLayout,
  label: string,
  layout: Layout,
  paths: readonly string[] = [],
): Promise<void> {
  const because = {
    ...kept.because,
    ...Object.fromEntries(paths.map((path) => [path, 'you chose it'])),
  };
  const edition = kept.layout.edition ?? 1;
  const earlier = [
    ...(kept.earlier ?? []),
    { edition, at: new Date().toISOString(), why: label, layout: kept.layout },
  ].slice(-EDITIONS_KEPT);
  const after: KeptLayout = {
    ...kept,
    layout: { ...layout, edition: edition + 1 },
    because,
    unsure: kept.unsure.filter((path) => !paths.includes(path)),
    earlier,
  };
  return changeRecords(label, recordChange('layouts', kept, after));
}

/** Columns with the places of options and the like counted anew, in the order of the file. */
function numbered(columns: readonly Column[]): Column[] {
  const counters = new Map<string, number>();
  return columns.map((column) => {
    const { n: _n, ...rest } = column;
    if (!isCounted(column.role)) {
      return rest;
    }
    const n = (counters.get(column.role) ?? 0) + 1;
    counters.set(column.role, n);
    return { ...rest, n };
  });
}

export function changeColumn(kept: KeptLayout, column: Column): Promise<void> {
  const known = kept.layout.columns.some((candidate) => candidate.column === column.column);
  const columns = known
    ? kept.layout.columns.map((candidate) =>
        candidate.column === column.column ? column : candidate,
      )
    : [...kept.layout.columns, column];
  return changeLayout(
    kept,
    `Column ${column.column} of ${kept.layout.name}`,
    { ...kept.layout, columns: numbered(columns) },
    [`columns.${column.column}`],
  );
}

/** Columns in a new order or number, lettered anew from the first on; for layouts that have no receiver's blank. */
export const setColumns = (
  kept: KeptLayout,
  label: string,
  columns: readonly Column[],
): Promise<void> =>
  changeLayout(kept, label, {
    ...kept.layout,
    columns: numbered(
      columns.map((column, index) => ({ ...column, column: columnLetters(index) })),
    ),
  });

export const choose = (kept: KeptLayout, chosen: boolean): Promise<void> =>
  changeRecords(
    `${chosen ? 'Show' : 'Hide'} ${kept.layout.name}`,
    recordChange('layouts', kept, { ...kept, chosen }),
  );

export const removeLayout = (kept: KeptLayout): Promise<void> =>
  changeRecords(`Remove ${kept.layout.name}`, recordChange('layouts', kept, undefined));

/** The blank of a layout; undefined where it has none, or the browser no longer has it. */
export const blankOf = (layout: Layout): Promise<Uint8Array | undefined> =>
  layout.blank ? theStore().blank(layout.blank.digest) : Promise.resolve(undefined);

/** The blank's sheets, to be shown beside what they mean; an empty form is made where the layout never had a blank. */
export async function sheetsOf(layout: Layout): Promise<SheetView[]> {
  const bytes = await blankOf(layout);
  if (bytes) {
    return core().showBlank(layout.blank!.name, bytes, layout.shape);
  }
  const made = layout.blank ? undefined : await core().makeBlank(layout);
  return made ? core().showBlank(made.name, made.bytes, layout.shape) : [];
}

const fresh = (layout: Layout, name: string): KeptLayout => {
  const id = crypto.randomUUID();
  return {
    id,
    layout: { ...layout, id, name: freeName(name), edition: 1 },
    because: {},
    unsure: [],
    chosen: true,
  };
};

/** A copy beside the original, with its blank and its reasons, without its variants. */
export async function duplicateLayout(kept: KeptLayout): Promise<string> {
  const copy = {
    ...fresh(kept.layout, `${kept.layout.name}, copy`),
    because: kept.because,
    unsure: kept.unsure,
  };
  await keep(`Duplicate ${kept.layout.name}`, copy);
  return copy.id;
}

export const starters = (): Promise<Layout[]> => core().starters();

/** A starter layout taken into the bank. */
export async function addStarter(starter: Layout): Promise<string> {
  const kept = fresh(starter, starter.name);
  await keep(`Add ${kept.layout.name}`, kept);
  return kept.id;
}

/** A layout of rows to be built column by column. */
export const newLayout = (): Promise<string> =>
  addStarter({
    id: '',
    name: 'New layout',
    version: 1,
    shape: 'rows',
    file: { format: 'xlsx', sheet: 'Questions', headingRow: 1, firstRow: 2, firstColumn: 'A' },
    key: { style: 'letter' },
    kinds: [],
    limits: {},
    columns: [
      { column: 'A', heading: 'Question', role: 'stem' },
      { column: 'B', heading: 'Option 1', role: 'option', n: 1 },
      { column: 'C', heading: 'Option 2', role: 'option', n: 2 },
      { column: 'D', heading: 'Right option (letter)', role: 'key' },
    ],
  });

/** Hands over an empty form: the receiver's own blank, or one made from the layout. */
export async function takeBlank(layout: Layout): Promise<void> {
  const own = await blankOf(layout);
  if (own) {
    takeAway(layout.blank!.name, own);
    return;
  }
  const made = await core().makeBlank(layout);
  if (made) {
    takeAway(made.name, made.bytes);
  }
}

const asJson = (value: unknown): Uint8Array =>
  new TextEncoder().encode(JSON.stringify(value, null, 2));

/** The layout as one file with its blank, or its description in one of the open standards for tables. */
export async function exportLayout(
  kept: KeptLayout,
  as: 'layout' | 'csvw' | 'tableSchema',
): Promise<void> {
  const file = await core().layoutFile(kept, await blankOf(kept.layout));
  const name = safeName(kept.layout.name, 'layout');
  if (as === 'layout') {
    takeAway(`${name}.layout.json`, asJson(file), 'application/json');
  } else if (as === 'csvw' && file.csvw) {
    takeAway(`${name}.csv-metadata.json`, asJson(file.csvw), 'application/csvm+json');
  } else if (file.tableSchema) {
    takeAway(`${name}.table-schema.json`, asJson(file.tableSchema), 'application/json');
  }
}

/** Takes in a layout's own file as a layout beside the others; gives its id, or why it can't be had. */
async function importLayout(file: File): Promise<{ id: string } | { problem: string }> {
  const read = await core().readLayoutFile(file.name, await file.text());
  if ('problem' in read) {
    return { problem: read.problem };
  }
  if (read.blank && read.file.layout.blank) {
    await theStore().saveBlank(read.file.layout.blank.digest, read.blank.bytes);
  }
  const kept = {
    ...fresh(read.file.layout, read.file.layout.name),
    because: read.file.because,
    unsure: read.file.unsure,
  };
  await keep(`Take in ${kept.layout.name}`, kept);
  return { id: kept.id };
}
