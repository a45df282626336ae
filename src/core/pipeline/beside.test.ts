// What stands beside question and answers goes out in the receiver's own words, and is proved like the rest.
import { strFromU8, strToU8 } from 'fflate';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { options, surroundings } from '../../../tests/make';
import { meantBy } from '../handing-over';
import type { Item } from '../model';
import { chosenFor, fill } from './filling';
import { learnBlank } from './layouts';
import { proof } from './proof';
import { gatherSource } from './sources';

const FORM =
  'Question,Option 1,Option 2,Correct option,Shuffle options (yes/no),Layout of options (horizontal/vertical),Practice (Y/N),Tag: Level,Keyword,Written by,Picture,Picture description\r\n';

const item = (n: number, more: Partial<Item>): Item => ({
  id: `i${n}`,
  ref: `q-${n}`,
  kind: 'choice-one',
  stem: { plain: `What floats in lock ${n}?` },
  options: options('*Cork', 'Stone'),
  ...more,
});

const ITEMS: readonly Item[] = [
  item(1, {
    shuffle: true,
    across: false,
    use: 'practice',
    tags: [{ value: 'water' }, { name: 'Level', value: 'easy' }],
    origin: { by: 'Jo Tern' },
    media: [{ at: 'stem', href: 'gate.png', alt: 'A gate' }],
  }),
  item(2, {
    shuffle: false,
    across: true,
    use: 'scored',
    tags: [
      { name: 'Level', value: 'hard' },
      { name: 'Lock', value: '7' },
    ],
  }),
  item(3, {}),
];

const learned = (form: string) =>
  learnBlank({ name: 'form.csv', bytes: strToU8(form) }, surroundings);
const rowsOf = (bytes: Uint8Array): string[][] => Papa.parse<string[]>(strFromU8(bytes)).data;

async function filled() {
  const { layout } = await learned(FORM);
  const job = { items: ITEMS, layout, setTitle: 'A set', blank: strToU8(FORM) };
  const file = await fill(job, surroundings);
  const meant = {
    items: meantBy(chosenFor(job).taken, layout, undefined),
    title: 'A set',
    description: undefined,
  };
  return { layout, file, meant };
}

describe('fields of two ways, tags and contributors', () => {
  it('are learned with the words that the form offers', async () => {
    const { layout, unsure } = await learned(FORM);
    expect(layout.columns.slice(4, 9).map(({ role }) => role)).toEqual([
      'shuffle',
      'across',
      'use',
      'tag',
      'tags',
    ]);
    expect(unsure).toEqual(['key']);
  });

  it('stand in those words, a yes below “Practice” for practice', async () => {
    const { file } = await filled();
    const [, first, second, third] = rowsOf(file.bytes);
    expect(first!.slice(4, 8)).toEqual(['yes', 'vertical', 'Y', 'easy']);
    expect(second!.slice(4, 8)).toEqual(['no', 'horizontal', 'N', 'hard']);
    expect(third!.slice(4, 8)).toEqual(['', '', '', '']);
    expect(file.receipt.readBack.differences).toEqual([]);
  });

  it('are missed wherever a cell says something else', async () => {
    const { layout, file, meant } = await filled();
    const rows = rowsOf(file.bytes);
    for (let column = 4; column < rows[0]!.length; column++) {
      for (const text of ['', 'no', 'horizontal', 'N', 'other']) {
        if (rows[1]![column] === text) {
          continue;
        }
        const other = rows.map((row, r) =>
          r === 1 ? row.map((own, c) => (c === column ? text : own)) : row,
        );
        const bytes = strToU8(Papa.unparse(other));
        const told = await proof({ name: 'form.csv', bytes }, layout, meant);
        expect(told, `column ${column} says “${text}”`).not.toEqual([]);
      }
    }
  });

  it('are read in the same words', async () => {
    const { file } = await filled();
    const { items } = await gatherSource(
      { name: 'filled.csv', bytes: file.bytes },
      {},
      surroundings,
    );
    expect(items.map(({ shuffle, across, use }) => [shuffle, across, use])).toEqual([
      [true, false, 'practice'],
      [false, true, 'scored'],
      [undefined, undefined, undefined],
    ]);
  });
});

describe('a column of two ways whose words are not named', () => {
  const form = (sample: string): string =>
    `Question,Option 1,Option 2,Correct option,Shuffle options,Layout of options\r\nWhat sinks?,Cork,Stone,2,${sample}\r\n`;

  it('takes them from samples, and is unsure of the one that none shows', async () => {
    const { layout, unsure } = await learned(form('Ja,Vertical'));
    expect(layout.columns.slice(4).map(({ values }) => values)).toEqual([
      ['Ja', 'Nein'],
      ['Horizontal', 'Vertical'],
    ]);
    expect(unsure).toEqual(['columns.E', 'columns.F']);
  });

  it('is unsure of ours', async () => {
    const { because, unsure } = await learned(form(','));
    expect(unsure).toContain('columns.E');
    expect(because['columns.E']).toMatch(/its words are not named, “yes” and “no” are written/);
  });
});
