// The words people write for a kind of question, in a kind column, a drop-down list or a legend.
import type { Kind } from '../../model';
import { bareWords } from '../normalise';

// The first that matches wins; codes and explanations are both run through these.
const WORDS: readonly (readonly [Kind, RegExp])[] = [
  [
    'true-false',
    /\b(?:true|false|bool(?:ean)?|fact|yes no|tf|t f|vrai|faux|wahr|falsch|richtig falsch|ja nein|verdadero|falso|vero|waar|onwaar|verdadeiro|gwir|anwir|truefalse)\b/,
  ],
  [
    'choice-many',
    /\b(?:several|multi|many|multiple (?:answers|responses?|right|correct|select)|one or more|all that (?:fit|apply)|more than one|mehrere|mehrfachauswahl|plusieurs|multiples?|varias|piu|meerdere|varios|nr|select all|mehrfach|checkbox(?:es)?|sawl|two or more|mr|ma|msq)\b/,
  ],
  [
    'match',
    /\b(?:match(?:ing)?|pairs?|zuordnung|zuordnen|associer|appariement|emparejar|abbinamento|koppelen|paru)\b/,
  ],
  [
    'order',
    /\b(?:order(?:ing)?|steps|sequence|sort(?:ing)?|reihenfolge|ordnen|ordre|ordenar|ordine|volgorde|trefn)\b/,
  ],
  [
    'gap',
    /\b(?:gaps?|cloze|fib|blanks?|fill in|missing words?|luckentext|lucke|texte a trous|huecos|lacune|invul|lacunas|bylchau)\b/,
  ],
  ['number', /\b(?:number|numeric(?:al)?|numerisch|zahl|nombre|numerico|getal|numero|rhif)\b/],
  ['upload', /\b(?:upload|file|hand in|datei|fichier|archivo|bestand|arquivo|ffeil)\b/],
  [
    'card',
    /\b(?:cards?|flash ?cards?|term|karteikarte|karte|carte|tarjeta|scheda|kaart|cartao|cerdyn)\b/,
  ],
  [
    'open',
    /\b(?:open|essay|free text|written answer|long|paragraph|freitext|offen|aufsatz|redaction|texte libre|abierta|aperta|saggio|aberta|traethawd)\b/,
  ],
  ['short', /\b(?:short|typed|word|text|sa|kurzantwort|kurz|courte|corta|breve|kort|curta|byr)\b/],
  [
    'choice-one',
    /\b(?:single|one|pick one|choose one|choice|multiple choice|1r|mc|mcq|sc|einfachauswahl|eine|auswahl|unique|simple|seule|unica|una|enkele|uma|un|exactly one|radio)\b/,
  ],
];

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
  return WORDS.find(([, pattern]) => pattern.test(words))?.[0];
}
