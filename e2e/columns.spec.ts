// The bank at any width: columns that stay, are chosen, ordered and kept; the question at hand beside, below or hidden.
import { cell, COLUMN, expect, go, openDemo, test } from './person';

test.beforeEach(async ({ page }) => {
  await openDemo(page, '/bank');
  await expect(cell(page, 0, COLUMN.stem)).toBeVisible();
});

test('the reference and the question stay in sight, and what one goes to is not hidden under them', async ({
  page,
}) => {
  await cell(page, 0, COLUMN.stem).click();
  await page.keyboard.press('End');
  await expect(cell(page, 0, COLUMN.tags + 2)).toBeInViewport({ ratio: 1 });
  await expect(cell(page, 0, COLUMN.ref)).toBeInViewport({ ratio: 1 });
  await expect(cell(page, 0, COLUMN.stem)).toBeInViewport({ ratio: 1 });
  for (let column = COLUMN.tags + 2; column > COLUMN.A; column--) {
    await page.keyboard.press('ArrowLeft');
  }
  const question = (await cell(page, 0, COLUMN.stem).boundingBox())!;
  const first = (await cell(page, 0, COLUMN.A).boundingBox())!;
  expect(first.x).toBeGreaterThanOrEqual(question.x + question.width - 1);
});

test('columns are hidden, moved and widened, and are so after a reload', async ({ page }) => {
  const headings = page.getByRole('grid').getByRole('columnheader');
  await page.getByRole('button', { name: 'Columns' }).click();
  await page.getByRole('checkbox', { name: 'Seconds' }).uncheck();
  await page.getByRole('button', { name: 'Kind further to the left' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Columns, 1 hidden' })).toBeFocused();
  const wanted = ['Ref', 'Question', 'A', 'B', 'C', 'D', 'Kind', 'Right', 'Points', 'Category'];
  await expect(headings).toContainText(['State', ...wanted]);
  // Tab reaches the headings; Alt with an arrow widens, Enter sorts.
  const question = headings.getByRole('button', { name: 'Question' });
  const before = (await question.boundingBox())!.width;
  await headings.getByRole('button', { name: 'Ref' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(question).toBeFocused();
  await page.keyboard.press('Alt+ArrowRight');
  await page.keyboard.press('Alt+ArrowRight');
  await page.keyboard.press('Enter');
  await expect(headings.nth(2)).toHaveAttribute('aria-sort', 'ascending');
  await page.waitForTimeout(600);
  await page.reload();
  await expect(headings).toContainText(['State', ...wanted]);
  await expect.poll(async () => (await question.boundingBox())!.width).toBeCloseTo(before + 40, 0);
  await page.getByRole('button', { name: 'Columns, 1 hidden' }).click();
  await page.getByRole('button', { name: 'As at first' }).click();
  await page.waitForTimeout(600);
  await expect(page.getByRole('button', { name: 'Columns', exact: true })).toBeVisible();
  await expect.poll(async () => (await question.boundingBox())!.width).toBeCloseTo(before, 0);
});

test('cells are selected up to the edge by keys, and from cell to cell by Shift and a click', async ({
  page,
}) => {
  await cell(page, 1, COLUMN.A).click();
  await page.keyboard.press('Control+Shift+ArrowRight');
  await expect(cell(page, 1, COLUMN.tags)).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press('Control+Shift+End');
  await expect(page.getByRole('button', { name: 'Tag 59 questions' })).toBeVisible();
  await page.keyboard.press('Control+Home');
  await page.keyboard.press('Shift+PageDown');
  await expect(page.getByRole('button', { name: /^Tag \d+ questions$/ })).toBeVisible();
  await cell(page, 0, COLUMN.A).click();
  await cell(page, 2, COLUMN.B).click({ modifiers: ['Shift'] });
  await expect(page.getByRole('button', { name: 'Tag 3 questions' })).toBeVisible();
  await page.getByRole('button', { name: 'Hand over these 3' }).click();
  await expect(page.getByTestId('set-facts')).toContainText('3 questions');
});

test('a kind is chosen from a list, or typed until it is found there', async ({ page }) => {
  await cell(page, 0, COLUMN.kind).click();
  await page.keyboard.press('F2');
  await page.getByRole('option', { name: 'several right' }).click();
  await expect(cell(page, 0, COLUMN.kind)).toHaveText('several right');
  await expect(page.getByRole('grid')).toBeFocused();
  await cell(page, 1, COLUMN.kind).click();
  await page.keyboard.type('short');
  await page.keyboard.press('Enter');
  await expect(cell(page, 1, COLUMN.kind)).toHaveText('short answer');
  await page.keyboard.press('Control+z');
  await expect(cell(page, 1, COLUMN.kind)).toHaveText('one right');
});

test('the question at hand is edited as a form, in one step, and stands where one wants it', async ({
  page,
}) => {
  await cell(page, 0, COLUMN.stem).click();
  const side = page.getByTestId('side-panel');
  await side.getByRole('button', { name: 'Edit' }).click();
  await side.getByRole('textbox', { name: 'Question' }).fill('What does an open paddle let in?');
  await side.getByRole('textbox', { name: 'Answer D' }).fill('Swans');
  await side.getByRole('checkbox', { name: 'Answer D is right' }).check();
  await side.getByRole('textbox', { name: 'Points' }).fill('many');
  await page.keyboard.press('Control+Enter');
  await expect(side.getByText('Type the points as a number.')).toBeVisible();
  await side.getByRole('textbox', { name: 'Points' }).fill('3');
  await side.getByRole('button', { name: 'Keep' }).click();
  await expect(cell(page, 0, COLUMN.stem)).toHaveText('What does an open paddle let in?');
  await expect(cell(page, 0, COLUMN.right)).toHaveText('D');
  await expect(cell(page, 0, COLUMN.points)).toHaveText('3');
  await expect(page.locator('body:focus')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(cell(page, 0, COLUMN.right)).toHaveText('B');
  await expect(cell(page, 0, COLUMN.points)).toHaveText('1');
  await page.getByText('below', { exact: true }).click();
  const [grid, panel] = [await page.getByTestId('grid').boundingBox(), await side.boundingBox()];
  expect(panel!.width).toBeGreaterThan(900);
  expect(panel!.y).toBeGreaterThan(grid!.y + 200);
  await page.getByText('hidden', { exact: true }).click();
  await expect(side).toHaveCount(0);
  // How one likes it is written behind the page's back; on a busy machine that takes a moment.
  await page.waitForTimeout(600);
  await page.reload();
  await go(page, '/bank');
  await expect(cell(page, 0, COLUMN.stem)).toBeVisible();
  await expect(side).toHaveCount(0);
});
