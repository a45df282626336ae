// What a blank says about its columns elsewhere: in a note, in a legend beside it, in the list of a sheet that explains it.
import type { Sheet } from '../model';
import { alike, bareWords } from '../shared/normalise';
import type { Region } from '../shared/table/region';
import { isCalled } from './column-words';

/** Names longer than this explain nothing. */
const LONGEST_NAME = 40;

/** Names that count from one to another, "R1 à R3", "c0 to c5", "Answer A - D": what stands before the count, first and last. */
const COUNT = String.raw`(\d{1,2}|(?<!\p{L})[A-Ja-j](?!\p{L}))`;
const SPAN = new RegExp(
  String.raw`^(.{0,30}?)${COUNT}\s*(?:[-–—…/]|\.{2,3}|\p{L}{1,5})\s*(.{0,30}?)${COUNT}$`,
  'u',
);
const MOST_SPANNED = 26;

/** The places from which to which a span counts: numbers, or letters by their code; undefined where they do not go up. */
function placesOf(from: string, to: string): [first: number, last: number] | undefined {
  const areNumbers = /^\d/.test(from);
  if (areNumbers !== /^\d/.test(to)) {
    return undefined;
  }
  const placeOf = (text: string): number => (areNumbers ? Number(text) : text.codePointAt(0)!);
  const [first, last] = [placeOf(from), placeOf(to)];
  return last > first && last - first <= MOST_SPANNED ? [first, last] : undefined;
}

/** Every name that a name stands for: itself, or all of those that it counts from and to. */
function namesIn(name: string): string[] {
  const [, before = '', from = '', again = '', to = ''] = SPAN.exec(name.trim()) ?? [];
  const isAgain = again === '' || alike(again) === alike(before);
  const [first, last] = (from && isAgain && placesOf(from, to)) || [0, -1];
  const sign = (place: number): string =>
    /^\d/.test(from) ? String(place) : String.fromCodePoint(place);
  return last < first
    ? [name]
    : Array.from({ length: last - first + 1 }, (_, step) => `${before}${sign(first + step)}`);
}

/** What stands behind the name of a column, in the next cell or behind a colon of the same one. */
function explainedIn(rows: readonly (readonly string[])[], into: Map<string, string>): void {
  for (const row of rows) {
    const filled = row.map((text) => text.trim()).filter(Boolean);
    filled.forEach((text, index) => {
      const [, name = '', behind = ''] = /^([^:=]{1,40}?)\s*[:=]\s+(\S.*)$/su.exec(text) ?? [];
      const next = filled[index + 1];
      const isNamed = index === 0 && next && text.length <= LONGEST_NAME && filled.length <= 4;
      const [called, said] = name && behind ? [name, behind] : [text, isNamed ? next : ''];
      for (const one of said ? namesIn(called) : []) {
        into.set(alike(one), said);
      }
    });
  }
}

/** The explanations of a blank by the name of the column that they are about. */
export function explanationsOf(
  region: Region,
  headingRow: number | null,
  others: readonly Sheet[],
): Map<string, string> {
  const found = new Map<string, string>();
  const own = region.sheet.rows.slice(0, 60);
  const behind = lastHeading(region, headingRow) + 1;
  explainedIn(
    own.map((row, index) => {
      if (headingRow !== null && index < headingRow) {
        return row;
      }
      return index === headingRow ? [] : row.slice(behind);
    }),
    found,
  );
  const names = headingsOf(region, headingRow);
  for (const sheet of others) {
    explainedIn(withoutHead(sheet.rows.slice(0, 120), names), found);
  }
  return found;
}

const headingsOf = (region: Region, headingRow: number | null): ReadonlySet<string> =>
  new Set(headingRow === null ? [] : (region.sheet.rows[headingRow] ?? []).map(alike));

/** Rows of a sheet without the first filled one where that heads a list of one column's codes: the others name no column. */
function withoutHead(rows: readonly (readonly string[])[], names: ReadonlySet<string>): string[][] {
  const filled = rows.filter((row) => row.some((cell) => cell.trim()));
  const [head, ...below] = filled.map((row) =>
    row.some((cell) => cell.trim() !== '' && names.has(alike(cell))),
  );
  const isHead = head === true && below.length > 1 && !below.includes(true);
  return rows.map((row) => (isHead && row === filled[0] ? [] : [...row]));
}

/** So many rows of a list beside a table tell what it is. */
const LISTED = 60;

/** A sentence, as no heading, sample or option of a form is one. */
const SENTENCE = /^\p{Lu}.*\p{L}\s+\p{L}.*\p{L}\s+\p{L}.*[.!]$/su;
/** What stands among sentences: the line that opens a list, and codes with what they mean. */
const LISTING = /^\p{Lu}[^=]*:$|^\S{1,14}\s*=\s*\S/su;

/** Whether cells behind the last heading, parted from it by an empty column, are sentences and lists of codes: rules beside a form. */
function areSentences(region: Region, last: number): boolean {
  const texts: string[] = [];
  for (let row = region.top; row <= Math.min(region.bottom, region.top + LISTED); row++) {
    if (region.cell(row, last + 1)) {
      return false;
    }
    for (let column = last + 2; column <= region.right; column++) {
      texts.push(region.cell(row, column));
    }
  }
  const filled = texts.filter(Boolean);
  return (
    filled.some((text) => SENTENCE.test(text)) &&
    filled.every((text) => SENTENCE.test(text) || LISTING.test(text))
  );
}

/**
 * A region without the list beside its table that names the table's columns one below another: that is an explanation, and
 * none of its rows is a sample or a question. Sentences alone behind its headings are such an explanation too.
 */
export function withoutLegend(region: Region, headingRow: number | null): Region {
  const last = lastHeading(region, headingRow);
  if (headingRow === null || last >= region.right) {
    return region;
  }
  const names = new Set<string>();
  for (let column = region.left; column <= last; column++) {
    names.add(alike(region.cell(headingRow, column)));
  }
  for (let column = last + 1; column <= region.right; column++) {
    let filled = 0;
    let named = 0;
    for (let row = region.top; row <= Math.min(region.bottom, region.top + LISTED); row++) {
      const text = region.cell(row, column);
      filled += text ? 1 : 0;
      named += namesIn(text.split(/[:=]\s/u)[0]!).some((name) => name && names.has(alike(name)))
        ? 1
        : 0;
    }
    if (named >= 2 && named * 2 >= filled) {
      return { ...region, right: last };
    }
  }
  return areSentences(region, last) ? { ...region, right: last } : region;
}

/** The last column of the table itself: behind an empty one stand notes. */
export function lastHeading(region: Region, headingRow: number | null | undefined): number {
  if (headingRow === undefined || headingRow === null) {
    return region.right;
  }
  let last = region.left;
  while (last < region.right && !region.cell(headingRow, last)) {
    last++;
  }
  while (last < region.right && region.cell(headingRow, last + 1)) {
    last++;
  }
  return last;
}

/** A word in the plural has so many signs more. */
const PLURAL = 3;
/** Whether an explanation begins with the word of its heading, beyond doubt for what it is: 'Types allowed: …' says what may stand there. */
export function repeatsHeading(text: string, heading: string): boolean {
  const [own = ''] = bareWords(text).split(' ');
  const word = bareWords(heading);
  return (
    isCalled({ heading }) &&
    word !== '' &&
    own.startsWith(word) &&
    own.length - word.length <= PLURAL
  );
}
