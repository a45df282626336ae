// What words say that lines are, and what lines become together.
import { describe, expect, it } from 'vitest';
import { wholeness, BROKEN } from './wholeness';
import { oddsBySentences, oddsByWords, type LineRole } from './words';

describe('words in front of lines', () => {
  const best = (words: string): LineRole | undefined =>
    [...oddsByWords({ words, after: '', lines: [{}] as never })].sort(
      (a, b) => b[1] - a[1],
    )[0]?.[0];
  it.each([
    ['Question', 'stem'],
    ['Frage', 'stem'],
    ['RIGHT', 'right'],
    ['antwort falsch', 'wrong'],
    ['Correct', 'right'],
    ['Why', 'explanation'],
    ['Topic', 'category'],
    ['Points', 'points'],
    ['Q', 'stem'],
    ['H', 'hint'],
    ['Vrigl', undefined],
  ])('%s', (words, role) => {
    expect(best(words)).toBe(role);
  });
  it('are explained by sentences, sign by sign', () => {
    const said = [
      'A line with ! is the right answer, a line with . is a wrong one.',
      '@ gives the category.',
    ];
    const roles = (sign: string): LineRole[] => [...oddsBySentences(said, sign).keys()];
    expect([roles('!'), roles('.'), roles('@'), roles('?')]).toEqual([
      ['right'],
      ['wrong'],
      ['category'],
      [],
    ]);
  });
});

describe('what lines become together', () => {
  it.each<[string, LineRole[], boolean]>([
    ['right and wrong options', ['stem', 'right', 'wrong'], true],
    ['options and a line that names the right one', ['stem', 'option', 'option', 'key'], true],
    ['options of which nothing says what is right', ['stem', 'option', 'option'], false],
    ['a right one alone', ['stem', 'right'], false],
    ['both signs and a key', ['stem', 'right', 'wrong', 'key'], false],
    ['answers above the question', ['right', 'stem', 'wrong'], false],
    ['two questions', ['stem', 'stem', 'right', 'wrong'], false],
    ['feedback below an option', ['stem', 'right', 'feedback', 'wrong'], true],
    ['feedback below nothing', ['stem', 'feedback', 'right', 'wrong'], false],
    ['options and typed answers', ['stem', 'right', 'wrong', 'accepted'], false],
    ['a typed answer', ['stem', 'accepted'], true],
    ['steps', ['stem', 'step', 'step'], true],
    ['a category alone', ['category'], true],
    ['no question', ['right', 'wrong'], false],
    ['a whole card', ['card'], true],
    ['a card and something else', ['card', 'stem'], false],
  ])('%s', (_, roles, isWhole) => {
    const texts = roles.map((role) => `a ${role}`);
    expect(wholeness(roles, texts) > BROKEN / 2).toBe(isWhole);
  });
  it('true or false by one line', () => {
    expect(wholeness(['stem', 'right'], ['It floats.', 'true'])).toBeGreaterThan(1);
    expect(wholeness(['stem', 'key'], ['It floats.', 'false'])).toBeGreaterThan(1);
  });
});
