// Fields that say one of two things, in the words of whoever wrote the file or made the form.
import type { Column, Item, Role } from '../model';
import { defined } from './defined';
import { bareWords } from './normalise';
import { styledLike, trueFalseWords, verdictOf, verdictPair } from './vocabulary/verdicts';

export const TWO_WAYS = ['shuffle', 'across', 'use'] as const;
/** Shuffled or as given, across or down, scored or for practice. */
export type TwoWay = (typeof TWO_WAYS)[number];
/** The words for the one way and the other; one of them may be unknown. */
export type Ways = { yes?: string; no?: string };

/** Our own words, for a receiver that names none. */
const OWN: Readonly<Record<TwoWay, Required<Ways>>> = {
  shuffle: { yes: 'yes', no: 'no' },
  across: { yes: 'across', no: 'down' },
  use: { yes: 'scored', no: 'practice' },
};

/** Common practice, no source. */
const YES: Readonly<Record<TwoWay, RegExp>> = {
  shuffle:
    /\b(?:random\w*|shuffled?|mixed|zufall\w*|gemischt|aleatoi?r\w*|willekeurig|casual\w*)\b/u,
  across:
    /\b(?:across|horizontal\p{L}*|row|nebeneinander|waagerecht|quer|cote a cote|ligne|naast elkaar|fila|riga|orizzontal\p{L}*|lado a lado|bredvid\p{L}*|side)\b/u,
  use: /\b(?:scored?|graded?|marked|test|exam\p{L}*|prufung|bewertet|benotet|note\p{L}*|evalua\p{L}*|valutat\p{L}*|toets|beoordeeld|avaliad\p{L}*)\b/u,
};
const NO: Readonly<Record<TwoWay, RegExp>> = {
  shuffle:
    /\b(?:fixed|unshuffled|keep (?:the )?order|in order|as given|as written|fest|fixe|fijo|vast|fisso|fixo)\b/u,
  across:
    /\b(?:down|vertical\p{L}*|columns?|below|untereinander|senkrecht|colonne|onder elkaar|columna|verticale|abaixo)\b/u,
  use: /\b(?:practi[cs]e|training|rehears\p{L}*|ubung\p{L}*|uben|entrainement|exercice|practica|oefen\p{L}*|esercit\p{L}*|treino|pratica)\b/u,
};

/** Words that stand for the two ways beside one another, the one that says yes first. */
const BESIDE: Readonly<Record<TwoWay, readonly (readonly [string, string])[]>> = {
  shuffle: [
    ['random', 'fixed'],
    ['shuffled', 'fixed'],
  ],
  across: [
    ['across', 'down'],
    ['horizontal', 'vertical'],
    ['row', 'column'],
    ['nebeneinander', 'untereinander'],
  ],
  use: [
    ['scored', 'practice'],
    ['graded', 'practice'],
    ['test', 'practice'],
    ['exam', 'practice'],
  ],
};

/** The two words of which one is shown; undefined where it is no word of a known two. */
export function waysBeside(role: TwoWay, word: string): [yes: string, no: string] | undefined {
  const bare = bareWords(word);
  const known = BESIDE[role].find((pair) => pair.includes(bare));
  return known
    ? [styledLike(word, known[0]), styledLike(word, known[1])]
    : trueFalseWords(word)?.words;
}

/** Whether a role says one of two things. */
export const isTwoWay = (role: Role): role is TwoWay =>
  (TWO_WAYS as readonly Role[]).includes(role);

/** Which way a text names by its words; undefined where it names neither or both. */
function wayNamed(role: TwoWay, text: string): boolean | undefined {
  const words = bareWords(text);
  const [yes, no] = [YES[role].test(words), NO[role].test(words)];
  return yes === no ? undefined : yes;
}

/** Whether a yes below a heading means the other way: "Practice", "Options down". */
const isTurned = (role: TwoWay, heading: string): boolean => wayNamed(role, heading) === false;

/** Which way a word means below its heading: true for shuffled, across, scored; undefined where it says neither. */
export function wayMeant(role: TwoWay, text: string, heading = ''): boolean | undefined {
  const named = wayNamed(role, text);
  const verdict = named === undefined ? verdictOf(text) : undefined;
  return named ?? (verdict === undefined ? undefined : verdict !== isTurned(role, heading));
}

/** The words of a list for the two ways; one that can't be told is left out. */
export function waysIn(role: TwoWay, list: readonly string[], heading = ''): Ways {
  const pair = verdictPair(list);
  if (pair) {
    const [yes, no] = [pair.right, pair.wrong];
    return isTurned(role, heading) ? { yes: no, no: yes } : { yes, no };
  }
  const meant = (way: boolean): string | undefined => {
    const [word, ...more] = list.filter((listed) => wayMeant(role, listed, heading) === way);
    return more.length ? undefined : word;
  };
  const [yes, no] = [meant(true), meant(false)];
  // Of two words the one that is left says the other way.
  const other = (word: string | undefined): string | undefined =>
    word !== undefined && list.length === 2 ? list.find((listed) => listed !== word) : undefined;
  return defined({ yes: yes ?? other(no), no: no ?? other(yes) });
}

/** The words that a column takes: the receiver's own where it has some, else ours. */
export const waysOf = (
  role: TwoWay,
  { values, heading }: Pick<Column, 'values' | 'heading'> = {},
): Required<Ways> => ({
  ...OWN[role],
  ...(values?.length ? waysIn(role, values, heading) : {}),
});

/** Which way a cell says in the words of its column; undefined where it is empty or says neither. */
export function waySaid(
  role: TwoWay,
  text: string,
  column: Pick<Column, 'values' | 'heading'> | undefined,
): boolean | undefined {
  if (!text) {
    return undefined;
  }
  const { yes, no } = waysOf(role, column);
  return text === yes || text === no ? text === yes : undefined;
}

/** What a question is for, by whether it is scored. */
export function useBy(isScored: boolean | undefined): Item['use'] {
  if (isScored === undefined) {
    return undefined;
  }
  return isScored ? 'scored' : 'practice';
}
