// What is within the texts of a part: signs between several, around gaps, titles and points, behind options; how a key names them.
import type { Part } from '../../model';
import { saysPoints } from '../../shared/vocabulary/words-of-points';
import type { Line } from './blocks';
import { gapsIn, halvesIn, joinIn, type Class } from './classes';
import { keyPart, labelsIn } from './key-part';
import { answers, type Told } from './told';
import { lettersIn } from './ways';

const FEWEST_FED = 2;
const TELLING = /\s{1,2}(?:\/\/|=>|->|→|\||#{1,2}|::)\s|(?<=\S)[#|~^](?=\S)/u;

/** The sign behind some options with a text behind it, where it stands once in each that has one. */
function signBehindSome(lines: readonly Line[]): string | undefined {
  const signs = lines.flatMap(({ text }) => TELLING.exec(text)?.[0] ?? []);
  const [sign] = signs;
  const isOne =
    sign !== undefined &&
    signs.length >= FEWEST_FED &&
    signs.every((one) => one === sign) &&
    lines.every(({ text }) => text.split(sign).length <= 2);
  // Without blanks it may belong to the texts, unless every option has one.
  return isOne && (/^\s/u.test(sign) || signs.length === lines.length) ? sign : undefined;
}

/** A sign behind options with a text behind it, where no other line names what is right: feedback. */
function feedbackIn(lines: readonly Line[]): Partial<Part> {
  const sign = lines.length > FEWEST_FED ? (halvesIn(lines) ?? signBehindSome(lines)) : undefined;
  return sign && !/^:?\s$/u.test(sign) ? { feedback: sign } : {};
}

/** Signs around the words that fill gaps, where every text has some. */
function gapPart(lines: readonly Line[]): Partial<Part> {
  const gap = gapsIn(lines[0]?.text ?? '');
  const isEach = gap && lines.every(({ text }) => gapsIn(text)?.open === gap.open);
  if (!isEach) {
    return {};
  }
  const between = lines
    .map(({ text }) => /[[{<*_][^\]}>*_]*?([|/])/u.exec(text)?.[1])
    .find(Boolean);
  return { gap: { ...gap, ...(between ? { between } : {}) } };
}

const TITLED =
  /^([^\p{L}\p{N}\s]{1,3})[\p{L}\p{N}][^\n]{0,60}?([^\p{L}\p{N}\s?!.,;:…'’-]{1,3})\s+[\p{L}"“„¿¡]/u;

/** A title of its own in front of the questions' texts, between two signs. */
function titlePart(lines: readonly Line[]): Partial<Part> {
  const found = lines.map(({ text }) => TITLED.exec(text));
  const [, open, close] = found.find((match) => match !== null) ?? [];
  const signs = found.filter((match) => match !== null);
  const areAlike = signs.every((match) => match[1] === open && match[2] === close);
  return open && close && signs.length > 1 && areAlike ? { title: { open, close } } : {};
}

const POINTS_IN_FRONT =
  /^([[(<{]\s?(?:\p{L}{1,12}:?\s)?)(\d{1,3}(?:[.,]\d)?)(\s?\p{L}{0,12}\.?\s?[\])>}]\s+)/u;
const POINTS_BEHIND =
  /(\s?[[(<{]\s?(?:\p{L}{1,12}:?\s)?)(\d{1,3}(?:[.,]\d)?)(\s?\p{L}{0,12}\.?\s?[\])>}])$/u;

/** The points of each question in brackets beside its text, by the signs around the number; undefined where they are none. */
function pointsBy(lines: readonly Line[], pattern: RegExp): Part['points'] {
  const found = lines.map(({ text }) => {
    const [, open = '', number = '', close = ''] = pattern.exec(text) ?? [];
    return { open, number, close };
  });
  const open = found[0]?.open;
  const single = found.find(({ number }) => number === '1')?.close;
  const close = found.find(({ number }) => number !== '1')?.close ?? single ?? '';
  const areAlike = found.every(
    (one) => one.number && one.open === open && one.close === (one.number === '1' ? single : close),
  );
  // Numbers that count the questions are no points, unless a word says so.
  const counts = found.every(({ number }, at) => Number(number) === at + 1);
  const isSaid = saysPoints(lettersIn(open + close));
  return open && areAlike && (isSaid || !counts)
    ? { open, close, ...(single === undefined || single === close ? {} : { one: single }) }
    : undefined;
}

/** Points beside the questions' texts: '(2 points)' behind, '<1> ' in front. */
function pointsBeside(lines: readonly Line[]): Partial<Part> {
  const front = pointsBy(lines, POINTS_IN_FRONT);
  const points = front ?? pointsBy(lines, POINTS_BEHIND);
  return points ? { points: { ...points, ...(front ? { isInFront: true } : {}) } } : {};
}

type Within = (
  own: readonly Told[],
  all: readonly (readonly Told[])[],
  owner: Class,
) => Partial<Part>;

/** What is within the texts of parts of each role. */
export const WITHIN: Partial<Record<Part['role'], Within>> = {
  stem: (own, all) => ({
    ...(all.flat().some(({ part }) => answers(part)) ? titlePart(own) : gapPart(own)),
    ...pointsBeside(own),
  }),
  option: (own, all) => {
    const isTold = all.flat().some(({ part, role }) => part === 'key' || role === 'right');
    return { ...feedbackIn(own), ...(isTold ? {} : { first: true }) };
  },
  options: (own, _, owner) => {
    const between = joinIn(owner);
    return { between, ...labelsIn(own, between ?? '|') };
  },
  pair: (own) => ({ between: halvesIn(own) }),
  card: (own) => ({ between: halvesIn(own) }),
  tags: (own) => ({ between: own.map(({ text }) => LIST.exec(text)?.[0]).find(Boolean) ?? ', ' }),
  key: (own, all) => keyPart(own, all),
  accepted: (own, all, owner) => {
    const isAlone = all.every(
      (block) => block.filter(({ part }) => part === 'accepted').length < 2,
    );
    const between = isAlone ? joinIn(owner) : undefined;
    return between === undefined ? {} : { between };
  },
};

const LIST = /[,;|]\s?/u;
