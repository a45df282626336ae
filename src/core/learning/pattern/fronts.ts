// What each line of a sample has in front of its text and behind it: a tag, a word with its sign, a label, a sign of its own.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { verdictOf } from '../../shared/vocabulary/verdicts';

/** A line taken apart. In `before`, `{#}` stands for a number, `{a}` and `{A}` for a letter. */
export type Front = {
  before: string;
  text: string;
  after: string;
  /** The words in front, without signs. */
  words: string;
  /** A code behind the first of two signs alike, 'single' of 'Q|single|', and what stands before it. */
  code?: { word: string; family: string };
  /** The number or the letter's place, from 1, where there is one in front. */
  counter?: number;
};

type Way = (line: string) => Front | undefined;

const TAG =
  /^(\s*[<[{]([\p{L}][\p{L}\d_-]{0,20})[^<>[\]{}]{0,40}[>\]}])(.*?)([<[{]\/\2[>\]}])\s*$/u;
const WORD =
  /^(\s*[^\p{L}\p{N}\s"'“„«¿¡]{0,3}\s*)(\p{L}(?:[\p{L}_'’-]|\d(?=\p{L})){0,20}(?: \p{L}[\p{L}_'’-]{0,20}){0,2}?)(\s?#?)(\d{1,3})?([^\p{L}\p{N}\s]{0,2}\s?(?:::|[:=>|»]+|->|[.)]))(\s*)(.*)$/u;
const LABEL =
  /^(\s*[^\p{L}\p{N}\s]{0,4}\s*[[(<]?)(\p{L}|\d{1,3})(\s?[.):\]>/°=-]{1,2}[^\p{L}\p{N}\s]{0,3})(\s+)(\S.*)$/u;
const BOX = /^(\s*[[({<][^\][(){}<>]{0,8}[\])}>]\s*)(\S.*)$/u;
const SIGN = /^(\s*[^\p{L}\p{N}\s"'“„«¿¡([{<]{1,4}\s*)(\S.*)$/u;
/** A word right behind a sign: '@ask ', '#a+ '. */
const SIGNED_WORD =
  /^(\s*[@#\\.$&%!]{1,2}(?:\p{Ll}[\p{Ll}\d_-]{0,14}?|\p{Lu}[\p{Lu}\d_-]{1,14}?)[+*!=-]?\s+)(\S.*)$/u;
/** A letter in the place of a tick or an empty box. */
const CROSS = /^(\s*[xXoOvV]\s{1,3})(\S.*)$/u;
const CAPITALS = /^(\s*[@#\\.$&%]?\p{Lu}[\p{Lu}\d_-]{1,14}\s+)(\S.*)$/u;
const FIRST = /^(\s*[@#\\.$&%]?\p{Ll}[\p{L}\d_-]{0,14}\s+)(\S.*)$/u;
const BLANKS = /^(\s*)(.*?)\s*$/u;

export const lettersIn = (text: string): string => text.replace(/[^\p{L}]+/gu, ' ').trim();

const letterPlace = (letter: string): number => letter.toLowerCase().charCodeAt(0) - 96;

const tagged: Way = (line) => {
  const [, before, , text, after] = TAG.exec(line) ?? [];
  return before === undefined
    ? undefined
    : { before, text: text!.trim(), after: after!, words: lettersIn(before) };
};

/** A word with its sign in front of a line, whatever the other lines have; undefined where there is none. */
export const worded: Way = (line) => {
  const [, sign, word, gap, number, mark, blanks, text] = WORD.exec(line) ?? [];
  if (word === undefined || (word.length === 1 && /[.)]/u.test(mark!) && !number)) {
    return undefined;
  }
  const counted = number === undefined ? '' : `${gap}{#}`;
  const before = `${sign}${word}${counted || gap}${mark}${blanks}`;
  return {
    before,
    text: text!.trimEnd(),
    after: '',
    words: word,
    ...(number === undefined ? {} : { counter: Number(number) }),
  };
};

const CODED =
  /^(\s*([^\s|;,:\p{N}]{1,12})\s?([|;,:\t])\s?)([\p{L}\p{N}_-]{1,12})(\s?\3\s*)(\S.*)$/u;

/** Two signs alike with a code between them; only where all lines with the same beginning have one. */
const MIRRORED: Readonly<Record<string, string>> = {
  '[': ']',
  '(': ')',
  '{': '}',
  '<': '>',
  '«': '»',
};
const mirrored = (sign: string): string =>
  [...sign]
    .reverse()
    .map((one) => MIRRORED[one] ?? one)
    .join('');

/** A text between the same sign in front and behind: '== Locks =='. */
export const enclosed: Way = (line) => {
  const [, blanks = '', sign = ''] = /^(\s*)([^\p{L}\p{N}\s"'“”‘’]{2,4})/u.exec(line) ?? [];
  const close = mirrored(sign);
  const inner = line.trim().slice(sign.length, -close.length);
  const isEnclosed = sign && line.trimEnd().endsWith(close) && /\p{L}/u.test(inner);
  const [, before = '', text = '', after = ''] = /^(\s*)(.*?)(\s*)$/u.exec(inner) ?? [];
  return isEnclosed
    ? { before: blanks + sign + before, text, after: after + close, words: '' }
    : undefined;
};

const WORD_LABEL = /^(\s*\p{L}{2,20}\s)([A-Ja-j])(\s?[.):\]=-]\s*)(\S.*)$/u;

/** A word with the letter of an option behind it: 'Answer A: '. */
const wordLabelled: Way = (line) => {
  const [, word, letter = '', close, text = ''] = WORD_LABEL.exec(line) ?? [];
  return word === undefined
    ? undefined
    : {
        before: `${word}${letter === letter.toLowerCase() ? '{a}' : '{A}'}${close}`,
        text: text.trimEnd(),
        after: '',
        words: word.trim(),
        counter: letterPlace(letter),
      };
};

const coded: Way = (line) => {
  const [, family = '', word = '', , code = '', sign = '', text = ''] = CODED.exec(line) ?? [];
  return family
    ? {
        before: family + code + sign,
        text: text.trimEnd(),
        after: '',
        words: lettersIn(word),
        code: { word: code, family },
      }
    : undefined;
};

const labelled: Way = (line) => {
  const [, front, label = '', close, blanks, text] = LABEL.exec(line) ?? [];
  if (!label || !/^[A-Za-z\d]/u.test(label)) {
    return undefined;
  }
  const place = /\d/u.test(label) ? '{#}' : label === label.toLowerCase() ? '{a}' : '{A}';
  return {
    before: `${front}${place}${close}${blanks}`,
    text: text!.trimEnd(),
    after: '',
    words: lettersIn(front!),
    counter: /\d/u.test(label) ? Number(label) : letterPlace(label),
  };
};

const NUMBERED = /^(\s*(?:#|No\.?|Nr\.?)\s?)(\d{1,4})(\s+)(\S.*)$/u;

/** A number behind its sign, with nothing behind it: '#1 '. */
const numbered: Way = (line) => {
  const [, sign, number, blanks, text] = NUMBERED.exec(line) ?? [];
  return sign === undefined
    ? undefined
    : {
        before: `${sign}{#}${blanks}`,
        text: text!.trimEnd(),
        after: '',
        words: lettersIn(sign),
        counter: Number(number),
      };
};

const signed =
  (pattern: RegExp, isWord = true): Way =>
  (line) => {
    const [, before, text = ''] = pattern.exec(line) ?? [];
    return before === undefined || !/[\p{L}\p{N}]/u.test(text)
      ? undefined
      : { before, text: text.trimEnd(), after: '', words: isWord ? lettersIn(before) : '' };
  };

const firstWord = signed(FIRST);

const plain: Way = (line) => {
  const [, before = '', text = ''] = BLANKS.exec(line) ?? [];
  return { before, text, after: '', words: '' };
};

/** From what says most to what says least. */
const WAYS: readonly Way[] = [
  tagged,
  enclosed,
  coded,
  labelled,
  wordLabelled,
  numbered,
  worded,
  signed(BOX),
  signed(SIGNED_WORD),
  signed(SIGN),
  signed(CROSS, false),
  signed(CAPITALS),
  firstWord,
];

export const keyOf = ({ before, after }: Pick<Front, 'before' | 'after'>): string =>
  `${before}\n${after}`;

/** Whether words in front of a line say what it is. */
const isKnown = ({ words, text }: Front): boolean =>
  words !== '' &&
  text !== '' &&
  (fieldOfLine(`${words}: x`) !== undefined || verdictOf(words) !== undefined);

const OFTEN = 2;

/** A letter in front is a label where the lines above run up to it from the first letter on, or the next one has the second. */
function isLabel(front: Front, at: number, labels: readonly (Front | undefined)[]): boolean {
  if (!/\{[aA]\}/u.test(front.before)) {
    return true;
  }
  let counter = front.counter!;
  while (counter > 1 && labels[at - 1]?.counter === counter - 1) {
    at--;
    counter--;
  }
  return counter === 1 && (front.counter! > 1 || labels[at + 1]?.counter === SECOND);
}
const SECOND = 2;

/** A letter that was taken for a label stands in a run. */
const isRun = ({ before }: Front): boolean => /\{[aA]\}/u.test(before);

const MOST_BARE = 8;
const COVERED = 0.8;
const LINES_EACH = 3;

/** Whether nearly all lines begin with one of a few words in small letters: words in place of signs, and no sentences. */
function areBareWords(lines: readonly string[]): boolean {
  const filled = lines.filter((line) => line.trim());
  const words = filled.flatMap((line) => firstWord(line)?.before.trim() ?? []);
  const often = [...new Set(words)].filter(
    (word) => words.filter((one) => one === word).length > 1,
  );
  const covered = words.filter((word) => often.includes(word)).length;
  return (
    often.length > 1 &&
    often.length <= MOST_BARE &&
    covered >= filled.length * COVERED &&
    covered >= often.length * LINES_EACH
  );
}

/** Whether several lines with the same beginning all have a code behind it. */
function codedFamilies(lines: readonly string[]): (family: string) => boolean {
  const families = lines.flatMap((line) => coded(line)?.code?.family ?? []);
  return (family) => {
    const own = families.filter((one) => one === family).length;
    return own >= OFTEN && own === lines.filter((line) => line.startsWith(family)).length;
  };
}

const END = /(\s?(?:[*✓✔✗✘+#]{1,3}|\(\p{L}{1,12}\)|\[\p{L}{1,12}\]|\([*✓✔x+]\)|<[-=]{1,2}|←))$/u;

/** Whether a sign behind a text, in brackets or not, says right or wrong. */
const saysVerdict = (end: string): boolean =>
  !/\p{L}/u.test(end) || verdictOf(lettersIn(end)) !== undefined;

/** A sign behind some lines of those that have the same in front, as at right options: 'B. Stop *'. */
function withEnds(fronts: readonly Front[]): Front[] {
  const ends = fronts.map(({ text }) => END.exec(text)?.[1]);
  const isSign = (end: string | undefined, own: Front): end is string => {
    const alike = fronts.flatMap((front, at) => (keyOf(front) === keyOf(own) ? [at] : []));
    const ended = alike.filter((at) => ends[at] === end).length;
    return end !== undefined && saysVerdict(end) && ended > 1 && ended < alike.length;
  };
  return fronts.map((front, at) => {
    const end = ends[at];
    return isSign(end, front)
      ? { ...front, text: front.text.slice(0, front.text.length - end.length), after: end }
      : front;
  });
}

const QUOTES: readonly (readonly [string, string])[] = [
  ['"', '"'],
  ["'", "'"],
  ['“', '”'],
  ['„', '“'],
  ['«', '»'],
];

/** Lines that have the same in front and whose texts all stand in quotes. */
function withQuotes(fronts: readonly Front[]): Front[] {
  const quotesOf = (own: Front): readonly [string, string] | undefined =>
    QUOTES.find(([open, close]) =>
      fronts.every(
        (front) =>
          keyOf(front) !== keyOf(own) ||
          (front.text.length > 2 && front.text.startsWith(open) && front.text.endsWith(close)),
      ),
    );
  return fronts.map((front) => {
    const [open, close] = quotesOf(front) ?? ['', ''];
    return open
      ? {
          ...front,
          before: front.before + open,
          text: front.text.slice(1, -1),
          after: close + front.after,
        }
      : front;
  });
}

/** Each line taken apart in the way that says most and comes again, or that its words say. */
export function frontsOf(lines: readonly string[]): Front[] {
  const labels = lines.map((line) => labelled(line) ?? wordLabelled(line));
  const hasBareWords = areBareWords(lines);
  const ways = lines.map((line, at) =>
    WAYS.flatMap((way) => {
      if (way === firstWord && !hasBareWords) {
        return [];
      }
      const front = way(line);
      const isLabelled = way === labelled || way === wordLabelled;
      return front && (!isLabelled || isLabel(front, at, labels)) ? [front] : [];
    }),
  );
  const counts = new Map<string, number>();
  const isCoded = codedFamilies(lines);
  for (const front of ways.flat()) {
    counts.set(keyOf(front), (counts.get(keyOf(front)) ?? 0) + 1);
  }
  const comesAgain = (front: Front): boolean =>
    front.code ? isCoded(front.code.family) : counts.get(keyOf(front))! >= OFTEN || isRun(front);
  const fronts = lines.map(
    (line, at) => ways[at]!.find(comesAgain) ?? ways[at]!.find(isKnown) ?? plain(line)!,
  );
  return withQuotes(withEnds(fronts));
}
