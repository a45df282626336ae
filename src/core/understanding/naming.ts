// Whether the cells of one column name those of others in their rows: by their text, or by their place.

import { flag, share } from './figures';
import { letterPlace } from '../shared/plain';

/** Cells by column, then by row. */
export type Cells = readonly (readonly string[])[];
/** The figures of the cells of each column. */
export type Figures = readonly (readonly number[])[];

/** How often a column's cell is the very text of another cell of its row, or of several of them joined. */
export function namesTexts(cells: Cells, column: number): { named: number; whom: number[] } {
  const whom = cells.map(() => 0);
  let named = 0;
  let rows = 0;
  for (let row = 0; row < cells[column]!.length; row++) {
    const text = cells[column]![row]!;
    if (!text) {
      continue;
    }
    rows++;
    const parts = [text, ...text.split(/\s*[;|\n]\s*|\s\/\s|,\s/u)];
    let found = false;
    for (let other = 0; other < cells.length; other++) {
      if (other !== column && cells[other]![row] && parts.includes(cells[other]![row]!)) {
        whom[other]!++;
        found = true;
      }
    }
    named += flag(found);
  }
  return { named: share(named, rows), whom: whom.map((count) => share(count, rows)) };
}

function placeOf(part: string): number {
  if (/^[a-j]$/i.test(part)) {
    return letterPlace(part);
  }
  return /^\d{1,2}$/.test(part) ? Number(part) - 1 : NaN;
}

/** The places from 0 that a short cell names as letters or numbers from 1; none where it names none. */
function placesIn(text: string): number[] {
  if (!text || text.length > 14) {
    return [];
  }
  const parts = text.split(/[^\p{L}\p{N}]+/u).filter(Boolean);
  const places = parts.map(placeOf);
  return places.every(Number.isFinite) ? places : [];
}

/** How well a column's letters or numbers name a place among the columns of a run beside it, and whether all of the run is used. */
export function namesPlaces(cells: Cells, column: number, figures: Figures): number[] {
  let best = [0, 0, 0, 0];
  const places = cells[column]!.map(placesIn);
  const told = places.filter((list) => list.length > 0).length;
  if (told < cells[column]!.filter(Boolean).length * 0.6 || told === 0) {
    return best;
  }
  const most = Math.max(...places.flat());
  const least = Math.min(...places.flat());
  for (const side of [-1, 1]) {
    const beside = neighbours(cells, column, side, figures);
    for (let size = 2; size <= beside.length; size++) {
      // The options end beside the key, or begin behind the question.
      const set = side < 0 ? beside.slice(0, size).reverse() : beside.slice(0, size);
      const holds = places.filter(
        (list, row) => list.length && list.every((place) => cells[set[place]!]?.[row]),
      ).length;
      const value = share(holds, told);
      const exact = flag(most === set.length - 1);
      if (value + exact * 0.2 > best[0]! + best[1]! * 0.2) {
        best = [value, exact, Math.min(1, set.length / 6), flag(least < 0)];
      }
    }
  }
  return best;
}

/** The columns beside one that hold texts, nearest first, no more than eight. */
function neighbours(cells: Cells, column: number, side: number, figures: Figures): number[] {
  const found: number[] = [];
  for (let at = column + side; at >= 0 && at < cells.length && found.length < 8; at += side) {
    if (figures[at]![0]! > 0) {
      found.push(at);
    }
  }
  return found;
}
