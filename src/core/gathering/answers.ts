// Answers that stand in one text: several accepted ones, and gaps drawn into a sentence.
import { splitCell } from '../shared/table/separators';

/** The accepted answers of a text: by bar or semicolon, by a slash between blanks, or by a word such as "or". */
export function splitAnswers(text: string): string[] {
  const sign =
    /[|;]/.exec(text)?.[0] ??
    (/\s\/\s/.test(text) ? '/' : /\s(?:or|oder|ou|oppure)\s/u.exec(text)?.[0]);
  return splitCell(text, sign).map((answer) => answer.replace(/^\*\s*/, ''));
}

const DRAWN =
  /_{2,}(?:\s*_{2,})*|\[\s*(?:_+|\.{2,}|…)?\s*\]|\(\s*(?:_+|\.{3,}|…)\s*\)|\.{4,}|…{2,}/gu;
const WORDED = /\[([^\][\n]{1,60})\]/gu;

export type DrawnGaps = { stem: string; gaps: { accepted: string[] }[] };

const spellings = (text: string): string[] =>
  text
    .split('/')
    .map((word) => word.trim())
    .filter(Boolean);

/**
 * The gaps of a sentence: each drawn line or empty bracket becomes {{n}}, its accepted words come from the answers in
 * order; a bracket that holds its word brings it along. Undefined where the sentence has none.
 */
export function drawnGaps(stem: string, answers: string): DrawnGaps | undefined {
  let n = 0;
  const marked = stem.replace(DRAWN, () => `{{${++n}}}`);
  if (n) {
    const parts = n > 1 ? answers.split(/[,;|\n]/) : [answers];
    // A sign within the answers that gives another number than there are gaps is no separator.
    const fitting =
      n > 1
        ? ([answers.split(';'), answers.split('|'), answers.split('\n'), parts].find(
            (list) => list.length === n,
          ) ?? parts)
        : parts;
    return {
      stem: marked,
      gaps: Array.from({ length: n }, (_, index) => ({
        accepted: spellings(fitting[index] ?? ''),
      })),
    };
  }
  if (answers.trim()) {
    return undefined;
  }
  const gaps: { accepted: string[] }[] = [];
  const worded = stem.replace(WORDED, (_, words: string) => {
    gaps.push({
      accepted: words
        .split(/[/|]/)
        .map((word) => word.trim())
        .filter(Boolean),
    });
    return `{{${gaps.length}}}`;
  });
  return gaps.length ? { stem: worded, gaps } : undefined;
}
