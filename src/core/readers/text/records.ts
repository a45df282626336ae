// Text in records: in each the same names in front of lines, 'Stem: …', 'Key: …', as a table whose headings they are.
import type { Sheet } from '../../model';
import { alike } from '../../shared/normalise';

const NAMED = /^\s*(?:[-*•]\s+)?(\p{L}[\p{L}\p{N} .'’/_()-]{0,30}?)\s*(?::|=(?!>))\s*(.*)$/u;
const LEAST_RECORDS = 2;
const LEAST_NAMES = 3;
/** So much of the lines behind the first name are named; others go on with the one above. */
const MOSTLY = 0.8;
/** Names stand in so much of the records. */
const COMMON = 0.5;

type Line = { name: string; value: string; number: number };
type Record = { from: number; values: Map<string, string> };

const linesIn = (texts: readonly string[]): (Line | undefined)[] =>
  texts.map((text, index) => {
    const [, name, value] = NAMED.exec(text) ?? [];
    return name ? { name: name.trim(), value: value!.trim(), number: index + 1 } : undefined;
  });

/** The name under which a value is kept: the second of a name in one record is counted. */
function freeName(values: ReadonlyMap<string, string>, name: string): string {
  let n = 2;
  let free = name;
  while (values.has(free)) {
    free = `${name} ${n++}`;
  }
  return free;
}

/** The records, each from one line with the first name to the next; none of any other text. */
function recordsIn(texts: readonly string[]): Record[] {
  const lines = linesIn(texts);
  const first = lines.find((line) => line !== undefined);
  const records: Record[] = [];
  let last = '';
  for (const [index, line] of lines.entries()) {
    const record = records.at(-1);
    if (line && alike(line.name) === alike(first!.name)) {
      records.push({ from: line.number, values: new Map([[first!.name, line.value]]) });
      last = first!.name;
    } else if (line && record) {
      last = freeName(record.values, line.name);
      record.values.set(last, line.value);
    } else if (record && texts[index]!.trim()) {
      record.values.set(last, `${record.values.get(last) ?? ''}\n${texts[index]!.trim()}`.trim());
    }
  }
  return records;
}

/** How many lines of a text have a name in front. */
const named = (texts: readonly string[]): number =>
  linesIn(texts).filter((line) => line !== undefined).length;

/**
 * A text in records as the rows of a table, with the line that each begins in; the first row holds the names. Undefined of a
 * text that is none, and where letters alone are names: those are options.
 */
export function readRecords(
  name: string,
  texts: readonly string[],
): Pick<Sheet, 'name' | 'rows' | 'lines'> | undefined {
  const start = texts.findIndex((text) => NAMED.test(text));
  const body = texts.slice(Math.max(0, start)).filter((text) => text.trim());
  if (start < 0 || named(body) < body.length * MOSTLY) {
    return undefined;
  }
  const records = recordsIn(texts);
  const names = [...new Set(records.flatMap(({ values }) => [...values.keys()]))];
  const common = names.filter(
    (one) => records.filter(({ values }) => values.has(one)).length >= records.length * COMMON,
  );
  const areLetters = common.some((one) => /^\p{L}$/u.test(one));
  if (records.length < LEAST_RECORDS || common.length < LEAST_NAMES || areLetters) {
    return undefined;
  }
  return {
    name,
    rows: [names, ...records.map(({ values }) => names.map((one) => values.get(one) ?? ''))],
    lines: [records[0]!.from, ...records.map(({ from }) => from)],
  };
}
