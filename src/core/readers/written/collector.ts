// A document's body as it comes together: paragraphs and tables in their order, with cells that take what stands in them.
import type { BodyPart, Paragraph } from './parts';

/** Takes in what readers find and puts it where it belongs. */
export class Collector {
  readonly parts: BodyPart[] = [];
  private readonly tables: Paragraph[][][][] = [];

  /** The row that is open; undefined outside of tables. */
  get row(): Paragraph[][] | undefined {
    return this.tables.at(-1)?.at(-1);
  }

  openTable(): void {
    this.tables.push([]);
  }

  openRow(): void {
    this.tables.at(-1)?.push([]);
  }

  openCell(): void {
    this.row?.push([]);
  }

  /** A paragraph into the open cell, or into the body. */
  paragraph(paragraph: Paragraph): void {
    this.place([paragraph], paragraph);
  }

  /** The open table is whole; a table inside a cell is its cell's text. */
  closeTable(): void {
    const table = this.tables.pop();
    if (table) {
      this.place(table.flat(2), { table });
    }
  }

  /** Puts paragraphs into the open cell, or what they are parts of into the body. */
  private place(paragraphs: readonly Paragraph[], part: BodyPart): void {
    const cell = this.row?.at(-1);
    if (!cell) {
      this.parts.push(part);
      return;
    }
    for (const paragraph of paragraphs) {
      cell.push(paragraph);
    }
  }
}
