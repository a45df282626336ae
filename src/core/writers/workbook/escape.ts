// Text as a workbook's XML may hold it.
import { escapeMarkup, wellFormed } from '../../shared/markup';

/** Text that no rule touches; most cells are. */
const HARMLESS = /^[\w ,.?!'()-]*$/;
/** Signs that XML forbids or that parsers change, and so are written as escapes of the format. */
const ESCAPED_BY_THE_FORMAT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff\r]/g;
const FORMAT_ESCAPE = /_(?=x[0-9A-Fa-f]{4}_)/g;

/**
 * Text for an element or attribute. Escapes of the form _x0041_ that stand in the text itself are escaped once more
 * (ECMA-376 part 1, 22.4.2.4).
 */
export function escapeCell(text: string): string {
  if (HARMLESS.test(text) && !text.includes('_x')) {
    return text;
  }
  const escaped = text
    .replace(FORMAT_ESCAPE, '_x005F_')
    .replace(
      ESCAPED_BY_THE_FORMAT,
      (sign) => `_x${sign.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0')}_`,
    );
  return escapeMarkup(wellFormed(escaped));
}
