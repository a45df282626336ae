// Lines that hold, in front of a question or behind it, what a line of its own says elsewhere: a level in brackets, 'T F', the
// letter of the right option, or the answers to all questions below the last of them.
import type { DocumentLine } from '../../model';
import { placeOfLetter } from '../../shared/vocabulary/alphabets';
import { fieldOfLine, headsAnswers } from '../../shared/vocabulary/answer-lines';
import { saysLevel } from '../../shared/vocabulary/levels';
import { likelihoodOf } from '../../understanding';
import { anew, countUp, isLine, OFTEN, whereOften, type Lines } from './retyping';
import { pairsSideBySide } from './side-by-side';

const LEVELLED =
  /^\s*[([]\s*(\p{L}[\p{L} ]{2,14})\s*[)\]]\s*((?:\p{L}{1,10}\.?\s*)?\d{1,3}\s*[.):]\s*\S.*)$/su;
const LEVEL_BEHIND_NUMBER =
  /^(\s*(?:\p{L}{1,10}\.?\s*)?\d{1,3}\s*[.):]\s*)[([]\s*(\p{L}[\p{L} ]{2,14})\s*[)\]]\s*(\S.*)$/su;

const LEVEL_LAST = /^(.*\S)\s*[([]\s*(\p{L}[\p{L} ]{2,14})\s*[)\]]\s*$/su;

/** A level in brackets behind a question, as a line below it. */
export function levelBehind(text: string): string[] | undefined {
  const [, question = '', level = ''] = LEVEL_LAST.exec(text) ?? [];
  return saysLevel(level) && /[?.!]$/u.test(question)
    ? [question, `Difficulty: ${level}`]
    : undefined;
}

/** A level in brackets in front of a question's number or right behind it, as a line below the question; undefined where none stands there. */
function levelInFront(text: string): string[] | undefined {
  const [, first = '', question = ''] = LEVELLED.exec(text) ?? [];
  const [, number = '', behind = '', rest = ''] = LEVEL_BEHIND_NUMBER.exec(text) ?? [];
  const level = first || behind;
  return saysLevel(level) ? [question || `${number}${rest}`, `Difficulty: ${level}`] : undefined;
}

const LEVEL_BEHIND_TITLE =
  /^(\s*\p{L}{1,15}\.?\s*\d{1,3}\s*[.:)]?)\s*[([]\s*(\p{L}[\p{L} ]{2,14})\s*[)\]]\s*$/su;
/** Levels in brackets behind lines that count the questions, 'Question 1 (easy)', as lines below all that stands below those. */
function levelsBehindTitles(lines: Lines): Lines {
  const found = lines.map(({ text }) => {
    const [, title = '', level = ''] = LEVEL_BEHIND_TITLE.exec(text) ?? [];
    return saysLevel(level) ? { title, level } : undefined;
  });
  if (found.filter(Boolean).length < OFTEN) {
    return lines;
  }
  let waiting: string | undefined;
  const told = (above: DocumentLine | undefined): DocumentLine[] => {
    const level = above && waiting;
    waiting = undefined;
    return level === undefined ? [] : [anew(above!, `Difficulty: ${level}`)];
  };
  const typed = lines.flatMap((line, at) => {
    const said = found[at];
    if (said) {
      const own = [...told(lines[at - 1]), anew(line, said.title)];
      waiting = said.level;
      return own;
    }
    // An empty line right below the title parts it from its question.
    return line.text.trim() || found[at - 1] ? [line] : [...told(lines[at - 1]), line];
  });
  return [...typed, ...told(lines.at(-1))];
}

const LETTER_BEHIND_QUESTION =
  /^(\s*(?:\p{L}{1,10}\.?\s*)?\d{1,3}\s*[.):].*\S)\s*[([]\s*([A-Ja-j])\s*[)\]]\s*$/su;
const OPTION = /^\s*\(?([A-Ja-j])\s?[.):]\s*\S/u;
/** Letters of right options in brackets behind questions, above options with letters: each on a line of its own below its question. */
function lettersBehindQuestions(lines: Lines): Lines {
  const areAbove: boolean[] = [];
  for (let at = lines.length - 1, below = ''; at >= 0; at--) {
    areAbove[at] = OPTION.test(below);
    below = lines[at]!.text.trim() || below;
  }
  const found = lines.map((line, at) =>
    isLine(line) && areAbove[at]
      ? (LETTER_BEHIND_QUESTION.exec(line.text) ?? undefined)
      : undefined,
  );
  const asked = lines.filter((line, at) => isLine(line) && areAbove[at] && !OPTION.test(line.text));
  // Where some have none, letters may be what the questions speak of.
  return found.filter(Boolean).length < Math.max(OFTEN, asked.length)
    ? lines
    : lines.flatMap((line, at) => {
        const [, question = '', letter = ''] = found[at] ?? [];
        return letter ? [anew(line, question), anew(line, `Answer: ${letter}`)] : [line];
      });
}

const NAMED_BEHIND_NUMBER =
  /^(\s*[([]?\d{1,3}\s*[.):\]-]\s*)(\p{L}[\p{L} ]{1,20}?)\s*:\s+(\S.*)$/su;
const NAMED = 0.5;
/** A question's number with a word for questions behind it, '1. Pregunta: …', without the word. */
function nameBehindNumber(text: string): string[] | undefined {
  const [, number, name = '', question] = NAMED_BEHIND_NUMBER.exec(text) ?? [];
  return number && likelihoodOf(name, ['stem']) > NAMED ? [`${number}${question!}`] : undefined;
}

const INITIAL = /^(\s*)([QA])([.)])\s+(?=\S)/u;
const SECOND_OPTION = /^\s*(?:A[.)]\s.*\s)?B[.)]\s/su;
/** 'Q. …' and 'A. …' in turn, where no 'B.' says that letters count options: with the words that they stand for. */
function initialsAsWords(lines: Lines): Lines {
  const initials = lines.map(({ text }) => INITIAL.exec(text)?.[2]);
  const times = (letter: string): number => initials.filter((one) => one === letter).length;
  const areOptions = lines.some(({ text }) => SECOND_OPTION.test(text));
  return areOptions || times('Q') < OFTEN || times('A') < OFTEN
    ? lines
    : lines.map((line, at) => {
        const name = initials[at] === 'Q' ? 'Question: ' : 'Answer: ';
        return initials[at] ? anew(line, line.text.replace(INITIAL, `$1${name}`)) : line;
      });
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
  /^((?:.*?\s)?\(?[Aa][).].*\s\(?[Bb][).].*?)\s+(?:->|=>|→|⇒|=|[–—-])\s*\(?([A-Ja-j])\)?\s*$/su;
function letterPointedAt(text: string): string[] | undefined {
  const [, options, letter] = LETTER_POINTED.exec(text) ?? [];
  return options && letter ? [options, `Answer: ${letter}`] : undefined;
}

const BEHIND_OPTIONS =
  /^((?:.*?\s)?\(?[Aa][).].*\s\(?[Bb][).].*?\S)[.;,]?\s+(\p{L}[\p{L} ]{1,24}:\s*\(?[A-Ja-j]\)?)\s*\.?\s*$/su;
/** The answer by its letter behind options on one line, with its name: a line of its own. */
function answerBehindOptions(text: string): string[] | undefined {
  const [, options, answer = ''] = BEHIND_OPTIONS.exec(text) ?? [];
  return options && fieldOfLine(answer)?.role === 'answer' ? [options, answer] : undefined;
}

const NUMBERED_IN_PART = /^(\s*)(\d{1,2})\.(\d{1,2})[.):]?(\s+)(?=\S)/u;
/** Numbers of questions behind those of their parts, '2.1', that count on in each part: counted through all. */
function countedThrough(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? NUMBERED_IN_PART.exec(line.text) : null));
  const numbers = found.flatMap((match) => (match ? [[Number(match[2]), Number(match[3])]] : []));
  const doCount = numbers.every(([part = 0, n = 0], at) => {
    const [lastPart = part - 1, last = 0] = numbers[at - 1] ?? [];
    return part === lastPart ? n === last + 1 : part === lastPart + 1 && n === 1;
  });
  let counted = 0;
  return numbers.length < OFTEN || !doCount
    ? lines
    : lines.map((line, at) =>
        found[at] ? anew(line, line.text.replace(NUMBERED_IN_PART, `$1${++counted}.$4`)) : line,
      );
}

const BEHIND_GAP =
  /^(.*\S)(?:\t+|[ \u00a0]{2,})(\p{L}[\p{L} ]{1,24}?[:.]?\s*[([]?[A-Ja-j][)\]]?)\s*\.?\s*$/su;
/** The answer by its letter behind a wide gap, with its name: a line of its own. */
function answerBehindGap(text: string): string[] | undefined {
  const [, question, answer = ''] = BEHIND_GAP.exec(text) ?? [];
  return question && fieldOfLine(answer)?.role === 'answer' ? [question, answer] : undefined;
}

const ANSWER_ALONE = /^\s*(\d{1,3})\s*[.):–-]?\s*([A-Ja-jА-Га-г])\s*$/u;
/** The number of a question whose letter stands alone with it on a line; undefined of any other line. */
function answeredIn(line: Lines[number]): number | undefined {
  const [, number = '', letter = ''] = isLine(line) ? (ANSWER_ALONE.exec(line.text) ?? []) : [];
  return number && placeOfLetter(letter) !== undefined ? Number(number) : undefined;
}

/** Answers that count on from the first question, one a line, at the end of a text that gives none: named as what they are. */
function answersAtEnd(lines: Lines): Lines {
  const filled = lines.map((line, at) => ({ line, at })).filter(({ line }) => line.text.trim());
  const last = filled.findLastIndex(({ line }) => answeredIn(line) === undefined);
  const answers = filled.slice(last + 1);
  const isCounted = countUp(answers.map(({ line }) => answeredIn(line)));
  const isHeaded = filled.slice(0, last + 1).some(({ line }) => headsAnswers(line.text));
  const [first] = answers;
  // A text of such lines alone holds nothing that they answer.
  if (!first || answers.length < OFTEN || !isCounted || isHeaded || last < answers.length) {
    return lines;
  }
  return [...lines.slice(0, first.at), anew(first.line, 'Answers:'), ...lines.slice(first.at)];
}

/** Ways of typing around questions, in the order in which they are looked for. */
export const TYPED_AROUND: readonly ((lines: Lines) => Lines)[] = [
  countedThrough,
  pairsSideBySide,
  whereOften(levelInFront),
  levelsBehindTitles,
  lettersBehindQuestions,
  whereOften(nameBehindNumber),
  initialsAsWords,
  whereOften(circledInFront),
  whereOften(letterPointedAt),
  whereOften(answerBehindOptions),
  whereOften(answerBehindGap),
  answersAtEnd,
];
