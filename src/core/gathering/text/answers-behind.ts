// An answer that stands right behind its question on the same line: 'Which river flows through Budapest? The Danube'.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { givePoints, pieceText, type Draft } from './draft';
import { saysLines, saysTime } from './amounts';
import { labelsOf } from './labels';
import { isJudged } from './lone';
import { offeredBehind } from './offered';
import { POINTS_ALONE } from './points';

/** A question, its sign, and a short text that asks nothing. */
const BEHIND =
  /^([^\t|;]{6,}?[?？؟]["'”’]?)[ \u00a0]*(?:[-–—:=>→/]+ *)?(?=[^\s,;|"])([^?？؟\t|;]{1,80})$/u;
/** '100 °C' looks like a number with the sign of an ordinal. */
const DEGREES = /^[+-]?\d[\d.,]*\s?°\s?[CFK]?\b/u;
/** Longer lines are paragraphs. */
const LONGEST = 300;
/** More commas part columns. */
const MOST_COMMAS = 1;
/** So many questions, and so much of all that have no answer, are typed so. */
const LEAST = 3;
const MOSTLY = 0.6;

const NAMED = /^(.{6,}?[.!?…])\s+(?=(\p{L}[\p{L} ]{0,24}\s*[:=]\s*)(\S.{0,80})$)/u;

/** Where the value of an answer that its name leads in begins, '… . Answer: true'. */
function namedBehind(text: string): { end: number; at: number } | undefined {
  const match = NAMED.exec(text);
  const isAnswer = match && fieldOfLine(`${match[2]!}${match[3]!}`)?.role === 'answer';
  return isAnswer ? { end: match[1]!.length, at: match[0].length + match[2]!.length } : undefined;
}

/** A sentence or more that goes on with the question, and a sign with the answer behind it: 'Who am I? I have keys. = a keyboard'. */
const SIGNED = /[.!…]["'”’]?\s+(?:=>?|->|→|⇒)\s+(?=[\p{L}\p{N}][^=→⇒]*$)/u;
function signedBehind(text: string): { end: number; at: number } | undefined {
  const match = text.length > LONGEST ? null : SIGNED.exec(text);
  return match && /[?？؟]/u.test(text.slice(0, match.index))
    ? { end: match.index + 1, at: match.index + match[0].length }
    : undefined;
}

/** Where the answer behind a question begins in a text, and where the question ends; undefined where none stands there. */
export function answerBehind(text: string): { end: number; at: number } | undefined {
  const named = namedBehind(text) ?? signedBehind(text);
  if (named) {
    return named;
  }
  const match = BEHIND.exec(text);
  const rest = match?.[2];
  if (!match || !rest || offeredBehind(text) || !isShortAnswer(rest)) {
    return undefined;
  }
  const at = text.length - rest.length;
  return { end: match[1]!.length, at };
}

/** Whether what stands behind a question may be its answer: no points, no brackets, no label with a text behind it. */
function isShortAnswer(rest: string): boolean {
  const hasLabel = (): boolean =>
    labelsOf({ line: 0, text: rest }).some(({ from }) => rest.slice(from).trim() !== '');
  return (
    /[\p{L}\p{N}]/u.test(rest) &&
    rest.split(',').length - 1 <= MOST_COMMAS &&
    !POINTS_ALONE.test(rest) &&
    !/^[([{].*[)\]}]\s*$/u.test(rest) &&
    (DEGREES.test(rest) || !hasLabel())
  );
}

/** Whether a question has anything besides its text, or its answer behind that, so that no more text belongs to it. */
export const isWhole = ({ stem, options, answers, fields }: Draft): boolean =>
  options.length + answers.length + fields.length > 0 ||
  answerBehind(pieceText(stem.at(-1)!).trimEnd()) !== undefined;

const isOpen = ({ options, answers, stem }: Draft): boolean =>
  !options.length && !answers.length && stem.length === 1;

const IN_BRACKETS = /^(.{6,}?[?？؟.!]["'”’]?)\s*[([{]\s*([^()[\]{}]{1,60}?)\s*[)\]}]\s*\.?$/u;

/** Small numbers behind all questions are their points; beside words and other numbers they are answers as well. */
const NUMBER = /^(?:1?\d|20)$/u;

/** Where an answer in brackets begins behind a question, and where it ends. */
function bracketedBehind(text: string): { end: number; at: number; to: number } | undefined {
  const match = text.length > LONGEST ? null : IN_BRACKETS.exec(text);
  const said = match?.[2];
  if (
    !match ||
    !said ||
    saysLines(said) ||
    POINTS_ALONE.test(said) ||
    (POINTS_ALONE.test(`(${said})`) && !/^\d+$/u.test(said))
  ) {
    return undefined;
  }
  const at = text.lastIndexOf(said);
  return { end: match[1]!.length, at, to: at + said.length };
}

/** A number behind a task that asks for nothing to be counted says what it is worth: 'Explain how a lock works. (4)'. */
function takesPoints(draft: Draft, behind: { end: number; at: number; to: number }): boolean {
  const stem = draft.stem[0]!;
  const text = pieceText(stem);
  const said = text.slice(behind.at, behind.to);
  const arePoints = NUMBER.test(said) && /\p{L}{2}\.["'”’]?\s*$/u.test(text.slice(0, behind.end));
  if (arePoints) {
    draft.stem = [{ ...stem, to: stem.from + behind.end }];
    givePoints(draft, Number(said));
  }
  return arePoints;
}

/** Gives questions the answers that stand in brackets behind them, where most have one and no two the same. */
function takeBracketedBehind(all: readonly Draft[]): void {
  // Statements with their verdict behind them are told already.
  const unjudged = all.filter(({ stem }) => !isJudged(pieceText(stem[0]!)));
  const found = unjudged.flatMap((draft) => {
    const stem = draft.stem[0]!;
    const text = pieceText(stem).trimEnd();
    const behind = bracketedBehind(text);
    return behind ? [{ draft, stem, behind, said: text.slice(behind.at, behind.to) }] : [];
  });
  const asks = ({ stem }: Draft): boolean => /[?？؟]/u.test(pieceText(stem[0]!));
  // Where only questions have one, statements beside them are of another part.
  const open = found.every(({ draft }) => asks(draft)) ? unjudged.filter(asks) : unjudged;
  const areDistinct = new Set(found.map(({ said }) => said)).size >= found.length * MOSTLY;
  const areWorded = found.filter(({ said }) => !NUMBER.test(said)).length >= found.length * MOSTLY;
  const areAll = found.length === open.length && found.length > 1;
  const areMost = found.length >= LEAST && found.length >= open.length * MOSTLY;
  const areTimes = found.every(({ said }) => saysTime(said));
  if (areTimes || (!areMost && !areAll) || !areDistinct || !areWorded) {
    return;
  }
  for (const { draft, stem, behind } of found.filter(
    (one) => !takesPoints(one.draft, one.behind),
  )) {
    draft.stem = [{ ...stem, to: stem.from + behind.end }];
    draft.answers.push({ ...stem, from: stem.from + behind.at, to: stem.from + behind.to });
    draft.hasAnswerBehind = true;
  }
}

const TASK = /^([^?？؟\t|]{6,}?[.!]["'”’]?)\s+[-–—=:>→]+\s+([^?？؟\t|]{1,80})$/u;
type Behind = { draft: Draft; stem: Draft['stem'][number]; behind: { end: number; at: number } };
/** Tasks with their answers behind a dash, among questions whose answers stand behind them: 'Name a sea. - the Red Sea'. */
const tasksAmong = (open: readonly Draft[], found: readonly Behind[]): Behind[] =>
  open.flatMap((draft) => {
    const stem = draft.stem[0]!;
    const text = pieceText(stem).trimEnd();
    const match =
      found.some((one) => one.draft === draft) || isJudged(text) ? null : TASK.exec(text);
    return match
      ? [{ draft, stem, behind: { end: match[1]!.length, at: text.length - match[2]!.length } }]
      : [];
  });

const FEW_WORDS = 3;
/** Whether what stands behind one of several counted questions is an answer whatever the others are: a few words and no sentence. */
const isPlain = ({ number, answers }: Draft, behind: string): boolean =>
  number !== undefined &&
  !answers.length &&
  /^[\p{Lu}\d]/u.test(behind) &&
  !/[.!?…:]\s*$/u.test(behind) &&
  behind.trim().split(/\s+/u).length <= FEW_WORDS;

/** Gives questions the answers that stand behind them, where most of the open ones have such. */
export function takeAnswersBehind(drafts: readonly Draft[]): void {
  const open = drafts.filter(isOpen);
  const found = open.flatMap((draft) => {
    const stem = draft.stem[0]!;
    const behind = answerBehind(pieceText(stem).trimEnd());
    return behind ? [{ draft, stem, behind }] : [];
  });
  const areMost = found.length >= LEAST && found.length >= open.length * MOSTLY;
  if (!areMost) {
    takeBracketedBehind(open);
  }
  const own = areMost
    ? found
    : found.filter(({ draft, stem, behind }) => isPlain(draft, pieceText(stem).slice(behind.at)));
  for (const { draft, stem, behind } of areMost ? [...own, ...tasksAmong(open, own)] : own) {
    draft.stem = [{ ...stem, to: stem.from + behind.end }];
    draft.answers.push({ ...stem, from: stem.from + behind.at });
    draft.hasAnswerBehind = true;
  }
}
