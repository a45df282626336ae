// What stands with a question in its cell and is none of its text: the number that counts it, and its points in brackets.
import { filledIn, type Region } from '../shared/table/region';
import type { Slots } from './row';
import { withoutPoints } from './text/points';

const NUMBER = /^\(?(\d{1,3})(?:[.:]|\)[.:]?|\.\))\s+(?=\S)/u;
const LEAST = 2;

/** Whether the texts of a column are counted through: each number is the next one, or begins anew. */
function isCounted(region: Region, column: number, first: number): boolean {
  let before = 0;
  let counted = 0;
  for (let row = first; row <= region.bottom; row++) {
    const text = region.cell(row, column);
    // A text alone in its row may be the title of a part.
    if (!text || filledIn(region, row) < LEAST) {
      continue;
    }
    const n = Number(NUMBER.exec(text)?.[1]);
    if (n !== before + 1 && n !== 1) {
      return false;
    }
    before = n;
    counted++;
  }
  return counted >= LEAST;
}

/** A table's questions as their cells say them, without what counts them and without their points. */
export type StemTexts = {
  region: Region;
  /** The points that stood with a question, by its row. */
  points: ReadonlyMap<number, string>;
};

/** The questions of a table without their numbers and points; undefined where nothing stands with them. */
export function withoutStemCounts(
  region: Region,
  slots: Slots,
  first: number,
): StemTexts | undefined {
  const [stem, ...others] = slots.get('stem') ?? [];
  if (!stem || others.length) {
    return undefined;
  }
  const column = stem.index;
  const isNumbered = isCounted(region, column, first);
  const points = new Map<number, string>();
  for (let row = first; row <= region.bottom && !slots.has('points'); row++) {
    const text = region.cell(row, column);
    const said = /[([]/.test(text) ? withoutPoints(text.replace(NUMBER, '')).points : undefined;
    if (said !== undefined) {
      points.set(row, said);
    }
  }
  if (!isNumbered && !points.size) {
    return undefined;
  }
  const plain = (text: string): string => {
    const own = isNumbered ? text.replace(NUMBER, '') : text;
    return points.size ? withoutPoints(own).text.trim() : own;
  };
  return {
    region: {
      ...region,
      cell: (row, at) => (at === column ? plain(region.cell(row, at)) : region.cell(row, at)),
    },
    points,
  };
}
