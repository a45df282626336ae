// The tables of a sheet: each by its own headings.
import type { Finding, Sheet } from '../model';
import { count, quoted } from '../shared/plain';
import { type TableRange } from '../understanding';
import { regionOf, type Region } from '../shared/table/region';
import { damageOf } from './damage';
import type { From, Gathered, Told } from './contract';
import { slotsOf } from './row';
import { tableAround } from './range';
import { readManner } from './reading-of';
import { withPassagesSpread } from './shared-passages';
import { withoutStemCounts } from './stems-counted';
import { headedWidth, readRows, usedWidth } from './items-of-rows';
import { mannerOf } from './manner-of';

/** One table of a sheet: its reading, and every row as a question. */
export function gatherRegion(
  { table, newId, progress }: From,
  region: Region,
  { overrule, chosen }: Told,
): Gathered {
  const findings: Finding[] = [];
  const around = overrule.range === undefined ? region : tableAround(region);
  const read = readManner(table, around, { overrule, chosen });
  const { reading, headingRow, cards } = read;
  const first = Math.max(read.first, region.top);
  const slots = slotsOf(reading.columns);
  const manner = mannerOf(around, slots, reading, { first: read.first, cards });
  const spread = withPassagesSpread(region, slots, { first, file: table.file });
  if (spread) {
    findings.push(spread.finding);
  }
  const counted = withoutStemCounts(spread?.region ?? region, slots, first);
  const items = readRows(
    {
      progress,
      keep: overrule.formatting !== 'strip',
      table,
      region: counted?.region ?? spread?.region ?? region,
      points: counted?.points,
      slots,
      manner,
      newId,
      findings,
    },
    headingRow,
    first,
    Math.max(headedWidth(region, headingRow), usedWidth(region, reading.columns)),
  );
  for (const finding of damageOf(items, region, reading.columns, table.file)) {
    findings.push(finding);
  }
  return { items, findings, reading };
}

/** Several tables of one sheet: each by its own headings, the reading being that of the one with most questions. */
export function gatherTables(
  from: From,
  sheet: Sheet,
  ranges: readonly TableRange[],
  told: Told,
): Gathered {
  const parts = ranges.map(({ title, ...range }) => {
    const part = gatherRegion(from, regionOf(sheet, range), told);
    return title === undefined
      ? part
      : { ...part, items: part.items.map((item) => ({ category: [title], ...item })) };
  });
  const most = parts.reduce((best, part) => (part.items.length > best.items.length ? part : best));
  const note: Finding = {
    rule: 'several-tables',
    level: 'note',
    where: { file: from.table.file, sheet: sheet.name },
    message: `${quoted(sheet.name)} holds ${count(parts.length, 'table')}, each with headings of its own; all were read.`,
  };
  return {
    items: parts
      .flatMap(({ items }) => items)
      .sort((a, b) => (a.origin?.row ?? 0) - (b.origin?.row ?? 0)),
    findings: [note, ...parts.flatMap(({ findings }) => findings)],
    reading: most.reading,
  };
}
