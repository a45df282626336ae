// An answer that stands right behind its question on the same line: 'Which river flows through Budapest? The Danube'.
import { pieceText, type Draft } from './draft';
import { labelsOf } from './labels';
import type { Piece } from './tokens';
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

/** Where the answer behind a question begins in a text; undefined where none stands there. */
export function answerBehind(text: string): number | undefined {
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
  return text.length - rest.length;
}

const isOpen = ({ options, answers, stem }: Draft): boolean =>
  !options.length && !answers.length && stem.length === 1;

/** Gives questions the answers that stand behind them, where most of the open ones have such. */
export function takeAnswersBehind(drafts: readonly Draft[]): void {
  const open = drafts.filter(isOpen);
  const found = open.flatMap((draft) => {
    const [stem] = draft.stem;
    const at = answerBehind(pieceText(stem!).trimEnd());
    return at === undefined ? [] : [{ draft, stem: stem!, at }];
  });
  if (found.length < LEAST || found.length < open.length * MOSTLY) {
    return;
  }
  for (const { draft, stem, at } of found) {
    const end = stem.from + at;
    const answer: Piece = { ...stem, from: end };
    draft.stem = [
      {
        ...stem,
        to:
          end - (/\s*(?:[-–—:=>→]+\s*)?$/u.exec(pieceText({ ...stem, to: end }))?.[0].length ?? 0),
      },
    ];
    draft.answers.push(answer);
    draft.hasAnswerBehind = true;
  }
}
