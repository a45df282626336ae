// The words of a heading as figures: the pieces that its text is made of, and what shows without any word.
import { fnv1a } from '../shared/fnv1a';
import { bareWords } from '../shared/normalise';
import { inKnownWords } from '../shared/vocabulary/other-scripts';
import { flag } from './figures';
import { letterPlace } from '../shared/plain';
import { statesRuleAlone } from './rules-row';

/** How many places the pieces of words are hashed into. */
export const BUCKETS = 4096;
const SHORTEST_PIECE = 3;
const LONGEST_PIECE = 5;
/** A heading longer than this is a sentence; its pieces beyond tell nothing more. */
const LONGEST_HEADING = 80;

/** What a heading gives as an example, behind what it says. */
const EXAMPLE =
  /(?<=\p{L}.{2,})[,;:(–-]?\s*(?<!\p{L})(?:e\.\s?g\.|eg:|z\.\s?B\.|for example|for instance|zum Beispiel|p\.\s?ex\.|par exemple|por ejemplo|p\.\s?ej\.|ad es\.|ad esempio|bijv\.|bijvoorbeeld|t\.\s?ex\.|f\.\s?eks\.|np\.).*$/isu;
const splitCamel = (text: string): string =>
  text
    .replace(/(?<=\p{Ll})(?=\p{Lu})|(?<=\p{Lu})(?=\p{Lu}\p{Ll})/gu, ' ')
    .replace(/(?<=\p{L}{3})(?=\d)/gu, ' ');
/** A heading without what it says in brackets; as it is where it says nothing else. */
export const withoutBrackets = (text: string): string => {
  const bare = text.replace(/[([{<][^)\]}>]*[)\]}>]/gu, ' ');
  return /\p{L}/u.test(bare) ? bare : text;
};

const APART = /\s*(?:[:;,|]|\s[–—-])\s+(?=[^:;,|–—]+$)/u;
/** A heading without the rule that it states behind what it says: 'Hint: max. 80 characters', 'Erklärung – freiwillig'. */
function withoutRule(text: string): string {
  const [said = '', rule = ''] = text.split(APART);
  // A letter alone is an option by its length.
  return /\p{L}{3}/u.test(said) && statesRuleAlone(rule) ? said : text;
}

const ROMAN = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii'];
const ORDINALS: readonly (readonly string[])[] = [
  ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'],
  ['erste', 'zweite', 'dritte', 'vierte', 'funfte', 'sechste'],
  ['premiere', 'deuxieme', 'troisieme', 'quatrieme', 'cinquieme', 'sixieme'],
  ['eerste', 'tweede', 'derde', 'vierde', 'vijfde', 'zesde'],
  ['primera', 'segunda', 'tercera', 'cuarta', 'quinta', 'sexta'],
  ['prima', 'seconda', 'terza', 'quarta', 'quinta', 'sesta'],
  ['primeira', 'segunda', 'terceira', 'quarta', 'quinta', 'sexta'],
];

/** The number that a word says by being one in a row of things: `2nd`, `3e`, `ii`, `second`; undefined where it says none. */
function ordinalOf(word: string): number | undefined {
  const digits = /^(\d{1,2})(?:st|nd|rd|th|e|er|re|eme|ere|a|o|de|te)$/.exec(word)?.[1];
  if (digits) {
    return Number(digits);
  }
  const place = ORDINALS.map((list) => list.indexOf(word)).find((index) => index >= 0);
  return place === undefined ? undefined : place + 1;
}

/** Words after which a letter stands for a word and numbers nothing, `T or F`. */
const OR: ReadonlySet<string> = new Set(
  'or oder ou of o e y et und and i och og en neu'.split(' '),
);
const isLetter = (words: readonly string[], index: number): boolean =>
  /^[a-j]$/.test(words[index]!) && !OR.has(words[index - 1] ?? '') && words[index - 1]!.length > 1;

/** The words of a heading without case, accents and signs; numbers and the letters of options become 0. */
export function plainHeading(text: string): string {
  const own = withoutRule(text.slice(0, LONGEST_HEADING * 2).replace(EXAMPLE, ''));
  const words = inKnownWords(bareWords(splitCamel(withoutBrackets(own))))
    .slice(0, LONGEST_HEADING)
    .replace(/\d+/g, '0')
    .split(' ');
  // Beside a number an ordinal is a word as others: 'First half 2'.
  const isCounted = words.includes('0');
  return words
    .map((word, index) =>
      (!isCounted && ordinalOf(word) !== undefined) ||
      (index > 0 && index === words.length - 1 && isLetter(words, index))
        ? '0'
        : word,
    )
    .join(' ');
}

const hash = (text: string): number => fnv1a(text) % BUCKETS;

/** The places of a heading's pieces: its whole, its words, and all runs of three to five signs within them. */
export function piecesOf(text: string): number[] {
  const plain = plainHeading(text);
  if (!/\p{L}|%|#/u.test(plain)) {
    return [];
  }
  const pieces = [hash(`=${plain}`)];
  for (const word of plain.split(' ')) {
    pieces.push(hash(`_${word}`));
  }
  const run = ` ${plain} `;
  for (let size = SHORTEST_PIECE; size <= LONGEST_PIECE; size++) {
    for (let start = 0; start + size <= run.length; start++) {
      pieces.push(hash(run.slice(start, start + size)));
    }
  }
  return pieces;
}

/** The number or letter of words that end with one, stand for one, or have one glued to their end. */
function labelIn(bare: string): string | undefined {
  const words = bare.split(' ');
  const label =
    [...words].reverse().find((word) => /^(?:\d{1,2}|[a-j])$/.test(word)) ??
    /\p{L}(\d{1,2})$/u.exec(bare)?.[1] ??
    /^([a-j])\d?$/.exec(bare)?.[1];
  // "A question" begins with an article.
  const isArticle = words.length > 1 && words[0] === label && !/\d/.test(label ?? '');
  return isArticle ? undefined : label;
}

/** A letter that a sign parts from the words behind it is no article: 'A – the first answer'. */
const LETTER_APART = /^\s*([A-J])\s*[-–—:.)\]]/u;

/** The number or letter that a heading ends with or consists of, from 1 ('Answer B' gives 2); undefined where it has none. */
export function labelOf(heading: string): number | undefined {
  const own = heading.slice(0, LONGEST_HEADING * 2).replace(EXAMPLE, '');
  const apart = LETTER_APART.exec(own)?.[1];
  if (apart) {
    return letterPlace(apart) + 1;
  }
  const bare = inKnownWords(bareWords(splitCamel(withoutBrackets(own))));
  const words = bare.split(' ');
  const ordinal = words.map(ordinalOf).find((n) => n !== undefined);
  if (ordinal !== undefined && !/^\d{1,2}$/.test(words.at(-1)!)) {
    return ordinal;
  }
  if (ROMAN.indexOf(bare) > 0) {
    return ROMAN.indexOf(bare) + 1;
  }
  const label = labelIn(bare);
  if (label === undefined) {
    return undefined;
  }
  return /\d/.test(label) ? Number(label) : letterPlace(label) + 1;
}

/** A heading's words without its number, by which the headings of one row are grouped. */
export const headingGroup = (heading: string): string =>
  plainHeading(heading).replace(/\s*0\b/g, '');

/** A pattern that nearly all columns share, `Column 1`, `Column 2`, tells nothing of any of them. */
export const SHARED_BY_ALL = 0.8;

/** What shows of a heading without knowing a word. */
export function headingSigns(heading: string): number[] {
  const bare = heading.trim();
  return [
    flag(!bare),
    flag(/^[([]?[a-j][)\].:]?$/i.test(bare)),
    flag(
      /^\d{1,2}\.?$/.test(bare) ||
        (bare.length < 6 && labelOf(bare) !== undefined && !/^\p{L}$/u.test(bare)),
    ),
    flag(bare.length > 1 && labelOf(bare) !== undefined),
    flag(bare.includes('?')),
    flag(bare.includes('%')),
    Math.min(1, bare.length / 40),
    flag(/^[#№]$/.test(bare)),
    flag(/[±]|\+\/-/.test(bare)),
    flag(/\((?:s|sec|sek|seg)\.?\)/i.test(bare)),
  ];
}
export const HEADING_SIGNS = headingSigns('').length;
