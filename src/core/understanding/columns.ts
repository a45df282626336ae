// What the headings of a block of cells are, and what its columns mean under them.
import type { Role } from '../model';
import { alike } from '../shared/normalise';
import { count, quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
import { allName, mayName, namesItsOption, saysAgain } from './asks';
import { placesOf } from './assign';
import {
  MEANINGS,
  roleOfMeaning,
  SAYINGS,
  type Likely,
  type Meaning,
  type TableView,
} from './contract';
import { piecesOf } from './heading-words';
import { explainingOdds, headingOdds, headingShare } from './heading-rows';
import { shippedModel } from './model';
import { rank } from './rank';
import { meaningsOf } from './roles';
import { viewOf } from './view';
import { sayingOf } from './words';

/** Below this a reading is called unsure. */
export const SURE = 0.85;

export type ColumnUnderstood = {
  /** The column of the sheet, from 0. */
  at: number;
  heading: string;
  meaning: Meaning;
  role: Role;
  n?: number;
  /** How likely it is, 0 to 1, and what else it may be. */
  p: number;
  others: Likely[];
  because: string;
};
export type HeadingUnderstood = {
  /** From 0; null where no row holds headings. */
  row: number | null;
  p: number;
  /** The next likely rows. */
  others: { row: number | null; p: number }[];
};

const known = new Map<string, readonly number[]>();
const MOST_KNOWN = 4000;
/** What a heading's words say; what was asked lately is kept. */
function saying(text: string): readonly number[] {
  const found = known.get(text);
  if (found) {
    return found;
  }
  if (known.size > MOST_KNOWN) {
    known.clear();
  }
  const said = sayingOf(shippedModel().words, text);
  known.set(text, said);
  return said;
}

/** The likeliest meaning of a heading or label by its words alone; undefined where they say none with some certainty. */
export function meaningOfWords(text: string): Likely | undefined {
  if (!piecesOf(text).length) {
    return undefined;
  }
  const said = saying(text);
  const best = said.indexOf(Math.max(...said));
  return best < MEANINGS.length ? { meaning: MEANINGS[best]!, p: said[best]! } : undefined;
}

type Candidate = { row: number | null; p: number };

const textOf = (region: Region, row: number): string => {
  const texts: string[] = [];
  for (let column = region.left; column <= region.right; column++) {
    texts.push(alike(region.cell(row, column)));
  }
  return texts.join('\t');
};

/** Headings that are said again half-way are one candidate, at the place where they stand first. */
function withoutRepeats(region: Region, candidates: readonly Candidate[]): Candidate[] {
  const byText = new Map<string, Candidate>();
  for (const candidate of candidates) {
    const name = candidate.row === null ? '' : textOf(region, candidate.row);
    const other = byText.get(name);
    byText.set(
      name,
      other && other.row !== null && candidate.row !== null
        ? { row: Math.min(other.row, candidate.row), p: other.p + candidate.p }
        : candidate,
    );
  }
  return [...byText.values()].sort((a, b) => b.p - a.p);
}

/** How likely a text's words name any of some meanings, 0 to 1. */
export function likelihoodOf(text: string, meanings: readonly Meaning[]): number {
  if (!piecesOf(text).length) {
    return 0;
  }
  const said = saying(text);
  return meanings.reduce((sum, meaning) => sum + said[MEANINGS.indexOf(meaning)]!, 0);
}

/** Which row of a region holds the headings; `blank` tells a receiver's form from a source. */
export function understandHeadings(region: Region, blank = false): HeadingUnderstood {
  const odds = headingOdds(shippedModel(), region, saying);
  const { rows } = odds;
  // A form without any heading is hardly met: its samples must say so very clearly.
  const p = blank
    ? scaled(odds.p.map((one, index) => (index < rows.length ? one : one * HARDLY)))
    : odds.p;
  const all = p
    .map((value, index) => ({ row: rows[index] ?? null, p: value }))
    .sort((a, b) => b.p - a.p);
  const [best, ...others] = withoutQuestions(region, withoutRepeats(region, all));
  return { row: best?.row ?? null, p: best?.p ?? 1, others: others.slice(0, 3) };
}

const asksBelow = (region: Region, row: number): boolean => {
  const columns = understandColumns(region, row, row + 1);
  return saysAgain(region, row, columns) || namesItsOption(region, row, columns);
};

/** A row with more words of headings than this does not ask, though it may say again what is said below. */
const WORDED = 0.5;
/** How likely a row stays the headings whose cells do what those of the questions below do. */
const HARDLY = 0.05;

/** Candidates without the likeliest, where it turns out to be a question itself. */
function withoutQuestions(region: Region, candidates: readonly Candidate[]): readonly Candidate[] {
  const [best] = candidates;
  if (!best || best.row === null) {
    return candidates;
  }
  const { row } = best;
  const isWorded = looksLikeHeadings(region, row) > WORDED;
  const asks =
    (mayName(region, row) && allName(region, row, understandColumns(region, null, row))) ||
    (!isWorded && asksBelow(region, row));
  if (!asks) {
    return candidates;
  }
  return candidates
    .map((one) => {
      const gained = one.row === null ? best.p * (1 - HARDLY) : 0;
      return one === best ? { ...one, p: one.p * HARDLY } : { ...one, p: one.p + gained };
    })
    .sort((a, b) => b.p - a.p);
}

/** A row below the headings is a question rather than that it is lost. */
const EXPLAINS = 0.8;

/** The first row of content below a row of headings (from 0, null where there is none). */
export function firstRowBelow(region: Region, headingRow: number | null): number {
  if (headingRow === null) {
    return region.top;
  }
  const explains = explainingOdds(shippedModel(), region, headingRow, saying) > EXPLAINS;
  return headingRow + (explains ? 2 : 1);
}

/** How much of a row's cells say what headings say, 0 to 1. */
export const looksLikeHeadings = (region: Region, row: number): number =>
  headingShare(region, row, saying);

const TELLS = 0.5;

/** A heading that may mean a thing among others names it where the table has no better one. */
const NAMES = 0.3;

/** Why a column is taken for what it is: by its words where they say so, else by its cells and its neighbours. */
function reasonOf(view: TableView, column: number, meaning: Meaning): string {
  const { heading, texts, list } = view.columns[column]!;
  const said = heading ? saying(heading)[SAYINGS.indexOf(meaning)]! : 0;
  if (said > NAMES) {
    return `its heading is ${quoted(heading, 40)}`;
  }
  const filled = texts.filter(Boolean).length;
  if (!filled && list?.length) {
    return `its drop-down list holds ${quoted(list.slice(0, 3).join(', '), 40)}`;
  }
  if (!filled) {
    return heading
      ? `of what ${quoted(heading, 40)} may mean beside the others, this is the likeliest`
      : 'it is empty';
  }
  const what = `${count(filled, 'cell')} and the columns beside it say so`;
  return heading && piecesOf(heading).length
    ? `${what}; its heading ${quoted(heading, 40)} alone does not`
    : what;
}

export type Asked = {
  /** Whether it is a receiver's form and no source. */
  blank?: boolean;
  /** Meanings that a person gave, by column of the sheet. */
  said?: ReadonlyMap<number, Meaning>;
  /** What is said of columns elsewhere, by their comparable headings. */
  explanations?: ReadonlyMap<string, string>;
};

/** An explanation speaks in its first words. */
const FIRST_WORDS = /^[^,.;:(\n]{2,40}/u;
/** How much of a doubt stays where an explanation says something else. */
const DOUBT = 0.02;

/** How much a heading's own words weigh beside all that was weighed before, in which they had a part already. */
const OWN_WORDS = 1;

/** The odds of a column weighed once more with its heading's words: the lists behind them are longer than what was trained on. */
function worded(own: readonly number[], heading: string): readonly number[] {
  if (!piecesOf(heading).length) {
    return own;
  }
  const spoken = saying(heading);
  return scaled(own.map((p, index) => p * (spoken[index]! + DOUBT) ** OWN_WORDS));
}

const scaled = (weighed: readonly number[]): number[] => {
  const total = weighed.reduce((sum, p) => sum + p, 0);
  return weighed.map((p) => p / total);
};

/** The odds of a column weighed with the words by which it is explained elsewhere, where those name a field. */
function explained(own: readonly number[], explanation: string | undefined): readonly number[] {
  const words = explanation && FIRST_WORDS.exec(explanation)?.[0];
  if (!words || !piecesOf(words).length) {
    return own;
  }
  const spoken = saying(words);
  if (Math.max(...MEANINGS.map((_, index) => spoken[index]!)) < TELLS) {
    return own;
  }
  return scaled(own.map((p, index) => p * (spoken[index]! + DOUBT)));
}

/**
 * What each column of a region is under a row of headings (from 0, null where there is none); `first` is the first row
 *below.
 */
export function understandColumns(
  region: Region,
  headingRow: number | null,
  first: number,
  {
    blank = false,
    said = new Map<number, Meaning>(),
    explanations = new Map<string, string>(),
  }: Asked = {},
): ColumnUnderstood[] {
  const view = viewOf(region, headingRow, first, blank);
  const held = new Map<number, Meaning>();
  view.columns.forEach(({ at }, index) => {
    const meaning = said.get(at);
    if (meaning) {
      held.set(index, meaning);
    }
  });
  const odds = meaningsOf(shippedModel(), view, held).map((own, index) =>
    explained(
      worded(own, view.columns[index]!.heading),
      explanations.get(alike(view.columns[index]!.heading)),
    ),
  );
  const assigned = rank(view, odds, held);
  const places = placesOf(
    view,
    assigned.map(({ meaning }) => meaning),
  );
  const seen = new Set(view.columns.map(({ at }) => at));
  const understood = view.columns.map(({ at, heading }, index): ColumnUnderstood => {
    const { meaning, p, others } = assigned[index]!;
    const n = places[index];
    return {
      at,
      heading,
      meaning,
      role: roleOfMeaning(meaning),
      ...(n === undefined ? {} : { n }),
      p,
      others,
      because: held.has(index) ? 'you chose it' : reasonOf(view, index, meaning),
    };
  });
  return [...understood, ...emptyColumns(region, headingRow, seen, said)].sort(
    (a, b) => a.at - b.at,
  );
}

/** Headed columns without a cell: what was said of them, else nothing that could be seen or missed. */
function emptyColumns(
  region: Region,
  headingRow: number | null,
  seen: ReadonlySet<number>,
  said: ReadonlyMap<number, Meaning>,
): ColumnUnderstood[] {
  const found: ColumnUnderstood[] = [];
  for (let at = region.left; at <= region.right && headingRow !== null; at++) {
    const heading = region.cell(headingRow, at);
    if (!heading || seen.has(at)) {
      continue;
    }
    const meaning = said.get(at) ?? 'ignore';
    const because = said.has(at) ? 'you chose it' : 'no row fills it';
    found.push({ at, heading, meaning, role: roleOfMeaning(meaning), p: 1, others: [], because });
  }
  return found;
}
