// The ways to take a line apart: a tag, a word with its sign, a label, a box, a sign of its own, blanks.
import { boxed, namesKind } from './box-ways';
import { lettersIn, signed, type Front, type Way } from './front';
import {
  barelyLabelled,
  emphasisedLabel,
  labelled,
  labelledEmphasis,
  wordLabelled,
  wrappedLabel,
} from './labels';
import { attributed, tagged } from './tags';
import { named, numbered, pointed } from './numbers';

export { lettersIn, type Front, type Way } from './front';

const WORD =
  /^(\s*[^\p{L}\p{N}\s"'“„«¿¡]{0,3}\s*)(\p{L}(?:[\p{L}_'’-]|\d(?=\p{L})){0,20}(?: \p{L}[\p{L}_'’-]{0,20}){0,2}?)(\s?#?)(\d{1,3})?([^\p{L}\p{N}\s]{0,2}\s?(?:::|[:=>|»]+|->|[.)]))(\s*)(.*)$/u;
/** A box with a sign of its own behind it: '[C]*'. */
const SIGNED_BOX = /^(\s*(?:[-*+•–]\s+)?[[({<][^\][(){}<>]{0,8}[\])}>][*+!=✓~-]\s*)(\S.*)$/u;
const SIGN = /^(\s*[^\p{L}\p{N}\s"'“„«¿¡([{<]{1,4}\s*)(\S.*)$/u;
/** A word right behind a sign: '@ask ', '#a+ '. */
const SIGNED_WORD =
  /^(\s*[@#\\.$&%!]{1,2}(?:\p{Ll}[\p{Ll}\d_-]{0,14}?|\p{Lu}[\p{Lu}\d_-]{0,14}?)[+*!=-]?\s+)(\S.*)$/u;
/** A letter or figure in the place of a tick or an empty box. */
const CROSS = /^(\s*[xXoOvV01][).\]]?\s{1,3})(\S.*)$/u;
const CAPITALS = /^(\s*[@#\\.$&%]?\p{Lu}[\p{Lu}\d_-]{1,14}[+*!=]?\s+)(\S.*)$/u;
const LETTER = /^(\s*\p{Lu}[+*!=-]?\s{1,3})(\S.*)$/u;
/** A capital with a stop that counts nothing: 'Q. What opens?'. */
const STOPPED = /^(\s*\p{Lu}[.)]\s+)(\S.*)$/u;
/** A word or two in front of wide blanks: 'Answer   B'. */
const SET_OFF = /^(\s*\p{L}{2,20}(?:\s\p{L}{1,20})?(?:\s{2,}|\t+))(\S.*)$/u;
/** A figure for right or wrong with a sign behind it: '1: A gate'. */
const FIGURE = /^(\s*[01]\s?[:.)=|-]\s*)(\S.*)$/u;
const FIRST = /^(\s*[@#\\.$&%]?\p{Ll}[\p{L}\d_-]{0,14}\s+)(\S.*)$/u;
const BLANKS = /^(\s*)(.*?)\s*$/u;

/** Words with which a receiver marks its own samples: no part of what is written. Common practice, no source. */
const SAMPLE =
  /(?:^|\s)(?:samples?|examples?|beispiele?|muster|exemples?|ejemplos?|esemp(?:io|i)|voorbeeld|exemplos?|przykład|exempel|eksempel|enghraifft)$/iu;

/** A word with its sign in front of a line, whatever the other lines have; undefined where there is none. */
const worded: Way = (line) => {
  const [, sign, word = '', gap = '', number, mark = '', blanks = '', text = ''] =
    WORD.exec(line) ?? [];
  if (sign === undefined || !isSignWord({ word, mark, text, number })) {
    return undefined;
  }
  const counted = number === undefined ? gap : `${gap}{#}`;
  return {
    before: sign + word + counted + mark + blanks,
    text: text.trimEnd(),
    after: '',
    words: word,
    ...(number === undefined ? {} : { counter: Number(number) }),
    ...(namesKind(word) ? { kind: word } : {}),
  };
};

type Worded = { word: string; mark: string; text: string; number: string | undefined };

/** Whether a word with a sign behind it stands for what its line is: a letter with a stop is a label, words with one and nothing behind a sentence. */
function isSignWord({ word, mark, text, number }: Worded): boolean {
  const isStop = /[.)]/u.test(mark);
  const isLetter = word.length === 1 && number === undefined;
  return !(isStop && (isLetter || !text)) && !SAMPLE.test(word);
}

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

/** Words alone between two brackets: '[Locks]'. */
const ALONE = /^(\s*[[({])(\p{L}[^[\](){}<>:=|]*)([\])}])\s*$/u;
const bracketed: Way = (line) => {
  const [, before = '', text, after = ''] = ALONE.exec(line) ?? [];
  return text === undefined ? undefined : { before, text, after, words: '' };
};

const EMPHASISED = /^(\s*[-*+•–]\s+(\*\*|__|==|~~|`|\*|_))(.*\p{L}.*)\2\s*$/u;

/** A text in a list between the same sign in front and behind: '- **Locks**'. */
const emphasised: Way = (line) => {
  const [, before = '', sign = '', text] = EMPHASISED.exec(line) ?? [];
  return text === undefined || text.includes(sign)
    ? undefined
    : { before, text, after: sign, words: '' };
};

const CODED =
  /^(\s*([^\s|;,:\p{N}]{1,12})\s?([|;,:\t])\s?)([\p{L}\p{N}_-]{1,12})(\s?\3\s*)(\S.*)$/u;

/** Two signs alike with a code between them, in front of a text; taken only where all lines with that beginning have one. */
export const coded: Way = (line) => {
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

/** A first word in small letters, in the place of a sign. */
export const firstWord = signed(FIRST);
/** A capital by itself, in the place of a sign: 'Q What opens?'. */
export const firstLetter = signed(LETTER);

/** A word in capitals, in the place of a sign. */
export const capitals = signed(CAPITALS);

const signedWord: Way = (line) => {
  const front = signed(SIGNED_WORD)(line);
  const sigil = /[^\p{L}\p{N}\s]+/u.exec(front?.before ?? '')?.[0];
  return front && sigil ? { ...front, sigil } : undefined;
};

/** A line with nothing in front but blanks. */
export const plain: Way = (line) => {
  const [, before = '', text = ''] = BLANKS.exec(line) ?? [];
  return { before, text, after: '', words: '' };
};

/** From what says most to what says least. */
export const WAYS: readonly Way[] = [
  pointed,
  named,
  tagged,
  attributed,
  emphasisedLabel,
  labelledEmphasis,
  wrappedLabel,
  enclosed,
  bracketed,
  emphasised,
  coded,
  labelled,
  wordLabelled,
  numbered,
  worded,
  signed(SIGNED_BOX),
  boxed,
  signedWord,
  signed(SIGN),
  signed(STOPPED),
  signed(SET_OFF),
  signed(FIGURE, false),
  barelyLabelled,
  signed(CROSS, false),
  capitals,
  firstLetter,
  firstWord,
];

/** Whether a letter of an option stands in front. */
export const isLettered = ({ before }: Pick<Front, 'before'>): boolean => /\{[aA]\}/u.test(before);

/** What lines of one kind have in common. */
export const keyOf = ({ before, after }: Pick<Front, 'before' | 'after'>): string =>
  `${before}\n${after}`;
