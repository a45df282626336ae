// Small makers for tests: questions, layouts, tables, random banks.
import fc from 'fast-check';
import type { Item, Layout, Option, Table } from '../src/core/model';
import { gatherTable } from '../src/core/pipeline';
import { readDelimitedText } from '../src/core/readers/delimited/reader';
import { readFileSync } from 'node:fs';

export const surroundings = {
  now: () => '2026-11-24T10:00:00.000Z',
  id: counter(),
  digest: async (bytes: Uint8Array) => `digest-${bytes.length}`,
};

/** Names that count up, so that tests can be repeated. */
export function counter(): () => string {
  let n = 0;
  return () => `id-${++n}`;
}

/** Options from texts; a leading star marks a right one. */
export const options = (...texts: string[]): Option[] =>
  texts.map((text) => ({ text: { plain: text.replace(/^\*/, '') }, right: text.startsWith('*') }));

export const item = (change: Partial<Item> = {}): Item => ({
  id: 'q',
  ref: 'Q-1',
  kind: 'choice-one',
  stem: { plain: 'What does a paddle let through?' },
  options: options('Boats', '*Water', 'Walkers'),
  ...change,
});

/** A matching task. */
export const pairs: Item = item({
  kind: 'match',
  stem: { plain: 'Put them together.' },
  options: undefined,
  pairs: [
    { left: { plain: 'sill' }, right: { plain: 'step' } },
    { left: { plain: 'paddle' }, right: { plain: 'shutter' } },
  ],
});

/** A layout of rows from a compact list: 'stem', 'option', 'key' … in the order of the columns. */
export function rowsLayout(
  roles: readonly Layout['columns'][number]['role'][],
  change: Partial<Layout> = {},
): Layout {
  const counters = new Map<string, number>();
  const columns = roles.map((role, index) => {
    const n = (counters.get(role) ?? 0) + 1;
    counters.set(role, n);
    return {
      column: String.fromCharCode(65 + index),
      heading: `${role} ${n}`,
      role,
      ...(role === 'option' || role === 'verdict' || role === 'weight' || role === 'wrong'
        ? { n }
        : {}),
    };
  });
  return {
    id: 'layout',
    name: 'Form',
    version: 1,
    shape: 'rows',
    file: {
      format: 'csv',
      separator: ',',
      newline: 'crlf',
      encoding: 'utf-8',
      quote: 'minimal',
      headingRow: 1,
      firstRow: 2,
    },
    columns,
    key: { style: 'letter' },
    kinds: [],
    limits: {},
    ...change,
  };
}

export const table = (text: string, file = 'source.txt'): Table => readDelimitedText(file, text);
/** Gathers text as from the clipboard. */
export const gathered = (text: string, overrule: Parameters<typeof gatherTable>[1] = {}) =>
  gatherTable(table(text), overrule, { id: counter() });
export const demo = (name: string): Uint8Array =>
  new Uint8Array(readFileSync(new URL(`../public/demo/${name}`, import.meta.url)));
/** The first sixty questions of the demo; tests count them. */
export const demoBank = (): Item[] =>
  (JSON.parse(new TextDecoder().decode(demo('bank.json'))) as { items: Item[] }).items.slice(0, 60);

/** Text as people and programs write it, with what tends to break files. */
export const anyText = fc
  .oneof(
    { weight: 6, arbitrary: fc.stringMatching(/^[A-Za-z][A-Za-z ,.'?-]{2,40}[a-z?]$/) },
    {
      weight: 2,
      arbitrary: fc.constantFrom(
        '=1+1',
        '@x',
        '-5',
        '+3 apples',
        "'quoted",
        '"said"',
        'a,b;c|d',
        'two\nlines',
        '00123',
        '1/2',
        '<b>bold</b>',
        '_x0041_',
        'naïve café',
        '\u{1F6A2} boat',
        'e\u0301clair',
        "'=1+1",
        '100 %',
        '#REF!',
      ),
    },
  )
  .map((text) => text.trim());

/** A finished question of the kinds of this slice. */
export const anyItem: fc.Arbitrary<Item> = fc
  .record({
    kind: fc.constantFrom('choice-one', 'choice-many', 'true-false', 'short', 'card'),
    stem: anyText,
    texts: fc.uniqueArray(anyText, { minLength: 3, maxLength: 7 }),
    right: fc.integer({ min: 0, max: 2 }),
    second: fc.boolean(),
    points: fc.option(fc.integer({ min: 1, max: 9 }), { nil: undefined }),
    seconds: fc.option(fc.integer({ min: 5, max: 200 }), { nil: undefined }),
  })
  .map(({ kind, stem, texts, right, second, points, seconds }): Item => {
    const base = {
      id: `r${stem.length}-${texts.join('').length}`,
      ref: 'R-1',
      stem: { plain: stem },
      ...(points !== undefined ? { points } : {}),
      ...(seconds !== undefined ? { seconds } : {}),
    };
    if (kind === 'card') {
      return { ...base, kind, accepted: [texts[0]!] };
    }
    if (kind === 'short') {
      return { ...base, kind, accepted: texts.slice(0, second ? 2 : 1) };
    }
    if (kind === 'true-false') {
      return {
        ...base,
        kind,
        options: [
          { text: { plain: 'True' }, right: second },
          { text: { plain: 'False' }, right: !second },
        ],
      };
    }
    return {
      ...base,
      kind,
      options: texts.map((plain, index) => ({
        text: { plain },
        right:
          index === right ||
          (kind === 'choice-many' && second && index === (right + 1) % texts.length),
      })),
    };
  });

/** Numbers items so that ids and references are unique. */
export const numbered = (items: readonly Item[]): Item[] =>
  items.map((one, index) => ({ ...one, id: `item-${index}`, ref: `R-${index + 1}` }));
