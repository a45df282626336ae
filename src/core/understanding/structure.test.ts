// What shows only when columns are looked at together, figure by figure in the order that the model knows.
import { describe, expect, it } from 'vitest';
import { column, view } from '../../../tests/tables';
import { cellFigures } from './cells';
import type { ColumnView, TableView } from './contract';
import { structureFigures } from './structure';

const figuresOf = (columns: readonly ColumnView[], change: Partial<TableView> = {}): number[][] => {
  const table = view(columns, change);
  return structureFigures(
    table,
    table.columns.map(({ texts }) => cellFigures(texts)),
  );
};
/** Where each group of figures begins. */
const TEXTS = 4;
const PLACES = 8;
const MARKED = 12;
const TOGETHER = 15;
const PLACE = 21;
const GROUP = 30;
const TABLE = 36;

const stem = column('Question', 'Who waits at the gate?', 'What opens for a boat?');
const a = column('Option A', 'a boat', 'a gate');
const b = column('Option B', 'a lock', 'a sill');
const c = column('Option C', 'a weir', 'a beam');
const key = column('Key', 'B', 'A');

describe('columns that name others', () => {
  const [, first, second, , last] = figuresOf([stem, a, b, c, column('Key', 'a lock', 'a gate')]);
  it('say their texts: how often, and how often each is the one', () => {
    // Two options say its text, each in half of the rows.
    expect(last!.slice(TEXTS, TEXTS + 4)).toEqual([1, 0.5, 0.2, 1]);
    expect(first!.slice(TEXTS, TEXTS + 4)).toEqual([0.5, 0.5, 0.1, 1]);
    expect(second![TEXTS + 1]).toBe(0.5);
  });
  it('say several of them joined', () => {
    const joined = figuresOf([stem, a, b, column('Key', 'a boat; a lock', 'a gate')]);
    expect(joined[3]![TEXTS]).toBe(1);
    expect(joined[1]![TEXTS + 1]).toBe(1);
    expect(joined[2]![TEXTS + 1]).toBe(0.5);
  });
  it('name their places: how often, whether all are used, of how many, and from nought', () => {
    const letters = figuresOf([stem, a, b, key]);
    expect(letters[3]!.slice(PLACES, PLACES + 4)).toEqual([1, 1, 2 / 6, 0]);
    const numbers = figuresOf([stem, a, b, column('Key', '2', '1')]);
    expect(numbers[3]!.slice(PLACES, PLACES + 4)).toEqual([1, 1, 2 / 6, 0]);
    const nought = figuresOf([stem, a, b, column('Key', '0', '1')]);
    expect(nought[3]![PLACES]).toBe(0.5);
    expect(nought[3]![PLACES + 3]).toBe(1);
    const words = figuresOf([stem, a, b, column('Key', 'yes', 'no')]);
    expect(words[3]!.slice(PLACES, PLACES + 4)).toEqual([0, 0, 0, 0]);
  });
  it('stand before those that they name as well', () => {
    const before = figuresOf([stem, key, a, b]);
    expect(before[1]!.slice(PLACES, PLACES + 2)).toEqual([1, 1]);
  });
});

describe('columns with a sign at one of them', () => {
  const signed = figuresOf([
    stem,
    column('Option A', '* a boat', 'a gate'),
    column('Option B', 'a lock', '* a sill'),
  ]);
  it('are marked beside one another, and say how much of their own is', () => {
    expect(signed[1]!.slice(MARKED, MARKED + 3)).toEqual([1, 1, 0.5]);
    expect(signed[0]![MARKED + 2]).toBe(0);
  });
  it('are not where all have it, or none', () => {
    const all = figuresOf([
      column('Option A', '* a boat', '* a gate'),
      column('Option B', '* a lock', '* a sill'),
    ]);
    expect(all[0]!.slice(MARKED, MARKED + 3)).toEqual([0, 0, 1]);
    expect(figuresOf([a, b])[0]!.slice(MARKED, MARKED + 3)).toEqual([0, 0, 0]);
  });
});

it('columns are filled together with the one before and the one behind, or in turn', () => {
  const [first, second] = figuresOf([column('True', 'x', '', ''), column('False', '', 'x', '')]);
  expect(first!.slice(TOGETHER, TOGETHER + 6)).toEqual([0, 0, 0, 0, 1 / 3, 1 / 3]);
  expect(second!.slice(TOGETHER, TOGETHER + 6)).toEqual([0, 1 / 3, 1 / 3, 0, 0, 0]);
  const [both] = figuresOf([column('', 'x', 'y'), column('', 'z', 'w')]);
  expect(both!.slice(TOGETHER, TOGETHER + 6)).toEqual([0, 0, 0, 1, 0, 0]);
});

describe('a column’s place', () => {
  const [first, middle, last] = figuresOf([stem, a, key]);
  const place = (figures: number[]): number[] => figures.slice(PLACE, PLACE + 7);
  it('is where it stands, among how many', () => {
    expect(place(first!)).toEqual([0, 1, 0, 0, 3 / 12, 0, 1]);
    expect(place(middle!)).toEqual([0.5, 0, 0, 1 / 8, 3 / 12, 0, 1]);
    expect(place(last!)).toEqual([1, 0, 1, 2 / 8, 3 / 12, 0, 1]);
    expect(place(figuresOf([stem, a])[1]!)).toEqual([1, 0, 1, 1 / 8, 2 / 12, 1, 1]);
    expect(place(figuresOf([stem])[0]!)).toEqual([0, 1, 1, 0, 1 / 12, 0, 1]);
  });
  it('is how long its texts are beside the longest', () => {
    expect(first!.slice(PLACE + 7, PLACE + 9)).toEqual([1, 1]);
    expect(last![PLACE + 7]).toBeLessThan(0.3);
    expect(last![PLACE + 8]).toBe(0);
  });
});

describe('headings that differ in their number alone', () => {
  const columns = [stem, a, column('Hint', '', ''), b, c];
  const group = (at: number): number[] => figuresOf(columns)[at]!.slice(GROUP, GROUP + 6);
  it('are a group: its size, how many stand before, whether it is beside, and whether its neighbour has one', () => {
    expect(group(0)).toEqual([1 / 5, 0, 0, 0, 0, 0]);
    expect(group(1)).toEqual([3 / 5, 1, 0, 0, 0, 0]);
    expect(group(2)).toEqual([1 / 5, 0, 0, 0, 0, 1]);
    expect(group(3)).toEqual([3 / 5, 1, 1 / 5, 0, 1, 0]);
    expect(group(4)).toEqual([3 / 5, 1, 2 / 5, 1, 0, 1]);
  });
});

describe('the table', () => {
  it('shows a heading’s number, the first with words, the run of texts and the likes of a column', () => {
    const [first, second, , , last] = figuresOf([column('', '1', '2'), stem, a, b, key]);
    expect(first!.slice(TABLE, TABLE + 3)).toEqual([0, 0, 5 / 8]);
    expect(second!.slice(TABLE, TABLE + 2)).toEqual([0, 1]);
    expect(last![TABLE]).toBe(0);
    const gap = figuresOf([stem, column('None', '', ''), a, b]);
    expect(gap.map((figures) => figures[TABLE + 2])).toEqual([1 / 8, 0, 2 / 8, 2 / 8]);
    expect(gap[2]!.slice(TABLE, TABLE + 4)).toEqual([1 / 6, 0, 2 / 8, 2 / 5]);
  });
  it('shows a form, how many rows there are, groups, lists, and cells that say headings', () => {
    const listed = { ...key, list: ['a', 'b'], group: 'Answers' };
    const form = figuresOf([a, listed], { blank: true, rows: 0 });
    expect(form[0]!.slice(TABLE + 4, TABLE + 9)).toEqual([1, 0, 0, 0, 1]);
    expect(form[1]!.slice(TABLE + 4, TABLE + 9)).toEqual([1, 0, 1, 1, 1]);
    const source = figuresOf([a, b, column('Key', 'Option B', 'Option A')], { rows: 4 });
    expect(source[2]!.slice(TABLE + 4, TABLE + 11)).toEqual([0, 0.4, 0, 0, 0, 1, 1]);
    expect(source[0]!.slice(TABLE + 9, TABLE + 11)).toEqual([0, 1]);
    expect(figuresOf([a, b], { rows: 40 })[0]![TABLE + 5]).toBe(1);
  });
});

it('columns are likened to the two before and the two behind', () => {
  const alike = figuresOf([a, a, column('', '1', '2'), a]);
  expect(alike[0]!.slice(0, TEXTS)).toEqual([
    0,
    0,
    expect.closeTo(1, 10),
    expect.closeTo(alike[2]![0]!, 10),
  ]);
  expect(alike[1]![1]).toBeCloseTo(1, 10);
  expect(alike[3]![0]).toBeCloseTo(1, 10);
  expect(alike[3]![1]).toBeLessThan(0.9);
  expect(figuresOf([a, column('', '', '')])[0]![2]).toBe(0);
});
