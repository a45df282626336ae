import { unzipSync } from 'fflate';
import { contributorSheets } from '../src/core/pipeline/sheets';
import { csv, filledSheet, type AtHand } from './files';
import { expect, openDemo, test } from './person';

test('several files are dropped at once: each shows its state, all survive a reload, all are taken in one go', async ({
  page,
}) => {
  await openDemo(page);
  const before = 60;
  const group = (n: number): AtHand =>
    csv(
      `group-${n}.csv`,
      'Question,A,B,C,Right',
      `Which gate opens first at lock ${n}?,upper,lower,none,A`,
      `Who holds the key of lock ${n}?,keeper,boater,nobody,A`,
    );
  await page.getByTestId('source-file').setInputFiles([group(1), group(2), group(3)]);
  const tray = page.getByRole('region', { name: 'Sources that wait' });
  await expect(tray.getByRole('listitem')).toHaveCount(3);
  await expect(tray.getByText('2 questions')).toHaveCount(3);
  // One question is left out by hand; the choice is still there after a reload.
  await tray.getByRole('button', { name: 'group-2.csv', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'group-2.csv' })).toBeVisible();
  await page.getByRole('button', { name: 'Leave out' }).first().click();
  await expect(tray.getByText('1 question', { exact: true })).toBeVisible();
  await page.waitForTimeout(500);
  await page.reload();
  await expect(tray.getByRole('listitem')).toHaveCount(3);
  await expect(tray.getByText('1 question', { exact: true })).toBeVisible();
  await tray.getByRole('button', { name: 'Take all 5 questions' }).click();
  await expect(page.getByText('5 questions from 3 sources are in the bank')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText(String(before + 5));
});

/** Sheets that went out to groups, with the rows that each wrote. */
function sheetsBack(rows: Record<string, string[][]>): AtHand[] {
  const groups = Object.keys(rows).map((name) => ({ name, rows: 5 }));
  const sheets = unzipSync(contributorSheets({ groups, setTitle: 'Autumn evening' }));
  return groups.map(({ name }) =>
    filledSheet(`${name}.xlsx`, sheets[`${name}.xlsx`]!, rows[name]!),
  );
}

test('six hands: sheets that came back say who wrote what, with a note to each, and are taken at once', async ({
  page,
}) => {
  const cill = ['What is a cill under the lower gate?', 'a ledge', 'a rope', 'a bell', '', 'A'];
  const files = sheetsBack({
    'Group A': [cill, ['Who opens the paddles of a lock?', 'the crew', 'the fish', '', '', 'A']],
    'Group B': [cill, ['What holds a boat in the chamber?', 'a rope', 'a bell', '', '', '']],
    'Group C': [],
  });
  await openDemo(page, '/gather');
  await page.getByTestId('source-file').setInputFiles(files);
  await page.getByRole('button', { name: 'Who wrote what' }).click();
  const dialog = page.getByRole('dialog', { name: 'Who wrote what' });
  await expect(dialog.getByRole('status')).toHaveText(
    '4 questions from 3 sources; 1 double; nothing yet from Group C.',
  );
  const second = dialog.getByRole('row', { name: /^Group B/ });
  await expect(second).toContainText('is like one of Group A.');
  await expect(second).toContainText('No option is marked as right');
  await second.getByRole('button', { name: 'Copy the note to Group B' }).click();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain(
    'Group B: 2 questions came in. Thank you.',
  );
  await dialog.getByRole('button', { name: 'Close' }).last().click();
  await page.getByRole('button', { name: 'Take all 3 questions' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('63');
});
