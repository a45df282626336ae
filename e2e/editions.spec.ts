// The same file a second time: what is known is left out, what differs is seen side by side and replaced, what is new is taken.
import type { Page } from '@playwright/test';
import { bring, csv } from './files';
import { cell, COLUMN, expect, go, openDemo, test } from './person';

const FLOATS = 'Which of these float on the pound?,cork,lead,iron,A';
const FIRST = [
  FLOATS,
  'Which of these sink in the pound?,cork,lead,oak,B',
  'Who opens the lock?,the keeper,the crew,nobody,A',
];
const edition = (page: Page, ...rows: string[]): Promise<void> =>
  bring(page, csv('round.csv', 'Question,A,B,C,Right', ...rows));

/** The first edition, taken into the bank. */
async function takeFirst(page: Page): Promise<void> {
  await openDemo(page, '/gather');
  await edition(page, ...FIRST);
  await page.getByRole('button', { name: 'Take 3 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('63');
  await page.getByRole('button', { name: 'Put away' }).click();
}

test('a later edition of a file replaces its own questions, and keeps what is not ticked', async ({
  page,
}) => {
  await takeFirst(page);
  await edition(
    page,
    FLOATS,
    'Which of these sink in the pound?,cork,lead,elm,B',
    'Who opens the lock first?,the keeper,the crew,nobody,A',
    'What is a cill?,a ledge,a rope,a boat,A',
  );
  await expect(page.getByTestId('announced')).toContainText(
    '1 in the bank already, 2 in the bank in another wording',
  );
  await page.getByRole('button', { name: 'See the 2 that differ' }).click();
  const dialog = page.getByRole('dialog', { name: 'A later edition' });
  await expect(dialog.getByRole('checkbox')).toHaveCount(2);
  await expect(dialog).toContainText('elm');
  // The second one was mended in the bank and is to stay.
  await dialog.getByRole('checkbox').nth(1).uncheck();
  await dialog.getByRole('button', { name: 'Replace 1 question' }).click();
  await page.getByRole('button', { name: 'Leave out the 1 known' }).click();
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('64');
  await go(page, '/bank');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"sink in the pound"');
  await expect(cell(page, 0, COLUMN.C)).toHaveText('elm');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"opens the lock"');
  await expect(cell(page, 0, COLUMN.stem)).toHaveText('Who opens the lock?');
});

test('what was mended here is told from what the file changed', async ({ page }) => {
  await takeFirst(page);
  await go(page, '/bank');
  const mend = async (words: string, to: string): Promise<void> => {
    await page.getByRole('searchbox', { name: 'Search the questions' }).fill(`"${words}"`);
    // What stands there before the search is another question.
    await expect(cell(page, 0, COLUMN.stem)).toContainText(words);
    await cell(page, 0, COLUMN.stem).dblclick();
    await page.keyboard.press('Control+a');
    await page.keyboard.type(to);
    await page.keyboard.press('Enter');
    await expect(cell(page, 0, COLUMN.stem)).toHaveText(to);
  };
  await mend('float on the pound', 'Which of these float on the pound of a canal?');
  await mend('opens the lock', 'Who opens the lock gates?');
  await go(page, '/gather');
  await edition(
    page,
    FLOATS,
    'Which of these sink in the pound?,cork,lead,elm,B',
    'Who opens the lock first?,the keeper,the crew,nobody,A',
  );
  // The first was mended in the bank alone: the file says nothing new of it.
  await expect(page.getByTestId('announced')).toContainText(
    '1 in the bank already, 2 in the bank in another wording',
  );
  await page.getByRole('button', { name: 'See the 2 that differ' }).click();
  const dialog = page.getByRole('dialog', { name: 'A later edition' });
  await expect(dialog.getByRole('status')).toContainText(
    '1 question mended here since is not ticked.',
  );
  await expect(dialog.getByText(/, mended here since$/)).toHaveCount(1);
  await expect(dialog.getByRole('checkbox').nth(1)).not.toBeChecked();
  await dialog.getByRole('button', { name: 'Replace 1 question' }).click();
  await go(page, '/bank');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"opens the lock"');
  await expect(cell(page, 0, COLUMN.stem)).toHaveText('Who opens the lock gates?');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"sink in the pound"');
  await expect(cell(page, 0, COLUMN.C)).toHaveText('elm');
});
