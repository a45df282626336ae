// Lines that are quoted: they answer what stands above them by turns, say again which option is right, or explain.
import type { DocumentLine } from '../../model';
import { alike } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { anew, OFTEN, rewritten, type Lines } from './retyping';

const BULLET = /^\s*(?:[-*•–]|[([]?[A-Ja-j][).\]])\s+/u;
/** A text that is quoted as a whole says nothing by it. */
const MOSTLY = 0.4;
const isQuoted = ({ source, text }: DocumentLine): boolean =>
  source !== undefined && /^\s*>/u.test(source) && text.trim() !== '';

/** Whether every second line of a text is quoted: each answers the line above it. */
const answerByTurns = (filled: Lines): boolean =>
  filled.length >= OFTEN * 2 && filled.every((line, at) => isQuoted(line) === (at % 2 === 1));

/** So far above a quoted line stand the options that it may say again. */
const ABOVE = 12;
/** Whether a quoted line says again one of the lines above it: it tells which of them is right. */
const saysLineAbove = (lines: Lines, at: number): boolean =>
  lines
    .slice(Math.max(0, at - ABOVE), at)
    .some(({ text }) => alike(text.replace(BULLET, '')) === alike(lines[at]!.text));

/** Quoted lines among others, said to explain what stands above them, or to answer it where they come by turns. */
export function remarksNamed(lines: Lines): Lines {
  const filled = lines.filter(({ text }) => text.trim());
  if (answerByTurns(filled)) {
    return lines.map((line) =>
      isQuoted(line) && !fieldOfLine(line.text)
        ? rewritten(line, `Answer: ${line.text.trim()}`)
        : line,
    );
  }
  const quoted = filled.filter(isQuoted);
  const isAnswer = lines.every((line, at) => !isQuoted(line) || saysLineAbove(lines, at));
  const name = isAnswer ? 'Answer' : 'Explanation';
  return quoted.length < OFTEN || quoted.length > filled.length * MOSTLY
    ? lines
    : lines.map((line) => {
        const text = line.text.trim();
        return isQuoted(line) ? anew(line, fieldOfLine(text) ? text : `${name}: ${text}`) : line;
      });
}
