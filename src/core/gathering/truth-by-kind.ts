// Letters for true and false that the word for the kind explains: 'P' beside 'P/F'.
import { alike } from '../shared/normalise';
import { trueFalseInitials, verdictOf, verdictPair } from '../shared/vocabulary/verdicts';

const EITHER = /^\s*([^/|\s]+)\s*[/|]\s*([^/|\s]+)\s*$/u;

/** Whether a cell says true by one of the two words that its kind is called by, with those words; undefined of other kinds. */
export function truthByKind(
  said: string,
  kind: string,
): { isTrue: boolean; words: [string, string] } | undefined {
  const [, first = '', second = ''] = EITHER.exec(kind) ?? [];
  const isOne = [first, second].some((word) => word !== '' && alike(word) === alike(said));
  const pair = isOne ? verdictPair([first, second]) : undefined;
  const words = isOne ? trueFalseInitials(first, second) : undefined;
  if (pair && first.length > 1) {
    return { isTrue: alike(said) === alike(pair.right), words: [pair.right, pair.wrong] };
  }
  if (!words) {
    return undefined;
  }
  const isTurned = verdictOf(words[0]) === false;
  return {
    isTrue: (alike(said) === alike(first)) !== isTurned,
    words: isTurned ? [words[1], words[0]] : words,
  };
}
