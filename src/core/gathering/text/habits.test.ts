// Habits by which typed questions say what is a question, an option, and right.
import { describe, expect, it } from 'vitest';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import type { Document } from '../../model';
import { gatherText } from './index';

const documentOf = (...texts: string[]): Document => ({
  file: 'a.txt',
  format: 'txt',
  lines: texts.map((text, index) => ({ text, line: index + 1 })),
  findings: [],
});
const briefs = (...texts: string[]): string[] =>
  gatherText(documentOf(...texts), { newId: counter() }).items.map(brief);
const CORK = 'choice-one: What floats? [*cork / stone]';
const IRON = 'choice-one: What sinks? [wood / *iron]';

describe('habits of marking', () => {
  it('names in front of options say which is right, with or without a number', () => {
    expect(
      briefs(
        'QUESTION: What floats?',
        'RIGHT: cork',
        'WRONG 1: stone',
        'WRONG 2: lead',
        'WHY: Cork is light.',
        '',
        'QUESTION: What sinks?',
        'WRONG 1: wood',
        'RIGHT: iron',
        'WRONG 2: cork',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / stone / lead]',
      'choice-one: What sinks? [wood / *iron / cork]',
    ]);
  });
  it.each([
    ['○', '●'],
    ['□', '■'],
    ['☐', '☒'],
  ])('of empty and filled signs, %s and %s, the filled ones are right', (empty, filled) => {
    expect(
      briefs(
        '1. What floats?',
        `${filled} cork`,
        `${empty} stone`,
        '2. What sinks?',
        `${empty} wood`,
        `${filled} iron`,
      ),
    ).toEqual([CORK, IRON]);
  });
  it('the same filled sign in front of all options is no key', () => {
    expect(
      briefs(
        '1. What floats?',
        '● cork',
        '● stone',
        'Answer: cork',
        '2. What sinks?',
        '● wood',
        '● iron',
        'Answer: iron',
      ),
    ).toEqual([CORK, IRON]);
  });
  it('labels may be parted from the text by blanks alone', () => {
    expect(
      briefs(
        '1   What floats?',
        '    A   cork',
        '    B   stone',
        '2   What sinks?',
        '    A   wood',
        '    B   iron',
        'Key',
        '1   A',
        '2   B',
      ),
    ).toEqual([CORK, IRON]);
  });
  it('words with a number that begin anew are options, and the key names them so', () => {
    expect(
      briefs(
        'Q: What floats?',
        'O1: cork',
        'O2: stone',
        'ANS: O1',
        'Q: What sinks?',
        'O1: wood',
        'O2: iron',
        'ANS: O2',
      ),
    ).toEqual([CORK, IRON]);
  });
  it('a sign in front of each question is none of its text', () => {
    expect(
      briefs('? What floats?', '+ cork', '- stone', '', '? What sinks?', '- wood', '+ iron'),
    ).toEqual([CORK, IRON]);
  });
  it('points beside the number of a question are its points, and a named topic its category', () => {
    const { items } = gatherText(
      documentOf(
        'Topic: Water',
        'Question 1 (2 marks)',
        'What floats?',
        'a) *cork',
        'b) stone',
        'Question 2 (1 mark)',
        'What sinks?',
        'a) wood',
        'b) *iron',
      ),
      { newId: counter() },
    );
    expect(items.map(brief)).toEqual([CORK, IRON]);
    expect(items.map(({ points, category }) => [points, category])).toEqual([
      [2, ['Water']],
      [1, ['Water']],
    ]);
  });
  it('two lists beside one another are matched by their key, and no questions of their own', () => {
    expect(
      briefs(
        'Match the tide with what it is.',
        '',
        '1. ebb      a. it comes in',
        '2. flood    b. it goes out',
        '3. neap     c. it is small',
        '',
        'Key: 1b 2a 3c',
      ),
    ).toEqual([
      'match: Match the tide with what it is. [ebb=it goes out / flood=it comes in / neap=it is small]',
    ]);
  });
});
