// A source of running text once it is read: lines or paragraphs, with what the file says about them.
import type { Finding } from './finding';
import type { Encoding } from './layout';
import type { Table } from './table';
import type { Picture, Run } from './run';
import type { Item } from './item';

export type DocumentLine = {
  /** From 1: the line of a text, the paragraph of a document. */
  line: number;
  text: string;
  /** The line as it was typed, where mark-up was taken off it. */
  source?: string;
  /** The same text as runs, where any of it is formatted. */
  runs?: Run[];
  /** The number or letter that the word processor sets in front by itself, '1.' or 'a)'. */
  label?: string;
  /** How deep in a list, from 0. */
  level?: number;
  /** A heading's depth, from 1. */
  heading?: number;
  pictures?: Picture[];
};

/** What a reader of running text hands on. `findings` says what was wrong with the file itself. */
export type Document = {
  file: string;
  format: 'txt' | 'docx' | 'odt' | 'html';
  lines: DocumentLine[];
  encoding?: Encoding;
  findings: Finding[];
};

/** Questions that a package or a bank's own file states outright. */
export type Stated = {
  file: string;
  format: 'zip' | 'xml' | 'json';
  title?: string;
  items: Omit<Item, 'id'>[];
  findings: Finding[];
};

/** The running text of a document and its tables, each without the other; rows of tables keep the numbers of their lines. */
export type Apart = { document: Document; table: Table };

/**
 * A source that is open: cells, running text, or questions stated outright. `apart` where a text has tables in it, which may hold
 * questions of their own.
 */
export type Opened =
  | { is: 'table'; table: Table }
  | { is: 'document'; document: Document; apart?: Apart }
  | { is: 'stated'; stated: Stated };
