// What the lines of one question become together: whole, or broken.
import { trueFalseWords } from '../../shared/vocabulary/verdicts';
import { endsWithAnswer } from './beside';
import { gapsIn } from './classes';
import type { LineRole } from './words';

const ANSWERS: readonly LineRole[] = [
  'option',
  'right',
  'wrong',
  'options',
  'accepted',
  'pair',
  'step',
  'card',
];
/** Of these, a question has one line at most. */
const SINGLE: readonly LineRole[] = [
  'stem',
  'key',
  'explanation',
  'hint',
  'points',
  'seconds',
  'category',
  'tags',
  'ref',
  'title',
  'options',
  'kind',
  'card',
  'image',
  'tolerance',
  'unit',
];
/** Whether a question has one line of a role at most. */
export const comesOnce = (role: LineRole): boolean => SINGLE.includes(role);
const OPTIONS: readonly LineRole[] = ['right', 'wrong', 'option'];
const JOINED = /\S\s(?:::|=>|->|→|<->|=|\|)\s\S/u;
/** A question that is none. */
export const BROKEN = -6;

type Question = {
  roles: readonly LineRole[];
  texts: readonly string[];
  times: (role: LineRole) => number;
};

/** Options with signs: at least one is right, and no line beside them names it; or true and false by a lone one. */
function signedOptions({ roles, texts, times }: Question): number {
  const [rights, wrongs] = [times('right'), times('wrong')];
  const isTruth =
    rights === 1 && !wrongs && trueFalseWords(texts[roles.indexOf('right')]!) !== undefined;
  const isWhole = rights > 0 && rights + wrongs > 1 && !times('option') && !times('key');
  // Questions whose answers are all right are seldom shown.
  const plain = isTruth || wrongs ? 2 : 0.5;
  const usual = (rights === 1 ? 0.15 : 0) + (wrongs >= rights ? 0.15 : 0);
  return isTruth || isWhole ? plain + usual : BROKEN;
}

function pairsOrSteps({ roles, texts, times }: Question): number {
  // What stands above pairs is none of them.
  const isJoined = times('pair') > 0 && JOINED.test(texts[roles.indexOf('stem')]!);
  const isWhole = times('pair') + times('step') > 1 && !times('key') && !isJoined;
  return isWhole ? 1.5 : BROKEN;
}

/** A question without options: true or false, typed, or open. */
function withoutOptions({ roles, texts, times }: Question): number {
  if (times('key')) {
    return trueFalseWords(texts[roles.indexOf('key')]!) ? 1.5 : BROKEN / 2;
  }
  const stem = texts[roles.indexOf('stem')] ?? '';
  if (!times('accepted') && endsWithAnswer(stem)) {
    return 2;
  }
  return times('accepted') || gapsIn(stem) ? 1 : -1;
}

/** Options that a line names, or that nothing tells apart but their order. */
function keyedOptions({ times }: Question): number {
  if (times('key') === 1 && times('option') !== 1) {
    return 2.5;
  }
  const areInOrder = !times('key') && !times('options') && times('option') >= FEWEST_IN_ORDER;
  return areInOrder ? 1.2 : BROKEN;
}
/** Two answers by themselves may both be right. */
const FEWEST_IN_ORDER = 3;

/** Whether no line comes twice that a question has once, and feedback stands below its option, or below all of them. */
const isInOrder = ({ roles, times }: Question): boolean =>
  SINGLE.every((role) => times(role) < 2) &&
  roles.every((role, at) => role !== 'feedback' || OPTIONS.includes(roles[at - 1] ?? 'stem')) &&
  (!times('feedbacks') ||
    roles.indexOf('feedbacks') > roles.findLastIndex((role) => OPTIONS.includes(role)));

function answered(question: Question): number {
  const { times } = question;
  const signed = times('right') + times('wrong');
  const kinds = [
    signed + times('option'),
    times('options'),
    times('accepted'),
    times('pair'),
    times('step'),
  ];
  if (kinds.filter(Boolean).length > 1) {
    return BROKEN;
  }
  if (signed) {
    return signedOptions(question);
  }
  if (times('option') || times('options')) {
    return keyedOptions(question);
  }
  return times('pair') || times('step') ? pairsOrSteps(question) : withoutOptions(question);
}

/** How whole a question is whose lines are these: BROKEN where it is none, up to about 2.6. */
export function wholeness(roles: readonly LineRole[], texts: readonly string[]): number {
  const times = (role: LineRole): number => roles.filter((one) => one === role).length;
  const question: Question = { roles, texts, times };
  if (!isInOrder(question)) {
    return BROKEN;
  }
  if (times('card')) {
    return roles.length === 1 + times('category') ? 1 : BROKEN;
  }
  const first = roles.findIndex((role) => ANSWERS.includes(role));
  const stem = roles.indexOf('stem');
  if (stem < 0 || (first >= 0 && first < stem)) {
    return roles.every((role) => role === 'category') ? 0 : BROKEN;
  }
  // What explains stands behind what it explains, and neither that nor a category between a question and what answers it.
  const among = (role: LineRole, from: number, to: number): boolean =>
    roles.slice(from, Math.max(from, to)).includes(role);
  const odd = among('explanation', stem, first) || among('category', stem, first) ? 0.5 : 0;
  return answered(question) - odd - (among('explanation', 0, stem) ? 1 : 0);
}
