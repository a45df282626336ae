// The roles of columns in words, and the order in which a menu offers them.
import type { KeyStyle, ReadAs, Role } from '../../core/model';
import { i18n } from '../../languages';

export const ROLE_GROUPS: readonly (readonly [string, readonly Role[]])[] = [
  [
    i18n._('Question and answers'),
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
    i18n._('Beside it'),
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
  [i18n._('About the row'), ['pick', 'number-in-file', 'by', 'at', 'constant', 'ignore']],
];

export const KEY_WORDS: Record<KeyStyle, string> = {
  letter: i18n._('letter'),
  number: i18n._('number'),
  'number-from-0': i18n._('number from 0'),
  text: i18n._('the option’s text'),
  marker: i18n._('a sign at the option'),
  verdict: i18n._('right or wrong after each'),
  weight: i18n._('per cent after each'),
  first: i18n._('the first option'),
  'right-column': i18n._('a column of its own'),
  word: i18n._('true or false as a word'),
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
  ',': i18n._('comma'),
  ';': i18n._('semicolon'),
  '\t': i18n._('tab'),
  '|': i18n._('bar'),
};
export const AS_WORDS: Record<ReadAs, string> = {
  table: i18n._('rows and columns'),
  questions: i18n._('questions in running text'),
  terms: i18n._('a list of terms'),
  board: i18n._('a board'),
  blocks: i18n._('blocks of rows'),
  package: i18n._('a package'),
};
