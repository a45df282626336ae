// What is kept of the matrix must be what a fresh fit would say, whatever was edited, moved, decided or taken out between.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Decisions, Fitted, Item, Layout } from '../core/model';
import { fit, STARTERS } from '../core/pipeline';
import { losesSomething } from '../core/shared/change-grades';
import { anyItem, item, numbered, options } from '../../tests/make';
import { Fits } from './fits';
import type { FitColumn } from './protocol';

const starter = (id: string): Layout => STARTERS.find((layout) => layout.id === `starter-${id}`)!;
const said = ({ states, changes, reasons, words }: FitColumn): string[] =>
  [...states].map((state, index) => `${state} ${changes[index]} ${words[reasons[index]!]}`);
const fresh = (
  items: readonly Item[],
  layout: Layout,
  decisions: Decisions,
  deck: readonly Item[],
): string[] =>
  fit(items, layout, decisions, { deck }).map(
    (one) => `${stateOf(one)} ${one.changes.length} ${one.reason ?? ''}`,
  );
/** A change that loses nothing is told apart: the starters write a formula with an apostrophe, and fill defaults in. */
function stateOf({ state, changes }: Fitted): number {
  if (state === 'changes') {
    return changes.some(losesSomething) ? 1 : 3;
  }
  return state === 'fits' ? 0 : 2;
}
const cardsOf = (items: readonly Item[]): Item[] => items.filter(({ kind }) => kind === 'card');

describe('the matrix', () => {
  it('says what a fresh fit says, after any run of edits', () => {
    const anyStep = fc.record({
      what: fc.constantFrom('edit', 'move', 'remove', 'decide', 'limit' as const),
      at: fc.nat(20),
      text: fc.constantFrom(
        '=1+1',
        'A longer question than any receiver takes in its one short line?',
        'Short?',
      ),
    });
    fc.assert(
      fc.property(
        fc.array(anyItem, { minLength: 3, maxLength: 12 }).map(numbered),
        fc.constantFrom(
          'lettered',
          'starred',
          'numbered',
          'board',
          'right-and-rest',
          'marked-text',
          'qti-3.0',
        ),
        fc.array(anyStep, { maxLength: 8 }),
        (start, id, steps) => {
          const fits = new Fits();
          let [items, layout, decisions, edition]: [Item[], Layout, Decisions, number] = [
            start,
            starter(id),
            {},
            1,
          ];
          for (const { what, at, text } of steps) {
            const index = at % items.length;
            const deck = cardsOf(items).length;
            if (what === 'edit') {
              items = items.map((one, n) =>
                n === index ? { ...one, stem: { plain: text } } : one,
              );
            } else if (what === 'move') {
              items = [items[index]!, ...items.filter((_, n) => n !== index)];
            } else if (what === 'remove' && items.length > 1) {
              items = items.filter((_, n) => n !== index);
            } else if (what === 'decide') {
              decisions = {
                ...decisions,
                [items[index]!.id]: at % 2 ? { leaveOut: true } : { own: { stem: text } },
              };
            } else {
              layout = { ...layout, limits: { ...layout.limits, stem: 10 + at } };
            }
            // As in the worker: a change among the cards counts the deck's edition up.
            if (what === 'edit' || what === 'move' || deck !== cardsOf(items).length) {
              edition++;
            }
            expect(
              said(fits.column({ items, layout, decisions, deck: cardsOf(items), edition })),
            ).toEqual(fresh(items, layout, decisions, cardsOf(items)));
          }
        },
      ),
      { numRuns: 150 },
    );
  });
  it('counts the rows of the file before each question, also where one becomes several', () => {
    const items = numbered([
      item(),
      item({ kind: 'choice-many', options: options('*p', '*q', 'r') }),
      item({ options: options('p') }),
      item(),
    ]);
    const layout: Layout = {
      ...starter('lettered'),
      kinds: [
        { kind: 'choice-one', code: '' },
        { kind: 'true-false', code: '' },
      ],
    };
    const column = new Fits().column({ items, layout, decisions: {}, deck: [], edition: 1 });
    expect([...column.rows]).toEqual([0, 1, 4, 4]);
    expect(column.counts).toEqual([2, 1, 1, 0]);
    expect(column.total).toBe(5);
  });
});
