// Another language: its file is fetched, and the page says nothing of its own that is not in it.
import { readdirSync, readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { demoText, expect, openDemo, paste, test } from './person';

const LIST = JSON.parse(
  readFileSync(new URL('../src/languages/en.json', import.meta.url), 'utf8'),
) as Record<string, string>;
/** A language that says everything as English does, between two signs. */
const OPEN = '⟦';
const CLOSE = '⟧';
const MADE_UP = Object.fromEntries(
  Object.keys(LIST).map((text) => [text, `${OPEN}${text}${CLOSE}`]),
);

/** What is shown as it is: files of the demo, and what the stand-ins say of themselves. */
const folder = (path: string): URL => new URL(`../${path}/`, import.meta.url);
const AS_IT_IS = [
  ...readdirSync(folder('public/demo')),
  ...readdirSync(folder('src/stand-ins'), { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.ts'))
    .map((name) => readFileSync(new URL(name, folder('src/stand-ins')), 'utf8')),
].join('\n');

/** Words on the page, seen or heard, that stand outside of the signs. */
async function englishOn(page: Page): Promise<string[]> {
  const found = await page.evaluate(
    ([open, close]) => {
      const within = new RegExp(`${open}[^${open}${close}]*${close}`, 'gu');
      const outside = (text: string): string => {
        let rest = text;
        for (let before = ''; before !== rest;) {
          before = rest;
          rest = rest.replace(within, ' ');
        }
        return rest.trim();
      };
      const isSaid = (element: Element): boolean =>
        element instanceof HTMLElement &&
        element.checkVisibility() &&
        // What a stand-in publishes stands in a counted list, as soon as it is there.
        !element.closest('script, style, [aria-hidden=true], ol');
      /** A part that is set off within a text is of that text. */
      const isPart = (element: Element): boolean =>
        outside(element.parentElement?.textContent ?? '') === '';
      const texts: string[] = [];
      for (const element of [...document.body.querySelectorAll('*')].filter(isSaid)) {
        const own = [...element.childNodes].filter((node) => node.nodeType === Node.TEXT_NODE);
        texts.push(
          isPart(element) ? '' : own.map((node) => node.textContent).join(' '),
          ...['aria-label', 'placeholder', 'title'].map((name) => element.getAttribute(name) ?? ''),
        );
      }
      return [...new Set(texts.map(outside).filter((text) => /\p{L}{2}/u.test(text)))];
    },
    [OPEN, CLOSE] as const,
  );
  return found.filter((text) => !AS_IT_IS.includes(text));
}

/** Waits until nothing on the page has changed for a while: what is fetched stands then as well. */
const quiet = (page: Page): Promise<void> =>
  page.evaluate(
    (ms) =>
      new Promise<void>((resolve) => {
        let timer = setTimeout(resolve, ms);
        new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(resolve, ms);
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
    600,
  );

const PLACES = [
  'gather',
  'draft',
  'bank',
  'sets',
  'layouts',
  'hand-over',
  'rehearse',
  'results',
  'records',
  'help',
];

/** Has the browser speak the made-up language from its next page on. */
async function speakMadeUp(page: Page): Promise<void> {
  await page.route('**/languages/qps.json', (route) => route.fulfill({ json: MADE_UP }));
  await page.addInitScript(() => localStorage.setItem('cowslip-language', 'qps'));
}

test('every place speaks the language that was chosen', async ({ page }) => {
  await speakMadeUp(page);
  for (const place of PLACES) {
    await page.goto(`/${place}`);
    await expect(page.getByRole('heading', { level: 1 })).toContainText(OPEN);
    await quiet(page);
    expect(await englishOn(page), place).toEqual([]);
  }
  await page.goto('/layouts');
  await expect(page.getByRole('listitem').filter({ hasText: 'QTI 3.0' })).toBeVisible();
  expect(await englishOn(page), 'the plain layouts').toEqual([]);
  await expect(page.locator('html')).toHaveAttribute('lang', 'qps');
});

test('what the worker understood and noticed is said in the language as well', async ({ page }) => {
  await speakMadeUp(page);
  await page.goto('/gather');
  await expect(page.getByRole('heading', { level: 1 })).toContainText(OPEN);
  await paste(page, demoText('reply-with-faults.txt'));
  const main = page.getByRole('main');
  await expect(
    main.getByText(/⟦E4 says E, but there are 3 options \(⟦A to C⟧\)\. Choose the right one\.⟧/),
  ).toBeVisible();
  await expect(main.getByText(/^The question ends in an ellipsis/)).toHaveCount(0);
});

for (const [locale, time] of [
  ['en-US', /^Saved \d{2}:\d{2} [AP]M$/],
  ['de-AT', /^Saved \d{2}:\d{2}$/],
] as const) {
  test.describe(`for ${locale}`, () => {
    test.use({ locale });
    test('moments are written as the user’s own region writes them', async ({ page }) => {
      await openDemo(page);
      await expect(page.getByTestId('save')).toHaveText(time);
    });
  });
}
