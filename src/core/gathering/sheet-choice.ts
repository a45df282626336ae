// Which sheet of a workbook most likely holds the questions.
import type { Sheet, Table } from '../model';
import { byChoice } from '../shared/reasons';
import { quoted } from '../shared/plain';
import { understandSheets } from '../understanding';
import { say } from '../shared/say';

/** A sheet that is this near to the likeliest may be the one as well. */
const NEAR = 0.85;

/** The sheet to read: the one asked for, else the likeliest visible one. Undefined where there is none. */
export function chooseSheet(
  table: Table,
  wanted?: string,
): { sheet: Sheet; because: string; sure: boolean } | undefined {
  const asked =
    wanted !== undefined ? table.sheets.find((sheet) => sheet.name === wanted) : undefined;
  if (asked) {
    return { sheet: asked, because: byChoice(), sure: true };
  }
  const [only] = table.sheets;
  if (!only || table.sheets.length === 1) {
    return only && { sheet: only, because: say('it is the only one'), sure: true };
  }
  const [best, next] = understandSheets(table.sheets, false);
  if (!best) {
    return { sheet: only, because: say('it is the first'), sure: true };
  }
  const close = next !== undefined && next.score > best.score * NEAR;
  return {
    sheet: best.sheet,
    sure: !close,
    because: close
      ? say('it looks a little more like questions than {name}', { name: quoted(next.sheet.name) })
      : say('of {sheets, plural, one {# sheet} other {# sheets}} it looks most like questions', {
          sheets: table.sheets.length,
        }),
  };
}
