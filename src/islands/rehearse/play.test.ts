// What a learner meets of a filled file: questions of every kind, and cards that come again until they are known.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import { EVERY_KIND } from '../../../tests/kinds';
import { answered, countsOf, dueCard, freshDeck, type Deck } from './boxes';
import { isRight, ofItem, type PlayQuestion } from './questions';
import {
  answersCsv,
  freshRound,
  heard,
  orderFor,
  scoresOf,
  stepped,
  viewOf,
  type Round,
} from './round';

const with_ = (question: PlayQuestion, picked: number[], typed = '') =>
  isRight(question, { picked: new Set(picked), typed });

describe('a question that is played', () => {
  it('is right where just the right options are picked', () => {
    const many = ofItem(item({ kind: 'choice-many', options: options('*a', 'b', '*c') }));
    expect([with_(many, [1, 3]), with_(many, [1]), with_(many, [1, 2, 3])]).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('takes a typed answer in any case, and leaves what only the learner can judge', () => {
    const short = ofItem(item({ kind: 'short', options: undefined, accepted: ['Weir', 'dam'] }));
    expect([with_(short, [], 'weir '), with_(short, [], 'lock')]).toEqual([true, false]);
    const steps = ofItem(
      item({ kind: 'order', options: undefined, steps: [{ plain: 'x' }, { plain: 'y' }] }),
    );
    expect(with_(steps, [])).toBeUndefined();
    expect(steps.solution).toBe('1 x, 2 y');
  });
  it('shows no gap mark and never its solution before it is asked for', () => {
    for (const one of EVERY_KIND) {
      const { stem, answers, right } = ofItem(one);
      expect(stem).not.toMatch(/\{\{/);
      expect(right.every((n) => n >= 1 && n <= answers.length)).toBe(true);
    }
  });
});

describe('a live round', () => {
  const questions: PlayQuestion[] = ['a', 'b'].map((stem, n) => ({
    stem,
    answers: ['x', 'y', 'z'],
    right: [n + 1],
    many: false,
    facts: '20 s to think',
    accepted: [],
  }));
  const hello = (round: Round, id: string): Round => heard(round, { is: 'hello', id }, 0);
  const answer = (round: Round, id: string, picked: number[], now: number): Round =>
    heard(round, { is: 'answer', id, at: round.at, picked, seconds: 0 }, now);
  it('names learners as they come, takes their last answer in time, and tells what is right only then', () => {
    let round = hello(hello(freshRound('Evening', questions), 'p'), 'q');
    round = hello(round, 'p');
    expect(round.learners.map(({ name }) => name)).toEqual(['Learner 1', 'Learner 2']);
    expect(answer(round, 'p', [1], 5).learners[0]!.answers).toEqual({});
    round = stepped(round, 1000);
    round = answer(answer(round, 'p', [2], 3000), 'p', [1], 5000);
    round = answer(answer(round, 'q', [1], 2000), 'nobody', [1], 2500);
    expect(viewOf(round)).toMatchObject({ phase: 'asking', right: [], seconds: 20, stem: 'a' });
    expect(scoresOf(round).map(({ right }) => right)).toEqual([0, 0]);
    round = stepped(round, 6000);
    expect(viewOf(round).right).toEqual([1]);
    // Both are right; the quicker one stands first.
    expect(scoresOf(round).map(({ name, right, seconds }) => [name, right, seconds])).toEqual([
      ['Learner 2', 1, 1],
      ['Learner 1', 1, 4],
    ]);
    expect(answer(round, 'q', [3], 6500)).toBe(round);
    round = stepped(round, 7000);
    expect([round.at, round.phase]).toEqual([1, 'asking']);
    round = stepped(stepped(answer(round, 'q', [3], 8000), 9000), 9000);
    expect(round.phase).toBe('over');
    expect(answersCsv(round)).toBe('Learner,a,b\r\nLearner 1,x,\r\nLearner 2,x,z\r\n');
  });
  it('shows each learner the options in an order of their own, that stays', () => {
    const orders = ['p', 'q', 'r', 's'].map((id) => orderFor(id, 3, 4));
    orders.forEach((order) => expect([...order].sort()).toEqual([1, 2, 3, 4]));
    expect(new Set(orders.map(String)).size).toBeGreaterThan(1);
    expect(orderFor('p', 3, 4)).toEqual(orders[0]);
  });
  it('leaves out what can’t be answered by picking', () => {
    const typed = { ...questions[0]!, answers: [], accepted: ['x'] };
    expect(freshRound('Evening', [...questions, typed]).questions).toHaveLength(2);
  });
});

describe('cards in boxes', () => {
  const play = (deck: Deck, knows: (n: number) => boolean): { deck: Deck; turned: number[] } => {
    const turned: number[] = [];
    let now = deck;
    for (let due = dueCard(now); due && turned.length < 200; due = dueCard(now)) {
      turned.push(due.n);
      now = answered(now, due, knows(due.n));
    }
    return { deck: now, turned };
  };
  it('go on a box each time they are known, and end when all are', () => {
    const { deck, turned } = play(freshDeck(5), () => true);
    expect(countsOf(deck)).toEqual([0, 0, 0, 5]);
    expect(turned).toHaveLength(15);
    expect(turned.slice(0, 3)).toEqual([0, 1, 2]);
  });
  it('come again sooner where they are not known, and go back to the first box', () => {
    let misses = 2;
    const { deck, turned } = play(freshDeck(4), (n) => n !== 1 || misses-- <= 0);
    expect(countsOf(deck)).toEqual([0, 0, 0, 4]);
    expect(turned.filter((n) => n === 1)).toHaveLength(5);
    expect(turned.indexOf(1, turned.indexOf(1) + 1)).toBeLessThan(8);
  });
});
