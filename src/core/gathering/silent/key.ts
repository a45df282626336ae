// The column that names the right option: whatever it is called, its cells name one of the texts beside it in every row.
import { alike } from '../../shared/normalise';
import type { Region } from '../../shared/table/region';
import { DECODES, isText, rowsOf, setRole, type Rows, type Silent } from './rows';

/** Fewer rows prove nothing. */
const FEWEST_ROWS = 3;
const MOST_OPTIONS = 10;
/** Options are about as long as one another. */
const TIMES_AS_LONG = 4;

/** Options from one column to another, and the column that names the right one. */
type Split = { from: number; to: number; key: number; share: number };
/** `standing` is 2 where the options fill all the room between the question and the key. */
export type Ranked = Split & { standing: number };

/** A part of a cell as a key is read: its text without case and signs, and the place that a letter or a number names. */
type Part = { plain: string; place: number };
/** A cell, normalised once: it is held against many columns. */
type KeyCell = { isFilled: boolean; whole: Part; parts: readonly Part[] };

const NOWHERE = -1;

function partOf(text: string): Part {
  const [letter] = /^[([]?([a-j])[)\].:]?$/i.exec(text)?.slice(1) ?? [];
  const place = letter ? letter.toLowerCase().charCodeAt(0) - 97 : Number(text) - 1;
  return { plain: alike(text), place: Number.isInteger(place) ? place : NOWHERE };
}

const cellOf = (text: string): KeyCell => ({
  isFilled: text !== '',
  whole: partOf(text),
  parts: text.split(/\s*[,;/+&]\s*/).map(partOf),
});

type KeyRows = readonly (readonly KeyCell[])[];
const asKeys = (rows: Rows): KeyRows => rows.map((row) => row.map(cellOf));

/** The place that a part names among the options of its row, from 0; undefined where it names none. */
function placeIn(
  { plain, place }: Part,
  row: readonly KeyCell[],
  { from, to }: Pick<Split, 'from' | 'to'>,
): number | undefined {
  for (let at = from; at <= to; at++) {
    if (row[at]!.isFilled && row[at]!.whole.plain === plain) {
      return at - from;
    }
  }
  return place >= 0 && place <= to - from && row[from + place]!.isFilled ? place : undefined;
}

/** Whether a key names options, one or several: 'B', '2', 'A+C', or the text of one. */
function placesIn(
  { whole, parts }: KeyCell,
  row: readonly KeyCell[],
  options: Pick<Split, 'from' | 'to'>,
): number[] | undefined {
  const one = placeIn(whole, row, options);
  if (one !== undefined) {
    return [one];
  }
  const places = parts.map((part) => placeIn(part, row, options));
  return places.every((place) => place !== undefined) ? places : undefined;
}

/** How many of the rows a key decodes in, where it names more than one place; 0 as soon as too many are missed. */
function decodes(rows: KeyRows, { from, to, key }: Omit<Split, 'share'>): number {
  let named = 0;
  let keyed = 0;
  const places = new Set<number>();
  for (const row of rows) {
    if (!row[key]!.isFilled) {
      continue;
    }
    keyed++;
    const found = placesIn(row[key]!, row, { from, to });
    if (found) {
      named++;
      found.forEach((place) => places.add(place));
    } else if (keyed - named > (1 - DECODES) * rows.length) {
      return 0;
    }
  }
  const isTelling = keyed >= FEWEST_ROWS && places.size > 1;
  return isTelling ? named / keyed : 0;
}

/**
 * Whether columns could be the options of one question: open texts one beside the other, about as long as one another,
 * numbers all of them or none.
 */
function areAlike(drafts: readonly Silent[]): boolean {
  const [first] = drafts;
  const numbers = drafts.filter(({ profile }) => profile.integers > 0.9).length;
  const isUnbroken = drafts.every(
    ({ profile }, index) => profile.column === first!.profile.column + index,
  );
  const lengths = drafts.map(({ profile }) => Math.max(1, profile.averageLength));
  return (
    isUnbroken &&
    (numbers === 0 || numbers === drafts.length) &&
    drafts.every((draft) => draft.role === 'ignore' && isText(draft)) &&
    Math.max(...lengths) <= TIMES_AS_LONG * Math.min(...lengths)
  );
}

/** Shares this near are the same: a faulty row more or less. */
const NEARLY = 0.02;

/** How well a split stands on the sheet: behind the question, and before its key; 0 to 2. */
function standing({ from, to, key }: Split, drafts: readonly Silent[], stem: number): number {
  const column = (index: number): number => drafts[index]!.profile.column;
  return Number(column(from) === stem + 1) + Number(column(key) === column(to) + 1);
}

/**
 * What makes one split better than another, the first that tells: more rows decode, it stands between the question and
 * the key, it holds more options.
 */
function isBetter(a: Ranked, b: Ranked | undefined): boolean {
  if (!b || Math.abs(a.share - b.share) > NEARLY) {
    return !b || a.share > b.share;
  }
  return a.standing === b.standing ? a.to - a.from > b.to - b.from : a.standing > b.standing;
}

/** The runs of columns that could be options, shorter ones before longer ones. */
function runsOf(drafts: readonly Silent[]): { from: number; to: number }[] {
  return drafts.flatMap((_, from) => {
    const runs: { from: number; to: number }[] = [];
    const last = Math.min(drafts.length, from + MOST_OPTIONS) - 1;
    for (let to = from + 1; to <= last && areAlike(drafts.slice(from, to + 1)); to++) {
      runs.push({ from, to });
    }
    return runs;
  });
}

/**
 * The best reading of columns as options and their key; undefined where none is borne out. `stem` is the column of the
 * question, from 0.
 */
export function bestSplit(rows: Rows, drafts: readonly Silent[], stem: number): Ranked | undefined {
  const cells = asKeys(rows);
  const keys = drafts.flatMap(({ role, profile }, index) =>
    profile.filled > 0 && !profile.counts && (role === 'key' || role === 'ignore') ? [index] : [],
  );
  const splits = runsOf(drafts).flatMap(({ from, to }) =>
    keys
      .filter((key) => key < from || key > to)
      .map((key): Split => ({ from, to, key, share: decodes(cells, { from, to, key }) })),
  );
  return splits
    .filter(({ share }) => share >= DECODES)
    .map((split): Ranked => ({ ...split, standing: standing(split, drafts, stem) }))
    .reduce<Ranked | undefined>((best, split) => (isBetter(split, best) ? split : best), undefined);
}

/** The key of options that are known already: the open column whose cells name one of them in every row. */
export function findKey(
  region: Region,
  first: number,
  drafts: readonly Silent[],
  options: readonly Silent[],
): void {
  const open = drafts.filter(
    ({ role, profile }) => role === 'ignore' && profile.filled > 0 && !profile.counts,
  );
  const rows = asKeys(rowsOf(region, first, [...options, ...open]));
  const found = open
    .map((draft, index) => {
      const key = options.length + index;
      return { draft, share: decodes(rows, { from: 0, to: options.length - 1, key }) };
    })
    .sort((a, b) => b.share - a.share)[0];
  if (found && found.share >= DECODES) {
    setRole(found.draft, 'key', decodedWords(found.share), found.share === 1);
  }
}

/** Why a column is the key. */
export const decodedWords = (share: number): string =>
  `${Math.round(share * 100)} % of its cells name an option in their row`;
