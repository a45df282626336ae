// What each column of a source means: by its heading first, by its cells where the heading is silent.
import type { Column, Role } from '../model';
import { columnLetters } from '../shared/cells';
import { bareWords } from '../shared/normalise';
import { count, quoted } from '../shared/plain';
import { profileColumn, type Profile } from '../shared/table/profile';
import { guessWithoutHeadings } from '../shared/table/headless';
import { readSilent } from './silent/index';
import type { Region } from '../shared/table/region';
import { namesLanguage, roleOfHeading } from '../shared/vocabulary/headings';

export type ColumnGuess = Column & { because: string; sure: boolean };
type Draft = {
  profile: Profile;
  heading: string;
  role: Role;
  n?: number;
  tag?: string;
  because: string;
  sure: boolean;
};

const filledCells = (profile: Profile): string => `${profile.filled} of ${profile.rows} cells`;

function fromHeading(profile: Profile, heading: string): Draft | undefined {
  const guess = heading ? roleOfHeading(heading) : undefined;
  if (!guess) {
    return undefined;
  }
  return {
    profile,
    heading,
    role: guess.role,
    ...(guess.n !== undefined ? { n: guess.n } : {}),
    ...(guess.role === 'tag' ? { tag: heading.trim().toLowerCase() } : {}),
    sure: guess.sure,
    because: `its heading is ${quoted(heading, 40)}`,
  };
}

/** A column that names itself by what it holds, whatever stands beside it. */
function fromCells(profile: Profile): Pick<Draft, 'role' | 'because'> | undefined {
  if (profile.links > 0.8) {
    return { role: 'image', because: `${filledCells(profile)} are links` };
  }
  if (profile.ticks > 0.9 && profile.filled < profile.rows && profile.distinct <= 2) {
    return { role: 'pick', because: `${filledCells(profile)} hold a mark` };
  }
  return undefined;
}

/** Numbers the options, verdicts and weights in the order of their columns; a count from 0 moves up by one. */
function numberPlaces(drafts: Draft[]): void {
  for (const role of [
    'option',
    'verdict',
    'weight',
    'feedback',
    'wrong',
    'pair',
    'left',
    'right-side',
    'step',
    'tag',
  ] as const) {
    const own = drafts.filter((draft) => draft.role === role);
    const places = own.map((draft) => draft.n);
    const clear = places.every((n) => n !== undefined) && new Set(places).size === own.length;
    const least = clear ? Math.min(...places) : 0;
    own.forEach((draft, index) => {
      draft.n = clear ? draft.n! - (least === 0 ? -1 : 0) : index + 1;
    });
  }
}

/** Lone letters or numbers above columns are options for sure where they follow one another. */
function trustSequence(drafts: Draft[]): void {
  const own = drafts.filter((draft) => draft.role === 'option');
  if (
    own.some(({ n }) => n !== undefined) &&
    own.length > 1 &&
    own.every(
      (draft, index) =>
        index === 0 || draft.n === undefined || draft.n === (own[index - 1]!.n ?? 0) + 1,
    )
  ) {
    own.forEach((draft) => {
      draft.sure = true;
    });
  }
}

const RIGHT_SIDE =
  /^(?:right|right side|rechts|droite|derecha|destra|direita|de)(?: \d{1,2}| [a-j])?$/;

/** Beside columns named "left", one named "right" holds the other halves of pairs, not the key. */
function settleSides(drafts: Draft[]): void {
  if (!drafts.some((draft) => draft.role === 'left')) {
    return;
  }
  for (const draft of drafts) {
    if (
      (draft.role === 'key' || draft.role === 'ignore') &&
      RIGHT_SIDE.test(bareWords(draft.heading))
    ) {
      draft.role = 'right-side';
      draft.n = Number(/\d+/.exec(draft.heading)?.[0] ?? 0) || undefined;
    }
  }
}

/** A column named "options" or "choices" whose cells hold several texts each. */
function settleLists(bare: Draft[], change: (draft: Draft, role: Role) => void): void {
  const lists = bare.filter((draft) => draft.profile.lists > 0.6);
  if (lists.length !== 1) {
    return;
  }
  change(lists[0]!, 'options');
  lists[0]!.because = `${filledCells(lists[0]!.profile)} hold several texts each`;
  lists[0]!.sure = true;
}

/** As many columns for the key as for options, each with ticks or words: they say right or wrong option by option. */
function settleTicks(keys: Draft[], options: number): void {
  if (
    keys.length < 2 ||
    keys.length !== options ||
    !keys.every(
      ({ profile }) => profile.filled === 0 || profile.ticks > 0.9 || profile.verdicts > 0.9,
    )
  ) {
    return;
  }
  keys.forEach((draft, index) => {
    Object.assign(draft, {
      role: 'verdict',
      n: index + 1,
      sure: true,
      because: 'there is one such column for each option',
    });
  });
}

/** Roles that only make sense beside others, put right once all columns are known. */
function settle(drafts: Draft[]): void {
  const have = (role: Role): Draft[] => drafts.filter((draft) => draft.role === role);
  const change = (draft: Draft, role: Role): void => {
    draft.role = role;
  };
  settleSides(drafts);
  settleLists(
    have('option').filter((draft) => draft.n === undefined),
    change,
  );
  // A lone "Answer" beside options that are numbered or lettered is the key.
  const bare = have('option').filter((draft) => draft.n === undefined);
  if (
    bare.length === 1 &&
    (have('option').length > 2 || have('options').length > 0) &&
    !have('key').length
  ) {
    change(bare[0]!, 'key');
    bare[0]!.sure = true;
  }
  if (have('verdict').length && !have('option').length) {
    have('verdict').forEach((draft) => change(draft, 'key'));
  }
  if ((have('wrongs').length || have('wrong').length) && !have('option').length) {
    have('key')
      .slice(0, 1)
      .forEach((draft) => change(draft, 'right'));
  }
  if (!have('option').length && !have('options').length && have('step').length > 1) {
    return;
  }
  const lone = have('option');
  if (lone.length === 1 && !lone[0]!.n) {
    change(lone[0]!, have('key').length ? 'options' : 'accepted');
  }
  const wrong = have('wrong');
  if (wrong.length === 1 && wrong[0]!.profile.lists > 0.5) {
    change(wrong[0]!, 'wrongs');
  }
  const silent = drafts.filter(
    (draft) =>
      draft.role === 'ignore' &&
      draft.heading &&
      draft.profile.verdicts > 0.9 &&
      draft.profile.filled > 1,
  );
  settleTicks(have('key').length > 1 ? have('key') : silent, have('option').length);
  const sides = drafts.filter((draft) => draft.role === 'ignore' && namesLanguage(draft.heading));
  if (sides.length === 2 && drafts.length === 2) {
    change(sides[0]!, 'stem');
    change(sides[1]!, 'accepted');
    for (const side of sides) {
      side.sure = true;
      side.because = 'two languages head the two sides of cards';
    }
  }
  const said = drafts.filter(
    (draft) => draft.role === 'ignore' && draft.profile.filled > 1 && draft.profile.verdicts > 0.9,
  );
  if (
    said.length === 1 &&
    !have('key').length &&
    !have('option').length &&
    !have('options').length &&
    !have('accepted').length &&
    !have('right').length
  ) {
    change(said[0]!, 'key');
    said[0]!.because = 'its cells say right or wrong';
  }
  for (const one of ['stem', 'key', 'kind', 'points', 'seconds', 'right'] as const) {
    const own = have(one);
    if (own.length < 2) {
      continue;
    }
    // Two columns of the same name: the surer, then the fuller, then the first keeps it.
    const keeper = [...own].sort(
      (a, b) => Number(b.sure) - Number(a.sure) || b.profile.filled - a.profile.filled,
    )[0];
    own
      .filter((draft) => draft !== keeper)
      .forEach((draft) => {
        change(draft, 'ignore');
        draft.because = `another column is the ${one} already`;
      });
  }
  for (const draft of have('kind')) {
    if (
      draft.profile.kinds < 0.3 &&
      draft.profile.filled > 2 &&
      draft.profile.distinct === draft.profile.filled
    ) {
      change(draft, 'ref');
    }
  }
  const numbered = have('number-in-file')[0];
  if (
    numbered &&
    !numbered.profile.counts &&
    numbered.profile.integers < 0.9 &&
    numbered.profile.filled > 0
  ) {
    change(numbered, 'ref');
  }
}

/** A source with headings but none for the question: the column with the longest texts is taken, and said to be unsure. */
function findStem(drafts: Draft[]): void {
  if (drafts.some((draft) => draft.role === 'stem')) {
    return;
  }
  const open = drafts.filter(
    (draft) =>
      ['ignore', 'title', 'accepted', 'options'].includes(draft.role) && draft.profile.filled > 0,
  );
  const longest = open.sort(
    (a, b) =>
      b.profile.questions - a.profile.questions ||
      b.profile.averageLength - a.profile.averageLength,
  )[0];
  if (longest) {
    Object.assign(longest, {
      role: 'stem',
      sure: false,
      because: 'no heading names the question, and its texts are the longest',
    });
  }
}

/** The guess for every column of a region, from its left; `first` is the first row of content, from 0. */
export function guessColumns(
  region: Region,
  headingRow: number | null,
  first: number,
): ColumnGuess[] {
  const profiles: Profile[] = [];
  for (let c = region.left; c <= region.right; c++) {
    profiles.push(profileColumn(region, c, first));
  }
  const drafts: Draft[] =
    headingRow === null
      ? guessWithoutHeadings(profiles).map((guess) => ({ ...guess, heading: '' }))
      : profiles.map((profile): Draft => {
          const heading = region.cell(headingRow, profile.column);
          const own = fromCells(profile);
          return (
            fromHeading(profile, heading) ?? {
              profile,
              heading,
              role: own?.role ?? 'ignore',
              sure: Boolean(own) || profile.filled === 0,
              because:
                own?.because ??
                (heading
                  ? `the heading ${quoted(heading, 40)} names nothing known here`
                  : profile.filled
                    ? 'it has no heading'
                    : 'it is empty'),
            }
          );
        });
  if (headingRow !== null) {
    readSilent(region, first, drafts);
    settle(drafts);
    trustSequence(drafts);
    findStem(drafts);
  }
  numberPlaces(drafts);
  return drafts
    .filter((draft) => draft.profile.filled > 0 || draft.heading)
    .map(({ profile, heading, role, n, tag, because, sure }) => ({
      column: columnLetters(profile.column),
      role,
      because,
      sure,
      ...(heading ? { heading } : {}),
      ...(n !== undefined && role !== 'ignore' ? { n } : {}),
      ...(tag && role === 'tag' ? { tag } : {}),
    }));
}

/** 'B to E' for a list of columns, as messages write it. */
export const columnsSpan = (columns: readonly Column[]): string =>
  columns.length > 1
    ? `columns ${columns[0]!.column} to ${columns.at(-1)!.column}`
    : columns.length
      ? `column ${columns[0]!.column}`
      : count(0, 'column');
