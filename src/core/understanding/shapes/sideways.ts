// Questions that stand beside one another: the first column names the fields, and each further column holds one question.
import { alike } from '../../shared/normalise';
import type { Region } from '../../shared/table/region';
import { roleOfLabel } from './field-labels';

/** So many rows name a field, and so much of those that hold anything. */
const FEWEST_FIELDS = 3;
const MOSTLY = 0.6;
const FEWEST_QUESTIONS = 2;
/** So much of the first row names fields where it holds the headings of a table. */
const HEADINGS = 0.4;
const LONGEST_LABEL = 40;

const ANSWERING: ReadonlySet<string> = new Set(['option', 'options', 'key', 'right', 'accepted']);

/** The first column's cells that name a field, none of them twice; undefined where they don't. */
function fieldsDown(region: Region): { row: number; role: string }[] | undefined {
  const fields: { row: number; role: string }[] = [];
  const seen = new Set<string>();
  let filled = 0;
  for (let row = region.top; row <= region.bottom; row++) {
    const label = region.cell(row, region.left);
    if (!label) {
      continue;
    }
    filled++;
    if (label.length > LONGEST_LABEL || seen.has(alike(label)) || filled > MOST_FIELDS) {
      return undefined;
    }
    seen.add(alike(label));
    const role = roleOfLabel(label);
    if (role) {
      fields.push({ row, role });
    }
  }
  return fields.length >= FEWEST_FIELDS && fields.length >= filled * MOSTLY ? fields : undefined;
}
const MOST_FIELDS = 40;

/** How much of the first row's cells behind the labels name fields themselves, as the headings of an ordinary table do. */
function namedAcross(region: Region): number {
  const texts: string[] = [];
  for (let column = region.left + 1; column <= region.right; column++) {
    texts.push(region.cell(region.top, column));
  }
  const filled = texts.filter(Boolean);
  return filled.length
    ? filled.filter((text) => roleOfLabel(text) !== undefined).length / filled.length
    : 0;
}

/**
 * The columns (from 0) that hold a question each, and the row of the questions' texts; undefined where the table does not
 * stand that way.
 */
export function findSideways(region: Region): { columns: number[]; stem: number } | undefined {
  const fields = fieldsDown(region);
  const stem = fields?.find(({ role }) => role === 'stem')?.row;
  const answers = fields?.some(({ role }) => ANSWERING.has(role));
  if (stem === undefined || !answers || namedAcross(region) > HEADINGS) {
    return undefined;
  }
  const columns: number[] = [];
  for (let column = region.left + 1; column <= region.right; column++) {
    if (region.cell(stem, column)) {
      columns.push(column);
    }
  }
  return columns.length >= FEWEST_QUESTIONS ? { columns, stem } : undefined;
}
