// The lines of a word processor's document: its paragraphs, and the tables in it line by line.
import type { DocumentLine, Run } from '../../model';
import { defined } from '../../shared/defined';
import { isFormatted, plainOf, sliceRuns } from '../../shared/rich-text';
import { isTablePart, type BodyPart, type Paragraph, type TablePart } from './parts';

function linesOfParagraph(paragraph: Paragraph, number: number): DocumentLine[] {
  let at = 0;
  return plainOf(paragraph.runs)
    .split('\n')
    .map((text, index): DocumentLine => {
      const runs = sliceRuns(paragraph.runs, at, at + text.length);
      at += text.length + 1;
      return defined({
        line: number + index,
        text: text.replace(/\u00a0/g, ' '),
        runs: isFormatted(runs)
          ? runs.map((run) => ({ ...run, text: run.text.replace(/\u00a0/g, ' ') }))
          : undefined,
        ...(index === 0 && paragraph.label
          ? { label: paragraph.label, level: paragraph.level ?? 0 }
          : {}),
        heading: index === 0 && paragraph.heading ? paragraph.heading : undefined,
        pictures: index === 0 && paragraph.pictures.length ? paragraph.pictures : undefined,
      });
    });
}

/** The runs of a cell, its paragraphs a line each. */
export const joinCell = (cell: readonly Paragraph[]): Run[] =>
  cell.flatMap((paragraph, index) => [...(index ? [{ text: '\n' }] : []), ...paragraph.runs]);
/** The plain text of a cell. */
export const cellText = (cell: readonly Paragraph[]): string =>
  plainOf(joinCell(cell))
    .replace(/\u00a0/g, ' ')
    .trim();

/** A layout table line by line: a cell that holds a letter labels the cell behind it, a mark in a cell of its own marks it. */
export function linesOfTable({ table }: TablePart, number: number): DocumentLine[] {
  const lines: DocumentLine[] = [];
  for (const row of table) {
    const filled = row.filter(
      (cell) => cellText(cell) || cell.some((paragraph) => paragraph.pictures.length),
    );
    const label = /^\(?([A-Ja-j]|\d{1,3})[).:]?$/.exec(cellText(filled[0] ?? []));
    const rest = label ? filled.slice(1) : filled;
    rest.forEach((cell, index) => {
      const text = cellText(cell);
      if (index > 0 && /^(?:x|✓|✔|☑|\*|✗|☐)$/i.test(text) && lines.length) {
        lines.at(-1)!.text += ` ${/^x$/i.test(text) ? '✓' : text}`;
        delete lines.at(-1)!.runs;
        return;
      }
      cell.forEach((paragraph, at) =>
        lines.push(
          ...linesOfParagraph(
            index === 0 && at === 0 && label
              ? { ...paragraph, label: `${label[1]}${/\d/.test(label[1]!) ? '.' : ')'}` }
              : paragraph,
            number + lines.length,
          ),
        ),
      );
    });
  }
  return lines;
}

/** The lines of a body, and the number of the first line of each of its parts. */
export function linesOf(parts: readonly BodyPart[]): { lines: DocumentLine[]; starts: number[] } {
  const lines: DocumentLine[] = [];
  const starts: number[] = [];
  for (const part of parts) {
    starts.push(lines.length + 1);
    lines.push(
      ...(isTablePart(part)
        ? linesOfTable(part, lines.length + 1)
        : linesOfParagraph(part, lines.length + 1)),
    );
  }
  return { lines, starts };
}
