import { read, utils } from '@e965/xlsx';
import { unzipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import {
  atTen,
  cell,
  choose,
  COLUMN,
  demoPath,
  demoText,
  drop,
  expect,
  fill,
  go,
  openDemo,
  paste,
  test,
} from './person';

test('from a dropped blank to an accepted file: taught, corrected, fitted, filled, read back, taken away, played', async ({
  page,
}) => {
  await openDemo(page, '/layouts');
  const remove = page.getByRole('button', { name: /^Remove / });
  await expect(remove).toHaveCount(3);
  for (let left = 3; left > 0; left--) {
    await remove.first().click();
    await expect(remove).toHaveCount(left - 1);
  }
  await expect(page.getByRole('link', { name: /^Layouts/ })).toContainText('0');
  await drop(page, 'evening-host.xlsx', readFileSync(demoPath('evening-host.xlsx')));
  await expect(page.getByRole('main').getByText('nothing unsure')).toBeVisible();
  await expect(
    page.getByRole('button', { name: /Column D .*right answer\. Change/ }),
  ).toBeVisible();
  await expect(page.getByRole('cell', { name: 'title of the set' })).toBeVisible();
  await expect(
    page.getByText('because the drop-down list of the kind column names them'),
  ).toBeVisible();
  // A guess is overruled by pointing, and undone.
  await page.getByRole('button', { name: /Column J .*seconds\. Change/ }).click();
  await page.getByRole('menuitem', { name: 'points' }).click();
  await expect(page.getByRole('button', { name: /Column J .*points\. Change/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /Column J .*seconds\. Change/ })).toBeVisible();

  await page.getByRole('button', { name: /^Hand over to/ }).click();
  await page.getByRole('textbox', { name: 'Title of the set' }).fill('First evening');
  await choose(page, 'Category', 'Safety');
  await expect(page.getByTestId('set-facts')).toContainText('8 questions');
  // The matrix follows a moment after the facts; before it does, another row stands where one clicks.
  await expect(page.getByRole('row', { name: /7 fit, 1 change, 0 out/ })).toBeVisible();
  await expect(page.getByRole('gridcell', { name: /changes?$/ })).toHaveCount(1);
  await page
    .getByRole('gridcell', { name: /changes?$/ })
    .first()
    .getByRole('button')
    .click();
  await expect(page.getByText(/is not on the receiver's list 15, 25, 40, 75/)).toBeVisible();
  await fill(page, 'Fill 1 file');
  await expect(page.getByText('Read back by other code: all 8 as meant.')).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('First evening.xlsx');
  const path = await download.path();
  const rows = utils.sheet_to_json<unknown[]>(read(readFileSync(path)).Sheets['Round']!, {
    header: 1,
    range: 'A1:M60',
  });
  expect(rows[3]![3]).toBe('First evening');
  expect(rows[7]!.slice(2, 5)).toEqual([
    'What does a keeper do first when a paddle jams half-way?',
    '2',
    'Strike it with the windlass',
  ]);

  await go(page, '/rehearse');
  await page.getByTestId('host-file').setInputFiles(path);
  await expect(page.getByTestId('import-answer')).toHaveText('8 taken, 0 refused');
  await page.getByRole('button', { name: 'Play the 8 questions' }).click();
  await expect(
    page.getByRole('heading', { name: 'What does a keeper do first when a paddle jams half-way?' }),
  ).toBeFocused();
  await page.keyboard.press('b');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Right.', { exact: true })).toBeVisible();
  await go(page, '/records');
  await expect(page.getByRole('cell', { name: '✓ as meant' })).toHaveCount(1);
});

test('a change is taken, written by hand for one receiver, or refused; the question in the bank stays as it is', async ({
  page,
}) => {
  await openDemo(page, '/hand-over');
  const row = page.getByRole('row').filter({ hasText: 'Before opening the top paddles' });
  const own = row.getByRole('button').nth(2);
  await own.click();
  const seam = page.getByRole('complementary', { name: /Question 3 in the file for Evening host/ });
  // Its end is what it asks, so that nothing is cut: words are asked for.
  await expect(own).toHaveText(/your words/);
  await seam
    .getByRole('textbox', { name: 'Text for Evening host' })
    .fill('Before the top paddles are opened, the bottom gates');
  await page.keyboard.press('Enter');
  await expect(seam.getByText('you wrote it for this receiver')).toBeVisible();
  await expect(seam.locator('p.mono').first()).toHaveText(
    'Before the top paddles are opened, the bottom gates',
  );
  await seam.getByRole('button', { name: 'Take 40' }).click();
  await expect(seam.locator('p.mono', { hasText: /^40$/ })).toBeVisible();
  await seam.getByRole('button', { name: 'Leave it out' }).first().click();
  await expect(seam.getByText('It does not fit: you left it out.')).toBeVisible();
  await expect(own).toHaveText(/left out/);
  await go(page, '/bank');
  await expect(cell(page, 2, COLUMN.stem)).toContainText(
    'Before opening the top paddles of the staircase',
  );
});

test('three receivers are filled in one go, and a trial file holds three questions', async ({
  page,
}) => {
  await openDemo(page, '/hand-over');
  await fill(page, 'Trial file of three');
  await expect(page.getByText('all 3 as meant')).toHaveCount(3);
  await fill(page, 'Fill again');
  // The evening host takes fifty in one file, so that its questions go into two numbered ones.
  await expect(page.getByText(/Read back by other code: all \d+ as meant/)).toHaveCount(4);
  await expect(
    page.getByRole('region', { name: 'Lock keepers, autumn intake, Evening host 2 of 2.xlsx' }),
  ).toContainText('batch 2 of 2: 4 questions');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take all 4 as one zip' }).click(),
  ]);
  const parts = unzipSync(readFileSync(await download.path()));
  expect(
    Object.keys(parts)
      .filter((name) => !name.startsWith('receipts/'))
      .sort(),
  ).toEqual([
    'Lock keepers, autumn intake, Card box.tsv',
    'Lock keepers, autumn intake, Course shelf.csv',
    'Lock keepers, autumn intake, Evening host 1 of 2.xlsx',
    'Lock keepers, autumn intake, Evening host 2 of 2.xlsx',
    'summary.txt',
  ]);
  expect(Object.keys(parts).filter((name) => name.startsWith('receipts/'))).toHaveLength(8);
});

test('twenty generated questions go from pasted text to an accepted file by keyboard and a few clicks', async ({
  page,
}) => {
  const lines = Array.from(
    { length: 20 },
    (_, index) =>
      `Which gate number ${index + 1} opens first in the morning?\tThe upper\tThe lower\tBoth\tNone\t${'ABCD'[index % 4]}`,
  );
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'What do you hold?' })).toBeVisible();
  await paste(
    page,
    `Here are your questions:\n\n${['Question\tA\tB\tC\tD\tAnswer', ...lines].join('\n')}`,
  );
  await page.getByRole('button', { name: 'Take 20 questions into the bank' }).click();
  await go(page, '/layouts');
  await drop(page, 'evening-host.xlsx', readFileSync(demoPath('evening-host.xlsx')));
  await page.getByRole('button', { name: /^Hand over to/ }).click();
  await fill(page, 'Fill 1 file');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the file' }).click(),
  ]);
  await go(page, '/rehearse');
  await page.getByTestId('host-file').setInputFiles(await download.path());
  await expect(page.getByTestId('import-answer')).toHaveText('20 taken, 0 refused');
});

test('a bank with faults in it hands over the rest and says what stayed out', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'What do you hold?' })).toBeVisible();
  await paste(page, demoText('reply-with-faults.txt'));
  await page.getByRole('button', { name: 'Take 7 questions into the bank' }).click();
  await go(page, '/layouts');
  await drop(page, 'course-shelf.csv', readFileSync(demoPath('course-shelf.csv')));
  await page.getByRole('button', { name: /^Hand over to/ }).click();
  await fill(page, 'Fill 1 file');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the file' }).click(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  expect(text).toMatch(/^\ufeffCode;Task \(no more than 160 characters\);/);
  expect(text.trim().split('\r\n')).toHaveLength(8);
});

test('cards are handed to the card box and turned, and any filled file is looked at as a learner meets it', async ({
  page,
}) => {
  await atTen(page);
  await openDemo(page, '/hand-over');
  await fill(page, 'Trial file of three');
  await expect(page.getByText('all 3 as meant')).toHaveCount(3);
  await go(page, '/rehearse');
  await page.getByText('Card box', { exact: true }).click();
  await page.getByRole('button', { name: /^Hand in .*Card box.*\.tsv/ }).click();
  await expect(page.getByTestId('import-answer')).toHaveText('3 taken, 0 refused');
  await page.getByRole('button', { name: 'Play the 3 cards' }).click();
  await expect(page.getByTestId('boxes')).toContainText('due today: 3 · later: 0');
  await page.getByRole('button', { name: 'Turn the card' }).click();
  await page.keyboard.press('j');
  await expect(page.getByTestId('again')).toContainText('It comes again in');
  await page.getByRole('button', { name: 'Stop' }).click();
  await page.getByRole('button', { name: /^See .*Course shelf.*\.csv as a learner/ }).click();
  await expect(page.getByText(/^1 of 3/)).toBeVisible();
  await page.keyboard.press('a');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^(?:Right|Not this time)\.$/)).toBeVisible();
});
