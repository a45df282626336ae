// The seam's lines: every field of a question beside the very cells or words that carry it.
import { describe, expect, it } from 'vitest';
import { fit, STARTERS } from '../../../core/pipeline';
import type { Item, Layout } from '../../../core/model';
import { EVERY_KIND } from '../../../../tests/kinds';
import { item, options, rowsLayout } from '../../../../tests/make';
import { furtherParts, linesOf } from './seam-lines';

const starter = (id: string): Layout => STARTERS.find((layout) => layout.id === `starter-${id}`)!;
const of = (question: Item, layout: Layout): Record<string, string> =>
  Object.fromEntries(
    linesOf(question, layout, fit([question], layout)[0]!).map(({ field, right }) => [
      field,
      right.map(({ place, value }) => `${place} ${value}`).join(', '),
    ]),
  );
const kind = (id: string): Item => EVERY_KIND.find((one) => one.id === id)!;

describe('the lines of the seam', () => {
  it('name the cells of rows, and say so where the bank keeps a field to itself', () => {
    expect(of(item({ points: 2, hint: { plain: 'Wet.' } }), starter('lettered'))).toEqual({
      stem: 'A What does a paddle let through?',
      options: 'B Boats, C Water, D Walkers',
      key: 'G B',
      points: 'H 2',
      ref: '',
      hint: '',
    });
  });
  it.each([
    ['starred', 'by the sign * at the option B'],
    ['verdicts', 'by a word beside each option B'],
    ['weights', 'by per cent beside each option B'],
    ['right-and-rest', 'by a column of its own B'],
  ])('say how a right answer is told where it has no cell: %s', (id, expected) => {
    expect(of(item(), starter(id))['key']).toBe(expected);
  });
  it('follow a question into another kind: the answers stand beside the cells that they became', () => {
    const lines = of(kind('one'), starter('cards'));
    expect(lines['options']).toBe('B Water');
    expect(lines['kind']).toBe('becomes card');
  });
  it('show the words of files without cells', () => {
    expect(of(kind('match'), starter('marked-text'))['pairs']).toBe(
      'in the text Paddle | lets water through, in the text Gate | holds it back, in the text Stop plank | holds it back',
    );
    expect(of(kind('number'), starter('qti-3.0'))['number']).toContain('1.4 ± 0.1 m');
    expect(
      of(item({ hint: { plain: 'Wet.' }, seconds: 30 }), starter('common-cartridge-1.3')),
    ).toMatchObject({
      hint: '',
      seconds: '',
      stem: 'in the package What does a paddle let through?',
    });
  });
  it('give the places of a board by their addresses', () => {
    expect(of(kind('short'), { ...starter('board'), limits: {} })).toMatchObject({
      stem: 'B2 What turns a paddle?',
      accepted: 'B3 windlass; lock key',
    });
  });
  it('list what else a question became', () => {
    const layout = rowsLayout(['stem', 'option', 'option', 'key'], {
      kinds: [{ kind: 'true-false', code: '' }],
    });
    const question = item({ kind: 'choice-many', options: options('*p', 'q', '*r') });
    const parts = furtherParts(layout, fit([question], layout)[0]!);
    expect(
      parts.map((places) => places.map(({ place, value }) => `${place} ${value}`).join(', ')),
    ).toEqual([
      'A What does a paddle let through? – q, B True, C False, D B',
      'A What does a paddle let through? – r, B True, C False, D A',
    ]);
  });
});
