// Which row holds the headings: the likeliest one that is no question itself.
import { filledIn, rowText, type Region } from '../shared/table/region';
import { sectionRows } from '../shared/table/sections';
import { allName, asksAlone, mayName, namesItsOption, saysAgain, saysKindAsBelow } from './asks';
import { understandColumns } from './columns';
import {
  candidateRows,
  countsColumns,
  countsLettersUp,
  explainingOdds,
  headingOdds,
} from './heading-rows';
import { doesAsQuestions, looksLikeHeadings, looksLikeQuestions } from './question-rows';
import { statesRules } from './rules-row';
import { lastHeading } from './said';
import { shippedModel } from './model';
import { meaningOfWords, saying } from './saying';
import { scaled } from './scaled';
import { asWordOfList } from './word-lists';

export type HeadingUnderstood = {
  /** From 0; null where no row holds headings. */
  row: number | null;
  p: number;
  /** The next likely rows. */
  others: { row: number | null; p: number }[];
};

type Candidate = { row: number | null; p: number };

/** Headings that are said again half-way are one candidate, at the place where they stand first. */
function withoutRepeats(region: Region, candidates: readonly Candidate[]): Candidate[] {
  const byText = new Map<string, Candidate>();
  for (const candidate of candidates) {
    const name = candidate.row === null ? '' : rowText(region, candidate.row);
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

/** A form without any heading is hardly met, and a source whose headings have nothing below them makes no question. */
function priorOf(region: Region, row: number | undefined, blank: boolean): number {
  if (blank) {
    return row === undefined ? HARDLY : 1;
  }
  return row === region.bottom ? NOTHING_BELOW : 1;
}
const NOTHING_BELOW = 0.005;

/** Which row of a region holds the headings; `blank` tells a receiver's form from a source. */
export function understandHeadings(region: Region, blank = false): HeadingUnderstood {
  const odds = headingOdds(shippedModel(), region, saying);
  const { rows } = odds;
  const p = scaled(odds.p.map((one, index) => one * priorOf(region, rows[index], blank)));
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
/** The same for a row that is only written like the words below it, and names nothing. */
const PERHAPS = 0.25;

/** How likely a row holds the headings of a list of pairs that names what the two are. */
const NAMES_BOTH = 0.9;

/** So many cells that all say headings are no question, however few of the columns they head. */
const ALL_SAY = 3;

/** The row that is taken for the headings though none seems likelier: it names what a list of pairs is of, counts columns, or says nothing but headings. */
function namingRow(region: Region, candidates: readonly Candidate[]): number | undefined {
  const counting = candidates.find(({ row }) => row !== null && countsColumns(region, row));
  const first = candidateRows(region).find((row) => filledIn(region, row) > 1);
  const isWorded =
    first !== undefined &&
    filledIn(region, first) >= ALL_SAY &&
    looksLikeHeadings(region, first) === 1;
  const names = asWordOfList(region, region.top) === 'headings' || asksAlone(region, region.top);
  return counting?.row ?? (isWorded ? first : undefined) ?? (names ? region.top : undefined);
}

/** So clear a word names a question. */
const CLEAR = 0.8;

/** So many words name no field. */
const A_TEXT = 3;

/** The row right above the likeliest, where it names the questions alone and the columns of their options have no headings. */
function namedAlone(region: Region, best: Candidate | undefined): number | undefined {
  if (!best?.row || filledIn(region, best.row - 1) !== 1 || filledIn(region, best.row) < 2) {
    return undefined;
  }
  const said = meaningOfWords(region.cell(best.row - 1, region.left));
  const below = region.cell(best.row, region.left);
  const isText = below.split(/\s+/u).length > A_TEXT && meaningOfWords(below) === undefined;
  return said?.meaning === 'stem' && said.p > CLEAR && isText ? best.row - 1 : undefined;
}

/** Candidates with such a row before none. */
function withNamed(region: Region, candidates: readonly Candidate[]): readonly Candidate[] {
  const [best] = candidates;
  const named = best?.row === null ? namingRow(region, candidates) : namedAlone(region, best);
  return named !== undefined
    ? candidates
        .map((one) => {
          const p = one.row === named ? NAMES_BOTH : one.p * (1 - NAMES_BOTH);
          return { ...one, p };
        })
        .sort((a, b) => b.p - a.p)
    : candidates;
}

/** Whether a row asks as the rows below it do. */
function asks(region: Region, row: number): boolean {
  const isWorded = looksLikeHeadings(region, row) > WORDED;
  return (
    doesAsQuestions(region, row) ||
    (mayName(region, row) && allName(region, row, understandColumns(region, null, row))) ||
    (!isWorded && (looksLikeQuestions(region, row) || asksBelow(region, row)))
  );
}

/** How much of its odds a row of headings keeps: nearly none where it asks, or starts as the words below it do. */
function staysHeadings(region: Region, row: number): number {
  if (asks(region, row)) {
    return HARDLY;
  }
  const asWord = asWordOfList(region, row);
  if (asWord === 'alike') {
    return PERHAPS;
  }
  return asWord === 'led' ? HARDLY : 1;
}

/** Candidates without the likeliest, where it turns out to be a question itself. */
function withoutQuestions(region: Region, given: readonly Candidate[]): readonly Candidate[] {
  const candidates = withNamed(region, given);
  const [best] = candidates;
  if (
    !best ||
    best.row === null ||
    countsLettersUp(region, best.row) ||
    countsColumns(region, best.row)
  ) {
    return candidates;
  }
  const stays = staysHeadings(region, best.row);
  return candidates
    .map((one) => {
      const gained = one.row === null ? best.p * (1 - stays) : 0;
      return one === best ? { ...one, p: one.p * stays } : { ...one, p: one.p + gained };
    })
    .sort((a, b) => b.p - a.p);
}

/** A region as far as its row of headings is filled. */
function headed(region: Region, headingRow: number): Region {
  let right = region.right;
  while (right > region.left && !region.cell(headingRow, right)) {
    right--;
  }
  return { ...region, right };
}

/** A row below the headings is a question rather than that it is lost. */
const EXPLAINS = 0.8;

/** The first row of content below a row of headings (from 0, null where there is none). */
export function firstRowBelow(region: Region, headingRow: number | null): number {
  if (headingRow === null) {
    return region.top;
  }
  const below = headingRow + 1;
  // What stands beside the table explains it, and is no row of it.
  const table = { ...region, right: lastHeading(region, headingRow) };
  const explains =
    statesRules(table, below) ||
    // An empty column may part a table as well as what is beside it, of which its own columns say nothing.
    (filledIn(table, below) > 0 && statesRules(headed(region, headingRow), below)) ||
    (explainingOdds(shippedModel(), region, headingRow, saying) > EXPLAINS &&
      !saysKindAsBelow(region, below) &&
      !sectionRows(region, headingRow, below).has(below));
  return explains ? below + 1 : below;
}

export { looksLikeHeadings };
