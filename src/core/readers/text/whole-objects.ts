// Damaged JSON: the objects in it that are whole, wherever the damage stands, and the places that are not.
import { lineAt, strictJson, type Torn } from './json-part';

/** Objects of one kind, the share of the text that they are, and what of their kind is torn. */
export type WholeObjects = { objects: object[]; share: number; torn: Torn[] };

type Found = { from: number; to: number; value: object };

/** Failed tries read no more than so many times the text: each begins at a bracket and may run on to the end. */
const MOST_READ = 30;
/** So much of the keys of one object stand in another that is of its kind. */
const ALIKE = 0.5;

/** Where the object ends that begins at a bracket; undefined where it does not, or a string in it runs over a line's end. */
function endOf(text: string, from: number): { end: number | undefined; read: number } {
  let depth = 0;
  let isQuoted = false;
  for (let at = from; at < text.length; at++) {
    const sign = text[at]!;
    if (isQuoted) {
      if (sign === '\n') {
        return { end: undefined, read: at - from };
      }
      at += sign === '\\' ? 1 : 0;
      isQuoted = sign !== '"';
    } else if (sign === '"') {
      isQuoted = true;
    } else if (sign === '{' || sign === '[') {
      depth++;
    } else if (sign === '}' || sign === ']') {
      depth--;
      if (depth === 0) {
        return { end: at + 1, read: at - from };
      }
    }
  }
  return { end: undefined, read: text.length - from };
}

/** The outermost objects of a text that are whole, each with its place. */
function outermost(text: string): Found[] {
  const found: Found[] = [];
  let budget = text.length * MOST_READ;
  let from = text.indexOf('{');
  while (from >= 0 && budget > 0) {
    const { end, read } = endOf(text, from);
    const value =
      end === undefined ? undefined : (strictJson(text.slice(from, end)) as object | undefined);
    if (value) {
      found.push({ from, to: end!, value });
    } else {
      budget -= read;
    }
    from = text.indexOf('{', value ? end : from + 1);
  }
  return found;
}

/** Whether one object has most of the keys of another. */
const areAlike = (one: object, other: object): boolean => {
  const keys = Object.keys(one);
  return keys.filter((key) => key in other).length > keys.length * ALIKE;
};

/** Those that are of one kind, of which there is most to read; parts of a torn object, whole in themselves, are of another. */
function ofOneKind(found: readonly Found[]): Found[] {
  const kinds: Found[][] = [];
  for (const one of found) {
    const kind = kinds.find(([first]) => areAlike(first!.value, one.value));
    if (kind) {
      kind.push(one);
    } else {
      kinds.push([one]);
    }
  }
  const length = (kind: readonly Found[]): number =>
    kind.reduce((sum, { from, to }) => sum + to - from, 0);
  return kinds.sort((a, b) => length(b) - length(a))[0] ?? [];
}

/** So much of an object's keys stand in what is torn of one, where there is a frame around the list, which has some of them. */
const MOST_KEYS = 0.5;
const ENDS_LIST = /^\s*\]/;

/** What is torn between two whole objects, or at the end: the rest of one, from its bracket on. */
function tornIn(text: string, [from, to]: [number, number], keys: readonly string[]): Torn[] {
  const between = text.slice(from, to);
  const places = keys.map((key) => between.indexOf(`"${key}"`)).filter((at) => at >= 0);
  const isFrame = from === 0 || ENDS_LIST.test(between);
  if (places.length <= (isFrame ? keys.length * MOST_KEYS : 0)) {
    return [];
  }
  const begins = Math.max(0, between.lastIndexOf('{', Math.min(...places)));
  return [{ text: between.slice(begins).trim(), line: lineAt(text, from + begins) }];
}

/** The objects of one kind that are whole in damaged JSON, and what of their kind is torn. */
export function wholeObjects(text: string): WholeObjects {
  const whole = ofOneKind(outermost(text));
  const keys = Object.keys(whole[0]?.value ?? {});
  const gaps = [...whole.map(({ from }) => from), text.length].map(
    (to, index): [number, number] => [index ? whole[index - 1]!.to : 0, to],
  );
  const length = whole.reduce((sum, { from, to }) => sum + to - from, 0);
  return {
    share: length / Math.max(1, text.trim().length),
    objects: whole.map(({ value }) => value),
    torn: gaps.flatMap((gap) => tornIn(text, gap, keys)),
  };
}
