// A list of terms as people type or paste it: a term and its definition on a line, or on two.
import type { Term } from '../../model';
import { cleanText } from '../../shared/normalise';

/** Signs between term and definition, the surest first. */
const BETWEEN: readonly RegExp[] = [
  /\t+/,
  /\s*\|\s*/,
  /\s+[–—=]\s+/u,
  /\s+-\s+/,
  /\s*:\s+/,
  /\s*;\s*/,
];
/** So many of the lines must have a sign for it to be the one between. */
const MOST = 0.6;

const cellsBy = (line: string, sign: RegExp): string[] => {
  if (sign.source === BETWEEN[0]!.source || sign.source === BETWEEN[1]!.source) {
    return line.replace(/^\s*\|\s*|\s*\|\s*$/g, '').split(sign);
  }
  const found = sign.exec(line);
  return found ? [line.slice(0, found.index), line.slice(found.index + found[0].length)] : [line];
};

export type TermsRead = {
  terms: Term[];
  /** Lines without a definition, from 1. */ without: number[];
};

/** A line that heads those below it. */
const TITLE = /^(?:#+\s*(.+)|([^\t|]+):)$/u;
const HEADING = /^(?:terms?|words?|begriffe?|termes?|front)$/i;

const withCategory = (term: Term, category: string): Term =>
  category ? { ...term, category } : term;

function partsOf(
  line: string,
  sign: RegExp | undefined,
): Record<'term' | 'definition' | 'category', string> {
  const [term = '', definition = '', category = ''] = (sign ? cellsBy(line, sign) : [line]).map(
    cleanText,
  );
  return { term, definition, category };
}

/** Reads a typed list of terms; a third part of a line is the category, a line ending in a colon or # heads one. */
export function termsOfText(text: string): TermsRead {
  const lines = text.split(/\r\n?|\n/);
  const filled = lines.filter((line) => line.trim() && !TITLE.test(line.trim()));
  const sign = BETWEEN.find(
    (one) =>
      filled.filter((line) => cellsBy(line.trim(), one).length > 1).length >= filled.length * MOST,
  );
  const terms: Term[] = [];
  const without: number[] = [];
  let heading = '';
  lines.forEach((line, index) => {
    const title = TITLE.exec(line.trim());
    if (title) {
      heading = (title[1] ?? title[2])!.trim();
      return;
    }
    const { term, definition, category } = partsOf(line, sign);
    if (definition && !(terms.length === 0 && HEADING.test(term))) {
      terms.push(withCategory({ term, definition }, category || heading));
    } else if (line.trim() && !definition) {
      without.push(index + 1);
    }
  });
  return { terms, without };
}
