// Rehearsing as people do it: learners in windows of their own, a board for teams, a form whose responses become results.
import { read, utils } from '@e965/xlsx';
import type { Page } from '@playwright/test';
import { workbook } from './files';
import { atTen, demoPath, expect, go, openDemo, test } from './person';
import { readFileSync } from 'node:fs';

/** Fills the demo blank for the live host and hands it in. */
async function handInLive(page: Page): Promise<void> {
  await openDemo(page, '/rehearse');
  const book = read(readFileSync(demoPath('evening-host.xlsx')));
  const sheet = book.Sheets['Round']!;
  utils.sheet_add_aoa(
    sheet,
    [
      [
        'What does a paddle let through a lock gate?',
        '2',
        'Boats',
        'Water',
        'Walkers',
        '',
        'one right answer',
        15,
      ],
      [
        'Which way do mitre gates point?',
        '1',
        'Towards the higher water',
        'Towards the lower water',
        'To the towpath',
        '',
        'one right answer',
        15,
      ],
    ],
    { origin: 'C8' },
  );
  for (let row = 10; row < 20; row++) {
    for (const column of 'CDEFGHIJ') {
      delete sheet[`${column}${row}`];
    }
  }
  sheet['D4'] = { t: 's', v: 'Evening' };
  await page.getByTestId('host-file').setInputFiles(workbook('evening.xlsx', book));
  await expect(page.getByTestId('import-answer')).toHaveText('2 taken, 0 refused');
}

test('two learners in windows of their own answer a live round, and their answers go to Results', async ({
  page,
  context,
}) => {
  await handInLive(page);
  await page.getByRole('button', { name: 'Play with learners' }).click();
  const join = page.getByRole('link', { name: 'Open a learner’s window' });
  const windows: Page[] = [];
  for (const n of [1, 2]) {
    const [opened] = await Promise.all([context.waitForEvent('page'), join.click()]);
    await expect(opened.getByText(`You are in as Learner ${n}.`)).toBeVisible();
    windows.push(opened);
  }
  await expect(page.getByTestId('round-facts')).toContainText('2 learners in');
  const [ada, ben] = windows as [Page, Page];
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(
    ada.getByRole('heading', { name: 'What does a paddle let through a lock gate?' }),
  ).toBeFocused();
  await ada.getByRole('button', { name: 'Water' }).click();
  await expect(page.getByTestId('round-facts')).toContainText('1 of 2 answered');
  await ben.getByRole('button', { name: 'Walkers' }).click();
  // All have answered: what is right is shown at once, in every window.
  await expect(ada.getByText('Right.', { exact: true })).toBeVisible();
  await expect(ben.getByText('Not this time.')).toBeVisible();
  await expect(page.getByRole('table', { name: 'Scores' })).toContainText('Learner 1');
  await page.getByRole('button', { name: 'Next question' }).click();
  await ada.getByRole('button', { name: 'Towards the higher water' }).click();
  await ben.getByRole('button', { name: 'Towards the higher water' }).click();
  await page.getByRole('button', { name: 'To the end' }).click();
  await expect(ada.getByText('Learner 1: 2 of 2 right, place 1 of 2.')).toBeVisible();
  await expect(ben.getByText('Learner 2: 1 of 2 right, place 2 of 2.')).toBeVisible();
  await page.getByRole('button', { name: 'See the answers in Results' }).click();
  await expect(page.getByTestId('sitting-facts')).toContainText('2 learners');
});

test('a board goes out filled without touching its frame, and teams play it', async ({ page }) => {
  await openDemo(page, '/layouts');
  await page.getByTestId('blank-file').setInputFiles(demoPath('team-board.xlsx'));
  await expect(page.getByText(/6 categories stand across and 5 levels down/).first()).toBeVisible();
  await go(page, '/rehearse');
  await page.getByText('Team board', { exact: true }).click();
  const book = read(readFileSync(demoPath('team-board.xlsx')));
  utils.sheet_add_aoa(
    book.Sheets['Board']!,
    [
      ['What is a cill?', 'What is a weir?'],
      ['a ledge', 'a low wall'],
    ],
    {
      origin: 'B8',
    },
  );
  await page.getByTestId('host-file').setInputFiles(workbook('board.xlsx', book));
  await expect(page.getByTestId('import-answer')).toHaveText('2 taken, 0 refused');
  await page.getByRole('button', { name: 'Play the 2 questions' }).click();
  await page.getByRole('button', { name: 'Lane 1, worth 5' }).click();
  await expect(page.getByRole('heading', { name: 'What is a cill?' })).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('a ledge', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Right: 5 for Team 1' }).click();
  await expect(page.getByRole('textbox', { name: 'Score of Team 1' })).toHaveValue('5');
  await expect(page.getByRole('button', { name: 'Lane 1, worth 5, done' })).toBeDisabled();
  await page.getByRole('button', { name: 'Lane 2, worth 5' }).click();
  await page.getByRole('button', { name: 'Show the answer' }).click();
  await page.getByRole('button', { name: 'Not right' }).click();
  await expect(page.getByText('All squares are done. Team 1 with 5.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Score of Team 2' }).fill('8');
  await expect(page.getByText('All squares are done. Team 2 with 8.')).toBeVisible();
});

test('a form is filled in, and its responses are read by Results with the key aside', async ({
  page,
}) => {
  await openDemo(page, '/rehearse');
  await page.getByText('Round form', { exact: true }).click();
  const text = [
    'form Two about locks',
    '',
    'ask What does a paddle let through a lock gate?',
    'opt Boats',
    'opt Water',
    'opt Walkers',
    'key 2',
    '',
    'ask Which way do mitre gates point?',
    'opt Towards the higher water',
    'opt Towards the lower water',
    'key 1',
    '',
    'ask Nobody knows?',
    'opt x',
  ].join('\n');
  await page
    .getByTestId('host-file')
    .setInputFiles({ name: 'form.txt', mimeType: 'text/plain', buffer: Buffer.from(text) });
  await expect(page.getByTestId('import-answer')).toHaveText('2 taken, 1 refused');
  await page.getByRole('button', { name: 'Play the 2 questions' }).click();
  for (const [first, second] of [
    ['Water', 'Towards the higher water'],
    ['Boats', 'Towards the higher water'],
  ]) {
    await page.getByRole('radio', { name: first!, exact: true }).check();
    await page.getByRole('radio', { name: second!, exact: true }).check();
    await page.getByRole('button', { name: 'Send', exact: true }).click();
  }
  await expect(page.getByTestId('responses')).toHaveText(/^2 responses besides the key/);
  await page.getByRole('button', { name: 'See them in Results' }).click();
  await expect(page.getByTestId('sitting-facts')).toContainText('2 learners, 2 questions');
});

test('cards that were known come again on another day, also after the page was closed', async ({
  page,
}) => {
  await atTen(page);
  await openDemo(page, '/rehearse');
  const [head] = readFileSync(demoPath('card-box.tsv'), 'utf8').split('\n');
  const lines = ['weir\ta low wall\tWords', 'cill\ta ledge\tWords', 'pound\tlevel water\tWords'];
  const cards = {
    name: 'cards.tsv',
    mimeType: 'text/tab-separated-values',
    buffer: Buffer.from([head, ...lines].join('\n')),
  };
  const play = async (): Promise<void> => {
    await page.getByText('Card box', { exact: true }).click();
    await page.getByTestId('host-file').setInputFiles(cards);
    await page.getByRole('button', { name: 'Play the 3 cards' }).click();
  };
  await play();
  // Each card is known twice: the second time it waits for another day.
  for (let turn = 0; turn < 6; turn++) {
    await page.getByRole('button', { name: 'Turn the card' }).click();
    await page.keyboard.press('j');
  }
  await expect(page.getByTestId('boxes')).toContainText('due today: 0 · later: 3');
  await expect(page.getByTestId('again')).toContainText('It comes again on');
  await page.reload();
  await play();
  await expect(page.getByTestId('boxes')).toContainText('due today: 0 · later: 3');
  await page.getByRole('button', { name: /^Go on to / }).click();
  await expect(page.getByTestId('boxes')).toContainText('due today: 3 · later: 0');
});

test('a course is practised with a hint and a second try, and then answered for points by section', async ({
  page,
}) => {
  await openDemo(page, '/rehearse');
  const [head] = readFileSync(demoPath('course-shelf.csv'), 'utf8').split(/\r?\n/);
  const lines = [
    'C1;What floats?;*cork;lead;;;;2;Cork is light.;Wood;It bobs.;2;',
    'C2;What sinks?;cork;*lead;*iron;;;3;;Metal;;1;scored',
  ];
  await page.getByText('Course shelf', { exact: true }).click();
  await page.getByTestId('host-file').setInputFiles({
    name: 'course.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from([head, ...lines].join('\n')),
  });
  await expect(page.getByTestId('import-answer')).toHaveText('2 taken, 0 refused');
  await page.getByRole('button', { name: 'Play the 2 questions' }).click();
  await expect(page.getByText('Wood: 1 question')).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Show the hint' }).click();
  await expect(page.getByText('Hint: It bobs.')).toBeVisible();
  await page.getByLabel('lead').check();
  await page.getByRole('button', { name: 'Answer' }).click();
  await expect(page.getByText('Not yet: 1 more to try.')).toBeVisible();
  await page.getByLabel('cork').check();
  await page.getByRole('button', { name: 'Answer' }).click();
  await expect(page.getByText('Cork is light.')).toBeVisible();
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByRole('heading', { name: '2 of 2 points' })).toBeVisible();

  await page.getByRole('button', { name: 'Once more' }).click();
  await page.getByText('Scored', { exact: true }).click();
  await expect(page.getByText('Metal: 1 question')).toBeVisible();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByLabel('cork').check();
  await page.getByRole('button', { name: 'Answer' }).click();
  await page.getByLabel('iron').check();
  await page.getByRole('button', { name: 'Answer' }).click();
  await expect(page.getByRole('heading', { name: '2 of 5 points' })).toBeVisible();
  await expect(page.getByRole('row', { name: 'Metal 0 3' })).toBeVisible();
  await expect(page.getByText('What sinks? lead; iron — not answered so')).toBeVisible();
  await page.getByRole('button', { name: 'Once more' }).click();
  await expect(page.getByText('1 scored attempt so far; the best has 2 points.')).toBeVisible();
});
