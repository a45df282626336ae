// What a blank's sentences say of one kind alone: what stays empty for it, and how its key is written.
import type { Column, Kind, KindRule, Role } from '../model';
import { bareWords } from '../shared/normalise';
import { kindOfWord } from '../shared/vocabulary/kinds';
import { amongWords, type Phrases } from '../shared/vocabulary/phrases';
import { speaksOf } from '../shared/vocabulary/rule-words';
import { allVerdictsIn, signIn } from './key-sentences';

const EMPTY: Phrases = {
  en: ['empty', 'blank', 'no options?', 'without options?', 'unused'],
  de: ['leer', 'frei', 'keine antworten', 'keine optionen'],
  fr: ['vides?', 'vierges?'],
  es: ['vaci[ao]s?', 'en blanco'],
  it: ['vuot[aeio]', 'in bianco'],
  nl: ['leeg', 'lege', 'open laten'],
  pt: ['vazi[ao]s?', 'em branco'],
  pl: ['pust\\p{L}*'],
  sv: ['tom', 'tomma', 'tomt'],
  da: ['tom', 'tomme', 'tomt'],
  cs: ['prazdn\\p{L}*'],
  fi: ['tyhj\\p{L}*'],
  hu: ['uresen'],
  ro: ['goale', 'liber\\p{L}*'],
  tr: ['bos'],
  cy: ['gwag'],
};
const SAYS_EMPTY = amongWords(EMPTY);

/** Kinds that may be written otherwise than the rest; a choice is what all else is written like. */
const RULED: ReadonlySet<Kind> = new Set<Kind>([
  'true-false',
  'short',
  'number',
  'open',
  'upload',
  'gap',
  'card',
]);

/** The roles in which a question says its options. */
export const OPTION_ROLES = ['option', 'options', 'wrong', 'wrongs', 'verdict', 'weight'] as const;

/** Clauses that speak of a kind carry it on to those behind them, up to the next sentence. */
const SENTENCE = /(?<=[.!?;])\s+(?=["'“„«(]?\p{Lu})|\n/u;

/** The rules for single kinds that sentences state. */
export function kindRulesIn(words: readonly string[], columns: readonly Column[]): KindRule[] {
  const left: Role[] = OPTION_ROLES.filter((role) =>
    columns.some((column) => column.role === role),
  );
  const rules = new Map<Kind, KindRule>();
  for (const sentence of words.flatMap((text) => text.split(SENTENCE))) {
    const kind = kindOfWord(sentence);
    if (!kind || !RULED.has(kind) || rules.has(kind) || !left.length) {
      continue;
    }
    const rule = ruleIn(sentence, kind, left);
    if (rule) {
      rules.set(kind, rule);
    }
  }
  return [...rules.values()];
}

/** What a sentence about a kind says of it. */
function ruleIn(sentence: string, kind: Kind, left: Role[]): KindRule | undefined {
  const bare = bareWords(sentence);
  if (SAYS_EMPTY.test(bare) && speaksOf('options', bare)) {
    // The first pair may be the kind's own name; what is to be written is said last.
    const verdicts = kind === 'true-false' ? allVerdictsIn(sentence).at(-1) : undefined;
    return { kind, leave: left, ...(verdicts ? { key: { style: 'word', ...verdicts } } : {}) };
  }
  const sign = kind === 'short' ? signIn(sentence) : undefined;
  return sign ? { kind, key: { style: 'marker', marker: sign } } : undefined;
}
