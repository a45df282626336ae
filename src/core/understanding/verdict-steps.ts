// Verdicts behind options of unequal number: the last column may hold one word of the two in a single row, but it stands as far
// behind the one before it as all the others do.
import { alike } from '../shared/normalise';
import { verdictPair } from '../shared/vocabulary/verdicts';
import { filledOf, isCalled, isTicked, says } from './column-words';
import type { ColumnView, TableView } from './contract';

/** So many stand in even steps by no chance. */
const FEWEST = 3;
const NAMED = 0.5;

const wordsOf = (columns: readonly ColumnView[]): string[] => [
  ...new Set(columns.flatMap((column) => filledOf(column).map(alike))),
];

/** The columns in even steps, with an option between each two, that hold the two words of one pair and nothing else. */
export function verdictsInSteps({ columns }: TableView): readonly ColumnView[] {
  const both = columns.flatMap((column, at) =>
    verdictPair(wordsOf([column])) === undefined ? [] : [at],
  );
  const [first, second] = both;
  if (first === undefined || second === undefined || second - first < 2) {
    return [];
  }
  const step = second - first;
  const words = wordsOf([columns[first]!]);
  const found: ColumnView[] = [];
  for (let at = first; at < columns.length; at += step) {
    const column = columns[at]!;
    const own = wordsOf([column]);
    const isOther = isCalled(column) && says(column, 'verdict') <= NAMED;
    if (!own.length || isOther || !own.every((word) => words.includes(word))) {
      break;
    }
    found.push(column);
  }
  return found.length >= FEWEST ? found : [];
}

const FEWEST_TICKED = 2;
const MOSTLY = 0.8;

/** Columns in even steps that are ticked, each behind a text, with a tick in nearly every row; one of them may be empty throughout. */
export function ticksInSteps({ columns, rows }: TableView): readonly ColumnView[] {
  const ticked = columns.flatMap((column, at) => (isTicked(column, 1) ? [at] : []));
  const [first = 0, last = 0] = [ticked[0], ticked.at(-1)];
  const steps = ticked.slice(1).map((at, index) => at - ticked[index]!);
  const step = Math.min(...steps);
  const isEven =
    ticked.length >= FEWEST_TICKED && step > 1 && steps.every((own) => own % step === 0);
  if (!isEven) {
    return [];
  }
  const found = columns.filter((_, at) => at >= first && at <= last && (at - first) % step === 0);
  const isTold = (row: number): boolean => found.some(({ texts }) => texts[row]);
  const told = Array.from({ length: rows }, (_, row) => row).filter(isTold).length;
  return found.every((column) => isTicked(column, 0)) && told >= rows * MOSTLY ? found : [];
}
