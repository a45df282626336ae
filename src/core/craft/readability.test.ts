import fc from 'fast-check';
import { flesch } from 'flesch';
import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import { describe, expect, it } from 'vitest';
import { countsOf, readabilityOf } from './readability';

const PLAIN = 'The keeper opens the gate. The boat goes in. What does the crew do with the line?';

describe('how easy a text is to read', () => {
  it('agrees with another implementation of both English formulas on any text', () => {
    const word = fc.constantFrom(
      'the',
      'of',
      'keeper',
      'navigation',
      'gate',
      'paddle',
      'authority',
    );
    const sentence = fc
      .array(word, { minLength: 4, maxLength: 24 })
      .map((own) => `${own.join(' ')}.`);
    fc.assert(
      fc.property(fc.array(sentence, { minLength: 2, maxLength: 5 }), (sentences) => {
        const text = `The ${sentences.join(' ')}`;
        const counts = countsOf(text, syllable);
        const same = { sentence: counts.sentences, word: counts.words, syllable: counts.syllables };
        const found = readabilityOf(text)!;
        expect(found.ease).toBe(Math.round(flesch(same)));
        expect(found.grade).toBe(Math.max(0, Math.round(fleschKincaid(same))));
      }),
    );
  });

  it('counts letters, words, sentences and syllables', () => {
    expect(countsOf('Who opens it? The lock-keeper does', () => 2)).toEqual({
      letters: 27,
      words: 6,
      sentences: 2,
      syllables: 12,
    });
  });

  it.each([
    ['English', PLAIN, 'Flesch 1948'],
    [
      'German',
      'Der Wärter öffnet das Tor. Das Boot fährt in die Kammer und wartet.',
      'Amstad 1978',
    ],
    [
      'French',
      'Le bateau entre dans la chambre. Quelle porte est fermée par le gardien ?',
      'Kandel and Moles 1958',
    ],
    [
      'Spanish',
      'El barco entra en la cámara. ¿Qué puerta es la que cierra el guarda?',
      'Fernández Huerta 1959',
    ],
    [
      'Italian',
      'La barca entra nella camera. Quale porta è chiusa per il guardiano?',
      'Gulpease 1988',
    ],
    [
      'Dutch',
      'Het schip vaart in de kolk. Welke deur is dicht en wat doet de wachter?',
      'Douma 1960',
    ],
  ])('%s by its own formula', (_, text, by) => {
    expect(readabilityOf(text)?.by).toBe(by);
  });

  it('tells nothing of a few words, or of a language without a formula here', () => {
    expect(readabilityOf('What is the lock?')).toBeUndefined();
    expect(
      readabilityOf('Mikä seuraavista joista laskee mereen kaupungin keskustan läpi kulkien'),
    ).toBeUndefined();
  });

  it('harder words and longer sentences are harder', () => {
    const hard =
      'Which administrative authorisation necessitates immediate documentation of the navigational infrastructure and its rehabilitation?';
    expect(readabilityOf(hard)!.ease).toBeLessThan(readabilityOf(PLAIN)!.ease - 50);
  });
});
