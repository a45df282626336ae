// Questions drawn by a plan: as many for each line as it wants, no question twice, the same ones for the same seed.
import type { Item, Plan, PlanLine } from '../model';
import { seeded, shuffled } from '../shared/chance';
import type { Short } from '../shared/sets/short';
import { isWanted } from '../shared/sets/where';

export type DrawWishes = {
  /** Questions that stay chosen, as far as a line wants them. */
  held?: readonly string[];
  /** Questions that were used lately: drawn only where nothing else is left. */
  usedLately?: ReadonlySet<string>;
  /** Questions that are nearly alike have the same group; one of each group at most is drawn. */
  groups?: ReadonlyMap<string, number>;
};

export type Drawn = {
  /** The questions by their ids, line by line. */
  chosen: string[];
  /** The same, a list for each line. */
  byLine: string[][];
  short: Short[];
};

/** How far a draw has come: which line each question fills. */
class Filling {
  private readonly lineOf = new Map<string, number>();
  private readonly filled: Set<string>[];
  private readonly groupsIn = new Set<number>();

  constructor(
    private readonly lines: readonly PlanLine[],
    /** The lines that each question may fill. */
    private readonly fits: ReadonlyMap<string, readonly number[]>,
    private readonly groups: ReadonlyMap<string, number>,
  ) {
    this.filled = lines.map(() => new Set());
  }

  private hasRoom(line: number): boolean {
    return this.filled[line]!.size < this.lines[line]!.take;
  }

  private put(id: string, line: number): void {
    const before = this.lineOf.get(id);
    if (before !== undefined) {
      this.filled[before]!.delete(id);
    }
    this.filled[line]!.add(id);
    this.lineOf.set(id, line);
  }

  /**
   * Finds a line with room for a question, moving chosen ones to other lines that want them too (an augmenting path, as in
   * the Hungarian method of Kuhn 1955); false where no line has room.
   */
  private place(id: string, tried: Set<number>): boolean {
    for (const line of this.fits.get(id) ?? []) {
      if (tried.has(line)) {
        continue;
      }
      tried.add(line);
      if (this.hasRoom(line) || this.moveOne(line, tried)) {
        this.put(id, line);
        return true;
      }
    }
    return false;
  }

  private moveOne(line: number, tried: Set<number>): boolean {
    return [...this.filled[line]!].some((other) => this.place(other, tried));
  }

  /** Takes a question where a line wants it and none that is nearly alike is chosen. */
  take(id: string): void {
    const group = this.groups.get(id);
    const isTwin = group !== undefined && this.groupsIn.has(group);
    if (this.lineOf.has(id) || isTwin || !this.place(id, new Set())) {
      return;
    }
    if (group !== undefined) {
      this.groupsIn.add(group);
    }
  }

  get isFull(): boolean {
    return this.lines.every((_, line) => !this.hasRoom(line));
  }

  result(order: ReadonlyMap<string, number>): string[][] {
    const place = (id: string): number => order.get(id)!;
    return this.filled.map((ids) => [...ids].sort((a, b) => place(a) - place(b)));
  }
}

const NO_GROUPS: ReadonlyMap<string, number> = new Map();

/**
 * Draws questions by a plan. As many lines are filled as can be, even where a question would serve several of them. What is
 * missing is told line by line; nothing is thrown.
 */
export function drawByPlan(
  items: readonly Item[],
  { lines, seed }: Plan,
  { held = [], usedLately = new Set(), groups = NO_GROUPS }: DrawWishes = {},
): Drawn {
  const fits = new Map<string, number[]>();
  const present = lines.map(() => 0);
  for (const item of items) {
    const own = lines.flatMap(({ where }, index) => (isWanted(item, where) ? [index] : []));
    own.forEach((line) => present[line]!++);
    if (own.length) {
      fits.set(item.id, own);
    }
  }
  const filling = new Filling(lines, fits, groups);
  const drawn = shuffled([...fits.keys()], seeded(seed));
  const fresh = drawn.filter((id) => !usedLately.has(id));
  const used = drawn.filter((id) => usedLately.has(id));
  const heldFirst = held.filter((id) => fits.has(id));
  for (const id of [...heldFirst, ...fresh, ...used]) {
    if (filling.isFull) {
      break;
    }
    filling.take(id);
  }
  const order = new Map([...heldFirst, ...drawn].map((id, index) => [id, index]));
  const byLine = filling.result(order);
  return {
    chosen: byLine.flat(),
    byLine,
    short: lines.flatMap(({ take }, line) =>
      byLine[line]!.length < take ? [{ line, wanted: take, present: present[line]! }] : [],
    ),
  };
}
