// What shows only when columns are looked at together: whether one names another's texts, and who stands beside whom.
import { alike } from '../shared/normalise';
import { headingGroup, labelOf, piecesOf } from './heading-words';
import type { TableView } from './contract';
import { flag, share } from './figures';
import { namesPlaces, namesTexts, type Cells, type Figures } from './naming';

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

type Run = { from: number; to: number };
/** Runs of columns whose cells are texts, within which options may stand. */
function textRuns(lengths: readonly number[], figures: Figures): Run[] {
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

const SIGN =
  /^(?:[^\p{L}\p{N}\s("'“‘„«¿¡$€£-]{1,3}|[xX]\s|\[[x ]\]|\([x ]\)|->|=>)\s*\S|\S\s?(?:[*✓✔✗✘←+#√»«]|\(x\)|\[x\]|<-|\([^)]{2,12}\))$/iu;

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
export const STRUCTURE_FIGURES = 47;

/** What is known of a table once, before its columns are gone through. */
type Known = {
  view: TableView;
  figures: Figures;
  cells: Cells;
  raw: Cells;
  groups: readonly string[];
  texts: readonly { named: number; whom: number[] }[];
  namesHeadings: readonly number[];
  runs: readonly Run[];
  firstWithWords: number;
};

function knowledgeOf(view: TableView, figures: Figures): Known {
  const cells = view.columns.map((column) => column.texts.map(alike));
  const heads = new Set(view.columns.map(({ heading }) => alike(heading)).filter(Boolean));
  return {
    view,
    figures,
    cells,
    raw: view.columns.map((column) => column.texts),
    groups: view.columns.map((column) => headingGroup(column.heading)),
    texts: cells.map((_, column) => namesTexts(cells, column)),
    namesHeadings: cells.map((own) =>
      share(own.filter((text) => text && heads.has(text)).length, own.filter(Boolean).length),
    ),
    runs: textRuns(
      figures.map((own) => own[2]!),
      figures,
    ),
    firstWithWords: view.columns.findIndex(({ heading }) => piecesOf(heading).length > 0),
  };
}

/** What a column says about its neighbours and they about it. */
function besideFigures(
  { figures, cells, raw, texts, groups, view }: Known,
  index: number,
): number[] {
  const count = view.columns.length;
  const near = [index - 1, index, index + 1].filter((at) => at >= 0 && at < count);
  const alikes = alikesOf(figures, groups, index);
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
  ];
}

/** The columns of the same heading but for its number, whose cells are alike as well. */
const alikesOf = (figures: Figures, groups: readonly string[], index: number): number[] =>
  groups.flatMap((group, other) =>
    group === groups[index] && likeness(figures[index], figures[other]) > 0.9 ? [other] : [],
  );

function placeFigures({ figures, view }: Known, index: number): number[] {
  const count = view.columns.length;
  const sizes = figures.map((own) => own[2]!);
  const longest = Math.max(0.001, ...sizes);
  return [
    index / Math.max(1, count - 1),
    flag(index === 0),
    flag(index === count - 1),
    Math.min(1, index / 8),
    Math.min(1, count / 12),
    flag(count === 2),
    flag(count <= 3),
    sizes[index]! / longest,
    flag(sizes[index] === longest),
  ];
}

/** How a column stands to those whose headings differ from its own in a number alone. */
function groupFigures({ groups }: Known, index: number): number[] {
  const own = groups[index];
  const sizeOf = (name: string | undefined): number =>
    groups.filter((group) => group && group === name).length;
  const size = sizeOf(own);
  const before = groups.slice(0, index).filter((group) => group && group === own).length;
  const [left, further] = [groups[index - 1], groups[index - 2]];
  return [
    Math.min(1, size / 5),
    flag(size > 1),
    Math.min(1, before / 5),
    flag(size > 1 && left === own),
    flag(size > 1 && further === own && left !== own),
    flag(left !== undefined && groups.filter((group) => group === left).length > 1),
  ];
}

function tableFigures(known: Known, index: number): number[] {
  const { view, runs, firstWithWords, namesHeadings } = known;
  const column = view.columns[index]!;
  const label = labelOf(column.heading);
  const run = runs.find(({ from, to }) => index >= from && index <= to);
  return [
    label === undefined ? 0 : Math.min(1, label / 6),
    flag(firstWithWords === index),
    run ? Math.min(1, (run.to - run.from + 1) / 8) : 0,
    Math.min(1, alikesOf(known.figures, known.groups, index).length / 5),
    flag(view.blank),
    Math.min(1, view.rows / 10),
    flag(Boolean(column.group)),
    flag(Boolean(column.list?.length)),
    flag(view.rows === 0),
    namesHeadings[index]!,
    Math.max(...namesHeadings),
  ];
}

/** The figures of each column among the others; `figures` are those of the cells. The order is the model's. */
export function structureFigures(view: TableView, figures: Figures): number[][] {
  const known = knowledgeOf(view, figures);
  return view.columns.map((_, index) => [
    ...besideFigures(known, index),
    ...placeFigures(known, index),
    ...groupFigures(known, index),
    ...tableFigures(known, index),
  ]);
}
