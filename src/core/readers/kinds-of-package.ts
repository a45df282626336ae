// What a package of parts is, told apart without its reader.
import { partText, type Parts } from './package';

/** So far into the content the kind of an open document is said. */
const KIND_WITHIN = 20_000;

/** Whether a package is an open document's spreadsheet (OpenDocument 1.2 part 3, section 3.3: the part `mimetype`). */
export const isOpenSheet = (parts: Parts): boolean =>
  /opendocument\.spreadsheet/.test(partText(parts, 'mimetype')) ||
  (parts.has('content.xml') &&
    partText(parts, 'content.xml').slice(0, KIND_WITHIN).includes('office:spreadsheet'));

/** Whether a package is an open document of text. */
export const isOpenText = (parts: Parts): boolean =>
  /opendocument\.text/.test(partText(parts, 'mimetype')) ||
  (parts.has('content.xml') &&
    partText(parts, 'content.xml').slice(0, KIND_WITHIN).includes('<office:text'));

/** Whether a package is a word processor's document (ECMA-376 part 1, 11.3.10: its main part). */
export const isWordPackage = (parts: Parts): boolean =>
  [...parts.keys()].some((name) => name.startsWith('word/document'));
