// Samples of marked text with signs of their own around texts: boxes of two kinds, emphasis, arrows, brackets, lines of feedback.
import type { Item } from '../src/core/model';
import { item, options, pairs } from './make';
import { both, word } from './marked-habits';

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
    [
      'letters for true and false in brackets behind statements',
      'A lock has gates at both ends. (T)\nA heron opens the paddles. (F)\nThe cill lies below the gates. (T)\n',
      [
        item({
          kind: 'true-false',
          stem: { plain: 'Cork sinks.' },
          options: options('True', '*False'),
        }),
      ],
      'Cork sinks. (F)\n',
    ],
    [
      'a line for a picture that stands there without one too',
      'Question: What opens?\nImage: gate.png\nOption 1: A wall\nOption 2: A gate\nCorrect option: 2\nTime: 30\n\nQuestion: What floats?\nImage:\nOption 1: Cork\nOption 2: Iron\nCorrect option: 1\nTime: 20\n',
      [
        { ...one, seconds: 40 },
        { ...one, seconds: 50, media: [{ at: 'stem', href: 'rudder.png' }] },
      ],
      'Question: What steers the boat?\nImage:\nOption 1: A rope\nOption 2: A rudder\nOption 3: A lamp\nCorrect option: 2\nTime: 40\n\nQuestion: What steers the boat?\nImage: rudder.png\nOption 1: A rope\nOption 2: A rudder\nOption 3: A lamp\nCorrect option: 2\nTime: 50\n',
    ],
    [
      'codes in brackets that open questions of several kinds, with nothing between them',
      '[MC] What opens?\n[ ] A wall\n[X] A gate\n[NUM] How many gates has a pair?\n2\n[TEXT] What is the water between locks called?\npound\n[MC] What floats?\n[X] Cork\n[ ] Iron\n',
      [
        one,
        word,
        item({
          kind: 'number',
          stem: { plain: 'How long is the cut?' },
          options: undefined,
          number: { value: 12.5, tolerance: 0, unit: 'm' },
        }),
      ],
      '[MC] What steers the boat?\n[ ] A rope\n[X] A rudder\n[ ] A lamp\n[TEXT] What is the step under a gate called?\ncill\n[NUM] How long is the cut?\n12.5 m\n',
    ],
    [
      'categories in brackets above several questions, with nothing between these',
      '[Locks]\nQ. What opens?\n+ A gate\n- A wall\nQ. What holds water?\n- A hill\n+ A pound\n[Boats]\nQ. What floats?\n+ Cork\n- Iron\n',
      [{ ...one, category: ['Steering'] }],
      '[Steering]\nQ. What steers the boat?\n- A rope\n+ A rudder\n- A lamp\n',
    ],
    [
      'categories between signs above questions without any, wrong options set in',
      '== Locks ==\nWhat opens?\n> A gate\n  A wall\n\nWhat holds water?\n  A hill\n> A pound\n\n== Boats ==\nWhat floats?\n> Cork\n  Iron\n',
      [{ ...one, category: ['Steering'] }],
      '== Steering ==\nWhat steers the boat?\n  A rope\n> A rudder\n  A lamp\n',
    ],
    [
      'numbers between tags',
      '<b>1.</b> What opens?\nA) A wall\nB) A gate\n<i>B</i>\n\n<b>2.</b> What floats?\nA) Cork\nB) Iron\n<i>A</i>\n',
      [one],
      '<b>1.</b> What steers the boat?\nA) A rope\nB) A rudder\nC) A lamp\n<i>B</i>\n',
    ],
    [
      'one line for the key of options and for answers without any, points in the singular in one form alone',
      '1. What opens? (1 mark)\n   [A] A wall\n   [B] A gate\n   Key: B\n\n2. Name two parts. (2 marks)\n   Key: gate; cill\n\n3. What floats? (1 mark)\n   [A] Cork\n   [B] Iron\n   Key: A\n',
      [
        { ...one, points: 2 },
        { ...word, points: 1 },
      ],
      '1. What steers the boat? (2 marks)\n   [A] A rope\n   [B] A rudder\n   [C] A lamp\n   Key: B\n\n2. What is the step under a gate called? (1 mark)\n   Key: cill\n',
    ],
    [
      'the key above the options',
      '1) What opens?\n*B\nA A wall\nB The gate\n\n2) What floats?\n*A\nA Cork\nB Iron\n',
      [one],
      '1) What steers the boat?\n*B\nA A rope\nB A rudder\nC A lamp\n',
    ],
    [
      'right options in full with signs between them, and codes for kinds behind a word',
      'Question: What opens?\nType: MCQ\nChoices: A wall; A gate; A hill\nCorrect: A gate\nLevel: 1\n\nQuestion: What holds water?\nType: MSQ\nChoices: A lock; A hill; A pond\nCorrect: A lock; A pond\nLevel: 2\n',
      [one, { ...both, tags: [{ value: '2' }] }],
      'Question: What steers the boat?\nType: MCQ\nChoices: A rope; A rudder; A lamp\nCorrect: A rudder\n\nQuestion: Which float?\nType: MSQ\nChoices: Cork; Iron; Wood\nCorrect: Cork; Wood\nLevel: 2\n',
    ],
    [
      'statements that all begin alike',
      'Q1: True or False - A lock has gates.\nA1: True\n\nQ2: True or False - A heron opens paddles.\nA2: False\n',
      [
        item({
          kind: 'true-false',
          stem: { plain: 'Cork sinks.' },
          options: options('True', '*False'),
        }),
      ],
      'Q1: True or False - Cork sinks.\nA1: False\n',
    ],
    [
      'both sides of cards by their words',
      'Card 1\nFront: pound\nBack: the water between two locks\nExample: The pound was low.\n\nCard 2\nFront: cill\nBack: the step below the gates\nExample: Mind the cill.\n',
      [
        item({
          kind: 'card',
          stem: { plain: 'tiller' },
          options: undefined,
          accepted: ['the bar that steers'],
          explanation: { plain: 'Take the tiller.' },
        }),
      ],
      'Card 1\nFront: tiller\nBack: the bar that steers\nExample: Take the tiller.\n',
    ],
    [
      'numbered options with the right one between two signs',
      '### What opens?\n1. A wall\n2. **A gate**\n3. A hill\n\n### What floats?\n1. **Cork**\n2. Iron\n',
      [one],
      '### What steers the boat?\n1. A rope\n2. **A rudder**\n3. A lamp\n',
    ],
    [
      'questions between brackets above options of which the right one has a star',
      '<<What opens?>>\nA wall\n*A gate\nA hill\n\n<<What floats?>>\n*Cork\nIron\n',
      [one],
      '<<What steers the boat?>>\nA rope\n*A rudder\nA lamp\n',
    ],
    [
      'boxes with plus and minus, some of whose options come in both questions',
      'What opens?\n(-) A wall\n(-) A hill\n(+) A gate\nNote: See the handbook.\n\nWhich stand in a lock?\n(-) A hill\n(+) A paddle\n(+) A gate\nNote: See the handbook.\n',
      [one],
      'What steers the boat?\n(-) A rope\n(+) A rudder\n(-) A lamp\n',
    ],
    [
      'a sign behind right options, as many as wrong ones',
      '1. What opens?\n  a. A gate <<\n  b. A wall\n  c. A hill\n2. Which float?\n  a. Cork <<\n  b. Wood <<\n  c. Iron\n  d. Reed <<\n',
      [one],
      '1. What steers the boat?\n  a. A rope\n  b. A rudder <<\n  c. A lamp\n',
    ],
    [
      'titles that say how many questions there are',
      'Question 1 of 2\nWhat opens?\n o A wall\n x A gate\nExplanation: It turns.\n\nQuestion 2 of 2\nWhat floats?\n x Cork\n o Iron\nExplanation: It is light.\n',
      [one, one, one],
      'Question 1 of 3\nWhat steers the boat?\n o A rope\n x A rudder\n o A lamp\n\nQuestion 2 of 3\nWhat steers the boat?\n o A rope\n x A rudder\n o A lamp\n\nQuestion 3 of 3\nWhat steers the boat?\n o A rope\n x A rudder\n o A lamp\n',
    ],
    [
      'the right option named by its word and number',
      'Q1: What opens?\nA1: A wall\nA2: A gate\nA3: A hill\nKEY1: A2\n\nQ2: What floats?\nA1: Cork\nA2: Iron\nA3: Lead\nKEY2: A1\n',
      [one],
      'Q1: What steers the boat?\nA1: A rope\nA2: A rudder\nA3: A lamp\nKEY1: A2\n',
    ],
    [
      'figures for right and wrong in a list below its name, closed by a word',
      'Ask: What opens?\nAnswers:\n  0: A wall\n  1: A gate\n  0: A hill\nEnd\n\nAsk: Which float?\nAnswers:\n  1: Cork\n  0: Iron\n  1: Wood\nEnd\n',
      [one],
      'Ask: What steers the boat?\nAnswers:\n  0: A rope\n  1: A rudder\n  0: A lamp\nEnd\n',
    ],
    [
      'crosses and rings with a bracket behind them',
      'Q) What opens?\n   o) A wall\n   x) A gate\n   o) A hill\n\nQ) What floats?\n   x) Cork\n   o) Iron\n   o) Lead\n',
      [one],
      'Q) What steers the boat?\n   o) A rope\n   x) A rudder\n   o) A lamp\n',
    ],
    [
      'words in doubled brackets, and lines of them alone around each question',
      '[[question]]\nWhat opens?\n[[right]] A gate\n[[wrong]] A wall\n[[end]]\n\n[[question]]\nWhat floats?\n[[right]] Cork\n[[wrong]] Iron\n[[wrong]] Lead\n[[end]]\n',
      [one],
      '[[question]]\nWhat steers the boat?\n[[wrong]] A rope\n[[right]] A rudder\n[[wrong]] A lamp\n[[end]]\n',
    ],
    [
      'pairs by a sign, though a word of one of them names something else',
      'Match: Tool and use\nhammer <> drives nails\nsaw <> cuts wood\nfile <> smooths\n\nMatch: Boat and part\npunt <> pole\nyacht <> boom\n',
      [pairs],
      'Match: Put them together.\nsill <> step\npaddle <> shutter\n',
    ],
  ];
