// A text with code fences, as replies of writing assistants have them: what stands in the fences is what is meant.
import type { Opened, Sheet } from '../../model';
import { blocked, CAPS, type ReaderOptions } from '../contract';
import { asTable, stopped } from '../opened';
import { findFences } from './blocks';
import { openPlain } from './plain';
import { say } from '../../shared/say';

/** A fence around one or two lines of running text is an aside. */
const ASIDE_LINES = 3;

/** Whether what stands in a fence is no source: a line or two of text, or lines that no sign parts into columns. */
function isAside(part: Opened): boolean {
  switch (part.is) {
    case 'document':
      return part.document.lines.length < ASIDE_LINES;
    case 'table':
      return part.table.sheets.every(({ rows }) => rows.every((row) => row.length < 2));
    case 'stated':
      return false;
  }
}

/** The line of each row in the source. */
const linesOf = ({ lines, rows }: Sheet): number[] => lines ?? rows.map((_, index) => index + 1);

/** Adds the rows of a sheet below those of another and an empty row, with their lines and formatting: it may have headings of its own. */
function append(sheet: Sheet, more: Sheet): void {
  const below = linesOf(more);
  const lines = [...linesOf(sheet), (below[0] ?? 1) - 1, ...below];
  sheet.rows.push([]);
  for (const [place, runs] of Object.entries(more.rich ?? {})) {
    const [r, c] = place.split(':');
    (sheet.rich ??= {})[`${Number(r) + sheet.rows.length}:${c}`] = runs;
  }
  for (const row of more.rows) {
    sheet.rows.push(row);
  }
  sheet.lines = lines;
}

/** What stands in code fences, as one table or text; undefined where there are none, or nothing to read in them. */
export function openFences(
  name: string,
  source: string,
  options: ReaderOptions,
): Opened | undefined {
  const fences = findFences(source.split(/\r\n?|\n/));
  if (fences.length > CAPS.fences) {
    const message = say(
      '{name} has {fences, number} code fences; {CAPSFences} at most are taken. Split it and bring the parts in one by one.',
      { name, fences: fences.length, CAPSFences: CAPS.fences },
    );
    return stopped(name, blocked(name, 'too-many-fences', message));
  }
  const parts = fences
    .map((fence) => ({ text: fence.lines.join('\n'), first: fence.first }))
    .filter(({ text }) => text.trim())
    .map(({ text, first }) => openPlain(name, text, options, first))
    .filter((part) => !isAside(part));
  const tables = parts.flatMap((part) => (part.is === 'table' ? [part.table] : []));
  const [first, ...others] = tables;
  if (!first) {
    return parts[0];
  }
  // Several fences of one reply continue one another.
  for (const { sheets } of others) {
    if (sheets[0] && first.sheets[0]) {
      append(first.sheets[0], sheets[0]);
    }
  }
  return asTable(first);
}
