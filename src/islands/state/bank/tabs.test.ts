// Two or three tabs, one store, a worker that dies: whatever people do in whatever order, the end is explained by some order,
// and no text is lost without being shown.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Item } from '../../../core/model';
import { itemChange } from '../../../core/shared/steps';
import { memoryShelf, memoryStore, type MemoryShelf } from '../../../store/memory';
import type { Store } from '../../../store/port';
import { fakeCore, type FakeCore } from '../../../../tests/fake-core';
import { item } from '../../../../tests/make';
import { Bank } from './bank';

const INFO = { id: 'b', name: 'B', madeAt: '' };
const OTHER = { id: 'other', name: 'Other', madeAt: '' };
const FIELDS = ['stem', 'hint', 'title'] as const;
type Field = (typeof FIELDS)[number];

type Tab = { name: string; bank: Bank; worker: FakeCore; store: Store; refusing: boolean };
/** What was typed, and where; every text is typed once. */
type Typed = { id: string; field: Field; text: string };
/** `letGo` are steps that were taken back: the next step after them throws them away, as everywhere. */
type World = { shelf: MemoryShelf; tabs: Tab[]; typed: Typed[]; letGo: string; n: number };

const soon = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

function openTab(shelf: MemoryShelf, name: string): Tab {
  const store = memoryStore(shelf);
  const worker = fakeCore(soon);
  const bank = new Bank({ core: () => worker.core, tab: () => name, now: () => new Date(0) });
  const tab: Tab = { name, bank, worker, store, refusing: false };
  const write = store.write.bind(store);
  store.write = async (id, change) => {
    await soon();
    if (tab.refusing) {
      throw new Error('refused');
    }
    return write(id, change);
  };
  bank.useStore(store);
  return tab;
}

const textOf = (question: Item, field: Field): string | undefined =>
  field === 'title' ? question.title : question[field]?.plain;
const withText = (question: Item, field: Field, text: string): Item => ({
  ...question,
  [field]: field === 'title' ? text : { plain: text },
});

/** Everything shown to the user of a tab as another text than the one that stands: conflicts, and steps to take back. */
function shownIn({ bank }: Tab): string {
  const { conflicts, undo, redo, items } = bank.state;
  return JSON.stringify([conflicts, undo, redo, items]);
}

type Act = { kind: string; tab: number; at: number; field: Field };

/** One act of one person; nothing is waited for unless it is the act itself. */
async function act(world: World, { kind, tab: which, at, field }: Act): Promise<void> {
  const tab = world.tabs[which % world.tabs.length]!;
  const { bank } = tab;
  const question = bank.state.items[at % Math.max(1, bank.state.items.length)];
  switch (kind) {
    case 'add': {
      const id = `q${++world.n}`;
      const fresh = item({ id, ref: `R-${id}`, stem: { plain: `new ${id}` } });
      const order = bank.nextOrder;
      void bank.do({ label: kind, items: [{ id, is: 'added', order, item: fresh }], records: [] });
      break;
    }
    case 'edit': {
      if (question) {
        const text = `text ${++world.n}`;
        const change = itemChange(question, withText(question, field, text))!;
        world.typed.push({ id: question.id, field, text });
        // The typing takes a while, in which the other tab goes on.
        await soon();
        void bank.do(
          { label: kind, items: [change], records: [] },
          new Map([[question.id, question]]),
        );
      }
      break;
    }
    case 'remove': {
      const entry = question && bank.entries().find(({ id }) => id === question.id);
      if (entry) {
        void bank.do({ label: kind, items: [{ ...entry, is: 'removed' }], records: [] });
      }
      break;
    }
    case 'undo':
      world.letGo += JSON.stringify(bank.state.undo.at(-1) ?? '');
      void bank.undo();
      break;
    case 'redo':
      void bank.redo();
      break;
    case 'switch':
      await bank.open(OTHER);
      await bank.open(INFO);
      break;
    case 'die':
      tab.worker.die();
      await bank.mirrorAnew();
      break;
    case 'refuse':
      tab.refusing = !tab.refusing;
      bank.retry();
      break;
    default:
      await soon();
  }
}

/** Waits until every step is on the disk and every tab has heard of it. */
async function quiet(world: World): Promise<void> {
  for (let round = 0; round < 60; round++) {
    for (const tab of world.tabs) {
      tab.refusing = false;
      tab.bank.retry();
    }
    await soon();
  }
}

async function explain(world: World): Promise<void> {
  const stored = (await world.tabs[0]!.store.items('b', undefined, 999)).map((one) => one.item);
  for (const tab of world.tabs) {
    expect(tab.bank.state.save).toMatchObject({ state: 'saved', unsaved: 0 });
    expect(tab.bank.state.items).toEqual(stored);
    expect(new Map(tab.worker.mirrored)).toEqual(new Map(stored.map((one) => [one.id, one])));
  }
  expect(new Set(stored.map(({ ref }) => ref)).size).toBe(stored.length);
  for (const { id, field, text } of world.typed) {
    const there = stored.find((one) => one.id === id);
    const stands = there && textOf(there, field) === text;
    const isShown = world.tabs.some((tab) => shownIn(tab).includes(text));
    expect(stands === true || isShown || world.letGo.includes(text) ? '' : text).toBe('');
  }
}

describe('several tabs at once', () => {
  const anyAct: fc.Arbitrary<Act> = fc.record({
    kind: fc.oneof(
      { weight: 5, arbitrary: fc.constantFrom('edit', 'wait') },
      { weight: 3, arbitrary: fc.constantFrom('add', 'undo', 'redo', 'remove') },
      { weight: 1, arbitrary: fc.constantFrom('switch', 'die', 'refuse') },
    ),
    tab: fc.nat(5),
    at: fc.nat(5),
    field: fc.constantFrom(...FIELDS),
  });
  it.each([
    ['two', ['one', 'two'], 60],
    ['three', ['one', 'two', 'three'], 30],
  ])('%s end where some order explains it, and lose no text unseen', async (_, names, runs) => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyAct, { maxLength: 25 }), async (acts) => {
        const shelf = memoryShelf();
        const world: World = { shelf, tabs: [], typed: [], letGo: '', n: 0 };
        world.tabs = names.map((name) => openTab(shelf, name));
        await Promise.all(world.tabs.map(({ bank }) => bank.open(INFO)));
        for (const one of acts) {
          await act(world, one);
        }
        await quiet(world);
        await explain(world);
      }),
      { numRuns: Number(process.env['COWSLIP_TABS'] ?? runs) },
    );
  });
});
