// What a layout can carry, worked out once and asked for every question.
import type { CellValue, Column, Kind, Layout, Role } from '../model';
import { isFilled } from '../shared/roles';
import { inOneRow, type Home } from '../shared/row-for-each';
import { kindsByColumns, MOST_OPTIONS, optionSlotsOf, rolesOf } from './carries';
import { layoutFor, ruleFor } from './by-kind';
import type { Deck } from './deck';
import { FITTED, LISTED_ELSEWHERE } from './held-elsewhere';
import { groupBy } from '../shared/group-by';

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
  /** Where columns that stand for parts of a question go, if those have rows of their own. */
  homes: ReadonlyMap<string, Home>;
  /** Whether cells land in plain text, where a spreadsheet program might run them. */
  plainText: boolean;
  /** Whether bold, raised signs and links survive. */
  keepsFormatting: boolean;
  /** Whether the file's encoding holds only the 256 signs of Windows-1252. */
  narrow: boolean;
  /** Whether no cell of a plain question can refuse it or change it, so that its state is known without them. */
  sureCells: boolean;
  /** The context of a question's kind, where the layout has rules for that kind alone. */
  forKind(kind: Kind): Context;
  /** Whether typed answers carry the sign of right options, as a rule for this kind says. */
  signsAnswers: boolean;
  /** Other cards, whose definitions may serve as distractors. */
  deck: Deck;
};

const MANY = new Set<Layout['key']['style']>(['marker', 'verdict', 'weight']);
const JOINED = new Set<Role>(['options', 'wrongs', 'pair']);

/** What a column asks of its cells beyond what texts and options have been through already. */
const isSureColumn = ({ role, required, values, max }: Column): boolean =>
  !required &&
  !(values?.length && !LISTED_ELSEWHERE.has(role)) &&
  !(max && !FITTED.has(role)) &&
  !JOINED.has(role);

/** The columns of each role, in the order of their numbers. */
function columnsByRole({ columns }: Layout): Context['having'] {
  const byRole = groupBy(
    [...columns].sort((a, b) => (a.n ?? 0) - (b.n ?? 0)),
    ({ role }) => role,
  );
  return (role) => byRole.get(role) ?? [];
}

const TEXT_FORMATS = new Set<Layout['file']['format']>(['csv', 'tsv', 'txt']);
/** Notations of one cell, which name several right options where a sign stands between them. */
const ONE_CELL_KEYS = new Set<Layout['key']['style']>([
  'letter',
  'number',
  'number-from-0',
  'text',
]);

/** Whether the key can name several right options. */
function namesSeveral({ key, shape, kinds }: Layout): boolean {
  if (MANY.has(key.style) || shape === 'marked-text' || shape === 'package') {
    return true;
  }
  const isMeant = key.separator !== undefined || kinds.some(({ kind }) => kind === 'choice-many');
  return ONE_CELL_KEYS.has(key.style) && isMeant;
}

/** Whether no cell of a plain question can refuse it or change it. */
const hasSureCells = ({ shape, key, file, columns }: Layout, roles: ReadonlySet<Role>): boolean =>
  shape === 'rows' &&
  !(key.style === 'text' && roles.has('key')) &&
  file.encoding !== 'windows-1252' &&
  columns.every(isSureColumn);

/** The columns that a question fills, each with its place among those of its role. */
const placesOf = ({ columns }: Layout, having: Context['having']): Context['places'] =>
  columns
    .filter(({ role }) => isFilled(role))
    .map((column) => {
      const alike = having(column.role);
      return { column, place: alike.length === 1 ? 0 : alike.indexOf(column) };
    });

/** The context of a layout; `deck` are the cards that may lend distractors. */
export function contextOf(layout: Layout, deck: Deck): Context {
  const base = contextOfAll(layout, deck);
  const accepts = (kind: Kind): boolean => base.accepts(kind);
  const own = new Map<Kind, Context>();
  for (const rule of layout.byKind ?? []) {
    const context = contextOfAll(layoutFor(layout, rule), deck);
    const signsAnswers = rule.key?.style === 'marker';
    own.set(rule.kind, Object.assign(context, { accepts, signsAnswers }));
  }
  base.forKind = (kind) => own.get(kind) ?? base;
  return base;
}

/** What holds for all kinds of a layout. */
function contextOfAll(told: Layout, deck: Deck): Context {
  const { layout, homes } = inOneRow(told);
  const { shape, file } = layout;
  const having = columnsByRole(layout);
  const roles = rolesOf(layout);
  const optionSlots = optionSlotsOf(layout, roles);
  const manyKeys = namesSeveral(layout);
  const codes = new Map(layout.kinds.map(({ kind, code }) => [kind, code]));
  const byColumns = codes.size
    ? undefined
    : kindsByColumns({ layout, roles, slots: optionSlots, manyKeys });
  const isText = TEXT_FORMATS.has(file.format);
  const context: Context = {
    layout,
    having,
    optionSlots,
    manyKeys,
    deck,
    accepts: (kind) =>
      (byColumns?.has(kind) ?? codes.has(kind)) ||
      (!codes.size && ruleFor(layout, kind) !== undefined),
    forKind: () => context,
    signsAnswers: false,
    codeOf: (kind) => codes.get(kind),
    carries: (role) => roles.has(role),
    roles,
    places: placesOf(layout, having),
    homes,
    plainText: isText && shape !== 'marked-text' && shape !== 'package',
    keepsFormatting: shape === 'package',
    sureCells: hasSureCells(layout, roles),
    narrow: isText && file.encoding === 'windows-1252',
  };
  return context;
}

/** How many options the receiver takes, by its limit and by the places that the file has. */
export const mostOptions = ({ layout, optionSlots }: Context): number =>
  Math.min(layout.limits.optionsMax ?? MOST_OPTIONS, optionSlots || MOST_OPTIONS);
