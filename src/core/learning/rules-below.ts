// What stands between a form's headings and its first row: rules for each column, or a remark about all of it.
import { alike } from '../shared/normalise';
import { headingAt } from '../understanding';
import { filledIn, type Region } from '../shared/table/region';
import { characterLimit } from './sentences';

/** What the lower of two rows of headings says where it only explains the upper one, by the heading: '1 to 4' below 'Right answer'. */
export function withinHeadings(
  region: Region,
  headingRow: number | undefined,
): Map<string, string> {
  const found = new Map<string, string>();
  for (let at = region.left; headingRow !== undefined && at <= region.right; at++) {
    const [heading, own] = [headingAt(region, headingRow, at), region.cell(headingRow, at)];
    if (own && heading !== own) {
      found.set(alike(heading), own);
    }
  }
  return found;
}

/** What the row between the headings and the first question states, by the headings' comparable words. */
export function rulesBelow(
  region: Region,
  headingRow: number | undefined,
  first: number,
): Map<string, string> {
  const found = new Map<string, string>();
  const row = (headingRow ?? 0) + 1;
  if (headingRow === undefined || first === row || isRemark(region, row)) {
    return found;
  }
  const texts = Array.from({ length: region.right + 1 }, (_, c) => region.cell(row, c));
  const isOfLengths = texts.some((text) => characterLimit(text) !== undefined);
  texts.forEach((text, c) => {
    const [, inBrackets, most] = (isOfLengths && BARE.exec(text)) || [];
    const bare = inBrackets ?? most;
    if (text) {
      found.set(alike(region.cell(headingRow, c)), bare ? `${bare} characters` : text);
    }
  });
  return found;
}
/** A number in brackets or the most of something, beside cells that say what is counted. */
const BARE =
  /^(?:\((\d{1,4})\)|(?:max(?:imum|imal|\.)?|≤|<=|up to|bis zu|bis|jusqu'à|hasta|tot|fino a)\s*(\d{2,4}))$/iu;

const REMARK_WORDS = 6;

/** Whether a row holds a sentence alone that does not ask: a remark about the whole form. */
function isRemark(region: Region, row: number): boolean {
  const text = region.sheet.rows[row]?.map((cell) => cell.trim()).find(Boolean) ?? '';
  return (
    filledIn(region, row) === 1 &&
    text.split(/\s+/u).length >= REMARK_WORDS &&
    !/[?？؟]\s*$/u.test(text)
  );
}

/** The first row of a form behind a remark that stands alone between the headings and the first sample. */
export const behindRemark = (region: Region, first: number): number =>
  isRemark(region, first) && filledIn(region, first + 1) > 1 ? first + 1 : first;
