// A question while it is being put together from the lines of a running text.
import type { DocumentLine, Picture, Role, Run, Text } from '../../model';
import { joinRuns, plainOf, shareOf, sliceRuns, textOf } from '../../shared/rich-text';
import { cleanText } from '../../shared/normalise';
import type { Emphasis } from '../rich';
import type { VerdictPair } from '../../shared/vocabulary/verdict-pairs';
import type { Label } from './labels';
import type { Piece } from './tokens';

export { EMPHASES, type Emphasis } from '../rich';

/** How options are labelled; by it the next option is known. */
export type LabelStyle = 'letter' | 'number' | 'bullet' | 'none';
const STYLES: Partial<Record<Label['counts'], LabelStyle>> = {
  number: 'number',
  roman: 'number',
  circled: 'number',
  upper: 'letter',
  lower: 'letter',
};
/** How options are labelled whose labels count so. */
export const styleOf = (counts: Label['counts']): LabelStyle => STYLES[counts] ?? 'bullet';
export type DraftOption = {
  pieces: Piece[];
  style: LabelStyle;
  n: number;
  sign: string;
  indent: number;
  right?: boolean;
  mark?: string;
};
export type Draft = {
  line: number;
  /** The question's own number, where it has one. */
  number?: number;
  sign?: string;
  indent: number;
  level?: number;
  stem: Piece[];
  options: DraftOption[];
  answers: Piece[];
  fields: { role: Role; piece: Piece }[];
  category?: string;
  /** Whether its category is called so, and not only a title above. */
  isNamedPart?: boolean;
  /** Whether its options are labelled otherwise than those of the rest, as steps and pairs are. */
  isOtherwise?: boolean;
  /** Whether something marks it as a question: a label in front of it, or lines to write on below. */
  isLabelled?: boolean;
  /** The word in front of it, 'front:' without its sign. */
  word?: string;
  /** Whether it is a lone sentence, with nothing that marks it as a question. */
  isLone?: boolean;
  /** What is said above several questions: points of each, and whether they are statements to judge. */
  part?: { points?: number; isJudged: boolean; isOrdered: boolean; pair?: VerdictPair };
  /** Whether its answer stands behind it on the same line. */
  hasAnswerBehind?: boolean;
  /** Whether words in square brackets within it are what goes into its gaps. */
  holdsGaps?: boolean;
  /** Whether its answer is a letter, and nothing else in the text says that letters stand for true and false. */
  isLoneLetter?: boolean;
  /** How many lines to write on stand below it. */
  drawn?: number;
  lastLine: number;
};

/** A question that begins with a piece of text. */
export const newDraft = (piece: Piece & { indent: number }, about: Partial<Draft> = {}): Draft => ({
  line: piece.line.line,
  lastLine: piece.line.line,
  indent: piece.indent,
  stem: [piece],
  options: [],
  answers: [],
  fields: [],
  ...about,
});

const BULLET = 'bullet ';

/** An option behind its label; `count` are those that the question has already. */
export const newOption = (
  { line, indent }: Piece & { indent: number },
  { counts, family, from, to, n, right, mark }: Label,
  count: number,
): DraftOption => ({
  pieces: [{ line, from, to }],
  style: styleOf(counts),
  n: n ?? count,
  sign: family.startsWith(BULLET) ? family.slice(BULLET.length) : '',
  indent,
  ...(right === undefined ? {} : { right }),
  ...(mark ? { mark } : {}),
});

/** The parts of a piece between signs, each with its place in the line and without the blanks around it; empty ones are none. */
export function splitPiece(piece: Piece, sign: string): Piece[] {
  const parts: Piece[] = [];
  let { from } = piece;
  for (const part of pieceText(piece).split(sign)) {
    const lead = part.length - part.trimStart().length;
    if (part.trim()) {
      parts.push({ ...piece, from: from + lead, to: from + part.trimEnd().length });
    }
    from += part.length + sign.length;
  }
  return parts;
}

/** The text of a piece, without its line's label and marks. */
export const pieceText = ({ line, from, to }: Piece): string => line.text.slice(from, to);

const runsOf = ({ line, from, to }: Piece): Run[] =>
  line.runs ? sliceRuns(line.runs, from, to) : [{ text: line.text.slice(from, to) }];

/** Runs of several pieces with one blank between them. */
function joined(pieces: readonly Piece[]): Run[] {
  return joinRuns(
    pieces.flatMap((piece, index) => {
      const runs = runsOf(piece);
      return index && runs.length ? [{ ...runs[0]!, text: ' ' }, ...runs] : runs;
    }),
  );
}

/** Pieces as one text; formatting is kept where it says something and `keep` asks for it. */
export function textOfPieces(pieces: readonly Piece[], keep: boolean): Text {
  const text = textOf(joined(pieces), keep);
  return { ...text, plain: cleanText(text.plain.replace(/\s+/gu, ' ')) };
}

/** The pieces as one text, a line for each. */
export const plainOfPieces = (pieces: readonly Piece[]): string =>
  cleanText(plainOf(joined(pieces)).replace(/\s+/gu, ' '));

/** Whether an option is set off as a whole by one kind of emphasis. */
export const isEmphasised = (option: DraftOption, emphasis: Emphasis): boolean =>
  shareOf(joined(option.pieces), (run) => Boolean(run[emphasis])) > 0.85;

/** The pictures of lines, in their order. */
export const picturesOf = (lines: readonly DocumentLine[]): Picture[] =>
  lines.flatMap((line) => line.pictures ?? []);

/** Gives a question its points, beside whatever else is said of its part. */
export function givePoints(draft: Draft, points: number): void {
  draft.part = { isJudged: false, isOrdered: false, ...draft.part, points };
}
