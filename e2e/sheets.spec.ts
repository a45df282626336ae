import { utils } from '@e965/xlsx';
import { bring, workbook } from './files';
import { expect, test } from './person';

const tab = (...rows: readonly string[][]) => utils.aoa_to_sheet(rows as string[][]);
const HEADINGS = ['Question', 'Right', 'Wrong', 'Wrong'];

test('the tabs of a workbook with the same headings are seen below one another, taken at once, or one alone', async ({
  page,
}) => {
  const book = utils.book_new();
  const ropes = tab(HEADINGS, ['What floats?', 'cork', 'lead', 'iron']);
  const knots = tab(
    ['Evening two'],
    HEADINGS,
    ['Which knot slips?', 'a noose', 'a bowline', 'a reef'],
    ['Which knot holds?', 'a reef', 'a noose', 'a loop'],
  );
  utils.book_append_sheet(book, ropes, 'Ropes');
  utils.book_append_sheet(book, knots, 'Knots');
  await page.goto('/gather');
  await bring(page, workbook('evenings.xlsx', book));
  const seam = page.getByRole('table', { name: 'evenings.xlsx beside what was understood' });
  await expect(seam.getByText('headings of “Ropes”')).toBeVisible();
  await expect(seam.getByText('headings of “Knots”')).toBeVisible();
  await expect(seam.getByRole('article', { name: 'Question 1' })).toContainText('What floats?');
  await expect(seam.getByRole('article', { name: 'Question 2' })).toContainText('Knots');
  await expect(page.getByRole('button', { name: 'Take 3 questions' })).toBeVisible();

  // Both tabs have a question in row 3: what is said of the one leaves the other as it is.
  await seam
    .getByRole('article', { name: 'Question 2' })
    .getByRole('button', { name: 'Leave out' })
    .click();
  await expect(page.getByRole('button', { name: 'Take 2 questions' })).toBeVisible();

  await page.getByRole('button', { name: /^sheet/ }).click();
  await page.getByRole('menuitem', { name: /^Ropes/ }).click();
  await expect(page.getByRole('button', { name: 'Take 1 question ' })).toBeVisible();
  await expect(seam.getByText('headings of')).toBeHidden();
  await page.getByRole('button', { name: /^sheet/ }).click();
  await page.getByRole('menuitem', { name: 'As found' }).click();
  await page.getByRole('button', { name: 'Take 2 questions' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('2');
});
