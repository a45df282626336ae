// Two versions of a question or record compared field by field, and changes of fields applied to a third.
import { dequal } from 'dequal';
import type { FieldChange } from '../model';

type Fields = Record<string, unknown>;

/** Whether two values say the same; a field that is absent and one that is undefined do. */
export const sameValue = (a: unknown, b: unknown): boolean => dequal(a, b);

/** Lists of the same length are compared place by place, others as a whole, since their places mean other things then. */
const comparedByPlace = (before: unknown, after: unknown): before is unknown[] =>
  Array.isArray(before) && Array.isArray(after) && before.length === after.length;

function changesOfField(path: string, before: unknown, after: unknown): FieldChange[] {
  if (sameValue(before, after)) {
    return [];
  }
  if (comparedByPlace(before, after)) {
    const list = after as unknown[];
    return before.flatMap((value, index) =>
      sameValue(value, list[index])
        ? []
        : [{ path: `${path}.${index}`, before: value, after: list[index] }],
    );
  }
  return [{ path, before, after }];
}

/** What must change for the one to become the other, in the order of their fields' names. */
export function changesBetween(before: object, after: object): FieldChange[] {
  const [from, to] = [before as Fields, after as Fields];
  const names = [...new Set([...Object.keys(from), ...Object.keys(to)])].sort();
  return names.flatMap((name) => changesOfField(name, from[name], to[name]));
}

/** The same changes the other way round. */
export const inverseFields = (fields: readonly FieldChange[]): FieldChange[] =>
  fields.map(({ path, before, after }) => ({ path, before: after, after: before }));

function splitPath(path: string): { name: string; place?: number } {
  const match = /^(.+)\.(\d+)$/.exec(path);
  return match ? { name: match[1]!, place: Number(match[2]) } : { name: path };
}

/** The value at a path; undefined where there is none. */
export function fieldAt(entry: object, path: string): unknown {
  const { name, place } = splitPath(path);
  const value = (entry as Fields)[name];
  if (place === undefined) {
    return value;
  }
  return Array.isArray(value) ? (value[place] as unknown) : undefined;
}

/** The entry with another value at a path; a place past the end of its list leaves the entry as it is. */
export function withField<Entry extends object>(entry: Entry, path: string, value: unknown): Entry {
  const { name, place } = splitPath(path);
  const { [name]: known, ...rest } = entry as Fields;
  if (place === undefined) {
    return (value === undefined ? rest : { ...(entry as Fields), [name]: value }) as Entry;
  }
  if (!Array.isArray(known) || place >= known.length) {
    return entry;
  }
  const list = known.map((old: unknown, index) => (index === place ? value : old));
  return { ...(entry as Fields), [name]: list } as Entry;
}

/** A field that says something else than the change expected: `theirs` stands there, `mine` was meant to. */
export type FieldClash = { path: string; mine: unknown; theirs: unknown };

/**
 * Applies changes to an entry that may have changed otherwise meanwhile. A field that still says what the change
 * expected is set; one that says neither that nor the change's own value is left alone and told.
 */
export function mergeFields<Entry extends object>(
  entry: Entry,
  fields: readonly FieldChange[],
): { merged: Entry; clashes: FieldClash[] } {
  let merged = entry;
  const clashes: FieldClash[] = [];
  for (const { path, before, after } of fields) {
    const theirs = fieldAt(entry, path);
    if (sameValue(theirs, after)) {
      continue;
    }
    if (sameValue(theirs, before)) {
      merged = withField(merged, path, after);
    } else {
      clashes.push({ path, mine: after, theirs });
    }
  }
  return { merged, clashes };
}
