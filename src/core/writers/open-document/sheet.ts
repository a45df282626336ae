// One table of an open document, to be filled: rows and cells that are set, all else as it is to the byte.
import type { CellValue } from '../../model';
import { cellName } from '../../shared/cells';
import type { SheetPlan } from '../sheet-plan';
import { cellXml, hanging, kept } from './cell-xml';
import {
  attributeOf,
  element,
  isPiece,
  piecesOf,
  replaced,
  type Between,
  type Piece,
} from './pieces';

/** Rows or cells repeated so often are the empty rest of a sheet, which no program writes out. */
const REST_OF_SHEET = 1000;
/** Columns whose prepared looks are taken over; further ones are the repeated rest. */
const LOOKED_AT = 1024;

/** The piece that covers a place, counted from `first`, and that place itself. */
function pieceAt(
  pieces: readonly (Piece | Between)[],
  place: number,
  first: number,
): Piece | undefined {
  let next = first;
  for (const piece of pieces) {
    if (!isPiece(piece)) {
      continue;
    }
    next += piece.times;
    if (place < next) {
      return piece;
    }
  }
  return undefined;
}

/** The pieces with the place of each, counted from `first`. */
function placed(
  pieces: readonly (Piece | Between)[],
  first: number,
): { piece: Piece; place: number }[] {
  let next = first;
  return pieces.filter(isPiece).map((piece) => {
    const place = next;
    next += piece.times;
    return { piece, place };
  });
}

const isFilled = ({ times, raw }: Piece): boolean =>
  times < REST_OF_SHEET && /<text:p|table:content-validation-name/.test(raw);

/** A change to one row: the cells that are set or emptied, and the prepared row that a new one is like. */
type RowChange = {
  values: Map<number, CellValue | undefined>;
  like: number;
  /** Whether all other cells of the row are emptied, but for this column. */
  clearsRestBut?: number;
};
/** One cell that is set or emptied, in its row. */
type CellChange = { r: number; column: number; change: RowChange };

/** A table of the document. */
export class Sheet {
  /** Cells that were to be set and hold a formula, or are merged into another. */
  readonly skipped: string[] = [];
  private readonly pieces: (Piece | Between)[];
  private readonly looks = new Map<number, Map<number, string>>();
  /** The last row that holds anything, from 1; 0 where none does. */
  readonly lastRow: number;

  /** `inner` is the XML between the table's tags. */
  constructor(
    inner: string,
    private readonly hasExtension: boolean,
  ) {
    this.pieces = piecesOf(inner, 'rows');
    const last = placed(this.pieces, 1).findLast(({ piece }) => isFilled(piece));
    this.lastRow = last ? last.place + last.piece.times - 1 : 0;
  }

  /** The row that covers a place, as the blank has it. */
  private rowAt(r: number): Piece | undefined {
    return pieceAt(this.pieces, r, 1);
  }

  /** The look and rule of a prepared row's cell, for rows that are made like it. */
  private lookOf(like: number, column: number): string {
    let row = this.looks.get(like);
    if (!row) {
      row = this.looksOfRow(like);
      this.looks.set(like, row);
    }
    return row.get(column) ?? '';
  }

  private looksOfRow(like: number): Map<number, string> {
    const looks = new Map<number, string>();
    for (const { piece, place } of placed(piecesOf(this.rowAt(like)?.inner ?? '', 'cells'), 0)) {
      const look = kept(piece.attributes).replace(/\stable:number-\w+-spanned="[^"]*"/g, '');
      for (let n = 0; look && n < Math.min(piece.times, LOOKED_AT); n++) {
        looks.set(place + n, look);
      }
    }
    return looks;
  }

  /** A cell with its change; one that holds a formula or is covered by a merged one stays as it is. */
  private cell(piece: Piece | undefined, { r, column, change }: CellChange): string {
    const value = change.values.get(column);
    if (
      piece &&
      (piece.tag === 'table:covered-table-cell' || attributeOf(piece.attributes, 'table:formula'))
    ) {
      if (value !== undefined) {
        this.skipped.push(cellName(r - 1, column));
      }
      const attributes = piece.attributes.replace(/\stable:number-columns-repeated="[^"]*"/, '');
      return element(piece.tag, attributes, piece.inner);
    }
    const look = (piece && kept(piece.attributes)) || this.lookOf(change.like, column);
    return cellXml(value, { look, hanging: hanging(piece?.inner) }, this.hasExtension);
  }

  /** The columns of a row that a change sets or empties, in order. */
  private columnsOf(change: RowChange, cells: readonly (Piece | Between)[]): number[] {
    const { values, clearsRestBut } = change;
    const rest =
      clearsRestBut === undefined
        ? []
        : this.filledColumns(cells).filter((column) => column !== clearsRestBut);
    return [...new Set([...values.keys(), ...rest])].sort((a, b) => a - b);
  }

  private row(piece: Piece | undefined, r: number, change: RowChange): string {
    const cells = piecesOf(piece?.inner ?? '', 'cells');
    const inner = replaced(cells, {
      kind: 'cells',
      places: this.columnsOf(change, cells),
      first: 0,
      change: (cell, column) => this.cell(cell, { r, column, change }),
      pad: (times) =>
        times === 1
          ? '<table:table-cell/>'
          : `<table:table-cell table:number-columns-repeated="${times}"/>`,
    });
    const { attributes = '' } = piece ?? this.rowAt(change.like) ?? {};
    return element(
      'table:table-row',
      attributes.replace(/\stable:number-rows-repeated="[^"]*"/, ''),
      inner,
    );
  }

  private filledColumns(cells: readonly (Piece | Between)[]): number[] {
    return placed(cells, 0).flatMap(({ piece, place }) =>
      piece.inner && piece.times < REST_OF_SHEET
        ? Array.from({ length: piece.times }, (_, n) => place + n)
        : [],
    );
  }

  /** What a plan changes, row by row. */
  private changesOf(plan: SheetPlan): Map<number, RowChange> {
    const changes = new Map<number, RowChange>();
    const valuesOf = (r: number, like = r): RowChange['values'] => {
      let change = changes.get(r);
      if (!change) {
        change = { values: new Map(), like };
        changes.set(r, change);
      }
      return change.values;
    };
    plan.rows.forEach(({ r, like, values }, index) => {
      const row = valuesOf(r, like);
      for (const [column, value] of values) {
        row.set(column, value);
      }
      if (plan.counted !== undefined && !/<text:p/.test(this.cellXmlAt(r, plan.counted))) {
        row.set(plan.counted, index + 1);
      }
    });
    for (let r = plan.clear.from; r <= (plan.clear.to ?? this.lastRow); r++) {
      for (const column of plan.clear.columns) {
        valuesOf(r).set(column, undefined);
      }
    }
    for (const { row, column, value } of plan.cells) {
      valuesOf(row).set(column, value);
    }
    if (plan.sample) {
      clearSample(changes, plan.sample, plan.counted);
    }
    return changes;
  }

  /** The XML of the table's content with the plan carried out. */
  fill(plan: SheetPlan): string {
    const changes = this.changesOf(plan);
    return replaced(this.pieces, {
      kind: 'rows',
      places: [...changes.keys()].sort((a, b) => a - b),
      first: 1,
      change: (piece, r) => this.row(piece, r, changes.get(r)!),
      pad: (times) =>
        `<table:table-row table:number-rows-repeated="${times}"><table:table-cell/></table:table-row>`,
    });
  }

  private cellXmlAt(r: number, column: number): string {
    return pieceAt(piecesOf(this.rowAt(r)?.inner ?? '', 'cells'), column, 0)?.raw ?? '';
  }
}

/** Rows of the sample hold nothing but what is set, or what the form counts itself. */
function clearSample(
  changes: Map<number, RowChange>,
  [first, last]: readonly [number, number],
  counted = -1,
): void {
  for (const [r, change] of changes) {
    if (r >= first && r <= last) {
      change.clearsRestBut = counted;
    }
  }
}
