// The tables of a sheet: each by its own headings.
import type { Finding, Reading } from '../model';
import { quoted } from '../shared/plain';
import { type TableRange } from '../understanding';
import { regionOf, type Region } from '../shared/table/region';
import { damageOf } from './damage';
import { columnsOf } from './asked-once';
import { categoryTitle } from './category-title';
import type { From, Gathered, Told } from './contract';
import { slotsOf } from './row';
import { tableAround } from './range';
import { readManner } from './reading-of';
import { withPassagesSpread } from './shared-passages';
import { withoutStemCounts } from './stems-counted';
import { headedWidth, readRows, usedWidth } from './items-of-rows';
import { mannerOf } from './manner-of';
import { say } from '../shared/say';

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
      passages: spread?.alone,
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

/** The questions of several tables in the order of their rows, with what is said of them; the reading is that of most questions. */
function joined(parts: readonly Gathered[], note: Finding): Gathered {
  const most = parts.reduce((best, part) => (part.items.length > best.items.length ? part : best));
  return {
    items: parts
      .flatMap(({ items }) => items)
      .sort((a, b) => (a.origin?.row ?? 0) - (b.origin?.row ?? 0)),
    findings: [note, ...parts.flatMap(({ findings }) => findings)],
    reading: most.reading,
  };
}

/** What was read below a title, which is the category of questions that name none. */
const titled = (part: Gathered, title: string | undefined): Gathered =>
  title === undefined
    ? part
    : {
        ...part,
        items: part.items.map((item) => ({ category: [categoryTitle(title)], ...item })),
      };

/** The table of a sheet, or several of them, each by its own headings. */
export function gatherRanges(
  from: From,
  region: Region,
  ranges: readonly TableRange[],
  told: Told,
): Gathered {
  const { sheet } = region;
  if (ranges.length < 2) {
    return gatherRegion(from, region, told);
  }
  const parts = ranges.map(({ title, ...range }) => {
    const part = gatherRegion(from, regionOf(sheet, range), told);
    return titled(part, title);
  });
  return joined(parts, {
    rule: 'several-tables',
    level: 'note',
    where: { file: from.table.file, sheet: sheet.name },
    message: say(
      '{name} holds {parts, plural, one {# table} other {# tables}}, each with headings of its own; all were read.',
      { name: quoted(sheet.name), parts: parts.length },
    ),
  });
}

/** The title of each place in the row above the headings, where every one has its own; none elsewhere. */
function titlesAbove(places: readonly Region[], headingRow: number | null): string[] {
  const row = (headingRow ?? 0) - 2;
  const texts = places.map((place) =>
    row < place.top || place.sheet.lines
      ? []
      : columnsOf(place).flatMap((column) => place.cell(row, column) || []),
  );
  const titles = texts.flatMap((own) => (own.length === 1 ? own : []));
  return titles.length === places.length && new Set(titles).size === titles.length ? titles : [];
}

/** Rows that each hold several questions beside one another, a region for each of their places. */
export function gatherBeside(from: From, places: readonly Region[], told: Told): Gathered {
  const read = places.map((place) => gatherRegion(from, place, told));
  const titles = titlesAbove(places, read[0]!.reading.headingRow);
  const parts = read.map((part, at) => titled(part, titles[at]));
  const gathered = joined(parts, {
    rule: 'several-in-a-row',
    level: 'note',
    where: { file: from.table.file, sheet: places[0]!.sheet.name },
    message: say(
      'Each row holds up to {parts, plural, one {# question} other {# questions}} beside one another; all were read.',
      { parts: parts.length },
    ),
  });
  const readings = parts.map(({ reading }) => reading);
  // A column that all of them share is told once.
  const columns = new Map(
    readings.flatMap((reading) => reading.columns.map((one) => [one.column, one] as const)),
  );
  const others = new Map(
    readings.flatMap(({ others: own = [] }) =>
      own.map((one) => [`${one.path} ${one.label}`, one] as const),
    ),
  );
  return {
    ...gathered,
    reading: {
      ...gathered.reading,
      columns: [...columns.values()],
      because: readings.reduce<Reading['because']>((all, one) => ({ ...all, ...one.because }), {}),
      unsure: [...new Set(readings.flatMap(({ unsure }) => unsure))],
      others: [...others.values()],
    },
  };
}
