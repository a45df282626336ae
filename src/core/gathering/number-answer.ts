// The number that a row answers with: in a cell with its tolerance and unit, in columns of their own, or between two bounds.
import type { Item } from '../model';
import { defined } from '../shared/defined';
import { betweenBounds, boundsOf } from '../shared/bounds';
import { numberOf, quantityOf, type Quantity } from '../shared/normalise';
import type { Problem } from './key-by-text';
import type { Row } from './row';
import { say } from '../shared/say';

type Built = { fields: Partial<Item>; problems: Problem[] };

const missing = (row: Row): Built => ({
  fields: {},
  problems: [
    {
      rule: 'number-missing',
      level: 'block',
      field: 'number',
      message: say('Row {shown} gives no number as its answer. Write one.', { shown: row.shown }),
    },
  ],
});

/** A row's number with its tolerance and unit; `answer` and the first of `parts` hold it where it has no column of its own. */
export function numberAnswer(row: Row, answer: string, [part = '']: readonly string[]): Built {
  const range = betweenBounds(row.texts('tolerance'));
  const written = quantityOf(row.text('value') || answer || part);
  const said = range ?? written;
  if (!said) {
    return missing(row);
  }
  const { value, tolerance = 0 } = { ...said, ...(range ? {} : toleranceSaid(row)) };
  const unit = unitOf(row, written);
  return {
    fields: { number: defined({ value, tolerance, unit }) },
    problems: range && written ? unevenIn(row, range, written.value) : [],
  };
}

/** A number that does not stand in the middle of what counts gives way to the middle, and that is said. */
function unevenIn(
  row: Row,
  { value, tolerance }: NonNullable<ReturnType<typeof betweenBounds>>,
  written: number,
): Built['problems'] {
  if (value === written) {
    return [];
  }
  const [low, high] = boundsOf({ value, tolerance });
  return [
    {
      rule: 'number-uneven',
      level: 'note',
      field: 'number',
      message: say(
        'Row {shown} counts {low} to {high}, in whose middle {written} does not stand: it was kept as {value} ± {tolerance}, which counts the same numbers.',
        { shown: row.shown, low, high, written, value, tolerance },
      ),
    },
  ];
}

const unitOf = (row: Row, written: Quantity | undefined): string | undefined =>
  row.text('unit') || written?.unit || undefined;

/** The tolerance of a column of its own, with or without its sign. */
function toleranceSaid(row: Row): { tolerance?: number } {
  const tolerance = numberOf(row.text('tolerance').replace(/^(?:±|\+\/-)\s*/, ''));
  return tolerance === undefined ? {} : { tolerance };
}
