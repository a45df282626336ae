// Texts made comparable, and texts made clean. What comes in is text and stays text.
import { defined } from './defined';

/** A cell's text as a person meant it: outer blanks gone, NUL and lone surrogates replaced, line ends alike. */
export function cleanText(text: string): string {
  if (/^[\x20-\x7e]*$/.test(text)) {
    return text.trim();
  }
  // Blanks without a break and byte order marks count as blanks here as everywhere (ECMA-262, 22.1.3.32).
  return text
    .replace(/\r\n?/g, '\n')

    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/g, '')
    .replace(/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g, '\ufffd')
    .trim();
}

/** A text in one line: blanks with a line end or tab among them become one blank. */
export const oneLine = (text: string): string =>
  text.replace(/\s+/gu, (blanks) => (/[\n\t]/.test(blanks) ? ' ' : blanks));

/** Whether a text holds what cleanText takes out or replaces, outer blanks aside. */
export const hasBrokenCharacters = (text: string): boolean =>
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/.test(
    text,
  );

/** The same text but for case, spaces, Unicode form, and the shape of quotes and dashes. */
export function alike(text: string): string {
  // Most texts are plain words with single blanks; the long way round costs ten times as much.
  if (/^[!-_a-~]+(?: [!-_a-~]+)*$/.test(text)) {
    return text.toLowerCase();
  }
  return text
    .normalize('NFKC')
    .replace(/[\u2018\u2019\u201a\u201b\u02bc\u00b4`]/g, "'")
    .replace(/[\u201c\u201d\u201e\u201f\u00ab\u00bb]/g, '"')
    .replace(/[\u2010-\u2015\u2212]/g, '-')
    .replace(/\s+/gu, ' ')
    .trim()
    .toLowerCase();
}

/** A name that programs give with its words apart: 'correctIndex' is 'correct Index'. */
export const wordsApart = (text: string): string => text.replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2');

/** The words of a heading, label or code: lower case, no accents, no signs. */
export function bareWords(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .replace(/œ/g, 'oe')
    .replace(/æ/g, 'ae')
    .replace(/ø/g, 'o')
    .replace(/ł/g, 'l')
    .replace(/[đð]/g, 'd')
    .replace(/ı/g, 'i')
    .replace(/[^\p{L}\p{N}%#]+/gu, ' ')
    .trim();
}

/** The number that a text writes, with a point or a comma; undefined where it is none. */
export function numberOf(text: string): number | undefined {
  if (/^\d{1,9}$/.test(text)) {
    return Number(text);
  }
  const flat = text
    .trim()
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/\s/gu, '');
  if (!/^[+-]?(?:\d+(?:[.,]\d+)?|[.,]\d+)$/.test(flat)) {
    return undefined;
  }
  return Number(flat.replace(',', '.'));
}

export type Quantity = { value: number; tolerance?: number; unit?: string };
const QUANTITY =
  /^([+-]?[\d.,\s]*\d)\s*(?:(?:±|\+\/-|\+-|\bplus or minus\b|\bgive or take\b)\s*([\d.,]*\d)\s*)?([^\d\s±;|,][^\d±;|]{0,18})?$/u;

/** '2.4 m (± 0.1)': the tolerance in brackets behind the unit. */
const BRACKETED_TOLERANCE =
  /\s*([\p{L}°%€$£][^()\d±]{0,12})?\s*\(\s*(?:±|\+\/-)\s*([\d.,]+)[^()]{0,12}\)$/u;
/** '180 °C ± 5': the tolerance behind the unit, which may stand again behind it; or so much of the number in per cent. */
const TOLERANCE_BEHIND_UNIT =
  /^([+-]?[\d.,\s]*\d)\s*([^\d\s±;|,()][^\d±;|()]{0,18}?)\s*(?:±|\+\/-|\+-)\s*([\d.,]*\d)(?:\s*(?:\2|(%)))?$/u;
const LONGEST_TURNED = 60;

/** Signs after which a share of a number is noise of the arithmetic. */
const SIGNIFICANT = 12;

function quantityWithTolerance([, number = '', unit, written = '', percent]: RegExpExecArray):
  Quantity | undefined {
  const [value, given] = [numberOf(number), numberOf(written)];
  if (value === undefined || given === undefined) {
    return undefined;
  }
  const isShare = percent !== undefined && unit !== percent;
  const tolerance = isShare
    ? Number(((Math.abs(value) * given) / 100).toPrecision(SIGNIFICANT))
    : given;
  return defined({ value, tolerance, unit });
}

/** A number with what people write beside it: `4.3 ± 0.1 m`, `12 km`; undefined where the text is none. */
export function quantityOf(text: string): Quantity | undefined {
  const flat = text.trim().replace(/[\u2212\u2013]/g, '-');
  const isShort = flat.length <= LONGEST_TURNED;
  const behind = isShort ? TOLERANCE_BEHIND_UNIT.exec(flat) : null;
  if (behind) {
    return quantityWithTolerance(behind);
  }
  const match = QUANTITY.exec(isShort ? flat.replace(BRACKETED_TOLERANCE, ' ± $2 $1') : flat);
  const value = match && numberOf(match[1]!);
  if (!match || value === undefined || value === null) {
    return undefined;
  }
  const tolerance = match[2] ? numberOf(match[2]) : undefined;
  return defined({
    value,
    tolerance,
    unit: match[3]?.trim() ? match[3].trim() : undefined,
  });
}

/** The seconds that a text writes: `30`, `30 s`, `0:30`, `1 min`, `1 min 30 s`; undefined where it is none. */
export function secondsOf(text: string): number | undefined {
  const flat = text.trim().toLowerCase();
  const plain = numberOf(flat);
  if (plain !== undefined) {
    return plain > 0 ? plain : undefined;
  }
  const clock = /^(?:(\d{1,2}):)?(\d{1,2}):(\d{2})$/.exec(flat);
  if (clock) {
    return Number(clock[1] ?? 0) * 3600 + Number(clock[2]) * 60 + Number(clock[3]);
  }
  const words =
    /^(?:(\d+(?:[.,]\d+)?)\s*(?:m|min|mins|minute[sn]?|minuti|minutos|minuten|munud)\.?)?\s*(?:(\d+)\s*(?:s|sec|secs|sek|seg|second[se]?|sekunden|secondes|segundos|secondi|eiliad)\.?)?$/.exec(
      flat,
    );
  if (!words || (!words[1] && !words[2])) {
    return undefined;
  }
  return Math.round(Number((words[1] ?? '0').replace(',', '.')) * 60) + Number(words[2] ?? 0);
}

/** Edits between two short texts (Levenshtein), given up past `most`. */
export function editsBetween(a: string, b: string, most = 3): number {
  if (Math.abs(a.length - b.length) > most) {
    return most + 1;
  }
  let row = Array.from({ length: b.length + 1 }, (_, index) => index);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++) {
      next[j] = Math.min(
        row[j]! + 1,
        next[j - 1]! + 1,
        row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1),
      );
    }
    row = next;
  }
  return row[b.length]!;
}
