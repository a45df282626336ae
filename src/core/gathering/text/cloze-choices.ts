// A text with counted gaps and below it a line of choices for each: 'The keeper (1) ____ up.' above '1  A get   B gets'.
import type { Item } from '../../model';
import { letterPlace } from '../../shared/plain';
import { pairsOfKey } from '../../shared/pair-key';
import { drawnGaps } from '../answers';
import { pieceText, plainOfPieces, type Draft, type DraftOption } from './draft';

const LEAST = 2;
const CHOICE = /(?:^|\s+)[([]?([A-Ja-j])(?:[).:\]]+\s*|\s+)(?=\S)/gu;

/** The choices of a line by their letters from the first on; none where they do not count so. */
function choicesIn({ pieces }: DraftOption): string[] {
  const text = pieces.map(pieceText).join(' ').trim();
  const found = [...text.matchAll(CHOICE)].reduce<RegExpExecArray[]>(
    (own, match) => (letterPlace(match[1]!) === own.length ? [...own, match] : own),
    [],
  );
  return found[0]?.index === 0
    ? found.map((match, at) =>
        text.slice(match.index + match[0].length, found[at + 1]?.index ?? text.length).trim(),
      )
    : [];
}

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
