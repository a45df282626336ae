// Wrong options that stand on one line behind their name: 'Wrong answers: Milan; Naples; Turin'.
import { pieceText, splitPiece, type Draft, type DraftOption } from './draft';

const SEPARATORS = [';', '|', ' / ', ','] as const;
const MOSTLY = 0.8;
/** The mark of options that their names call right or wrong. */
const NAMED = 'named';

const wrongsOf = ({ options }: Draft): DraftOption[] =>
  options.filter(({ mark, right }) => mark === NAMED && right === false);

const isSplitBy = (option: DraftOption, separator: string): boolean =>
  option.pieces.length === 1 && pieceText(option.pieces[0]!).includes(separator);

/** An option for each part of a line. */
const partsOf = (option: DraftOption, separator: string): DraftOption[] =>
  splitPiece(option.pieces[0]!, separator).map((piece, index) => ({
    ...option,
    n: option.n + index,
    pieces: [piece],
  }));

/** Splits them where each question has one such line alone and the same sign parts most of them. */
export function splitJoinedWrongs(drafts: readonly Draft[]): void {
  const lone = drafts.filter((draft) => wrongsOf(draft).length === 1);
  if (!lone.length || drafts.some((draft) => wrongsOf(draft).length > 1)) {
    return;
  }
  const separator = SEPARATORS.find(
    (sign) =>
      lone.filter((draft) => isSplitBy(wrongsOf(draft)[0]!, sign)).length >= lone.length * MOSTLY,
  );
  for (const draft of separator ? lone : []) {
    draft.options = draft.options.flatMap((option) =>
      option.right === false ? partsOf(option, separator!) : [option],
    );
  }
}
