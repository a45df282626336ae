// Calculated questions against worked examples of handbooks and textbooks.
import { describe, expect, it } from 'vitest';
import type { Template } from '../../model';
import { exactly, template } from '../../../../tests/make-template';
import { makeVariants } from './index';

describe('worked examples of handbooks and textbooks', () => {
  // Relations as any textbook of the field has them; examples and values from memory, reckoned again by hand.
  it.each<[string, Partial<Template>, number]>([
    [
      'kinetic energy (mechanics): 1,000 kg at 20 m/s',
      {
        quantities: [exactly('m', 1000, 'kg'), exactly('v', 20, 'm/s')],
        formula: '1/2 m v^2',
        unit: 'kJ',
      },
      200,
    ],
    [
      'the same at 72 km/h, turned from kilometres an hour',
      {
        quantities: [exactly('m', 1000, 'kg'), exactly('v', 72, 'km/h')],
        formula: 'm*v^2/2',
        unit: 'J',
      },
      200_000,
    ],
    [
      'free fall (mechanics): the speed after 5 m with g = 9.81 m/s²',
      {
        quantities: [exactly('h', 5, 'm')],
        formula: '√(2 * 9.81 m/s^2 * h)',
        unit: 'm/s',
        decimals: 2,
      },
      9.9,
    ],
    [
      'lever (mechanics): 60 N at 1.5 m are held by 300 N at …',
      {
        quantities: [exactly('F1', 60, 'N'), exactly('a', 1.5, 'm'), exactly('F2', 300, 'N')],
        formula: 'F1 * a / F2',
        unit: 'cm',
      },
      30,
    ],
    [
      'Ohm’s law (electricity): 12 V over 4 Ω',
      { quantities: [exactly('U', 12, 'V'), exactly('R', 4, 'Ω')], formula: 'U / R', unit: 'A' },
      3,
    ],
    [
      'two resistors side by side (electricity): 6 Ω and 3 Ω',
      {
        quantities: [exactly('R1', 6, 'Ω'), exactly('R2', 3, 'Ω')],
        formula: '1/(1/R1 + 1/R2)',
        unit: 'ohm',
      },
      2,
    ],
    [
      'energy at the meter (electricity): 60 W for 5 h',
      { quantities: [exactly('P', 60, 'W'), exactly('t', 5, 'h')], formula: 'P * t', unit: 'kWh' },
      0.3,
    ],
    [
      'area of a circle (geometry): radius 5 cm',
      { quantities: [exactly('r', 5, 'cm')], formula: 'π r²', unit: 'cm²', significant: 4 },
      78.54,
    ],
    [
      'cylinder (geometry): 2 m across, 3 m high, in litres',
      {
        quantities: [exactly('d', 2, 'm'), exactly('h', 3, 'm')],
        formula: 'pi * (d/2)^2 * h',
        unit: 'l',
        significant: 3,
      },
      9420,
    ],
    [
      'hypotenuse (geometry): 3 and 4',
      { quantities: [exactly('a', 3), exactly('b', 4)], formula: 'sqrt(a^2 + b^2)' },
      5,
    ],
    [
      'height by an angle (geometry): 20 m away, 30 degrees',
      {
        quantities: [exactly('d', 20, 'm'), exactly('alpha', 30, '°')],
        formula: 'd * tan(alpha)',
        unit: 'm',
        significant: 3,
      },
      11.5,
    ],
    [
      'compound interest (percentages): 1,000 at 5 % for 2 years',
      {
        quantities: [exactly('K', 1000), exactly('p', 5, '%'), exactly('n', 2)],
        formula: 'K * (1 + p/100)^n',
      },
      1102.5,
    ],
    [
      'value added tax taken out (percentages): 119 with 19 %',
      {
        quantities: [exactly('gross', 119), exactly('rate', 19, '%')],
        formula: 'gross / (1 + rate/100)',
      },
      100,
    ],
    [
      'amount of substance (chemistry): 36 g of water at 18 g/mol',
      {
        quantities: [exactly('mass', 36, 'g'), exactly('molar', 18, 'g/mol')],
        formula: 'mass / molar',
        unit: 'mol',
      },
      2,
    ],
    [
      'pH (chemistry): 0.001 mol/l of hydrogen ions',
      { quantities: [exactly('c', 0.001)], formula: '-log10(c)' },
      3,
    ],
  ])('%s', (_, more, expected) => {
    const { items, findings } = makeVariants(template(more), 1, 1);
    expect(findings.filter(({ level }) => level !== 'note' && level !== 'warn')).toEqual([]);
    expect(items[0]!.number!.value).toBeCloseTo(expected, 9);
  });
});
