// The demo as it ships: a bank as large as a trust's own, with pictures, sets and a plan.
import { expect, go, openWholeDemo, test } from './person';

test.use({ wholeDemo: true });

test('the demo has questions of every kind, pictures, a set with a pool and a plan that says what is missing', async ({
  page,
}) => {
  await openWholeDemo(page);
  await go(page, '/bank');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"mitre post?"');
  await page.getByRole('gridcell', { name: 'What is the mitre post?' }).click();
  const picture = page.getByRole('img', { name: /^Two mitre gates from above/ });
  await expect(picture).toBeVisible();
  expect(await picture.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(360);
  await go(page, '/sets');
  await page.getByRole('button', { name: /^First evening/ }).click();
  await expect(page.getByText('of 12 questions')).toBeVisible();
  await page.getByRole('button', { name: /^Keeper’s test/ }).click();
  await page.getByRole('button', { name: 'Draw 19 questions' }).click();
  await expect(page.getByText('Weather, one right: 3 wanted, the bank has 2.')).toBeVisible();
  await page.getByRole('button', { name: 'Hand over these 18' }).click();
  await expect(page.getByText(/^18 questions, \d+ points/)).toBeVisible();
});

test('the store keeps a picture that two questions show once, and both show it after a reload', async ({
  page,
}) => {
  await openWholeDemo(page);
  const kept = await page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((resolve) => {
      const open = indexedDB.open('cowslip');
      open.onsuccess = () => resolve(open.result);
    });
    const all = (name: string): Promise<unknown[]> =>
      new Promise((resolve) => {
        const asked = db.transaction(name).objectStore(name).getAll();
        asked.onsuccess = () => resolve(asked.result as unknown[]);
      });
    const [pictures, items] = await Promise.all([all('pictures'), all('items')]);
    db.close();
    return { pictures: pictures.length, isInside: JSON.stringify(items).includes('base64') };
  });
  // Six questions show five pictures.
  expect(kept).toEqual({ pictures: 5, isInside: false });
  await page.reload();
  await go(page, '/bank');
  for (const stem of ['boat going up', 'boat going down']) {
    await page
      .getByRole('searchbox', { name: 'Search the questions' })
      .fill(`"acts for a ${stem}"`);
    await page.getByRole('gridcell', { name: new RegExp(`acts for a ${stem}`) }).click();
    await expect(page.getByRole('img', { name: /^A lock from the side/ })).toBeVisible();
  }
});
