// Blanks and sources in one drop: told apart by what they hold.
import { describe, expect, it } from 'vitest';
import { demo, surroundings } from '../../../tests/make';
import { isBlank } from './blank-or-source';

const of = (name: string, text: string): Promise<boolean> =>
  isBlank({ name, bytes: new TextEncoder().encode(text) }, surroundings);
const demoFile = (name: string): Promise<boolean> =>
  isBlank({ name, bytes: demo(name) }, surroundings);

describe('a blank is', () => {
  it.each(['evening-host.xlsx'])('%s of the demo', async (name) => {
    expect(await demoFile(name)).toBe(true);
  });
  it.each([
    ['question,option a,option b,option c,right\n'],
    ['question;answer_a;answer_b;answer_c;correct\nSample question?;A;B;C;c\n'],
    ['Question,A,B,C,Right\ne.g. What floats?,cork,iron,lead,A\n'],
  ])('%j', async (text) => {
    expect(await of('form.csv', text)).toBe(true);
  });
});

describe('a source is', () => {
  it.each(['second-evening.xlsx', 'words-for-keepers.txt', 'reply-in-text.md'])(
    '%s of the demo',
    async (name) => {
      expect(await demoFile(name)).toBe(false);
    },
  );
  it.each([
    [
      'own.csv',
      'Question,A,B,C,Right\nWhat floats?,cork,iron,lead,A\nWhat sinks?,cork,iron,wood,B\n',
    ],
    ['notes.txt', 'Things to buy\nrope\npaint\n'],
    ['empty.csv', ''],
    ['few.csv', 'Question,A,B,C,Right\nWhat burns?,cork,iron,lead,A\n'],
    ['one.txt', '1. What floats?\na) cork *\nb) iron\n'],
  ])('%s', async (name, text) => {
    expect(await of(name, text)).toBe(false);
  });
});
