// A person says what lines of a text are, by pointer and by keys; all lines like them follow.
import type { Page } from '@playwright/test';
import { expect, openDemo, paste, test } from './person';

const TEXT = [
  'Boats',
  '1. Barge',
  '2. Skiff *',
  '3. Punt',
  '',
  'Gates',
  '1. Mitre gate *',
  '2. Guillotine gate',
].join('\n');
const question = (page: Page, n: number) =>
  page.getByRole('article', { name: `Question ${n}`, exact: true });
const numberOf = (page: Page, line: number) =>
  page.locator('.cm-lineNumbers .cm-gutterElement', { hasText: new RegExp(`^${line}$`) });

test('pointing at a line’s number says what it is, and can be taken back', async ({ page }) => {
  await openDemo(page);
  await paste(page, TEXT);
  await expect(question(page, 1)).toContainText('Boats');
  await numberOf(page, 8).click();
  await page.getByRole('menuitem', { name: 'This is no part of a question' }).click();
  await expect(question(page, 2)).not.toContainText('Guillotine');
  await numberOf(page, 2).click();
  await page.getByRole('menuitem', { name: 'A question begins here' }).click();
  await expect(question(page, 1)).toContainText('Barge');
  await expect(page.locator('[data-said="question, as you said"]')).toBeVisible();
  await page.getByRole('button', { name: /2 lines as you said/ }).click();
  await page.getByRole('menuitem', { name: 'Forget what I said of lines' }).click();
  await expect(question(page, 1)).toContainText('Boats');
  await expect(question(page, 2)).toContainText('Guillotine');
});

test('by keys: Ctrl and full stop at the line of the cursor; what was said moves with its line', async ({
  page,
}) => {
  await openDemo(page);
  await paste(page, TEXT);
  const text = page.getByRole('textbox', { name: /^Text of/ });
  await text.click();
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Control+.');
  await expect(page.getByRole('menu', { name: 'What line 8 is' })).toBeVisible();
  await page.getByRole('menuitem', { name: 'This is no part of a question' }).click();
  await expect(question(page, 2)).not.toContainText('Guillotine');
  await text.click();
  await page.keyboard.press('Control+Home');
  await page.keyboard.type('A title\n\n');
  await expect(question(page, 1)).toContainText('Boats');
  await expect(question(page, 2)).toContainText('Mitre');
  await expect(question(page, 2)).not.toContainText('Guillotine');
});
