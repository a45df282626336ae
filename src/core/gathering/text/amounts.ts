// What brackets behind a question say of it: how long it may take, and how many lines its answer has.
import type { Item } from '../../model';
import { secondsOf } from '../../shared/normalise';

const BRACKETS = /\s*[([]\s*([^()[\]]{1,20}?)\s*[)\]]\s*$/u;
/** A length of time has its unit; 'm' alone is a metre as well. */
const UNIT = /\d\s*(?:s|sec\p{L}*|sek\p{L}*|seg\p{L}*|min\p{L}*)\.?$/iu;
const LINES =
  /^(\d{1,2})\s*(?:lines?|zeilen?|lignes?|l[ií]neas?|righe?|regels?|linhas?|llinell)$/iu;

export type Amounts = Pick<Item, 'seconds' | 'lines'> & { text: string };

/** Whether brackets say how long something may take. */
export const saysTime = (said: string): boolean => UNIT.test(said) && secondsOf(said) !== undefined;

/** Whether brackets say how many lines an answer may take. */
export const saysLines = (said: string): boolean => LINES.test(said);

/** A text without such brackets, and what they say; a time where the answer stands elsewhere, lines where there is none. */
export function amountsBehind(text: string, isAnswered: boolean): Amounts {
  const match = BRACKETS.exec(text);
  const said = match?.[1] ?? '';
  const lines = isAnswered ? undefined : LINES.exec(said)?.[1];
  const seconds = isAnswered && saysTime(said) ? secondsOf(said) : undefined;
  return match && (lines !== undefined || seconds !== undefined)
    ? {
        text: text.slice(0, match.index),
        ...(lines === undefined ? {} : { lines: Number(lines) }),
        ...(seconds === undefined ? {} : { seconds }),
      }
    : { text };
}
