// The parts of a writing assistant's reply that hold the questions: code fences and tables with bars. What is said
// before, between and behind them is chatter.
import type { Run, Sheet } from '../../model';
import { inlineMarkdown } from './markdown';
import { defined } from '../../shared/defined';

export type Fence = { first: number; lines: string[]; language: string };

/** The code fences of a text; `first` is the line (from 1) of their first line of content. */
export function findFences(lines: readonly string[]): Fence[] {
  const fences: Fence[] = [];
  let open: (Fence & { sign: string }) | undefined;
  lines.forEach((line, index) => {
    const mark = /^\s*(`{3,}|~{3,})\s*(\w*)/.exec(line);
    if (!open) {
      if (mark) {
        open = {
          first: index + 2,
          lines: [],
          language: mark[2]!.toLowerCase(),
          sign: mark[1]![0]!,
        };
      }
    } else if (mark && mark[1]![0] === open.sign) {
      fences.push(open);
      open = undefined;
    } else {
      open.lines.push(line);
    }
  });
  // A fence that is never closed was cut off; what it holds is still the content.
  if (open?.lines.length) {
    fences.push(open);
  }
  return fences;
}

const BARS = /^\s*\|.*\|?\s*$|^[^|]+(?<!\\)\|[^|]*(?<!\\)\|.*$/;
const DIVIDER = /^\s*\|?\s*:?-{1,}:?\s*(?:\|\s*:?-{1,}:?\s*)+\|?\s*$/;
const BOX = /^\s*\+[-=+]+\+\s*$/;

/** The cells of a line with bars; a bar behind a backslash belongs to its text. */
function barCells(line: string): string[] {
  const inner = line
    .trim()
    .replace(/^\|/, '')
    .replace(/(?<!\\)\|$/, '');
  return inner.split(/(?<!\\)\|/).map((cell) => cell.trim().replace(/\\\|/g, '|'));
}

/** Where the lines of a table with bars begin and end. */
type Block = { start: number; end: number };

/** The tables with bars among lines: those with a divider below their headings, or with a bar at both ends of each line. */
function barBlocks(lines: readonly string[]): Block[] {
  const has = (index: number): boolean => BARS.test(lines[index] ?? '');
  const blocks: Block[] = [];
  for (let start = 0; start < lines.length; start++) {
    if (!has(start)) {
      continue;
    }
    let end = start;
    while (has(end + 1) || BOX.test(lines[end + 1] ?? '')) {
      end++;
    }
    const block = lines.slice(start, end + 1);
    const isClosed =
      block.length > 1 && block.every((line) => BOX.test(line) || /^\s*\|.*\|\s*$/.test(line));
    if (isClosed || block.some((line) => DIVIDER.test(line))) {
      blocks.push({ start, end });
    }
    start = end;
  }
  return blocks;
}

/** The tables with bars of a text as one sheet, chatter left out; undefined where there is none. */
export function readBarTable(
  name: string,
  lines: readonly string[],
  firstLine = 1,
): Pick<Sheet, 'name' | 'rows' | 'lines' | 'rich'> | undefined {
  const rows: string[][] = [];
  const numbers: number[] = [];
  const rich: Record<string, Run[]> = {};
  for (const { start, end } of barBlocks(lines)) {
    if (rows.length) {
      // Behind an empty row the next table may have headings of its own.
      rows.push([]);
      numbers.push(firstLine + start - 1);
    }
    lines.slice(start, end + 1).forEach((line, index) => {
      if (DIVIDER.test(line) || BOX.test(line)) {
        return;
      }
      rows.push(
        barCells(line).map((cell, column) => {
          const { text, runs } = inlineMarkdown(cell);
          if (runs) {
            rich[`${rows.length}:${column}`] = runs;
          }
          return text;
        }),
      );
      numbers.push(firstLine + start + index);
    });
  }
  return rows.length
    ? defined({ name, rows, lines: numbers, rich: Object.keys(rich).length ? rich : undefined })
    : undefined;
}
