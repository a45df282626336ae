// Options that stand on one line below their question, parted by a sign and without labels: 'Delft | Leiden | Breda'.
import { alike } from '../../shared/normalise';
import { pieceText, plainOfPieces, splitPiece, type Draft, type DraftOption } from './draft';
import type { Piece } from './tokens';

const SIGNS = ['|', '\t', ';', ' / ', ' – ', ','] as const;
/** So many questions show that lines below them are options, and so much of all that have no options. */
const LEAST = 2;
const MOSTLY = 0.8;
const LEAST_OPTIONS = 3;

const isOpen = ({ options, stem }: Draft): boolean => !options.length && stem.length > 1;

/** The parts of a text between a sign, clean and without empty ones. */
export const partsOf = (text: string, sign: string): string[] =>
  text
    .split(sign)
    .map((part) => part.trim())
    .filter(Boolean);

/** Whether the last line of a question's text holds its options: one of them is its answer, or it has none yet. */
function holdsOptions({ stem, answers }: Draft, sign: string): boolean {
  const parts = partsOf(pieceText(stem.at(-1)!), sign);
  const said = alike(plainOfPieces(answers));
  const isNamed = parts.some((part) => alike(part) === said) || /^[a-j\d]$/u.test(said);
  return parts.length >= LEAST_OPTIONS && (isNamed || (!answers.length && sign === '|'));
}

/** An option for each part of a line. */
const optionsOf = (line: Piece, sign: string): DraftOption[] =>
  splitPiece(line, sign).map((piece, n) => ({
    pieces: [piece],
    style: 'bullet',
    n,
    sign: '',
    indent: 0,
  }));

/** Takes the last lines of questions as their options, where the same sign parts those of most. */
export function takeOptionLines(drafts: readonly Draft[]): void {
  const open = drafts.filter(isOpen);
  const sign = SIGNS.find((one) => {
    const held = open.filter((draft) => holdsOptions(draft, one)).length;
    return held >= LEAST && held >= open.length * MOSTLY;
  });
  for (const draft of sign ? open.filter((one) => holdsOptions(one, sign)) : []) {
    const line = draft.stem.pop()!;
    draft.options = optionsOf(line, sign!);
  }
}
