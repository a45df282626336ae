// The ways to every place and state that is looked at for barriers.
import { read, utils, write } from '@e965/xlsx';
import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { bring, csv } from './files';
import { cell, COLUMN, demoPath, demoText, expect, fill, go, paste } from './person';

/** What leads to each place or state, from the demo bank in Gather. */
export const visit: Record<string, (page: Page) => Promise<void>> = {
  'Gather, empty': async () => undefined,
  'Gather with faults': async (page) => {
    await paste(page, demoText('reply-with-faults.txt'));
    await expect(page.getByRole('article', { name: 'Question 1' })).toBeVisible();
  },
  'Gather with running text': async (page) => {
    await paste(page, demoText('reply-in-text.md'));
    await expect(page.getByRole('article', { name: 'Question 1' })).toBeVisible();
  },
  'Draft from terms': async (page) => {
    await go(page, '/draft');
    await page.getByText(/Take the \d+ cards of the bank/).click();
    await page.getByRole('button', { name: 'Make questions' }).click();
    await expect(page.getByText('right', { exact: true }).first()).toBeVisible();
  },
  'Draft with an assistant': async (page) => {
    await go(page, '/draft');
    await page.getByText('With an assistant').click();
    await page.getByRole('textbox', { name: 'Words' }).fill('pound\ncill');
    await page.getByRole('button', { name: 'Write the requests' }).click();
    await page.getByRole('button', { name: 'Simulated reply' }).click();
    await expect(page.getByRole('article', { name: /Drafted question 2/ })).toBeVisible();
  },
  'Draft by a formula': async (page) => {
    await go(page, '/draft');
    await page.getByText('Calculated', { exact: true }).click();
    await page.getByRole('button', { name: 'Draw 20 variants' }).click();
    await expect(page.getByRole('article', { name: /Drafted question 2/ })).toBeVisible();
    await page.getByText('As a table', { exact: true }).click();
    await expect(page.getByRole('columnheader', { name: 'Right answer' })).toBeVisible();
  },
  Bank: async (page) => {
    await go(page, '/bank');
    await cell(page, 2, COLUMN.stem).click();
    await expect(page.getByText('In the receivers’ files')).toBeVisible();
  },
  'the pictures of a bank': async (page) => {
    await bring(
      page,
      csv('signs.csv', 'Question,A,B,Right,Image', 'What is it?,stop,go,A,sign.png'),
    );
    await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
    await go(page, '/bank');
    await page.getByRole('button', { name: 'Look over' }).click();
    await page.getByRole('menuitem', { name: 'Pictures', exact: true }).click();
    await expect(page.getByRole('row', { name: /^sign\.png/ })).toBeVisible();
  },
  'a cell being edited': async (page) => {
    await go(page, '/bank');
    await cell(page, 2, COLUMN.stem).click();
    await page.keyboard.press('F2');
  },
  Sets: async (page) => {
    await go(page, '/sets');
    await page.getByRole('button', { name: 'New set' }).click();
    await page.getByRole('button', { name: 'by chance' }).click();
    await page.getByText('By a plan').click();
    await page.getByRole('button', { name: 'A line for each category' }).click();
    await expect(page.getByText('! only 1 in the bank')).toBeVisible();
  },
  'a set on paper': async (page) => {
    await go(page, '/sets');
    await page.getByRole('button', { name: 'New set' }).click();
    await page.getByRole('button', { name: 'by chance' }).click();
    await page.getByRole('button', { name: 'Print or play' }).click();
    await expect(page.frameLocator('iframe').getByText('Name', { exact: true })).toBeVisible();
  },
  Results: async (page) => {
    await go(page, '/results');
    await page.getByRole('button', { name: 'Simulate a trial' }).click();
    await page.locator('.item-opener').first().click();
    await expect(page.getByTestId('sitting-facts')).toContainText('alpha');
  },
  'tags and categories': async (page) => {
    await go(page, '/bank');
    await page.getByRole('button', { name: 'Look over' }).click();
    await page.getByRole('menuitem', { name: 'Tags and categories' }).click();
    await expect(page.getByRole('textbox', { name: 'Tag words', exact: true })).toBeVisible();
  },
  'many changed at once': async (page) => {
    await go(page, '/bank');
    await page.getByRole('button', { name: 'Look over' }).click();
    await page.getByRole('menuitem', { name: /at once/ }).click();
    await page.getByRole('textbox', { name: 'Tag' }).fill('autumn');
    await expect(page.locator('mark').first()).toBeVisible();
  },
  Layouts: async (page) => {
    await go(page, '/layouts');
    await expect(page.getByRole('link', { name: 'Evening host' })).toBeVisible();
  },
  'a layout': async (page) => {
    await go(page, '/layouts');
    await page.getByRole('link', { name: 'Evening host' }).click();
    await expect(page.getByText('What was learned')).toBeVisible();
  },
  'Hand over': async (page) => {
    await go(page, '/hand-over');
    await page
      .getByRole('gridcell', { name: /changes?$/ })
      .first()
      .getByRole('button')
      .click();
    await fill(page, 'Fill 3 files');
    await expect(page.getByText(/Read back by other code: all/)).toHaveCount(4);
    await page.locator('.key-places summary').click();
    await page.getByLabel(/Spread them evenly/).check();
  },
  'a layout column by column': async (page) => {
    await go(page, '/layouts');
    await page.getByRole('button', { name: 'Build a layout column by column' }).click();
    await expect(page.getByRole('textbox', { name: 'Heading of column A' })).toBeVisible();
  },
  'a board': async (page) => {
    await go(page, '/layouts');
    await page.getByRole('button', { name: 'Use it: Categories by levels' }).click();
    await expect(page.getByRole('cell', { name: 'Category 2' })).toBeVisible();
  },
  'a sample of marked text': async (page) => {
    await go(page, '/layouts');
    await page.getByRole('button', { name: 'Use it: Marked text' }).click();
    await expect(page.getByText('before a question')).toBeVisible();
  },
  Rehearse: async (page) => {
    await go(page, '/rehearse');
  },
  'a team board': async (page) => {
    await go(page, '/rehearse');
    await page.getByText('Team board', { exact: true }).click();
    const book = read(readFileSync(demoPath('team-board.xlsx')));
    utils.sheet_add_aoa(book.Sheets['Board']!, [['What is a cill?'], ['a ledge']], {
      origin: 'B8',
    });
    await page.getByTestId('host-file').setInputFiles({
      name: 'board.xlsx',
      mimeType: 'application/octet-stream',
      buffer: Buffer.from(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer),
    });
    await page.getByRole('button', { name: 'Play the question' }).click();
    await expect(page.getByRole('table', { name: 'Board' })).toBeVisible();
  },
  'a form filled in': async (page) => {
    await go(page, '/rehearse');
    await page.getByText('Round form', { exact: true }).click();
    const text = 'form Two\n\nask A?\nopt x\nopt y\nkey 1\n\nask B?\nopt x\nopt y\nkey 1, 2\n';
    await page
      .getByTestId('host-file')
      .setInputFiles({ name: 'form.txt', mimeType: 'text/plain', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: 'Play the 2 questions' }).click();
    await expect(page.getByRole('radio', { name: 'x' })).toBeVisible();
  },
  Records: async (page) => {
    await go(page, '/records');
  },
  Help: async (page) => {
    await go(page, '/help');
  },
};
