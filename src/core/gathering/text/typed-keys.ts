// Keys with no word above them: answers counted below the questions, and letters for all of them on a line alone.
import { fieldOfLine, headsAnswers } from '../../shared/vocabulary/answer-lines';
import { anew, isLine, OFTEN, type Lines } from './retyping';
import { asksOutright } from './typed-line';

const COUNTED = /^\s*[([]?(\d{1,3})(?:[.):\]]\s*|\s+)(\S.*)$/u;
const MOSTLY = 0.8;

type Counted = { at: number; n: number; text: string };

/** Lines that count up from one by one, with nothing but empty lines between them. */
function runsOf(lines: Lines): Counted[][] {
  const runs: Counted[][] = [];
  let goesOn = false;
  lines.forEach((line, at) => {
    const [, n, text = ''] = (isLine(line) && COUNTED.exec(line.text)) || [];
    const run = runs.at(-1);
    if (n !== undefined && goesOn && run && Number(n) === run.length + 1) {
      run.push({ at, n: Number(n), text });
    } else if (n === '1') {
      runs.push([{ at, n: 1, text }]);
      goesOn = true;
    } else if (line.text.trim()) {
      goesOn = false;
    }
  });
  return runs;
}

const asked = (run: readonly Counted[]): number =>
  run.filter(({ text }) => asksOutright(text)).length;

/** Whether one list asks and another one, as long, does not. */
const answersEach = (asking: readonly Counted[], answering: readonly Counted[]): boolean =>
  asking.length > OFTEN &&
  asking.length === answering.length &&
  asked(asking) >= asking.length * MOSTLY &&
  asked(answering) === 0;

/** Two lists that count alike and nothing else: one that asks, and below it one that does not, are questions and their answers. */
export function answersCounted(lines: Lines): Lines {
  const [asking = [], answering = [], ...others] = runsOf(lines);
  const from = answering[0]?.at ?? 0;
  const to = answering.at(-1)?.at ?? 0;
  const isLast = to >= lines.findLastIndex(({ text }) => text.trim());
  const isApart = from > 0 && !lines[from - 1]!.text.trim();
  return !others.length && isLast && isApart && answersEach(asking, answering)
    ? [...lines.slice(0, from), anew(lines[from - 1]!, 'Answers'), ...lines.slice(from)]
    : lines;
}

const PAIRS = /^\s*(?:\(?\d{1,3}\s?[.):=–-]?\s?\(?[A-Ja-j]\)?(?:[\s,;|]+|$)){2,}$/u;

/** A line of numbers with letters that count from one and nothing else, below all questions, named as what it is. */
export function keyAlone(lines: Lines): Lines {
  const at = lines.findLastIndex(({ text }) => text.trim());
  const text = lines[at]?.text ?? '';
  const counted = [...text.matchAll(/\d+/gu)].map(([n]) => Number(n));
  const isKey = PAIRS.test(text) && counted.every((n, index) => n === index + 1);
  const isNamed = lines.some(
    (line) => headsAnswers(line.text) || fieldOfLine(line.text)?.role === 'answer',
  );
  return isKey && !isNamed && !lines[at - 1]?.text.trim()
    ? lines.map((line, index) => (index === at ? anew(line, `Answers: ${text.trim()}`) : line))
    : lines;
}
