import { expect, openDemo, test } from './person';

test('several files are dropped at once: each shows its state, all survive a reload, all are taken in one go', async ({
  page,
}) => {
  await openDemo(page);
  const before = 60;
  const csv = (n: number): { name: string; mimeType: string; buffer: Buffer } => ({
    name: `group-${n}.csv`,
    mimeType: 'text/csv',
    buffer: Buffer.from(
      `Question,A,B,C,Right\nWhich gate opens first at lock ${n}?,upper,lower,none,A\nWho holds the key of lock ${n}?,keeper,boater,nobody,A\n`,
    ),
  });
  await page.getByTestId('source-file').setInputFiles([csv(1), csv(2), csv(3)]);
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
