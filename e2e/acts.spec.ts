// How many acts the last third of the job takes: paper, a file that plays, many hands. What is typed is no act.
import { readFileSync } from 'node:fs';
import { unzipSync } from 'fflate';
import type { Download, Page } from '@playwright/test';
import { bring, filledSheet } from './files';
import { Acts, expect, go, openDemo, test } from './person';

/** A set of twenty, opened. */
async function aSet(page: Page): Promise<void> {
  await openDemo(page, '/sets');
  await page.getByRole('button', { name: 'New set' }).click();
  await page.getByRole('button', { name: 'by chance' }).click();
  await expect(page.getByTestId('facts-of-set')).toContainText('10 questions');
}

const taken = async (page: Page, act: () => Promise<void>): Promise<Download> =>
  (await Promise.all([page.waitForEvent('download'), act()]))[0];

test('a set is on paper with its key, on QR cards, or one file that plays, in three acts each', async ({
  page,
}) => {
  await aSet(page);
  const dialog = page.getByRole('dialog', { name: 'Set 1' });
  const take = dialog.getByRole('button', { name: 'Take the file' });
  const opened = async (acts: Acts): Promise<void> =>
    acts.press(page.getByRole('button', { name: 'Print or play' }));
  const closed = async (): Promise<void> => {
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
  };

  const handout = new Acts();
  await opened(handout);
  await handout.press(dialog.getByText('with the key'));
  await expect(dialog.locator('iframe')).toHaveAttribute('srcdoc', /Key: Set 1/);
  const page1 = await taken(page, () => handout.press(take));
  expect(readFileSync(await page1.path(), 'utf8')).toMatch(/<h1>Set 1[\s\S]*<h1>Key: Set 1/);
  expect(handout.count).toBe(3);
  await closed();

  const codes = new Acts();
  await opened(codes);
  await codes.press(dialog.getByText('QR cards', { exact: true }));
  await expect(dialog.locator('iframe')).toHaveAttribute('srcdoc', /<svg/);
  const page2 = await taken(page, () => codes.press(take));
  expect(readFileSync(await page2.path(), 'utf8').match(/<svg/g)).toHaveLength(10);
  expect(codes.count).toBe(3);
  await closed();

  const file = new Acts();
  await opened(file);
  await file.press(dialog.getByText('Quiz file', { exact: true }));
  await expect(take).toBeEnabled();
  const played = await taken(page, () => file.press(take));
  expect(readFileSync(await played.path(), 'utf8')).toContain('<title>Set 1');
  expect(file.count).toBe(3);
});

test('six sheets are out in three acts, and back and merged in four', async ({ page }) => {
  await openDemo(page, '/bank');
  const groups = ['Ash', 'Birch', 'Cedar', 'Damson', 'Elder', 'Fir'];
  const out = new Acts();
  await out.press(page.getByRole('button', { name: 'Look over' }));
  await out.press(page.getByRole('menuitem', { name: 'Sheets for contributors …' }));
  await page.getByRole('textbox', { name: 'Who writes' }).fill(groups.join('\n'));
  const zip = await taken(page, () =>
    out.press(page.getByRole('button', { name: 'Make 6 sheets' })),
  );
  expect(out.count).toBe(3);

  const sheets = unzipSync(readFileSync(await zip.path()));
  const files = groups.map((name) =>
    filledSheet(`${name}.xlsx`, sheets[`${name}.xlsx`]!, [
      [`What does the ${name.toLowerCase()} crew do first?`, 'wait', 'enter', '', '', 'A'],
    ]),
  );
  await go(page, '/gather');
  const back = new Acts();
  back.count++;
  await bring(page, ...files);
  await back.press(page.getByRole('button', { name: 'Who wrote what' }));
  await expect(page.getByRole('dialog').getByRole('status')).toContainText('6 questions');
  await back.key(page, 'Escape');
  await back.press(page.getByRole('button', { name: 'Take all 6 questions' }));
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('66');
  expect(back.count).toBe(4);
});
