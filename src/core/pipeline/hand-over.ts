// From questions and a layout to files that were read back, each with its receipt.
import type {
  Again,
  CellValue,
  Difference,
  Finding,
  Fit,
  Fitted,
  Item,
  Layout,
  Receipt,
  Surroundings,
} from '../model';
import { columnIndex, parseCell } from '../shared/cells';
import { sanitiseItem } from '../shared/html/sanitise';
import { fit, type Decision } from '../fitting';
import { compare, readBack, readCell, readMarkedText } from '../reading-back';
import { openFile, readTable, type SourceFile } from '../readers';
import { fileName, write, type Placed } from '../writers';
import { unfoldReceipt } from './receipts';
import { defined, filled } from '../shared/defined';

/** How each question stands to a layout, without the cells. */
export const fits = (
  items: readonly Item[],
  layout: Layout,
  decisions?: Record<string, Decision>,
): Fit[] =>
  fit(items, layout, decisions).map(({ item, state, changes, reason }) =>
    defined({
      item,
      state,
      changes,
      reason,
    }),
  );

export type FillJob = {
  items: readonly Item[];
  layout: Layout;
  blank?: Uint8Array;
  setTitle?: string;
  setDescription?: string;
  /** 'none' leaves out every question that would have to change. */
  accept?: 'all' | 'none';
  decisions?: Record<string, Decision>;
  /** The cards that may lend distractors; the questions' own where absent. */
  deck?: readonly Item[];
  /** The seed by which right answers are spread over the places. */
  spread?: number;
  /** How many questions a package draws at each attempt. */
  draw?: number;
};
export type Filled = {
  name: string;
  bytes: Uint8Array;
  receipt: Receipt;
  differences: Difference[];
  notes: string[];
};

type Taken = { one: Fitted & { as: Item[] }; item: Item };

/** The address of a board's question, by which boards are read. */
function placeOn({ cells = [] }: Fitted, { grid }: Layout): number {
  const places = Object.keys(cells[0] ?? {}).flatMap((name) => {
    const at = parseCell(name);
    return at && grid!.levelRows.includes(at.row + 1) ? [at.row * 1000 + at.column] : [];
  });
  return Math.min(...places);
}

/** Questions in the order in which a file of the layout is read. */
function inOrder(taken: readonly Taken[], layout: Layout): Taken[] {
  if (layout.shape === 'grid') {
    return [...taken].sort((a, b) => placeOn(a.one, layout) - placeOn(b.one, layout));
  }
  // A category's line holds until the next one, so that questions without a category must come first.
  if (layout.shape === 'marked-text' && layout.marks?.category) {
    return [...taken].sort(
      (a, b) => Number(Boolean(a.item.category)) - Number(Boolean(b.item.category)),
    );
  }
  return [...taken];
}

/** Numbered files where there are more questions than one file takes; a question that became several stays in one. */
function batches(taken: readonly Taken[], most: number): Taken[][] {
  const files: Taken[][] = [[]];
  let room = most;
  for (const one of taken) {
    const size = one.one.as.length;
    if (size > room && files.at(-1)!.length) {
      files.push([]);
      room = most;
    }
    files.at(-1)!.push(one);
    room -= size;
  }
  return files;
}

/** A file's text decoded by the layout's own encoding. */
function decoded(bytes: Uint8Array, { file: { encoding } }: Layout): string {
  return new TextDecoder(
    encoding === 'utf-16le' || encoding === 'windows-1252' ? encoding : 'utf-8',
  )
    .decode(bytes, { stream: true })
    .replace(/^\ufeff/, '');
}

/** The questions of a finished file, and what of it stands apart from them. */
async function readFile(
  file: SourceFile,
  layout: Layout,
): Promise<{ items: Item[]; title?: string; description?: string; findings: Finding[] }> {
  if (layout.shape === 'marked-text') {
    return { items: readMarkedText(decoded(file.bytes, layout), layout), findings: [] };
  }
  if (layout.shape === 'package') {
    const opened = await openFile(file);
    if (opened.is !== 'stated') {
      return {
        items: [],
        findings: opened.is === 'table' ? opened.table.findings : opened.document.findings,
      };
    }
    return defined({
      items: opened.stated.items.map((item, index) => ({ ...item, id: `item-${index + 1}` })),
      findings: opened.stated.findings,
      title: opened.stated.title,
    });
  }
  const table = await readTable(
    file,
    defined({
      encoding: layout.file.encoding,
      separator: layout.file.separator,
    }),
  );
  const [title, description] = [
    readCell(table, layout, 'set-title'),
    readCell(table, layout, 'set-description'),
  ];
  return defined({
    items: readBack(table, layout),
    findings: table.findings,
    title,
    description,
  });
}

/** The finished bytes read again and compared with the questions as changed. */
async function proof(
  name: string,
  bytes: Uint8Array,
  layout: Layout,
  meant: readonly Item[],
  job: FillJob & { setTitle: string },
): Promise<Difference[]> {
  const found = await readFile({ name, bytes }, layout);
  const differences = compare(meant, found.items, layout);
  if (
    job.setDescription &&
    found.description !== undefined &&
    found.description !== job.setDescription
  ) {
    differences.unshift({
      n: 0,
      field: 'set-description',
      meant: job.setDescription,
      found: found.description,
    });
  }
  if (found.title !== undefined && found.title !== job.setTitle) {
    differences.unshift({ n: 0, field: 'set-title', meant: job.setTitle, found: found.title });
  }
  return differences;
}

const pointsOf = (item: Item): number => item.points ?? (item.kind === 'card' ? 0 : 1);

/** What the receipt needs to make the same file again: only the questions of this file, and what was decided for them. */
function againOf(job: FillJob, into: readonly Taken[]): Again {
  const ids = new Set(into.map(({ item }) => item.id));
  const decisions = Object.fromEntries(
    Object.entries(job.decisions ?? {}).filter(([id]) => ids.has(id)),
  );
  const deck = deckOf(job).filter(() =>
    into.some(({ item, one }) => item.kind === 'card' && one.as[0]?.options),
  );
  return defined({
    items: into.map(({ item }) => item),
    layout: job.layout,
    accept: job.accept,
    decisions: Object.keys(decisions).length ? decisions : undefined,
    deck: deck.length ? [...deck] : undefined,
    spread: job.spread,
    draw: job.draw || undefined,
    description: job.setDescription || undefined,
  });
}

/** What the file was to say. A board is read place by place; where a package draws from a pool, its sections are no categories. */
function meantBy(into: readonly Taken[], { layout, draw }: FillJob): Item[] {
  if (layout.shape === 'grid') {
    return into
      .flatMap(({ one }) =>
        one.as.map((item, index) => ({
          item,
          at: placeOn({ ...one, cells: [one.cells![index]!] }, layout),
        })),
      )
      .sort((a, b) => a.at - b.at)
      .map(({ item }) => item);
  }
  const meant = into.flatMap(({ one }) => one.as);
  return draw && layout.shape === 'package' && layout.file.standard !== 'common-cartridge-1.3'
    ? meant.map(({ category: _category, ...item }) => item)
    : meant;
}

type Out = { id: string; ref: string; reason: string };

/** A file's questions with their right answers spread over the places: file by file, so that each is even and can be made again alone. */
function spreadIn(job: FillJob, into: readonly Taken[]): readonly Taken[] {
  if (job.spread === undefined) {
    return into;
  }
  const fitted = fit(
    into.map(({ item }) => item),
    job.layout,
    job.decisions,
    { deck: deckOf(job), spread: job.spread },
  );
  return into.map(({ item }, index) => ({ item, one: fitted[index] as Taken['one'] }));
}

const deckOf = (job: Pick<FillJob, 'items' | 'deck'>): readonly Item[] =>
  job.deck ?? job.items.filter((item) => item.kind === 'card');

/** One file written, read back and recorded. */
async function fillOne(
  job: FillJob & { setTitle: string },
  chosen: readonly Taken[],
  leftOut: Out[],
  batch: Receipt['batch'],
  surroundings: Surroundings,
): Promise<Filled> {
  const { layout, setTitle } = job;
  const into = spreadIn(job, chosen);
  const questions: Placed[] = into.map(({ one: { cells, text, as } }) =>
    defined({
      as,
      cells,
      text,
    }),
  );
  const written = write(
    defined({
      layout,
      questions,
      setTitle,
      setDescription: job.setDescription || undefined,
      blank: job.blank,
      draw: job.draw || undefined,
    }),
  );
  const name = fileName(setTitle, layout);
  const meant = meantBy(into, job);
  const differences = await proof(name, written.bytes, layout, meant, job);
  const receipt: Receipt = defined({
    id: surroundings.id(),
    at: surroundings.now(),
    set: setTitle,
    layout: defined({
      id: layout.id,
      name: layout.name,
      blank: layout.blank ? layout.blank.digest : undefined,
    }),
    file: { name, size: written.bytes.length, sha256: await surroundings.digest(written.bytes) },
    questions: meant.length,
    points: Math.round(meant.reduce((sum, item) => sum + pointsOf(item), 0) * 100) / 100,
    items: into.map(({ one, item }) => ({ id: item.id, ref: item.ref, changes: one.changes })),
    leftOut,
    readBack: { questions: meant.length, differences },
    batch,
    notes: filled(written.notes),
    again: againOf(job, into),
  });
  return { name, bytes: written.bytes, receipt, differences, notes: written.notes };
}

/** The questions that go in, in the order of the file, and those that stay out with the reason. */
function choose(given: FillJob): { taken: Taken[]; leftOut: Out[] } {
  // Only packages carry formatting on, and what they carry must be the little HTML that is known to be harmless.
  const job =
    given.layout.shape === 'package' ? { ...given, items: given.items.map(sanitiseItem) } : given;
  const fitted = fit(job.items, job.layout, job.decisions, { deck: deckOf(job) });
  const isTaken = (one: Fitted): one is Fitted & { as: Item[] } =>
    one.as !== undefined && (one.state === 'fits' || job.accept !== 'none');
  const taken = fitted.flatMap((one, index) =>
    isTaken(one) ? [{ one, item: job.items[index]! }] : [],
  );
  const leftOut = fitted.flatMap((one, index) =>
    isTaken(one)
      ? []
      : [
          {
            id: one.item,
            ref: job.items[index]!.ref,
            reason: one.reason ?? 'its changes were refused',
          },
        ],
  );
  return { taken: inOrder(taken, job.layout), leftOut };
}

/**
 * Fills as many numbered files as the receiver's number per file asks for, and reads each back. Throws an Error with a
 * plain sentence where the blank is missing or another one; a difference found by the read-back is no error but stands in
 * the receipt.
 */
export async function fillAll(job: FillJob, surroundings: Surroundings): Promise<Filled[]> {
  const { setTitle = job.layout.name } = job;
  const { taken, leftOut } = choose(job);
  const files = batches(taken, job.layout.limits.perFile ?? Infinity);
  const filled: Filled[] = [];
  for (const [index, into] of files.entries()) {
    const batch = files.length > 1 ? { n: index + 1, of: files.length } : undefined;
    filled.push(
      await fillOne(
        { ...job, setTitle: batch ? `${setTitle} ${batch.n} of ${batch.of}` : setTitle },
        into,
        index === 0 ? leftOut : [],
        batch,
        surroundings,
      ),
    );
  }
  return filled;
}

/** Fills one file of a layout; what goes over the receiver's number is left out and said so. */
export async function fill(job: FillJob, surroundings: Surroundings): Promise<Filled> {
  const { setTitle = job.layout.name } = job;
  const { taken, leftOut } = choose(job);
  const most = job.layout.limits.perFile ?? Infinity;
  const [into = [], ...more] = batches(taken, most);
  const over = more.flat().map(({ item }) => ({
    id: item.id,
    ref: item.ref,
    reason: `the receiver takes ${most} questions in one file`,
  }));
  return fillOne({ ...job, setTitle }, into, [...leftOut, ...over], undefined, surroundings);
}

/** The file of a receipt made again: the same bytes, as long as the blank is the same. */
export async function fillAgain(
  kept: Receipt,
  blank: Uint8Array | undefined,
  surroundings: Surroundings,
): Promise<Filled> {
  const receipt = unfoldReceipt(kept);
  if (!receipt.again) {
    throw new Error(
      'This receipt is from before files could be made again: it does not hold its questions.',
    );
  }
  const { items, layout, description, ...rest } = receipt.again;
  const {
    limits: { perFile: _perFile, ...limits },
  } = layout;
  return fill(
    defined({
      items,
      layout: { ...layout, limits },
      setTitle: receipt.set,
      setDescription: description || undefined,
      blank,
      ...rest,
    }),
    surroundings,
  );
}

/** Reads a finished file by its layout, and compares it with questions where some are given. */
export async function readBackFile(
  file: SourceFile,
  layout: Layout,
  items?: readonly Item[],
): Promise<{ items: Item[]; differences: Difference[]; findings: Finding[] }> {
  const { items: found, findings } = await readFile(file, layout);
  return { items: found, differences: items ? compare(items, found, layout) : [], findings };
}

/** A block of cells to copy, and the cell at which it is pasted. */
export type PasteBlock = { cell: string; rows: CellValue[][] };

/** The rows of a layout as a block to copy, for receivers that take no file. Columns between are blank. */
export function pasteBlock(
  job: Pick<FillJob, 'items' | 'layout' | 'decisions' | 'accept' | 'deck' | 'spread'>,
): PasteBlock {
  const { layout } = job;
  const taken = spreadIn(job, choose(job).taken);
  const columns = layout.columns
    .filter((column) => column.role !== 'ignore' && column.role !== 'number-in-file')
    .map((column) => column.column)
    .sort((a, b) => columnIndex(a) - columnIndex(b));
  const [first = 'A', last = first] = [columns[0], columns.at(-1)];
  const rows = taken
    .flatMap(({ one }) => one.cells ?? [])
    .map((cells) => {
      const row: CellValue[] = Array.from(
        { length: columnIndex(last) - columnIndex(first) + 1 },
        () => '',
      );
      for (const column of columns) {
        row[columnIndex(column) - columnIndex(first)] = cells[column] ?? '';
      }
      return row;
    });
  return { cell: layout.pasteAt ?? `${first}${layout.file.firstRow ?? 1}`, rows };
}

/** How many right answers lie at each place, the first place first. */
export type KeyPlaces = { before: number[]; after: number[]; questions: number };

/** Where right answers lie in a file of the layout, without spreading them and with it. */
export function keyPlaces(
  job: Pick<FillJob, 'items' | 'layout' | 'decisions' | 'deck'>,
  seed: number,
): KeyPlaces {
  const { taken } = choose(job);
  const tally = (spread: number | undefined): { places: number[]; questions: number } => {
    const places: number[] = [];
    let questions = 0;
    for (const { one } of batches(taken, job.layout.limits.perFile ?? Infinity).flatMap((into) =>
      spreadIn(defined({ ...job, spread }), into),
    )) {
      for (const { kind, options } of one.as) {
        if (!options || kind === 'true-false') {
          continue;
        }
        questions++;
        options.forEach((option, index) => {
          places[index] = (places[index] ?? 0) + Number(option.right);
        });
      }
    }
    return { places: Array.from(places, (count) => count ?? 0), questions };
  };
  const before = tally(undefined);
  return { before: before.places, after: tally(seed).places, questions: before.questions };
}
