// Number formats: from a stored number to the text a person sees.
import { parseXml } from './xml';

/** The formats that are not written into the file (ECMA-376 part 1, 18.8.30): dates and times. */
const BUILT_IN: Record<number, string> = {
  9: '0%', 10: '0.00%', 14: 'yyyy-mm-dd', 15: 'd-mmm-yy', 16: 'd-mmm', 17: 'mmm-yy', 18: 'h:mm', 19: 'h:mm:ss',
  20: 'h:mm', 21: 'h:mm:ss', 22: 'yyyy-mm-dd h:mm', 45: 'mm:ss', 46: 'h:mm:ss', 47: 'mm:ss',
};
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** The format text of every cell style, by the style's index. */
export function readFormats(xml: string): string[] {
  const own = new Map<number, string>();
  const formats: string[] = [];
  let inCellStyles = false;
  if (xml) {
    parseXml(xml, {
      open(name, attributes) {
        if (name === 'numFmt') own.set(Number(attributes['numFmtId']), attributes['formatCode'] ?? '');
        else if (name === 'cellXfs') inCellStyles = true;
        else if (name === 'xf' && inCellStyles) {
          const id = Number(attributes['numFmtId'] ?? 0);
          formats.push(own.get(id) ?? BUILT_IN[id] ?? 'General');
        }
      },
      close(name) { if (name === 'cellXfs') inCellStyles = false; },
    });
  }
  return formats;
}

/** Whether a format shows a date or time. Colours, quoted words and locale codes are no part of it. */
export const isDateFormat = (format: string): boolean =>
  /[dmyhs]/i.test(format.replace(/\[[^\]]*\]|"[^"]*"|\\./g, '')) && !/general/i.test(format);

/** A serial number of days since 1899-12-30 (or 1904) as the format shows it. */
function showDate(serial: number, format: string, from1904: boolean): string {
  const days = serial + (from1904 ? 1462 : 0);
  const moment = new Date(Math.round((days - 25_569) * 86_400_000));
  if (Number.isNaN(moment.getTime())) return String(serial);
  const two = (n: number): string => String(n).padStart(2, '0');
  const [y, m, d] = [moment.getUTCFullYear(), moment.getUTCMonth(), moment.getUTCDate()];
  const time = `${two(moment.getUTCHours())}:${two(moment.getUTCMinutes())}${/s/i.test(format) ? `:${two(moment.getUTCSeconds())}` : ''}`;
  const hasDay = /d/i.test(format);
  const hasYear = /y/i.test(format);
  const hasMonth = /mmm/i.test(format) || hasDay || hasYear;
  if (!hasMonth) return time;
  const date = /mmm/i.test(format)
    ? [hasDay ? d : '', MONTHS[m], hasYear ? y : ''].filter((part) => part !== '').join(' ')
    : hasYear ? `${y}-${two(m + 1)}-${two(d)}` : `${two(d)}/${two(m + 1)}`;
  return /h/i.test(format) ? `${date} ${time}` : date;
}

/** A stored number as a person sees it: 15 digits at most, per cent, dates and times. */
export function showNumber(stored: string, format: string, from1904: boolean): string {
  const value = Number(stored);
  if (!Number.isFinite(value)) return stored;
  if (isDateFormat(format)) return showDate(value, format, from1904);
  if (format.endsWith('%')) return `${Number((value * 100).toPrecision(12))}%`;
  // A format of nothing but zeros keeps leading ones: 0000 shows 417 as 0417.
  if (/^0+$/.test(format) && Number.isInteger(value)) return String(value).padStart(format.length, '0');
  return String(Number(value.toPrecision(15)));
}
