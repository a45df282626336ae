import {
  cell,
  COLUMN,
  expect,
  demoPath,
  demoText,
  drop,
  go,
  openDemo,
  paste,
  test,
} from './person';
import { readFileSync } from 'node:fs';

test('a pasted block with faults is shown, mended, taken in one step, and one undo takes it back', async ({
  page,
}) => {
  await openDemo(page);
  await paste(page, demoText('reply-with-faults.txt'));
  await expect(page.getByRole('heading', { name: 'pasted block' })).toBeVisible();
  await expect(
    page.getByRole('main').getByText('8 questions understood, 1 of them blocked, 2 to look at'),
  ).toBeVisible();
  await expect(
    page.getByRole('main').getByText('E4 says E, but there are 3 options (A to C).'),
  ).toBeVisible();
  // Nothing is in the bank before it is agreed to.
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  await page
    .getByRole('article', { name: 'Question 3' })
    .getByRole('button', { name: 'A The boat going with the level' })
    .click();
  await expect(page.getByRole('button', { name: 'Take 8 questions into the bank' })).toBeVisible();
  await page.getByRole('article', { name: 'Question 2' }).focus();
  await page.keyboard.press('F2');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Before opening the top paddles, the bottom gates');
  await page.keyboard.press('Enter');
  await expect(page.getByText('The question ends in an ellipsis')).toBeHidden();
  await page.getByRole('button', { name: 'Take 8 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('68');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  await page.keyboard.press('Control+y');
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('68');
});

test('undo and redo in one breath lose nothing', async ({ page }) => {
  await openDemo(page);
  await paste(page, demoText('reply-with-faults.txt'));
  await page.getByRole('button', { name: 'Take 7 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('67');
  for (let times = 0; times < 5; times++) {
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+y');
  }
  await expect(page.getByTestId('save')).toHaveText(/^Saved/);
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('67');
  await page.reload();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('67');
});

test('an edit still on its way does not reach the next source', async ({ page }) => {
  await openDemo(page);
  await paste(page, demoText('reply-in-text.md'));
  await page.locator('.cm-line').first().click();
  await page.keyboard.type('x');
  await drop(page, 'third-evening.docx', readFileSync(demoPath('third-evening.docx')));
  await expect(page.getByRole('heading', { name: 'third-evening.docx' })).toBeVisible();
  await page.waitForTimeout(600);
  await expect(page.getByRole('article', { name: 'Question 1' })).toContainText(
    'What does a weir do',
  );
});

test('what blocks stays behind; the first three can be tried alone', async ({ page }) => {
  await openDemo(page);
  await paste(page, demoText('reply-with-faults.txt'));
  await page.getByRole('button', { name: 'First three only' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('63');
  await page.getByRole('button', { name: 'Take 4 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('67');
  await expect(page.getByRole('main').getByText('7 in the bank')).toBeVisible();
  // What comes next is offered at once, with just these questions.
  await page.getByRole('button', { name: 'Hand over these 7' }).click();
  await expect(page.getByTestId('set-facts')).toContainText('7 questions');
  await page.getByRole('button', { name: 'Hand over the others too' }).click();
  await expect(page.getByTestId('set-facts')).toContainText('67 questions');
});

test('a dropped workbook is read, and role, headings, key and range are overruled with the right side following', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await drop(page, 'second-evening.xlsx', readFileSync(demoPath('second-evening.xlsx')));
  await expect(page.getByRole('heading', { name: 'second-evening.xlsx' })).toBeVisible();
  await expect(page.getByRole('main').getByText('12 questions understood')).toBeVisible();
  await expect(page.getByRole('button', { name: 'headings in row 4' })).toBeVisible();
  const first = page.getByRole('article', { name: 'Question 1', exact: true });
  await expect(first).toContainText('25 s');
  await page.getByRole('button', { name: /Column G .*seconds\. Change/ }).click();
  await page.getByRole('menuitem', { name: 'leave aside' }).click();
  await expect(first).not.toContainText('25 s');
  await page.getByRole('textbox', { name: 'range' }).fill('B4:H8');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main').getByText('4 questions understood')).toBeVisible();
  await page.getByRole('button', { name: /right answer by/ }).click();
  await page.getByRole('menuitem', { name: 'number', exact: true }).click();
  await expect(page.getByRole('button', { name: 'right answer by number' })).toBeVisible();
  await page.getByRole('button', { name: 'headings in row 4' }).click();
  await page.getByRole('menuitem', { name: 'No headings' }).click();
  await expect(page.getByRole('button', { name: 'no headings' })).toBeVisible();
});

test('a term list becomes cards', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'words-for-keepers.txt' }).click();
  await expect(page.getByRole('main').getByText('15 questions understood')).toBeVisible();
  await page.getByRole('button', { name: 'Take 15 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('75');
  await go(page, '/records');
  await page.getByRole('button', { name: 'Take back what it brought' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
});

test('text that would run stays text, in the page and in the bank', async ({ page }) => {
  await openDemo(page);
  await paste(
    page,
    'Question\tA\tB\tRight\n<img src=x onerror="window.ran=1">What?\t<script>window.ran=2</script>\t=1+1\tB',
  );
  await expect(page.getByRole('article', { name: 'Question 1' })).toContainText(
    '<img src=x onerror="window.ran=1">What?',
  );
  await page.getByRole('button', { name: 'Take 1 question into the bank' }).click();
  await page.getByRole('button', { name: 'See them in the bank' }).click();
  await page.getByRole('searchbox', { name: 'Search the questions' }).fill('onerror');
  await expect(cell(page, 0, COLUMN.A)).toHaveText('<script>window.ran=2</script>');
  expect(await page.evaluate(() => (window as { ran?: number }).ran)).toBeUndefined();
});

for (const [what, name, content] of [
  ['an empty file', 'empty.xlsx', Buffer.alloc(0)],
  [
    'a damaged workbook',
    'cut.xlsx',
    readFileSync(demoPath('second-evening.xlsx')).subarray(0, 900),
  ],
  ['a picture', 'photo.csv', Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10])],
] as const) {
  test(`${what} is told in a sentence, the bank is untouched and the page stays usable`, async ({
    page,
  }) => {
    await openDemo(page);
    await drop(page, name, content);
    await expect(page.getByRole('alert').first()).toContainText(name);
    await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
    await page.getByRole('button', { name: 'Put away' }).click();
    await expect(page.getByRole('heading', { name: 'What do you hold?' })).toBeVisible();
  });
}

test('a typed document stands in an editor beside its questions; mending the text mends them as one types', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  await drop(page, 'third-evening.docx', readFileSync(demoPath('third-evening.docx')));
  await expect(
    page.getByRole('main').getByText('6 questions understood, 1 of them blocked'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'right answer by bold' })).toBeVisible();
  await expect(page.getByRole('article', { name: 'Question 4' }).locator('sup')).toHaveText('3');
  const last = page.getByRole('article', { name: 'Question 6' });
  await page.getByText('Nobody').first().scrollIntoViewIfNeeded();
  await page.locator('.cm-line', { hasText: 'Whoever finds it' }).click();
  await page.keyboard.press('End');
  await page.keyboard.type(' *');
  await expect(
    page.getByRole('main').getByText('6 questions understood, 1 of them blocked'),
  ).toBeHidden();
  await expect(last.getByRole('button', { name: 'A Whoever finds it right' })).toBeVisible();
  // What was bold elsewhere is still bold.
  await expect(page.getByRole('button', { name: 'Take 6 questions into the bank' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(
    page.getByRole('main').getByText('6 questions understood, 1 of them blocked'),
  ).toBeVisible();
});

test('a reply in running text says at its line what stopped each question', async ({ page }) => {
  await openDemo(page);
  await paste(page, demoText('reply-in-text.md'));
  await expect(
    page.getByRole('main').getByText('6 questions understood, 1 of them blocked, 1 to look at'),
  ).toBeVisible();
  await expect(
    page.getByRole('main').getByText('says D, but there are 3 options (A to C)'),
  ).toBeVisible();
  await page
    .getByRole('article', { name: 'Question 3' })
    .getByRole('button', { name: 'B The top gates' })
    .click();
  // A line put in above moves the mend along with its question.
  await page.locator('.cm-line').first().click();
  await page.keyboard.press('Home');
  await page.keyboard.press('Enter');
  await page.waitForTimeout(500);
  await expect(
    page
      .getByRole('article', { name: 'Question 3' })
      .getByRole('button', { name: 'B The top gates right' }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Take 6 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('66');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
});

test('the clipboard’s table is used with its formatting, and stripped on purpose', async ({
  page,
}) => {
  await openDemo(page);
  await page.evaluate(async () => {
    const html =
      '<table><tr><td>Question</td><td>A</td><td>B</td><td>Right</td></tr><tr><td>What is m<sup>2</sup>?</td><td>an area</td><td>a time</td><td>A</td></tr></table>';
    await navigator.clipboard.write([
      new ClipboardItem({
        'text/html': new Blob([html], { type: 'text/html' }),
        'text/plain': new Blob(['What is m2?\tan area\ta time\tA'], { type: 'text/plain' }),
      }),
    ]);
  });
  await page.keyboard.press('Control+v');
  const first = page.getByRole('article', { name: 'Question 1' });
  await expect(first.locator('sup')).toHaveText('2');
  await page.getByRole('button', { name: 'formatting kept' }).click();
  await page.getByRole('menuitem', { name: 'Strip it' }).click();
  await expect(first.locator('sup')).toHaveCount(0);
  // What lies on the bench is there again after a reload, read as it was.
  await page.reload();
  await go(page, '/gather');
  await expect(page.getByRole('main').getByText('1 question understood')).toBeVisible();
  await expect(first.locator('sup')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put away' }).click();
  await expect(page.getByRole('heading', { name: 'What do you hold?' })).toBeVisible();
  await paste(page, 'Question\tA\tB\tRight\nWhat?\tp\tq\tA');
  await expect(page.getByRole('button', { name: 'formatting stripped' })).toBeVisible();
});

test('a range is dragged over the cells, and a row is pointed at', async ({ page }) => {
  await openDemo(page);
  await page.getByRole('button', { name: 'second-evening.xlsx' }).click();
  await expect(page.getByRole('main').getByText('12 questions understood')).toBeVisible();
  const from = (await page.locator('[data-place="3:1"]').boundingBox())!;
  const to = (await page.locator('[data-place="6:6"]').boundingBox())!;
  await page.mouse.move(from.x + 5, from.y + 5);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y + 30);
  await page.mouse.move(to.x + 5, to.y + 5, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'range' })).toHaveValue('B4:G7');
  await expect(page.getByRole('main').getByText('3 questions understood')).toBeVisible();
  await page.getByRole('button', { name: 'Row 6' }).click();
  await page.getByRole('menuitem', { name: 'Stop reading here' }).click();
  await expect(page.getByRole('textbox', { name: 'range' })).toHaveValue('B4:G6');
});

test('a whole bank is saved as one file and opened again beside the others', async ({ page }) => {
  await openDemo(page);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: /Lock keepers, autumn intake/ }).click();
  await page.getByRole('menuitem', { name: 'Save this bank as a file' }).click();
  const path = await (await download).path();
  await page.getByTestId('bank-file').setInputFiles({
    name: 'keepers.bank.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(path),
  });
  await expect(page.getByText('keepers.bank.zip is open as a bank of its own.')).toBeVisible();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('60');
  await expect(page.getByRole('link', { name: /^Layouts/ })).toContainText('3');
  await page.getByTestId('bank-file').setInputFiles({
    name: 'no-bank.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('no zip'),
  });
  await expect(page.getByText('no-bank.zip is no bank file')).toBeVisible();
});
