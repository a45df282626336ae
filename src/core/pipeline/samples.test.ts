// A blank's samples, read by the layout that was learned from it and written again.
import { describe, expect, it } from 'vitest';
import { rowsLayout, surroundings, table } from '../../../tests/make';
import { learnBlank } from './layouts';
import { sampleDifferences, withSamples } from './samples';

const BLANK =
  'Question;Option 1;Option 2;Right;Points\nWhat floats?;Cork;Stone;A;2\nWhat sinks?;Cork;Stone;B;1\n';
const layout = (key: 'letter' | 'number') =>
  rowsLayout(['stem', 'option', 'option', 'key', 'points'], {
    key: { style: key },
    file: {
      format: 'csv',
      separator: ';',
      headingRow: 1,
      firstRow: 2,
      firstColumn: 'A',
      sample: [2, 3],
    },
  });

describe('samples', () => {
  it('prove a layout under which they come out to the letter', () => {
    expect(sampleDifferences(table(BLANK, 'form.csv'), layout('letter'))).toEqual([]);
  });

  it('speak against one that would write them otherwise, at their cells', () => {
    const found = sampleDifferences(table(BLANK, 'form.csv'), layout('number'));
    expect(found.map(({ column, cell, was }) => [column, cell, was])).toContainEqual([
      'D',
      'D2',
      'A',
    ]);
    const learned = withSamples(
      { layout: layout('number'), because: { 'columns.D': 'its heading is “Right”' }, unsure: [] },
      table(BLANK, 'form.csv'),
    );
    expect(learned.unsure).toContain('columns.D');
    expect(learned.because['columns.D']).toMatch(
      /its heading is “Right”; but the sample in D2, “A”/,
    );
  });

  it('say nothing where there are none', () => {
    const bare = layout('letter');
    expect(
      sampleDifferences(table(BLANK, 'form.csv'), {
        ...bare,
        file: { ...bare.file, sample: undefined },
      }),
    ).toEqual([]);
    expect(sampleDifferences(table(BLANK, 'form.csv'), { ...bare, shape: 'grid' })).toEqual([]);
  });

  it('are looked at whenever a blank is learned', async () => {
    const bytes = new TextEncoder().encode(BLANK);
    const learned = await learnBlank({ name: 'form.csv', bytes }, surroundings);
    expect(learned.layout.key.style).toBe('letter');
    expect(learned.unsure).toEqual([]);
  });
});
