// Two columns of words and nothing else: terms and what they mean, whatever the first pair is taken for.
import { alike } from '../shared/normalise';
import type { Region } from '../shared/table/region';
import { likelihoodOf, type Meaning } from '../understanding';

const FEWEST = 3;
/** So many rows tell. */
const LOOKED_AT = 60;
const MOST_WORDS = 4;
/** Nearly all terms differ. */
const DISTINCT = 0.9;
const NAMES: readonly Meaning[] = [
  'term',
  'definition',
  'stem',
  'accepted',
  'key',
  'right',
  'left',
  'right-side',
  'option',
];
const NAMED = 0.5;

const isWord = (text: string): boolean =>
  /\p{L}{2}/u.test(text) && !/[?!.:;]\s*$/u.test(text) && text.split(/\s+/u).length <= MOST_WORDS;

/** Whether a region is a list of word pairs from its first row on. */
export function areWordPairs(region: Region): boolean {
  const rows: [string, string][] = [];
  for (let row = region.top; row <= region.bottom && rows.length < LOOKED_AT; row++) {
    const [left, right] = [region.cell(row, region.left), region.cell(row, region.left + 1)];
    if (!isWord(left) || !isWord(right)) {
      return false;
    }
    rows.push([left, right]);
  }
  const distinct = (at: 0 | 1): number => new Set(rows.map((row) => alike(row[at]))).size;
  return (
    region.right === region.left + 1 &&
    rows.length >= FEWEST &&
    Math.min(distinct(0), distinct(1)) >= rows.length * DISTINCT &&
    rows[0]!.every((text) => likelihoodOf(text, NAMES) < NAMED)
  );
}
