// Draft as a person uses it: terms to a receiver's file, an assistant's faulty replies to one set, a formula to a pool.
import type { Page } from '@playwright/test';
import { Acts, expect, go, openDemo, test } from './person';

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

/** The chips of the kinds: cards and nothing else. */
async function onlyCards(page: Page): Promise<void> {
  const kinds = page.getByRole('group', { name: 'Kinds' });
  await kinds.getByText('cards', { exact: true }).click();
  await kinds.getByText('one right option', { exact: true }).click();
}

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
  const before = (await drafted(page, 1).locator('.answers').textContent())!;
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

test('twenty terms are a quiz in the receiver’s file in eight acts', async ({ page }) => {
  const acts = new Acts();
  const twenty = Array.from(
    { length: 20 },
    (_, n) =>
      `${'bcdfghjklmnprstvwxyz'[n]}idle ${n + 1}\ta small part of the gear that bears number ${n + 1}`,
  );
  await openDemo(page, '/layouts');
  await page.evaluate((text) => navigator.clipboard.writeText(text), twenty.join('\n'));
  await acts.press(page.getByRole('link', { name: /^Draft/ }));
  await page.getByText('From terms', { exact: true }).waitFor();
  await page.getByRole('textbox', { name: 'Terms' }).focus();
  await acts.key(page, 'Control+v');
  await acts.key(page, 'Control+Enter');
  await expect(drafted(page, 1)).toBeVisible();
  await expect(main(page)).toHaveText(/Keep all 20/);
  await acts.key(page, 'Control+Enter');
  await expect(main(page)).toHaveText(/Take the 20 questions/);
  await acts.key(page, 'Control+Enter');
  await acts.press(page.getByRole('button', { name: 'Hand over these 20' }));
  await expect(page.getByTestId('set-facts')).toContainText('20 questions');
  await expect(main(page)).toHaveText('Fill 3 files');
  await expect(main(page)).toBeEnabled();
  await acts.key(page, 'Control+Enter');
  const title = page.getByRole('dialog', { name: 'What is this set called?' });
  await title.waitFor();
  await acts.key(page, 'Enter');
  await expect(page.getByText(/all 20 as meant/).first()).toBeVisible();
  expect(acts.count).toBeLessThanOrEqual(8);
});

test('thirty-two words, two replies with faults and a second request leave as a file in twelve acts', async ({
  page,
}) => {
  const acts = new Acts();
  // Each request is copied by Ctrl+Enter, which is the next act until all are sent.
  const words = Array.from(
    { length: 32 },
    (_, n) => `${'bcdfghjklmnprstvwxyz'[n % 20]}addle ${n + 1}`,
  );
  await openBench(page, 'With an assistant');
  await page.getByRole('textbox', { name: 'Words' }).fill(words.join('\n'));
  await onlyCards(page);
  await acts.key(page, 'Control+Enter');
  const request = (name: string) => page.getByRole('region', { name });
  // The pasting of requests and replies happens in the other program; the copies are counted here.
  for (const [n, fault] of [
    [1, 'two too few'],
    [2, 'a text cut short'],
    [3, undefined],
  ] as const) {
    const one = request(`Request ${n} of 3`);
    await expect(main(page)).toHaveText(`Copy request ${n} of 3`);
    await acts.key(page, 'Control+Enter');
    await expect(one).toContainText('waits for a reply');
    if (fault) {
      await one.getByRole('button', { name: 'with faults' }).click();
      await page.getByRole('checkbox', { name: fault }).check();
      await page.keyboard.press('Escape');
    }
    await one.getByRole('button', { name: 'Simulated reply' }).click();
    await expect(one).toContainText('compared');
  }
  await expect(request('Second request')).toContainText('3 words');
  await expect(main(page)).toHaveText('Copy the next request');
  await acts.key(page, 'Control+Enter');
  await request('Second request').getByRole('button', { name: 'Simulated reply' }).click();
  await expect(main(page)).toHaveText(/Keep all 32/);
  await acts.key(page, 'Control+Enter');
  await acts.key(page, 'Control+Enter');
  await acts.press(page.getByRole('button', { name: 'Hand over these 32' }));
  await expect(page.getByTestId('set-facts')).toContainText('32 questions');
  // The next act waits until the questions are fitted to the receivers.
  await expect(main(page)).toBeEnabled();
  await acts.key(page, 'Control+Enter');
  await page.getByRole('dialog', { name: 'What is this set called?' }).waitFor();
  await acts.key(page, 'Enter');
  await expect(page.getByText(/all 32 as meant/).first()).toBeVisible();
  expect(acts.count).toBeLessThanOrEqual(12);
});

test('a reply pasted anywhere belongs to the request that waits for it', async ({ page }) => {
  await openBench(page, 'With an assistant');
  await page.getByRole('textbox', { name: 'Words' }).fill('sluice\nfender');
  await main(page).click();
  await expect(main(page)).toHaveText('Copy request 1 of 1');
  await main(page).click();
  const one = page.getByRole('region', { name: 'Request 1 of 1' });
  await expect(one).toContainText('waits for a reply');
  const reply = 'What is a sluice? | a gate for water | a rope | a boat | a wall | A';
  const copy = (text: string) =>
    page.evaluate((words) => navigator.clipboard.writeText(words), text);
  await copy(reply);
  await page.getByRole('heading', { name: 'Draft', level: 1 }).click();
  await page.keyboard.press('Control+v');
  await expect(one).toContainText('compared');
  await expect(page.getByText('1 question came, 1 fewer than the 2')).toBeVisible();
  // The second one in Gather: it is offered to be held against the request.
  await expect(main(page)).toHaveText('Copy the next request');
  await main(page).click();
  await go(page, '/gather');
  await copy('What is a fender? | a cushion | a rope | a boat | a wall | A');
  await page.keyboard.press('Control+v');
  await page.getByRole('button', { name: /^It is the reply/ }).click();
  await expect(drafted(page, 2)).toContainText('What is a fender?');
  await expect(page.getByText(/fewer than/)).toHaveCount(0);
});

test('a locked option stays, and categories are asked for before cards', async ({ page }) => {
  await openBench(page, 'From terms');
  await page.getByRole('textbox', { name: 'Terms' }).fill(TERMS);
  await page.keyboard.press('Control+Enter');
  const first = drafted(page, 1);
  await first
    .getByRole('button', { name: /^Lock option/ })
    .first()
    .click();
  const locked = await first
    .getByRole('button', { name: /^Locked option/, pressed: true })
    .getAttribute('aria-label');
  const at = 'ABCD'.indexOf(locked!.at(-1)!);
  const texts = () => first.locator('.answers li').allInnerTexts();
  const before = await texts();
  await page.getByRole('button', { name: 'Choose the others anew' }).click();
  await expect
    .poll(async () => (await texts()).filter((text, n) => text !== before[n]).length)
    .toBe(2);
  expect((await texts())[at]).toBe(before[at]);
  await page.getByText('With an assistant', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Topic' }).fill('canal locks');
  await onlyCards(page);
  await page.getByRole('textbox', { name: 'How many', exact: true }).fill('3');
  await page.getByRole('checkbox', { name: 'ask for them first' }).check();
  await page.getByRole('textbox', { name: 'How many categories' }).fill('4');
  await main(page).click();
  const categories = page.getByRole('region', { name: 'Request for categories' });
  await expect(categories).toContainText('4 categories, to send');
  await categories.getByRole('button', { name: 'Simulated reply' }).click();
  const water = page.getByRole('region', { name: 'Request 1 of 4' });
  await expect(water).toContainText('3 questions of Water, to send');
  await water.getByRole('button', { name: 'Simulated reply' }).click();
  // Of the three one may stand in the demo bank already, which is told.
  await expect(drafted(page, 1)).toContainText('Water');
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
  const before = (await drafted(page, 1).textContent())!;
  await drafted(page, 1).getByRole('button', { name: 'Draw anew' }).click();
  await expect(drafted(page, 1)).not.toHaveText(before);
  // As a table: the values, the right answer, and the same acts.
  await page.getByText('As a table', { exact: true }).click();
  const table = page.getByRole('region', { name: /What was drawn/ });
  await expect(table.getByRole('columnheader', { name: 'length (m)' })).toBeVisible();
  await expect(table.getByRole('columnheader', { name: 'Right answer' })).toBeVisible();
  const row = table.getByRole('row').nth(2);
  const drawn = (await row.textContent())!;
  await row.getByRole('button', { name: /^Draw anew:/ }).click();
  await expect(row).not.toHaveText(drawn);
  await row.click();
  await table.focus();
  await page.keyboard.press('x');
  await expect(row).toContainText('out');
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
