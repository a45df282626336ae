// Fractions and ranges that a spreadsheet program took for dates: told by the cell's number format, or in a text that one
// wrote, by its own way of writing a day and a month; any other text could be a date that was meant.
import type { Column, Finding, Item } from '../model';
import { cellName, columnIndex } from '../shared/cells';
import { quoted } from '../shared/plain';
import { rowShown, type Region } from '../shared/table/region';
import { say } from '../shared/say';

const ANSWERS: readonly Column['role'][] = [
  'option',
  'right',
  'wrong',
  'accepted',
  'step',
  'value',
];
/** The months' names begin so in the languages of the trade; May and March differ most. */
const MONTHS: readonly RegExp[] = [
  /^(?:jan|gen|ene|sty)/,
  /^(?:feb|fev|fév|lut)/,
  /^(?:mar|mär|mrz|mrt)/,
  /^(?:apr|avr|abr|kwi)/,
  /^(?:may|mai|may|mag|mei|maj)/,
  /^(?:jun|juin|giu|cze)/,
  /^(?:jul|juil|lug|lip)/,
  /^(?:aug|aoû|aou|ago|sie)/,
  /^(?:sep|set|wrz)/,
  /^(?:oct|okt|ott|out|paź)/,
  /^(?:nov|lis)/,
  /^(?:dec|dez|déc|dic|gru)/,
];
const monthOf = (word: string): number =>
  MONTHS.findIndex((pattern) => pattern.test(word.toLowerCase())) + 1;

/** Day and month of a text without a year, '1 Feb', '03-Apr', 'Apr 3' or '01/02'; undefined where a year stands in it. */
function dayAndMonth(text: string): [day: number, month: number] | undefined {
  const worded =
    /^(\d{1,2})[-. ]{1,2}(\p{L}{3,5})\.?$/u.exec(text) ??
    /^(\p{L}{3,5})\.?[- ](\d{1,2})$/u.exec(text);
  if (worded) {
    const [day, word] = /\d/.test(worded[1]!) ? [worded[1]!, worded[2]!] : [worded[2]!, worded[1]!];
    const month = monthOf(word);
    return month ? [Number(day), month] : undefined;
  }
  const figures = /^(\d{1,2})[/.](\d{1,2})\.?$/.exec(text);
  return figures ? [Number(figures[1]), Number(figures[2])] : undefined;
}

/** A day and a month as spreadsheet programs write them where nobody chose how: '03-Apr', '03. Apr', '3-avr.' (common practice, no source). */
const WRITTEN_BY_PROGRAM = /^\d{1,2}(?:-|\.\s)\p{L}{3,4}\.?$/u;

/** The change that writes a question's answers as they were typed. */
function mendOf(
  { options, accepted }: Item,
  label: string,
  back: (text: string) => string,
): Pick<Finding, 'mend'> {
  if (options) {
    const mended = options.map((option) => ({
      ...option,
      text: { plain: back(option.text.plain) },
    }));
    return { mend: { label, patch: { options: mended } } };
  }
  return accepted ? { mend: { label, patch: { accepted: accepted.map(back) } } } : {};
}

/** A finding for each question that has such answers, with the likeliest reading as a suggestion. */
export function damageOf(
  items: readonly Item[],
  region: Region,
  columns: readonly Column[],
  file: string,
): Finding[] {
  const dates = new Set(region.sheet.dates);
  const isDate = (row: number, column: number): boolean =>
    (dates.has(`${row}:${column}`) || WRITTEN_BY_PROGRAM.test(region.cell(row, column))) &&
    dayAndMonth(region.cell(row, column)) !== undefined;
  const answers = columns
    .filter((column) => ANSWERS.includes(column.role))
    .map((column) => columnIndex(column.column));
  return items.flatMap((item): Finding[] => {
    const row = rowShown(region.sheet, item.origin?.row ?? 0);
    const hit = answers.filter((column) => isDate(row, column));
    if (!hit.length) {
      return [];
    }
    const first = region.cell(row, hit[0]!);
    const [day, month] = dayAndMonth(first)!;
    const back = (text: string): string => {
      const found = dayAndMonth(text);
      return found && hit.some((column) => region.cell(row, column) === text)
        ? `${found[0]}/${found[1]}`
        : text;
    };
    return [
      {
        rule: 'date-from-fraction',
        level: 'warn',
        item: item.id,
        field: item.options ? 'options.0' : 'accepted.0',
        where: {
          file,
          sheet: region.sheet.name,
          cell: cellName((item.origin?.row ?? 1) - 1, hit[0]!),
        },
        message: say(
          '{hit, plural, one {An answer is a date} other {# answers are dates}} in the sheet ({first}): probably {day}/{month}, {day}-{month} or {month}/{day} that the spreadsheet program took for a date.',
          { hit: hit.length, first: quoted(first), day, month },
        ),
        ...mendOf(item, say('Write {day}/{month}', { day, month }), back),
      },
    ];
  });
}
