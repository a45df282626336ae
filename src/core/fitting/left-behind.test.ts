// What stays behind without a change: options that the user chose to go, and parts that a receiver has no place for.
import { describe, expect, it } from 'vitest';
import { item, options, rowsLayout } from '../../../tests/make';
import type { Layout } from '../model';
import { withCuts } from '../shared/own-cuts';
import { fit, leftBehind } from '.';
import { STARTERS } from '../learning';
import { say } from '../shared/say';

describe('options that the user chose to go', () => {
  const four: Layout = {
    ...rowsLayout(['stem', 'option', 'option', 'option', 'option', 'key']),
    limits: { optionsMax: 3 },
  };
  const question = item({ options: options('a gate', '*a paddle', 'a x', 'a beam', 'a sill') });
  const cutOf = (own?: Record<string, string>) =>
    fit([question], four, own ? { [question.id]: { own } } : {})[0]!.changes.map(
      ({ field, code }) => [field, code],
    );

  it('go before the weakest, and count as looked at', () => {
    expect(cutOf().map(([, code]) => code)).toEqual(['option-cut', 'option-cut']);
    expect(cutOf(withCuts(undefined, [4, 3]))).toEqual([
      ['options.3', 'option-chosen'],
      ['options.4', 'option-chosen'],
    ]);
    const [fitted] = fit([question], four, {
      [question.id]: { own: withCuts(undefined, [3, 4]) },
    });
    expect(fitted!.as![0]!.options!.map(({ text }) => text.plain)).toEqual([
      'a gate',
      'a paddle',
      'a x',
    ]);
  });

  it('never take the right one, and leave no more behind than has to be', () => {
    const [fitted] = fit([question], four, {
      [question.id]: { own: withCuts(undefined, [0, 1, 2, 3]) },
    });
    const kept = fitted!.as![0]!.options!;
    expect(kept).toHaveLength(3);
    expect(kept.some(({ right }) => right)).toBe(true);
  });
});

describe('what a receiver has no place for', () => {
  const rich = item({
    ref: 'Q-1',
    hint: { plain: 'Look up.' },
    tags: [{ value: 'water' }],
    media: [{ at: 'stem', href: 'gate.png' }],
  });
  const words = (layout: Layout): string[] =>
    leftBehind([rich, item({ ref: '' }), { ...rich, media: [] }], layout).map(({ n, counted }) =>
      say(counted, { n }),
    );

  it('is told part by part with how many questions have it', () => {
    expect(words(rowsLayout(['stem', 'option', 'option', 'key']))).toEqual([
      '1 picture',
      '2 hints',
      '2 questions’ tags',
      '2 references',
    ]);
    expect(
      words(rowsLayout(['stem', 'option', 'option', 'key', 'image', 'hint', 'tag', 'ref'])),
    ).toEqual([]);
  });

  it('in a package is what its standard lacks', () => {
    const packages = STARTERS.filter(({ shape }) => shape === 'package');
    expect(packages.length).toBeGreaterThan(0);
    for (const layout of packages) {
      expect(words(layout)).toContain('2 hints');
      expect(words(layout)).not.toContain('1 picture');
    }
  });
});
