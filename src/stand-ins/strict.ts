// What the stand-ins' readers have in common: how long a text is, and how a workbook is opened. None of it is the road's own.
import type { WorkSheet } from '@e965/xlsx';
import { unzipSync } from 'fflate';

const INFLATED_AT_MOST = 40 * 1024 * 1024;
const segmenter = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** How many signs a reader sees in a text. */
export const lengthOf = (text: string): number =>
  [...segmenter.segment(text.normalize('NFC'))].length;

/** Adds up what a package would inflate to before the library sees it. */
function isSafe(bytes: Uint8Array): boolean {
  let inflated = 0;
  try {
    unzipSync(bytes, {
      filter: ({ originalSize }) => {
        inflated += originalSize;
        return false;
      },
    });
  } catch {
    return false;
  }
  return inflated <= INFLATED_AT_MOST;
}

/** What a cell holds, row and column counted from 0. */
export type Cells = (row: number, column: number) => unknown;

/** The cells of one sheet of a workbook; or why the host can't open it. */
export async function openSheet(
  bytes: Uint8Array,
  { sheet, fileBytes, rows }: { sheet: string; fileBytes: number; rows: number },
): Promise<Cells | { problem: string }> {
  if (bytes.length > fileBytes) {
    return { problem: `The file is larger than ${fileBytes / 1_048_576} MiB.` };
  }
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b || !isSafe(bytes)) {
    return { problem: 'The file is no workbook (.xlsx) that the host can open.' };
  }
  const { read } = await import('@e965/xlsx');
  let found: WorkSheet | undefined;
  try {
    found = read(bytes, { dense: true, nodim: true, sheetRows: rows }).Sheets[sheet];
  } catch {
    return { problem: 'The workbook is damaged; the host could not open it.' };
  }
  if (!found) {
    return { problem: `The workbook has no sheet “${sheet}”.` };
  }
  const cells = (found as { '!data'?: ({ v?: unknown } | undefined)[][] })['!data'] ?? [];
  return (row, column) => cells[row]?.[column]?.v;
}
