// Words that say right or wrong, yes or no, true or false, in the languages this program reads.
import { alike } from '../normalise';
import { TRUE_FALSE } from './verdict-pairs';

export { verdictPair } from './verdict-pairs';

const RIGHT = new Set([
  'correct',
  'right',
  'true',
  'yes',
  'y',
  'ok',
  't',
  'x',
  '1',
  '✓',
  '✔',
  '☑',
  'richtig',
  'wahr',
  'ja',
  'r',
  'w',
  'vrai',
  'juste',
  'bon',
  'oui',
  'verdadero',
  'correcto',
  'sí',
  'si',
  'vero',
  'giusto',
  'corretto',
  'sì',
  'waar',
  'goed',
  'juist',
  'verdadeiro',
  'certo',
  'correto',
  'sim',
  'gwir',
  'cywir',
  'ie',
]);
const WRONG = new Set([
  'incorrect',
  'wrong',
  'false',
  'no',
  'n',
  'f',
  '0',
  '✗',
  '✘',
  '☐',
  'falsch',
  'nein',
  'faux',
  'non',
  'falso',
  'incorrecto',
  'sbagliato',
  'onwaar',
  'fout',
  'onjuist',
  'nee',
  'errado',
  'incorreto',
  'não',
  'anwir',
  'anghywir',
  'na',
  'nage',
]);
/** The words of the pairs that say the same wherever they stand. */
const LONE: ReadonlyMap<string, boolean> = (() => {
  const said = new Map<string, boolean>();
  const mixed = new Set<string>();
  for (const pair of TRUE_FALSE) {
    pair.forEach((word, index) => {
      if (said.has(word) && said.get(word) !== (index === 0)) {
        mixed.add(word);
      }
      said.set(word, index === 0);
    });
  }
  mixed.forEach((word) => said.delete(word));
  return said;
})();

/** Whether a word says right (true) or wrong (false); undefined where it says neither. */
export function verdictOf(text: string): boolean | undefined {
  const word = alike(text);
  if (RIGHT.has(word)) {
    return true;
  }
  if (WRONG.has(word)) {
    return false;
  }
  return LONE.get(word) ?? negated(word);
}

/** "Not" in front of a word that says right: 'niet waar', 'nicht richtig', 'not true'. */
const NOT = /^(?:not|nicht|niet|pas|non|no|nao|ikke|inte|nie|ddim yn)\s+(\S+)$/u;
function negated(word: string): false | undefined {
  const own = NOT.exec(word)?.[1];
  return own !== undefined && (RIGHT.has(own) || LONE.get(own) === true) ? false : undefined;
}

/** Whether two option texts are a pair such as True and False, and whether the true one stands first. */
export function trueFalsePair(first: string, second: string): { trueFirst: boolean } | undefined {
  const [a, b] = [alike(first), alike(second)];
  for (const [yes, no] of TRUE_FALSE) {
    if (a === yes && b === no) {
      return { trueFirst: true };
    }
    if (a === no && b === yes) {
      return { trueFirst: false };
    }
  }
  return undefined;
}

/** A letter with what may stand around it. */
const LONGEST_LETTER = 6;

/** The first pair of words for true and false that two letters stand for, in their order: 'F', 'R' gives 'falsch', 'richtig'. */
export function trueFalseInitials(first: string, second: string): [string, string] | undefined {
  if (!first || !second || first.length > LONGEST_LETTER || second.length > LONGEST_LETTER) {
    return undefined;
  }
  const [a, b] = [alike(first), alike(second)];
  if (a.length !== 1 || b.length !== 1) {
    return undefined;
  }
  const ofFirst = TRUE_FALSE.find(([yes, no]) => yes.startsWith(a) && no.startsWith(b));
  const turned = TRUE_FALSE.find(([yes, no]) => no.startsWith(a) && yes.startsWith(b));
  if (ofFirst) {
    return [ofFirst[0], ofFirst[1]];
  }
  return turned && [turned[1], turned[0]];
}

/** A text in small or capital letters as another is written: "Ja" and "nein" give "Nein". */
export function styledLike(word: string, text: string): string {
  if (word === word.toUpperCase() && word.length > 1) {
    return text.toUpperCase();
  }
  return /^\p{Lu}/u.test(word) ? text[0]!.toUpperCase() + text.slice(1) : text;
}

/** The pair of words that a lone word belongs to, in its own letter case: 'VRAI' gives 'VRAI', 'FAUX'. */
export function trueFalseWords(
  word: string,
): { words: [string, string]; isTrue: boolean } | undefined {
  const bare = alike(word);
  const pair = TRUE_FALSE.find(([yes, no]) => bare === yes || bare === no);
  if (!pair) {
    return undefined;
  }
  const [yes, no] = pair.map((text) => styledLike(word, text)) as [string, string];
  return { words: [yes, no], isTrue: bare === pair[0] };
}
