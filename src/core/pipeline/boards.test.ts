// A receiver's board is learned, filled and read back.
import { expect, it } from 'vitest';
import { item, surroundings } from '../../../tests/make';
import { fill, learnBlank } from '.';

const file = (lines: readonly string[]) => ({
  name: 'board.csv',
  bytes: new TextEncoder().encode(`${lines.join('\n')}\n`),
});

it('a board with its levels in its places gets each question where its points are', async () => {
  const blank = file([
    'Category 1,Category 2',
    '100 question,100 question',
    '100 answer,100 answer',
    '200 question,200 question',
    '200 answer,200 answer',
  ]);
  const { layout, unsure } = await learnBlank(blank, surroundings);
  expect(unsure).toEqual([]);
  const about = (category: string, points: number, plain: string, accepted: string) =>
    item({
      id: plain,
      ref: plain,
      kind: 'short',
      stem: { plain },
      accepted: [accepted],
      category: [category],
      points,
      options: undefined,
    });
  const items = [
    about('Boats', 200, 'What steers?', 'a rudder'),
    about('Boats', 100, 'What floats?', 'a hull'),
    about('Locks', 100, 'What opens?', 'a gate'),
    about('Locks', 200, 'What fills?', 'a chamber'),
  ];
  const filled = await fill({ items, layout, blank: blank.bytes }, surroundings);
  expect(new TextDecoder().decode(filled.bytes).trim().split(/\r?\n/u)).toEqual([
    'Boats,Locks',
    'What floats?,What opens?',
    'a hull,a gate',
    'What steers?,What fills?',
    'a rudder,a chamber',
  ]);
  expect(filled.receipt.readBack).toEqual({ questions: 4, differences: [] });
});
