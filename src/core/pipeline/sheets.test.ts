// Sheets out and back: locked but for what is to be filled, opened by another library, filled, renamed, merged.
import { read, utils, write } from '@e965/xlsx';
import { strFromU8, unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import type { SheetsJob } from '../model';
import { mergeSheets } from './merge';
import { contributorSheets } from './sheets';
import { gatherSource } from './sources';

const job: SheetsJob = {
  groups: [
    { name: 'Group A', category: 'Locks', rows: 5 },
    { name: 'Group B' },
    { name: 'Group A' },
  ],
  limits: { stem: 90, option: 40 },
  setTitle: 'Autumn evening',
};
let n = 0;
const surroundings = { id: () => `id-${n++}` };
const sheetsOf = (asked: SheetsJob): Record<string, Uint8Array> =>
  unzipSync(contributorSheets(asked));

/** A sheet with rows written into it by another library, which drops formats and protection as many programs do. */
function filled(bytes: Uint8Array, rows: Record<number, string[]>): Uint8Array {
  const book = read(bytes);
  const sheet = book.Sheets['Questions']!;
  for (const [row, cells] of Object.entries(rows)) {
    utils.sheet_add_aoa(sheet, [cells], { origin: { r: Number(row) - 1, c: 1 } });
  }
  return new Uint8Array(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
}
const ROW = ['What is a cill?', 'a ledge', 'a rope', 'a bell', 'a pole', 'A', 'Below the gate.'];

describe('sheets that go out', () => {
  const sheets = sheetsOf(job);
  it('are one for each group, named by it, with headings, rules and an example', () => {
    expect(Object.keys(sheets)).toEqual(['Group A.xlsx', 'Group B.xlsx', 'Group A (2).xlsx']);
    const rows = utils.sheet_to_json<string[]>(read(sheets['Group A.xlsx']!).Sheets['Questions']!, {
      header: 1,
      defval: '',
    });
    expect(rows[0]![0]).toBe('Autumn evening');
    expect(rows[1]![0]).toBe('Group: Group A');
    expect(rows[2]![0]).toBe('Category: Locks');
    expect(rows[3]![0]).toContain('at most 90 characters');
    expect(rows[5]).toEqual([
      'No.',
      'Question',
      'Option A',
      'Option B',
      'Option C',
      'Option D',
      'Right option',
      'Explanation',
    ]);
    expect(rows[6]![0]).toBe('e.g.');
    expect(rows).toHaveLength(12);
  });
  it('are locked but for the cells to fill, with drop-downs and lengths', () => {
    const xml = strFromU8(unzipSync(sheets['Group A.xlsx']!)['xl/worksheets/sheet1.xml']!);
    expect(xml).toContain('<sheetProtection sheet="1"');
    expect(xml).toContain('<c r="B8" s="4"/>');
    expect(xml).toContain('<c r="A8" s="2"');
    expect(xml).toMatch(/type="textLength"[^>]*sqref="B8:B12"><formula1>90</);
    expect(xml).toMatch(/type="list"[^>]*sqref="G8:G12"><formula1>(?:"|&quot;)A,B,C,D/);
    const styles = strFromU8(unzipSync(sheets['Group A.xlsx']!)['xl/styles.xml']!);
    expect(styles.match(/locked="0"/g)).toHaveLength(1);
  });
  it('of no group are refused', () => {
    expect(() => contributorSheets({ groups: [] })).toThrow(/There is no group/);
  });
});

describe('sheets that come back', () => {
  const sheets = sheetsOf(job);
  const merge = (
    files: { name: string; bytes: Uint8Array }[],
    known = [] as ReturnType<typeof item>[],
  ) => mergeSheets(files, known, surroundings);
  it('say who wrote what, whatever the file is called, half filled or with rows added', async () => {
    const a = filled(sheets['Group A.xlsx']!, {
      8: ROW,
      10: ['A post?', 'bollard', 'bell', '', '', 'A', ''],
      40: ['Far down?', 'yes', 'no', '', '', 'B', ''],
    });
    const { items, findings, doubles } = await merge([{ name: 'renamed.xlsx', bytes: a }]);
    expect(findings).toEqual([]);
    expect(doubles).toEqual([]);
    expect(
      items.map(({ stem, origin }) => [stem.plain, origin!.row, origin!.by, origin!.file]),
    ).toEqual([
      ['What is a cill?', 8, 'Group A', 'renamed.xlsx'],
      ['A post?', 10, 'Group A', 'renamed.xlsx'],
      ['Far down?', 40, 'Group A', 'renamed.xlsx'],
    ]);
    expect(items[0]).toMatchObject({
      kind: 'choice-one',
      category: ['Locks'],
      explanation: { plain: 'Below the gate.' },
      options: options('*a ledge', 'a rope', 'a bell', 'a pole'),
    });
    expect(new Set(items.map(({ ref }) => ref)).size).toBe(3);
  });
  it('have their faults told at their cells', async () => {
    const b = filled(sheets['Group B.xlsx']!, {
      8: ['', 'a', 'b', '', '', 'A', ''],
      9: ['One option?', 'a', '', '', '', 'A', ''],
      10: ['No key?', 'a', 'b', '', '', '', ''],
      11: ['Far key?', 'a', 'b', '', '', 'D', ''],
    });
    const { items, findings } = await merge([{ name: 'b.xlsx', bytes: b }]);
    expect(items).toHaveLength(4);
    expect(findings.map(({ rule, where }) => [rule, where!.cell])).toEqual([
      ['sheet-question-missing', 'B8'],
      ['sheet-options-missing', 'D9'],
      ['sheet-key', 'G10'],
      ['sheet-key', 'G11'],
    ]);
    expect(findings[3]!.message).toBe(
      'Group B, row 11: The key “D” names none of the options A to B.',
    );
  });
  it('have doubles told, among groups and with the bank', async () => {
    const a = filled(sheets['Group A.xlsx']!, { 8: ROW });
    const b = filled(sheets['Group B.xlsx']!, {
      8: ROW,
      9: ['A post?', 'bollard', 'bell', '', '', 'A', ''],
    });
    const known = [
      item({ id: 'bank', stem: { plain: 'A  post?' }, options: options('*bollard', 'x') }),
    ];
    const { items, doubles, findings } = await merge(
      [
        { name: 'a.xlsx', bytes: a },
        { name: 'b.xlsx', bytes: b },
      ],
      known,
    );
    const by = (id: string): string => items.find((one) => one.id === id)?.origin?.by ?? id;
    expect(doubles.map((pair) => pair.map(by).sort())).toEqual([
      ['Group A', 'Group B'],
      ['Group B', 'bank'],
    ]);
    expect(findings.filter(({ rule }) => rule === 'sheet-double')).toHaveLength(2);
  });
  it('that are empty, or of another form, are told, and nothing is lost', async () => {
    const empty = await merge([{ name: 'b.xlsx', bytes: sheets['Group B.xlsx']! }]);
    expect(empty.findings.map(({ rule }) => rule)).toEqual(['sheet-empty', 'sheets-empty']);
    const csv = new TextEncoder().encode(
      'Question,A,B,Right\nWhat is a weir?,a wall,a gate,A\nHow deep?,1 m,2 m,B\n',
    );
    const other = await merge([{ name: 'Group C.csv', bytes: csv }]);
    expect(other.items.map(({ origin }) => origin!.by)).toEqual(['Group C', 'Group C']);
    expect(other.findings[0]!.rule).toBe('sheet-other-form');
  });
  it('come in by the ordinary road too, without the example, with who wrote them', async () => {
    const a = filled(sheets['Group A.xlsx']!, { 8: ROW });
    const { items, findings } = await gatherSource({ name: 'a.xlsx', bytes: a }, {}, surroundings);
    expect(items.map(({ stem, origin, category }) => [stem.plain, origin!.by, category])).toEqual([
      ['What is a cill?', 'Group A', ['Locks']],
    ]);
    expect(findings.map(({ rule }) => rule)).toContain('sheet-of-contributor');
  });
  it('of several kinds say theirs by the drop-down', async () => {
    const [bytes] = Object.values(
      sheetsOf({ groups: [{ name: 'G' }], kinds: ['choice-one', 'true-false', 'short'] }),
    );
    const back = filled(bytes!, {
      8: ['one right', 'Which?', 'a', 'b', '', '', 'B', '', ''],
      9: ['true / false', 'Water is wet.', '', '', '', '', '', 'True', ''],
      10: ['short answer', 'A post?', '', '', '', '', '', 'bollard; post', ''],
    });
    const { items, findings } = await merge([{ name: 'g.xlsx', bytes: back }]);
    expect(findings).toEqual([]);
    expect(items.map(({ kind }) => kind)).toEqual(['choice-one', 'true-false', 'short']);
    expect(items[2]!.accepted).toEqual(['bollard', 'post']);
  });
});
