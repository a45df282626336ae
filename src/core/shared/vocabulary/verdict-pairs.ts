// Words and signs that say right and wrong beside one another.
import { alike } from '../normalise';

/** The right one stands first. */
export const TRUE_FALSE: readonly (readonly [string, string])[] = [
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
  ['vera', 'falsa'],
  ['verdadera', 'falsa'],
  ['verdadeira', 'falsa'],
  ['vraie', 'fausse'],
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
  // From memory, as all of these.
  ['правда', 'ложь'],
  ['верно', 'неверно'],
  ['правильно', 'неправильно'],
  ['да', 'нет'],
  ['істина', 'хибно'],
  ['правильно', 'хибно'],
  ['так', 'ні'],
  ['вярно', 'невярно'],
  ['да', 'не'],
  ['σωστό', 'λάθος'],
  ['αληθές', 'ψευδές'],
  ['ναι', 'όχι'],
  ['صح', 'خطأ'],
  ['صحيح', 'خطأ'],
  ['نعم', 'لا'],
  ['נכון', 'לא נכון'],
  ['נכון', 'שגוי'],
  ['כן', 'לא'],
  ['सही', 'गलत'],
  ['सत्य', 'असत्य'],
  ['हाँ', 'नहीं'],
  ['正确', '错误'],
  ['正確', '錯誤'],
  ['对', '错'],
  ['是', '否'],
  ['正しい', '誤り'],
  ['はい', 'いいえ'],
  ['正', '誤'],
  ['참', '거짓'],
  ['맞음', '틀림'],
  ['예', '아니오'],
  ['○', '×'],
  ['〇', '×'],
  ['√', '×'],
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

const DENIALS: ReadonlySet<string> = new Set(
  'in im il ir un non no not nicht niet ne nie on o ikke inte ei dis ej'.split(' '),
);

export type VerdictPair = { right: string; wrong: string };

const inOrder = ([first = '', second = '']: readonly string[], rightFirst: boolean): VerdictPair =>
  rightFirst ? { right: first, wrong: second } : { right: second, wrong: first };

/** The words for wrong beside each word for right. */
const KNOWN = new Map<string, Set<string>>();
for (const [right, wrong] of [...TRUE_FALSE, ...SHORT_PAIRS]) {
  KNOWN.set(right, (KNOWN.get(right) ?? new Set()).add(wrong));
}

/** Of two words or signs, which says right and which says wrong; undefined where they are not known as a pair. */
export function verdictPair(words: readonly string[]): VerdictPair | undefined {
  if (words.length !== 2 || !words[0] || !words[1]) {
    return undefined;
  }
  const [a, b] = [alike(words[0]), alike(words[1])];
  const isRightFirst = KNOWN.get(a)?.has(b);
  if (isRightFirst || KNOWN.get(b)?.has(a)) {
    return inOrder(words, isRightFirst === true);
  }
  // A word and the same word with something that denies it in front, "korrekt" and "inkorrekt".
  const [longer, shorter] = a.length > b.length ? [a, b] : [b, a];
  const denial = longer.endsWith(shorter) ? longer.slice(0, -shorter.length).trim() : '';
  if (shorter.length > 2 && DENIALS.has(denial)) {
    return inOrder(words, a === shorter);
  }
  return undefined;
}
