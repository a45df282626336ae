// Statements with an arrow or a dash, their verdict and what is right instead behind it: 'Ein Wal ist ein Fisch. → falsch, er ist ein
// Säugetier'.
import { alike } from '../../shared/normalise';
import { trueFalseWords, verdictPair } from '../../shared/vocabulary/verdicts';
import { anew, isLine, OFTEN, type Lines } from './retyping';

const JUDGED =
  /^(.*\S)\s*(?:[-=]+>|→|⇒|➔|[–—-])\s+(\p{L}{1,12}(?: \p{L}{2,8})?)(?:\s*[,;:(–—-]\s*(\S.*?)\)?)?\s*$/su;

type Judged = { statement: string; word: string; reason: string | undefined };

function judgedIn(text: string): Judged | undefined {
  const [, statement, word, reason] = JUDGED.exec(text) ?? [];
  return statement && word && /[.!…]["'”’»]?$/u.test(statement)
    ? { statement, word, reason }
    : undefined;
}

/** Whether words are two at most that say true and false, both or one of them. */
function areVerdicts([first = '', second, ...others]: readonly string[]): boolean {
  const isOne = second === undefined && trueFalseWords(first) !== undefined;
  return !others.length && (isOne || verdictPair([first, second ?? '']) !== undefined);
}

/** Such statements with their verdict in brackets and what is right instead on a line of its own, where some say that. */
export function statementsCorrected(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? judgedIn(line.text) : undefined));
  const judged = found.filter((one) => one !== undefined);
  const words = [...new Set(judged.map(({ word }) => alike(word)))];
  const isSaid =
    judged.length >= OFTEN && judged.some(({ reason }) => reason) && areVerdicts(words);
  return isSaid
    ? lines.flatMap((line, at) => {
        const own = found[at];
        return own
          ? [
              `${own.statement} (${own.word})`,
              ...(own.reason ? [`Explanation: ${own.reason}`] : []),
            ].map((text) => anew(line, text))
          : [line];
      })
    : lines;
}
