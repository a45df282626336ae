// Worksheets whose exercises hold tasks with letters, which are questions and no options.
import { describe, expect, it } from 'vitest';
import { briefsOf } from '../../../../tests/typed';

const STATEMENTS = ['a) Cork floats. (T)', 'b) Lead floats. (F)'];
const CHOICE = ['What floats?', 'a) cork *', 'b) lead'];
const SHORT = ['a) What floats?', 'Answer: cork', 'b) What sinks?', 'Answer: lead'];

const AS_READ = {
  statements: [
    'true-false: Cork floats. [*True / False]',
    'true-false: Lead floats. [True / *False]',
  ],
  choice: ['choice-one: What floats? [*cork / lead]'],
  short: ['short: What floats? [cork]', 'short: What sinks? [lead]'],
};

describe('exercises with lettered tasks', () => {
  it.each([['Exercise {}: '], ['Exercise {}. '], ['Part {} - '], ['{}. ']])(
    'named %s are read as the questions that they hold',
    async (name) => {
      const head = (n: number, task: string): string => name.replace('{}', String(n)) + task;
      const text = [
        [head(1, 'True or false?'), ...STATEMENTS],
        [head(2, 'Answer the questions.'), ...SHORT],
      ]
        .map((lines) => lines.join('\n'))
        .join('\n\n');
      expect(await briefsOf(text)).toEqual([...AS_READ.statements, ...AS_READ.short]);
    },
  );
  it('stand beside one that holds a question with options', async () => {
    const text = [
      ['Exercise 1: True or false?', ...STATEMENTS],
      ['Exercise 2: Tick one.', ...CHOICE],
      ['Exercise 3: Answer the questions.', ...SHORT],
    ]
      .map((lines) => lines.join('\n'))
      .join('\n\n');
    expect(await briefsOf(text)).toEqual([
      ...AS_READ.statements,
      ...AS_READ.choice,
      ...AS_READ.short,
    ]);
  });
  it('have their answers at the end, by exercise and letter', async () => {
    expect(
      await briefsOf(
        'Exercise 1. Are these sentences true or false?\na. Cork floats.\nb. Lead floats.\n\nExercise 2. Fill in the gaps.\na. The step below the gates is the ____.\nb. A lock lifts ____.\nc. The paddle lets in ____.\n\nKey\nExercise 1: a) true b) false\nExercise 2: a) cill b) boats c) water\n',
      ),
    ).toEqual([
      'true-false: Cork floats. [*true / false]',
      'true-false: Lead floats. [true / *false]',
      'gap: The step below the gates is the {{1}}. [cill]',
      'gap: A lock lifts {{1}}. [boats]',
      'gap: The paddle lets in {{1}}. [water]',
    ]);
  });
  it('offer boxes behind each task, one of them filled', async () => {
    expect(
      await briefsOf(
        'Exercise 1: Choose.\na) On water floats: ■ cork  □ lead\nb) In a lock waits: □ the sun  ■ the boat\n',
      ),
    ).toEqual([
      'choice-one: On water floats: [*cork / lead]',
      'choice-one: In a lock waits: [the sun / *the boat]',
    ]);
  });
  it('are options where they may be chosen from', async () => {
    expect(
      await briefsOf(
        '1. What do you ask first?\na) Who are you?\nb) What happened?\nAnswer: b\n\n2. What do you say?\na) Hello!\nb) Who pays?\nAnswer: a\n',
      ),
    ).toEqual([
      'choice-one: What do you ask first? [Who are you? / *What happened?]',
      'choice-one: What do you say? [*Hello! / Who pays?]',
    ]);
  });
});

describe('without labels', () => {
  it('statements are judged in brackets below an offer, beside other tasks', async () => {
    expect(
      await briefsOf(
        'What floats?\n- cork *\n- lead\n\nTrue or false?\nCork floats. (true)\nLead floats. (false)\n',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / lead]',
      'true-false: Cork floats. [*true / false]',
      'true-false: Lead floats. [true / *false]',
    ]);
  });
  it('lines that are quoted by turns answer those above them', async () => {
    expect(
      await briefsOf('1. Translate: cork\n   > Kork\n2. Translate: lock\n   > Schleuse\n'),
    ).toEqual(['short: Translate: cork [Kork]', 'short: Translate: lock [Schleuse]']);
  });
  it('a sentence with a word for what to do has its gap in brackets', async () => {
    expect(
      await briefsOf(
        '1) What floats?\na) cork *\nb) lead\n\n2) Complete: A lock lifts a [boat].\n\n3) Who waits?\na) the keeper *\nb) the fish\n',
      ),
    ).toEqual([
      'choice-one: What floats? [*cork / lead]',
      'gap: Complete: A lock lifts a {{1}}. [boat]',
      'choice-one: Who waits? [*the keeper / the fish]',
    ]);
  });
});
