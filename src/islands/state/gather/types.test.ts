// Where questions stand in their source, and places that were kept when one sheet of a workbook alone was read.
import { describe, expect, it } from 'vitest';
import { item } from '../../../../tests/make';
import type { GatherAnswer } from '../../../workers/protocol';
import { placedBySheet, placeOf, type Brought } from './types';

const kept: Brought = {
  id: 's',
  name: 'evenings.xlsx',
  source: { name: 'evenings.xlsx', text: '' },
  overrule: {},
  mends: [['B2', { points: 2 }]],
  out: ['B3'],
  taken: ['B4'],
};
const at = (sheet?: string): GatherAnswer =>
  ({
    items: [item({ origin: { row: 2, cell: 'B2', ...(sheet ? { sheet } : {}) } })],
    reading: { sheet: 'Ropes' },
  }) as GatherAnswer;

describe('the place of a question', () => {
  it('is its cell or its row, in a workbook behind its sheet', () => {
    expect(placeOf(item({ origin: { row: 7 } }))).toBe('7');
    expect(placeOf(item({ origin: { row: 7, cell: 'B7' } }))).toBe('B7');
    expect(placeOf(item({ origin: { row: 7, cell: 'B7', sheet: 'Ropes' } }))).toBe('Ropes!B7');
  });

  it('that was kept without a sheet is found again', () => {
    const placed = placedBySheet(kept, at('Ropes'));
    expect(placed).toMatchObject({
      mends: [['Ropes!B2', { points: 2 }]],
      out: ['Ropes!B3'],
      taken: ['Ropes!B4'],
    });
    expect(placedBySheet(placed, at('Ropes'))).toBe(placed);
    expect(placedBySheet(kept, at())).toBe(kept);
  });
});
