// A place on the board for each question: its category's column, its level's row.
import type { CellRow, Item, Layout } from '../model';
import { columnIndex, columnLetters } from '../shared/cells';
import { alike, numberOf } from '../shared/normalise';
import { refusal, type Draft } from './changes';
import { because } from './words';

type Grid = NonNullable<Layout['grid']>;
type Lane = {
  letters: string;
  answers: string;
  heading: string;
  taken: (Item | undefined)[];
  own?: string;
};

/** The columns of the questions, each with the column of its answers. */
function lanesOf(grid: Grid): Lane[] {
  const lanes: Lane[] = [];
  const step = grid.answer === 'beside' ? 2 : 1;
  for (
    let c = columnIndex(grid.firstColumn), n = 0;
    c <= columnIndex(grid.lastColumn);
    c += step, n++
  ) {
    lanes.push({
      letters: columnLetters(c),
      answers: columnLetters(grid.answer === 'beside' ? c + 1 : c),
      heading: grid.categories?.[n] ?? '',
      taken: grid.levels.map(() => undefined),
    });
  }
  return lanes;
}

const categoryOf = (item: Item): string => item.category?.at(-1) ?? '';

/** The places of a board, given out one by one. */
export class Board {
  private readonly lanes: Lane[];
  private readonly grid: Grid;
  constructor(layout: Layout) {
    this.grid = layout.grid!;
    this.lanes = lanesOf(this.grid);
  }

  /** The lane that names the category, else one whose heading may be renamed, else any with room. */
  private laneFor(item: Item): Lane | undefined {
    const named = (lane: Lane, part: string): boolean =>
      alike(lane.own ?? lane.heading) === alike(part);
    const hasRoom = (lane: Lane): boolean => lane.taken.includes(undefined);
    const own = this.lanes.find(
      (lane) => hasRoom(lane) && item.category?.some((part) => named(lane, part)),
    );
    if (own) {
      return own;
    }
    // A lane whose own category has come once is kept for it.
    const fresh = this.lanes.find(
      (lane) =>
        hasRoom(lane) && lane.taken.every((one) => !one) && (!this.grid.locked || !item.category),
    );
    return (
      fresh ??
      this.lanes.find((lane) => hasRoom(lane) && (this.grid.locked || !item.category || !lane.own))
    );
  }

  private levelFor(item: Item, lane: Lane): number {
    const exact = this.grid.levels.findIndex(
      (level, index) =>
        !lane.taken[index] &&
        item.points !== undefined &&
        numberOf(level.replace(/[^\d.,-]/g, '')) === item.points,
    );
    return exact >= 0 ? exact : lane.taken.findIndex((one) => !one);
  }

  /** Takes a place and gives its cells; what differs from the question's own category and points is noted. */
  place(draft: Draft): CellRow {
    const { item } = draft;
    const lane = this.laneFor(item);
    const size = this.lanes.length * this.grid.levels.length;
    if (!lane) {
      throw this.lanes.some((one) => one.taken.includes(undefined))
        ? refusal('board-column-missing', { category: categoryOf(item) })
        : refusal('board-full', { size });
    }
    const at = this.levelFor(item, lane);
    lane.taken[at] = item;
    const category = categoryOf(item);
    const heading = lane.own ?? lane.heading;
    const renames = !this.grid.locked && category && alike(heading) !== alike(category);
    if (renames) {
      lane.own = category;
    }
    const shown = renames ? category : heading;
    if (category && !item.category!.some((part) => alike(part) === alike(shown))) {
      draft.note('category', category, shown, because('board-category'));
    }
    const level = numberOf(this.grid.levels[at]!.replace(/[^\d.,-]/g, ''));
    if (level !== undefined && item.points !== undefined && level !== item.points) {
      draft.note(
        'points',
        String(item.points),
        String(level),
        because('board-level', { levels: this.grid.levels.join(', ') }),
      );
    }
    draft.set({ category: shown ? [shown] : undefined, points: level });
    return this.cells(draft.item, lane, at, shown);
  }

  private cells(item: Item, lane: Lane, at: number, heading: string): CellRow {
    const row = this.grid.levelRows[at]!;
    const cells = Object.create(null) as CellRow;
    if (heading && heading !== lane.heading) {
      cells[`${lane.letters}${this.grid.categoryRow}`] = heading;
    }
    cells[`${lane.letters}${row}`] = item.stem.plain;
    cells[`${lane.answers}${this.grid.answer === 'below' ? row + 1 : row}`] =
      item.accepted?.[0] ?? '';
    return cells;
  }
}
