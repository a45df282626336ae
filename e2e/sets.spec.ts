// Sets as a person makes them: from the bank, by hand, by a plan; put in order by keys; handed over in their order.
import { strFromU8, unzipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { literal } from '../src/core/shared/literal';
import { bring, csv } from './files';
import { choose, expect, go, openDemo, test } from './person';

const facts = (page: Page) => page.getByTestId('facts-of-set');
const listed = (page: Page) => page.locator('.set-question .set-stem');

async function newSet(page: Page): Promise<void> {
  await openDemo(page, '/sets');
  await page.getByRole('button', { name: 'New set' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the set' })).toHaveValue('Set 1');
}

test('a set is filled by a search and by hand, put in order by keys, and handed over in its order', async ({
  page,
}) => {
  await newSet(page);
  const search = page.getByRole('searchbox', { name: 'Questions of the bank to put in' });
  await search.fill('category:safety kind:"one right"');
  const all = page.getByRole('button', { name: /^Put in all/ });
  await expect(all).not.toHaveText('Put in all 60');
  await all.click();
  await search.fill('windlass kind:card');
  await page.getByRole('button', { name: 'Put in windlass' }).click();
  await expect(listed(page).last()).toHaveText('windlass');
  const many = await listed(page).count();
  await page.getByRole('button', { name: /^Move “windlass”/ }).press('Alt+ArrowUp');
  await expect(listed(page).nth(many - 2)).toHaveText('windlass');
  await page.keyboard.press('Control+z');
  await expect(listed(page).last()).toHaveText('windlass');
  const first = await listed(page).first().innerText();
  await page.getByRole('button', { name: `Hand over these ${many}` }).click();
  await expect(page.getByTestId('set-facts')).toContainText(`${many} question`);
  await expect(page.getByRole('textbox', { name: 'Title of the set' })).toHaveValue('Set 1');
  await expect(page.getByRole('row', { name: new RegExp(first.slice(0, 20)) })).toBeVisible();
});

test('a plan draws as many as it wants, says what is missing, and leaves held ones', async ({
  page,
}) => {
  await newSet(page);
  await page.getByText('By a plan').click();
  await page.getByRole('button', { name: 'A line for each category' }).click();
  await expect(page.getByText('! only 1 in the bank')).toBeVisible();
  await page.getByRole('button', { name: /^Draw \d+ questions/ }).click();
  await expect(facts(page)).toContainText('11 questions');
  const kept = await listed(page).nth(3).innerText();
  await page
    .locator('.set-question')
    .nth(3)
    .getByRole('button', { name: 'Hold', exact: true })
    .click();
  await page.getByRole('textbox', { name: 'Points at most' }).fill('6');
  await page.getByRole('button', { name: 'Draw anew' }).click();
  await expect(page.getByText(/more would go over 6 points/).first()).toBeVisible();
  await expect(facts(page)).toContainText(/[1-6] points/);
  await page.getByRole('textbox', { name: 'Points at most' }).fill('');
  await page.getByRole('button', { name: 'Draw anew' }).click();
  await expect(facts(page)).toContainText('11 questions');
  // Its whole text: a drawn term may stand in another question's text too.
  const whole = new RegExp(`^${literal(kept)}$`);
  await expect(listed(page).filter({ hasText: whole })).toHaveCount(1);
});

test('sections may be pools, and questions go into a set from the bank', async ({ page }) => {
  await newSet(page);
  await page.getByRole('button', { name: 'by chance' }).click();
  await expect(facts(page)).toContainText('10 questions');
  await page
    .getByRole('textbox', { name: 'Questions drawn from section 1 at each attempt' })
    .fill('4');
  await page.keyboard.press('Tab');
  await expect(facts(page)).toContainText('4 questions');
  await page.getByRole('button', { name: 'New section' }).click();
  await go(page, '/bank');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('set:"set 1"');
  await expect(page.getByText('10 of 60')).toBeVisible();
  await page
    .getByRole('searchbox', { name: 'Search the questions' })
    .fill('-set:"set 1" used:never');
  await expect(page.getByText('50 of 60')).toBeVisible();
});

test('a set is printed in versions, its key taken as a document, and one file that plays', async ({
  page,
}) => {
  await newSet(page);
  await page.getByRole('button', { name: 'by chance' }).click();
  await expect(facts(page)).toContainText('10 questions');
  const first = await listed(page).first().innerText();
  await page.getByRole('button', { name: 'Print or play' }).click();
  const sheet = page.frameLocator('iframe[title="The page as it will be"]');
  // What was drawn by chance may be a term that another question's option has in it.
  await expect(sheet.getByText(first, { exact: true }).first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Versions' }).fill('2');
  await expect(sheet.getByText('version B')).toBeAttached();
  await page.getByText('Key', { exact: true }).click();
  await expect(sheet.getByRole('heading', { name: 'Key: Set 1 version A' })).toBeVisible();
  await page.getByRole('combobox', { name: 'The file' }).click();
  await page.getByRole('option', { name: 'document (.docx)', exact: true }).click();
  const [written] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the file' }).click(),
  ]);
  expect(written.suggestedFilename()).toBe('Set 1 key.docx');
  const parts = unzipSync(readFileSync(await written.path()));
  expect(strFromU8(parts['word/document.xml']!)).toContain('Key: Set 1');
  await page.getByText('Quiz file', { exact: true }).click();
  await expect(page.getByText(/opened from the disk, with no network/)).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Set 1 quiz.html');
});

test('the same filters stand in Bank and Hand over, and what is chosen is seen in the search', async ({
  page,
}) => {
  await openDemo(page, '/hand-over');
  await page.getByRole('button', { name: 'Search by …' }).click();
  await choose(page, 'Level', 'beginner');
  await page.keyboard.press('Escape');
  const search = page.getByRole('searchbox', { name: 'Questions that hold these words' });
  await expect(search).toHaveValue('level:beginner');
  const facts = await page.getByTestId('set-facts').textContent();
  await go(page, '/bank');
  await page.getByRole('button', { name: 'Search by …' }).click();
  await choose(page, 'Level', 'beginner');
  await page.getByRole('textbox', { name: 'Number of options' }).fill('4');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('searchbox', { name: 'Search the questions' })).toHaveValue(
    'level:beginner options:4',
  );
  // The list follows the words a moment later, so that typing is never held up by it.
  const counted = page.getByRole('status').filter({ hasText: ' of 60' });
  const found = async () => Number((await counted.textContent())!.split(' ')[0]);
  await expect.poll(found).toBeLessThanOrEqual(Number(facts!.split(' ')[0]));
  expect(await found()).toBeGreaterThan(0);
});

test('a set says which of its questions give the answer to another away', async ({ page }) => {
  await openDemo(page, '/gather');
  await bring(
    page,
    csv(
      'cues.csv',
      'Question,A,B,C,Right',
      'Which gate points upstream in the cue round?,mitre gate,weir,cill,A',
      'How many leaves has the mitre gate of the cue round?,one,two,three,B',
    ),
  );
  await page.getByRole('button', { name: 'Take 2 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('62');
  await go(page, '/sets');
  await page.getByRole('button', { name: 'New set' }).click();
  await page
    .getByRole('searchbox', { name: 'Questions of the bank to put in' })
    .fill('"cue round"');
  await page.getByRole('button', { name: 'Put in all 2' }).click();
  const cues = page.getByRole('region', { name: 'Questions that give an answer away' });
  await expect(cues).toContainText('1 answer can be read in the text of another question');
  await expect(cues.getByRole('listitem')).toHaveText(/says “mitre gate”, which answers/);
});
