// Blanks as most receivers hand them out: rules below the headings, empty blocks, notes that say what to write. The habits are
// common practice, no source.
import { describe, expect, it } from 'vitest';
import { learnBlank } from '../pipeline';
import { limitsIn } from './sentences';
import { verdictsWritten } from './key-sentences';
import { surroundings } from '../../../tests/make';

const learnt = (name: string, lines: readonly string[]) =>
  learnBlank({ name, bytes: new TextEncoder().encode(lines.join('\n')) }, surroundings);

describe('plain blanks', () => {
  it('a length or a word for what may be left empty says nothing of what a column is', async () => {
    const { layout, unsure } = await learnt('a.csv', [
      'Fragentext*;Antwort A*;Antwort B*;Antwort C;Richtig*;Erklärung;Hinweis',
      'max. 120 Zeichen;max. 60 Zeichen;max. 60 Zeichen;optional;Buchstabe, z. B. A;max. 300 Zeichen;freiwillig',
    ]);
    expect(unsure).toEqual([]);
    expect(layout.columns.map(({ role, max }) => [role, max])).toEqual([
      ['stem', 120],
      ['option', 60],
      ['option', 60],
      ['option', undefined],
      ['key', undefined],
      ['explanation', 300],
      ['hint', undefined],
    ]);
  });

  it('a number in brackets is a length where a heading beside it says so, and so is one below with “max.” alone', async () => {
    const beside = await learnt('a.csv', [
      'Question (120 chars),Option A (60),Option B (60),Correct,Seconds',
    ]);
    expect(beside.layout.limits).toMatchObject({ stem: 120, option: 60 });
    const below = await learnt('a.csv', [
      'Énoncé;Réponse A;Réponse B;Réponse C;Bonne réponse;Explication',
      '200 caractères max.;80 max.;80 max.;80 max.;A, B ou C;facultatif',
      'Qu’est-ce qu’un sas ?;une chambre;un bateau;un outil;A;entre deux portes',
    ]);
    expect(below.layout.limits).toMatchObject({ stem: 200, option: 80 });
    expect(below.layout.file).toMatchObject({ firstRow: 3, sample: [3, 3] });
    expect(below.unsure).toEqual([]);
  });

  it('lengths in brackets below the headings, and in short within one', async () => {
    const below = await learnt('a.csv', [
      'Fragetext*;Antwort A*;Antwort B*;Antwort C;Lösung*;Kategorie',
      '(max. 120 Zeichen);(max. 40);(max. 40);(max. 40);A, B oder C;frei',
    ]);
    expect(below.layout.limits).toMatchObject({ stem: 120, option: 40 });
    const within = await learnt('a.csv', [
      'énoncé (150 car. max);réponse 1;réponse 2;bonne réponse',
    ]);
    expect(within.layout.limits).toMatchObject({ stem: 150 });
  });

  it('a range or a unit below a heading explains it, and is no heading of its own', async () => {
    const { layout } = await learnt('a.csv', [
      'Question;Réponses;;;;Bonne réponse;Temps',
      'énoncé;1;2;3;4;1 à 4;en s',
    ]);
    expect(layout.columns.map(({ role }) => role)).toEqual([
      'stem',
      'option',
      'option',
      'option',
      'option',
      'key',
      'seconds',
    ]);
    expect(layout.key).toMatchObject({ style: 'number' });
  });

  it('codes below “Name” name no person', async () => {
    const { layout } = await learnt('a.csv', [
      'Name,Question,Ans1,Ans1 %,Ans2,Ans2 %',
      'Q001,Which are even?,2,100,5,0',
    ]);
    expect(layout.columns[0]).toMatchObject({ role: 'ref' });
  });

  it('a rule behind a heading says nothing of it either', async () => {
    const { layout } = await learnt('a.csv', [
      'Question - max. 90 characters,Answer A,Answer B,Right answer: required,"Hint, up to 60 characters",Explanation – at most 240 characters',
    ]);
    expect(layout.columns.map(({ role, max }) => [role, max])).toEqual([
      ['stem', 90],
      ['option', undefined],
      ['option', undefined],
      ['key', undefined],
      ['hint', 60],
      ['explanation', 240],
    ]);
  });

  it('marked text with points behind a sign; what asks is no half of a pair', async () => {
    const { layout } = await learnt('a.txt', [
      'What floats? @1',
      '(ok) a hull',
      '(no) a sill',
      '',
      'What opens? @1',
      '(no) a bank',
      '(ok) a gate',
      '',
      'What holds the water? @2',
      '(no) a rope',
      '(ok) a weir',
    ]);
    expect(layout.pattern?.forms[0]?.parts[0]).toMatchObject({
      role: 'stem',
      points: { open: ' @', close: '' },
    });
    const asked = await learnt('a.txt', [
      '<<Locks>>',
      'What floats? => a hull',
      'What opens? => a gate',
      '',
      '<<Banks>>',
      'What grows there? => reed',
      'What holds the water? => a weir',
    ]);
    expect(asked.layout.kinds.map(({ kind }) => kind)).not.toContain('match');
    expect(asked.unsure).not.toEqual([]);
  });

  it('empty blocks that count their questions, with the options below', async () => {
    const block = (n: number): string[] => [
      `Question ${n}:,`,
      'Option A:,',
      'Option B:,',
      'Correct option:,',
      'Points:,',
      ',',
    ];
    const { layout } = await learnt('a.csv', [...block(1), ...block(2), ...block(3)]);
    expect(layout.lines?.map(({ label, role, opens }) => [label, role, opens === true])).toEqual([
      ['Question {n}', 'stem', true],
      ['Option A:', 'option', false],
      ['Option B:', 'option', false],
      ['Correct option:', 'key', false],
      ['Points:', 'points', false],
    ]);
  });

  it.each<[string, string, string]>([
    ['Enter 1 for true, 0 for false', '1', '0'],
    ['Use 1 if the statement is true and 0 if it is false', '1', '0'],
    ['True = 1; False = 0', '1', '0'],
    ['0 = falsch, 1 = richtig', '1', '0'],
    ['1 (vrai) ou 0 (faux)', '1', '0'],
    ['Y = true / N = false', 'Y', 'N'],
    ['+ if right, - if wrong', '+', '-'],
    ['yes if it holds, no if it does not', 'yes', 'no'],
  ])('what to write for true and false: %s', (text, right, wrong) => {
    expect(verdictsWritten(text, [])).toEqual({ right, wrong });
  });

  it('one question in a row is no fewest number of options', () => {
    expect(limitsIn('One question per row, at most 6 options.')).toEqual({ optionsMax: 6 });
    expect(limitsIn('2 to 6 options per question')).toMatchObject({ optionsMin: 2, optionsMax: 6 });
  });

  it('a sample of JSON is read by its names, and that it can’t be filled is said', async () => {
    const { layout, unsure, because } = await learnt('a.json', [
      '[{"question":"What floats, then?","options":["a sill","a hull"],"answer":1}]',
    ]);
    expect(layout.columns.map(({ role }) => role)).toEqual(['stem', 'option', 'option', 'key']);
    expect(layout.file.format).toBe('csv');
    expect(unsure).toContain('file.format');
    expect(because['file.format']).toContain('JSON');
  });
});
