// A place on the board for each question: its category's column, its level's row.
import type { CellRow, Item, Layout } from '../model';
import { headOf } from '../shared/board-head';
import { columnIndex, columnLetters } from '../shared/cells';
import { alike, numberOf } from '../shared/normalise';
import { refusal, type Draft, type Refusal } from './changes';
import { because } from './words';

type Grid = NonNullable<Layout['grid']>;
type Lane = {
  letters: string;
  answers: string;
  heading: string;
  /** The question on each level. */
  taken: (Item | undefined)[];
  /** The category that the lane was renamed to. */
  renamed?: string;
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

/** The points of a level as it is written: "200", "200 points". */
const levelPoints = (level: string): number | undefined => numberOf(level.replace(/[^\d.,-]/g, ''));

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
      alike(lane.renamed ?? lane.heading) === alike(part);
    const hasRoom = (lane: Lane): boolean => lane.taken.includes(undefined);
    const itsOwn = this.lanes.find(
      (lane) => hasRoom(lane) && item.category?.some((part) => named(lane, part)),
    );
    if (itsOwn) {
      return itsOwn;
    }
    // A lane whose own category has come once is kept for it.
    const fresh = this.lanes.find(
      (lane) =>
        hasRoom(lane) &&
        lane.taken.every((placed) => !placed) &&
        (!this.grid.locked || !item.category),
    );
    return (
      fresh ??
      this.lanes.find(
        (lane) => hasRoom(lane) && (this.grid.locked || !item.category || !lane.renamed),
      )
    );
  }

  private levelFor(item: Item, lane: Lane): number {
    const exact = this.grid.levels.findIndex(
      (level, index) =>
        !lane.taken[index] && item.points !== undefined && levelPoints(level) === item.points,
    );
    return exact >= 0 ? exact : lane.taken.findIndex((placed) => !placed);
  }

  /** Takes a place and gives its cells; what differs from the question's own category and points is noted. */
  place(draft: Draft): CellRow {
    const { item } = draft;
    const lane = this.laneFor(item);
    if (!lane) {
      throw this.refusalFor(item);
    }
    const levelIndex = this.levelFor(item, lane);
    lane.taken[levelIndex] = item;
    const heading = this.headingFor(item, lane);
    const points = levelPoints(this.grid.levels[levelIndex]!);
    this.noteCategory(draft, heading);
    this.notePoints(draft, points);
    draft.set({ category: heading ? [heading] : undefined, points });
    return this.cells(draft.item, lane, levelIndex, heading);
  }

  /** Room of another category is of no use to this one; a board without any is full. */
  private refusalFor(item: Item): Refusal {
    return this.lanes.some((lane) => lane.taken.includes(undefined))
      ? refusal('board-column-missing', { category: categoryOf(item) })
      : refusal('board-full', { size: this.lanes.length * this.grid.levels.length });
  }

  /** The heading under which the question stands; a lane that may be renamed takes its category. */
  private headingFor(item: Item, lane: Lane): string {
    const category = categoryOf(item);
    const heading = lane.renamed ?? lane.heading;
    if (this.grid.locked || !category || alike(heading) === alike(category)) {
      return heading;
    }
    lane.renamed = category;
    return category;
  }

  private noteCategory(draft: Draft, heading: string): void {
    const category = categoryOf(draft.item);
    if (category && !draft.item.category!.some((part) => alike(part) === alike(heading))) {
      draft.note('category', category, heading, because('board-category'));
    }
  }

  private notePoints(draft: Draft, points: number | undefined): void {
    const asked = draft.item.points;
    if (points !== undefined && asked !== undefined && points !== asked) {
      const levels = this.grid.levels.join(', ');
      draft.note('points', String(asked), String(points), because('board-level', { levels }));
    }
  }

  private cells(item: Item, lane: Lane, levelIndex: number, heading: string): CellRow {
    const row = this.grid.levelRows[levelIndex]!;
    const answerRow = this.grid.answer === 'below' ? row + 1 : row;
    const cells = Object.create(null) as CellRow;
    if (heading && heading !== lane.heading) {
      const { categoryRow, sides } = this.grid;
      cells[`${lane.letters}${categoryRow}`] = sides ? headOf(sides.question, heading) : heading;
      if (sides) {
        cells[`${lane.answers}${categoryRow}`] = headOf(sides.answer, heading);
      }
    }
    cells[`${lane.letters}${row}`] = item.stem.plain;
    cells[`${lane.answers}${answerRow}`] = item.accepted?.[0] ?? '';
    return cells;
  }
}
