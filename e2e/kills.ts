// npm run kills [number]: the browser, its page or a worker is killed in the midst of an act, again and again. What the page
// called saved must be there, and nothing may be there by half.
import { chromium, expect, test, type BrowserContext, type Page } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { strToU8, zipSync } from 'fflate';
import { shared } from '../playwright.shared';
import { seeded } from '../src/core/shared/chance';
import { demoBank } from '../tests/make';
import { DEMO, readStore, ROWS, type Store } from './kept';
import { cell, COLUMN, go, paste } from './person';

const KILLS = Number(process.env['COWSLIP_KILLS'] ?? 300);
const BATCH = 5;
const IMPORTED = 4;
/** So long after an act at most comes the kill: before it is saved as often as after. */
const LONGEST_WAIT_MS = 400;
/** So long is waited for what may be called saved. */
const PATIENCE_MS = 4000;

const folder = mkdtempSync(join(tmpdir(), 'cowslip-kills-'));
let context: BrowserContext;
const open = async (): Promise<Page> => {
  context = await chromium.launchPersistentContext(folder, {
    ...shared.use?.launchOptions,
    viewport: { width: 1280, height: 800 },
    permissions: ['clipboard-read', 'clipboard-write'],
  });
  return context.pages()[0] ?? context.newPage();
};

/** A draw that is the same in every run. */
const random = seeded(20261126);
const draw = (below: number): number => Math.floor(random() * below);
const pause = (milliseconds: number): Promise<void> =>
  new Promise((resolve) => setTimeout(resolve, milliseconds));
/** A time drawn anew; what is asked again and again pauses instead, for how often it asks is no part of the draw. */
const wait = (most: number): Promise<void> => pause(draw(most));

/** The ways in which a page ends; each gives the page that comes after it. */
const KILLERS: Readonly<Record<string, (page: Page) => Promise<Page>>> = {
  /** The process and all that belong to it, as a power cut would. */
  'the browser': () => {
    spawnSync('pkill', ['-9', '-f', folder]);
    return open();
  },
  'the page': async (page) => {
    const next = await context.newPage();
    await page.close({ runBeforeUnload: false });
    return next;
  },
  /** As the system does with tabs when memory runs short. */
  'the tab': async (page) => {
    const session = await context.newCDPSession(page);
    const next = await context.newPage();
    await Promise.race([session.send('Page.crash').catch(() => undefined), pause(500)]);
    await page.close();
    return next;
  },
  'its workers': async (page) => {
    const killed = page.workers().map((worker) => worker.evaluate(() => self.close()));
    await Promise.race([Promise.allSettled(killed), pause(500)]);
    await wait(LONGEST_WAIT_MS);
    return page;
  },
};

/** Whether something is so within the time that a person would wait. */
async function isSoon(isSo: () => Promise<boolean>): Promise<boolean> {
  for (const end = Date.now() + PATIENCE_MS; Date.now() < end;) {
    if (await isSo()) {
      return true;
    }
    await pause(100);
  }
  return false;
}

/** Whether the page says that all is saved. */
const saysSaved = (page: Page): Promise<boolean> =>
  page.evaluate(
    () => document.querySelector('[data-testid="save"]')?.textContent?.startsWith('Saved') === true,
  );
const countsInNavigation = (page: Page): Promise<number> =>
  page.evaluate(() => {
    const links = [...document.querySelectorAll('nav a')];
    const text = links.find((link) => link.textContent?.startsWith('Bank'))?.textContent ?? '';
    return Number(/\d+/.exec(text)?.[0] ?? 0);
  });

/** What is known of the store: each fact with all that it may be. */
class Known {
  readonly rows = new Map<number, Set<string>>();
  readonly batches = new Map<string, Set<number>>();
  readonly banks = new Map<string, Set<number>>();
  receipts: ReadonlySet<number> = new Set([0]);
  total = 0;

  /** How many questions the demo bank holds with what was gathered since. */
  get inDemo(): number {
    return [...this.batches.values()].reduce((sum, [count = 0]) => sum + count, this.total);
  }

  /** Holds what the store says against it, and knows it from now on. */
  meets(store: Store, when: string): void {
    for (const [row, texts] of this.rows) {
      expect([...texts], `row ${row} ${when}`).toContain(store.rows[row]);
      this.rows.set(row, new Set([store.rows[row]!]));
    }
    const told = [
      [this.batches, store.counts],
      [this.banks, store.banks],
    ] as const;
    for (const [known, found] of told) {
      for (const [name, counts] of known) {
        const count = found[name] ?? 0;
        expect([...counts], `${name} ${when}`).toContain(count);
        known.set(name, new Set([count]));
      }
    }
    expect(store.banks[DEMO], `all questions ${when}`).toBe(this.inDemo);
    expect([...this.receipts], `receipts ${when}`).toContain(store.receipts.length);
    this.receipts = new Set([store.receipts.length]);
    expect(store.receipts, `whole receipts ${when}`).not.toContain(false);
  }
}

const known = new Known();

/** An act up to the moment of the kill; it gives what tells whether it was called saved, and what is known where it was. */
type Act = (
  page: Page,
  n: number,
) => Promise<{ isSaved?: () => Promise<boolean>; learn?: () => void }>;

const takeBatch = async (page: Page, n: number): Promise<void> => {
  await go(page, '/gather');
  const lines = Array.from({ length: BATCH }, (_, k) => `Batch ${n} question ${k}?\tyes\tno\tA`);
  await paste(page, ['Question\tA\tB\tRight', ...lines].join('\n'));
  await page.getByRole('button', { name: `Take ${BATCH} questions into the bank` }).click();
};

const ACTS: Readonly<Record<string, Act>> = {
  editing: async (page, n) => {
    await go(page, '/bank');
    const row = draw(ROWS);
    const text = `Text ${n}`;
    const place = cell(page, row, COLUMN.stem);
    await expect(place).toBeVisible();
    const may = known.rows.get(row) ?? new Set([await place.innerText()]);
    await place.click();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
    known.rows.set(row, new Set([...may, text]));
    return {
      isSaved: async () => (await place.innerText()) === text && saysSaved(page),
      learn: () => known.rows.set(row, new Set([text])),
    };
  },
  gathering: async (page, n) => {
    await go(page, '/gather');
    known.batches.set(`Batch ${n}`, new Set([0]));
    await paste(page, `Question\tA\tB\tRight\nBatch ${n} question 0?\tyes\tno\tA`);
    return {};
  },
  agreeing: async (page, n) => {
    const before = await countsInNavigation(page);
    known.batches.set(`Batch ${n}`, new Set([0, BATCH]));
    await takeBatch(page, n);
    return {
      isSaved: async () => (await countsInNavigation(page)) === before + BATCH && saysSaved(page),
      learn: () => known.batches.set(`Batch ${n}`, new Set([BATCH])),
    };
  },
  undoing: async (page, n) => {
    const before = await countsInNavigation(page);
    known.batches.set(`Batch ${n}`, new Set([0, BATCH]));
    await takeBatch(page, n);
    await expect.poll(() => countsInNavigation(page)).toBe(before + BATCH);
    await page.getByRole('button', { name: 'Undo' }).click();
    return {
      isSaved: async () => (await countsInNavigation(page)) === before && saysSaved(page),
      learn: () => known.batches.set(`Batch ${n}`, new Set([0])),
    };
  },
  'importing a bank': async (page, n) => {
    const name = `Imported ${n}`;
    const items = demoBank().slice(0, IMPORTED);
    const bank = { format: 'question-bank', version: 1, name, items, layouts: [], sources: [] };
    const whole = { ...bank, receipts: [], pictures: {}, blanks: [] };
    known.banks.set(name, new Set([0, IMPORTED]));
    await page.getByTestId('bank-file').setInputFiles({
      name: `${name}.bank.zip`,
      mimeType: 'application/zip',
      buffer: Buffer.from(zipSync({ 'bank.json': strToU8(JSON.stringify(whole)) })),
    });
    return {
      isSaved: async () =>
        (await page.getByTestId('bank-name').innerText()).includes(name) &&
        (await countsInNavigation(page)) === IMPORTED &&
        saysSaved(page),
      learn: () => known.banks.set(name, new Set([IMPORTED])),
    };
  },
  'filling and taking the file': async (page, n) => {
    await go(page, '/hand-over');
    await page.getByRole('button', { name: /^Fill \d+ files?/ }).click();
    const title = page.getByRole('dialog', { name: 'What is this set called?' });
    const filled = page.getByText(/Read back/).first();
    await expect(title.or(filled)).toBeVisible();
    if (await title.isVisible()) {
      await page.keyboard.type(`Set ${n}`);
      await page.keyboard.press('Enter');
    }
    const take = page.getByRole('button', { name: 'Take the file' }).first();
    // The kill comes while the file is filled as often as when it is taken, with which its receipt is kept.
    if (draw(2) || !(await isSoon(() => take.isVisible()))) {
      return {};
    }
    await take.click();
    const { receipts } = known;
    known.receipts = new Set([...receipts, ...[...receipts].map((count) => count + 1)]);
    return {
      isSaved: async () =>
        (await page
          .getByText(/as meant\. Taken\./)
          .first()
          .isVisible()) && saysSaved(page),
      learn: () => (known.receipts = new Set([...receipts].map((count) => count + 1))),
    };
  },
};

/** Goes back to the demo's bank where another one is open. */
async function toDemo(page: Page): Promise<void> {
  const name = page.getByTestId('bank-name');
  await expect(name).not.toHaveText('');
  if (!(await name.innerText()).includes('Lock keepers')) {
    await name.click();
    await page.getByRole('menuitem', { name: 'Demo: lock keepers', exact: true }).click();
  }
  await expect.poll(() => countsInNavigation(page)).toBeGreaterThanOrEqual(known.total);
}

test(`${KILLS} kills in the midst of acts`, async ({ baseURL }) => {
  test.setTimeout(KILLS * 30_000 + 60_000);
  let page = await open();
  await page.goto(`${baseURL}/?demo`);
  await expect(page.getByTestId('save')).toHaveText(/^Saved/);
  await expect.poll(() => countsInNavigation(page)).toBeGreaterThan(ROWS);
  known.total = await countsInNavigation(page);
  const tally = new Map<string, number>();
  let acknowledged = 0;
  for (let n = 0; n < KILLS; n++) {
    const [doing, act] = Object.entries(ACTS)[draw(Object.keys(ACTS).length)]!;
    const [killed, kill] = Object.entries(KILLERS)[draw(Object.keys(KILLERS).length)]!;
    const { isSaved, learn } = await act(page, n);
    await wait(LONGEST_WAIT_MS);
    // Half of the kills come before anybody could know whether it was saved.
    if (draw(2) && isSaved && (await isSoon(isSaved))) {
      learn?.();
      acknowledged++;
    }
    page = await kill(page);
    const what = `${doing}, ${killed} killed`;
    tally.set(what, (tally.get(what) ?? 0) + 1);
    await page.goto(`${baseURL}/bank`);
    await toDemo(page);
    known.meets(await readStore(page), `after ${n + 1} kills (${what})`);
    await expect.poll(() => countsInNavigation(page)).toBe(known.inDemo);
  }
  console.log(`${KILLS} kills, ${acknowledged} acts called saved before them, none lost`);
  console.log([...tally].map(([what, times]) => `${times} × ${what}`).join('\n'));
  spawnSync('pkill', ['-9', '-f', folder]);
});
