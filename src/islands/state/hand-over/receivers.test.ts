// Several blanks of one receiver: one column, each question where it fits best.
import { describe, expect, it } from 'vitest';
import type { KeptLayout } from '../../../core/model';
import { FIT_STATE } from '../../../core/shared/change-grades';
import type { FitColumn } from '../../../workers/protocol';
import { columnsOf, columnWith, goesInto, layoutAt, receiversOf } from './receivers';

const kept = (id: string, family?: string): KeptLayout => ({
  id,
  chosen: true,
  unsure: [],
  because: {},
  layout: {
    id,
    name: `Blank ${id}`,
    version: 1,
    shape: 'rows',
    file: { format: 'csv' },
    columns: [],
    key: { style: 'letter' },
    kinds: [],
    limits: {},
    ...(family ? { family } : {}),
  },
});

const { fits, loses, refused, written } = FIT_STATE;
const column = (
  layout: string,
  states: number[],
  { changes = [], codes = [] }: { changes?: number[]; codes?: string[] } = {},
): FitColumn => ({
  layout,
  rows: Uint32Array.from(states.map((_, row) => row)),
  states: Uint8Array.from(states),
  behind: [],
  changes: Uint8Array.from(states.map((_, row) => changes[row] ?? 0)),
  reasons: Uint16Array.from(states.map((_, row) => (codes[row] ? row + 1 : 0))),
  words: ['', ...codes.map((code) => `because of ${code}`)],
  codes: ['', ...codes],
  counts: [0, 0, 0, 0],
  total: states.length,
});

describe('receivers', () => {
  it('are a layout each, or the blanks of one name', () => {
    expect(
      receiversOf([kept('a', 'Shelf'), kept('b'), kept('c', 'Shelf'), kept('d', 'Alone')]).map(
        ({ id, name, layouts }) => [id, name, layouts],
      ),
    ).toEqual([
      ['family Shelf', 'Shelf', ['a', 'c']],
      ['b', 'Blank b', ['b']],
      ['d', 'Alone', ['d']],
    ]);
  });
});

describe('the column of several blanks', () => {
  const receivers = receiversOf([kept('a', 'Shelf'), kept('c', 'Shelf'), kept('b')]);
  const columns = columnsOf(receivers, [
    column('a', [fits, refused, loses, loses, refused], {
      changes: [0, 0, 3, 1, 0],
      codes: ['', 'kind-not-taken', '', '', 'kind-not-taken'],
    }),
    column('c', [fits, written, loses, loses, refused], {
      changes: [0, 1, 1, 2, 0],
      codes: ['', '', '', '', 'options-too-few'],
    }),
    column('b', [fits, fits, fits, fits, fits]),
  ]);
  const [shelf, alone] = columns as [FitColumn, FitColumn];

  it('puts each question where it changes least, and of those alike into the one that takes the fewest', () => {
    expect([0, 1, 2, 3, 4].map((row) => layoutAt(shelf, row))).toEqual(['a', 'c', 'c', 'a', 'a']);
    const [one] = columnsOf(receivers, [
      column('a', [fits, fits, fits]),
      column('c', [fits, refused, fits], { codes: ['', 'kind-not-taken', ''] }),
    ]);
    expect([0, 1, 2].map((row) => layoutAt(one!, row))).toEqual(['c', 'a', 'c']);
    expect([...shelf.states]).toEqual([fits, written, loses, loses, refused]);
    expect(shelf.counts).toEqual([1, 2, 1, 1]);
  });

  it('counts rows in the file that a question goes into', () => {
    expect([...shelf.rows]).toEqual([0, 0, 1, 1, 2]);
  });

  it('keeps the reason of the blank that it stands to', () => {
    expect(shelf.words[shelf.reasons[4]!]).toBe('because of kind-not-taken');
  });

  it('leaves a lone layout as it is', () => {
    expect(alone.family).toBeUndefined();
    expect(layoutAt(alone, 2)).toBe('b');
    expect(goesInto(alone, 'b', 2)).toBe(true);
  });

  it('is found by each of its layouts', () => {
    expect(columnWith(columns, 'c')).toBe(shelf);
    expect(goesInto(shelf, 'a', 1)).toBe(false);
    expect(goesInto(shelf, 'c', 1)).toBe(true);
  });

  it('has a question left out of one blank out of all of them', () => {
    const [one] = columnsOf(receivers, [
      column('a', [refused], { codes: ['left-out'] }),
      column('c', [fits]),
    ]);
    expect(one!.states[0]).toBe(refused);
    expect(layoutAt(one!, 0)).toBe('a');
  });
});
