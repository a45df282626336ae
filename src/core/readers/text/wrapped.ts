// What is around all terms of a list or in front of them, and is no part of them: brackets and quotes, a word that counts them.

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

const COUNTED = /^\s*(\p{L}{2,14}) ?(\d{1,3}) ?[:.)] +(?=\S)/u;

/** Lines without a word that counts them all, 'Group 1: mammals', from the first on. */
export function withoutCounts(lines: readonly string[]): readonly string[] {
  const counts = lines.flatMap((line) => {
    const [, word, n] = COUNTED.exec(line) ?? [];
    return word ? [{ word, n: Number(n) }] : [];
  });
  const isCount =
    counts.length >= FEWEST &&
    counts.every(({ word, n }, at) => word === counts[0]!.word && n === at + 1);
  return isCount ? lines.map((line) => line.replace(COUNTED, '')) : lines;
}
