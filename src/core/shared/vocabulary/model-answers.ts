// What teachers call an answer as they hope to read it, in the languages this program reads; common practice, no source.
import { wholly } from './phrases';

const MODEL = wholly({
  en: [
    '(?:the )?(?:model|sample|suggested|expected|possible|ideal|example|indicative) (?:answers?|responses?|content|points)',
    '(?:answers?|responses?) (?:should|could|may|might) (?:include|mention|cover)',
    '(?:look for|key points|marking points|points to (?:make|mention|look for))',
  ],
  de: [
    '(?:muster|beispiel|modell)(?:losung|antwort)(?:en)?',
    'erwartungshorizont',
    '(?:mogliche|erwartete) (?:antwort|losung)(?:en)?',
  ],
  fr: ['(?:reponse|corrige)s? (?:type|modele|attendue?s?|possibles?)', 'elements de reponse'],
  es: ['respuestas? (?:modelo|esperadas?|posibles?)'],
  it: ['rispost[ae] (?:modello|attes[ae]|possibil[ei])'],
  nl: ['(?:model|voorbeeld)antwoord(?:en)?', 'mogelijke? antwoord(?:en)?'],
  pt: ['respostas? (?:modelo|esperadas?|possiveis)'],
  cy: ['ateb(?:ion)? enghreifftiol'],
});

/** Whether words, in small letters and bare of accents, call what stands below them such an answer. */
export const callsModelAnswer = (words: string): boolean => MODEL.test(words);
