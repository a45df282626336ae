// Every refusal that fitting can name is brought about once, with the sentence that a person reads.
import { describe, expect, it } from 'vitest';
import { fit } from '.';
import type { Item, Layout } from '../model';
import { item, options, rowsLayout } from '../../../tests/make';
import { cards, choice, lettered, one, starter, typed } from '../../../tests/fits';

const two = item({ kind: 'choice-many', options: options('*a', '*b', 'c') });

type Refused = [what: string, question: Item, layout: Layout, code: string, words: RegExp];

describe('a question is refused, and why is said', () => {
  const listed = rowsLayout(['stem', 'option', 'option', 'key', 'category'], {
    columns: [
      { column: 'A', role: 'stem' },
      { column: 'B', role: 'option', n: 1 },
      { column: 'C', role: 'option', n: 2 },
      { column: 'D', role: 'key' },
      { column: 'E', role: 'category', heading: 'Deck', values: ['One', 'Two'], required: true },
    ],
  });
  const asked = rowsLayout(['stem', 'accepted'], {
    columns: [
      { column: 'A', role: 'stem' },
      { column: 'B', role: 'accepted' },
      { column: 'C', role: 'title', heading: 'Name', required: true },
    ],
  });
  const narrowRef = rowsLayout(['stem', 'accepted'], {
    columns: [
      { column: 'A', role: 'stem' },
      { column: 'B', role: 'accepted' },
      { column: 'C', role: 'ref', heading: 'Code', max: 2 },
    ],
  });
  const windows = {
    ...cards,
    file: { ...cards.file, encoding: 'windows-1252' as const },
  };
  const joined = rowsLayout(['stem', 'options', 'key'], {
    columns: [
      { column: 'A', role: 'stem' },
      { column: 'B', role: 'options', separator: ';' },
      { column: 'C', role: 'key' },
    ],
  });
  const starred = rowsLayout(['stem', 'option', 'option'], {
    key: { style: 'marker', marker: '*' },
  });
  const gates = typed('card', { accepted: ['a gate'] });
  it.each<Refused>([
    ['without a text', item({ stem: { plain: ' ' } }), lettered, 'stem-empty', /has no text/],
    ['without a key', choice('a', 'b'), lettered, 'key-missing', /no option is right/],
    ['with an empty option', choice('*a', ''), lettered, 'option-empty', /is empty/],
    ['without an answer', typed('card', { accepted: [' '] }), cards, 'answer-missing', /no answer/],
    ['of one pair', typed('match', { pairs: [] }), lettered, 'pairs-too-few', /two pairs/],
    ['of one step', typed('order', { steps: [] }), lettered, 'steps-too-few', /two steps/],
    ['with an open gap', typed('gap', { gaps: [] }), cards, 'gap-unanswered', /a gap has no/],
    ['without a number', typed('number', {}), cards, 'number-missing', /has no number/],
    [
      'of a kind not taken',
      typed('upload', {}),
      lettered,
      'kind-not-taken',
      /takes no questions of the kind/,
    ],
    [
      'with too few options',
      choice('*a', 'b'),
      { ...lettered, limits: { optionsMin: 3 } },
      'options-too-few',
      /has 2 options; the receiver asks for 3/,
    ],
    [
      'with more right ones than room',
      item({ kind: 'choice-many', options: options('*a', '*b', '*c') }),
      { ...lettered, limits: { optionsMax: 2 }, key: { style: 'letter', separator: ',' } },
      'right-options-over',
      /3 right options; the receiver has room for 2/,
    ],
    [
      'with as many right ones as there is room, so that no wrong one would stay',
      two,
      { ...lettered, limits: { optionsMax: 2 }, key: { style: 'letter', separator: ',' } },
      'right-options-fill',
      /2 right options fill the receiver's room/,
    ],
    [
      'with two right ones for a key that names one',
      two,
      { ...lettered, kinds: [{ kind: 'choice-many', code: '' }], key: { style: 'first' } },
      'key-names-one',
      /2 right options; the receiver's key names one/,
    ],
    [
      'with more pairs than places',
      typed('match', {
        pairs: ['a', 'b', 'c'].map((plain) => ({ left: { plain }, right: { plain } })),
      }),
      rowsLayout(['stem', 'pair', 'pair']),
      'room-too-small',
      /has 3 pairs; the receiver has room for 2/,
    ],
    [
      'with a sign that the encoding lacks',
      typed('card', { accepted: ['水'] }),
      windows,
      'encoding-lacks',
      /can't hold/,
    ],
    [
      'with a word that is not on the list',
      item({ options: options('*a', 'b'), category: ['Three'] }),
      listed,
      'word-not-listed',
      /Deck takes only One, Two; this question has Three/,
    ],
    ['without what is asked for', gates, asked, 'field-missing', /asks for Name/],
    ['with a cell too long', gates, narrowRef, 'cell-too-long', /Code takes 2 characters/],
    [
      'with the separator in an option',
      choice('*a;b', 'c'),
      joined,
      'separator-in-text',
      /holds the sign ";"/,
    ],
    [
      'with the mark of right ones on a wrong one',
      item({ options: [...options('*a'), { text: { plain: '*b' }, right: false }] }),
      starred,
      'marker-on-wrong-option',
      /a wrong option begins with \*/,
    ],
  ])('%s', (_what, question, layout, code, words) => {
    const fitted = one(question, layout);
    expect(fitted).toMatchObject({ state: 'refused', code });
    expect(fitted.reason).toMatch(words);
  });

  it('because it was left out', () => {
    expect(one(choice('*a', 'b'), lettered, { leaveOut: true })).toMatchObject({
      state: 'refused',
      code: 'left-out',
      reason: 'you left it out',
    });
  });

  it('because the form has a sign in the text and no way to write it', () => {
    const marked = starter('marked-text');
    const { escape: _escape, ...marks } = marked.marks!;
    const question = item({ stem: { plain: `A ${marks.open ?? marks.right} B?` } });
    expect(one(question, { ...marked, marks })).toMatchObject({ code: 'sign-in-text' });
  });

  it('because the board has no room, or no column of its category', () => {
    const board = starter('grid');
    const grid = board.grid!;
    const narrow = {
      ...board,
      grid: {
        ...grid,
        lastColumn: grid.firstColumn,
        levels: grid.levels.slice(0, 1),
        levelRows: grid.levelRows.slice(0, 1),
        categories: ['Locks'],
        locked: true,
      },
    };
    const asked = ['a', 'b'].map((id) =>
      typed('short', { id, ref: id, accepted: ['x'], category: ['Locks'] }),
    );
    expect(fit(asked, narrow).map(({ code }) => code)).toEqual([undefined, 'board-full']);
    const wide = {
      ...board,
      grid: {
        ...grid,
        levels: grid.levels.slice(0, 1),
        levelRows: grid.levelRows.slice(0, 1),
        locked: false,
      },
    };
    const columns = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K', 'L'];
    const many = columns.map((name, n) =>
      typed('short', { id: `q${n}`, ref: `Q${n}`, accepted: ['x'], category: [name] }),
    );
    const codes = fit(many, wide).map(({ code }) => code);
    expect(codes.at(-1)).toMatch(/^board-/);
  });
});
