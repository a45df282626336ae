// Handouts as documents: parts as the standards ask (ECMA-376; OpenDocument 1.2, part 3), read back by the program's own readers
// of documents, which share no code with these writers.
import { strFromU8, unzipSync } from 'fflate';
import { SaxesParser } from 'saxes';
import { describe, expect, it } from 'vitest';
import { counter, item, options } from '../../../../../tests/make';
import { byOffice, HAS_OFFICE } from '../../../../../tests/readers';
import type { Item, PaperJob } from '../../../model';
import { gatherSource } from '../../../pipeline';
import { paperFile } from '../../../pipeline/paper';
import { pictureOf } from './picture';

const PNG =
  'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAUAAAAFCAYAAACNbyblAAAAHElEQVQI12P4//8/w38GIAXDIBKE0DHxgljNBAAO9TXL0Y4OHwAAAABJRU5ErkJggg==';
const items: Item[] = [
  item({
    id: 'a',
    ref: 'L-1',
    stem: {
      plain: 'What lets H2O through & out?',
      html: 'What lets H<sub>2</sub>O through &amp; out?',
    },
    options: options('*paddle', 'beam', 'cill'),
    points: 2,
    media: [{ at: 'stem', href: PNG, alt: 'a paddle' }],
  }),
  item({
    id: 'b',
    ref: 'L-2',
    kind: 'match',
    stem: { plain: 'Match.' },
    options: undefined,
    pairs: ['gate', 'weir', 'lock'].map((term) => ({
      left: { plain: term },
      right: { plain: `what a ${term} is` },
    })),
  }),
  item({
    id: 'c',
    ref: 'L-3',
    kind: 'open',
    stem: { plain: 'Why  two?' },
    options: undefined,
    lines: 3,
  }),
];
const job = (more: Partial<PaperJob> = {}): PaperJob => ({
  items,
  what: 'handout',
  title: 'Evening <1>',
  ...more,
});

/** The parts of a document; every XML part is well-formed, as a strict parser sees it. */
function partsOf(bytes: Uint8Array): Record<string, string> {
  const parts = Object.entries(unzipSync(bytes)).map(([name, part]) => [name, strFromU8(part)]);
  for (const [name, text] of parts.filter(([name]) => /\.(?:xml|rels)$/.test(name!))) {
    const parser = new SaxesParser({ xmlns: true });
    parser.on('error', (error) => {
      throw new Error(`${name}: ${error.message}`);
    });
    parser.write(text!).close();
  }
  return Object.fromEntries(parts) as Record<string, string>;
}
const wordsOf = (xml: string): string =>
  xml
    .replace(/<\/(?:w:p|text:p|text:h)>/g, '\n')
    .replace(/<text:s text:c="(\d+)"\/>/g, (_, n: string) => ' '.repeat(Number(n)))
    .replace(/<[^>]+>/g, '');

describe.each([
  ['docx', 'word/document.xml'],
  ['odt', 'content.xml'],
] as const)('a handout as .%s', (format, body) => {
  it('is well-formed, with title, questions, boxes, points and room', async () => {
    const parts = partsOf(await paperFile(job(), format));
    const words = wordsOf(parts[body]!);
    expect(words).toContain('Evening &lt;1&gt;');
    expect(words).toMatch(/1\. What lets H2O through &amp; out\? {3}\(2 points\)/);
    expect(words).toMatch(/☐ A\) paddle\n☐ B\) beam/);
    expect(words).toMatch(/1 ____________ gate/);
    expect(words).not.toContain('✓');
    expect(parts[body]).toMatch(/subscript|sub 58%/);
    expect(Object.keys(parts).filter((name) => /\.png$/.test(name))).toHaveLength(1);
  });
  it('has its lines on every page, with the number at the foot', async () => {
    const parts = partsOf(await paperFile(job({ head: 'School <7>', foot: 'Room & 3' }), format));
    const all = Object.entries(parts).filter(([name]) => /header|footer|styles/.test(name));
    const words = all.map(([, text]) => text).join('\n');
    expect(words).toContain('School &lt;7&gt;');
    expect(words).toMatch(/Room &amp; 3/);
    expect(words).toMatch(/NUMPAGES|text:page-count/);
    const plain = partsOf(await paperFile(job(), format));
    expect(Object.keys(plain).some((name) => name.includes('header'))).toBe(false);
  });
  it('opens in an office suite, each version and key on pages of its own', async ({ skip }) => {
    if (!HAS_OFFICE) {
      skip('LibreOffice is not installed');
    }
    const wish = { versions: 2, withKey: true, head: 'Canal school' };
    const { text, pages } = byOffice(`handout.${format}`, await paperFile(job(wish), format));
    const plain = text.replace(/\s+/g, ' ');
    expect(plain).toMatch(
      /Evening <1> version A.*Evening <1> version B.*Key: Evening <1> version A/,
    );
    expect(plain).toMatch(/1\. What lets H2O through & out\?/);
    expect(plain).toMatch(/A – paddle/);
    expect(pages).toBe(4);
  });
  it('has each version on a page of its own, and a key that matches', async () => {
    const two = partsOf(await paperFile(job({ versions: 2, what: 'key' }), format));
    const words = wordsOf(two[body]!);
    expect(words).toMatch(
      /Key: Evening &lt;1&gt; version A[\s\S]*Key: Evening &lt;1&gt; version B/,
    );
    expect(words).toContain('A – paddle');
    expect(two[body]).toMatch(/w:type="page"|PPage"/);
  });
  it('is read again as the questions that it holds', async () => {
    const only = job({
      items: [items[0]!, item({ ...items[0]!, id: 'd', stem: { plain: 'What floats?' } })],
    });
    const bytes = await paperFile(only, format);
    const { items: read } = await gatherSource(
      { name: `x.${format}`, bytes },
      {},
      { id: counter() },
    );
    expect(read.map(({ options: own = [] }) => own.map(({ text }) => text.plain))).toEqual([
      ['paddle', 'beam', 'cill'],
      ['paddle', 'beam', 'cill'],
    ]);
  });
  it('comes as a key, an answer sheet and a study sheet, and not as cards', async () => {
    for (const what of ['key', 'answer-sheet', 'study'] as const) {
      expect(
        wordsOf(partsOf(await paperFile(job({ what }), format))[body]!).length,
      ).toBeGreaterThan(60);
    }
    expect(() => paperFile(job({ what: 'cards' }), format)).toThrow(/printed as they stand/);
  });
});

it('an open document tells its type by its first bytes (OpenDocument 1.2, part 3, 3.3)', async () => {
  const bytes = await paperFile(job(), 'odt');
  expect(strFromU8(bytes.slice(30, 38 + 39))).toBe(
    'mimetypeapplication/vnd.oasis.opendocument.text',
  );
});

it.each([
  [PNG, { type: 'png', width: 5, height: 5 }],
  [
    'data:image/gif;base64,R0lGODlhAgADAIAAAAAAAP///yH5BAAAAAAALAAAAAACAAMAAAIChF8AOw==',
    { type: 'gif', width: 2, height: 3 },
  ],
  ['https://example.org/x.png', undefined],
])('the size of a picture is read from its own bytes', (href, expected) => {
  const found = pictureOf(href);
  expect(found && { type: found.type, width: found.width, height: found.height }).toEqual(expected);
});
