// Roman numbers.

const ROMAN_VALUES: Readonly<Record<string, number>> = { i: 1, v: 5, x: 10, l: 50 };
const ROMAN = /^(?:x{0,4})(?:ix|iv|v?i{0,3})$/i;

/** The value of a Roman number, from 1; undefined where it is none. */
export function romanValue(text: string): number | undefined {
  if (!text || !ROMAN.test(text)) {
    return undefined;
  }
  const values = [...text.toLowerCase()].map((sign) => ROMAN_VALUES[sign]!);
  return values.reduce(
    (sum, value, at) => sum + ((values[at + 1] ?? 0) > value ? -value : value),
    0,
  );
}
