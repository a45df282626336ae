// A board by six groups as one job: sheets go out, come back filled, fill the board's blank without touching its frame, and the
// board is played for team scores.
import { readFileSync } from 'node:fs';
import { read, utils, type WorkBook } from '@e965/xlsx';
import { unzipSync } from 'fflate';
import { bring, filledSheet, workbook } from './files';
import { demoPath, expect, fill, go, openDemo, test } from './person';

const GROUPS = ['Ash', 'Birch', 'Cedar', 'Damson', 'Elder', 'Fir'];
const rowsOf = (book: WorkBook): string[][] =>
  utils.sheet_to_json<string[]>(book.Sheets['Board']!, { header: 1, defval: '', raw: false });

test('six groups write a board, and teams play it', async ({ page }) => {
  await openDemo(page, '/layouts');
  for (const other of ['Card box', 'Course shelf', 'Evening host']) {
    await page.getByRole('checkbox', { name: `${other} in view` }).uncheck();
  }
  await page.getByTestId('blank-file').setInputFiles(demoPath('team-board.xlsx'));
  await expect(page.getByText(/6 categories stand across and 5 levels down/).first()).toBeVisible();

  // Out: a sheet for each group, which writes for a lane of its own.
  await go(page, '/bank');
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: 'Sheets for contributors …' }).click();
  const dialog = page.getByRole('dialog', { name: 'Sheets for contributors' });
  await dialog
    .getByRole('textbox', { name: 'Who writes' })
    .fill(GROUPS.map((name, n) => `${name}; Lane ${n + 1}`).join('\n'));
  await dialog.getByRole('combobox', { name: 'Kinds' }).press('ArrowDown');
  await page.getByRole('option', { name: 'short answer' }).click();
  await page.getByRole('option', { name: 'one right' }).click();
  await page.keyboard.press('Escape');
  const [zip] = await Promise.all([
    page.waitForEvent('download'),
    dialog.getByRole('button', { name: 'Make 6 sheets' }).click(),
  ]);
  const sheets = unzipSync(readFileSync(await zip.path()));
  expect(Object.keys(sheets).sort()).toEqual(GROUPS.map((name) => `${name}.xlsx`));

  // Back: each group wrote five questions, in another program.
  const back = GROUPS.map((name, n) => {
    const rows = Array.from({ length: 5 }, (_, row) => [
      `What is rule ${row + 1} of the ${name.toLowerCase()} reach?`,
      `${name} answer ${row + 1}`,
      row === 0 ? `Told on day ${n + 1}.` : '',
    ]);
    return filledSheet(`${name}.xlsx`, sheets[`${name}.xlsx`]!, rows);
  });
  await go(page, '/gather');
  await bring(page, ...back);
  await page.getByRole('button', { name: 'Take all 30 questions' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('90');

  // Into the board's blank: only these thirty, each group in its lane.
  await go(page, '/bank');
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('"reach?" kind:short');
  await page.getByRole('button', { name: 'Hand over these 30' }).click();
  await fill(page, /^Fill/);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: /^Take .*\.xlsx$/ }).click(),
  ]);
  const filled = readFileSync(await download.path());
  const [blank, board] = [readFileSync(demoPath('team-board.xlsx')), filled].map((bytes) =>
    rowsOf(read(bytes)),
  ) as [string[][], string[][]];
  expect(board[0]).toEqual(blank[0]);
  expect(board.slice(0, 11).map(([first]) => first)).toEqual(
    blank.slice(0, 11).map(([first]) => first),
  );
  GROUPS.forEach((name, n) => {
    const lane = board.slice(1, 11).map((row) => row[n + 1]!);
    expect(lane.filter((_, row) => row % 2 === 1).sort()).toEqual(
      [1, 2, 3, 4, 5].map((row) => `${name} answer ${row}`),
    );
  });

  // Played: six teams, and the scores stand with each of them.
  await go(page, '/rehearse');
  await page.getByText('Team board', { exact: true }).click();
  await page.getByTestId('host-file').setInputFiles(workbook('board.xlsx', filled));
  await expect(page.getByTestId('import-answer')).toHaveText('30 taken, 0 refused');
  await page.getByRole('button', { name: 'Play the 30 questions' }).click();
  await page.getByRole('button', { name: 'Lane 3, worth 8' }).click();
  await expect(page.getByRole('heading', { name: /of the cedar reach\?$/ })).toBeVisible();
  await page.getByRole('button', { name: 'Show the answer' }).click();
  await expect(page.getByText(/^Cedar answer \d$/)).toBeVisible();
  await page.getByRole('button', { name: 'Right: 8 for Team 1' }).click();
  await expect(page.getByRole('textbox', { name: 'Score of Team 1' })).toHaveValue('8');
  await expect(page.getByRole('button', { name: 'Lane 3, worth 8, done' })).toBeDisabled();
});
