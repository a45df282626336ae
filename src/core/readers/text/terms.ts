// A list of terms, one a line: `term - definition`, `term : definition`, `term = definition`, or with a tab or comma.
import type { Sheet } from '../../model';
import { inlineMarkdown } from './markdown';

const SIGNS: readonly (readonly [string, RegExp])[] = [
  ['a spaced hyphen', /^(.{1,80}?)\s+[-–—]{1,2}\s+(\S.*)$/su],
  ['a colon', /^([^:]{1,80}?)\s*:\s+(\S.*)$/su],
  ['an equals sign', /^([^=]{1,80}?)\s*={1,2}>?\s*(\S.*)$/su],
  ['an arrow', /^(.{1,80}?)\s*(?:->|→)\s*(\S.*)$/su],
];
const LABEL = /^\s*(?:[-–•●*·]\s+|\(?\d{1,3}[.)]\s+)/u;

export type Terms = {
  sheet: Pick<Sheet, 'name' | 'rows' | 'lines' | 'rich'>;
  share: number;
  /** How much of the terms are unlike: what stands in front of line after line is a name and no term. */
  distinct: number;
  sign: string;
};

const LONGEST_TITLE = 40;
/** Whether a line is the title of the terms right below it; the letters of a glossary say nothing of them. */
const headsTerms = (line: string, next: string | undefined, pattern: RegExp): boolean =>
  line.length > 1 &&
  line.length <= LONGEST_TITLE &&
  !/[.?!:;,]$/u.test(line) &&
  next !== undefined &&
  pattern.test(next);

/** The list by the sign that splits most lines; `share` is how many of the filled lines it splits. */
export function readTerms(name: string, lines: readonly string[]): Terms | undefined {
  const filled = lines.flatMap((line, index) =>
    line.trim() ? [{ line: line.replace(LABEL, '').trim(), number: index + 1 }] : [],
  );
  const tries = SIGNS.map(([sign, pattern]) => ({
    sign,
    pattern,
    hits: filled.filter(({ line }) => pattern.test(inlineMarkdown(line).text)).length,
  })).sort((a, b) => b.hits - a.hits);
  const best = tries[0];
  if (!best || best.hits < 2) {
    return undefined;
  }
  const rows: string[][] = [];
  const numbers: number[] = [];
  const titles = new Set<string>();
  let title = '';
  for (const [index, { line, number }] of filled.entries()) {
    const match = best.pattern.exec(inlineMarkdown(line).text);
    if (match) {
      rows.push([match[1]!.trim(), match[2]!.trim(), title]);
      numbers.push(number);
    } else if (headsTerms(line, filled[index + 1]?.line, best.pattern)) {
      title = line;
      titles.add(title);
    }
  }
  // One title alone is that of the list.
  const width = titles.size > 1 ? 3 : 2;
  return {
    sheet: { name, rows: rows.map((row) => row.slice(0, width)), lines: numbers },
    share: best.hits / filled.length,
    distinct: new Set(rows.map(([term]) => term!.replace(/\d+$/u, ''))).size / rows.length,
    sign: best.sign,
  };
}
