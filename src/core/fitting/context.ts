// What a layout can carry, worked out once and asked for every question.
import type { CellValue, Column, Kind, Layout, Role } from '../model';
import type { Deck } from './deck';

/** What a question says in each role, the first text for the role's first place. */
export type Sayings = Partial<Record<Role, (CellValue | undefined)[]>>;

export type Context = {
  layout: Layout;
  having(role: Role): Column[];
  optionSlots: number;
  /** Whether the key can name several right options. */
  manyKeys: boolean;
  /** The receiver's kinds with their codes; `undefined` code where it has no word for the kind. */
  accepts(kind: Kind): boolean;
  codeOf(kind: Kind): string | undefined;
  /** Whether the file has a place for texts of this role. */
  carries(role: Role): boolean;
  roles: ReadonlySet<Role>;
  /** The columns that a question may fill, each with its place among those of its role. */
  places: readonly { column: Column; place: number }[];
  /** Whether cells land in plain text, where a spreadsheet program might run them. */
  plainText: boolean;
  /** Whether bold, raised signs and links survive. */
  keepsFormatting: boolean;
  /** Whether the file's encoding holds only the 256 signs of Windows-1252. */
  narrow: boolean;
  /** Whether no cell of a plain question can refuse it or change it, so that its state is known without them. */
  sureCells: boolean;
  /** Other cards, whose definitions may serve as distractors. */
  deck: Deck;
};

const MANY = new Set<Layout['key']['style']>(['marker', 'verdict', 'weight']);
const ALL_TEXTS: ReadonlySet<Role> = new Set<Role>([
  'stem',
  'option',
  'title',
  'explanation',
  'feedback',
  'category',
  'accepted',
]);

/** Kinds that the columns alone can carry, where the receiver names none. */
function kindsByColumns(
  layout: Layout,
  roles: ReadonlySet<Role>,
  slots: number,
  many: boolean,
): Set<Kind> {
  if (layout.key.style === 'word') {
    return new Set(['true-false']);
  }
  if (layout.shape === 'grid') {
    return new Set(['short', 'card']);
  }
  const kinds = new Set<Kind>();
  if (slots > 0) {
    kinds.add('choice-one').add('true-false');
    if (many) {
      kinds.add('choice-many');
    }
  }
  if (slots === 0 && roles.has('accepted')) {
    kinds.add('card').add('short');
  }
  if (roles.has('value')) {
    kinds.add('number');
  }
  if (roles.has('pair') || roles.has('left')) {
    kinds.add('match');
  }
  if (roles.has('step')) {
    kinds.add('order');
  }
  if (roles.has('lines') || (slots === 0 && !kinds.size)) {
    kinds.add('open');
  }
  if (roles.has('endings')) {
    kinds.add('upload');
  }
  return kinds;
}

/** The roles that a layout has a place for, whatever its shape. */
function rolesOf({ shape, columns, lines, marks }: Layout): ReadonlySet<Role> {
  if (shape === 'marked-text') {
    return new Set<Role>([
      'stem',
      'option',
      ...(marks?.titleOpen ? ['title' as const] : []),
      ...(marks?.feedback ? ['feedback' as const] : []),
      ...(marks?.category ? ['category' as const] : []),
      ...(marks?.pair ? ['pair' as const] : []),
    ]);
  }
  if (shape === 'grid') {
    return new Set<Role>(['stem', 'accepted', 'category', 'points']);
  }
  if (shape === 'package') {
    return ALL_TEXTS;
  }
  return new Set([
    ...columns.map((column) => column.role),
    ...(lines ?? []).flatMap((line) => line.cells.map((cell) => cell.role)),
  ]);
}

/** How many options a question may have in this layout; 0 where it has no place for any. */
function slotsOf(layout: Layout, roles: ReadonlySet<Role>, having: Context['having']): number {
  if (layout.shape === 'marked-text' || layout.shape === 'package') {
    return 26;
  }
  if (layout.shape === 'blocks') {
    const own = layout.lines!.filter((line) => line.role === 'option').length;
    return own === 1 ? 26 : own;
  }
  if (roles.has('options') || roles.has('wrongs')) {
    return 26;
  }
  return having('option').length + having('right').length + having('wrong').length;
}

const LISTED_ELSEWHERE = new Set<Role>(['seconds', 'kind', 'verdict', 'key']);
const LIMITED_ELSEWHERE = new Set<Role>([
  'stem',
  'option',
  'hint',
  'explanation',
  'title',
  'accepted',
  'right',
  'wrong',
  'feedback',
]);
const JOINED = new Set<Role>(['options', 'wrongs', 'pair']);

/** What a column asks of its cells beyond what texts and options have been through already. */
const isSureColumn = ({ role, required, values, max }: Column): boolean =>
  !required &&
  !(values?.length && !LISTED_ELSEWHERE.has(role)) &&
  !(max && !LIMITED_ELSEWHERE.has(role)) &&
  !JOINED.has(role);

/** The context of a layout; `deck` are the cards that may lend distractors. */
export function contextOf(layout: Layout, deck: Deck): Context {
  const by = new Map<Role, Column[]>();
  for (const column of layout.columns) {
    by.set(column.role, [...(by.get(column.role) ?? []), column]);
  }
  for (const list of by.values()) {
    list.sort((a, b) => (a.n ?? 0) - (b.n ?? 0));
  }
  const having = (role: Role): Column[] => by.get(role) ?? [];
  const roles = rolesOf(layout);
  const optionSlots = slotsOf(layout, roles, having);
  const many =
    MANY.has(layout.key.style) ||
    layout.shape === 'marked-text' ||
    layout.shape === 'package' ||
    (['letter', 'number', 'number-from-0', 'text'].includes(layout.key.style) &&
      (layout.key.separator !== undefined ||
        layout.kinds.some(({ kind }) => kind === 'choice-many')));
  const codes = new Map(layout.kinds.map(({ kind, code }) => [kind, code]));
  const byColumns = codes.size ? undefined : kindsByColumns(layout, roles, optionSlots, many);
  const { format, encoding } = layout.file;
  return {
    layout,
    having,
    optionSlots,
    manyKeys: many,
    deck,
    accepts: (kind) => byColumns?.has(kind) ?? codes.has(kind),
    codeOf: (kind) => codes.get(kind),
    carries: (role) => roles.has(role),
    roles,
    places: layout.columns
      .filter(({ role }) => role !== 'ignore' && role !== 'number-in-file')
      .map((column) => ({
        column,
        place: having(column.role).length === 1 ? 0 : having(column.role).indexOf(column),
      })),
    plainText:
      layout.shape !== 'marked-text' &&
      layout.shape !== 'package' &&
      (format === 'csv' || format === 'tsv' || format === 'txt'),
    keepsFormatting: layout.shape === 'package',
    sureCells:
      layout.shape === 'rows' &&
      !(layout.key.style === 'text' && roles.has('key')) &&
      encoding !== 'windows-1252' &&
      layout.columns.every(isSureColumn),
    narrow:
      encoding === 'windows-1252' && (format === 'csv' || format === 'tsv' || format === 'txt'),
  };
}

/** How many options the receiver takes, by its limit and by the places that the file has. */
export const mostOptions = ({ layout, optionSlots }: Context): number =>
  Math.min(layout.limits.optionsMax ?? 26, optionSlots || 26);
