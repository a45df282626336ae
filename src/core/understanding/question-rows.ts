// What shows a row that looks like headings to be a question among others.
import { alike } from '../shared/normalise';
import type { Region } from '../shared/table/region';
import { SAYINGS } from './contract';
import { headingShare } from './heading-rows';
import { headsLowerTable } from './lower-headings';
import { saying } from './saying';

/** How much of a row's cells say what headings say, 0 to 1. */
export const looksLikeHeadings = (region: Region, row: number): number =>
  headingShare(region, row, saying);

/** Shorter cells are signs and letters, which may head a column of such. */
const WORD = 3;
/** So many rows below are looked at. */
const LOOKED_BELOW = 200;

const REPEATED = 0.8;
/** Whether a row is another one once more, whatever was written beside it. */
function repeatsRow(region: Region, row: number, below: number): boolean {
  let filled = 0;
  let same = 0;
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    filled += text ? 1 : 0;
    same += text && region.cell(below, column) === text ? 1 : 0;
  }
  return same > 1 && same >= filled * REPEATED;
}

/** Whether a cell of a row stands again further down in its column, though the row as a whole does not: headings name a column once. */
function standsAgain(region: Region, row: number): boolean {
  const last = Math.min(region.bottom, row + LOOKED_BELOW);
  for (let below = row + 1; below <= last; below++) {
    if (repeatsRow(region, row, below)) {
      return false;
    }
  }
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    for (let below = row + 1; text.length >= WORD && below <= last; below++) {
      if (region.cell(below, column) === text && !headsLowerTable(region, below)) {
        return true;
      }
    }
  }
  return false;
}

/** A short word in front that so much of a column's texts share is an article or a verb of theirs: 'a tool that …', 'to run'. */
const SHARED_START = 0.6;
const LONGEST_START = 4;
const FEWEST_TEXTS = 3;
/** So many words make a text of it, whatever a heading may say. */
const WORDS = 3;

const startOf = (text: string): string => /^\p{L}+(?=[\s’'])/u.exec(text)?.[0].toLowerCase() ?? '';

/** Whether a text of a row starts with the short word that the texts below it start with: it is one of them. */
function startsAsBelow(region: Region, row: number): boolean {
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    const start = startOf(text);
    if (!start || start.length > LONGEST_START || text.split(/\s+/u).length < WORDS) {
      continue;
    }
    let filled = 0;
    let same = 0;
    for (let below = row + 1; below <= Math.min(region.bottom, row + LOOKED_BELOW); below++) {
      const other = region.cell(below, column);
      filled += other ? 1 : 0;
      same += startOf(other) === start ? 1 : 0;
    }
    if (filled + 1 >= FEWEST_TEXTS && same >= filled * SHARED_START) {
      return true;
    }
  }
  return false;
}

const ASKS = /[?？؟]\s*$/u;
const FEWEST_ASKING = 2;

/** Whether a row asks in a column in which rows above it ask as well. */
function asksAsOthers(region: Region, row: number): boolean {
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    if (!ASKS.test(text) || text.split(/\s+/u).length < WORDS) {
      continue;
    }
    // Headings may ask as well, but nothing that asks stands above them.
    let above = 0;
    for (let other = region.top; other < row; other++) {
      above += ASKS.test(region.cell(other, column)) ? 1 : 0;
    }
    if (above >= FEWEST_ASKING) {
      return true;
    }
  }
  return false;
}

const FEWEST_SAYING = 3;

/** Whether a cell of a row has the text of another one of it, in a column in which most rows do so: it says which option is right. */
function saysItsOptionAsOthers(region: Region, row: number): boolean {
  const last = Math.min(region.bottom, region.top + LOOKED_BELOW);
  // Once more, and no oftener: headings of options are alike in all of their columns.
  const saysOption = (other: number, column: number): boolean => {
    const text = alike(region.cell(other, column));
    let again = 0;
    for (let beside = region.left; text.length >= WORD && beside <= region.right; beside++) {
      again += beside !== column && alike(region.cell(other, beside)) === text ? 1 : 0;
    }
    return again === 1;
  };
  for (let column = region.left; column <= region.right; column++) {
    if (!saysOption(row, column)) {
      continue;
    }
    let filled = 0;
    let saying = 0;
    // Words for right and wrong stand several times in a row too, and are the same ones in every row.
    const texts = new Set<string>();
    for (let other = region.top; other <= last; other++) {
      const text = other === row ? '' : region.cell(other, column);
      filled += text ? 1 : 0;
      saying += text && saysOption(other, column) ? 1 : 0;
      texts.add(alike(text));
    }
    const areDistinct = texts.size > filled * SHARED_START;
    if (saying >= FEWEST_SAYING && saying >= filled * SHARED_START && areDistinct) {
      return true;
    }
  }
  return false;
}

/** Rows that say headings as clearly as that stand above no other headings. */
const CLEARLY = 0.5;
const HARDLY_WORDED = 0.3;

/** Whether a row asks right below one whose words are those of headings. */
function asksBelowHeadings(region: Region, row: number): boolean {
  if (row === region.top || looksLikeHeadings(region, row) > HARDLY_WORDED) {
    return false;
  }
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    if (ASKS.test(text) && text.split(/\s+/u).length > 1) {
      return looksLikeHeadings(region, row - 1) >= CLEARLY;
    }
  }
  return false;
}

const COUNTED = /^(.{0,20}?)(\d{1,6})[.)]?$/u;
/** So many rows that count on are no chance. */
const FEWEST_COUNTED = 4;

/** Whether a reference of a row counts on in the rows below it, 'Q/005' above 'Q/006': headings are not counted. */
function countsOnBelow(region: Region, row: number): boolean {
  const numberAt = (at: number, column: number, before: string): number => {
    const [, own, number] = COUNTED.exec(region.cell(at, column)) ?? [];
    return own === before ? Number(number) : NaN;
  };
  for (let column = region.left; column <= region.right; column++) {
    const [, before, first] = COUNTED.exec(region.cell(row, column)) ?? [];
    let on = first === undefined ? 0 : 1;
    while (on > 0 && on < FEWEST_COUNTED) {
      on = numberAt(row + on, column, before!) === Number(first) + on ? on + 1 : 0;
    }
    if (on === FEWEST_COUNTED) {
      return true;
    }
  }
  return false;
}

const PLACES = /^[a-j](?:\s?[|,;/+&]\s?[a-j])+$/iu;

/** Whether a cell of a row names several places, 'b|c', as others below it do: a key, and no heading. */
function namesPlacesAsBelow(region: Region, row: number): boolean {
  const last = Math.min(region.bottom, row + LOOKED_BELOW);
  for (let column = region.left; column <= region.right; column++) {
    if (!PLACES.test(region.cell(row, column))) {
      continue;
    }
    let naming = 0;
    for (let below = row + 1; below <= last; below++) {
      naming += PLACES.test(region.cell(below, column)) ? 1 : 0;
    }
    if (naming >= FEWEST_ASKING) {
      return true;
    }
  }
  return false;
}

const GAP = /_{3,}|\.{4,}|…{2,}/u;
/** Whether a row holds a sentence with a gap to fill, as no heading does. */
const drawsGap = (region: Region, row: number): boolean =>
  Array.from({ length: region.right - region.left + 1 }, (_, at) =>
    region.cell(row, region.left + at),
  ).some((text) => GAP.test(text) && text.split(/\s+/u).length > WORDS);

/** Whether a row does what the questions around it do, whatever its words. */
export const doesAsQuestions = (region: Region, row: number): boolean =>
  standsAgain(region, row) ||
  countsOnBelow(region, row) ||
  namesPlacesAsBelow(region, row) ||
  saysItsOptionAsOthers(region, row) ||
  asksBelowHeadings(region, row) ||
  drawsGap(region, row);

const CONTENT = SAYINGS.indexOf('content');
const SURELY = 0.8;
const SENTENCE_WORDS = 4;
/** A text is as long as others where it has so much of their mean length. */
const AS_LONG = 0.6;

/** Whether a row in which no cell names a field holds a text of several words that is content, as long as the texts below it. */
function holdsContent(region: Region, row: number): boolean {
  if (looksLikeHeadings(region, row) > 0) {
    return false;
  }
  for (let column = region.left; column <= region.right; column++) {
    const text = region.cell(row, column);
    if (text.split(/\s+/u).length < SENTENCE_WORDS || saying(text)[CONTENT]! < SURELY) {
      continue;
    }
    let filled = 0;
    let length = 0;
    for (let below = row + 1; below <= Math.min(region.bottom, row + LOOKED_BELOW); below++) {
      const other = region.cell(below, column);
      filled += other ? 1 : 0;
      length += other.length;
    }
    if (filled >= FEWEST_TEXTS && text.length >= (length / filled) * AS_LONG) {
      return true;
    }
  }
  return false;
}

/** Whether a row's texts are made as those of the questions around it. */
export const looksLikeQuestions = (region: Region, row: number): boolean =>
  asksAsOthers(region, row) || startsAsBelow(region, row) || holdsContent(region, row);
