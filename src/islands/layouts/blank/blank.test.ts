// The blank as it looks: what each cell is, how wide its columns are, and what the lines of a sample are.
import { describe, expect, it } from 'vitest';
import { item, rowsLayout } from '../../../../tests/make';
import { fit, STARTERS } from '../../../core/pipeline';
import type { Layout } from '../../../core/model';
import { keyInWords, limitsInWords } from '../list/words';
import { linesAre } from './line-is';
import { labelOf, markOf, previewOf, shownOf, widthOf } from './marks';

const starter = (id: string): Layout => STARTERS.find((layout) => layout.id === `starter-${id}`)!;
const base = rowsLayout(['stem', 'option', 'option', 'key']);
const form: Layout = {
  ...base,
  file: {
    ...base.file,
    headingRow: 3,
    firstRow: 4,
    sample: [4, 5],
    cells: [{ cell: 'B1', role: 'set-title' }],
  },
};

describe('a cell of the blank', () => {
  it.each([
    [1, 1, 'title-cell'],
    [3, 0, 'heading-cell'],
    [4, 0, 'sample-cell'],
    [6, 0, 'fill-cell'],
    [2, 0, undefined],
  ])('in row %i and column %i is %s', (row, column, tone) => {
    expect(markOf(form, row, column)?.tone).toBe(tone);
  });

  it('of a board is a category, a level, or neither', () => {
    const board = starter('board');
    const { categoryRow } = board.grid!;
    expect(markOf(board, categoryRow, 1)).toMatchObject({ word: 'categories' });
    expect(markOf(board, categoryRow + 1, 0)).toMatchObject({ word: 'levels' });
    expect(markOf(board, categoryRow + 1, 2)).toBeUndefined();
  });
});

describe('the columns of the blank', () => {
  it('are never narrower than what they are called', () => {
    form.columns.forEach((column, index) => {
      expect(widthOf(form, index, true)).toBeGreaterThan(labelOf(column).length * 7);
    });
  });

  it('are shown as far as rows and layout go, with rows to be filled below', () => {
    const { rows, width } = shownOf(form, [['Title', 'x']], true);
    expect(width).toBe(form.columns.length);
    expect(rows.length).toBeGreaterThan(form.file.firstRow!);
    expect(shownOf(form, [['a', 'b', 'c']], false)).toEqual({ rows: [['a', 'b', 'c']], width: 3 });
  });

  it('show a question where it would be written', () => {
    const preview = previewOf(form, fit([item()], form)[0]);
    expect([...preview.keys()].every((cell) => cell.endsWith('4'))).toBe(true);
    expect([...preview.values()]).toContain(item().stem.plain);
  });
});

describe('blocks that count their questions', () => {
  it('show the number of the first in front of the question that is shown', () => {
    const blocks: Layout = {
      ...form,
      shape: 'blocks',
      columns: [],
      file: { ...form.file, headingRow: null, firstRow: 1, firstColumn: 'A' },
      lines: [
        { label: 'Question {n}', role: 'ignore', cells: [], opens: true },
        { label: 'Text', role: 'stem', cells: [{ column: 'B', role: 'stem' }] },
        { label: 'Option', role: 'option', cells: [{ column: 'B', role: 'option' }] },
        { label: 'Right', role: 'key', cells: [{ column: 'B', role: 'key' }] },
      ],
    };
    expect([...previewOf(blocks, fit([item()], blocks)[0])].slice(0, 3)).toEqual([
      ['A1', 'Question 1'],
      ['A2', 'Text'],
      ['B2', item().stem.plain],
    ]);
  });
});

describe('a line of a sample', () => {
  const marks = {
    right: '=',
    wrong: '+',
    comment: '//',
    category: '$',
    close: '}',
    keyLine: 'Key:',
  };
  it.each([
    ['// not read', 'comment'],
    ['$ Locks', 'category'],
    ['  }', 'close'],
    ['Key: B', 'key'],
    ['  = cork', 'right'],
    ['+ iron', 'wrong'],
    ['What floats?', 'stem'],
    ['   ', undefined],
  ])('“%s” is %s', (line, is) => {
    expect(linesAre([line], { ...base, marks })[0]).toBe(is);
  });

  it('with the label of options is one', () => {
    expect(linesAre(['b) iron'], { ...base, marks: { right: '*', optionLabel: 'a)' } })[0]).toBe(
      'wrong',
    );
    expect(linesAre(['2. iron'], { ...base, marks: { right: '*', optionLabel: '1.' } })[0]).toBe(
      'wrong',
    );
    expect(linesAre(['b. iron'], { ...base, marks: { right: '*', optionLabel: 'a)' } })[0]).toBe(
      'stem',
    );
  });
});

describe('a line of a sample whose pattern is known', () => {
  it('is a picture without one too, and feedback of the option that its letter names', () => {
    const pattern: Layout['pattern'] = {
      forms: [
        {
          kinds: ['choice-one'],
          parts: [
            { role: 'stem', before: 'Question: ' },
            { role: 'image', before: 'Image: ', isKept: true },
            { role: 'option', before: '{a}) ' },
            { role: 'feedbacks', before: 'Note {a}: ' },
          ],
        },
      ],
      between: [''],
    };
    const lines = [
      'Question: What opens?',
      'Image: gate.png',
      'Image:',
      'a) A gate',
      'Note a: So.',
    ];
    expect(linesAre(lines, { ...base, pattern })).toEqual([
      'stem',
      'image',
      'image',
      'option',
      'feedbacks',
    ]);
  });

  it('says points by a word that is another one behind 1', () => {
    const before = 'Task {n} (';
    const pattern: Layout['pattern'] = {
      forms: [
        {
          kinds: ['choice-one'],
          parts: [
            { role: 'points', before, after: ' marks)', one: ' mark)' },
            { role: 'stem', before: '' },
            { role: 'option', before: 'x ', wrong: { before: 'o ' } },
          ],
        },
      ],
      between: [''],
    };
    const lines = ['Task 1 (1 mark)', 'What opens?', 'x A gate', 'o A wall', 'Task 2 (3 marks)'];
    expect(linesAre(lines, { ...base, pattern })).toEqual([
      'points',
      'stem',
      'right',
      'wrong',
      'points',
    ]);
  });
});

describe('a layout in a few words', () => {
  it.each(STARTERS.map((layout) => [layout.name, layout] as const))('%s', (_name, layout) => {
    expect(limitsInWords(layout).length).toBeGreaterThan(4);
    expect(keyInWords(layout)).not.toBe('');
  });
  it('says what it takes at most, or that it names none', () => {
    expect(limitsInWords({ ...base, limits: {} })).toBe('none named');
    expect(limitsInWords({ ...base, limits: { stem: 90, optionsMax: 4, seconds: [15, 30] } })).toBe(
      'question 90 · 4 options · 15, 30 s',
    );
  });
});
