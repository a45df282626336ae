import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fit } from '.';
import { lengthOf } from '../shared/lengths';
import { anyItem, item, numbered, options, rowsLayout } from '../../../tests/make';

const one = (
  question: ReturnType<typeof item>,
  layout: ReturnType<typeof rowsLayout>,
  decision = {},
) => fit([question], layout, { [question.id]: decision })[0]!;
const lettered = rowsLayout(['stem', 'option', 'option', 'option', 'option', 'key']);

describe('keys become cells in the layout’s notation', () => {
  const question = item({ options: options('p', '*q', 'r') });
  it.each([
    ['letter', lettered, { A: question.stem.plain, B: 'p', C: 'q', D: 'r', F: 'B' }],
    ['number', { ...lettered, key: { style: 'number' as const } }, { F: '2' }],
    ['number from 0', { ...lettered, key: { style: 'number-from-0' as const } }, { F: '1' }],
    ['text', { ...lettered, key: { style: 'text' as const } }, { F: 'q' }],
    [
      'star',
      rowsLayout(['stem', 'option', 'option', 'option'], { key: { style: 'marker', marker: '*' } }),
      { B: 'p', C: '*q', D: 'r' },
    ],
    [
      'first',
      rowsLayout(['stem', 'option', 'option', 'option'], { key: { style: 'first' } }),
      { B: 'q', C: 'p', D: 'r' },
    ],
    [
      'verdict',
      rowsLayout(['stem', 'option', 'verdict', 'option', 'verdict', 'option', 'verdict'], {
        key: { style: 'verdict', right: 'ok', wrong: 'no' },
      }),
      { B: 'p', C: 'no', D: 'q', E: 'ok', F: 'r', G: 'no' },
    ],
    [
      'weight',
      rowsLayout(['stem', 'option', 'weight', 'option', 'weight', 'option', 'weight'], {
        key: { style: 'weight' },
      }),
      { C: 0, E: 100, G: 0 },
    ],
    [
      'right and the rest',
      rowsLayout(['stem', 'right', 'wrongs'], {
        key: { style: 'right-column' },
        columns: [
          { column: 'A', role: 'stem' },
          { column: 'B', role: 'right' },
          { column: 'C', role: 'wrongs', separator: '|' },
        ],
      }),
      { B: 'q', C: 'p|r' },
    ],
  ])('%s', (_, layout, cells) => {
    expect(one(question, layout)).toMatchObject({ state: 'fits', cells: [cells] });
  });
  it('several with the separator, and a word for true or false', () => {
    expect(
      one(item({ kind: 'choice-many', options: options('*p', 'q', '*r') }), {
        ...lettered,
        key: { style: 'letter', separator: '+' },
      }).cells![0],
    ).toMatchObject({ F: 'A+C' });
    expect(
      one(
        item({ kind: 'true-false', options: options('True', '*False') }),
        rowsLayout(['stem', 'key'], { key: { style: 'word', right: 'vrai', wrong: 'faux' } }),
      ).cells![0],
    ).toMatchObject({ B: 'faux' });
  });
  it('share the weight among several right ones', () => {
    expect(
      one(
        item({ kind: 'choice-many', options: options('*p', '*q', '*r', 's') }),
        rowsLayout(
          ['stem', 'option', 'weight', 'option', 'weight', 'option', 'weight', 'option', 'weight'],
          { key: { style: 'weight' } },
        ),
      ).cells![0],
    ).toMatchObject({ C: 33.33, E: 33.33, G: 33.33, I: 0 });
  });
});

describe('changes are named with from, to and why', () => {
  it('what leads up to a question goes, and nothing of what it asks', () => {
    const fitted = one(item({ stem: { plain: 'The lock is full. Which gate is opened first?' } }), {
      ...lettered,
      limits: { stem: 30 },
    });
    expect(fitted).toMatchObject({
      state: 'changes',
      changes: [
        {
          field: 'stem',
          to: 'Which gate is opened first?',
          why: expect.stringContaining('15 are over'),
        },
      ],
    });
    expect(fitted.cells![0]!['A']).toBe('Which gate is opened first?');
  });
  it('an own text for this receiver takes its place', () => {
    const fitted = one(
      item({ stem: { plain: 'Before opening the top paddles you look around' } }),
      { ...lettered, limits: { stem: 30 } },
      { own: { stem: 'What comes before the paddles?' } },
    );
    expect(fitted.changes).toEqual([
      {
        field: 'stem',
        from: 'Before opening the top paddles you look around',
        to: 'What comes before the paddles?',
        code: 'own-text',
        why: 'you wrote it for this receiver',
      },
    ]);
  });
  it('the weakest distractor is cut, and why is said', () => {
    const fitted = one(
      item({
        options: options(
          'a step under the gates',
          '*a step under the upper gates',
          'x',
          'a step near the gates',
          'a gate',
        ),
      }),
      { ...lettered, limits: { optionsMax: 4 } },
    );
    expect(fitted.changes).toEqual([
      {
        field: 'options.2',
        from: 'x',
        to: '',
        code: 'option-cut',
        why: expect.stringContaining('least like the right option'),
      },
    ]);
  });
  it('seconds move to the nearest allowed, of two the longer', () => {
    const timed = rowsLayout(['stem', 'option', 'option', 'option', 'key', 'seconds'], {
      limits: { seconds: [15, 25, 40, 75] },
    });
    expect(
      [20, 30, 200, 25].map((seconds) => one(item({ seconds }), timed).cells![0]!['F']),
    ).toEqual([25, 25, 75, 25]);
    expect(one(item({ seconds: 20 }), timed, { own: { seconds: '15' } }).cells![0]!['F']).toBe(15);
  });
  it('a formula-like text in a text file gets its apostrophe, in a workbook it needs none', () => {
    expect(one(item({ options: options('=1+1', '*-5', '3') }), lettered)).toMatchObject({
      state: 'changes',
      cells: [{ B: "'=1+1", C: '-5' }],
      changes: [{ field: 'options.0', to: "'=1+1" }],
    });
    expect(
      one(item({ options: options('=1+1', '*-5', '3') }), {
        ...lettered,
        file: { format: 'xlsx' },
      }),
    ).toMatchObject({ state: 'fits', cells: [{ B: '=1+1' }] });
  });
  it('a kind is re-coded only where nothing is lost', () => {
    const only = (kind: 'choice-one' | 'choice-many') => ({
      ...lettered,
      kinds: [{ kind, code: 'K' }],
    });
    expect(
      one(item({ kind: 'true-false', options: options('*True', 'False') }), only('choice-one')),
    ).toMatchObject({ state: 'changes', changes: [{ field: 'kind' }] });
    expect(
      one(item({ kind: 'choice-many', options: options('*p', '*q') }), only('choice-one')),
    ).toMatchObject({ state: 'refused' });
  });
});

describe('what does not fit says why', () => {
  it.each([
    ['no option is right', item({ options: options('p', 'q') }), lettered],
    [
      'no questions of the kind card',
      item({ kind: 'card', options: undefined, accepted: ['x'] }),
      lettered,
    ],
    [
      '5 right options',
      item({ kind: 'choice-many', options: options('*1', '*2', '*3', '*4', '*5') }),
      { ...lettered, key: { style: 'letter' as const, separator: ',' } },
    ],
    ['asks for 4 at least', item(), { ...lettered, limits: { optionsMin: 4 } }],
    [
      'holds the sign',
      item({ options: options('*a|b', 'c') }),
      rowsLayout(['stem', 'options', 'key'], {
        key: { style: 'letter' },
        columns: [
          { column: 'A', role: 'stem' },
          { column: 'B', role: 'options', separator: '|' },
          { column: 'C', role: 'key' },
        ],
      }),
    ],
    [
      "can't hold Ω",
      item({ stem: { plain: 'How many Ω?' } }),
      { ...lettered, file: { format: 'csv' as const, encoding: 'windows-1252' as const } },
    ],
    [
      'begins with *',
      item({
        options: options('*right', 'x').map((option, index) =>
          index ? { ...option, text: { plain: '*footnote' } } : option,
        ),
      }),
      rowsLayout(['stem', 'option', 'option'], { key: { style: 'marker', marker: '*' } }),
    ],
    ['you left it out', item(), lettered],
  ])('%s', (reason, question, layout) => {
    const fitted = one(question, layout, reason === 'you left it out' ? { leaveOut: true } : {});
    expect(fitted.state).toBe('refused');
    expect(fitted.reason).toContain(reason);
    expect(fitted.cells).toBeUndefined();
  });
});

describe('for any question and limits', () => {
  // Common practice, no source: question limits of 120 and of 95, answer limits of 75 and of 60, ten options at most.
  const anyLimits = fc.record({
    stem: fc.constantFrom(undefined, 12, 95, 120),
    option: fc.constantFrom(undefined, 8, 60, 75),
    optionsMax: fc.constantFrom(undefined, 2, 4, 10),
    count: fc.constantFrom(undefined, 'graphemes' as const, 'utf16' as const, 'bytes' as const),
  });
  it('no right option is lost, no text goes over, and what differs is named', () => {
    fc.assert(
      fc.property(
        fc.array(anyItem, { minLength: 1, maxLength: 5 }).map(numbered),
        anyLimits,
        (items, limits) => {
          const layout = { ...lettered, key: { style: 'letter' as const, separator: '+' }, limits };
          fit(items, layout).forEach((fitted, index) => {
            if (fitted.state === 'refused') {
              expect(fitted.reason).toBeTruthy();
              return;
            }
            const before = items[index]!;
            const after = fitted.as![0]!;
            // A card that became a choice has one right option, its own definition.
            expect(after.options?.filter((option) => option.right).length).toBe(
              before.options?.filter((option) => option.right).length ??
                (after.options ? 1 : undefined),
            );
            if (limits.stem) {
              expect(lengthOf(after.stem.plain, limits.count)).toBeLessThanOrEqual(limits.stem);
            }
            if (limits.option) {
              for (const option of after.options ?? []) {
                expect(lengthOf(option.text.plain, limits.count)).toBeLessThanOrEqual(
                  limits.option,
                );
              }
            }
            expect(after.options?.length ?? 0).toBeLessThanOrEqual(limits.optionsMax ?? 4);
            if (fitted.state === 'fits') {
              expect(after).toEqual(before);
            }
          });
        },
      ),
      { numRuns: 600 },
    );
  });
});
