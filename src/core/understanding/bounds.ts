// Two columns that hold the lowest and the highest number that count as an answer.
import { numberOf } from '../shared/normalise';
import { plainHeading } from './heading-words';
import { takenFor, type Assigned } from './assign';
import type { ColumnView, Meaning, TableView } from './contract';

/** Words for the two ends of a range, each pair in one language; common practice, no source. */
const ENDS: readonly (readonly [low: string, high: string])[] = [
  ['min', 'max'],
  ['minimum', 'maximum'],
  ['minimo', 'maximo'],
  ['minimo', 'massimo'],
  ['from', 'to'],
  ['low', 'high'],
  ['lower', 'upper'],
  ['lowest', 'highest'],
  ['von', 'bis'],
  ['untere', 'obere'],
  ['kleinste', 'grosste'],
  ['de', 'a'],
  ['inferieure', 'superieure'],
  ['desde', 'hasta'],
  ['inferior', 'superior'],
  ['da', 'a'],
  ['van', 'tot'],
  ['fran', 'till'],
  ['fra', 'til'],
  ['od', 'do'],
];
/** How sure two columns are by their cells alone, and where their headings say it too. */
const BY_CELLS = 0.7;
const SURELY = 0.95;
const FEWEST_ROWS = 3;

/** Whether two headings differ by a pair of words for the ends of a range and by nothing else. */
function nameEnds(low: string, high: string): boolean {
  const [a, b] = [plainHeading(low).split(' '), plainHeading(high).split(' ')];
  const differing = a.flatMap((word, index) => (word === b[index] ? [] : [index]));
  return (
    a.length === b.length &&
    differing.length === 1 &&
    ENDS.some(([one, other]) => a[differing[0]!] === one && b[differing[0]!] === other)
  );
}

const numbersIn = ({ texts }: ColumnView): (number | undefined)[] => texts.map(numberOf);

/** In how many rows two columns hold the numbers around that of a third; undefined where they do so in none or not in all. */
function rowsAround(low: ColumnView, value: ColumnView, high: ColumnView): number | undefined {
  const [lows, values, highs] = [numbersIn(low), numbersIn(value), numbersIn(high)];
  const rows = lows.flatMap((from, row) => {
    const [own, to] = [values[row], highs[row]];
    return from === undefined && to === undefined
      ? []
      : [
          from !== undefined &&
            own !== undefined &&
            to !== undefined &&
            from <= own &&
            own <= to &&
            from < to,
        ];
  });
  return rows.length && rows.every(Boolean) ? rows.length : undefined;
}

/** Whether two columns are empty or hold the lower and the higher number of each row. */
function areLowAndHigh(low: ColumnView, high: ColumnView): boolean {
  const highs = numbersIn(high);
  return low.texts.every((text, row) => {
    const [from, to] = [numberOf(text), highs[row]];
    return text === ''
      ? high.texts[row] === ''
      : from !== undefined && to !== undefined && from <= to;
  });
}

/** How sure it is that two columns side by side are the ends of what counts; 0 where nothing says so. */
function areEnds(low: ColumnView, high: ColumnView, value: ColumnView | undefined): number {
  const isNamed = nameEnds(low.heading, high.heading);
  if (isNamed && areLowAndHigh(low, high)) {
    return SURELY;
  }
  const around = value ? (rowsAround(low, value, high) ?? 0) : 0;
  return Math.min(around, FEWEST_ROWS) && (around >= FEWEST_ROWS ? SURELY : BY_CELLS);
}

/** What two such columns may be taken for by each alone. */
const MAY_BOUND: ReadonlySet<Meaning> = new Set<Meaning>([
  'tolerance',
  'ignore',
  'points',
  'attempts',
  'lines',
  'endings',
  'seconds',
  'accepted',
  'value',
  'tag',
  'by',
  'constant',
  'weight',
  'option',
  'key',
]);

/** A table of which two columns side by side are the lowest and the highest number that count, taken for the tolerance. */
export function withBounds(
  { columns }: TableView,
  assigned: readonly Assigned[],
  said: ReadonlyMap<number, Meaning>,
): Assigned[] {
  const asks = assigned.some(({ meaning }) => meaning === 'stem');
  const isOther = (at: number): boolean => MAY_BOUND.has(assigned[at]!.meaning) && !said.has(at);
  for (let at = 0; asks && at + 1 < columns.length; at++) {
    if (!isOther(at) || !isOther(at + 1)) {
      continue;
    }
    const value = columns.find(
      (_, other) => assigned[other]!.meaning === 'value' && other !== at && other !== at + 1,
    );
    const p = areEnds(columns[at]!, columns[at + 1]!, value);
    if (p > 0 && (value || !assigned.some(({ meaning }) => meaning === 'option'))) {
      return assigned.map((one, other) =>
        other === at || other === at + 1 ? takenFor(one, 'tolerance', p) : one,
      );
    }
  }
  return [...assigned];
}
