// npm run soak [acts]: a working day in minutes. A seeded draw of acts on a bank of 5,000; nothing may pile up or slow down.
import type { CDPSession, Page } from '@playwright/test';
import { seeded } from '../src/core/shared/chance';
import { storeBank } from './large-bank';
import { cell, choose, COLUMN, demoText, expect, go, paste, test } from './person';

const ACTS = Number(process.env['COWSLIP_ACTS'] ?? 5000);
const QUESTIONS = 5000;
/** So often the page is measured; what it holds after the first time is what it may grow from. */
const MEASURES = 10;
/** No growth beyond a tenth, and as much time for an act; the clock of a busy machine is given more. */
const MOST_GROWTH = 1.1;
const MOST_SLOWER = 1.5;
const ROWS = 12;

/** A draw that is the same in every run. */
const random = seeded(20261129);
const draw = (below: number): number => Math.floor(random() * below);

type Measure = { memory: number; nodes: number; listeners: number; act: number };

async function measure(page: Page, session: CDPSession, times: number[]): Promise<Measure> {
  await go(page, '/bank');
  await expect(cell(page, 0, COLUMN.stem)).toBeVisible();
  // What is told of past acts is gone after a while, as it is for a person.
  await page.waitForTimeout(7000);
  await session.send('HeapProfiler.collectGarbage');
  await session.send('HeapProfiler.collectGarbage');
  const { metrics } = await session.send('Performance.getMetrics');
  const of = (name: string): number => metrics.find((one) => one.name === name)?.value ?? 0;
  const sorted = times.sort((a, b) => a - b);
  return {
    memory: of('JSHeapUsedSize'),
    nodes: of('Nodes'),
    listeners: of('JSEventListeners'),
    act: sorted[Math.floor(sorted.length / 2)] ?? 0,
  };
}

const search = (page: Page) => page.getByRole('searchbox').first();

/** What a person does all day, each beginning and ending with the bank in sight. */
const ACTS_OF_A_DAY: readonly ((page: Page, n: number) => Promise<void>)[] = [
  async (page, n) => {
    await cell(page, draw(ROWS), COLUMN.stem).click();
    await page.keyboard.type(`Typed ${n}?`);
    await page.keyboard.press('Enter');
    // The grid follows the cell, so that the first rows may be out of sight.
    await page.keyboard.press('Control+Home');
  },
  async (page, n) => {
    await cell(page, draw(ROWS), COLUMN.stem).click();
    await page.keyboard.type(`Typed and taken back ${n}`);
    await page.keyboard.press('Enter');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+Home');
  },
  async (page) => {
    await cell(page, draw(ROWS), COLUMN.right).click();
    for (let step = 0; step < 5; step++) {
      await page.keyboard.press(['ArrowDown', 'ArrowRight', 'PageDown', 'ArrowUp'][draw(4)]!);
    }
    await page.keyboard.press('Control+Home');
  },
  async (page) => {
    await search(page).fill(['windlass', 'gate', 'tag:autumn', '"which of"'][draw(4)]!);
    await page.waitForTimeout(150);
    await search(page).fill('');
  },
  async (page) => {
    await choose(page, 'Kind', 'card');
    await page.getByRole('button', { name: 'Show all' }).click();
  },
  async (page) => {
    await go(page, ['/gather', '/sets', '/layouts', '/results', '/records', '/draft'][draw(6)]!);
    await go(page, '/bank');
  },
  async (page) => {
    await go(page, '/hand-over');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await go(page, '/bank');
  },
  async (page) => {
    // In the bank a paste would fill cells.
    await go(page, '/gather');
    await paste(page, demoText('reply-with-faults.txt'));
    await page.getByRole('button', { name: 'Put away' }).click();
    await go(page, '/bank');
  },
];

test(`${ACTS} acts on a bank of ${QUESTIONS}`, async ({ page }) => {
  test.setTimeout(ACTS * 3000 + 120_000);
  // An act that can't be done is told, and not waited for until the day is over.
  page.setDefaultTimeout(20_000);
  await page.goto('/bank');
  await expect(page.getByRole('heading', { name: 'The bank is empty' })).toBeVisible();
  await storeBank(page, QUESTIONS);
  await page.goto('/bank');
  await expect(page.locator('.place-head .facts')).toHaveText(`${QUESTIONS} questions`);
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  // Each act twice: what is loaded and kept once, however long the day is, is there before the first measure.
  for (const act of [...ACTS_OF_A_DAY, ...ACTS_OF_A_DAY]) {
    await act(page, 0);
  }
  const measures: Measure[] = [];
  let times: number[] = [];
  for (let n = 1; n <= ACTS; n++) {
    const started = performance.now();
    await ACTS_OF_A_DAY[draw(ACTS_OF_A_DAY.length)]!(page, n);
    times.push(performance.now() - started);
    if (n % Math.floor(ACTS / MEASURES) === 0) {
      measures.push(await measure(page, session, times));
      times = [];
      const { memory, nodes, listeners, act } = measures.at(-1)!;
      console.log(
        `after ${n} acts: ${(memory / 1e6).toFixed(1)} MB, ${nodes} nodes, ${listeners} listeners, an act in ${act.toFixed(0)} ms`,
      );
    }
  }
  const [first, last] = [measures[0]!, measures.at(-1)!];
  expect(last.memory).toBeLessThan(first.memory * MOST_GROWTH);
  expect(last.nodes).toBeLessThan(first.nodes * MOST_GROWTH);
  expect(last.listeners).toBeLessThan(first.listeners * MOST_GROWTH);
  expect(last.act).toBeLessThan(first.act * MOST_SLOWER);
});
