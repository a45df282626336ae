// What each role of a column is called, and whether several columns share it, counted from 1.
import type { Role } from '../model';

type RoleFacts = { words: string; counted?: true };

const FACTS: Record<Role, RoleFacts> = {
  ref: { words: 'reference' },
  kind: { words: 'kind' },
  title: { words: 'title' },
  stem: { words: 'question' },
  option: { words: 'option', counted: true },
  options: { words: 'all options' },
  key: { words: 'right answer' },
  verdict: { words: 'right or wrong', counted: true },
  weight: { words: 'per cent', counted: true },
  feedback: { words: 'feedback', counted: true },
  right: { words: 'the right one' },
  wrong: { words: 'a wrong one', counted: true },
  wrongs: { words: 'all wrong ones' },
  pair: { words: 'pair', counted: true },
  left: { words: 'left side', counted: true },
  'right-side': { words: 'right side', counted: true },
  step: { words: 'step', counted: true },
  accepted: { words: 'answer' },
  value: { words: 'number' },
  tolerance: { words: 'tolerance' },
  unit: { words: 'unit' },
  points: { words: 'points' },
  seconds: { words: 'seconds' },
  attempts: { words: 'attempts' },
  hint: { words: 'hint' },
  explanation: { words: 'explanation' },
  tags: { words: 'tags' },
  tag: { words: 'one tag' },
  category: { words: 'category' },
  image: { words: 'picture' },
  'image-alt': { words: 'picture in words' },
  shuffle: { words: 'shuffle' },
  across: { words: 'across or down' },
  use: { words: 'practice or scored' },
  lines: { words: 'lines' },
  endings: { words: 'file endings' },
  'set-title': { words: 'set title' },
  by: { words: 'who' },
  at: { words: 'when' },
  pick: { words: 'mark to take' },
  'number-in-file': { words: 'row number' },
  constant: { words: 'always the same' },
  ignore: { words: 'leave aside' },
};

/** Roles whose cells no question fills: they are left alone, or numbered by the writer. */
const UNFILLED = new Set<Role>(['ignore', 'number-in-file']);

/** Whether a question says what stands in a column of this role. */
export const isFilled = (role: Role): boolean => !UNFILLED.has(role);

/** A role as people call it. */
export const roleWords = (role: Role): string => FACTS[role].words;

/** Whether a column of this role has a place among others of the same role. */
export const isCounted = (role: Role): boolean => FACTS[role].counted === true;
