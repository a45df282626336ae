// The words in front of an answer, an explanation or another field, where a question is written as running text.
import type { Role } from '../../model';
import { bareWords } from '../normalise';
import { roleOfHeading } from './headings';

const ANSWER = new RegExp(
  `^(?:${[
    '(?:the )?(?:(?:correct|right|model|expected|accepted|sample) )?(?:answers?|ans|responses?|key|solutions?|options?|choices?)(?: is| are)?',
    'correct',
    'right',
    'a',
    '(?:(?:richtige|korrekte) )?(?:antwort|antworten|losung|losungen)',
    'richtig',
    '(?:bonnes? )?reponses?(?: correctes?| exactes?)?',
    'corrige',
    'respuestas?(?: correctas?)?',
    'solucion(?:es)?',
    'clave',
    'rispost[ae](?: corrett[ae]| esatt[ae]| giust[ae])?',
    'soluzion[ei]',
    '(?:juiste |goede )?antwoord(?:en)?',
    'oplossing(?:en)?',
    'respostas?(?: corretas?| certas?)?',
    'gabarito',
    'solucao',
    'ateb(?:ion)?(?: cywir)?',
  ].join('|')})$`,
);
const ANSWER_LIST =
  /^(?:answers?(?: key)?|key(?: to the questions)?|solutions?|(?:correct|right) answers|answer sheet|losung(?:en|sschlussel)?|antworten|corriges?|reponses?|respuestas|soluciones|clave(?: de respuestas)?|risposte|soluzioni|antwoorden|oplossingen|respostas|gabarito|atebion)$/;
const STEM =
  /^(?:q|question|frage|pregunta|domanda|vraag|pergunta|cwestiwn|term|begriff|terme)(?: \d+)?$/;

export type LineField = { role: Role | 'answer' | 'question'; value: string; valueFrom: number };

/** Whether a line stands alone above the answers to all questions: 'Answer key', 'Lösungen'. */
export const headsAnswers = (text: string): boolean => ANSWER_LIST.test(bareWords(text));

/**
 * The field that a line names in front: 'Answer: C', 'Explanation: …', 'Richtige Antwort – B'. `valueFrom` is where its
 * value starts in the line. Undefined where no known word stands there.
 */
export function fieldOfLine(text: string): LineField | undefined {
  const bare =
    /^(\W*(?:answer|ans|antwort|lösung|réponse|respuesta|risposta|antwoord|resposta|ateb)\.?\s+(?:is\s+)?)([A-Ja-j](?:\s*[,;&/]\s*[A-Ja-j])*)[.)]?$/iu.exec(
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
  if (!guess?.sure) {
    return undefined;
  }
  if (
    [
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
    ].includes(guess.role)
  ) {
    return { role: guess.role, value, valueFrom };
  }
  return guess.role === 'accepted' ? { role: 'answer', value, valueFrom } : undefined;
}
