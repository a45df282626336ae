// The core as the page asks it, with a mirror of the bank and a bench for the source that is looked at.
import { transfer } from 'comlink';
import type {
  Decision,
  Decisions,
  Finding,
  Fitted,
  Item,
  KeptLayout,
  Layout,
  Plan,
  Surroundings,
} from '../core/model';
import {
  bundle,
  checkItem,
  checkTogether,
  fillAgain,
  fillAll,
  fit,
  foldReceipt,
  keyPlaces,
  layoutFile,
  learnBlank,
  makeBlank,
  layoutFromPointed,
  openBankFile,
  packBank,
  pasteBlock,
  readBackFile,
  readLayoutFile,
  receiptPage,
  showBlank,
  STARTERS,
  unfoldReceipt,
  type Filled,
} from '../core/pipeline';
import { nearlyAlikeIn } from '../core/banks';
import { craftOf } from '../core/craft';
import { drawByPlan, type Drawn } from '../core/sets';
import { say, speak } from '../core/shared/say';
import { Bench, type Progress } from './bench';
import { Mirror } from './mirror';
import type { CoreWorker, FillAnswer, FindingsAnswer, LearnAnswer } from './protocol';
import { blankView, sheetView } from './views';

/** Filled files with their receipts folded small, or the sentence that says why there are none. */
async function asAnswer(work: () => Promise<Filled[]>): Promise<FillAnswer> {
  try {
    const files = (await work()).map((file) => ({ ...file, receipt: foldReceipt(file.receipt) }));
    return transfer(
      { files },
      files.map((file) => file.bytes.buffer as ArrayBuffer),
    );
  } catch (error) {
    return {
      problem: error instanceof Error ? error.message : say('The file could not be filled.'),
    };
  }
}

async function learn(
  file: { name: string; bytes: Uint8Array },
  surroundings: Surroundings,
  known: readonly KeptLayout[] = [],
): Promise<LearnAnswer> {
  const { layout, because, unsure, findings, table } = await learnBlank(file, surroundings, known);
  if (!table.sheets.length) {
    return { findings, sheets: [] };
  }
  return {
    kept: { id: layout.id, layout, because, unsure, chosen: true },
    findings,
    sheets: table.sheets.map(sheetView),
  };
}

/** One question as it stands to a layout; on a board, its place depends on the others of the file (`among`). */
type OneAsked = {
  id: string;
  layout: Layout;
  decision?: Decision | undefined;
  among?: { ids: string[]; decisions: Decisions } | undefined;
};

function fitOne(
  mirror: Mirror,
  { id, layout, decision, among }: OneAsked,
): { fitted: Fitted; item?: Item } {
  const item = mirror.get(id);
  if (!item) {
    const reason = say('it is no longer in the bank');
    return { fitted: { item: id, state: 'refused', changes: [], reason } };
  }
  const options = { deck: mirror.cards().cards };
  const alone = (): Fitted => fit([item], layout, decision ? { [id]: decision } : {}, options)[0]!;
  const fitted =
    among && layout.shape === 'grid'
      ? fit(mirror.pick(among.ids), layout, among.decisions, options).find(
          (candidate) => candidate.item === id,
        )
      : undefined;
  return { fitted: fitted ?? alone(), item };
}

type Checked = {
  version: number;
  layouts: Layout[];
  ids: string[] | undefined;
  craftOff: readonly string[] | undefined;
};

function check(mirror: Mirror, { version, layouts, ids, craftOff = [] }: Checked): FindingsAnswer {
  const off = new Set(craftOff);
  const items = ids ? mirror.pick(ids) : mirror.all();
  // Of the whole bank, only questions with findings are told; of single ones, that there are none any more.
  const byItem = items
    .map((item): [string, Finding[]] => [
      item.id,
      [...checkItem(item, layouts), ...craftOf(item, { off })],
    ])
    .filter(([, findings]) => findings.length || ids);
  return { version, byItem, together: checkTogether(mirror.all()) };
}

/** Drafting comes with a formula reader, which is only fetched when somebody drafts. */
const drafting = () => import('../core/pipeline/drafting');

type DraftingCalls = Pick<
  CoreWorker,
  'draft' | 'swapOption' | 'termsOfText' | 'variants' | 'requests' | 'categoriesOf' | 'compare'
>;
const draftingCalls = (
  mirror: Mirror,
  surroundings: Surroundings,
  progress: Progress,
): DraftingCalls => ({
  draft: async (terms, makes, locked) =>
    (await drafting()).draftKinds(terms, makes, { tell: progress, locked }),
  swapOption: async (...asked) => (await drafting()).swapOption(...asked),
  termsOfText: async (text) => (await drafting()).termsOfText(text),
  variants: async (...asked) => (await drafting()).makeVariants(...asked),
  requests: async (wish) => (await drafting()).writeRequests(wish),
  categoriesOf: async (reply, asked) => (await drafting()).categoriesOfReply(reply, asked),
  compare: async (asked, replies) =>
    (await drafting()).compareWithAsked(asked, replies, {
      known: mirror.all(),
      id: () => surroundings.id(),
    }),
});

/** What leaves for people without a receiver; fetched when it is asked for. */
const leavingCalls = (
  mirror: Mirror,
  surroundings: Surroundings,
): Pick<CoreWorker, 'paper' | 'paperFile' | 'activity' | 'sheets'> => ({
  paper: async (ids, job) =>
    (await import('../core/pipeline/paper')).printPaper({ items: mirror.pick(ids), ...job }),
  paperFile: async (ids, job, format) =>
    (await import('../core/pipeline/paper')).paperFile({ items: mirror.pick(ids), ...job }, format),
  sheets: async (job) => (await import('../core/pipeline/sheets')).contributorSheets(job),
  activity: async (ids, activity) =>
    (await import('../core/pipeline/activity')).playAnywhere(
      { items: mirror.pick(ids), ...activity },
      surroundings,
    ),
});

const resultsModule = () => import('../core/pipeline/results');

const resultsCalls = (
  mirror: Mirror,
): Pick<CoreWorker, 'results' | 'holdsResults' | 'trial' | 'figures'> => ({
  results: async (name, bytes, sets) =>
    (await resultsModule()).resultsOf(
      { name, bytes },
      mirror.all(),
      sets.map((set) => ({ name: set.name, items: mirror.pick(set.ids) })),
    ),
  holdsResults: async (name, bytes) =>
    (await resultsModule()).holdsResults({ name, bytes }, mirror.all()),
  trial: async (ids, learners, seed) =>
    (await resultsModule()).trialOf(mirror.pick(ids), learners, seed),
  figures: async (results) => (await resultsModule()).figuresFile(results, mirror.all()),
});

/** What a file is that is dropped for a receiver. */
const fileCalls = (surroundings: Surroundings): Pick<CoreWorker, 'isBlank' | 'picturesOfFile'> => ({
  picturesOfFile: async (name, bytes) =>
    (await import('../core/pipeline/pictures')).picturesOfFile({ name, bytes }),
  isBlank: async (name, bytes) =>
    (await import('../core/pipeline/blank-or-source')).isBlank({ name, bytes }, surroundings),
});

const draw = (
  items: Item[],
  plan: Plan,
  held: readonly string[],
  usedLately: readonly string[],
): Drawn =>
  drawByPlan(items, plan, {
    held,
    usedLately: new Set(usedLately),
    areAlike: nearlyAlikeIn(items),
  });

/** The calls of a worker; `progress` is told how far a long one is. */
export function coreApi(surroundings: Surroundings, progress: Progress): CoreWorker {
  const mirror = new Mirror();
  const bench = new Bench(surroundings, progress);
  return {
    speak,
    mirror: (items, removed, clear = false) => mirror.take(items, removed, clear),
    check: (version, layouts, ids, craftOff) => check(mirror, { version, layouts, ids, craftOff }),
    doubles: () => mirror.doubles(progress),
    draw: (plan, held, usedLately) => draw(mirror.all(), plan, held, usedLately),
    gather: bench.gather,
    survey: bench.survey,
    ...fileCalls(surroundings),
    together: (sources) => bench.together(sources, mirror.all()),
    gatherPart: bench.part,
    packBank: async (contents, ids) =>
      packBank({ ...contents, items: mirror.pick(ids) }, surroundings),
    openBankFile,
    ...draftingCalls(mirror, surroundings, progress),
    ...leavingCalls(mirror, surroundings),
    ...resultsCalls(mirror),
    recheck: (items) => [...items.flatMap((item) => checkItem(item)), ...checkTogether(items)],
    learn: (name, bytes, known) => learn({ name, bytes }, surroundings, known),
    async showBlank(name, bytes, shape) {
      return (await showBlank({ name, bytes }, shape)).sheets.map(blankView);
    },
    fit(ids, layouts, decisions) {
      const items = mirror.pick(ids);
      const { cards: deck, edition } = mirror.cards();
      return layouts.map((layout) =>
        mirror.fits.column({ items, layout, decisions: decisions[layout.id] ?? {}, deck, edition }),
      );
    },
    fitOne: (id, layout, decision, among) => fitOne(mirror, { id, layout, decision, among }),
    fill: (ids, layout, wish) =>
      asAnswer(() => {
        const job = { items: mirror.pick(ids), layout, deck: mirror.cards().cards, ...wish };
        return fillAll(job, surroundings);
      }),
    readFilled: async (name, bytes, layout) => (await readBackFile({ name, bytes }, layout)).items,
    fillAgain: (receipt, blank) =>
      asAnswer(async () => [await fillAgain(receipt, blank, surroundings)]),
    bundle: (files) =>
      bundle(files.map((file) => ({ ...file, receipt: unfoldReceipt(file.receipt) }))),
    receiptPage: (receipt) => receiptPage(unfoldReceipt(receipt)),
    receiptJson: (receipt) => JSON.stringify(unfoldReceipt(receipt), null, 2),
    pasteBlock,
    keyPlaces: (ids, layout, decisions, seed) =>
      keyPlaces({ items: mirror.pick(ids), layout, decisions, deck: mirror.cards().cards }, seed),
    layoutFromPointed,
    starters: () => STARTERS.map((layout) => ({ ...layout, name: say(layout.name) })),
    makeBlank,
    layoutFile,
    readLayoutFile,
  };
}
