// Words to choose from beside a sentence with gaps: a list that holds the solution of every gap.
import type { Item } from '../../model';
import { servesGaps, withBank } from '../gap-words';
import { pieceText, type Draft } from './draft';

type Gaps = NonNullable<Item['gaps']>;

const SEPARATORS = /\s*[,;/|•·]\s*|\s+[–—-]\s+|\t+|\s{2,}/u;
const NAMED = /^(?:[^:]{0,80}[.!]\s+)?\s*\p{L}[\p{L} ]{1,30}:\s*/u;
const BRACKETED = /[([{]([^()[\]{}]{3,300})[)\]}]\s*[.]?\s*$/u;
const LONGEST_WORD = 40;

/** The words of a list; undefined where a text is none. */
export function wordsIn(text: string): string[] | undefined {
  const inner = BRACKETED.exec(text)?.[1] ?? text.replace(NAMED, '');
  const words = inner
    .split(SEPARATORS)
    .map((word) => word.trim().replace(/[.]$/, ''))
    .filter(Boolean);
  const areWords = words.every((word) => word.length <= LONGEST_WORD && !/[.?!:]\s/u.test(word));
  return words.length > 1 && areWords ? words : undefined;
}

export type Bank = {
  words: string[];
  /** What is left of the question's text. */
  stem: Draft['stem'];
};

/**
 * The words that a question offers for its gaps: on a line of their own, in brackets behind its text, or named as a field.
 * Undefined where no list holds all solutions.
 */
export function bankOf({ stem, fields }: Draft, gaps: Gaps): Bank | undefined {
  const lines = [...stem.slice(1), ...fields.map(({ piece }) => piece)];
  for (const piece of lines) {
    const words = wordsIn(pieceText(piece));
    if (words && servesGaps(words, gaps)) {
      return { words, stem: stem.filter((one) => one !== piece) };
    }
  }
  const last = stem.at(-1)!;
  const text = pieceText(last);
  const behind = BRACKETED.exec(text);
  const words = behind ? wordsIn(behind[0]) : undefined;
  return behind && words && servesGaps(words, gaps)
    ? { words, stem: [...stem.slice(0, -1), { ...last, to: last.from + behind.index }] }
    : undefined;
}

/** A list that stands above several sentences with gaps serves all of them: so many at least. */
const SHARED_BY = 2;

/** Gives the words of lists that belong to no question to the gaps that they serve; tells the lines of those that do. */
export function shareBanks(
  items: Item[],
  lines: readonly { line: number; text: string }[],
): Set<number> {
  const used = new Set<number>();
  for (const { line, text } of lines) {
    const words = wordsIn(text);
    const served = words
      ? items.filter(
          ({ gaps, origin }) =>
            gaps && !gaps[0]?.options && (origin?.row ?? 0) > line && servesGaps(words, gaps),
        )
      : [];
    if (words && served.length >= SHARED_BY) {
      used.add(line);
      for (const item of served) {
        item.gaps = withBank(item.gaps!, words);
      }
    }
  }
  return used;
}
