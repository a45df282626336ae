// Several banks: made, named, copied, removed; questions go from one to the other.
import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './person';

const bankName = (page: Page) => page.getByTestId('bank-name');

async function choose(page: Page, act: string): Promise<void> {
  await bankName(page).click();
  await page.getByRole('menuitem', { name: act }).click();
}

test('a bank is made, gets questions from another, is renamed, copied and removed', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await choose(page, 'New bank …');
  await page.getByRole('textbox', { name: 'Name of the bank' }).fill('Spring course');
  await page.keyboard.press('Enter');
  await expect(bankName(page)).toHaveText('Spring course▾');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('0');

  await choose(page, 'Demo: lock keepers');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('windlass');
  await expect(page.getByText(/^\d+ of 60$/)).toBeVisible();
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: /to another bank/ }).click();
  await page.getByRole('button', { name: 'Copy to Spring course' }).click();
  await expect(page.getByText(/copied to Spring course/)).toBeVisible();

  await choose(page, 'Spring course');
  await expect(page.getByRole('gridcell', { name: 'windlass', exact: true }).first()).toBeVisible();
  await choose(page, 'Rename this bank …');
  await page.getByRole('textbox', { name: 'Name of the bank' }).fill('Summer course');
  await page.getByRole('button', { name: 'Rename it' }).click();
  await expect(bankName(page)).toHaveText('Summer course▾');
  await choose(page, 'Copy this bank');
  await expect(bankName(page)).toHaveText('Summer course, copy▾');
  await page.reload();
  await expect(bankName(page)).toHaveText('Summer course, copy▾');
  await choose(page, 'Remove this bank …');
  await page.getByRole('button', { name: 'Remove without a file' }).click();
  await expect(bankName(page)).toHaveText('My questions▾');
  await bankName(page).click();
  await expect(page.getByRole('menuitem', { name: 'Summer course', exact: true })).toBeVisible();
  await expect(page.getByRole('menuitem', { name: 'Summer course, copy' })).toBeHidden();
});

test('a search is kept under a name and comes back, also after a reload', async ({ page }) => {
  await openDemo(page, '/bank');
  const search = page.getByRole('searchbox', { name: 'Search the questions' });
  await search.fill('category:safety kind:"one right"');
  await page.getByRole('button', { name: 'Views' }).click();
  await page.getByRole('menuitem', { name: 'Keep this view …' }).click();
  await page.getByRole('textbox', { name: 'Name of the view' }).fill('Safety, one right');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.reload();
  await expect(search).toHaveValue('');
  await page.getByRole('button', { name: 'Views' }).click();
  await page.getByRole('menuitem', { name: 'Safety, one right', exact: true }).click();
  await expect(search).toHaveValue('category:safety kind:"one right"');
});

test('an earlier state of a bank is kept, and opened beside it', async ({ page }) => {
  await openDemo(page, '/bank');
  await page.getByTestId('bank-name').click();
  await page.getByRole('menuitem', { name: 'Earlier states …' }).click();
  await page.getByRole('button', { name: 'Keep one now' }).click();
  await expect(page.getByRole('table', { name: 'Kept states' })).toContainText('60 questions');
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByTestId('bank-name')).toContainText('Lock keepers, autumn intake, ');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
});
