// Drop-downs, length rules and conditional formats of the blank, carried along with the rows that a fill adds or moves.
import { parseRanges, rangeName } from '../../shared/cells';
import type { CellRange } from '../../model';
import type { SheetPlan } from '../sheet-plan';

const RULES = /(<(?:[\w.-]+:)?(?:dataValidation|conditionalFormatting)\s[^>]*?sqref=")([^"]*)(")/g;
/** The extended validations of newer workbooks name their cells in an element of their own. */
const EXTENDED = /(<(?:[\w.-]+:)?sqref>)([^<]*)(<\/)/g;

const rewrite = (xml: string, change: (sqref: string) => string): string =>
  [RULES, EXTENDED].reduce(
    (text, pattern) =>
      text.replace(
        pattern,
        (_, head: string, sqref: string, tail: string) => head + change(sqref) + tail,
      ),
    xml,
  );

/** Rules that cover the first prepared row reach down to the last filled one. */
export function extendRules(xml: string, firstRow: number, lastRow: number): string {
  const covers = (range: CellRange): boolean =>
    range.top <= firstRow - 1 && range.bottom >= firstRow - 1;
  return rewrite(xml, (sqref) => {
    const ranges = parseRanges(sqref);
    if (!ranges.some((range) => covers(range) && range.bottom < lastRow - 1)) {
      return sqref;
    }
    return ranges
      .map((range) =>
        rangeName(
          covers(range) ? { ...range, bottom: Math.max(range.bottom, lastRow - 1) } : range,
        ),
      )
      .join(' ');
  });
}

/** Rules of a block's line hold in every row that stands for this line, wherever the row has come to lie. */
export function coverRows(xml: string, plan: SheetPlan): string {
  const moved = plan.rows.filter(({ r, like }) => r !== like);
  if (!moved.length) {
    return xml;
  }
  return rewrite(xml, (sqref) => {
    const ranges = parseRanges(sqref);
    const holds = (row: number, column: number): boolean =>
      ranges.some(
        (range) =>
          row - 1 >= range.top &&
          row - 1 <= range.bottom &&
          column >= range.left &&
          column <= range.right,
      );
    const added = moved.flatMap(({ r, like, values }) =>
      values.flatMap(([column]) =>
        holds(like, column) && !holds(r, column)
          ? [{ top: r - 1, bottom: r - 1, left: column, right: column }]
          : [],
      ),
    );
    return added.length
      ? [sqref, ...added.map((range) => rangeName(range).split(':')[0])].join(' ')
      : sqref;
  });
}
