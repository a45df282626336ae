// A key of letters that say true and false, in the order of the statements: 'KEY: T, F, F'.
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { trueFalseInitials, verdictPair } from '../../shared/vocabulary/verdicts';
import { COUNTED, isLine, OFTEN, retyped, type Lines } from './retyping';

const KEY = /^\s*(\p{L}[\p{L} ]{1,20}?)\s*[:–-]\s*(\p{L}(?:\s*[,;\s]\s*\p{L})+)\s*\.?\s*$/u;
/** Letters to circle may stand in front of the number of a statement. */
const CIRCLED = /^\s*[([]?(\p{L})[)\]]?[\s/|]+[([]?(\p{L})[)\]]?\s+(?=[([]?\d{1,3}[.):\]]\s+\S)/u;

/** The letters of a key that are two and say true and false; none of another line. */
function lettersOf(text: string): string[] {
  const [, name, list] = KEY.exec(text) ?? [];
  if (name === undefined || list === undefined) {
    return [];
  }
  const letters = list.match(/\p{L}/gu) ?? [];
  const [first = '', second = '', ...others] = new Set(letters);
  const arePair = trueFalseInitials(first, second) ?? verdictPair([first, second]);
  return arePair && !others.length && headsAnswers(name) ? letters : [];
}

/** Such a key with numbers in front of its letters, where it has one for each counted line. */
export function lettersCounted(lines: Lines): Lines {
  const keys = new Map(
    lines.flatMap((line, at) => {
      const letters = isLine(line) ? lettersOf(line.text) : [];
      return letters.length > OFTEN ? [[at, letters] as const] : [];
    }),
  );
  const count = keys.size
    ? lines.filter(({ text }) => COUNTED.test(text.replace(CIRCLED, ''))).length
    : 0;
  return retyped(lines, (at) => {
    const letters = keys.get(at);
    return letters?.length === count
      ? `Answers: ${letters.map((letter, n) => `${n + 1} ${letter}`).join(', ')}`
      : undefined;
  });
}

/** A counted statement behind the letters of its choice, 'T/F  1. Ice floats.   T', without them; undefined of any other line. */
export function withoutChoiceFirst(text: string): string[] | undefined {
  const [front = '', first = '', second = ''] = CIRCLED.exec(text) ?? [];
  return front && trueFalseInitials(first, second) ? [text.slice(front.length)] : undefined;
}
