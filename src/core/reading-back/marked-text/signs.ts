// Signs in marked text, and the escapes in front of them.
import type { Layout } from '../../model';

export type Marks = NonNullable<Layout['marks']>;

/** Where a sign stands that no escape takes away; -1 where it does not. */
export function findSign(text: string, sign: string, { escape }: Marks): number {
  for (let at = text.indexOf(sign); at >= 0; at = text.indexOf(sign, at + 1)) {
    if (!escape || !text.slice(0, at).endsWith(escape)) {
      return at;
    }
  }
  return -1;
}

/** A text without its escapes. */
export function plainText(text: string, { escape }: Marks): string {
  if (!escape) {
    return text;
  }
  let result = '';
  for (let i = 0; i < text.length; i++) {
    if (text.startsWith(escape, i) && i + escape.length < text.length) {
      i += escape.length;
    }
    result += text[i];
  }
  return result;
}

/** What stands behind the sign that a line begins with. */
export const behindSign = (line: string, sign: string, marks: Marks): string =>
  plainText(line.slice(sign.length).trim(), marks);
