// Requests and replies: what is asked for, and what a reply lacks.
import { describe, expect, it } from 'vitest';
import type { Asked, Item, Wish } from '../../model';
import { item, options, rowsLayout } from '../../../../tests/make';
import { writeRequests } from '../requests';
import { compareReplies } from './index';

const read = (): Item[] => [];
const WORDS = ['pound', 'paddle', 'cill', 'weir'];
const wish: Wish = { about: { terms: WORDS }, limits: { stem: 60, option: 30 } };
const { asked } = writeRequests(wish)[0]!;
const LINES = [
  'What is a pound? | water between locks | a fee | a pen | a weight | A',
  'What is a paddle? | a pole | a small gate | a beam | a step | B',
  'What is a cill? | an edge | a top | a ledge | a chain | C',
  'What is a weir? | a gate | a mark | a bank | a low wall | D',
];
const compare = (lines: readonly string[], more: Partial<Asked> = {}, known: Item[] = []) =>
  compareReplies([{ ...asked, ...more }], [lines.join('\n')], { read, known });
const rules = async (lines: readonly string[], more: Partial<Asked> = {}): Promise<string[]> =>
  (await compare(lines, more)).findings.map(({ rule }) => rule);

describe('requests', () => {
  it('ask for at most fifteen words at once, and say columns, key and lengths', () => {
    const terms = Array.from({ length: 32 }, (_, n) => `word${n}`);
    const requests = writeRequests({ about: { terms }, limits: { stem: 120 } });
    expect(requests.map(({ n, of, asked: one }) => [n, of, one.terms.length, one.count])).toEqual([
      [1, 3, 15, 15],
      [2, 3, 15, 15],
      [3, 3, 2, 2],
    ]);
    expect(requests[2]!.text).toMatch(/Write 2 questions.*\nword30; word31\n/s);
    expect(requests[0]!.text).toContain(
      'Question | Option A | Option B | Option C | Option D | Right option',
    );
    expect(requests[0]!.text).toContain('at most 120 characters');
    expect(requests[0]!.asked).toMatchObject({ options: 4, key: { style: 'letter' } });
  });
  it('take columns, key and the strictest lengths from the receivers', () => {
    const layout = (stem: number, optionsMax: number) => ({
      ...rowsLayout(['stem', 'option', 'option', 'option', 'key']),
      key: { style: 'number' as const },
      limits: { stem, optionsMax },
    });
    const [first] = writeRequests({
      about: { topic: 'locks' },
      count: 5,
      layouts: [layout(90, 3), layout(70, 4)],
    });
    expect(first!.asked).toMatchObject({
      options: 3,
      count: 5,
      limits: { stem: 70 },
      key: { style: 'number' },
    });
    expect(first!.asked.columns.map(({ role }) => role)).toEqual([
      'stem',
      'option',
      'option',
      'option',
      'key',
    ]);
    expect(first!.text).toContain('by its number, 1 to 3');
  });
  it('share a number among kinds and batches, and ask for each category by itself', () => {
    const many = writeRequests({
      about: { topic: 'locks' },
      count: 32,
      kinds: ['choice-one', 'true-false'],
    });
    expect(many.map(({ asked: one }) => [one.kinds[0], one.count])).toEqual([
      ['choice-one', 8],
      ['choice-one', 8],
      ['true-false', 8],
      ['true-false', 8],
    ]);
    const cards = writeRequests({
      about: { categories: ['Water', 'Gear'] },
      count: 3,
      kinds: ['card'],
    });
    expect(cards.map(({ asked: one }) => [one.category, one.count])).toEqual([
      ['Water', 3],
      ['Gear', 3],
    ]);
    expect(cards[0]!.text).toMatch(/Write 3 cards.*category Water/);
  });
});

describe('a reply held against its request', () => {
  it('that is as asked has nothing to be told', async () => {
    const { items, findings, missing, again } = await compare(LINES);
    expect(findings).toEqual([]);
    expect([missing, again]).toEqual([[], undefined]);
    expect(items.map(({ options: list }) => list!.findIndex(({ right }) => right))).toEqual([
      0, 1, 2, 3,
    ]);
  });
  it.each<[string, string[], string[]]>([
    [
      'a heading',
      ['Question | Option A | Option B | Option C | Option D | Right option', ...LINES],
      ['reply-heading'],
    ],
    ['numbers', LINES.map((line, n) => `${n + 1}. ${line}`), ['reply-numbering']],
    [
      'numbers in a part of their own',
      LINES.map((line, n) => `${n + 1} | ${line}`),
      ['reply-numbering'],
    ],
    ['talk and a fence', ['Certainly.', '```', ...LINES, '```', 'More?'], ['reply-chatter']],
    ['a table with bars', ['|---|---|---|---|---|---|', ...LINES.map((line) => `| ${line} |`)], []],
    ['tabs', LINES.map((line) => line.replaceAll(' | ', '\t')), []],
    [
      'labels before the options',
      LINES.map((line) =>
        line
          .split(' | ')
          .map((cell, n) => (n > 0 && n < 5 ? `${'ABCD'[n - 1]}) ${cell}` : cell))
          .join(' | '),
      ),
      ['reply-labels'],
    ],
    ['bold', LINES.map((line) => line.replace('What', '**What**')), []],
  ])('with %s is read all the same', async (_, lines, expected) => {
    const { items, findings } = await compare(lines);
    expect(findings.map(({ rule }) => rule)).toEqual(expected);
    expect(
      items.map(({ stem, options: list }) => [
        stem.plain,
        list!.find(({ right }) => right)!.text.plain,
      ]),
    ).toEqual([
      ['What is a pound?', 'water between locks'],
      ['What is a paddle?', 'a small gate'],
      ['What is a cill?', 'a ledge'],
      ['What is a weir?', 'a low wall'],
    ]);
  });
  const changed = (at: number, work: (line: string) => string): string[] =>
    LINES.map((line, n) => (n === at ? work(line) : line));
  it.each<[string, string[], string[]]>([
    ['a word without a question', LINES.slice(0, 3), ['reply-count', 'reply-words-missing']],
    ['one too many', [...LINES, 'What is a lock? | a | b | c | d | A'], ['reply-count']],
    ['a text that is cut', changed(1, (line) => line.replace('a pole', 'a po…')), ['reply-cut']],
    [
      'a text that is too long',
      changed(0, (line) => line.replace('a fee', 'a fee for the night that is paid to the keeper')),
      ['reply-too-long'],
    ],
    [
      'an option missing',
      changed(0, (line) => line.replace('a fee', '')),
      ['reply-options-missing'],
    ],
    [
      'an option twice',
      changed(0, (line) => line.replace('a fee', 'A pen')),
      ['reply-options-alike'],
    ],
    [
      'a key that names nothing',
      changed(0, (line) => line.replace(/A$/, 'G')),
      ['reply-key-unknown'],
    ],
    ['no key', changed(0, (line) => line.replace(/A$/, '')), ['reply-key-unknown']],
    [
      'a line with too many parts',
      changed(0, (line) => line.replace('fee', 'fee | toll')),
      ['reply-shifted'],
    ],
    ['a line that begins with an empty part', changed(0, (line) => `| ${line}`), ['reply-shifted']],
    ['a line twice', [...LINES, LINES[0]!], ['reply-doubled']],
    [
      'keys one too high',
      LINES.map((line) => line.replace(/.$/, (key) => String.fromCharCode(key.charCodeAt(0) + 1))),
      ['reply-key-off'],
    ],
    [
      'keys all in one place',
      LINES.map((line) => line.replace(/.$/, 'B')),
      ['reply-key-one-place'],
    ],
    [
      'the words of another request',
      ['What is tea? | a leaf | a cup | a pot | a tin | A', 'What is jam? | a | b | c | d | B'],
      ['reply-other', 'reply-count', 'reply-words-missing'],
    ],
    ['nothing', ['I can’t do that.'], ['reply-form', 'reply-count']],
  ])('with %s is told', async (_, lines, expected) => {
    expect(await rules(lines)).toEqual(expected);
  });
  it('names the line and the question, and keeps what was faulty', async () => {
    const { items, findings } = await compare(
      changed(2, (line) => line.replace('What is a cill?', 'What is a cil…')),
    );
    expect(findings[0]).toMatchObject({
      level: 'block',
      field: 'stem',
      where: { line: 3 },
      item: items[2]!.id,
    });
    expect(items).toHaveLength(4);
  });
  it('moves keys that are one too far, so that the meant options are right', async () => {
    const off = LINES.map((line) =>
      line.replace(/.$/, (key) => String.fromCharCode(key.charCodeAt(0) + 1)),
    );
    const { items } = await compare(off);
    expect(items.map(({ options: list }) => list!.findIndex(({ right }) => right))).toEqual([
      0, 1, 2, 3,
    ]);
  });
  it('leaves out what the bank has already', async () => {
    const known = [item({ stem: { plain: 'What is a  Pound?' }, options: options('*a', 'b') })];
    const { items, findings } = await compare(LINES, {}, known);
    expect(items).toHaveLength(3);
    expect(findings.map(({ rule }) => rule)).toContain('reply-doubled');
  });
  it('is asked for again where something is missing or wrong, and both together make one set', async () => {
    const faulty = [LINES[0]!, LINES[1]!.replace('What is a paddle?', 'What is a pad…'), LINES[2]!];
    const { again } = await compare(faulty);
    expect(again!.text).toMatch(/^Your reply was not complete\. Write 2 questions more/);
    expect(again!.text).toMatch(/without a good question: paddle; weir\./);
    expect(again!.text).toMatch(/cut short: “What is a pad…”/);
    const both = await compareReplies(
      [asked, again!.asked],
      [faulty.join('\n'), `${LINES[1]}\n${LINES[3]}`],
      { read },
    );
    expect(both.findings).toEqual([]);
    expect(both.items.map(({ stem }) => stem.plain).sort()).toEqual(
      LINES.map((line) => line.split(' | ')[0]).sort(),
    );
  });
  it('statements and cards have forms of their own', async () => {
    const [truth] = writeRequests({ about: { topic: 'locks' }, count: 2, kinds: ['true-false'] });
    const told = await compareReplies(
      [truth!.asked],
      ['A pound is water. | True\nA weir is a boat. | wrong'],
      { read },
    );
    expect(told.findings).toEqual([]);
    expect(told.items.map(({ options: list }) => list![0]!.right)).toEqual([true, false]);
    const [cards] = writeRequests({ about: { topic: 'locks' }, count: 1, kinds: ['card'] });
    const made = await compareReplies([cards!.asked], ['cill | a ledge'], { read });
    expect(made.items[0]).toMatchObject({
      kind: 'card',
      stem: { plain: 'cill' },
      accepted: ['a ledge'],
    });
  });
});
