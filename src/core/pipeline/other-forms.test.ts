// Forms in which the right answer, a number or a block stands in a way of their own: learned, filled and read back, and what
// leaves looked at cell by cell. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { item, options, surroundings } from '../../../tests/make';
import type { Item } from '../model';
import { fill, gatherSource, learnBlank } from '.';

const bytesOf = (lines: readonly string[]): Uint8Array =>
  new TextEncoder().encode(`${lines.join('\n')}\n`);
const rowsIn = (bytes: Uint8Array): string[] =>
  new TextDecoder()
    .decode(bytes)
    .replace(/(?:\r?\n,*)+$/, '')
    .split(/\r?\n/);

/** Learns a form and fills it: what was learned, the lines of the file, and what its read-back found different. */
async function filled(lines: readonly string[], items: readonly Item[]) {
  const bytes = bytesOf(lines);
  const learned = await learnBlank({ name: 'form.csv', bytes }, surroundings);
  const { bytes: out, differences } = await fill(
    { items, layout: learned.layout, blank: bytes },
    surroundings,
  );
  return { learned, lines: rowsIn(out), differences };
}

const statement = (stem: string, isTrue: boolean): Item =>
  item({
    id: stem,
    kind: 'true-false',
    stem: { plain: stem },
    options: options(isTrue ? '*True' : 'True', isTrue ? 'False' : '*False'),
  });

const number = (value: number, tolerance: number, unit?: string): Item => ({
  ...item({ id: `n${value}`, kind: 'number', stem: { plain: 'How deep is the lock?' } }),
  options: undefined,
  number: { value, tolerance, ...(unit ? { unit } : {}) },
});

describe('a tick under one of two columns', () => {
  it.each([
    ['true first', 'Statement,True,False', 'Ice floats.,x,', 'Lead floats.,,x'],
    ['false first', 'Behauptung,falsch,richtig', 'Ice floats.,,x', 'Lead floats.,x,'],
  ])('%s', async (_, headings, first, second) => {
    const sample = headings.startsWith('S')
      ? 'A pound is a reach.,x,'
      : 'Eine Haltung ist ein Tor.,x,';
    const { learned, lines, differences } = await filled(
      [headings, sample],
      [statement('Ice floats.', true), statement('Lead floats.', false)],
    );
    expect(learned.layout.key).toEqual({ style: 'verdict', right: 'x' });
    expect(lines).toEqual([headings, first, second]);
    expect(differences).toEqual([]);
  });
});

describe('the lowest and the highest number that count', () => {
  it('are written around the number, and read back as its tolerance', async () => {
    const headings = 'Question,Correct value,Accepted from,Accepted to,Unit';
    const { learned, lines, differences } = await filled(
      [headings, 'How wide is the gate?,4.3,4.2,4.4,m'],
      [number(2.4, 0.1, 'm')],
    );
    expect(learned.layout.columns.map(({ role }) => role)).toEqual([
      'stem',
      'value',
      'tolerance',
      'tolerance',
      'unit',
    ]);
    expect(lines).toEqual([headings, 'How deep is the lock?,2.4,2.3,2.5,m']);
    expect(differences).toEqual([]);
  });

  it('stand alone', async () => {
    const { lines, differences } = await filled(
      ['Question,Minimum,Maximum', 'How many locks are there?,3,5'],
      [number(2.4, 0.1)],
    );
    expect(lines[1]).toBe('How deep is the lock?,2.3,2.5');
    expect(differences).toEqual([]);
  });

  it('are gathered, also where the number does not stand in their middle', async () => {
    const { items, findings } = await gatherSource(
      {
        name: 'numbers.csv',
        bytes: bytesOf([
          'Task,Result,von,bis,Unit',
          'How fast is it?,80,79,81,km/h',
          'How long is it?,12.5,12,13,m',
          'How warm is it?,20,19,23,°C',
        ]),
      },
      {},
      surroundings,
    );
    expect(items.map((one) => one.number)).toEqual([
      { value: 80, tolerance: 1, unit: 'km/h' },
      { value: 12.5, tolerance: 0.5, unit: 'm' },
      { value: 21, tolerance: 2, unit: '°C' },
    ]);
    expect(findings.map(({ rule }) => rule)).toEqual(['number-uneven']);
    expect(findings[0]!.message).toContain('20 does not stand');
  });
});

describe('blocks that count their questions', () => {
  const block = (n: number, ...texts: string[]): string[] => [
    `Question ${n},${texts[0] ?? ''}`,
    `Right answer,${texts[1] ?? ''}`,
    `Wrong answer,${texts[2] ?? ''}`,
    `Wrong answer,${texts[3] ?? ''}`,
    `Time,${texts[4] ?? ''}`,
    ',',
  ];
  const form = [
    ...block(1, 'What fills it?', 'water', 'rain', 'sand', '20'),
    ...block(2),
    ...block(3),
  ];

  it('are gathered with every wrong answer', async () => {
    const { items } = await gatherSource(
      { name: 'blocks.csv', bytes: bytesOf(form) },
      {},
      surroundings,
    );
    expect(items.map(({ options: own }) => own!.map(({ text }) => text.plain))).toEqual([
      ['water', 'rain', 'sand'],
    ]);
  });

  it('keep their numbers, grow with the answers and leave no prepared label between', async () => {
    const { learned, lines, differences } = await filled(form, [
      item({
        id: 'a',
        stem: { plain: 'What floats?' },
        options: options('lead', '*cork', 'iron', 'slate'),
      }),
      item({ id: 'b', stem: { plain: 'What sinks?' }, options: options('*lead', 'cork') }),
    ]);
    expect(learned.layout.key.style).toBe('right-column');
    expect(differences).toEqual([]);
    expect(lines.map((line) => line.replace(/,+$/, ''))).toEqual([
      'Question 1,What floats?',
      'Right answer,cork',
      'Wrong answer,lead',
      'Wrong answer,iron',
      'Wrong answer,slate',
      'Time',
      '',
      'Question 2,What sinks?',
      'Right answer,lead',
      'Wrong answer,cork',
      'Wrong answer',
      'Time',
    ]);
  });
});

describe('what stands between the headings and the first row', () => {
  it('lengths of which the first alone says what is counted', async () => {
    const { layout } = await learnBlank(
      {
        name: 'form.csv',
        bytes: bytesOf([
          'Intitulé,Bonne réponse,Mauvaise réponse 1,Mauvaise réponse 2,Niveau',
          '(160 caractères max.),(80),(80),(80),facile / moyen / difficile',
        ]),
      },
      surroundings,
    );
    expect(layout.limits).toMatchObject({ stem: 160, option: 80 });
    expect(layout.file.firstRow).toBe(3);
  });

  it('a remark about all of the form, behind which the sample stands', async () => {
    const { layout } = await learnBlank(
      {
        name: 'form.csv',
        bytes: bytesOf([
          'Question,Answer 1,Answer 2,Answer 3',
          'Put * before the right answers of your question.,,,',
          'What floats?,*cork,stone,*oak',
        ]),
      },
      surroundings,
    );
    expect(layout.key).toEqual({ style: 'marker', marker: '*' });
    expect(layout.file).toMatchObject({ firstRow: 3, sample: [3, 3] });
  });

  it('samples show the kinds whose codes nobody knows', async () => {
    const { layout } = await learnBlank(
      {
        name: 'form.csv',
        bytes: bytesOf([
          'vraag,type,optie_a,optie_b,optie_c,juist',
          'Wat is een sluis?,zq,een schip,een kolk,een dam,b',
          'Een stuw keert water.,wv,juist,onjuist,,a',
        ]),
      },
      surroundings,
    );
    expect(layout.kinds).toEqual(
      expect.arrayContaining([
        { kind: 'choice-one', code: 'zq' },
        { kind: 'true-false', code: 'wv' },
      ]),
    );
  });
});

describe('blocks of rows in a text', () => {
  const ITEMS = [
    item({
      id: 'a',
      points: 5,
      stem: { plain: 'What steers?' },
      options: options('rope', '*rudder', 'lamp'),
    }),
    item({
      id: 'b',
      points: 7,
      stem: { plain: 'What pulls?' },
      options: options('*horse', 'hill'),
    }),
  ];
  it('with more rows and fewer stand as close as they do in the sample, with points beside the questions', async () => {
    const { learned, lines, differences } = await filled(
      [
        'Q,What floats?,10',
        'A,iron,0',
        'A,cork,1',
        'A,lead,0',
        'Q,What opens?,20',
        'A,gate,1',
        'A,wall,0',
      ],
      ITEMS,
    );
    expect(learned.unsure).toEqual([]);
    expect(lines).toEqual([
      'Q,What steers?,5',
      'A,rope,0',
      'A,rudder,1',
      'A,lamp,0',
      'Q,What pulls?,7',
      'A,horse,1',
      'A,hill,0',
    ]);
    expect(differences).toEqual([]);
  });

  it('keep an empty row between them where the sample has one', async () => {
    const { lines } = await filled(
      ['Q,What floats?', 'R,cork', 'W,iron', 'W,lead', ',', 'Q,What opens?', 'R,gate', 'W,wall'],
      ITEMS,
    );
    expect(lines.map((line) => line.replace(/,+$/u, ''))).toEqual([
      'Q,What steers?',
      'R,rudder',
      'W,rope',
      'W,lamp',
      '',
      'Q,What pulls?',
      'R,horse',
      'W,hill',
    ]);
  });
});

describe('empty blocks below titles that count them', () => {
  const block = (n: number, ...texts: string[]): string[] =>
    ['Text', 'Option 1', 'Option 2', 'Correct option (1-2)', 'Time (s)'].reduce(
      (lines, label, at) => [...lines, `${label},${texts[at] ?? ''}`],
      [`Question ${n},`],
    );
  const empty = (n: number): string[] => block(n, '', '', '', '', '30');
  const ITEMS = ['a', 'b', 'c'].map((id) =>
    item({ id, stem: { plain: `What is ${id}?` }, options: options('cork', '*lead') }),
  );
  it('keep counting behind those of the form, with what the form says of each', async () => {
    const { learned, lines, differences } = await filled([...empty(1), ...empty(2)], ITEMS);
    expect([learned.unsure, differences]).toEqual([[], []]);
    expect(lines).toEqual(
      [1, 2, 3].flatMap((n) => block(n, `What is ${'abc'[n - 1]!}?`, 'cork', 'lead', '2', '30')),
    );
  });
  it('a question that says its own time has that', async () => {
    const { lines } = await filled([...empty(1), ...empty(2)], [{ ...ITEMS[0]!, seconds: 60 }]);
    expect(lines.slice(0, 6)).toEqual(block(1, 'What is a?', 'cork', 'lead', '2', '60'));
  });
});
