// Rules for one kind alone and settings for the whole file: learned from a blank, filled, and read again.
import { describe, expect, it } from 'vitest';
import { item, options, rowsLayout, surroundings } from '../../../tests/make';
import type { Item, Layout } from '../model';
import { fillAll, learnBlank, readBackFile } from './index';

const HEAD = 'Type;Question;A;B;C;Right';
const csv = (...rows: string[]): { name: string; bytes: Uint8Array } => ({
  name: 'form.csv',
  bytes: new TextEncoder().encode([HEAD, ...rows, ''].join('\r\n')),
});
const sheet = (rows: (string | number)[][]): { name: string; bytes: Uint8Array } => ({
  name: 'form.csv',
  bytes: new TextEncoder().encode(rows.map((row) => `${row.join(';')}\r\n`).join('')),
});

const truth = (right: boolean, words = ['True', 'False']): Item =>
  item({
    id: `t-${right}`,
    kind: 'true-false',
    stem: { plain: `A lock with ${right ? 'two pairs of' : 'no'} gates holds water.` },
    options: words.map((plain, index) => ({ text: { plain }, right: (index === 0) === right })),
  });
const short: Item = {
  id: 's',
  ref: 'S-1',
  kind: 'short',
  stem: { plain: 'What turns a paddle?' },
  accepted: ['windlass'],
};

const linesOf = (bytes: Uint8Array): string[] =>
  new TextDecoder().decode(bytes).trim().split('\r\n');
/** The rows of a filled text file, below its first line. */
const rowsOf = (bytes: Uint8Array): string[] => linesOf(bytes).slice(1);

async function filled(layout: Layout, blank: Uint8Array | undefined, items: readonly Item[]) {
  const job = { items, layout, setTitle: 'Set', ...(blank ? { blank } : {}) };
  const [file] = await fillAll(job, surroundings);
  return file!;
}

describe('a rule for one kind alone', () => {
  it('is learned from samples whose options are empty and whose key is a word', async () => {
    const blank = csv(
      'choice;What floats?;Cork;Stone;Iron;A',
      'true/false;Water flows uphill.;;;;FALSE',
      'true/false;A weir holds water back.;;;;TRUE',
    );
    const { layout, because } = await learnBlank(blank, surroundings);
    expect(layout.key.style).toBe('letter');
    expect(layout.byKind).toEqual([
      {
        kind: 'true-false',
        key: { style: 'word', right: 'TRUE', wrong: 'FALSE' },
        leave: ['option'],
      },
    ]);
    expect(because['byKind.true-false']).toMatch(/samples/);
    const file = await filled(layout, blank.bytes, [item(), truth(true), truth(false)]);
    expect(file.differences).toEqual([]);
    expect(rowsOf(file.bytes)).toEqual([
      'choice;What does a paddle let through?;Boats;Water;Walkers;B',
      'true/false;A lock with two pairs of gates holds water.;;;;TRUE',
      'true/false;A lock with no gates holds water.;;;;FALSE',
    ]);
  });

  it.each([
    ['T', 'T', 'F'],
    ['v', 'v', 'f'],
  ])('is learned from a sample whose key is the letter %s', async (letter, right, wrong) => {
    const blank = csv(
      'choice;What floats?;Cork;Stone;Iron;A',
      `true/false;A weir holds water.;;;;${letter}`,
    );
    const { layout, unsure } = await learnBlank(blank, surroundings);
    expect([layout.byKind, unsure]).toEqual([
      [{ kind: 'true-false', key: { style: 'word', right, wrong }, leave: ['option'] }],
      [],
    ]);
    const file = await filled(layout, blank.bytes, [truth(true), truth(false)]);
    expect(file.differences).toEqual([]);
    expect(rowsOf(file.bytes).map((row) => row.slice(-5))).toEqual([
      `;;;;${right}`,
      `;;;;${wrong}`,
    ]);
  });

  it('is learned from samples whose accepted answer carries a sign', async () => {
    const blank = csv('choice;What floats?;Cork;Stone;Iron;A', 'short;What sinks?;*Stone;;;');
    const { layout } = await learnBlank(blank, surroundings);
    expect(layout.byKind).toEqual([{ kind: 'short', key: { style: 'marker', marker: '*' } }]);
    const file = await filled(layout, blank.bytes, [short]);
    expect(file.differences).toEqual([]);
    expect(rowsOf(file.bytes)).toEqual(['short;What turns a paddle?;*windlass;;;']);
  });

  it('is learned from a sentence where there are no samples', async () => {
    const blank = sheet([
      ['Choice questions have their right option by its letter.'],
      ['For true/false leave the options empty and write yes or no as the key.'],
      ['Type', 'Question', 'Option A', 'Option B', 'Option C', 'Key'],
    ]);
    const { layout } = await learnBlank(blank, surroundings);
    expect(layout.byKind).toEqual([
      { kind: 'true-false', key: { style: 'word', right: 'yes', wrong: 'no' }, leave: ['option'] },
    ]);
  });

  it('is not made where the samples come out without it', async () => {
    const blank = csv(
      'choice;What floats?;Cork;Stone;Iron;A',
      'true/false;Water flows uphill.;True;False;;B',
    );
    expect((await learnBlank(blank, surroundings)).layout.byKind).toBeUndefined();
  });

  it('is held to when the file is read back: a cell that must stay empty is no answer', async () => {
    const layout = rowsLayout(['kind', 'stem', 'option', 'option', 'key'], {
      kinds: [
        { kind: 'choice-one', code: 'c' },
        { kind: 'true-false', code: 't' },
      ],
      byKind: [
        { kind: 'true-false', key: { style: 'word', right: 'T', wrong: 'F' }, leave: ['option'] },
      ],
    });
    const file = await filled(layout, undefined, [truth(true)]);
    const text = new TextDecoder().decode(file.bytes);
    expect(text).toContain('t,A lock with two pairs of gates holds water.,,,T');
    const spoilt = new TextEncoder().encode(text.replace(',,,T', ',True,,T'));
    const { differences } = await readBackFile({ name: 'a.csv', bytes: spoilt }, layout, [
      truth(true),
    ]);
    expect(differences.map(({ field }) => field)).toEqual(['option.0, not understood']);
  });

  it('tells a row without a word for its kind by its empty options', async () => {
    const layout = rowsLayout(['stem', 'option', 'option', 'option', 'key'], {
      byKind: [
        { kind: 'true-false', key: { style: 'word', right: 'T', wrong: 'F' }, leave: ['option'] },
      ],
    });
    const file = await filled(layout, undefined, [truth(false), item()]);
    expect(file.differences).toEqual([]);
    expect(rowsOf(file.bytes)[0]).toBe('A lock with no gates holds water.,,,,F');
  });
});

describe('settings for the whole file', () => {
  const FORM = [
    ['Shuffle the answers? (yes / no)', ''],
    ['Points for each question:', 1],
    ['Time limit in seconds:', ''],
    ['', ''],
    ['Question', 'Answer 1', 'Answer 2', 'Answer 3', 'Right answer (number)'],
  ];

  it('are found above the headings, filled as wished and read again', async () => {
    const blank = sheet(FORM);
    const { layout } = await learnBlank(blank, surroundings);
    expect(layout.settings).toEqual([
      { cell: 'B1', setting: 'shuffle', values: { yes: 'yes', no: 'no' } },
      { cell: 'B2', setting: 'points' },
      { cell: 'B3', setting: 'seconds' },
    ]);
    const job = {
      items: [item()],
      layout,
      blank: blank.bytes,
      settings: { shuffle: true, points: 3 },
    };
    const [file] = await fillAll(job, surroundings);
    expect(file!.differences).toEqual([]);
    expect(file!.receipt.again?.settings).toEqual({ shuffle: true, points: 3 });
    expect(linesOf(file!.bytes).slice(0, 3)).toEqual([
      'Shuffle the answers? (yes / no);yes',
      'Points for each question:;3',
      'Time limit in seconds:;',
    ]);
  });

  it('follow what all questions say alike, and stay as the blank has them where they differ', async () => {
    const blank = sheet(FORM);
    const { layout } = await learnBlank(blank, surroundings);
    const questions = [
      item({ id: '1', points: 2, seconds: 30 }),
      item({ id: '2', points: 2, seconds: 40, options: options('*Yes', 'Perhaps', 'Never') }),
    ];
    const [file] = await fillAll({ items: questions, layout, blank: blank.bytes }, surroundings);
    expect(file!.differences).toEqual([]);
    expect(linesOf(file!.bytes).slice(1, 3)).toEqual([
      'Points for each question:;2',
      'Time limit in seconds:;',
    ]);
  });
});

describe('a loose word for a choice', () => {
  const several = item({
    id: 'many',
    kind: 'choice-many',
    stem: { plain: 'What holds water?' },
    options: options('*A lock', 'A hill', '*A pond'),
  });
  const one = item({ id: 'one', options: options('A wall', '*A gate', 'A hill') });
  const blank = (key: string) =>
    sheet([
      [
        'type',
        'stem',
        'choice_1',
        'choice_1_correct',
        'choice_2',
        'choice_2_correct',
        'choice_3',
        'choice_3_correct',
      ],
      ['multiple', 'Which float?', 'Cork', 'TRUE', 'Iron', 'FALSE', 'Wood', key],
    ]);

  it('stands for several right options too, where a sample has them', async () => {
    const { layout } = await learnBlank(blank('TRUE'), surroundings);
    expect(layout.kinds).toEqual([
      { kind: 'choice-one', code: 'multiple' },
      { kind: 'choice-many', code: 'multiple' },
    ]);
    const { bytes } = await filled(layout, blank('TRUE').bytes, [several, one]);
    expect(rowsOf(bytes).map((row) => row.split(';').filter((cell) => cell === 'TRUE'))).toEqual([
      ['TRUE', 'TRUE'],
      ['TRUE'],
    ]);
    const { items: read } = await readBackFile({ name: 'form.csv', bytes }, layout);
    expect(read.map(({ kind }) => kind)).toEqual(['choice-many', 'choice-one']);
  });

  it('stands for one, where samples have one', async () => {
    const { layout } = await learnBlank(blank('FALSE'), surroundings);
    expect(layout.kinds).toEqual([{ kind: 'choice-one', code: 'multiple' }]);
  });
});
