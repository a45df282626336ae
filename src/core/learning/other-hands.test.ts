// Blanks as other hands lay them out. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { learnBlank } from '../pipeline';
import { counter } from '../../../tests/make';

const bytesOf = (lines: readonly string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\n')}\n`);
const learn = (lines: readonly string[]) =>
  learnBlank(
    { name: 'blank.csv', bytes: bytesOf(lines) },
    { id: counter(), digest: async () => 'd', now: () => '2026-01-01T00:00:00Z' },
  );

describe('what a blank says of its columns by name', () => {
  it('in a legend beside it, which holds no sample', async () => {
    const { layout } = await learn([
      'Frage,Antwort 1,Antwort 2,Antwort 3,Richtige Antwort,Thema,,Legende,',
      ',,,,,,,Frage,höchstens 90 Zeichen',
      ',,,,,,,Antwort 1 bis 3,höchstens 40 Zeichen',
      ',,,,,,,Thema,"Schlagwörter, mehrere mit Komma"',
    ]);
    expect(layout.limits).toMatchObject({ stem: 90, option: 40 });
    expect(layout.columns.find(({ column }) => column === 'F')).toMatchObject({
      role: 'tags',
      separator: ',',
    });
    expect(layout.file.sample).toBeUndefined();
  });

  it('words for right and wrong, each first in its clause', async () => {
    const { layout } = await learn([
      'Stelling,Oordeel,Toelichting na afloop,,Legenda',
      ',,,,"Oordeel: ja als de stelling klopt, nee als ze niet klopt"',
      ',,,,Stelling: hoogstens 80 tekens',
    ]);
    expect(layout.key).toEqual({ style: 'word', right: 'ja', wrong: 'nee' });
  });

  it('words for right and wrong in the sentence about the answers, not in the one that lists the kinds', async () => {
    const { layout } = await learn([
      '"# Eén vraag per rij. Toegestane vraagtypen: één goed antwoord, paren zoeken, goed/fout. Schrijf achter elk antwoord G of F.",,,,,',
      'Vraagvorm,Vraagstelling,Mogelijkheid A,Klopt A?,Mogelijkheid B,Klopt B?',
    ]);
    expect(layout.key).toEqual({ style: 'verdict', right: 'G', wrong: 'F' });
  });

  it('words for right and wrong in a sentence, though their heading abbreviates them', async () => {
    const { layout: coded } = await learn([
      '# Q1 = choose one,,,,,',
      '# QB = true or false,,,,,',
      '# Say of each option whether it is correct or incorrect.,,,,,',
      'Question type,Question text,1,Correct? 1,2,Correct? 2',
    ]);
    expect(coded.key).toEqual({ style: 'verdict', right: 'correct', wrong: 'incorrect' });
    const { layout } = await learn([
      'Bitte hinter jede Antwort richtig oder falsch schreiben.,,,,',
      'Fr.,AM,R/F,AM,R/F',
    ]);
    expect(layout.key).toEqual({ style: 'verdict', right: 'richtig', wrong: 'falsch' });
  });

  it('wrong answers that stand in one cell, by a sentence that parts them', async () => {
    const blank = (rule: string) => learn([`Vr.,J. antw.,F. antw.,,${rule}`]);
    const { layout } = await blank('Scheid de foute antwoorden met een puntkomma.');
    expect(layout.columns.map(({ role, separator }) => [role, separator])).toEqual([
      ['stem', undefined],
      ['right', undefined],
      ['wrongs', ';'],
    ]);
    const { layout: other } = await blank('Schrijf in elke rij een vraag.');
    expect(other.columns[2]).toMatchObject({ role: 'wrong' });
  });

  it('in a row below the headings, which is no sample', async () => {
    const { layout, unsure } = await learn([
      'Question,Option1,Option2,Option3,CorrectAnswer,Timer',
      'Text (max 150 chars),Text (max 50 chars),Text (max 50 chars),Text (optional),1-3,5/10/20/30',
    ]);
    expect(layout).toMatchObject({
      file: { headingRow: 1, firstRow: 3 },
      key: { style: 'number' },
      limits: { stem: 150, option: 50, seconds: [5, 10, 20, 30] },
    });
    expect(layout.file.sample).toBeUndefined();
    expect(unsure).toEqual([]);
  });

  it('by the heading of the first option, which alone is called right', async () => {
    const { layout, unsure } = await learn([
      'Pregunta,Respuesta 1 (correcta),Respuesta 2,Respuesta 3,Segundos',
      '¿Qué es una esclusa?,una cámara,un puente,un barco,20',
    ]);
    expect(layout.key).toEqual({ style: 'first' });
    expect(unsure).not.toContain('key');
  });

  it('headings in the row above reach down beside letters of options', async () => {
    const { layout } = await learn([
      ',Your question,Possible answers,,,Correct',
      ',,A,B,C,',
      '1,,,,,',
      '2,,,,,',
      '3,,,,,',
    ]);
    expect(layout.shape).toBe('rows');
    expect(layout.columns.map(({ role }) => role)).toEqual([
      'number-in-file',
      'stem',
      'option',
      'option',
      'option',
      'key',
    ]);
  });

  it('a sentence that says what to write is clearer than a heading that abbreviates it', async () => {
    const { layout } = await learn([
      '"After each option, write ok or no."',
      'Pts.,Qn,Alt. 1,R/W 1,Alt. 2,R/W 2,Alt. 3,R/W 3',
    ]);
    expect(layout.key).toEqual({ style: 'verdict', right: 'ok', wrong: 'no' });
  });

  it('options that a sentence counts from 0 are named so, whatever a lone sample may be', async () => {
    const { layout } = await learn([
      '# The options are counted from 0.',
      'item_text,option_1,option_2,option_3,option_4,correct_answer',
      'What is the longest side called?,Diagonal,Chord,Hypotenuse,Radius,2',
    ]);
    expect(layout.key).toEqual({ style: 'number-from-0' });
  });

  it('what letters count means the same, wherever the letter stands and whether a sample has it or not', async () => {
    const letters = [...'ABCDEFGH'];
    const { layout } = await learn([
      `NUM_LIGNE,ENONCE,${letters.map((one) => `REPONSE_${one},REPONSE_${one}_JUSTE`).join(',')},LIEN_IMAGE`,
      '1,Qu’est-ce qui retient l’eau ?,une porte,correct,une corde,incorrect,une perche,incorrect,,,,,,,,,,,',
      '2,Qui entre le premier ?,le dernier,incorrect,le premier,correct,personne,incorrect,,,,,,,,,,,',
    ]);
    const verdicts = layout.columns.filter(({ role }) => role === 'verdict');
    expect(verdicts.map(({ n }) => n)).toEqual([1, 2, 3, 4, 5, 6, 7, 8]);
  });

  it('letters in front of their lengths are options, the first of them no article', async () => {
    const { layout } = await learn([
      `Item;${['A', 'B', 'C', 'D', 'E'].map((one) => `${one} – at most 100 characters`).join(';')};Scoring key`,
      'What is the green in leaves called?;Resin;Chlorophyll;Tannin;Cellulose;;B',
      'What do roots mostly take up?;Sand;Sugar;Oxygen;Water;;D',
      'Which layer makes new wood?;Pith;Bark;Cambium;Heartwood;;C',
    ]);
    expect(layout.columns.filter(({ role }) => role === 'option')).toHaveLength(5);
    expect(layout.key).toMatchObject({ style: 'letter' });
  });

  it('an example in a heading counts nothing', async () => {
    const { layout } = await learn([
      'Question,Answer 1,Answer 2,Answer 3,"Right answer(s), e.g. 1,3"',
      'Which is a fruit?,apple,stone,glue,1',
    ]);
    expect(layout.columns.at(-1)).toMatchObject({ column: 'E', role: 'key' });
    expect(layout.key).toEqual({ style: 'number', separator: ',' });
  });
});

describe('kinds that a sentence lists', () => {
  const kindsOf = async (words: string): Promise<string[]> =>
    (await learn([`"${words}",,,,`, ',,,,', 'Typ,Frage,A,B,Richtig', ',,,,'])).layout.kinds.map(
      ({ kind, code }) => `${kind}: ${code}`,
    );

  it('end where the next sentence begins', async () => {
    expect(
      await kindsOf(
        'Kürzel für den Fragetyp: single_choice, multiple_response, ordering. Bitte nichts löschen.',
      ),
    ).toEqual(['choice-one: single_choice', 'choice-many: multiple_response', 'order: ordering']);
  });

  it('may hold an “or” of their own', async () => {
    expect(
      await kindsOf('Erlaubte Fragetypen: genau eine auswählen, Zahl oder wahr oder falsch'),
    ).toContain('choice-one: genau eine auswählen');
    expect(
      await kindsOf('Erlaubte Fragetypen: genau eine auswählen, Zahl, wahr oder falsch'),
    ).toEqual(['choice-one: genau eine auswählen', 'number: Zahl', 'true-false: wahr oder falsch']);
  });
});

describe('what a blank says in few words', () => {
  it.each([
    ['Wrong answers (separate with ||)', '3||5||22', '||'],
    ['Wrong answers (parted by //)', '', '//'],
    ['Wrong answers', '3|5|22', '|'],
    ['Wrong answers (one per line)', '', '\n'],
    ['Falsche Antworten (durch Semikolon)', '', ';'],
  ])('the sign between wrong answers: “%s” with “%s”', async (heading, sample, separator) => {
    const { layout } = await learn([
      `Question,Right answer,${heading}`,
      ...(sample ? [`What is 2 + 2?,4,${sample}`] : []),
    ]);
    expect(layout.columns[2]).toMatchObject({ role: 'wrongs', separator });
  });

  it('blanks between tags', async () => {
    const { layout } = await learn(['Front,Back,Tags (separate with spaces)']);
    expect(layout.columns[2]).toMatchObject({ role: 'tags', separator: ' ' });
  });

  it('one of several signs is no length', async () => {
    const { layout } = await learn([
      'Question (max 140 characters),Answer,"Category, one of these signs"',
      ',,',
    ]);
    expect(layout.limits.stem).toBe(140);
    expect(layout.columns[2]!.max).toBeUndefined();
  });

  it('a setting that every sample says alike is written as it stands', async () => {
    const { layout, unsure } = await learn([
      'id,question,accepted_answers,case_sensitive,points',
      '1,What is the capital of Italy?,Rome|Roma,no,1',
    ]);
    expect(layout.columns[3]).toMatchObject({ role: 'constant', default: 'no' });
    expect(unsure).toContain('columns.D');
  });
});
