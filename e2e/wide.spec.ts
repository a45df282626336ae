import { demoText, expect, openDemo, paste, test } from './person';

test('a sheet of seventeen columns is read without a broken word, and the halves are moved and kept', async ({
  page,
}) => {
  await openDemo(page);
  const headings =
    'Nr,Topic,Question,A,B,C,D,Right,Time,Points,Explanation,Feedback,Author,Date,Level,Notes,Shelf';
  const row = (n: number): string =>
    [n, 'Geography', `Which river is number ${n}?`, 'Brook', 'Mere', 'Ouzel', 'Tarn', 'B', 30, 2]
      .concat(['See the map', 'Well done', 'Ines', '2026-11-01', 'easy', 'seen', 'autumn'])
      .join('\t');
  const rows = [headings.replaceAll(',', '\t'), ...Array.from({ length: 8 }, (_, n) => row(n + 1))];
  await paste(page, rows.join('\n'));
  await expect(page.getByRole('main').getByText('8 questions understood')).toBeVisible();
  const seam = page.getByRole('table', { name: /beside what was understood/ });
  // Every label and every heading's word stands on one line.
  const broken = await seam.evaluate((element) =>
    [...element.querySelectorAll<HTMLElement>('.role .name, .heading .cell > span')]
      .filter((label) => label.scrollWidth > label.clientWidth + 1 || label.clientHeight > 22)
      .map((label) => label.textContent),
  );
  expect(broken).toEqual([]);
  const question = seam.locator('.seam-head .fixed');
  const understood = page.getByRole('article', { name: 'Question 1' });
  const [before, right] = [await question.boundingBox(), await understood.boundingBox()];
  await seam.evaluate((element) => element.scrollBy(500, 0));
  await expect(page.getByRole('button', { name: /^Column K/ })).toBeInViewport();
  expect((await question.boundingBox())!.x).toBeLessThanOrEqual(before!.x);
  await expect(question).toBeInViewport();
  expect((await understood.boundingBox())!.x).toBeCloseTo(right!.x, 0);
  const border = page.getByRole('separator', { name: /^Border between/ });
  const share = Number(await border.getAttribute('aria-valuenow'));
  await border.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(border).toHaveAttribute('aria-valuenow', String(share + 2));
  await page.keyboard.press('ArrowLeft');
  await expect(border).toHaveAttribute('aria-valuenow', String(share + 4));
  expect((await understood.boundingBox())!.width).toBeGreaterThan(right!.width);
  // What a person likes is kept a moment later; nobody reloads within it.
  await page.waitForTimeout(500);
  await page.reload();
  await expect(border).toHaveAttribute('aria-valuenow', String(share + 4));
});

test('where there is no room for two halves, what was understood stands below its row', async ({
  page,
}) => {
  await page.setViewportSize({ width: 700, height: 800 });
  await openDemo(page);
  await paste(page, demoText('reply-with-faults.txt'));
  const article = page.getByRole('article', { name: 'Question 1' });
  await expect(article).toBeVisible();
  const cell = page.locator('[data-place="1:0"]');
  const [above, below] = [await cell.boundingBox(), await article.boundingBox()];
  expect(below!.y).toBeGreaterThanOrEqual(above!.y + above!.height - 1);
  expect(below!.width).toBeGreaterThan(500);
});
