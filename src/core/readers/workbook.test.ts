import { utils, write } from '@e965/xlsx';
import fc from 'fast-check';
import { zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import type { Table } from '../model';
import { readTable } from '.';
import { gatherTable } from '../pipeline';
import { anyText } from '../../../tests/make';

const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
const PACKAGE = 'http://schemas.openxmlformats.org/package/2006/relationships';

type Made = {
  sheets: { name: string; xml: string; state?: string; rels?: string }[];
  strings?: string;
  styles?: string;
  names?: string;
  parts?: Record<string, string>;
  date1904?: boolean;
};

/** A workbook by hand, so that every habit of other makers can be written down. */
function book({
  sheets,
  strings,
  styles,
  names = '',
  parts = {},
  date1904 = false,
}: Made): Uint8Array {
  const relation = (id: string, type: string, target: string): string =>
    `<Relationship Id="${id}" Type="${RELATIONS}/${type}" Target="${target}"/>`;
  const files: Record<string, string> = {
    '_rels/.rels': `<Relationships xmlns="${PACKAGE}">${relation('r0', 'officeDocument', 'xl/workbook.xml')}</Relationships>`,
    'xl/workbook.xml': `<workbook xmlns="${MAIN}" xmlns:r="${RELATIONS}"><workbookPr${date1904 ? ' date1904="1"' : ''}/><sheets>${sheets.map(({ name, state }, index) => `<sheet name="${name}" sheetId="${index + 1}"${state ? ` state="${state}"` : ''} r:id="s${index}"/>`).join('')}</sheets><definedNames>${names}</definedNames></workbook>`,
    'xl/_rels/workbook.xml.rels': `<Relationships xmlns="${PACKAGE}">${sheets.map((_, index) => relation(`s${index}`, 'worksheet', `worksheets/sheet${index}.xml`)).join('')}${strings ? relation('strings', 'sharedStrings', 'sharedStrings.xml') : ''}${styles ? relation('styles', 'styles', '/xl/styles.xml') : ''}</Relationships>`,
    ...(strings ? { 'xl/sharedStrings.xml': `<sst xmlns="${MAIN}">${strings}</sst>` } : {}),
    ...(styles ? { 'xl/styles.xml': `<styleSheet xmlns="${MAIN}">${styles}</styleSheet>` } : {}),
    ...parts,
  };
  sheets.forEach(({ xml, rels }, index) => {
    files[`xl/worksheets/sheet${index}.xml`] =
      `<worksheet xmlns="${MAIN}" xmlns:x14="x14" xmlns:xm="xm">${xml}</worksheet>`;
    if (rels) {
      files[`xl/worksheets/_rels/sheet${index}.xml.rels`] =
        `<Relationships xmlns="${PACKAGE}">${rels}</Relationships>`;
    }
  });
  return zipSync(
    Object.fromEntries(
      Object.entries(files).map(([name, text]) => [name, new TextEncoder().encode(text)]),
    ),
  );
}

const open = (made: Made): Promise<Table> => readTable({ name: 'made.xlsx', bytes: book(made) });
const data = (inner: string): string => `<sheetData>${inner}</sheetData>`;
const rowsOf = async (inner: string, more: Partial<Made> = {}): Promise<string[][]> =>
  (await open({ sheets: [{ name: 'S', xml: data(inner) }], ...more })).sheets[0]!.rows;

describe('cells arrive as the text a person sees', () => {
  it('shared, inline and formula strings, booleans, errors', async () => {
    const strings =
      '<si><t>plain</t></si><si><r><t>rich </t></r><r><t>text</t></r><rPh sb="0" eb="1"><t>reading</t></rPh></si>';
    expect(
      await rowsOf(
        '<row r="1"><c r="A1" t="s"><v>0</v></c><c r="B1" t="s"><v>1</v></c><c r="C1" t="inlineStr"><is><t>here</t></is></c><c r="D1" t="str"><f>1&amp;2</f><v>12</v></c><c r="E1" t="b"><v>1</v></c><c r="F1" t="e"><v>#N/A</v></c></row>',
        { strings },
      ),
    ).toEqual([['plain', 'rich text', 'here', '12', 'TRUE', '#N/A']]);
  });
  it('numbers without the dust of binary fractions', async () => {
    expect(
      await rowsOf(
        '<row r="1"><c r="A1"><v>0.30000000000000004</v></c><c r="B1"><v>4006381333931</v></c><c r="C1"><v>-5</v></c></row>',
      ),
    ).toEqual([['0.3', '4006381333931', '-5']]);
  });
  it('dates, times, per cent and leading zeros by their formats', async () => {
    // ECMA-376 part 1, 18.17.4.1: day 45292 is 2024-01-01 in the 1900 system; built-in format 14 is a date, 9 is 0 %.
    const styles =
      '<numFmts><numFmt numFmtId="164" formatCode="0000"/><numFmt numFmtId="165" formatCode="&quot;day&quot; 0"/></numFmts><cellXfs><xf numFmtId="0"/><xf numFmtId="14"/><xf numFmtId="9"/><xf numFmtId="164"/><xf numFmtId="20"/><xf numFmtId="165"/><xf numFmtId="16"/></cellXfs>';
    const cells =
      '<row r="1"><c r="A1" s="1"><v>45292</v></c><c r="B1" s="2"><v>0.5</v></c><c r="C1" s="3"><v>417</v></c><c r="D1" s="4"><v>0.5</v></c><c r="E1" s="5"><v>7</v></c><c r="F1" s="6"><v>45323</v></c></row>';
    expect(await rowsOf(cells, { styles })).toEqual([
      ['2024-01-01', '50%', '0417', '12:00', 'day 7', '1-Feb'],
    ]);
    expect(
      (
        await rowsOf('<row r="1"><c r="A1" s="1"><v>0</v></c></row>', { styles, date1904: true })
      )[0],
    ).toEqual(['1904-01-01']);
  });
  it('fractions, fixed decimals, thousands and units, as the sheet shows them', async () => {
    // ECMA-376 part 1, 18.8.31 describes the format codes; 12, 2 and 3 are built in (18.8.30).
    const styles =
      '<numFmts><numFmt numFmtId="170" formatCode="0.0&quot; m&quot;"/><numFmt numFmtId="171" formatCode="# ?/?"/><numFmt numFmtId="172" formatCode="[broken"/></numFmts><cellXfs><xf numFmtId="0"/><xf numFmtId="12"/><xf numFmtId="2"/><xf numFmtId="3"/><xf numFmtId="170"/><xf numFmtId="171"/><xf numFmtId="172"/></cellXfs>';
    const cell = (name: string, style: number, value: string): string =>
      `<c r="${name}" s="${style}"><v>${value}</v></c>`;
    const cells = `<row r="1">${cell('A1', 1, '0.5')}${cell('B1', 2, '2')}${cell('C1', 3, '12500')}${cell('D1', 4, '2.5')}${cell('E1', 5, '1.75')}${cell('F1', 6, '8')}${cell('G1', 0, '123456789012345')}</row>`;
    expect(await rowsOf(cells, { styles })).toEqual([
      ['1/2', '2.00', '12,500', '2.5 m', '1 3/4', '8', '123456789012345'],
    ]);
  });
  it('a linked cell leads where its relationship says', async () => {
    const cell = (name: string, text: string): string =>
      `<c r="${name}" t="inlineStr"><is><t>${text}</t></is></c>`;
    const row = (n: number, ...texts: string[]): string =>
      `<row r="${n}">${texts.map((text, index) => cell(`${'ABCDE'[index]}${n}`, text)).join('')}</row>`;
    const xml = `<sheetData>${row(1, 'Question', 'Option 1', 'Option 2', 'Right', 'Picture')}${row(2, 'What is this?', 'a cill', 'a weir', '1', 'photo 3')}</sheetData><hyperlinks><hyperlink ref="E2" r:id="rIdLink"/></hyperlinks>`;
    const table = await open({
      sheets: [
        {
          name: 'S',
          xml,
          rels: '<Relationship Id="rIdLink" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/hyperlink" Target="https://pictures.example/3.png" TargetMode="External"/>',
        },
      ],
    });
    expect(table.sheets[0]!.rich?.['1:4']).toEqual([
      { text: 'photo 3', href: 'https://pictures.example/3.png' },
    ]);
    const { items } = gatherTable(table, {}, { id: () => 'q' });
    expect(items[0]!.media).toEqual([{ at: 'stem', href: 'https://pictures.example/3.png' }]);
  });
  it('cells and rows without addresses, prefixes before every tag, escapes of the format', async () => {
    expect(
      await rowsOf(
        '<row><c t="inlineStr"><is><t>a</t></is></c><c t="inlineStr"><is><t>b_x000A_c _x005F_x0041_</t></is></c></row><row><c><v>1</v></c></row>',
      ),
    ).toEqual([['a', 'b\nc _x0041_'], ['1']]);
    const table = await open({
      sheets: [
        {
          name: 'S',
          xml: '<q:sheetData xmlns:q="m"><q:row r="2"><q:c r="B2"><q:v>7</q:v></q:c></q:row></q:sheetData>',
        },
      ],
    });
    expect(table.sheets[0]!.rows).toEqual([[], ['', '7']]);
  });
  it('agree with an independent writer on random texts', async () => {
    // The other writer leaves _xHHHH_ as it is, where ECMA-376 part 1, 22.4.2.4 asks for an escape; the test above holds that.
    const text = anyText.filter((one) => !/_x[0-9a-f]{4}_/i.test(one));
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(text, text, text), { minLength: 1, maxLength: 6 }),
        async (rows) => {
          const made = utils.book_new();
          utils.book_append_sheet(made, utils.aoa_to_sheet(rows), 'S');
          const bytes = new Uint8Array(
            write(made, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer,
          );
          expect((await readTable({ name: 'x.xlsx', bytes })).sheets[0]!.rows).toEqual(rows);
        },
      ),
      { numRuns: 100 },
    );
  });
});

describe('what the file says about its cells', () => {
  it('drop-down lists written out, by address on another sheet, by a defined name, and the extended kind', async () => {
    const rules =
      '<dataValidations><dataValidation type="list" sqref="A2:A9"><formula1>"one, two,three"</formula1></dataValidation><dataValidation type="list" sqref="B2"><formula1>\'My lists\'!$A$1:$A$3</formula1></dataValidation><dataValidation type="list" sqref="C2"><formula1>seconds</formula1></dataValidation></dataValidations>' +
      '<extLst><ext><x14:dataValidations><x14:dataValidation type="list"><x14:formula1><xm:f>\'My lists\'!$B$1:$B$2</xm:f></x14:formula1><xm:sqref>D2:D5</xm:sqref></x14:dataValidation></x14:dataValidations></ext></extLst>';
    const lists = data(
      '<row r="1"><c r="A1" t="inlineStr"><is><t>red</t></is></c><c r="B1"><v>10</v></c></row><row r="2"><c r="A2" t="inlineStr"><is><t>green</t></is></c><c r="B2"><v>20</v></c></row>',
    );
    const { sheets } = await open({
      sheets: [
        { name: 'Form', xml: data('') + rules },
        { name: 'My lists', xml: lists, state: 'veryHidden' },
      ],
      names: '<definedName name="seconds">\'My lists\'!$B$1:$B$9</definedName>',
    });
    expect(sheets[0]!.validations.map((rule) => rule.list)).toEqual([
      ['one', 'two', 'three'],
      ['red', 'green'],
      ['10', '20'],
      ['10', '20'],
    ]);
    expect(sheets[0]!.validations[0]!.ranges).toEqual([{ top: 1, left: 0, bottom: 8, right: 0 }]);
    expect(sheets[1]!.hidden).toBe(true);
  });
  it('lengths in every way of saying at most', async () => {
    const rule = (operator: string, first: string, second = ''): string =>
      `<dataValidation type="textLength"${operator} sqref="A1"><formula1>${first}</formula1>${second && `<formula2>${second}</formula2>`}</dataValidation>`;
    const { sheets } = await open({
      sheets: [
        {
          name: 'S',
          xml: `${data('')}<dataValidations>${rule(' operator="lessThanOrEqual"', '95')}${rule(' operator="lessThan"', '61')}${rule('', '0', '120')}${rule(' operator="greaterThan"', '3')}</dataValidations>`,
        },
      ],
    });
    expect(sheets[0]!.validations.map((validation) => validation.maxLength)).toEqual([95, 60, 120]);
  });
  it('merged cells, protection, formulas and notes', async () => {
    const { sheets } = await open({
      sheets: [
        {
          name: 'S',
          xml: `${data('<row r="1"><c r="A1"><f>1+1</f><v>2</v></c></row>')}<sheetProtection sheet="1"/><mergeCells><mergeCell ref="A1:C1"/></mergeCells>`,
          rels: `<Relationship Id="c" Type="${RELATIONS}/comments" Target="../comments1.xml"/>`,
        },
      ],
      parts: {
        'xl/comments1.xml': `<comments xmlns="${MAIN}"><commentList><comment ref="B2"><text><r><t>At most </t></r><r><t>160 characters.</t></r></text></comment></commentList></comments>`,
      },
    });
    expect(sheets[0]).toMatchObject({
      isProtected: true,
      merges: [{ top: 0, left: 0, bottom: 0, right: 2 }],
      formulas: [{ row: 0, column: 0 }],
      comments: [{ row: 1, column: 1, text: 'At most 160 characters.' }],
    });
  });
});

describe('workbooks that would harm', () => {
  it('a lone cell at the far corner makes no million rows', async () => {
    const rows = await rowsOf(
      '<row r="1"><c r="A1"><v>1</v></c></row><row r="1048576"><c r="XFD1048576"><v>9</v></c></row>',
    );
    expect(rows).toEqual([['1']]);
  });
  it('a huge merge and a rule over the whole sheet are only noted', async () => {
    const { sheets } = await open({
      sheets: [
        {
          name: 'S',
          xml: `${data('<row r="1"><c r="A1"><v>1</v></c></row>')}<mergeCells><mergeCell ref="A1:XFD1048576"/></mergeCells><dataValidations><dataValidation type="list" sqref="A1:XFD1048576"><formula1>A1:XFD1048576</formula1></dataValidation></dataValidations>`,
        },
      ],
    });
    expect(sheets[0]!.rows).toEqual([['1']]);
    expect(sheets[0]!.validations[0]!.list).toEqual(['1']);
  });
  it('entities that the XML standard does not define are no way in', async () => {
    const bytes = book({
      sheets: [
        {
          name: 'S',
          xml: data('<row r="1"><c r="A1" t="inlineStr"><is><t>&secret;</t></is></c></row>'),
        },
      ],
    });
    expect((await readTable({ name: 'x.xlsx', bytes })).findings[0]).toMatchObject({
      rule: 'workbook-damaged',
      level: 'block',
    });
  });
  it('a cell past the cap, an empty workbook and a word-processor document are named', async () => {
    const long = await open({
      sheets: [
        {
          name: 'S',
          xml: data(
            `<row r="1"><c r="A1" t="inlineStr"><is><t>${'x'.repeat(100_000)}</t></is></c></row>`,
          ),
        },
      ],
    });
    expect(long.findings[0]).toMatchObject({
      rule: 'cell-too-long',
      message: expect.stringContaining('cell A1'),
    });
    expect((await open({ sheets: [{ name: 'S', xml: data('') }] })).findings[0]).toMatchObject({
      rule: 'workbook-empty',
    });
    const document = zipSync({ 'word/document.xml': new Uint8Array([60]) });
    expect((await readTable({ name: 'x.xlsx', bytes: document })).findings[0]!.message).toContain(
      'a word-processor document',
    );
  });
});
