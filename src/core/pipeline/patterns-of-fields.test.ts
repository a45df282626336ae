// Samples whose lines name fields: what leaves is the receiver's form line by line, and comes home as it was meant.
import { describe, expect, it } from 'vitest';
import { counter, item, options, surroundings } from '../../../tests/make';
import { fill, fits, learnBlank } from '.';

const FLOATS = item({
  stem: { plain: 'What floats?' },
  options: options('lead', '*cork', 'iron'),
  explanation: { plain: 'It is light.' },
  category: ['Water'],
});
const SINKS = item({
  stem: { plain: 'Which sink?' },
  kind: 'choice-many',
  options: options('*lead', 'cork', '*iron'),
  category: ['Water'],
});
const TRUTH = item({
  kind: 'true-false',
  stem: { plain: 'Lead floats.' },
  options: options('True', '*False'),
});
const LENGTH = item({
  kind: 'number',
  stem: { plain: 'How long is it?' },
  options: undefined,
  number: { value: 12, tolerance: 0.5, unit: 'm' },
});

type Questions = readonly (typeof FLOATS)[];

async function handed(sample: readonly string[], items: Questions) {
  const blank = new TextEncoder().encode(`${sample.join('\n')}\n`);
  const { layout, unsure } = await learnBlank({ name: 'sample.txt', bytes: blank }, surroundings);
  const { bytes, receipt } = await fill(
    { items, layout, blank },
    { ...surroundings, id: counter() },
  );
  const text = new TextDecoder().decode(bytes);
  return { text, unsure, differences: receipt.readBack.differences };
}

type Case = [name: string, sample: readonly string[], items: Questions, expected: string];
const CASES: readonly Case[] = [
  [
    'lines above all questions that no empty line parts from the first',
    [
      '@quiz Locks',
      '@topic Gates',
      '?? What opens?',
      '++ the gate',
      '-- the wall',
      '!! It has hinges.',
      '',
      '?? What is a paddle?',
      '-- an oar',
      '++ a sluice',
      '!! It lets water in.',
      '',
      '@topic Boats',
      '?? Which steer a boat?',
      '++ the tiller',
      '++ the rudder',
      '-- the anchor',
      '!! Both do.',
    ],
    [FLOATS, SINKS],
    [
      '@quiz sample',
      '@topic Water',
      '?? What floats?',
      '-- lead',
      '++ cork',
      '-- iron',
      '!! It is light.',
      '',
      '?? Which sink?',
      '++ lead',
      '-- cork',
      '++ iron',
      '',
    ].join('\n'),
  ],
  [
    'letters with an equals sign, and a word of its own for true and false',
    [
      'BEGIN',
      'KIND=MC',
      'STEM=Which bird dives?',
      'A=kingfisher',
      'B=sparrow',
      'C=owl',
      'RIGHT=A',
      'END',
      'BEGIN',
      'KIND=TF',
      'STEM=Owls fly by night.',
      'RIGHT=T',
      'END',
    ],
    [FLOATS, TRUTH],
    [
      'BEGIN',
      'KIND=MC',
      'STEM=What floats?',
      'A=lead',
      'B=cork',
      'C=iron',
      'RIGHT=B',
      'END',
      'BEGIN',
      'KIND=TF',
      'STEM=Lead floats.',
      'RIGHT=F',
      'END',
      '',
    ].join('\n'),
  ],
  [
    'fields that stand once, the tolerance of a number among them',
    [
      'type: choice',
      'text: What floats?',
      'answer+: cork',
      'answer-: lead',
      'points: 1',
      '',
      'type: truefalse',
      'text: Lead floats.',
      'value: no',
      'points: 1',
      '',
      'type: number',
      'text: How many gates has a lock?',
      'value: 4',
      'tolerance: 0',
      'unit: gates',
      'points: 2',
    ],
    [TRUTH, LENGTH],
    [
      'type: truefalse',
      'text: Lead floats.',
      'value: no',
      '',
      'type: number',
      'text: How long is it?',
      'value: 12',
      'tolerance: 0.5',
      'unit: m',
      '',
    ].join('\n'),
  ],
  [
    'a sign behind the word of an option, and a number with its tolerance and unit on one line',
    [
      '<item>',
      'Q: How long is the tunnel?',
      'N: 1450 ± 10 m',
      '</item>',
      '<item>',
      'Q: Which side do boats pass?',
      'O: left',
      'O: *right',
      'O: either',
      '</item>',
    ],
    [LENGTH, FLOATS],
    [
      '<item>',
      'Q: How long is it?',
      'N: 12 ± 0.5 m',
      '</item>',
      '<item>',
      'Q: What floats?',
      'O: lead',
      'O: *cork',
      'O: iron',
      '</item>',
      '',
    ].join('\n'),
  ],
  [
    'a tolerance behind the unit',
    [
      'Q: How long is the tunnel?',
      'N: 1450 m +/- 10',
      '',
      'Q: How hot is the kiln?',
      'N: 1250 °C +/- 20',
    ],
    [LENGTH],
    ['Q: How long is it?', 'N: 12 m +/- 0.5', ''].join('\n'),
  ],
];

describe('a sample of named lines', () => {
  it.each(CASES)('with %s', async (_, sample, items, expected) => {
    const { text, unsure, differences } = await handed(sample, items);
    expect(text).toBe(expected);
    expect(differences).toEqual([]);
    expect(unsure).toEqual([]);
  });
});

it('a tolerance that the receiver has no line for is told, and not written', async () => {
  const sample = [
    'Q: How many gates?',
    'N: 4',
    'unit: gates',
    '',
    'Q: How deep is it?',
    'N: 3',
    'unit: m',
  ];
  const blank = new TextEncoder().encode(`${sample.join('\n')}\n`);
  const { layout } = await learnBlank({ name: 'sample.txt', bytes: blank }, surroundings);
  const { bytes } = await fill(
    { items: [LENGTH], layout, blank },
    { ...surroundings, id: counter() },
  );
  expect(new TextDecoder().decode(bytes)).toBe('Q: How long is it?\nN: 12\nunit: m\n');
  expect(fits([LENGTH], layout)).toMatchObject([
    { changes: [{ field: 'number', from: '12 ± 0.5', to: '12' }] },
  ]);
});
