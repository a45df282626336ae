// Signs at an option that say right or wrong, taken off its text.
import { verdictOf } from '../../shared/vocabulary/verdicts';

const BEFORE_RIGHT =
  /^(?:\*(?!\*)|[✓✔✅☑●◉⦿■]\ufe0f?|\[[xX✓✔*]\]|\([xX✓✔•●◉]\)|[-=]{1,3}>|[→⇒▶►]|>>)\s*/u;
const BEFORE_WRONG = /^(?:[✗✘❌☐☒✖○□]\ufe0f?|\[[ _]?\]|\([ _]\))\s*/u;
const BEHIND_RIGHT =
  /\s*(?:\*+|[✓✔✅☑]\ufe0f?|\[[xX✓✔*]\]|\([xX✓✔*]\)|[←⇐◀◄]|<[-=]{1,3}|<{2,3}|(?<=\s{2}|\t)<)\s*$/u;
const BEHIND_WRONG = /\s*(?:[✗✘❌✖]\ufe0f?)\s*$/u;
const BEHIND_WORD =
  /\s*(?:[([{]\s*([\p{L}]{2,12})(?: (?:answer|antwort|one|option))?\s*[)\]}]|(?:←|<-+|–|—|\s-)\s*([\p{L}]{2,12})(?: (?:answer|antwort|one|option))?)\s*[.!]?\s*$/u;

const LONGEST_BEHIND = 60;

/** What was found: where the text without its marks begins and ends, whether a mark said right or wrong, and its sign. */
export type Marked = { from: number; to: number; right?: boolean; sign?: string };

/** Takes the marks off an option's text; looked for before and behind, twice in front since a label may stand between. */
export function takeMarks(text: string, from = 0): Marked {
  const found: Marked = { from, to: text.length };
  const say = (right: boolean, sign: string): void => {
    found.right = right;
    found.sign = sign.trim();
  };
  const before = text.slice(from);
  const right = BEFORE_RIGHT.exec(before);
  const wrong = right ? null : BEFORE_WRONG.exec(before);
  // A star that also closes the text, as in *Water*, is one mark.
  if (right) {
    say(true, right[0]);
    found.from += right[0].length;
  } else if (wrong) {
    say(false, wrong[0]);
    found.from += wrong[0].length;
  }
  // What stands behind a text is short; a long one is not looked through for it.
  const start = Math.max(found.from, text.length - LONGEST_BEHIND);
  const rest = text.slice(start);
  const word = BEHIND_WORD.exec(rest);
  const verdict = word && verdictOf(word[1] ?? word[2] ?? '');
  if (verdict !== undefined && verdict !== null) {
    say(verdict, word![1] ?? word![2]!);
    found.to = start + word!.index;
    return found;
  }
  const behind = BEHIND_RIGHT.exec(rest);
  const behindWrong = behind ? null : BEHIND_WRONG.exec(rest);
  const isBehind = (match: RegExpExecArray): boolean => start + match.index > found.from;
  if (behind && isBehind(behind)) {
    say(true, behind[0]);
    found.to = start + behind.index;
  } else if (behindWrong && isBehind(behindWrong)) {
    say(false, behindWrong[0]);
    found.to = start + behindWrong.index;
  }
  return found;
}
