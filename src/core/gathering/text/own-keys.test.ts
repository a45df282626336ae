// Keys and lists of options as people type them without a second thought. Common practice, no source.
import { describe, expect, it } from 'vitest';
import { briefsOf, gatherTyped } from '../../../../tests/typed';

const RIGHT = [
  'choice-one: Was schwimmt? [Blei / *Kork]',
  'choice-one: Was wächst? [*Buche / Zinn]',
];

describe('keys', () => {
  it('numbers within a chapter, in front of the questions and in the key', async () => {
    expect(
      await briefsOf(
        'Modul 4\n\n4.1 Was schwimmt?\n    a) Blei\n    b) Kork\n\n4.2 Was wächst?\n    a) Buche\n    b) Zinn\n\nLösungen\n4.1 b\n4.2 a\n',
      ),
    ).toEqual(RIGHT);
  });
  it('strokes between numbers and letters', async () => {
    expect(
      await briefsOf(
        'Q1/ Was schwimmt?\nA/ Blei   B/ Kork\nQ2/ Was wächst?\nA/ Buche   B/ Zinn\n\nAns: 1/B 2/A\n',
      ),
    ).toEqual(RIGHT);
  });
  it('a row of strokes between the word for answers and their list', async () => {
    expect(
      await briefsOf(
        'Questions\n---------\n1) Name the largest bone.\n2) How many chambers has the heart?\n\nAnswers\n---------\n1) femur\n2) four\n',
      ),
    ).toEqual([
      'short: Name the largest bone. [femur]',
      'short: How many chambers has the heart? [four]',
    ]);
  });
  it('a number among letters, below a word for answers in whatever language', async () => {
    expect(
      await briefsOf(
        '1. Was schwimmt?\n   A Blei\n   B Kork\n2. Was wächst?\n   A Buche\n   B Zinn\n3. Jaké pH má voda?\n\nŘešení: 1B, 2A, 3 - 7\n',
      ),
    ).toEqual([...RIGHT, 'short: Jaké pH má voda? [7]']);
  });
});

describe('options without labels', () => {
  it('between wide gaps behind their question, with the key in words', async () => {
    expect(
      await briefsOf(
        '1. Was schwimmt?     Blei    Kork    Zinn\n2. Was wächst?   Buche      Zink      Gold\n\nFasit: 1 Kork, 2 Buche\n',
      ),
    ).toEqual([
      'choice-one: Was schwimmt? [Blei / *Kork / Zinn]',
      'choice-one: Was wächst? [*Buche / Zink / Gold]',
    ]);
  });
  it('lists with one word behind an arrow, below the task for all of them', async () => {
    const { items } = await gatherTyped(
      'Which is the odd one out?\n\n1. oak, ash, carrot -> carrot\n2. red, seven, blue -> seven\n3. dog, chair, cow -> chair\n',
    );
    expect(
      items.map(({ stem, options }) => [
        stem.plain,
        options!.map(({ text, right }) => `${right ? '*' : ''}${text.plain}`),
      ]),
    ).toEqual([
      ['Which is the odd one out?', ['oak', 'ash', '*carrot']],
      ['Which is the odd one out?', ['red', '*seven', 'blue']],
      ['Which is the odd one out?', ['dog', '*chair', 'cow']],
    ]);
  });
});

describe('answers by other numbers than letters', () => {
  it('numbers in brackets, and Roman ones', async () => {
    expect(
      await briefsOf(
        '1. Was schwimmt?\n(1) Blei   (2) Kork\n2. Was wächst?\n(1) Buche   (2) Zinn\n\n1. (2)   2. (1)\n',
      ),
    ).toEqual(RIGHT);
    expect(
      await briefsOf(
        'Q1) Was schwimmt?\n    I.   Blei\n    II.  Kork\n    Answer II\n\nQ2) Was wächst?\n    I.   Buche\n    II.  Zinn\n    Answer I\n',
      ),
    ).toEqual(RIGHT);
  });
  it('one of the words that each line offers, in their order and under any name', async () => {
    const { items } = await gatherTyped(
      '1. A force is measured in ______ (newtons / joules / watts).\n2. Friction acts ______ (with / against) motion.\n\nTeacher copy: newtons; against\n',
    );
    expect(items).toMatchObject([
      { kind: 'gap', gaps: [{ accepted: ['newtons'], options: ['newtons', 'joules', 'watts'] }] },
      { kind: 'gap', gaps: [{ accepted: ['against'], options: ['with', 'against'] }] },
    ]);
    expect(
      await briefsOf(
        'Capitals\n\nItaly: Rome / Milan / Turin\nNorway: Bergen / Oslo / Hamar\nCanada: Toronto / Quebec / Ottawa\n\n(Rome, Oslo, Ottawa)\n',
      ),
    ).toEqual([
      'choice-one: Italy: [*Rome / Milan / Turin]',
      'choice-one: Norway: [Bergen / *Oslo / Hamar]',
      'choice-one: Canada: [Toronto / Quebec / *Ottawa]',
    ]);
  });
  it('a title with a sign in its brackets is no pair', async () => {
    expect(
      await briefsOf('Vocab (English -> Swedish)\n\nlock -> sluss\ngate -> port\nrope -> rep\n'),
    ).toHaveLength(3);
  });
});
