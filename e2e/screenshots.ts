// npm run screenshots: one picture of each place at 1280x800 from the demo data, for the README.
import {
  cell,
  COLUMN,
  demoText,
  drop,
  expect,
  fill,
  go,
  openWholeDemo,
  paste,
  test,
} from './person';
import type { Page } from '@playwright/test';
import type { Item } from '../src/core/model';
import { seeded } from '../src/core/shared/chance';

/** A receiver's sample with signs of its own, each explained by nothing but its place. */
const CANAL_TEXT = `== Locks ==

Task: What lets the water into a lock?
  >> The paddle
  -- The beam
  -- The rope
Because: A paddle is a valve.
Worth: 2

Task: Who closes the gates behind a boat?
  -- Nobody
  >> The crew
Because: The next boat may be an hour away.
Worth: 1

== Boats ==

Task: Which end is the bow?
  >> The front
  -- The back
Worth: 1
`;

async function shot(page: Page, name: string): Promise<void> {
  // Nothing is pointed at, so that no words of help stand over the picture.
  await page.mouse.move(0, 0);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
}

/** Answers of 28 keepers to fifteen questions, the same each time: the further down the list, the more is known. */
function answers(): Buffer {
  const { items } = JSON.parse(demoText('bank.json')) as { items: Item[] };
  const asked = items.filter(({ options }) => options).slice(0, 15);
  const random = seeded(11);
  const answer = ({ options = [] }: Item, learner: number): string => {
    const right = options.findIndex((option) => option.right);
    const knows = random() < learner / 30;
    return 'ABCD'[knows ? right : Math.floor(random() * options.length)]!;
  };
  const rows = Array.from({ length: 28 }, (_, learner) => [
    `Keeper ${learner + 1}`,
    ...asked.map((item) => answer(item, learner)),
  ]);
  const head = ['Name', ...asked.map(({ ref }) => ref)];
  return Buffer.from([head, ...rows].map((row) => row.join(',')).join('\n'));
}

test.use({ wholeDemo: true });

test('the pictures of the README', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  // The clock stands still, so that a picture only changes when its view does.
  await page.clock.setFixedTime(new Date('2026-11-24T10:42:00'));
  await openWholeDemo(page);
  await shot(page, 'gather-empty');
  await paste(page, demoText('reply-with-faults.txt'));
  await expect(page.getByRole('article', { name: 'Question 4' })).toBeVisible();
  await shot(page, 'gather');
  for (const [file, name] of [
    ['second-evening.xlsx', 'gather-sheet'],
    ['third-evening.docx', 'gather-document'],
  ] as const) {
    await page.getByRole('button', { name: 'Put away' }).click();
    await page.getByRole('button', { name: file }).click();
    await expect(page.getByRole('article', { name: 'Question 2', exact: true })).toBeVisible();
    await page.waitForTimeout(400);
    await shot(page, name);
  }
  await go(page, '/draft');
  await page.getByText(/Take the \d+ cards of the bank/).click();
  await page.getByRole('button', { name: 'Make questions' }).click();
  await expect(page.getByRole('article', { name: /Drafted question 2/ })).toBeVisible();
  await shot(page, 'draft');
  await page.getByText('Calculated', { exact: true }).click();
  await page.getByRole('button', { name: 'Draw 20 variants' }).click();
  await expect(page.getByRole('article', { name: /Drafted question 2/ })).toBeVisible();
  await shot(page, 'draft-calculated');
  await go(page, '/bank');
  await cell(page, 2, COLUMN.stem).click();
  await expect(page.getByText('In the receivers’ files')).toBeVisible();
  await shot(page, 'bank');
  await go(page, '/sets');
  await page.getByRole('button', { name: /^Keeper’s test/ }).click();
  await page.getByRole('button', { name: 'Draw 19 questions' }).click();
  await expect(page.getByTestId('facts-of-set')).toContainText('18 questions');
  await shot(page, 'sets');
  await go(page, '/layouts');
  await expect(page.getByRole('link', { name: 'Evening host' })).toBeVisible();
  await shot(page, 'layouts');
  await page.getByRole('link', { name: 'Evening host' }).click();
  await expect(page.getByText('shows a question of the bank as it would be written')).toBeVisible();
  await shot(page, 'layout-taught');
  for (const [starter, name] of [
    ['Lettered key', 'layout-columns'],
    ['Categories by levels', 'layout-board'],
  ] as const) {
    await go(page, '/layouts');
    await page.getByRole('button', { name: `Use it: ${starter}` }).click();
    await expect(page.getByRole('main').getByText('your own layout')).toBeVisible();
    await page.waitForTimeout(600);
    await shot(page, name);
    await page.getByRole('button', { name: 'Undo' }).click();
  }
  await go(page, '/layouts');
  await drop(page, 'canal-text.txt', Buffer.from(CANAL_TEXT));
  await expect(page.getByText('Lines', { exact: true })).toBeVisible();
  await page.waitForTimeout(600);
  await shot(page, 'layout-marked-text');
  await page.getByRole('button', { name: 'Undo' }).click();
  await go(page, '/hand-over');
  await page
    .getByRole('gridcell', { name: /changes?$/ })
    .first()
    .getByRole('button')
    .click();
  await expect(page.getByRole('complementary', { name: /in the file for/ })).toBeVisible();
  await page.waitForTimeout(400);
  await shot(page, 'hand-over');
  await fill(page, 'Fill 3 files');
  await expect(page.getByText(/Read back by other code: all/)).toHaveCount(6);
  await shot(page, 'hand-over-filled');
  await go(page, '/rehearse');
  await page
    .getByRole('button', { name: /^Hand in / })
    .first()
    .click();
  await expect(page.getByTestId('import-answer')).toBeVisible();
  await shot(page, 'rehearse');
  await go(page, '/results');
  await page
    .getByTestId('results-file')
    .setInputFiles({ name: 'First evening.csv', mimeType: 'text/csv', buffer: answers() });
  await expect(page.getByTestId('sitting-facts')).toContainText('28 learners');
  await page.locator('.item-opener').first().click();
  await page.waitForTimeout(600);
  await shot(page, 'results');
  await go(page, '/hand-over');
  await page
    .getByRole('button', { name: /as one zip/ })
    .first()
    .click();
  await go(page, '/records');
  await expect(page.getByRole('heading', { name: 'Records' })).toBeVisible();
  await shot(page, 'records');
  await go(page, '/bank');
  await page.getByRole('button', { name: 'Dark scheme' }).click();
  await expect(cell(page, 2, COLUMN.stem)).toBeVisible();
  await shot(page, 'bank-dark');
});
