// Options that are named, lettered and weighed in ways of their own. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../pipeline';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';

const read = (lines: readonly string[]) =>
  gatherSource(
    { name: 'sheet.csv', bytes: new TextEncoder().encode(`${lines.join('\n')}\n`) },
    {},
    { id: counter() },
  );
const briefs = async (lines: readonly string[]) => (await read(lines)).items.map(brief);

describe('options that are named and weighed in ways of their own', () => {
  it('a key that names headings which count 1, X, 2', async () => {
    expect(
      await briefs([
        'Fråga;Alt 1;Alt X;Alt 2;Rätt',
        'Which lake is largest?;Tarn;Broad;Mere;X',
        'Who paints?;Joiner;Painter;Smith;X',
        'What is drunk?;Water;Sand;Stone;1',
        'What burns?;Stone;;Wood;2',
      ]),
    ).toEqual([
      'choice-one: Which lake is largest? [Tarn / *Broad / Mere]',
      'choice-one: Who paints? [Joiner / *Painter / Smith]',
      'choice-one: What is drunk? [*Water / Sand / Stone]',
      'choice-one: What burns? [Stone / *Wood]',
    ]);
  });

  it('options in columns that carry their letters lose them, those of one row alone do not', async () => {
    const rows = (second: string): string[] => [
      'Question;Option 1;Option 2;Option 3;Key',
      'Which floats?;a) Cork;b) Lead;c) Slate;a)',
      `Which sinks?;${second};b`,
    ];
    expect((await briefs(rows('a) Cork;b) Lead;c) Wax')))[1]).toBe(
      'choice-one: Which sinks? [Cork / *Lead / Wax]',
    );
    expect((await briefs(rows('Cork;Lead;Wax')))[0]).toBe(
      'choice-one: Which floats? [*a) Cork / b) Lead / c) Slate]',
    );
  });

  it('the one option that has all the points is right, what has some is the better of wrong ones', async () => {
    const headings = 'Question;Option 1;Score 1;Option 2;Score 2;Option 3;Score 3';
    const weighed = (...rows: string[]) => briefs([headings, ...rows]);
    expect(
      await weighed(
        'How to greet?;By name;100;Not at all;0;With a nod;25',
        'How to part?;With thanks;100;Not at all;0;With a nod;50',
      ),
    ).toEqual([
      'choice-one: How to greet? [*By name{100} / Not at all{0} / With a nod{25}]',
      'choice-one: How to part? [*With thanks{100} / Not at all{0} / With a nod{50}]',
    ]);
    expect(
      await weighed('Which float?;Cork;50;Wax;50;Lead;0', 'Which sink?;Cork;-50;Iron;50;Lead;50'),
    ).toEqual([
      'choice-many: Which float? [*Cork{50} / *Wax{50} / Lead{0}]',
      'choice-many: Which sink? [Cork{-50} / *Iron{50} / *Lead{50}]',
    ]);
    expect(
      await weighed('Which float?;Cork;1;Wax;0.5;Lead;0', 'Which burn?;Iron;0;Wood;1;Lead;0'),
    ).toEqual([
      'choice-one: Which float? [*Cork{100} / Wax{50} / Lead{0}]',
      'choice-one: Which burn? [Iron{0} / *Wood{100} / Lead{0}]',
    ]);
  });

  it.each([
    ['Single choice', 'choice-many'],
    ['Multiple select', 'choice-one'],
    ['Short answer', 'choice-one'],
  ])('“multiple choice” means what “%s” beside it leaves', async (beside, kind) => {
    const { items } = await read([
      'Type;Question;A;B;C;Key',
      'Multiple choice;Which floats?;Cork;Lead;Slate;A',
      `${beside};Which sinks?;Cork;Lead;Wax;B`,
    ]);
    expect(items[0]!.kind).toBe(kind);
  });
});
