// Drafting as the page keeps it, with the real worker behind it: made, decided, mended, taken, taken back.
import { until } from '../../../../tests/page';
import { beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { addItems, bankState, removeItems, undo } from '../bank';
import { openOwn, start } from '../banks';
import { item } from '../../../../tests/make';
import {
  decideDraft,
  draftingState,
  drawAnew,
  drawVariants,
  keepAll,
  lockOption,
  makeFromTerms,
  mendDraft,
  openDrafting,
  setDrafting,
  swap,
  swapOthers,
  takeKept,
  takeReply,
  tally,
  termsOfBank,
  writeRequests,
  EMPTY,
} from './index';
import { templateOf } from './template';

const TEXT = [
  'pound\tthe level stretch of water between two locks',
  'paddle\ta small gate that lets water through',
  'cill\ta ledge below the top gate',
  'fender\ta cushion that keeps hull and wall apart',
  'weir\ta low wall over which water runs',
].join('\n');

beforeAll(async () => {
  await start(false);
  await openOwn();
  await openDrafting();
});
beforeEach(async () => {
  await removeItems(
    'Clear',
    bankState().items.map(({ id }) => id),
  );
  setDrafting({ ...EMPTY, open: undefined, taken: undefined, problem: undefined });
});
/** When the worker has been asked, and before it answers. */
const begun = (): Promise<void> => Promise.resolve();
const review = () => draftingState().reviews[draftingState().bench]!;

describe('from terms', () => {
  const makeThem = async (): Promise<void> => {
    setDrafting({ terms: { ...EMPTY.terms, text: TEXT } });
    await makeFromTerms();
  };
  it('makes, decides, keeps the rest and takes what is kept in one step', async () => {
    await makeThem();
    const [first, second] = review().items;
    expect(tally(review())).toEqual({ kept: 0, out: 0, left: 5 });
    decideDraft('terms', first!.id, 'out');
    expect(draftingState().open).toBe(second!.id);
    mendDraft('terms', second!.id, [{ id: second!.id, field: 'stem', text: 'What is a paddle?' }]);
    keepAll('terms');
    takeKept('terms');
    await until(() => bankState().items.length === 4);
    expect(bankState().items[0]).toMatchObject({
      stem: { plain: 'What is a paddle?' },
      origin: { file: 'Drafted from terms' },
    });
    expect(bankState().sources.at(-1)!.items).toEqual(bankState().items.map(({ id }) => id));
    expect(bankState().items[0]!.origin!.source).toBe(bankState().sources.at(-1)!.id);
    await undo();
    expect(bankState().items).toHaveLength(0);
  });
  it('leaves kept ones as they are when it makes anew, and swaps an option', async () => {
    await makeThem();
    const kept = review().items[1]!;
    decideDraft('terms', kept.id, 'kept');
    setDrafting({ terms: { ...draftingState().terms, seed: 77 } });
    await makeFromTerms();
    expect(review().items).toContainEqual(kept);
    expect(review().items).toHaveLength(5);
    const other = review().items.find(({ id }) => id !== kept.id)!;
    const wrong = other.options!.findIndex(({ right }) => !right);
    await swap(other.id, wrong);
    const now = review().items.find(({ id }) => id === other.id)!;
    expect(now.options![wrong]!.text.plain).not.toBe(other.options![wrong]!.text.plain);
  });
  it('what is decided while an option is swapped stays decided, and two swaps at once both come', async () => {
    await makeThem();
    const [first, second] = review().items;
    const wrong = first!.options!.flatMap(({ right }, at) => (right ? [] : [at]));
    const swaps = Promise.all([swap(first!.id, wrong[0]!), swap(first!.id, wrong[1]!)]);
    await begun();
    decideDraft('terms', first!.id, 'out');
    decideDraft('terms', second!.id, 'kept');
    await swaps;
    expect(review().verdicts).toEqual({ [first!.id]: 'out', [second!.id]: 'kept' });
    const now = review().items[0]!.options!;
    // Five terms: one alone is left for a swap, so that the second takes what the first let go.
    expect(now[wrong[0]!]!.text).not.toEqual(first!.options![wrong[0]!]!.text);
    expect(now[wrong[1]!]!.text).not.toEqual(first!.options![wrong[1]!]!.text);
  });
  it('a question that is mended while an option is swapped is left as it was mended', async () => {
    await makeThem();
    const [first] = review().items;
    const swapped = swap(
      first!.id,
      first!.options!.findIndex(({ right }) => !right),
    );
    await begun();
    mendDraft('terms', first!.id, [{ id: first!.id, field: 'stem', text: 'Mended?' }]);
    await swapped;
    expect(review().items[0]).toMatchObject({
      stem: { plain: 'Mended?' },
      options: first!.options,
    });
  });
  it('a locked option stays when all is made anew, and when the others are chosen anew', async () => {
    await makeThem();
    const { id, options } = review().items[0]!;
    const wrong = options!.flatMap(({ right }, at) => (right ? [] : [at]));
    const [locked] = wrong;
    lockOption(id, locked!);
    setDrafting({ terms: { ...draftingState().terms, seed: 99 } });
    await makeFromTerms();
    const anew = review().items.find((one) => one.id === id)!;
    expect(anew.options![locked!]).toEqual(options![locked!]);
    await swapOthers(id);
    const other = review().items.find((one) => one.id === id)!;
    expect(other.options![locked!]).toEqual(options![locked!]);
    // Five terms: one alone is left for a swap, so that each of the two others changes by turns.
    expect(other.options).not.toEqual(anew.options);
    lockOption(id, locked!);
    expect(review().locked![id]).toEqual([]);
  });
  it('says which lines hold no term, and takes the cards of the bank', async () => {
    setDrafting({ terms: { ...EMPTY.terms, text: `${TEXT}\nsluice` } });
    await makeFromTerms();
    expect(review().findings[0]!.message).toContain('line 6');
    const card = item({
      kind: 'card',
      stem: { plain: 'summit' },
      options: undefined,
      accepted: ['the top pound'],
    });
    await addItems('Add', [card]);
    expect(termsOfBank()).toBe('summit\tthe top pound');
  });
});

describe('with an assistant', () => {
  it('writes requests, compares replies, asks again and takes all together', async () => {
    setDrafting({ bench: 'assistant', ask: { ...EMPTY.ask, terms: 'pound\ncill' } });
    await writeRequests();
    const [request] = draftingState().sent;
    await takeReply(request!.id, 'What is a pound? | water | wood | wool | wind | A');
    expect(review().findings.map(({ rule }) => rule)).toEqual([
      'reply-count',
      'reply-words-missing',
    ]);
    const [, second] = draftingState().sent;
    expect(second!.asked).toMatchObject({ again: true, terms: ['cill'] });
    await takeReply(second!.id, 'What is a cill? | a ledge | a lodge | a log | a lock | A');
    expect(review().findings).toEqual([]);
    keepAll('assistant');
    takeKept('assistant');
    await until(() => bankState().items.length === 2);
  });
});

describe('categories first', () => {
  it('asks for them, then for questions of each; what is taken is done and can be a set', async () => {
    setDrafting({
      bench: 'assistant',
      ask: { ...EMPTY.ask, topic: 'canal locks', categoriesFirst: 3, kinds: ['card'], count: 2 },
    });
    await writeRequests();
    const [first] = draftingState().sent;
    await takeReply(first!.id, 'There you are: none.');
    expect(draftingState().sent[0]!.findings!.map(({ rule }) => rule)).toContain('reply-form');
    expect(draftingState().sent).toHaveLength(1);
    await takeReply(first!.id, 'Water\nGates\nBoats');
    expect(draftingState().ask.categories).toBe('Water; Gates; Boats');
    const { sent } = draftingState();
    expect(sent.map(({ asked, state }) => [asked.category, state])).toEqual([
      [undefined, 'done'],
      ['Water', 'to send'],
      ['Gates', 'to send'],
      ['Boats', 'to send'],
    ]);
    for (const [n, { id }] of sent.slice(1).entries()) {
      await takeReply(id, `term ${n} | what it means ${n}\nword ${n} | what it says ${n}`);
    }
    expect(review().items).toHaveLength(6);
    expect(review().findings).toEqual([]);
    expect(review().items[2]!.category).toEqual(['Gates']);
    keepAll('assistant');
    takeKept('assistant', 'set');
    const set = () => bankState().sets.find(({ name }) => name === 'canal locks');
    await until(() => bankState().items.length === 6 && set() !== undefined);
    expect(set()).toMatchObject({
      sections: [{ items: bankState().items.map(({ id }) => id) }],
    });
    expect(draftingState().sent.map(({ state }) => state)).toEqual(sent.map(() => 'done'));
  });
});

describe('calculated', () => {
  it('draws variants, another one in the place of one, and takes them as a pool', async () => {
    setDrafting({ bench: 'calculated', template: { ...EMPTY.template, count: 4 } });
    await drawVariants();
    const before = review().items[0]!;
    await drawAnew(before.id);
    const now = review().items[0]!;
    expect(now.variant!.values).not.toEqual(before.variant!.values);
    expect([now.id, now.ref]).toEqual([before.id, before.ref]);
    keepAll('calculated');
    takeKept('calculated', 'pool');
    const pool = () => bankState().sets.find(({ name }) => name === 'Calculated pool');
    await until(() => bankState().items.length === 4 && pool() !== undefined);
    expect(pool()!.sections).toEqual([{ items: bankState().items.map(({ id }) => id), draw: 1 }]);
  });
  it('reads what was typed: a list of values, conditions, own slips', () => {
    const [first] = EMPTY.template.quantities;
    expect(
      templateOf({
        ...EMPTY.template,
        quantities: [{ ...first!, from: '2; 4,5', to: '' }],
        conditions: 'a < b; b > 1',
        slips: 'forgot the half: a * b',
        figures: 'decimals',
        digits: 1,
        tags: 'level: deep, water',
      }),
    ).toMatchObject({
      quantities: [{ name: 'length', list: [2, 4.5], unit: 'm' }],
      constraints: ['a < b', 'b > 1'],
      slips: [{ name: 'forgot the half', formula: 'a * b' }],
      decimals: 1,
      tags: [{ name: 'level', value: 'deep' }, { value: 'water' }],
    });
  });
});
