// Tables below one another with headings of their own, in a reply, a document or on a sheet, and what stands beside a table.
import { describe, expect, it } from 'vitest';
import { gatherColumns, gatherTyped } from '../../../tests/typed';
import { brief } from '../../../tests/say';

const CHOICE = [
  ['Question', 'Correct answer', 'Wrong 1', 'Wrong 2'],
  ['What floats?', 'cork', 'lead', 'iron'],
  ['What sinks?', 'iron', 'cork', 'wood'],
];
const STATEMENTS = [
  ['Statement', 'True/False', 'Explanation'],
  ['Cork floats.', 'True', 'It is light.'],
  ['Iron floats.', 'False', 'It is heavy.'],
];
const SHORT = [
  ['Question', 'Answer'],
  ['What burns?', 'wood'],
  ['What melts?', 'lead'],
];
const ALL = [CHOICE, STATEMENTS, SHORT];
const AS_READ = [
  'choice-one: What floats? [*cork / lead / iron]',
  'choice-one: What sinks? [*iron / cork / wood]',
  'true-false: Cork floats. [*True / False]',
  'true-false: Iron floats. [True / *False]',
  'short: What burns? [wood]',
  'short: What melts? [lead]',
];

const barred = (rows: string[][]): string =>
  [rows[0]!, rows[0]!.map(() => '---'), ...rows.slice(1)]
    .map((row) => `| ${row.join(' | ')} |`)
    .join('\n');
const fenced = (rows: string[][]): string =>
  ['```csv', ...rows.map((row) => row.join(';')), '```'].join('\n');

describe('tables that each have headings of their own', () => {
  it.each([
    ['bars', barred],
    ['fences', fenced],
  ])('are read by them all in a reply with %s', async (_, written) => {
    const text = ALL.map((rows, n) => `Part ${n + 1}:\n\n${written(rows)}`).join('\n\n');
    const { items, findings } = await gatherTyped(text);
    expect(items.map(brief)).toEqual(AS_READ);
    expect(findings.map(({ rule }) => rule)).toEqual(['several-tables']);
    // Where each stands in the text is kept.
    const lines = text.split('\n');
    items.forEach(({ stem, origin }) => {
      expect(lines[origin!.row! - 1]).toContain(stem.plain);
    });
  });
  it('are read by them all on a sheet, with or without titles', async () => {
    const rows = ALL.flatMap((table, n) => [...(n ? [[]] : []), ...table]);
    const titled = ALL.flatMap((table, n) => [[], [`Round ${n + 1}`], ...table]).slice(1);
    for (const all of [rows, titled]) {
      const { items } = await gatherColumns(all.map((row) => row.join(';')));
      expect(items.map(brief)).toEqual(AS_READ);
    }
  });
  it('have their titles for categories where each has one, and no kind is meant', async () => {
    const rows = (titles: string[]): string[] =>
      ALL.flatMap((table, n) => [[], [titles[n]!], ...table])
        .slice(1)
        .map((row) => row.join(';'));
    const topics = await gatherColumns(rows(['Water', 'Metal', 'Fire']));
    expect(topics.items.map(({ category }) => category)).toEqual(
      ['Water', 'Water', 'Metal', 'Metal', 'Fire', 'Fire'].map((title) => [title]),
    );
    const kinds = await gatherColumns(rows(['Multiple choice', 'True or false', 'Short answer']));
    expect(kinds.items.map(({ category }) => category)).toEqual(Array(6).fill(undefined));
  });
  it('continue one another where they have the same', async () => {
    const text = [SHORT, [SHORT[0]!, ['What rusts?', 'iron']]].map(fenced).join('\n\n');
    expect((await gatherTyped(text)).items.map(brief)).toEqual([
      ...AS_READ.slice(4),
      'short: What rusts? [iron]',
    ]);
  });
});

describe('a column without a heading', () => {
  it('holds the answers where nothing else does, though it looks like options', async () => {
    const { items, reading } = await gatherColumns([
      '1;What is tofu made from?;Soya beans;1 pt',
      '2;Which nut is in marzipan?;Almond;1 pt',
      '3;Name two things in pesto.;basil, pine nuts, oil, cheese (any two);2 pts',
      '4;How many grams are in a pound?;450;1 pt',
    ]);
    expect(items.map(({ accepted }) => accepted?.[0])).toEqual([
      'Soya beans',
      'Almond',
      'basil, pine nuts, oil, cheese (any two)',
      '450',
    ]);
    expect(reading.unsure).toContain('columns.C');
  });
});
