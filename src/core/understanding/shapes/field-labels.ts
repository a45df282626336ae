// What a label in front of a row names, where questions stand in blocks or beside one another.
import type { Role } from '../../model';
import { roleOfMeaning, type Meaning } from '../contract';
import { likelihoodOf, meaningOfWords } from '../saying';

/** So clear a word names a field. */
const CLEAR = 0.5;

/** Within a block a line for an answer is one of several, whatever it would be in a row. */
const ANSWERS: readonly Meaning[] = [
  'option',
  'options',
  'accepted',
  'definition',
  'value',
  'wrong',
  'wrongs',
];
const KEYS: readonly Meaning[] = ['key', 'right'];
const WRONG: readonly Meaning[] = ['wrong', 'wrongs'];

const answerRole = (label: string): Role =>
  likelihoodOf(label, WRONG) > CLEAR ? 'wrong' : 'option';

/** A letter in front of a row numbers an option. */
const LETTER = /^\(?[A-Ha-h][.)]?$/u;

/** 'Q1', 'Q 2': the number of a question. */
const COUNTED_QUESTION = /^Q\s?\d{1,3}$/iu;

/** The role of the field that a label names, where its words do. */
export function roleOfLabel(label: string): Role | undefined {
  const bare = label.replace(/[:*]+$/, '');
  if (LETTER.test(bare)) {
    return 'option';
  }
  if (COUNTED_QUESTION.test(bare)) {
    return 'stem';
  }
  const said = meaningOfWords(bare);
  if (!said || said.meaning === 'ignore') {
    return undefined;
  }
  // "Answer" may be many things in a row; within a block it is one of several.
  if (likelihoodOf(bare, [...ANSWERS, ...KEYS]) > CLEAR) {
    return KEYS.includes(said.meaning) ? 'key' : answerRole(bare);
  }
  if (said.p < CLEAR) {
    return undefined;
  }
  return roleOfMeaning(said.meaning);
}

/** First letters of words for right and wrong. Common practice, no source. */
const VERDICTS = ['RW', 'RF', 'CW', 'CI', 'WF', 'VF', 'TF'];

/** Letters alone that stand for right and wrong, where labels are both of a pair: 'Q', 'R' and 'W'. */
export function withVerdictLetters<L extends { label: string; role: Role }>(
  labelled: readonly L[],
): L[] {
  const said = new Set(labelled.filter(({ role }) => role !== 'stem').map(({ label }) => label));
  const [right, wrong] =
    VERDICTS.find((pair) => [...pair].every((letter) => said.has(letter))) ?? '';
  // Letters that count answers come with others of their row.
  const isCounted = said.has('A') && said.has('B');
  const roles = new Map<string | undefined, Role>([
    [right, 'key'],
    [wrong, 'wrong'],
  ]);
  return right && !isCounted
    ? labelled.map((one) => ({ ...one, role: roles.get(one.label) ?? one.role }))
    : [...labelled];
}
