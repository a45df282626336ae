// What each role of a column is called, and whether several columns share it, counted from 1.
import type { Role } from '../model';
import { say, toSay } from './say';

type RoleFacts = { words: string; counted?: true };

const FACTS: Record<Role, RoleFacts> = {
  ref: { words: toSay('reference') },
  kind: { words: toSay('kind') },
  title: { words: toSay('title') },
  stem: { words: toSay('question') },
  option: { words: toSay('option'), counted: true },
  options: { words: toSay('all options') },
  key: { words: toSay('right answer') },
  verdict: { words: toSay('right or wrong'), counted: true },
  weight: { words: toSay('per cent'), counted: true },
  feedback: { words: toSay('feedback'), counted: true },
  right: { words: toSay('the right one') },
  wrong: { words: toSay('a wrong one'), counted: true },
  wrongs: { words: toSay('all wrong ones') },
  pair: { words: toSay('pair'), counted: true },
  left: { words: toSay('left side'), counted: true },
  'right-side': { words: toSay('right side'), counted: true },
  step: { words: toSay('step'), counted: true },
  accepted: { words: toSay('answer') },
  value: { words: toSay('number') },
  tolerance: { words: toSay('tolerance') },
  unit: { words: toSay('unit') },
  points: { words: toSay('points') },
  seconds: { words: toSay('seconds') },
  attempts: { words: toSay('attempts') },
  hint: { words: toSay('hint') },
  explanation: { words: toSay('explanation') },
  tags: { words: toSay('tags') },
  tag: { words: toSay('one tag') },
  category: { words: toSay('category') },
  image: { words: toSay('picture') },
  'image-alt': { words: toSay('picture in words') },
  shuffle: { words: toSay('shuffle') },
  across: { words: toSay('across or down') },
  use: { words: toSay('practice or scored') },
  lines: { words: toSay('lines') },
  endings: { words: toSay('file endings') },
  'set-title': { words: toSay('set title') },
  by: { words: toSay('who') },
  at: { words: toSay('when') },
  pick: { words: toSay('mark to take') },
  'number-in-file': { words: toSay('row number') },
  constant: { words: toSay('always the same') },
  ignore: { words: toSay('leave aside') },
};

/** Roles whose cells no question fills: they are left alone, or numbered by the writer. */
const UNFILLED = new Set<Role>(['ignore', 'number-in-file']);

/** Whether a question says what stands in a column of this role. */
export const isFilled = (role: Role): boolean => !UNFILLED.has(role);

/** A role as people call it. */
export const roleWords = (role: Role): string => say(FACTS[role].words);

/** Whether a column of this role has a place among others of the same role. */
export const isCounted = (role: Role): boolean => FACTS[role].counted === true;
