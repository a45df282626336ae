// What is within the texts of a part: signs between several, around gaps, titles and points, behind options; how a key names them.
import type { Part } from '../../model';
import { answerBehind, categoryBeside, pointsBeside } from './beside';
import type { Line } from './blocks';
import { gapsIn, halvesIn, joinIn, type Class } from './classes';
import { keyPart, labelsIn } from './key-part';
import { answers, type Told } from './told';

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

const NUMBER = String.raw`\d[\d.,]*`;
const UNIT = String.raw`[^\d\s±+][^\d±+]{0,14}?`;
const WITH_TOLERANCE = new RegExp(
  `^[+-]?${NUMBER}(\\s?${UNIT})?(\\s*(?:±|\\+/-|\\+-)\\s*)${NUMBER}(?:\\s?${UNIT})?$`,
  'u',
);

/** The sign between numbers and how far off they may be, where each says so. */
function toleranceIn(lines: readonly Line[]): Part['tolerance'] {
  const found = lines.map(({ text }) => WITH_TOLERANCE.exec(text));
  const [first] = found;
  const areAlike = found.every((match) => match?.[2] === first?.[2]);
  return first?.[2] !== undefined && areAlike
    ? { sign: first[2], ...(found.some((match) => match?.[1]) ? { isBehindUnit: true } : {}) }
    : undefined;
}

type Within = (
  own: readonly Told[],
  all: readonly (readonly Told[])[],
  owner: Class,
) => Partial<Part>;

/** What is within the texts of parts of each role. */
export const WITHIN: Partial<Record<Part['role'], Within>> = {
  stem: (own, all, owner) => {
    // Questions of other forms may show the word for a single point, or for several.
    const ofAll = pointsBeside(owner.lines);
    const points = ofAll.points ? ofAll : pointsBeside(own);
    if (all.flat().some(({ part }) => answers(part))) {
      const category = categoryBeside(own);
      // Points or categories in brackets in front of the text are no title.
      const isTitled = !points.points?.isInFront && !category.category?.isInFront;
      return { ...(isTitled ? titlePart(own) : {}), ...points, ...category };
    }
    return { ...(answerBehind(own) ?? gapPart(own)), ...points };
  },
  option: (own, all) => {
    const isTold = all.flat().some(({ part, role }) => part === 'key' || role === 'right');
    return { ...feedbackIn(own), ...(isTold ? {} : { first: true }) };
  },
  options: (own, _, owner) => {
    const between = joinIn(owner);
    return { between, ...labelsIn(own, between ?? '|') };
  },
  pair: (own) => ({ between: halvesIn(own) }),
  card: (own) => ({ between: halvesIn(own), ...pointsBeside(own) }),
  tags: (own) => ({ between: own.map(({ text }) => LIST.exec(text)?.[0]).find(Boolean) ?? ', ' }),
  key: (own, all) => keyPart(own, all),
  accepted: (own, all, owner) => {
    const isAlone = all.every(
      (block) => block.filter(({ part }) => part === 'accepted').length < 2,
    );
    const tolerance = isAlone ? toleranceIn(own) : undefined;
    const between = isAlone ? joinIn(owner) : undefined;
    return tolerance ? { tolerance } : { ...(between === undefined ? {} : { between }) };
  },
};

const LIST = /[,;|]\s?/u;
