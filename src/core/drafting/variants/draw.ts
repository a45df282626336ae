// Values for the quantities: each drawing another one, from the same seed the same ones.
import { Decimal } from 'decimal.js';
import type { TemplateQuantity } from '../../model';
import { shuffled } from '../../shared/chance';

/** A quantity takes one of at most so many values. */
const MOST_VALUES = 1_000_000;
/** Up to so many drawings are listed and shuffled; of more, single ones are drawn until they differ. */
const LISTED = 20_000;
const TRIES = 60;

const decimalsOf = (value: number): number => new Decimal(value).decimalPlaces();

/** The step of a quantity that has none: one unit of the last decimal that its ends are written with. */
const stepOf = ({ from, to, step }: TemplateQuantity): number =>
  step ?? 10 ** -Math.max(decimalsOf(from), decimalsOf(to));

/** How many values a quantity may take. */
export function sizeOf(quantity: TemplateQuantity): number {
  if (quantity.list) {
    return quantity.list.length;
  }
  const span = new Decimal(quantity.to).minus(quantity.from).div(stepOf(quantity));
  return span.isNegative() ? 0 : Math.min(MOST_VALUES, span.floor().toNumber() + 1);
}

const valueAt = (quantity: TemplateQuantity, at: number): number =>
  quantity.list
    ? quantity.list[at]!
    : new Decimal(quantity.from).plus(new Decimal(stepOf(quantity)).times(at)).toNumber();

/** One value for each quantity, by its name. */
export type Drawing = Map<string, number>;

/** The drawing with a number of its own, as if all were listed. */
function drawingAt(quantities: readonly TemplateQuantity[], number: number): Drawing {
  let rest = number;
  return new Map(
    quantities.map((quantity) => {
      const size = sizeOf(quantity);
      const value = valueAt(quantity, rest % size);
      rest = Math.floor(rest / size);
      return [quantity.name, value];
    }),
  );
}

/** Drawings that all differ, in an order by chance, until there are no more or nobody asks. */
export function* drawings(
  quantities: readonly TemplateQuantity[],
  random: () => number,
  wanted: number,
): Generator<Drawing> {
  const all = quantities.reduce((product, quantity) => product * sizeOf(quantity), 1);
  if (all <= LISTED) {
    const numbers = Array.from({ length: all }, (_, number) => number);
    for (const number of shuffled(numbers, random)) {
      yield drawingAt(quantities, number);
    }
    return;
  }
  const seen = new Set<string>();
  for (let tries = 0; tries < TRIES * wanted + LISTED; tries++) {
    const drawing: Drawing = new Map(
      quantities.map((quantity) => [
        quantity.name,
        valueAt(quantity, Math.floor(random() * sizeOf(quantity))),
      ]),
    );
    const key = [...drawing.values()].join(' ');
    if (!seen.has(key)) {
      seen.add(key);
      yield drawing;
    }
  }
}
