// Kinds without options through rows and back: each in the places that a layout has for it, by two programs that share
// no code.
import { describe, expect, it } from 'vitest';
import { rowsLayout, surroundings } from '../../../tests/make';
import type { Item, Layout, Role } from '../model';
import { fill, readBackFile } from '.';

const question = (kind: Item['kind'], fields: Partial<Item>): Item => ({
  id: 'q',
  ref: 'Q-1',
  kind,
  stem: { plain: 'What holds water back?' },
  ...fields,
});
const pairs = [
  { left: { plain: 'Paddle' }, right: { plain: 'lets through' } },
  { left: { plain: 'Gate' }, right: { plain: 'holds back' } },
];
const steps = [{ plain: 'Open' }, { plain: 'Enter' }, { plain: 'Close' }];
const gaps = [{ accepted: ['gate', 'gates'] }, { accepted: ['paddle'] }];
const gapped = question('gap', { stem: { plain: 'The {{1}} and the {{2}}.' }, gaps });

/** A layout that takes this kind alone, so that the read-back need not guess. */
const taking = (
  kind: Item['kind'],
  roles: readonly Role[],
  separators: Partial<Record<Role, string>> = {},
): Layout => {
  const layout = rowsLayout(roles, {
    kinds: [{ kind, code: '' }],
  });
  return {
    ...layout,
    columns: layout.columns.map((column, index) => ({
      ...column,
      n: roles.slice(0, index + 1).filter((role) => role === column.role).length,
      ...(separators[column.role] ? { separator: separators[column.role] } : {}),
    })),
  };
};

type Case = [what: string, item: Item, layout: Layout, cells: Record<string, string | number>];

const CASES: Case[] = [
  [
    'pairs, one a column',
    question('match', { pairs }),
    taking('match', ['stem', 'pair', 'pair']),
    { B: 'Paddle|lets through', C: 'Gate|holds back' },
  ],
  [
    'pairs with a separator of their own',
    question('match', { pairs }),
    taking('match', ['stem', 'pair', 'pair'], { pair: ' = ' }),
    { B: 'Paddle = lets through', C: 'Gate = holds back' },
  ],
  [
    'pairs, left and right apart',
    question('match', { pairs }),
    taking('match', ['stem', 'left', 'right-side', 'left', 'right-side']),
    { B: 'Paddle', C: 'lets through', D: 'Gate', E: 'holds back' },
  ],
  [
    'pairs in columns for options',
    question('match', { pairs }),
    taking('match', ['kind', 'stem', 'option', 'option']),
    { C: 'Paddle|lets through', D: 'Gate|holds back' },
  ],
  [
    'steps',
    question('order', { steps }),
    taking('order', ['stem', 'step', 'step', 'step', 'step']),
    { B: 'Open', C: 'Enter', D: 'Close' },
  ],
  [
    'a number with its tolerance and unit',
    question('number', { number: { value: 2.4, tolerance: 0.1, unit: 'm' } }),
    taking('number', ['stem', 'value', 'tolerance', 'unit']),
    { B: 2.4, C: 0.1, D: 'm' },
  ],
  [
    'a number among answers, with its unit behind it',
    question('number', { number: { value: 2.4, tolerance: 0, unit: 'm' } }),
    taking('number', ['kind', 'stem', 'accepted']),
    { C: '2.4 m' },
  ],
  [
    'one answer',
    question('short', { accepted: ['a gate'] }),
    taking('short', ['stem', 'accepted']),
    { B: 'a gate' },
  ],
  [
    'several answers in one cell',
    question('short', { accepted: ['a gate', 'gates'] }),
    taking('short', ['stem', 'accepted'], { accepted: ';' }),
    { B: 'a gate;gates' },
  ],
  [
    'several answers, one a column',
    question('short', { accepted: ['a gate', 'gates'] }),
    taking('short', ['stem', 'accepted', 'accepted']),
    { B: 'a gate', C: 'gates' },
  ],
  [
    'a card',
    question('card', { accepted: ['It holds water back.'] }),
    taking('card', ['stem', 'accepted']),
    { A: 'What holds water back?', B: 'It holds water back.' },
  ],
  [
    'gaps in one cell',
    gapped,
    taking('gap', ['kind', 'stem', 'accepted'], { accepted: ';' }),
    { B: 'The ____ and the ____.', C: 'gate / gates;paddle' },
  ],
  [
    'gaps, one a column',
    gapped,
    taking('gap', ['kind', 'stem', 'accepted', 'accepted']),
    { C: 'gate / gates', D: 'paddle' },
  ],
  [
    'an open question with its lines',
    question('open', { lines: 4 }),
    taking('open', ['stem', 'lines']),
    { B: 4 },
  ],
  [
    'a file handed in',
    question('upload', { endings: ['.pdf', '.docx'] }),
    taking('upload', ['stem', 'endings']),
    { B: '.pdf, .docx' },
  ],
];

describe('a kind without options', () => {
  it.each(CASES)('%s', async (_what, item, layout, cells) => {
    const withCodes: Layout = {
      ...layout,
      kinds: [
        { kind: item.kind, code: layout.columns.some(({ role }) => role === 'kind') ? 'K' : '' },
      ],
    };
    const job = { items: [item], layout: withCodes, setTitle: 'T' };
    const filled = await fill(job, surroundings);
    expect(filled.receipt.leftOut).toEqual([]);
    expect(filled.differences).toEqual([]);
    const { items } = await readBackFile(filled, withCodes);
    expect(items).toHaveLength(1);
    expect(items[0]!.kind).toBe(item.kind);
    const { fit } = await import('../fitting');
    expect(fit([item], withCodes)[0]!.cells![0]).toMatchObject(cells);
  });

  it('keeps tags, pictures and words about a question in their places', async () => {
    const layout = rowsLayout(['stem', 'accepted'], {
      columns: [
        { column: 'A', role: 'stem' },
        { column: 'B', role: 'accepted' },
        { column: 'C', role: 'tags', separator: '; ' },
        { column: 'D', role: 'image' },
        { column: 'E', role: 'image-alt' },
        { column: 'F', role: 'shuffle' },
        { column: 'G', role: 'across' },
        { column: 'H', role: 'use' },
        { column: 'I', role: 'by' },
        { column: 'J', role: 'tag', tag: 'level' },
        { column: 'K', role: 'tag', heading: 'Tag name' },
        { column: 'L', role: 'tag', heading: 'Tag value' },
      ],
    });
    const item = question('card', {
      accepted: ['x'],
      tags: [{ name: 'level', value: 'easy' }, { value: 'first' }],
      media: [{ at: 'stem', href: 'https://example.org/gate.png', alt: 'A gate' }],
      shuffle: false,
      across: true,
      use: 'practice',
      origin: { by: 'Ines' },
    });
    const { fit } = await import('../fitting');
    expect(fit([item], layout)[0]!.cells![0]).toEqual({
      A: 'What holds water back?',
      B: 'x',
      C: 'level: easy; first',
      D: 'https://example.org/gate.png',
      E: 'A gate',
      F: 'no',
      G: 'across',
      H: 'practice',
      I: 'Ines',
      J: 'easy',
      K: 'tag',
      L: 'first',
    });
    const filled = await fill({ items: [item], layout, setTitle: 'T' }, surroundings);
    expect(filled.differences).toEqual([]);
  });
});
