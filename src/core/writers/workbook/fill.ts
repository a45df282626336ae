// A receiver's own workbook filled: the one sheet gets its rows, every other part stays as it is to the byte.
import { zipSync, type Zippable } from 'fflate';
import { parseRanges, rangeName } from '../../shared/cells';
import { Problem } from '../../shared/problem';
import { openZip } from '../../shared/zip';
import { STILL, type Job, type Written } from '../contract';
import { leftAlone } from '../left-alone';
import { planSheet, type SheetPlan } from '../sheet-plan';
import { Filler } from './filler';
import { decode, sheetPath, type Parts } from './parts';
import { coverRows, extendRules } from './rules';
import { parseSheet, sheetText } from './sheet-xml';
import { extendTables } from './tables';
import { say } from '../../shared/say';

const withDimension = (before: string, lastRow: number, lastColumn: number): string =>
  before.replace(
    /(<(?:[\w.-]+:)?dimension ref=")([^"]*)("\s*\/>)/,
    (whole, head: string, ref: string, tail: string) => {
      const range = parseRanges(ref)[0];
      return range
        ? `${head}${rangeName({ ...range, bottom: Math.max(range.bottom, lastRow - 1), right: Math.max(range.right, lastColumn) })}${tail}`
        : whole;
    },
  );

function setRows(filler: Filler, plan: SheetPlan): void {
  for (const row of plan.rows) {
    filler.set(row.r, row.values, row.like);
  }
  if (plan.counted !== undefined) {
    plan.rows.forEach(({ r }, index) => {
      if (!filler.has(r, plan.counted!)) {
        filler.set(r, [[plan.counted!, index + 1]]);
      }
    });
  }
  for (let r = plan.sample?.[0] ?? 1; r <= (plan.sample?.[1] ?? 0); r++) {
    filler.emptyRest(
      r,
      plan.counted,
      new Set(plan.rows.find((row) => row.r === r)?.values.map(([column]) => column)),
    );
  }
  const empty = plan.clear.columns.map((column) => [column, undefined] as const);
  for (let r = plan.clear.from; r <= (plan.clear.to ?? filler.lastRow); r++) {
    filler.set(r, empty);
  }
  for (const { row, column, value } of plan.cells) {
    filler.set(row, [[column, value]]);
  }
}

function openBlank(blank: Uint8Array): Parts {
  try {
    return openZip(blank);
  } catch {
    throw new Problem(
      say(
        'The blank can’t be opened as a workbook. Fetch it anew from the receiver and teach the layout again.',
      ),
    );
  }
}

const lastColumnOf = ({ rows }: SheetPlan): number =>
  Math.max(0, ...(rows[0]?.values ?? []).map(([column]) => column));

/** The row of a blank that shows how a question is kept. */
const sampleRow = ({ shape, file }: Job['layout']): number | undefined =>
  shape === 'rows' ? file.sample?.[0] : undefined;

/**
 * Fills the layout's sheet in a copy of the blank. Text is written as text; formula cells are left alone and named in
 * `notes`. Throws an Error with a plain sentence where the blank is not the workbook that the layout describes.
 */
export function fillWorkbook(job: Job): Written {
  if (!job.blank) {
    throw new Problem(
      say('This layout fills a workbook, and its blank is not at hand. Drop the blank in again.'),
    );
  }
  const parts = openBlank(job.blank);
  const found = sheetPath(parts, job.layout.file.sheet);
  const sheet = found && parts[found.path] ? parseSheet(decode(parts[found.path])) : undefined;
  if (!found || !sheet) {
    throw new Problem(
      say('The blank has no sheet “{sheet}” to fill. Teach the layout again from the blank.', {
        sheet: job.layout.file.sheet ?? '',
      }),
    );
  }
  const plan = planSheet(job);
  const { firstRow } = plan;
  const lastRow = plan.rows.at(-1)?.r ?? firstRow - 1;
  const filler = new Filler(sheet, sampleRow(job.layout));
  const preparedTo = filler.lastRow;
  setRows(filler, plan);
  filler.finish();
  sheet.before = withDimension(sheet.before, lastRow, lastColumnOf(plan));
  if (job.layout.shape === 'rows') {
    sheet.after = extendRules(sheet.after, firstRow, lastRow);
    extendTables(parts, found.path, firstRow, lastRow);
  } else {
    sheet.after = coverRows(sheet.after, plan);
  }
  parts[found.path] = new TextEncoder().encode(sheetText(sheet));
  recalculate(parts, found.workbook);
  const notes = leftAlone(filler.skipped, ({ cells, names }) =>
    say(
      '{cells, plural, one {# cell of the blank holds a formula and was} other {# cells of the blank hold a formula and were}} left alone: {names}.',
      { cells, names },
    ),
  );
  if (preparedTo > firstRow && lastRow > preparedTo) {
    notes.push(
      say(
        'The form is prepared down to row {preparedTo}; the questions go on to row {lastRow} with the same formats and drop-downs.',
        { preparedTo, lastRow },
      ),
    );
  }
  const zippable: Zippable = Object.fromEntries(
    Object.entries(parts).map(([name, bytes]) => [name, [bytes, { mtime: STILL }]]),
  );
  // A form is mostly the filled sheet; a lower level packs it nearly as small in half the time.
  return { bytes: zipSync(zippable, { level: 4 }), notes };
}

/** For parts that are only searched, not spliced. */
const plainText = new TextDecoder('utf-8');

/** Formulas elsewhere in the workbook count anew when it is opened. Only touched where there is a formula at all. */
function recalculate(parts: Parts, workbook: string): void {
  const hasFormula = Object.entries(parts).some(
    ([name, bytes]) =>
      /worksheets\/[^/]+\.xml$/.test(name) && /<(?:[\w.-]+:)?f[\s>]/.test(plainText.decode(bytes)),
  );
  const xml = decode(parts[workbook]);
  if (!hasFormula || /fullCalcOnLoad="1"/.test(xml)) {
    return;
  }
  const next = /<(?:[\w.-]+:)?calcPr\s/.test(xml)
    ? xml.replace(/(<(?:[\w.-]+:)?calcPr\s)/, '$1fullCalcOnLoad="1" ')
    : xml;
  parts[workbook] = new TextEncoder().encode(next);
}
