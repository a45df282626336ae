// What shows only when columns are looked at together: whether one names another's texts, and who stands beside whom.
import { alike } from '../shared/normalise';
import { headingGroup, labelOf, piecesOf } from './heading-words';
import type { TableView } from './contract';

const flag = (is: boolean): number => (is ? 1 : 0);
const share = (part: number, of: number): number => (of ? part / of : 0);

/** The likeness of two lists of figures: the cosine of the angle between them, from 0 to 1. */
function likeness(a: readonly number[] | undefined, b: readonly number[] | undefined): number {
  if (!a || !b) {
    return 0;
  }
  let product = 0;
  let ownA = 0;
  let ownB = 0;
  for (let index = 0; index < a.length; index++) {
    product += a[index]! * b[index]!;
    ownA += a[index]! ** 2;
    ownB += b[index]! ** 2;
  }
  return ownA && ownB ? product / Math.sqrt(ownA * ownB) : 0;
}

type Cells = readonly (readonly string[])[];

/** How often a column's cell is the very text of another cell of its row, or of several of them joined. */
function namesTexts(cells: Cells, column: number): { named: number; whom: number[] } {
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

/** The places from 0 that a short cell names as letters or numbers from 1; none where it names none. */
function placesIn(text: string): number[] {
  if (!text || text.length > 14) {
    return [];
  }
  const parts = text.split(/[^\p{L}\p{N}]+/u).filter(Boolean);
  const places = parts.map((part) =>
    /^[a-j]$/i.test(part)
      ? part.toLowerCase().charCodeAt(0) - 97
      : /^\d{1,2}$/.test(part)
        ? Number(part) - 1
        : NaN,
  );
  return places.every(Number.isFinite) ? places : [];
}

type Run = { from: number; to: number };
/** Runs of columns whose cells are texts, within which options may stand. */
function textRuns(lengths: readonly number[], figures: Cells2): Run[] {
  const runs: Run[] = [];
  let from = -1;
  for (let column = 0; column <= lengths.length; column++) {
    const isText = column < lengths.length && figures[column]!.some(Boolean);
    if (isText && from < 0) {
      from = column;
    } else if (!isText && from >= 0) {
      runs.push({ from, to: column - 1 });
      from = -1;
    }
  }
  return runs;
}
type Cells2 = readonly (readonly number[])[];

/** How well a column's letters or numbers name a place among the columns of a run beside it, and whether all of the run is used. */
function namesPlaces(cells: Cells, column: number, figures: Cells2): number[] {
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
function neighbours(cells: Cells, column: number, side: number, figures: Cells2): number[] {
  const found: number[] = [];
  for (let at = column + side; at >= 0 && at < cells.length && found.length < 8; at += side) {
    if (figures[at]![0]! > 0) {
      found.push(at);
    }
  }
  return found;
}

const SIGN = /^(?:[^\p{L}\p{N}\s("'“‘„«¿¡$€£-]{1,3}|[xX]\s|\[[x ]\]|\([x ]\)|->|=>)\s*\S|\S\s?(?:[*✓✔✗✘←+#√»«]|\(x\)|\[x\]|<-|\([^)]{2,12}\))$/iu;

/** In how many rows some but not all of a column and its likes carry a sign. */
function markedRows(cells: Cells, set: readonly number[]): number {
  let rows = 0;
  let hits = 0;
  for (let row = 0; row < (cells[0]?.length ?? 0); row++) {
    const filled = set.filter((column) => cells[column]![row]);
    if (filled.length < 2) {
      continue;
    }
    rows++;
    const marked = filled.filter((column) => SIGN.test(cells[column]![row]!)).length;
    hits += flag(marked > 0 && marked < filled.length);
  }
  return share(hits, rows);
}

/** How a column's empty cells stand to those of another: shares of rows where both, only this, only the other are filled. */
function together(cells: Cells, a: number, b: number): number[] {
  if (!cells[a] || !cells[b]) {
    return [0, 0, 0];
  }
  let both = 0;
  let own = 0;
  let other = 0;
  const rows = cells[a].length;
  for (let row = 0; row < rows; row++) {
    const here = Boolean(cells[a][row]);
    const there = Boolean(cells[b][row]);
    both += flag(here && there);
    own += flag(here && !there);
    other += flag(!here && there);
  }
  return [share(both, rows), share(own, rows), share(other, rows)];
}

/** How many figures `structureFigures` gives for each column. */
export const STRUCTURE_FIGURES = 45;

/** The figures of each column among the others; `figures` are those of the cells. */
export function structureFigures(view: TableView, figures: Cells2): number[][] {
  const cells = view.columns.map((column) => column.texts.map(alike));
  const raw = view.columns.map((column) => column.texts);
  const groups = view.columns.map((column) => headingGroup(column.heading));
  const sizes = figures.map((own) => own[2]!);
  const longest = Math.max(0.001, ...sizes);
  const texts = cells.map((_, column) => namesTexts(cells, column));
  const runs = textRuns(sizes, figures);
  const count = view.columns.length;
  const firstWithWords = view.columns.findIndex(({ heading }) => piecesOf(heading).length > 0);
  return view.columns.map((column, index) => {
    const alikes = view.columns.flatMap((_, other) =>
      groups[other] === groups[index] && likeness(figures[index], figures[other]) > 0.9
        ? [other]
        : [],
    );
    const sameGroup = groups.filter((group) => group && group === groups[index]).length;
    const before = groups.slice(0, index).filter((group) => group && group === groups[index]).length;
    const near = [index - 1, index, index + 1].filter((at) => at >= 0 && at < count);
    const label = labelOf(column.heading);
    const run = runs.find(({ from, to }) => index >= from && index <= to);
    const likely = [-2, -1, 1, 2].map((step) => likeness(figures[index], figures[index + step]));
    return [
      ...likely,
      texts[index]!.named,
      Math.max(...texts.map(({ whom }) => whom[index]!), 0),
      texts.reduce((sum, { whom }) => sum + whom[index]!, 0) / count,
      Math.max(...texts.map(({ named }) => named), 0),
      ...namesPlaces(cells, index, figures),
      markedRows(raw, near),
      markedRows(raw, alikes.length > 1 ? alikes : near),
      share(raw[index]!.filter((text) => SIGN.test(text)).length, raw[index]!.length),
      ...together(raw, index, index - 1),
      ...together(raw, index, index + 1),
      index / Math.max(1, count - 1),
      flag(index === 0),
      flag(index === count - 1),
      Math.min(1, index / 8),
      Math.min(1, count / 12),
      flag(count === 2),
      flag(count <= 3),
      sizes[index]! / longest,
      flag(sizes[index] === longest),
      Math.min(1, sameGroup / 5),
      flag(sameGroup > 1),
      Math.min(1, before / 5),
      flag(sameGroup > 1 && groups[index - 1] === groups[index]),
      flag(sameGroup > 1 && groups[index - 2] === groups[index] && groups[index - 1] !== groups[index]),
      flag(groups[index - 1] !== undefined && (groups.filter((group) => group === groups[index - 1]).length > 1)),
      label === undefined ? 0 : Math.min(1, label / 6),
      flag(firstWithWords === index),
      run ? Math.min(1, (run.to - run.from + 1) / 8) : 0,
      Math.min(1, alikes.length / 5),
      flag(view.blank),
      Math.min(1, view.rows / 10),
      flag(Boolean(column.group)),
      flag(Boolean(column.list?.length)),
      flag(view.rows === 0),
    ];
  });
}
