// Tables without headings, as people copy them out of a sheet. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../pipeline';
import { counter } from '../../../tests/make';
import { brief } from '../../../tests/say';

const bytesOf = (lines: readonly string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\n')}\n`);
const read = (lines: readonly string[], overrule = {}) =>
  gatherSource({ name: 'sheet.csv', bytes: bytesOf(lines) }, overrule, { id: counter() });
const briefs = async (lines: readonly string[], overrule = {}) =>
  (await read(lines, overrule)).items.map(brief);
const MUD = 'choice-one: Which bird builds with mud? [wren / *swallow / owl]';
const NAIL = 'choice-one: Which tool drives a nail? [saw / file / *hammer]';
const DRINK = 'choice-one: Which drink is made of leaves? [*tea / cocoa / cider]';
const PLAIN = [
  'Which bird builds with mud?;wren;swallow;owl;',
  'Which tool drives a nail?;saw;file;hammer;',
  'Which drink is made of leaves?;tea;cocoa;cider;',
];
const keyed = (...keys: string[]): string[] => PLAIN.map((line, row) => line + keys[row]!);

describe('a table without headings', () => {
  it.each([
    ['letters', keyed('B', 'C', 'A')],
    ['numbers', keyed('2', '3', '1')],
    ['texts', keyed('swallow', 'hammer', 'tea')],
  ])('is read by a column that names its options: by %s', async (_, lines) => {
    expect(await briefs(lines)).toEqual([MUD, NAIL, DRINK]);
  });

  it('behind a running number', async () => {
    const lines = keyed('b', 'c', 'a').map((line, row) => `${row + 1};${line}`);
    expect(await briefs(lines)).toEqual([MUD, NAIL, DRINK]);
  });

  it('offers what stands behind questions, though nothing tells the right one', async () => {
    const { items, findings, reading } = await read(
      PLAIN.map((line) => line.slice(0, -1)),
      {},
    );
    expect(items.every(({ kind }) => kind === 'choice-one')).toBe(true);
    expect(findings.map(({ rule }) => rule)).toContain('key-missing');
    expect(reading.unsure).toContain('columns.C');
  });

  it('of terms begins with its first term', async () => {
    const { items } = await read([
      'anvil,a block on which iron is forged',
      'bellows,a device that blows air',
      'tongs,a tool to hold hot iron',
      'flux,a powder that cleans a joint',
    ]);
    expect(items.map(({ stem }) => stem.plain)).toEqual(['anvil', 'bellows', 'tongs', 'flux']);
  });

  it('of questions and answers offers no choice of one', async () => {
    const items = await briefs([
      'What is the capital of Wales?,Cardiff',
      'How many legs has a spider?,8',
      'Who wrote the letter?,the miller',
      'Which month is shortest?,February',
    ]);
    expect(items[0]).toBe('short: What is the capital of Wales? [Cardiff]');
    expect(items).toHaveLength(4);
  });

  it('keeps the titles of its rounds as categories', async () => {
    const { items } = await read([
      'Round 1: Rivers,,,,',
      'Which is longest?,Nile,Rhine,Thames,Nile',
      'Which is in Paris?,Seine,Rhine,Elbe,Seine',
      'Round 2: Towns,,,,',
      'Which is in Wales?,Cardiff,Leeds,York,Cardiff',
      'Which is in Kent?,Dover,Bath,Hull,Dover',
    ]);
    expect(items.map(({ category }) => category?.[0])).toEqual([
      'Round 1: Rivers',
      'Round 1: Rivers',
      'Round 2: Towns',
      'Round 2: Towns',
    ]);
  });
});

describe('a list of words in two columns', () => {
  const both = async (lines: readonly string[]) => {
    const { items, reading } = await read(lines);
    return { cards: items.map(brief), unsure: reading.unsure };
  };

  it.each([
    [
      'its articles',
      ['la porta,the door', 'il martello,the hammer', 'la sega,the saw', 'il chiodo,the nail'],
    ],
    [
      'articles beside words that head columns',
      ['answer,die Antwort', 'key,der Schlüssel', 'school,die Schule', 'teacher,der Lehrer'],
    ],
    ['its infinitives', ['to go,gehen', 'to run,laufen', 'to sit,sitzen', 'to stand,stehen']],
  ])('begins with its first word, told by %s', async (_, lines) => {
    const { cards, unsure } = await both(lines);
    expect(cards).toEqual(lines.map((line) => `card: ${line.replace(',', ' [')}]`));
    expect(unsure).not.toContain('headingRow');
  });

  it('perhaps begins with its first word where nothing but its manner tells', async () => {
    const lines = ['Good morning,Bonjour', 'Goodbye,Au revoir', 'Thank you,Merci', 'Please,Pardon'];
    const { cards, unsure } = await both(lines);
    expect(cards).toHaveLength(4);
    expect(unsure).toContain('headingRow');
  });

  it.each([
    ['Country,Capital', 'Peru,Lima'],
    ['Tier,Lebensraum', 'Biber,Fluss'],
    ['Year,Event', '1789,Revolution'],
  ])('“%s” names what it is of', async (headings, first) => {
    const lines = [headings, first, 'Cuba,Havana', 'Ghana,Accra', 'Kenya,Nairobi'];
    const { cards } = await both(lines);
    expect(cards[0]).toMatch(new RegExp(`: ${first.replace(',', ' \\[')}\\]$`));
  });
});

describe('lists of words without headings', () => {
  const rows = [
    'die Schleuse;lock;Die Schleuse ist leer.',
    'das Wehr;weir;Das Wehr staut den Fluss.',
    'der Kahn;barge;Der Kahn wartet.',
    'die Brücke;bridge;Die Brücke dreht sich.',
  ];
  const cards = [
    'card: die Schleuse [lock]',
    'card: das Wehr [weir]',
    'card: der Kahn [barge]',
    'card: die Brücke [bridge]',
  ];
  it('learn the words that stand in the sentences beside them', async () => {
    const { items, reading } = await read(rows);
    expect(items.map(brief)).toEqual(cards);
    expect(items[0]!.explanation?.plain).toBe('Die Schleuse ist leer.');
    // Nothing says what the sentences are there for.
    expect(reading.unsure).toEqual(['columns.C']);
    const turned = rows.map((row) => row.split(';')).map(([a, b, c]) => [b, a, c].join(';'));
    expect((await read(turned)).items.map(brief)).toEqual(cards);
  });
  it('are none where a column asks, or lists what may be chosen', async () => {
    const asked = rows.map((row, index) => `What is number ${index}?;${row}`);
    expect((await read(asked)).items.map(({ kind }) => kind)).not.toContain('card');
  });
});

it('a first row whose key names several places, as others below it do, holds no headings', async () => {
  expect(
    await briefs([
      'Rechnen;Welche Zahlen sind gerade?;33;18;12;21;b|c',
      'Wetter;Welche dieser Geräte messen etwas?;Anemometer;Hygrometer;Barometer;Lupe;a|b|c',
      'Musik;Was davon wird geblasen?;Oboe;Horn;Trompete;Geige;a|b|c',
      'Wetter;Was ist Nebel?;Gefrorener Tau;Eine Wolke am Boden;Staub;Rauch;b',
    ]),
  ).toEqual([
    'choice-many: Welche Zahlen sind gerade? [33 / *18 / *12 / 21]',
    'choice-many: Welche dieser Geräte messen etwas? [*Anemometer / *Hygrometer / *Barometer / Lupe]',
    'choice-many: Was davon wird geblasen? [*Oboe / *Horn / *Trompete / Geige]',
    'choice-one: Was ist Nebel? [Gefrorener Tau / *Eine Wolke am Boden / Staub / Rauch]',
  ]);
});
