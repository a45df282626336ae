// What one column says by its heading and by how its texts come again.
import { isListed } from '../shared/table/separators';
import { MEANINGS, SAYINGS, type ColumnView } from './contract';
import { labelOf } from './heading-words';
import { saying } from './saying';

/** Fewer rows show nothing. */
const LEAST_ROWS = 2;
/** A reference may be typed twice by mistake. */
const DISTINCT = 0.8;

/** A sign that ticks and says nothing else. */
export const TICK = /^[xX+✓✔☑✗*]$/u;

/** The texts of the cells that are filled. */
export const filledOf = ({ texts }: ColumnView): string[] => texts.filter(Boolean);

/** Whether cells hold one sign and nothing else, at least so many of them, and some are empty. */
export function isTicked(column: ColumnView, least: number): boolean {
  const filled = filledOf(column);
  return (
    filled.length >= least &&
    filled.length < column.texts.length &&
    filled.every((text) => text === filled[0] && TICK.test(text))
  );
}

/** Whether texts stand again and again, as those that tell questions apart never do. */
export function isRepeated(column: ColumnView): boolean {
  const filled = filledOf(column);
  return filled.length > LEAST_ROWS && new Set(filled).size < filled.length * DISTINCT;
}

/** How much the words of a heading say one of some meanings, 0 to 1. */
export const says = ({ heading }: ColumnView, ...meanings: (typeof SAYINGS)[number][]): number =>
  meanings.reduce((sum, meaning) => sum + saying(heading)[SAYINGS.indexOf(meaning)]!, 0);

const BEYOND_DOUBT = 0.8;
/** Whether a heading's words name one thing beyond doubt; a letter or two are no word. */
export const isCalled = ({ heading }: Pick<ColumnView, 'heading'>): boolean =>
  /\p{L}{3}/u.test(heading) &&
  Math.max(...saying(heading).slice(0, MEANINGS.length)) > BEYOND_DOUBT;

const MOSTLY = 0.8;
/** Whether cells hold lists as programs write them; a form shows one at most. */
export const areLists = (column: ColumnView): boolean =>
  filledOf(column).length > 0 &&
  filledOf(column).filter(isListed).length >= filledOf(column).length * MOSTLY;

const NAMED = 0.5;
const BARE_LABEL = /^[([]?(?:\p{L}|\d{1,2})[)\].:]?$/u;

/** The columns that are called options: by their words, or by letters or numbers alone that count on from the first. */
export function optionsCalled(columns: readonly ColumnView[]): ColumnView[] {
  const label = ({ heading }: ColumnView): number | undefined =>
    BARE_LABEL.test(heading.trim()) ? labelOf(heading) : undefined;
  const first = columns.findIndex(
    (column, at) => label(column) === 1 && label(columns[at + 1] ?? column) === 2,
  );
  return columns.filter(
    (column, at) =>
      says(column, 'option') > NAMED || (first >= 0 && label(column) === at - first + 1),
  );
}
