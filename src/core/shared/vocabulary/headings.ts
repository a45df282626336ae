// The words people write above a column, in the eight languages of the trade that this program reads.
// Patterns run on bare words: lower case, no accents, no signs but % and #. The first that matches wins, so the
// particular stands before the general ("right answer" before "answer").
import type { Role } from '../../model';
import { bareWords } from '../normalise';
import { letterPlace } from '../plain';

const OPTION =
  'answer|option|choice|reply|response|possible answer|alternative|antwort|auswahl|antwortmoglichkeit|reponse|choix|proposition|respuesta|opcion|alternativa|risposta|opzione|scelta|antwoord|optie|keuze|resposta|opcao|escolha|ateb|dewis|opsiwn|opt|ans|part';
const RIGHT =
  'right|correct|true|richtige?|korrekte?|bonne|juste|exacte?|correcte?|correcta|corretta|giusta|esatta|juiste?|goede|correta|certa|cywir|iawn';

const PATTERNS: readonly (readonly [Role, string])[] = [
  [
    'ignore',
    'office use|leave (?:this )?empty|do not fill|nicht ausfullen|ne pas remplir|no rellenar|non compilare|niet invullen|nao preencher|remark|remarks|comment|comments|bemerkungen?|remarque|notas?|internal',
  ],
  [
    'set-title',
    '(?:name|title) of the (?:round|quiz|set|deck)|set title|quiz title|titre du questionnaire',
  ],
  ['pick', 'take x|take|pick|wanted|use this time|selected|select|auswahl x|prendre|tomar'],
  [
    'tolerance',
    'give or take|tolerance|toleranz|margin|marge|tolerancia|tolleranza|tolerantie|goddefiant',
  ],
  ['unit', 'units?|einheit|unite|unidad|unita|eenheid|unidade|uned'],
  ['value', 'value|numeric answer|wert|valeur|valor|valore|waarde|gwerth'],
  [
    'image-alt',
    '(?:picture|image) in words|description of the (?:picture|image)|alt(?:ernative)? text|image alt|image description|bildbeschreibung|texte alternatif',
  ],
  [
    'image',
    'picture|image|photo|link to a picture|bild|abbildung|imagen|immagine|foto|afbeelding|imagem|llun|media|picture link',
  ],
  ['endings', '(?:allowed )?file endings?|file types?|allowed files?|dateiendungen?|extensions?'],
  [
    'lines',
    'lines(?: to write on)?|number of lines|zeilen|lignes|lineas|righe|regels|linhas|llinellau',
  ],
  [
    'shuffle',
    'shuffle|shuffle options|mix|random order|mischen|melanger|mezclar|mescolare|schudden|embaralhar',
  ],
  ['across', '(?:options )?across(?: or down)?|direction of options|layout of options'],
  ['use', 'practice or scored|scored|practice|use|mode|ubung'],
  [
    'attempts',
    'attempts?|tries|versuche|essais|tentatives|intentos|tentativi|pogingen|tentativas|ymgeisiau',
  ],
  [
    'seconds',
    'seconds?|secs?|s|time|time limit|clock|time s|time in seconds|seconds to answer|zeit|sekunden|zeit in sekunden|zeitlimit|temps|duree|secondes|delai|tiempo|segundos|tempo|secondi|tijd|seconden|amser|eiliadau|timer|limit s',
  ],
  [
    'points',
    'points?|pts|marks?|score|worth|punkte|punktzahl|puntos|punti|punten|pontos|pwyntiau|marciau',
  ],
  ['hint', 'hints?|clue|hinweis|tipp|indice|aide|pista|suggerimento|hulp|dica|awgrym|help before'],
  ['feedback', 'feedback|ruckmeldung|retour|retroalimentacion|terugkoppeling|adborth'],
  [
    'explanation',
    'explanations?|why|because|weil|parce que|reason|rationale|(?:shown|note|notes|text|comment) afterwards|afterwards|erklarung|begrundung|erlauterung|explication|justification|explicacion|spiegazione|uitleg|toelichting|explicacao|esboniad',
  ],
  [
    'category',
    'category|categories|deck|topic|theme|subject|group|chapter|kategorie|thema|bereich|stapel|categorie|categoria|tema|chapitre|onderwerp|categori|pwnc|path',
  ],
  [
    'tag',
    'level|niveau|stufe|nivel|livello|lefel|difficulty(?: level)?|schwierigkeit(?:sgrad)?|difficulte|dificultad|difficolta|moeilijkheid(?:sgraad)?|dificuldade|anhawster',
  ],
  [
    'tags',
    'tags?|labels?|keywords?|schlagworter|schlagworte|stichworter|mots cles|etiquettes?|etiquetas?|etichette?|trefwoorden|tagiau',
  ],
  [
    'at',
    'sent at|time ?stamp|date|submitted|zeitstempel|datum|horodateur|fecha|marca temporal|data|tijdstempel|dyddiad|completion time|start time',
  ],
  [
    'by',
    'your name|name|author|contributor|sent by|by|von|autor|autorin|auteur|nom|nombre|nome|naam|enw|email|e mail',
  ],
  [
    'wrongs',
    '(?:all )?(?:wrong|incorrect|false) (?:answers|options|choices|replies)|distractors|decoys|(?:extra|additional|spare|surplus) words|falsche antworten|mauvaises reponses|respuestas incorrectas|risposte sbagliate|foute antwoorden|respostas erradas|atebion anghywir|the rest|rest',
  ],
  [
    'wrong',
    '(?:wrong|incorrect|false)(?: (?:answer|option|choice|reply))?|distractor|falsch|falsche antwort|mauvaise reponse|respuesta incorrecta|risposta sbagliata|fout antwoord|resposta errada|ateb anghywir',
  ],
  ['weight', 'weight|credit|per ?cent|%|gewicht|prozent|poids|peso|gewicht'],
  [
    'verdict',
    'verdict|right or wrong|right wrong|correct or incorrect|correct incorrect|true or false|vrai faux|vero falso|vero o falso|waar onwaar|waar of onwaar|juist onjuist|verdadero falso|verdadero o falso|verdadeiro falso|verdadeiro ou falso|gwir anwir|vrai ou faux|richtig oder falsch',
  ],
  [
    'key',
    `key|solution|solutions|right (?:one|ones|no|number|option|choice|reply|answer)s?|right|correct|letter|which (?:letter|number|replies|answers?|options?|one)(?: is| are)?(?: right| correct)?|which (?:replies|answers|options) are right|(?:${RIGHT})(?: (?:${OPTION}|one|no|nr|number|letter|index)){0,2}s?|(?:${OPTION}) (?:${RIGHT})|answer key|t f|tf|t or f|true or not|true false|r f|w f|v f|ja nein|yes no|richtig falsch|losung|losungsbuchstabe|cle|clave|solucion|soluzione|chiave|oplossing|sleutel|solucao|chave|allwedd|vrai ou faux`,
  ],
  [
    'options',
    `(?:all |possible )?(?:answers|options|choices|replies|alternatives)|antworten|antwortmoglichkeiten|reponses|choix possibles|opciones|respuestas|opzioni|risposte|antwoorden|opties|opcoes|respostas|atebion|dewisiadau`,
  ],
  ['left', 'left|left side|links|gauche'],
  ['right-side', 'right side|rechts|droite'],
  ['pair', 'pairs?|paar|paire|par|coppia|paar'],
  ['step', 'steps?|schritt|etape|paso|passo|stap|cam'],
  [
    'accepted',
    'accepted|accepts?|also accept(?:s|ed)?|acceptable|(?:accepted|acceptable) answers?|definition|back|back of(?: the)? card|missing words?|typed answer|gap|definitions?|ruckseite|verso|dorso|retro|achterkant|definicion|definizione|definitie|definicao|diffiniad|meaning|bedeutung|signification|significado|significato|betekenis|ystyr|translation',
  ],
  [
    'stem',
    'question|question text|questions|your question|prompt|stem|wording|instructions?|task|text|statement|what is asked|item|sentence|frage|fragetext|aufgabe|frage text|question posee|enonce|consigne|affirmation|pregunta|enunciado|domanda|quesito|vraag|opgave|pergunta|questao|cwestiwn|term|front|front of(?: the)? card|vorderseite|begriff|terme|recto|termino|termine|begrip|termo|word|concept|vocabulary|sentence with gaps',
  ],
  ['title', 'title|heading|titel|titre|titulo|titolo|teitl|short name'],
  [
    'kind',
    'kind|type|question type|question kind|kind of (?:answer|question)|type of (?:answer|question)|code|art|typ|fragetyp|fragenart|genre|tipo|tipo di domanda|soort|math|format',
  ],
  ['option', `(?:${OPTION})|(?:first|second|third|fourth|fifth|sixth) (?:${OPTION})`],
  ['number-in-file', 'no|nr|n|num|number|#|lfd nr|laufende nummer|numero|nummer|rhif|row|position'],
  [
    'ref',
    'ref|reference|id|item code|our ref|question id|code no|kennung|identifiant|referencia|riferimento|referentie|cyfeirnod|our reference',
  ],
];

const EXACT = PATTERNS.map(([role, pattern]) => [role, new RegExp(`^(?:${pattern})$`)] as const);
const BEGINS = PATTERNS.map(
  ([role, pattern]) => [role, new RegExp(`^(?:${pattern})(?: |$)`)] as const,
);
const HOLDS = PATTERNS.map(
  ([role, pattern]) => [role, new RegExp(`(?:^| )(?:${pattern})(?: |$)`)] as const,
);
const OPTION_WORD = new RegExp(`^(?:${OPTION})s?$`);
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];
/** Roles that come several times, each with its place. */
const COUNTED = new Set<Role>([
  'option',
  'verdict',
  'weight',
  'feedback',
  'wrong',
  'pair',
  'left',
  'right-side',
  'step',
  'tag',
  'tags',
]);

export type HeadingGuess = { role: Role; n?: number; sure: boolean; word: string };

/** The number or letter that a heading ends in or names: 'Option C' is 3, 'Reply 2' is 2, 'First answer (A)' is 1. */
function placeOf(words: string): { n: number; rest: string } | undefined {
  const ordinal = ORDINALS.findIndex((word) => words.startsWith(`${word} `));
  if (ordinal >= 0) {
    return {
      n: ordinal + 1,
      rest: words.slice(ORDINALS[ordinal]!.length + 1).replace(/ [a-j]$/, ''),
    };
  }
  const tail =
    /^(.*?)(?: ?(?=\d)| (?=[a-j]))(\d{1,2}|[a-j])(?: %)?$/.exec(words) ??
    /^(.*?) (\d{1,2}|[a-j]) .*$/.exec(words);
  if (!tail) {
    return undefined;
  }
  const mark = tail[2]!;
  return {
    n: /\d/.test(mark) ? Number(mark) : mark.charCodeAt(0) - 96,
    rest: `${tail[1]}${/%$/.test(words) ? ' %' : ''}`.trim(),
  };
}

function roleOf(words: string): { role: Role; sure: boolean } | undefined {
  const exact = EXACT.find(([, pattern]) => pattern.test(words));
  if (exact) {
    return { role: exact[0], sure: true };
  }
  const begins = BEGINS.find(([, pattern]) => pattern.test(words));
  if (begins) {
    return { role: begins[0], sure: true };
  }
  const holds = HOLDS.find(([, pattern]) => pattern.test(words));
  return holds && { role: holds[0], sure: false };
}

/** Headings asked for already: the same row is looked at by several stations. */
const asked = new Map<string, HeadingGuess | undefined>();

/**
 * What a heading says about its column. What stands in brackets only explains, so the words before it decide;
 * undefined where no word is known.
 */
export function roleOfHeading(heading: string): HeadingGuess | undefined {
  if (asked.has(heading)) {
    return asked.get(heading);
  }
  const guess = guessRole(heading);
  if (asked.size >= 2000) {
    asked.clear();
  }
  asked.set(heading, guess);
  return guess;
}

function guessRole(heading: string): HeadingGuess | undefined {
  const outside = bareWords(heading.replace(/[([{].*$/su, ''));
  const words = outside || bareWords(heading);
  if (!words || words.length > 120) {
    return undefined;
  }
  if (/^[a-j]$/.test(words)) {
    return { role: 'option', n: letterPlace(words) + 1, sure: false, word: words };
  }
  if (/^(?:[1-9]|10)$/.test(words)) {
    return { role: 'option', n: Number(words), sure: false, word: words };
  }
  const place = placeOf(words);
  if (place?.rest) {
    if (OPTION_WORD.test(place.rest)) {
      return { role: 'option', n: place.n, sure: true, word: words };
    }
    const counted = roleOf(place.rest);
    if (counted && COUNTED.has(counted.role)) {
      return { role: counted.role, n: place.n, sure: counted.sure, word: words };
    }
  }
  if (OPTION_WORD.test(words)) {
    return { role: 'option', sure: words !== 'ateb' && words !== 'answer', word: words };
  }
  // 'Worth (points)': where the word in front says nothing, the one in brackets may.
  const found = roleOf(words) ?? roleOf(bareWords(heading));
  return found && { ...found, word: words };
}
