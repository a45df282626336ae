// The words people write for a kind of question, in a kind column, a drop-down list or a legend.
import type { Kind } from '../../model';
import { bareWords } from '../normalise';
import { among, type Phrases } from './phrases';

// The first that matches wins; codes and explanations are both run through these.
const WORDS: readonly (readonly [Kind, Phrases])[] = [
  [
    'true-false',
    {
      code: ['tf', 't f', 'bool(?:ean)?', 'truefalse'],
      en: ['true', 'false', 'fact', 'yes no'],
      fr: ['vrai', 'faux'],
      de: ['wahr', 'falsch', 'richtig falsch', 'ja nein'],
      es: ['verdadero', 'falso'],
      it: ['vero'],
      nl: ['waar', 'onwaar'],
      pt: ['verdadeiro'],
      cy: ['gwir', 'anwir'],
    },
  ],
  [
    'choice-many',
    {
      code: ['nr', 'mr', 'ma', 'msq'],
      en: [
        'several',
        'multi',
        'many',
        'multiple (?:answers|responses?|right|correct|select)',
        'one or more',
        'two or more',
        'more than one',
        'all that (?:fit|apply)',
        'select all',
        'checkbox(?:es)?',
      ],
      de: ['mehrere', 'mehrfach', 'mehrfachauswahl'],
      fr: ['plusieurs', 'multiples?'],
      es: ['varias'],
      it: ['piu'],
      nl: ['meerdere'],
      pt: ['varios'],
      cy: ['sawl'],
    },
  ],
  [
    'match',
    {
      en: ['match(?:ing)?', 'pairs?'],
      de: ['zuordnung', 'zuordnen'],
      fr: ['associer', 'appariement'],
      es: ['emparejar'],
      it: ['abbinamento'],
      nl: ['koppelen'],
      cy: ['paru'],
    },
  ],
  [
    'order',
    {
      en: ['order(?:ing)?', 'steps', 'sequence', 'sort(?:ing)?'],
      de: ['reihenfolge', 'ordnen'],
      fr: ['ordre'],
      es: ['ordenar'],
      it: ['ordine'],
      nl: ['volgorde'],
      cy: ['trefn'],
    },
  ],
  [
    'gap',
    {
      code: ['fib'],
      en: ['gaps?', 'cloze', 'blanks?', 'fill in', 'missing words?'],
      de: ['luckentext', 'lucke'],
      fr: ['texte a trous'],
      es: ['huecos'],
      it: ['lacune'],
      nl: ['invul'],
      pt: ['lacunas'],
      cy: ['bylchau'],
    },
  ],
  [
    'number',
    {
      en: ['number', 'numeric(?:al)?'],
      de: ['numerisch', 'zahl'],
      fr: ['nombre'],
      es: ['numerico'],
      it: ['numero'],
      nl: ['getal'],
      cy: ['rhif'],
    },
  ],
  [
    'upload',
    {
      en: ['upload', 'file', 'hand in'],
      de: ['datei'],
      fr: ['fichier'],
      es: ['archivo'],
      nl: ['bestand'],
      pt: ['arquivo'],
      cy: ['ffeil'],
    },
  ],
  [
    'card',
    {
      en: ['cards?', 'flash ?cards?', 'term'],
      de: ['karteikarte', 'karte'],
      fr: ['carte'],
      es: ['tarjeta'],
      it: ['scheda'],
      nl: ['kaart'],
      pt: ['cartao'],
      cy: ['cerdyn'],
    },
  ],
  [
    'open',
    {
      en: ['open', 'essay', 'free text', 'written answer', 'long', 'paragraph'],
      de: ['freitext', 'offen', 'aufsatz'],
      fr: ['redaction', 'texte libre'],
      es: ['abierta'],
      it: ['aperta', 'saggio'],
      pt: ['aberta'],
      cy: ['traethawd'],
    },
  ],
  [
    'short',
    {
      code: ['sa'],
      en: ['short', 'typed', 'word', 'text'],
      de: ['kurzantwort', 'kurz'],
      fr: ['courte'],
      es: ['corta'],
      it: ['breve'],
      nl: ['kort'],
      pt: ['curta'],
      cy: ['byr'],
    },
  ],
  [
    'choice-one',
    {
      code: ['1r', 'mc', 'mcq', 'sc', 'radio'],
      en: ['single', 'one', 'exactly one', 'pick one', 'choose one', 'choice', 'multiple choice'],
      de: ['einfachauswahl', 'eine', 'auswahl'],
      fr: ['unique', 'simple', 'seule'],
      es: ['unica', 'una'],
      it: ['un'],
      nl: ['enkele'],
      pt: ['uma'],
    },
  ],
];
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
