// Words by which a blank's rules speak of its fields, files and signs, a row for each language; asked about bare words.
import { amongWords, anyOf, type Phrases } from './phrases';

const STEM: Phrases = {
  en: [
    'questions?',
    'question texts?',
    'wording',
    'prompts?',
    'stems?',
    'statements?',
    'items?',
    'its text',
    'it s text',
    'the text',
  ],
  de: ['fragen?', 'fragetext\\p{L}*', 'aussagen?', 'aufgaben?', 'fragestellung'],
  fr: ['questions?', 'enonces?', 'affirmations?', 'intitules?'],
  es: ['preguntas?', 'enunciados?'],
  it: ['domand[ae]', 'quesit[oi]'],
  nl: ['vragen', 'vraag', 'vraagtekst', 'stelling(?:en)?'],
  pt: ['perguntas?', 'questao', 'questoes', 'enunciados?'],
  pl: ['pytani\\p{L}*'],
  sv: ['frag\\p{L}*'],
  da: ['sporgsmal\\p{L}*'],
  fi: ['kysymy\\p{L}*'],
  cs: ['otaz\\p{L}*'],
  tr: ['soru\\p{L}*'],
  hu: ['kerdes\\p{L}*'],
  ro: ['intreb\\p{L}*'],
  cy: ['cwestiwn', 'cwestiynau'],
};
const OPTION: Phrases = {
  en: ['options?', 'answers?', 'replies', 'reply', 'choices?', 'alternatives?', 'responses?'],
  de: [
    'antwort\\p{L}*',
    'option\\p{L}*',
    'auswahl\\p{L}*',
    'alternativ\\p{L}*',
    'moglichkeit\\p{L}*',
  ],
  fr: ['reponses?', 'choix', 'options?', 'propositions?'],
  es: ['respuestas?', 'opciones', 'opcion', 'alternativas?'],
  it: ['rispost[ae]', 'opzion[ei]', 'alternativ[ae]', 'scelt[ae]'],
  nl: ['antwoord\\p{L}*', 'opties?', 'keuzes?', 'alternatie\\p{L}*'],
  pt: ['respostas?', 'opcoes', 'opcao', 'alternativas?'],
  pl: ['odpowied\\p{L}*', 'opcj\\p{L}*'],
  sv: ['svar\\p{L}*', 'alternativ\\p{L}*'],
  da: ['svar\\p{L}*', 'valgmulighed\\p{L}*'],
  fi: ['vastau\\p{L}*', 'vaihtoeh\\p{L}*'],
  cs: ['odpoved\\p{L}*', 'moznost\\p{L}*'],
  tr: ['secenek\\p{L}*', 'cevap\\p{L}*'],
  hu: ['valasz\\p{L}*'],
  ro: ['raspuns\\p{L}*', 'variant\\p{L}*'],
  cy: ['ateb\\p{L}*'],
};
const HINT: Phrases = {
  en: ['hints?', 'clues?', 'tips?'],
  de: ['hinweis\\p{L}*', 'tipps?', 'hilfe'],
  fr: ['indices?', 'aides?'],
  es: ['pistas?', 'ayudas?'],
  it: ['suggeriment[oi]', 'indizi?o?'],
  nl: ['hints?', 'aanwijzing(?:en)?', 'tips?'],
  pt: ['dicas?', 'pistas?'],
  pl: ['wskazow\\p{L}*', 'podpowied\\p{L}*'],
  sv: ['ledtrad\\p{L}*', 'tips'],
  da: ['hints?', 'vink', 'tip'],
  cy: ['awgrym\\p{L}*'],
};
const EXPLANATION: Phrases = {
  en: ['explanations?', 'rationales?', 'feedback', 'shown afterwards'],
  de: ['erklarung\\p{L}*', 'erlauterung\\p{L}*', 'begrundung\\p{L}*', 'ruckmeldung\\p{L}*'],
  fr: ['explications?', 'justifications?', 'commentaires?'],
  es: ['explicacion(?:es)?', 'comentarios?'],
  it: ['spiegazion[ei]', 'comment[oi]'],
  nl: ['uitleg', 'toelichting(?:en)?', 'verklaring(?:en)?'],
  pt: ['explicacao', 'explicacoes', 'comentarios?'],
  pl: ['wyjasnieni\\p{L}*', 'objasnieni\\p{L}*'],
  sv: ['forklaring\\p{L}*'],
  da: ['forklaring\\p{L}*'],
  cy: ['esboniad\\p{L}*'],
};
const TITLE: Phrases = {
  en: ['titles?'],
  de: ['titel', 'uberschrift\\p{L}*'],
  fr: ['titres?'],
  es: ['titulos?'],
  it: ['titol[oi]'],
  nl: ['titels?'],
  pt: ['titulos?'],
  cy: ['teitl'],
};
const CHARACTERS: Phrases = {
  en: ['characters?', 'chars?', 'letters', 'signs', 'bytes?'],
  de: ['zeichen', 'buchstaben'],
  fr: ['caracteres?', 'signes', 'octets?'],
  es: ['caracteres'],
  it: ['caratteri'],
  nl: ['tekens', 'karakters'],
  pt: ['caracteres'],
  pl: ['znak\\p{L}*'],
  sv: ['tecken'],
  da: ['tegn'],
  fi: ['merkki\\p{L}*'],
  cs: ['znak\\p{L}*'],
  tr: ['karakter\\p{L}*'],
  hu: ['karakter\\p{L}*'],
  ro: ['caractere'],
  cy: ['nodau?'],
};
const FILE: Phrases = {
  en: [
    'files?',
    'uploads?',
    'sheets?',
    'forms?',
    'sets?',
    'rounds?',
    'imports?',
    'rows',
    'cards',
    'entries',
    'lists?',
  ],
  de: [
    'datei\\p{L}*',
    'formular\\p{L}*',
    'import\\p{L}*',
    'blatt',
    'satz',
    'runde',
    'upload',
    'zeilen',
  ],
  fr: ['fichiers?', 'feuilles?', 'import\\p{L}*', 'series?', 'envois?', 'lignes'],
  es: ['archivos?', 'ficheros?', 'hojas?', 'filas', 'envios?'],
  it: ['file', 'fogli?o?', 'righe', 'invi?o?'],
  nl: ['bestand\\p{L}*', 'bladen', 'blad', 'reeks', 'import', 'rijen'],
  pt: ['arquivos?', 'ficheiros?', 'folhas?', 'linhas'],
  pl: ['plik\\p{L}*', 'arkusz\\p{L}*', 'wierszy'],
  sv: ['fil(?:en|er)?', 'blad', 'rader'],
  da: ['fil(?:en|er)?', 'ark', 'raekker'],
  fi: ['tiedosto\\p{L}*'],
  cs: ['soubor\\p{L}*'],
  tr: ['dosya\\p{L}*'],
  hu: ['fajl\\p{L}*'],
  ro: ['fisier\\p{L}*'],
  cy: ['ffeil\\p{L}*'],
};
const SECONDS: Phrases = {
  en: ['seconds?', 'secs?', 'time limits?', 'times', 'durations?', 'timers?'],
  de: ['sekunden?', 'zeiten', 'zeitlimits?', 'zeitvorgaben?', 'zeit'],
  fr: ['secondes?', 'temps', 'durees?'],
  es: ['segundos?', 'tiempos?'],
  it: ['second[oi]', 'temp[oi]'],
  nl: ['seconden?', 'tijd(?:en)?'],
  pt: ['segundos?', 'tempos?'],
  pl: ['sekund\\p{L}*', 'czas\\p{L}*'],
  sv: ['sekund\\p{L}*', 'tid\\p{L}*'],
  da: ['sekund\\p{L}*', 'tid\\p{L}*'],
  cy: ['eiliad\\p{L}*'],
};
const TAGS: Phrases = {
  en: ['tags?', 'key ?words?', 'labels?'],
  de: ['schlag(?:worter|worte|wort)\\p{L}*', 'stich(?:worter|worte|wort)\\p{L}*', 'tags?'],
  fr: ['mots cles', 'etiquettes?', 'tags?'],
  es: ['etiquetas?', 'palabras clave'],
  it: ['etichett[ae]', 'parole chiave', 'tag'],
  nl: ['trefwoord\\p{L}*', 'steekwoord\\p{L}*', 'labels?', 'tags?'],
  pt: ['etiquetas?', 'palavras chave'],
  pl: ['tag\\p{L}*', 'slow\\p{L}* kluczow\\p{L}*'],
  sv: ['taggar\\p{L}*', 'nyckelord\\p{L}*'],
  da: ['nogleord\\p{L}*', 'emneord\\p{L}*'],
};
const WRONG: Phrases = {
  en: ['wrong', 'incorrect', 'false', 'distractors?'],
  de: ['falsch\\p{L}*', 'unzutreffend\\p{L}*', 'distraktor\\p{L}*'],
  fr: ['fausses?', 'mauvaises?', 'incorrectes?', 'distracteurs?'],
  es: ['incorrectas?', 'falsas?', 'erroneas?', 'distractores'],
  it: ['sbagliat[ae]', 'errat[ae]', 'fals[ae]', 'distrattori'],
  nl: ['foute?', 'onjuiste?', 'verkeerde?', 'afleiders?'],
  pt: ['erradas?', 'incorretas?', 'falsas?'],
  pl: ['bledn\\p{L}*', 'niepoprawn\\p{L}*', 'zl[aey]\\p{L}*'],
  sv: ['fel\\p{L}*'],
  da: ['forkert\\p{L}*', 'gal[et]\\p{L}*'],
};

const PLEASE =
  '(?:please|kindly|bitte|svp|s il vous plait|por favor|per favore|alstublieft|aub|prosze|vanligen|venligst)';
const EMPTY: Phrases = {
  en: [
    '(?:to be )?(?:leave|left|keep) (?:it |this |column )?(?:empty|blank)',
    'do not (?:fill|use|write|touch)(?: in)?',
  ],
  de: ['(?:immer )?(?:leer|frei) ?lassen', 'bleibt (?:leer|frei)', 'nicht (?:ausfullen|benutzen)'],
  fr: ['(?:laisser|a laisser|laissez) vide', 'ne (?:pas remplir|rien ecrire)'],
  es: ['dejar (?:vacio|vacia|en blanco)', 'no (?:rellenar|usar)'],
  it: ['lasciare (?:vuoto|vuota|in bianco)', 'non compilare'],
  nl: ['leeg ?laten', 'niet invullen'],
  pt: ['deixar (?:vazio|vazia|em branco)', 'nao preencher'],
  pl: ['(?:zostaw|zostawic|pozostawic) puste', 'nie wypelniac'],
  sv: ['lamnas? tomt?', 'fyll inte i'],
  da: ['lad (?:den )?sta tom', 'skal sta tom', 'udfyldes ikke'],
  cy: ['gadewch yn wag'],
};
const LEFT_EMPTY = new RegExp(`^(?:${PLEASE} )?(?:${anyOf(EMPTY)})(?: ${PLEASE})?$`, 'u');

/** Whether bare words ask that nothing be written, and say nothing else: 'Please leave empty'; from memory. */
export const saysLeaveEmpty = (words: string): boolean => LEFT_EMPTY.test(words);

export type Subject = 'stem' | 'option' | 'hint' | 'explanation' | 'title';
/** The particular stands before the general: an explanation of an answer is an explanation. */
const SUBJECTS: readonly (readonly [Subject, RegExp])[] = [
  ['explanation', amongWords(EXPLANATION)],
  ['hint', amongWords(HINT)],
  ['title', amongWords(TITLE)],
  ['option', amongWords(OPTION)],
  ['stem', amongWords(STEM)],
];

/** The field that words speak of; undefined where they speak of none. */
export const subjectIn = (words: string): Subject | undefined =>
  SUBJECTS.find(([, pattern]) => pattern.test(words))?.[0];

const PATTERNS = {
  characters: amongWords(CHARACTERS),
  file: amongWords(FILE),
  questions: amongWords(STEM),
  options: amongWords(OPTION),
  seconds: amongWords(SECONDS),
  tags: amongWords(TAGS),
  wrong: amongWords(WRONG),
};
export type RuleWord = keyof typeof PATTERNS;

/** Whether bare words speak of a thing, in any of the languages. */
export const speaksOf = (what: RuleWord, words: string): boolean => PATTERNS[what].test(words);
