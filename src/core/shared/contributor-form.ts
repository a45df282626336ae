// The form that contributors fill: which columns it has, and what may stand in them.
import type { SheetsJob } from '../model';
import { KIND_NAMES } from './kind-names';
import { optionLetter } from './plain';

export type FormColumn = {
  heading: string;
  width: number;
  list?: readonly string[];
  most?: number;
  example: string;
};

/** The first column numbers the rows; what stands there tells the example from what was written. */
export const NUMBER = 'No.';
export const EXAMPLE = 'e.g.';
export const GROUP = 'Group: ';
export const CATEGORY = 'Category: ';
export const KIND = 'Kind';
export const QUESTION = 'Question';
export const RIGHT = 'Right option';
export const ANSWER = 'Answer';
export const EXPLANATION = 'Explanation';
/** The heading of the nth option, from 0. */
export const optionHeading = (n: number): string => `Option ${optionLetter(n)}`;

const DEFAULT_OPTIONS = 4;
const EXAMPLE_OPTIONS = ['a handle that turns the paddle gear', 'a rope', 'a pole', 'a bell'];

const column = (
  heading: string,
  width: number,
  example: string,
  more: Partial<FormColumn> = {},
): FormColumn => ({ heading, width, example, ...more });

/** The columns of a form, in order. */
export function formColumns({
  kinds = ['choice-one'],
  options = DEFAULT_OPTIONS,
  limits = {},
}: SheetsJob): FormColumn[] {
  const hasOptions = kinds.some((kind) => kind === 'choice-one' || kind === 'choice-many');
  const hasAnswer = kinds.some((kind) => kind !== 'choice-one' && kind !== 'choice-many');
  const most = limits.option ? { most: limits.option } : {};
  const letters = Array.from({ length: options }, (_, n) => optionLetter(n));
  const optionColumns = letters.map((_, n) =>
    column(optionHeading(n), 26, EXAMPLE_OPTIONS[n] ?? '', most),
  );
  return [
    column(NUMBER, 6, EXAMPLE),
    ...(kinds.length > 1
      ? [column(KIND, 16, KIND_NAMES[kinds[0]!], { list: kinds.map((kind) => KIND_NAMES[kind]) })]
      : []),
    column(QUESTION, 46, 'What is a windlass?', limits.stem ? { most: limits.stem } : {}),
    ...(hasOptions
      ? [
          ...optionColumns,
          column(RIGHT, 12, 'A', kinds.includes('choice-many') ? {} : { list: letters }),
        ]
      : []),
    ...(hasAnswer
      ? [column(ANSWER, 30, hasOptions ? '' : 'a handle that turns the paddle gear', most)]
      : []),
    column(EXPLANATION, 36, ''),
  ];
}

/** The rules of the form in words. */
export function formRules({ kinds = ['choice-one'], limits = {} }: SheetsJob): string {
  const parts = [
    'Write one question in each row of the white cells; the example in grey shows how.',
    kinds.includes('choice-many') ? 'Several right options are written with commas: A, C.' : '',
    limits.stem ? `A question has at most ${limits.stem} characters.` : '',
    limits.option ? `An option or answer has at most ${limits.option}.` : '',
    'Leave the headings as they are and send the file back under any name.',
  ];
  return parts.filter(Boolean).join(' ');
}
