// What a person does, in words that the tests share.
import {
  test as base,
  expect,
  type BrowserContext,
  type Locator,
  type Page,
} from '@playwright/test';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { demoBank } from '../tests/make';

export { expect };
export const demoPath = (name: string): string =>
  fileURLToPath(new URL(`../public/demo/${name}`, import.meta.url));
export const demoText = (name: string): string => readFileSync(demoPath(name), 'utf8');

/** The demo with its first sixty questions alone: tests count them. */
const SIXTY = { items: demoBank() };

/**
 * Every test also holds that nothing but our own host is asked, and that the page throws nothing. The demo has its first
 * sixty questions, and all that ships with the program where `wholeDemo` is set.
 */
export const test = base.extend<{ page: Page; wholeDemo: boolean }>({
  wholeDemo: [false, { option: true }],
  page: async ({ page, baseURL, wholeDemo }, use) => {
    if (!wholeDemo) {
      await page.route('**/demo/bank.json', (route) => route.fulfill({ json: SIXTY }));
    }
    const foreign: string[] = [];
    const thrown: string[] = [];
    page.on('request', (request) => {
      if (!request.url().startsWith(baseURL!) && !/^(?:data|blob):/.test(request.url())) {
        foreign.push(request.url());
      }
    });
    page.on('pageerror', (error) => thrown.push(error.message));
    await use(page);
    expect(foreign, 'requests to other hosts').toEqual([]);
    expect(thrown, 'errors in the page').toEqual([]);
  },
});

/** The clock goes on from ten in the morning, so that "in ten minutes" is never another day. */
export const atTen = (page: Page): Promise<void> =>
  page.clock.install({ time: new Date('2026-05-06T10:00:00') });

/** Opens the demo, and waits until it stands with so many questions. */
async function visitDemo(page: Page, questions: number): Promise<void> {
  await page.goto('/?demo');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText(String(questions));
  await expect(page.getByRole('link', { name: /^Layouts/ })).toContainText('3');
  await expect(page.getByTestId('save')).toHaveText(/Saved/);
}

/** The demo as it ships, for a page of its own. */
export const openWholeDemo = (page: Page): Promise<void> => visitDemo(page, 194);

type StorageState = Awaited<ReturnType<BrowserContext['storageState']>>;
/** The store as the first visit of this process left it: learning the demo's blanks again would be most of each visit. */
let afterFirstVisit: StorageState | undefined;

export async function openDemo(page: Page, path = '/gather'): Promise<void> {
  const isFirstPage = page.url() === 'about:blank';
  if (isFirstPage && afterFirstVisit) {
    await page.context().setStorageState(afterFirstVisit);
  }
  await visitDemo(page, SIXTY.items.length);
  if (isFirstPage) {
    afterFirstVisit ??= await page.context().storageState({ indexedDB: true });
  }
  await go(page, path);
}

const PLACES: Record<string, RegExp> = {
  '/gather': /^Gather/,
  '/draft': /^Draft/,
  '/bank': /^Bank/,
  '/sets': /^Sets/,
  '/layouts': /^Layouts/,
  '/hand-over': /^Hand over/,
  '/rehearse': /^Rehearse/,
  '/results': /^Results/,
  '/records': /^Records/,
  '/help': /^Help/,
};
export async function go(page: Page, path: string): Promise<void> {
  // Where there is little room the places stand behind a button.
  const places = page.getByRole('button', { name: 'Places', exact: true });
  if (await places.isVisible()) {
    await places.click();
  }
  await page
    .getByRole('navigation', { name: 'Places' })
    .getByRole('link', { name: PLACES[path]! })
    .click();
}

/** Chooses a word from a list that opens below its field. */
export async function choose(page: Page, label: string, word: string): Promise<void> {
  await page.getByRole('combobox', { name: label }).click();
  await page.getByRole('option', { name: word, exact: true }).click();
}

/** Fills the files, with the title that is offered where it is asked for. */
export async function fill(page: Page, button: string | RegExp): Promise<void> {
  await page.getByRole('button', { name: button }).click();
  const dialog = page.getByRole('dialog', { name: 'What is this set called?' });
  const filled = page.getByText(/Read back/).first();
  await expect(dialog.or(filled)).toBeVisible();
  if (await dialog.isVisible()) {
    // Nobody presses a key before the field has come up.
    await expect(dialog.getByRole('textbox')).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(dialog).toBeHidden();
  }
}

/** Puts text on the clipboard and presses Ctrl+V, as after a copy in another program. */
export async function paste(page: Page, text: string): Promise<void> {
  await page.evaluate((copied) => navigator.clipboard.writeText(copied), text);
  await page.keyboard.press('Control+v');
}

/** Drops a file on the middle of the page. */
export async function drop(
  page: Page,
  name: string,
  bytes: Buffer | Uint8Array,
  type = '',
): Promise<void> {
  await page.evaluate(
    async ({ name: fileName, content, type: kind }) => {
      const transfer = new DataTransfer();
      transfer.items.add(
        new File([Uint8Array.from(atob(content), (sign) => sign.charCodeAt(0))], fileName, {
          type: kind,
        }),
      );
      const send = (target: Element, event: string): boolean =>
        target.dispatchEvent(
          new DragEvent(event, { dataTransfer: transfer, bubbles: true, cancelable: true }),
        );
      const frame = (): Promise<unknown> => new Promise((done) => requestAnimationFrame(done));
      send(document.querySelector('main')!, 'dragenter');
      await frame();
      await frame();
      // What lies on top in the middle of the page is what a person would drop it on.
      const target = document.elementFromPoint(innerWidth / 2, innerHeight / 2)!;
      for (const event of ['dragenter', 'dragover', 'drop']) {
        send(target, event);
      }
    },
    { name, content: Buffer.from(bytes).toString('base64'), type },
  );
}

export const cell = (page: Page, row: number, column: number) =>
  page.locator(`#cell-${row}-${column}`);
/** The grid's columns by what they hold: A to D stand behind the stem. */
export const COLUMN = {
  ref: 0,
  stem: 1,
  A: 2,
  B: 3,
  C: 4,
  D: 5,
  right: 6,
  kind: 7,
  points: 8,
  seconds: 9,
  category: 10,
  tags: 11,
} as const;

/** Clicks, keys and drops of a person, counted. */
export class Acts {
  count = 0;
  async press(button: Locator): Promise<void> {
    this.count++;
    await button.click();
  }
  async key(page: Page, key: string): Promise<void> {
    this.count++;
    await page.keyboard.press(key);
  }
}
