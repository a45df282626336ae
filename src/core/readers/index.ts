// The one list of readers, and the door through which every file comes in.
import type { Table } from '../model';
import { CAPS, unreadable, type Reader, type ReaderOptions, type SourceFile } from './contract';
import { delimited } from './delimited/reader';
import { disguise } from './disguise';
import { workbook } from './workbook/reader';

export type { ReaderOptions, SourceFile } from './contract';
export { CAPS } from './contract';

/** Every reader; the first that takes a file reads it. The last takes any text. */
export const readers: readonly Reader[] = [workbook, delimited];

/** Reads a file by its contents rather than its name. Never throws for bad input: see `findings`. */
export async function readTable(file: SourceFile, options: ReaderOptions = {}): Promise<Table> {
  const format = /\.xlsx$/i.test(file.name) ? 'xlsx' : 'csv';
  if (file.bytes.length === 0) {
    return unreadable(file.name, format, 'file-empty', `${file.name} is empty: it holds no bytes at all. Save it again in the program it comes from, then bring it in.`);
  }
  if (file.bytes.length > CAPS.fileBytes) {
    return unreadable(file.name, format, 'file-too-large', `${file.name} has ${(file.bytes.length / 1_048_576).toFixed(0)} MiB; ${CAPS.fileBytes / 1_048_576} MiB at most are taken. Split it and bring the parts in one by one.`);
  }
  const other = disguise(file);
  if (other) return unreadable(file.name, format, other.rule, other.message);
  const reader = readers.find((candidate) => candidate.takes(file)) ?? delimited;
  return reader.read(file, options);
}
