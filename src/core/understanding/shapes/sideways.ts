// Questions that stand beside one another: the first column names the fields, and each further column holds one question.
import { alike } from '../../shared/normalise';
import { filledIn, type Region } from '../../shared/table/region';
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
  const roles = texts.filter(Boolean).map(roleOfLabel);
  // "Question 1", "Question 2" and so on count the questions themselves.
  const areQuestions = roles.every((role) => role === 'stem');
  return roles.length && !areQuestions
    ? roles.filter((role) => role !== undefined).length / roles.length
    : 0;
}

/**
 * The row of the questions' texts: the one that its label calls so; where none is, the one whose cells ask, or the first
 * of which no label says what it is and which every further column fills. A board calls a row so for each of its levels.
 */
function stemAmong(
  region: Region,
  fields: readonly { row: number; role: string }[],
): number | undefined {
  const stems = fields.filter(({ role }) => role === 'stem');
  if (stems.length) {
    return stems.length === 1 ? stems[0]!.row : undefined;
  }
  const roles = fields.map(({ role }) => role);
  const isChoice = roles.includes('option') && (roles.includes('key') || roles.includes('right'));
  if (!isChoice) {
    return undefined;
  }
  const rows = Array.from(
    { length: region.bottom - region.top + 1 },
    (_, index) => region.top + index,
  ).filter((row) => filledIn(region, row) === region.right - region.left + 1);
  return (
    rows.find((row) => asksAcross(region, row)) ??
    rows.find((row) => !fields.some((field) => field.row === row))
  );
}

const ASKS = /[?？؟]\s*$/u;
/** Whether most cells of a row behind its label ask. */
function asksAcross(region: Region, row: number): boolean {
  let asking = 0;
  for (let column = region.left + 1; column <= region.right; column++) {
    asking += ASKS.test(region.cell(row, column)) ? 1 : 0;
  }
  return asking >= (region.right - region.left) * MOSTLY;
}

/**
 * The columns (from 0) that hold a question each, and the row of the questions' texts; undefined where the table does not
 * stand that way.
 */
export function findSideways(region: Region): { columns: number[]; stem: number } | undefined {
  const fields = fieldsDown(region);
  const stem = fields && stemAmong(region, fields);
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
