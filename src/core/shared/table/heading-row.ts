// Where the headings stand: the row that speaks the trade's words.
import type { Role } from '../../model';
import { namesLanguage, roleOfHeading } from '../vocabulary/headings';
import { verdictOf } from '../vocabulary/verdicts';
import { headingByContrast } from './contrast';
import type { Region } from './region';

const LOOKED_AT = 25;

/** Whether the cells of a row say right or wrong more than once. */
function verdictsIn(region: Region, row: number): { several: boolean; named: boolean } {
  let said = 0;
  let right = 0;
  let stem = false;
  for (let c = region.left; c <= region.right; c++) {
    const text = region.cell(row, c);
    const verdict = text.length > 1 && text.length <= 12 ? verdictOf(text) : undefined;
    if (verdict !== undefined) {
      said++;
      if (verdict) {
        right++;
      }
    } else if (text && roleOfHeading(text)?.role === 'stem') {
      stem = true;
    }
  }
  // "Prompt, Correct, Incorrect": one of each beside a word for the question heads the right one and the rest.
  return { several: said > 1, named: said === 2 && right === 1 && stem };
}

/** Whether a cell's whole text stands in brackets. */
export const isBracketed = (text: string): boolean => /^[([{<][^)\]}>]*[)\]}>]$/.test(text);

/** How much a row looks like headings: known words count, sentences and empty cells speak against it. */
export function headingScore(
  region: Region,
  row: number,
): { value: number; known: number; roles: Set<string> } {
  let value = 0;
  let known = 0;
  const roles = new Set<string>();
  const said = verdictsIn(region, row);
  for (let c = region.left; c <= region.right; c++) {
    const text = region.cell(row, c);
    if (!text) {
      continue;
    }
    // A row that says right and wrong several times is content, whatever its words are besides.
    if (said.several && !said.named && verdictOf(text) !== undefined) {
      value -= 1;
      continue;
    }
    // A cell all in brackets explains the heading above it.
    if (isBracketed(text)) {
      value -= 0.5;
      continue;
    }
    const guess = text.length <= 200 ? roleOfHeading(text) : undefined;
    // A long text that merely holds a known word is a sentence; a short one, or a word with a note in brackets, is a heading.
    const plain = text.replace(/[([{].*$/su, '').trim();
    if (!guess || plain.length > 70 || (!guess.sure && plain.length > 40)) {
      value -= 0.5;
      continue;
    }
    // A lone letter or digit may be a heading above options, but a key or a number in a row of questions as well.
    const lone = /^(?:[a-j]|\d{1,2})$/i.test(text);
    value += lone ? 0.6 : guess.sure ? 1 : 0.5;
    if (!lone) {
      known++;
    }
    roles.add(guess.role);
  }
  return { value, known, roles };
}

/** `known` counts the words that were known; where there were none, `because` says what made the row stand out. */
export type HeadingRow = { row: number; known: number; because?: string; isUnsure?: boolean };

/** A row that stands out less than this for each of its cells may be a question. */
const SURE_A_CELL = 0.6;

/**
 * The row of the headings, from 0: by the words that are known, else by its contrast to the rows below; undefined where
 * nothing speaks clearly enough. Looks at the first rows.
 */
export function findHeadingRow(region: Region): HeadingRow | undefined {
  const byWords = findByWords(region);
  if (byWords) {
    return byWords;
  }
  const found = headingByContrast(region, (row) => headingScore(region, row).known);
  return (
    found && {
      row: found.row,
      known: 0,
      because: found.because,
      isUnsure: found.weight < SURE_A_CELL * found.cells,
    }
  );
}

function findByWords(region: Region): HeadingRow | undefined {
  let best: { row: number; known: number; value: number } | undefined;
  for (let r = region.top; r <= Math.min(region.bottom, region.top + LOOKED_AT); r++) {
    const { value, known, roles } = headingScore(region, r);
    const carries =
      roles.has('stem') ||
      roles.has('key') ||
      roles.has('option') ||
      roles.has('accepted') ||
      roles.has('right') ||
      roles.has('kind') ||
      roles.has('step') ||
      roles.has('left') ||
      roles.has('pair');
    if (
      known >= 1 &&
      value >= 1.4 &&
      carries &&
      (roles.size >= 2 || known >= 3) &&
      (!best || value > best.value)
    ) {
      best = { row: r, known, value };
    }
  }
  if (!best && isLanguagePair(region)) {
    return { row: region.top, known: 2 };
  }
  return best;
}

/** Two names of languages at the top head the two sides of word cards. */
function isLanguagePair(region: Region): boolean {
  const filled: string[] = [];
  for (let c = region.left; c <= region.right; c++) {
    if (region.cell(region.top, c)) {
      filled.push(region.cell(region.top, c));
    }
  }
  return filled.length === 2 && filled.every(namesLanguage);
}

/** The role that a row's heading names for a column, where it is sure. */
export function columnOf(region: Region, row: number, column: number): Role | undefined {
  const guess = roleOfHeading(region.cell(row, column));
  return guess?.sure ? guess.role : undefined;
}
