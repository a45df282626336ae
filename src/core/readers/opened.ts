// What was read, in the shapes that readers give back.
import type { Document, Finding, Opened, Sheet, Stated, Table } from '../model';
import { sheetWith } from '../shared/sheet';

/** A table as what was opened. */
export const asTable = (table: Table): Opened => ({ is: 'table', table });

/** Running text as what was opened. */
export const asDocument = (document: Document): Opened => ({ is: 'document', document });

/** A text that is a table of one sheet. */
export const textTable = (
  file: string,
  format: Table['format'],
  sheet: Pick<Sheet, 'name' | 'rows'> & Partial<Sheet>,
): Opened => asTable({ file, format, sheets: [sheetWith(sheet)], findings: [] });

/** A source of which nothing could be read, with the reason. */
export const stopped = (file: string, finding: Finding): Opened =>
  asTable({ file, format: 'txt', sheets: [], findings: [finding] });

/** What was read, whichever of its shapes it has. */
function contentOf(opened: Opened): Table | Document | Stated {
  switch (opened.is) {
    case 'table':
      return opened.table;
    case 'document':
      return opened.document;
    case 'stated':
      return opened.stated;
  }
}

/** What was found amiss on reading, whatever was read. */
export const findingsOf = (opened: Opened): Finding[] => contentOf(opened).findings;

/** The name of the file that was opened. */
export const fileOf = (opened: Opened): string => contentOf(opened).file;
