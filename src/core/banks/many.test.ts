// Changes of many questions at once: what becomes different, and what is left alone.
import { describe, expect, it } from 'vitest';
import type { Item } from '../model';
import { changedBy, changeWords, type ManyChange } from './index';

const item = (id: string, more: Partial<Item> = {}): Item => ({
  id,
  ref: `OLD-${id}`,
  kind: 'choice-one',
  stem: { plain: `What does the lock  hold, number ${id} ?` },
  options: [
    { text: { plain: 'water' }, right: true },
    { text: { plain: 'Lock gates' }, right: false, feedback: { plain: 'A lock, not a gate.' } },
  ],
  ...more,
});
const BANK = [
  item('1', { tags: [{ value: 'autumn' }], category: ['Locks', 'Parts'] }),
  item('2', { tags: [{ name: 'level', value: 'easy' }], category: ['Locks', 'Parts'], points: 2 }),
  item('3', { category: ['Safety'], media: [{ at: 'stem', href: 'https://old.example/a.png' }] }),
];
const after = (change: ManyChange, items = BANK): Item[] => changedBy(items, change);
const refs = (rule: string, taken?: Set<string>): string[] =>
  changedBy(BANK, { is: 'references', rule }, taken).map(({ ref }) => ref);

describe('tags and categories', () => {
  const autumn = { value: 'autumn' };
  const level = { name: 'level', value: 'beginner' };

  it('are added once, replaced and removed; questions that have no such tag are left alone', () => {
    expect(after({ is: 'add-tag', tag: autumn }).map(({ id }) => id)).toEqual(['2', '3']);
    expect(after({ is: 'remove-tag', tag: autumn })).toEqual([
      expect.not.objectContaining({ tags: expect.anything() as unknown }),
    ]);
    const easy = { name: 'level', value: 'easy' };
    expect(after({ is: 'replace-tag', tag: easy, by: level })).toMatchObject([
      { id: '2', tags: [level] },
    ]);
  });

  it('are moved, and taken out', () => {
    expect(after({ is: 'category', path: ['Safety'] }).map(({ id }) => id)).toEqual(['1', '2']);
    expect(after({ is: 'category', path: [] })[0]!.category).toBeUndefined();
  });
});

describe('numbers and use', () => {
  it('are set and taken away', () => {
    expect(after({ is: 'set', field: 'points', value: 2 }).map(({ id }) => id)).toEqual(['1', '3']);
    const [only, ...others] = after({ is: 'set', field: 'points', value: undefined });
    expect([only!.id, only!.points, others.length]).toEqual(['2', undefined, 0]);
    expect(after({ is: 'use', value: 'practice' })).toHaveLength(3);
  });
});

describe('find and replace', () => {
  const replace = (more: Partial<Extract<ManyChange, { is: 'replace' }>>): ManyChange => ({
    is: 'replace',
    find: 'lock',
    by: 'chamber',
    how: 'words',
    matchCase: false,
    fields: ['stem', 'options', 'feedback'],
    ...more,
  });
  const [first] = BANK;
  const texts = (change: ManyChange, from = first!): string[] => {
    const [{ stem, options = [] } = from] = after(change, [from]);
    return [
      stem.plain,
      ...options.flatMap(({ text, feedback }) => [text.plain, feedback?.plain ?? '']),
    ];
  };

  it('finds words, in the fields that are asked for, in any case or in one', () => {
    expect(texts(replace({}))).toEqual([
      'What does the chamber  hold, number 1 ?',
      'water',
      '',
      'chamber gates',
      'A chamber, not a gate.',
    ]);
    expect(texts(replace({ fields: ['stem'] }))[3]).toBe('Lock gates');
    expect(texts(replace({ matchCase: true }))[3]).toBe('Lock gates');
    expect(texts(replace({ find: 'gat', how: 'words' }))[3]).toBe('Lock gates');
    expect(texts(replace({ find: 'gat', by: 'pl', how: 'text' }))[3]).toBe('Lock ples');
  });

  it('takes signs of patterns as they are, and dollars too, unless a pattern is meant', () => {
    const dots = item('9', { stem: { plain: 'a.b costs 5 (five)' } });
    expect(texts(replace({ find: '.', by: '$1', how: 'text' }), dots)[0]).toBe(
      'a$1b costs 5 (five)',
    );
    expect(texts(replace({ find: '(five)', by: '', how: 'text' }), dots)[0]).toBe('a.b costs 5 ');
    expect(
      texts(replace({ find: '(\\d+) \\((\\w+)\\)', by: '$2 $1', how: 'pattern' }), dots)[0],
    ).toBe('a.b costs five 5');
  });

  it('keeps formatting where the words stand between its marks', () => {
    const bold = item('9', {
      stem: { plain: 'The lock is full', html: 'The <b>lock</b> is full' },
    });
    expect(after(replace({}), [bold])[0]!.stem).toEqual({
      plain: 'The chamber is full',
      html: 'The <b>chamber</b> is full',
    });
    const across = item('9', { stem: { plain: 'The lock gate', html: 'The <b>lock</b> gate' } });
    expect(after(replace({ find: 'lock gate', by: 'weir' }), [across])[0]!.stem).toEqual({
      plain: 'The weir',
    });
  });

  it.each([
    ['', 'Type what is to be found'],
    ['(a+)+$', 'can take for ever'],
    ['[a', 'is no pattern'],
  ])('says why “%s” can’t be found', (find, message) => {
    expect(() => after(replace({ find, how: 'pattern' }))).toThrow(message);
  });

  it('never lets text run or break out', () => {
    const html = item('9', { stem: { plain: 'a < b', html: 'a &lt; <b>b</b>' } });
    const [changed] = after(replace({ find: 'b', by: '<script>', how: 'text', fields: ['stem'] }), [
      html,
    ]);
    expect(changed!.stem.plain).toBe('a < <script>');
    expect(changed!.stem.html ?? '').not.toContain('<script>');
  });
});

describe('tidying, pictures, kinds', () => {
  it('takes blanks out that nobody meant', () => {
    expect(after({ is: 'tidy' })[0]!.stem.plain).toBe('What does the lock hold, number 1 ?');
    expect(after({ is: 'tidy' }, [item('9', { stem: { plain: 'Clean?' } })])).toEqual([]);
  });

  it('gives pictures another address', () => {
    const moved = after({
      is: 'pictures',
      from: 'https://old.example/',
      to: 'https://new.example/x/',
    });
    expect(moved.map(({ media }) => media![0]!.href)).toEqual(['https://new.example/x/a.png']);
    const evil = {
      is: 'pictures' as const,
      from: 'https://old.example/',
      to: 'javascript:alert(1)//',
    };
    expect(() => after(evil)).toThrow('is no address of pictures');
  });

  it('changes kinds that stand for one another, and leaves others alone', () => {
    const [short] = after({ is: 'kind', kind: 'short' }, [BANK[0]!]);
    expect(short).toMatchObject({ kind: 'short', accepted: ['water'] });
    expect(short!.options).toBeUndefined();
    expect(after({ is: 'kind', kind: 'match' })).toEqual([]);
    expect(after({ is: 'kind', kind: 'choice-many' })).toHaveLength(3);
  });
});

describe('references by a rule', () => {
  it('count up for all that are alike but for the number, and keep clear of those that are taken', () => {
    expect(refs('{category}-{n:3}')).toEqual(['Parts-001', 'Parts-002', 'Safety-001']);
    expect(refs('{top}-26-{n}')).toEqual(['Locks-26-1', 'Locks-26-2', 'Safety-26-1']);
    expect(refs('Q{n:2}', new Set(['Q02']))).toEqual(['Q01', 'Q03', 'Q04']);
  });

  it('need a number', () => {
    expect(() => refs('{category}')).toThrow('Write {n}');
    expect(() => refs('{n}{n}')).toThrow('more than once');
  });
});

describe('words', () => {
  it('name the step', () => {
    expect(changeWords({ is: 'add-tag', tag: { name: 'level', value: 'x' } })).toBe('Tag level: x');
    expect(changeWords({ is: 'category', path: ['A', 'B'] })).toBe('Move to A > B');
  });
});
