// Statements with the two letters to circle in front, 'T  F   1. A boat floats.', and a key of such letters in the order of the statements.
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { verdictPair } from '../../shared/vocabulary/verdicts';
import { anew, isLine, OFTEN, type Lines } from './retyping';

const CIRCLED = /^\s*(\p{L})\s+(\p{L})\s+([([]?\d{1,3}[.):\]]\s+\S.*)$/su;
const KEY = /^\s*(\p{L}[\p{L} ]{1,20}?)\s*[:–-]\s*(\p{L}(?:\s*[,;\s]\s*\p{L})+)\s*\.?\s*$/u;

/** The letter of a statement behind it tells it already. */
const TOLD = /[([]\s*\p{L}\s*[)\]]\s*$/u;

/** A statement with the letters behind it; undefined of a line that has no two letters which say true and false. */
function circledIn(text: string): string | undefined {
  const [, first, second, statement] = CIRCLED.exec(text) ?? [];
  return first && second && verdictPair([first, second]) && !TOLD.test(statement!)
    ? `${statement!.trim()} (${first} / ${second})`
    : undefined;
}

/** The letters of such a key, with the numbers of the statements in front of them; undefined of another line. */
function countedKey(text: string, count: number): string | undefined {
  const [, name = '', list = ''] = KEY.exec(text) ?? [];
  const letters = list.match(/\p{L}/gu) ?? [];
  return letters.length === count && headsAnswers(name)
    ? `Answers: ${letters.map((letter, at) => `${at + 1} ${letter}`).join(', ')}`
    : undefined;
}

/** The lines of a text, such statements with the letters behind them and their key counted. */
export function lettersCircled(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? circledIn(line.text) : undefined));
  const count = found.filter(Boolean).length;
  return count < OFTEN
    ? lines
    : lines.map((line, at) => {
        const text = found[at] ?? (isLine(line) ? countedKey(line.text, count) : undefined);
        return text === undefined ? line : anew(line, text);
      });
}
