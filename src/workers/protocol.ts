// What the page may ask of the core's worker. Types alone; late answers carry the version they belong to.
import type {
  Activity,
  Asked,
  BankContents,
  Decision,
  Decisions,
  Drafted,
  Finding,
  Fitted,
  Item,
  KeptLayout,
  KeptReading,
  Layout,
  LayoutFile,
  Lent,
  Make,
  Overrule,
  PaperJob,
  Plan,
  ReadAs,
  Reading,
  Receipt,
  Results,
  ResultsRead,
  SetSection,
  Settings,
  SheetsJob,
  Template,
  Term,
  Wish,
  WrittenRequest,
} from '../core/model';
import type { Double } from '../core/banks';
import type { Spoken } from '../core/shared/say';
import type { ListedPicture } from '../core/shared/picture-list';
import type { Categories, Compared, Exchange, Locked } from '../core/pipeline/drafting';
import type { Contribution } from '../core/pipeline/together';
import type { Drawn } from '../core/sets';
import type {
  Filled,
  Handed,
  KeyPlaces,
  LayoutFileRead,
  LeftBehind,
  PasteBlock,
  PointedLine,
  ShownLook,
} from '../core/pipeline';

export type SourceInput =
  { name: string; bytes: Uint8Array } | { name: string; text: string; html?: string };

/** A sheet as the page shows it: the rows as text, from A1. */
export type SheetView = {
  name: string;
  hidden: boolean;
  rows: string[][];
  lines?: number[];
  /** Where sheets with the same headings were read together: whose rows those from a row on (from 0) are, in their order. */
  stack?: { sheet: string; from: number }[];
  merges: { top: number; left: number; bottom: number; right: number }[];
  /** For a blank, by `row:column`: b bold, m coloured, l a drop-down list; and the notes at its cells. */ looks?: Record<
    string,
    string
  >;
  notes?: Record<string, string>;
};
/** How a source is to be read: what the user says of it, its running text as changed, what was said of earlier sources. */
export type ReadWish = {
  overrule: Overrule;
  edited?: string | undefined;
  kept?: readonly KeptReading[];
};
/** A source as understood, its questions and rows still to be fetched in parts (`of` is the longer count): its `sheet` where it has cells, its `text` where it runs, with the lines of each question. */
export type GatherAnswer = {
  version: number;
  of: number;
  items: Item[];
  findings: Finding[];
  reading: Reading;
  sheet?: SheetView;
  text?: string;
  looks?: ShownLook[];
  blocks?: { from: number; to: number }[];
  sheets: { name: string; hidden: boolean; rows: number }[];
  readable: ReadAs[];
  /** What was said of this source, to be kept for the next one with its headings. */
  toKeep?: KeptReading;
  ms: number;
};
export type LearnAnswer = { kept?: KeptLayout; findings: Finding[]; sheets: SheetView[] };
/** The matrix packed: a byte for each question, in the order asked for. States: 0 fits, 1 loses something, 2 refused, 3 written differently; `rows` count the questions of the file before each, `total` all of them. */
export type FitColumn = {
  layout: string;
  rows: Uint32Array;
  states: Uint8Array;
  changes: Uint8Array;
  reasons: Uint16Array;
  /** The refusals' sentences and codes, which `reasons` count; the first of each is empty. */
  words: string[];
  codes: string[];
  counts: [fits: number, loses: number, refused: number, written: number];
  total: number;
  /** What the questions that go in have and the receiver has no place for, what is missed most first. */
  behind: LeftBehind[];
  /** Where the receiver has several blanks: their layouts, and which of them (from 0) each question goes into. */
  family?: { layouts: string[]; places: Uint8Array };
};
export type FillAnswer = { files: Filled[] } | { problem: string };
/** What a fill is asked for besides the questions and the layout. */
export type FillWish = {
  setTitle: string;
  fileTitle?: string;
  setDescription?: string;
  decisions: Decisions;
  blank?: Uint8Array;
  spread?: number;
  draw?: number;
  sections?: readonly SetSection[];
  settings?: Settings;
  accept?: 'all' | 'none';
};
export type SwappedOption = { item: Item; lent: Lent };
export type FindingsAnswer = {
  version: number;
  byItem: [string, Finding[]][];
  together: Finding[];
};

export type Trial = { bytes: Uint8Array; read: ResultsRead };

export interface CoreWorker {
  /** Speaks the page's language from now on. */
  speak(language: Spoken): void;
  /** Takes questions into the worker's mirror of the bank, in chunks as they load; `clear` starts anew. */
  mirror(items: Item[], removed: string[], clear: boolean): void;
  /** Findings of the given questions (all where absent) against the layouts, and of all together. */
  check(
    version: number,
    layouts: Layout[],
    ids?: string[],
    /** Checks of the craft that are switched off. */
    craftOff?: readonly string[],
  ): FindingsAnswer;
  /** Understands a new source, or the one on the bench anew; `edited` is its running text as the user changed it. */
  gather(version: number, source: SourceInput | undefined, wish: ReadWish): Promise<GatherAnswer>;
  /** How many questions of a source could be taken, and how many are blocked; the bench stays as it is. */
  survey(
    source: SourceInput,
    wish: ReadWish,
  ): Promise<{ ready: number; blocked: number; problem?: string }>;
  /** Who wrote what in several sources, what is wrong and what is doubled, also with the bank. */
  together(
    sources: readonly { id: string; source: SourceInput; wish: ReadWish }[],
  ): Promise<Contribution[]>;
  /** Whether a file is a receiver's blank that is to be filled, and no source. */
  isBlank(name: string, bytes: Uint8Array): Promise<boolean>;
  /** The pictures that a file lists, each with its number or link. */
  picturesOfFile(name: string, bytes: Uint8Array): Promise<ListedPicture[]>;
  /** A part of the understood source: its questions and its sheet's rows from a place on, so that the page can breathe between. */
  gatherPart(version: number, from: number, count: number): { items: Item[]; rows: string[][] };
  /** A bank as one file; its questions are those of the mirror, in the given order. */
  packBank(contents: Omit<BankContents, 'items'>, ids: string[]): Promise<Uint8Array>;
  openBankFile(name: string, bytes: Uint8Array): { contents: BankContents } | { finding: Finding };
  /** The questions of the bank that are nearly alike, the likest first. */
  doubles(): Double[];
  /** Questions of the bank drawn by a plan, no two of them nearly alike. */
  draw(plan: Plan, held: readonly string[], usedLately: readonly string[]): Drawn;
  /** Questions from terms, one kind after the other. */
  draft(terms: Term[], makes: Make[], locked: Record<string, Locked>): Promise<Drafted>;
  /** Another wrong option in the place of one. */
  swapOption(
    terms: Term[],
    make: Make,
    item: Item,
    exchange: Exchange,
  ): Promise<SwappedOption | undefined>;
  /** A typed list of terms, read. */
  termsOfText(text: string): Promise<{ terms: Term[]; without: number[] }>;
  variants(
    template: Template,
    count: number,
    seed: number,
  ): Promise<Pick<Drafted, 'items' | 'findings'>>;
  requests(wish: Wish): Promise<WrittenRequest[]>;
  /** The categories that a reply to a request for them names. */
  categoriesOf(reply: string, asked: Asked): Promise<Categories>;
  /** Replies held against requests and against the bank. */
  compare(asked: Asked[], replies: string[]): Promise<Compared>;
  /** A printable page of these questions. */
  paper(ids: string[], job: Omit<PaperJob, 'items'>): Promise<string>;
  /** The same as a document that an office suite opens. */
  paperFile(
    ids: string[],
    job: Omit<PaperJob, 'items'>,
    format: 'docx' | 'odt',
  ): Promise<Uint8Array>;
  /** One file that plays these questions anywhere. */
  activity(ids: string[], activity: Omit<Activity, 'items'>): Promise<string>;
  /** What a file of results says; columns that are only numbered are matched to the newest set of so many questions. */
  results(
    name: string,
    bytes: Uint8Array,
    sets: { name: string; ids: string[] }[],
  ): Promise<ResultsRead>;
  /** Whether a file holds answers to questions of the bank. */
  holdsResults(name: string, bytes: Uint8Array): Promise<boolean>;
  /** Answers of simulated learners to these questions, as a file and as what it says. */
  trial(ids: string[], learners: number, seed: number): Promise<Trial>;
  /** The figures of each question as a file. */
  figures(results: Results): Promise<Uint8Array>;
  /** Sheets for contributors, in one zip. */
  sheets(job: SheetsJob): Promise<Uint8Array>;
  recheck(items: Item[]): Finding[];
  /** Learns a blank; what was decided of a `known` layout with the same headings holds for it. */
  learn(name: string, bytes: Uint8Array, known?: readonly KeptLayout[]): Promise<LearnAnswer>;
  showBlank(name: string, bytes: Uint8Array, shape: Layout['shape']): Promise<SheetView[]>;
  fit(ids: string[], layouts: Layout[], decisions: Record<string, Decisions>): FitColumn[];
  /** One question with its cells; `among` are the questions that share a board with it. */
  fitOne(
    id: string,
    layout: Layout,
    decision?: Decision,
    among?: { ids: string[]; decisions: Decisions },
  ): { fitted: Fitted; item?: Item };
  /** Numbered files of one layout, each read back. */
  fill(ids: string[], layout: Layout, wish: FillWish): Promise<FillAnswer>;
  /** The questions of a filled file, as the file says them. */
  readFilled(name: string, bytes: Uint8Array, layout: Layout): Promise<Item[]>;
  fillAgain(receipt: Receipt, blank?: Uint8Array): Promise<FillAnswer>;
  bundle(files: Handed[]): Uint8Array;
  receiptPage(receipt: Receipt): string;
  receiptJson(receipt: Receipt): string;
  /** The rows of a filled file as a block for the clipboard. */
  pasteBlock(receipt: Receipt): PasteBlock;
  keyPlaces(ids: string[], layout: Layout, decisions: Decisions, seed: number): KeyPlaces;
  /** The signs of marked text from one question at which the user pointed; lines count from 0. */
  layoutFromPointed(layout: Layout, lines: string[], pointed: Record<number, PointedLine>): Layout;
  starters(): Layout[];
  makeBlank(layout: Layout): { name: string; bytes: Uint8Array } | undefined;
  layoutFile(kept: KeptLayout, blank?: Uint8Array): LayoutFile;
  readLayoutFile(name: string, text: string): LayoutFileRead;
}
