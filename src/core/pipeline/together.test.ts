// Sources side by side: writers, faults at their places, doubles among them and with the bank, notes.
import { read, utils, write } from '@e965/xlsx';
import { unzipSync } from 'fflate';
import { expect, it } from 'vitest';
import { item } from '../../../tests/make';
import { contributorSheets } from './sheets';
import { gatherSource } from './sources';
import { comparedTogether, type Part } from './together';

let n = 0;
const surroundings = { id: () => `id-${n++}` };

/** The sheets of three groups as they come back: rows of questions from row 8 on. */
async function partsOf(rows: Record<string, string[][]>): Promise<Part[]> {
  const groups = Object.keys(rows).map((name) => ({ name, rows: 5 }));
  const sheets = unzipSync(contributorSheets({ groups, setTitle: 'Autumn evening' }));
  return Promise.all(
    groups.map(async ({ name }): Promise<Part> => {
      const book = read(sheets[`${name}.xlsx`]!);
      utils.sheet_add_aoa(book.Sheets['Questions']!, rows[name]!, { origin: 'B8' });
      const bytes = new Uint8Array(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
      const gathered = await gatherSource({ name: `${name}.xlsx`, bytes }, {}, surroundings);
      return { id: name, name: `${name}.xlsx`, gathered };
    }),
  );
}
const CILL = ['What is a cill under the lower gate?', 'a ledge', 'a rope', 'a bell', 'a pole', 'A'];

it('say who wrote what, what is wrong in which cell, what is there twice, and write a note to each', async () => {
  const parts = await partsOf({
    'Group A': [
      CILL,
      ['Who opens the paddles of a lock?', 'the crew', 'the fish', 'the rain', 'a bell', 'A'],
    ],
    'Group B': [
      CILL,
      ['What holds a boat in a lock chamber?', 'a rope', 'a bell', 'a leaf', 'a cup', ''],
    ],
    'Group C': [],
  });
  const known = [item({ id: 'k', stem: { plain: 'Who opens the paddles of a lock?' } })];
  const [a, b, c] = comparedTogether(parts, known);
  expect([a, b, c].map((one) => [one!.by, one!.questions])).toEqual([
    ['Group A', 2],
    ['Group B', 2],
    ['Group C', 0],
  ]);
  expect(a!.doubles).toEqual([{ text: 'Who opens the paddles of a lock?', where: 'B9' }]);
  expect(b!.doubles).toEqual([{ text: CILL[0], where: 'B8', of: 'Group A' }]);
  expect(b!.faults.map(({ isBlocking }) => isBlocking)).toContain(true);
  expect(a!.note).toBe(
    'Group A: 2 questions came in. Thank you.\nPlease look at these and send the sheet again:\n- B9: “Who opens the paddles of a lock?” is in the bank already.',
  );
  expect(b!.note).toContain('is like one of Group A.');
  expect(c!.note).toBe(
    'Group C: nothing is filled in yet. Please fill the sheet and send it back.',
  );
});

it('without a name in them go by their files’ names', () => {
  const gathered = {
    items: [item({ id: 'x', stem: { plain: 'What floats on water?' } })],
    findings: [],
  };
  expect(comparedTogether([{ id: 'x', name: 'Ada.csv', gathered }], [])[0]).toMatchObject({
    by: 'Ada',
    note: 'Ada: 1 question came in. Thank you.',
  });
});
