// The words in front of an answer, an explanation or another field, where a question is written as running text.
import type { Role } from '../../model';
import { bareWords } from '../normalise';
import { roleOfHeading } from './headings';
import { wholly } from './phrases';

const ANSWER = wholly({
  en: [
    '(?:the )?(?:(?:correct|right|model|expected|accepted|sample) )?(?:answers?|ans|responses?|key|solutions?|options?|choices?)(?: is| are)?',
    '(?:the )?(?:correct|right|proper) (?:order|sequence)(?: is)?',
    'correct',
    'right',
    'a',
  ],
  de: [
    '(?:richtige|korrekte) reihenfolge',
    '(?:(?:richtige|korrekte) )?(?:antwort|antworten|antw|losung|losungen|lsg)',
    'richtig',
    '(?:muster|beispiel)(?:losung|antwort)(?:en)?',
  ],
  fr: [
    '(?:bon ordre|ordre (?:correct|exact))',
    '(?:bonnes? )?(?:reponses?|rep)(?: correctes?| exactes?)?',
    'corrige',
  ],
  es: ['orden correcto', '(?:respuestas?|resp|rta)(?: correctas?)?', 'solucion(?:es)?', 'clave'],
  it: [
    'ordine (?:corretto|giusto)',
    '(?:rispost[ae]|risp)(?: corrett[ae]| esatt[ae]| giust[ae])?',
    'soluzion[ei]',
  ],
  nl: [
    '(?:juiste|goede) volgorde',
    '(?:juiste |goede )?(?:antwoord(?:en)?|antw)',
    'oplossing(?:en)?',
  ],
  pt: ['ordem (?:correta|certa)', 'respostas?(?: corretas?| certas?)?', 'gabarito', 'solucao'],
  cy: ['ateb(?:ion)?(?: cywir)?'],
});
/** What stands alone above the answers to all questions. */
const ANSWER_LIST = wholly({
  en: [
    'answers?(?: key)?',
    'key(?: to the questions)?',
    'solutions?',
    '(?:correct|right) answers',
    'answers? (?:sheet|section|page|list)',
    '(?:mark(?:ing)?|answer) scheme',
  ],
  de: ['losung(?:en|sschlussel|sblatt)?', 'musterlosung(?:en)?', 'antworten'],
  fr: ['corriges?', 'correction', 'reponses?'],
  es: ['respuestas', 'soluciones', 'solucionario', 'clave(?: de respuestas)?'],
  it: ['risposte', 'soluzioni'],
  nl: ['antwoorden', 'oplossingen', '(?:antwoord|correctie)model'],
  pt: ['respostas', 'gabarito'],
  cy: ['atebion'],
});
const STEM = wholly({
  en: ['(?:q|question|term)(?: \\d+)?'],
  de: ['(?:frage|begriff)(?: \\d+)?'],
  fr: ['terme(?: \\d+)?'],
  es: ['pregunta(?: \\d+)?'],
  it: ['domanda(?: \\d+)?'],
  nl: ['vraag(?: \\d+)?'],
  pt: ['pergunta(?: \\d+)?'],
  cy: ['cwestiwn(?: \\d+)?'],
});

export type LineField = { role: Role | 'answer' | 'question'; value: string; valueFrom: number };

/** Longer lines head nothing, nor do lines with numbers: so much is seen before any word is looked at. */
const LONGEST_HEADING = 60;

/** Whether a line stands alone above the answers to all questions: 'Answer key', 'Lösungen'. */
export const headsAnswers = (text: string): boolean =>
  text.length <= LONGEST_HEADING && !/\d/.test(text) && ANSWER_LIST.test(bareWords(text));

/** Roles that a line of its own may name. */
const BESIDE = new Set<Role>([
  'explanation',
  'hint',
  'points',
  'seconds',
  'category',
  'tags',
  'feedback',
  'attempts',
  'kind',
  'ref',
  'title',
  'use',
]);

/** Fewer letters name options and no order of them. */
const LEAST_LISTED = 3;
const MOST_LISTED = 26;

/** Whether a value lists each of the first letters or numbers once, 'B, C, A', or pairs each number with one of them, '1c, 2a, 3b'. */
function listsEach(value: string): boolean {
  const parts = value
    .toLowerCase()
    .split(/\s*(?:[,;/>→–-]|\s)\s*/u)
    .filter((part) => /[^.)]/u.test(part))
    .map((part) => part.replace(/[.)]$/u, ''));
  const n = parts.length;
  if (n < LEAST_LISTED || n > MOST_LISTED) {
    return false;
  }
  const letters = parts.map((_, at) => String.fromCharCode(97 + at));
  const numbers = parts.map((_, at) => String(at + 1));
  const isEach = (found: readonly string[], all: readonly string[]): boolean =>
    [...found].sort().join() === [...all].sort().join();
  const pairs = parts.flatMap((part) => /^(\d{1,2})[.:=)-]?([a-z])$/u.exec(part)?.[1] ?? []);
  return isEach(pairs, numbers) || isEach(parts, letters) || isEach(parts, numbers);
}

/**
 * The field that a line names in front: 'Answer: C', 'Explanation: …', 'Richtige Antwort – B'. `valueFrom` is where its
 * value starts in the line. Undefined where no known word stands there.
 */
export function fieldOfLine(text: string): LineField | undefined {
  const bare =
    /^(\W*(?:(?:correct|right|richtige|bonne|juiste|goede)\s+)?(?:answer|ans|antwort|lösung|réponse|respuesta|risposta|antwoord|resposta|ateb)\.?\s+(?:(?:is|correcta?e?|corretta|esatta|exacte|certa)\s+)?[([]?)([A-Ja-j](?:\s*[,;&/]\s*[A-Ja-j])*)[.)\]]{0,2}$/iu.exec(
      text,
    );
  if (bare) {
    return { role: 'answer', value: bare[2]!, valueFrom: bare[1]!.length };
  }
  const match =
    /^([^\p{L}\p{N}]*([\p{L}][\p{L}\p{N} '’/-]{0,38}?)\s*(?:\([^)]{0,30}\)\s*)?(?::|=|–|—|\s-\s)\s*)(.*)$/su.exec(
      text,
    );
  if (!match) {
    return undefined;
  }
  const words = bareWords(match[2]!);
  const value = match[3]!;
  const valueFrom = match[1]!.length;
  const colon = /[:=]\s*$/.test(match[1]!);
  if (ANSWER.test(words)) {
    return words === 'a' && !colon ? undefined : { role: 'answer', value, valueFrom };
  }
  if (!colon || words.split(' ').length > 4) {
    return undefined;
  }
  if (STEM.test(words)) {
    return { role: 'question', value, valueFrom };
  }
  const guess = roleOfHeading(match[2]!);
  // 'Order' names a kind as well.
  if ((!guess?.sure || guess.role === 'kind') && listsEach(value)) {
    return { role: 'answer', value, valueFrom };
  }
  if (!guess?.sure) {
    return undefined;
  }
  if (BESIDE.has(guess.role)) {
    return { role: guess.role, value, valueFrom };
  }
  return guess.role === 'accepted' ? { role: 'answer', value, valueFrom } : undefined;
}
