// Gathering: from a table to questions, with the reading that explains them.
import type { Finding, Reading, Sheet, Table } from '../model';
import { parseRange } from '../shared/cells';
import { quoted } from '../shared/plain';
import { tablesIn } from '../understanding';
import { regionOf, type Region } from '../shared/table/region';
import { columnsSpan } from './columns';
import type { Gathered, GatherOptions } from './contract';
import { withKeySheet } from './key-sheet';
import { recall, withMemory, withRecalled } from './recall';
import { otherShape } from './other-shapes';
import { gatherBeside, gatherRanges } from './tables-of-sheet';
import { questionsBeside } from './questions-beside';
import { withSheetsAlike } from './sheets-alike';
import { chooseSheet } from './sheet-choice';
import { withOptionsApart } from './stems-apart';
import { spreadMerges } from './merges';
import { say } from '../shared/say';

export { readingToKeep } from './recall';
export { rowsForEach, type RowsForEach } from './rows-for-each';
export { gatherStated } from './stated';
export { gatherText, isTypedText } from './text/index';
export type { Gathered, GatherOptions } from './contract';

/** Sheets that are hidden and hold something are told of, since nobody sees that they were not read. */
const hiddenSheets = (table: Table, chosen: Sheet): Finding[] =>
  table.sheets
    .filter(
      (sheet) => sheet.hidden && sheet !== chosen && sheet.rows.some((row) => row.some(Boolean)),
    )
    .map((sheet) => ({
      rule: 'sheet-hidden',
      level: 'note',
      where: { file: table.file, sheet: sheet.name },
      message: say(
        'The sheet {name} is hidden and was not read. Choose it where it holds questions.',
        { name: quoted(sheet.name) },
      ),
    }));

/**
 * Understands a table: the sheet, the headings, the roles of the columns and the notation of the key, each with its
 * reason; then every row as a question with what stopped it. Nothing is thrown: a table without sheets gives no items.
 */
export function gather(table: Table, options: GatherOptions): Gathered {
  const { overrule = {}, kept = [] } = options;
  const recalled = recall(table, kept, overrule);
  if (!recalled) {
    return gatherSaid(table, options);
  }
  const gathered = gatherSaid(
    table,
    { ...options, overrule: withRecalled(overrule, recalled) },
    overrule.sheet !== undefined,
  );
  return { ...gathered, reading: withMemory(gathered.reading, overrule, recalled) };
}

const noneUnderstood = (
  file: string,
  { sheet, bottom }: Region,
  { columns }: Reading,
): Finding => ({
  rule: 'no-questions',
  level: 'warn',
  where: { file, sheet: sheet.name },
  message: say(
    'No question was understood on {name}, which has {rows, plural, one {# row} other {# rows}} and {columns}. Point at the column that holds the questions.',
    { name: quoted(sheet.name), rows: bottom + 1, columns: columnsSpan(columns) },
  ),
});

/** A table under what was said of it; `alone` where a person asked for one of its sheets. */
function gatherSaid(
  table: Table,
  { overrule = {}, newId, progress }: GatherOptions,
  alone = overrule.sheet !== undefined,
): Gathered {
  const chosen = chooseSheet(table, overrule.sheet);
  if (!chosen) {
    return {
      items: [],
      findings: [...table.findings],
      reading: { headingRow: null, columns: [], key: { style: 'letter' }, because: {}, unsure: [] },
    };
  }
  const range = overrule.range ? parseRange(overrule.range) : undefined;
  const findings = [...table.findings, ...hiddenSheets(table, chosen.sheet)];
  if (overrule.range && !range) {
    findings.push({
      rule: 'range-unknown',
      level: 'warn',
      where: { file: table.file },
      message: say('{range} is no range; write it like A1:E10. The whole sheet was read.', {
        range: quoted(overrule.range),
      }),
    });
  }
  const spread = spreadMerges(chosen.sheet);
  const keyed = range || overrule.columns ? undefined : withKeySheet(table, spread);
  const apart = range ? undefined : withOptionsApart(keyed?.sheet ?? spread, table.file);
  const sheet = apart?.sheet ?? keyed?.sheet ?? spread;
  findings.push(...[keyed?.finding ?? [], apart?.finding ?? []].flat());
  const region = regionOf(sheet, range);
  const from = { table, newId, progress };
  const told = { overrule, chosen };
  const other = otherShape(from, region, told);
  if (other?.items.length) {
    return { ...other, findings: [...findings, ...other.findings] };
  }
  const ranges =
    range || overrule.headingRow !== undefined || overrule.columns ? [region] : tablesIn(region);
  const mayStand = !range && ranges.length === 1 && overrule.as !== 'table';
  const beside = mayStand ? questionsBeside(region) : undefined;
  const isPart = alone || range !== undefined || ranges.length > 1 || beside !== undefined;
  const read = beside ? gatherBeside(from, beside, told) : gatherRanges(from, region, ranges, told);
  const found = isPart ? read : withSheetsAlike(from, sheet, read, told);
  for (const finding of found.findings) {
    findings.push(finding);
  }
  if (!found.items.length && region.bottom >= region.top) {
    findings.push(noneUnderstood(table.file, region, found.reading));
  }
  return { items: found.items, findings, reading: found.reading };
}
