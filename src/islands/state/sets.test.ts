// Sets, doubles and banks as the page keeps them: each act one step, taken back by one undo.
import { until } from '../../../tests/page';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { item } from '../../../tests/make';
import { addItems, bankState, removeItems, switchCraft, theStore, undo } from './bank';
import {
  banksBeside,
  copyBank,
  copyToBank,
  newBank,
  openOwn,
  removeBank,
  renameBank,
  start,
} from './banks';
import { findDoubles, keepBoth, makeOne, type Pair } from './doubles';
import { handOverSet } from './hand-over';
import { handOverState } from './hand-over/hold';
import { lookupIn } from './known';
import {
  addSection,
  addToSet,
  changePlan,
  changeSection,
  changeSet,
  copySet,
  drawSet,
  holdInSet,
  idsOf,
  moveInSet,
  newSet,
  removeSection,
  removeSet,
  setById,
  takeOutOfSet,
  usedLately,
} from './sets';

const question = (id: string, category: string, stem = `What is ${id} about, of all things?`) =>
  item({ id, ref: id, stem: { plain: stem }, category: [category] });
const sections = (id: string): string[][] => setById(id)!.sections.map(({ items }) => [...items]);

beforeAll(async () => {
  await start(false);
  await openOwn();
});

beforeEach(async () => {
  bankState().sets.forEach(({ id }) => removeSet(id));
  await removeItems(
    'Clear',
    bankState().items.map(({ id }) => id),
  );
  await addItems('Fill', [
    question('a', 'Gates', 'Who opens the upper gate first?'),
    question('b', 'Gates', 'When is a paddle wound down again?'),
    question('c', 'Boats', 'How long may a barge on this canal be?'),
    question('d', 'Boats', 'Where does a skiff wait below the lock?'),
  ]);
});

describe('a set', () => {
  it('is filled, put in order, parted and joined, each in one step', async () => {
    const id = newSet('Tonight', ['a', 'b']);
    expect(addToSet(id, ['b', 'c', 'd'])).toBe(2);
    moveInSet(id, 'd', { section: 0, place: 0 });
    expect(sections(id)).toEqual([['d', 'a', 'b', 'c']]);
    addSection(id);
    moveInSet(id, 'a', { section: 1, place: 0 });
    changeSection(id, 1, { draw: 1, title: 'Pool' });
    expect(setById(id)!.sections[1]).toEqual({ items: ['a'], draw: 1, title: 'Pool' });
    takeOutOfSet(id, ['b']);
    removeSection(id, 1);
    expect(sections(id)).toEqual([['d', 'c', 'a']]);
    await undo();
    expect(sections(id)).toEqual([['d', 'c'], ['a']]);
    removeSection(id, 0);
    expect(sections(id)).toEqual([['d', 'c', 'a']]);
    removeSection(id, 0);
    expect(sections(id)).toHaveLength(1);
  });

  it('is copied, renamed and removed', async () => {
    const id = newSet('Tonight', ['a']);
    const copy = copySet(id)!;
    changeSet(copy, 'Rename', { name: 'Tomorrow' });
    expect(
      bankState()
        .sets.map(({ name }) => name)
        .sort(),
    ).toEqual(['Tomorrow', 'Tonight']);
    removeSet(copy);
    expect(setById(copy)).toBeUndefined();
    await undo();
    expect(idsOf(setById(copy)!)).toEqual(['a']);
    expect(copySet('none')).toBeUndefined();
    expect(addToSet('none', ['a'])).toBe(0);
  });

  it('is drawn by its plan; held ones stay', async () => {
    const id = newSet('Drawn');
    expect(await drawSet(id)).toBeUndefined();
    changePlan(id, {
      lines: [
        { where: { category: 'Gates' }, take: 1 },
        { where: { category: 'Boats' }, take: 1 },
      ],
    });
    const first = await drawSet(id);
    expect(first!.chosen).toHaveLength(2);
    expect(first!.short).toEqual([]);
    const [held] = first!.chosen;
    holdInSet(id, held!, true);
    for (let n = 0; n < 5; n++) {
      expect((await drawSet(id, true))!.chosen).toContain(held);
    }
    holdInSet(id, held!, false);
    expect(setById(id)!.held).toEqual([]);
    expect(usedLately().size).toBe(0);
  });

  it('is what Hand over works on, and follows when it changes', async () => {
    const id = newSet('Tonight', ['c', 'a']);
    handOverSet(setById(id)!);
    expect(handOverState()).toMatchObject({ title: 'Tonight' });
    addToSet(id, ['d']);
    await until(() => handOverState().choice.only?.ids.has('d') === true);
    const known = lookupIn(bankState());
    expect(known(question('c', 'Boats')).sets).toEqual(['Tonight']);
    expect(known(question('b', 'Boats'))).toMatchObject({ sets: [], isUsed: false });
  });
});

/** The worker learns of an edit a little later than the page. */
async function somePairs(): Promise<Pair[]> {
  for (;;) {
    const pairs = await findDoubles();
    if (pairs.length) {
      return pairs;
    }
    await new Promise((done) => setTimeout(done, 5));
  }
}

describe('near-doubles', () => {
  it('are found, kept, or made one with their tags and their places in sets', async () => {
    const twin = {
      ...question('t', 'Gates', 'Who opens the upper gate first?'),
      tags: [{ value: 'autumn' }],
      hint: { plain: 'Look up.' },
    };
    await addItems('Twin', [twin]);
    const set = newSet('Tonight', ['t', 'b']);
    const pairs = await somePairs();
    expect(pairs).toMatchObject([{ likeness: 1 }]);
    const { first, second } = pairs[0]!;
    const [stays, goes] = first.id === 'a' ? [first, second] : [second, first];
    await makeOne(stays, goes);
    expect(bankState().items.find(({ id }) => id === 'a')).toMatchObject({
      tags: [{ value: 'autumn' }],
      hint: { plain: 'Look up.' },
    });
    expect(sections(set)).toEqual([['a', 'b']]);
    await undo();
    expect(bankState().items).toHaveLength(5);
    expect(sections(set)).toEqual([['t', 'b']]);
    const [again] = await somePairs();
    await keepBoth(again!);
    expect(await findDoubles()).toEqual([]);
  });
});

describe('banks', () => {
  it('are made, named, copied, sent questions and removed', async () => {
    newSet('Tonight', ['a']);
    const own = bankState().info;
    await newBank('Spring');
    const spring = bankState().info;
    expect([spring.name, bankState().items.length]).toEqual(['Spring', 0]);
    await openOwn();
    await copyToBank(['a', 'b'], spring);
    expect((await banksBeside()).map(({ name }) => name)).toContain('Spring');
    await copyBank();
    expect(bankState().info.name).toBe(`${own.name}, copy`);
    expect(bankState().sets.map(({ name }) => name)).toEqual(['Tonight']);
    expect(bankState().items).toHaveLength(4);
    await renameBank('Summer');
    expect(bankState().info.name).toBe('Summer');
    await removeBank();
    expect(bankState().info.id).toBe(own.id);
    expect((await theStore().banks()).map(({ name }) => name)).not.toContain('Summer');
    expect(
      (await theStore().items(spring.id, undefined, 9)).map(({ item: { ref } }) => ref),
    ).toEqual(['a', 'b']);
  });

  it('do without a check of the craft when told so', async () => {
    await addItems('Poor', [
      item({ id: 'n', ref: 'n', kind: 'choice-one', stem: { plain: 'Which is not deep?' } }),
    ]);
    const has = (): boolean =>
      bankState()
        .findings.get('n')
        ?.some(({ rule }) => rule === 'negative-unmarked') === true;
    await until(has);
    await switchCraft('negative-unmarked', false);
    await until(() => !has());
    await switchCraft('negative-unmarked', true);
    await until(has);
  });

  it('do without a check at one question, with a reason, and look at the others', async () => {
    const poor = (id: string) =>
      item({ id, ref: id, kind: 'choice-one', stem: { plain: `Which is not deep, ${id}?` } });
    await addItems('Two', [poor('one'), poor('two')]);
    const has = (id: string): boolean =>
      bankState()
        .findings.get(id)
        ?.some(({ rule }) => rule === 'negative-unmarked') === true;
    await until(() => has('one') && has('two'));
    const at = { item: 'one', reason: 'quoted' };
    await switchCraft('negative-unmarked', false, at);
    await until(() => !has('one'));
    expect(has('two')).toBe(true);
    expect(bankState().craftOff).toEqual([{ check: 'negative-unmarked', ...at }]);
    await switchCraft('negative-unmarked', true, at);
    await until(() => has('one'));
    expect(bankState().craftOff).toEqual([]);
  });
});
