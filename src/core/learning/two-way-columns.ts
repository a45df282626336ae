// Columns that say one of two things: which words the receiver has for them.
import { quoted } from '../shared/plain';
import { isTwoWay, waysBeside, waysIn, waysOf, type TwoWay, type Ways } from '../shared/two-ways';
import type { Column } from '../model';
import { offered } from './offered';
import { say } from '../shared/say';

type Told = Column & { because: string; sure: boolean };

/** Where a form may name the words of a column, the surest first; samples are what stands in its own rows. */
export type WordsAround = {
  heading: string;
  sayings: readonly string[];
  sampled: readonly string[];
};

const isBoth = ({ yes, no }: Ways): boolean => yes !== undefined && no !== undefined;

/** The two words that a form offers in its heading, its note or its explanation. */
const wordsOffered = (role: TwoWay, { heading, sayings }: WordsAround): string[] | undefined =>
  [heading, ...sayings].flatMap(offered).find((words) => isBoth(waysIn(role, words, heading)));

/** The two words of which samples show one or both; `isSeen` where both stand there. */
function wordsSampled(
  role: TwoWay,
  sampled: readonly string[],
): { words: string[]; isSeen: boolean } | undefined {
  const seen = [...new Set(sampled.filter(Boolean))];
  if (seen.length === 2 && isBoth(waysIn(role, seen))) {
    return { words: seen, isSeen: true };
  }
  const [only] = seen;
  const pair = only !== undefined && seen.length === 1 ? waysBeside(role, only) : undefined;
  return pair && { words: [...pair], isSeen: false };
}

/** A column of two ways with the receiver's words for them; any other column as it was. */
export function withWays<T extends Told>(column: T, around: WordsAround): T {
  const { role, values } = column;
  if (!isTwoWay(role)) {
    return column;
  }
  if (values?.length) {
    return isBoth(waysIn(role, values))
      ? column
      : {
          ...column,
          sure: false,
          because: say('{because}; which of its words says what is not told', {
            because: column.because,
          }),
        };
  }
  const told = wordsOffered(role, around);
  if (told) {
    return { ...column, values: told };
  }
  const shown = wordsSampled(role, around.sampled);
  if (shown?.isSeen) {
    return { ...column, values: shown.words };
  }
  const { yes, no } = waysOf(role, { ...column, ...(shown ? { values: shown.words } : {}) });
  return {
    ...column,
    ...(shown ? { values: shown.words } : {}),
    sure: false,
    because: say('{because}; its words are not named, {yes} and {no} are written', {
      because: column.because,
      yes: quoted(yes),
      no: quoted(no),
    }),
  };
}
