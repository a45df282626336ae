// A receiver with a row for each option, from its blank to the file.
import { readFileSync } from 'node:fs';
import { fillOne } from './filled';
import { drop, expect, openDemo, test } from './person';

test('a blank with a row for each option is filled so, and says it in what was learned', async ({
  page,
}) => {
  await openDemo(page, '/layouts');
  await drop(
    page,
    'options-below.csv',
    Buffer.from(
      'No,Question,Option,Correct\r\n1,Which floats?,Cork,yes\r\n1,,Lead,no\r\n2,Which rusts?,Gold,no\r\n2,,Iron,yes\r\n',
    ),
  );
  await expect(page.getByRole('combobox', { name: 'A row for each' })).toHaveValue('option');
  await expect(page.getByRole('textbox', { name: 'again in columns' })).toHaveValue('A');
  await expect(page.getByText('Rows 2 to 4 show a question of the bank')).toBeVisible();
  const text = readFileSync(await (await fillOne(page, 'options below')).path(), 'utf8');
  expect(text.split('\r\n').slice(0, 5)).toEqual([
    'No,Question,Option,Correct',
    '1,What does a paddle let through a lock gate?,Boats,no',
    '1,,Water,yes',
    '1,,Walkers,no',
    expect.stringMatching(/^2,\S/),
  ]);
});
