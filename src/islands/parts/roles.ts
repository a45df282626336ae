// The roles of columns in words, and the order in which a menu offers them.
import type { KeyStyle, ReadAs, Role } from '../../core/model';

export const ROLE_GROUPS: readonly (readonly [string, readonly Role[]])[] = [
  [
    'Question and answers',
    [
      'stem',
      'option',
      'key',
      'accepted',
      'options',
      'right',
      'wrong',
      'wrongs',
      'verdict',
      'weight',
      'kind',
      'left',
      'right-side',
      'pair',
      'step',
      'value',
      'tolerance',
      'unit',
    ],
  ],
  [
    'Beside it',
    [
      'points',
      'seconds',
      'hint',
      'explanation',
      'feedback',
      'category',
      'tags',
      'tag',
      'title',
      'ref',
      'image',
      'image-alt',
      'attempts',
      'use',
      'shuffle',
      'across',
      'lines',
      'endings',
    ],
  ],
  ['About the row', ['pick', 'number-in-file', 'by', 'at', 'constant', 'ignore']],
];

export const KEY_WORDS: Record<KeyStyle, string> = {
  letter: 'letter',
  number: 'number',
  'number-from-0': 'number from 0',
  text: 'the option’s text',
  marker: 'a sign at the option',
  verdict: 'right or wrong after each',
  weight: 'per cent after each',
  first: 'the first option',
  'right-column': 'a column of its own',
  word: 'true or false as a word',
};
export const KEY_CHOICES: readonly KeyStyle[] = [
  'letter',
  'number',
  'number-from-0',
  'text',
  'marker',
  'first',
];
export const SEPARATOR_WORDS: Record<string, string> = {
  ',': 'comma',
  ';': 'semicolon',
  '\t': 'tab',
  '|': 'bar',
};
export const AS_WORDS: Record<ReadAs, string> = {
  table: 'rows and columns',
  questions: 'questions in running text',
  terms: 'a list of terms',
  board: 'a board',
  blocks: 'blocks of rows',
  package: 'a package',
};
