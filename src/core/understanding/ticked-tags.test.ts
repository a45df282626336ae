import { describe, expect, it } from 'vitest';
import { column, view } from '../../../tests/tables';
import { tickedBesideKey } from './ticked-tags';

const stem = column('Question', 'Who waits?', 'What opens?', 'What floats?', 'Who steers?');
const first = column('Option A', 'a boat', 'a gate', 'a hull', 'the crew');
const second = column('Option B', 'a lock', 'a sill', 'a stone', 'the keeper');
const key = column('Right answer', 'A', 'A', 'B', 'B');
const morning = column('Morning', 'x', '', 'x', '');
const evening = column('Evening', '', 'x', '', 'x');

const found = (...columns: ReturnType<typeof column>[]) => {
  const own = tickedBesideKey(view([stem, ...columns]));
  return own && [own.as, own.key.heading, ...own.ticked.map(({ heading }) => heading)].join(' ');
};

describe('columns that are ticked beside one that tells the right option', () => {
  it('say what a question belongs to', () => {
    expect(found(first, second, key, morning, evening)).toBe('tag Right answer Morning Evening');
    expect(found(first, second, { ...key, heading: 'Vrigl' }, morning)).toBe('tag Vrigl Morning');
  });
  it('say what the key says, where each option has one and they agree', () => {
    const [a, b] = [column('A', 'x', 'x', '', ''), column('B', '', '', 'x', 'x')];
    expect(found(first, second, key, a, b)).toBe('verdict Right answer A B');
    expect(found(first, second, column('Key', '1', '1', '2', '2'), a, b)).toBe('verdict Key A B');
    expect(found(first, second, column('Key', '0', '0', '1', '1'), a, b)).toBe('verdict Key A B');
    const texts = column('Right answer', 'a boat', 'a gate', 'a stone', 'the keeper');
    expect(found(first, second, texts, a, b)).toBe('verdict Right answer A B');
    // Three of four, or ticks of another number than options, is no agreement.
    const other = column('A', 'x', '', 'x', '');
    expect(found(first, second, key, other, column('B', '', 'x', '', 'x'))).toMatch(/^tag/);
    expect(found(first, second, key, a)).toMatch(/^tag/);
  });
  it.each<[string, ReturnType<typeof column>[]]>([
    ['no column names an option', [first, second, column('Note', 'p', 'q', 'r', 's'), morning]],
    [
      'the one that does leaves rows out',
      [first, second, column('Right answer', 'A', 'A', '', ''), morning],
    ],
    ['there is one option', [first, key, morning]],
    ['all cells are ticked', [first, second, key, column('Morning', 'x', 'x', 'x', 'x')]],
    [
      'other texts stand among the ticks',
      [first, second, key, column('Morning', 'x', '', 'o', '')],
    ],
    ['what is ticked is called right', [first, second, key, column('Correct', 'x', '', 'x', '')]],
    ['it has no heading', [first, second, key, column('', 'x', '', 'x', '')]],
  ])('are none where %s', (_, columns) => {
    expect(found(...columns)).toBeUndefined();
  });
  it('need more than two rows', () => {
    const short = [stem, first, second, key, morning].map((one) => ({
      ...one,
      texts: one.texts.slice(0, 2),
    }));
    expect(tickedBesideKey(view(short))).toBeUndefined();
  });
});
