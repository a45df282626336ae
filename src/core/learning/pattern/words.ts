// What the words, letters and codes in front of lines say that these are, and what sentences say of their signs.
import type { PartRole } from '../../model';
import { literal } from '../../shared/literal';
import { bareWords } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { roleOfHeading } from '../../shared/vocabulary/headings';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { saysRightAnswer } from '../../shared/vocabulary/key-words';
import { speaksOf } from '../../shared/vocabulary/rule-words';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { saysPoints } from '../../shared/vocabulary/words-of-points';
import type { Class } from './classes';

/** What a kind of line is: a part of a question, an option that is right or wrong, its feedback, or the word for the question's kind. */
export type LineRole = PartRole | 'right' | 'wrong' | 'kind' | 'feedback';
/** What each kind of line is, by its key. */
export type Roles = ReadonlyMap<string, LineRole>;
/** What speaks for each role, in nats by rough judgement. */
export type Odds = Map<LineRole, number>;

/** How much a word in front of lines counts, and a single letter. */
const SAID = 4;
const INITIAL = 1.5;

const FIELD: Partial<Record<string, readonly LineRole[]>> = {
  question: ['stem'],
  answer: ['key', 'accepted', 'right', 'options', 'wrong'],
  explanation: ['explanation', 'feedback', 'feedbacks'],
  feedback: ['feedback', 'explanation', 'feedbacks'],
  hint: ['hint'],
  image: ['image'],
  points: ['points'],
  seconds: ['seconds'],
  category: ['category'],
  ref: ['ref', 'explanation'],
  title: ['title'],
  kind: ['kind'],
  option: ['option', 'options', 'wrong'],
  options: ['options', 'option'],
  wrong: ['wrong'],
  wrongs: ['wrong'],
  right: ['right'],
  key: ['key', 'accepted', 'right'],
  accepted: ['accepted', 'key', 'right'],
  stem: ['stem'],
  pair: ['pair'],
  value: ['accepted', 'key'],
  tolerance: ['tolerance'],
  unit: ['unit'],
  step: ['step'],
  tag: ['tags', 'category'],
  tags: ['tags'],
};
/** First letters of the words that people put in front of lines. Common practice, no source. */
const LETTERS: Partial<Record<string, readonly LineRole[]>> = {
  q: ['stem'],
  f: ['stem', 'wrong', 'explanation'],
  a: ['accepted', 'key', 'right', 'option', 'wrong'],
  r: ['right', 'accepted'],
  w: ['wrong'],
  c: ['category', 'right', 'wrong', 'option'],
  e: ['explanation'],
  h: ['hint'],
  o: ['option', 'options', 'right', 'wrong'],
  p: ['points'],
  t: ['seconds', 'title', 'category', 'right'],
  k: ['key'],
};

/** The role of a word that says right or wrong. */
function verdictRole(word: string): LineRole | undefined {
  const verdict = verdictOf(word);
  if (verdict === undefined) {
    return undefined;
  }
  return verdict ? 'right' : 'wrong';
}

/** A code behind the sign of an option says right or wrong: 'O|1|'. */
const CODES: Readonly<Record<string, LineRole>> = { 1: 'right', 0: 'wrong' };
/** Letters alone that stand for right and wrong as well as for other words. */
const VERDICT_LETTER = /^[rfvw]$/iu;

type Add = (roles: readonly LineRole[] | undefined, nats: number) => void;

function byLetter(letter: string, add: Add): void {
  const verdict = VERDICT_LETTER.test(letter) ? verdictRole(letter) : undefined;
  add(verdict && [verdict], INITIAL);
  add(LETTERS[letter.toLowerCase()], INITIAL);
}

/** Of several words that say right or wrong, each wrong one turns the others round: 'correct="false"', 'wrong="true"'. */
function verdictIn(words: string): LineRole | undefined {
  const verdicts = words.split(' ').flatMap((word) => verdictOf(word) ?? []);
  const isRight = verdicts.filter((verdict) => !verdict).length % 2 === 0;
  if (!verdicts.length) {
    return undefined;
  }
  return isRight ? 'right' : 'wrong';
}

function byWholeWords(words: string, add: Add): void {
  const told = verdictIn(words);
  const verdict = verdictRole(words);
  add(told && (told === 'right' ? ['right', 'key'] : ['wrong']), SAID + 1);
  add(verdict && [verdict], SAID);
  add(FIELD[fieldOfLine(`${words}: x`)?.role ?? ''], SAID);
  add(FIELD[roleOfHeading(words)?.role ?? ''], SAID - 1);
  add(saysPoints(words) ? ['points'] : undefined, SAID);
  const isKind = !fieldOfLine(`${words}: x`) && !told && kindOfWord(words) !== undefined;
  // A question's kind in front of a line opens its text.
  add(isKind ? ['stem'] : undefined, SAID);
}

/** What the words in front of a kind of line and behind it say; empty where they say nothing. */
export function oddsByWords({
  words,
  after,
  lines,
}: Pick<Class, 'words' | 'after' | 'lines'>): Odds {
  const odds: Odds = new Map();
  const code = lines[0]!.code?.word;
  const coded = code === undefined ? undefined : (CODES[code] ?? verdictRole(code));
  if (coded) {
    return odds.set(coded, SAID);
  }
  const add: Add = (roles, nats) =>
    roles?.forEach((role, at) => odds.set(role, Math.max(odds.get(role) ?? 0, nats - at / 4)));
  if (words.length === 1) {
    byLetter(words, add);
  } else if (words) {
    byWholeWords(words, add);
  }
  // A verdict behind a line is said of it alone, whatever stands in front of all: 'Option: gate (correct)'.
  const behind = verdictIn(bareWords(after));
  add(behind && [behind], SAID + 2);
  return odds;
}

const CLAUSE = /[,;]\s|\.\s+(?=\p{Lu})|\s(?:and|und|et|y|e|en|och|og)\s/u;

/** The roles that a clause speaks of. */
function rolesSaid(words: string): readonly LineRole[] {
  if (speaksOf('wrong', words)) {
    return ['wrong'];
  }
  return saysRightAnswer(words)
    ? ['right']
    : words.split(' ').flatMap((word) => FIELD[roleOfHeading(word)?.role ?? ''] ?? []);
}

/** What sentences of explanation say of a sign: '! stands before the right answer'. */
export function oddsBySentences(said: readonly string[], sign: string): Odds {
  if (!sign || !said.length) {
    return new Map();
  }
  const token = new RegExp(`(?:^|[\\s"'“‘„(])${literal(sign)}(?=[\\s"'”’,.;:)]|$)`, 'u');
  const clause = said.flatMap((text) => text.split(CLAUSE)).find((text) => token.test(text));
  return new Map(rolesSaid(bareWords(clause ?? '')).map((role) => [role, SAID]));
}
