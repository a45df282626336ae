// Layouts of every shape, as a person teaches, builds and uses them; files opened by another program's reader.
import { read, utils } from '@e965/xlsx';
import { strFromU8, unzipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Download } from '@playwright/test';
import { fillOne, onlyInView } from './filled';
import { drop, expect, fill, go, openDemo, test } from './person';

const fixture = (name: string): Buffer =>
  readFileSync(fileURLToPath(new URL(`../tests/fixtures/${name}`, import.meta.url)));

const sheetOf = async (download: Download, name: string): Promise<unknown[][]> =>
  utils.sheet_to_json<unknown[]>(read(readFileSync(await download.path())).Sheets[name]!, {
    header: 1,
    range: 'A1:M400',
    blankrows: true,
  });

test('a board is dropped, shown with a question in it, filled, and opened', async ({ page }) => {
  await openDemo(page, '/layouts');
  await drop(page, 'locked-board.xlsx', fixture('locked-board.xlsx'));
  await expect(page.getByText('Questions in columns B to D, levels 100, 200, 300')).toBeVisible();
  await expect(
    page.getByRole('checkbox', { name: 'The receiver keeps its own categories' }),
  ).toBeChecked();
  await expect(page.locator('td.preview').first()).toBeVisible();
  const rows = await sheetOf(await fillOne(page, 'locked board'), 'Board');
  expect(rows[0]!.slice(0, 4)).toEqual(['Level', 'Boats', 'Ropes', 'Weather']);
  for (const row of [1, 2, 3, 4, 5, 6]) {
    expect(
      rows[row]!.slice(1, 4).every((text) => typeof text === 'string' && text.length > 0),
    ).toBe(true);
  }
});

test('blocks of rows keep their labels; the seam shows each line of a block', async ({ page }) => {
  await openDemo(page, '/layouts');
  await drop(page, 'blocks-form.xlsx', fixture('blocks-form.xlsx'));
  await expect(page.getByText(/Blocks of rows: Question: question in B/)).toBeVisible();
  const rows = await sheetOf(await fillOne(page, 'blocks form'), 'Blocks');
  expect([2, 6, 7].map((row) => rows[row]!.slice(0, 3))).toEqual([
    ['Question', 'What does a paddle let through a lock gate?'],
    ['Answer', 'Boats', 'wrong'],
    ['Answer', 'Water', 'right'],
  ]);
  await page
    .getByRole('row')
    .filter({ hasText: 'What does a paddle let' })
    .getByRole('button')
    .click();
  const seam = page.getByRole('complementary', { name: /Question 1 in the file for blocks form/ });
  await expect(seam.getByText('B Question')).toBeVisible();
});

test('a sample of plain text is learned line by line, and turned by pointing at a line', async ({
  page,
}) => {
  await openDemo(page, '/layouts');
  await drop(
    page,
    'sample.txt',
    Buffer.from(
      '(1) What opens first?\n  + the top gate\n  = the bottom gate\n\n(2) What floats?\n  + cork\n  = iron\n',
    ),
  );
  const rightSign = page.getByRole('textbox', { name: 'right option', exact: true });
  await expect(rightSign).toBeVisible();
  for (const [line, what] of [
    [2, 'a wrong option'],
    [3, 'a right option'],
  ] as const) {
    await page.getByRole('button', { name: `Line ${line}: say what it is` }).click();
    await page.getByRole('menuitem', { name: what, exact: true }).click();
    await expect(page.getByRole('menuitem')).toHaveCount(0);
  }
  await expect(rightSign).toHaveValue('␣␣=␣');
  await expect(page.getByRole('textbox', { name: 'wrong option', exact: true })).toHaveValue(
    '␣␣+␣',
  );
  // The other question follows by itself.
  await expect(page.getByRole('row').filter({ hasText: '= iron' })).toContainText('right option');
  // What stands in front of a line is typed over, blanks and all.
  await page.getByRole('textbox', { name: 'question', exact: true }).fill('{n}:␣');
  await page.keyboard.press('Enter');
  await expect(page.getByText('1: What does a paddle let through')).toBeVisible();
  const text = readFileSync(await (await fillOne(page, 'sample')).path(), 'utf8');
  expect(text).toContain(
    '1: What does a paddle let through a lock gate?\n  + Boats\n  = Water\n  + Walkers\n\n2: ',
  );
});

test('a layout is built column by column, duplicated, taken back to an earlier edition, exported and taken in again', async ({
  page,
}) => {
  await openDemo(page, '/layouts');
  await page.getByRole('button', { name: 'Build a layout column by column' }).click();
  await page.getByRole('textbox', { name: 'Name of the layout' }).fill('Harrowmere sheet');
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Heading of column A' }).fill('Wording');
  await page.keyboard.press('Enter');
  await expect(page.getByText('edition 3')).toBeVisible();
  await page.getByRole('button', { name: 'an option' }).click();
  await expect(page.getByRole('textbox', { name: 'Heading of column D' })).toHaveValue('Option 3');
  await page.getByRole('button', { name: 'points' }).click();
  await page.getByRole('textbox', { name: 'Default of column F' }).fill('2');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Move column D to the left' }).click();
  await expect(page.getByRole('textbox', { name: 'Heading of column C' })).toHaveValue('Option 3');
  // A question of the bank is shown filled in as the columns change.
  await expect(
    page.getByRole('group', { name: 'A question of the bank in these columns' }),
  ).toContainText('Wording');
  await page.getByRole('button', { name: 'More …' }).click();
  await page.getByRole('menuitem', { name: /Back to edition 3/ }).click();
  await expect(page.getByRole('textbox', { name: 'Heading of column D' })).toHaveValue(
    'Right option (letter)',
  );
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Heading of column C' })).toHaveValue('Option 3');
  await page.getByRole('button', { name: 'More …' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: /as one file, with its blank/ }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('Harrowmere sheet.layout.json');
  await page.getByRole('button', { name: 'More …' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the layout' })).toHaveValue(
    'Harrowmere sheet, copy',
  );
  await go(page, '/layouts');
  await page.getByTestId('blank-file').setInputFiles(
    await file.path().then((path) => ({
      name: 'Harrowmere sheet.layout.json',
      mimeType: 'application/json',
      buffer: readFileSync(path),
    })),
  );
  await expect(page.getByRole('textbox', { name: 'Name of the layout' })).toHaveValue(
    'Harrowmere sheet 2',
  );
  await go(page, '/layouts');
  await page.getByRole('checkbox', { name: 'Harrowmere sheet in view' }).uncheck();
  await page.getByRole('checkbox', { name: 'Harrowmere sheet, copy in view' }).uncheck();
  const rows = await sheetOf(await fillOne(page, 'Harrowmere sheet 2'), 'Questions');
  expect(rows[0]!.slice(0, 6)).toEqual([
    'Wording',
    'Option 1',
    'Option 3',
    'Option 2',
    'Right option (letter)',
    'Points',
  ]);
  expect(rows[1]!.slice(0, 6)).toEqual([
    'What does a paddle let through a lock gate?',
    'Boats',
    'Water',
    'Walkers',
    'B',
    1,
  ]);
});

test('a starter’s blank is taken; a package is filled with a pool; a block is copied for its cell', async ({
  page,
}) => {
  await openDemo(page, '/layouts');
  const [blank] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take its blank: Lettered key' }).click(),
  ]);
  expect(read(readFileSync(await blank.path())).SheetNames).toEqual(['Questions', 'How to fill']);
  await page.getByRole('button', { name: 'Use it: QTI 3.0 package' }).click();
  await expect(page).toHaveURL(/\/layouts\/./);
  await onlyInView(page, 'QTI 3.0 package');
  await go(page, '/hand-over');
  await page.getByRole('textbox', { name: 'Questions drawn at each attempt' }).fill('20');
  await fill(page, 'Fill 1 file');
  await expect(page.getByText('Read back by other code: all 60 as meant.')).toBeVisible();
  const [pack] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the file' }).click(),
  ]);
  expect(strFromU8(unzipSync(readFileSync(await pack.path()))['test.xml']!)).toContain(
    '<qti-selection select="20"/>',
  );

  await go(page, '/layouts');
  await page.getByRole('button', { name: 'Use it: Block to paste' }).click();
  await expect(page).toHaveURL(/\/layouts\/./);
  await go(page, '/layouts');
  await page.getByRole('checkbox', { name: 'QTI 3.0 package in view' }).uncheck();
  await go(page, '/hand-over');
  await fill(page, /^Fill/);
  await page.getByRole('button', { name: 'Copy as a block for A2' }).click();
  await expect(page.getByText(/rows copied: click cell A2 there and paste/)).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied.split('\n')[0]).toBe(
    'What does a paddle let through a lock gate?\tBoats\tWater\tWalkers\t\tWater',
  );
});

test('right answers are spread evenly by choice, and the same file is made again from its receipt', async ({
  page,
}) => {
  await openDemo(page, '/hand-over');
  await page.locator('.key-places summary').click();
  const asTheyStand = page.getByRole('row', { name: /^as they stand/ });
  await expect(asTheyStand).toContainText('29');
  await page.getByLabel(/Spread them evenly/).check();
  await expect(page.getByRole('row', { name: /^spread evenly/ })).toBeVisible();
  await expect(page.locator('canvas[role="img"]')).toBeVisible();
  await fill(page, 'Fill 3 files');
  await expect(page.getByText(/Read back by other code: all \d+ as meant/)).toHaveCount(4);
  const [popup] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('button', { name: 'Receipt to print' }).nth(1).click(),
  ]);
  await expect(
    popup.getByRole('heading', {
      name: 'Receipt for Lock keepers, autumn intake, Course shelf.csv',
    }),
  ).toBeVisible();
  await expect(popup.getByText('spread evenly, seed 1')).toBeVisible();
  await popup.close();
  // What was filled but not taken has no receipt.
  await page
    .getByRole('region', { name: 'Lock keepers, autumn intake, Course shelf.csv' })
    .getByRole('button', { name: 'Take the file' })
    .click();
  await go(page, '/records');
  await expect(page.getByRole('region', { name: 'Receipts' }).getByRole('row')).toHaveCount(2);
  const row = page.getByRole('row').filter({ hasText: 'Course shelf' });
  await Promise.all([
    page.waitForEvent('download'),
    row.getByRole('button', { name: 'Make the file again' }).click(),
  ]);
  await expect(row.getByText('the same to the byte')).toBeVisible();
});

test('a list of pictures gives a receiver the numbers that it wants', async ({ page }) => {
  await openDemo(page, '/layouts');
  const blank = 'Question;A;B;Right (letter);Picture number\nSample: what floats?;cork;lead;A;12\n';
  await page
    .getByTestId('blank-file')
    .setInputFiles({ name: 'numbers.csv', mimeType: 'text/csv', buffer: Buffer.from(blank) });
  const learned = page.getByRole('complementary', { name: 'What was learned' });
  await expect(learned.getByText('Where the receiver wants a number')).toBeVisible();
  const list = (text: string) =>
    page
      .getByTestId('picture-list')
      .setInputFiles({ name: 'pictures.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await list('a;b\nc;d\n');
  await expect(page.getByText(/pictures.csv lists no pictures: it needs a column/)).toBeVisible();
  await list('name;number\nlock.png;117\nweir.png;118\n');
  await expect(
    learned.getByText(
      '2 pictures of the receiver’s are known by name, such as lock.png, which is written as 117.',
    ),
  ).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(learned.getByText('Where the receiver wants a number')).toBeVisible();
});
