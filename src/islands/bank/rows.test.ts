// What the grid shows: the filter as it was applied, with nothing vanishing under the hand that types.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import type { Finding, Item } from '../../core/model';
import type { Criteria } from '../state/view';
import {
  gridColumns,
  inUsersOrder,
  isShown,
  movedColumn,
  USUAL_COLUMNS,
  withTurned,
} from './columns';
import { freshRows, isFiltered, keptRows } from './rows';

const ALL: Criteria = { search: '', kind: '', tag: '', level: '', sort: undefined };
const NONE: ReadonlyMap<string, readonly Finding[]> = new Map();
const question = (id: string, stem: string, more: Partial<Item> = {}): Item =>
  item({ id, ref: `Q-${id}`, stem: { plain: stem }, ...more });
const BANK = [
  question('1', 'Which gate opens first?', { tags: [{ name: 'level', value: 'easy' }] }),
  question('2', 'Who holds the windlass?', { kind: 'choice-many', category: ['Locks', 'Gear'] }),
  question('3', 'What is a cill?', { options: options('*a step', 'a gate beam') }),
];
const ids = (rows: readonly Item[]): string[] => rows.map(({ id }) => id);
const found = (criteria: Partial<Criteria>, findings = NONE): string[] =>
  ids(freshRows(BANK, { ...ALL, ...criteria }, { findings }).rows);

describe('a filter', () => {
  it.each<[Partial<Criteria>, string[]]>([
    [{}, ['1', '2', '3']],
    [{ search: 'GATE' }, ['1', '3']],
    [{ search: 'gate step' }, ['3']],
    [{ search: 'q-2' }, ['2']],
    [{ kind: 'choice-many' }, ['2']],
    [{ tag: 'level: easy' }, ['1']],
    [{ tag: 'Locks > Gear' }, ['2']],
    [{ sort: { column: 'stem', down: false } }, ['3', '1', '2']],
    [{ sort: { column: 'stem', down: true } }, ['2', '1', '3']],
  ])('%o leaves %o', (criteria, left) => {
    expect(found(criteria)).toEqual(left);
  });

  it('by findings takes those of a level, or any that want a look', () => {
    const findings = new Map<string, Finding[]>([
      ['1', [{ rule: 'a', level: 'note', message: '' }]],
      ['3', [{ rule: 'b', level: 'block', message: '' }]],
    ]);
    expect(found({ level: 'block' }, findings)).toEqual(['3']);
    expect(found({ level: 'any' }, findings)).toEqual(['3']);
    expect(found({ level: 'note' }, findings)).toEqual(['1']);
  });

  it('is one as soon as it leaves something out', () => {
    expect(isFiltered(ALL)).toBe(false);
    expect(isFiltered({ ...ALL, search: '  ' })).toBe(false);
    expect(isFiltered({ ...ALL, tag: 'locks' })).toBe(true);
  });
});

describe('after an edit', () => {
  const before = freshRows(BANK, { ...ALL, search: 'gate' }, { findings: NONE });
  const changed = BANK.map((one) =>
    one.id === '1' ? { ...one, stem: { plain: 'Which door opens first?' } } : one,
  );

  it('a question that no longer matches stays where it stood, and is counted', () => {
    const { rows, stale } = keptRows(changed, before, { findings: NONE });
    expect(ids(rows)).toEqual(['1', '3']);
    expect(rows[0]!.stem.plain).toBe('Which door opens first?');
    expect(stale).toBe(1);
  });

  it('new ones that match stand at the end, removed ones are gone', () => {
    const bank = [question('9', 'A gate again'), ...changed.filter(({ id }) => id !== '3')];
    const { rows } = keptRows(bank, before, { findings: NONE });
    expect(ids(rows)).toEqual(['1', '9']);
  });

  it('a sorted list keeps its order until it is sorted again', () => {
    const criteria: Criteria = { ...ALL, sort: { column: 'stem', down: false } };
    const sorted = freshRows(BANK, criteria, { findings: NONE });
    const last = BANK.map((one) => (one.id === '3' ? { ...one, stem: { plain: 'Zeal' } } : one));
    expect(ids(keptRows(last, sorted, { findings: NONE }).rows)).toEqual(['3', '1', '2']);
    expect(ids(freshRows(last, criteria, { findings: NONE }).rows)).toEqual(['1', '2', '3']);
  });

  it('without a filter all are shown as the bank has them', () => {
    const whole = freshRows(BANK, ALL, { findings: NONE });
    expect(ids(keptRows([...BANK].reverse(), whole, { findings: NONE }).rows)).toEqual([
      '3',
      '2',
      '1',
    ]);
  });
});

describe('the columns as the user has them', () => {
  const columns = gridColumns(BANK);
  const names = (setting = USUAL_COLUMNS): string[] =>
    inUsersOrder(columns, setting).map(({ id }) => id);

  it('begin with the reference and the question, whatever the order', () => {
    const order = ['hint', 'stem', 'ref'];
    expect(names({ ...USUAL_COLUMNS, order }).slice(0, 3)).toEqual(['ref', 'stem', 'hint']);
  });

  it('beyond the usual ones are there for whoever asks for them', () => {
    const attempts = columns.find(({ id }) => id === 'attempts')!;
    expect(isShown(attempts, USUAL_COLUMNS)).toBe(false);
    const asked = withTurned(USUAL_COLUMNS, 'attempts');
    expect(isShown(attempts, asked)).toBe(true);
    expect(withTurned(asked, 'attempts')).toEqual({ ...USUAL_COLUMNS, asked: [] });
    expect(withTurned(USUAL_COLUMNS, 'kind').hidden).toEqual(['kind']);
  });
  it('are moved one by one, and never past the ends', () => {
    const moved = movedColumn(columns, USUAL_COLUMNS, 'kind', -1);
    expect(names(moved).indexOf('kind')).toBe(names().indexOf('kind') - 1);
    expect(movedColumn(columns, USUAL_COLUMNS, 'options.0', -1)).toBe(USUAL_COLUMNS);
    expect(movedColumn(columns, USUAL_COLUMNS, 'by', 1)).toBe(USUAL_COLUMNS);
    expect(movedColumn(columns, USUAL_COLUMNS, 'stem', 1)).toBe(USUAL_COLUMNS);
  });
});
