// A letter alone that answers a statement, 'Answer: F': false, unless nothing else in the text says that letters stand for true and
// false. Then it may be the answer itself, as to 'Give the symbol of fluorine.'
import { trueFalseInitials, trueFalseWords } from '../../shared/vocabulary/verdicts';
import { plainOfPieces, type Draft } from './draft';
import { offeredBehind } from './offered';

const LETTER = /^\s*(\p{L})\s*\.?\s*$/u;

const letterOf = ({ options, answers }: Draft): string | undefined =>
  options.length ? undefined : LETTER.exec(plainOfPieces(answers))?.[1]?.toLowerCase();

/** Whether a question offers true and false, or is answered by such a word. */
const saysTrueFalse = ({ options, answers, stem, part }: Draft): boolean =>
  part?.isJudged === true ||
  offeredBehind(plainOfPieces(stem)) !== undefined ||
  options.some(({ pieces }) => trueFalseWords(plainOfPieces(pieces)) !== undefined) ||
  (trueFalseWords(plainOfPieces(answers)) !== undefined && !LETTER.test(plainOfPieces(answers)));

/** Notes which questions have nothing but a letter for a verdict, where nothing else in the text bears it out. */
export function noteLoneLetters(drafts: readonly Draft[]): void {
  const lettered = drafts.filter((draft) => letterOf(draft) !== undefined);
  const letters = [...new Set(lettered.map((draft) => letterOf(draft)!))];
  const arePair = letters.some((first) =>
    letters.some((other) => other !== first && trueFalseInitials(first, other) !== undefined),
  );
  if (arePair || drafts.some(saysTrueFalse)) {
    return;
  }
  for (const draft of lettered) {
    draft.isLoneLetter = true;
  }
}
