// npm run bench: the page with banks of 100 to 50,000 questions: one table of times, and how each grows with the bank.
import type { Page } from '@playwright/test';
import { storeBank } from './large-bank';
import { cell, choose, COLUMN, expect, go, test } from './person';
import { tell } from './telling';

const SIZES = (process.env['COWSLIP_SIZES'] ?? '100,1000,10000,50000').split(',').map(Number);
/** What is quicker than a frame or two tells of no growth. */
const FEWEST_MS = 5;

/** An act that takes longer than this is taken for one that never ends. */
const MOST_MS = 60_000;

/** A condition that is looked at in the page at each frame. */
type Awaited = { selector: string; says: string; not?: boolean };
type Watch = { begun: number; met: number; long: number[] };

/** Begins to watch: the clock starts with the last key, click or input, and stops at the first frame that says so. */
const begin = (page: Page, awaited: Awaited): Promise<void> =>
  page.evaluate(({ selector, says, not }) => {
    const watch: Watch = { begun: 0, met: 0, long: [] };
    (window as unknown as { watch: Watch }).watch = watch;
    const acts = new AbortController();
    for (const name of ['keydown', 'click', 'input']) {
      const hear = (): void => {
        watch.begun = performance.now();
      };
      window.addEventListener(name, hear, { capture: true, signal: acts.signal });
    }
    const tasks = new PerformanceObserver((list) =>
      list.getEntries().forEach((entry) => watch.long.push(Math.round(entry.duration))),
    );
    tasks.observe({ type: 'longtask' });
    const look = (): void => {
      const text = document.querySelector(selector)?.textContent;
      const isMet = text !== undefined && new RegExp(says).test(text ?? '') !== Boolean(not);
      if (!watch.begun || !isMet) {
        requestAnimationFrame(look);
        return;
      }
      watch.met = performance.now();
      acts.abort();
      setTimeout(() => tasks.disconnect(), 500);
    };
    requestAnimationFrame(look);
  }, awaited);

type Timed = { time: number; longest: number };

/** How long it takes from the last event of an act until the page says that it is done. */
async function timed(page: Page, act: () => Promise<void>, awaited: Awaited): Promise<Timed> {
  await begin(page, awaited);
  await act();
  await page.waitForFunction(
    () => (window as unknown as { watch: Watch }).watch.met > 0,
    undefined,
    { timeout: MOST_MS },
  );
  await page.waitForTimeout(600);
  const watch = await page.evaluate(() => (window as unknown as { watch: Watch }).watch);
  return { time: watch.met - watch.begun, longest: Math.max(0, ...watch.long) };
}

const FACTS = '.place-head .facts';
const search = (page: Page) => page.getByRole('searchbox', { name: 'Search the questions' });

/** Opens the dialog for many at once on those in view, and chooses what is done. */
async function changeMany(page: Page, act: string): Promise<void> {
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: /^Change \d+ questions at once/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('combobox', { name: /^What is done to/ })
    .click();
  await page.getByRole('option', { name: act, exact: true }).click();
}

/** Times an act and keeps it under its name. */
type Add = (name: string, act: () => Promise<void>, awaited: Awaited) => Promise<void>;

async function inTheBank(page: Page, size: number, add: Add): Promise<void> {
  await add('filter by kind', () => choose(page, 'Kind', 'card'), {
    selector: 'main',
    says: `\\d of ${size}`,
  });
  await choose(page, 'Kind', 'every kind');
  await add('search', () => search(page).fill('windlass'), {
    selector: 'main',
    says: `\\d of ${size}`,
  });
  await search(page).fill('');
  await expect(page.locator(FACTS)).toHaveText(new RegExp(`^${size} questions`));
  const heading = page
    .getByRole('columnheader')
    .filter({ hasText: 'Question' })
    .getByText('Question');
  await heading.click();
  await expect(cell(page, 0, COLUMN.stem)).toHaveText(/^Question 1:/);
  await add('sort', () => heading.click(), {
    selector: `#cell-0-${COLUMN.stem}`,
    says: '^Question 1:',
    not: true,
  });
  await heading.click();
  await expect(cell(page, 0, COLUMN.stem)).toHaveText(/^Question 1:/);
  await cell(page, 0, COLUMN.stem).click();
  await page.keyboard.press('F2');
  await add('keystroke in a cell', () => page.keyboard.press('x'), {
    selector: `#cell-0-${COLUMN.stem}`,
    says: '',
  });
  await page.keyboard.press('Escape');
  await choose(page, 'Kind', 'card');
  await changeMany(page, 'Add a tag');
  await page.getByRole('dialog').getByRole('textbox').first().fill('tonight');
  const button = page.getByRole('dialog').getByRole('button', { name: /^Change \d+ questions?$/ });
  await expect(button).toBeEnabled();
  await add('tag those in view', () => button.click(), {
    selector: 'body',
    says: 'questions? changed\\. Undo',
  });
  await expect(page.getByTestId('save')).toHaveText(/^Saved/, { timeout: 60_000 });
  await expect(page.getByText(/questions? changed\. Undo/)).toBeHidden({ timeout: 60_000 });
  await choose(page, 'Kind', 'every kind');
  await changeMany(page, 'Find and replace');
  await page.getByRole('dialog').getByRole('textbox', { name: 'Find' }).fill('paddle');
  await add(
    'find over all fields',
    () => page.getByRole('dialog').getByRole('textbox', { name: 'Replace with' }).fill('sluice'),
    { selector: '.mantine-Modal-content mark', says: 'sluice' },
  );
  await add('replace', () => button.click(), {
    selector: 'body',
    says: 'questions? changed\\. Undo',
  });
  await expect(page.getByTestId('save')).toHaveText(/^Saved/, { timeout: 120_000 });
  const stems = await page.locator(`[id^="cell-"][id$="-${COLUMN.stem}"]`).allInnerTexts();
  const row = stems.findIndex((stem) => stem.includes('sluice'));
  await add('undo it', () => page.getByRole('button', { name: 'Undo' }).click(), {
    selector: `#cell-${row}-${COLUMN.stem}`,
    says: 'paddle',
  });
  await expect(page.getByTestId('save')).toHaveText(/^Saved/, { timeout: 120_000 });
}

async function elsewhere(page: Page, add: Add): Promise<void> {
  await add('to another place', () => go(page, '/sets'), {
    selector: 'main h1',
    says: 'No set yet',
  });
  await page.getByRole('button', { name: 'New set' }).click();
  await page.getByText('By a plan').click();
  await page.getByRole('button', { name: 'A line for each category' }).click();
  const draw = page.getByRole('button', { name: /^Draw \d+ questions?/ });
  await expect(draw).toBeVisible();
  await add('draw by a plan', () => draw.click(), {
    selector: '[data-testid="facts-of-set"]',
    says: '[1-9]\\d* questions?',
  });
  await add('back to the bank', () => go(page, '/bank'), {
    selector: `#cell-0-${COLUMN.stem}`,
    says: '.',
  });
}

/** The exponent by which a time grows with the size: the slope of a straight line through their logarithms. */
function exponent(times: readonly number[]): number {
  const points = SIZES.flatMap((size, index): [number, number][] =>
    times[index]! > FEWEST_MS ? [[Math.log(size), Math.log(times[index]!)]] : [],
  );
  const mean = (list: number[]): number => list.reduce((sum, one) => sum + one, 0) / list.length;
  const [mx, my] = [mean(points.map(([x]) => x)), mean(points.map(([, y]) => y))];
  const over = points.reduce((sum, [x, y]) => sum + (x - mx) * (y - my), 0);
  return over / points.reduce((sum, [x]) => sum + (x - mx) ** 2, 0);
}

test('acts at every size', async ({ browser, baseURL }) => {
  test.setTimeout(1_800_000);
  const bySize: Map<string, Timed>[] = [];
  for (const size of SIZES) {
    const context = await browser.newContext({ baseURL, reducedMotion: 'reduce' });
    const page = await context.newPage();
    await page.goto('/bank');
    await expect(page.getByRole('heading', { name: 'The bank is empty' })).toBeVisible();
    await storeBank(page, size);
    await page.goto('/bank');
    await expect(page.locator(FACTS)).toHaveText(new RegExp(`^${size} questions`), {
      timeout: 120_000,
    });
    const painted = await page.evaluate(() => performance.now());
    await page.waitForTimeout(1500);
    const times = new Map<string, Timed>();
    const add: Add = async (name, act, awaited) => {
      times.set(name, await timed(page, act, awaited));
    };
    await inTheBank(page, size, add);
    await elsewhere(page, add);
    times.set('open, all counted', { time: painted, longest: 0 });
    const session = await context.newCDPSession(page);
    await session.send('HeapProfiler.collectGarbage');
    const { usedSize } = await session.send('Runtime.getHeapUsage');
    times.set('memory of the page, MB', { time: usedSize / 1e6, longest: 0 });
    bySize.push(times);
    console.log(
      size,
      Object.fromEntries([...times].map(([name, { time }]) => [name, Math.round(time)])),
    );
    await context.close();
  }
  tell(`act | ${SIZES.join(' | ')} | grows as n to the`);
  for (const name of bySize[0]!.keys()) {
    const cells = bySize.map((times) => times.get(name)!);
    const said = cells.map(
      ({ time, longest }) => `${time.toFixed(0)}${longest ? ` (longest task ${longest})` : ''}`,
    );
    tell(`${name} | ${said.join(' | ')} | ${exponent(cells.map(({ time }) => time)).toFixed(2)}`);
  }
});
