// Brackets or quotes around all terms of a list, or around all their definitions: they set these off, and are no part of them.

const PAIRS: readonly (readonly [open: string, close: string])[] = [
  ['[', ']'],
  ['(', ')'],
  ['{', '}'],
  ['<', '>'],
  ['"', '"'],
  ['“', '”'],
  ['„', '“'],
  ['«', '»'],
];
const FEWEST = 3;

/** Texts without what is around every one of them; as they are where that is not so. */
function unwrapped(texts: readonly string[]): readonly string[] {
  const pair = PAIRS.find(([open, close]) =>
    texts.every(
      (text) =>
        text.length > 2 &&
        text.startsWith(open) &&
        text.endsWith(close) &&
        !text.slice(1, -1).includes(open) &&
        !text.slice(1, -1).includes(close),
    ),
  );
  return pair && texts.length >= FEWEST ? texts.map((text) => text.slice(1, -1).trim()) : texts;
}

/** Rows of terms with their definitions without such signs. */
export function withoutWraps(rows: readonly (readonly string[])[]): string[][] {
  const [terms, definitions] = [0, 1].map((at) => unwrapped(rows.map((row) => row[at] ?? '')));
  return rows.map(([, , ...more], n) => [terms![n]!, definitions![n]!, ...more]);
}
