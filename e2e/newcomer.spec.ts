// The first evening: what one holds and what it is to become, dropped at once, and the file in six acts.
import { read, utils } from '@e965/xlsx';
import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { Acts, demoPath, expect, test } from './person';

const TWENTY = [
  'No\tQuestion\tA\tB\tC\tD\tRight',
  ...Array.from(
    { length: 20 },
    (_, n) =>
      `${n + 1}\tWhich rope is number ${n + 1}?\thead ${n}\tstern ${n}\tcentre ${n}\tspring ${n}\t${'ABCD'[n % 4]}`,
  ),
].join('\n');

const named = (page: Page, name: string | RegExp): Locator => page.getByRole('button', { name });

test('twenty questions and an unknown receiver’s blank, dropped together, leave as its file in six acts', async ({
  page,
}) => {
  const acts = new Acts();
  await page.goto('/gather');
  await expect(
    page.getByRole('heading', { name: 'What do you need to have in the end?' }),
  ).toBeVisible();
  acts.count++;
  await page.getByTestId('source-file').setInputFiles([
    { name: 'twenty.tsv', mimeType: 'text/tab-separated-values', buffer: Buffer.from(TWENTY) },
    {
      name: 'evening-host.xlsx',
      mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
      buffer: readFileSync(demoPath('evening-host.xlsx')),
    },
  ]);
  await expect(page.getByText('evening-host.xlsx is a receiver’s blank')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Layouts/ })).toContainText('1');
  await acts.press(named(page, 'Take 20 questions into the bank'));
  await acts.press(named(page, 'Hand over these 20'));
  await expect(page.getByTestId('set-facts')).toContainText('20 questions');
  await expect(page.getByRole('row', { name: /20 fit/ })).toBeVisible();
  await acts.press(named(page, 'Fill 1 file'));
  // The form asks for the set's title.
  await expect(page.getByRole('dialog', { name: 'What is this set called?' })).toBeVisible();
  acts.count++;
  await page.keyboard.press('Enter');
  await expect(page.getByText('Read back by other code: all 20 as meant.')).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    acts.press(named(page, 'Take the file')),
  ]);
  expect(acts.count).toBeLessThanOrEqual(6);
  const book = read(readFileSync(await download.path()));
  const rows = utils.sheet_to_json<unknown[]>(book.Sheets['Round']!, {
    header: 1,
    range: 'A8:M27',
  });
  expect(rows.map((row) => row[2])).toEqual(
    Array.from({ length: 20 }, (_, n) => `Which rope is number ${n + 1}?`),
  );
  expect(rows.map((row) => String(row[3]))).toEqual(
    Array.from({ length: 20 }, (_, n) => String((n % 4) + 1)),
  );
});

test('a blank that is dropped again is read as questions', async ({ page }) => {
  const blank = {
    name: 'form.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Question,A,B,C,Right\ne.g. What floats?,cork,iron,lead,A\n'),
  };
  await page.goto('/gather');
  await page.getByTestId('source-file').setInputFiles([blank]);
  await expect(page.getByText('form.csv is a receiver’s blank')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Layouts/ })).toContainText('1');
  await page.getByTestId('source-file').setInputFiles([blank]);
  await expect(named(page, 'Take 1 question into the bank')).toBeVisible();
});
