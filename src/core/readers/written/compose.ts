// What a word processor's document says, whichever of its formats it stands in: running text, or the questions of a table.
import type { Apart, Document, Opened, Picture, Run, Sheet, Table } from '../../model';
import { base64 } from '../../shared/base64';
import { defined } from '../../shared/defined';
import { isFormatted, plainOf } from '../../shared/rich-text';
import { sheetWith } from '../../shared/sheet';
import { questionsBeside } from '../beside-table';
import { blocked, CAPS } from '../contract';
import { findingsOf } from '../opened';
import type { Parts } from '../package';
import { cellText, joinCell, linesOf, linesOfTable } from './lines';
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

/** A table with the number of the first line of each of its rows in the text. */
function numbered(sheet: Sheet, { table }: TablePart, start: number): Sheet {
  let line = start;
  const lines = table.map((row) => {
    const own = line;
    line += linesOfTable({ table: [row] }, line).length;
    return own;
  });
  return { ...sheet, lines };
}

/** The text of a body and its lists, each without the other. */
function apartOf(
  { document, table }: Apart,
  lists: readonly TablePart[],
  startOf: (part: TablePart) => number,
): Apart {
  const inLists = new Set(
    lists.flatMap((list) => linesOfTable(list, startOf(list)).map(({ line }) => line)),
  );
  return {
    document: {
      ...document,
      lines: document.lines.map((line) =>
        inLists.has(line.line) ? { line: line.line, text: '' } : line,
      ),
    },
    table: {
      ...table,
      sheets: table.sheets.map((sheet, at) => numbered(sheet, lists[at]!, startOf(lists[at]!))),
    },
  };
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
    findings: [],
  };
  const { lines, starts } = linesOf(body);
  const document: Document = { file, format, lines, findings: [] };
  const startOf = (part: TablePart): number => starts[body.indexOf(part)]!;
  const opened: Opened =
    inLists > outside
      ? { is: 'table', table: { ...table, findings: questionsBeside(file, beside) } }
      : {
          is: 'document',
          document,
          ...(lists.length ? { apart: apartOf({ document, table }, lists, startOf) } : {}),
        };
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
