import { cell, choose, COLUMN, expect, openDemo, paste, test } from './person';

test.beforeEach(async ({ page }) => {
  await openDemo(page, '/bank');
  await expect(cell(page, 0, COLUMN.stem)).toBeVisible();
});

test('cells are edited in place with spreadsheet keys, and every step is undone and redone', async ({
  page,
}) => {
  await cell(page, 0, COLUMN.stem).click();
  // Typing replaces, and the first character is kept.
  await page.keyboard.type('What opens');
  await page.keyboard.press('Tab');
  await expect(cell(page, 0, COLUMN.stem)).toHaveText('What opens');
  await page.keyboard.press('F2');
  await page.keyboard.type(' of all kinds');
  await page.keyboard.press('Enter');
  await expect(cell(page, 0, COLUMN.A)).toHaveText('Boats of all kinds');
  await page.keyboard.press('F2');
  await page.keyboard.type('lost');
  await page.keyboard.press('Escape');
  await expect(cell(page, 1, COLUMN.A)).toHaveText('pound');
  await page.keyboard.press('Control+z');
  await expect(cell(page, 0, COLUMN.A)).toHaveText('Boats');
  await page.keyboard.press('Control+z');
  await expect(cell(page, 0, COLUMN.stem)).toHaveText(
    'What does a paddle let through a lock gate?',
  );
  await page.keyboard.press('Control+y');
  await expect(cell(page, 0, COLUMN.stem)).toHaveText('What opens');
});

test('a block is pasted over cells, filled down, copied, and cleared', async ({ page }) => {
  await cell(page, 0, COLUMN.points).click();
  await paste(page, '5\t50\n6\t60\n7\t70');
  await expect(cell(page, 2, COLUMN.seconds)).toHaveText('70');
  await cell(page, 0, COLUMN.points).click();
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Shift+ArrowDown');
  await page.keyboard.press('Control+d');
  await expect(cell(page, 2, COLUMN.points)).toHaveText('5');
  await page.keyboard.press('Control+c');
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('5\n5\n5');
  await page.keyboard.press('Delete');
  await expect(cell(page, 1, COLUMN.points)).toHaveText('');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(cell(page, 2, COLUMN.points)).toHaveText('7');
  await page.keyboard.press('Control+z');
  await expect(cell(page, 0, COLUMN.points)).toHaveText('1');
});

test('rows pasted past the end become questions, the key beside its options', async ({ page }) => {
  await cell(page, 0, COLUMN.stem).click();
  await page.keyboard.press('Control+ArrowDown');
  await page.keyboard.press('Home');
  for (let i = 0; i < COLUMN.stem; i++) {
    await page.keyboard.press('ArrowRight');
  }
  await paste(page, 'pound again\t\nWho goes there?\tA friend\tA foe\t\t\tB');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('61');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('who goes there');
  await expect(cell(page, 0, COLUMN.right)).toHaveText('B');
});

test('a cell refuses what makes no sense there, in a sentence', async ({ page }) => {
  await cell(page, 0, COLUMN.right).click();
  await page.keyboard.type('F');
  await page.keyboard.press('Enter');
  await expect(page.getByText('“F” names no option; there are 3 (A to C).')).toBeVisible();
  await expect(cell(page, 0, COLUMN.right)).toHaveText('B');
});

test('search and filters narrow the grid; findings stand at their cell and offer their mend', async ({
  page,
}) => {
  await choose(page, 'Kind', 'card');
  await expect(page.getByText('15 of 60')).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByRole('searchbox').fill('windlass');
  await expect(page.getByText(/^\d of 60$/)).toBeVisible();
  await page.getByRole('button', { name: 'Show all' }).click();
  // A list that is still being changed has another question at that place.
  await expect(cell(page, 5, COLUMN.right)).toBeVisible();
  await cell(page, 4, COLUMN.right).click();
  await page.keyboard.type('AB');
  await page.keyboard.press('Enter');
  await expect(cell(page, 4, COLUMN.right)).toHaveClass(/found-block/);
  await choose(page, 'Findings', 'that are blocked');
  await expect(page.getByText('1 of 60')).toBeVisible();
  await cell(page, 0, COLUMN.right).click();
  await page
    .getByTestId('side-panel')
    .getByRole('button', { name: 'Make it several right' })
    .click();
  // The question stays where it is, though it is no longer blocked, until the filter is applied again.
  await expect(page.getByText('1 of 60, 1 no longer matches')).toBeVisible();
  await expect(cell(page, 0, COLUMN.kind)).toHaveText('several right');
  await page.getByRole('button', { name: 'Apply the filter again' }).click();
  await expect(page.getByText('0 of 60')).toBeVisible();
  await choose(page, 'Findings', 'with or without findings');
  await expect(cell(page, 4, COLUMN.kind)).toHaveText('several right');
});

test('several rows are tagged in one step', async ({ page }) => {
  await cell(page, 0, COLUMN.stem).click();
  await cell(page, 2, COLUMN.stem).click({ modifiers: ['Shift'] });
  await page.getByRole('button', { name: 'Tag 3 questions' }).click();
  await page.getByRole('textbox', { name: 'Tag' }).fill('evening: first');
  await page.keyboard.press('Enter');
  await expect(cell(page, 1, COLUMN.tags)).toContainText('evening: first');
  await page.keyboard.press('Control+z');
  await expect(cell(page, 1, COLUMN.tags)).not.toContainText('evening: first');
});

test('what is shown as saved is there after a reload', async ({ page }) => {
  await cell(page, 0, COLUMN.stem).click();
  await page.keyboard.type('Kept for good');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('save')).toHaveText(/^Saved/);
  await page.reload();
  await expect(cell(page, 0, COLUMN.stem)).toHaveText('Kept for good');
});

test('what was being typed when the page died is offered afterwards', async ({ page }) => {
  await cell(page, 1, COLUMN.stem).click();
  await page.keyboard.press('F2');
  await page.keyboard.type(' reach');
  await page.waitForTimeout(700);
  await page.goto('about:blank');
  await page.goto('/bank');
  await expect(page.getByText('When the page closed you were typing in HCT-002')).toBeVisible();
  await page.getByRole('button', { name: 'Put it in' }).click();
  await expect(cell(page, 1, COLUMN.stem)).toHaveText(
    'The stretch of water between two locks is a reach',
  );
});

test('two tabs on one bank show each other’s work and never overwrite it silently', async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  await other.goto('/bank');
  await expect(cell(other, 0, COLUMN.stem)).toBeVisible();
  await cell(page, 0, COLUMN.stem).click();
  await page.keyboard.type('From the first tab');
  await page.keyboard.press('Enter');
  await expect(cell(other, 0, COLUMN.stem)).toHaveText('From the first tab');
  // Both open the same cell; the second to finish is told.
  await cell(other, 1, COLUMN.stem).click();
  await other.keyboard.press('F2');
  await other.evaluate(() => {
    BroadcastChannel.prototype.postMessage = () => undefined;
  });
  await page.evaluate(() => {
    BroadcastChannel.prototype.postMessage = () => undefined;
  });
  await cell(page, 1, COLUMN.stem).click();
  await page.keyboard.type('First');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('save')).toHaveText(/^Saved/);
  await other.keyboard.press('Control+a');
  await other.keyboard.type('Second');
  await other.keyboard.press('Enter');
  await expect(other.getByRole('alert')).toContainText(
    'HCT-002, question: another tab wrote “First”; here it was to be “Second”.',
  );
  await expect(cell(other, 1, COLUMN.stem)).toHaveText('First');
  await other.getByRole('button', { name: 'Use mine' }).click();
  await expect(cell(other, 1, COLUMN.stem)).toHaveText('Second');
});
