// The order in which a file of a layout is read, so that what is meant is listed as it will be found.
import type { CellRow, Item, Layout, SetSection } from '../model';
import { parseCell } from '../shared/cells';
import { sectionOfEach } from './sections';
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
  const hasShared = layout.pattern?.forms.some(({ parts }) => parts.some((part) => part.isShared));
  const hasLine = layout.pattern ? hasShared : layout.marks?.category;
  if (layout.shape === 'marked-text' && hasLine) {
    const hasCategory = ({ item }: Taken): number => Number(Boolean(item.category));
    return [...taken].sort((a, b) => hasCategory(a) - hasCategory(b));
  }
  return [...taken];
}

/** A package of tests has sections; a set's own take the place of the questions' categories. */
const hasSections = ({ shape, file }: Layout): boolean =>
  shape === 'package' && file.standard !== 'common-cartridge-1.3';

function inSection(item: Item, section: SetSection | undefined): Item {
  if (!section) {
    return item;
  }
  const { category: _category, ...others } = item;
  return section.title ? { ...others, category: [section.title] } : others;
}

/** What the file is to say, question by question, in the order in which it is read. */
export function meantBy(
  taken: readonly Taken[],
  layout: Layout,
  sections?: readonly SetSection[],
): Item[] {
  if (layout.shape === 'grid') {
    return taken
      .flatMap(({ fit }) =>
        fit.as.map((item, index) => ({ item, place: placeOnBoard(fit.cells![index]!, layout) })),
      )
      .sort((a, b) => a.place - b.place)
      .map(({ item }) => item);
  }
  if (!sections || !hasSections(layout)) {
    return taken.flatMap(({ fit }) => fit.as);
  }
  const place = sectionOfEach(sections);
  return taken.flatMap(({ item, fit }) => {
    const section = sections[place.get(item.id) ?? -1];
    return fit.as.map((one) => inSection(one, section));
  });
}
