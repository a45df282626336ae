// Tables as people keep them: titles of parts among empty rows, boards whose rows say points and what they hold. Common practice,
// no source.
import { describe, expect, it } from 'vitest';
import { gatherColumns } from '../../../tests/typed';

describe('a few words alone in a row', () => {
  const rows = (gap: string): string[] => [
    'Locks of the Harrowmere,,,',
    ',,,',
    'Question,A,B,Right',
    'What opens?,gate,wall,A',
    gap,
    'What floats?,stone,cork,B',
    ',,,',
    'test test,,,',
    'What sinks?,lead,cork,A',
    'What turns?,wall,windlass,B',
  ];
  it('are no part of the table where other rows are empty as well', async () => {
    const { items, findings } = await gatherColumns(rows(',,,'));
    expect(items.map(({ category }) => category)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(findings.map(({ rule }) => rule)).toEqual(['row-left-out']);
  });
  it('are its second title where only they are set off', async () => {
    const { items } = await gatherColumns(rows('Who waits?,keeper,cill,A'));
    expect(items.map(({ category }) => category?.[0])).toEqual([
      'Locks of the Harrowmere',
      'Locks of the Harrowmere',
      'Locks of the Harrowmere',
      'test test',
      'test test',
    ]);
  });
});

describe('a board', () => {
  it.each([
    ['{} question', '{} answer'],
    ['{} points – question', '{} points – answer'],
    ['Question ({})', 'Answer ({})'],
    ['Frage – {} Punkte', 'Antwort – {} Punkte'],
  ])('whose rows are called %s and %s has its points and answers', async (asks, answers) => {
    const { items, reading } = await gatherColumns([
      ',Rivers,Hills',
      ...[10, 20].flatMap((points) => [
        `${asks.replace('{}', String(points))},What flows at ${points}?,What rises at ${points}?`,
        `${answers.replace('{}', String(points))},Mere,Fell`,
      ]),
    ]);
    expect(reading.as).toBe('board');
    expect(
      items.map(({ category, points, accepted }) => [category?.[0], points, accepted?.[0]]),
    ).toEqual([
      ['Rivers', 10, 'Mere'],
      ['Hills', 10, 'Fell'],
      ['Rivers', 20, 'Mere'],
      ['Hills', 20, 'Fell'],
    ]);
  });
});

describe('columns beside the questions', () => {
  it.each(['p-value', 'Facility', 'Discrimination', 'r'])(
    '%s: shares that were measured are no points',
    async (heading) => {
      const { items, reading } = await gatherColumns([
        `No,Text,A,B,Key,${heading}`,
        '1,What floats?,cork,lead,A,0.93',
        '2,What sinks?,cork,lead,B,0.61',
        '3,Who waits?,keeper,cill,A,0.72',
      ]);
      expect(reading.columns?.at(-1)?.role).toBe('ignore');
      expect(items.map(({ options }) => options?.map(({ right }) => right))).toEqual([
        [true, false],
        [false, true],
        [true, false],
      ]);
    },
  );
  it('points in quarters stay points', async () => {
    const { items } = await gatherColumns([
      'No,Text,A,B,Key,Points',
      '1,What floats?,cork,lead,A,0.25',
      '2,What sinks?,cork,lead,B,0.75',
    ]);
    expect(items.map(({ points }) => points)).toEqual([0.25, 0.75]);
  });
  it('two lessons beside words without headings are no verdicts', async () => {
    const words = ['the hammer', 'the saw', 'the nail', 'the plane', 'the board'];
    const { items } = await gatherColumns(
      words.map(
        (word, n) =>
          `${word},${['marteau', 'scie', 'clou', 'rabot', 'planche'][n]!},Give me ${word}.,Lesson ${n < 3 ? 3 : 4}`,
      ),
    );
    expect(items.map(({ kind, stem }) => [kind, stem.plain])).toEqual(
      words.map((word) => ['card', word]),
    );
  });
  it('a kind that is cut short orders the texts of which none is told to be right', async () => {
    const { items } = await gatherColumns([
      'Type,Question,1,2,3,Key',
      'MC,What floats?,cork,lead,iron,1',
      'ORD,Put in order.,dig,fill,sail,',
      'MC,What sinks?,cork,lead,wood,2',
    ]);
    expect(items.map(({ kind }) => kind)).toEqual(['choice-one', 'order', 'choice-one']);
  });
});
