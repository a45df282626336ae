// A question's fields as the seam names them, with the roles of the cells that may carry each.
import type { Item, Role } from '../../../core/model';
import { optionLetter } from '../../../core/shared/plain';
import { cellText } from '../../parts/cells';
import { numberWords } from '../../../core/shared/plain';
import { i18n } from '../../../languages';

export type FieldWords = {
  /** As changes name it. */
  field: string;
  name: string;
  left: string[];
  roles: readonly Role[];
};

const OPTION_ROLES: readonly Role[] = [
  'option',
  'options',
  'right',
  'wrong',
  'wrongs',
  'verdict',
  'weight',
  'feedback',
];
const TYPED: readonly Role[] = ['accepted', 'option', 'key', 'right', 'verdict', 'weight'];

const numbered = (texts: readonly string[]): string[] =>
  texts.map((text, index) => `${index + 1}  ${text}`);

/** Answers to choose from are two fields: the options, and which of them is right. */
const optionWords = (item: Item): FieldWords[] => [
  {
    field: 'options',
    name: i18n._('options'),
    left: item.options!.map(({ text }, index) => `${optionLetter(index)}  ${text.plain}`),
    roles: OPTION_ROLES,
  },
  { field: 'key', name: i18n._('right answer'), left: [cellText(item, 'key')], roles: ['key'] },
];

/** What is accepted where there is nothing to choose from. */
function typedWords(item: Item): FieldWords[] {
  const { accepted, pairs, steps, gaps, number } = item;
  const words: (FieldWords | undefined)[] = [
    accepted && {
      field: 'accepted',
      name: item.kind === 'card' ? 'definition' : 'accepted',
      left: accepted,
      roles: TYPED,
    },
    pairs && {
      field: 'pairs',
      name: i18n._('pairs'),
      left: pairs.map(({ left, right }) => `${left.plain} | ${right.plain}`),
      roles: ['pair', 'left', 'right-side', 'option'],
    },
    steps && {
      field: 'steps',
      name: i18n._('steps'),
      left: numbered(steps.map(({ plain }) => plain)),
      roles: ['step', 'option'],
    },
    gaps && {
      field: 'gaps',
      name: i18n._('gaps'),
      left: numbered(gaps.map((gap) => gap.accepted.join(' / '))),
      roles: ['accepted', 'option'],
    },
    number && {
      field: 'number',
      name: i18n._('number'),
      left: [numberWords(number)],
      roles: ['value', 'tolerance', 'unit', ...TYPED],
    },
  ];
  return words.flatMap((one) => one ?? []).slice(0, 1);
}

/** The answers of a question in the fields that changes name. */
export const answersOf = (item: Item): FieldWords[] =>
  item.options ? optionWords(item) : typedWords(item);

type BesideWords = {
  field: string;
  name: string;
  roles: readonly Role[];
  /** Empty where the question says nothing. */
  textOf: (item: Item) => string;
};

/** What stands beside a question and its answers. */
export const BESIDE: readonly BesideWords[] = [
  {
    field: 'seconds',
    name: i18n._('time limit'),
    roles: ['seconds'],
    textOf: ({ seconds }) => (seconds === undefined ? '' : `${seconds} s`),
  },
  {
    field: 'points',
    name: i18n._('points'),
    roles: ['points'],
    textOf: (item) => cellText(item, 'points'),
  },
  {
    field: 'category',
    name: i18n._('category'),
    roles: ['category'],
    textOf: (item) => cellText(item, 'category'),
  },
  { field: 'ref', name: i18n._('reference'), roles: ['ref'], textOf: ({ ref }) => ref },
  { field: 'title', name: i18n._('title'), roles: ['title'], textOf: ({ title }) => title ?? '' },
  { field: 'hint', name: i18n._('hint'), roles: ['hint'], textOf: ({ hint }) => hint?.plain ?? '' },
  {
    field: 'explanation',
    name: i18n._('explanation'),
    roles: ['explanation'],
    textOf: ({ explanation }) => explanation?.plain ?? '',
  },
  {
    field: 'tags',
    name: i18n._('tags'),
    roles: ['tags', 'tag'],
    textOf: (item) => cellText(item, 'tags'),
  },
  {
    field: 'attempts',
    name: i18n._('attempts'),
    roles: ['attempts'],
    textOf: ({ attempts }) => String(attempts ?? ''),
  },
  {
    field: 'image',
    name: i18n._('picture'),
    roles: ['image'],
    textOf: ({ media }) => media?.[0]?.href.slice(0, 60) ?? '',
  },
];
