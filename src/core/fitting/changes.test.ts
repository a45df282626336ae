// Every change that fitting can name is brought about once, with what becomes of the text.
import { describe, expect, it } from 'vitest';
import { fit } from '.';
import type { Item, Layout } from '../model';
import { item, options, rowsLayout } from '../../../tests/make';
import { STARTERS } from '../learning';
import { cards, choice, lettered, one, starter, typed } from '../../../tests/fits';

type Changed = [what: string, question: Item, layout: Layout, code: string, to: string];

describe('a change is named, and why is said', () => {
  const short = { ...cards, limits: { option: 10 } };
  const windows = { ...cards, file: { ...cards.file, encoding: 'windows-1252' as const } };
  const bare = { ...cards, file: { ...cards.file, quote: 'none' as const } };
  const rich = typed('card', {
    accepted: ['x'],
    stem: { plain: 'H2O', html: 'H<sub>2</sub>O' },
  });
  const bold = typed('card', { accepted: ['x'], stem: { plain: 'word', html: '<b>word</b>' } });
  const numbers = rowsLayout(['stem', 'value']);
  const seconds = rowsLayout(['stem', 'accepted', 'seconds'], { limits: { seconds: [10, 30] } });
  const fixed = (fields: Partial<Layout['columns'][number]>): Layout =>
    rowsLayout(['stem', 'accepted'], {
      columns: [
        { column: 'A', role: 'stem' },
        { column: 'B', role: 'accepted' },
        { column: 'C', role: 'category', heading: 'Deck', ...fields },
      ],
    });
  it.each<Changed>([
    [
      'a longer answer',
      typed('card', { accepted: ['a gate of oak'] }),
      short,
      'shortened',
      'a gate…',
    ],
    [
      'a sign written plainly',
      typed('card', { accepted: ['a → b'] }),
      windows,
      'encoding-plain',
      'a -> b',
    ],
    ['raised signs', rich, cards, 'formatting-as-signs', 'H₂O'],
    ['bold words', bold, cards, 'formatting-dropped', 'word'],
    ['a line break', typed('card', { accepted: ['a\nb'] }), bare, 'cell-one-line', 'a b'],
    ['a formula', typed('card', { accepted: ['=1+1'] }), cards, 'formula-guarded', "'=1+1"],
    [
      'several answers for one place',
      typed('short', { accepted: ['a', 'b'] }),
      rowsLayout(['stem', 'accepted'], { kinds: [{ kind: 'short', code: '' }] }),
      'answers-joined',
      'a; b',
    ],
    [
      'a time limit off the list',
      typed('card', { accepted: ['x'], seconds: 25 }),
      seconds,
      'seconds-nearest',
      '30',
    ],
    [
      'a tolerance without a place',
      typed('number', { number: { value: 3, tolerance: 0.5 } }),
      numbers,
      'tolerance-dropped',
      '3',
    ],
    [
      'a unit without a place',
      typed('number', { number: { value: 3, tolerance: 0, unit: 'm' } }),
      numbers,
      'unit-dropped',
      '3',
    ],
    [
      'a default that must be there',
      typed('card', { accepted: ['x'] }),
      fixed({ required: true, default: 'Main' }),
      'default-filled',
      'Main',
    ],
    [
      'a word off the list',
      typed('card', { accepted: ['x'], category: ['Other'] }),
      fixed({ values: ['Main', 'Side'], default: 'Main' }),
      'word-listed-instead',
      'Main',
    ],
    [
      'an option too many',
      choice('*a', 'bb', 'a b', 'c', 'quite another thing'),
      { ...lettered, limits: { optionsMax: 4 } },
      'option-cut',
      '',
    ],
    ['another kind', choice('*a', 'b'), cards, 'kind-recoded', 'card'],
  ])('%s', (_what, question, layout, code, to) => {
    const fitted = one(question, layout);
    expect(fitted.state).toBe('changes');
    const change = fitted.changes.find((named) => named.code === code);
    expect(change, JSON.stringify(fitted.changes)).toMatchObject({ to });
    expect(change!.why.length).toBeGreaterThan(10);
  });

  it('your own text for one receiver', () => {
    const fitted = one(typed('card', { accepted: ['x'] }), cards, { own: { stem: 'In short?' } });
    expect(fitted.changes).toMatchObject([{ field: 'stem', to: 'In short?', code: 'own-text' }]);
    expect(fitted.cells![0]).toMatchObject({ A: 'In short?' });
  });

  it('your own seconds', () => {
    const question = typed('card', { accepted: ['x'], seconds: 25 });
    const fitted = one(question, seconds, { own: { seconds: '10' } });
    expect(fitted.changes).toMatchObject([{ field: 'seconds', from: '25', to: '10' }]);
  });

  it('seconds that the receiver asks for, and those of the layout', () => {
    const withSeconds = (fields: Partial<Layout['columns'][number]>): Layout =>
      rowsLayout(['stem', 'accepted'], {
        limits: { seconds: [10, 30] },
        columns: [
          { column: 'A', role: 'stem' },
          { column: 'B', role: 'accepted' },
          { column: 'C', role: 'seconds', ...fields },
        ],
      });
    const question = typed('card', { accepted: ['x'] });
    expect(one(question, withSeconds({ required: true })).changes).toMatchObject([
      { code: 'seconds-asked', to: '10' },
    ]);
    expect(one(question, withSeconds({ default: '30' })).changes).toMatchObject([
      { code: 'layout-default', to: '30' },
    ]);
    expect(one(question, withSeconds({})).changes).toEqual([]);
  });

  it('what a package collapses, drops and refuses to carry', () => {
    const test = STARTERS.find(({ file }) => file.standard === 'qti-2.1')!;
    const spaced = one(item({ stem: { plain: 'two  blanks' } }), test);
    expect(spaced.changes).toMatchObject([{ code: 'blanks-collapsed', to: 'two blanks' }]);
    const underlined = item({ stem: { plain: 'word', html: '<u>word</u>' } });
    expect(one(underlined, test).changes).toMatchObject([{ code: 'underlining-dropped' }]);
    const pictured = item({ media: [{ at: 'stem', href: 'javascript:alert(1)' }] });
    expect(one(pictured, test).changes).toMatchObject([{ code: 'address-dropped', to: '' }]);
    const lines = typed('short', { accepted: ['a\nb'] });
    expect(one(lines, test).changes).toMatchObject([{ code: 'typed-answer-one-line' }]);
  });

  it('where keys are spread, and where a board puts a question', () => {
    const bank = Array.from({ length: 8 }, (_, n) =>
      item({ id: `q${n}`, ref: `Q${n}`, options: options('*a', 'b', 'c', 'd') }),
    );
    const spread = fit(bank, lettered, {}, { spread: 3 }).flatMap(({ changes }) => changes);
    expect(spread.some(({ code }) => code === 'keys-spread')).toBe(true);
    const board = starter('grid');
    const locked = { ...board, grid: { ...board.grid!, locked: true, categories: ['Locks'] } };
    const question = typed('short', { accepted: ['x'], category: ['Tolls'], points: 7 });
    const codes = one(question, locked).changes.map(({ code }) => code);
    expect(codes).toContain('board-category');
    expect(codes).toContain('board-level');
  });

  it('a line break that would end marked text', () => {
    const question = item({ stem: { plain: 'one\ntwo' } });
    expect(one(question, starter('marked-text')).changes).toMatchObject([
      { code: 'text-one-line', to: 'one two' },
    ]);
  });
});
