// Results as a person brings them: a file of answers to a sorted table, a study sheet, figures; and never taken for questions.
import { readFileSync } from 'node:fs';
import { drop, expect, go, openDemo, test } from './person';

/** Twenty-five learners of a form, with a name and a time stamp before the answers. */
function answers(): Buffer {
  const head = 'Time stamp,Full name,HCT-001,HCT-002,HCT-003,"Shoe size"';
  const rows = Array.from({ length: 25 }, (_, n) => {
    const letters = ['A', n % 5 ? 'B' : 'A', 'ABCD'[n % 4]];
    return [`10:${10 + n}`, `Keeper ${n + 1}`, ...letters, 'large'].join(',');
  });
  return Buffer.from([head, ...rows].join('\r\n'));
}

test('a file of answers becomes a sorted table in three acts, with what each question shows', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  // One: the place. Two: the file. Three: the order.
  await go(page, '/results');
  await page
    .getByTestId('results-file')
    .setInputFiles({ name: 'evening.csv', mimeType: 'text/csv', buffer: answers() });
  await expect(page.getByTestId('sitting-facts')).toContainText('25 learners, 3 questions');
  await expect(page.getByText(/could not be matched to a question: “Shoe size”/)).toBeVisible();
  await page.getByRole('button', { name: 'Tells apart' }).click();
  const table = page.getByRole('table', { name: 'Questions with their figures' });
  await expect(table.getByRole('columnheader', { name: /Tells apart/ })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await expect(table.locator('tbody tr')).toHaveCount(3);
  await table.getByRole('button', { name: /HCT-002/ }).click();
  await expect(table.getByRole('img', { name: /Which option the best/ })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Figures as a table' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('evening.csv');
  const lines = readFileSync(await download.path(), 'utf8').split('\r\n');
  expect(lines[0]).toContain('reference,question,answered,right,difficulty');
  expect(lines).toHaveLength(5);
  // The question knows how learners did at it, and the search finds it by that.
  await go(page, '/bank');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('answered:25');
  await expect(page.getByText('3 of 60')).toBeVisible();
  await page.getByText('HCT-002').first().click();
  await expect(page.getByTestId('side-panel').getByText(/evening: \d+ of 25 right/)).toBeVisible();
});

test('a study sheet is printed for all and for one, those that most got wrong first', async ({
  page,
}) => {
  await openDemo(page, '/results');
  await page.getByRole('button', { name: 'Simulate a trial' }).click();
  await expect(page.getByTestId('sitting-facts')).toContainText(
    '30 simulated learners, 60 questions',
  );
  await page.getByRole('button', { name: 'Study sheet' }).click();
  const sheet = page.frameLocator('iframe[title="The study sheet as it will be"]');
  const first = sheet.locator('.question').first();
  await expect(first).toContainText(/of 30 were right/);
  const share = async (place: 'first' | 'last'): Promise<number> => {
    const text = await sheet.locator('.question')[place]().innerText();
    return Number(/\((\d+) %\)/.exec(text)?.[1]);
  };
  expect(await share('first')).toBeLessThan(await share('last'));
  await page.getByRole('combobox', { name: 'For' }).click();
  await page.getByRole('option', { name: 'Learner 7', exact: true }).click();
  await expect(first).toContainText('Learner 7: wrong');
});

test('answers that are dropped in Gather go to Results, and questions beside them are brought in', async ({
  page,
}) => {
  await openDemo(page, '/gather');
  await drop(page, 'evening.csv', answers());
  await expect(page.getByText(/held answers to questions of this bank/)).toBeVisible();
  await expect(page.getByRole('link', { name: /^Results/ })).toContainText('1');
  await go(page, '/results');
  await expect(page.getByTestId('sitting-facts')).toContainText('25 learners');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('heading', { name: 'No results yet' })).toBeVisible();
});
