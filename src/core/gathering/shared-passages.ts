// Texts that several questions are about, written once above the first of them: each of the questions gets its text.
import type { Finding } from '../model';
import { columnLetters } from '../shared/cells';
import type { Region } from '../shared/table/region';
import type { Slots } from './row';
import { say } from '../shared/say';

/** A column's text of each row from `first` on, with that of the row above where a question has none of its own. */
function spreadDown(
  region: Region,
  first: number,
  { passage, question }: { passage: number; question: number },
): Map<number, string> {
  const spread = new Map<number, string>();
  let above = '';
  for (let row = first; row <= region.bottom; row++) {
    const own = region.cell(row, passage);
    above = own || above;
    if (!own && above && region.cell(row, question)) {
      spread.set(row, above);
    }
  }
  return spread;
}

/** The rows that hold such a text and no question of their own. */
function rowsAlone(
  region: Region,
  first: number,
  passages: readonly number[],
  question: number,
): Set<number> {
  const alone = new Set<number>();
  for (let row = first; row <= region.bottom; row++) {
    const holds = passages.some((column) => region.cell(row, column));
    if (holds && !region.cell(row, question)) {
      alone.add(row);
    }
  }
  return alone;
}

/**
 * A region in which each question has the text that it is about, the rows that hold nothing but such a text, and what is said of it;
 * undefined where nothing is spread.
 */
export function withPassagesSpread(
  region: Region,
  slots: Slots,
  { first, file }: { first: number; file: string },
): { region: Region; alone: ReadonlySet<number>; finding: Finding } | undefined {
  const stems = (slots.get('stem') ?? []).map(({ index }) => index);
  const question = stems.at(-1)!;
  const spread = new Map(
    stems
      .slice(0, -1)
      .map((passage) => [passage, spreadDown(region, first, { passage, question })] as const)
      .filter(([, rows]) => rows.size > 0),
  );
  const [found] = spread;
  if (!found) {
    return undefined;
  }
  const [column, rows] = found;
  return {
    alone: rowsAlone(region, first, [...spread.keys()], question),
    region: {
      ...region,
      cell: (row, at) => spread.get(at)?.get(row) ?? region.cell(row, at),
    },
    finding: {
      rule: 'passage-shared',
      level: 'note',
      where: { file, sheet: region.sheet.name },
      message: say(
        'Column {column} holds texts that several questions are about: {rows, plural, one {# question} other {# questions}} without one got that of the row above.',
        { column: columnLetters(column), rows: rows.size },
      ),
    },
  };
}
