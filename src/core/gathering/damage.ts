// Fractions and ranges that a spreadsheet program took for dates: told by the cell's number format, since the text alone
// could be a date that was meant.
import type { Column, Finding, Item } from '../model';
import { cellName, columnIndex } from '../shared/cells';
import { quoted } from '../shared/plain';
import { rowShown, type Region } from '../shared/table/region';

const ANSWERS: readonly Column['role'][] = [
  'option',
  'right',
  'wrong',
  'accepted',
  'step',
  'value',
];
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** Day and month of a text without a year, '1 Feb' or '01/02'; undefined where a year stands in it. */
function dayAndMonth(text: string): [day: number, month: number] | undefined {
  const worded = /^(\d{1,2}) ([A-Z][a-z]{2})$/.exec(text);
  if (worded) {
    return [Number(worded[1]), MONTHS.indexOf(worded[2]!.toLowerCase()) + 1];
  }
  const figures = /^(\d{1,2})\/(\d{1,2})$/.exec(text);
  return figures ? [Number(figures[1]), Number(figures[2])] : undefined;
}

/** A finding for each question that has such answers, with the likeliest reading as a suggestion. */
export function damageOf(
  items: readonly Item[],
  region: Region,
  columns: readonly Column[],
  file: string,
): Finding[] {
  if (!region.sheet.dates.length) {
    return [];
  }
  const dates = new Set(region.sheet.dates);
  const answers = columns
    .filter((column) => ANSWERS.includes(column.role))
    .map((column) => columnIndex(column.column));
  return items.flatMap((item): Finding[] => {
    const row = rowShown(region.sheet, item.origin?.row ?? 0);
    const hit = answers.filter(
      (column) => dates.has(`${row}:${column}`) && dayAndMonth(region.cell(row, column)),
    );
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
    const mend = item.options
      ? {
          mend: {
            label: `Write ${day}/${month}`,
            patch: {
              options: item.options.map((option) => ({
                ...option,
                text: { plain: back(option.text.plain) },
              })),
            },
          },
        }
      : item.accepted
        ? { mend: { label: `Write ${day}/${month}`, patch: { accepted: item.accepted.map(back) } } }
        : {};
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
        message: `${hit.length === 1 ? 'An answer is a date' : `${hit.length} answers are dates`} in the sheet (${quoted(first)}): probably ${day}/${month}, ${day}-${month} or ${month}/${day} that the spreadsheet program took for a date.`,
        ...mend,
      },
    ];
  });
}
