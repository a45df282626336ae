// Tags and categories in order.
import { describe, expect, it } from 'vitest';
import { item } from '../../../tests/make';
import type { Item } from '../model';
import { categoryTree, changedBy, splitTag, tagCounts, type CategoryNode } from './index';

const bank: Item[] = [
  item({ id: '1', category: ['Locks', 'Gates'], tags: [{ value: 'autumn' }] }),
  item({ id: '2', category: ['Locks'], tags: [{ name: 'level', value: 'beginner' }] }),
  item({ id: '3', category: ['Boats'], tags: [{ value: 'autumn' }, { value: 'level beginner' }] }),
  item({ id: '4' }),
];
const lines = (nodes: readonly CategoryNode[]): string[] =>
  nodes.flatMap(({ path, own, all, children }) => [
    `${path.join(' > ')} ${own}/${all}`,
    ...lines(children),
  ]);

describe('the tags and categories of a bank', () => {
  it('are counted, the tree by what lies in it and below', () => {
    expect(tagCounts(bank).map(({ tag, n }) => [tag.name ?? '', tag.value, n])).toEqual([
      ['', 'autumn', 2],
      ['', 'level beginner', 1],
      ['level', 'beginner', 1],
    ]);
    expect(lines(categoryTree(bank))).toEqual(['Boats 1/1', 'Locks 1/2', 'Locks > Gates 1/1']);
  });
  it('are split into a name and a value', () => {
    expect(splitTag({ value: 'level beginner' })).toEqual({ name: 'level', value: 'beginner' });
    expect(splitTag({ value: 'level=2' })).toEqual({ name: 'level', value: '2' });
    expect(splitTag({ value: 'autumn' })).toBeUndefined();
    expect(splitTag({ name: 'level', value: 'a b' })).toBeUndefined();
  });
  it.each<[string[], string[], (string[] | undefined)[]]>([
    [
      ['Locks'],
      ['Water', 'Locks'],
      [
        ['Water', 'Locks', 'Gates'],
        ['Water', 'Locks'],
      ],
    ],
    [['Locks', 'Gates'], ['Boats'], [['Boats']]],
    [['Locks'], [], [['Gates'], undefined]],
    [['Nothing'], ['Boats'], []],
  ])('%j becomes %j with all below it', (from, to, expected) => {
    const changed = changedBy(bank, { is: 'move-category', from, to });
    expect(changed.map(({ category }) => category)).toEqual(expected);
  });
  it('become one where the new name is there already', () => {
    const [first, second] = tagCounts(bank).map(({ tag }) => tag);
    const changed = changedBy(bank, { is: 'replace-tag', tag: first!, by: second! });
    expect(changed.map(({ tags }) => tags)).toEqual([
      [{ value: 'level beginner' }],
      [{ value: 'level beginner' }],
    ]);
  });
});
