// The pictures of a bank: those that are only named come in as files, are described and replaced, and are found again.
import { bring, csv, type AtHand } from './files';
import { drop, expect, go, openDemo, test } from './person';

/** A picture of one dot (PNG, RFC 2083). */
const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mNk+A8AAQUBAScY42YAAAAASUVORK5CYII=',
  'base64',
);
const file = (name: string, mimeType = 'image/png'): AtHand => ({ name, mimeType, buffer: DOT });

test('pictures that are only named are brought in by their names, described and taken off', async ({
  page,
}) => {
  await openDemo(page, '/gather');
  await bring(
    page,
    csv(
      'signs.csv',
      'Question,A,B,Right,Image',
      'What does the first sign mean?,stop,go,A,sign-one.png',
      'What does the second sign mean?,slow,wait,B,sign-two.png',
      'And the first one at night?,stop,go,A,sign-one.png',
    ),
  );
  await page.getByRole('button', { name: 'Take 3 questions into the bank' }).click();
  await expect(page.getByRole('link', { name: /^Bank/ })).toContainText('63');
  await go(page, '/bank');
  await page.getByRole('button', { name: 'Look over' }).click();
  await page.getByRole('menuitem', { name: 'Pictures', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Pictures of the bank' });
  const first = dialog.getByRole('row', { name: /^sign-one\.png/ });
  await expect(first).toContainText('only its name is known');
  await expect(first).toContainText('2 questions');

  const choose = async (name: string, ...files: AtHand[]): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      dialog.getByRole('button', { name }).click(),
    ]);
    await chooser.setFiles(files);
  };
  await choose('Bring in picture files …', file('Sign-One.png'), file('nobody.png'));
  await expect(page.getByText('1 picture brought in. Undo takes it back.')).toBeVisible();
  await expect(page.getByText('No picture of the bank is called like nobody.png.')).toBeVisible();
  await expect(dialog.getByRole('status')).toContainText('1 known by name only');

  // What is held has no name of its own until it is described.
  const shown = dialog.getByRole('textbox', { name: 'What picture without a description shows' });
  await shown.first().fill('A red board with a bar');
  await shown.first().press('Enter');
  const described = dialog.getByRole('row', { name: /^A red board with a bar/ });
  await expect(described).toContainText('held here');
  await choose('Choose a file … for sign-two.png', file('sign-two.txt', 'text/plain'));
  await expect(page.getByText(/sign-two\.txt is no picture of the kinds PNG/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Take off sign-two.png' }).click();
  await expect(dialog.getByRole('row', { name: /^sign-two/ })).toHaveCount(0);

  await described.getByRole('button', { name: '2 questions' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('searchbox', { name: 'Search the questions' })).toHaveValue(
    'picture:"A red board with a bar"',
  );
  await expect(page.getByText('2 of 63', { exact: true })).toBeVisible();
});

test('a picture is added to the question at hand from a file, by pasting and by dropping, described and taken off', async ({
  page,
}) => {
  await openDemo(page, '/bank');
  const panel = page.getByTestId('side-panel');
  await page.getByRole('gridcell').filter({ hasText: /\?/ }).nth(4).click();
  await expect(panel.getByRole('button', { name: 'Add a picture …' })).toBeVisible();
  const pictures = panel.locator('.pictures');
  const before = await pictures.count();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    panel.getByRole('button', { name: 'Add a picture …' }).click(),
  ]);
  await chooser.setFiles([file('gate.png')]);
  await expect(pictures).toHaveCount(before + 1);

  await page.evaluate((base64) => {
    const bytes = Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0));
    const clipboardData = new DataTransfer();
    clipboardData.items.add(new File([bytes], 'beam.png', { type: 'image/png' }));
    document.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
    );
  }, DOT.toString('base64'));
  await expect(pictures).toHaveCount(before + 2);
  const shows = panel.getByRole('textbox', { name: `What picture ${before + 1} shows` });
  await shows.fill('A gate with its beam');
  await shows.press('Enter');
  await expect(panel.getByRole('img', { name: 'A gate with its beam' })).toBeVisible();
  await panel.getByRole('button', { name: 'Take it off' }).last().click();
  await expect(pictures).toHaveCount(before + 1);
  await page.keyboard.press('Control+z');
  await expect(pictures).toHaveCount(before + 2);
  await drop(page, 'sill.png', DOT, 'image/png');
  await expect(pictures).toHaveCount(before + 3);
});
