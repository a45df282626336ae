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
