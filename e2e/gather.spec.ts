import { expect, demoPath, demoText, drop, go, openDemo, paste, test } from './person';
import { readFileSync } from 'node:fs';

test('a pasted block with faults is shown, mended, taken in one step, and one undo takes it back', async ({ page }) => {
  await openDemo(page);
  await paste(page, demoText('reply-with-faults.txt'));
  await expect(page.getByRole('heading', { name: 'pasted block' })).toBeVisible();
  await expect(page.getByText('8 questions understood, 1 blocked, 2 to look at')).toBeVisible();
  await expect(page.getByText('E4 says E, but there are 3 options (A to C).')).toBeVisible();
  // Nothing is in the bank before it is agreed to.
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  await page.getByRole('article', { name: 'Question 3' }).getByRole('button', { name: 'A The boat going with the level' }).click();
  await expect(page.getByRole('button', { name: 'Take 8 questions into the bank' })).toBeVisible();
  await page.getByRole('article', { name: 'Question 2' }).focus();
  await page.keyboard.press('F2');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Before opening the top paddles, the bottom gates');
  await page.keyboard.press('Enter');
  await expect(page.getByText('The question ends in an ellipsis')).toBeHidden();
  await page.getByRole('button', { name: 'Take 8 questions into the bank' }).click();
  await expect(page.getByRole('heading', { name: 'Bank', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('68');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  await page.keyboard.press('Control+y');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('68');
});

test('what blocks stays behind; the first three can be tried alone', async ({ page }) => {
  await openDemo(page);
  await paste(page, demoText('reply-with-faults.txt'));
  await page.getByRole('button', { name: 'First three only' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('63');
  await page.getByRole('button', { name: 'Take 4 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('67');
  await expect(page.getByText('7 in the bank')).toBeVisible();
  await expect(page.getByRole('button', { name: 'All that can be taken is in the bank' })).toBeDisabled();
});

test('a dropped workbook is read, and role, headings, key and range are overruled with the right side following', async ({ page }) => {
  await openDemo(page, '/bank');
  await drop(page, 'second-evening.xlsx', readFileSync(demoPath('second-evening.xlsx')));
  await expect(page.getByRole('heading', { name: 'second-evening.xlsx' })).toBeVisible();
  await expect(page.getByText('12 questions understood')).toBeVisible();
  await expect(page.getByRole('button', { name: 'headings in row 4' })).toBeVisible();
  const first = page.getByRole('article', { name: 'Question 1', exact: true });
  await expect(first).toContainText('25 s');
  await page.getByRole('button', { name: /Column G .*seconds\. Change/ }).click();
  await page.getByRole('menuitem', { name: 'leave aside' }).click();
  await expect(first).not.toContainText('25 s');
  await page.getByRole('textbox', { name: 'range' }).fill('B4:H8');
  await page.keyboard.press('Enter');
  await expect(page.getByText('4 questions understood')).toBeVisible();
  await page.getByRole('button', { name: /right answer by/ }).click();
  await page.getByRole('menuitem', { name: 'number', exact: true }).click();
  await expect(page.getByRole('button', { name: 'right answer by number' })).toBeVisible();
  await page.getByRole('button', { name: 'headings in row 4' }).click();
  await page.getByRole('menuitem', { name: 'No headings' }).click();
  await expect(page.getByRole('button', { name: 'no headings' })).toBeVisible();
});

test('a term list becomes cards', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'words-for-keepers.txt' }).click();
  await expect(page.getByText('15 questions understood')).toBeVisible();
  await page.getByRole('button', { name: 'Take 15 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('75');
  await go(page, '/records');
  await page.getByRole('button', { name: 'Take back what it brought' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
});

test('text that would run stays text, in the page and in the bank', async ({ page }) => {
  await openDemo(page);
  await paste(page, 'Question\tA\tB\tRight\n<img src=x onerror="window.ran=1">What?\t<script>window.ran=2</script>\t=1+1\tB');
  await expect(page.getByRole('article', { name: 'Question 1' })).toContainText('<img src=x onerror="window.ran=1">What?');
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('onerror');
  await expect(page.locator('#cell-0-3')).toHaveText('<script>window.ran=2</script>');
  expect(await page.evaluate(() => (window as { ran?: number }).ran)).toBeUndefined();
});

for (const [what, name, content] of [
  ['an empty file', 'empty.xlsx', Buffer.alloc(0)], ['a damaged workbook', 'cut.xlsx', readFileSync(demoPath('second-evening.xlsx')).subarray(0, 900)], ['a picture', 'photo.csv', Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10])],
] as const) {
  test(`${what} is told in a sentence, the bank is untouched and the page stays usable`, async ({ page }) => {
    await openDemo(page);
    await drop(page, name, content);
    await expect(page.getByRole('alert').first()).toContainText(name);
    await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
    await page.getByRole('button', { name: 'Put away' }).click();
    await expect(page.getByRole('heading', { name: 'What do you hold?' })).toBeVisible();
  });
}
