// What a sentence, heading or note says about how the right answer is to be written.
import type { Key } from '../model';
import { bareWords, wordsApart } from '../shared/normalise';
import { verdictOf, verdictPair } from '../shared/vocabulary/verdicts';
import {
  saysFirst,
  saysFromZero,
  saysLetter,
  saysNumber,
  saysRepeated,
  saysRightAnswer,
} from '../shared/vocabulary/key-words';

const SEPARATOR_WORDS: readonly (readonly [string, RegExp])[] = [
  [
    ';',
    /\b(?:semi ?colons?|semikolons?|strichpunkte?n?|points? virgules?|punto y coma|punto e virgola|puntkommas?|ponto e virgula|srednik\w*|semikolon)\b/,
  ],
  [',', /\b(?:commas?|komma(?:s|ta|tecken)?|virgules?|comas?|virgol[ae]|virgulas?|przecin\w*)\b/],
  [
    '|',
    /\b(?:bars?|pipes?|senkrechte[nr]? striche?n?|barres? verticales?|barra vertical|barre? verticale?|verticaal streepje|verticale streepjes?|pionow\w*|lodrata? streck|lodret streg)\b/,
  ],
  [
    '/',
    /\b(?:slash(?:es)?|schragstriche?n?|barres? obliques?|barra inclinada|barra obliqua|schuine streep|ukosnik\w*|snedstreck|skrastreg)\b/,
  ],
];

/** The sentences of a text, each with the sign that ends it: another begins with a capital. */
export const endedSentences = (text: string): string[] =>
  text.trim().split(/(?<=[.!])\s+(?=\p{Lu})/u);

/** A sign with which a sentence ends, 'Join the wrong answers with ;.'. */
const ALONE_AT_END = /\s(\|{1,3}|[;/+,])\s?\.?\s*$/u;

/** Letters or numbers that count on, 'A, B, C …', say what a key is and not how several are parted. */
const COUNTED_ON =
  /(?<![\p{L}\p{N}])(?:A\s?([,;|/])\s?B(?:\s?\1\s?C)?|1\s?([,;|/])\s?2(?:\s?\2\s?3)?)\s?[,;|/]?\s?(?:…|\.{3}|etc)/gu;

/** The separator of several keys: from an example such as `1,4` or `A;C` in the words, or from its name. */
export function separatorIn(whole: string): string | undefined {
  const text = whole.replace(COUNTED_ON, ' ');
  const example =
    /(?:^|[^\p{L}\p{N}])(?:[A-J]|\d{1,2})\s?([,;|/+])\s?(?:[A-J]|\d{1,2})(?![\p{L}\p{N}])/u.exec(
      text,
    );
  if (example) {
    return example[1];
  }
  const quotedSign = /["'“‘„«(]\s?([,;|/+])\s?["'”’“»)]/u.exec(text)?.[1];
  const signAtEnd = ALONE_AT_END.exec(text)?.[1];
  if (quotedSign ?? signAtEnd) {
    return quotedSign ?? signAtEnd;
  }
  const words = bareWords(text);
  return SEPARATOR_WORDS.find(([, pattern]) => pattern.test(words))?.[0];
}

const RANGE =
  /(?<![\p{L}\p{N}])([A-Ja-j]|\d)\s*(?:[-–—…]|\.\.\.?|to|bis|à|al?|tot|do|till?)\s*([A-Ja-j]|\d{1,2})(?![\p{L}\p{N}])/u;
const LISTED = /(?<![\p{L}\p{N}])(A|1|0)\s*[,;/]\s*(B|2|1)(?![\p{L}\p{N}])/u;

/** Two keys joined, `1;4`. */
const JOINED = /(?<![\p{L}\p{N}])([A-J]|\d)\s?[,;|/+]\s?([A-J]|\d)(?![\p{L}\p{N}])/u;

function styleOfExample(text: string): Key['style'] | undefined {
  const [, from = '', to = ''] = RANGE.exec(text) ?? LISTED.exec(text) ?? JOINED.exec(text) ?? [];
  if (/[A-Ja-j]/.test(from) && /[A-Ja-j]/.test(to)) {
    return 'letter';
  }
  if (/\d/.test(from) && /\d/.test(to)) {
    return from === '0' ? 'number-from-0' : 'number';
  }
  return undefined;
}

/** The style in which a column names the right option, as a text says it; undefined where it says nothing. */
export function styleInWords(text: string): Key['style'] | undefined {
  const words = bareWords(wordsApart(text));
  const example = styleOfExample(text);
  if (example === 'letter' || (saysLetter(words) && !saysNumber(words))) {
    return 'letter';
  }
  if (example === 'number-from-0' || saysFromZero(words)) {
    return 'number-from-0';
  }
  if (saysRepeated(words)) {
    return 'text';
  }
  if (example === 'number' || saysNumber(words)) {
    return 'number';
  }
  return saysLetter(words) ? 'letter' : undefined;
}

const SIGN =
  /(?:^|[\s(["'“‘„«])((?:[^\p{L}\p{N}\s.,;:!?"'“”‘’„«()[\]{}/–—-]|!!|>>|=>|->){1,3}|\[x\]|\(\+\)|\(x\)|»|!!)(?=[\s)\]"'”’“»,.;:]|$)/iu;

/** A sign that a text speaks of, standing by itself: `Put * in front of the right one`. */
export const signIn = (text: string): string | undefined =>
  SIGN.exec(text.replace(COMMENT, '').replace(CODES, ' '))?.[1];
/** The sign of a comment before a sentence, and codes with what they mean, say nothing of the right answer's sign. */
const COMMENT = /^\s*(?:#+|\/\/)\s+/u;
const CODES = /(?:^|[:;,.]\s)\s*[\p{L}\p{N}]{1,14}\s*=\s/gu;

/** Whether a text says that the right answer comes first. */
export const saysRightFirst = (text: string): boolean => {
  const words = bareWords(text);
  return saysFirst(words) && saysRightAnswer(words) && signIn(text) === undefined;
};

type Verdicts = { right: string; wrong: string };

const CLAUSES = /[,;.\n]\s*|:\s+|\s\(|\s(?:and|und|et|en|y|e|i|og|och)\s/u;

/** Words that say right and wrong where each stands first in its clause: `yes if it holds, no if it does not`. */
function verdictsOfClauses(text: string): Verdicts[] {
  const heads = text
    .split(CLAUSES)
    .map((clause) => /^[\s"'“‘„«(]*([\p{L}\p{N}]+)/u.exec(clause)?.[1]);
  return heads.flatMap((head, index) => {
    const next = heads[index + 1];
    return (head && next && verdictPair([head, next])) || [];
  });
}

/** The word at a place with the one behind it, which a verdict may need, `stimmt nicht`, and alone. */
const phrasesAt = (words: readonly string[], at: number): { text: string; next: number }[] =>
  [2, 1]
    .filter((size) => at + size <= words.length)
    .map((size) => ({ text: words.slice(at, at + size).join(' '), next: at + size }));

/** The verdicts of which the first stands at a place, and the other behind it or with one word between. */
const verdictsAt = (words: readonly string[], at: number): Verdicts[] =>
  phrasesAt(words, at).flatMap(({ text, next }) =>
    [next, next + 1].flatMap((place) =>
      phrasesAt(words, place).flatMap((other) => verdictPair([text, other.text]) ?? []),
    ),
  );

/** A sign that is written for something: a digit, a capital, plus or minus, or a cross. */
const CODE = /^(?:\d|\p{Lu}|[x+–-])$/u;

/** The codes of a line that says with a word what each of two is written for, `Enter 1 for true, 0 for false`, `Wahr = W, falsch = F`. */
function codedVerdicts(line: string): Verdicts[] {
  const said = line
    .split(/[\s"'“”‘’„«»().,;:=/?!]+/u)
    .map((text) => ({ text, verdict: text.length > 1 ? verdictOf(text) : undefined }))
    .filter(({ text, verdict }) => verdict !== undefined || CODE.test(text));
  const [one, other, third, fourth] = said;
  if (said.length !== 4 || !one || !other || !third || !fourth) {
    return [];
  }
  const pairs =
    one.verdict === undefined
      ? [
          [one, other],
          [third, fourth],
        ]
      : [
          [other, one],
          [fourth, third],
        ];
  const codeOf = (isTrue: boolean): string | undefined =>
    pairs.find(([code, word]) => code!.verdict === undefined && word!.verdict === isTrue)?.[0]!
      .text;
  const [right, wrong] = [codeOf(true), codeOf(false)];
  return right && wrong && right !== wrong ? [{ right, wrong }] : [];
}

/** Words of a text that say right and wrong, `write yes or no`: next to one another, with one word between, or each first in its clause. */
export function allVerdictsIn(text: string): Verdicts[] {
  const words = text.split(/[\s"'“”‘’„«»().,;:]+|(?<=\p{L})\/(?=\p{L})/u).filter(Boolean);
  const found = [
    ...text.split('\n').flatMap(codedVerdicts),
    ...words.flatMap((_, at) => verdictsAt(words, at).slice(0, 1)),
  ];
  return found.length ? found : verdictsOfClauses(text);
}

/**
 * The two words that a text says to write for right and wrong, of several those that samples show; without any, letters stand for
 * the words before them: 'Vrai ou faux (V/F)'.
 */
export function verdictsWritten(text: string, samples: readonly string[]): Verdicts | undefined {
  const all = allVerdictsIn(text);
  const shown = all.find((pair) =>
    samples.some((sample) => sample === pair.right || sample === pair.wrong),
  );
  const letters = all.find(({ right, wrong }) => right.length === 1 && wrong.length === 1);
  return shown ?? letters ?? all[0];
}

/** The first two words of a text that say right and wrong. */
export const verdictsIn = (text: string): Verdicts | undefined => allVerdictsIn(text)[0];

/** Whether a text speaks of the right answer at all. */
export const speaksOfKey = (text: string): boolean => saysRightAnswer(bareWords(text));
