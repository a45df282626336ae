// How well questions hold together that a text was put together to: whole ones speak for a manner, left-overs against it.
import { alike } from '../../shared/normalise';
import { answerBehind } from './answers-behind';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { pieceText, plainOfPieces, type Draft, type Emphasis } from './draft';
import { areOrderedSteps, hasAnswersBetween, keyShare, LETTERS } from './key-told';
import type { TextManner } from './signs';
import type { Names } from './names';
import { areJudged, LAST, saysVerdict, wordBehind } from './judged-texts';
import { isOffer, offeredBehind, offersVerdicts } from './offered';
import type { Segmented } from './segment';
import { POINTS } from './points';
import { pairedLists } from './two-lists';
import { SOLUTION } from './without-options';
import { asksOutright, countsParts, endsAsked, type TypedLine } from './typed-line';

/** Label-like beginnings that were left in a text: '1°) What …', 'a/ cork'. */
const LEFT_LABEL =
  /^\s*(?:\p{L}{0,12}[.°º]?\s?[([]?\d{1,3}\s?[.):\]/°º-]{1,3}\s|[([]?[A-Ja-j]\s?[.):\]/-]{1,2}\s|[A-Ja-j]\t|[-–•●○*]\s|#\d|[①-⑳]|\d{1,2}°|\p{Lu}\.?\d{1,3}\b)/u;

/** A gap that was solved has what goes in between two pairs of brackets. */
const isSolved = (text: string): boolean => text.includes('[[');

/** How much each is worth, behind what is to be done. */
const AMOUNT = /\s*[([][^()[\]]*\d[^()[\]]*[)\]]\s*$/u;
/** A question with something behind it, as with its own options. */
const ASKS_WITHIN = /[?？؟](?:\s|$)/u;
const MOST_OPTIONS = 10;
/** Options are labelled alike; numbers among letters are questions that were taken for options. */
const MIXED = 0.3;
const LONG_STEM = 5;

/** A text that asks: at its end, with its answer behind it, or by a gap to fill. */
const asks = (text: string): boolean =>
  endsAsked(text) ||
  POINTS.test(text.slice(-LAST)) ||
  /_{3,}|\.{5,}/u.test(text) ||
  isSolved(text) ||
  answerBehind(text) !== undefined;

/** Whether every option says itself in a word whether it is true, below a line that asks nothing or offers to judge them: statements. */
function areStatements({ options, stem }: Draft): boolean {
  const text = plainOfPieces(stem);
  const bare = text.replace(AMOUNT, '');
  // 'True or false?' alone is judged below, and so is what 'Answer yes or no.' says, unless what stands below are the two words.
  if (
    (isOffer(bare) || (offersVerdicts(bare) && !ASKS_WITHIN.test(bare))) &&
    !options.some(({ pieces }) => verdictOf(plainOfPieces(pieces)) !== undefined)
  ) {
    return true;
  }
  if (!options.every(({ mark }) => mark !== undefined && verdictOf(mark) !== undefined)) {
    return false;
  }
  return offersVerdicts(text) || !endsAsked(text);
}

/** Whether labels of options begin again with the first one: what follows are another question's. */
const countsAnew = ({ options }: Draft): boolean =>
  options.some(
    ({ n, style }, at) =>
      at > 1 &&
      n === 0 &&
      (style === 'letter' || style === 'number') &&
      options[0]!.style === style,
  );

/** A question with options: they count up, have texts, are no questions, and some but not all of them are right. */
function choiceQuality(draft: Draft, emphasis: Emphasis | undefined): number {
  const { options } = draft;
  const isNone = options.length < 2 || options.length > MOST_OPTIONS || countsAnew(draft);
  if (isNone || areStatements(draft) || hasAnswersBetween(draft)) {
    return 0.15;
  }
  const texts = options.map(({ pieces }) => plainOfPieces(pieces));
  const inOrder =
    areOrderedSteps(draft) ||
    options.every(({ n, style }, index) => style === 'bullet' || n === index);
  const areAsked = areJudged(texts) || texts.every((text) => ASKS_WITHIN.test(text));
  const asking = areAsked ? 1 : texts.filter(asks).length / texts.length;
  const empty = texts.filter((text) => !text).length / texts.length;
  const twice = new Set(texts.map(alike)).size < texts.length ? 0.2 : 0;
  const isMixed = new Set(options.map(({ style }) => style)).size > 1;
  const base = (inOrder ? 0.6 : 0.3) - (isMixed ? MIXED : 0);
  return base + 0.4 * keyShare(draft, emphasis) - 0.5 * asking - 0.4 * empty - twice;
}

function openQuality({ answers, stem, holdsGaps, fields, number }: Draft): number {
  const text = plainOfPieces(stem);
  if (answers.some((piece) => plainOfPieces([piece]) !== '')) {
    // A letter answers nothing where nothing has a letter: options were taken for something else.
    return LETTERS.test(plainOfPieces(answers)) ? 0.15 : 0.85;
  }
  if (
    offeredBehind(text) ||
    (/_{2}|…|\.{4}/u.test(text) && SOLUTION.test(text)) ||
    isSolved(text) ||
    holdsGaps
  ) {
    return 0.8;
  }
  if (wordBehind(text) !== undefined) {
    return saysVerdict(text) ? 0.85 : 0.3;
  }
  // What a good answer says stands below a task that is counted.
  const isExplained = number !== undefined && fields.some(({ role }) => role === 'explanation');
  return isExplained ? 0.7 : unanswered(text);
}

const unanswered = (text: string): number => (endsAsked(text) ? 0.45 : 0.2);

/** Whether a name of the text's own stands in front, as it opens its questions. */
function hasOwnName(text: string, names: Names): boolean {
  const name = /^(\p{L}{1,14}[.°º]?)\s?:\s/u.exec(text)?.[1];
  return name !== undefined && names.isOwn(name);
}

/** What speaks against the texts of a question: labels and fields that were left in them, and other questions in its fields. */
function leftOvers(draft: Draft, names: Names): number {
  const stem = plainOfPieces(draft.stem);
  const texts = draft.options.map(({ pieces }) => pieces);
  const inOptions = texts.filter(
    (pieces) =>
      LEFT_LABEL.test(pieces.map(pieceText).join(' ')) ||
      pieces.some((piece) => names.fieldIn(plainOfPieces([piece])) !== undefined),
  ).length;
  const judged = draft.stem
    .slice(0, -1)
    .filter((piece) => saysVerdict(plainOfPieces([piece]))).length;
  const isCut = /^\s*(?:[)\].:°]|\d{1,3}\s+\p{Lu})/u.test(stem);
  const inStem =
    Number(isCut || LEFT_LABEL.test(stem) || hasOwnName(stem, names)) +
    draft.stem.slice(1).filter((piece) => {
      const text = plainOfPieces([piece]);
      return LEFT_LABEL.test(text) || names.fieldIn(text) !== undefined;
    }).length;
  const long = Math.max(0, draft.stem.length - LONG_STEM) * 0.2;
  const fields = draft.options.length ? 0 : Number(fieldOfLine(stem)?.role === 'answer');
  // What asks in place of the question's own text is that text.
  const isAskedFor = asksOutright(stem);
  const inFields = draft.fields.filter(({ piece }) => {
    const text = plainOfPieces([piece]);
    return hasOwnName(text, names) || (!isAskedFor && asksOutright(text));
  }).length;
  return (
    (inStem + judged + inFields) * 0.5 +
    (inOptions / Math.max(1, texts.length)) * 0.6 +
    long +
    fields
  );
}

/** Options without a question. */
const UNASKED = 0.6;
/** No text, or a label alone: 'Slide 5'. */
const ASKS_NOTHING = /^\s*(?:\p{L}{2,14}\s?\d{1,3})?\s*$/u;

/** How much a question is worth: from 0 to 1 for each of its lines, the whole of it. */
export function qualityOf(draft: Draft, emphasis: Emphasis | undefined, names: Names): number {
  // Questions whose key is told are labelled as most are; steps and pairs, which need none, otherwise.
  if (draft.answers.length && pairedLists(draft, plainOfPieces(draft.answers))) {
    return 1;
  }
  const swapped = draft.isOtherwise && keyShare(draft, emphasis) === 1 ? 0.1 : 0;
  const quality =
    (draft.options.length ? choiceQuality(draft, emphasis) : openQuality(draft)) - swapped;
  const unasked = ASKS_NOTHING.test(plainOfPieces(draft.stem)) ? UNASKED : 0;
  return Math.max(-0.5, quality - unasked - leftOvers(draft, names));
}

/** What goes on with an option in a line of its own begins small; a capital begins something else. */
const goesOn = (piece: Draft['stem'][number], index: number): boolean =>
  index === 0 || !/^\W*\p{Lu}/u.test(plainOfPieces([piece]));

const linesOf = ({ stem, options, answers, fields }: Draft): number =>
  new Set(
    [
      ...stem,
      ...options.flatMap(({ pieces }) => pieces.filter(goesOn)),
      ...answers,
      ...fields.map(({ piece }) => piece),
    ].map(({ line }) => line.line),
  ).size;

/** How evenly questions are alike: as many options each as most of them have, numbers that go on counting. */
function evenness(drafts: readonly Draft[], manner: TextManner | undefined): number {
  const sizes = drafts.map(({ options }) => options.length).filter(Boolean);
  const common = Math.max(0, ...sizes.map((size) => sizes.filter((one) => one === size).length));
  // Numbers begin anew in each part; letters that do count options.
  const isLettered =
    manner?.stem.is === 'label' && /^[([{<]?[Aa](?!\p{L})/u.test(manner.stem.family);
  const goesOn = (number: number, index: number): boolean =>
    number === (drafts[index - 1]?.number ?? 0) + 1 || (number === 1 && !isLettered);
  const counted = drafts.filter(
    ({ number }, index) => number !== undefined && goesOn(number, index),
  ).length;
  return (sizes.length ? common / sizes.length : 0) + 1.5 * (counted / Math.max(1, drafts.length));
}

/** A line set aside costs, most of all one that asks or has a label; titles stand in every text, and categories above questions. */
const costOf = (line: TypedLine, names: Names): number => {
  if (names.fieldIn(line.text)?.role === 'category') {
    return -1;
  }
  if (countsParts(line) || offersVerdicts(line.text)) {
    return 0.2;
  }
  return endsAsked(line.text) || line.labels.length ? 1 : 0.35;
};
const asideCost = (lines: readonly TypedLine[], names: Names): number =>
  lines.reduce((sum, line) => sum + costOf(line, names), 0);

/** A line of the list of all answers speaks for it, unless it asks: no answer does. */
const keyWorth = ({ text }: TypedLine): number => (endsAsked(text) ? -1 : 0.8);

/** The weight of a whole reading; the greater the better, and comparable for the same text alone. */
export function weightOf(
  { drafts, keyLines, aside }: Segmented,
  { emphasis, names, manner }: { emphasis?: Emphasis; names: Names; manner?: TextManner },
): number {
  // A line that was typed anew as several is worth no more than as one.
  const begun = new Map<number, number>();
  drafts.forEach(({ line }) => begun.set(line, (begun.get(line) ?? 0) + 1));
  const set = new Set(aside.map(({ line }) => line.line));
  const content = drafts
    .filter(({ line }) => !set.has(line))
    .reduce(
      (sum, draft) =>
        sum + (linesOf(draft) * qualityOf(draft, emphasis, names)) / (begun.get(draft.line) ?? 1),
      0,
    );
  const choices = drafts.filter(({ options }) => options.length > 1).length;
  // Of two readings alike, the one whose marks are seen is the surer.
  const marked = manner
    ? Number(manner.stem.is === 'label') + Number(manner.option.is === 'label')
    : 0;
  return (
    content +
    evenness(drafts, manner) * Math.max(1, begun.size * 0.3) +
    keyLines.reduce((sum, line) => sum + keyWorth(line), 0) +
    choices * 0.2 +
    marked * 0.3 -
    asideCost(aside, names)
  );
}
