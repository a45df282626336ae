// What a layout has places for: roles, options, kinds.
import { hasBounds } from '../shared/bounds';
import { saysOnlyTruth } from '../shared/ticked-pair';
import type { Kind, Layout, Role } from '../model';
import { rolesOfPattern } from '../shared/pattern-roles';

const OPTION_ROLES = new Set<Role>(['option', 'right', 'wrong']);
const ALL_TEXTS: ReadonlySet<Role> = new Set<Role>([
  'stem',
  'option',
  'title',
  'explanation',
  'feedback',
  'category',
  'accepted',
]);

type Places = {
  layout: Layout;
  roles: ReadonlySet<Role>;
  /** How many options there is room for. */
  slots: number;
  /** Whether the key can name several right options. */
  manyKeys: boolean;
};

/** Which kinds the columns of rows and blocks can carry, and by what. */
const CARRIED_BY: readonly (readonly [Kind, (places: Places) => boolean])[] = [
  ['choice-one', ({ slots }) => slots > 0],
  ['true-false', ({ slots }) => slots > 0],
  ['choice-many', ({ slots, manyKeys }) => slots > 0 && manyKeys],
  ['card', ({ slots, roles }) => slots === 0 && roles.has('accepted')],
  ['short', ({ slots, roles }) => slots === 0 && roles.has('accepted')],
  ['number', ({ roles, layout }) => roles.has('value') || hasBounds(layout.columns)],
  ['match', ({ roles }) => roles.has('pair') || roles.has('left')],
  ['order', ({ roles }) => roles.has('step')],
  ['upload', ({ roles }) => roles.has('endings')],
  ['open', ({ roles }) => roles.has('lines')],
];

/** Kinds that the columns alone can carry, where the receiver names none. */
export function kindsByColumns(places: Places): Set<Kind> {
  const { layout, slots } = places;
  if (saysOnlyTruth(layout)) {
    return new Set(['true-false']);
  }
  if (layout.shape === 'grid') {
    return new Set(['short', 'card']);
  }
  const kinds = new Set(CARRIED_BY.flatMap(([kind, can]) => (can(places) ? [kind] : [])));
  // A file with no place for any answer takes questions that are answered in one's own words.
  if (slots === 0 && [...kinds].every((kind) => kind === 'upload')) {
    kinds.add('open');
  }
  return kinds;
}

/** Marked text always says question and options; for other roles it needs a sign. */
function rolesOfMarks(marks: Layout['marks']): ReadonlySet<Role> {
  const signs: Partial<Record<Role, string | undefined>> = {
    title: marks?.titleOpen,
    feedback: marks?.feedbackAt === 'question' ? undefined : marks?.feedback,
    explanation: marks?.feedbackAt === 'question' ? marks.feedback : undefined,
    category: marks?.category,
    pair: marks?.pair,
    ...Object.fromEntries((marks?.fields ?? []).map(({ field, sign }) => [field, sign])),
  };
  const named = Object.entries(signs).flatMap(([role, sign]) => (sign ? [role as Role] : []));
  return new Set<Role>(['stem', 'option', ...named]);
}

/** The roles that a layout has a place for, whatever its shape. */
export function rolesOf({ shape, columns, lines, marks, pattern }: Layout): ReadonlySet<Role> {
  if (shape === 'marked-text') {
    return pattern ? new Set(rolesOfPattern(pattern)) : rolesOfMarks(marks);
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

/** The letters of the alphabet; where nothing else binds, a question has no more options than those. */
export const MOST_OPTIONS = 26;

/** How many options a question may have in this layout; 0 where it has no place for any. */
export function optionSlotsOf(layout: Layout, roles: ReadonlySet<Role>): number {
  switch (layout.shape) {
    case 'marked-text':
    case 'package':
      return MOST_OPTIONS;
    case 'blocks': {
      const count = (role: Role): number =>
        layout.lines!.filter((line) => line.role === role).length;
      // One line of options, or of wrong ones, is repeated as often as there are options.
      return count('option') === 1 || count('wrong') === 1
        ? MOST_OPTIONS
        : count('option') + count('right') + count('wrong');
    }
    default: {
      if (roles.has('options') || roles.has('wrongs')) {
        return MOST_OPTIONS;
      }
      return layout.columns.filter(({ role }) => OPTION_ROLES.has(role)).length;
    }
  }
}
