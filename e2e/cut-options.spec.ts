// Where a receiver takes fewer options than a question has, a person chooses which of the wrong ones goes.
import { readFileSync } from 'node:fs';
import { drop, expect, fill, go, openDemo, paste, test } from './person';

const BLANK =
  'Question,Answer A,Answer B,Answer C,Correct\nWhich opens a gate?,the keeper,nobody,the wind,A\n';
const SHEET = [
  'Question\tA\tB\tC\tD\tRight',
  'What floats in the pound?\tstone\tcork\tnail\tanchor\tB',
].join('\n');

test('another option goes than the one that would be cut, and the file says so', async ({
  page,
}) => {
  await openDemo(page, '/layouts');
  for (const other of ['Card box', 'Course shelf', 'Evening host']) {
    await page.getByRole('checkbox', { name: `${other} in view` }).uncheck();
  }
  await drop(page, 'three.csv', Buffer.from(BLANK));
  await expect(page.getByRole('button', { name: 'Hand over to three' })).toBeVisible();
  await go(page, '/gather');
  await paste(page, SHEET);
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await page.getByRole('button', { name: 'Hand over this one' }).click();

  const row = page.getByRole('row').filter({ hasText: 'What floats in the pound?' });
  await row.getByRole('button').first().click();
  const seam = page.getByRole('complementary', { name: /in the file for three/ });
  await expect(seam).toContainText('“anchor”');
  await seam.getByRole('button', { name: 'Cut “stone” instead' }).click();
  // What was chosen counts as looked at; what may go in its place is offered again.
  await expect(seam.getByRole('button', { name: 'Cut “anchor” instead' })).toBeVisible();
  await expect(seam.getByRole('button', { name: 'Cut “cork” instead' })).toHaveCount(0);

  await fill(page, /^Fill/);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the file' }).click(),
  ]);
  expect(
    readFileSync(await download.path(), 'utf8')
      .trim()
      .split(/\r?\n/)
      .at(-1),
  ).toBe('What floats in the pound?,cork,nail,anchor,A');
});
