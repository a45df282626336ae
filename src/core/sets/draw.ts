// Questions drawn by a plan: as many for each line as it wants, no question twice, the same ones for the same seed.
import type { Item, Plan, PlanLine, PlanMost } from '../model';
import { seeded, shuffled } from '../shared/chance';
import { pointsOf } from '../shared/sets/facts';
import type { Short } from '../shared/sets/short';
import { isWanted } from '../shared/sets/where';

export type DrawWishes = {
  /** Questions that stay chosen, as far as a line wants them. */
  held?: readonly string[];
  /** Questions that were used lately: drawn only where nothing else is left. */
  usedLately?: ReadonlySet<string>;
  /** Whether two questions are nearly alike; no two such are drawn. Asked as seldom as can be. */
  areAlike?: (a: string, b: string) => boolean;
};

export type Drawn = {
  /** The questions by their ids, line by line. */
  chosen: string[];
  /** The same, a list for each line. */
  byLine: string[][];
  short: Short[];
};

/** What one question adds to a set. */
type Cost = { points: number; seconds: number };

const SECONDS = 60;

/** What is left of the points and the time that all questions together may come to. */
class Purse {
  /** Whether a question was left because of it. */
  wasShort = false;
  private spent: Cost = { points: 0, seconds: 0 };

  constructor(private readonly most: PlanMost) {}

  /** Whether a question may still come. */
  allows({ points, seconds }: Cost): boolean {
    const { points: mostPoints = Infinity, minutes = Infinity } = this.most;
    const fits =
      this.spent.points + points <= mostPoints && this.spent.seconds + seconds <= minutes * SECONDS;
    this.wasShort ||= !fits;
    return fits;
  }

  spend({ points, seconds }: Cost): void {
    this.spent = { points: this.spent.points + points, seconds: this.spent.seconds + seconds };
  }
}

/** How far a draw has come: which line each question fills. */
class Filling {
  private readonly lineOf = new Map<string, number>();
  private readonly filled: Set<string>[];

  constructor(
    private readonly lines: readonly PlanLine[],
    /** The lines that each question may fill. */
    private readonly fits: ReadonlyMap<string, readonly number[]>,
    private readonly areAlike: (a: string, b: string) => boolean,
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

  /** Whether a question may be taken: none that is nearly alike is chosen, nor it itself. */
  wants(id: string): boolean {
    return (
      !this.lineOf.has(id) && ![...this.lineOf.keys()].some((other) => this.areAlike(id, other))
    );
  }

  /** Takes a question that is wanted where a line has or makes room for it; whether it did. */
  take(id: string): boolean {
    return this.place(id, new Set());
  }

  get isFull(): boolean {
    return this.lines.every((_, line) => !this.hasRoom(line));
  }

  /** How many questions are chosen. */
  get size(): number {
    return this.lineOf.size;
  }

  result(order: ReadonlyMap<string, number>): string[][] {
    const place = (id: string): number => order.get(id)!;
    return this.filled.map((ids) => [...ids].sort((a, b) => place(a) - place(b)));
  }
}

const NEVER = (): boolean => false;

/** The questions of a draw in the order in which they are tried, and what each of them comes to. */
type Trial = {
  held: readonly string[];
  others: readonly string[];
  costs: ReadonlyMap<string, Cost>;
};

/** Fills lines in an order; held questions come whatever they cost. Whether any was left for its cost. */
function fillFrom(filling: Filling, { held, others, costs }: Trial, most: PlanMost): boolean {
  const purse = new Purse(most);
  held.forEach((id) => {
    if (filling.wants(id) && filling.take(id)) {
      purse.spend(costs.get(id)!);
    }
  });
  for (const id of others) {
    if (filling.isFull) {
      break;
    }
    const cost = costs.get(id)!;
    if (filling.wants(id) && purse.allows(cost) && filling.take(id)) {
      purse.spend(cost);
    }
  }
  return purse.wasShort;
}

/**
 * Draws questions by a plan. As many lines are filled as can be, even where a question would serve several of them. What is
 * missing is told line by line; nothing is thrown.
 */
export function drawByPlan(
  items: readonly Item[],
  { lines, seed, most = {} }: Plan,
  { held = [], usedLately = new Set(), areAlike = NEVER }: DrawWishes = {},
): Drawn {
  const fits = new Map<string, number[]>();
  const costs = new Map<string, Cost>();
  const present = lines.map(() => 0);
  for (const item of items) {
    const own = lines.flatMap(({ where }, index) => (isWanted(item, where) ? [index] : []));
    own.forEach((line) => present[line]!++);
    if (own.length) {
      fits.set(item.id, own);
      costs.set(item.id, { points: pointsOf(item), seconds: item.seconds ?? 0 });
    }
  }
  const drawn = shuffled([...fits.keys()], seeded(seed));
  const heldFirst = held.filter((id) => fits.has(id));
  const inTurn = [
    ...drawn.filter((id) => !usedLately.has(id)),
    ...drawn.filter((id) => usedLately.has(id)),
  ];
  const fill = (others: readonly string[]): { filling: Filling; wasShort: boolean } => {
    const filling = new Filling(lines, fits, areAlike);
    return { filling, wasShort: fillFrom(filling, { held: heldFirst, others, costs }, most) };
  };
  const first = fill(inTurn);
  // Where points or minutes ran out, those that cost least go first: more lines may be filled so.
  const cheaper = first.wasShort && !first.filling.isFull ? fill(byCost(inTurn, costs)) : first;
  const best = cheaper.filling.size > first.filling.size ? cheaper : first;
  const order = new Map([...heldFirst, ...drawn].map((id, index) => [id, index]));
  const byLine = best.filling.result(order);
  return {
    chosen: byLine.flat(),
    byLine,
    short: lines.flatMap(({ take }, line): Short[] => {
      const got = byLine[line]!.length;
      const isBound = best.wasShort && got < Math.min(take, present[line]!);
      const bound = isBound ? { bound: true as const } : {};
      return got < take ? [{ line, wanted: take, present: present[line]!, ...bound }] : [];
    }),
  };
}

/** Those that cost least first, in their order where they cost the same. */
const byCost = (ids: readonly string[], costs: ReadonlyMap<string, Cost>): string[] =>
  [...ids].sort((a, b) => {
    const [one, other] = [costs.get(a)!, costs.get(b)!];
    return one.points - other.points || one.seconds - other.seconds;
  });
