// Tables with a row for each part of a question and a column that says which part it is: laid out again as one row a question.
import type { Sheet } from '../model';
import { alike } from '../shared/normalise';
import { laidOutAnew } from '../shared/sheet';
import { shownRow, type Region } from '../shared/table/region';
import { verdictOf } from '../shared/vocabulary/verdicts';
import { likelihoodOf } from '../understanding';

type Part = 'question' | 'right' | 'wrong' | 'beside';
/** So few words say what the parts are, and so much of the rows say one that is known. */
const MOST_WORDS = 8;
const KNOWN = 0.7;
const NAMED = 0.5;
/** So many questions, and parts of each, show it. */
const LEAST = 2;

function partOf(word: string): Part {
  if (likelihoodOf(word, ['stem']) > NAMED) {
    return 'question';
  }
  const verdict = verdictOf(word);
  if (verdict === true || likelihoodOf(word, ['right', 'key', 'accepted']) > NAMED) {
    return 'right';
  }
  return verdict === false || likelihoodOf(word, ['wrong', 'wrongs']) > NAMED ? 'wrong' : 'beside';
}

type Found = { kind: number; text: number; first: number; parts: Map<string, Part> };

const filledRows = (region: Region, from: number, column: number): number[] => {
  const rows: number[] = [];
  for (let row = from; row <= region.bottom; row++) {
    if (region.cell(row, column)) {
      rows.push(row);
    }
  }
  return rows;
};

/** The column of texts: every row fills it, and its texts are the longest. */
function textColumn(region: Region, from: number, kind: number): number | undefined {
  const rows = region.bottom - from + 1;
  let best: { column: number; length: number } | undefined;
  for (let column = region.left; column <= region.right; column++) {
    const filled = column === kind ? [] : filledRows(region, from, column);
    const length = filled.reduce((sum, row) => sum + region.cell(row, column).length, 0);
    if (filled.length === rows && (!best || length > best.length)) {
      best = { column, length };
    }
  }
  return best?.column;
}

/** The first rows show already that a column holds more than a few words. */
const SHOWN = 60;

/** Whether the first rows of a column are all filled, and with few words, one of which stands for a question. */
function hasFewWords(region: Region, column: number): boolean {
  const words = new Set<string>();
  for (let row = region.top + 1; row <= Math.min(region.bottom, region.top + SHOWN); row++) {
    const text = region.cell(row, column);
    words.add(text);
    if (!text || words.size > MOST_WORDS) {
      return false;
    }
  }
  return [...words].some((word) => partOf(word) === 'question');
}

/** What the words of a column say from a row on; undefined where they are no parts of questions. */
function partsIn(region: Region, kind: number, first: number): Map<string, Part> | undefined {
  const words = filledRows(region, first, kind).map((row) => alike(region.cell(row, kind)));
  const distinct = [...new Set(words)];
  if (words.length !== region.bottom - first + 1 || distinct.length > MOST_WORDS) {
    return undefined;
  }
  const parts = new Map(distinct.map((word) => [word, partOf(word)]));
  const times = (part: Part): number => words.filter((word) => parts.get(word) === part).length;
  const questions = times('question');
  const isTold =
    parts.get(words[0] ?? '') === 'question' &&
    questions >= LEAST &&
    times('right') >= questions &&
    times('wrong') >= questions &&
    words.length - times('beside') >= words.length * KNOWN;
  return isTold ? parts : undefined;
}

/** The column whose few words say of each row which part of a question it is. */
function findParts(region: Region): Found | undefined {
  for (let kind = region.left; kind <= region.right; kind++) {
    for (const first of hasFewWords(region, kind) ? [region.top, region.top + 1] : []) {
      const parts = partsIn(region, kind, first);
      const text = parts && textColumn(region, first, kind);
      if (parts && text !== undefined) {
        return { kind, text, first, parts };
      }
    }
  }
  return undefined;
}

type Gathered = { row: number; stem: string; options: string[]; beside: Map<string, string> };

/** The rows of such a table as one row a question, the right options with a star; undefined where it is none. */
export function longRowsAsRows(region: Region): { rows: Sheet; stem: number } | undefined {
  const found = findParts(region);
  if (!found) {
    return undefined;
  }
  const questions: Gathered[] = [];
  for (let row = found.first; row <= region.bottom; row++) {
    const text = region.cell(row, found.text);
    const part = found.parts.get(alike(region.cell(row, found.kind)));
    const last = questions.at(-1);
    if (part === 'question') {
      questions.push({ row, stem: text, options: [], beside: new Map() });
    } else if (part === 'beside') {
      last?.beside.set(region.cell(row, found.kind), text);
    } else {
      last?.options.push(part === 'right' ? `*${text}` : text);
    }
  }
  const most = Math.max(...questions.map(({ options }) => options.length));
  const beside = [...new Set(questions.flatMap((one) => [...one.beside.keys()]))];
  const numbers = Array.from({ length: most }, (_, n) => n);
  const { sheet } = region;
  return {
    stem: found.text,
    rows: laidOutAnew(sheet, {
      rows: [
        ['Question', ...numbers.map((n) => `Option ${n + 1}`), ...beside],
        ...questions.map((one) => [
          one.stem,
          ...numbers.map((n) => one.options[n] ?? ''),
          ...beside.map((name) => one.beside.get(name) ?? ''),
        ]),
      ],
      lines: [
        Math.max(1, shownRow(sheet, found.first) - 1),
        ...questions.map(({ row }) => shownRow(sheet, row)),
      ],
    }),
  };
}
