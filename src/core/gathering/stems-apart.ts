// Questions that hold their options in the same cell: the options get a column of their own, so that they are read like any others.
import type { Finding, Sheet } from '../model';
import { columnLetters } from '../shared/cells';
import { quoted } from '../shared/plain';
import { regionOf, type Region } from '../shared/table/region';
import { splitLabelled } from '../shared/table/separators';
import { say } from '../shared/say';

/** So many rows, and so much of them, must hold both. */
const LEAST = 2;
const MOSTLY = 0.6;
const FIRST_LABEL = /\s\(?(?:[Aa]|1)[).:]\s+\S/u;

type Parted = { stem: string; options: string };

/** A question and the labelled options behind it, as they stand; undefined where a text holds not both. */
function parted(text: string): Parted | undefined {
  const match = FIRST_LABEL.exec(text);
  const options = match ? text.slice(match.index + 1).trim() : '';
  const stem = match ? text.slice(0, match.index).trim() : '';
  return stem && (splitLabelled(options)?.length ?? 0) > 1 ? { stem, options } : undefined;
}

type Found = { column: number; rows: Map<number, Parted> };

/** The first rows show whether a column may hold both. */
const SHOWN = 60;

/** The cells of a column down to a row that hold both, where they are so much of those that are filled. */
function partedDown(
  region: Region,
  column: number,
  { last, share }: { last: number; share: number },
): Map<number, Parted> | undefined {
  const rows = new Map<number, Parted>();
  let filled = 0;
  for (let row = region.top; row <= Math.min(region.bottom, last); row++) {
    const text = region.cell(row, column);
    const own = text ? parted(text) : undefined;
    filled += text ? 1 : 0;
    if (own) {
      rows.set(row, own);
    }
  }
  return rows.size >= LEAST && rows.size >= filled * share ? rows : undefined;
}

/** The column whose cells hold questions with their options. */
function findColumn(region: Region): Found | undefined {
  for (let column = region.left; column <= region.right; column++) {
    const shown = { last: region.top + SHOWN, share: MOSTLY * MOSTLY };
    const rows =
      partedDown(region, column, shown) &&
      partedDown(region, column, { last: region.bottom, share: MOSTLY });
    if (rows) {
      return { column, rows };
    }
  }
  return undefined;
}

/** The sheet with the options of its questions behind its last column, and a note of it; undefined where they stand apart. */
export function withOptionsApart(
  sheet: Sheet,
  file: string,
): { sheet: Sheet; finding: Finding } | undefined {
  const region = regionOf(sheet);
  const found = findColumn(region);
  if (!found) {
    return undefined;
  }
  const at = region.right + 1;
  const first = Math.min(...found.rows.keys());
  const rows = sheet.rows.map((row, index) => {
    const own = [...row];
    const part = found.rows.get(index);
    if (part) {
      own[found.column] = part.stem;
    }
    const text = part?.options ?? (index === first - 1 ? 'Options' : '');
    if (text) {
      while (own.length < at) {
        own.push('');
      }
      own[at] = text;
    }
    return own;
  });
  const letters = columnLetters(found.column);
  return {
    sheet: { ...sheet, rows },
    finding: {
      rule: 'options-taken-apart',
      level: 'note',
      where: { file, sheet: sheet.name, cell: `${letters}${first + 1}` },
      message: say(
        'Column {letters} of {name} holds questions with their options in the same cell. They were taken apart.',
        { letters, name: quoted(sheet.name) },
      ),
    },
  };
}
