// Calculated questions: against worked examples, against independent reckoning, and against hostile input.
import { Decimal } from 'decimal.js';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Template } from '../../model';
import { exactly, from, template } from '../../../../tests/make-template';
import { makeVariants } from './index';
import { rounded } from './rounding';

const LOCK = template({
  stem: 'A lock {length} long and {width} wide fills by {rise}. How much water does that take?',
  quantities: [
    from('length', 18, 24, 0.5, 'm'),
    from('width', 3, 5, 0.1, 'm'),
    from('rise', 1, 3, 0.1, 'm'),
  ],
  formula: 'length * width * rise',
  unit: 'm³',
  significant: 3,
});

describe('variants', () => {
  const { items, findings } = makeVariants({ ...LOCK, ref: 'LOCK-7' }, 1000, 4);
  it('are as many as wanted, all different, with references by rule, and the same again from the same seed', () => {
    expect(findings).toEqual([]);
    expect(items).toHaveLength(1000);
    expect(new Set(items.map(({ stem }) => stem.plain)).size).toBe(1000);
    expect(items.map(({ ref }) => ref).slice(0, 2)).toEqual(['LOCK-7-1', 'LOCK-7-2']);
    expect(makeVariants({ ...LOCK, ref: 'LOCK-7' }, 1000, 4).items).toEqual(items);
    expect(makeVariants(LOCK, 10, 5).items).not.toEqual(makeVariants(LOCK, 10, 4).items);
  });
  it('hold the result that other code reckons from their values', () => {
    for (const { variant, number, stem } of items) {
      const value = (name: string): number =>
        variant!.values.find((one) => one.name === name)!.value;
      const exact = new Decimal(value('length')).times(value('width')).times(value('rise'));
      expect(number!.value).toBe(exact.toSignificantDigits(3, Decimal.ROUND_HALF_UP).toNumber());
      expect(number!.unit).toBe('m³');
      expect(stem.plain).toContain(`${value('width')} m wide`);
      expect(value('width') * 10).toBeCloseTo(Math.round(value('width') * 10), 9);
    }
  });
  it('meet their conditions', () => {
    const { items: met } = makeVariants(
      { ...LOCK, constraints: ['rise < width/2', 'length >= 20'] },
      200,
      2,
    );
    expect(met).toHaveLength(200);
    for (const { variant } of met) {
      const [length, width, rise] = variant!.values.map(({ value }) => value) as [
        number,
        number,
        number,
      ];
      expect(rise < width / 2 && length >= 20).toBe(true);
    }
  });
  it('of a list take its values; a tolerance may be a share', () => {
    const listed = { ...exactly('a', 0), list: [2, 4, 8] };
    const made = makeVariants(
      template({ stem: '{a}', quantities: [listed], formula: '10 a', tolerance: '5 %' }),
      9,
      1,
    );
    expect(made.items.map(({ number }) => [number!.value, number!.tolerance]).sort()).toEqual([
      [20, 1],
      [40, 2],
      [80, 4],
    ]);
    expect(made.findings[0]).toMatchObject({ rule: 'variants-too-few', level: 'warn' });
  });
});

describe('wrong results from slips', () => {
  const circle = template({
    stem: 'How large is a round basin of radius {r}?',
    quantities: [from('r', 2, 30, 0.5, 'm')],
    formula: 'pi * r^2',
    unit: 'm²',
    significant: 3,
    kind: 'choice-one',
  });
  it.each<[string, Template]>([
    ['a circle', circle],
    ['a lock', { ...LOCK, kind: 'choice-one' }],
    [
      'a speed',
      template({
        stem: '{h}',
        quantities: [from('h', 1, 40, 0.1, 'm')],
        formula: 'sqrt(2 * 9.81 * h)',
        decimals: 2,
        kind: 'choice-one',
      }),
    ],
    [
      'a difference',
      template({
        stem: '{a} {b}',
        quantities: [from('a', 50, 99, 1), from('b', 1, 40, 1)],
        formula: '(a - b) / b',
        decimals: 1,
        kind: 'choice-one',
        options: 5,
      }),
    ],
  ])(
    'of %s differ from the right one and from each other, with the same figures, in order of size',
    (_, one) => {
      const { items } = makeVariants(one, 50, 3);
      expect(items.length).toBeGreaterThan(20);
      for (const { options } of items) {
        const texts = options!.map(({ text }) => text.plain);
        expect(new Set(texts).size).toBe(texts.length);
        expect(options!.filter(({ right }) => right)).toHaveLength(1);
        expect(options!.every(({ right, feedback }) => right || feedback!.plain.length > 5)).toBe(
          true,
        );
        const sizes = texts.map((text) => parseFloat(text.replace('−', '-')));
        expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
      }
      const unitOf = (text: string): string => text.replace(/[−\d.]/g, '');
      expect(
        new Set(items.flatMap(({ options }) => options!.map(({ text }) => unitOf(text.plain))))
          .size,
      ).toBe(1);
    },
  );
  it('are named, and the right one stands at every place', () => {
    const { items } = makeVariants(circle, 60, 3);
    const names = items.flatMap(({ options }) =>
      options!.flatMap(({ feedback }) => feedback?.plain ?? []),
    );
    expect(new Set(names)).toEqual(
      expect.objectContaining(
        new Set(['Forgot to square r.', 'Took the diameter for the radius.']),
      ),
    );
    const places = new Set(items.map(({ options }) => options!.findIndex(({ right }) => right)));
    // What is larger than the right one is rarer among slips.
    expect(places.size).toBeGreaterThanOrEqual(3);
  });
  it('may be one’s own; one that can’t be read is told', () => {
    const slips = [
      { name: 'took the way round', formula: '2 * pi * r' },
      { name: 'nonsense', formula: 'q + r' },
    ];
    const { items, findings } = makeVariants({ ...circle, slips }, 3, 1);
    expect(items[0]!.options!.find(({ right }) => !right)!.feedback!.plain).toBe(
      'Took the way round.',
    );
    expect(findings.map(({ rule }) => rule)).toEqual(['slip-unreadable', 'slips-too-few']);
  });
});

describe('rounding', () => {
  it('is that of decimal.js, halves away from zero, whatever binary fractions leave behind', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1e9, max: 1e9 }),
        fc.integer({ min: 0, max: 6 }),
        (n, places) => {
          const value = n / 1e4;
          const expected = new Decimal(n).div(1e4).toDecimalPlaces(places, Decimal.ROUND_HALF_UP);
          expect(rounded(value, { decimals: places }).value).toBe(expected.toNumber());
        },
      ),
    );
    expect(rounded(1.005, { decimals: 2 }).text).toBe('1.01');
    expect(rounded(0.1 + 0.2, {}).text).toBe('0.3');
    expect(rounded(0.045, { significant: 3 }).text).toBe('0.0450');
    expect(rounded(-12.5, { significant: 2 }).text).toBe('−13');
    expect(rounded(6.02e23, {}).text).toBe('6.02 × 10²³');
  });
});
