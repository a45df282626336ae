// Filling one receiver's file in the browser, with nothing else in view.
import type { Download, Page } from '@playwright/test';
import { expect, fill, go } from './person';

/** Only the given layout in view, so that one click fills its file alone. */
export async function onlyInView(page: Page, name: string): Promise<void> {
  await go(page, '/layouts');
  for (const other of ['Card box', 'Course shelf', 'Evening host']) {
    await page.getByRole('checkbox', { name: `${other} in view` }).uncheck();
  }
  await expect(page.getByRole('checkbox', { name: `${name} in view` })).toBeChecked();
}

/** The file of a layout, filled with the whole bank and read back as meant. */
export async function fillOne(page: Page, name: string, take = 'Take the file'): Promise<Download> {
  await onlyInView(page, name);
  await go(page, '/hand-over');
  await fill(page, /^Fill/);
  await expect(page.getByText(/Read back by other code: all \d+ as meant/).first()).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: take }).first().click(),
  ]);
  return download;
}
