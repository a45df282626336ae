// Tables as people keep them, each with what its columns are; common practice, no source.
import { describe, expect, it } from 'vitest';
import { A, asTable, B, region, STEMS } from '../../../tests/tables';
import { firstRowBelow, understandColumns, understandHeadings } from './index';

const C = ['a weir', 'a beam', 'a rope', 'nobody'];

const read = (columns: Record<string, readonly string[]>) => {
  const own = region(asTable(columns));
  const { row } = understandHeadings(own);
  return understandColumns(own, row, firstRowBelow(own, row));
};
const meanings = (columns: Record<string, readonly string[]>): string =>
  read(columns)
    .map(({ meaning, n }) => (n === undefined ? meaning : `${meaning}${n}`))
    .join(' ');

describe('tables of questions', () => {
  it.each<[string, Record<string, readonly string[]>]>([
    [
      'stem option1 option2 option3 key points',
      { Question: STEMS, A, B, C, Correct: ['A', 'C', 'B', 'A'], Points: ['1', '2', '1', '3'] },
    ],
    [
      'ref stem option1 option2 key explanation',
      {
        ID: ['L-1', 'L-2', 'L-3', 'L-4'],
        Question: STEMS,
        'Option 1': A,
        'Option 2': B,
        Answer: ['2', '1', '1', '2'],
        Explanation: ['Boats wait.', 'Gates open.', 'Hulls float.', 'Crews steer.'],
      },
    ],
    [
      'stem right wrong1 wrong2',
      { Question: STEMS, 'Correct answer': A, 'Wrong answer 1': B, 'Wrong answer 2': C },
    ],
    [
      'stem accepted1 hint',
      { Question: STEMS, Answer: A, Hint: ['wood', 'iron', 'round', 'many'] },
    ],
    [
      'term definition',
      {
        Term: ['weir', 'sill', 'pound', 'lock'],
        Definition: [
          'a low dam across a river',
          'the stone step of a lock',
          'a level stretch',
          'a chamber with gates',
        ],
      },
    ],
    [
      'stem key',
      {
        Statement: ['Ice floats.', 'Lead floats.', 'Oil sinks.', 'Tin sinks.'],
        'True/False': ['T', 'F', 'F', 'T'],
      },
    ],
    [
      'category stem option1 option2 key',
      {
        Category: ['Boats', 'Boats', 'Locks', 'Locks'],
        Question: STEMS,
        A,
        B,
        Key: ['A', 'B', 'B', 'A'],
      },
    ],
    [
      'kind stem option1 option2 option3 key',
      {
        Type: ['single', 'multiple', 'single', 'multiple'],
        Question: STEMS,
        A,
        B,
        C,
        'Right answers': ['A', 'A, C', 'B', 'B, C'],
      },
    ],
    [
      'stem option1 verdict1 option2 verdict2',
      {
        Question: STEMS,
        'Answer 1': A,
        'Correct 1': ['yes', 'yes', 'no', 'yes'],
        'Answer 2': B,
        'Correct 2': ['no', 'no', 'yes', 'no'],
      },
    ],
    [
      'stem value tolerance unit',
      {
        Question: ['How long is it?', 'How deep is it?', 'How wide is it?', 'How old is it?'],
        Value: ['72', '3.5', '14', '200'],
        Tolerance: ['1', '0.1', '0.5', '10'],
        Unit: ['ft', 'm', 'ft', 'years'],
      },
    ],
    [
      'stem option1 option2 key image',
      {
        Question: STEMS,
        A,
        B,
        Key: ['A', 'B', 'B', 'A'],
        Picture: ['gate.png', 'boat.png', 'hull.jpg', 'crew.png'],
      },
    ],
    [
      'stem option1 option2 key seconds tags',
      {
        Question: STEMS,
        A,
        B,
        Key: ['A', 'B', 'B', 'A'],
        'Time limit (s)': ['30', '20', '30', '60'],
        Tags: ['gates, boats', 'gates', 'boats', 'crew, boats'],
      },
    ],
    [
      'stem left1 right-side1 left2 right-side2',
      {
        Task: ['Match the parts.', 'Match the people.', 'Match the waters.', 'Match the tools.'],
        'Left 1': ['gate', 'keeper', 'weir', 'rope'],
        'Right 1': ['oak', 'lock', 'river', 'boat'],
        'Left 2': ['sill', 'crew', 'pound', 'beam'],
        'Right 2': ['stone', 'boat', 'canal', 'gate'],
      },
    ],
    [
      'stem step1 step2 step3',
      {
        Task: [
          'Put them in order.',
          'How does a boat pass?',
          'How is it moored?',
          'How is it filled?',
        ],
        'Step 1': ['open', 'wait', 'stop', 'shut'],
        'Step 2': ['enter', 'enter', 'throw', 'turn'],
        'Step 3': ['close', 'leave', 'tie', 'wait'],
      },
    ],
    [
      'stem options key',
      {
        Question: STEMS,
        Options: [
          'a boat; a lock; a weir',
          'a gate; a sill; a beam',
          'a hull; a stone; a rope',
          'the crew; the keeper; nobody',
        ],
        Answer: ['a boat', 'a gate', 'a hull', 'the crew'],
      },
    ],
    [
      'stem option1 option2 key feedback-right feedback-wrong',
      {
        Question: STEMS,
        A,
        B,
        Key: ['A', 'B', 'B', 'A'],
        'Feedback if correct': [
          'Yes, it waits.',
          'Yes, it opens.',
          'Yes, it floats.',
          'Yes, it steers.',
        ],
        'Feedback if incorrect': [
          'No, look again.',
          'No, think of wood.',
          'No, it sinks.',
          'No, ask the crew.',
        ],
      },
    ],
    [
      'number-in-file stem option1 option2 key',
      { 'No.': ['1', '2', '3', '4'], Question: STEMS, A, B, Key: ['A', 'B', 'B', 'A'] },
    ],
  ])('%s', (meant, columns) => {
    expect(meanings(columns)).toBe(meant);
  });

  it.each<[string, Record<string, readonly string[]>]>([
    [
      'stem option1 option2 option3 key',
      {
        Frage: STEMS,
        'Antwort A': A,
        'Antwort B': B,
        'Antwort C': C,
        Lösung: ['A', 'C', 'B', 'A'],
      },
    ],
    [
      'stem option1 option2 key',
      { Pregunta: STEMS, 'Opción A': A, 'Opción B': B, 'Respuesta correcta': ['A', 'B', 'B', 'A'] },
    ],
    [
      'stem right wrong1 wrong2',
      { Question: STEMS, 'Bonne réponse': A, 'Mauvaise réponse 1': B, 'Mauvaise réponse 2': C },
    ],
    [
      'stem option1 option2 key',
      { Вопрос: STEMS, 'Вариант 1': A, 'Вариант 2': B, 'Правильный ответ': ['1', '2', '2', '1'] },
    ],
  ])('in other languages: %s', (meant, columns) => {
    expect(meanings(columns)).toBe(meant);
  });
});

describe('what cells speak against, whatever a heading says', () => {
  it('texts that stand again and again are no references and no terms', () => {
    const again = ['Boats', 'Boats', 'Boats', 'Locks'];
    expect(meanings({ Code: again, Question: STEMS, A, B, Key: ['A', 'B', 'B', 'A'] })).not.toMatch(
      /^ref/,
    );
  });
  it('an address of the post is whose question it is, unless a name stands beside it', () => {
    const post = [
      'ada@canal.example',
      'ben@canal.example',
      'ada@canal.example',
      'cy@canal.example',
    ];
    const questions = { Question: STEMS, A, B, Key: ['A', 'B', 'B', 'A'] };
    expect(meanings({ ...questions, Contact: post })).toBe('stem option1 option2 key by');
    const names = ['Ada Brook', 'Ben Hythe', 'Ada Brook', 'Cy Marsh'];
    expect(meanings({ ...questions, Author: names, Mail: post })).toBe(
      'stem option1 option2 key by ignore',
    );
  });
  it('words are no points', () => {
    const told = meanings({
      Question: STEMS,
      A,
      B,
      Key: ['A', 'B', 'B', 'A'],
      Points: ['water', 'land', 'water', 'air'],
    });
    expect(told).not.toMatch(/points/);
  });
  it('a wording behind a letter is the key', () => {
    const wording = ['A (a boat)', 'B (a sill)', 'A (a hull)', 'B (the keeper)'];
    expect(meanings({ Question: STEMS, 'Choice A': A, 'Choice B': B, Solution: wording })).toBe(
      'stem option1 option2 key',
    );
  });
  it('the right answer stands beside wrong ones, though it is called the answer', () => {
    expect(
      meanings({ Question: STEMS, 'Correct Answer': A, 'Incorrect 1': B, 'Incorrect 2': C }),
    ).toBe('stem right wrong1 wrong2');
  });
  it('words to choose from beside gaps are options', () => {
    const columns = {
      Sentence: ['A ___ waits here.', 'The ___ opens.', 'A ___ floats.', 'The ___ steers.'],
      'Words given': [
        'boat, gate, crew',
        'gate, boat, hull',
        'hull, crew, gate',
        'crew, hull, boat',
      ],
      Answer: ['boat', 'gate', 'hull', 'crew'],
    };
    expect(meanings(columns)).toBe('stem options key');
    // Tags hold the answer at times, and no answers of other rows.
    const tags = [
      'boat, wood, canal',
      'gate, oak, iron',
      'hull, round, keel',
      'crew, people, work',
    ];
    expect(meanings({ Sentence: columns.Sentence, Tags: tags, Answer: columns.Answer })).toMatch(
      /tags/,
    );
  });
});
