// What a learner meets of a filled file: questions of every kind, and cards that come again until they are known.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import { EVERY_KIND } from '../../../tests/kinds';
import type { Card } from '../../stand-ins/card-trainer/take';
import type { ShelfQuestion } from '../../stand-ins/course-shelf/take';
import { answered, countsOf, daysLater, dueCard, forgotten, type CardBox } from './card-box';
import {
  answered as answeredCourse,
  begun,
  next,
  scoresOf as scoresOfCourse,
  sectionsOf,
  triesLeft,
  type Mode,
} from './shelf-course';
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

describe('cards that are due', () => {
  const cards: Card[] = ['weir', 'cill', 'pound'].map((front, at) => ({
    row: at + 2,
    front,
    back: `${front}, told`,
    deck: 'Words',
  }));
  const morning = new Date(2026, 10, 28, 9);
  const later = (minutes: number): Date => new Date(morning.getTime() + minutes * 60_000);

  it('come one by one, those that were not known within minutes, the known ones on later days', () => {
    let box: CardBox = {};
    const shown: string[] = [];
    let minutes = 0;
    for (let card = dueCard(cards, box, morning); card;) {
      shown.push(card.front);
      // The second card is not known when it is met first.
      const isKnown = !(card.front === 'cill' && shown.length === 2);
      ({ box } = answered(box, card, isKnown, later(minutes)));
      minutes += 0.3;
      card = dueCard(cards, box, later(minutes));
    }
    expect(shown.slice(0, 3)).toEqual(['weir', 'cill', 'pound']);
    expect(shown.filter((front) => front === 'cill').length).toBeGreaterThan(2);
    expect(shown.every((front) => shown.filter((one) => one === front).length > 1)).toBe(true);
    const counts = countsOf(cards, box, later(minutes));
    expect(counts).toMatchObject({ due: 0, later: 3 });
    expect(counts.next!.getTime()).toBeGreaterThan(daysLater(morning, 0.5).getTime());
  });

  it('are due again on their day, and wait longer each time they are known', () => {
    let { box, due } = answered({}, cards[0]!, true, morning);
    const waits: number[] = [];
    for (let time = 0; time < 5; time++) {
      const at = due;
      ({ box, due } = answered(box, cards[0]!, true, at));
      waits.push(due.getTime() - at.getTime());
    }
    expect(waits.slice(1).every((wait, n) => wait > waits[n]!)).toBe(true);
    expect(dueCard([cards[0]!], box, daysLater(due, -2))).toBeUndefined();
    expect(dueCard([cards[0]!], box, due)).toBe(cards[0]);
    const missed = answered(box, cards[0]!, false, due);
    expect(missed.due.getTime() - due.getTime()).toBeLessThan(86_400_000);
  });

  it('are new again when a deck is begun anew, and those of other decks stay', () => {
    const other = { ...cards[0]!, deck: 'Other' };
    const { box } = answered(answered({}, cards[0]!, true, morning).box, other, true, morning);
    expect(Object.keys(forgotten(cards, box))).toEqual(['Other\tweir\tweir, told']);
  });
});

describe('a course', () => {
  const question = (
    topic: string,
    n: number,
    more: Partial<ShelfQuestion> = {},
  ): ShelfQuestion => ({
    row: n + 1,
    ref: `C${n}`,
    task: `Task ${n}?`,
    choices: ['a', 'b', 'c'],
    right: [0],
    worth: n,
    afterwards: '',
    topic,
    hint: '',
    tries: 1,
    use: '',
    ...more,
  });
  const questions = [
    question('Locks', 1, { tries: 2 }),
    question('Locks', 2, { right: [0, 1] }),
    question('Ropes', 3, { use: 'scored' }),
    question('', 4, { use: 'practice' }),
  ];
  const all = { each: 0, seed: 1 };

  it('has the sections of its mode, and draws so many of each', () => {
    const names = (mode: Mode) => sectionsOf(questions, mode).map(({ name }) => name);
    expect(names('practice')).toEqual(['Locks', 'Without a topic']);
    expect(names('scored')).toEqual(['Locks', 'Ropes']);
    const drawn = begun(questions, 'scored', { each: 1, seed: 5 });
    expect(drawn.questions.map(({ topic }) => topic)).toEqual(['Locks', 'Ropes']);
    expect(begun(questions, 'scored', { each: 1, seed: 5 })).toEqual(drawn);
  });

  it('lets a wrong answer be given again in practice, as often as the file says', () => {
    let course = answeredCourse(begun(questions, 'practice', all), new Set([1]));
    expect(course).toMatchObject({ isShown: false, right: [] });
    expect(triesLeft(course)).toBe(1);
    course = answeredCourse(course, new Set([0]));
    expect(course).toMatchObject({ isShown: true, right: [true] });
    course = answeredCourse(next(course), new Set([0]));
    expect(course).toMatchObject({ isShown: true, right: [true, false] });
    // What is shown takes no further answer.
    expect(answeredCourse(course, new Set([0, 1]))).toBe(course);
  });

  it('tells nothing before the end for points, and then by section', () => {
    let course = begun(questions, 'scored', all);
    for (const picked of [[0], [0, 1], [2]]) {
      course = answeredCourse(course, new Set(picked));
      expect(course.isShown).toBe(false);
    }
    expect(course.at).toBe(3);
    expect(scoresOfCourse(course)).toEqual([
      { name: 'Locks', points: 3, of: 3 },
      { name: 'Ropes', points: 0, of: 3 },
    ]);
  });
});
