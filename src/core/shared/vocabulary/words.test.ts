// The words that people use for kinds, answers and keys, in the languages that are known.
import { describe, expect, it } from 'vitest';
import type { Kind } from '../../model';
import { fieldOfLine, headsAnswers } from './answer-lines';
import { kindOfWord } from './kinds';
import { among, wholly } from './phrases';

describe('phrases', () => {
  const fruit = { en: ['apples?', 'apple pie'], de: ['apfel'] };
  it('are matched as a whole, the longest first', () => {
    expect(wholly(fruit).test('apple pie')).toBe(true);
    expect(wholly(fruit).test('an apple')).toBe(false);
    expect(among(fruit).exec('an apple pie')?.[0]).toBe('apple pie');
  });
  it('are no parts of other words', () => {
    expect(among(fruit).test('pineapples')).toBe(false);
    expect(among(fruit).test('ein apfel')).toBe(true);
  });
});

describe('a kind’s word', () => {
  it.each<[string, Kind]>([
    ['True/false', 'true-false'],
    ['richtig/falsch', 'true-false'],
    ['Vrai ou faux', 'true-false'],
    ['MCQ', 'choice-one'],
    ['Einfachauswahl', 'choice-one'],
    ['Multiple response', 'choice-many'],
    ['Mehrfachauswahl', 'choice-many'],
    ['several options, exactly one of them right', 'choice-one'],
    ['Zuordnung', 'match'],
    ['matching', 'match'],
    ['Volgorde', 'order'],
    ['Texte à trous', 'gap'],
    ['Lückentext', 'gap'],
    ['Numerical', 'number'],
    ['Datei', 'upload'],
    ['Karteikarte', 'card'],
    ['Freitext', 'open'],
    ['Kurzantwort', 'short'],
    ['Freitextaufgabe', 'open'],
    ['Rechenfrage', 'number'],
    ['flervalsfråga', 'choice-one'],
    ['Multiple choice', 'choice-one'],
    ['Multiple choice (one answer)', 'choice-one'],
    ['Multiple choice (several answers)', 'choice-many'],
    ['more than one answer', 'choice-many'],
  ])('%s names %s', (word, kind) => {
    expect(kindOfWord(word)).toBe(kind);
  });
  it.each(['', '???', 'Harrowmere'])('“%s” names none', (word) => {
    expect(kindOfWord(word)).toBeUndefined();
  });
});

describe('a line that names a field', () => {
  it.each([
    ['Answer: C', 'answer', 'C'],
    ['Ans - b', 'answer', 'b'],
    ['Richtige Antwort: B', 'answer', 'B'],
    ['Bonne réponse : A', 'answer', 'A'],
    ['Respuesta correcta: D', 'answer', 'D'],
    ['Risposta esatta: la chiusa', 'answer', 'la chiusa'],
    ['Juiste antwoord: C', 'answer', 'C'],
    ['Explanation: it is on the map', 'explanation', 'it is on the map'],
    ['Frage 3: Was schwimmt?', 'question', 'Was schwimmt?'],
  ])('%s', (line, role, value) => {
    expect(fieldOfLine(line)).toMatchObject({ role, value });
  });
  it.each(['A lock has two gates: one above and one below', 'Harrowmere: a canal', 'B'])(
    '“%s” names none',
    (line) => {
      expect(fieldOfLine(line)).toBeUndefined();
    },
  );
  it.each([
    'Answer key',
    'Lösungen',
    'Corrigé',
    'Soluciones',
    'Risposte',
    'Antwoorden',
    'Gabarito',
  ])('“%s” heads the answers to all questions', (line) => {
    expect(headsAnswers(line)).toBe(true);
  });
});
