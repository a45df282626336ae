// A set on paper and in one file: printed by the browser, and played from the disk with the network off.
import { test as base, expect, type Page } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { item, options } from '../tests/make';

const ITEMS = [
  item({
    id: 'a',
    ref: 'L-1',
    stem: { plain: 'What lets water through? <img src=x onerror="document.title=1">' },
    options: [
      { text: { plain: 'paddle' }, right: true },
      {
        text: { plain: '<b>beam</b>' },
        right: false,
        feedback: { plain: 'That swings the gate.' },
      },
    ],
    explanation: { plain: 'It is a small gate.' },
    category: ['Locks'],
  }),
  item({
    id: 'b',
    ref: 'L-2',
    kind: 'short',
    stem: { plain: 'A post?' },
    options: undefined,
    accepted: ['bollard'],
    category: ['Gear'],
  }),
  item({
    id: 'c',
    ref: 'L-3',
    kind: 'match',
    stem: { plain: 'Match.' },
    options: undefined,
    category: ['Gear'],
    points: 2,
    pairs: [1, 2].map((n) => ({ left: { plain: `term ${n}` }, right: { plain: `meaning ${n}` } })),
  }),
  item({
    id: 'd',
    ref: 'L-4',
    kind: 'order',
    stem: { plain: 'In which order?' },
    options: undefined,
    category: ['Locks'],
    points: 3,
    steps: ['look', 'open'].map((plain) => ({ plain })),
  }),
];

const test = base.extend<{ open: (mode: string) => Promise<Page> }>({
  open: async ({ page, request, context }, use, info) => {
    const fetched: string[] = [];
    await use(async (mode) => {
      const answer = await request.post('/api/activity', {
        data: { items: ITEMS, title: 'Evening of locks', mode },
      });
      expect(answer.status()).toBe(200);
      const text = await answer.text();
      expect(text.length).toBeLessThan(300_000);
      expect(text).not.toContain('bollard');
      const path = info.outputPath(`${mode}.html`);
      writeFileSync(path, text);
      await context.setOffline(true);
      page.on('request', (one) => fetched.push(one.url()));
      page.on('pageerror', (error) => fetched.push(error.message));
      await page.goto(pathToFileURL(path).href);
      return page;
    });
    expect(fetched.filter((url) => !/^(?:file|data|blob):/.test(url))).toEqual([]);
  },
});

test('a quiz plays from the disk by keyboard, tells what was right and gives the answers as a file', async ({
  open,
}) => {
  const page = await open('quiz');
  await expect(page).toHaveTitle('Evening of locks');
  await expect(page.getByRole('heading', { name: /onerror/ })).toBeVisible();
  await page.getByRole('radio', { name: '<b>beam</b>' }).check();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status')).toHaveText(
    'Not right. Right: paddle. That swings the gate. It is a small gate.',
  );
  await page.keyboard.press('Enter');
  await page.keyboard.type('  Bollard ');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('status')).toHaveText('Right.');
  await page.keyboard.press('Enter');
  await page.getByLabel('term 1').selectOption('meaning 1');
  await page.getByLabel('term 2').selectOption('meaning 2');
  await page.getByRole('button', { name: 'Check' }).click();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByLabel('look').selectOption('2');
  await page.getByLabel('open').selectOption('1');
  await page.getByRole('button', { name: 'Check' }).click();
  await page.getByRole('button', { name: 'See how it went' }).click();
  await expect(page.getByRole('heading', { name: '2 of 4 right' })).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take the answers as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('Evening of locks.csv');
});

test('cards that are not known come again until they are', async ({ open }) => {
  const page = await open('cards');
  await expect(page.getByText('0 known, 4 to go')).toBeVisible();
  await page.getByRole('button', { name: 'Turn' }).click();
  await page.getByRole('button', { name: 'Not yet' }).click();
  await expect(page.getByText('0 known, 4 to go')).toBeVisible();
  for (let n = 0; n < 4; n++) {
    await page.keyboard.press('Enter');
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('heading', { name: 'All 4 known' })).toBeVisible();
});

test('a board is played by teams, whose scores can be corrected, and what was seen is gone', async ({
  open,
}) => {
  const page = await open('board');
  await page.getByRole('button', { name: 'Gear for 2' }).click();
  await page.getByRole('button', { name: 'Show the answer' }).click();
  await expect(page.getByText('term 1 – meaning 1; term 2 – meaning 2').first()).toBeVisible();
  await page.getByRole('button', { name: 'Team 1 is right: +2' }).click();
  await expect(page.getByLabel('Score of team 1')).toHaveValue('2');
  await expect(page.getByRole('button', { name: 'Gear for 2' })).toHaveCount(0);
  await page.getByLabel('Score of team 1').fill('5');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Team 2 chooses' })).toBeVisible();
});

base(
  'a handout prints without tearing a question, with its key on a page of its own',
  async ({ page, request }) => {
    const many = Array.from({ length: 40 }, (_, n) =>
      item({
        id: `q${n}`,
        ref: `R-${n}`,
        stem: { plain: `Question ${n}?` },
        options: options('*a', 'b', 'c', 'd'),
      }),
    );
    const print = async (what: string, versions: number): Promise<number> => {
      const answer = await request.post('/api/paper', {
        data: { items: many, what, title: 'Evening', versions },
      });
      await page.setContent(await answer.text());
      const pdf = await page.pdf({ preferCSSPageSize: true });
      return pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;
    };
    const one = await print('handout', 1);
    expect(one).toBeGreaterThan(3);
    expect(await print('handout', 2)).toBe(2 * one);
    expect(await print('cards', 1)).toBe(10);
  },
);
