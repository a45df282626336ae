// Plain layouts to begin with, named by what they do. Headings, order and limits are of our own making.
import type { Column, Kind, Layout, Role } from '../model';
import { columnLetters } from '../shared/cells';
import { isCounted } from '../shared/roles';
import { toSay } from '../shared/say';

type Spec = [heading: string, role: Role, more?: Partial<Column>];

/** Columns from A on; options, verdicts and the like are numbered in their order. */
function columnsOf(specs: readonly Spec[]): Column[] {
  const counts = new Map<Role, number>();
  return specs.map(([heading, role, more], index) => {
    const n = (counts.get(role) ?? 0) + 1;
    counts.set(role, n);
    return {
      column: columnLetters(index),
      heading,
      role,
      ...(isCounted(role) ? { n } : {}),
      ...more,
    };
  });
}

const some = (n: number, spec: (n: number) => Spec[]): Spec[] =>
  Array.from({ length: n }, (_, index) => spec(index + 1)).flat();
const base = (id: string, name: string, file: Layout['file'], change: Partial<Layout>): Layout => ({
  id: `starter-${id}`,
  name,
  version: 1,
  shape: 'rows',
  file,
  columns: [],
  key: { style: 'letter' },
  kinds: [],
  limits: {},
  ...change,
});
const sheet = (
  format: 'xlsx' | 'ods',
  name: string,
  change: Partial<Layout['file']> = {},
): Layout['file'] => ({
  format,
  sheet: name,
  headingRow: 1,
  firstRow: 2,
  firstColumn: 'A',
  ...change,
});
const csv = (change: Partial<Layout['file']> = {}): Layout['file'] => ({
  format: 'csv',
  encoding: 'utf-8-bom',
  separator: ';',
  newline: 'crlf',
  quote: 'minimal',
  headingRow: 1,
  firstRow: 2,
  firstColumn: 'A',
  ...change,
});
const uncoded = (...kinds: Kind[]): Layout['kinds'] => kinds.map((kind) => ({ kind, code: '' }));

const EVERY: readonly Kind[] = [
  'choice-one',
  'choice-many',
  'true-false',
  'match',
  'order',
  'short',
  'number',
  'gap',
  'open',
  'upload',
];
const packageOf = (
  id: string,
  name: string,
  standard: NonNullable<Layout['file']['standard']>,
  kinds: readonly Kind[],
): Layout =>
  base(id, name, { format: 'zip', standard }, { shape: 'package', kinds: uncoded(...kinds) });

/** The starter layouts, in the order in which they are offered. */
export const STARTERS: readonly Layout[] = [
  base(
    'lettered',
    toSay('Lettered key'),
    sheet('xlsx', 'Questions', {
      headingRow: 3,
      firstRow: 4,
      cells: [{ cell: 'B1', role: 'set-title' }],
    }),
    {
      columns: columnsOf([
        ['Question', 'stem'],
        ...some(5, (n) => [[`Option ${n}`, 'option']]),
        ['Right option (letter; several: A,C)', 'key'],
        ['Points', 'points'],
        ['Explanation', 'explanation'],
      ]),
      key: { style: 'letter', separator: ',' },
      limits: {
        stem: 220,
        option: 90,
        explanation: 300,
        optionsMin: 2,
        optionsMax: 5,
        perFile: 200,
      },
    },
  ),
  base('numbered', toSay('Numbered key'), sheet('xlsx', 'Questions'), {
    columns: columnsOf([
      ['No.', 'number-in-file'],
      ['Question', 'stem'],
      ['Right option (number; several: 1+3)', 'key'],
      ...some(4, (n) => [[`Option ${n}`, 'option']]),
      ['Seconds', 'seconds'],
    ]),
    key: { style: 'number', separator: '+' },
    limits: {
      stem: 130,
      option: 70,
      optionsMin: 2,
      optionsMax: 4,
      perFile: 60,
      seconds: [15, 25, 40, 60, 90],
    },
  }),
  base('starred', toSay('Starred option'), csv(), {
    columns: columnsOf([
      ['Ref', 'ref'],
      ['Question', 'stem'],
      ...some(6, (n) => [[`Option ${n} (* in front of a right one)`, 'option']]),
      ['Category', 'category'],
      ['Hint', 'hint'],
    ]),
    key: { style: 'marker', marker: '*' },
    limits: { optionsMax: 6 },
  }),
  base(
    'verdicts',
    toSay('Verdict after each option'),
    {
      format: 'tsv',
      encoding: 'utf-8',
      separator: '\t',
      newline: 'crlf',
      quote: 'minimal',
      headingRow: 1,
      firstRow: 2,
      firstColumn: 'A',
    },
    {
      columns: columnsOf([
        ['Question', 'stem'],
        ...some(
          5,
          (n) =>
            [
              [`Option ${n}`, 'option'],
              [`Verdict ${n} (right or wrong)`, 'verdict'],
            ] as Spec[],
        ),
        ['Points', 'points'],
      ]),
      key: { style: 'verdict', right: 'right', wrong: 'wrong' },
      limits: { optionsMax: 5 },
    },
  ),
  base('weights', toSay('Weights'), sheet('ods', 'Questions'), {
    columns: columnsOf([
      ['Ref', 'ref'],
      ['Question', 'stem'],
      ...some(
        5,
        (n) =>
          [
            [`Option ${n}`, 'option'],
            [`Per cent ${n}`, 'weight'],
          ] as Spec[],
      ),
      ['Explanation', 'explanation'],
      ['Tags (a comma between them)', 'tags', { separator: ',' }],
    ]),
    key: { style: 'weight' },
    limits: { stem: 400, optionsMax: 5 },
  }),
  base(
    'right-and-rest',
    toSay('Right one and the rest'),
    csv({ separator: ',', encoding: 'utf-8' }),
    {
      columns: columnsOf([
        ['Question', 'stem'],
        ['Right answer', 'right'],
        ['Wrong answers (a bar | between them)', 'wrongs', { separator: '|' }],
        ['Points', 'points'],
        ['Category', 'category'],
        ['Picture', 'image'],
      ]),
      key: { style: 'right-column' },
    },
  ),
  base(
    'cards',
    toSay('Cards in two columns'),
    {
      format: 'tsv',
      encoding: 'utf-8',
      separator: '\t',
      newline: 'crlf',
      quote: 'minimal',
      headingRow: 1,
      firstRow: 2,
      firstColumn: 'A',
    },
    {
      columns: columnsOf([
        ['Term', 'stem'],
        ['Definition', 'accepted'],
      ]),
      key: { style: 'text' },
      kinds: uncoded('card'),
    },
  ),
  base(
    'board',
    toSay('Categories by levels'),
    { format: 'xlsx', sheet: 'Board' },
    {
      shape: 'grid',
      key: { style: 'text' },
      kinds: uncoded('short'),
      limits: { stem: 100, option: 60 },
      grid: {
        categoryRow: 1,
        levelColumn: 'A',
        firstColumn: 'B',
        lastColumn: 'G',
        levels: ['1', '2', '3', '4', '5'],
        levelRows: [2, 4, 6, 8, 10],
        answer: 'below',
        categories: some(6, (n) => [[`Category ${n}`, 'category']]).map(([heading]) => heading),
      },
    },
  ),
  base(
    'marked-text',
    toSay('Marked text'),
    { format: 'txt', encoding: 'utf-8', newline: 'lf' },
    {
      shape: 'marked-text',
      key: { style: 'marker', marker: '»' },
      kinds: uncoded('choice-one', 'choice-many', 'true-false', 'match'),
      limits: { stem: 400, option: 160, optionsMin: 2, optionsMax: 8 },
      marks: {
        right: '»',
        wrong: '·',
        optionLabel: 'none',
        stemLabel: 'none',
        between: 'blank-line',
        titleOpen: '‹',
        titleClose: '›',
        category: '§',
        feedback: '→',
        pair: '⇌',
        comment: '%%',
        escape: '\\',
      },
    },
  ),
  base('paste', toSay('Block to paste'), sheet('xlsx', 'Questions'), {
    columns: columnsOf([
      ['Question', 'stem'],
      ...some(4, (n) => [[`Option ${n}`, 'option']]),
      ['Right option (text)', 'key'],
    ]),
    key: { style: 'text' },
    limits: { optionsMax: 4 },
    pasteAt: 'A2',
  }),
  packageOf('qti-3.0', toSay('QTI 3.0 package'), 'qti-3.0', EVERY),
  packageOf('qti-2.1', toSay('QTI 2.1 package'), 'qti-2.1', EVERY),
  packageOf('common-cartridge-1.3', 'Common Cartridge 1.3', 'common-cartridge-1.3', [
    'choice-one',
    'choice-many',
    'true-false',
    'short',
    'open',
  ]),
];
