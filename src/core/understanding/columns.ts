// What the headings of a block of cells are, and what its columns mean under them.
import type { Role } from '../model';
import { alike } from '../shared/normalise';
import { count, quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
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

/** Which row of a region holds the headings. */
export function understandHeadings(region: Region): HeadingUnderstood {
  const { rows, p } = headingOdds(shippedModel(), region, saying);
  const all = p
    .map((value, index) => ({ row: rows[index] ?? null, p: value }))
    .sort((a, b) => b.p - a.p);
  const [best, ...others] = withoutRepeats(region, all);
  return { row: best?.row ?? null, p: best?.p ?? 1, others: others.slice(0, 3) };
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

/** Why a column is taken for what it is: by its words where they say so, else by its cells and its neighbours. */
function reasonOf(view: TableView, column: number, meaning: Meaning): string {
  const { heading, texts, list } = view.columns[column]!;
  const said = heading ? saying(heading)[SAYINGS.indexOf(meaning)]! : 0;
  if (said > TELLS) {
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

/**
 * What each column of a region is under a row of headings (from 0, null where there is none); `first` is the first row
 * below. `blank` tells a receiver's form from a source. `said` are meanings that a person gave, by column of the sheet.
 */
export function understandColumns(
  region: Region,
  headingRow: number | null,
  first: number,
  {
    blank = false,
    said = new Map<number, Meaning>(),
  }: { blank?: boolean; said?: ReadonlyMap<number, Meaning> } = {},
): ColumnUnderstood[] {
  const view = viewOf(region, headingRow, first, blank);
  const held = new Map<number, Meaning>();
  view.columns.forEach(({ at }, index) => {
    const meaning = said.get(at);
    if (meaning) {
      held.set(index, meaning);
    }
  });
  const assigned = rank(view, meaningsOf(shippedModel(), view, held), held);
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
