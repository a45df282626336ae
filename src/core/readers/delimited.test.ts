import { parse } from 'csv-parse/sync';
import spectrum from 'csv-spectrum';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readTable } from '.';
import { decode } from './encoding';
import { readDelimitedText } from './delimited/reader';
import { findSeparator } from './delimited/separator';
import { table } from '../../../tests/make';

const rows = (text: string): string[][] => table(text).sheets[0]!.rows;
const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

describe('RFC 4180, section 2', () => {
  it('1 and 2: a line is a record, with or without a line end at the file’s end', () => {
    expect(rows('aaa,bbb\r\nzzz,yyy\r\n')).toEqual([
      ['aaa', 'bbb'],
      ['zzz', 'yyy'],
    ]);
    expect(rows('aaa,bbb\r\nzzz,yyy')).toEqual([
      ['aaa', 'bbb'],
      ['zzz', 'yyy'],
    ]);
  });
  it('4: spaces belong to the field', () => {
    expect(rows('a , b\nc,d')).toEqual([
      ['a ', ' b'],
      ['c', 'd'],
    ]);
  });
  it('5 and 6: quoted fields hold separators and line ends', () => {
    expect(rows('"aaa","b\r\nbb","c,c"\r\nzzz,yyy,xxx')).toEqual([
      ['aaa', 'b\r\nbb', 'c,c'],
      ['zzz', 'yyy', 'xxx'],
    ]);
  });
  it('7: a quote inside a quoted field is doubled', () => {
    expect(rows('"a","b""bb","c"\nd,e,f')[0]).toEqual(['a', 'b"bb', 'c']);
  });
});

describe('an open collection of csv files (csv-spectrum)', () => {
  it('is read as its JSON says', async () => {
    const cases = await new Promise<{ name: string; csv: Buffer; json: Buffer }[]>(
      (resolve, reject) => {
        spectrum((error: Error | null, data: never[]) => (error ? reject(error) : resolve(data)));
      },
    );
    expect(cases.length).toBeGreaterThan(8);
    for (const { name, csv, json } of cases.filter((one) => one.name !== 'location_coordinates')) {
      const [head, ...body] = (
        await readTable({ name: `${name}.csv`, bytes: new Uint8Array(csv) }, { separator: ',' })
      ).sheets[0]!.rows;
      const records = body.map((row) =>
        Object.fromEntries(
          head!.map((key, index) => [key, (row[index] ?? '').replace(/\r\n/g, '\n')]),
        ),
      );
      const expected = (JSON.parse(json.toString()) as Record<string, string>[]).map((one) =>
        Object.fromEntries(
          Object.entries(one).map(([key, value]) => [key, value.replace(/\r\n/g, '\n')]),
        ),
      );
      expect(records, name).toEqual(expected);
    }
  });
});

describe('a second reader (csv-parse)', () => {
  it('agrees on random tables in any separator', () => {
    const field = fc.string({
      unit: fc.constantFrom('a', 'b', ' ', '"', ',', ';', '\n', 'é', '1'),
    });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(field, field, field), { minLength: 1, maxLength: 12 }),
        fc.constantFrom(',' as const, ';' as const, '|' as const),
        (data, separator) => {
          const text = data
            .map((row) => row.map((cell) => `"${cell.replace(/"/g, '""')}"`).join(separator))
            .join('\r\n');
          expect(readDelimitedText('x.csv', text, { separator }).sheets[0]!.rows).toEqual(
            parse(text, {
              delimiter: separator,
              relax_column_count: true,
              skip_empty_lines: false,
            }),
          );
        },
      ),
    );
  });
});

describe('what people’s programs write', () => {
  it.each([
    ['a,b,c\n1,2,3', ','],
    ['a;b;c\n1,5;2;3\n2,5;3;4', ';'],
    ['a\tb\nx, y\tz', '\t'],
    ['a|b|c\n1|2|3', '|'],
    ['Question;A;B\nWhich, if any?;one;two\nWhy, then?;x;y', ';'],
    ['sep=;\na;b\n1,1;2', ';'],
  ])('finds the separator of %j', (text, separator) => {
    expect(findSeparator(text).separator).toBe(separator);
  });

  it('parts columns by the sign without blanks where another one only lists things', () => {
    const text =
      'Stem|Choices|Right\nWhich?|a, b, c, d|a\nWho?|e, f, g, h|f|||to be printed twice\n';
    expect(readDelimitedText('a.csv', text).sheets[0]!.rows[1]).toEqual([
      'Which?',
      'a, b, c, d',
      'a',
    ]);
    // Blanks behind every one of them say nothing where no other sign parts the lines.
    expect(readDelimitedText('a.csv', 'Stem, Right\nWhich, a\n').separator).toBe(',');
  });
  it('reads a file with a stray quote to its end and says so', () => {
    const read = table('Question,Answer\nWhat is a 5" pipe,water\n"open, field\nlast,row');
    expect(read.findings).toEqual([
      expect.objectContaining({ rule: 'stray-quote', level: 'warn' }),
    ]);
    expect(read.sheets[0]!.rows.at(-1)).toEqual(['last', 'row']);
  });
  it('keeps the line where a record starts when cells hold line breaks', () => {
    expect(table('a,b\n"x\ny",2\nlast,3').sheets[0]!.lines).toEqual([1, 2, 4]);
    expect(table('a,b\nc,d').sheets[0]!.lines).toBeUndefined();
  });
  it('takes the guard off formula-like text', () => {
    expect(rows("a,b\n'=1+1,'plain")[1]).toEqual(['=1+1', "'plain"]);
  });
  it('keeps a heading that is called __proto__', () => {
    expect(rows('__proto__,b\n1,2')[0]).toEqual(['__proto__', 'b']);
  });
});

describe('encodings', () => {
  const utf16 = (text: string, big: boolean, mark: boolean): Uint8Array => {
    const units = [...(mark ? `\ufeff${text}` : text)].flatMap((sign) => {
      const code = sign.charCodeAt(0);
      return big ? [code >> 8, code & 255] : [code & 255, code >> 8];
    });
    return new Uint8Array(units);
  };
  it.each([
    ['UTF-8', bytes('Frage\tGröße'), 'utf-8'],
    ['UTF-8 with its mark', bytes('\ufeffFrage\tGröße'), 'utf-8-bom'],
    ['UTF-16LE with its mark', utf16('Frage\tGröße', false, true), 'utf-16le'],
    ['UTF-16BE with its mark', utf16('Frage\tGröße', true, true), 'utf-16le'],
    ['UTF-16LE without', utf16('Frage\tGröße', false, false), 'utf-16le'],
    ['UTF-16BE without', utf16('Frage\tGröße', true, false), 'utf-16le'],
    ['Windows-1252', new Uint8Array([...bytes('Frage\tGr'), 0xf6, 0xdf, 0x65]), 'windows-1252'],
  ])('are found: %s', (_, source, encoding) => {
    const found = decode(source);
    expect(found.text).toBe('Frage\tGröße');
    expect(found.encoding).toBe(encoding);
  });
  it('reads 0x80 to 0x9F of Windows-1252, where a one-shot decode of Node 20 is wrong', () => {
    expect(decode(new Uint8Array([0x80, 0x92, 0x93, 0x9c, 0xff])).text).toBe('€’“œÿ');
  });
  it('can be overruled', () => {
    expect(decode(bytes('é'), 'windows-1252').text).toBe('Ã©');
  });
});

describe('bad input', () => {
  const refused = async (name: string, source: Uint8Array) =>
    (await readTable({ name, bytes: source })).findings;
  it('an empty file is told', async () => {
    expect(await refused('a.csv', new Uint8Array())).toEqual([
      expect.objectContaining({ rule: 'file-empty', level: 'block' }),
    ]);
  });
  it.each([
    ['a PDF document', '%PDF-1.7'],
    ['a PNG picture', '\u0089PNG'],
  ])('%s in disguise is named', async (what, head) => {
    const found = await refused(
      'a.csv',
      Uint8Array.from(head, (sign) => sign.charCodeAt(0)),
    );
    expect(found[0]!.message).toContain(what);
  });
  it('an encrypted workbook says what to do', async () => {
    const compound = [
      0xd0,
      0xcf,
      0x11,
      0xe0,
      0xa1,
      0xb1,
      0x1a,
      0xe1,
      ...Array(64).fill(0),
      ...[...'EncryptedPackage'].flatMap((letter) => [letter.charCodeAt(0), 0]),
    ];
    expect((await refused('a.xlsx', new Uint8Array(compound)))[0]!).toMatchObject({
      rule: 'file-encrypted',
      message: expect.stringContaining('take the password off'),
    });
  });
  it('a cell of 100,000 characters is told with its place', async () => {
    expect((await refused('a.csv', bytes(`q,a\n${'x'.repeat(100_000)},b\n`)))[0]!).toMatchObject({
      rule: 'cell-too-long',
      message: expect.stringContaining('row 2, column A'),
    });
  });
  it('more cells than a table may have are refused', async () => {
    expect((await refused('a.csv', bytes('a,b,c,d,e,f\n'.repeat(100_000))))[0]!.rule).toBe(
      'too-many-cells',
    );
  });
  it('NUL bytes are told and the rest is read', async () => {
    const read = await readTable({ name: 'a.csv', bytes: bytes('q,a\nx\u0000y,b\n') });
    expect(read.findings[0]!).toMatchObject({ rule: 'nul-bytes', level: 'warn' });
    expect(read.sheets[0]!.rows).toHaveLength(2);
  });
  it('any bytes end in rows or findings, never in an exception', async () => {
    await fc.assert(
      fc.asyncProperty(fc.uint8Array({ maxLength: 400 }), async (source) => {
        const read = await readTable({ name: 'x.xlsx', bytes: source });
        expect(read.sheets.length + read.findings.length).toBeGreaterThan(0);
      }),
      { numRuns: 400 },
    );
  });
});

describe('tab-separated values (IANA media type text/tab-separated-values)', () => {
  it('fields hold any sign but tab and line end, and come back as they went', () => {
    const field = fc
      .string({ minLength: 1, maxLength: 12 })
      .map((text) => text.replace(/[\t\r\n"']/g, 'x'))
      .filter((text) => text.trim() !== '');
    fc.assert(
      fc.property(
        fc.array(fc.array(field, { minLength: 3, maxLength: 3 }), { minLength: 2, maxLength: 6 }),
        (rows) => {
          expect(
            readDelimitedText('a.tsv', rows.map((row) => row.join('\t')).join('\n'), {
              separator: '\t',
            }).sheets[0]!.rows,
          ).toEqual(rows);
        },
      ),
      { numRuns: 300 },
    );
  });
  it('a quotation mark inside a field is an ordinary sign, and one that never closes loses nothing', () => {
    expect(
      readDelimitedText('a.tsv', 'Pipe\tWidth\n5" pipe\t5"\nhose\t3"').sheets[0]!.rows,
    ).toEqual([
      ['Pipe', 'Width'],
      ['5" pipe', '5"'],
      ['hose', '3"'],
    ]);
    const stray = readDelimitedText('a.tsv', 'Said\tBy\n"Open it\tAnsel\nShut it\tCato');
    expect(stray.sheets[0]!.rows).toEqual([
      ['Said', 'By'],
      ['"Open it', 'Ansel'],
      ['Shut it', 'Cato'],
    ]);
    expect(stray.findings.map(({ rule, level }) => [rule, level])).toEqual([
      ['stray-quote', 'warn'],
    ]);
  });
});
