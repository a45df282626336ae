// A text with counted gaps and below it a line of choices for each: 'The keeper (1) ____ up.' above '1  A get   B gets'.
import type { Item } from '../../model';
import { pairsOfKey } from '../../shared/pair-key';
import { drawnGaps } from '../answers';
import { pieceText, plainOfPieces, type Draft, type DraftOption } from './draft';
import { textsByLetter } from './retyping';

const LEAST = 2;
const CHOICE = /(?:^|\s+)[([]?([A-Ja-j])(?:[).:\]]+\s*|\s+)(?=\S)/gu;

/** The choices of a line by their letters from the first on; none where they do not count so. */
const choicesIn = ({ pieces }: DraftOption): string[] =>
  textsByLetter(pieces.map(pieceText).join(' ').trim(), CHOICE).map((text) => text.trim());

/** The sentence with its gaps, each with its choices and the one that the key names; undefined of another question. */
export function clozeOf(
  draft: Draft,
): { stem: string; gaps: NonNullable<Item['gaps']> } | undefined {
  const { options } = draft;
  const isCounted =
    options.length >= LEAST && options.every(({ style, n }, at) => style === 'number' && n === at);
  const drawn = isCounted ? drawnGaps(plainOfPieces(draft.stem), []) : undefined;
  const key = drawn ? pairsOfKey(plainOfPieces(draft.answers)) : [];
  if (!drawn || drawn.gaps.length !== options.length || key.length !== options.length) {
    return undefined;
  }
  const gaps = options.map((option, at) => {
    const choices = choicesIn(option);
    const right = choices[key.find(({ left }) => left === at)?.right ?? -1];
    return right === undefined || choices.length < LEAST
      ? undefined
      : { accepted: [right], options: choices };
  });
  return gaps.every((gap) => gap !== undefined) ? { stem: drawn.stem, gaps } : undefined;
}
