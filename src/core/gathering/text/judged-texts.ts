// Statements with their verdicts behind them.
import { verdictOf, verdictPair } from '../../shared/vocabulary/verdicts';

/** A verdict behind a statement, '(True)', '– falsch', 'F'. */
const VERDICT_BEHIND =
  /(?:[([]\s*(\p{L}{1,12}(?: \p{L}{2,12})?)\s*[)\]]|[–—-]\s+(\p{L}{4,12})|(?<=[.!?])\s+(\p{L}|\p{L}{4,12}))\s*\.?$/u;
/** So much of a text's end holds a verdict behind it. */
export const LAST = 60;
/** The word of a verdict behind a text, whatever it says. */
export const wordBehind = (text: string): string | undefined =>
  VERDICT_BEHIND.exec(text.trimEnd().slice(-LAST))?.slice(1).find(Boolean);
/** Whether a text has a known word for true or false behind it. */
export const saysVerdict = (text: string): boolean => {
  const word = wordBehind(text);
  return word !== undefined && verdictOf(word) !== undefined;
};
/** Whether each text ends with one of the same two words for true and false: they are statements, and no options. */
export function areJudged(texts: readonly string[]): boolean {
  const words = texts.map(wordBehind);
  const said = [...new Set(words.map((word) => word?.toLowerCase()))];
  return (
    words.every(Boolean) &&
    (texts.every(saysVerdict) || (said.length === 2 && verdictPair(said as string[]) !== undefined))
  );
}
