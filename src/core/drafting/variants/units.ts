// Units as people write them, and what they measure.
import type { Unit } from 'mathjs';
import { math } from './math';

const SUPERSCRIPTS = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const SIGNS: readonly (readonly [RegExp, string])[] = [
  [/[×·⋅]/gu, '*'],
  [/[µμ]/gu, 'u'],
  [/[ΩΩ]/gu, 'ohm'],
  [/^°$/u, 'deg'],
  [/^%$/u, ''],
  [/⁻/gu, '-'],
];

/** The unit in signs that a program reads: m² as m^2. */
export const plainUnit = (text: string): string =>
  SIGNS.reduce((unit, [sign, plain]) => unit.replace(sign, plain), text.trim()).replace(
    /-?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/gu,
    (power) =>
      `^${[...power].map((sign) => (sign === '-' ? sign : SUPERSCRIPTS.indexOf(sign))).join('')}`,
  );

/** A unit and how many of the standard's own units it is: 0.01 for cm. Undefined where it is no unit that is known, or one with another zero. */
export type KnownUnit = { name: string; factor: number; unit: Unit };

/** The unit that a text names. */
export function unitOf(text: string | undefined): KnownUnit | undefined {
  const name = plainUnit(text ?? '');
  if (!name || !/^[\p{L}\d^*/ ().-]{1,30}$/u.test(name)) {
    return undefined;
  }
  try {
    const unit = math.unit(1, name);
    const zero = math.unit(0, name);
    // Degrees Celsius begin somewhere else, so that factors do not hold for them.
    if (Math.abs(valueOf(zero)) > 0 || unit.units.length === 0) {
      return undefined;
    }
    return { name, factor: valueOf(unit), unit };
  } catch {
    return undefined;
  }
}

/** A unit's value in the standard's own units; mathjs keeps it so and types it loosely. */
export const valueOf = (unit: Unit): number =>
  Number((unit as unknown as { value: unknown }).value);

/** Whether two units measure the same thing. */
export const isSameDimension = (a: Unit, b: Unit): boolean => a.equalBase(b);

/** Whether a value that mathjs gave is a quantity with a unit. */
export const isUnit = (value: unknown): value is Unit =>
  typeof value === 'object' && value !== null && (value as { type?: unknown }).type === 'Unit';
