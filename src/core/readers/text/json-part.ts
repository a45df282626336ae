// The JSON in a text: without the talk around it, and without an object that breaks off at its end.

/** What is left of an object that breaks off, and the line where it begins, from 1. */
export type Torn = { text: string; line: number };
/** JSON of a text, and what breaks off at its end. */
export type JsonPart = { json: string; torn?: Torn };

/** A list of objects, or an object, at the beginning of a line. */
const BEGINS = /^[ \t]*(?:\[\s*\{|\{\s*["'\p{L}])/mu;
/** Below this share of its text, JSON is something that the text speaks of. */
export const LEAST_SHARE = 0.5;

type Ends = {
  /** Where the first value ends; undefined where it does not. */
  end: number | undefined;
  /** Where the outermost object begins that stands in a list and is not closed. */
  openObject: number | undefined;
};

/** Follows brackets, outside of strings, to the end of the first value. */
function follow(text: string): Ends {
  const open: { sign: string; at: number }[] = [];
  let quote = '';
  for (let at = 0; at < text.length; at++) {
    const sign = text[at]!;
    if (quote) {
      if (sign === '\\') {
        at++;
      } else if (sign === quote) {
        quote = '';
      }
    } else if (sign === '"') {
      quote = sign;
    } else if (sign === '{' || sign === '[') {
      open.push({ sign, at });
    } else if (sign === '}' || sign === ']') {
      open.pop();
      if (!open.length) {
        return { end: at + 1, openObject: undefined };
      }
    }
  }
  const inList = open.find(({ sign }, index) => sign === '{' && open[index - 1]?.sign === '[');
  return { end: undefined, openObject: inList?.at };
}

/** The line of a place in a text, from 1. */
export const lineAt = (text: string, at: number): number => text.slice(0, at).split('\n').length;

/** What a reader gives, or nothing where it throws. */
export function tried(read: () => unknown): unknown {
  try {
    return read();
  } catch {
    return undefined;
  }
}

/** The value of JSON as it is written; undefined where it is none. */
export const strictJson = (text: string): unknown => tried(() => JSON.parse(text));

/** The JSON of a text; undefined where none begins, or it is but a small part of the text. */
export function jsonPart(source: string): JsonPart | undefined {
  const from = BEGINS.exec(source)?.index;
  if (from === undefined) {
    return undefined;
  }
  const text = source.slice(from);
  const { end = text.length, openObject } = follow(text);
  if (end < source.trim().length * LEAST_SHARE) {
    return undefined;
  }
  if (openObject === undefined) {
    return { json: text.slice(0, end) };
  }
  const torn = { text: text.slice(openObject), line: lineAt(source, from + openObject) };
  return { json: text.slice(0, openObject), torn };
}
