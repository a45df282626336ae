// The order in which a file of a layout is read, so that what is meant is listed as it will be found.
import type { CellRow, Item, Layout } from '../model';
import { parseCell } from '../shared/cells';
import type { Taken } from './taken';

/** More columns than any board has, so that a row's places stay behind those of the row above. */
const ROW_WEIGHT = 1000;

/** Where on a board a question stands, as a number by which boards are read: row by row, from left to right. */
function placeOnBoard(cells: CellRow, { grid }: Layout): number {
  const places = Object.keys(cells).flatMap((name) => {
    const cell = parseCell(name);
    return cell && grid!.levelRows.includes(cell.row + 1)
      ? [cell.row * ROW_WEIGHT + cell.column]
      : [];
  });
  return Math.min(...places);
}

/** Questions in the order in which a file of the layout is read. */
export function inFileOrder(taken: readonly Taken[], layout: Layout): Taken[] {
  if (layout.shape === 'grid') {
    const place = ({ fit }: Taken): number => placeOnBoard(fit.cells?.[0] ?? {}, layout);
    return [...taken].sort((a, b) => place(a) - place(b));
  }
  // A category's line holds until the next one, so that questions without a category must come first.
  if (layout.shape === 'marked-text' && layout.marks?.category) {
    const hasCategory = ({ item }: Taken): number => Number(Boolean(item.category));
    return [...taken].sort((a, b) => hasCategory(a) - hasCategory(b));
  }
  return [...taken];
}

/** A package that draws from a pool has sections of its own, which are no categories of the questions. */
const losesCategories = ({ shape, file }: Layout, draw: number | undefined): boolean =>
  Boolean(draw) && shape === 'package' && file.standard !== 'common-cartridge-1.3';

/** What the file is to say, question by question, in the order in which it is read. */
export function meantBy(taken: readonly Taken[], layout: Layout, draw: number | undefined): Item[] {
  if (layout.shape === 'grid') {
    return taken
      .flatMap(({ fit }) =>
        fit.as.map((item, index) => ({ item, place: placeOnBoard(fit.cells![index]!, layout) })),
      )
      .sort((a, b) => a.place - b.place)
      .map(({ item }) => item);
  }
  const meant = taken.flatMap(({ fit }) => fit.as);
  return losesCategories(layout, draw)
    ? meant.map(({ category: _category, ...item }) => item)
    : meant;
}
