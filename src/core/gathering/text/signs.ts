// What questions and options of a text begin with.
import type { Counting } from './labels';

/** What questions begin with: labels of a family, bold lines, nothing but a blank line before them, or each is a line. */
export type StemSign =
  { is: 'label'; family: string } | { is: 'bold' } | { is: 'gap' } | { is: 'line' };
/** What options begin with: labels of a family, signs that say right or wrong, or nothing. */
export type OptionSign =
  { is: 'label'; family: string; counts: Counting } | { is: 'mark' } | { is: 'plain' };
export type TextManner = { stem: StemSign; option: OptionSign };
