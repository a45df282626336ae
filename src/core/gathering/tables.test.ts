// Sheets as people lay them out. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import type { Sheet, Table } from '../model';
import { gatherTable } from '../pipeline';
import { sheetWith } from '../shared/sheet';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';

const sheet = (rows: (string | number)[][], more: Partial<Sheet> = {}): Sheet =>
  sheetWith({ name: 'Round', rows: rows.map((row) => row.map(String)), ...more });
const book = (...sheets: Sheet[]): Table => ({
  file: 'book.xlsx',
  format: 'xlsx',
  sheets,
  findings: [],
});
const read = (rows: (string | number)[][], more: Partial<Sheet> = {}) =>
  gatherTable(book(sheet(rows, more)), {}, { id: counter() });
const GATE = 'choice-one: What opens? [Wall / *Gate / Roof]';
const CORK = 'choice-one: What floats? [*Cork / Brick / Nail]';

describe('headings in the languages of the trade', () => {
  it.each([
    ['German', ['Nr.', 'Frage', 'Antwort 1', 'Antwort 2', 'Antwort 3', 'Richtige Antwort']],
    ['French', ['No', 'Question', 'Réponse A', 'Réponse B', 'Réponse C', 'Bonne réponse']],
    ['Spanish', ['N', 'Pregunta', 'Opción A', 'Opción B', 'Opción C', 'Respuesta correcta']],
    ['Italian', ['N', 'Domanda', 'Risposta 1', 'Risposta 2', 'Risposta 3', 'Risposta esatta']],
    ['Dutch', ['Nr', 'Vraag', 'Antwoord A', 'Antwoord B', 'Antwoord C', 'Juiste antwoord']],
    [
      'Portuguese',
      ['N', 'Pergunta', 'Alternativa A', 'Alternativa B', 'Alternativa C', 'Resposta correta'],
    ],
    ['Welsh', ['Rhif', 'Cwestiwn', 'Ateb A', 'Ateb B', 'Ateb C', 'Ateb cywir']],
  ])('%s', (_, headings) => {
    const { items, reading } = read([
      headings,
      [1, 'What opens?', 'Wall', 'Gate', 'Roof', 2],
      [2, 'What floats?', 'Cork', 'Brick', 'Nail', 1],
    ]);
    expect(items.map(brief)).toEqual([GATE, CORK]);
    expect(reading.unsure).toEqual([]);
  });
});

describe('how a sheet tells the right answer', () => {
  it('by the colour or weight of a cell', () => {
    for (const look of ['mark', 'bold', 'underline', 'italic'] as const) {
      const { items, reading } = read(
        [
          ['Question', 'A', 'B', 'C'],
          ['What opens?', 'Wall', 'Gate', 'Roof'],
          ['What floats?', 'Cork', 'Brick', 'Nail'],
        ],
        {
          rich: {
            '1:2': [{ text: 'Gate', [look]: true }],
            '2:1': [{ text: 'Cork', [look]: true }],
          },
        },
      );
      expect(items.map(brief)).toEqual([GATE, CORK]);
      expect(reading.key).toEqual({ style: 'marker', marker: look });
    }
  });
  it('by a tick column for each option', () => {
    expect(
      read([
        ['Question', 'A', 'B', 'C', 'A right', 'B right', 'C right'],
        ['What opens?', 'Wall', 'Gate', 'Door', '', 'x', 'x'],
        ['What floats?', 'Cork', 'Brick', 'Nail', 'x', '', ''],
      ]).items.map(brief),
    ).toEqual(['choice-many: What opens? [Wall / *Gate / *Door]', CORK]);
  });
  it('by a letter beside options that share a cell with their labels', () => {
    expect(
      read([
        ['Question', 'Choices', 'Answer'],
        ['What opens?', 'A) Wall B) Gate C) Roof', 'B'],
        ['What floats?', 'A) Cork\nB) Brick\nC) Nail', 'A'],
      ]).items.map(brief),
    ).toEqual([GATE, CORK]);
  });
  it('by T and F', () => {
    const { items, findings } = read([
      ['Statement', 'T/F'],
      ['Boats float.', 'T'],
      ['Stones float.', 'F'],
    ]);
    expect(items.map(brief)).toEqual([
      'true-false: Boats float. [*True / False]',
      'true-false: Stones float. [True / *False]',
    ]);
    expect(findings).toEqual([]);
  });
  it('by pairs in columns of two sides', () => {
    expect(
      read([
        ['Type', 'Question', 'Left 1', 'Right 1', 'Left 2', 'Right 2'],
        ['matching', 'Match.', 'pound', 'water', 'cill', 'step'],
      ]).items.map(brief),
    ).toEqual(['match: Match. [pound=water / cill=step]']);
  });
});

describe('what people write into one cell', () => {
  it.each([
    [
      'a number with tolerance and unit',
      [
        ['Question', 'Type', 'Correct answer'],
        ['How wide?', 'numeric', '4,3 ± 0,1 m'],
        ['How deep?', 'numeric', '2'],
      ],
      ['number: How wide? [4.3±0.1m]', 'number: How deep? [2±0]'],
    ],
    [
      'a number beside a tolerance, with no kind said',
      [
        ['Question', 'Answer', 'Margin'],
        ['How wide?', '4.3 m', '0.1'],
        ['How deep?', '2 m', '0.2'],
      ],
      ['number: How wide? [4.3±0.1m]', 'number: How deep? [2±0.2m]'],
    ],
    [
      'keys joined by a word',
      [
        ['Question', 'A', 'B', 'C', 'Right'],
        ['Which float?', 'Cork', 'Boat', 'Brick', 'A and B'],
        ['Which sinks?', 'Cork', 'Boat', 'Brick', 'C'],
      ],
      [
        'choice-many: Which float? [*Cork / *Boat / Brick]',
        'choice-one: Which sinks? [Cork / Boat / *Brick]',
      ],
    ],
    [
      'gaps that bring their words',
      [
        ['Sentence', 'Answer'],
        ['A lock has [gates/doors] and paddles.', ''],
        ['A pound is [water].', ''],
      ],
      ['gap: A lock has {{1}} and paddles. [gates|doors]', 'gap: A pound is {{1}}. [water]'],
    ],
    [
      'the right one and the rest, headed by a word each',
      [
        ['Prompt', 'Correct', 'Incorrect'],
        ['What opens?', 'Gate', 'Wall | Roof'],
        ['What floats?', 'Cork', 'Brick | Nail'],
      ],
      [
        'choice-one: What opens? [*Gate / Wall / Roof]',
        'choice-one: What floats? [*Cork / Brick / Nail]',
      ],
    ],
    [
      'verdicts under headings of another language',
      [
        ['Question', 'Réponse 1', 'Vrai/Faux', 'Réponse 2', 'Vrai/Faux'],
        ['Ouvre ?', 'Porte', 'Vrai', 'Mur', 'Faux'],
        ['Flotte ?', 'Pierre', 'Faux', 'Liège', 'Vrai'],
      ],
      ['choice-one: Ouvre ? [*Porte / Mur]', 'choice-one: Flotte ? [Pierre / *Liège]'],
    ],
    [
      'word cards headed by their languages',
      [
        ['English', 'Danish'],
        ['knife', 'kniv'],
        ['fork', 'gaffel'],
      ],
      ['card: knife [kniv]', 'card: fork [gaffel]'],
    ],
  ])('%s', (_, rows, expected) => {
    expect(read(rows).items.map(brief)).toEqual(expected);
  });
  it('a difficulty becomes a tag of its name, file endings are told apart by any sign', () => {
    expect(
      read([
        ['Question', 'Kind', 'Difficulty', 'File types'],
        ['Hand in.', 'upload', 'hard', 'pdf; docx'],
        ['Show it.', 'upload', 'easy', '.jpg, png'],
      ]).items.map(({ tags, endings }) => [tags, endings]),
    ).toEqual([
      [[{ name: 'difficulty', value: 'hard' }], ['.pdf', '.docx']],
      [[{ name: 'difficulty', value: 'easy' }], ['.jpg', '.png']],
    ]);
  });
});

describe('more than a plain table', () => {
  it('a board with its answers below', () => {
    const { items, reading } = read([
      ['Board for the evening'],
      [],
      ['', 'Locks', 'Boats'],
      ['First step', 'What opens a lock gate?', 'What is a long boat called?'],
      ['answer', 'Beam', 'Narrowboat'],
      ['Second step', 'What fills the lock?', 'What pulled a barge?'],
      ['answer', 'Paddles', 'A horse'],
    ]);
    expect(items.map((item) => `${item.origin?.cell} ${item.category} ${brief(item)}`)).toEqual([
      'B4 Locks short: What opens a lock gate? [Beam]',
      'C4 Boats short: What is a long boat called? [Narrowboat]',
      'B6 Locks short: What fills the lock? [Paddles]',
      'C6 Boats short: What pulled a barge? [A horse]',
    ]);
    expect(reading).toMatchObject({ as: 'board', headingRow: 3 });
  });
  it('a board with its answers beside, levels as points', () => {
    const { items } = read([
      ['Points', 'Locks', 'Answer', 'Boats', 'Answer'],
      [100, 'What opens a lock gate?', 'Beam', 'What is a long boat called?', 'Narrowboat'],
      [200, 'What fills the lock?', 'Paddles', 'What pulled a barge?', 'A horse'],
    ]);
    expect(items.map(({ points, accepted }) => [points, accepted![0]])).toEqual([
      [100, 'Beam'],
      [100, 'Narrowboat'],
      [200, 'Paddles'],
      [200, 'A horse'],
    ]);
  });
  it('blocks of rows with the field’s name in front', () => {
    const { items, reading } = read([
      ['Question', 'What opens?'],
      ['Points', 2],
      ['Answer', 'Wall', 'wrong'],
      ['Answer', 'Gate', 'right'],
      ['Answer', 'Roof', 'wrong'],
      [],
      ['Question', 'What floats?'],
      ['Points', 1],
      ['Answer', 'Cork', 'right'],
      ['Answer', 'Brick', 'wrong'],
      ['Answer', 'Nail', 'wrong'],
    ]);
    expect(items.map((item) => `${item.origin?.row} ${item.points} ${brief(item)}`)).toEqual([
      `1 2 ${GATE}`,
      `7 1 ${CORK}`,
    ]);
    expect(reading.as).toBe('blocks');
  });
  it('two tables, one below the other, each by its own headings', () => {
    const { items, findings } = read([
      ['Multiple choice'],
      ['Question', 'A', 'B', 'C', 'Key'],
      ['What opens?', 'Wall', 'Gate', 'Roof', 'B'],
      [],
      ['True or false'],
      ['Statement', 'True or false'],
      ['Boats float.', 'True'],
    ]);
    expect(items.map(brief)).toEqual([GATE, 'true-false: Boats float. [*True / False]']);
    expect(findings.map(({ rule }) => rule)).toEqual(['several-tables']);
  });
  it('two tables side by side', () => {
    expect(
      read([
        ['Question', 'Answer', '', 'Question', 'Answer'],
        ['What opens?', 'Gate', '', 'What floats?', 'Cork'],
      ]).items.map(brief),
    ).toEqual(['short: What opens? [Gate]', 'short: What floats? [Cork]']);
  });
  it('a hidden sheet is told of and left unread', () => {
    const { findings } = gatherTable(
      book(
        sheet([
          ['Question', 'A', 'B', 'Key'],
          ['x?', 'p', 'q', 'A'],
        ]),
        sheet([['Question'], ['secret?']], { name: 'Old', hidden: true }),
      ),
      {},
      { id: counter() },
    );
    expect(findings.map(({ rule, level, where }) => [rule, level, where?.sheet])).toEqual([
      ['sheet-hidden', 'note', 'Old'],
    ]);
  });
});

describe('what the spreadsheet program did', () => {
  it('fractions that became dates are told by their cells’ format, with a way back', () => {
    const { findings } = read(
      [
        ['Question', 'A', 'B', 'Right'],
        ['How much?', '1 Feb', '1 Mar', 'B'],
        ['When was it dug?', '3 May', '9 May', 'A'],
      ],
      { dates: ['1:1', '1:2'] },
    );
    expect(findings.map(({ rule, where }) => [rule, where?.cell])).toEqual([
      ['date-from-fraction', 'B2'],
    ]);
    expect(findings[0]!.mend!.patch).toMatchObject({
      options: [{ text: { plain: '1/2' } }, { text: { plain: '1/3' } }],
    });
  });
  it('a row of junk among form responses is left out with a warning, a sum below with a note', () => {
    const { items, findings } = read([
      [
        'Timestamp',
        'Your name',
        'Your question',
        'Right answer',
        'Wrong answer 1',
        'Wrong answer 2',
      ],
      ['2026-03-01', 'Ansel', 'What opens?', 'Gate', 'Wall', 'Roof'],
      ['2026-03-02', 'Cato', 'test', 'x', 'x', 'x'],
      ['Total', '', '1 question'],
    ]);
    expect(items.map((item) => [item.origin?.by, item.options?.length])).toEqual([['Ansel', 3]]);
    expect(findings.map(({ rule, level }) => [rule, level])).toEqual([
      ['row-left-out', 'warn'],
      ['row-left-out', 'note'],
    ]);
  });
});
