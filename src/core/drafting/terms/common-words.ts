// Words that are common in a language and tell nothing of what a text is about.
import { ces, dan, deu, eng, fin, fra, ita, nld, nob, pol, por, spa, swe } from 'stopword';
import { bareWords } from '../../shared/normalise';

const LISTS: readonly (readonly string[])[] = [
  eng,
  deu,
  fra,
  spa,
  ita,
  nld,
  por,
  swe,
  dan,
  nob,
  fin,
  pol,
  ces,
];

/** English words that join or place, and that the list lacks. */
const MORE = [
  'beside',
  'besides',
  'beneath',
  'within',
  'without',
  'upon',
  'towards',
  'toward',
  'across',
  'along',
  'around',
  'among',
  'whose',
  'round',
  'onto',
  'behind',
  'used',
];

const SETS = LISTS.map((list) => new Set(list.flatMap((word) => bareWords(word).split(' '))));

/** The common words of the language that the texts are in, told by whose common words they have most of. */
export function commonWordsOf(texts: readonly string[]): ReadonlySet<string> {
  const words = texts.flatMap((text) => bareWords(text).split(' '));
  const counts = SETS.map((set) => words.filter((word) => set.has(word)).length);
  const most = counts.indexOf(Math.max(...counts));
  return most === 0 ? new Set([...SETS[0]!, ...MORE]) : SETS[most]!;
}
