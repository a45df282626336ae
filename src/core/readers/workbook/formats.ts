// Number formats: from a stored number to the text a person sees.
import { format as formatNumber } from 'numfmt';
import type { Look } from '../../model';
import { parseXml, type Attributes } from '../xml';

/** The formats that are not written into the file (ECMA-376 part 1, 18.8.30). */
const BUILT_IN: Record<number, string> = {
  1: '0',
  2: '0.00',
  3: '#,##0',
  4: '#,##0.00',
  9: '0%',
  10: '0.00%',
  11: '0.00E+00',
  12: '# ?/?',
  13: '# ??/??',
  14: 'yyyy-mm-dd',
  15: 'd-mmm-yy',
  16: 'd-mmm',
  17: 'mmm-yy',
  18: 'h:mm',
  19: 'h:mm:ss',
  20: 'h:mm',
  21: 'h:mm:ss',
  22: 'yyyy-mm-dd h:mm',
  45: 'mm:ss',
  37: '#,##0;-#,##0',
  38: '#,##0;-#,##0',
  39: '#,##0.00;-#,##0.00',
  40: '#,##0.00;-#,##0.00',
  46: '[h]:mm:ss',
  47: 'mm:ss',
  48: '##0.0E+0',
  49: '@',
};

/** `looks` say how a cell style sets its text off: what people mark right answers with. */
export type CellStyles = {
  formats: string[];
  looks: (Look | undefined)[];
  /** Whether cells of the style may be filled on a protected sheet. */
  unlocked: boolean[];
};

const isOn = (a: Attributes): boolean => !['0', 'false', 'none'].includes(a['val'] ?? 'true');
/** Colours that say nothing: black and white, the theme's own text and ground, and the same of the indexed palette. */
const BLACK_OR_WHITE = /^(?:..)?(?:000000|FFFFFF)$/i;
const PLAIN_THEME = new Set(['0', '1']);
const PLAIN_INDEX = new Set(['8', '9', '64', '65']);

/** Whether a colour is one that says something. */
function isTelling({ rgb, theme, indexed }: Attributes): boolean {
  if (rgb !== undefined) {
    return !BLACK_OR_WHITE.test(rgb);
  }
  if (theme !== undefined) {
    return !PLAIN_THEME.has(theme);
  }
  return indexed !== undefined && !PLAIN_INDEX.has(indexed);
}

class StyleReader {
  readonly styles: CellStyles = { formats: [], looks: [], unlocked: [] };
  private readonly own = new Map<number, string>();
  private readonly fonts: Look[] = [];
  private readonly fills: boolean[] = [];
  private inside: 'fonts' | 'fills' | 'cellXfs' | '' = '';
  private solid = false;

  open(name: string, a: Attributes): void {
    if (name === 'fonts' || name === 'fills' || name === 'cellXfs') {
      this.inside = name;
    } else if (name === 'numFmt') {
      this.own.set(Number(a['numFmtId']), a['formatCode'] ?? '');
    } else if (this.inside) {
      this.within[this.inside](name, a);
    }
  }

  /** What is done with the elements inside each list of the part. */
  private readonly within = {
    fonts: (name: string, a: Attributes) => this.font(name, a),
    fills: (name: string, a: Attributes) => this.fill(name, a),
    cellXfs: (name: string, a: Attributes) => this.cellStyle(name, a),
  };

  private cellStyle(name: string, a: Attributes): void {
    if (name === 'xf') {
      this.style(a);
    } else if (name === 'protection') {
      const isUnlocked = a['locked'] === '0' || a['locked'] === 'false';
      this.styles.unlocked[this.styles.formats.length - 1] = isUnlocked;
    }
  }

  private font(name: string, a: Attributes): void {
    if (name === 'font') {
      this.fonts.push({});
      return;
    }
    const font = this.fonts.at(-1);
    if (!font) {
      return;
    }
    if (name === 'b') {
      font.bold = isOn(a);
    } else if (name === 'i') {
      font.italic = isOn(a);
    } else if (name === 'u') {
      font.underline = isOn(a);
    } else if (name === 'color' && isTelling(a)) {
      font.mark = true;
    }
  }

  private fill(name: string, a: Attributes): void {
    if (name === 'fill') {
      this.fills.push(false);
      this.solid = false;
    } else if (name === 'patternFill') {
      this.solid = a['patternType'] === 'solid';
    } else if (name === 'fgColor' && this.solid && isTelling(a)) {
      this.fills[this.fills.length - 1] = true;
    }
  }

  private style(a: Attributes): void {
    const id = Number(a['numFmtId'] ?? 0);
    this.styles.formats.push(this.own.get(id) ?? BUILT_IN[id] ?? 'General');
    const font = this.fonts[Number(a['fontId'] ?? 0)];
    const isFilled = this.fills[Number(a['fillId'] ?? 0)];
    const look = isFilled ? { ...font, mark: true } : { ...font };
    this.styles.looks.push(Object.values(look).some(Boolean) ? look : undefined);
  }

  close(name: string): void {
    if (name === this.inside) {
      this.inside = '';
    }
  }
}

/** The number format and the look of every cell style, by the style's index. */
export function readStyles(xml: string): CellStyles {
  const reader = new StyleReader();
  if (xml) {
    parseXml(xml, { open: (name, a) => reader.open(name, a), close: (name) => reader.close(name) });
  }
  return reader.styles;
}

/** Whether a format shows a date or time. Colours, quoted words and locale codes are no part of it. */
export const isDateFormat = (format: string): boolean =>
  /[dmyhs]/i.test(format.replace(/\[[^\]]*\]|"[^"]*"|\\./g, '')) && !/general/i.test(format);

/** Days between the two calendars that workbooks count from, 1899-12-30 and 1904-01-01. */
const DAYS_TO_1904 = 1462;
/** A stored number has 15 digits that count; what stands behind them is noise of binary arithmetic. */
const DIGITS = 15;

/**
 * A stored number as a person sees it. Formats of the file's own are shown by the number-format library (ECMA-376 part 1,
 * 18.8.31); the general format shows all digits, since a narrow column's exponents are no part of what was typed.
 */
export function showNumber(stored: string, format: string, from1904: boolean): string {
  const value = Number(stored);
  if (!Number.isFinite(value)) {
    return stored;
  }
  const plain = String(Number(value.toPrecision(DIGITS)));
  if (/^general$/i.test(format)) {
    return plain;
  }
  try {
    const shown = formatNumber(
      format,
      value + (from1904 && isDateFormat(format) ? DAYS_TO_1904 : 0),
    );
    return shown.trim() || plain;
  } catch {
    // A format that no program could show: the number itself is what there is.
    return plain;
  }
}
