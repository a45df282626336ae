// Gathering from running text: from lines to questions, with the reading that explains them.
import type { Document, Finding, Overrule, Reading } from '../../model';
import { byChoice } from '../../shared/reasons';
import { alike } from '../../shared/normalise';
import { quoted } from '../../shared/plain';
import { plainOfPieces, type Draft } from './draft';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { asksForOrder } from './order-words';
import { itemOf, type ItemContext, type Sections } from './item';
import { isJudged } from './lone';
import { distinctReadings, otherManners } from './others';
import { partOf, titleOf } from './part';
import { readText } from './readings';
import { keyEmphasis, keyOf } from './key-shown';
import { tellsKey } from './key-told';
import { twoLists } from './two-lists';
import { shareBanks } from './word-bank';
import type { Gathered, GatherOptions } from '../contract';
import { say } from '../../shared/say';

/** Why lines are no question; undefined where they are one. `others` holds where the text has questions with answers. */
function isChatter(draft: Draft, others: boolean): boolean {
  if (draft.options.length || draft.answers.length || draft.fields.length) {
    return false;
  }
  if (draft.number !== undefined || draft.isLabelled || draft.isLone) {
    return false;
  }
  const text = plainOfPieces(draft.stem);
  return !isJudged(text) && (others || !/[?？؟]\W*$|_{2,}/u.test(text));
}

/** What stands in the document, in words. */
const asWords = (questions: readonly Draft[]): string =>
  say(
    '{questions, plural, one {# question} other {# questions}} with {options, plural, one {# option} other {# options}} {questions, plural, one {stands} other {stand}} one below the other',
    {
      questions: questions.length,
      options: questions.reduce((sum, draft) => sum + draft.options.length, 0),
    },
  );

const noneUnderstood = ({ file, lines }: Document): Finding => ({
  rule: 'no-questions',
  level: 'warn',
  where: { file },
  message: say(
    'No question was understood in {file}, which has {lines, plural, one {# line} other {# lines}}. Put a number before each question, a letter before each option and a star at the right one.',
    { file, lines: lines.length },
  ),
});

const leftOut = (line: number, text: string, file: string): Finding => ({
  rule: 'line-left-out',
  level: 'note',
  where: { file, line },
  message: say(
    'Line {line} says {text}, with no options and no answer. It was left out as no question.',
    { line, text: quoted(text) },
  ),
});

/** Whether a line as it is typed holds most words of a text that was read in it. */
function holdsMostOf(typed: string, text: string): boolean {
  const words = alike(text).split(' ');
  const own = new Set(alike(typed).split(' '));
  return words.filter((word) => own.has(word)).length * 2 >= words.length;
}

/** Every line that became no part of a question, as it is typed. */
function leftOutOf(
  out: readonly Draft[],
  lines: readonly { line: number; text: string }[],
  document: Document,
): Finding[] {
  const typed = new Map(document.lines.map(({ line, text }) => [line, text.trim()]));
  const said = (numbers: readonly number[], text: string): Finding => {
    const whole = [...new Set(numbers)].map((line) => typed.get(line) ?? '').join(' ');
    // A text from elsewhere may have been put together with the line.
    return leftOut(numbers[0]!, holdsMostOf(whole, text) ? whole : text, document.file);
  };
  const found = [
    ...out.map(({ line, stem }) =>
      said([line, ...stem.map((piece) => piece.line.line)], plainOfPieces(stem)),
    ),
    ...lines.map(({ line, text }) => said([line], text)),
  ];
  return [...new Map(found.map((one) => [one.message, one])).values()];
}

/** Headings are categories where several of them stand above questions; a lone one is the title. */
function sectionsAsFound(drafts: readonly Draft[]): Sections {
  const titles = [...new Set(drafts.flatMap(({ category }) => category ?? []))];
  // 'True or false?', 'Choose the right answer' and 'Explain:' say what to do, and nothing of what the questions are about.
  const isTask = (title: string): boolean => partOf(title).isTask || /:\s*$/u.test(title);
  const areTasks = titles.filter(isTask).length * 2 >= titles.length;
  return (titles.length > 1 && !areTasks) || drafts.some(({ isNamedPart }) => isNamedPart)
    ? 'category'
    : 'none';
}

/** Below this, questions hold together so loosely that the whole reading wants a look. */
const HELD = 0.6;
/** From so many on, questions show of what kind a text is. */
const FEW = 2;
const MOST = 0.75;
/** Lines with their answers behind them have no options around them; titles of parts stand between. */
const MOST_BEHIND = 0.6;
const HALF = 0.5;
/** Tasks of more lines are rows of a table that run into one another. */
const LONGEST_TASK = 2;

/** Whether the options of a task are steps or pairs, which tell by themselves what is right, or lists to match. */
const needsNoKey = (draft: Draft): boolean => {
  const task = plainOfPieces(draft.stem);
  const isAsked = asksForOrder(task) || asksToMatch(task);
  return (isAsked && draft.stem.length <= LONGEST_TASK) || twoLists(draft) !== undefined;
};

/**
 * Whether nearly all lines of a text are questions with options of which some are told to be right; half of them, where
 * nothing parts the text in columns (`isPlain`).
 */
export function isTypedText(document: Document, isPlain = false): boolean {
  const { drafts } = readText(document, keyEmphasis);
  const emphasis = keyEmphasis(drafts);
  const whole = drafts.filter((draft) => {
    const text = plainOfPieces(draft.stem);
    return (
      (draft.options.length > 1 && (tellsKey(draft, emphasis) || needsNoKey(draft))) ||
      (draft.isLabelled === true && draft.answers.length > 0) ||
      draft.hasAnswerBehind === true ||
      isJudged(text) ||
      text.includes('[[')
    );
  });
  const titles = new Set(drafts.map(({ category }) => category));
  const filled = document.lines.filter(
    ({ text }) => text.trim() && !titles.has(text.trim()),
  ).length;
  const lines = new Set(
    whole.flatMap(({ stem, options, answers, fields }) =>
      [
        ...stem,
        ...options.flatMap(({ pieces }) => pieces),
        ...answers,
        ...fields.map(({ piece }) => piece),
      ].map(({ line }) => line.line),
    ),
  ).size;
  const isBehind = whole.every(({ hasAnswerBehind }) => hasAnswerBehind);
  // Where every question is whole, what else there is are titles and the list of the answers.
  const areAll = whole.length > FEW && whole.length === drafts.length;
  const most = isBehind || areAll ? MOST_BEHIND : MOST;
  // A text that nothing parts in columns may be a single question.
  return whole.length >= (isPlain ? 1 : FEW) && lines >= filled * (isPlain ? HALF : most);
}

/** Whether a line set aside is the title of a part, which its questions keep. */
function titlesOf(questions: readonly Draft[], sections: Sections): (text: string) => boolean {
  const titles = new Set(sections === 'none' ? [] : questions.map(({ category }) => category));
  // 'Topic: Locks' became the category Locks.
  return (text) =>
    titles.has(text) ||
    titles.has(titleOf(text)) ||
    titles.has(text.replace(/^[^:]{1,30}:\s*/u, ''));
}

/** Understands a running text. Nothing is thrown: a text without questions gives no items and says so. */
export function gatherText(document: Document, { overrule = {}, newId }: GatherOptions): Gathered {
  const findings = [...document.findings];
  const { drafts, aside, holds, weighed } = readText(document, keyEmphasis, overrule);
  const distinct = distinctReadings(weighed);
  const others = drafts.some((draft) => draft.options.length > 1 || draft.answers.length);
  const questions = drafts.filter((draft) => !isChatter(draft, others));
  const chosen: Overrule['emphasis'] = overrule.emphasis;
  const emphasis = chosen === undefined ? keyEmphasis(questions) : (chosen ?? undefined);
  const sections = overrule.sections ?? sectionsAsFound(questions);
  const context: ItemContext = {
    document,
    emphasis,
    keep: overrule.formatting !== 'strip',
    sections,
    newId,
    findings,
  };
  const items = questions.map((draft) => itemOf(draft, context));
  const lines = aside.map(({ line, text }) => ({ line: line.line, text: text.trim() }));
  const banks = shareBanks(items, lines);
  const isTitle = titlesOf(questions, sections);
  const out = lines.filter(({ line, text }) => !isTitle(text) && !banks.has(line));
  const chatter = drafts.filter((draft) => !questions.includes(draft));
  findings.push(...leftOutOf(chatter, out, document));
  if (!items.length) {
    findings.push(noneUnderstood(document));
  }
  // Steps and pairs tell by themselves what is right.
  const keyed = questions.filter((_, at) => !['match', 'order'].includes(items[at]!.kind));
  const key = keyOf(keyed, emphasis);
  const reading: Reading = {
    as: 'questions',
    headingRow: null,
    columns: [],
    key: key.key,
    ...(questions.some(({ category }) => category) ? { sections } : {}),
    ...(document.encoding ? { encoding: document.encoding } : {}),
    because: {
      as: asWords(questions),
      key: chosen === undefined ? key.because : byChoice(),
      ...(document.encoding
        ? { encoding: overrule.encoding ? byChoice() : say('the bytes say so') }
        : {}),
    },
    unsure: [...(holds < HELD && !overrule.manner ? ['as'] : []), ...(key.sure ? [] : ['key'])],
    others: otherManners(distinct),
  };
  return {
    items,
    findings,
    reading,
    blocks: questions.map((draft) => ({ from: draft.line, to: draft.lastLine })),
  };
}
