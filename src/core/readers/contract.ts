// What every reader of a kind of source keeps to.
import type { Encoding, Finding, Separator, Table } from '../model';

export type SourceFile = { name: string; bytes: Uint8Array };

/** What a user may overrule before the bytes are read. */
export type ReaderOptions = { encoding?: Encoding; separator?: Separator };

export type Reader = {
  id: string;
  /** Whether these bytes are this reader's, judged by the bytes first and the name second. */
  takes(file: SourceFile): boolean;
  /** Reads as far as it can. What stops it is told in `findings`; it never throws for bad input. */
  read(file: SourceFile, options: ReaderOptions): Promise<Table>;
};

/** A table that could not be had, with the reason. */
export const unreadable = (file: string, format: Table['format'], rule: string, message: string): Table => ({
  file, format, sheets: [], findings: [blocked(file, rule, message)],
});

export const blocked = (file: string, rule: string, message: string): Finding => ({
  rule, level: 'block', where: { file }, message,
});

/** The most that is taken in; past these a file is refused with a finding and the endpoints answer 413 or 422. */
export const CAPS = {
  fileBytes: 32 * 1024 * 1024,
  inflatedBytes: 64 * 1024 * 1024,
  inflatedRatio: 100,
  cells: 1_000_000,
  cellCharacters: 32_767,
} as const;
