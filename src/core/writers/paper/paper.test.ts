// Paper: what a learner is handed, what the key says, and codes that two other readers read (ISO/IEC 18004).
import {
  BarcodeFormat,
  DecodeHintType,
  BinaryBitmap,
  HybridBinarizer,
  MultiFormatReader,
  RGBLuminanceSource,
} from '@zxing/library';
import jsqr from 'jsqr';
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../../tests/make';
import type { Item, PaperJob } from '../../model';
import { printPaper } from '../../pipeline/paper';
import { findAll, parseHtml, textOfNode } from '../../shared/html/tree';

const bank: Item[] = [
  item({
    id: 'a',
    ref: 'L-1',
    stem: { plain: 'What lets water through?' },
    options: options('*paddle', 'beam', 'cill'),
    points: 2,
    explanation: { plain: 'It is a small gate.' },
  }),
  item({
    id: 'b',
    ref: 'L-2',
    kind: 'gap',
    stem: { plain: 'A {{1}} holds a rope.' },
    options: undefined,
    gaps: [{ accepted: ['bollard', 'post'] }],
  }),
  item({
    id: 'c',
    ref: 'L-3',
    kind: 'match',
    stem: { plain: 'Match.' },
    options: undefined,
    pairs: [1, 2, 3].map((n) => ({
      left: { plain: `term ${n}` },
      right: { plain: `meaning ${n}` },
    })),
  }),
  item({
    id: 'd',
    ref: 'L-4',
    kind: 'order',
    stem: { plain: 'In which order?' },
    options: undefined,
    steps: ['look', 'open', 'close'].map((plain) => ({ plain })),
  }),
  item({
    id: 'e',
    ref: 'L-5',
    kind: 'open',
    stem: { plain: 'Why?' },
    options: undefined,
    lines: 3,
  }),
];
const print = (job: Partial<PaperJob>): string =>
  printPaper({ items: bank, what: 'handout', title: 'Evening', ...job });
const words = (html: string): string =>
  textOfNode(parseHtml(html)) ??
  html
    .replace(/<style>.*?<\/style>/s, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ');

describe('a handout', () => {
  const html = print({});
  it('asks each kind in its way, with points and room, and tells no answer', () => {
    expect(html).toContain('<h1>Evening</h1>');
    expect(words(html)).toMatch(/1 2 points What lets water through\?/);
    expect(html.match(/class="box"/g)).toHaveLength(6);
    expect(html).toContain('A <span class="blank"></span> holds a rope.');
    expect(html.match(/class="room"/g)).toHaveLength(3);
    expect(html).not.toMatch(/bollard|small gate/);
    expect(words(html)).not.toMatch(/look.*open.*close/);
  });
  it('has the keys of its versions behind it where they are wished for', () => {
    const two = print({ versions: 2, withKey: true });
    const heads = [...two.matchAll(/<h1>([^<]*)(?: <small>([^<]*)<\/small>)?<\/h1>/g)];
    expect(heads.map(([, title, version]) => `${title!.trim()} ${version}`)).toEqual([
      'Evening version A',
      'Evening version B',
      'Key: Evening version A',
      'Key: Evening version B',
    ]);
    expect(print({ what: 'key', withKey: true })).toBe(print({ what: 'key' }));
  });
  it('has its lines on every page as text, whatever they hold', () => {
    const page = print({ head: 'Canal "school" \\ 7 </style><b>', foot: 'Room 3' });
    expect(page).toContain(
      String.raw`@top-left { content: "Canal \22 school\22  \5c  7 \3c /style\3e \3c b\3e "`,
    );
    expect(page).toContain('@bottom-left { content: "Room 3"');
    expect(page.match(/<\/style>/g)).toHaveLength(1);
    // Nothing but the cards stands on a sheet that is cut.
    expect(print({ what: 'cards', head: 'Canal school' })).not.toContain('Canal school');
  });
  it('holds no script and lets nothing in', () => {
    const hostile = '<script>alert(1)</script><img src=x onerror=alert(1)>';
    const page = print({
      title: hostile,
      items: [
        item({
          stem: { plain: hostile, html: `${hostile}<b>bold</b> <a href="javascript:x">link</a>` },
          media: [
            { at: 'stem', href: 'https://elsewhere.example/a.png' },
            { at: 'stem', href: 'data:text/html,<b>' },
          ],
        }),
      ],
    });
    const tree = parseHtml(page);
    expect(findAll(tree, 'script')).toEqual([]);
    expect(findAll(tree, 'img')).toEqual([]);
    expect(findAll(tree, 'a')).toEqual([]);
    expect(page).toContain('<b>bold</b>');
    expect(page).toContain("default-src 'none'");
  });
  it('stands in sections; a pool says how many are to be answered', () => {
    const page = words(
      print({
        sections: [
          { title: 'Later', items: ['e', 'd'], draw: 1 },
          { title: 'First', items: ['a'] },
        ],
      }),
    );
    expect(page).toMatch(
      /Later Answer 1 of these 2\. 1 Why\?.*2 In which order\?.*First 3 .*What lets water/,
    );
  });
});

describe('the key', () => {
  it('says what is right by the letters on the handout, with the explanation', () => {
    const page = words(print({ what: 'key' }));
    expect(page).toMatch(/1 A – paddle It is a small gate\. L-1/);
    expect(page).toMatch(/2 \(1\) bollard \/ post L-2/);
    expect(page).toMatch(/4 1 look; 2 open; 3 close L-4/);
    const handout = words(print({}));
    const [, first] = /1 ([A-C]), 2/.exec(page)!;
    expect(handout).toMatch(new RegExp(`${first} meaning 1`));
  });
  it('of each version matches its handout', () => {
    const many = Array.from({ length: 6 }, (_, n) =>
      item({
        id: `q${n}`,
        ref: `R-${n}`,
        stem: { plain: `Question number ${n}?` },
        options: options(`*right ${n}`, 'p', 'q', 'r'),
      }),
    );
    const job = { items: many, versions: 3, seed: 5 };
    const handout = print(job).split('class="version"').slice(1).map(words);
    const key = print({ ...job, what: 'key' })
      .split('class="version"')
      .slice(1)
      .map(words);
    expect([handout.length, key.length]).toEqual([3, 3]);
    expect(handout[1]).toContain('version B');
    const order = (page: string): string[] => [...page.matchAll(/number (\d)/g)].map(([, n]) => n!);
    expect(order(handout[0]!)).toEqual(['0', '1', '2', '3', '4', '5']);
    expect(order(handout[1]!)).not.toEqual(order(handout[0]!));
    handout.forEach((page, version) => {
      order(page).forEach((n, place) => {
        const letter = new RegExp(`([A-D]) ?right ${n}`).exec(page)![1]!;
        expect(key[version]).toMatch(new RegExp(`${place + 1} ${letter} – right ${n} R-${n}`));
      });
    });
  });
});

describe('cards', () => {
  it('come eight to a sheet, with backs that meet their fronts', () => {
    const cards = Array.from({ length: 9 }, (_, n) =>
      item({
        id: `c${n}`,
        kind: 'card',
        stem: { plain: `term${n}` },
        options: undefined,
        accepted: [`meaning${n}`],
      }),
    );
    const sheets = print({ items: cards, what: 'cards' }).split('class="sheet"').slice(1);
    expect(sheets).toHaveLength(4);
    const texts = sheets.map((sheet) => sheet.split('class="card"').slice(1).map(words));
    expect(texts.map((sheet) => sheet.length)).toEqual([8, 8, 8, 8]);
    // Turned over at the long side, left and right change places.
    expect(texts[0]![0]).toContain('term0');
    expect(texts[1]![1]).toContain('meaning0');
    expect(texts[1]![0]).toContain('meaning1');
  });
});

/** The codes of a page as pictures: a grey value for each point, each module drawn so many points wide. */
function pictures(html: string): { size: number; grey: Uint8ClampedArray }[] {
  const SCALE = 4;
  return [...html.matchAll(/viewBox="0 0 (\d+) \d+".*?<path d="([^"]*)"/gs)].map(
    ([, side, path]) => {
      const size = Number(side) * SCALE;
      const grey = new Uint8ClampedArray(size * size).fill(255);
      for (const [, x, y] of path!.matchAll(/M(\d+) (\d+)h/g)) {
        for (let dy = 0; dy < SCALE; dy++) {
          const from = (Number(y) * SCALE + dy) * size + Number(x) * SCALE;
          grey.fill(0, from, from + SCALE);
        }
      }
      return { size, grey };
    },
  );
}

describe('QR cards', () => {
  const texts = ['What lets water through?', 'Wie heißt die Schleuse? – „Harrowmere“', '水門'];
  const items = texts.map((plain, n) => item({ id: `q${n}`, stem: { plain } }));
  it.each<[NonNullable<PaperJob['qr']>, string[]]>([
    [{ holds: 'text' }, texts],
    [{ holds: 'text', level: 'H' }, texts],
    [
      { holds: 'number', address: 'https://harrowmere.example/q/' },
      [1, 2, 3].map((n) => `https://harrowmere.example/q/${n}`),
    ],
  ])('say %j to two independent readers', (qr, expected) => {
    const found = pictures(print({ items, what: 'qr', qr }));
    const colours = (grey: Uint8ClampedArray): Uint8ClampedArray =>
      Uint8ClampedArray.from({ length: grey.length * 4 }, (_, at) =>
        at % 4 === 3 ? 255 : grey[at >> 2]!,
      );
    expect(found.map(({ size, grey }) => jsqr(colours(grey), size, size)?.data)).toEqual(expected);
    const hints = new Map<DecodeHintType, unknown>([
      [DecodeHintType.POSSIBLE_FORMATS, [BarcodeFormat.QR_CODE]],
      [DecodeHintType.CHARACTER_SET, 'UTF-8'],
    ]);
    const read = found.map(({ size, grey }) =>
      new MultiFormatReader()
        .decode(
          new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(grey, size, size))),
          hints,
        )
        .getText(),
    );
    expect(read).toEqual(expected);
  });
  it('too long for a code are told, with the way out', () => {
    const long = [item({ stem: { plain: 'x'.repeat(5000) } })];
    expect(() => print({ items: long, what: 'qr' })).toThrow(
      /Question 1.*5,000 bytes.*2,331 fit.*numbers/s,
    );
    expect(() => print({ items: [] })).toThrow('There is no question to print.');
  });
});
