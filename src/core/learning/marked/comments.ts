// What the comments of a blank of marked text say: which sign they begin with, and what the signs mean.
import type { Layout } from '../../model';
import { bareWords } from '../../shared/normalise';

type Marks = NonNullable<Layout['marks']>;
const SIGN = /^([^\p{L}\p{N}\s]{1,3})(?:\s|$)/u;
const LEGEND = /^([^\p{L}\p{N}\s]{1,3})(?:\s([^\p{L}\p{N}\s]{1,3}))?\s{2,}(\S.*)$/u;
const SAYS_COMMENT =
  /comment|not read|ignored|kommentar|nicht gelesen|commentaire|comentario|commento|\b(?:in front of|before|leave|number the|label the|replace|blank line)\b/i;
const FEWEST_WORDS = 3;

/** Whether a line stands below an empty one, or is the first, with another line right below it that begins otherwise. */
function opensBlock(lines: readonly string[], at: number): boolean {
  const next = lines[at + 1]?.trim() ?? '';
  return !lines[at - 1]?.trim() && next !== '' && next[0] !== lines[at]!.trim()[0];
}

/** Whether a sign stands above other lines again and again, as what opens questions does. */
function opensQuestions(lines: readonly string[], sign: string): boolean {
  const own = lines.flatMap((line, at) => (line.startsWith(sign) ? [at] : []));
  return own.length > 1 && own.every((at) => opensBlock(lines, at));
}

/** Signs that stand alone open and close something; a comment says something. */
const standsAlone = (own: readonly string[], sign: string): boolean =>
  own.filter((line) => line.trim() === sign).length > own.length * 0.5;

/** Sentences at the top whose sign stands nowhere below; fewer lines are enough where they say themselves that they are not read. */
function areRemarks(own: readonly string[], filled: readonly string[]): boolean {
  const isTop = own.length > 1 && filled.slice(0, own.length).every((line) => own.includes(line));
  const areSentences = own.every((line) => line.trim().split(/\s+/).length > FEWEST_WORDS);
  return SAYS_COMMENT.test(own.join(' ')) || (isTop && areSentences);
}

/** The sign of comments: the one that the text begins with, where several lines begin so. */
export function commentSign(lines: readonly string[]): string | undefined {
  const filled = lines.filter((line) => line.trim());
  const sign = SIGN.exec(filled[0] ?? '')?.[1];
  const own = sign ? lines.filter((line) => line.startsWith(sign)) : [];
  if (sign === undefined || standsAlone(own, sign) || opensQuestions(lines, sign)) {
    return undefined;
  }
  return own.length > 2 || areRemarks(own, filled) ? sign : undefined;
}

type Explained = { signs: [string, string | undefined]; meaning: string };

/** What the comments explain sign by sign; a line without a sign goes on with the one above. */
export function legendOf(comments: readonly string[]): Explained[] {
  const found: Explained[] = [];
  for (const comment of comments) {
    const match = LEGEND.exec(comment.trimStart());
    if (match) {
      found.push({ signs: [match[1]!, match[2]], meaning: match[3]! });
    } else if (found.length && /^\s{4,}\S/.test(comment)) {
      found.at(-1)!.meaning += ` ${comment.trim()}`;
    }
  }
  return found;
}

type Meaning = readonly [
  isMeant: (words: string, hasClosing: boolean) => boolean,
  marks: (sign: string, closing: string) => Partial<Marks>,
];
/** What words say of a sign, the first that fits; two signs open and close. */
const MEANINGS: readonly Meaning[] = [
  [(words) => /\bcategor|kategorie|categorie/.test(words), (category) => ({ category })],
  [
    (words, hasClosing) => hasClosing && /\b(?:title|titel|titre)\b/.test(words),
    (titleOpen, titleClose) => ({ titleOpen, titleClose }),
  ],
  [
    (words, hasClosing) =>
      hasClosing && /\b(?:around|group of options|between which the options)\b/.test(words),
    (open, close) => ({ open, close }),
  ],
  [(words) => /ordinary|literal|as text|escape|wortlich/.test(words), (escape) => ({ escape })],
  [
    (words) =>
      /\b(?:pairs?|halves|belongs? to)\b/.test(words) && !/right option|wrong option/.test(words),
    (pair) => ({ pair }),
  ],
  [(words) => /feedback|ruckmeldung|shown after/.test(words), (feedback) => ({ feedback })],
  [(words) => /\b(?:wrong|false|incorrect|falsche?)\b/.test(words), (wrong) => ({ wrong })],
  [(words) => /\b(?:right|correct|true|richtige?)\b/.test(words), (right) => ({ right })],
];

/** The signs by what is said of them. */
export function explainedMarks(legend: readonly Explained[]): Partial<Marks> {
  return legend.reduce<Partial<Marks>>((marks, { signs: [sign, closing], meaning }) => {
    const words = bareWords(meaning);
    const found = MEANINGS.find(([isMeant]) => isMeant(words, closing !== undefined));
    return found ? { ...found[1](sign, closing ?? ''), ...marks } : marks;
  }, {});
}

const NAMED_SIGNS: Record<string, string> = {
  plus: '+',
  minus: '-',
  star: '*',
  asterisk: '*',
  hash: '#',
  arrow: '>',
  'equals sign': '=',
  'exclamation mark': '!',
  stern: '*',
  sternchen: '*',
  pluszeichen: '+',
};
const AROUND =
  /\b(?:between|zwischen|entre)\s+([^\p{L}\p{N}\s]{1,3})\s+(?:and|und|et)\s+([^\p{L}\p{N}\s]{1,3}?)[.,]?(?:\s|$)/u;
const IN_FRONT = /in front of|before|vor (?:der|die|jede|jeder)|devant/;
const PUT =
  /\b(?:put|set|write|type|use)\s+(?:an?\s+|the\s+sign\s+)?([^\p{L}\p{N}\s]{1,3})\s+(?:in front of|before)\s+(?:the\s+|each\s+|every\s+|all\s+)*(right|correct|wrong)/iu;

/** Signs that stand around the options, as a sentence says: 'The options stand between [ and ].' */
function aroundOptions(comment: string, words: string): Partial<Marks> {
  const [, open, close] = AROUND.exec(comment) ?? [];
  return open && close && /option|answer|antwort|reponse/.test(words) ? { open, close } : {};
}

/** The sign itself, in front of right or wrong options. */
function putInFront(comment: string): Partial<Marks> {
  const [, sign, which = ''] = PUT.exec(comment) ?? [];
  if (!sign) {
    return {};
  }
  return /wrong/i.test(which) ? { wrong: sign } : { right: sign };
}

/** The sign by its name: 'Put a plus in front of the right option.' */
function namedInFront(words: string): Partial<Marks> {
  const sign = Object.entries(NAMED_SIGNS).find(([word]) =>
    new RegExp(`\\b${word}\\b`).test(words),
  )?.[1];
  if (!sign) {
    return {};
  }
  if (/\b(?:right|correct|richtige|bonne)/.test(words)) {
    return { right: sign };
  }
  return /\b(?:wrong|false|falsche|mauvaise)/.test(words) ? { wrong: sign } : {};
}

/** Signs that comments name in sentences; the first that is said of each counts. */
export function marksInSentences(comments: readonly string[]): Partial<Marks> {
  return comments.reduce<Partial<Marks>>((marks, comment) => {
    const words = bareWords(comment);
    const front = IN_FRONT.test(words) ? { ...namedInFront(words), ...putInFront(comment) } : {};
    return { ...aroundOptions(comment, words), ...front, ...marks };
  }, {});
}
