// What a good answer says, as a list below a line that calls it so: 'Model answer:' above '- deep water'.
import { bareWords } from '../../shared/normalise';
import { callsModelAnswer } from '../../shared/vocabulary/model-answers';
import { anew, isLine, type Lines } from './retyping';

const BULLET = /^\s*[-*•–▪◦·]\s+(\S.*)$/su;
const NAME = /^\s*(\p{L}[\p{L} -]{3,40}?)\s*:?\s*$/u;

/** How many list lines stand right below a line. */
function listedBelow(lines: Lines, at: number): number {
  let n = 0;
  while (isBullet(lines[at + 1 + n])) {
    n++;
  }
  return n;
}
const isBullet = (line: Lines[number] | undefined): boolean =>
  line !== undefined && isLine(line) && BULLET.test(line.source ?? line.text);

/**
 * Such lists as what explains their question, since a learner says all of it in words of their own; a single line below such a name is the
 * answer.
 */
export function modelsListed(lines: Lines): Lines {
  const found: Lines[number][] = [];
  for (let at = 0; at < lines.length; at++) {
    const line = lines[at]!;
    const name = isLine(line) ? NAME.exec(line.text)?.[1] : undefined;
    const count = name && callsModelAnswer(bareWords(name)) ? listedBelow(lines, at) : 0;
    if (count === 0) {
      found.push(line);
      continue;
    }
    const texts = lines
      .slice(at + 1, at + 1 + count)
      .map(({ source, text }) => BULLET.exec(source ?? text)![1]!.trim());
    found.push(
      anew(line, count === 1 ? `Answer: ${texts[0]}` : `Explanation: ${name}: ${texts.join('; ')}`),
    );
    at += count;
  }
  return found;
}
