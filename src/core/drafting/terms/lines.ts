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

const HEADING = /^(?:terms?|words?|begriffe?|termes?|front)$/i;

/** Reads a typed list of terms; a third part of a line is the category, a line ending in a colon or # heads one. */
export function termsOfText(text: string): TermsRead {
  const lines = text.split(/\r\n?|\n/);
  const filled = lines.filter((line) => line.trim());
  const sign = BETWEEN.find(
    (one) =>
      filled.filter((line) => cellsBy(line.trim(), one).length > 1).length >= filled.length * MOST,
  );
  const terms: Term[] = [];
  const without: number[] = [];
  let heading = '';
  lines.forEach((line, index) => {
    if (!line.trim()) {
      return;
    }
    const [term = '', definition = '', category = ''] = sign
      ? cellsBy(line, sign).map(cleanText)
      : [cleanText(line)];
    const title = /^(?:#+\s*(.+)|(.+):)$/u.exec(line.trim());
    if (!definition && title) {
      heading = (title[1] ?? title[2])!.trim();
    } else if (!definition) {
      without.push(index + 1);
    } else if (!(terms.length === 0 && HEADING.test(term))) {
      const path = category || heading;
      terms.push({ term, definition, ...(path ? { category: path } : {}) });
    }
  });
  return { terms, without };
}
