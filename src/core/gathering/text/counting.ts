// The ways in which labels count: by numbers, letters, Roman numbers, numbers in circles.
import { romanValue } from '../../shared/roman';
import { letterPlace } from '../../shared/plain';

/** What is counted: numbers, letters, Roman numbers, signs that count by themselves; bullets and lone words count nothing. */
export type Counting = 'number' | 'upper' | 'lower' | 'roman' | 'circled' | 'bullet' | 'word';

/** Numbers in circles, from 1. */
export const CIRCLED = '①②③④⑤⑥⑦⑧⑨⑩⑪⑫⑬⑭⑮⑯⑰⑱⑲⑳';
/** The ways to count in which a value may be read. */
export function countings({
  value,
  close,
}: {
  value: string;
  close: string;
}): { counts: Counting; n: number }[] {
  if (/^\d+$/.test(value)) {
    return [{ counts: 'number', n: Number(value) - 1 }];
  }
  const circled = CIRCLED.indexOf(value);
  if (circled >= 0) {
    return [{ counts: 'circled', n: circled }];
  }
  const roman = /[.)-]/.test(close) ? romanValue(value) : undefined;
  const found: { counts: Counting; n: number }[] =
    roman === undefined ? [] : [{ counts: 'roman', n: roman - 1 }];
  if (value.length === 1 && /[a-l]/i.test(value)) {
    const isUpper = value === value.toUpperCase();
    found.push({
      counts: isUpper ? 'upper' : 'lower',
      n: letterPlace(value),
    });
  }
  return found;
}
