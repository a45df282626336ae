// Forms whose XML is written in other ways than usual, all of them valid, are filled like any other.
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { fill, learnBlank } from '.';
import { byGnumeric, byOpenpyxl, HAS_GNUMERIC, HAS_OPENPYXL } from '../../../tests/readers';
import { demo, item, numbered, options, surroundings } from '../../../tests/make';

const fixture = (name: string): Uint8Array =>
  new Uint8Array(readFileSync(new URL(`../../../tests/fixtures/${name}`, import.meta.url)));

/** Every part of a package that is XML, rewritten. */
const rewritten = (bytes: Uint8Array, change: (xml: string, name: string) => string): Uint8Array =>
  zipSync(
    Object.fromEntries(
      Object.entries(unzipSync(bytes)).map(([name, part]) => [
        name,
        /\.(?:xml|rels)$/.test(name) ? strToU8(change(strFromU8(part), name)) : part,
      ]),
    ),
  );

const inTags = (xml: string, change: (tag: string) => string): string =>
  xml.replace(/<[^!?][^>]*>/g, change);

/** Ways of writing the same XML (XML 1.0, 2.3 to 2.7). */
const DIALECTS: Record<string, (xml: string) => string> = {
  'single quotes': (xml) => inTags(xml, (tag) => tag.replace(/="([^"']*)"/g, "='$1'")),
  'line ends and blanks in tags': (xml) =>
    inTags(xml, (tag) => tag.replace(/ ([\w:.-]+)="/g, '\n  $1 = "')),
  'comments with tags in them': (xml) =>
    xml.replace(
      /(<(?:\w+:)?(?:sheetData|table:table-row|row)\b[^>]*[^/]>)/,
      '$1<!-- <row r="1"><c r="A1"/></row> -->',
    ),
  'CDATA sections': (xml) =>
    xml.replace(/(<(?:t|text:p)(?: [^>]*)?>)([^<&]+)(<\/)/g, '$1<![CDATA[$2]]>$3'),
  'character references': (xml) =>
    xml.replace(
      /(<(?:t|text:p)(?: [^>]*)?>)([A-Za-z])/g,
      (_, tag: string, letter: string) => `${tag}&#${letter.charCodeAt(0)};`,
    ),
  'rows and cells without numbers': (xml) =>
    /<c r="A2"/.test(xml) && /<c r="B2"/.test(xml) ? xml : xml.replace(/(<row) r="1"/, '$1'),
};

const items = numbered([
  item({ options: options('*Water & weed', 'Boats <b>', 'Walkers', '“Ducks”') }),
  item({ stem: { plain: '=1+1 or 2?' }, options: options('one', '*two', 'three', 'four') }),
  item({
    stem: { plain: 'Which gate ]]> opens?' },
    options: options('upper', '*lower', 'both', 'none'),
  }),
]);

const BLANKS: [string, () => Uint8Array][] = [
  ['evening-host.xlsx', () => demo('evening-host.xlsx')],
  ['protected-form.xlsx', () => fixture('protected-form.xlsx')],
  ['table-form.xlsx', () => fixture('table-form.xlsx')],
  ['protected-form.ods', () => fixture('protected-form.ods')],
];

describe.each(BLANKS)('%s', (name, bytes) => {
  it.each(Object.entries(DIALECTS))('with %s', async (_, change) => {
    const blank = rewritten(bytes(), change);
    const usual = await learnBlank({ name, bytes: bytes() }, surroundings);
    const { layout } = await learnBlank({ name, bytes: blank }, surroundings);
    expect(layout.columns).toEqual(usual.layout.columns);
    const job = { items, layout, setTitle: 'Locks & weirs' };
    const filled = await fill({ ...job, blank }, surroundings);
    expect(filled.differences).toEqual([]);
    const plain = await fill({ ...job, blank: bytes() }, surroundings);
    const sheet = layout.file.sheet ?? '';
    if (HAS_OPENPYXL && name.endsWith('.xlsx')) {
      expect(byOpenpyxl(name, filled.bytes, sheet)).toEqual(byOpenpyxl(name, plain.bytes, sheet));
    }
    if (HAS_GNUMERIC && name.endsWith('.ods')) {
      expect(byGnumeric(name, filled.bytes, '0')).toEqual(byGnumeric(name, plain.bytes, '0'));
    }
  });
});

it('an open spreadsheet with prefixes of its own', async () => {
  const name = 'protected-form.ods';
  const blank = rewritten(fixture(name), (xml, part) =>
    part === 'content.xml'
      ? xml
          .replace(/(<\/?)table:/g, '$1T:')
          .replace(/ table:([\w-]+)=/g, ' T:$1=')
          .replace('xmlns:table=', 'xmlns:T=')
      : xml,
  );
  const { layout } = await learnBlank({ name, bytes: fixture(name) }, surroundings);
  const filled = await fill({ items, layout, setTitle: 'T', blank }, surroundings);
  expect(filled.differences).toEqual([]);
});
