// A last line that says by which sign right answers are marked: it is of the text as a whole, and explains no question.
import { bareWords } from '../../shared/normalise';
import { fieldOfLine, headsAnswers } from '../../shared/vocabulary/answer-lines';
import { saysRightAnswer } from '../../shared/vocabulary/key-words';
import { isLine, rewritten, type Lines } from './retyping';

const SIGN = /(?:^|[\s("'“„«])([^\p{L}\p{N}\s.,;:!?"'“”„«»()[\]{}/–—-]{1,2})(?=$|[\s.,;:!)"'”“»])/u;
const OFTEN = 2;

/** Whether a line speaks of answers, or of right ones. */
function speaksOfAnswers(text: string): boolean {
  const words = bareWords(text);
  return saysRightAnswer(words) || words.split(' ').some(headsAnswers);
}

/** Such a line apart from what stands above it, without a name in front. */
export function legendApart(lines: Lines): Lines {
  const last = lines.findLastIndex(({ text }) => text.trim());
  const line = lines[last];
  const sign = line && isLine(line) ? SIGN.exec(line.text)?.[1] : undefined;
  const marked = sign
    ? lines.filter(({ text }, at) => at !== last && text.includes(sign)).length
    : 0;
  if (!line || marked < OFTEN || !speaksOfAnswers(line.text)) {
    return lines;
  }
  const field = fieldOfLine(line.text);
  const text = field && field.role !== 'answer' ? field.value : line.text;
  return [
    ...lines.slice(0, last),
    rewritten(line, ''),
    rewritten(line, text.trim()),
    ...lines.slice(last + 1),
  ];
}
