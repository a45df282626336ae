// What stands beside a table that was read, where it looks like more questions: it is told rather than lost.
import type { Finding } from '../model';
import { quoted } from '../shared/plain';
import { say } from '../shared/say';
import { fieldOfLine } from '../shared/vocabulary/answer-lines';

/** Whether a line is part of a question: it has an option's letter, names an answer, or asks behind its number. */
const holdsQuestions = (line: string): boolean =>
  /^\s*(?:[-*]\s+)?\(?[A-Ha-h][).]\s+\S/u.test(line) ||
  fieldOfLine(line)?.role === 'answer' ||
  /^\s*\(?\d{1,3}[.)]\s.*[?？؟]\W*$/u.test(line);

const ASKS = /[?？؟]\W*$/u;
/** So much of a line's end is looked at. */
const END = 20;
/** Whether a line asks; others below it do not. */
const asks = (text: string): boolean => /\p{L}/u.test(text) && ASKS.test(text.slice(-END));
const FEWEST = 2;

/** A line beside a table; without its number in documents, which have none. */
type Beside = { text: string; line?: number };

/** What is told of lines beside a table that look like more questions; nothing of others. */
export function questionsBeside(file: string, lines: readonly Beside[]): Finding[] {
  const filled = lines.filter(({ text }) => text.trim());
  const asked = filled.filter(
    ({ text }, at) => asks(text) && at + 1 < filled.length && !asks(filled[at + 1]!.text),
  );
  const held = filled.filter(({ text }) => holdsQuestions(text));
  const found = [held, asked].find(({ length }) => length >= FEWEST);
  if (!found) {
    return [];
  }
  const { text, line } = found[0]!;
  const message =
    line === undefined
      ? say(
          'The table was read. {text} and what follows look like more questions, which are not among these: copy that part and bring it in by itself.',
          { text: quoted(text.trim()) },
        )
      : say(
          'The table was read. {text} in line {line} and what follows look like more questions, which are not among these: bring that part in by itself.',
          { text: quoted(text.trim()), line },
        );
  const where = line === undefined ? { file } : { file, line };
  return [{ rule: 'questions-beside-table', level: 'warn', where, message }];
}
