// Numbers rounded as people do (halves away from zero), and written with all their figures.
import { Decimal } from 'decimal.js';

export type Figures = { significant?: number | undefined; decimals?: number | undefined };
export type Rounded = { value: number; text: string };

/** What binary fractions leave behind the last figure that counts. */
const TRUE_FIGURES = 13;
/** Beyond so many powers of ten a number is written with its power. */
const WRITTEN_OUT = 12;
const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹';

const raised = (power: number): string =>
  `${power < 0 ? '⁻' : ''}${[...String(Math.abs(power))].map((sign) => SUPERSCRIPTS[Number(sign)]).join('')}`;

/** How many decimals so many significant figures need. */
const decimalsFor = (number: Decimal, significant: number): number =>
  Math.max(0, significant - 1 - number.e);

function written(number: Decimal, decimals: number | undefined): string {
  if (!number.isZero() && Math.abs(number.e) > WRITTEN_OUT) {
    const mantissa = number.div(Decimal.pow(10, number.e));
    return `${mantissa.toString()} × 10${raised(number.e)}`;
  }
  const text = decimals === undefined ? number.toFixed() : number.toFixed(decimals);
  return text.replace(/^-/, '−');
}

/** A number to so many significant figures or decimals; as it is where neither is given. */
export function rounded(raw: number, { significant, decimals }: Figures): Rounded {
  const number = new Decimal(raw).toSignificantDigits(TRUE_FIGURES, Decimal.ROUND_HALF_UP);
  if (decimals !== undefined) {
    const result = number.toDecimalPlaces(decimals, Decimal.ROUND_HALF_UP);
    return { value: result.toNumber(), text: written(result, decimals) };
  }
  if (significant !== undefined) {
    const result = number.toSignificantDigits(significant, Decimal.ROUND_HALF_UP);
    return {
      value: result.toNumber(),
      text: written(result, result.isZero() ? 0 : decimalsFor(result, significant)),
    };
  }
  return { value: number.toNumber(), text: written(number, undefined) };
}

/** Half of the last figure that is written: what rounding may take away. */
export function halfOfLast(value: number, { significant, decimals }: Figures): number {
  if (decimals !== undefined) {
    return 0.5 * 10 ** -decimals;
  }
  if (significant === undefined || value === 0) {
    return 0;
  }
  return Number(`5e${new Decimal(value).e - significant}`);
}
