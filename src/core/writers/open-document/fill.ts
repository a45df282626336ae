// A receiver's own open document filled: the rows of its one sheet, every other part as it is to the byte.
import { zipSync, type Zippable } from 'fflate';
import type { CellValue } from '../../model';
import { cellName } from '../../shared/cells';
import { count, listed } from '../../shared/plain';
import { STILL, type Job, type Written } from '../contract';
import { planSheet, type SheetPlan } from '../sheet-plan';
import { canonicalXml } from '../../shared/canonical-xml';
import { escapeXml } from '../../shared/markup';
import {
  attributeOf,
  element,
  isPiece,
  piecesOf,
  replaced,
  type Between,
  type Piece,
} from './pieces';
import { Problem } from '../../shared/problem';
import { openZip } from '../../shared/zip';

/** The namespaces of the format (OpenDocument 1.2 part 1, 1.3) by the prefixes that splicing looks for. */
const PREFIXES = {
  'urn:oasis:names:tc:opendocument:xmlns:office:1.0': 'office',
  'urn:oasis:names:tc:opendocument:xmlns:table:1.0': 'table',
  'urn:oasis:names:tc:opendocument:xmlns:text:1.0': 'text',
  'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0': 'draw',
  'urn:org:documentfoundation:names:experimental:calc:xmlns:calcext:1.0': 'calcext',
};

/** Text as paragraphs; blanks that XML would swallow and tabs have elements of their own (OpenDocument 1.2 part 1, 6.1). */
const paragraphs = (text: string): string =>
  text
    .split(/\r\n?|\n/)
    .map(
      (line) =>
        `<text:p>${escapeXml(line)
          .replace(/\t/g, '<text:tab/>')
          .replace(/^ | (?= )| $/g, '<text:s/>')}</text:p>`,
    )
    .join('');

/** What of a cell's own attributes says how it looks and what it takes, not what it holds. */
const kept = (attributes: string): string =>
  [
    ...attributes.matchAll(
      /\s(?:table:(?:style-name|content-validation-name|number-(?:columns|rows)-spanned|protect)|xml:id)="[^"]*"/g,
    ),
  ]
    .map((match) => match[0])
    .join('');
/** Notes and shapes that hang on the cell. */
const hanging = (inner: string | undefined): string =>
  [
    ...(inner ?? '').matchAll(
      /<office:annotation[\s\S]*?<\/office:annotation>|<draw:[\s\S]*?<\/draw:(?:frame|custom-shape|control)>/g,
    ),
  ]
    .map((match) => match[0])
    .join('');

type Look = (like: number, column: number) => string;

class Sheet {
  readonly skipped: string[] = [];
  private readonly pieces: (Piece | Between)[];
  private readonly looks = new Map<number, Map<number, string>>();
  readonly lastRow: number;
  constructor(
    inner: string,
    private readonly hasExtension: boolean,
  ) {
    this.pieces = piecesOf(inner, 'rows');
    const filled = this.pieces.filter(isPiece);
    let at = 1;
    this.lastRow = filled.reduce((last, piece) => {
      const from = at;
      at += piece.times;
      return piece.times < 1000 && /<text:p|table:content-validation-name/.test(piece.raw)
        ? from + piece.times - 1
        : last;
    }, 0);
  }

  /** The row that covers a place, as the blank has it. */
  private rowAt(r: number): Piece | undefined {
    let at = 1;
    for (const piece of this.pieces) {
      if (!isPiece(piece)) {
        continue;
      }
      if (r < at + piece.times) {
        return piece;
      }
      at += piece.times;
    }
    return undefined;
  }

  /** The looks and rules of a prepared row's cells, for rows that are made like it. */
  private lookOf: Look = (like, column) => {
    let row = this.looks.get(like);
    if (!row) {
      row = new Map();
      let at = 0;
      for (const cell of piecesOf(this.rowAt(like)?.inner ?? '', 'cells')) {
        if (!isPiece(cell)) {
          continue;
        }
        const look = kept(cell.attributes).replace(/\stable:number-\w+-spanned="[^"]*"/g, '');
        for (let n = 0; look && n < Math.min(cell.times, 1024); n++) {
          row.set(at + n, look);
        }
        at += cell.times;
      }
      this.looks.set(like, row);
    }
    return row.get(column) ?? '';
  };

  /** The type once more in the extension's own attribute, where the document declares the extension. */
  private extended(type: string): string {
    return this.hasExtension ? ` calcext:value-type="${type}"` : '';
  }

  private cell(
    piece: Piece | undefined,
    r: number,
    column: number,
    value: CellValue | undefined,
    like: number,
  ): string {
    if (
      piece &&
      (piece.tag === 'table:covered-table-cell' || attributeOf(piece.attributes, 'table:formula'))
    ) {
      if (value !== undefined) {
        this.skipped.push(cellName(r - 1, column));
      }
      return element(
        piece.tag,
        piece.attributes.replace(/\stable:number-columns-repeated="[^"]*"/, ''),
        piece.inner,
      );
    }
    const look = (piece && kept(piece.attributes)) || this.lookOf(like, column);
    const own = hanging(piece?.inner);
    if (value === undefined || value === '') {
      return element('table:table-cell', look, own || undefined);
    }
    const type =
      typeof value === 'number'
        ? ` office:value-type="float" office:value="${value}"${this.extended('float')}`
        : ` office:value-type="string"${this.extended('string')}`;
    return element('table:table-cell', look + type, own + paragraphs(String(value)));
  }

  private row(
    piece: Piece | undefined,
    r: number,
    values: ReadonlyMap<number, CellValue | undefined>,
    like: number,
    clearsRest: number | undefined,
  ): string {
    const cells = piecesOf(piece?.inner ?? '', 'cells');
    const places = [...values.keys()].sort((a, b) => a - b);
    const columns =
      clearsRest === undefined
        ? places
        : [
            ...new Set([
              ...places,
              ...this.filledColumns(cells).filter((column) => column !== clearsRest),
            ]),
          ].sort((a, b) => a - b);
    const inner = replaced(
      cells,
      columns,
      'cells',
      0,
      (cell, column) => this.cell(cell, r, column, values.get(column), like),
      (times) =>
        `<table:table-cell table:number-columns-repeated="${times}"/>`.replace(
          ' table:number-columns-repeated="1"',
          '',
        ),
    );
    const attributes =
      (piece ?? this.rowAt(like))?.attributes.replace(/\stable:number-rows-repeated="[^"]*"/, '') ??
      '';
    return element('table:table-row', attributes, inner);
  }

  private filledColumns(cells: readonly (Piece | Between)[]): number[] {
    let at = 0;
    return cells.flatMap((cell) => {
      if (!isPiece(cell)) {
        return [];
      }
      const from = at;
      at += cell.times;
      return cell.inner && cell.times < 1000
        ? Array.from({ length: cell.times }, (_, n) => from + n)
        : [];
    });
  }

  fill(plan: SheetPlan): string {
    const changes = new Map<number, { values: Map<number, CellValue | undefined>; like: number }>();
    const at = (r: number, like = r): Map<number, CellValue | undefined> => {
      let change = changes.get(r);
      if (!change) {
        change = { values: new Map(), like };
        changes.set(r, change);
      }
      return change.values;
    };
    plan.rows.forEach(({ r, like, values }, index) => {
      const row = at(r, like);
      for (const [column, value] of values) {
        row.set(column, value);
      }
      if (plan.counted !== undefined && !/<text:p/.test(this.cellText(r, plan.counted))) {
        row.set(plan.counted, index + 1);
      }
    });
    for (let r = plan.clear.from; r <= (plan.clear.to ?? this.lastRow); r++) {
      for (const column of plan.clear.columns) {
        at(r).set(column, undefined);
      }
    }
    for (const { row, column, value } of plan.cells) {
      at(row).set(column, value);
    }
    const places = [...changes.keys()].sort((a, b) => a - b);
    const isSample = (r: number): boolean =>
      plan.sample !== undefined && r >= plan.sample[0] && r <= plan.sample[1];
    return replaced(
      this.pieces,
      places,
      'rows',
      1,
      (piece, r) => {
        const { values, like } = changes.get(r)!;
        return this.row(piece, r, values, like, isSample(r) ? (plan.counted ?? -1) : undefined);
      },
      (times) =>
        `<table:table-row table:number-rows-repeated="${times}"><table:table-cell/></table:table-row>`,
    );
  }

  private cellText(r: number, column: number): string {
    let at = 0;
    for (const cell of piecesOf(this.rowAt(r)?.inner ?? '', 'cells')) {
      if (!isPiece(cell)) {
        continue;
      }
      if (column < at + cell.times) {
        return cell.raw;
      }
      at += cell.times;
    }
    return '';
  }
}

/** Where the named table's rows begin and end in the document; the first table where none is named so. */
function tableIn(
  xml: string,
  name: string | undefined,
): { start: number; end: number } | undefined {
  const tables = [...xml.matchAll(/<table:table\s([^>]*)>/g)];
  const table =
    tables.find((match) => attributeOf(match[1]!, 'table:name') === escapeXml(name ?? '')) ??
    tables[0];
  if (!table) {
    return undefined;
  }
  const start = table.index + table[0].length;
  const end = xml.indexOf('</table:table>', start);
  return end < 0 ? undefined : { start, end };
}

/**
 * Fills the layout's sheet in a copy of the blank. Text is written as text; cells with a formula are left alone and named
 * in `notes`. Throws an Error with a plain sentence where the blank is not the document that the layout describes.
 */
export function fillOpenDocument(job: Job): Written {
  if (!job.blank) {
    throw new Problem(
      'This layout fills a spreadsheet, and its blank is not at hand. Drop the blank in again.',
    );
  }
  let parts: Record<string, Uint8Array>;
  try {
    parts = openZip(job.blank);
  } catch {
    throw new Problem(
      'The blank can’t be opened as a spreadsheet. Fetch it anew from the receiver and teach the layout again.',
    );
  }
  const xml = canonicalXml(
    new TextDecoder('utf-8').decode(parts['content.xml'] ?? new Uint8Array()),
    PREFIXES,
  );
  const place = tableIn(xml, job.layout.file.sheet);
  if (!place) {
    throw new Problem(
      `The blank has no sheet “${job.layout.file.sheet ?? ''}” to fill. Teach the layout again from the blank.`,
    );
  }
  const sheet = new Sheet(xml.slice(place.start, place.end), xml.includes('xmlns:calcext='));
  parts['content.xml'] = new TextEncoder().encode(
    xml.slice(0, place.start) + sheet.fill(planSheet(job)) + xml.slice(place.end),
  );
  const notes = sheet.skipped.length
    ? [
        `${count(sheet.skipped.length, 'cell')} of the blank ${sheet.skipped.length === 1 ? 'holds' : 'hold'} a formula or ${sheet.skipped.length === 1 ? 'is' : 'are'} merged into another and ${sheet.skipped.length === 1 ? 'was' : 'were'} left alone: ${listed(sheet.skipped.slice(0, 6))}.`,
      ]
    : [];
  // The type of the file stands first and unpacked, so that it can be told by its first bytes (OpenDocument 1.2 part 3, 3.3).
  const zippable: Zippable = Object.fromEntries(
    Object.entries(parts).map(([name, bytes]) => [
      name,
      [bytes, { mtime: STILL, level: name === 'mimetype' || name.endsWith('/') ? 0 : 6 }],
    ]),
  );
  return { bytes: zipSync(zippable), notes };
}
