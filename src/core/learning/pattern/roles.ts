// What each kind of line may be: by the words in front, by its texts, by how often it comes; and what all become together.
import type { PartRole } from '../../model';
import { literal } from '../../shared/literal';
import { bareWords } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { roleOfHeading } from '../../shared/vocabulary/headings';
import { saysRightAnswer } from '../../shared/vocabulary/key-words';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { speaksOf } from '../../shared/vocabulary/rule-words';
import { trueFalseWords, verdictOf } from '../../shared/vocabulary/verdicts';
import type { Blocks } from './blocks';
import {
  ASKS,
  gapsIn,
  countsWithin,
  halvesIn,
  isNumber,
  joinIn,
  KEYS,
  saysAgain,
  type Class,
} from './classes';

/** What a kind of line is: a part of a question, an option that is right or wrong, or the word for the question's kind. */
export type LineRole = PartRole | 'right' | 'wrong' | 'kind' | 'feedback';
export type Roles = ReadonlyMap<string, LineRole>;
/** Roles with what speaks for them, in nats by rough judgement. */
export type Weighed = { roles: Roles; score: number };

type Odds = Map<LineRole, number>;

/** How much a word in front of lines counts, and a single letter. */
const SAID = 4;
const INITIAL = 1.5;

const FIELD: Partial<Record<string, readonly LineRole[]>> = {
  question: ['stem'],
  answer: ['key', 'accepted', 'right', 'options'],
  explanation: ['explanation', 'feedback'],
  feedback: ['feedback', 'explanation'],
  hint: ['hint'],
  points: ['points'],
  seconds: ['seconds'],
  category: ['category'],
  ref: ['ref'],
  title: ['title'],
  kind: ['kind'],
  option: ['option', 'options'],
  options: ['options', 'option'],
  wrong: ['wrong'],
  wrongs: ['wrong'],
  right: ['right'],
  key: ['key', 'accepted', 'right'],
  accepted: ['accepted', 'key', 'right'],
  stem: ['stem'],
  pair: ['pair'],
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
  c: ['category', 'right'],
  e: ['explanation'],
  h: ['hint'],
  o: ['option', 'options'],
  p: ['points'],
  t: ['seconds', 'title', 'category', 'right'],
  k: ['key'],
};

const verdictRole = (word: string): LineRole | undefined => {
  const verdict = verdictOf(word);
  return verdict === undefined ? undefined : verdict ? 'right' : 'wrong';
};

/** A code behind the sign of an option says right or wrong: 'O|1|'. */
const CODES: Readonly<Record<string, LineRole>> = { 1: 'right', 0: 'wrong' };

function byWords({ words, lines }: Pick<Class, 'words' | 'lines'>): Odds {
  const odds: Odds = new Map();
  const code = lines[0]!.code?.word;
  const coded = code === undefined ? undefined : (CODES[code] ?? verdictRole(code));
  if (coded) {
    return odds.set(coded, SAID);
  }
  if (!words) {
    return odds;
  }
  const isInitial = words.length === 1;
  const add = (roles: readonly LineRole[] | undefined, nats: number): void =>
    roles?.forEach((role, at) => odds.set(role, Math.max(odds.get(role) ?? 0, nats - at / 4)));
  const told = words.split(' ').map(verdictRole).find(Boolean);
  if (!isInitial && told) {
    add(told === 'right' ? ['right', 'key'] : ['wrong'], SAID + 1);
  }
  const verdict = isInitial && !/^[rfvw]$/iu.test(words) ? undefined : verdictOf(words);
  const weight = isInitial ? INITIAL : SAID;
  if (verdict !== undefined) {
    add([verdict ? 'right' : 'wrong'], weight);
  }
  if (isInitial) {
    add(LETTERS[words.toLowerCase()], INITIAL);
  } else {
    add(FIELD[fieldOfLine(`${words}: x`)?.role ?? ''], SAID);
    add(FIELD[roleOfHeading(words)?.role ?? ''], SAID - 1);
  }
  return odds;
}

/** Signs that say yes and no to everybody. Common practice, no source. */
const YES = /[+✓✔x!*=]|(?<!\d)1(?!\d)/iu;
const NO = /[-–~✗✘.]|\[\s\]|\(\s\)|(?<!\d)0(?!\d)|^\s*o\s/iu;

/** A label with what closes it. */
const LABEL = /\{[#aA]\}[^\p{L}\p{N}\s]{0,2}\s?/u;

const HARDLY = -4;

/** What a kind of line may be by its texts and by how often it comes in a question. */
function byTexts(own: Class, blocks: Blocks, odds: Odds): Odds {
  const most = Math.max(...own.counts);
  const everywhere = own.everywhere;
  const isWordless = odds.size === 0;
  const add = (role: LineRole, nats: number): void =>
    void odds.set(role, (odds.get(role) ?? 0) + nats);
  const numbers = own.share(isNumber);
  const asks = own.share((text) => ASKS.test(text));
  const lean = (role: LineRole, nats: number): void => {
    if (isWordless || odds.has(role)) {
      add(role, nats);
    }
  };
  if (most === 1) {
    lean('stem', everywhere > 0.8 ? 0.5 + 2 * asks - 4 * numbers : HARDLY);
    lean('key', own.share((text) => KEYS.test(text)) > 0.9 || saysAgain(own, blocks) ? 2 : HARDLY);
    lean('accepted', isWordless ? 0 : 0.2);
    lean('explanation', own.share((text) => text.split(' ').length > 2) - 4 * numbers);
    lean('points', numbers > 0.9 ? 1 : HARDLY);
    lean(
      'seconds',
      numbers > 0.9 ? (own.share((text) => Number(text) >= 5) > 0.9 ? 1.2 : 0) : HARDLY,
    );
    lean('options', joinIn(own) === undefined ? HARDLY : 0.5);
    lean('category', everywhere < 1 ? 0.3 : 0);
    lean('hint', -0.2 - 4 * numbers);
    lean('title', -4 * numbers);
  }
  const isRun = most > 1;
  lean('feedback', isRun || own.everywhere < 1 ? 0.5 : 0);
  // What asks is no answer.
  for (const role of ['option', 'right', 'wrong', 'accepted'] as const) {
    lean(role, asks > 0.8 && own.share((text) => /[?？؟]/u.test(text)) > 0.5 ? HARDLY : 0);
  }
  lean('option', isRun ? (countsWithin(own, blocks) ? 2 : 0.5) : HARDLY);
  const sign = own.before.replace(LABEL, '') + own.after;
  const saysYes = Number(YES.test(sign)) - Number(NO.test(sign));
  lean('right', saysYes);
  lean('wrong', (isRun ? 0.5 : -0.5) - saysYes);
  lean(
    'pair',
    isRun && halvesIn(own.lines) !== undefined ? (own.lines.length > 2 ? 2.5 : 1.5) : HARDLY,
  );
  const isCounted = isRun && countsWithin(own, blocks);
  lean('step', isCounted ? (own.before.includes('{#}') ? 1.2 : 0.2) : HARDLY);
  lean('kind', own.share((text) => kindOfWord(text) !== undefined) > 0.9 ? 2 : HARDLY);
  const areLone = blocks.blocks.every((block) => block.length <= 2);
  lean(
    'card',
    areLone && !isRun && halvesIn(own.lines) !== undefined
      ? own.lines.length > 2
        ? 2.5
        : 1.5
      : HARDLY,
  );
  return odds;
}

const FEW = 5;
const MOST_TOGETHER = 4000;

/** What sentences of explanation say of a sign: '! stands before the right answer'. */
function toldBy(said: readonly string[], sign: string): Odds {
  const token = sign && new RegExp(`(?:^|[\\s"'“‘„(])${literal(sign)}(?=[\\s"'”’,.;:)]|$)`, 'u');
  const clause = token
    ? said.flatMap((text) => text.split(CLAUSE)).find((text) => token.test(text))
    : undefined;
  const words = bareWords(clause ?? '');
  const roles: readonly LineRole[] = speaksOf('wrong', words)
    ? ['wrong']
    : saysRightAnswer(words)
      ? ['right']
      : words.split(' ').flatMap((word) => FIELD[roleOfHeading(word)?.role ?? ''] ?? []);
  return new Map(roles.map((role) => [role, SAID]));
}
const CLAUSE = /[,;]\s|\.\s+(?=\p{Lu})|\s(?:and|und|et|y|e|en|och|og)\s/u;

/** The likeliest roles of each kind of line. */
export function oddsOf(own: Class, blocks: Blocks, said: readonly string[]): [LineRole, number][] {
  const told = toldBy(said, own.before.trim());
  return [...byTexts(own, blocks, new Map([...byWords(own), ...told]))]
    .filter(([, nats]) => nats > HARDLY / 2)
    .sort((a, b) => b[1] - a[1])
    .slice(0, FEW);
}

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
];
const OPTIONS: readonly LineRole[] = ['right', 'wrong', 'option'];
const JOINED = /\S\s(?:::|=>|->|→|<->|=|\|)\s\S/u;
const BROKEN = -6;

/** What the lines of one question become together. */
function wholeness(roles: readonly LineRole[], texts: readonly string[]): number {
  const times = (role: LineRole): number => roles.filter((one) => one === role).length;
  const [rights, wrongs, options, keys] = [
    times('right'),
    times('wrong'),
    times('option'),
    times('key'),
  ];
  if (SINGLE.some((role) => times(role) > 1)) {
    return BROKEN;
  }
  if (times('card')) {
    return roles.length === 1 + times('category') ? 1 : BROKEN;
  }
  const isBelowOption = roles.every(
    (role, at) => role !== 'feedback' || OPTIONS.includes(roles[at - 1] ?? 'stem'),
  );
  if (!isBelowOption) {
    return BROKEN;
  }
  const first = roles.findIndex((role) => ANSWERS.includes(role));
  const stem = roles.indexOf('stem');
  if (stem < 0 || (first >= 0 && first < stem)) {
    return roles.every((role) => role === 'category') ? 0 : BROKEN;
  }
  const kinds = [
    rights + wrongs + options > 0,
    times('options') > 0,
    times('accepted') > 0,
    times('pair') > 0,
    times('step') > 0,
  ].filter(Boolean);
  if (kinds.length > 1) {
    return BROKEN;
  }
  if (rights + wrongs > 0) {
    const isTruth =
      rights === 1 && !wrongs && trueFalseWords(texts[roles.indexOf('right')]!) !== undefined;
    const isWhole = rights > 0 && rights + wrongs > 1 && !options && !keys;
    // Questions whose answers are all right are seldom shown.
    const plain = isTruth || wrongs ? 2 : 0.5;
    return isTruth || isWhole
      ? plain + (rights === 1 ? 0.3 : 0) + (wrongs >= rights ? 0.3 : 0)
      : BROKEN;
  }
  if (options || times('options')) {
    return keys === 1 && options !== 1 ? 2.5 : BROKEN;
  }
  if (times('pair') || times('step')) {
    // What stands above pairs is none of them.
    if (times('pair') && JOINED.test(texts[stem]!)) {
      return BROKEN;
    }
    return times('pair') + times('step') > 1 && !keys ? 1.5 : BROKEN;
  }
  if (keys) {
    return trueFalseWords(texts[roles.indexOf('key')]!) ? 1.5 : BROKEN / 2;
  }
  return times('accepted') || gapsIn(texts[stem] ?? '') ? 1 : -1;
}

/** Every way to give each kind of line one of its likeliest roles, as far as there is time for. */
function* together(odds: readonly [string, [LineRole, number][]][]): Generator<Weighed> {
  let ways = 0;
  function* from(at: number, roles: Map<string, LineRole>, score: number): Generator<Weighed> {
    if (at === odds.length) {
      ways++;
      yield { roles: new Map(roles), score };
      return;
    }
    const [key, own] = odds[at]!;
    for (const [role, nats] of own) {
      if (ways >= MOST_TOGETHER) {
        return;
      }
      roles.set(key, role);
      yield* from(at + 1, roles, score + nats);
    }
    roles.delete(key);
  }
  yield* from(0, new Map(), 0);
}

/** The likeliest roles for the lines of a sample, under which each question is whole; the best first. */
export function rolesFor(
  blocks: Blocks,
  classes: readonly Class[],
  { most, said }: { most: number; said: readonly string[] },
): Weighed[] {
  const odds = classes.map((own): [string, [LineRole, number][]] => [
    own.key,
    oddsOf(own, blocks, said),
  ]);
  if (!classes.length || odds.some(([, own]) => !own.length)) {
    return [];
  }
  const found: Weighed[] = [];
  for (const { roles, score } of together(odds)) {
    const whole = blocks.blocks.map((block) => {
      const lines = block.filter(({ fixed }) => !fixed);
      return wholeness(
        lines.map(({ key }) => roles.get(key)!),
        lines.map(({ text }) => text),
      );
    });
    if (!whole.some((one) => one <= BROKEN / 2)) {
      const mean = whole.reduce((sum, one) => sum + one, 0) / whole.length;
      found.push({ roles, score: score / classes.length + 2 * mean });
    }
  }
  return found.sort((a, b) => b.score - a.score).slice(0, most);
}
