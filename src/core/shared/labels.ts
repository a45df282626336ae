// Labels in front of questions and options of marked text, as a layout names them by the first one: 'a)', '(1)', '#1'.
import type { OPTION_LABELS, STEM_LABELS } from '../model';
import { literal } from './literal';
import { optionLetter } from './plain';

type Label = (typeof OPTION_LABELS)[number] | (typeof STEM_LABELS)[number];

const COUNTER = /[aA1]/;

/** The nth label, from 0, with a blank behind it; empty where there are none. */
export function labelText(label: Label | 'none' | undefined, index: number): string {
  if (!label || label === 'none') {
    return '';
  }
  const letter = optionLetter(index);
  const counters: Record<string, string> = {
    a: letter.toLowerCase(),
    A: letter,
    1: `${index + 1}`,
  };
  return `${label.replace(COUNTER, (counter) => counters[counter]!)} `;
}

/** A label of this form at the beginning of a text, whichever it is, with the blank behind it. */
export function labelPattern(label: Label | 'none' | undefined): RegExp | undefined {
  if (!label || label === 'none') {
    return undefined;
  }
  const counters: Record<string, string> = { a: '[a-z]', A: '[A-Z]', 1: '\\d{1,4}' };
  const at = label.search(COUNTER);
  const [front, counter, behind] = [label.slice(0, at), label[at]!, label.slice(at + 1)];
  return new RegExp(`^\\s*${literal(front)}${counters[counter]!}${literal(behind)}\\s+`);
}

/** The form of a label that a line begins with: 'b) …' is 'a)'; undefined where there is none of these. */
export function labelForm<Of extends Label>(line: string, forms: readonly Of[]): Of | undefined {
  return forms.find((form) => labelPattern(form)!.test(line));
}
