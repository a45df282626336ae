// The words people write for a kind of question, in a kind column, a drop-down list or a legend.
import type { Kind } from '../../model';
import { bareWords } from '../normalise';
import { FORMED, type KindWords } from './kind-words';
import { among } from './phrases';
import { PLAIN } from './plain-kind-words';

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

function findKind(text: string): Kind | undefined {
  const words = bareWords(text.replace(/([a-z])([A-Z])/g, '$1 $2'));
  if (!words) {
    return undefined;
  }
  // "Several options, exactly one of them right" speaks of several but means one.
  if (/\b(?:exactly|only|just) one\b/.test(words)) {
    return 'choice-one';
  }
  if (/^several options one of\b/.test(words)) {
    return 'choice-one';
  }
  return PATTERNS.find(([, pattern]) => pattern.test(words))?.[0];
}

const LOOSE =
  /^(?:mcq?|multiple choice|choice|auswahl|multiple|qcm|choix|keuze|flerval|a choix multiples?|test)(?: questions?| fragen?)?$/;

/** Whether a word for a choice says nothing of how many are right, as "multiple choice" does. */
export const leavesOpenHowMany = (text: string): boolean => LOOSE.test(bareWords(text));
