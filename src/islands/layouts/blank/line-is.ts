// What a line of a sample is, by the signs as they are known now.
import type { Layout } from '../../../core/model';
import { labelPattern } from '../../../core/shared/labels';
import type { Pointed } from '../../../core/pipeline';

type Marks = NonNullable<Layout['marks']>;

/** Whether a line begins with a label such as 'a)' or '1.'. */
function hasLabel(line: string, label: Marks['optionLabel']): boolean {
  return labelPattern(label)?.test(line) ?? false;
}

const startsWith = (line: string, sign: string | undefined): boolean =>
  sign !== undefined && line.trimStart().startsWith(sign);

/** The first that holds says what the line is; a line of none of them is the question. */
const TESTS: readonly (readonly [Pointed, (line: string, marks: Marks) => boolean])[] = [
  ['comment', (line, { comment }) => startsWith(line, comment)],
  ['category', (line, { category }) => startsWith(line, category)],
  ['close', (line, { close }) => close !== undefined && close !== '' && line.trim() === close],
  ['key', (line, { keyLine }) => startsWith(line, keyLine)],
  ['right', (line, { right }) => startsWith(line, right)],
  [
    'wrong',
    (line, { wrong, optionLabel }) => startsWith(line, wrong) || hasLabel(line, optionLabel),
  ],
];

/** Undefined for an empty line. */
export function lineIs(line: string, marks: Marks): Pointed | undefined {
  if (!line.trim()) {
    return undefined;
  }
  return TESTS.find(([, test]) => test(line, marks))?.[0] ?? 'stem';
}
