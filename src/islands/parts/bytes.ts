// Sizes as people read them.
import { locale } from '../../languages';

const UNITS = ['byte', 'kilobyte', 'megabyte', 'gigabyte', 'terabyte'] as const;
const STEP = 1000;

/** A number of bytes in the unit that leaves it short: '92 kB', '1.4 GB'. */
export function bytesShown(bytes: number): string {
  let [size, unit] = [bytes, 0];
  while (Math.round(size) >= STEP && unit < UNITS.length - 1) {
    size /= STEP;
    unit++;
  }
  return new Intl.NumberFormat(locale(), {
    style: 'unit',
    unit: UNITS[unit]!,
    unitDisplay: unit === 0 ? 'long' : 'short',
    maximumSignificantDigits: size < 10 ? 2 : 3,
  }).format(size);
}
