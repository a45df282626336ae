// What a blank says in sentences, of its columns, its kinds and its set.
import { describe, expect, it } from 'vitest';
import { learn } from '.';
import { table } from '../../../tests/make';

const learned = (...lines: string[]) =>
  learn(table(`${lines.join('\n')}\n`, 'blank.csv'), 'id').layout;
const columnOf = (layout: ReturnType<typeof learned>, letter: string) =>
  layout.columns.find(({ column }) => column === letter);

describe('a sentence of a blank', () => {
  it.each([
    ['The schema is fixed. Column D always holds v3.', 'v3'],
    ['La colonne D contient toujours « v3 ».', 'v3'],
    ['Spalte D enthält immer "A-7"', 'A-7'],
  ])('says what a column always holds: %s', (sentence, held) => {
    const layout = learned(
      `"${sentence.replaceAll('"', '""')}";;;`,
      'Question;Answer;Points;Schema',
    );
    expect(columnOf(layout, 'D')).toMatchObject({ role: 'constant', default: held });
  });
  it('says it the other way round, behind another sentence', () => {
    const layout = learned(
      '"Join the wrong answers with ;. Leave the value v3 in column D.",,,',
      'Question,Right answer,Wrong answers,Format',
    );
    expect(columnOf(layout, 'D')).toMatchObject({ role: 'constant', default: 'v3' });
    expect(columnOf(layout, 'C')).toMatchObject({ role: 'wrongs', separator: ';' });
  });
  it('does not where a sample holds something else', () => {
    const layout = learned(
      'Column D always holds v3.;;;',
      'Question;Answer;Points;Category',
      'Who waits?;a boat;1;gates',
      'What opens?;a gate;1;boats',
    );
    expect(columnOf(layout, 'D')?.role).toBe('category');
  });

  it.each([
    ['Join the wrong answers with ;.', ';'],
    ['Zwischen den falschen Antworten steht |.', '|'],
    ['Put the wrong answers together by /', '/'],
  ])('ends with the sign between several: %s', (sentence, sign) => {
    const layout = learned(`"${sentence}",,`, 'Question,Correct answer,Wrong answers');
    expect(columnOf(layout, 'C')).toMatchObject({ role: 'wrongs', separator: sign });
  });

  it('explains a code up to its end, behind a comment sign as well', () => {
    const layout = learned(
      '"Codes for the type: Q1 = one right answer; QN = several right answers; QD = numeric answer. Separate tags by a comma.",,,',
      'Type,Question,Answer,Tags',
    );
    expect(layout.kinds).toEqual([
      { kind: 'choice-one', code: 'Q1' },
      { kind: 'choice-many', code: 'QN' },
      { kind: 'number', code: 'QD' },
    ]);
    const commented = learned(
      '# SC = one right answer,,',
      '# OR = put in order,,',
      'Type,Question,Answer',
    );
    expect(commented.kinds).toEqual([
      { kind: 'choice-one', code: 'SC' },
      { kind: 'order', code: 'OR' },
    ]);
  });

  it('lists kinds up to its end, though its last word is short', () => {
    const layout = learned(
      '"Types: one right answer, typed answer, match up. Put them below.",,',
      'Type,Question,Answer',
    );
    expect(layout.kinds.map(({ kind }) => kind)).toEqual(['choice-one', 'short', 'match']);
  });

  it('lists kinds behind others that have a colon as well, and codes a sentence each', () => {
    const layout = learned(
      '"Questions: at most 250 characters. Allowed types: single_choice, multiple_response, gap_text. Keep the headings.",,',
      'Type,Question,Answer',
    );
    expect(layout.kinds.map(({ kind }) => kind)).toEqual(['choice-one', 'choice-many', 'gap']);
    const codes = learned(
      '"Allowed types: SC = single choice. MC = select all that apply. ES = long answer. Delete the examples.",,',
      'Type,Question,Answer',
    );
    expect(codes.kinds.map(({ code }) => code)).toEqual(['SC', 'MC', 'ES']);
  });

  it('limits its own field, and no other that a sentence beside it speaks of', () => {
    const layout = learned(
      '"The question has at most 150 characters. Options: up to 50 characters each. At most 60 questions per file.",,,',
      'Question,Option 1,Option 2,Right answer',
    );
    expect(layout.limits).toMatchObject({ stem: 150, option: 50, perFile: 60 });
  });
});

describe('how the right answer is told', () => {
  it.each([
    ['Nach jeder Antwort steht stimmt oder stimmt nicht.', 'stimmt', 'stimmt nicht'],
    ['Achter elk antwoord staat niet waar of waar.', 'waar', 'niet waar'],
  ])('is said in words of more than one: %s', (sentence, right, wrong) => {
    const layout = learned(
      `${sentence};;;;;`,
      'frageText;antwortA;antwortARichtig;antwortB;antwortBRichtig;antwortC;antwortCRichtig;antwortD;antwortDRichtig',
    );
    expect(layout.key).toEqual({ style: 'verdict', right, wrong });
    expect(layout.columns.filter(({ role }) => role === 'verdict')).toHaveLength(4);
  });
  it('is said behind a comment’s sign, or among codes, and those are no signs of it', () => {
    const first = learned(
      '# The right answer goes into the first answer column.,,',
      'Question,Answer A,Answer B',
    );
    expect(first.key).toEqual({ style: 'first' });
    const sign = learned(
      'Q1 = one right answer,,',
      'QN = several right answers,,',
      'A right answer begins with ✓.,,',
      'Question,Answer A,Answer B',
    );
    expect(sign.key).toEqual({ style: 'marker', marker: '✓' });
  });
});

describe('a cell above the table that asks for a name', () => {
  it.each([
    'Name des Fragensatzes:',
    'Name of the set:',
    'Nom du parcours :',
    'Nombre de la partida',
  ])('%s is that of the set', (label) => {
    const layout = learned(`${label},,`, 'Question,Answer,Points');
    expect(layout.file.cells).toContainEqual({ cell: 'B1', role: 'set-title' });
  });
  it.each(['Name of the teacher:', 'Nom de l’école :', 'Name der Klasse:', 'Name of the file:'])(
    '%s is not',
    (label) => {
      expect(learned(`${label},,`, 'Question,Answer,Points').file.cells ?? []).toEqual([]);
    },
  );
});

it('what stands beside a table explains it, and is no row of it', () => {
  const layout = learned(
    'Question,Option 1,Verdict 1,Option 2,Verdict 2,,,"Question: at most 95 characters"',
    ',,,,,,,"Options: up to 100 characters each"',
    ',,,,,,,"After each option write correct or incorrect, max 9 letters"',
  );
  expect(layout.file.firstRow).toBe(2);
});

it('letters with their lengths in brackets count options up', () => {
  const layout = learned(
    'Prompt,Which is right?,A (max. 50 characters),B (max. 50 characters),C (max. 50 characters),D (max. 50 characters)',
    'What do rays meet in?,2,Axis,Focus,Shade,Rim',
    'What is thin at its rim?,4,Window,Prism,Mirror,Convex lens',
  );
  expect(layout.columns.map(({ role }) => role)).toEqual([
    'stem',
    'key',
    'option',
    'option',
    'option',
    'option',
  ]);
});

describe('a sentence about the key', () => {
  it('says what parts several, whatever its heading counts on', () => {
    const layout = learned(
      'Sind mehrere richtig: durch Schrägstrich trennen.;;;',
      'Frage;Antwort A;Antwort B;Lösung (A, B, C …)',
    );
    expect(layout.key).toEqual({ style: 'letter', separator: '/' });
    const alone = learned('Frage;Antwort A;Antwort B;Lösung (A,C)');
    expect(alone.key).toEqual({ style: 'letter', separator: ',' });
  });
  it('names its sign behind codes with what they mean', () => {
    const layout = learned(
      '"Types: 1 = pick one. 2 = pick several. Put the sign ✓ in front of each right answer.";;;',
      'Type;Question;Answer 1;Answer 2',
    );
    expect(layout.key).toEqual({ style: 'marker', marker: '✓' });
  });
  it('counts where the same cell lists kinds in another sentence, or its own words name kinds', () => {
    const list = 'Codes voor het vraagtype: kies er één, meerdere goede antwoorden, paren zoeken.';
    const layout = learned(
      `"${list} Vul de index van het goede antwoord in; het eerste antwoord heeft index 0.";;;`,
      'Vraag;Antwoord 1;Antwoord 2;Goed antwoord',
    );
    expect(layout.key.style).toBe('number-from-0');
    const own = learned(
      '"Right answer: its number, 1–5; the first option has the number 1.";;;',
      'Question;Option;Option;Right answer',
    );
    expect(own.key.style).toBe('number');
  });
  it('is none that lists kinds, though one of them is a right answer', () => {
    const layout = learned(
      '"Fragetyp: genau eine auswählen, mehrere richtige Antworten, Paare bilden, ordnen";;;',
      '"Die richtige Antwort wird mit ihrem Buchstaben angegeben, A–D.";;;',
      'Frage;Antwort A;Antwort B;richtige Antwort',
    );
    expect(layout.key.style).toBe('letter');
  });
});
