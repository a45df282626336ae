// Rules for single kinds, found by trial: the rule under which the samples of a kind come out to the letter holds for it.
import type { Kind, KindRule, Layout, Role, Sheet, Table } from '../model';
import { OPTION_ROLES } from '../learning';
import { kindName } from '../shared/kind-names';
import { textsOfRole } from '../shared/role-texts';
import { sheetOfLayout } from '../shared/sheet';
import { alike } from '../shared/normalise';
import { trueFalseInitials, trueFalseWords, verdictOf } from '../shared/vocabulary/verdicts';
import { MOST_SAMPLES, sampleDifferences } from './samples';
import { say } from '../shared/say';

type Learned = { layout: Layout; because: Record<string, string>; unsure: string[] };
/** A sample row of a kind; rows count from 1. */
type Sample = { row: number; cells: readonly string[] };

/** Kinds that are written like the rest, whatever a blank says. */
const USUAL: ReadonlySet<Kind> = new Set<Kind>(['choice-one', 'choice-many', 'match', 'order']);
const SIGN = /^[^\p{L}\p{N}\s"'“„«([{.,;:–—-]{1,2}/u;

const cellsOf = ({ columns }: Layout, role: Role, { cells }: Sample): string[] =>
  textsOfRole(columns, role, cells);

/** The kind of a sample: by the receiver's word for it, else by a key that is a word beside empty options. */
function kindOf(layout: Layout, sample: Sample): Kind | undefined {
  const [code = ''] = cellsOf(layout, 'kind', sample);
  const named = layout.kinds.find((kind) => alike(kind.code) === alike(code))?.kind;
  if (named || code) {
    return named;
  }
  const hasOptions = OPTION_ROLES.some((role) => cellsOf(layout, role, sample).some(Boolean));
  const [key = ''] = cellsOf(layout, 'key', sample);
  if (hasOptions || !key || !layout.columns.some(({ role }) => role === 'option')) {
    return undefined;
  }
  return verdictOf(key) === undefined ? undefined : 'true-false';
}

function samplesByKind(sheet: Sheet | undefined, layout: Layout): Map<Kind, Sample[]> {
  const [first, end] = layout.file.sample ?? [1, 0];
  const last = Math.min(end, first + MOST_SAMPLES - 1);
  const byKind = new Map<Kind, Sample[]>();
  for (let row = first; row <= last; row++) {
    const sample: Sample = { row, cells: sheet?.rows[row - 1] ?? [] };
    const kind = kindOf(layout, sample);
    if (kind && !USUAL.has(kind)) {
      byKind.set(kind, [...(byKind.get(kind) ?? []), sample]);
    }
  }
  return byKind;
}

/** Roles of options that all samples of a kind leave empty, and the key where they have answers in the place of options. */
function leftEmpty(layout: Layout, samples: readonly Sample[]): Role[] {
  const isEmpty = (role: Role): boolean =>
    samples.every((sample) => cellsOf(layout, role, sample).every((text) => !text));
  const empty = [...OPTION_ROLES, 'key' as const].filter(
    (role) => layout.columns.some((column) => column.role === role) && isEmpty(role),
  );
  const areAnswers = !isEmpty('options') || !isEmpty('option');
  return areAnswers ? empty : empty.filter((role) => role !== 'key');
}

/** Letters that stand for true alone or for one of two words, with the one for the other; common practice, no source. */
const LETTERS: Readonly<Record<string, string>> = { T: 'F', V: 'F' };

/** The letters for true and for false, where the keys are such. */
function letterKey(keys: readonly string[]): KindRule['key'] {
  const [first = '', second = LETTERS[first.toUpperCase()] ?? '', ...others] = new Set(keys);
  const [yes, no] = trueFalseInitials(first, second) ?? [];
  if (yes === undefined || no === undefined || others.length) {
    return undefined;
  }
  const isRight = verdictOf(yes) === true;
  const other = first === first.toLowerCase() ? second.toLowerCase() : second;
  return { style: 'word', right: isRight ? first : other, wrong: isRight ? other : first };
}

/** What a sample says in its key, or in the place of its options where these are a single one and the key has no column. */
function wordIn(layout: Layout, sample: Sample): string {
  if (layout.columns.some(({ role }) => role === 'key')) {
    return cellsOf(layout, 'key', sample)[0] ?? '';
  }
  const [only = '', ...others] = cellsOf(layout, 'option', sample).filter(Boolean);
  return others.length ? '' : only;
}

/** The words for true and false, where the keys of all samples are such words, or their letters. */
function wordKey(layout: Layout, samples: readonly Sample[]): KindRule['key'] {
  const keys = samples.map((sample) => wordIn(layout, sample));
  const letters = letterKey(keys);
  if (letters) {
    return letters;
  }
  const right = keys.find((key) => verdictOf(key) === true);
  const wrong = keys.find((key) => verdictOf(key) === false);
  if (keys.some((key) => verdictOf(key) === undefined)) {
    return undefined;
  }
  const [yes, no] = trueFalseWords(keys[0] ?? '')?.words ?? [];
  const both = { right: right ?? yes, wrong: wrong ?? no };
  return both.right && both.wrong
    ? { style: 'word', right: both.right, wrong: both.wrong }
    : undefined;
}

/** The sign with which every answer of the samples begins. */
function signKey(layout: Layout, samples: readonly Sample[]): KindRule['key'] {
  const answers = samples.flatMap((sample) =>
    [...cellsOf(layout, 'option', sample), ...cellsOf(layout, 'accepted', sample)].filter(Boolean),
  );
  const sign = SIGN.exec(answers[0] ?? '')?.[0];
  return sign && answers.every((text) => text.startsWith(sign))
    ? { style: 'marker', marker: sign }
    : undefined;
}

function candidatesFor(kind: Kind, layout: Layout, samples: readonly Sample[]): KindRule[] {
  const leave = leftEmpty(layout, samples);
  const word = kind === 'true-false' ? wordKey(layout, samples) : undefined;
  const sign = kind === 'true-false' ? undefined : signKey(layout, samples);
  return [
    ...(leave.length ? [{ kind, leave }] : []),
    ...(word ? [{ kind, key: word, ...(leave.length ? { leave } : {}) }] : []),
    ...(sign ? [{ kind, key: sign }] : []),
  ];
}

const withoutRule = (layout: Layout, kind: Kind): Layout => ({
  ...layout,
  byKind: layout.byKind?.filter((rule) => rule.kind !== kind),
});

const withRule = (layout: Layout, rule: KindRule): Layout => ({
  ...layout,
  byKind: [...(withoutRule(layout, rule.kind).byKind ?? []), rule],
});

/** How many cells of some samples would come out otherwise. */
function faults(table: Table, layout: Layout, samples: readonly Sample[]): number {
  const rows = new Set(samples.map(({ row }) => row));
  return sampleDifferences(table, layout).filter(({ cell }) =>
    rows.has(Number(/\d+$/.exec(cell)?.[0])),
  ).length;
}

/** The layout with the rule for a kind under which most of its samples come out; as it is where none is better. */
function tried(table: Table, layout: Layout, kind: Kind, samples: readonly Sample[]): Layout {
  let best = layout;
  let least = faults(table, layout, samples);
  for (const rule of [undefined, ...candidatesFor(kind, layout, samples)]) {
    const next = rule ? withRule(layout, rule) : withoutRule(layout, kind);
    // A sign before each answer comes out as it stands under any rule, as if it were part of the answer.
    const isSign = rule?.key?.style === 'marker';
    const left = least > 0 || isSign ? faults(table, next, samples) : least;
    if (left < least || (isSign && left === least)) {
      [best, least] = [next, left];
    }
  }
  return best;
}

/** A learned layout with the rules for single kinds that its samples show; what only sentences say stays as they say it. */
export function withKindRules<T extends Learned>(learned: T, table: Table): T {
  const { file, shape } = learned.layout;
  if (shape !== 'rows' || !file.sample) {
    return learned;
  }
  const sheet = sheetOfLayout(table, learned.layout);
  let { layout } = learned;
  const because = { ...learned.because };
  for (const [kind, samples] of samplesByKind(sheet, layout)) {
    const next = tried(table, layout, kind, samples);
    if (next !== layout) {
      because[`byKind.${kind}`] = say('the samples of {kind} come out as they stand so', {
        kind: kindName(kind),
      });
    }
    layout = next;
  }
  return { ...learned, layout, because };
}
