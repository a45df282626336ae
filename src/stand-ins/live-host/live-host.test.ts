import { describe, expect, it } from 'vitest';
import { read, write, type WorkBook } from '@e965/xlsx';
import { fill, learnBlank } from '../../core/pipeline';
import { demo, demoBank, surroundings } from '../../../tests/make';
import { PUBLISHED } from './rules';
import { takeFile } from './take';

const filledRound = async (): Promise<Uint8Array> => {
  const { layout } = await learnBlank(
    { name: 'evening-host.xlsx', bytes: demo('evening-host.xlsx') },
    surroundings,
  );
  return (
    await fill(
      { items: demoBank(), layout, blank: demo('evening-host.xlsx'), setTitle: 'First evening' },
      surroundings,
    )
  ).bytes;
};
/** The round with cells changed behind the program's back. */
const tampered = async (
  change: (sheet: WorkBook['Sheets'][string]) => void,
): Promise<Uint8Array> => {
  const book = read(await filledRound());
  change(book.Sheets['Round']!);
  return new Uint8Array(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
};
const text = (v: string) => ({ t: 's' as const, v });

describe('the live host', () => {
  it('takes a file that this program filled from its blank, whole', async () => {
    const answer = await takeFile(await filledRound());
    expect(answer).toMatchObject({ title: 'First evening', refused: [] });
    expect('taken' in answer && answer.taken).toHaveLength(50);
    expect('taken' in answer && answer.taken.find(({ many }) => many)).toMatchObject({
      many: true,
      right: [1, 2, 4],
      seconds: 40,
    });
  });
  it('refuses its own empty blank for want of a title', async () => {
    expect(await takeFile(demo('evening-host.xlsx'))).toEqual({
      problem: 'Cell D4 must hold the title of the round.',
    });
  });
  it.each([
    ['D8', text('9'), '“Right one” says 9, but there are 3 answers'],
    ['D8', text('B'), '“B” in “Right one” is no number and no numbers joined by +'],
    ['D8', text('1+2'), '“Right one” names 2 answers, but the kind is “one right answer”'],
    ['C8', text('x'.repeat(111)), 'the question has 111 characters; 110 are taken'],
    ['E8', text('y'.repeat(61)), 'answer 1 has 61 characters; 60 are taken'],
    ['J8', { t: 'n' as const, v: 30 }, 'the clock says 30; it takes 15, 25, 40, 75'],
    ['I8', text('riddle'), '“riddle” is no kind of question here'],
    ['F8', text(''), 'answer 2 is empty while a later one is not'],
    ['C8', text('Sample: x'), 'it is one of the form’s own samples'],
  ])('refuses a row where %s is %o', async (cell, value, reason) => {
    const answer = await takeFile(
      await tampered((sheet) => {
        sheet[cell] = value;
      }),
    );
    expect(answer).toMatchObject({ refused: [{ row: 8, reason }] });
    expect('taken' in answer && answer.taken).toHaveLength(49);
  });
  it('refuses a file whole where a heading was changed or it is none of its kind', async () => {
    expect(
      await takeFile(
        await tampered((sheet) => {
          sheet['D7'] = text('Correct');
        }),
      ),
    ).toEqual({ problem: expect.stringContaining('The heading in D7 is “Correct”') });
    expect(await takeFile(new TextEncoder().encode('a,b'))).toHaveProperty('problem');
    expect(await takeFile(new Uint8Array([0x50, 0x4b, 3, 4, 9, 9]))).toHaveProperty('problem');
  });
  it('publishes the numbers it holds files to', () => {
    for (const number of ['110', '60', '15, 25, 40, 75', '50', 'D4']) {
      expect(PUBLISHED.join(' ')).toContain(number);
    }
  });
});
