// Answers that stand in one text: several accepted ones, and gaps drawn into a sentence.
import { DRAWN_GAP } from '../shared/drawn-gap';
import { splitCell } from '../shared/table/separators';

/** Answers of more words than this are sentences, in which "or" joins what belongs together. */
const MOST_WORDS = 4;
const areShort = (parts: readonly string[]): boolean =>
  parts.every((part) => part.trim().split(/\s+/u).length <= MOST_WORDS);

/** The word between two short answers; undefined where it stands within a sentence. */
function orIn(text: string): string | undefined {
  const words = [...text.matchAll(/(,?)(\s(?:or|oder|ou|oppure)\s)/gu)];
  const word = words[0]?.[2];
  // 'Anyone trained, or under supervision.' is one answer.
  const isSentence = words.some(([, comma]) => comma !== '');
  return word && !isSentence && areShort(text.split(word)) ? word : undefined;
}

/** Whether semicolons part the clauses of a sentence, as its full stop tells: 'A step below the gate; boats keep clear of it.' */
const hasClauses = (text: string): boolean =>
  /;\s.*\p{L}{2}\.\s*$/su.test(text) && !text.includes('|');

/** What is accepted as well, in brackets behind an answer: 'the Netherlands (accept Holland)'. */
const ALSO =
  /^([^()]+?)\s*\((?:(?:also\s+)?accept|or|oder|ou|o|of|auch|also|aussi|también|anche|ook|também)\s*:?\s+([^()]+)\)\s*$/iu;

/** The accepted answers of a text: by bar or semicolon, by a slash between blanks, or by a word such as "or". */
export function splitAnswers(text: string): string[] {
  if (hasClauses(text)) {
    return [text.trim()];
  }
  const also = ALSO.exec(text);
  if (also) {
    return [also[1]!, also[2]!].flatMap(splitAnswers);
  }
  const sign = /[|;\n]/.exec(text)?.[0] ?? (/\s\/\s/.test(text) ? '/' : orIn(text));
  return splitCell(text, sign).map((answer) => answer.replace(/^\*\s*/, ''));
}

/** Words in brackets of any shape are the gaps' own solutions; round ones only where nothing else stands beside them. */
const WORDED = /\[{1,2}([^\][\n]{1,60})\]{1,2}|\{{1,2}([^}{\n]{1,60})\}{1,2}/gu;

const NUMBERED = /\(?(\d{1,2})[).]?\s?(?=_{2,})/gu;
const NUMBERED_BEHIND = /(?<=_{2,})\s?\((\d{1,2})\)/gu;
/** A text without the numbers that count its gaps from 1 on, 'the (1) ____ closes the (2) ____'. */
export function uncountedGaps(text: string): string {
  const pattern = [NUMBERED, NUMBERED_BEHIND].find((one) => {
    const found = [...text.matchAll(one)];
    return found.length > 1 && found.every(([, n], index) => Number(n) === index + 1);
  });
  return pattern ? text.replace(pattern, '') : text;
}

export type DrawnGaps = { stem: string; gaps: { accepted: string[] }[] };

const spellings = (text: string): string[] =>
  text
    // Between digits a stroke makes a fraction or a date.
    .split(/\/(?!\d)|(?<!\d)\/|\|/)
    .map((word) => word.trim())
    .filter(Boolean);

const COUNTED = /(?:^|\s)\(?(\d{1,2})[).:]\s*/gu;
/** Words that numbers count from 1 on, '(1) chamber (2) gate'; none where they are not counted. */
export function countedWords(text: string): string[] {
  const found = [...text.matchAll(COUNTED)];
  const isCount = found.length > 1 && found.every(([, n], index) => Number(n) === index + 1);
  return isCount && found[0]!.index === 0
    ? found.map((match, index) =>
        text
          .slice(match.index + match[0].length, found[index + 1]?.index ?? text.length)
          .replace(/[\s,;]+$/u, ''),
      )
    : [];
}

/** The words for so many gaps: each answer its own, or one text split by the sign that gives as many parts. */
function wordsFor(gaps: number, answers: readonly string[]): string[] {
  const filled = answers.filter(Boolean);
  const counted = countedWords(filled.join(' '));
  if (counted.length === gaps && gaps > 1) {
    return counted;
  }
  if (filled.length === gaps || gaps === 1) {
    return gaps === 1 ? [filled.flatMap(splitAnswers).join('/')] : filled;
  }
  const text = filled.join(';');
  const fitting = [';', '|', '\n', ',', ' / ', '/']
    .map((sign) => text.split(sign))
    .find((parts) => parts.length === gaps);
  return fitting ?? text.split(/[,;|\n]/);
}

const DOTTED = /(?<=^|\s)(?:\.{3}|…)(?=[\s.,;:!?]|$)/gu;

/** Gaps of three dots, which may be a pause as well: as many of them as there are answers, and a lone one not at the end. */
function dottedGaps(stem: string, answers: readonly string[]): DrawnGaps | undefined {
  const found = [...stem.matchAll(DOTTED)];
  const isWithin = found.length > 1 || /\p{L}/u.test(stem.slice(found[0]?.index));
  if (found.length !== answers.length || !isWithin) {
    return undefined;
  }
  let n = 0;
  return {
    stem: stem.replace(DOTTED, () => `{{${++n}}}`),
    gaps: answers.map((answer) => ({ accepted: spellings(answer) })),
  };
}

/**
 * The gaps of a sentence: each drawn line or empty bracket becomes {{n}}, its accepted words come from the answers in
 * order; a bracket that holds its word brings it along. Undefined where the sentence has none.
 */
export function drawnGaps(stem: string, answers: readonly string[]): DrawnGaps | undefined {
  let n = 0;
  // A gap of dots at the end of a sentence swallows its full stop.
  const text = uncountedGaps(stem);
  const marked = text.replace(DRAWN_GAP, (drawn, at: number) =>
    /^\.{5,}$/.test(drawn) && at + drawn.length === text.length ? `{{${++n}}}.` : `{{${++n}}}`,
  );
  if (n) {
    const words = wordsFor(n, answers);
    return {
      stem: marked,
      gaps: Array.from({ length: n }, (_, index) => ({ accepted: spellings(words[index] ?? '') })),
    };
  }
  const filled = answers.filter((answer) => answer.trim());
  if (filled.length) {
    return dottedGaps(stem, filled);
  }
  const gaps: { accepted: string[] }[] = [];
  const worded = stem.replace(WORDED, (_, square?: string, curly?: string) => {
    gaps.push({ accepted: spellings(square ?? curly ?? '') });
    return `{{${gaps.length}}}`;
  });
  return gaps.length ? { stem: worded, gaps } : undefined;
}
