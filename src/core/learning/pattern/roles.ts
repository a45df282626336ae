// What each kind of line is: the roles under which, all together, each question of a sample is whole.
import type { Kind } from '../../model';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import type { Blocks, Line } from './blocks';
import { gapsIn, type Class } from './classes';
import { HARDLY, withLooks } from './looks';
import { BROKEN, comesOnce, wholeness } from './wholeness';
import { oddsBySentences, oddsByWords, type LineRole, type Roles } from './words';

export type { LineRole } from './words';
/** Roles with what speaks for them. */
export type Weighed = { roles: Roles; score: number };

/** What is known besides the lines: sentences that explain signs, and lines of which a person said what they are. */
export type Known = { said: readonly string[]; pointed: ReadonlyMap<string, LineRole> };

/** What a person says counts for more than all else. */
const POINTED = 20;
const FEW = 8;
const MOST_TOGETHER = 12_000;
const UNLIKE_ITS_KIND = 2;

/** The likeliest roles of each kind of line. `said` are sentences that explain signs. */
function oddsOf(own: Class, blocks: Blocks, said: readonly string[]): [LineRole, number][] {
  const told = oddsBySentences(said, own.before.trim());
  return [...withLooks(own, blocks, new Map([...oddsByWords(own), ...told]))]
    .filter(([, nats]) => nats > HARDLY + 1)
    .sort((a, b) => b[1] - a[1])
    .slice(0, FEW);
}

type Likely = { own: Class; odds: [LineRole, number][] };

/** Whether two kinds of lines stand in one question. */
const meet = (one: Class, other: Class): boolean =>
  one.counts.some((count, block) => count > 0 && other.counts[block]! > 0);

/** Every way to give each kind of line one of its likeliest roles, as far as there is time for. */
function* together(all: readonly Likely[]): Generator<Weighed> {
  let ways = 0;
  const roles = new Map<string, LineRole>();
  const isTaken = (role: LineRole, at: number): boolean =>
    comesOnce(role) &&
    all.slice(0, at).some(({ own }) => roles.get(own.key) === role && meet(own, all[at]!.own));
  function* from(at: number, score: number): Generator<Weighed> {
    if (at === all.length) {
      ways++;
      yield { roles: new Map(roles), score };
      return;
    }
    const { own, odds } = all[at]!;
    for (const [role, nats] of odds) {
      if (ways >= MOST_TOGETHER) {
        return;
      }
      if (!isTaken(role, at)) {
        roles.set(own.key, role);
        yield* from(at + 1, score + nats);
      }
    }
    roles.delete(own.key);
  }
  yield* from(0, 0);
}

/** What questions of a kind have a line of, one at least. */
const NEEDS: Partial<Record<Kind, readonly LineRole[]>> = {
  'choice-one': ['option', 'right', 'options'],
  'choice-many': ['option', 'right', 'options'],
  'true-false': ['key', 'right', 'option', 'accepted'],
  short: ['accepted'],
  number: ['accepted'],
  match: ['pair'],
  order: ['step'],
};

/** A question as it is looked at under one set of roles after another: its lines that say something, and what they need by its kind. */
type Looked = {
  lines: readonly Line[];
  texts: readonly string[];
  needed: readonly LineRole[] | undefined;
  isAlone: boolean;
};

/** The questions with all that holds under any roles. */
function lookedAt({ blocks }: Blocks): Looked[] {
  const areSeveral = blocks.some((block) => block.length > 1);
  return blocks.map((block) => {
    const lines = block.filter(({ fixed }) => !fixed);
    const kind = kindOfWord(block.find((line) => line.kind)?.kind ?? '');
    // A line by itself and without a sign, beside questions of several lines, asks nothing.
    const [only] = lines;
    const isAlone =
      areSeveral &&
      block.length === 1 &&
      only !== undefined &&
      !only.before.trim() &&
      !gapsIn(only.text);
    return { lines, texts: lines.map(({ text }) => text), needed: kind && NEEDS[kind], isAlone };
  });
}

/** Whether options are told apart by a line: those with signs of their own are, and those of a lone question. */
function areKeyed(lines: readonly Line[], own: readonly LineRole[], isOnly: boolean): boolean {
  const areSigned = lines.some(({ before }, at) => own[at] === 'option' && before.trim());
  const needKey = areSigned || (isOnly && own.includes('option'));
  return !needKey || own.includes('key');
}

/** How whole one question is under some roles; undefined where it is broken. */
function wholeOne(
  { lines, texts, needed, isAlone }: Looked,
  roles: Roles,
  isOnly: boolean,
): number | undefined {
  const own = lines.map(({ key }) => roles.get(key)!);
  if ((isAlone && own[0] === 'stem') || !areKeyed(lines, own, isOnly)) {
    return undefined;
  }
  const whole = wholeness(own, texts);
  const isUnlike = needed !== undefined && !own.some((role) => needed.includes(role));
  return whole <= BROKEN / 2 ? undefined : whole - (isUnlike ? UNLIKE_ITS_KIND : 0);
}

/** How whole the questions are on average under some roles; undefined where one is broken. */
function wholeUnder(questions: readonly Looked[], roles: Roles): number | undefined {
  let sum = 0;
  for (const question of questions) {
    const whole = wholeOne(question, roles, questions.length === 1);
    if (whole === undefined) {
      return undefined;
    }
    sum += whole;
  }
  return sum / questions.length;
}

/** The likeliest roles for the lines of a sample, under which each question is whole; the best first. */
export function rolesFor(
  blocks: Blocks,
  classes: readonly Class[],
  { most, said, pointed }: Known & { most: number },
): Weighed[] {
  const saidOf = (own: Class): LineRole[] => [
    ...new Set(own.lines.flatMap(({ line }) => pointed.get(line) ?? [])),
  ];
  // Lines of one kind that a person calls different things are told apart by something else.
  if (classes.some((own) => saidOf(own).length > 1)) {
    return [];
  }
  const all = classes.map((own): Likely => {
    const [role] = saidOf(own);
    return { own, odds: role ? [[role, POINTED]] : oddsOf(own, blocks, said) };
  });
  if (!all.length || all.some(({ odds }) => !odds.length)) {
    return [];
  }
  const questions = lookedAt(blocks);
  const found: Weighed[] = [];
  for (const { roles, score } of together(all)) {
    const whole = wholeUnder(questions, roles);
    if (whole !== undefined) {
      found.push({ roles, score: score / classes.length + 2 * whole });
    }
  }
  return found.sort((a, b) => b.score - a.score).slice(0, most);
}
