// Before anything is taken: kinds and fields are changed, several questions chosen at once, corrections remembered.
import type { Page } from '@playwright/test';
import { expect, go, openDemo, paste, test } from './person';

const SHEET = [
  'Zam\tQuestion\tA\tB\tC\tRight',
  'wood\tWhat floats?\tcork\tstone\tnail\tA',
  'weight\tWhat sinks?\tcork\tstone\tfeather\tB',
  'hand\tWhat opens a gate?\tbeam\tstone\tfeather\tA',
  'foot\tWhat stops a boat?\ttow\tanchor\tfeather\tB',
].join('\n');
const question = (page: Page, n: number) =>
  page.getByRole('article', { name: `Question ${n}`, exact: true });

test('several questions are chosen by Shift, left out, given a kind, and taken alone', async ({
  page,
}) => {
  await openDemo(page);
  await paste(page, SHEET);
  await question(page, 1).getByRole('button', { name: 'Choose question 1' }).click();
  await question(page, 3)
    .getByRole('button', { name: 'Choose question 3' })
    .click({ modifiers: ['Shift'] });
  await expect(page.getByRole('group', { name: '3 questions chosen' })).toBeVisible();
  await page.getByRole('combobox', { name: 'Kind of the chosen questions' }).click();
  await page.getByRole('option', { name: 'short answer', exact: true }).click();
  await expect(question(page, 2)).toContainText('short');
  await expect(question(page, 4)).not.toContainText('short');
  await page.getByText('3 chosen', { exact: true }).first().click();
  await expect(question(page, 4)).toBeHidden();
  await page.getByRole('button', { name: 'Take the 3 chosen into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('63');
});

test('by keyboard: Space and Shift choose, Delete leaves all chosen out, Escape chooses none', async ({
  page,
}) => {
  await openDemo(page);
  await paste(page, SHEET);
  await question(page, 1).focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Shift+ArrowDown');
  await expect(page.getByRole('group', { name: '2 questions chosen' })).toBeVisible();
  await page.keyboard.press('Delete');
  await expect(page.getByRole('button', { name: 'Take 2 questions into the bank' })).toBeVisible();
  await page.keyboard.press('Control+a');
  await expect(page.getByRole('group', { name: '4 questions chosen' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('group', { name: /chosen/ })).toBeHidden();
});

test('any field is mended in a form, and several right ones are marked', async ({ page }) => {
  await openDemo(page);
  await paste(page, SHEET);
  await question(page, 1).getByRole('button', { name: 'Kind: one right' }).click();
  await page.getByRole('menuitem', { name: 'several right' }).click();
  await question(page, 1).getByRole('button', { name: 'C nail' }).click();
  await question(page, 1).getByRole('button', { name: 'Edit', exact: true }).click();
  const form = page.getByRole('form', { name: 'Edit the question' });
  await expect(form.getByRole('checkbox', { name: 'Answer C is right' })).toBeChecked();
  await form.getByLabel('Explanation').fill('Both are lighter than water.');
  await form.getByLabel('Tags').fill('water, level: beginner');
  await form.getByRole('button', { name: 'Feedback on each answer' }).click();
  await form.getByLabel('Feedback on B').fill('Stones sink.');
  await form.getByRole('button', { name: 'Keep' }).click();
  await expect(question(page, 1)).toContainText('Both are lighter than water.');
  await expect(question(page, 1)).toContainText('level: beginner');
  await expect(question(page, 1)).toContainText('B: Stones sink.');
});

test('a correction is remembered for the next sheet with the same headings, and forgotten on demand', async ({
  page,
}) => {
  await openDemo(page);
  await paste(page, SHEET);
  await page.getByRole('button', { name: /^Column A/ }).click();
  await page.getByRole('menuitem', { name: 'hint', exact: true }).last().click();
  await expect(question(page, 1)).toContainText('hint wood');
  await page.reload();
  await paste(page, SHEET.replace('Zam\tQuestion', 'Zam:\tQuestion').replaceAll('stone', 'brick'));
  await expect(page.getByText(/Read as you said for pasted block/)).toBeVisible();
  await expect(question(page, 1)).toContainText('hint wood');
  await go(page, '/records');
  await expect(page.getByRole('region', { name: 'Remembered readings' })).toContainText(
    'Zam: hint',
  );
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByRole('region', { name: 'Remembered readings' })).toBeHidden();
});
