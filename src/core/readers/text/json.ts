// Questions as JSON or YAML: a list of objects, or an object that holds one. Each key becomes a heading, so that roles are
// guessed as for any other table.
import { parse } from 'yaml';
import { CAPS } from '../contract';
import type { Sheet } from '../../model';
import {
  answerKeyOf,
  holdsOptions,
  optionCells,
  optionKeysOf,
  questionOf,
  type OptionKeys,
  type Question,
} from './json-options';
import { orderIn } from './json-order';
import { pairCells } from './json-pairs';
import { DEEPEST, isRecord, keyWords, plain, type Json, type JsonRecord } from './json-kinds';
import { tried } from './json-part';
import { MOST_MENDED, readJson, type Damage } from './json-value';

/** Records as a sheet, and what was damaged in their text. */
export type JsonTable = Pick<Sheet, 'name' | 'rows'> & Damage;
/** The first list of objects within, or the lists that stand one level further down where those are longer. */
function findRecords(value: Json, depth = 0): JsonRecord[] {
  if (depth > DEEPEST) {
    return [];
  }
  if (Array.isArray(value)) {
    const records = value.filter(isRecord);
    if (!records.length || records.length < value.length * 0.5) {
      return [];
    }
    const nested = records.flatMap((record) =>
      Object.entries(record)
        .filter(
          ([key, inner]) =>
            !holdsOptions(record, key) &&
            Array.isArray(inner) &&
            inner.length > 0 &&
            inner.every(isRecord) &&
            inner.some((one) => isRecord(one) && Object.keys(one).length > 2),
        )
        .flatMap(([, inner]) => findRecords(inner, depth + 1)),
    );
    return nested.length > records.length ? nested : records;
  }
  if (!isRecord(value) || depth > 4) {
    return [];
  }
  return (
    Object.values(value)
      .map((inner) => findRecords(inner, depth + 1))
      .sort((a, b) => b.length - a.length)[0] ?? []
  );
}

/** A value under its key, or several by their own keys, 'feedback correct' and 'feedback incorrect', of which none is its text. */
function namedCells(name: string, value: Json | undefined): [string, string][] {
  const parts =
    isRecord(value) && !('plain' in value || 'text' in value) ? Object.entries(value) : [];
  const areSeveral = parts.length > 1 && parts.every(([, part]) => typeof part !== 'object');
  return areSeveral
    ? parts.map(([key, part]) => [`${name} ${keyWords(key)}`, plain(part)])
    : [[name, plain(value)]];
}

/** What is known of the keys of all records. */
type Keys = { option: OptionKeys; answer: string | undefined };

function recordCells(
  { record, key: ownKey, options = [] }: Question,
  keys: Keys,
): [string, string][] {
  const order = orderIn(record);
  return Object.entries(record).flatMap(([key, value]): [string, string][] => {
    const name = keyWords(key);
    if (order?.keys.includes(key)) {
      return key === order.keys[0]
        ? order.steps.map((step, n): [string, string] => [`step ${n + 1}`, step])
        : [];
    }
    if (key === ownKey) {
      return options.flatMap((option, index) => optionCells(option, keys.option, index + 1));
    }
    if (key === keys.answer) {
      return [[keys.option.verdict === undefined ? 'answer' : 'verdict 1', plain(value)]];
    }
    const pairs = pairCells(name, value);
    return pairs.length ? pairs : namedCells(name, value);
  });
}

/** A list, or a key above one, at the beginning of the text. */
const YAML =
  /^\s*(?:---\s*\n)?(?:\s*#.*\n)*\s*(?:["']?[\p{L}_ -]{1,40}["']?:\s*\n\s*)?-\s+["']?[\p{L}_ -]{1,40}["']?:\s/u;

/** A value in YAML; long texts and those with references to other places are not looked at. */
const parsedYaml = (text: string): Json | undefined =>
  YAML.test(text.slice(0, 2000)) && text.length <= MOST_MENDED
    ? (tried(() => parse(text, { maxAliasCount: 0, schema: 'failsafe' })) as Json | undefined)
    : undefined;

type Cells = [heading: string, text: string][];

/** The cells of all records, and their keys in the order in which they first come; undefined past as many as columns may be. */
function cellsOf(
  records: readonly JsonRecord[],
): { cells: Cells[]; headings: string[] } | undefined {
  const headings = new Set<string>();
  const cells: Cells[] = [];
  const questions = records.map(questionOf);
  const keys = { option: optionKeysOf(questions), answer: answerKeyOf(questions) };
  for (const question of questions) {
    const row = recordCells(question, keys);
    row.forEach(([heading]) => headings.add(heading));
    if (headings.size > CAPS.columns) {
      return undefined;
    }
    cells.push(row);
  }
  return { cells, headings: [...headings] };
}

/** The records of a JSON text as a sheet; undefined where it is no JSON or holds no list of objects. */
export function readJsonTable(name: string, source: string): JsonTable | undefined {
  const readings = readJson(source.replace(/^\ufeff/, '').trimEnd());
  const tables = readings.flatMap(({ value, ...damage }) => {
    const table = tableOf(name, value as Json);
    return table ? [{ ...table, ...damage }] : [];
  });
  // The first of those that read most.
  return tables.sort((a, b) => b.rows.length - a.rows.length)[0];
}

/** The records of a YAML text as a sheet; undefined where it is no YAML or holds no list of objects. */
export function readYamlTable(name: string, source: string): JsonTable | undefined {
  const value = parsedYaml(source);
  return value === undefined ? undefined : tableOf(name, value);
}

/** The records within a value, a row for each. */
function tableOf(name: string, value: Json): JsonTable | undefined {
  const records = findRecords(value);
  if (!records.length) {
    return undefined;
  }
  const found = cellsOf(records);
  if (!found) {
    // Told by the caps: the table that would come of it has more columns than any.
    return { name, rows: [Array.from({ length: CAPS.columns + 1 }, (_, n) => `key ${n + 1}`)] };
  }
  const { cells, headings } = found;
  const place = new Map(headings.map((heading, index) => [heading, index]));
  const rows = cells.map((row) => {
    const line = headings.map(() => '');
    row.forEach(([heading, cell]) => {
      line[place.get(heading)!] = cell;
    });
    return line;
  });
  return { name, rows: [headings, ...rows] };
}
