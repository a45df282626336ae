// The workbook's own part: its sheets, its names, the calendar that its dates count from.
import { byName, parseXml, type Attributes } from '../xml';

/** A sheet as the workbook lists it. */
type Listed = { name: string; id: string; hidden: boolean };
/** What the workbook's own part says. */
export type Book = { sheets: Listed[]; names: Map<string, string>; from1904: boolean };

/** The id of a relationship, whatever prefix the file gives its namespace. */
const relationOf = (a: Attributes): string =>
  a['r:id'] ?? Object.entries(a).find(([key]) => key.endsWith(':id'))?.[1] ?? '';

/** Reads the list of sheets, the defined names and the calendar. */
export function readBook(xml: string): Book {
  const book: Book = { sheets: [], names: new Map(), from1904: false };
  let naming = '';
  const open = byName<[Attributes]>({
    sheet: (a) => {
      const hidden = (a['state'] ?? 'visible') !== 'visible';
      book.sheets.push({ name: a['name'] ?? '', id: relationOf(a), hidden });
    },
    definedName: (a) => {
      naming = a['name'] ?? '';
    },
    workbookPr: (a) => {
      book.from1904 = a['date1904'] === '1' || a['date1904'] === 'true';
    },
  });
  parseXml(xml, {
    open,
    text(text) {
      if (naming) {
        book.names.set(naming, (book.names.get(naming) ?? '') + text);
      }
    },
    close(name) {
      if (name === 'definedName') {
        naming = '';
      }
    },
  });
  return book;
}
