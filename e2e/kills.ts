// npm run kills [number]: the browser is killed in mid-edit, again and again; what the page called saved must be there.
import { chromium, expect, test, type Page } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { shared } from '../playwright.shared';
import { seeded } from '../src/core/shared/chance';
import { cell, COLUMN } from './person';

const KILLS = Number(process.env['COWSLIP_KILLS'] ?? 300);
const ROWS = 8;
/** So long after an edit at most the browser is killed: before it is saved as often as after. */
const LONGEST_WAIT_MS = 160;

const folder = mkdtempSync(join(tmpdir(), 'cowslip-kills-'));
const open = async (): Promise<Page> => {
  const context = await chromium.launchPersistentContext(folder, {
    ...shared.use?.launchOptions,
    viewport: { width: 1280, height: 800 },
  });
  return context.pages()[0] ?? context.newPage();
};

/** The process and all that belong to it, as a power cut would. */
const kill = (): void => {
  spawnSync('pkill', ['-9', '-f', folder]);
};

/** A draw that is the same in every run. */
const random = seeded(20261126);
const draw = (below: number): number => Math.floor(random() * below);

/** Whether the page says that all is saved, with this text on it. */
const isSaved = (page: Page, text: string): Promise<boolean> =>
  page.evaluate((wanted) => {
    const say = (id: string): string =>
      document.querySelector(`[data-testid="${id}"]`)?.textContent ?? '';
    return say('save').startsWith('Saved') && say('grid').includes(wanted);
  }, text);

test(`${KILLS} kills in mid-edit`, async ({ baseURL }) => {
  test.setTimeout(KILLS * 20_000);
  let page = await open();
  await page.goto(`${baseURL}/?demo`);
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  /** What each row may say: the last text that was called saved, and any that was typed after it. */
  const may = new Map<number, string[]>();
  let acknowledged = 0;
  for (let n = 0; n < KILLS; n++) {
    await page.goto(`${baseURL}/bank`);
    await expect(cell(page, 0, COLUMN.stem)).toBeVisible();
    for (const [row, texts] of may) {
      const text = await cell(page, row, COLUMN.stem).innerText();
      expect(texts, `row ${row} after ${n} kills`).toContain(text);
      may.set(row, [text]);
    }
    const row = draw(ROWS);
    const text = `Text ${n}`;
    await cell(page, row, COLUMN.stem).click();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    may.set(row, [...(may.get(row) ?? [await cell(page, row, COLUMN.stem).innerText()]), text]);
    await new Promise((resolve) => setTimeout(resolve, draw(LONGEST_WAIT_MS)));
    // Half of the kills come before anybody could know whether it was saved.
    if (draw(2) && (await isSaved(page, text))) {
      may.set(row, [text]);
      acknowledged++;
    }
    kill();
    page = await open();
  }
  console.log(`${KILLS} kills, ${acknowledged} edits acknowledged before them, none lost`);
  kill();
});
