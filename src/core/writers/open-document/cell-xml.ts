// A cell of an open document's table: what it keeps of the blank's, and what it is given.
import type { CellValue } from '../../model';
import { escapeXml } from '../../shared/markup';
import { element } from './pieces';

/** Text as paragraphs; blanks that XML would swallow and tabs have elements of their own (OpenDocument 1.2 part 1, 6.1). */
const paragraphs = (text: string): string =>
  text
    .split(/\r\n?|\n/)
    .map(
      (line) =>
        `<text:p>${escapeXml(line)
          .replace(/\t/g, '<text:tab/>')
          .replace(/^ | (?= )| $/g, '<text:s/>')}</text:p>`,
    )
    .join('');

/** What of a cell's own attributes says how it looks and what it takes, not what it holds. */
export const kept = (attributes: string): string =>
  [
    ...attributes.matchAll(
      /\s(?:table:(?:style-name|content-validation-name|number-(?:columns|rows)-spanned|protect)|xml:id)="[^"]*"/g,
    ),
  ]
    .map((match) => match[0])
    .join('');
/** Notes and shapes that hang on the cell. */
export const hanging = (inner: string | undefined): string =>
  [
    ...(inner ?? '').matchAll(
      /<office:annotation[\s\S]*?<\/office:annotation>|<draw:[\s\S]*?<\/draw:(?:frame|custom-shape|control)>/g,
    ),
  ]
    .map((match) => match[0])
    .join('');

/** How a cell's value is typed; once more in the extension's own attribute where the document declares the extension. */
function typeOf(value: CellValue, hasExtension: boolean): string {
  const type = typeof value === 'number' ? 'float' : 'string';
  const number = type === 'float' ? ` office:value="${value}"` : '';
  const extended = hasExtension ? ` calcext:value-type="${type}"` : '';
  return ` office:value-type="${type}"${number}${extended}`;
}

/** What a cell keeps of the blank's: how it looks and what it takes, and notes and shapes that hang on it. */
type Keeps = { look: string; hanging: string };

/** A cell with a value, or empty; what it keeps of the blank stays. */
export function cellXml(value: CellValue | undefined, keeps: Keeps, hasExtension: boolean): string {
  if (value === undefined || value === '') {
    return element('table:table-cell', keeps.look, keeps.hanging || undefined);
  }
  return element(
    'table:table-cell',
    keeps.look + typeOf(value, hasExtension),
    keeps.hanging + paragraphs(String(value)),
  );
}
