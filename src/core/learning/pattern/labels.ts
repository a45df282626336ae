// Lines with a letter or number in front that counts them: 'a) ', '**b. Locks**', 'Answer A: '.
import { letterPlace } from '../../shared/plain';
import { letterSign, lettersIn, type Front, type Way } from './front';

/** What stands for a letter or number in front of a line, and what it counts. */
const counted = (label: string): { place: string; counter: number } =>
  /\d/u.test(label)
    ? { place: '{#}', counter: Number(label) }
    : { place: letterSign(label), counter: letterPlace(label) + 1 };

const LABEL =
  /^(\s*[^\p{L}\p{N}\s]{0,4}\s*[[(<]?)(\p{L}|\d{1,3})(\s?[.):\]>/°=-]{1,2}[^\p{L}\p{N}\s]{0,3}\s+|\|\s*|[=:)](?=[\p{L}\p{N}]))(\S.*)$/u;
const EMPHASISED_LABEL =
  /^(\s*)(\*\*|__|==|~~|`|\*|_)([(\[]?)([A-Za-z]|\d{1,2})([).:\]]{1,2}\s+)(.*\p{L}.*)\2\s*$/u;

/** A letter or number with its text between the same sign in front and behind: '**b. Locks**'. */
export const emphasisedLabel: Way = (line) => {
  const [, blanks = '', sign = '', open = '', label = '', close = '', text] =
    EMPHASISED_LABEL.exec(line) ?? [];
  if (text === undefined || text.includes(sign)) {
    return undefined;
  }
  const { place, counter } = counted(label);
  return {
    before: `${blanks}${sign}${open}${place}${close}`,
    text,
    after: sign,
    words: '',
    counter,
  };
};

const WORD_LABEL = /^(\s*\p{L}{2,20}\s)([A-Ja-j])(\s?[.):\]=-]\s*)(\S.*)$/u;

/** A word with the letter of an option behind it: 'Answer A: '. */
export const wordLabelled: Way = (line) => {
  const [, word, letter = '', close, text = ''] = WORD_LABEL.exec(line) ?? [];
  return word === undefined
    ? undefined
    : {
        before: `${word}${letterSign(letter)}${close}`,
        text: text.trimEnd(),
        after: '',
        words: word.trim(),
        counter: letterPlace(letter) + 1,
      };
};

/** A letter or number with what closes it, behind a sign of its own or none. */
export const labelled: Way = (line) => {
  const [, front, label = '', close, text] = LABEL.exec(line) ?? [];
  if (!label || !/^[A-Za-z\d]/u.test(label)) {
    return undefined;
  }
  const { place, counter } = counted(label);
  return {
    before: `${front}${place}${close}`,
    text: text!.trimEnd(),
    after: '',
    words: lettersIn(front!),
    counter,
  };
};

const LABELLED_EMPHASIS =
  /^(\s*[([]?)([A-Za-z]|\d{1,2})([).:\]]{1,2}\s+(\*\*|__|==|~~|`|\*|_))(.*\p{L}.*)\4\s*$/u;

/** A letter or number in front of a text that stands between the same sign: 'b. **Locks**'. */
export const labelledEmphasis: Way = (line) => {
  const [, open = '', label = '', close = '', sign = '', text] = LABELLED_EMPHASIS.exec(line) ?? [];
  if (text === undefined || text.includes(sign)) {
    return undefined;
  }
  const { place, counter } = counted(label);
  return {
    before: `${open}${place}${close}`,
    text,
    after: sign,
    words: '',
    counter,
  };
};

const WRAPPED_LABEL =
  /^(\s*(?:<(\p{L}{1,8})>|(\*\*|__|\*|_))\s?\p{L}{0,10}\s?)(\d{1,3}|[A-Ja-j])(\s?[.):]?\s?(?:<\/\2>|\3)[.):]?\s*)(\S.*)$/u;

/** A letter or number between two signs in front of a text: '<b>1.</b> What opens?', '**Q2:** What floats?'. */
export const wrappedLabel: Way = (line) => {
  const [, before, , , label = '', close, text = ''] = WRAPPED_LABEL.exec(line) ?? [];
  if (before === undefined) {
    return undefined;
  }
  const { place, counter } = counted(label);
  return {
    before: `${before}${place}${close}`,
    text: text.trimEnd(),
    after: '',
    words: lettersIn(before.replace(/<[^<>]*>/u, '')),
    counter,
  };
};

const BARE_LABEL = /^(\s*)([A-Ja-j]|[1-9]\d?)(\s{1,4})(\S.*)$/u;

/** A letter or number by itself in front of a text, where it counts: 'A The wall'. */
export const barelyLabelled: Way = (line) => {
  const [, blanks, label = '', close, text = ''] = BARE_LABEL.exec(line) ?? [];
  if (!label) {
    return undefined;
  }
  const { place, counter } = counted(label);
  return {
    before: `${blanks}${place}${close}`,
    text: text.trimEnd(),
    after: '',
    words: '',
    counter,
  };
};

/** All ways that take a letter or number for a label, where it runs on; the first that finds one says what it counts. */
export const LABELS: readonly Way[] = [
  emphasisedLabel,
  labelledEmphasis,
  wrappedLabel,
  labelled,
  wordLabelled,
  barelyLabelled,
];

/** A line as the first of these ways takes it apart. */
export function labelIn(line: string): Front | undefined {
  for (const way of LABELS) {
    const front = way(line);
    if (front) {
      return front;
    }
  }
  return undefined;
}
