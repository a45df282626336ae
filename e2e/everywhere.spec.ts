import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import { demoText, expect, go, openDemo, paste, test } from './person';
import { visit } from './visits';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** The violations of WCAG 2.2 A and AA that axe finds on the page as it stands. */
async function violations(page: Page): Promise<string[]> {
  await page.evaluate(axe);
  return page.evaluate(async () => {
    const runner = (
      window as unknown as {
        axe: {
          run: (
            context: Document,
            options: unknown,
          ) => Promise<{
            violations: { id: string; nodes: { target: unknown; failureSummary: string }[] }[];
          }>;
        };
      }
    ).axe;
    const { violations: found } = await runner.run(document, {
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
    });
    return found.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map((node) => `${JSON.stringify(node.target)} ${node.failureSummary.split('\n')[1]}`)
          .join(' | ')}`,
    );
  });
}

for (const [name, lead] of Object.entries(visit)) {
  test(`axe finds no violation of WCAG 2.2 AA: ${name}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
    await openDemo(page);
    await lead(page);
    expect(await violations(page), 'in the light scheme').toEqual([]);
    // The dark one at 200 %, half as many pixels of the page's own: the page follows the machine.
    await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
    await expect(page.locator('html')).toHaveAttribute('data-mantine-color-scheme', 'dark');
    expect(await violations(page), 'in the dark scheme').toEqual([]);
    await page.setViewportSize({ width: 640, height: 400 });
    expect(await violations(page), 'in the dark scheme at 200 %').toEqual([]);
  });
}

for (const [zoom, width] of [
  [200, 640],
  [400, 320],
] as const) {
  test(`at ${zoom} % zoom every place can be used and nothing is cut off at the side`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 400 });
    await openDemo(page);
    for (const path of [
      '/draft',
      '/bank',
      '/sets',
      '/layouts',
      '/hand-over',
      '/rehearse',
      '/results',
      '/records',
      '/help',
      '/gather',
    ]) {
      await go(page, path);
      await expect(page.locator('main h1').first()).toBeVisible();
      expect(
        await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        ),
        path,
      ).toBeLessThanOrEqual(0);
    }
  });
}

test('one whole job, from what was copied to the file in hand, by keyboard alone', async ({
  page,
}) => {
  await openDemo(page);
  const focused = page.locator(':focus');
  await paste(page, demoText('reply-with-faults.txt'));
  // The focus stands on the next act: what was understood can be taken.
  await expect(focused).toHaveText('Take 7 questions into the bank');
  // What is blocked is mended first: Tab reaches the questions, arrows go from one to the next, a letter marks the key.
  await page.getByRole('article', { name: 'Question 1' }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(focused).toHaveAttribute('aria-label', 'Question 3');
  await page.keyboard.press('a');
  await expect(page.getByRole('button', { name: 'Take 8 questions into the bank' })).toBeVisible();
  await expect(focused).toHaveAttribute('aria-label', 'Question 3');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('68');
  await expect(page.getByRole('button', { name: 'Hand over these 8' })).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page).toHaveURL(/hand-over/);
  await expect(page.getByTestId('set-facts')).toContainText('8 questions');
  // The set is given a title before its files are filled; then they are read back, and taken.
  await expect(page.getByRole('button', { name: 'Fill 3 files' })).toBeEnabled();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('textbox', { name: 'Title of the set' }).last()).toBeFocused();
  await page.keyboard.type('Keepers’ evening');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Read back by other code/)).toHaveCount(3);
  await expect(page.getByRole('button', { name: 'Take all 3 as one zip' })).toBeVisible();
  await expect(page.locator('body:focus')).toHaveCount(0);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.keyboard.press('Control+Enter'),
  ]);
  expect(download.suggestedFilename()).toBe('Keepers’ evening.zip');
});

test('the commands lead to every place and act, and the focus follows', async ({ page }) => {
  await openDemo(page);
  const command = page.getByRole('textbox', { name: 'Find a question or a command' });
  const ask = async (words: string): Promise<void> => {
    await page.keyboard.press('Control+k');
    await expect(command).toBeFocused();
    await page.keyboard.type(words);
    await expect(page.getByRole('dialog').getByRole('button').first()).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(command).toBeHidden();
  };
  // By the words that people use, not only by those on the buttons.
  await ask('template');
  await expect(page).toHaveURL(/layouts/);
  await ask('export');
  await expect(page).toHaveURL(/hand-over/);
  await ask('backup');
  await expect(page.locator('body:focus')).toHaveCount(0);
  await ask('windlass turns');
  await expect(page).toHaveURL(/bank/);
  await expect(page.getByRole('grid', { name: 'Questions' })).toBeFocused();
});

test('help is found by the words of a job, from any field by Ctrl K, and shows its picture', async ({
  page,
}) => {
  await openDemo(page, '/help');
  const search = page.getByRole('searchbox', { name: 'What do you want to do?' });
  await search.fill('plan');
  await expect(page.getByText('1 job with these words.')).toBeVisible();
  const picture = page.getByRole('img', { name: 'Sets with the demo bank' });
  await expect(picture).toBeVisible();
  await expect
    .poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth))
    .toBeGreaterThan(1000);
  await search.fill('nothing of the kind');
  await expect(page.getByText(/No job has all these words/)).toBeVisible();
  await search.fill('');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('qr codes');
  await page.getByRole('button', { name: 'Print a handout, cards or QR codes Help' }).click();
  await expect(page).toHaveURL(/help#print/);
  await expect(page.getByText(/a handout with room to write/)).toBeVisible();
  await page.getByRole('link', { name: 'Go to Sets' }).click();
  await expect(page).toHaveURL(/\/sets/);
});

test('after many changes a bank that is in no file is told of, until it is saved', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await page.getByRole('button', { name: /Lock keepers, autumn intake/ }).click();
  await page.getByRole('menuitem', { name: 'My questions' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('0');
  await go(page, '/gather');
  await paste(page, 'Question\tA\tB\tRight\nWho opens the lock?\tthe keeper\tnobody\tA');
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await go(page, '/bank');
  const bar = page.getByText(/changes of this bank are in no file yet/);
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
  for (let steps = 1; steps < 62; steps += 2) {
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+y');
  }
  await expect(bar).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save this bank as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('My questions.bank.zip');
  await expect(bar).toBeHidden();
});

test('commands find questions, ? opens help, and the demo is reset', async ({ page }) => {
  await openDemo(page);
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('textbox', { name: 'Find a question or a command' })).toBeFocused();
  await page.keyboard.type('gongoozler');
  await page.getByText('gongoozler', { exact: true }).click();
  await expect(page.getByTestId('side-panel')).toContainText(
    'a person who likes to watch boats go by',
  );
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'The order of the work' })).toBeVisible();
  await page.getByRole('button', { name: /Lock keepers, autumn intake/ }).click();
  await page.getByRole('menuitem', { name: 'My questions' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('0');
  await page.getByRole('button', { name: /My questions/ }).click();
  await page.getByRole('menuitem', { name: 'Put the demo back to how it ships' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
});
