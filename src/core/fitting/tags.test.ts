// Tags that stand in one cell together.
import { describe, expect, it } from 'vitest';
import { item, rowsLayout } from '../../../tests/make';
import type { Item, Layout } from '../model';
import { fit } from '.';

const one = (question: Item, layout: Layout) => fit([question], layout)[0]!;

describe('tags in one cell', () => {
  const parted = (separator: string) =>
    rowsLayout(['stem', 'option', 'option', 'option', 'key', 'tags'], {
      columns: rowsLayout(['stem', 'option', 'option', 'option', 'key', 'tags']).columns.map(
        (column) => (column.role === 'tags' ? { ...column, separator } : column),
      ),
    });
  const tagged = item({ tags: [{ value: 'lock gate' }, { name: 'Level', value: 'easy' }] });

  it('keep no sign that parts them, which is told', () => {
    const fitted = one(tagged, parted(' '));
    expect(fitted.cells![0]!['F']).toBe('lock-gate Level:easy');
    expect(fitted.changes.map(({ field, from, to }) => [field, from, to])).toEqual([
      ['tags', 'lock gate', 'lock-gate'],
      ['tags', 'Level: easy', 'Level:easy'],
    ]);
    expect(fitted.changes[0]!.why).toContain('parts tags by a blank');
    expect(fitted.as![0]!.tags).toEqual([{ value: 'lock-gate' }, { value: 'Level:easy' }]);
  });

  it('stand as they are where none holds it', () => {
    const fitted = one(tagged, parted(';'));
    expect(fitted.cells![0]!['F']).toBe('lock gate;Level: easy');
    expect(fitted.state).toBe('fits');
  });

  it('are looked at even where states alone are asked for', () => {
    const [state] = fit([tagged], parted(' '), {}, { states: true });
    expect(state!.state).not.toBe('fits');
  });
});
