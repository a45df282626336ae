// Files as a person has them at hand, for the fields that take files.
import { read, utils, write, type WorkBook } from '@e965/xlsx';
import type { Page } from '@playwright/test';

export type AtHand = { name: string; mimeType: string; buffer: Buffer };

export const csv = (name: string, ...rows: readonly string[]): AtHand => ({
  name,
  mimeType: 'text/csv',
  buffer: Buffer.from(rows.join('\n')),
});

/** A workbook as another program writes it. */
export function workbook(name: string, book: WorkBook | Uint8Array): AtHand {
  const bytes =
    book instanceof Uint8Array
      ? book
      : new Uint8Array(write(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
  return {
    name,
    mimeType: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
    buffer: Buffer.from(bytes),
  };
}

/** A contributor's sheet with rows written into it, in another program. */
export function filledSheet(name: string, sheet: Uint8Array, rows: readonly string[][]): AtHand {
  const book = read(sheet);
  utils.sheet_add_aoa(book.Sheets['Questions']!, rows as string[][], { origin: 'B8' });
  return workbook(name, book);
}

/** Brings files into Gather, as by its button. */
export const bring = (page: Page, ...files: readonly AtHand[]): Promise<void> =>
  page
    .getByTestId('source-file')
    .first()
    .setInputFiles([...files]);
