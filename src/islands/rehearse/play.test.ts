// What a learner meets of a filled file: questions of every kind, and cards that come again until they are known.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import { EVERY_KIND } from '../../../tests/kinds';
import { answered, countsOf, dueCard, freshDeck, type Deck } from './boxes';
import { isRight, ofItem, type PlayQuestion } from './questions';

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
