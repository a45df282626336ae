// Each kind of question as cells of the grid and back: what is shown can be typed again, and says the same.
import { describe, expect, it } from 'vitest';
import { EVERY_KIND } from '../../../tests/kinds';
import { item, options } from '../../../tests/make';
import type { Item } from '../../core/model';
import { cellText, setCell, withFields, type CellField } from './item-cells';

const FIELDS: CellField[] = [
  'ref',
  'kind',
  'stem',
  'options.0',
  'options.1',
  'options.2',
  'key',
  'points',
  'seconds',
  'category',
  'tags',
  'hint',
  'explanation',
];
const shown = (question: Item): string[] => FIELDS.map((field) => cellText(question, field));

describe('a question as cells', () => {
  it.each(EVERY_KIND.map((question) => [question.ref, question] as const))(
    '%s shows the same after each cell is typed again',
    (_ref, question) => {
      for (const field of FIELDS) {
        const text = cellText(question, field);
        const set = setCell(question, field, text);
        if ('refused' in set) {
          expect(set.refused.length).toBeGreaterThan(10);
        } else {
          expect(shown(withFields(question, set)), field).toEqual(shown(question));
        }
      }
    },
  );

  it.each<[CellField, string, Partial<Item>]>([
    ['points', '2,5', { points: 2.5 }],
    ['seconds', '1 min', { seconds: 60 }],
    ['category', 'Locks > Parts', { category: ['Locks', 'Parts'] }],
    ['hint', 'Think of wood', { hint: { plain: 'Think of wood' } }],
    ['stem', 'Who?', { stem: { plain: 'Who?' } }],
  ])('takes “%s” of %s', (field, text, fields) => {
    expect(setCell(item(), field, text)).toMatchObject(fields);
  });

  it('empties a field, and refuses what it can’t hold in a sentence', () => {
    const question = item({ points: 2, hint: { plain: 'x' } });
    expect(cellText(withFields(question, setCell(question, 'points', '') as never), 'points')).toBe(
      '',
    );
    expect(cellText(withFields(question, setCell(question, 'hint', '') as never), 'hint')).toBe('');
    for (const [field, text] of [
      ['points', 'many'],
      ['seconds', 'soon'],
      ['key', 'Z'],
      ['kind', 'riddle'],
    ] as const) {
      expect(setCell(question, field, text)).toHaveProperty('refused');
    }
  });

  it('sets several right ones by their letters', () => {
    const question = item({ kind: 'choice-many', options: options('*a', 'b', 'c') });
    const set = setCell(question, 'key', 'b, C');
    expect(set).toMatchObject({ options: [{ right: false }, { right: true }, { right: true }] });
  });
});
