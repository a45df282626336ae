// Lines that hold, in front of a question or behind it, what a line of its own says elsewhere: a level in brackets, 'T F', the
// letter of the right option, or the answers to all questions below the last of them.
import { placeOfLetter } from '../../shared/vocabulary/alphabets';
import { bareWords } from '../../shared/normalise';
import { anew, isLine, OFTEN, whereOften, type Lines } from './retyping';

const LEVELLED =
  /^\s*[([]\s*(\p{L}[\p{L} ]{2,14})\s*[)\]]\s*((?:\p{L}{1,10}\.?\s*)?\d{1,3}\s*[.):]\s*\S.*)$/su;
/** Words for how hard a question is. Common practice, no source. */
const LEVEL =
  /^(?:very )?(?:easy|medium|moderate|hard|difficult|beginner|intermediate|advanced|basic|leicht|mittel|schwer|einfach|schwierig|facile|moyen|difficile|facil|media?|medio|dificil|makkelijk|gemiddeld|moeilijk|hawdd|canolig|anodd)$/;

/** A level in brackets in front of a question's number, as a line below the question; undefined where none stands there. */
function levelInFront(text: string): string[] | undefined {
  const [, level = '', question = ''] = LEVELLED.exec(text) ?? [];
  return LEVEL.test(bareWords(level)) ? [question, `Difficulty: ${level}`] : undefined;
}

const TO_CIRCLE =
  /^(\s*\(?\d{1,3}[.):]\s*)(T\s*\/?\s*F|R\s*\/?\s*F|W\s*\/?\s*F|V\s*\/?\s*F|J\s*\/?\s*N|Y\s*\/?\s*N|True\s*\/\s*False)\s+(?=\S)(.*)$/su;

/** The two letters to circle in front of a statement, behind it; undefined where none stand there. */
function circledInFront(text: string): string[] | undefined {
  const [, number, letters = '', statement] = TO_CIRCLE.exec(text) ?? [];
  const [first, second] = letters.split(/\s*\/\s*|\s+/u);
  return statement ? [`${number}${statement} (${first}/${second ?? ''})`] : undefined;
}

/** Options on one line with the letter of the right one behind an arrow or a sign like one. */
const LETTER_POINTED =
  /^(.*?\s\(?[Aa][).].*\s\(?[Bb][).].*?)\s+(?:->|=>|→|⇒|=|[–—-])\s*\(?([A-Ja-j])\)?\s*$/su;
function letterPointedAt(text: string): string[] | undefined {
  const [, options, letter] = LETTER_POINTED.exec(text) ?? [];
  return options && letter ? [options, `Answer: ${letter}`] : undefined;
}

const ANSWER_ALONE = /^\s*(\d{1,3})\s*[.):–-]?\s*([A-Ja-jА-Га-г])\s*$/u;
/** Answers that count on from the first question, one a line, at the end of a text that gives none: named as what they are. */
function answersAtEnd(lines: Lines): Lines {
  const filled = lines.map((line, at) => ({ line, at })).filter(({ line }) => line.text.trim());
  const numbers: number[] = [];
  let first = filled.length;
  for (let index = filled.length - 1; index >= 0; index--) {
    const { line } = filled[index]!;
    const [, number = '', letter = ''] = isLine(line) ? (ANSWER_ALONE.exec(line.text) ?? []) : [];
    if (!number || placeOfLetter(letter) === undefined) {
      break;
    }
    numbers.unshift(Number(number));
    first = index;
  }
  const isCounted = numbers.every((number, index) => number === index + 1);
  const own = filled[first];
  // A text of such lines alone holds nothing that they answer.
  if (numbers.length < OFTEN || !isCounted || !own || first < numbers.length) {
    return lines;
  }
  return [...lines.slice(0, own.at), anew(own.line, 'Answers:'), ...lines.slice(own.at)];
}

/** Ways of typing around questions, in the order in which they are looked for. */
export const TYPED_AROUND: readonly ((lines: Lines) => Lines)[] = [
  whereOften(levelInFront),
  whereOften(circledInFront),
  whereOften(letterPointedAt),
  answersAtEnd,
];
