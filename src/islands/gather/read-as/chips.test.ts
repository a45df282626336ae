// The words of a reading, and what each of their alternatives overrules.
import { describe, expect, it } from 'vitest';
import { gathered, table } from '../../../../tests/make';
import type { GatherAnswer } from '../../../workers/protocol';
import { rowsOf } from '../use-rows';
import { chipsOf, reasonsOf } from './chips';

const BLOCK = 'Question\tA\tB\tRight\nWhat floats?\tCork\tIron\tA\nWhat sinks?\tCork\tIron\tB';

/** What the worker answers to a pasted block. */
function answer(text = BLOCK, change: Partial<GatherAnswer> = {}): GatherAnswer {
  const { reading, items, findings } = gathered(text);
  const { rows } = table(text).sheets[0]!;
  return {
    version: 1,
    of: 1,
    items,
    findings,
    reading,
    sheet: { name: 'a', hidden: false, rows, merges: [] },
    sheets: [{ name: 'a', hidden: false, rows: rows.length }],
    readable: [],
    ms: 1,
    ...change,
  };
}
const chip = (of: GatherAnswer, id: string) => chipsOf(of, {}).find((one) => one.id === id);

describe('a reading in words', () => {
  it('of one sheet says nothing of sheets; of several which it is', () => {
    expect(chip(answer(), 'sheet')).toBeUndefined();
    const several = answer(BLOCK, {
      sheets: [
        { name: 'Round', hidden: false, rows: 12 },
        { name: 'Lists', hidden: true, rows: 3 },
      ],
    });
    expect(chip(several, 'sheet')!.others.map(({ label }) => label)).toEqual([
      'As found',
      'Round (12 rows)',
      'Lists (3 rows, hidden)',
    ]);
  });

  it('offers other rows for the headings, and none', () => {
    const headings = chip(answer(), 'headingRow')!;
    expect(headings).toMatchObject({ name: 'headings in row', value: '1' });
    expect(headings.others.map(({ label }) => label)).toEqual([
      'No headings',
      'Row 1',
      'Row 2',
      'Row 3',
    ]);
    expect(headings.others[2]!.overrule).toMatchObject({ headingRow: 2, columns: undefined });
  });

  it('names the key, and takes a sign for it where one is chosen', () => {
    const key = chip(answer(), 'key')!;
    expect(key).toMatchObject({ name: 'right answer by', value: 'letter' });
    const sign = key.others.find(({ label }) => label === 'a sign at the option')!;
    expect(sign.overrule).toEqual({ key: { style: 'marker', marker: '*' } });
  });

  it('of running text offers emphasis in place of columns', () => {
    const text = answer(BLOCK, { text: 'x' });
    delete text.sheet;
    text.reading = { ...text.reading, as: 'questions', key: { style: 'marker', marker: 'bold' } };
    const chips = chipsOf(text, {});
    expect(chips.map(({ id }) => id)).not.toContain('headingRow');
    expect(chips.filter(({ id }) => id === 'key')).toHaveLength(1);
    expect(chip(text, 'key')).toMatchObject({ value: 'bold' });
    expect(chipsOf(text, { emphasis: null }).find(({ id }) => id === 'key')!.value).toBe(
      'signs only',
    );
  });

  it('marks a doubt, and says why', () => {
    const unsure = answer();
    unsure.reading = {
      ...unsure.reading,
      unsure: ['key'],
      because: { ...unsure.reading.because, key: 'two cells are letters' },
    };
    expect(chip(unsure, 'key')).toMatchObject({ isUnsure: true, why: 'two cells are letters' });
    expect(reasonsOf(unsure)).toEqual(['two cells are letters']);
  });
});

describe('the rows of the seam', () => {
  it('hold the questions that they became, in the numbers of their file', () => {
    const given = answer(`${BLOCK}\n\t\t\t`);
    const rows = rowsOf(given, given.items);
    expect(rows.map(({ shown, isHeading }) => [shown, isHeading])).toEqual([
      [1, true],
      [2, false],
      [3, false],
    ]);
    expect(rows[2]!.items.map(({ n }) => n)).toEqual([2]);
  });

  it('of sheets that were read together stand below one another, each by its own numbers', () => {
    const given = answer();
    const { rows } = given.sheet!;
    const items = ['a', 'b'].flatMap((sheet) =>
      given.items.map((item) => ({ ...item, origin: { ...item.origin, sheet } })),
    );
    const sheet = {
      ...given.sheet!,
      rows: [...rows, ...rows],
      lines: [1, 2, 3, 1, 2, 3],
      stack: [
        { sheet: 'a', from: 0 },
        { sheet: 'b', from: 3 },
      ],
    };
    const reading = { ...given.reading, sheet: 'a', alike: ['b'] };
    const shown = rowsOf({ sheet, reading }, items);
    expect(shown.map((row) => [row.key, row.isHeading, row.items.map(({ n }) => n)])).toEqual([
      ['a!1', true, []],
      ['a!2', false, [1]],
      ['a!3', false, [2]],
      ['b!1', true, []],
      ['b!2', false, [3]],
      ['b!3', false, [4]],
    ]);
    const several = answer(BLOCK, {
      reading,
      sheets: ['a', 'b'].map((name) => ({ name, hidden: false, rows: 3 })),
    });
    expect(chip(several, 'sheet')!.value).toBe('a and 1 more like it');
  });
});
