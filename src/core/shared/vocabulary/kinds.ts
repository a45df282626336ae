// The words people write for a kind of question, in a kind column, a drop-down list or a legend.
import type { Kind } from '../../model';
import { bareWords, wordsApart } from '../normalise';
import { FORMED, type KindWords } from './kind-words';
import { inKnownWords } from './other-scripts';
import { among } from './phrases';
import { PLAIN } from './plain-kind-words';
import { trueFalseInitials, verdictPair } from './verdicts';

/** The first that matches wins. */
const WORDS: KindWords = [...FORMED, ...PLAIN];
const PATTERNS = WORDS.map(([kind, phrases]) => [kind, among(phrases)] as const);

/** Words asked for already; a column says the same few words ten thousand times. */
const asked = new Map<string, Kind | undefined>();

/** The kind that a word or short sentence names; undefined where it names none. */
export function kindOfWord(text: string): Kind | undefined {
  if (asked.has(text)) {
    return asked.get(text);
  }
  const kind = findKind(text);
  if (asked.size < 1000) {
    asked.set(text, kind);
  }
  return kind;
}

const SHORT = /^[a-z]{3,5}$/;

/** Whether a short word begins as one of the words for a kind does: 'ORD' as 'ordering' and 'ordnen' do. */
export function beginsKind(text: string, kind: Kind): boolean {
  const word = bareWords(text);
  const phrases = WORDS.flatMap(([own, of]) => (own === kind ? Object.values(of).flat() : []));
  return SHORT.test(word) && new RegExp(`\\b${word}`).test(phrases.join(' '));
}

const COMPOUND =
  /(\p{L}{3,}?)([sn]?)(?:aufgaben?|fragen?|ubung(?:en)?|vraag|vragen|opgaven?|frag(?:a|or)|sporgsmal|oppgaver?|opgaver?)(?!\p{L})/gu;

const EITHER = /^([^/|]+?)\s*(?:\/|\||\s(?:or|oder|ou|o|of|eller|lub|tai|nebo)\s)\s*([^/|]+)$/iu;

/** Whether words name a pair such as true and false, the one or the other: 'goed/fout', 'P/F'. */
function namesEither(text: string): boolean {
  const [, first = '', second = ''] = EITHER.exec(text.trim()) ?? [];
  return (
    verdictPair([first, second]) !== undefined ||
    (first === first.toUpperCase() && trueFalseInitials(first, second) !== undefined)
  );
}

/** Words for one right answer that a name of a choice may have beside it. */
const ONE =
  /\b(?:exactly|only|just) one\b|(?<!than )\bone (?:(?:right|correct) )?(?:answer|option|response)\b|\bsingle (?:(?:right|correct) )?(?:answer|response)\b/;

function findKind(text: string): Kind | undefined {
  const words = inKnownWords(bareWords(wordsApart(text)));
  if (!words) {
    return undefined;
  }
  if (namesEither(text)) {
    return 'true-false';
  }
  // "Several options, exactly one of them right" speaks of several but means one.
  if (ONE.test(words)) {
    return 'choice-one';
  }
  if (/^several options one of\b/.test(words)) {
    return 'choice-one';
  }
  const named = (text: string): Kind | undefined =>
    PATTERNS.find(([, pattern]) => pattern.test(text))?.[0];
  // "Freitextaufgabe", "invulvraag" and "flervalsfråga" are a word for a kind with one for a question behind it.
  const kind =
    named(words) ?? named(words.replace(COMPOUND, '$1$2')) ?? named(words.replace(COMPOUND, '$1'));
  return kind === 'choice-many' && LOOSE.test(words) ? 'choice-one' : kind;
}

/** Names of a choice that say nothing of how many are right. Common practice, no source. */
const LOOSE =
  /^(?:mcq?|multiple choice|choice|auswahl|multiple|qcm|choix|keuze|flerval|(?:a )?choix multiples?|opcion multiple|seleccion multiple|scelta multipla|multipla escolha|meerkeuze|test)(?: questions?| fragen?)?$/;

/** Whether a word for a choice says nothing of how many are right, as "multiple choice" does. */
export const leavesOpenHowMany = (text: string): boolean => LOOSE.test(bareWords(text));

/**
 * What words mean that stand beside one another, in a list or a column: "multiple choice" beside a word for one right
 * answer, and without another for several, means several.
 */
export function kindsOfWords(words: readonly string[]): (Kind | undefined)[] {
  const kinds = words.map(kindOfWord);
  const isLoose = words.map(
    (word, index) => kinds[index] === 'choice-one' && leavesOpenHowMany(word),
  );
  const means = (kind: Kind): boolean =>
    kinds.some((own, index) => own === kind && !isLoose[index]);
  const areSeveral = means('choice-one') && !means('choice-many');
  return kinds.map((kind, index) => (isLoose[index] && areSeveral ? 'choice-many' : kind));
}
