// The roles of columns without headings, from what their cells hold and where they stand.
import type { Role } from '../../model';
import { saysKinds, type Profile } from './profile';
import { defined } from '../defined';

export type Headless = { profile: Profile; role: Role; n?: number; because: string; sure: boolean };

const filledCells = (profile: Profile): string => `${profile.filled} of ${profile.rows} cells`;

/** Expects a number, a kind, the stem, the options (with verdicts between them), the key, then seconds or points. */
export function guessWithoutHeadings(profiles: readonly Profile[]): Headless[] {
  const drafts: Headless[] = profiles.map((profile) => ({
    profile,
    role: 'ignore',
    because: 'nothing shows what it is for',
    sure: false,
  }));
  const set = (draft: Headless | undefined, role: Role, because: string, n?: number): void => {
    if (draft) {
      Object.assign(draft, defined({ role, because, sure: true, n: n || undefined }));
    }
  };
  const filled = drafts.filter(({ profile }) => profile.filled > 0);
  let rest = filled;
  if (rest.length > 2 && rest[0]!.profile.counts) {
    set(rest[0], 'number-in-file', 'it counts up from row to row');
    rest = rest.slice(1);
  }
  if (rest.length > 2 && rest[0]!.profile.ticks > 0.9) {
    set(rest[0], 'pick', 'its cells hold a mark or nothing');
    rest = rest.slice(1);
  }
  if (rest.length > 2 && saysKinds(rest[0]!.profile)) {
    set(rest[0], 'kind', `${filledCells(rest[0]!.profile)} name a kind of question`);
    rest = rest.slice(1);
  }
  if (rest.length === 2 && rest[1]!.profile.letters < 0.7 && rest[1]!.profile.verdicts < 0.7) {
    set(rest[0], 'stem', 'there are two columns of text, and this is the first');
    set(rest[1], 'accepted', 'there are two columns of text, and this is the second');
    return drafts;
  }
  const stem =
    rest.find(({ profile }) => profile.questions > 0.4) ??
    [...rest].sort((a, b) => b.profile.averageLength - a.profile.averageLength)[0];
  set(
    stem,
    'stem',
    stem && stem.profile.questions > 0.4
      ? `${Math.round(stem.profile.questions * 100)} % of its cells end in a question mark`
      : 'its texts are the longest',
  );
  afterStem(rest.slice(rest.indexOf(stem!) + 1), set);
  return drafts;
}

function afterStem(
  rest: Headless[],
  set: (draft: Headless | undefined, role: Role, because: string, n?: number) => void,
): void {
  let options = 0;
  for (let i = 0; i < rest.length; i++) {
    const { profile } = rest[i]!;
    const next = rest[i + 1];
    if (next && next.profile.verdicts > 0.8 && profile.verdicts < 0.8) {
      set(rest[i], 'option', 'a column of right or wrong follows it', ++options);
      set(next, 'verdict', `${filledCells(next.profile)} say right or wrong`, options);
      i++;
    } else if (options > 1 && profile.letters > 0.8) {
      set(
        rest[i],
        'key',
        `${filledCells(profile)} are letters from A to ${String.fromCharCode(64 + options)}`,
      );
    } else if (options > 1 && profile.integers > 0.8 && profile.largest <= options) {
      set(rest[i], 'key', `${filledCells(profile)} are numbers up to ${options}`);
    } else if (options > 1 && profile.integers > 0.8) {
      set(
        rest[i],
        profile.smallest >= 5 ? 'seconds' : 'points',
        `${filledCells(profile)} are numbers past the options`,
      );
    } else {
      set(rest[i], 'option', 'it stands between the question and its key', ++options);
    }
  }
}
