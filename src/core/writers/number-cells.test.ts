// Numbers stand in a workbook as its blank keeps them, read by another reader: as numbers where a sample or a rule has them so, else as texts.
import { read, utils, write } from '@e965/xlsx';
import { expect, it } from 'vitest';
import { fill, learnBlank } from '../pipeline';
import { counter, item, options, surroundings } from '../../../tests/make';

/** The cells of the first question in a filled copy of such a sheet. */
async function written(rows: readonly (readonly (string | number)[])[]) {
  const book = utils.book_new();
  utils.book_append_sheet(book, utils.aoa_to_sheet(rows.map((row) => [...row])), 'Items');
  const blank = new Uint8Array(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
  const { layout } = await learnBlank({ name: 'items.xlsx', bytes: blank }, surroundings);
  const items = [
    item({ stem: { plain: 'What floats?' }, options: options('lead', '*cork'), points: 3 }),
  ];
  const { bytes, differences } = await fill(
    { items, layout, blank },
    { ...surroundings, id: counter() },
  );
  expect(differences).toEqual([]);
  const sheet = read(bytes).Sheets['Items']!;
  return utils.sheet_to_json<unknown[]>(sheet, { header: 1, raw: true })[1];
}
const HEADS = ['Question', 'Opt1', 'Opt2', 'Key', 'Points'];

it('as numbers where the sample has numbers', async () => {
  expect(await written([HEADS, ['Which is a fish?', 'crab', 'pike', 2, 1]])).toEqual([
    'What floats?',
    'lead',
    'cork',
    2,
    3,
  ]);
});
it('as texts where the sample has texts', async () => {
  expect(await written([HEADS, ['Which is a fish?', 'crab', 'pike', '2', '1']])).toEqual([
    'What floats?',
    'lead',
    'cork',
    '2',
    '3',
  ]);
});
