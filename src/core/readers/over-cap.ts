// Stops a parser past a cap, and counts what a table costs while it is read.
import { cellName } from '../shared/cells';
import { CAPS, blocked } from './contract';
import type { Finding } from '../model';
import { say } from '../shared/say';

/** Thrown inside a parser to stop it past a cap; the reader turns it into a finding. */
export class OverCap extends Error {
  constructor(
    readonly rule: string,
    message: string,
  ) {
    super(message);
  }
}

const figure = (n: number): string => n.toLocaleString('en-GB');

/** The finding that tells of a cap: what was found, and what to do. */
export const overCapFinding = (file: string, { rule, message }: OverCap): Finding =>
  blocked(
    file,
    rule,
    say('{file} holds {message}. Split it and bring the parts in one by one.', { file, message }),
  );

/** Counts the cells and characters of a table as they are read, so that none is kept past the caps. */
export class TableBudget {
  private cells = 0;
  private characters = 0;

  /** `times` cells of `length` characters each, at a place that is told where the text is too long. */
  take(length: number, times = 1, place?: { row: number; column: number }): void {
    this.cells += times;
    this.characters += length * times;
    if (length > CAPS.cellCharacters) {
      const where = place
        ? say('cell {row}', { row: cellName(place.row, place.column) })
        : say('one cell');
      throw new OverCap(
        'cell-too-long',
        say('{length} characters in {where}; {cellCharacters} at most are taken', {
          length: figure(length),
          where,
          cellCharacters: figure(CAPS.cellCharacters),
        }),
      );
    }
    if (this.cells > CAPS.cells) {
      throw new OverCap(
        'too-many-cells',
        say('more than {cells} cells', { cells: figure(CAPS.cells) }),
      );
    }
    if (this.characters > CAPS.characters) {
      throw new OverCap(
        'too-many-characters',
        say('more than {characters} characters in its cells', {
          characters: figure(CAPS.characters),
        }),
      );
    }
  }

  /** A column of a table, counted from 0. */
  column(column: number): void {
    if (column >= CAPS.columns) {
      throw new OverCap(
        'too-many-columns',
        say('more than {columns} columns', { columns: CAPS.columns }),
      );
    }
  }
}
