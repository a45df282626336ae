// Which row holds the headings: the one whose words and contrast say so, compared with all others and with none.
import { alike } from '../shared/normalise';
import { contrastOf, kindOfCell } from './contrast';
import { filledIn, type Region } from '../shared/table/region';
import { SAYINGS } from './contract';
import { flag, mean } from './figures';
import { piecesOf } from './heading-words';
import type { Model } from './model';
import { networkSums, softmax } from './network';
import { letterPlace } from '../shared/plain';
import { verdictOf } from '../shared/vocabulary/verdicts';

const ROWS_LOOKED_AT = 40;
const CANDIDATES = 12;
const CONTENT = SAYINGS.indexOf('content');
const UNKNOWN = SAYINGS.indexOf('unknown');

/** The first rows of a region that hold anything, from which the headings are chosen. */
export function candidateRows(region: Region): number[] {
  const rows: number[] = [];
  const last = Math.min(region.bottom, region.top + ROWS_LOOKED_AT);
  for (let row = region.top; row <= last && rows.length < CANDIDATES; row++) {
    if (filledIn(region, row) > 0) {
      rows.push(row);
    }
  }
  return rows;
}

type Texts = { text: string; column: number }[];
function textsOf(region: Region, row: number): Texts {
  const found: Texts = [];
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    if (text) {
      found.push({ text, column });
    }
  }
  return found;
}

const JUDGED = /^(\S.*?)\s*[([]\s*(\p{L}{1,14})\s*[)\]]$/u;
/** A text without the word that marks it as right, 'Sand (correct)': of the two it is the text that says what a cell holds. */
function withoutVerdict(text: string): string {
  const [, own, word] = JUDGED.exec(text) ?? [];
  return own !== undefined && verdictOf(word!) === true ? own : text;
}

type Saying = (text: string) => readonly number[];
/** How much the words of a row are those of headings, and of how many cells that holds. */
function wordsOf(texts: Texts, saying: Saying): { heading: number; certain: number } {
  const told = texts.filter(({ text }) => piecesOf(text).length > 0);
  const p = told.map(({ text }) => {
    const said = saying(withoutVerdict(text));
    return 1 - said[CONTENT]! - said[UNKNOWN]! / 2;
  });
  return { heading: mean(p), certain: p.filter((value) => value > 0.8).length };
}

/** The usual number of filled cells of the rows below. */
function usualFill(region: Region, row: number): number {
  const fills: number[] = [];
  for (let below = row + 1; below <= region.bottom && fills.length < 14; below++) {
    const filled = filledIn(region, below);
    if (filled) {
      fills.push(filled);
    }
  }
  return fills.sort((a, b) => a - b)[Math.floor(fills.length / 2)] ?? 0;
}

/** How many figures `headingFigures` gives. */
export const HEADING_FIGURES = 26;

const BOUND = 3;
const within = (value: number): number => Math.max(-1, Math.min(1, value / BOUND));

/** What shows of one candidate row. `rows` are all candidates in order. */
export function headingFigures(
  region: Region,
  rows: readonly number[],
  index: number,
  saying: Saying,
): number[] {
  const row = rows[index]!;
  const texts = textsOf(region, row);
  const { heading, certain } = wordsOf(texts, saying);
  const next = rows[index + 1];
  const below =
    next === undefined ? { heading: 0, certain: 0 } : wordsOf(textsOf(region, next), saying);
  const before = rows[index - 1];
  const above =
    before === undefined ? { heading: 0, certain: 0 } : wordsOf(textsOf(region, before), saying);
  const usual = usualFill(region, row);
  const contrast = contrastOf(region, row, 0);
  const kinds = texts.map(({ text }) => kindOfCell(text));
  const of = (kind: string): number => kinds.filter((own) => own === kind).length / texts.length;
  const aboveFill = before === undefined ? 0 : filledIn(region, before);
  return [
    heading,
    Math.min(1, certain / texts.length),
    Math.min(1, certain / 4),
    heading - below.heading,
    heading - above.heading,
    flag(certain >= 2),
    flag(certain > below.certain && certain > above.certain),
    within(contrast?.weight ?? 0),
    within((contrast?.weight ?? 0) / texts.length) * BOUND,
    flag(contrast === undefined),
    texts.length / (region.right - region.left + 1),
    Math.min(1.5, usual ? texts.length / usual : 0),
    flag(texts.length === 1),
    flag(texts.length > aboveFill * 1.5),
    flag(before === undefined),
    flag(before !== undefined && aboveFill <= 1),
    flag(before !== undefined && aboveFill >= texts.length),
    Math.min(1, index / 6),
    of('number'),
    of('letter'),
    of('sentence'),
    of('verdict'),
    new Set(texts.map(({ text }) => alike(text))).size / texts.length,
    Math.min(1, mean(texts.map(({ text }) => text.length)) / 40),
    flag(next === undefined),
    texts.filter(({ text }) => /[?？؟]\s*$/.test(text)).length / texts.length,
  ];
}

/** So many letters that count up from A, cell by cell, are the names of columns and no options of a question. */
const FEWEST_LETTERS = 3;
const LETTER = /^\(?([a-l])[).:]?$/iu;

/** Whether cells of a row count up from A side by side: A, B, C. */
export function countsLettersUp(region: Region, row: number): boolean {
  let next = 0;
  for (let column = region.left; column <= region.right; column++) {
    const letter = LETTER.exec(region.cell(row, column))?.[1]?.toUpperCase();
    const place = letter === undefined ? -1 : letterPlace(letter);
    next = place === next || place === 0 ? place + 1 : 0;
    if (next >= FEWEST_LETTERS) {
      return true;
    }
  }
  return false;
}

const COUNTED = /^(\p{L}[\p{L} _-]*?)(?:[ _-]*(\d{1,2})|[ _-]+([A-Z]))$/u;
const countOf = (told: RegExpExecArray | null | undefined): number =>
  Number(told?.[2] ?? told?.[3]?.charCodeAt(0));

/** Whether all cells of a row are one word that counts on from cell to cell, 'Column 1', 'Column 2', as no content does. */
export function countsColumns(region: Region, row: number): boolean {
  const told = textsOf(region, row).map(({ text }) => COUNTED.exec(text.trim()));
  return (
    told.length > 1 &&
    told.every((own, index) => {
      const before = told[index - 1];
      const isFirst =
        index === 0 || (before?.[1] === own?.[1] && countOf(own) === countOf(before) + 1);
      return own !== null && isFirst;
    })
  );
}

/** How likely each candidate row holds the headings; the last place stands for none of them. */
export function headingOdds(
  model: Model,
  region: Region,
  saying: Saying,
): { rows: number[]; p: number[] } {
  const rows = candidateRows(region);
  const sums = rows.map(
    (_, index) => networkSums(model.headingRow, headingFigures(region, rows, index, saying))[0]!,
  );
  return { rows, p: softmax([...sums, 0]) };
}

/** How likely the row below the headings explains them, by units, lengths or remarks, 0 to 1. */
export function explainingOdds(
  model: Model,
  region: Region,
  headingRow: number,
  saying: Saying,
): number {
  const rows = candidateRows(region);
  const index = rows.indexOf(headingRow) + 1;
  if (index === 0 || index >= rows.length || rows[index] !== headingRow + 1) {
    return 0;
  }
  const [sum] = networkSums(model.explainingRow, headingFigures(region, rows, index, saying));
  return softmax([sum!, 0])[0]!;
}

/** How much of a row's cells say what headings say, 0 to 1; 0 where it has a single cell. */
export function headingShare(region: Region, row: number, saying: Saying): number {
  const texts = textsOf(region, row);
  return texts.length > 1 ? wordsOf(texts, saying).certain / texts.length : 0;
}
