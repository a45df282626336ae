// Nothing is lost, and nothing is called saved that is not: what browsers, machines and second tabs do to a page.
import type { Page } from '@playwright/test';
import { keptDrafts } from './kept';
import { cell, COLUMN, expect, fill, go, openDemo, paste, test } from './person';

const stem = (page: Page, row = 0) => cell(page, row, COLUMN.stem);
const save = (page: Page) => page.getByTestId('save');
const bankCount = (page: Page) => page.getByRole('link', { name: /^Bank/ });

async function typeInFirst(page: Page, text: string): Promise<void> {
  await stem(page).click();
  await page.keyboard.press('F2');
  await page.keyboard.press('Control+a');
  await page.keyboard.type(text);
}

test('a page that is closed within its first moments leaves a whole demo behind, or none', async ({
  page,
}) => {
  for (const wait of [0, 60, 150, 300, 600]) {
    await page.goto('/?demo');
    await page.waitForTimeout(wait);
    await page.goto('about:blank');
  }
  await page.goto('/?demo');
  await expect(bankCount(page)).toContainText('60');
  await expect(page.getByRole('link', { name: /^Layouts/ })).toContainText('3');
});

test('choosing one’s own bank while the demo is opening leaves it empty', async ({ page }) => {
  await page.goto('/?demo');
  await page.getByTestId('bank-name').click();
  await page.getByRole('menuitem', { name: 'My questions' }).click();
  await expect(page.getByTestId('bank-name')).toContainText('My questions');
  await page.waitForTimeout(1500);
  await expect(bankCount(page)).toContainText('0');
  await page.reload();
  await expect(bankCount(page)).toContainText('0');
});

test('undo is there after a reload', async ({ page }) => {
  await openDemo(page, '/bank');
  const before = await stem(page).innerText();
  await typeInFirst(page, 'Changed before the reload');
  await page.keyboard.press('Enter');
  await expect(save(page)).toHaveText(/^Saved/);
  await page.reload();
  await go(page, '/bank');
  await expect(stem(page)).toHaveText('Changed before the reload');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(stem(page)).toHaveText(before);
});

test('a write that fails is told, kept and tried again, and the bank can be had as a file meanwhile', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    Object.assign(window, { letWrite: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await typeInFirst(page, 'First while full');
  await page.keyboard.press('Enter');
  await page.keyboard.type('Second while full');
  await page.keyboard.press('Enter');
  await expect(save(page)).toHaveText('Not saved: 2 steps');
  await expect(page.getByRole('alert')).toContainText('no room left');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('alert').getByRole('button', { name: 'Save this bank as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/\.bank\.zip$/);
  // In one breath: it is tried again by itself as well, and the button goes with the success.
  await page.evaluate(() => {
    (window as unknown as { letWrite: () => void }).letWrite();
    [...document.querySelectorAll('button')].find((one) => one.innerText === 'Try now')?.click();
  });
  await expect(save(page)).toHaveText(/^Saved/);
  await page.reload();
  await go(page, '/bank');
  await expect(stem(page)).toHaveText('First while full');
  await expect(stem(page, 1)).toHaveText('Second while full');
});

test('without a store nothing is called saved, and one is told so', async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('denied', 'SecurityError');
    };
  });
  await page.goto('/');
  await expect(page.getByRole('alert')).toContainText('can’t be opened');
  await expect(page.getByRole('heading', { name: 'What do you hold?' })).toBeVisible();
  await paste(page, 'Question\tA\tB\tRight\nWhat?\tp\tq\tA');
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await expect(bankCount(page)).toContainText('1');
  await expect(save(page)).toHaveText('In this page only');
});

test('a newer store is told, and left as it is', async ({ page }) => {
  await page.goto('/help');
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const old = indexedDB.deleteDatabase('cowslip');
        old.onsuccess = old.onblocked = () => {
          const opening = indexedDB.open('cowslip', 99);
          opening.onsuccess = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
  );
  await page.goto('/gather');
  await expect(page.getByRole('alert')).toContainText('newer version');
  await expect(save(page)).not.toHaveText(/^Saved/);
});

test('a newer program in another tab takes the store over, and the old page says so', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const opening = indexedDB.open('cowslip', 99);
        opening.onsuccess = () => {
          opening.result.close();
          resolve();
        };
      }),
  );
  await expect(page.getByRole('alert')).toContainText('newer version');
  await typeInFirst(page, 'Typed after');
  await page.keyboard.press('Enter');
  await expect(save(page)).toHaveText('Not saved: 1 step');
});

test('two tabs that type in two fields of one question both keep their text', async ({
  page,
  context,
}) => {
  await openDemo(page, '/bank');
  const other = await context.newPage();
  await other.goto('/bank');
  await expect(stem(other)).toBeVisible();
  await typeInFirst(page, 'Stem from the first tab');
  const hint = cell(other, 0, COLUMN.A);
  await hint.click();
  await other.keyboard.type('Option from the second tab');
  await page.keyboard.press('Enter');
  await other.keyboard.press('Enter');
  for (const tab of [page, other]) {
    await expect(stem(tab)).toHaveText('Stem from the first tab');
    await expect(cell(tab, 0, COLUMN.A)).toHaveText('Option from the second tab');
    await expect(tab.getByRole('alert')).toHaveCount(0);
  }
});

test('what one tab is typing is no other tab’s draft, and is offered when that one has ended, until it is answered', async ({
  page,
  context,
}) => {
  const told = 'you were typing in HCT-001: “Half a sentence”';
  await openDemo(page, '/bank');
  await typeInFirst(page, 'Half a sentence');
  await expect.poll(() => keptDrafts(page)).toEqual(['Half a sentence']);
  const other = await context.newPage();
  await other.goto('/bank');
  await expect(stem(other)).toBeVisible();
  await expect(other.getByText('you were typing')).toHaveCount(0);
  await page.goto('about:blank');
  await expect(other.getByText(told)).toBeVisible();
  await other.reload();
  await expect(other.getByText(told)).toBeVisible();
  await other.getByRole('button', { name: 'Put it in' }).click();
  await expect(stem(other)).toHaveText('Half a sentence');
  await expect.poll(() => keptDrafts(other)).toEqual([]);
});

test('a part that can’t be loaded leaves the page and the bench standing', async ({ page }) => {
  await openDemo(page);
  await paste(page, 'Question\tA\tB\tRight\nWhat?\tp\tq\tA');
  await expect(page.getByRole('main').getByText('1 question understood')).toBeVisible();
  await page.route('**/RehearsePlace*', (route) => route.fulfill({ status: 404, body: '' }));
  await go(page, '/rehearse');
  await expect(page.getByRole('heading', { name: 'This part could not be loaded' })).toBeVisible();
  await go(page, '/gather');
  await expect(page.getByRole('main').getByText('1 question understood')).toBeVisible();
});

test('a filled file is out of date after a change, and says so instead of “as meant”', async ({
  page,
}) => {
  await openDemo(page, '/hand-over');
  await fill(page, 'Fill 3 files');
  await expect(page.getByText(/Read back by other code/)).toHaveCount(4);
  await go(page, '/bank');
  await typeInFirst(page, 'Changed after filling');
  await page.keyboard.press('Enter');
  await go(page, '/hand-over');
  await expect(page.getByText('Filled before your last change').first()).toBeVisible();
});

test('with many receipts what came in can still be taken back', async ({ page }) => {
  await openDemo(page);
  await paste(page, 'Question\tA\tB\tRight\nWhat?\tp\tq\tA');
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await go(page, '/hand-over');
  for (let n = 1; n <= 6; n++) {
    await fill(page, 'Trial file of three');
    await expect(page.getByText('all 3 as meant')).toHaveCount(3);
    await page.getByRole('button', { name: 'Take all 3 as one zip' }).click();
    await expect(page.getByRole('link', { name: /^Records/ })).toContainText(String(3 * n + 1));
  }
  await go(page, '/records');
  const back = page.getByRole('button', { name: 'Take back what it brought' });
  await expect(back).toBeInViewport({ ratio: 1 });
  await back.click();
  await expect(bankCount(page)).toContainText('60');
});
