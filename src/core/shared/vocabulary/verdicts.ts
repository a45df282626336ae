// Words that say right or wrong, yes or no, true or false, in the languages this program reads.
import { alike } from '../normalise';

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
const TRUE_FALSE: readonly (readonly [string, string])[] = [
  ['true', 'false'],
  ['wahr', 'falsch'],
  ['richtig', 'falsch'],
  ['stimmt', 'stimmt nicht'],
  ['wahr', 'unwahr'],
  ['vrai', 'faux'],
  ['juste', 'faux'],
  ['verdadero', 'falso'],
  ['cierto', 'falso'],
  ['vero', 'falso'],
  ['waar', 'onwaar'],
  ['waar', 'niet waar'],
  ['juist', 'onjuist'],
  ['juist', 'fout'],
  ['goed', 'fout'],
  ['verdadeiro', 'falso'],
  ['certo', 'errado'],
  ['gwir', 'anwir'],
  ['yes', 'no'],
  ['ja', 'nein'],
  ['oui', 'non'],
  ['sí', 'no'],
  ['sì', 'no'],
  ['ja', 'nee'],
  ['ja', 'nej'],
  ['ja', 'nei'],
  ['sim', 'não'],
  ['tak', 'nie'],
  ['ano', 'ne'],
  ['áno', 'nie'],
  ['da', 'ne'],
  ['da', 'nu'],
  ['igen', 'nem'],
  ['evet', 'hayır'],
  ['kyllä', 'ei'],
  ['right', 'wrong'],
  ['correct', 'incorrect'],
  ['correct', 'wrong'],
  ['fact', 'fiction'],
  ['correct', 'faux'],
  ['exact', 'inexact'],
  ['bon', 'mauvais'],
  ['bonne', 'mauvaise'],
  ['correcto', 'incorrecto'],
  ['correcta', 'incorrecta'],
  ['bien', 'mal'],
  ['giusto', 'sbagliato'],
  ['corretto', 'errato'],
  ['correto', 'incorreto'],
  ['prawda', 'fałsz'],
  ['dobrze', 'źle'],
  ['sant', 'falskt'],
  ['rätt', 'fel'],
  ['sandt', 'falsk'],
  ['rigtigt', 'forkert'],
  ['riktig', 'feil'],
  ['sant', 'usant'],
  ['rett', 'galt'],
  ['totta', 'tarua'],
  ['oikein', 'väärin'],
  ['pravda', 'nepravda'],
  ['pravda', 'lež'],
  ['správně', 'špatně'],
  ['správne', 'nesprávne'],
  ['točno', 'netočno'],
  ['adevărat', 'fals'],
  ['corect', 'greșit'],
  ['doğru', 'yanlış'],
  ['igaz', 'hamis'],
  ['helyes', 'helytelen'],
  ['cywir', 'anghywir'],
];
/** Short forms mean something only beside one another: W is true beside F and wrong beside R. */
const SHORT_PAIRS: readonly (readonly [string, string])[] = [
  ['t', 'f'],
  ['r', 'w'],
  ['w', 'f'],
  ['r', 'f'],
  ['v', 'f'],
  ['c', 'f'],
  ['c', 'e'],
  ['g', 'f'],
  ['w', 'o'],
  ['j', 'o'],
  ['p', 'f'],
  ['s', 'f'],
  ['d', 'y'],
  ['i', 'h'],
  ['y', 'n'],
  ['j', 'n'],
  ['o', 'n'],
  ['s', 'n'],
  ['t', 'n'],
  ['c', 'i'],
  ['ri', 'fa'],
  ['ok', 'no'],
  ['ok', 'nok'],
  ['1', '0'],
  ['1', '-1'],
  ['+', '-'],
  ['✓', '✗'],
  ['✔', '✘'],
  ['✔', '✗'],
  ['✓', '✘'],
  ['✓', 'x'],
  ['☑', '☐'],
  ['☑', '☒'],
  ['✅', '❌'],
  ['x', '-'],
  ['x', 'o'],
];

/** Of two words or signs, which says right and which says wrong; undefined where they are not known as a pair. */
export function verdictPair(
  words: readonly string[],
): { right: string; wrong: string } | undefined {
  if (words.length !== 2) {
    return undefined;
  }
  const [a, b] = [alike(words[0]!), alike(words[1]!)];
  for (const [right, wrong] of [...TRUE_FALSE, ...SHORT_PAIRS]) {
    if ((a === right && b === wrong) || (a === wrong && b === right)) {
      return a === right
        ? { right: words[0]!, wrong: words[1]! }
        : { right: words[1]!, wrong: words[0]! };
    }
  }
  // A word and the same word with something that denies it in front, "korrekt" and "inkorrekt".
  if (a.length > 2 && b.length > 2 && a !== b && (a.endsWith(b) || b.endsWith(a))) {
    return a.length < b.length
      ? { right: words[0]!, wrong: words[1]! }
      : { right: words[1]!, wrong: words[0]! };
  }
  return undefined;
}

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
  return LONE.get(word);
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

/** The pair of words that a lone word belongs to, in its own letter case: 'VRAI' gives 'VRAI', 'FAUX'. */
export function trueFalseWords(
  word: string,
): { words: [string, string]; isTrue: boolean } | undefined {
  const bare = alike(word);
  const pair = TRUE_FALSE.find(([yes, no]) => bare === yes || bare === no);
  if (!pair) {
    return undefined;
  }
  const styled = (text: string): string =>
    word === word.toUpperCase() && word.length > 1
      ? text.toUpperCase()
      : /^\p{Lu}/u.test(word)
        ? text[0]!.toUpperCase() + text.slice(1)
        : text;
  return { words: [styled(pair[0]), styled(pair[1])], isTrue: bare === pair[0] };
}
