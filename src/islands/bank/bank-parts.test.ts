// What the grid and the places around it know, without drawing: keys, columns, blocks of cells, words.
import { messages } from '../../../tests/page';
import type { KeyboardEvent } from 'react';
import { beforeAll, describe, expect, it } from 'vitest';
import { item, options, rowsLayout } from '../../../tests/make';
import type { Layout } from '../../core/model';
import { fit } from '../../core/pipeline';
import { STARTERS } from '../../core/learning';
import { valueWords } from '../parts/value-words';
import { fieldWords } from '../parts/field-words';
import { placesOf } from '../parts/becomes';
import { applyEdits } from '../parts/edits';
import { addItems, bankState, itemById, undo } from '../state/bank';
import { openOwn, start } from '../state/banks';
import { columnOfField, gridColumns } from './columns';
import { blockText, parseBlock, pasteBlock } from './edits';
import { pressKey, type GridActions } from './grid-keys';

type Call = [name: string, ...given: unknown[]];

/** A grid of 50 rows and 8 columns with the focus in the middle, that writes down what is asked of it. */
function grid(at = { row: 10, column: 4 }, end = at) {
  const calls: Call[] = [];
  const note =
    (name: string) =>
    (...given: unknown[]): void =>
      void calls.push([name, ...given]);
  const actions: GridActions = {
    at,
    end,
    rowCount: 50,
    columnCount: 8,
    page: 20,
    go: (to, isExtending) => note(isExtending ? 'extend' : 'focus')(to.row, to.column),
    edit: note('edit'),
    fillDown: note('fillDown'),
    clear: note('clear'),
    remove: note('remove'),
    selectAll: note('selectAll'),
  };
  return { calls, actions };
}
function press(key: string, held: Partial<KeyboardEvent> = {}, at?: GridActions['at']) {
  const { calls, actions } = grid(at);
  const event = { key, ctrlKey: false, metaKey: false, shiftKey: false, altKey: false, ...held };
  const isTaken = pressKey(event as KeyboardEvent, actions);
  return { isTaken, calls };
}
const ctrlKey = true;
const shiftKey = true;

describe('a key in the grid', () => {
  it.each<[string, Partial<KeyboardEvent>, Call]>([
    ['ArrowDown', {}, ['focus', 11, 4]],
    ['ArrowUp', {}, ['focus', 9, 4]],
    ['ArrowLeft', {}, ['focus', 10, 3]],
    ['ArrowRight', {}, ['focus', 10, 5]],
    ['ArrowDown', { ctrlKey }, ['focus', 60, 4]],
    ['ArrowLeft', { ctrlKey }, ['focus', 10, -4]],
    ['ArrowDown', { shiftKey }, ['extend', 11, 4]],
    ['ArrowRight', { shiftKey, ctrlKey }, ['extend', 10, 12]],
    ['ArrowDown', { shiftKey, ctrlKey }, ['extend', 60, 4]],
    ['End', { shiftKey, ctrlKey }, ['extend', 49, 7]],
    ['Home', { shiftKey }, ['extend', 10, 0]],
    ['PageDown', { shiftKey }, ['extend', 30, 4]],
    ['Enter', {}, ['edit', undefined]],
    ['F2', {}, ['edit', undefined]],
    ['Tab', {}, ['focus', 10, 5]],
    ['Tab', { shiftKey }, ['focus', 10, 3]],
    ['Home', {}, ['focus', 10, 0]],
    ['Home', { ctrlKey }, ['focus', 0, 0]],
    ['End', {}, ['focus', 10, 7]],
    ['End', { ctrlKey }, ['focus', 49, 7]],
    ['PageDown', {}, ['focus', 30, 4]],
    ['PageUp', {}, ['focus', -10, 4]],
    ['Delete', {}, ['clear']],
    ['Backspace', {}, ['clear']],
    ['Delete', { ctrlKey }, ['remove']],
    ['Escape', {}, ['focus', 10, 4]],
    ['d', { ctrlKey }, ['fillDown']],
    ['A', { metaKey: true }, ['selectAll']],
    ['x', {}, ['edit', 'x']],
  ])('%s with %o', (key, held, call) => {
    expect(press(key, held)).toEqual({ isTaken: true, calls: [call] });
  });

  it.each<[string, Partial<KeyboardEvent>, GridActions['at'] | undefined]>([
    ['Tab', {}, { row: 1, column: 7 }],
    ['Tab', { shiftKey }, { row: 1, column: 0 }],
    ['?', {}, undefined],
    ['x', { altKey: true }, undefined],
    ['s', { ctrlKey }, undefined],
    ['Enter', { ctrlKey }, undefined],
    ['F5', {}, undefined],
    ['x', {}, { row: -1, column: 0 }],
  ])('%s with %o at %o is left to the page', (key, held, at) => {
    expect(press(key, held, at)).toEqual({ isTaken: false, calls: [] });
  });

  it('goes on from the other end of what is selected', () => {
    const { calls, actions } = grid({ row: 10, column: 4 }, { row: 14, column: 6 });
    const event = { key: 'ArrowDown', ctrlKey: false, metaKey: false, shiftKey, altKey: false };
    pressKey(event as KeyboardEvent, actions);
    expect(calls).toEqual([['extend', 15, 6]]);
  });

  it('goes to the first question where none is in focus', () => {
    expect(press('ArrowDown', {}, { row: -1, column: 0 }).calls).toEqual([['focus', 0, 1]]);
  });
});

describe('the grid’s columns', () => {
  const titles = (most: number): string[] =>
    gridColumns([item({ options: options(...Array.from({ length: most }, () => 'x')) })]).map(
      ({ title }) => title,
    );
  it('are as many as the most options, four at least and twelve at most', () => {
    expect(titles(2).filter((title) => title.length === 1)).toEqual(['A', 'B', 'C', 'D']);
    expect(titles(6)).toContain('F');
    expect(titles(20).filter((title) => title.length === 1)).toHaveLength(12);
  });
  it.each([
    ['accepted.2', 'options.2'],
    ['accepted', 'options.0'],
    ['options', 'options.0'],
    ['hint', 'hint'],
    [undefined, 'stem'],
  ])('of a finding at %s is %s', (field, column) => {
    expect(columnOfField(field)).toBe(column);
  });
});

describe('blocks of cells', () => {
  beforeAll(async () => {
    await start(false);
    await openOwn();
    await addItems('Add', [
      item({ id: 'a', ref: 'A', options: options('x', '*y') }),
      item({ id: 'b', ref: 'B', options: options('p', '*q') }),
    ]);
  });

  it('go out and come in with tabs, quotes, line breaks and what looks like a formula', async () => {
    const rows = [
      ['plain', 'a\tb', 'say "so"'],
      ['two\nlines', '=1+1', ''],
    ];
    const text = blockText(rows);
    expect(text).toContain("'=1+1");
    expect(await parseBlock(`${text}\r\n`)).toEqual(rows);
  });

  it('are pasted in one step; what a cell does not take is told; rows past the end are new', async () => {
    const { items } = bankState();
    await pasteBlock(
      [
        ['What floats?', 'Cork', 'Brick', 'A'],
        ['What sinks?', 'Cork', 'Brick', 'Z'],
        ['What opens?', 'Gate', 'Wall', 'A'],
        ['', '', '', ''],
      ],
      items,
      ['ref', 'kind', 'stem', 'options.0', 'options.1', 'key'],
      { row: 0, column: 2 },
    );
    expect(bankState().items.map(({ stem }) => stem.plain)).toEqual([
      'What floats?',
      'What sinks?',
      'What opens?',
    ]);
    expect(itemById('a')!.options!.map(({ right }) => right)).toEqual([true, false]);
    expect(messages().some((message) => message.includes('cells were left as they are'))).toBe(
      true,
    );
    await undo();
    expect(bankState().items).toHaveLength(2);
    expect(itemById('a')!.options![0]!.text.plain).toBe('x');
  });

  it('of edits are one step, and what is refused is told in its own words', async () => {
    await applyEdits('Edit', [
      { id: 'a', field: 'stem', text: 'What floats?' },
      { id: 'a', field: 'points', text: '3' },
      { id: 'b', field: 'points', text: 'many' },
      { id: 'gone', field: 'stem', text: 'x' },
    ]);
    expect(itemById('a')).toMatchObject({ stem: { plain: 'What floats?' }, points: 3 });
    expect(itemById('b')!.points).toBeUndefined();
    expect(messages().at(-1)).toMatch(/many/);
    await undo();
    expect(itemById('a')!.points).toBeUndefined();
  });
});

describe('what a question becomes', () => {
  const becomes = (shape: string, id: string) => {
    const layout = STARTERS.find((starter) => starter.shape === shape && starter.id.includes(id))!;
    const asked = item({ kind: 'short', options: undefined, accepted: ['a gate'], points: 100 });
    const question = shape === 'grid' ? asked : item();
    return placesOf(layout, fit([question], layout)[0]!);
  };
  it('is a row’s cells with their headings', () => {
    const places = becomes('rows', 'lettered');
    expect(places.find(({ role }) => role === 'stem')!.value).toBe(item().stem.plain);
    expect(places.every(({ heading }) => heading !== '')).toBe(true);
  });
  it('is a block’s lines with their labels', () => {
    const layout: Layout = {
      ...rowsLayout([]),
      shape: 'blocks',
      lines: [
        { label: 'Question', role: 'stem', opens: true, cells: [{ column: 'B', role: 'stem' }] },
        {
          label: 'Answer',
          role: 'option',
          cells: [
            { column: 'B', role: 'option' },
            { column: 'C', role: 'verdict' },
          ],
        },
      ],
      key: { style: 'verdict', right: 'ok', wrong: 'no' },
    };
    const places = placesOf(layout, fit([item()], layout)[0]!);
    expect(new Set(places.map(({ part }) => part))).toEqual(new Set([0]));
    expect(places.filter(({ role }) => role === 'option')).toHaveLength(3);
  });
  it('is a place on the board, with its level and answer', () => {
    const places = becomes('grid', '');
    expect(places.map(({ role }) => role)).toContain('stem');
    expect(places.find(({ role }) => role === 'stem')!.heading).toMatch(/^level /);
    expect(places.at(-1)).toMatchObject({ heading: 'answer', value: 'a gate' });
  });
});

describe('fields and values of two tabs', () => {
  it.each([
    ['stem', 'question'],
    ['options.1', 'option B'],
    ['steps.0', 'step 1'],
    ['options.2.feedback', 'feedback of option C'],
    ['parts.1.stem', 'question, in question 2 of it'],
    ['accepted', 'accepted answers'],
    ['points', 'points'],
  ])('%s is called %s', (path, words) => {
    expect(fieldWords(path)).toBe(words);
  });
  it.each<[unknown, string]>([
    [undefined, 'nothing'],
    ['', 'nothing'],
    [[], 'nothing'],
    [3, '3'],
    [{ plain: 'words' }, 'words'],
    [{ text: { plain: 'Cork' }, right: true }, 'Cork (right)'],
    [[{ value: 'easy' }, { value: 'first' }], 'easy; first'],
    [{ odd: 1 }, '{"odd":1}'],
    ['a long text that is cut', 'a long te…'],
  ])('%o is said as %s', (value, words) => {
    expect(valueWords(value, 10)).toBe(words.length > 10 ? words.slice(0, 9) + '…' : words);
  });
});
