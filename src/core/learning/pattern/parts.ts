// One part of a form from the lines of a sample that show it: what stands around its text, and what is within.
import type { Part } from '../../model';
import { alike } from '../../shared/normalise';
import { lineAround } from '../../shared/pattern-line';
import { trueFalseWords } from '../../shared/vocabulary/verdicts';
import type { Blocks, Line } from './blocks';
import { countsBlocks, gapsIn, halvesIn, joinIn, listedIn, SEVERAL, type Class } from './classes';
import type { LineRole } from './roles';
import { answers, type Told } from './told';
import { isLettered } from './ways';

/** A sample with its kinds of lines by their keys. */
export type Sample = { blocks: Blocks; classes: ReadonlyMap<string, Class> };

const RUNS: ReadonlySet<LineRole> = new Set([
  'option',
  'right',
  'wrong',
  'step',
  'accepted',
  'pair',
]);

/** Counters in front as the receiver counts; undefined where they do not count. */
function beforeOf(own: Class, role: LineRole): string | undefined {
  const { before, lines } = own;
  const isLetter = isLettered(own);
  if (!isLetter && !before.includes('{#}')) {
    return before;
  }
  if (RUNS.has(role)) {
    return before.replace('{#}', '{1}');
  }
  if (!isLetter && countsBlocks(own)) {
    return before.replace('{#}', '{n}');
  }
  const counters = new Set(lines.map(({ counter }) => counter));
  return counters.size === 1 && !isLetter
    ? before.replace('{#}', String([...counters][0]))
    : undefined;
}

/** First letters of words for true and false, and the figures for them. Common practice, no source. */
const INITIALS = ['TF', 'tf', 'RF', 'rf', 'VF', 'vf', 'WF', 'wf', 'YN', 'yn', 'JN', 'jn', '10'];

/** How the lines of a key name the right options, or say true or false. */
function keyPart(
  lines: readonly Line[],
  texts: readonly string[],
  isTruth: boolean,
): Partial<Part> {
  const words = lines.map(({ text }) => trueFalseWords(text));
  if (words.every(Boolean)) {
    return { style: 'word', words: words[0]!.words };
  }
  const initials = INITIALS.find((pair) => lines.every(({ text }) => pair.includes(text)));
  if (isTruth && initials) {
    return { style: 'word', words: [initials[0]!, initials[1]!] };
  }
  const between = lines.map(({ text }) => SEVERAL.exec(text)?.[1]).find(Boolean);
  const joined = between ? { between } : {};
  if (lines.every(({ text }) => texts.includes(alike(text)))) {
    return { style: 'text', ...joined };
  }
  if (lines.every(({ text }) => /\d/u.test(text))) {
    const isZero = lines.some(({ text }) => /(?<!\d)0/u.test(text));
    return { style: isZero ? 'number-from-0' : 'number', ...joined };
  }
  return {
    style: lines.some(({ text }) => /[A-J]/u.test(text)) ? 'letter' : 'small-letter',
    ...joined,
  };
}

const LOOKED_LIKE_FEEDBACK = 2;

/** A sign behind each option with a text behind it, where no other line names what is right: feedback. */
function feedbackIn(lines: readonly Line[]): Partial<Part> {
  const sign = lines.length > LOOKED_LIKE_FEEDBACK ? halvesIn(lines) : undefined;
  return sign && !/^:?\s$/u.test(sign) ? { feedback: sign } : {};
}

type Shown = { role: LineRole; before: string; after?: string };

/** What stands around the lines of a part, each way once; undefined where counters in front do not count. */
function waysOf(lines: readonly Told[], { classes }: Sample): Shown[] | undefined {
  const ways = new Map(lines.map((line) => [line.key, line]));
  const shown = [...ways.values()].map(({ key, role }) => {
    const own = classes.get(key)!;
    const before = beforeOf(own, role);
    return before === undefined
      ? []
      : [{ role, before, ...(own.after ? { after: own.after } : {}) }];
  });
  return shown.every((one) => one.length) ? shown.flat() : undefined;
}

/** What looks the same on both says nothing of right and wrong. */
const isSame = (right: Shown, wrong: Shown | undefined): boolean =>
  wrong?.before === right.before && wrong.after === right.after;

/** What stands around the texts of a part, right and wrong ones apart; undefined where it is more than that. */
function aroundIn(
  lines: readonly Told[],
  sample: Sample,
): Pick<Part, 'before' | 'after' | 'wrong'> | undefined {
  const ways = waysOf(lines, sample);
  const right = ways?.find(({ role }) => role !== 'wrong') ?? ways?.[0];
  const wrong = ways?.find((one) => one.role === 'wrong' && one !== right);
  if (!ways || !right || isSame(right, wrong) || ways.length > (wrong ? 2 : 1)) {
    return undefined;
  }
  const { role: _role, ...around } = right;
  if (!wrong) {
    return around;
  }
  const { role: _wrong, ...aroundWrong } = wrong;
  return { ...around, wrong: aroundWrong };
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

const LIST = /[,;|]\s?/u;

/** The texts of options, and those that one line lists. */
const optionTexts = (lines: readonly Told[]): string[] =>
  lines.flatMap(({ part, text }) =>
    part === 'option' || part === 'options' ? [alike(text), ...listedIn(text).map(alike)] : [],
  );

const LABEL_OF_EACH = /^(\(?)([a-zA-Z]|\d{1,2})([.):\]=]\s?)(?=\S)/u;

/** Letters or numbers in front of each of several options in one line. */
function labelsIn(lines: readonly Line[], between: string): Partial<Part> {
  const found = lines.map(({ text }) => text.split(between).map((one) => LABEL_OF_EACH.exec(one)));
  const [, open = '', label = '', close = ''] = found[0]?.[0] ?? [];
  const letter = label === label.toLowerCase() ? '{a}' : '{A}';
  const kind = /\d/u.test(label) ? '{1}' : letter;
  const each = `${open}${kind}${close}`;
  const isCounted = lines.every(({ text }) =>
    text.split(between).every((one, n) => one.startsWith(lineAround({ before: each }, '', n))),
  );
  return label && isCounted ? { each } : {};
}

type Within = (
  own: readonly Told[],
  all: readonly (readonly Told[])[],
  owner: Class,
) => Partial<Part>;

/** What is within the texts of a part: signs between several, around gaps and titles, behind options; how a key names them. */
const WITHIN: Partial<Record<Part['role'], Within>> = {
  stem: (own, all) =>
    all.flat().some(({ part }) => answers(part)) ? titlePart(own) : gapPart(own),
  option: (own) => feedbackIn(own),
  options: (own, _, owner) => {
    const between = joinIn(owner);
    return { between, ...labelsIn(own, between ?? '|') };
  },
  pair: (own) => ({ between: halvesIn(own) }),
  card: (own) => ({ between: halvesIn(own) }),
  tags: (own) => ({ between: own.map(({ text }) => LIST.exec(text)?.[0]).find(Boolean) ?? ', ' }),
  key: (own, all) => {
    const texts = optionTexts(all.flat());
    return keyPart(own, texts, !texts.length);
  },
  accepted: (own, all, owner) => {
    const isAlone = all.every(
      (block) => block.filter(({ part }) => part === 'accepted').length < 2,
    );
    const between = isAlone ? joinIn(owner) : undefined;
    return between === undefined ? {} : { between };
  },
};

/** A part of a form as its lines show it. `all` are the questions of that form, `above` the lines that stand above it. */
export function partFrom(
  role: Part['role'],
  {
    all,
    above,
    sample,
  }: { all: readonly (readonly Told[])[]; above: readonly string[]; sample: Sample },
): Part | undefined {
  const lines = all.flat().filter(({ part }) => part === role);
  const own = lines.filter((line) => line.role !== 'feedback');
  const told = lines.find((line) => line.role === 'feedback');
  const around = aroundIn(own, sample);
  const within = WITHIN[role]?.(own, all, sample.classes.get(own[0]!.key)!) ?? {};
  return (
    around && {
      role,
      ...around,
      ...(above.length ? { above: [...above] } : {}),
      ...(told ? { feedbackLine: { before: told.before } } : within),
    }
  );
}
