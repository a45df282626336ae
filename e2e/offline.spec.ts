// Without the server: after the first visit everything that needs no server goes on, also after a reload and in places never opened.
import { expect, fill, go, openDemo, paste, test } from './person';

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
