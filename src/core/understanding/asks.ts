// Whether a row taken for the headings is a question itself: its cells do what those of the rows below do.
import { filledIn, rowText, type Region } from '../shared/table/region';
import { alike } from '../shared/normalise';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { readingsOf } from './keys/named';
import { headsLowerTable } from './lower-headings';
import { looksLikeHeadings } from './question-rows';

/** A column under the row, as far as it tells. */
type Told = { at: number; role: string };

const SAMPLE = 30;

function below(region: Region, row: number, column: number): Set<string> {
  const texts = new Set<string>();
  const own = rowText(region, row);
  for (let r = row + 1; r <= region.bottom && r <= row + SAMPLE; r++) {
    // Headings that stand half-way once more are no content, nor are those of another table.
    if (rowText(region, r) === own || headsLowerTable(region, r)) {
      continue;
    }
    texts.add(alike(region.cell(r, column)));
  }
  texts.delete('');
  return texts;
}

const FEWEST_KINDS = 3;
const LONGEST_KIND = 40;
const NEARLY_ALL = 0.8;

/** Whether a row says a kind in a column in which nearly all rows below say one. */
export function saysKindAsBelow(region: Region, row: number): boolean {
  const isKind = (text: string): boolean =>
    text.length <= LONGEST_KIND && kindOfWord(text) !== undefined;
  for (let column = region.left; column <= region.right; column++) {
    const texts = isKind(region.cell(row, column)) ? [...below(region, row, column)] : [];
    // Headings that stand half-way once more, or a sum at the end, say none.
    if (texts.filter(isKind).length >= Math.max(FEWEST_KINDS, texts.length * NEARLY_ALL)) {
      return true;
    }
  }
  return false;
}

/** Columns that say the same few words all the way down. */
const SAYING_AGAIN: readonly string[] = ['kind', 'verdict', 'shuffle', 'use', 'across'];

/** Whether the key of a row names one of its own options, as a letter or a number. */
export function namesItsOption(region: Region, row: number, columns: readonly Told[]): boolean {
  const key = columns.find(({ role }) => role === 'key');
  const options = columns
    .filter(({ role }) => role === 'option')
    .map(({ at }) => region.cell(row, at));
  const said = key ? region.cell(row, key.at) : '';
  if (!LETTERS.test(said) || options.filter(Boolean).length < 2) {
    return false;
  }
  const best = readingsOf([{ key: said, options }], []).find(({ style }) => style !== 'text');
  return best?.share === 1;
}
/** A letter or number, or a few of them. */
const LETTERS = /^[([]?(?:[A-Ja-j]|\d{1,2})[)\].:]?(?:[,;/ ]{1,2}(?:[A-Ja-j]|\d{1,2}))*$/;

/** Whether a row has a cell that may name an option at all. */
export function mayName(region: Region, row: number): boolean {
  for (let column = region.left; column <= region.right; column++) {
    if (LETTERS.test(region.cell(row, column))) {
      return true;
    }
  }
  return false;
}

const FEW = 5;

/** Whether the first rows, from one on, all name options of their own under columns without headings. */
export function allName(region: Region, row: number, columns: readonly Told[]): boolean {
  let rows = 0;
  for (let r = row; r <= region.bottom && rows < FEW; r++) {
    if (filledIn(region, r) < 2) {
      continue;
    }
    rows++;
    if (!namesItsOption(region, r, columns)) {
      return false;
    }
  }
  return rows > 1;
}

/** Whether a row says again what rows below it say in the columns that say the same few words all the way down. */
export const saysAgain = (region: Region, row: number, columns: readonly Told[]): boolean =>
  columns
    .filter(({ role }) => SAYING_AGAIN.includes(role))
    .some(({ at }) => {
      const text = alike(region.cell(row, at));
      return text !== '' && below(region, row, at).has(text);
    });

const ASKS = /[?？؟]\s*$/u;
const LOOKED_BELOW = 200;
const FEWEST_TEXTS = 3;

/** Whether each cell of a row asks, and none below does: a row of headings that ask, 'What is asked?' beside 'What goes together?'. */
export function asksAlone(region: Region, row: number): boolean {
  let filled = 0;
  let below = 0;
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    filled += text ? 1 : 0;
    if (text && !ASKS.test(text)) {
      return false;
    }
    for (let other = row + 1; other <= Math.min(region.bottom, row + LOOKED_BELOW); other++) {
      below += region.cell(other, column) ? 1 : 0;
      if (ASKS.test(region.cell(other, column))) {
        return false;
      }
    }
  }
  return filled > 1 && below >= filled * FEWEST_TEXTS && looksLikeHeadings(region, row) === 1;
}
