// A source once it is read: sheets of text cells with what the file says about them.
import type { Finding } from './finding';
import type { Encoding, Separator } from './layout';
import type { Picture, Run } from './run';

/** An inclusive block of cells; rows and columns count from 0. */
export type CellRange = { top: number; left: number; bottom: number; right: number };

/** A rule that the workbook sets on a block of cells: a drop-down list or a greatest length. */
export type Validation = {
  ranges: CellRange[];
  list?: string[];
  maxLength?: number;
  prompt?: string;
};

export type Sheet = {
  name: string;
  hidden: boolean;
  /** `rows[r][c]` is the text a person sees, from A1; rows may be ragged. */
  rows: string[][];
  /** For text sources: the line (from 1) where row r starts. Absent where row r is simply line r + 1. */
  lines?: number[];
  merges: CellRange[];
  validations: Validation[];
  comments: { row: number; column: number; text: string }[];
  /** Rows and columns (from 0) whose cells hold a formula. */
  formulas: { row: number; column: number }[];
  /** The source cells a number format shows as a date, as `row:column`; spreadsheet damage is looked for there. */
  dates: string[];
  isProtected: boolean;
  /** On a protected sheet: the cells that may be filled, as `row:column`. */
  unlocked?: string[];
  /** Cells whose text is formatted within, by `row:column`. */
  rich?: Record<string, Run[]>;
  /** Pictures that stand in a cell, by `row:column`. */
  pictures?: Record<string, Picture[]>;
};

/** What a reader hands on. `findings` says what was wrong with the file itself. */
export type Table = {
  file: string;
  format: 'xlsx' | 'xls' | 'ods' | 'csv' | 'tsv' | 'txt' | 'html' | 'docx' | 'odt' | 'json';
  sheets: Sheet[];
  /** Whether it was a list of terms, each with its definition: two columns without headings. */
  listsTerms?: boolean;
  /** How many questions the lines in front of the table promise, and the line that says so. */
  promised?: { count: number; line: number };
  encoding?: Encoding;
  separator?: Separator;
  newline?: 'lf' | 'crlf';
  quote?: 'minimal' | 'all' | 'none';
  findings: Finding[];
};
