// Points in brackets at the end of questions: '[2]' behind their last line whatever that is, '(2)' where they are answered elsewhere.
import { givePoints, pieceText, type Draft } from './draft';
import type { Piece } from './tokens';

const POINTS = /\s*(?:\[\s*(\d{1,2})\s*\]|\(\s*(\d{1,2})\s*\))\s*$/u;
const LEAST = 2;
const MOSTLY = 0.8;

/** Behind the last line of the question, or behind its text above the options. */
const lastPieces = ({ stem, options }: Draft): Piece[] =>
  [options.at(-1)?.pieces.at(-1), stem.at(-1)].filter((piece) => piece !== undefined);

/** In round brackets a number may be the answer of a question that has none elsewhere. */
const mayBePoints = ({ options, answers }: Draft): boolean => options.length + answers.length > 0;

/** Takes such points off, where most questions have them. */
export function takeEndPoints(drafts: readonly Draft[]): void {
  const found = drafts.flatMap((draft) => {
    const pieces = lastPieces(draft).map((piece) => ({
      piece,
      match: POINTS.exec(pieceText(piece)),
    }));
    return pieces
      .flatMap(({ piece, match }) => (match ? [{ draft, piece, match }] : []))
      .slice(0, 1);
  });
  const areMost = found.length >= LEAST && found.length >= drafts.length * MOSTLY;
  if (!areMost || !found.every(({ draft, match }) => match[1] || mayBePoints(draft))) {
    return;
  }
  for (const { draft, piece, match } of found) {
    piece.to = piece.from + match.index;
    givePoints(draft, Number(match[1] ?? match[2]));
  }
}
