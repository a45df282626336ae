// Draft as a person uses it: terms to a receiver's file, an assistant's faulty replies to one set, a formula to a pool.
import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './person';

const TERMS = `pound	the level stretch of water between two locks
paddle	a small gate that lets water through a lock gate
windlass	a handle that turns the paddle gear
cill	a ledge below the top gate
by-wash	a channel that leads surplus water round a lock
balance beam	a long arm by which a gate is swung
mitre gate	a pair of gates that close to a point
winding hole	a wide place where a boat can be turned`;

const main = (page: Page) => page.locator('header [data-main]');
const drafted = (page: Page, n: number) =>
  page.getByRole('article', { name: new RegExp(`Drafted question ${n},`) });

async function openBench(page: Page, bench: string): Promise<void> {
  await openDemo(page, '/draft');
  await page.getByText(bench, { exact: true }).click();
}

test('terms become questions, looked over by keys, and go to a receiver’s file in few acts', async ({
  page,
}) => {
  await openBench(page, 'From terms');
  await page.getByRole('textbox', { name: 'Terms' }).fill(TERMS);
  await page.keyboard.press('Control+Enter');
  await expect(drafted(page, 1)).toContainText('the level stretch of water between two locks');
  await expect(drafted(page, 1)).toContainText(/from .*of the same form/);
  // One is swapped, one thrown out, one mended, one kept, and the rest kept at once.
  const option = page.getByRole('button', { name: 'Swap option' }).first();
  const before = await drafted(page, 1).locator('.answers').innerText();
  await option.click();
  await expect(drafted(page, 1).locator('.answers')).not.toHaveText(before);
  const list = page.getByRole('list', { name: /What was made/ });
  await list.focus();
  await page.keyboard.press('x');
  await expect(drafted(page, 1)).toHaveAccessibleName(/out/);
  await page.keyboard.press('e');
  await page.getByRole('textbox', { name: 'Question', exact: true }).fill('What is a paddle?');
  await page.locator('form').getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(drafted(page, 2)).toContainText('What is a paddle?');
  await expect(page.getByText('0 kept, 1 out, 7 to look at')).toBeVisible();
  await main(page).click();
  await expect(page.getByText('7 kept, 1 out, 0 to look at')).toBeVisible();
  await main(page).click();
  await expect(page.getByText('7 questions in the bank.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('67');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('67');
  await page.getByRole('button', { name: 'Hand over these 7' }).click();
  await expect(page.getByTestId('set-facts')).toContainText('7 questions');
});

test('what was asked for and made is there again after a reload', async ({ page }) => {
  await openBench(page, 'From terms');
  await page.getByRole('textbox', { name: 'Terms' }).fill(TERMS);
  await main(page).click();
  await expect(drafted(page, 1)).toBeVisible();
  await page.waitForTimeout(600);
  await page.reload();
  await expect(drafted(page, 1)).toContainText('pound');
  await expect(page.getByRole('textbox', { name: 'Terms' })).toHaveValue(TERMS);
});

test('a faulty reply is told at its places, and a second request makes it whole', async ({
  page,
}) => {
  await openBench(page, 'With an assistant');
  const words = TERMS.split('\n').map((line) => line.split('\t')[0]!);
  await page.getByRole('textbox', { name: 'Words' }).fill(words.join('\n'));
  await main(page).click();
  const first = page.getByRole('region', { name: 'Request 1 of 1' });
  await first.getByRole('button', { name: 'Copy' }).click();
  await expect(first).toContainText('waits for a reply');
  const request = await page.evaluate(() => navigator.clipboard.readText());
  expect(request).toMatch(/^Write 8 questions.*pound; paddle/s);
  await first.getByRole('button', { name: 'with faults' }).click();
  for (const fault of ['a heading line', 'a text cut short', 'two too few', 'talk around']) {
    await page.getByRole('checkbox', { name: fault }).check();
  }
  await page.keyboard.press('Escape');
  await first.getByRole('button', { name: 'Simulated reply' }).click();
  await expect(page.getByText('6 questions came, 2 fewer than the 8')).toBeVisible();
  await expect(drafted(page, 2)).toContainText('is cut short');
  const second = page.getByRole('region', { name: 'Second request' });
  await expect(second).toContainText('3 words');
  await second.getByRole('button', { name: 'Simulated reply' }).click();
  await expect(page.getByText(/is cut short|fewer than/)).toHaveCount(0);
  // One of the eight is in the demo bank already, which is told, and not asked for again.
  await expect(
    page.getByText('“What is a winding hole?” stands in the bank already'),
  ).toBeVisible();
  await expect(page.getByText('0 kept, 7 to look at')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Third request' })).toHaveCount(0);
});

test('a formula is drawn, one drawing is changed, and the variants become a pool', async ({
  page,
}) => {
  await openBench(page, 'Calculated');
  await page.getByRole('textbox', { name: 'Formula' }).fill('length * width');
  await main(page).click();
  await expect(page.getByText('With these units the formula gives m^2, not m³.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Formula' }).fill('length * width * rise');
  await main(page).click();
  await expect(drafted(page, 1)).toContainText(/length .* m, width .* m, rise .* m/);
  const before = await drafted(page, 1).innerText();
  await drafted(page, 1).getByRole('button', { name: 'Draw anew' }).click();
  await expect(drafted(page, 1)).not.toHaveText(before);
  await main(page).click();
  await page.getByRole('button', { name: 'Take them as a pool' }).click();
  await page.getByRole('button', { name: 'See the pool' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue(
    'Calculated pool',
  );
  await expect(
    page.getByRole('textbox', { name: 'Questions drawn from section 1 at each attempt' }),
  ).toHaveValue('1');
});
