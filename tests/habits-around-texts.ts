// Samples of marked text with signs of their own around texts: boxes of two kinds, emphasis, arrows, brackets, lines of feedback.
import type { Item } from '../src/core/model';
import { item, options } from './make';
import { both } from './marked-habits';

const one = item({
  stem: { plain: 'What steers the boat?' },
  options: options('A rope', '*A rudder', 'A lamp'),
});
const told: Item = {
  ...one,
  options: options('A rope', '*A rudder', 'A lamp').map((option, at) =>
    at === 2 ? option : { ...option, feedback: { plain: ['It ties.', 'It turns.'][at]! } },
  ),
};

export const HABITS_AROUND: readonly [name: string, sample: string, items: Item[], text: string][] =
  [
    [
      'round boxes where one is right, square ones where several are',
      '1. What opens?\n( ) A wall\n(x) A gate\n\n2. What holds water?\n[x] A lock\n[ ] A hill\n[x] A pond\n\n3. What floats?\n(x) Cork\n( ) Iron\n',
      [both, one],
      '1. Which float?\n[x] Cork\n[ ] Iron\n[x] Wood\n\n2. What steers the boat?\n( ) A rope\n(x) A rudder\n( ) A lamp\n',
    ],
    [
      'square boxes are for several, though the sample shows one right in each',
      '1. What opens?\n( ) A wall\n(x) A gate\n\n2. What floats?\n[x] Cork\n[ ] Iron\n[ ] Lead\n',
      [both],
      '1. Which float?\n[x] Cork\n[ ] Iron\n[x] Wood\n',
    ],
    [
      'a word with a sign that ends every question',
      '@ask What opens?\n@wrong A wall\n@right A gate\n@end\n\n@ask What floats?\n@right Cork\n@wrong Iron\n@wrong Lead\n@end\n',
      [one],
      '@ask What steers the boat?\n@wrong A rope\n@right A rudder\n@wrong A lamp\n@end\n',
    ],
    [
      'the right option between two signs, its letter with it',
      '1. What opens?\n  a. A wall\n  **b. A gate**\n  c. A hill\n\n2. What floats?\n  **a. Cork**\n  b. Iron\n',
      [one],
      '1. What steers the boat?\n  a. A rope\n  **b. A rudder**\n  c. A lamp\n',
    ],
    [
      'an arrow behind the right option',
      '---\nWhat opens?\n---\nA wall\nA gate <--\nA hill\n===\n---\nWhat floats?\n---\nCork <--\nIron\n===\n',
      [one],
      '---\nWhat steers the boat?\n---\nA rope\nA rudder <--\nA lamp\n===\n',
    ],
    [
      'feedback below all options, each line with the letter of its own',
      'Q1. What opens?\nA) A wall\nB) A gate\nAnswer: B\nFeedback A: It stands.\nFeedback B: It turns.\n\nQ2. What floats?\nA) Cork\nB) Iron\nAnswer: A\nFeedback A: It is light.\nFeedback B: It is heavy.\n',
      [told],
      'Q1. What steers the boat?\nA) A rope\nB) A rudder\nC) A lamp\nAnswer: B\nFeedback A: It ties.\nFeedback B: It turns.\n',
    ],
    [
      'a category in brackets behind each text',
      'What opens? [Locks]\n- A wall\n* A gate\n\nWhat floats? [Boats]\n* Cork\n- Iron\n\nWhat holds water? [Locks]\n* A pound\n- A hill\n',
      [{ ...one, category: ['Steering'] }],
      'What steers the boat? [Steering]\n- A rope\n* A rudder\n- A lamp\n',
    ],
    [
      'a category in brackets in front of each text',
      '(Lock gates) What opens?\n- A wall\n* A gate\n\n(Old boats) What floats?\n* Cork\n- Iron\n\n(Lock gates) What holds water?\n* A pound\n- A hill\n',
      [{ ...one, category: ['Steering'] }],
      '(Steering) What steers the boat?\n- A rope\n* A rudder\n- A lamp\n',
    ],
  ];
