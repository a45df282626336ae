// The course shelf's published rules. The shelf is simulated and ours; its headings and limits are invented.

export const COURSE_SHELF = {
  id: 'course-shelf',
  name: 'Course shelf',
  what: 'A question bank of a course: questions by topic, each with its worth and what is shown afterwards.',
  blank: 'course-shelf.csv',
  headings: [
    'Code',
    'Task (no more than 160 characters)',
    'Choice 1',
    'Choice 2',
    'Choice 3',
    'Choice 4',
    'Choice 5',
    'Worth (points)',
    'Shown afterwards (explanation)',
    'Topic',
    'Hint (on demand)',
    'Tries (1 to 3)',
    'Use (practice or scored)',
  ],
  tries: 3,
  uses: ['practice', 'scored'],
  task: 160,
  star: '*',
  fileBytes: 5 * 1024 * 1024,
} as const;

/** The rules as the shelf publishes them. */
export const COURSE_SHELF_RULES: readonly string[] = [
  'The file is text in UTF-8 with semicolons between its columns, quotes around texts that hold one, and the headings of the blank in its first line.',
  `A task has up to ${COURSE_SHELF.task} characters and two to five choices, none empty between two others.`,
  'Each right choice begins with a star; one at least has to. Choices differ from one another.',
  'Worth is a number above 0, or empty for 1. A code may come once; an empty one is given by the shelf.',
  `Tries say how often a learner may answer in practice, 1 to ${COURSE_SHELF.tries}; empty is 1. Use is practice or scored; empty is both.`,
  'Questions of one topic are a section. A course draws as many from each section as its teacher wants.',
  'A line that breaks a rule is refused with its reason; the others are taken.',
];
