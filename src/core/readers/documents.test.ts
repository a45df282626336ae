// Documents, workbooks and pages made by other programs: the docx package, pandoc, LibreOffice, openpyxl (see
// tests/fixtures/README.md), a community spreadsheet library.
import {
  Document as WordDocument,
  LevelFormat,
  Packer,
  Paragraph,
  Table as WordTable,
  TableCell,
  TableRow,
  TextRun,
  ImageRun,
  type IRunOptions,
} from 'docx';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { utils, write as writeBook, type BookType } from '@e965/xlsx';
import { gatherSource } from '../pipeline';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';

const fixture = (name: string): Uint8Array =>
  new Uint8Array(readFileSync(new URL(`../../../tests/fixtures/${name}`, import.meta.url)));
const read = (name: string, bytes: Uint8Array) =>
  gatherSource({ name, bytes }, {}, { id: counter() });
const GATE = 'choice-one: What opens? [Wall / *Gate / Roof]';
const CORK = 'choice-one: What floats? [*Cork / Brick / Nail]';

const run = (text: string, look: Partial<IRunOptions> = {}): Paragraph =>
  new Paragraph({ children: [new TextRun({ text, ...look })] });
const listed = (
  reference: string,
  level: number,
  text: string,
  look: Partial<IRunOptions> = {},
): Paragraph =>
  new Paragraph({ numbering: { reference, level }, children: [new TextRun({ text, ...look })] });
const numbering = (second: (typeof LevelFormat)[keyof typeof LevelFormat]) => ({
  config: [
    {
      reference: 'own',
      levels: [
        { level: 0, format: LevelFormat.DECIMAL, text: '%1.' },
        { level: 1, format: second, text: '%2)' },
      ],
    },
  ],
});
const table = (...rows: string[][]): WordTable =>
  new WordTable({
    rows: rows.map(
      (cells) =>
        new TableRow({ children: cells.map((text) => new TableCell({ children: [run(text)] })) }),
    ),
  });
const made = async (children: (Paragraph | WordTable)[], more: object = {}): Promise<string[]> =>
  (
    await read(
      'made.docx',
      new Uint8Array(
        await Packer.toBuffer(new WordDocument({ ...more, sections: [{ children }] })),
      ),
    )
  ).items.map(brief);

describe('documents by an independent writer', () => {
  it.each([
    [
      'typed labels and stars',
      [
        run('Quiz'),
        run('1. What opens?'),
        run('a) Wall'),
        run('b) Gate*'),
        run('c) Roof'),
        run('2. What floats?'),
        run('a) Cork*'),
        run('b) Brick'),
        run('c) Nail'),
      ],
    ],
    [
      'the key underlined',
      [
        run('1. What opens?'),
        run('a) Wall'),
        run('b) Gate', { underline: {} }),
        run('c) Roof'),
        run('2. What floats?'),
        run('a) Cork', { underline: {} }),
        run('b) Brick'),
        run('c) Nail'),
      ],
    ],
    [
      'the key highlighted, no labels',
      [
        run('1. What opens?'),
        run('Wall'),
        run('Gate', { highlight: 'yellow' }),
        run('Roof'),
        run(''),
        run('2. What floats?'),
        run('Cork', { highlight: 'yellow' }),
        run('Brick'),
        run('Nail'),
      ],
    ],
    [
      'the key at the end',
      [
        run('1. What opens?'),
        run('A. Wall'),
        run('B. Gate'),
        run('C. Roof'),
        run('2. What floats?'),
        run('A. Cork'),
        run('B. Brick'),
        run('C. Nail'),
        run('Answer Key', { bold: true }),
        run('1. B'),
        run('2. A'),
      ],
    ],
    [
      'line breaks inside a paragraph',
      [
        new Paragraph({
          children: [
            new TextRun('1. What opens?'),
            new TextRun({ text: 'a) Wall', break: 1 }),
            new TextRun({ text: 'b) Gate*', break: 1 }),
            new TextRun({ text: 'c) Roof', break: 1 }),
          ],
        }),
        new Paragraph({
          children: [
            new TextRun('2. What floats?'),
            new TextRun({ text: 'a) Cork*', break: 1 }),
            new TextRun({ text: 'b) Brick', break: 1 }),
            new TextRun({ text: 'c) Nail', break: 1 }),
          ],
        }),
      ],
    ],
    [
      'a table of questions',
      [
        run('Please check.'),
        table(
          ['No', 'Question', 'A', 'B', 'C', 'Answer'],
          ['1', 'What opens?', 'Wall', 'Gate', 'Roof', 'B'],
          ['2', 'What floats?', 'Cork', 'Brick', 'Nail', 'A'],
        ),
      ],
    ],
    [
      'one table for each question',
      [
        run('1. What opens?'),
        table(['A', 'Wall', ''], ['B', 'Gate', 'x'], ['C', 'Roof', '']),
        run('2. What floats?'),
        table(['A', 'Cork', 'x'], ['B', 'Brick', ''], ['C', 'Nail', '']),
      ],
    ],
  ])('%s', async (_, children) => {
    expect(await made(children)).toEqual([GATE, CORK]);
  });

  it.each([
    ['letters', LevelFormat.LOWER_LETTER],
    ['numbers again', LevelFormat.DECIMAL],
    ['bullets', LevelFormat.BULLET],
  ])('automatic numbers above automatic %s', async (_, format) => {
    const lines = [
      listed('own', 0, 'What opens?'),
      listed('own', 1, 'Wall'),
      listed('own', 1, 'Gate', { bold: true }),
      listed('own', 1, 'Roof'),
      listed('own', 0, 'What floats?'),
      listed('own', 1, 'Cork', { bold: true }),
      listed('own', 1, 'Brick'),
      listed('own', 1, 'Nail'),
    ];
    expect(await made(lines, { numbering: numbering(format) })).toEqual([GATE, CORK]);
  });
  it('formatting inside a text and pictures are taken along', async () => {
    const png = Uint8Array.from(
      atob(
        'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      ),
      (sign) => sign.charCodeAt(0),
    );
    const document = new WordDocument({
      sections: [
        {
          children: [
            new Paragraph({
              children: [
                new TextRun('1. What is m'),
                new TextRun({ text: '2', superScript: true }),
                new TextRun('?'),
                new ImageRun({
                  type: 'png',
                  data: png,
                  transformation: { width: 9, height: 9 },
                  altText: { name: 'lock', title: 'lock', description: 'a lock' },
                }),
              ],
            }),
            run('a) an area*'),
            run('b) a time'),
          ],
        },
      ],
    });
    const { items } = await read('made.docx', new Uint8Array(await Packer.toBuffer(document)));
    expect(items[0]!.stem).toEqual({ plain: 'What is m2?', html: 'What is m<sup>2</sup>?' });
    expect(items[0]!.media).toEqual([
      { at: 'stem', href: expect.stringMatching(/^data:image\/png;base64,iVBORw0/), alt: 'a lock' },
    ]);
  });
  it('a list of terms becomes cards', async () => {
    expect(
      await made([
        run('Words'),
        run('pound – the water between locks'),
        run('cill – a step'),
        run('weir – a dam'),
      ]),
    ).toEqual([
      'card: pound [the water between locks]',
      'card: cill [a step]',
      'card: weir [a dam]',
    ]);
  });
  it('random questions come back as they went', async () => {
    const text = fc.stringMatching(/^[A-Z][a-z]{3,12}( [a-z]{3,9}){0,3}$/);
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({
            stem: text,
            options: fc.uniqueArray(text, { minLength: 2, maxLength: 5 }),
            right: fc.nat(1),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        async (questions) => {
          const lines = questions.flatMap(({ stem, options, right }) => [
            listed('own', 0, `${stem}?`),
            ...options.map((option, at) => listed('own', 1, at === right ? `${option} *` : option)),
          ]);
          expect(await made(lines, { numbering: numbering(LevelFormat.LOWER_LETTER) })).toEqual(
            questions.map(
              ({ stem, options, right }) =>
                `choice-one: ${stem}? [${options.map((option, at) => (at === right ? `*${option}` : option)).join(' / ')}]`,
            ),
          );
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('files that other programs made', () => {
  it('pandoc: nested lists with the right option in bold', async () => {
    const { items, reading } = await read('lists.docx', fixture('pandoc-nested-lists.docx'));
    expect(items.map(brief)).toEqual([
      'choice-one: What opens the gate? [A rope / *A balance beam / A lamp]',
      'choice-one: What fills the lock? [*Paddles / Pumps / Rain]',
    ]);
    expect(reading.key).toEqual({ style: 'marker', marker: 'bold' });
  });
  it('pandoc: an answer line below each question', async () => {
    expect(
      (await read('lines.docx', fixture('pandoc-answer-lines.docx'))).items.map(brief),
    ).toEqual([
      'choice-one: What is 2<sup>3</sup>? [6 / *8 / 9]',
      'choice-one: What is <i>not</i> a boat? [Barge / *Brick / Punt]',
    ]);
  });
  it('LibreOffice: the right option set in colour, as .ods', async () => {
    expect((await read('colour.ods', fixture('office-colour.ods'))).items.map(brief)).toEqual([
      GATE,
      CORK,
      'choice-one: What sinks? [Cork / Feather / *Stone]',
    ]);
  });
  it.each(['office-german.ods', 'office-german.xls'])(
    'LibreOffice: German headings, numbers, times: %s',
    async (name) => {
      const { items } = await read(name, fixture(name));
      expect(items.map(brief)).toEqual([
        'choice-one: Was öffnet? [*Tor / Wand / Dach]',
        'choice-one: Was schwimmt? [Stein / *Kork / Nagel]',
      ]);
      expect(items.map(({ points, seconds }) => [points, seconds])).toEqual([
        [2, 30],
        [1, 45],
      ]);
    },
  );
  it('openpyxl: a note above, units below the headings, merged categories, a legend, a total', async () => {
    const { items, findings } = await read('merged.xlsx', fixture('openpyxl-merged.xlsx'));
    expect(items.map((item) => `${item.category?.[0]} ${brief(item)}`)).toEqual([
      `Locks ${GATE}`,
      'Locks choice-one: What shuts? [*Gate / Door / Roof]',
      `Boats ${CORK}`,
      'Boats choice-one: What sinks? [Cork / Feather / *Stone]',
    ]);
    expect(findings.filter(({ level }) => level !== 'note')).toEqual([]);
  });
  it.each(['xlsx', 'ods', 'xls', 'html'] as BookType[])(
    'random tables by a community library come back equal as .%s',
    async (type) => {
      const text = fc
        .stringMatching(/^[A-Za-zéßø][A-Za-z éß',.-]{1,30}[a-z]$/)
        .map((one) => one.replace(/ +/g, ' '));
      await fc.assert(
        fc.asyncProperty(
          fc.array(
            fc.record({
              stem: text,
              options: fc.uniqueArray(text, { minLength: 3, maxLength: 3 }),
              right: fc.nat(2),
            }),
            { minLength: 2, maxLength: 5 },
          ),
          async (questions) => {
            const book = utils.book_new();
            utils.book_append_sheet(
              book,
              utils.aoa_to_sheet([
                ['Question', 'A', 'B', 'C', 'Right'],
                ...questions.map(({ stem, options, right }) => [
                  `${stem}?`,
                  ...options,
                  'ABC'[right],
                ]),
              ]),
              'Round',
            );
            const bytes = new Uint8Array(
              type === 'html'
                ? new TextEncoder().encode(
                    writeBook(book, { type: 'string', bookType: type }) as string,
                  )
                : (writeBook(book, { type: 'array', bookType: type }) as ArrayBuffer),
            );
            expect(
              (await read(`made.${type}`, bytes)).items.map(({ stem, options }) => [
                stem.plain,
                options?.map((option) => option.text.plain),
                options?.findIndex((option) => option.right),
              ]),
            ).toEqual(questions.map(({ stem, options, right }) => [`${stem}?`, options, right]));
          },
        ),
        { numRuns: 20 },
      );
    },
  );
});

describe('what is no document', () => {
  it('says so in a sentence and names what to do', async () => {
    const zip = (await import('fflate')).zipSync({
      'word/document.xml': new TextEncoder().encode('<w:document><w:body><w:p>'),
    });
    const { items, findings } = await read('broken.docx', zip);
    expect(items).toEqual([]);
    expect(findings[0]).toMatchObject({ rule: 'document-damaged', level: 'block' });
    const old = Uint8Array.from([
      0xd0,
      0xcf,
      0x11,
      0xe0,
      0xa1,
      0xb1,
      0x1a,
      0xe1,
      ...new Array<number>(600).fill(0),
    ]);
    expect((await read('old.doc', old)).findings[0]!.message).toMatch(/old binary kind.*\.docx/);
  });
  it('markup that runs never becomes part of a text', async () => {
    const html =
      '<p>1. What <script>alert(1)</script>opens<img src=x onerror=alert(1)>?</p><p>a) <a href="javascript:alert(1)">Gate</a>*</p><p>b) <b onclick="x()">Wall</b></p>';
    const { items } = await gatherSource({ name: 'pasted', text: '', html }, {}, { id: counter() });
    expect(JSON.stringify(items)).not.toMatch(/script|onerror|onclick|javascript/i);
    expect(items.map(brief)).toEqual(['choice-one: What opens? [*Gate / Wall]']);
  });
});
