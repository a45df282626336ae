// Rows that hold several questions beside one another, each with its answer and what else belongs to it: 'Question 1', 'Answer 1',
// 'Question 2', 'Answer 2'. Each place is read as a table of its own.
import { filledIn, type Region } from '../shared/table/region';
import { firstRowBelow, likelihoodOf, understandHeadings, wordsOfHeading } from '../understanding';

const ASKS = 0.8;
/** A question has at least its answer beside it. */
const LEAST_WIDE = 2;

/** The columns of headings that say nothing but the question, whatever counts them. */
function askingColumns(region: Region, headingRow: number): number[] {
  const columns: number[] = [];
  for (let column = region.left; column <= region.right; column++) {
    // Its number tells which it is, and nothing else.
    const words = wordsOfHeading(region.cell(headingRow, column));
    if (words && likelihoodOf(words, ['stem']) > ASKS) {
      columns.push(column);
    }
  }
  return columns;
}

type Place = { from: number; to: number };

/** The places of a row that each hold a question, as first and last columns; none where a row holds one. */
function placesOf(region: Region, headingRow: number): Place[] {
  const asking = askingColumns(region, headingRow);
  const [first, second] = asking;
  const width = first === undefined || second === undefined ? 0 : second - first;
  const words = (column: number): string => wordsOfHeading(region.cell(headingRow, column));
  const isPlace = (from: number, index: number): boolean =>
    from === first! + index * width &&
    Array.from({ length: width }, (_, at) => at).every(
      (at) => words(from + at) !== '' && words(from + at) === words(first! + at),
    );
  const areAlike = width >= LEAST_WIDE && asking.every(isPlace);
  return areAlike ? asking.map((from) => ({ from, to: from + width - 1 })) : [];
}

/** Whether some row holds something in a place. */
const isFilled = (region: Region, first: number, { from, to }: Place) =>
  Array.from({ length: region.bottom - first + 1 }, (_, at) => first + at).some(
    (row) => filledIn({ ...region, left: from, right: to }, row) > 0,
  );

/** So many rows at the top may hold the headings. */
const LOOKED_AT = 8;

/** Whether some row at the top may head several questions: a look before any closer one. */
function mayHoldSeveral(region: Region): boolean {
  const last = Math.min(region.bottom, region.top + LOOKED_AT);
  return Array.from({ length: last - region.top + 1 }, (_, at) => region.top + at).some(
    (row) => askingColumns(region, row).length > 1,
  );
}

/** The region once for each of the places, the cells of the others empty; undefined where each row holds one question. */
export function questionsBeside(region: Region): Region[] | undefined {
  const { row: headingRow } = mayHoldSeveral(region) ? understandHeadings(region) : { row: null };
  const places = headingRow === null ? [] : placesOf(region, headingRow);
  const first = headingRow === null ? region.top : firstRowBelow(region, headingRow);
  const filled = places.filter((place) => isFilled(region, first, place));
  if (filled.length < 2) {
    return undefined;
  }
  const isIn = (column: number, { from, to }: Place): boolean => column >= from && column <= to;
  const last = places.at(-1)!;
  // Only behind the last place a row may be longer than it should.
  const endOf = (own: { to: number }): number =>
    own.to === last.to || region.cell(headingRow!, last.to + 1) ? region.right : own.to;
  return filled.map((own) => ({
    ...region,
    right: endOf(own),
    cell: (row, column) =>
      isIn(column, own) || !places.some((place) => isIn(column, place))
        ? region.cell(row, column)
        : '',
  }));
}
