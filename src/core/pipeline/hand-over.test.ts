// Every shape filled, opened by two readers that have nothing to do with this program, and read back.
import { readFileSync } from 'node:fs';
import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { strFromU8, unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import {
  fill,
  fillAgain,
  fillAll,
  fit,
  foldReceipt,
  unfoldReceipt,
  keyPlaces,
  learnBlank,
  makeBlank,
  pasteBlock,
  STARTERS,
  bundle,
  receiptPage,
  readBackFile,
  type Filled,
} from '.';
import type { Item, Layout } from '../model';
import { lengthOf } from '../shared/lengths';
import { EVERY_KIND } from '../../../tests/kinds';
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
import {
  byGnumeric,
  byOpenpyxl,
  byPython,
  HAS_GNUMERIC,
  HAS_OPENPYXL,
} from '../../../tests/readers';

const starter = (id: string): Layout => STARTERS.find((layout) => layout.id === `starter-${id}`)!;
const fixture = (name: string): Uint8Array =>
  new Uint8Array(readFileSync(new URL(`../../../tests/fixtures/${name}`, import.meta.url)));
const bank = (): Item[] => [...demoBank(), ...EVERY_KIND];
const learned = async (name: string, bytes: Uint8Array): Promise<Layout> =>
  (await learnBlank({ name, bytes }, surroundings)).layout;

/** The cells that the fit means, by their address. */
function meantCells(layout: Layout, items: readonly Item[]): Map<string, string> {
  const cells = fit(items, layout).flatMap((one) => one.cells ?? []);
  return new Map(
    cells.flatMap((row, index) =>
      Object.entries(row).map(
        ([place, value]) =>
          [
            layout.shape === 'grid' ? place : `${place}${(layout.file.firstRow ?? 2) + index}`,
            String(value),
          ] as const,
      ),
    ),
  );
}
const at = (rows: readonly (readonly string[])[], name: string): string => {
  const [, letters = '', row = ''] = /^([A-Z]+)(\d+)$/.exec(name)!;
  return (
    rows[Number(row) - 1]?.[
      [...letters].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0) - 1
    ] ?? ''
  );
};
const unlike = (meant: Map<string, string>, rows: readonly (readonly string[])[]): string[] =>
  [...meant]
    .filter(([name, value]) => at(rows, name) !== value)
    .map(
      ([name, value]) =>
        `${name}: meant ${JSON.stringify(value)}, found ${JSON.stringify(at(rows, name))}`,
    );

/** Rows and columns counted from A1 again: gnumeric leaves away what is empty in front of the first filled cell. */
function fromA1(rows: readonly string[][], { columns, file, grid }: Layout): string[][] {
  const anchor = columns.find(({ heading }) => heading);
  const heading = grid ? 'Level' : (anchor?.heading ?? '');
  const row = rows.findIndex((cells) => cells.includes(heading));
  const down = (grid?.categoryRow ?? file.headingRow ?? 1) - 1 - row;
  const right = (grid ? 0 : anchor!.column.charCodeAt(0) - 65) - rows[row]!.indexOf(heading);
  return [
    ...Array.from({ length: down }, () => []),
    ...rows.map((cells) => [...Array.from({ length: right }, () => ''), ...cells]),
  ];
}

/** Packages part by part: which differ from the blank's. */
function changedParts(blank: Uint8Array, filled: Uint8Array): string[] {
  const [before, after] = [unzipSync(blank), unzipSync(filled)];
  expect(Object.keys(after)).toEqual(Object.keys(before));
  return Object.keys(before).filter(
    (name) => Buffer.compare(Buffer.from(before[name]!), Buffer.from(after[name]!)) !== 0,
  );
}

const BLANKS: readonly { name: string; bytes: () => Uint8Array; sheet: string; index: string }[] = [
  ...['lettered', 'numbered', 'weights', 'board', 'paste'].map((id) => {
    const layout = starter(id);
    return {
      name: `${layout.name}.${layout.file.format}`,
      bytes: () => makeBlank(layout)!.bytes,
      sheet: layout.file.sheet!,
      index: '0',
    };
  }),
  { name: 'evening-host.xlsx', bytes: () => demo('evening-host.xlsx'), sheet: 'Round', index: '1' },
  {
    name: 'protected-form.xlsx',
    bytes: () => fixture('protected-form.xlsx'),
    sheet: 'Fill here',
    index: '0',
  },
  {
    name: 'protected-form.ods',
    bytes: () => fixture('protected-form.ods'),
    sheet: 'Fill here',
    index: '0',
  },
  {
    name: 'locked-board.xlsx',
    bytes: () => fixture('locked-board.xlsx'),
    sheet: 'Board',
    index: '0',
  },
];

describe.each(BLANKS)('$name filled', ({ name, bytes, sheet, index }) => {
  const work = async (): Promise<{
    layout: Layout;
    blank: Uint8Array;
    filled: Filled;
    items: Item[];
  }> => {
    const blank = bytes();
    const layout = await learned(name, blank);
    const items = bank();
    const [filled] = await fillAll(
      { items, layout, blank, setTitle: 'First evening' },
      surroundings,
    );
    return { layout, blank, filled: filled!, items };
  };
  it('reads back as meant, and leaves every part alone but the sheet', async () => {
    const { blank, filled } = await work();
    expect(filled.differences).toEqual([]);
    expect(changedParts(blank, filled.bytes)).toEqual([
      name.endsWith('.ods')
        ? 'content.xml'
        : expect.stringMatching(/^xl\/worksheets\/sheet\d\.xml$/),
    ]);
  });
  it('opens in two other programs, cell by cell as meant', async ({ skip }) => {
    if (!HAS_OPENPYXL || !HAS_GNUMERIC) {
      skip('openpyxl and gnumeric are not both installed');
    }
    const { layout, filled, items } = await work();
    const meant = new Map(
      [...meantCells(layout, items)].filter(
        ([place]) =>
          layout.shape === 'grid' ||
          Number(place.replace(/\D/g, '')) < (layout.file.firstRow ?? 2) + filled.receipt.questions,
      ),
    );
    expect(meant.size).toBeGreaterThan(10);
    expect(unlike(meant, fromA1(byGnumeric(name, filled.bytes, index), layout))).toEqual([]);
    if (name.endsWith('.ods')) {
      return;
    }
    const { rows, formulas } = byOpenpyxl(name, filled.bytes, sheet);
    expect(unlike(meant, rows)).toEqual([]);
    expect(formulas.filter((cell) => meant.has(cell))).toEqual([]);
  });
});

describe('a protected form keeps what its makers put in', () => {
  it('in a workbook: protection, rules, formats, notes, names, hidden sheets', async ({ skip }) => {
    if (!HAS_OPENPYXL) {
      skip('openpyxl is not installed');
    }
    const layout = await learned('protected-form.xlsx', fixture('protected-form.xlsx'));
    const { bytes } = await fill(
      {
        items: demoBank().slice(0, 5),
        layout,
        blank: fixture('protected-form.xlsx'),
        setTitle: 'T',
      },
      surroundings,
    );
    const [before, after] = [fixture('protected-form.xlsx'), bytes].map((one) =>
      strFromU8(unzipSync(one)['xl/worksheets/sheet1.xml']!),
    );
    for (const tag of [
      'sheetProtection',
      'conditionalFormatting',
      'dataValidations',
      'cols',
      'mergeCells',
      'headerFooter',
      'legacyDrawing',
      'sheetViews',
    ]) {
      const part = (xml: string): string[] =>
        xml.match(new RegExp(`<${tag}[ >].*?(?:</${tag}>|/>)`, 'gs')) ?? [];
      expect(part(after!), tag).toEqual(part(before!));
      expect(part(before!).length, tag).toBeGreaterThan(0);
    }
    // The formats of the prepared row, and the formula beside each row.
    expect(after!.match(/<f>IF\(C\d+/g)).toHaveLength(40);
    expect(/<c r="C9" s="(\d+)"/.exec(after!)?.[1]).toBe(/<c r="C9" s="(\d+)"/.exec(before!)?.[1]);
    expect(after).not.toContain('Sample: what is weighed');
  });
  it('in an open document the rules, notes and formulas of the rows', async () => {
    const layout = await learned('protected-form.ods', fixture('protected-form.ods'));
    const { bytes } = await fill(
      {
        items: demoBank().slice(0, 5),
        layout,
        blank: fixture('protected-form.ods'),
        setTitle: 'T',
      },
      surroundings,
    );
    const [before, after] = [fixture('protected-form.ods'), bytes].map((one) =>
      strFromU8(unzipSync(one)['content.xml']!),
    );
    for (const pattern of [
      /<table:content-validation .*?<\/table:content-validations>/s,
      /<office:annotation.*?<\/office:annotation>/s,
      /<table:named-expressions>.*<\/table:named-expressions>/s,
    ]) {
      expect(pattern.exec(after!)?.[0]).toBe(pattern.exec(before!)?.[0]);
    }
    expect(after!.match(/table:formula=/g)).toEqual(before!.match(/table:formula=/g));
    expect(unzipSync(bytes)['mimetype']).toEqual(
      unzipSync(fixture('protected-form.ods'))['mimetype'],
    );
    expect(strFromU8(bytes.subarray(30, 38))).toBe('mimetype');
  });
});

it('a table over the form’s rows reaches down over the filled ones, and every other part stays', async ({
  skip,
}) => {
  if (!HAS_OPENPYXL) {
    skip('openpyxl is not installed');
  }
  const blank = fixture('table-form.xlsx');
  const layout = await learned('table-form.xlsx', blank);
  const { bytes, differences, receipt } = await fill(
    { items: demoBank(), layout, blank, setTitle: 'T' },
    surroundings,
  );
  expect(differences).toEqual([]);
  expect(changedParts(blank, bytes).sort()).toEqual([
    'xl/tables/table1.xml',
    'xl/worksheets/sheet1.xml',
  ]);
  const table = strFromU8(unzipSync(bytes)['xl/tables/table1.xml']!);
  expect(table.match(new RegExp(`ref="A1:E${receipt.questions + 1}"`, 'g'))).toHaveLength(2);
  expect(byOpenpyxl('t.xlsx', bytes, 'Upload').rows).toHaveLength(receipt.questions + 1);
  // Fewer questions than the form has rows for: the table is as its makers drew it.
  expect(
    changedParts(
      blank,
      (await fill({ items: demoBank().slice(0, 1), layout, blank }, surroundings)).bytes,
    ),
  ).toEqual(['xl/worksheets/sheet1.xml']);
});

describe('blocks of rows', () => {
  const blank = fixture('blocks-form.xlsx');
  it('stay in step with the form’s own blocks and rules while the answers fit', async ({
    skip,
  }) => {
    if (!HAS_OPENPYXL) {
      skip('openpyxl is not installed');
    }
    const layout = await learned('blocks-form.xlsx', blank);
    const items = [
      item({ id: 'a', options: options('p', '*q', 'r') }),
      item({ id: 'b', kind: 'short', options: undefined, accepted: ['w'] }),
    ];
    const { bytes, differences, notes } = await fill({ items, layout, blank }, surroundings);
    expect([differences, notes]).toEqual([[], []]);
    const { rows } = byOpenpyxl('b.xlsx', bytes, 'Blocks');
    expect([3, 7, 8, 9, 11, 12, 15, 16, 19].map((r) => rows[r - 1]!.slice(0, 3).join(' '))).toEqual(
      [
        'Question What does a paddle let through? ',
        'Answer p wrong',
        'Answer q right',
        'Answer r wrong',
        'Question What does a paddle let through? ',
        'Kind typed ',
        'Answer w right',
        'Answer  ',
        'Question  ',
      ],
    );
    expect(rows[6]![3]).toBe('');
  });
  it('grow where a question has more answers, and their drop-downs move with them', async () => {
    const layout = await learned('blocks-form.xlsx', blank);
    const items = numbered([
      item({ options: options('*1', '2', '3', '4', '5') }),
      item({ options: options('*p', 'q') }),
      item(),
      item(),
      item(),
    ]);
    const { bytes, differences } = await fill({ items, layout, blank }, surroundings);
    expect(differences).toEqual([]);
    const xml = strFromU8(unzipSync(bytes)['xl/worksheets/sheet1.xml']!);
    const verdicts =
      /<dataValidation[^>]*sqref="([^"]*)"[^>]*>\s*<formula1>"right,wrong"/.exec(xml)?.[1] ?? '';
    expect(verdicts.split(' ')).toEqual(expect.arrayContaining(['C10', 'C11']));
  });
});

describe('text files of the starters', () => {
  it.each(['starred', 'verdicts', 'right-and-rest', 'cards'])(
    '%s: two other readers find every cell as meant',
    async (id) => {
      const layout = starter(id);
      const { bytes, differences } = await fill(
        { items: bank(), layout, setTitle: 'T' },
        surroundings,
      );
      expect(differences).toEqual([]);
      const meant = meantCells(layout, bank());
      const delimiter = layout.file.separator!;
      expect(
        unlike(
          meant,
          parse(Buffer.from(bytes), {
            delimiter,
            bom: true,
            relax_column_count: true,
          }) as string[][],
        ),
      ).toEqual([]);
      expect(
        unlike(
          meant,
          byPython(
            'x.csv',
            bytes,
            layout.file.encoding === 'utf-8-bom' ? 'utf-8-sig' : 'utf-8',
            delimiter,
          ),
        ),
      ).toEqual([]);
    },
  );
  it('marked text says title, category, feedback and pairs, and its own signs come back as text', async () => {
    const items = [
      item({
        id: 'a',
        title: 'Paddles',
        category: ['Locks', 'Parts'],
        options: [
          { text: { plain: '» or ·?' }, right: true, feedback: { plain: 'See → here' } },
          { text: { plain: '\\n' }, right: false },
        ],
        stem: { plain: 'Which sign\nis it? ‹a› § ⇌' },
      }),
      item({
        id: 'b',
        kind: 'match',
        options: undefined,
        category: ['Locks', 'Parts'],
        pairs: [
          { left: { plain: 'Gate' }, right: { plain: 'holds' } },
          { left: { plain: '%% Paddle' }, right: { plain: 'lets through' } },
        ],
      }),
      item({ id: 'c' }),
    ];
    const { bytes, differences } = await fill(
      { items, layout: starter('marked-text') },
      surroundings,
    );
    expect(differences).toEqual([]);
    const text = strFromU8(bytes);
    expect(text).toContain('§ Locks > Parts\n\n‹Paddles› Which sign is it?');
    expect(text).toContain('\n%% A line that begins with %% is not read.'.trim());
    // The question without a category comes before the first category's line.
    expect(text.indexOf('What does a paddle let through?')).toBeLessThan(text.indexOf('§ Locks'));
  });
  it('a form with labels and a key line', async () => {
    const layout: Layout = {
      ...starter('marked-text'),
      marks: {
        right: '*',
        stemLabel: '1.',
        optionLabel: 'a)',
        keyLine: 'Answer:',
        between: 'blank-line',
      },
    };
    const { bytes, differences } = await fill(
      {
        items: numbered([item(), item({ kind: 'choice-many', options: options('*p', 'q', '*r') })]),
        layout,
      },
      surroundings,
    );
    expect(differences).toEqual([]);
    expect(strFromU8(bytes)).toContain(
      '1. What does a paddle let through?\na) Boats\nb) Water\nc) Walkers\nAnswer: B\n\n2. ',
    );
    expect(fit([item({ options: options('*a) first', 'x') })], layout)[0]).toMatchObject({
      state: 'refused',
      reason: expect.stringContaining('no way to write it as text'),
    });
  });
});

describe('the board', () => {
  it('takes categories by name, levels by points, and says what it had to move', async () => {
    const layout = await learned('locked-board.xlsx', fixture('locked-board.xlsx'));
    const card = (id: string, category: string, points?: number): Item => ({
      id,
      ref: id,
      kind: 'short',
      stem: { plain: `Question ${id}?` },
      accepted: [`answer ${id}`],
      category: [category],
      ...(points ? { points } : {}),
    });
    const fitted = fit(
      [
        card('a', 'Ropes', 300),
        card('b', 'ropes', 100),
        card('c', 'Ropes'),
        card('d', 'Stars', 200),
        card('e', 'Ropes'),
      ],
      layout,
    );
    expect(fitted[0]).toMatchObject({
      state: 'fits',
      cells: [{ C6: 'Question a?', C7: 'answer a' }],
    });
    expect(fitted[1]).toMatchObject({ state: 'fits', cells: [{ C2: 'Question b?' }] });
    expect(fitted[2]).toMatchObject({ state: 'fits', cells: [{ C4: 'Question c?' }] });
    expect(fitted[3]).toMatchObject({
      state: 'changes',
      changes: [{ field: 'category', from: 'Stars', to: 'Boats' }],
      cells: [{ B4: 'Question d?' }],
    });
    expect(fitted[4]).toMatchObject({
      state: 'changes',
      changes: [{ field: 'category', from: 'Ropes' }],
    });
  });
  it('names its categories in both headings where they say which side stands below', async () => {
    const blank = [
      'Level,Category 1 question,Category 1 answer,Category 2 question,Category 2 answer',
      '100,,,,',
      '200,,,,',
    ].join('\n');
    const bytes = new TextEncoder().encode(blank);
    const layout = await learned('board.csv', bytes);
    const items = [
      item({
        id: 'a',
        ref: 'A',
        kind: 'short',
        options: undefined,
        accepted: ['a gate'],
        category: ['Locks'],
        points: 200,
      }),
      item({
        id: 'b',
        ref: 'B',
        kind: 'short',
        options: undefined,
        accepted: ['a bow'],
        category: ['Boats'],
        points: 100,
      }),
    ];
    const filled = await fill({ items, layout, blank: bytes }, surroundings);
    expect(filled.differences).toEqual([]);
    const rows: string[][] = parse(Buffer.from(filled.bytes), { bom: true });
    expect(rows[0]).toEqual([
      'Level',
      'Boats question',
      'Boats answer',
      'Locks question',
      'Locks answer',
    ]);
    expect(rows[2]!.slice(3)).toEqual([items[0]!.stem.plain, 'a gate']);
    expect(rows[1]!.slice(0, 3)).toEqual(['100', items[1]!.stem.plain, 'a bow']);
  });
  it('takes thirty questions in six categories of five levels, and names the headings of an open board (common practice, no source)', async () => {
    const items = numbered(
      Array.from({ length: 33 }, (_, n): Item => ({
        id: '',
        ref: '',
        kind: 'short',
        stem: { plain: `Question ${n}?` },
        accepted: [`answer ${n}`],
        category: [`Theme ${(n % 6) + 1}`],
      })),
    );
    const { receipt, bytes, differences } = await fill(
      { items, layout: starter('board') },
      surroundings,
    );
    expect(differences).toEqual([]);
    expect(receipt.questions).toBe(30);
    expect(receipt.leftOut).toHaveLength(3);
    expect(receipt.leftOut[0]!.reason).toBe('the board is full: its 30 cells are taken');
    expect(
      (await readBackFile({ name: 'b.xlsx', bytes }, starter('board'))).items
        .slice(0, 6)
        .map(({ category }) => category![0]),
    ).toEqual(['Theme 1', 'Theme 2', 'Theme 3', 'Theme 4', 'Theme 5', 'Theme 6']);
  });
});

describe('the starter layouts', () => {
  it.each(
    STARTERS.filter(({ shape }) => shape !== 'package').map(
      (layout) => [layout.name, layout] as const,
    ),
  )('%s is learned again from its own blank', async (_, layout) => {
    const blank = makeBlank(layout)!;
    const again = await learned(blank.name, blank.bytes);
    expect(again).toMatchObject({
      shape: layout.shape,
      limits: layout.limits,
      ...(layout.grid ? { grid: layout.grid } : {}),
      ...(layout.marks ? { marks: layout.marks } : {}),
    });
    expect(again.columns.map(({ column, role, n }) => [column, role, n])).toEqual(
      layout.columns.map(({ column, role, n }) => [column, role, n]),
    );
    if (layout.shape === 'rows') {
      expect(again).toMatchObject({ key: layout.key, file: layout.file });
    }
  });
  it.each(STARTERS.map((layout) => [layout.name, layout] as const))(
    '%s: every kind of question is carried, re-coded with its name, or refused with a reason',
    async (_, layout) => {
      const files = await fillAll({ items: bank(), layout, setTitle: 'T' }, surroundings);
      expect(files.flatMap(({ differences }) => differences)).toEqual([]);
      for (const one of fit(bank(), layout)) {
        if (one.state === 'refused') {
          expect(one.reason).toBeTruthy();
        } else if (one.state === 'changes') {
          expect(one.changes.every(({ why }) => why.length > 10)).toBe(true);
        }
      }
    },
  );
});

describe('what a receiver knows under another kind', () => {
  const takes = (kind: Item['kind']): Layout =>
    rowsLayout(['stem', 'option', 'option', 'option', 'option', 'key', 'accepted'], {
      kinds: [{ kind, code: 'K' }],
    });
  const one = (id: string): Item => EVERY_KIND.find((candidate) => candidate.id === id)!;
  it.each<[string, Item, Layout, number, string]>([
    [
      'several right answers into true or false',
      one('many'),
      takes('true-false'),
      3,
      'each of its 3 options becomes a statement',
    ],
    [
      'pairs into choices',
      one('match'),
      takes('choice-one'),
      3,
      'each of its 3 pairs becomes a question',
    ],
    [
      'a number into a short answer',
      one('number'),
      takes('short'),
      1,
      "the tolerance of 0.1 can't be said",
    ],
    [
      'gaps into short answers',
      one('gap'),
      takes('short'),
      2,
      'each of its 2 gaps becomes a question',
    ],
    [
      'a choice into a card',
      one('one'),
      { ...takes('card'), columns: rowsLayout(['stem', 'accepted']).columns },
      1,
      '2 wrong ones stay out',
    ],
  ])('%s', (_, question, layout, n, why) => {
    const fitted = fit([question], layout)[0]!;
    expect(fitted).toMatchObject({
      state: 'changes',
      changes: expect.arrayContaining([
        expect.objectContaining({ field: 'kind', why: expect.stringContaining(why) }),
      ]),
    });
    expect(fitted.as).toHaveLength(n);
    expect(new Set(fitted.as!.map(({ ref }) => ref)).size).toBe(n);
  });
  it('a card into a choice, with distractors of its own category first, and never without any', () => {
    const cards = [
      one('card'),
      one('card-2'),
      one('card-3'),
      {
        ...one('card'),
        id: 'x',
        stem: { plain: 'bow' },
        accepted: ['the front of a boat'],
        category: ['Boats'],
      },
    ];
    const [fitted] = fit([one('card-2')], takes('choice-one'), {}, { deck: cards });
    expect(
      fitted!.as![0]!.options!.filter(({ right }) => right).map(({ text }) => text.plain),
    ).toEqual(['the step under the upper gates']);
    expect(fitted!.as![0]!.options!.map(({ text }) => text.plain)).toEqual(
      expect.arrayContaining(['water between two locks', 'a wide place to turn a boat']),
    );
    expect(
      fit([one('card-2')], takes('choice-one'), {}, { deck: [one('card-2')] })[0],
    ).toMatchObject({ state: 'refused' });
  });
  it('an encoding’s missing signs are written plainly; a default fills what the receiver asks for', () => {
    const narrow = {
      ...takes('choice-one'),
      kinds: [],
      file: { ...takes('choice-one').file, encoding: 'windows-1252' as const },
    };
    expect(
      fit([item({ stem: { plain: 'Łódź → Bâle?' } })], {
        ...narrow,
        columns: narrow.columns.slice(0, 6),
      })[0],
    ).toMatchObject({ state: 'changes', changes: [{ field: 'stem', to: 'Lódz -> Bâle?' }] });
    const asking = rowsLayout(['stem', 'option', 'option', 'option', 'key', 'points', 'category']);
    asking.columns[5] = { ...asking.columns[5]!, required: true, default: '2' };
    asking.columns[6] = { ...asking.columns[6]!, values: ['Locks', 'Boats'], default: 'Locks' };
    const [fitted] = fit([item({ category: ['Weather'] })], asking);
    expect(fitted).toMatchObject({ state: 'changes', cells: [{ F: '2', G: 'Locks' }] });
    expect(fitted!.changes.map(({ field, to }) => `${field}=${to}`)).toEqual([
      'points=2',
      'category=Locks',
    ]);
  });
});

describe('common-practice values (no published source)', () => {
  const limited = (limits: Layout['limits']): Layout => ({ ...starter('numbered'), limits });
  it.each([
    [120, 75],
    [95, 60],
  ])(
    'questions of %i and answers of %i characters fit to the sign, one more is named',
    (stem, option) => {
      const exact = item({
        stem: { plain: `${'x'.repeat(stem - 1)}?` },
        options: options(`*${'y'.repeat(option)}`, 'z'),
      });
      const over = item({
        stem: { plain: `${'x '.repeat(stem / 2 - 3)}xx. Is it?` },
        options: options(`*${'y'.repeat(option)}y`, 'z'),
      });
      expect(fit([exact], limited({ stem, option }))[0]!.state).toBe('fits');
      expect(fit([over], limited({ stem, option }))[0]!.changes.map(({ field }) => field)).toEqual([
        'stem',
        'options.0',
      ]);
    },
  );
  it('twenty seconds stand where a time limit is asked for and none is given', () => {
    const asks = {
      ...starter('numbered'),
      columns: starter('numbered').columns.map((column) =>
        column.role === 'seconds' ? { ...column, required: true, default: '20' } : column,
      ),
    };
    expect(fit([item({ seconds: undefined })], { ...asks, limits: {} })[0]).toMatchObject({
      changes: [{ field: 'seconds', to: '20' }],
      as: [{ seconds: 20 }],
    });
  });
  it('ten options at most, fifty questions per file', async () => {
    const wide = rowsLayout(
      ['stem', ...Array.from({ length: 10 }, () => 'option' as const), 'key'],
      { limits: { optionsMax: 10, perFile: 50 } },
    );
    expect(
      fit([item({ options: options('*a', ...'bcdefghijkl') })], wide)[0]!.as![0]!.options,
    ).toHaveLength(10);
    const files = await fillAll(
      { items: numbered(Array.from({ length: 120 }, () => item())), layout: wide, setTitle: 'Set' },
      surroundings,
    );
    expect(files.map(({ name, receipt }) => [name, receipt.questions])).toEqual([
      ['Set 1 of 3.csv', 50],
      ['Set 2 of 3.csv', 50],
      ['Set 3 of 3.csv', 20],
    ]);
  });
});

describe('right answers spread over the places', () => {
  const layout = rowsLayout(['stem', 'option', 'option', 'option', 'option', 'key']);
  const first = numbered(
    Array.from({ length: 41 }, (_, n) =>
      item({ options: options('*right', `b${n}`, `c${n}`, `d${n}`) }),
    ),
  );
  it('lie evenly, alike for the same seed, and the read-back holds', async () => {
    const { before, after } = keyPlaces({ items: first, layout }, 7);
    expect(before).toEqual([41, 0, 0, 0]);
    expect([...after].sort()).toEqual([10, 10, 10, 11]);
    const [a, b] = [
      await fill({ items: first, layout, spread: 7 }, surroundings),
      await fill({ items: first, layout, spread: 7 }, surroundings),
    ];
    expect(Buffer.from(a.bytes).equals(Buffer.from(b.bytes))).toBe(true);
    expect(a.differences).toEqual([]);
    expect(
      Buffer.from((await fill({ items: first, layout, spread: 8 }, surroundings)).bytes).equals(
        Buffer.from(a.bytes),
      ),
    ).toBe(false);
    expect(
      a.receipt.items.some(({ changes }) =>
        changes.some(({ field, why }) => field === 'key' && why.includes('seed 7')),
      ),
    ).toBe(true);
  });
  it('leave true or false, questions that keep their order and options that speak of others where they are', () => {
    const stays = numbered([
      item({ shuffle: false }),
      item({ kind: 'true-false', options: options('*True', 'False') }),
      item({ options: options('*a gate', 'a wall', 'all of the above') }),
    ]);
    for (const one of fit(stays, layout, {}, { spread: 3 })) {
      expect(one.changes.filter(({ field }) => field === 'key')).toEqual([]);
    }
  });
});

describe('several files, receipts, and the same file again', () => {
  it('one zip holds the files under names of their own, the receipts and a summary', async () => {
    const files = [
      ...(await fillAll(
        { items: demoBank(), layout: starter('lettered'), setTitle: 'Evening' },
        surroundings,
      )),
      ...(await fillAll(
        { items: demoBank(), layout: starter('numbered'), setTitle: 'Evening' },
        surroundings,
      )),
    ];
    const parts = unzipSync(bundle(files));
    expect(Object.keys(parts)).toEqual(
      expect.arrayContaining([
        'summary.txt',
        'Evening for Lettered key.xlsx',
        'Evening for Numbered key.xlsx',
        'receipts/Evening for Numbered key.xlsx.html',
      ]),
    );
    expect(strFromU8(parts['summary.txt']!)).toContain('read back by other code: all as meant');
    expect(
      Buffer.from(parts['Evening for Lettered key.xlsx']!).equals(Buffer.from(files[0]!.bytes)),
    ).toBe(true);
    expect(Buffer.from(bundle(files)).equals(Buffer.from(bundle(files)))).toBe(true);
  });
  it.each(['evening-host.xlsx', 'course-shelf.csv'])(
    'a receipt of %s makes the same file again to the byte, batch by batch',
    async (name) => {
      const blank = demo(name);
      const layout = await learned(name, blank);
      const files = await fillAll(
        {
          items: demoBank(),
          layout,
          blank,
          setTitle: 'Evening',
          spread: 5,
          decisions: { [demoBank()[3]!.id]: { own: { stem: 'Who goes first?' } } },
        },
        surroundings,
      );
      for (const file of files) {
        expect(
          Buffer.from(
            (
              await fillAgain(
                JSON.parse(JSON.stringify(file.receipt)) as typeof file.receipt,
                blank,
                surroundings,
              )
            ).bytes,
          ).equals(Buffer.from(file.bytes)),
        ).toBe(true);
      }
      expect(files.length).toBe(name.endsWith('.xlsx') ? 2 : 1);
    },
  );
  it('a receipt of many questions is folded small and unfolds to the same', async () => {
    const { receipt } = await fill(
      {
        items: numbered(Array.from({ length: 300 }, () => item())),
        layout: rowsLayout(['stem', 'option', 'option', 'option', 'key']),
      },
      surroundings,
    );
    const folded = foldReceipt(receipt);
    expect(folded.again).toBeUndefined();
    expect(JSON.stringify(folded).length).toBeLessThan(JSON.stringify(receipt).length / 2);
    expect(unfoldReceipt(folded)).toEqual(JSON.parse(JSON.stringify(receipt)));
    expect((await fillAgain(folded, undefined, surroundings)).receipt.file).toEqual(receipt.file);
    const { again: _again, ...rest } = receipt;
    expect(unfoldReceipt({ ...rest, folded: 'bm90aGluZw==' })).toEqual(rest);
  });
  it('a receipt’s page shows texts as text', async () => {
    const { receipt } = await fill(
      {
        items: [item({ ref: '<img src=x onerror=alert(1)>', stem: { plain: 'x'.repeat(300) } })],
        layout: { ...starter('numbered'), name: '<script>1</script>' },
      },
      surroundings,
    );
    const page = receiptPage(receipt);
    expect(page).not.toMatch(/<script|<img/);
    expect(page).toContain('&lt;script&gt;');
    expect(page).toContain(receipt.file.sha256);
  });
  it('a block to copy holds the rows of its file, at the cell where they belong', async () => {
    const { receipt } = await fill(
      {
        items: [item({ options: options('*00123', '=1+1') })],
        layout: { ...starter('numbered'), pasteAt: undefined },
      },
      surroundings,
    );
    const { cell, rows, text, html, differences } = pasteBlock(receipt);
    expect(cell).toBe('B2');
    expect(rows).toEqual([['What does a paddle let through?', '1', '00123', '=1+1', '', '', '']]);
    expect(differences).toEqual([]);
    // Neither form may let a cell run in the program that it is pasted into.
    expect(text).toContain("\t'=1+1");
    expect(html).toContain(">'=1+1</td>");
  });
  it('a block leaves out what the file beside it leaves out', async () => {
    const items = numbered([item(), item({ stem: { plain: '' } }), item(), item()]);
    const left = { [items[2]!.id]: { leaveOut: true } };
    const files = await fillAll(
      {
        items,
        layout: { ...starter('numbered'), limits: { perFile: 1 } },
        decisions: left,
        accept: 'none',
      },
      surroundings,
    );
    expect(files).toHaveLength(2);
    for (const { receipt } of files) {
      const { rows, differences } = pasteBlock(receipt);
      expect(rows).toHaveLength(1);
      expect(differences).toEqual([]);
    }
  });
  it('a block without HTML where HTML would join several blanks', async () => {
    const { receipt } = await fill(
      { items: [item({ stem: { plain: 'Two  blanks?' } })], layout: starter('numbered') },
      surroundings,
    );
    const { text, html, differences } = pasteBlock(receipt);
    expect(text).toContain('Two  blanks?');
    expect(html).toBeUndefined();
    expect(differences).toEqual([]);
  });
});

describe('for random banks and any starter', () => {
  const layouts = STARTERS.filter(({ shape }) => shape !== 'grid');
  const anyQuestion = fc.oneof(
    { weight: 4, arbitrary: anyItem },
    { weight: 1, arbitrary: fc.constantFrom(...EVERY_KIND) },
  );
  const rightsOf = (items: readonly Item[]): number =>
    items.reduce((sum, one) => sum + (one.options?.filter(({ right }) => right).length ?? 0), 0);
  it('fill then read-back equals the fitted questions, no right option is lost, no text goes over', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(anyQuestion, { minLength: 1, maxLength: 6 }).map(numbered),
        fc.constantFrom(...layouts),
        fc.option(fc.integer({ min: 0, max: 99 }), { nil: undefined }),
        async (items, layout, spread) => {
          const { differences } = await fill(
            { items, layout, setTitle: 'T', ...(spread !== undefined ? { spread } : {}) },
            surroundings,
          );
          expect(differences).toEqual([]);
          fit(items, layout, {}, spread !== undefined ? { spread } : {}).forEach((one, index) => {
            if (!one.as) {
              return;
            }
            const before = items[index]!;
            if (before.options && one.as[0]!.options && one.as.length === 1) {
              expect(rightsOf(one.as)).toBe(rightsOf([before]));
            }
            for (const after of one.as) {
              if (layout.limits.stem) {
                expect(lengthOf(after.stem.plain, layout.limits.count)).toBeLessThanOrEqual(
                  layout.limits.stem,
                );
              }
              if (layout.limits.option) {
                for (const option of after.options ?? []) {
                  expect(lengthOf(option.text.plain, layout.limits.count)).toBeLessThanOrEqual(
                    layout.limits.option,
                  );
                }
              }
            }
          });
        },
      ),
      { numRuns: Number(process.env['COWSLIP_RUNS'] ?? 250) },
    );
  });

  /** Layouts as people might build them: any notation of the key, any file, other columns beside in any order. */
  const anyLayout = fc
    .record({
      style: fc.constantFrom(
        'letter',
        'number',
        'number-from-0',
        'text',
        'marker',
        'verdict',
        'weight',
        'first',
        'right-column' as const,
      ),
      n: fc.integer({ min: 2, max: 8 }),
      beside: fc.uniqueArray(
        fc.constantFrom(
          'ref',
          'points',
          'seconds',
          'hint',
          'explanation',
          'category',
          'title',
          'attempts',
          'number-in-file' as const,
        ),
        { maxLength: 5 },
      ),
      front: fc.boolean(),
      format: fc.constantFrom('csv', 'tsv', 'xlsx', 'ods' as const),
      separator: fc.constantFrom(',', ';', '\t', '|' as const),
      encoding: fc.constantFrom('utf-8', 'utf-8-bom', 'utf-16le', 'windows-1252' as const),
      newline: fc.constantFrom('lf', 'crlf' as const),
      quote: fc.constantFrom('minimal', 'all' as const),
      keySeparator: fc.constantFrom(undefined, ',', '+', '; '),
      first: fc.integer({ min: 2, max: 6 }),
      limits: fc.record({
        stem: fc.constantFrom(undefined, 20, 95, 120),
        option: fc.constantFrom(undefined, 10, 60, 75),
        count: fc.constantFrom(undefined, 'utf16' as const, 'bytes' as const),
        seconds: fc.constantFrom(undefined, [10, 20, 60]),
      }),
    })
    .map((spec): Layout => {
      const option: Layout['columns'][number]['role'][] =
        spec.style === 'verdict'
          ? ['option', 'verdict']
          : spec.style === 'weight'
            ? ['option', 'weight']
            : ['option'];
      const answers =
        spec.style === 'right-column'
          ? ['right' as const, ...Array.from({ length: spec.n - 1 }, () => 'wrong' as const)]
          : Array.from({ length: spec.n }, () => option).flat();
      const key = ['letter', 'number', 'number-from-0', 'text'].includes(spec.style)
        ? ['key' as const]
        : [];
      const roles = [
        ...(spec.front ? spec.beside : []),
        'stem' as const,
        ...answers,
        ...key,
        ...(spec.front ? [] : spec.beside),
      ];
      const isText = spec.format === 'csv' || spec.format === 'tsv';
      return rowsLayout(roles, {
        file: {
          format: spec.format,
          headingRow: spec.first - 1,
          firstRow: spec.first,
          ...(isText
            ? {
                separator: spec.separator,
                encoding: spec.encoding,
                newline: spec.newline,
                quote: spec.quote,
                headingRow: 1,
                firstRow: 2,
              }
            : { sheet: 'Form' }),
        },
        key: {
          style: spec.style,
          ...(spec.keySeparator ? { separator: spec.keySeparator } : {}),
          ...(spec.style === 'verdict' ? { right: 'ok', wrong: 'no' } : {}),
        },
        limits: JSON.parse(JSON.stringify(spec.limits)) as Layout['limits'],
      });
    });
  it('and for random layouts of rows', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(anyQuestion, { minLength: 1, maxLength: 5 }).map(numbered),
        anyLayout,
        async (items, layout) => {
          const { differences, bytes, receipt } = await fill(
            { items, layout, setTitle: 'T' },
            surroundings,
          );
          expect(differences).toEqual([]);
          // The matrix asks for states alone; they must be what the cells would have said.
          const state = ({
            item: id,
            state: is,
            changes,
            reason,
          }: ReturnType<typeof fit>[number]): unknown => ({ id, is, changes, reason });
          expect(fit(items, layout, {}, { states: true }).map(state)).toEqual(
            fit(items, layout).map(state),
          );
          if (
            layout.file.format !== 'csv' ||
            layout.file.encoding === 'utf-16le' ||
            !receipt.questions
          ) {
            return;
          }
          const rows = parse(
            Buffer.from(
              new TextDecoder(
                layout.file.encoding === 'windows-1252' ? 'windows-1252' : 'utf-8',
              ).decode(bytes, { stream: true }),
            ),
            { delimiter: layout.file.separator!, relax_column_count: true, bom: true },
          ) as string[][];
          for (const cell of rows.slice(1).flat()) {
            expect(cell).not.toMatch(/^[=@]|^[+-](?!\s*[\d.,]+\s*%?$)/);
          }
        },
      ),
      { numRuns: Number(process.env['COWSLIP_RUNS'] ?? 250) },
    );
  });
});
