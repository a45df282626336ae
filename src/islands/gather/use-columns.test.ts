import { describe, expect, it } from 'vitest';
import { gathered, table } from '../../../tests/make';
import { columnsOf, tracksOf } from './use-columns';

/** The columns of a block as it is pasted. */
function columns(text: string) {
  const { reading } = gathered(text);
  const { rows } = table(text).sheets[0]!;
  return columnsOf({ reading, sheet: { name: 'a', hidden: false, rows, merges: [] } });
}
const BLOCK =
  'No\tGeography\tQuestion\tA\tB\tRight\nx\tRivers\tWhat flows here?\tBrook\tMere\tA\nx\tHills\tWhat stands there?\tTor\tFell\tB';

describe('the columns of a sheet', () => {
  it('are labelled by what they are taken for, options by letters', () => {
    const labels = columns(BLOCK).map(({ label }) => label);
    expect(labels).toContain('question');
    expect(labels.filter((label) => label.startsWith('option'))).toEqual(['option A', 'option B']);
    expect(labels.at(-1)).toBe('right');
  });

  it('are never narrower than their label and their longest word', () => {
    for (const { label, least } of columns(BLOCK)) {
      expect(least).toBeGreaterThan(label.length * 7);
    }
    const [, geography] = columns(BLOCK);
    expect(geography!.least).toBeGreaterThan('Geography'.length * 7.8);
    // A word without end, as an address is, does not widen its column without end.
    const [odd] = columns(`Question\tA\tB\tRight\n${'x'.repeat(90)}\ty\tz\tA\nWho?\ty\tz\tB`);
    expect(odd!.least).toBeLessThan(260);
  });

  it('that hold nothing and mean nothing are not shown', () => {
    const shown = columns('Question\t\tA\tB\tRight\nWhat?\t\tx\ty\tA\nWho?\t\tx\ty\tB');
    expect(shown.map(({ index }) => index)).not.toContain(1);
  });

  it('take together what they need at least, the rows’ numbers among it', () => {
    const shown = columns(BLOCK);
    const { tracks, least } = tracksOf(shown);
    expect(tracks.split(' minmax')).toHaveLength(shown.length + 1);
    expect(least).toBe(34 + shown.reduce((sum, column) => sum + column.least, 0));
  });
});
