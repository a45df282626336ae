// One part of a form from the lines of a sample that show it: what stands around its text, and what is within.
import type { Part } from '../../model';
import { defined } from '../../shared/defined';
import type { Blocks } from './blocks';
import { countsBlocks, type Class } from './classes';
import type { LineRole } from './words';
import type { Told } from './told';
import { isLettered } from './ways';
import { WITHIN } from './within';

/** A sample with its kinds of lines by their keys. */
export type Sample = { blocks: Blocks; classes: ReadonlyMap<string, Class> };

const RUNS: ReadonlySet<LineRole> = new Set([
  'option',
  'right',
  'wrong',
  'step',
  'accepted',
  'pair',
  'feedbacks',
]);

/** Counters in front as the receiver counts; undefined where they do not count. */
function beforeOf(own: Class, role: LineRole, blocks: Blocks): string | undefined {
  const { before, lines } = own;
  const isLetter = isLettered(own);
  if (!isLetter && !before.includes('{#}')) {
    return before;
  }
  if (RUNS.has(role)) {
    return before.replace('{#}', isLetter ? '{n}' : '{1}');
  }
  if (!isLetter && countsBlocks(own, blocks)) {
    return before.replace('{#}', '{n}');
  }
  const counters = new Set(lines.map(({ counter }) => counter));
  return counters.size === 1 && !isLetter
    ? before.replace('{#}', String([...counters][0]))
    : undefined;
}

type Shown = { role: LineRole; before: string; after?: string };

/** What stands around the lines of a part, each way once; undefined where counters in front do not count. */
function waysOf(lines: readonly Told[], { classes, blocks }: Sample): Shown[] | undefined {
  const ways = new Map(lines.map((line) => [line.key, line]));
  const shown = [...ways.values()].map(({ key, role }) => {
    const own = classes.get(key)!;
    const before = beforeOf(own, role, blocks);
    return before === undefined
      ? []
      : [{ role, before, ...(own.after ? { after: own.after } : {}) }];
  });
  return shown.every((one) => one.length) ? shown.flat() : undefined;
}

/** What looks the same on both says nothing of right and wrong. */
const isSame = (right: Shown, wrong: Shown | undefined): boolean =>
  wrong?.before === right.before && wrong.after === right.after;

/** What stands around the texts of a part, right and wrong ones apart; undefined where it is more than that. */
function aroundIn(
  lines: readonly Told[],
  sample: Sample,
): Pick<Part, 'before' | 'after' | 'wrong'> | undefined {
  const ways = waysOf(lines, sample);
  const right = ways?.find(({ role }) => role !== 'wrong') ?? ways?.[0];
  const wrong = ways?.find((one) => one.role === 'wrong' && one !== right);
  if (!ways || !right || isSame(right, wrong) || ways.length > (wrong ? 2 : 1)) {
    return undefined;
  }
  const { role: _role, ...around } = right;
  if (!wrong) {
    return around;
  }
  const { role: _wrong, ...aroundWrong } = wrong;
  return { ...around, wrong: aroundWrong };
}

/** Whether one line of feedback stands below all options of each question: it is said of none of them. */
function isBelowAll(all: readonly (readonly Told[])[]): boolean {
  const options = all.map((block) => block.filter(({ part }) => part === 'option'));
  return (
    all.length > 1 &&
    options.every(
      (own) =>
        own.at(-1)?.role === 'feedback' &&
        own.filter(({ role }) => role === 'feedback').length === 1,
    )
  );
}

/** Whether the lines of a part say nothing that is written by them: feedback of all options together, or of none that a label names. */
function saysNothing(
  role: Part['role'],
  around: Pick<Part, 'before'>,
  all: readonly (readonly Told[])[],
): boolean {
  return role === 'feedbacks' ? !/\{[aA1]\}/u.test(around.before) : isBelowAll(all);
}

type Shows = { all: readonly (readonly Told[])[]; above: readonly string[]; sample: Sample };

/** A part of a form as its lines show it. `all` are the questions of that form, `above` the lines that stand above it. */
export function partFrom(role: Part['role'], { all, above, sample }: Shows): Part | undefined {
  const lines = all.flat().filter(({ part }) => part === role);
  const whole = lines.filter((line) => line.role !== 'feedback');
  const filled = whole.filter(({ text }) => text);
  const own = filled.length ? filled : whole;
  const told = lines.find((line) => line.role === 'feedback');
  const around = aroundIn(own, sample);
  if (!around || saysNothing(role, around, all)) {
    return undefined;
  }
  const within = WITHIN[role]?.(own, all, sample.classes.get(own[0]!.key)!) ?? {};
  return defined({
    role,
    ...around,
    one: own.map((line) => line.one).find(Boolean),
    above: above.length ? [...above] : undefined,
    isKept: own.length < whole.length || undefined,
    ...(told ? { feedbackLine: { before: told.before } } : within),
  });
}
