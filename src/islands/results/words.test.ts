import { describe, expect, it } from 'vitest';
import type { ItemFigures } from '../../core/model';
import { figure, inOrder, shareWords, pointsOfLearners } from './words';

const one = (
  ref: string,
  difficulty: number | null,
  discrimination: number | null,
): ItemFigures => ({
  ref,
  answered: 20,
  right: 10,
  difficulty,
  interval: [0, 1],
  discrimination,
  upperLower: null,
  alphaWithout: null,
});
const items = [one('Q-10', 0.5, null), one('Q-2', 0.2, 0.3), one('Q-1', 0.9, -0.1)];
const refs = (list: ItemFigures[]): string[] => list.map(({ ref }) => ref);

describe('the table of figures', () => {
  it('is put in order by any figure, either way; what has none comes last', () => {
    expect(refs(inOrder(items, 'difficulty', false))).toEqual(['Q-2', 'Q-10', 'Q-1']);
    expect(refs(inOrder(items, 'discrimination', true))).toEqual(['Q-2', 'Q-1', 'Q-10']);
    expect(refs(inOrder(items, 'ref', false))).toEqual(['Q-1', 'Q-2', 'Q-10']);
  });
  it('writes figures as people read them', () => {
    expect([figure(-0.125), figure(null), shareWords(0.256), shareWords(null)]).toEqual([
      '−0.13',
      '–',
      '26 %',
      '–',
    ]);
  });
  it('counts the learners by the questions they got right', () => {
    expect(pointsOfLearners(['110', '1-0', '1~0'], 3)).toEqual([1, 1, 0, 1]);
  });
});
