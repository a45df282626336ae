import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { read, utils } from '@e965/xlsx';
import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { strFromU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import type { Item, Layout } from '../model';
import { fill, learnBlank, readBackFile } from '../pipeline';
import { fileName } from '.';
import { escapeCell } from './workbook/escape';
import {
  anyItem,
  demo,
  demoBank,
  item,
  numbered,
  options,
  rowsLayout,
  surroundings,
} from '../../../tests/make';
import { newFolder } from '../../../tests/folder';

const layoutOf = async (name: string): Promise<Layout> =>
  (await learnBlank({ name, bytes: demo(name) }, surroundings)).layout;
const filled = async (name: string, items: readonly Item[], setTitle = 'First evening') =>
  fill({ items, layout: await layoutOf(name), blank: demo(name), setTitle }, surroundings);

describe('the demo’s workbook filled', () => {
  it('keeps every other part of the package to the byte', async () => {
    const { bytes, differences } = await filled('evening-host.xlsx', demoBank());
    const before = unzipSync(demo('evening-host.xlsx'));
    const after = unzipSync(bytes);
    expect(Object.keys(after)).toEqual(Object.keys(before));
    const changed = Object.keys(before).filter(
      (name) => Buffer.compare(Buffer.from(before[name]!), Buffer.from(after[name]!)) !== 0,
    );
    expect(changed).toEqual(['xl/worksheets/sheet2.xml']);
    expect(differences).toEqual([]);
  });
  it('tells a workbook with formulas to count anew, and one without nothing', async () => {
    const quiet = unzipSync(demo('evening-host.xlsx'));
    quiet['xl/workbook.xml'] = new TextEncoder().encode(
      strFromU8(quiet['xl/workbook.xml']!).replace(' fullCalcOnLoad="1"', ''),
    );
    const layout = await layoutOf('evening-host.xlsx');
    const book = async (parts: Record<string, Uint8Array>): Promise<string> =>
      strFromU8(
        unzipSync(
          (
            await fill(
              { items: [item()], layout, blank: zipSync(parts), setTitle: 'T' },
              surroundings,
            )
          ).bytes,
        )['xl/workbook.xml']!,
      );
    expect(await book(quiet)).toContain('fullCalcOnLoad="1"');
    quiet['xl/worksheets/sheet2.xml'] = new TextEncoder().encode(
      strFromU8(quiet['xl/worksheets/sheet2.xml']!).replace(/<f>.*?<\/f>/, ''),
    );
    expect(await book(quiet)).not.toContain('fullCalcOnLoad');
  });
  it('keeps the sheet’s widths, merges, rules, comments and formula, and clears the samples', async () => {
    const { bytes } = await filled('evening-host.xlsx', demoBank().slice(0, 1));
    const [before, after] = [demo('evening-host.xlsx'), bytes].map((source) =>
      strFromU8(unzipSync(source)['xl/worksheets/sheet2.xml']!),
    );
    for (const tag of [
      'cols',
      'mergeCells',
      'conditionalFormatting',
      'dataValidations',
      'legacyDrawing',
      'sheetViews',
    ]) {
      const part = (xml: string): string | undefined =>
        new RegExp(`<${tag}[ >].*?(?:</${tag}>|/>)`, 's').exec(xml)?.[0];
      expect(part(after!), tag).toBe(part(before!));
    }
    expect(after).toContain('<f>COUNTA(C8:C57)</f>');
    expect(after).not.toContain('Sample');
  });
  it('opens in an independent reader with every cell as meant', async () => {
    const items = demoBank().filter((one) => one.options);
    const { bytes, receipt } = await filled('evening-host.xlsx', items);
    const rows = utils.sheet_to_json<unknown[]>(read(bytes).Sheets['Round']!, {
      header: 1,
      raw: true,
      blankrows: true,
      range: 'A1:M90',
    });
    expect(rows[3]![3]).toBe('First evening');
    expect(rows[6]!.slice(1, 10)).toEqual([
      'No.',
      'Question [up to 110 characters]',
      'Right one (number; several: 1+3)',
      'Answer 1',
      'Answer 2',
      'Answer 3',
      'Answer 4',
      'Kind',
      'Clock (s)',
    ]);
    receipt.items.forEach(({ id, changes }, index) => {
      const one = items.find((candidate) => candidate.id === id)!;
      const row = rows[7 + index]!;
      const stem = changes.find((change) => change.field === 'stem')?.to ?? one.stem.plain;
      expect(row[1]).toBe(index + 1);
      expect(row[2]).toBe(stem);
      expect(row[3]).toBe(
        one.options!.flatMap((option, at) => (option.right ? [at + 1] : [])).join('+'),
      );
      expect(row.slice(4, 8).filter(Boolean)).toEqual(
        one.options!.map((option) => option.text.plain),
      );
      expect(row[9]).toBe(
        Number(changes.find((change) => change.field === 'seconds')?.to ?? one.seconds),
      );
    });
  });
  it('opens in openpyxl, which refuses damage that others repair', async ({ skip }) => {
    if (spawnSync('/usr/bin/python3', ['-c', 'import openpyxl']).status !== 0) {
      skip('python3-openpyxl is not installed');
    }
    const { bytes } = await filled('evening-host.xlsx', [
      item({ stem: { plain: '=1+1 & <b>' }, options: options('*00123', '@x', '-5') }),
    ]);
    const path = join(newFolder(), 'filled.xlsx');
    writeFileSync(path, bytes);
    const script = `import openpyxl, json, sys; ws = openpyxl.load_workbook(sys.argv[1])['Round']; print(json.dumps([[c.value, c.data_type, c.has_style] for c in ws[8][2:10]] + [[len(ws.data_validations.dataValidation), ws['J7'].comment.text, ws.freeze_panes, ws['M2'].value, ws['D4'].value]]))`;
    const out = spawnSync('/usr/bin/python3', ['-c', script, path], { encoding: 'utf8' });
    expect(out.stderr).toBe('');
    const cells = JSON.parse(out.stdout) as unknown[][];
    expect(cells[0]).toEqual(['=1+1 & <b>', 's', true]);
    expect(cells.slice(2, 5).map((cell) => cell.slice(0, 2))).toEqual([
      ['00123', 's'],
      ['@x', 's'],
      ['-5', 's'],
    ]);
    expect(cells.at(-1)).toEqual([
      3,
      'How long learners may think, in seconds.',
      'C8',
      '=COUNTA(C8:C57)',
      'First evening',
    ]);
  });
  it('gives the same bytes for the same questions', async () => {
    const [a, b] = [
      await filled('evening-host.xlsx', demoBank()),
      await filled('evening-host.xlsx', demoBank()),
    ];
    expect(Buffer.compare(Buffer.from(a.bytes), Buffer.from(b.bytes))).toBe(0);
  });
});

describe('workbooks of other makers', () => {
  /** The demo's blank with its sheet written another way. */
  const rewritten = (change: (xml: string) => string): Uint8Array => {
    const parts = unzipSync(demo('evening-host.xlsx'));
    parts['xl/worksheets/sheet2.xml'] = new TextEncoder().encode(
      change(strFromU8(parts['xl/worksheets/sheet2.xml']!)),
    );
    return zipSync(parts);
  };
  const fillInto = async (blank: Uint8Array, items: readonly Item[]) =>
    fill(
      { items, layout: await layoutOf('evening-host.xlsx'), blank, setTitle: 'T' },
      surroundings,
    );
  it('a prefix before every tag is kept', async () => {
    const prefixed = rewritten((xml) =>
      xml.replace(/<(\/?)(?!\?)([A-Za-z])/g, '<$1x:$2').replace('xmlns="', 'xmlns:x="'),
    );
    const { bytes, differences } = await fillInto(prefixed, demoBank().slice(0, 3));
    expect(differences).toEqual([]);
    expect(strFromU8(unzipSync(bytes)['xl/worksheets/sheet2.xml']!)).toContain('<x:c r="C8"');
  });
  it('a cell with a formula is left alone and named', async () => {
    const formula = rewritten((xml) =>
      xml.replace(/<c r="J9"[^>]*?(?:\/>|>.*?<\/c>)/s, '<c r="J9"><f>20+20</f><v>40</v></c>'),
    );
    const { notes, differences } = await fillInto(formula, demoBank().slice(0, 3));
    expect(notes[0]).toContain('J9');
    expect(differences).toEqual([
      { n: 2, ref: 'HCT-002', field: 'seconds', meant: '25', found: '40' },
    ]);
  });
  it('rows past the prepared form take its formats and its drop-downs', async () => {
    const layout = { ...(await layoutOf('evening-host.xlsx')), limits: {} };
    const many = numbered(Array.from({ length: 70 }, () => demoBank()[0]!));
    const { bytes, notes, differences } = await fill(
      { items: many, layout, blank: demo('evening-host.xlsx'), setTitle: 'T' },
      surroundings,
    );
    expect(differences).toEqual([]);
    expect(notes.join(' ')).toContain('row 77');
    const xml = strFromU8(unzipSync(bytes)['xl/worksheets/sheet2.xml']!);
    expect(xml).toContain('sqref="I8:I77"');
    expect(/<c r="C77" s="\d+"/.test(xml)).toBe(true);
  });
  it('an empty sheet, and a blank that is another file', async () => {
    const bare = rewritten((xml) => xml.replace(/<sheetData>.*<\/sheetData>/s, '<sheetData/>'));
    expect((await fillInto(bare, demoBank().slice(0, 2))).differences).toEqual([]);
    await expect(
      fill(
        { items: [item()], layout: { ...(await layoutOf('evening-host.xlsx')) }, setTitle: 'T' },
        surroundings,
      ),
    ).rejects.toThrow(/blank is not at hand/);
  });
});

describe('text files', () => {
  it('keep the blank’s own heading lines and replace its samples', async () => {
    const { bytes, differences } = await filled('course-shelf.csv', demoBank().slice(0, 2));
    const text = new TextDecoder('utf-8', { ignoreBOM: true }).decode(bytes);
    const [head] = new TextDecoder('utf-8', { ignoreBOM: true })
      .decode(demo('course-shelf.csv'))
      .split('\r\n');
    expect(text.split('\r\n')[0]).toBe(head);
    expect(text).not.toContain('SAMPLE');
    expect(differences).toEqual([]);
    expect(text.endsWith('\r\n')).toBe(true);
  });
  it('are read by a second reader (csv-parse) with every cell as meant', async () => {
    // A question longer than the 160 signs of the form asks for words of one's own, and stays out until then.
    const items = demoBank()
      .filter((one) => one.options && one.stem.plain.length <= 160)
      .slice(0, 20);
    const { bytes } = await filled('course-shelf.csv', items);
    const rows = parse(Buffer.from(bytes), { delimiter: ';', bom: true }) as string[][];
    expect(rows.slice(1).map((row) => row[1])).toEqual(items.map((one) => one.stem.plain));
    expect(rows.slice(1).map((row) => row.slice(2, 7).filter(Boolean))).toEqual(
      items.map((one) =>
        one.options!.map((option) => `${option.right ? '*' : ''}${option.text.plain}`),
      ),
    );
  });
  it.each([
    ['utf-8', [81]],
    ['utf-8-bom', [0xef, 0xbb, 0xbf]],
    ['utf-16le', [0xff, 0xfe]],
    ['windows-1252', [81]],
  ] as const)('are written as %s', async (encoding, head) => {
    const layout = rowsLayout(['stem', 'option', 'option', 'key'], {
      file: { format: 'csv', separator: ';', encoding, newline: 'lf', headingRow: 1, firstRow: 2 },
    });
    layout.columns[0]!.heading = 'Question';
    const { bytes, differences } = await fill(
      {
        items: [item({ stem: { plain: 'Größe des Cafés?' }, options: options('*groß', 'klein') })],
        layout,
      },
      surroundings,
    );
    expect([...bytes.slice(0, head.length)]).toEqual([...head]);
    expect(differences).toEqual([]);
  });
});

describe('for random banks and layouts', () => {
  const layouts: Layout[] = [
    rowsLayout(['stem', 'option', 'option', 'option', 'option', 'key', 'points', 'seconds'], {
      key: { style: 'letter', separator: ',' },
    }),
    rowsLayout(['stem', 'option', 'option', 'option', 'key'], {
      key: { style: 'number', separator: '+' },
      file: { format: 'csv', separator: ';', quote: 'all', headingRow: 1, firstRow: 2 },
      limits: { stem: 20, option: 12, optionsMax: 3 },
    }),
    rowsLayout(['stem', 'option', 'option', 'option', 'option', 'option'], {
      key: { style: 'marker', marker: '*' },
      file: { format: 'tsv', separator: '\t', headingRow: 1, firstRow: 2 },
    }),
    rowsLayout(['stem', 'option', 'verdict', 'option', 'verdict', 'option', 'verdict'], {
      key: { style: 'verdict', right: 'yes', wrong: 'no' },
    }),
    rowsLayout(['stem', 'option', 'option', 'option'], { key: { style: 'first' } }),
    rowsLayout(['stem', 'accepted', 'category'], {
      key: { style: 'text' },
      file: { format: 'csv', separator: '|', headingRow: 1, firstRow: 2 },
    }),
  ];
  it('fill then read-back equals the fitted questions, and no text runs as a formula', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(anyItem, { minLength: 1, maxLength: 6 }).map(numbered),
        fc.constantFrom(...layouts),
        async (items, layout) => {
          const { bytes, differences } = await fill({ items, layout }, surroundings);
          expect(differences).toEqual([]);
          const rows = parse(Buffer.from(bytes), {
            delimiter: layout.file.separator!,
            relax_column_count: true,
          }) as string[][];
          for (const cell of rows.slice(1).flat()) {
            expect(cell).not.toMatch(/^[=@]|^[+-](?!\s*[\d.,]+\s*%?$)/);
          }
        },
      ),
      { numRuns: 500 },
    );
  });
  it('holds for a workbook too', async () => {
    const layout = await layoutOf('evening-host.xlsx');
    await fc.assert(
      fc.asyncProperty(
        fc.array(anyItem, { minLength: 1, maxLength: 5 }).map(numbered),
        async (items) => {
          const { bytes, differences } = await fill(
            { items, layout, blank: demo('evening-host.xlsx'), setTitle: 'T' },
            surroundings,
          );
          expect(differences).toEqual([]);
          const sheet = read(bytes).Sheets['Round']!;
          expect(
            Object.entries(sheet).filter(
              ([name, cell]) => /^[C-J]\d+$/.test(name) && (cell as { f?: string }).f,
            ),
          ).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('the receipt and the read-back', () => {
  it('say what went in, what changed, what stayed out, and the digest', async () => {
    const { receipt } = await filled('evening-host.xlsx', demoBank());
    expect(receipt).toMatchObject({
      set: 'First evening',
      questions: 50,
      file: { name: 'First evening.xlsx' },
      readBack: { questions: 50, differences: [] },
    });
    expect(receipt.items.filter((one) => one.changes.length)).toHaveLength(25);
    expect(receipt.leftOut).toHaveLength(10);
    const reasons = receipt.leftOut.map(({ reason }) => reason);
    expect(reasons[0]).toContain('needs your words');
    expect(reasons.slice(1).some((reason) => reason.includes('short answer'))).toBe(true);
  });
  it('leave changed questions out where changes are refused', async () => {
    const { receipt } = await fill(
      {
        items: demoBank(),
        layout: await layoutOf('evening-host.xlsx'),
        blank: demo('evening-host.xlsx'),
        accept: 'none',
      },
      surroundings,
    );
    expect(receipt.questions).toBe(25);
  });
  it('notice a file that was tampered with', async () => {
    const layout = rowsLayout(['stem', 'option', 'option', 'key', 'points']);
    const { bytes } = await fill(
      {
        items: [
          item({ points: 2, options: options('*p', 'q') }),
          item({ id: 'b', stem: { plain: 'Second?' }, options: options('*p', 'q') }),
        ],
        layout,
      },
      surroundings,
    );
    const changed = new TextEncoder().encode(
      new TextDecoder()
        .decode(bytes)
        .replace(',A,2', ',B,3')
        .replace(/Second.*\r\n/, ''),
    );
    const meant = [
      item({ points: 2, options: options('*p', 'q') }),
      item({ id: 'b', stem: { plain: 'Second?' }, options: options('*p', 'q') }),
    ];
    const { differences } = await readBackFile({ name: 'x.csv', bytes: changed }, layout, meant);
    expect(differences.map((difference) => `${difference.n} ${difference.field}`)).toEqual([
      '1 key',
      '1 points',
      '2 question',
    ]);
  });
});

describe('names and signs', () => {
  it('make file names that every system takes', () => {
    const layout = rowsLayout(['stem']);
    expect(
      ['First: evening / 2?', '..', 'CON', 'Größe'].map((name) => fileName(name, layout)),
    ).toEqual(['First evening 2.csv', 'Set.csv', 'Set CON.csv', 'Größe.csv']);
    expect(fileName('x'.repeat(300), layout).length).toBeLessThan(110);
    expect(fileName('list\u202egpj', layout)).toBe('listgpj.csv');
    expect(fileName('a\ud800b', layout)).toBe('a\ufffdb.csv');
  });
  it('escape what XML can’t hold', () => {
    expect(escapeCell('a & b < c > "d"')).toBe('a &amp; b &lt; c &gt; &quot;d&quot;');
    expect(escapeCell('_x0041_')).toBe('_x005F_x0041_');
    expect(escapeCell('bell\u0007')).toBe('bell_x0007_');
  });
});
