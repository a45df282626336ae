// Without the server: after the first visit everything that needs no server goes on, also after a reload and in places never opened.
import { test as base } from '@playwright/test';
import { editionsServer } from './editions-server';
import { cell, COLUMN, expect, fill, go, openDemo, paste, test } from './person';

test.use({ serviceWorkers: 'allow' });

test('after the first visit the program opens and works with the server gone', async ({
  page,
  context,
}) => {
  await openDemo(page, '/bank');
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await context.setOffline(true);
  await page.goto('/hand-over');
  await expect(page.getByRole('row', { name: /fit/ }).first()).toBeVisible();
  await fill(page, 'Trial file of three');
  await expect(page.getByText('all 3 as meant')).toHaveCount(3);
  await go(page, '/gather');
  await paste(page, '1. What floats?\na) cork*\nb) stone\n\n2. What sinks?\na) wood\nb) iron*\n');
  await expect(page.getByRole('button', { name: /^Take 2/ })).toBeVisible();
  await go(page, '/results');
  await expect(page.getByRole('heading', { name: 'No results yet' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
});

base(
  'a newer edition is told of, waits until all is saved, and is loaded when asked',
  async ({ browser, baseURL }) => {
    const server = await editionsServer(baseURL!);
    const context = await browser.newContext({ baseURL: server.url, serviceWorkers: 'allow' });
    const page = await context.newPage();
    try {
      await page.goto('/bank?demo');
      await expect(page.getByTestId('save')).toHaveText(/Saved/);
      await page.evaluate(async () => {
        await navigator.serviceWorker.ready;
      });
      const newer = page.getByText('A new version of Cowslip is here.');
      await page.reload();
      await expect(cell(page, 0, COLUMN.stem)).toBeVisible();
      await expect(newer).toBeHidden();
      server.bringOut();
      await page.evaluate(async () => {
        const registration = await navigator.serviceWorker.getRegistration();
        await registration!.update();
      });
      await expect(newer).toBeVisible();
      // What is typed meanwhile is saved before the page is loaded anew.
      await cell(page, 0, COLUMN.stem).click();
      await page.keyboard.type('Typed in the older edition?');
      await page.keyboard.press('Enter');
      const reloaded = page.waitForEvent('load');
      await page.getByRole('button', { name: 'Load it' }).click();
      await reloaded;
      await expect(cell(page, 0, COLUMN.stem)).toHaveText('Typed in the older edition?');
      await expect(newer).toBeHidden();
    } finally {
      await context.close();
      server.end();
    }
  },
);
