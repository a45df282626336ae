// Templates that can't be used, and formulas that try to reach outside: each a plain sentence.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Template } from '../../model';
import { exactly, from, template } from '../../../../tests/make-template';
import { makeVariants } from './index';

describe('what can’t be used is told in a sentence', () => {
  const rules = (more: Partial<Template>, n = 3): string[] =>
    makeVariants(
      template({ stem: '{a}', quantities: [from('a', 2, 9, 1, 'm')], ...more }),
      n,
      1,
    ).findings.map(({ rule, level }) => `${rule} ${level}`);
  it.each([
    'x = 3',
    'f(x) = x',
    'import("node:fs")',
    'a.constructor',
    'cos.constructor("return process")()',
    '[1, 2, 3]',
    '{"a": 1}',
    '"text"',
    'a; a',
    'a > 2 ? 1 : 2',
    'createUnit("knot")',
    'evaluate("1")',
    'a!',
    "a'",
    'a[1]',
    'a:5',
    'qq * a',
    '',
    '(((',
    'a+'.repeat(199) + 'a',
    'a'.repeat(900),
  ])('the formula %j', (formula) => {
    const { items, findings } = makeVariants(
      template({ stem: '{a}', quantities: [from('a', 2, 9, 1)], formula }),
      2,
      1,
    );
    if (formula === 'a:5') {
      // A colon between numbers divides.
      expect(items).toHaveLength(2);
      return;
    }
    expect(items).toEqual([]);
    expect(findings[0]!.message).toMatch(/^The formula .* can’t be used: .*\.$/s);
  });
  it.each<[string, Partial<Template>, string[]]>([
    [
      'conditions that are never met',
      { formula: 'a', constraints: ['a > 100'] },
      ['variants-too-few block'],
    ],
    ['division by zero', { formula: 'a / (a - a)' }, ['variants-too-few block']],
    [
      'a range without a value',
      { formula: 'a', quantities: [from('a', 5, 2, 1)] },
      ['range-empty block'],
    ],
    [
      'two of one name',
      { formula: 'a', quantities: [exactly('a', 1), exactly('a', 2)] },
      ['quantity-doubled block'],
    ],
    [
      'a name that is none',
      { formula: '1', quantities: [exactly('a b', 1)] },
      ['quantity-name block'],
    ],
    [
      'a name like __proto__',
      { formula: '1', quantities: [exactly('__proto__', 1)] },
      ['quantity-name block'],
    ],
    ['no text', { stem: ' ', formula: 'a' }, ['stem-empty block']],
    ['metres for an area', { formula: 'a * a', unit: 'm' }, ['dimension-wrong block']],
    [
      'metres and seconds added',
      {
        stem: '{a}{b}',
        formula: 'a + b',
        quantities: [exactly('a', 1, 'm'), exactly('b', 1, 's')],
        unit: 'm',
      },
      ['dimension-wrong block'],
    ],
    [
      'a number that may carry a unit',
      { formula: 'a * 9.81', unit: 'J' },
      ['dimension-wrong warn'],
    ],
    ['an unknown unit', { formula: 'a', unit: 'windlasses' }, ['unit-unknown note']],
    ['a quantity that is not shown', { stem: 'How far?', formula: 'a' }, ['quantity-hidden warn']],
    [
      'a place without a quantity',
      { stem: '{a} and {c}', formula: 'a' },
      ['stem-name-unknown warn'],
    ],
  ])('%s', (_, more, expected) => {
    expect(rules(more)).toEqual(expected);
  });
  it('whatever is typed, nothing is thrown and nothing outside is reached', () => {
    const sign = fc.constantFrom(
      ...'ab1.+-*/^()[]{}"\'=;:,!%<>?@ \n'.split(''),
      'sqrt',
      'constructor',
      'pi',
      '__proto__',
    );
    fc.assert(
      fc.property(
        fc.array(sign, { maxLength: 14 }).map((parts) => parts.join('')),
        (formula) => {
          const { items, findings } = makeVariants(
            template({
              stem: '{a}',
              quantities: [from('a', 2, 9, 1)],
              formula,
              constraints: [formula],
            }),
            3,
            1,
          );
          expect(items.every(({ number }) => Number.isFinite(number!.value))).toBe(true);
          expect(items.length > 0 || findings.length > 0).toBe(true);
        },
      ),
      { numRuns: 400 },
    );
  });
});
