// One receiver with a blank for each kind: one column, each question in the file that takes it, the files together.
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { drop, expect, fill, go, openDemo, test } from './person';

const CHOICES =
  'Question,Answer A,Answer B,Answer C,Answer D,Correct\nWhich opens a gate?,the keeper,the crew,nobody,the wind,A\n';
const STATEMENTS = 'Statement,True or false\nA gate holds water.,True\nA gate sings.,False\n';

async function teach(page: Page, name: string, text: string): Promise<void> {
  await go(page, '/layouts');
  await drop(page, `${name}.csv`, Buffer.from(text));
  const family = page.getByRole('textbox', { name: 'One of several blanks of' });
  await family.fill('The shelf');
  await family.press('Enter');
}

test('the blanks of one receiver are one column, and their files leave together', async ({
  page,
}) => {
  await openDemo(page, '/layouts');
  for (const other of ['Card box', 'Course shelf', 'Evening host']) {
    await page.getByRole('checkbox', { name: `${other} in view` }).uncheck();
  }
  await teach(page, 'choices', CHOICES);
  await teach(page, 'statements', STATEMENTS);
  await expect(page.getByText('With 1 other blank of The shelf: choices.')).toBeVisible();

  await go(page, '/hand-over');
  const matrix = page.getByRole('grid', { name: 'Questions by receivers' });
  await expect(matrix.getByRole('columnheader')).toHaveCount(2);
  await expect(matrix.getByRole('columnheader', { name: /The shelf 2 blanks/ })).toBeVisible();
  // A statement stands to the blank for statements, wherever the choices go.
  const statement = matrix.getByRole('row').filter({ hasText: /✓ fits/ });
  await expect(statement.first()).toBeVisible();

  await fill(page, /^Fill/);
  await expect(page.getByTestId('announced')).toHaveText(
    '2 files filled and read back, all as meant.',
  );
  const files: Record<string, string[]> = {};
  for (const name of ['choices', 'statements']) {
    const card = page.getByRole('region', { name: new RegExp(`, ${name}\\.csv$`) });
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      card.getByRole('button', { name: 'Take the file' }).click(),
    ]);
    files[name] = readFileSync(await download.path(), 'utf8')
      .trim()
      .split(/\r?\n/);
  }
  const { choices, statements } = files as { choices: string[]; statements: string[] };
  expect(choices[0]).toBe('Question,Answer A,Answer B,Answer C,Answer D,Correct');
  expect(statements.slice(1).every((line) => /,(?:True|False)$/.test(line))).toBe(true);
  // No question is in both.
  const asked = (lines: readonly string[]): string[] =>
    lines.slice(1).map((line) => line.split(',')[0]!);
  expect(asked(choices).filter((stem) => asked(statements).includes(stem))).toEqual([]);
  expect(choices.length).toBeGreaterThan(10);
});
