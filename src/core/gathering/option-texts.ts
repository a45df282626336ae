// The options of a row, whether they stand in columns or together in one cell.
import { findInnerSeparator, placesIn, splitCell, splitLabelled } from '../shared/table/separators';
import type { BesideOptions } from './manner';
import type { Row } from './row';
import { letterPlace } from '../shared/plain';

/** The texts of a row's options in order; those of columns keep their empty places. */
export function partsOfOptions(row: Row, separator?: string): string[] {
  if (!row.has('options')) {
    return [...row.texts('option')];
  }
  const text = row.text('options');
  return splitLabelled(text) ?? splitCell(text, separator ?? findInnerSeparator([text]));
}

/** What parts what is said of each option where one cell lists it for all of them: of several options' cells none does. */
export function separatorBeside(rows: readonly Row[], role: BesideOptions): string | undefined {
  const isLone = (rows[0]?.slots.get(role)?.length ?? 0) === 1;
  return isLone && rows.some((row) => partsOfOptions(row).length > 1)
    ? findInnerSeparator(rows.map((row) => row.text(role)))
    : undefined;
}

/** What is said of each option of a row, in their order; a cell that lists it gives its parts, empty ones kept. */
export function textsBeside(
  row: Row,
  role: BesideOptions,
  separator: string | undefined,
): readonly string[] {
  const text = row.text(role);
  return separator && text ? placesIn(text, separator) : row.texts(role);
}

const LABEL = String.raw`\s*[([]?(?:([A-Ja-j])|(\d))(?:[)\].:]|\s:)\s+(?=\S)`;
const OWN_LABEL = new RegExp(`^${LABEL}`, 'u');
/** The same behind the tags in front of a text as HTML. */
const BEHIND_TAGS = new RegExp(`^((?:<[^>]*>)*)${LABEL}`, 'u');

/** An option's text without the letter or number that counts it; undefined where it has none of its own place. */
export function withoutLabel(text: string, place: number): string | undefined {
  const [whole = '', letter, number] = OWN_LABEL.exec(text) ?? [];
  const counted = letter ? letterPlace(letter) : Number(number) - 1;
  return whole && counted === place ? text.slice(whole.length) : undefined;
}

/** A text, plain or as HTML, without the letter or number in front of it. */
export const withoutCount = (text: string): string => text.replace(BEHIND_TAGS, '$1');

/** Whether the options of every row carry their own letters or numbers, 'a) Gate', 'b) Wall'. */
export function areLabelled(rows: readonly (readonly string[])[]): boolean {
  const several = rows.filter((texts) => texts.filter(Boolean).length > 1);
  return (
    several.length > 0 &&
    several.every((texts) =>
      texts.every((text, place) => !text || withoutLabel(text, place) !== undefined),
    )
  );
}
