// Receivers with a row for each option, pair or step: learned from their samples, filled, and read back. Common practice, no source.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyText, item, options, pairs, surroundings } from '../../../tests/make';
import type { Item } from '../model';
import { compare, readBack } from '../reading-back';
import { fit } from '../fitting';
import { fill, learnBlank } from '.';
import { readTable } from '../readers';

const bytesOf = (lines: readonly string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\r\n')}\r\n`);
const learnt = (lines: readonly string[]) =>
  learnBlank({ name: 'a.csv', bytes: bytesOf(lines) }, surroundings);

const ONCE = [
  'QuestionID,Question,Option,IsCorrect,Feedback',
  '1,Which float?,Cork,1,It is light.',
  '1,,Lead,0,',
  '1,,Oak,1,',
  '2,Which rusts?,Iron,1,',
  '2,,Gold,0,',
];
const AGAIN = [
  'Ref;Question;Answer;Correct',
  'Q1;Which floats?;Cork;yes',
  'Q1;Which floats?;Lead;no',
  'Q2;Which rusts?;Gold;no',
  'Q2;Which rusts?;Iron;yes',
  'Q2;Which rusts?;Zinc;no',
];
const PAIRS = [
  'Task;Left;Right',
  'Tool and trade;Trowel;Mason',
  ';Plane;Joiner',
  ';Anvil;Smith',
  'Stuff and thing;Clay;Brick',
  ';Sand;Glass',
];

const wheel = item({
  ref: 'A',
  stem: { plain: 'What steers?' },
  options: options('A rope', '*A rudder', 'A lamp'),
});
const floats = item({
  ref: 'B',
  kind: 'choice-many',
  stem: { plain: 'Which float?' },
  options: options('*Cork', 'Lead', '*Oak', 'Iron'),
});

/** The lines of a filled file, and what reading it back found to differ. */
async function filled(lines: readonly string[], items: Item[]) {
  const { layout } = await learnt(lines);
  const { bytes, receipt } = await fill({ items, layout, blank: bytesOf(lines) }, surroundings);
  return {
    text: new TextDecoder().decode(bytes).trimEnd().split('\r\n'),
    differences: receipt.readBack.differences,
    leftOut: receipt.leftOut.map(({ ref }) => ref),
  };
}

describe('a blank with a row for each option', () => {
  it('is learned from its samples, with the columns that are said again', async () => {
    const { layout } = await learnt(ONCE);
    expect(layout.rowForEach).toEqual({ part: 'option', again: ['A'] });
    expect(layout.columns.map(({ role }) => role)).toEqual([
      'number-in-file',
      'stem',
      'option',
      'verdict',
      'feedback',
    ]);
    expect(layout.key).toEqual({ style: 'verdict', right: '1', wrong: '0' });
    expect((await learnt(AGAIN)).layout.rowForEach).toEqual({ part: 'option', again: ['A', 'B'] });
  });

  it('gets a row for each option, and numbers its questions', async () => {
    const { text, differences } = await filled(ONCE, [wheel, floats]);
    expect(text).toEqual([
      ONCE[0],
      '1,What steers?,A rope,0,',
      '1,,A rudder,1,',
      '1,,A lamp,0,',
      '2,Which float?,Cork,1,',
      '2,,Lead,0,',
      '2,,Oak,1,',
      '2,,Iron,0,',
    ]);
    expect(differences).toEqual([]);
  });

  it('says again in each row what its samples say again, also of one question twice', async () => {
    const { text, differences } = await filled(AGAIN, [
      wheel,
      { ...wheel, id: 'again', ref: 'A2' },
    ]);
    expect(text.slice(1, 4)).toEqual([
      'A;What steers?;A rope;no',
      'A;What steers?;A rudder;yes',
      'A;What steers?;A lamp;no',
    ]);
    expect(text).toHaveLength(7);
    expect(differences).toEqual([]);
  });

  it('comes back as it went, whatever its texts hold', async () => {
    const { layout } = await learnt(AGAIN);
    const choice = fc
      .tuple(anyText, fc.uniqueArray(anyText, { minLength: 2, maxLength: 6 }), fc.nat(5))
      .map(([stem, texts, right]): Item =>
        item({
          stem: { plain: stem },
          options: texts.map((plain, at) => ({
            text: { plain },
            right: at === right % texts.length,
          })),
        }),
      );
    await fc.assert(
      fc.asyncProperty(fc.array(choice, { maxLength: 4 }), async (made) => {
        const items = made.map((one, n) => ({ ...one, id: `i${n}`, ref: `R${n}` }));
        const blank = bytesOf(AGAIN);
        const { bytes } = await fill({ items, layout, blank }, surroundings);
        const meant = fit(items, layout).flatMap(({ as = [] }) => as);
        const table = await readTable({ name: 'a.csv', bytes });
        expect(compare(meant, readBack(table, layout), layout)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

it('references that begin as a word for a question open no blocks, and options in one cell without a key are doubted', async () => {
  const { layout } = await learnt([
    'Question ID,Question,Answer text,Is correct',
    'Q1,Which rusts?,Iron,TRUE',
    'Q1,Which rusts?,Gold,FALSE',
    'Q1,Which rusts?,Zinc,FALSE',
    'Q2,Which floats?,Cork,TRUE',
    'Q2,Which floats?,Lead,FALSE',
  ]);
  expect(layout).toMatchObject({
    shape: 'rows',
    rowForEach: { part: 'option', again: ['A', 'B'] },
  });
  const listed = await learnt(['Frage;Antworten;Punkte je Antwort', 'Welche?;2|3|4;1|1|-1']);
  expect(listed.unsure).toContain('key');
});

it('parts that a column counts are counted, and a lone tick leaves the wrong ones empty', async () => {
  const lines = [
    'No,Question,Letter,Option,Correct',
    '1,Which floats?,a,Cork,x',
    ',,b,Lead,',
    '2,Which rusts?,a,Gold,',
    ',,b,Iron,x',
    ',,c,Zinc,',
  ];
  const { text, differences } = await filled(lines, [wheel]);
  expect(text.slice(1)).toEqual(['1,What steers?,a,A rope,', ',,b,A rudder,x', ',,c,A lamp,']);
  expect(differences).toEqual([]);
  const steps = [
    'Task;Step;Place',
    'Tea;Boil;1',
    'Tea;Pour;2',
    'Tea;Wait;3',
    'Bread;Knead;1',
    'Bread;Bake;2',
  ];
  const { layout } = await learnt(steps);
  expect(layout.rowForEach).toEqual({
    part: 'step',
    again: ['A'],
    counts: { column: 'C', from: '1' },
  });
  const order = item({
    ref: 'O',
    kind: 'order',
    stem: { plain: 'Lock up' },
    options: undefined,
    steps: [{ plain: 'Close the sluices' }, { plain: 'Lock the hut' }],
  });
  expect((await filled(steps, [order])).text.slice(1)).toEqual([
    'Lock up;Close the sluices;1',
    'Lock up;Lock the hut;2',
  ]);
});

it('a blank with a row for each pair takes matching tasks alone', async () => {
  const { layout } = await learnt(PAIRS);
  expect(layout.rowForEach).toEqual({ part: 'pair', again: [] });
  const { text, differences, leftOut } = await filled(PAIRS, [pairs, wheel]);
  expect(text.slice(1)).toEqual(['Put them together.;sill;step', ';paddle;shutter']);
  expect(differences).toEqual([]);
  expect(leftOut).toEqual(['A']);
});

it('a column that says something of each option, and nothing that is known, is left alone and doubted', async () => {
  const { layout, unsure, because } = await learnt([
    'Question;Option;Is correct;Score',
    'What floats?;cork;TRUE;1',
    'What floats?;iron;FALSE;0',
    'What sinks?;lead;TRUE;1',
    'What sinks?;foam;FALSE;0',
  ]);
  expect(layout.columns[3]).toMatchObject({ heading: 'Score', role: 'ignore' });
  expect(unsure).toContain('columns.D');
  expect(because['columns.D']).toContain('each option');
});
