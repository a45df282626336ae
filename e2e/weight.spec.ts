// What a first visit costs: files come compressed, and the first screen waits for little of the program.
import { drop, expect, test } from './person';

const KB = 1000;
/** Scripts, styles and the page itself, as they travel, until the first place stands. */
const MOST_KB = 250;

test('the first screen needs few kilobytes, and nothing that only a later place uses', async ({
  page,
}) => {
  const network = await page.context().newCDPSession(page);
  await network.send('Network.enable');
  const kinds = new Map<string, string>();
  let travelled = 0;
  network.on('Network.responseReceived', ({ requestId, type, response }) => {
    kinds.set(requestId, response.url.includes('.worker') ? 'Worker' : type);
  });
  network.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (['Document', 'Script', 'Stylesheet'].includes(kinds.get(requestId) ?? '')) {
      travelled += encodedDataLength;
    }
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.waitForLoadState('networkidle');
  expect(travelled / KB).toBeGreaterThan(100);
  expect(travelled / KB).toBeLessThan(MOST_KB);
});

test('files come compressed where that is taken, are kept where their name says what is in them, and only these', async ({
  request,
}) => {
  const page = await (await request.get('/gather')).text();
  const style = /href="?(\/_astro\/[^" ]+\.css)/.exec(page)![1]!;
  const asked = async (url: string, encoding: string) =>
    (await request.get(url, { headers: { 'accept-encoding': encoding } })).headers();
  expect(await asked(style, 'gzip, br')).toMatchObject({
    'content-encoding': 'br',
    'cache-control': 'public, max-age=31536000, immutable',
    vary: 'Accept-Encoding',
  });
  expect((await asked(style, 'gzip'))['content-encoding']).toBe('gzip');
  expect((await asked(style, 'identity'))['content-encoding']).toBeUndefined();
  const worker = await asked('/service-worker.js', 'br');
  expect(worker['cache-control']).toBe('no-cache');
  const blank = await asked('/demo/evening-host.xlsx', 'br');
  expect(blank['content-encoding']).toBeUndefined();
  expect((await request.get('/_astro/gone.css')).status()).toBe(404);
  expect((await request.get('/..%2f..%2fpackage.json')).status()).toBe(404);
});

test('what shows where a dragged file goes is fetched on the way to the file; one that is dropped sooner is taken all the same', async ({
  page,
}) => {
  await page.goto('/gather');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const words = page.getByText('Drop the files to look at their questions');
  await expect(words).toHaveCount(0);
  await page.evaluate(() => document.documentElement.dispatchEvent(new MouseEvent('mouseleave')));
  await expect(words).toHaveCount(1);
  await drop(page, 'own.csv', Buffer.from('Question,A,B,Key\nWhat floats?,a hull,a sill,A\n'));
  await expect(page.getByText('What floats?').first()).toBeVisible();
  // A page that is loaded anew has nothing of it yet.
  await page.goto('/layouts');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await drop(page, 'blank.csv', Buffer.from('Question,Option A,Option B,Right option\n'));
  await expect(page).toHaveURL(/\/layouts\/.+/);
});
