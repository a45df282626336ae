// Which columns make a table of questions together: breaking a rule costs, it does not forbid.
import { roleOfMeaning, type Meaning } from './contract';
import type { Role } from '../model';

type Counts = (role: Role) => number;

/** What each broken rule costs, in nats. */
const RULES: readonly { costs: number; isBroken: (count: Counts) => boolean }[] = [
  { costs: 2, isBroken: (count) => count('stem') === 0 },
  { costs: 2.5, isBroken: (count) => count('wrong') + count('wrongs') > 0 && count('right') === 0 },
  {
    costs: 1.5,
    isBroken: (count) =>
      count('right') > 0 && count('wrong') + count('wrongs') + count('option') === 0,
  },
  { costs: 4, isBroken: (count) => count('option') === 1 },
  { costs: 1, isBroken: (count) => count('option') > 12 },
  {
    costs: 2,
    isBroken: (count) => count('verdict') > 0 && count('option') === 0 && count('verdict') !== 2,
  },
  {
    costs: 1.5,
    isBroken: (count) =>
      count('verdict') > 0 && count('option') > 0 && count('verdict') !== count('option'),
  },
  { costs: 1.5, isBroken: (count) => count('weight') > 0 && count('weight') !== count('option') },
  { costs: 2, isBroken: (count) => count('left') !== count('right-side') },
  {
    costs: 2,
    isBroken: (count) =>
      count('key') > 0 &&
      count('left') + count('step') > 0 &&
      count('option') + count('options') === 0,
  },
  { costs: 1, isBroken: (count) => count('feedback') > 1 && count('option') === 0 },
  { costs: 1, isBroken: (count) => count('tolerance') + count('unit') > 0 && count('value') === 0 },
  { costs: 4, isBroken: (count) => count('image-alt') > 0 && count('image') === 0 },
  { costs: 1.5, isBroken: (count) => count('key') > 0 && count('right') > 0 },
  { costs: 1.5, isBroken: (count) => count('options') > 0 && count('option') > 0 },
];

/** What it costs, in nats, that cards offer choices. */
const OFFERED = 3;

/** What it costs, in nats, that a column of what belongs to an option stands apart from the options. */
const STRAYS = 3;
/** What is said of one option each. */
const OF_OPTIONS: readonly Role[] = ['weight', 'verdict'];
const BESIDE_OPTION: ReadonlySet<Role | undefined> = new Set(['option', 'feedback', ...OF_OPTIONS]);

/** Whether most columns of what is said of options stand behind their option, and one does not. */
function hasStray(roles: readonly Role[], role: Role): boolean {
  const behind = roles.flatMap((one, at) => (one === role ? [roles[at - 1]] : []));
  const apart = behind.filter((before) => before === role || !BESIDE_OPTION.has(before)).length;
  return apart > 0 && apart * 2 < behind.length;
}

/** What the rules say of a table whose columns have these meanings, in nats; 0 where none is broken. */
export function grammar(meanings: readonly Meaning[]): number {
  const counts = new Map<Role, number>();
  const roles = meanings.map(roleOfMeaning);
  for (const role of roles) {
    counts.set(role, (counts.get(role) ?? 0) + 1);
  }
  const count: Counts = (role) => counts.get(role) ?? 0;
  // Cards have two sides and nothing to choose from.
  const areCards = meanings.includes('term') && meanings.includes('definition');
  const offers = areCards && (counts.get('option') ?? 0) + (counts.get('options') ?? 0) > 0;
  const strays = OF_OPTIONS.filter((role) => hasStray(roles, role)).length;
  const unordered = (offers ? OFFERED : 0) + STRAYS * strays;
  return RULES.reduce(
    (sum, { costs, isBroken }) => sum - (isBroken(count) ? costs : 0),
    0 - unordered,
  );
}
