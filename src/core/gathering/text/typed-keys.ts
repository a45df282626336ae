// Keys with no word above them: answers counted below the questions, and letters for all of them on a line alone.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { letterPlace, optionLetter } from '../../shared/plain';
import { romanValue } from '../../shared/roman';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { anew, countUp, eachLine, isLine, namesAnswers, OFTEN, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const COUNTED = /^\s*(?:_{2,}\s*)?[([]?(\d{1,3})(?:[.):\]]\s*|\s+)(\S.*)$/u;
/** A verdict, with what may explain it. */
const VERDICT = /^(\p{L}{1,12})\s*(?:[.,;:–(-].*)?$/u;
const MOSTLY = 0.8;

type Counted = { at: number; n: number; text: string };

/** Lines that count up from one by one, with nothing but empty lines between them. */
function runsOf(lines: Lines): Counted[][] {
  const runs: Counted[][] = [];
  let goesOn = false;
  lines.forEach((line, at) => {
    const [, n, text = ''] = (isLine(line) && COUNTED.exec(line.text)) || [];
    const run = runs.at(-1);
    if (n !== undefined && goesOn && run && Number(n) === run.length + 1) {
      run.push({ at, n: Number(n), text });
    } else if (n === '1') {
      runs.push([{ at, n: 1, text }]);
      goesOn = true;
    } else if (line.text.trim()) {
      goesOn = false;
    }
  });
  return runs;
}

const asked = (run: readonly Counted[]): number =>
  run.filter(({ text }) => asksOutright(text)).length;

const isVerdict = ({ text }: Counted): boolean => {
  const word = VERDICT.exec(text)?.[1];
  return word !== undefined && (/^[TFVRWX]$/iu.test(word) || verdictOf(word) !== undefined);
};

/** Whether one list asks and another one, as long, does not, or is nothing but verdicts. */
const answersEach = (asking: readonly Counted[], answering: readonly Counted[]): boolean =>
  asking.length > OFTEN &&
  asking.length === answering.length &&
  (asked(asking) >= asking.length * MOSTLY ||
    (answering.every(isVerdict) && !asking.some(isVerdict))) &&
  asked(answering) === 0;

/** Two lists that count alike and nothing else: one that asks, and below it one that does not, are questions and their answers. */
export function answersCounted(lines: Lines): Lines {
  const [asking = [], answering = [], ...others] = runsOf(lines);
  const from = answering[0]?.at ?? 0;
  const to = answering.at(-1)?.at ?? 0;
  const isLast = to >= lines.findLastIndex(({ text }) => text.trim());
  const isApart = from > 0 && !lines[from - 1]!.text.trim();
  return !others.length && isLast && isApart && answersEach(asking, answering)
    ? [...lines.slice(0, from), anew(lines[from - 1]!, 'Answers'), ...lines.slice(from)]
    : lines;
}

const PAIRS = /^\s*(?:\(?\d{1,3}\s?[.):=–-]{0,3}\s?\(?[A-Ja-j]\)?(?:[\s,;|/·]+|$)){2,}$/u;

const LETTERS = /^\s*[A-Ja-j](?:[\s,;]+[A-Ja-j])+\s*\.?$/u;
/** So many questions have options, by the first letter in front of them. */
const questionsIn = (lines: Lines): number =>
  lines.filter(({ text }) => /^\s*[([]?[Aa][).\]]/u.test(text)).length;

/** Whether a line is a key and nothing else: numbers from one with a letter each, or as many letters as questions have options. */
function isKeyLine(text: string, lines: Lines): boolean {
  const counted = [...text.matchAll(/\d+/gu)].map(([n]) => Number(n));
  return counted.length
    ? PAIRS.test(text) && counted.every((n, index) => n === index + 1)
    : LETTERS.test(text) && (text.match(/[A-Ja-j]/gu) ?? []).length === questionsIn(lines);
}

/** A key line with a comma between its pairs, whatever parts them there: '1.- B / 2.- C' as '1 B, 2 C'. */
const inPairs = (text: string): string =>
  /\d/u.test(text)
    ? [...text.matchAll(/(\d{1,3})[^A-Ja-j\d]*([A-Ja-j])/gu)]
        .map(([, n, letter]) => `${n} ${letter}`)
        .join(', ')
    : text.trim();

/** The answers in brackets that count each question of a text once, '(1 pound, 2 paddle)', without the brackets; undefined of another line. */
function countedAnswers(text: string, lines: Lines): string | undefined {
  const list = BRACKETED.exec(text)?.[1];
  const counted = [...(list ?? '').matchAll(ENTRY)].map(([, n]) => Number(n));
  const questions = lines.flatMap((line) => COUNTING.exec(line.text)?.[1] ?? []).map(Number);
  const isEach = counted.length > OFTEN && counted.length === questions.length;
  return isEach && countUp(counted) && countUp(questions) ? list : undefined;
}
const BRACKETED = /^\s*[([]\s*(1\D.*)[)\]]\s*\.?\s*$/su;
const ENTRY = /(?:^|[,;]\s*)(\d{1,3})\s*[.):=–-]?\s*(?=\p{L})/gu;
const COUNTING = /^\s*(\d{1,3})[.)]\s+\S/u;

/** A last line that is the key of all questions, apart from them, named as what it is. */
export function keyAlone(lines: Lines): Lines {
  const at = lines.findLastIndex(({ text }) => text.trim());
  const text = lines[at]?.text ?? '';
  const key = isKeyLine(text, lines) ? inPairs(text) : countedAnswers(text, lines);
  return !lines[at - 1]?.text.trim() && key !== undefined && !namesAnswers(lines)
    ? lines.map((line, index) => (index === at ? anew(line, `Answers: ${key}`) : line))
    : lines;
}

const ROMAN_PAIR = /(?<![\p{L}\d])([IVX]{1,5})\s*[-–).:=]+\s*[([]?([A-Ja-j])[)\]]?(?![\p{L}\d])/gu;
/** A key whose questions Roman numbers count, 'I-b, II-a', counted in figures. */
export const keyInRoman = (lines: Lines): Lines =>
  eachLine(lines, (text) => {
    const numbers = [...text.matchAll(ROMAN_PAIR)].map(([, number]) => romanValue(number!));
    return numbers.length >= OFTEN && countUp(numbers)
      ? text.replace(
          ROMAN_PAIR,
          (_, number: string, letter: string) => `${romanValue(number)} ${letter}`,
        )
      : undefined;
  });

const SLASHED = /(?<![\p{L}\d/])(\d{1,3})\s?\/\s?([A-Ja-j])(?![\p{L}\d/])/gu;
/** A key whose numbers and letters strokes part, '1/B 2/A', with blanks between them. */
export const keyWithStrokes = (lines: Lines): Lines =>
  eachLine(lines, (text) => {
    const numbers = [...text.matchAll(SLASHED)].map(([, n]) => Number(n));
    return numbers.length >= OFTEN && countUp(numbers) ? text.replace(SLASHED, '$1 $2') : undefined;
  });

/** What an answer line counts by letters from the first on, entry by entry; undefined of another line. */
function countedByLetters(
  text: string,
  entry: RegExp,
): { value: string; found: RegExpExecArray[] } | undefined {
  const field = text.search(entry) >= 0 ? fieldOfLine(text) : undefined;
  const found = field?.role === 'answer' ? [...field.value.matchAll(entry)] : [];
  const isCounted = countUp(found.map(([, letter]) => letterPlace(letter!) + 1));
  return field && found.length >= OFTEN && isCounted ? { value: field.value, found } : undefined;
}

const NUMBER_PAIR = /(?<![\p{L}\d])(\d{1,3})\s*[.):=–-]\s*\((\d{1,2})\)(?![\p{L}\d])/gu;
/** A key of numbers in brackets, '1. (3)  2. (2)', with the letters of the options. */
export const keyInNumbers = (lines: Lines): Lines =>
  eachLine(lines, (text) => {
    const found = [...text.matchAll(NUMBER_PAIR)];
    const isWhole = found.length >= OFTEN && /^[\s,;]*$/u.test(text.replace(NUMBER_PAIR, ''));
    return isWhole && countUp(found.map(([, n]) => Number(n)))
      ? `Answers: ${found.map(([, n, place]) => `${n} ${optionLetter(Number(place) - 1)}`).join(', ')}`
      : undefined;
  });

const ROMAN_ANSWER = /^\s*(\p{L}[\p{L} ]{1,20}?)\s*[:.]?\s+([IVX]{1,4}|[ivx]{1,4})\s*\.?\s*$/u;
const ROMAN_OPTION = /^\s*\(?(?:II|ii)[.)]\s+\S/u;
/** Answers by the Roman number of an option, 'Answer II', by its letter, where options are counted so. */
export const answersInRoman = (lines: Lines): Lines =>
  !lines.some(({ text }) => ROMAN_OPTION.test(text))
    ? lines
    : eachLine(lines, (text) => {
        const [, name, number] = ROMAN_ANSWER.exec(text) ?? [];
        const place = number === undefined ? undefined : romanValue(number);
        return place && fieldOfLine(`${name}: x`)?.role === 'answer'
          ? `Answer: ${optionLetter(place - 1)}`
          : undefined;
      });

const LETTERED = /(?:^|[\s,;])[([]?([a-jA-J])[).:\]]\s+/gu;
/** A key whose questions letters count and whose answers are words, 'Key: a) saw  b) took', counted in numbers. */
export const wordsByLetters = (lines: Lines): Lines =>
  eachLine(lines, (text) => {
    const { value = '', found = [] } = countedByLetters(text, LETTERED) ?? {};
    const words = found.map((match, n) =>
      value
        .slice(match.index + match[0].length, found[n + 1]?.index)
        .trim()
        .replace(/[,;]$/u, ''),
    );
    return words.length && words.every((word) => /\p{L}{2}/u.test(word))
      ? `Answers: ${words.map((word, n) => `${n + 1}. ${word}`).join(', ')}`
      : undefined;
  });

const LETTER_PAIR =
  /[([]?([a-jA-J])[).:\]]\s*[([]?([ivx]{1,5}|[A-Ja-j]|\d{1,2})[)\].]?(?:[\s,;|]+|$)/gu;
/** The place of an option by its Roman number, number or letter, from 1. */
const placeIn = (label: string): number =>
  romanValue(label) ?? (/^\d+$/u.test(label) ? Number(label) : letterPlace(label) + 1);

/** A key whose questions letters count, 'Answers: a) i  b) ii', counted in numbers, with the letters of the options. */
export const keyInLetters = (lines: Lines): Lines =>
  eachLine(lines, (text) => {
    const { value = '', found = [] } = countedByLetters(text, LETTER_PAIR) ?? {};
    const isWhole = value.replace(LETTER_PAIR, '').trim() === '';
    return found.length && isWhole
      ? `Answers: ${found.map(([, , label], n) => `${n + 1} ${optionLetter(placeIn(label!) - 1)}`).join(', ')}`
      : undefined;
  });
