// A bank kept in order: near-doubles made one, notes on the craft mended and switched off.
import { read, utils, write } from '@e965/xlsx';
import type { Page } from '@playwright/test';
import { unzipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { drop, expect, go, openDemo, paste, test } from './person';

const SHEET = [
  'Question\tA\tB\tC\tRight',
  'What does a paddle let through a lock gate today?\tBoats\tWater\tWalkers\tB',
  'Which is not deep?\t9 m\t3 m\t5 m\tB',
].join('\n');

async function bringIn(page: Page): Promise<void> {
  await openDemo(page);
  await paste(page, SHEET);
  await page.getByRole('button', { name: 'Take 2 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('62');
  await go(page, '/bank');
}

test('two questions that are nearly alike are seen side by side and made one', async ({ page }) => {
  await bringIn(page);
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: 'Questions that are nearly alike' }).click();
  const pair = page.getByRole('dialog').getByRole('listitem').filter({ hasText: 'today' }).first();
  await expect(pair.locator('mark')).toContainText(['today']);
  await pair.getByRole('button', { name: 'Keep only this one' }).first().click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('61');
  await expect(page.getByRole('dialog').getByText('today')).toBeHidden();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('62');
});

test('a note on the craft is mended, and another kind is looked for no more', async ({ page }) => {
  await bringIn(page);
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"not deep"');
  await page.getByRole('gridcell', { name: 'Which is not deep?' }).click();
  await page.getByRole('button', { name: 'Write NOT in capitals' }).click();
  await expect(page.getByRole('gridcell', { name: 'Which is NOT deep?' })).toBeVisible();
  const note = page.getByText('The options are numbers in no order');
  await expect(note).toBeVisible();
  await page.getByRole('button', { name: 'Stop looking for “numbers out of order”' }).click();
  await expect(note).toBeHidden();
  await page.reload();
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"not deep"');
  await page.getByRole('gridcell', { name: 'Which is NOT deep?' }).click();
  await expect(page.getByRole('heading', { name: 'Which is NOT deep?' })).toBeVisible();
  await expect(note).toBeHidden();
});

test('a note is left out at one question with a reason, and looked for again', async ({ page }) => {
  await bringIn(page);
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"not deep"');
  await page.getByRole('gridcell', { name: 'Which is not deep?' }).click();
  const mend = page.getByRole('button', { name: 'Write NOT in capitals' });
  await expect(mend).toBeVisible();
  await page.getByRole('button', { name: 'Not at this question: “negative unmarked”' }).click();
  await page.getByRole('textbox', { name: 'Why it is meant so' }).fill('a saying');
  await page.keyboard.press('Enter');
  await expect(mend).toBeHidden();
  await page.getByRole('button', { name: 'All checks of the craft' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('negative unmarked (a saying)')).toBeVisible();
  await dialog.getByRole('button', { name: 'Look again' }).click();
  await page.keyboard.press('Escape');
  await expect(mend).toBeVisible();
});

test('many are changed at once, seen before it is done, and taken back by one undo', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('paddle');
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: /^Change \d+ questions at once/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('combobox', { name: /^What is done to/ }).click();
  await page.getByRole('option', { name: 'Find and replace' }).click();
  await dialog.getByRole('textbox', { name: 'Find' }).fill('paddle');
  await dialog.getByRole('textbox', { name: 'Replace with' }).fill('sluice');
  await expect(dialog.locator('mark').first()).toHaveText('sluice');
  const act = dialog.getByRole('button', { name: /^Change \d+ questions?$/ });
  const [many] = /\d+/.exec(await act.innerText())!;
  await act.click();
  await expect(page.getByText(`${many} questions changed. Undo takes it back.`)).toBeVisible();
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('sluice');
  await expect(page.getByText(`${many} of 60`)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(`${many} no longer match`)).toBeVisible();
});

test('the same sheet a second time says what the bank has, and brings in what is new', async ({
  page,
}) => {
  await bringIn(page);
  await go(page, '/gather');
  await paste(page, `${SHEET}\nWhat is quite new?\tone\ttwo\tthree\tC`);
  await expect(
    page.getByText('3 questions understood, 2 in the bank already', { exact: true }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Leave out the 2 known' }).click();
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('63');
});

test('tags are renamed and made one, categories renamed and moved below one another, shown and taken back', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: 'Tags and categories' }).click();
  const categories = page.getByRole('list', { name: 'Categories' });
  const first = categories.getByRole('textbox').first();
  const name = await first.inputValue();
  await first.fill('Renamed here');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('textbox', { name: 'Category Renamed here', exact: true }),
  ).toBeVisible();
  await page.getByRole('combobox', { name: 'Where Renamed here goes' }).click();
  const below = page.getByRole('option', { name: /^below / }).first();
  const place = (await below.innerText()).replace('below ', '');
  await below.click();
  const moved = page.getByRole('textbox', {
    name: `Category ${place} > Renamed here`,
    exact: true,
  });
  await expect(moved).toBeVisible();
  await page
    .getByRole('button', { name: new RegExp(`Show the \\d+ of ${place} > Renamed here`) })
    .click();
  await expect(
    page
      .getByRole('searchbox')
      .or(page.getByPlaceholder(/Search/))
      .first(),
  ).toHaveValue(`category:"${place} > Renamed here"`);
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: 'Tags and categories' }).click();
  await expect(page.getByRole('textbox', { name: `Category ${name}`, exact: true })).toBeVisible();
});

test('sheets go out to groups as one zip, and one that comes back names who wrote it', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: /Sheets for contributors/ }).click();
  await page.getByRole('textbox', { name: 'Who writes' }).fill('Group A; Locks\nGroup B');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Make 2 sheets' }).click(),
  ]);
  const sheets = unzipSync(new Uint8Array(readFileSync(await download.path())));
  expect(Object.keys(sheets)).toEqual(['Group A.xlsx', 'Group B.xlsx']);
  const book = read(sheets['Group A.xlsx']!);
  utils.sheet_add_aoa(
    book.Sheets['Questions']!,
    [['What is a cill here?', 'a ledge', 'a rope', '', '', 'A']],
    {
      origin: 'B8',
    },
  );
  await go(page, '/gather');
  await drop(
    page,
    'back.xlsx',
    Buffer.from(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer),
  );
  await expect(page.getByText('handed out to “Group A”')).toBeVisible();
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await go(page, '/bank');
  await page.getByPlaceholder(/Search/).fill('by:"group a"');
  await expect(page.getByRole('gridcell', { name: 'What is a cill here?' })).toBeVisible();
});

test('the options of a question are put in another order by keys and by dragging, the right one stays right', async ({
  page,
}) => {
  await bringIn(page);
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"not deep"');
  await page.getByRole('gridcell', { name: 'Which is not deep?' }).click();
  const handles = page.getByRole('button', { name: /^Move “/ });
  const texts = async (): Promise<string[]> =>
    (
      await handles.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? ''))
    ).map((name) => name.slice('Move “'.length, -1));
  const right = page.getByRole('button', { name: / right$/, pressed: true });
  await expect(handles).toHaveCount(3);
  const before = await texts();
  const key = (await right.innerText()).replace(/^\S+\s+| right$/g, '');
  await handles.first().focus();
  await page.keyboard.press('Alt+ArrowDown');
  const [first, second, ...others] = before;
  await expect.poll(texts).toEqual([second, first, ...others]);
  // The handle that was moved keeps the focus: once more moves the same option.
  await expect(handles.nth(1)).toBeFocused();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(texts).toEqual(before);
  const [from, to] = [await handles.nth(1).boundingBox(), await handles.first().boundingBox()];
  await page.mouse.move(from!.x + from!.width / 2, from!.y + from!.height / 2);
  await page.mouse.down();
  await page.mouse.move(to!.x + to!.width / 2, to!.y + to!.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect.poll(texts).toEqual([second, first, ...others]);
  await expect(right).toContainText(key);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(texts).toEqual(before);
});
