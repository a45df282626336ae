// Words, letters and figures that say true and false.
import { trueFalseWords } from '../../shared/vocabulary/verdicts';

/** First letters of words for true and false, and the figures for them. Common practice, no source. */
const INITIALS = ['TF', 'tf', 'RF', 'rf', 'VF', 'vf', 'WF', 'wf', 'YN', 'yn', 'JN', 'jn', '10'];

/** The words for true and false of which each text says one: in full, or by their first letters where `byInitials` allows it. */
export function truthWords(
  texts: readonly string[],
  byInitials = true,
): [string, string] | undefined {
  const words = texts.map((text) => trueFalseWords(text)?.words);
  const [first] = words;
  if (first && words.every(Boolean)) {
    return [first[0], first[1]];
  }
  const initials = INITIALS.find((pair) => texts.every((text) => pair.includes(text)));
  return byInitials && initials ? [initials[0]!, initials[1]!] : undefined;
}
