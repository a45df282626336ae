// Questions typed as records of fields, a line each: 'QUESTION: …', 'TYPE: …', 'OPTIONS: … ; …', 'TOLERANCE: …'. As a table each
// name heads a column; other texts with names in front are read line by line.
import type { Role, Sheet } from '../../model';
import { bareWords } from '../../shared/normalise';
import { roleOfHeading } from '../../shared/vocabulary/headings';

const FIELD =
  /^\s*(?:\*\*)?(\p{L}[\p{L}\d ._-]{0,24}?)(?:\*\*)?\s*(?::|=(?!>))\s*(?:\*\*)?\s*(.*)$/u;
const RULE = /^\s*[-–—_=*~#]{3,}\s*$/u;
/** Fewer records show nothing; more names belong to a text that is no list of questions. */
const LEAST_RECORDS = 2;
const FEWEST_NAMES = 3;
const MOST_NAMES = 14;

/** What a line of a text can't say of its question and a cell of a table can. */
const ONLY_IN_TABLES: ReadonlySet<Role> = new Set<Role>(['options', 'tolerance', 'unit', 'step']);

type Field = { name: string; typed: string; value: string; line: number };

/** The fields of a text whose filled lines, apart from rules, are nothing else; none of another text. */
function fieldsIn(lines: readonly string[]): Field[] {
  const found: Field[] = [];
  for (const [at, text] of lines.entries()) {
    const [, typed, value = ''] = FIELD.exec(text) ?? [];
    if (typed !== undefined) {
      found.push({ name: bareWords(typed), typed, value: value.trim(), line: at + 1 });
    } else if (text.trim() && !RULE.test(text)) {
      return [];
    }
  }
  return found;
}

/** Records, each of which begins with the name that the first one begins with. */
function recordsOf(fields: readonly Field[]): Field[][] {
  const records: Field[][] = [];
  for (const field of fields) {
    if (field.name === fields[0]!.name) {
      records.push([]);
    }
    records.at(-1)!.push(field);
  }
  return records;
}

/** The fields by which each name is said first, in their order; none where a record says one of them twice. */
function headsOf(records: readonly Field[][]): Field[] {
  const isTwice = records.some(
    (record) => new Set(record.map(({ name }) => name)).size < record.length,
  );
  const all = records.flat();
  return isTwice
    ? []
    : all.filter((field, at) => all.findIndex(({ name }) => name === field.name) === at);
}

/**
 * A text of records as a sheet, with their names as headings; undefined where it is none, or where a text says all of it as
 * well. `firstLine` is the first of its lines in the source, from 1.
 */
export function readFieldTable(
  name: string,
  lines: readonly string[],
  firstLine: number,
): Pick<Sheet, 'name' | 'rows' | 'lines'> | undefined {
  const records = recordsOf(fieldsIn(lines));
  const heads = records.length < LEAST_RECORDS ? [] : headsOf(records);
  const isTable = heads.some((head) => {
    const guess = roleOfHeading(head.name);
    return guess !== undefined && ONLY_IN_TABLES.has(guess.role);
  });
  if (!isTable || heads.length < FEWEST_NAMES || heads.length > MOST_NAMES) {
    return undefined;
  }
  const rows = records.map((record) =>
    heads.map((head) => record.find((field) => field.name === head.name)?.value ?? ''),
  );
  const begins = records.map(([first]) => first!.line + firstLine - 1);
  return {
    name,
    rows: [heads.map(({ typed }) => typed), ...rows],
    lines: [begins[0]!, ...begins],
  };
}
