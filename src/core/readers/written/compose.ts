// What a word processor's document says, whichever of its formats it stands in: running text, or the questions of a table.
import type { Document, DocumentLine, Opened, Picture, Run, Sheet, Table } from '../../model';
import { base64 } from '../../shared/base64';
import { defined } from '../../shared/defined';
import { isFormatted, plainOf, sliceRuns } from '../../shared/rich-text';
import { sheetWith } from '../../shared/sheet';
import { questionsBeside } from '../beside-table';
import { blocked, CAPS } from '../contract';
import { findingsOf } from '../opened';
import type { Parts } from '../package';
import { isTablePart, type BodyPart, type Paragraph, type TablePart } from './parts';
import { say } from '../../shared/say';

type Format = 'docx' | 'odt';

const PICTURES: Readonly<Record<string, string>> = {
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
};

/** The pictures of a package as data addresses; those that can't be taken along are counted. */
export class PackedPictures {
  left = 0;
  constructor(private readonly parts: Parts) {}

  /** The address of a part; empty where it is no picture that is taken. */
  of(path: string): string {
    const bytes = this.parts.get(path);
    const type = PICTURES[path.split('.').at(-1)?.toLowerCase() ?? ''];
    if (!bytes || !type || bytes.length > CAPS.pictureBytes) {
      this.left += path ? 1 : 0;
      return '';
    }
    return `data:${type};base64,${base64(bytes)}`;
  }
}

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

const joinCell = (cell: readonly Paragraph[]): Run[] =>
  cell.flatMap((paragraph, index) => [...(index ? [{ text: '\n' }] : []), ...paragraph.runs]);
const cellText = (cell: readonly Paragraph[]): string =>
  plainOf(joinCell(cell))
    .replace(/\u00a0/g, ' ')
    .trim();

/** A table as a sheet. */
function sheetOf({ table }: TablePart, name: string): Sheet {
  const rich: Record<string, Run[]> = {};
  const pictures: Record<string, Picture[]> = {};
  const rows = table.map((row, r) =>
    row.map((cell, c) => {
      const runs = joinCell(cell);
      if (isFormatted(runs)) {
        rich[`${r}:${c}`] = runs;
      }
      const own = cell.flatMap((paragraph) => paragraph.pictures);
      if (own.length) {
        pictures[`${r}:${c}`] = own;
      }
      return cellText(cell);
    }),
  );
  return sheetWith(
    defined({
      name,
      rows,
      rich: Object.keys(rich).length ? rich : undefined,
      pictures: Object.keys(pictures).length ? pictures : undefined,
    }),
  );
}

/** Whether a table holds a question or term a row, rather than one question laid out in cells. */
function isList({ table }: TablePart): boolean {
  const widths = table.map((row) => row.filter((cell) => cellText(cell)).length);
  const labels = table.filter((row) => /^\(?[A-Ja-j][).:]?$/.test(cellText(row[0] ?? []))).length;
  return (
    table.length > 1 &&
    widths.filter((width) => width > 1).length >= table.length * 0.6 &&
    labels < table.length * 0.5
  );
}

/** A layout table line by line: a cell that holds a letter labels the cell behind it, a mark in a cell of its own marks it. */
function linesOfTable({ table }: TablePart, number: number): DocumentLine[] {
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

/** The lines of a body; those of the tables `without` are empty, and keep their numbers. */
function linesOf(
  parts: readonly BodyPart[],
  without: ReadonlySet<BodyPart> = new Set(),
): DocumentLine[] {
  const lines: DocumentLine[] = [];
  for (const part of parts) {
    const own = isTablePart(part)
      ? linesOfTable(part, lines.length + 1)
      : linesOfParagraph(part, lines.length + 1);
    lines.push(...(without.has(part) ? own.map(({ line }) => ({ line, text: '' })) : own));
  }
  return lines;
}

/** A document's body as what it holds: a table where most of its words stand in one, else its lines. */
export function composed(
  file: string,
  format: Format,
  body: readonly BodyPart[],
  pictures: PackedPictures,
): Opened {
  const lists = body.filter(isTablePart).filter(isList);
  const inLists = lists.reduce(
    (sum, { table }) => sum + table.flat().reduce((all, cell) => all + cellText(cell).length, 0),
    0,
  );
  const beside = body
    .filter((one): one is Paragraph => !isTablePart(one))
    .map(({ runs }) => ({ text: plainOf(runs) }));
  const outside = beside.reduce((sum, { text }) => sum + text.length, 0);
  const table: Table = {
    file,
    format,
    sheets: lists.map((list, index) =>
      sheetOf(list, lists.length === 1 ? 'Table' : `Table ${index + 1}`),
    ),
    findings: questionsBeside(file, beside),
  };
  const document = (lines: DocumentLine[]): Document => ({ file, format, lines, findings: [] });
  const apart =
    lists.length && outside
      ? { document: document(linesOf(body, new Set(lists))), table: { ...table, findings: [] } }
      : undefined;
  const opened: Opened =
    inLists > outside
      ? defined({ is: 'table' as const, table, apart })
      : defined({ is: 'document' as const, document: document(linesOf(body)), apart });
  const { left } = pictures;
  if (left) {
    findingsOf(opened).push({
      rule: 'picture-left-out',
      level: 'warn',
      where: { file },
      message: say(
        "{left} {left, plural, one {picture of} other {pictures of}} {file} {left, plural, one {is} other {are}} of a kind that can't be taken along, or larger than 2 MiB. Save them as PNG or JPEG and link them.",
        { left, file },
      ),
    });
  }
  return opened;
}

/** A document whose text can't be read, with the reason. */
export const damaged = (file: string, format: Format): Opened => ({
  is: 'document',
  document: {
    file,
    format,
    lines: [],
    findings: [
      blocked(
        file,
        'document-damaged',
        say(
          "{file} opens as a package, but its text is damaged and can't be read. Save it again in your word processor and bring it in.",
          { file },
        ),
      ),
    ],
  },
});
