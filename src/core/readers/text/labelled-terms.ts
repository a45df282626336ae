// Lists of terms whose lines have labels: which lines are titles among them, and whether the labelled ones are the terms.

export const LONGEST_TITLE = 40;
export const FEWEST_BLOCKS = 3;
export const LONGEST_TERM = 60;

export type Filled = {
  line: string;
  number: number;
  /** Whether the lines around it are empty; whether the one above it is. */
  isApart: boolean;
  isSetOff: boolean;
  hasLabel: boolean;
};

/** So many lines of a list with labels have one. */
const MOSTLY_LABELLED = 0.6;
/** Which lines have no label among others that have one, right above such a line: titles, whatever sign stands in them. */
export function areUnlabelled(filled: readonly Filled[]): boolean[] {
  const labelled = filled.filter(({ hasLabel }) => hasLabel).length;
  const isOften = labelled >= FEWEST_BLOCKS && labelled >= filled.length * MOSTLY_LABELLED;
  return filled.map(
    ({ hasLabel, isSetOff, line }, at) =>
      isOften &&
      !hasLabel &&
      isSetOff &&
      // Above all others an instruction may stand, however long.
      (at === 0 || line.length <= LONGEST_TITLE) &&
      filled[at + 1]?.hasLabel === true,
  );
}

/** So many lines may stand around a list with labels: what leads it in, and what is said behind it. */
const MOST_AROUND = 2;
/** Whether the lines with a label are the terms, none of which asks or is a sentence, with hardly any other line. */
export function areLabelled(
  filled: readonly Filled[],
  rows: readonly (readonly string[])[],
): boolean {
  const labelled = filled.filter(({ hasLabel }) => hasLabel).length;
  return (
    labelled === rows.length &&
    rows.length >= FEWEST_BLOCKS &&
    filled.length - labelled <= MOST_AROUND &&
    rows.every(
      ([term = '', definition = '']) =>
        term.length <= LONGEST_TERM &&
        !/[?？؟_]|\.{4,}/u.test(term) &&
        !/[?？؟_]/u.test(definition),
    )
  );
}
