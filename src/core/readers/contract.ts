// What every reader of a kind of source keeps to.
import type { Encoding, Finding, ReadAs, Separator, Table } from '../model';

export type SourceFile = { name: string; bytes: Uint8Array };

/** What a user may overrule before the bytes are read. */
export type ReaderOptions = { encoding?: Encoding; separator?: Separator; as?: ReadAs };

/** A table that could not be had, with the reason. */
export const unreadable = (
  file: string,
  format: Table['format'],
  rule: string,
  message: string,
): Table => ({
  file,
  format,
  sheets: [],
  findings: [blocked(file, rule, message)],
});

/** A finding that keeps a file from being read. */
export const blocked = (file: string, rule: string, message: string): Finding => ({
  rule,
  level: 'block',
  where: { file },
  message,
});

/** The most that is taken in; past these a file is refused with a finding and the endpoints answer 413 or 422. */
export const CAPS = {
  fileBytes: 32 * 1024 * 1024,
  /** Cells of a table, the empty ones between filled ones among them. Ten thousand questions have 200,000. */
  cells: 500_000,
  /** Characters of all cells together, so that a long text that is repeated does not fill the memory. */
  characters: 24_000_000,
  columns: 300,
  cellCharacters: 32_767,
  lines: 150_000,
  /** Characters of running text, which costs more to read than a table. */
  textCharacters: 8_000_000,
  fences: 300,
  pictureBytes: 2 * 1024 * 1024,
} as const;
