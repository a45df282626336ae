import { describe, expect, it } from 'vitest';
import { SAYINGS } from './contract';
import { meet, shareMet } from './met';
import { shippedModel } from './model';
import { sayingOf } from './words';

describe('words that were met', () => {
  const met = meet(['Correct answer', 'Schwierigkeit', 'Réponse 2']);

  it.each([
    ['the word itself', 'correct', 1],
    ['other forms of it', 'Schwierigkeiten', 1],
    ['a compound that ends with it', 'Antwortschwierigkeit', 1],
    ['accents and numbers set aside', 'REPONSE 4', 1],
    ['one of two, by its letters', 'answer zqvx', 0.6],
    ['none', 'zqvx', 0],
    ['no word at all', 'A', 1],
  ])('%s', (_, heading, share) => {
    expect(shareMet(met, heading)).toBeCloseTo(share, 5);
  });

  it('hardly a stranger passes', () => {
    const { words } = shippedModel();
    let state = 7;
    const letter = (): string => {
      state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff;
      return String.fromCharCode(0x4e00 + ((state >> 8) % 20000));
    };
    const strangers = Array.from({ length: 400 }, () => letter() + letter() + letter());
    const passing = strangers.filter((text) => shareMet(words.met, text) > 0);
    // Each word is asked twice, by its start and by its end.
    expect(passing.length).toBeLessThan(strangers.length * 0.08);
  });

  it('one that was never met names no field', () => {
    const said = sayingOf(shippedModel().words, '鳥居');
    expect(said[SAYINGS.indexOf('unknown')]).toBeGreaterThan(0.9);
    expect(said.reduce((sum, p) => sum + p, 0)).toBeCloseTo(1, 6);
  });
});
