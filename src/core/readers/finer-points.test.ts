// Finer points of formats that documents and workbooks of other makers use, each written down by hand from the standards.
import { strToU8, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { openFile, openHtml, openText, readTable } from '.';
import type { DocumentLine, Opened, Sheet, Table } from '../model';
import { decode } from './encoding';

const W = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';
const NS =
  'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0" xmlns:xlink="http://www.w3.org/1999/xlink"';

const parts = (files: Record<string, string>): Uint8Array =>
  zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));

const linesOf = (opened: Opened): DocumentLine[] =>
  opened.is === 'document' ? opened.document.lines : [];
const sheetOf = (table: Table): Sheet => table.sheets[0]!;

/** A document of paragraphs with a list of its own form. */
function docx(body: string, numbering = '', styles = ''): Uint8Array {
  return parts({
    '[Content_Types].xml': '<Types/>',
    '_rels/.rels':
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/></Relationships>',
    'word/document.xml': `<w:document xmlns:w="${W}"><w:body>${body}</w:body></w:document>`,
    ...(numbering
      ? { 'word/numbering.xml': `<w:numbering xmlns:w="${W}">${numbering}</w:numbering>` }
      : {}),
    ...(styles ? { 'word/styles.xml': `<w:styles xmlns:w="${W}">${styles}</w:styles>` } : {}),
    'word/_rels/document.xml.rels':
      '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="n" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/numbering" Target="numbering.xml"/><Relationship Id="s" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles" Target="styles.xml"/></Relationships>',
  });
}
const listed = (list: number, level: number, text: string): string =>
  `<w:p><w:pPr><w:numPr><w:ilvl w:val="${level}"/><w:numId w:val="${list}"/></w:numPr></w:pPr><w:r><w:t>${text}</w:t></w:r></w:p>`;
const level = (place: number, format: string, text: string, start = 1): string =>
  `<w:lvl w:ilvl="${place}"><w:start w:val="${start}"/><w:numFmt w:val="${format}"/><w:lvlText w:val="${text}"/></w:lvl>`;
const labels = async (bytes: Uint8Array): Promise<string[]> =>
  linesOf(await openFile({ name: 'a.docx', bytes })).map(({ label = '' }) => label);

describe('automatic numbers of a document (ECMA-376 part 1, 17.9)', () => {
  it.each([
    ['decimal', ['1.', '2.', '3.']],
    ['lowerLetter', ['a.', 'b.', 'c.']],
    ['upperLetter', ['A.', 'B.', 'C.']],
    ['lowerRoman', ['i.', 'ii.', 'iii.']],
    ['upperRoman', ['I.', 'II.', 'III.']],
  ])('%s', async (format, expected) => {
    const form = `<w:abstractNum w:abstractNumId="1">${level(0, format, '%1.')}</w:abstractNum><w:num w:numId="7"><w:abstractNumId w:val="1"/></w:num>`;
    const body = ['What?', 'Who?', 'Where?'].map((text) => listed(7, 0, text)).join('');
    expect(await labels(docx(body, form))).toEqual(expected);
  });

  it('a deeper level counts anew below each higher one, and may name both', async () => {
    const form = `<w:abstractNum w:abstractNumId="1">${level(0, 'decimal', '%1)')}${level(1, 'lowerLetter', '%1%2)')}</w:abstractNum><w:num w:numId="7"><w:abstractNumId w:val="1"/></w:num>`;
    const body = [
      listed(7, 0, 'What?'),
      listed(7, 1, 'x'),
      listed(7, 1, 'y'),
      listed(7, 0, 'Who?'),
      listed(7, 1, 'z'),
    ].join('');
    expect(await labels(docx(body, form))).toEqual(['1)', '1a)', '1b)', '2)', '2a)']);
  });

  it('lists of one form count on, unless one of them starts anew', async () => {
    const form = `<w:abstractNum w:abstractNumId="1">${level(0, 'decimal', '%1.')}</w:abstractNum><w:num w:numId="1"><w:abstractNumId w:val="1"/></w:num><w:num w:numId="2"><w:abstractNumId w:val="1"/></w:num><w:num w:numId="3"><w:abstractNumId w:val="1"/><w:lvlOverride w:ilvl="0"><w:startOverride w:val="5"/></w:lvlOverride></w:num>`;
    const body = [listed(1, 0, 'a'), listed(2, 0, 'b'), listed(3, 0, 'c'), listed(3, 0, 'd')].join(
      '',
    );
    expect(await labels(docx(body, form))).toEqual(['1.', '2.', '5.', '6.']);
  });

  it('bullets have a sign, and a level without a number none', async () => {
    const form = `<w:abstractNum w:abstractNumId="1">${level(0, 'bullet', '')}${level(1, 'none', '')}</w:abstractNum><w:num w:numId="7"><w:abstractNumId w:val="1"/></w:num>`;
    const body = listed(7, 0, 'a') + listed(7, 1, 'b') + listed(9, 0, 'of no list');
    expect(await labels(docx(body, form))).toEqual(['•', '', '']);
  });
});

describe('words of a document', () => {
  const words = async (runs: string, styles = ''): Promise<DocumentLine> =>
    linesOf(await openFile({ name: 'a.docx', bytes: docx(`<w:p>${runs}</w:p>`, '', styles) }))[0]!;

  it('leave out what is deleted, and take in what stands in breaks, tabs and signs', async () => {
    const line = await words(
      '<w:r><w:t xml:space="preserve">It is </w:t></w:r><w:del><w:r><w:delText>never </w:delText></w:r></w:del><w:r><w:t>half</w:t><w:noBreakHyphen/><w:t>open</w:t><w:tab/><w:t>now</w:t></w:r><w:r><w:sym w:font="Wingdings" w:char="F0FC"/></w:r>',
    );
    expect(line.text).toBe('It is half-open\tnow✓');
  });

  it('are emphasised by themselves or by a style, which another style may be based on', async () => {
    const styles =
      '<w:style w:styleId="Key"><w:rPr><w:b/></w:rPr></w:style><w:style w:styleId="Sub"><w:basedOn w:val="Key"/><w:rPr><w:i/></w:rPr></w:style>';
    const line = await words(
      '<w:r><w:t xml:space="preserve">plain </w:t></w:r><w:r><w:rPr><w:rStyle w:val="Sub"/></w:rPr><w:t xml:space="preserve">both </w:t></w:r><w:r><w:rPr><w:highlight w:val="yellow"/></w:rPr><w:t xml:space="preserve">marked </w:t></w:r><w:r><w:rPr><w:color w:val="C00000"/></w:rPr><w:t xml:space="preserve">red </w:t></w:r><w:r><w:rPr><w:color w:val="000000"/><w:b w:val="0"/></w:rPr><w:t>black</w:t></w:r>',
      styles,
    );
    const looks = (line.runs ?? []).map(({ text, bold, italic, mark }) => [
      text.trim(),
      bold === true,
      italic === true,
      mark === true,
    ]);
    expect(looks).toEqual([
      ['plain', false, false, false],
      ['both', true, true, false],
      ['marked red', false, false, true],
      ['black', false, false, false],
    ]);
  });

  it('of a heading tell its level, whatever language the style is named in', async () => {
    const styles = '<w:style w:styleId="berschrift1"><w:name w:val="heading 2"/></w:style>';
    const body = '<w:pPr><w:pStyle w:val="berschrift1"/></w:pPr><w:r><w:t>Locks</w:t></w:r>';
    expect(await words(body, styles)).toMatchObject({ text: 'Locks', heading: 2 });
  });
});

/** An open document's one sheet. */
const ods = (table: string, before = '', styles = ''): Uint8Array =>
  parts({
    mimetype: 'application/vnd.oasis.opendocument.spreadsheet',
    'content.xml': `<office:document-content ${NS}><office:automatic-styles>${styles}</office:automatic-styles><office:body><office:spreadsheet>${before}${table}</office:spreadsheet></office:body></office:document-content>`,
  });
const cell = (text: string, attributes = ''): string =>
  `<table:table-cell ${attributes}><text:p>${text}</text:p></table:table-cell>`;
const row = (...cells: string[]): string => `<table:table-row>${cells.join('')}</table:table-row>`;
const table = (rows: string, name = 'Form'): string =>
  `<table:table table:name="${name}">${rows}</table:table>`;
const readOds = async (bytes: Uint8Array): Promise<Table> => readTable({ name: 'a.ods', bytes });

describe('an open document’s sheet (OpenDocument 1.3 part 3, 9)', () => {
  it('writes out what is repeated, and keeps notes, links and line breaks', async () => {
    const rows = [
      row(
        cell('x', 'table:number-columns-repeated="3"'),
        cell('two<text:line-break/>lines<text:s text:c="2"/>end'),
      ),
      row(
        '<table:table-cell><office:annotation><text:p>Choose one</text:p></office:annotation><text:p>noted</text:p></table:table-cell>',
        '<table:table-cell><text:p><text:a xlink:href="https://example.org/a">here</text:a></text:p></table:table-cell>',
      ),
    ].join('');
    const sheet = sheetOf(await readOds(ods(table(rows))));
    expect(sheet.rows[0]).toEqual(['x', 'x', 'x', 'two\nlines  end']);
    expect(sheet.comments).toEqual([{ row: 1, column: 0, text: 'Choose one' }]);
    expect(sheet.rich?.['1:1']).toMatchObject([{ href: 'https://example.org/a' }]);
  });

  it('knows spans, dates, formulas, and cells that may be filled', async () => {
    const styles =
      '<style:style style:name="open"><style:table-cell-properties style:cell-protect="none"/></style:style>';
    const rows = row(
      cell('wide', 'table:number-columns-spanned="2"'),
      '<table:covered-table-cell/>',
      cell('3', 'table:formula="of:=1+2" office:value-type="float"'),
      cell('1 May', 'office:value-type="date"'),
      cell('fill me', 'table:style-name="open"'),
    );
    const bytes = ods(
      table(rows).replace('table:name="Form"', 'table:name="Form" table:protected="true"'),
      '',
      styles,
    );
    expect(sheetOf(await readOds(bytes))).toMatchObject({
      merges: [{ top: 0, left: 0, bottom: 0, right: 1 }],
      formulas: [{ row: 0, column: 2 }],
      dates: ['0:3'],
      isProtected: true,
      unlocked: ['0:4'],
    });
  });

  it.each([
    ['of:cell-content-is-in-list("yes";"no")', { list: ['yes', 'no'] }],
    ['of:cell-content-text-length()<=40', { maxLength: 40 }],
    ['of:cell-content-text-length()<40', { maxLength: 39 }],
    ['of:cell-content-text-length-is-between(1,60)', { maxLength: 60 }],
    ['of:cell-content-is-in-list([$Words.$A$1:.$A$2])', { list: ['easy', 'hard'] }],
    ['of:cell-content-is-in-list(levels)', { list: ['easy', 'hard'] }],
  ])('reads the rule %s', async (condition, rule) => {
    const before = `<table:content-validations><table:content-validation table:name="v" table:condition='${condition.replaceAll('<', '&lt;')}'><table:help-message><text:p>As agreed</text:p></table:help-message></table:content-validation></table:content-validations>`;
    const rows = row(cell('head')) + row(cell('x', 'table:content-validation-name="v"'));
    const words = table(row(cell('easy')) + row(cell('hard')), 'Words');
    const names =
      '<table:named-expressions><table:named-range table:name="levels" table:cell-range-address="$Words.$A$1:.$A$2"/></table:named-expressions>';
    const sheet = sheetOf(await readOds(ods(`${table(rows)}${words}${names}`, before)));
    expect(sheet.validations).toMatchObject([
      { ranges: [{ top: 1, left: 0, bottom: 1, right: 0 }], prompt: 'As agreed', ...rule },
    ]);
  });
});

describe('tables of a page', () => {
  const sheet = (html: string): Sheet => {
    const opened = openHtml('page', html);
    return opened.is === 'table' ? sheetOf(opened.table) : { ...({} as Sheet), rows: [] };
  };

  it('put the cells behind spans in their columns', () => {
    const { rows, merges } = sheet(
      '<table><tr><th rowspan="2">A</th><th colspan="2">B</th></tr><tr><th>C</th><th>D</th></tr><tr><td>1</td><td>2</td><td>3</td></tr></table>',
    );
    expect(rows).toEqual([
      ['A', 'B'],
      ['', 'C', 'D'],
      ['1', '2', '3'],
    ]);
    expect(merges).toEqual([
      { top: 0, left: 0, bottom: 1, right: 0 },
      { top: 0, left: 1, bottom: 0, right: 2 },
    ]);
  });

  it.each([
    ['<b>x</b>', { bold: true }],
    ['<span style="font-weight:700">x</span>', { bold: true }],
    ['<em>x</em>', { italic: true }],
    ['<span style="text-decoration: underline">x</span>', { underline: true }],
    ['<mark>x</mark>', { mark: true }],
    ['<span style="background:#ff0">x</span>', { mark: true }],
    ['<sub>x</sub>', { sub: true }],
    ['<span style="vertical-align:super">x</span>', { sup: true }],
    ['<a href="https://example.org">x</a>', { href: 'https://example.org' }],
  ])('keep how %s looks', (inner, look) => {
    const { rich } = sheet(`<table><tr><td>a</td><td>y ${inner}</td></tr></table>`);
    expect(rich?.['0:1']?.at(-1)).toMatchObject({ text: 'x', ...look });
  });

  it.each(['<b style="font-weight:normal">x</b>', '<span style="background: white">x</span>'])(
    'find nothing in %s',
    (inner) => {
      const { rich } = sheet(`<table><tr><td>a</td><td>y ${inner}</td></tr></table>`);
      expect(rich).toBeUndefined();
    },
  );
});

describe('bytes as text', () => {
  const utf16 = (text: string, isBigEndian: boolean): number[] =>
    [...text].flatMap((sign) => {
      const code = sign.charCodeAt(0);
      return isBigEndian ? [code >> 8, code & 255] : [code & 255, code >> 8];
    });
  it.each<[string, number[], string, string]>([
    ['UTF-8 with its mark', [0xef, 0xbb, 0xbf, 0xc3, 0xa9], 'utf-8-bom', 'é'],
    ['UTF-16 with its mark', [0xff, 0xfe, ...utf16('é', false)], 'utf-16le', 'é'],
    ['UTF-16, big end first', [0xfe, 0xff, ...utf16('é', true)], 'utf-16le', 'é'],
    ['UTF-16 without a mark', utf16('some plain words', false), 'utf-16le', 'some plain words'],
    ['the other way round', utf16('some plain words', true), 'utf-16le', 'some plain words'],
    ['UTF-8', [0xc3, 0xa9], 'utf-8', 'é'],
    ['Windows-1252', [0x93, 0x68, 0x69, 0x94], 'windows-1252', '“hi”'],
  ])('%s', (_what, bytes, encoding, text) => {
    const decoded = decode(new Uint8Array(bytes));
    expect(decoded).toMatchObject({ encoding, text });
    expect(decoded.because.length).toBeGreaterThan(5);
  });
  it('are what the user says they are', () => {
    const decoded = decode(new Uint8Array([0xc3, 0xa9]), 'windows-1252');
    expect(decoded).toEqual({ text: 'Ã©', encoding: 'windows-1252', because: 'you chose it' });
  });
});

describe('replies in fences', () => {
  const fence = (text: string, language = ''): string => `\`\`\`${language}\n${text}\n\`\`\``;

  it('go on from fence to fence behind an empty row, with the lines of the reply', () => {
    const source = `Sure!\n\n${fence('Question,A,B,Key\nWhat?,x,y,A', 'csv')}\n\nAnd more:\n\n${fence('Who?,p,q,B', 'csv')}\n`;
    const opened = openText('reply.md', source);
    expect(opened.is).toBe('table');
    const { rows, lines } = opened.is === 'table' ? sheetOf(opened.table) : ({} as Sheet);
    expect(rows).toEqual([
      ['Question', 'A', 'B', 'Key'],
      ['What?', 'x', 'y', 'A'],
      [],
      ['Who?', 'p', 'q', 'B'],
    ]);
    expect(lines).toEqual([4, 5, 10, 11]);
  });

  it('of a line or two are asides, and an empty one is nothing', () => {
    const source = `1. What?\na) x\nb) *y\n\n${fence('run me')}\n\n${fence('')}\n\n2. Who?\na) p\nb) *q\n`;
    const opened = openText('reply.md', source);
    expect(opened.is).toBe('document');
    expect(linesOf(opened).some(({ text }) => text.includes('Who?'))).toBe(true);
  });

  it('that are too many are refused with their number', () => {
    const opened = openText('reply.md', Array.from({ length: 400 }, () => fence('x')).join('\n'));
    expect(opened.is === 'table' && opened.table.findings[0]).toMatchObject({
      rule: 'too-many-fences',
      level: 'block',
    });
  });
});
