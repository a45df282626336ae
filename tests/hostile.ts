// Inputs made to hold a program up: small files that grow, wide ones, deep ones, and long runs of one sign.
import { deflateRawSync } from 'node:zlib';
import { strToU8, zipSync } from 'fflate';

const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

/** A workbook of one sheet with the given rows and shared strings. */
export function workbook(rows: string, strings: readonly string[] = []): Uint8Array {
  const parts: Record<string, string> = {
    '[Content_Types].xml':
      '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/></Types>',
    '_rels/.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="${RELATIONS}/officeDocument" Target="xl/workbook.xml"/></Relationships>`,
    'xl/workbook.xml': `<workbook xmlns="${MAIN}" xmlns:r="${RELATIONS}"><sheets><sheet name="S" sheetId="1" r:id="r1"/></sheets></workbook>`,
    'xl/_rels/workbook.xml.rels': `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="${RELATIONS}/worksheet" Target="worksheets/sheet1.xml"/><Relationship Id="r2" Type="${RELATIONS}/sharedStrings" Target="sharedStrings.xml"/></Relationships>`,
    'xl/worksheets/sheet1.xml': `<worksheet xmlns="${MAIN}"><sheetData>${rows}</sheetData></worksheet>`,
    'xl/sharedStrings.xml': `<sst xmlns="${MAIN}">${strings.map((text) => `<si><t>${text}</t></si>`).join('')}</sst>`,
  };
  return zipSync(
    Object.fromEntries(Object.entries(parts).map(([name, text]) => [name, strToU8(text)])),
  );
}

const letters = (column: number): string =>
  column < 26
    ? String.fromCharCode(65 + column)
    : letters(Math.floor(column / 26) - 1) + String.fromCharCode(65 + (column % 26));

/** An open spreadsheet whose one cell is repeated over rows and columns. */
function repeatedCells(): Uint8Array {
  const content = `<?xml version="1.0"?><office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet><table:table table:name="S"><table:table-row table:number-rows-repeated="1000"><table:table-cell table:number-columns-repeated="1000"><text:p>${'x'.repeat(30_000)}</text:p></table:table-cell></table:table-row></table:table></office:spreadsheet></office:body></office:document-content>`;
  return zipSync({
    mimetype: strToU8('application/vnd.oasis.opendocument.spreadsheet'),
    'content.xml': strToU8(content),
  });
}

const u16 = (n: number): number[] => [n & 255, (n >> 8) & 255];
const u32 = (n: number): number[] => [...u16(n & 65_535), ...u16(n >>> 16)];

/** A zip whose `count` entries all point at one part that inflates to `mebibytes`, told as nothing. */
function sharedPart(count: number, mebibytes: number): Uint8Array {
  const packed = deflateRawSync(Buffer.alloc(mebibytes * 1_048_576));
  const name = [...strToU8('xl/workbook.xml')];
  const local = [0x50, 0x4b, 3, 4, ...u16(20), ...u16(0), ...u16(8), ...u32(0), ...u32(0)];
  const head = [
    ...local,
    ...u32(packed.length),
    ...u32(0),
    ...u16(name.length),
    ...u16(0),
    ...name,
  ];
  const directory = Array.from({ length: count }, () => [
    ...[0x50, 0x4b, 1, 2, ...u16(20), ...u16(20), ...u16(0), ...u16(8), ...u32(0), ...u32(0)],
    ...u32(packed.length),
    ...u32(0),
    ...[...u16(name.length), ...u16(0), ...u16(0), ...u16(0), ...u16(0), ...u32(0), ...u32(0)],
    ...name,
  ]).flat();
  const start = head.length + packed.length;
  const end = [0x50, 0x4b, 5, 6, ...u16(0), ...u16(0), ...u16(count), ...u16(count)];
  const tail = [...end, ...u32(directory.length), ...u32(start), ...u16(0)];
  return Uint8Array.from([...head, ...packed, ...directory, ...tail]);
}

const repeat = (n: number, text: (index: number) => string): string =>
  Array.from({ length: n }, (_, index) => text(index)).join('');

/** What once held the program up for seconds to half an hour, by what it is. */
export const HOSTILE: Record<string, () => { name: string; bytes: Uint8Array }> = {
  'JSON of 1,500 objects with 300 keys of their own each': () => ({
    name: 'a.json',
    bytes: strToU8(
      `[${Array.from({ length: 1500 }, (_, r) => `{${Array.from({ length: 300 }, (_, c) => `"k${r}_${c}":"v"`).join(',')}}`).join(',')}]`,
    ),
  }),
  'an .ods of 1,000 by 1,000 cells by repeats, 30,000 signs each': () => ({
    name: 'a.ods',
    bytes: repeatedCells(),
  }),
  'a zip whose 20 entries share one part of 200 MiB': () => ({
    name: 'a.xlsx',
    bytes: sharedPart(20, 200),
  }),
  'a zip of 65,000 entries that overlap': () => ({ name: 'a.xlsx', bytes: sharedPart(65_000, 1) }),
  'a shared string of 32,000 signs in 200,000 cells': () => ({
    name: 'a.xlsx',
    bytes: workbook(
      repeat(20_000, (r) => `<row r="${r + 1}">${'<c t="s"><v>0</v></c>'.repeat(10)}</row>`),
      ['x'.repeat(32_000)],
    ),
  }),
  '2,000 cells on a diagonal': () => ({
    name: 'a.xlsx',
    bytes: workbook(
      repeat(2000, (r) => `<row r="${r + 1}"><c r="${letters(r)}${r + 1}"><v>1</v></c></row>`),
    ),
  }),
  'a workbook of 1,000,000 cells': () => ({
    name: 'a.xlsx',
    bytes: workbook(repeat(50_000, () => `<row>${'<c><v>7</v></c>'.repeat(20)}</row>`)),
  }),
  'a csv of 30,000 columns by 30 rows': () => ({
    name: 'a.csv',
    bytes: strToU8(`${Array.from({ length: 30_000 }, (_, c) => `c${c}`).join(',')}\n`.repeat(30)),
  }),
  'a csv of 30 MiB of line ends': () => ({
    name: 'a.csv',
    bytes: new Uint8Array(30 * 1_048_576).fill(10),
  }),
  '30 MiB of bytes without an encoding': () => ({
    name: 'a.txt',
    bytes: Uint8Array.from({ length: 30 * 1_048_576 }, (_, index) => (index * 7919) & 255),
  }),
  '60,000 code fences': () => ({
    name: 'a.md',
    bytes: strToU8('```\na|b|c\nd|e|f\n```\n'.repeat(30_000)),
  }),
  'a page whose table spans a million': () => ({
    name: 'a.html',
    bytes: strToU8(
      `<html><body><table>${repeat(2000, (r) => `<tr><td colspan="1000" rowspan="1000">${r}</td><td>b</td></tr>`)}</table></body></html>`,
    ),
  }),
  '290,000 rows with bars': () => ({
    name: 'a.txt',
    bytes: strToU8('| a | b |\n|---|---|\n' + '| what | why |\n'.repeat(290_000)),
  }),
  '200,000 nested elements': () => ({
    name: 'a.html',
    bytes: strToU8(
      `<html><body>${'<div>'.repeat(200_000)}x${'</div>'.repeat(200_000)}</body></html>`,
    ),
  }),
  'JSON that nests 100,000 times': () => ({
    name: 'a.json',
    bytes: strToU8(`${'['.repeat(100_000)}${']'.repeat(100_000)}`),
  }),
};

/** Signs whose long runs patterns stumble over. */
export const RUN_SIGNS = [
  ' ',
  '\t',
  '*',
  '-',
  '_',
  '✓',
  '.',
  '#',
  '|',
  '`',
  '(',
  '"',
  '1',
  'a ',
  '* ',
  '- ',
  ' *',
  '__ ',
  '1.',
  'a)',
  '=',
  '[',
  '<b>',
  '&',
  '\u00a0',
];
