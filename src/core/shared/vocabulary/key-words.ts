// Words by which sentences and headings speak of the right answer and of how it is told, a row for each language.
import { inKnownWords } from './other-scripts';
import { amongWords, type Phrases } from './phrases';

const RIGHT: Phrases = {
  en: ['right', 'correct', 'true', 'key', 'solution'],
  de: ['richtig\\p{L}*', 'korrekt\\p{L}*', 'losung\\p{L}*', 'zutreffend\\p{L}*', 'stimmt'],
  fr: ['bonnes?', 'justes?', 'correctes?', 'exactes?', 'solution'],
  es: ['correctas?', 'correctos?', 'verdader[ao]', 'solucion', 'acertada'],
  it: ['corrett[aeio]', 'giust[aeio]', 'esatt[aeio]', 'soluzione'],
  nl: ['juiste?', 'goede?', 'correcte?', 'oplossing'],
  pt: ['certas?', 'corret[ao]s?', 'solucao', 'gabarito'],
  pl: ['poprawn\\p{L}*', 'prawidlow\\p{L}*', 'dobr\\p{L}*'],
  sv: ['ratta?', 'korrekt\\p{L}*', 'facit'],
  da: ['rigtig\\p{L}*', 'korrekt\\p{L}*', 'riktig\\p{L}*'],
  fi: ['oike\\p{L}*'],
  cs: ['spravn\\p{L}*'],
  tr: ['dogru'],
  hu: ['helyes', 'jo'],
  ro: ['corect\\p{L}*'],
  cy: ['cywir', 'iawn'],
};
const FIRST: Phrases = {
  en: ['first', 'at the top', 'leading'],
  de: ['erste\\p{L}*', 'zuerst', 'vorn\\p{L}*', 'an erster'],
  fr: ['premier', 'premiere', 'en tete', 'd abord'],
  es: ['primer[ao]?', 'en primer lugar'],
  it: ['prim[ao]', 'per prim[ao]'],
  nl: ['eerste?', 'vooraan'],
  pt: ['primeir[ao]'],
  pl: ['pierwsz\\p{L}*'],
  sv: ['forst\\p{L}*'],
  da: ['forst\\p{L}*'],
  fi: ['ensimmai\\p{L}*'],
  cs: ['prvni\\p{L}*'],
  tr: ['ilk'],
  hu: ['elso\\p{L}*'],
  cy: ['cyntaf', 'gyntaf'],
};
const REPEATED: Phrases = {
  en: ['repeat', 'exact(?:ly)?', 'word for word', 'copy', 'same text', 'text of the', 'verbatim'],
  de: [
    'wiederhol\\p{L}*',
    'wortlich',
    'wort fur wort',
    'genau',
    'wortlaut',
    'text der',
    'abschreiben',
  ],
  fr: ['repeter', 'exactement', 'mot pour mot', 'texte de la', 'recopier', 'meme texte'],
  es: ['repetir', 'repita', 'exactamente', 'palabra por palabra', 'texto de la', 'copiar'],
  it: ['ripetere', 'esattamente', 'parola per parola', 'testo della', 'copiare'],
  nl: ['herhaal', 'herhalen', 'precies', 'letterlijk', 'woord voor woord', 'tekst van het'],
  pt: ['repetir', 'exatamente', 'palavra por palavra', 'texto da'],
  pl: ['powtorz\\p{L}*', 'dokladnie', 'tekst odpowiedzi'],
  sv: ['upprepa', 'ordagrant', 'exakt', 'texten'],
  da: ['gentag', 'ordret', 'noejagtig', 'teksten'],
};
const LETTER: Phrases = {
  en: ['letters?'],
  de: ['buchstaben?'],
  fr: ['lettres?'],
  es: ['letras?'],
  it: ['letter[ae]'],
  nl: ['letters?'],
  pt: ['letras?'],
  pl: ['liter\\p{L}*'],
  sv: ['bokstav\\p{L}*'],
  da: ['bogstav\\p{L}*'],
  fi: ['kirjai\\p{L}*'],
  cs: ['pismen\\p{L}*'],
  tr: ['harf\\p{L}*'],
  hu: ['betu\\p{L}*'],
  cy: ['llythyren\\p{L}*'],
};
const NUMBER: Phrases = {
  en: ['numbers?', 'index', 'position', 'no', 'digit'],
  de: ['nummern?', 'zahl\\p{L}*', 'ziffern?', 'index', 'position', 'nr'],
  fr: ['numeros?', 'chiffres?', 'indice', 'position', 'rang'],
  es: ['numeros?', 'indice', 'posicion', 'cifra'],
  it: ['numer[oi]', 'indice', 'posizione', 'cifra'],
  nl: ['nummers?', 'getal', 'index', 'positie', 'cijfer'],
  pt: ['numeros?', 'indice', 'posicao'],
  pl: ['numer\\p{L}*', 'indeks\\p{L}*', 'pozycj\\p{L}*'],
  sv: ['nummer', 'siffra\\p{L}*', 'index', 'tal'],
  da: ['nummer', 'tal', 'indeks', 'ciffer'],
};
const FROM_ZERO: Phrases = {
  en: [
    'from (?:0|zero)',
    'first (?:is )?0',
    'index',
    'zero based',
    'counted from 0',
    'starts? (?:at|with) 0',
  ],
  de: ['ab (?:0|null)', 'von (?:0|null)', 'bei (?:0|null)', 'mit (?:0|null)', 'index'],
  fr: ['(?:a partir de|de|depuis) (?:0|zero)', 'indice', 'commence a 0'],
  es: ['(?:desde|a partir del?|empezando en) (?:el )?(?:0|cero)', 'indice'],
  it: ['(?:da|partendo da) (?:0|zero)', 'indice'],
  nl: ['(?:vanaf|van) (?:0|nul)', 'index'],
  pt: ['(?:a partir de|de|desde) (?:0|zero)', 'indice'],
  pl: ['od (?:0|zera)', 'indeks'],
  sv: ['fran (?:0|noll)', 'index'],
  da: ['fra (?:0|nul)', 'indeks'],
};

const PATTERNS = {
  right: amongWords(RIGHT),
  first: amongWords(FIRST),
  repeated: amongWords(REPEATED),
  letter: amongWords(LETTER),
  number: amongWords(NUMBER),
  fromZero: amongWords(FROM_ZERO),
};

const says = (what: keyof typeof PATTERNS, words: string): boolean =>
  PATTERNS[what].test(inKnownWords(words));

/** Whether bare words speak of the right answer. */
export const saysRightAnswer = (words: string): boolean => says('right', words);
/** Whether bare words say that something comes first. */
export const saysFirst = (words: string): boolean => says('first', words);
/** Whether bare words ask that a text be repeated. */
export const saysRepeated = (words: string): boolean => says('repeated', words);
/** Whether bare words speak of a letter. */
export const saysLetter = (words: string): boolean => says('letter', words);
/** Whether bare words speak of a number. */
export const saysNumber = (words: string): boolean => says('number', words);
/** Whether bare words say that something is counted from nought. */
export const saysFromZero = (words: string): boolean => says('fromZero', words);
