// Options behind bullets or letters with a word in brackets that says right or wrong: 'o the carrot (T)'.
import { alike } from '../../shared/normalise';
import { trueFalseInitials, verdictOf, verdictPair } from '../../shared/vocabulary/verdicts';
import { isLine, OFTEN, retyped, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const JUDGED =
  /^(\s*)(?:[-*•–+o·▪◦]|[([]?[A-Ja-j][).\]])\s+(\S.*?)\s*[([]\s*(\p{L}{1,10})\s*[)\]]\s*$/su;

/** The one of two words that says right; undefined where they are no such two. */
function rightOf([first = '', second = '', ...others]: readonly string[]): string | undefined {
  if (!second || others.length) {
    return undefined;
  }
  const pair = verdictPair([first, second]);
  const initials = trueFalseInitials(first, second);
  if (pair) {
    return pair.right;
  }
  return initials && (verdictOf(initials[0]) === false ? second : first);
}

/** Such lines in runs below questions, with a tick or a cross in place of their word. */
export function bulletsJudged(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? JUDGED.exec(line.text) : null));
  const starts = found.flatMap((match, at) => (match && !found[at - 1] ? [at] : []));
  const isBelow = starts.every((at) => asksOutright(lines[at - 1]?.text ?? '') && found[at + 1]);
  const words = [...new Set(found.flatMap((match) => (match ? [alike(match[3]!)] : [])))];
  const right = starts.length >= OFTEN && isBelow ? rightOf(words) : undefined;
  return right === undefined
    ? lines
    : retyped(lines, (at) => {
        const [, indent = '', text, word = ''] = found[at] ?? [];
        return text && `${indent}- ${text} ${alike(word) === alike(right) ? '✓' : '✗'}`;
      });
}
