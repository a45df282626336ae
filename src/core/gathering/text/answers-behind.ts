// An answer that stands right behind its question on the same line: 'Which river flows through Budapest? The Danube'.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { pieceText, type Draft } from './draft';
import { labelsOf } from './labels';
import { offeredBehind } from './offered';
import { POINTS_ALONE } from './points';

/** A question, its sign, and a short text that asks nothing. */
const BEHIND =
  /^([^\t|;]{6,}?[?？]["'”’]?)[ \u00a0]*(?:[-–—:=>→]+ *)?(?=[^\s,;|"])([^?？\t|;]{1,80})$/u;
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

/** Where the answer behind a question begins in a text, and where the question ends; undefined where none stands there. */
export function answerBehind(text: string): { end: number; at: number } | undefined {
  const named = namedBehind(text);
  if (named) {
    return named;
  }
  const match = BEHIND.exec(text);
  const rest = match?.[2];
  if (
    !match ||
    !rest ||
    rest.split(',').length - 1 > MOST_COMMAS ||
    POINTS_ALONE.test(rest) ||
    /^[([{].*[)\]}]\s*$/u.test(rest) ||
    offeredBehind(text) ||
    labelsOf({ line: 0, text: rest }).length > 0
  ) {
    return undefined;
  }
  const at = text.length - rest.length;
  return { end: match[1]!.length, at };
}

const isOpen = ({ options, answers, stem }: Draft): boolean =>
  !options.length && !answers.length && stem.length === 1;

/** Gives questions the answers that stand behind them, where most of the open ones have such. */
export function takeAnswersBehind(drafts: readonly Draft[]): void {
  const open = drafts.filter(isOpen);
  const found = open.flatMap((draft) => {
    const stem = draft.stem[0]!;
    const behind = answerBehind(pieceText(stem).trimEnd());
    return behind ? [{ draft, stem, behind }] : [];
  });
  if (found.length < LEAST || found.length < open.length * MOSTLY) {
    return;
  }
  for (const { draft, stem, behind } of found) {
    draft.stem = [{ ...stem, to: stem.from + behind.end }];
    draft.answers.push({ ...stem, from: stem.from + behind.at });
    draft.hasAnswerBehind = true;
  }
}
