// From questions and a layout to files that were read back, each with its receipt.
import { fit } from '../fitting';
import {
  batches,
  choose,
  inFileOrder,
  inSectionOrder,
  meantBy,
  sectionOfEach,
  sectionsFor,
  settingsFor,
  type LeftOut,
  type Taken,
} from '../handing-over';
import type {
  Again,
  Decisions,
  Difference,
  Fit,
  Item,
  Layout,
  Receipt,
  SetSection,
  Settings,
  Surroundings,
} from '../model';
import { defined, filled } from '../shared/defined';
import { pointsOf } from '../shared/sets/facts';
import { sanitiseItem } from '../shared/html/sanitise';
import { fileName, write } from '../writers';
import { heldIn } from './held-in';
import { proof } from './proof';
import { say } from '../shared/say';

export type FillJob = {
  items: readonly Item[];
  layout: Layout;
  blank?: Uint8Array;
  setTitle?: string;
  /** What the file is named by; the set's title where absent. */
  fileTitle?: string;
  setDescription?: string;
  /** 'none' leaves out every question that would have to change. */
  accept?: 'all' | 'none';
  decisions?: Decisions;
  /** The cards that may lend distractors; the questions' own where absent. */
  deck?: readonly Item[];
  /** The seed by which right answers are spread over the places. */
  spread?: number;
  /** How many questions a package draws at each attempt. */
  draw?: number;
  /** The set's sections, fixed or pools; the questions come in their order. */
  sections?: readonly SetSection[];
  /** What is set for all questions of a file; what all of them say alike where absent. */
  settings?: Settings;
};
export type Filled = {
  name: string;
  bytes: Uint8Array;
  receipt: Receipt;
  differences: Difference[];
  notes: string[];
};

/** One file to be written: its questions in order, and what is told of it. */
type OneFile = { taken: readonly Taken[]; leftOut: readonly LeftOut[]; batch?: Receipt['batch'] };

/** How each question stands to a layout, without the cells. */
export const fits = (items: readonly Item[], layout: Layout, decisions?: Decisions): Fit[] =>
  fit(items, layout, decisions).map(({ item, state, changes, code, reason }) =>
    defined({ item, state, changes, code, reason }),
  );

const deckOf = (job: Pick<FillJob, 'items' | 'deck'>): readonly Item[] =>
  job.deck ?? job.items.filter((item) => item.kind === 'card');

/** The questions that go in, in the order of the file, and those that stay out with the reason. */
export function chosenFor(job: FillJob): { taken: Taken[]; leftOut: LeftOut[] } {
  const { layout, decisions, accept } = job;
  // Only packages carry formatting on, and what they carry must be the little HTML that is known to be harmless.
  const ordered = inSectionOrder(job.items, job.sections);
  const items = layout.shape === 'package' ? ordered.map(sanitiseItem) : ordered;
  const fitted = fit(items, layout, decisions, { deck: deckOf({ ...job, items }) });
  const { taken, leftOut } = choose(items, fitted, accept);
  return { taken: inFileOrder(taken, layout), leftOut };
}

/** A file's questions with their right answers spread over the places: file by file, so that each is even and can be made again alone. */
export function spreadIn(job: FillJob, taken: readonly Taken[]): readonly Taken[] {
  if (job.spread === undefined) {
    return taken;
  }
  const items = taken.map(({ item }) => item);
  const options = { deck: deckOf(job), spread: job.spread };
  return choose(items, fit(items, job.layout, job.decisions, options)).taken;
}

/** The questions of a layout in as many files as its receiver asks for. */
export const inFiles = (job: FillJob, taken: readonly Taken[]): Taken[][] =>
  batches(taken, job.layout.limits.perFile ?? Infinity);

/** So much of a title goes into a file's name. */
const LONGEST_TITLE = 80;

/** What the receipt needs to make the same file again: only the questions of this file, and what was decided for them. */
function againOf(job: FillJob, taken: readonly Taken[]): Again {
  const ids = new Set(taken.map(({ item }) => item.id));
  const decided = Object.entries(job.decisions ?? {}).filter(([id]) => ids.has(id));
  const usesDeck = taken.some(({ item, fit: { as } }) => item.kind === 'card' && as[0]?.options);
  return defined({
    items: taken.map(({ item }) => item),
    layout: job.layout,
    accept: job.accept,
    decisions: decided.length ? Object.fromEntries(decided) : undefined,
    deck: usesDeck ? filled([...deckOf(job)]) : undefined,
    spread: job.spread,
    draw: job.draw || undefined,
    sections: job.sections?.length ? [...job.sections] : undefined,
    description: job.setDescription || undefined,
    settings: job.settings,
  });
}

const totalPoints = (items: readonly Item[]): number =>
  Math.round(items.reduce((sum, item) => sum + pointsOf(item), 0) * 100) / 100;

/** One file written, read back and recorded. */
export async function fillOne(
  job: FillJob & { setTitle: string },
  { taken: chosen, leftOut, batch }: OneFile,
  surroundings: Surroundings,
): Promise<Filled> {
  const { layout, blank } = job;
  const setTitle = heldIn(layout, 'title', job.setTitle);
  const setDescription = job.setDescription && heldIn(layout, 'description', job.setDescription);
  const taken = spreadIn(job, chosen);
  const sections = sectionsFor(job, taken);
  const sectionOf = sectionOfEach(sections ?? []);
  const questions = taken.map(({ item, fit: { cells, text, as } }) =>
    defined({ as, cells, text, section: sectionOf.get(item.id) }),
  );
  const settings = settingsFor(
    layout.settings,
    job.settings,
    taken.map(({ item }) => item),
  );
  const { bytes, notes } = write(
    defined({
      layout,
      questions,
      setTitle,
      setDescription: setDescription || undefined,
      settings,
      blank,
      sections,
    }),
  );
  const name = fileName(job.fileTitle ?? job.setTitle, layout);
  const items = meantBy(taken, layout, sections);
  const meant = { items, title: setTitle, description: setDescription, settings };
  const differences = await proof({ name, bytes }, layout, meant);
  const receipt: Receipt = defined({
    id: surroundings.id(),
    at: surroundings.now(),
    set: setTitle,
    layout: defined({ id: layout.id, name: layout.name, blank: layout.blank?.digest }),
    file: { name, size: bytes.length, sha256: await surroundings.digest(bytes) },
    questions: items.length,
    points: totalPoints(items),
    items: taken.map(({ item: { id, ref }, fit: { changes } }) => ({ id, ref, changes })),
    leftOut: [...leftOut],
    readBack: { questions: items.length, differences },
    batch,
    notes: filled(notes),
    again: againOf(job, taken),
  });
  return { name, bytes, receipt, differences, notes };
}

/**
 * Fills as many numbered files as the receiver's number per file asks for, and reads each back. Throws an Error with a
 * plain sentence where the blank is missing or another one; a difference found by the read-back is no error but stands in
 * the receipt.
 */
export async function fillAll(job: FillJob, surroundings: Surroundings): Promise<Filled[]> {
  const { setTitle = job.layout.name } = job;
  const { taken, leftOut } = chosenFor(job);
  const files = inFiles(job, taken);
  const done: Filled[] = [];
  for (const [index, own] of files.entries()) {
    const batch = files.length > 1 ? { n: index + 1, of: files.length } : undefined;
    const numbered = (title: string): string =>
      batch ? say('{title} {n} of {of}', { title, n: batch.n, of: batch.of }) : title;
    const titled = {
      ...job,
      setTitle: numbered(setTitle),
      // Cut before the number goes behind it, so that no two files bear the same name.
      fileTitle: numbered((job.fileTitle ?? setTitle).slice(0, LONGEST_TITLE).trim()),
    };
    const file = defined({ taken: own, leftOut: index === 0 ? leftOut : [], batch });
    done.push(await fillOne(titled, file, surroundings));
  }
  return done;
}

/** Fills one file of a layout; what goes over the receiver's number is left out and said so. */
export async function fill(job: FillJob, surroundings: Surroundings): Promise<Filled> {
  const { setTitle = job.layout.name } = job;
  const { taken, leftOut } = chosenFor(job);
  const [own = [], ...more] = inFiles(job, taken);
  const over = more.flat().map(({ item }) => ({
    id: item.id,
    ref: item.ref,
    reason: say('the receiver takes {perFile} questions in one file', {
      perFile: job.layout.limits.perFile,
    }),
  }));
  const file = { taken: own, leftOut: [...leftOut, ...over] };
  return fillOne({ ...job, setTitle }, file, surroundings);
}
