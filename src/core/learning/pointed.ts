// The signs of marked text from one question at which the user pointed, line by line.
import type { Layout } from '../model';

type Marks = NonNullable<Layout['marks']>;
/** What a line of the sample is. */
export type Pointed = 'stem' | 'right' | 'wrong' | 'close' | 'category' | 'comment' | 'key';

const FRONT = /^\s*([^\p{L}\p{N}\s]{1,3})?\s?(?:\(?([A-Za-z]|\d{1,2})([.)])\s)?/u;

type Front = { sign?: string; label?: Marks['optionLabel'] };

function frontOf(line: string): Front {
  const [, sign, label, end] = FRONT.exec(line) ?? [];
  return {
    ...(sign ? { sign } : {}),
    ...(label && end
      ? {
          label:
            `${/\d/.test(label) ? '1' : /[a-z]/.test(label) ? 'a' : 'A'}${end}` as Marks['optionLabel'],
        }
      : {}),
  };
}

/** The sign that closes a line behind its words, such as an opening bracket. */
const endSign = (line: string): string | undefined =>
  /\s([^\p{L}\p{N}\s?!.,;:…]{1,3})\s*$/u.exec(line)?.[1];
const TITLE =
  /^\s*(?:\d+[.)]\s+)?([^\p{L}\p{N}\s]{1,2})[^\n]*?\p{L}([^\p{L}\p{N}\s?!.,;:…]{1,2})\s+\p{L}/u;

/** The form's signs, where the pointed lines show them; what they don't show stays as it was. `lines` count from 0. */
export function marksFromPointed(
  lines: readonly string[],
  pointed: Readonly<Record<number, Pointed>>,
  before: Marks = { right: '*' },
): Marks {
  const of = (what: Pointed): string[] =>
    Object.entries(pointed)
      .filter(([, role]) => role === what)
      .map(([index]) => lines[Number(index)] ?? '');
  const [stem = '', [right], [wrong]] = [
    of('stem')[0],
    of('right').map(frontOf),
    of('wrong').map(frontOf),
  ];
  const close = of('close')[0]?.trim();
  const open = close ? endSign(stem) : undefined;
  const number = /^\s*\d+([.)])\s/.exec(stem)?.[1];
  const title = TITLE.exec(stem);
  const key = /^\s*([^\p{N}]*?[:=])\s*[A-Za-z\d]/u.exec(of('key')[0] ?? '')?.[1]?.trim();
  const category = frontOf(of('category')[0] ?? '').sign;
  const comment = frontOf(of('comment')[0] ?? '').sign;
  const label = right?.label ?? wrong?.label;
  const marks: Marks = {
    ...before,
    ...(right?.sign ? { right: right.sign } : {}),
    between: lines.some((line, index) => index > 0 && !line.trim()) ? 'blank-line' : 'none',
  };
  if (of('stem').length) {
    marks.stemLabel = number ? (`1${number}` as Marks['stemLabel']) : 'none';
  }
  if (right ?? wrong) {
    marks.optionLabel = label ?? 'none';
  }
  if (wrong?.sign && wrong.sign !== right?.sign) {
    marks.wrong = wrong.sign;
  } else if (of('wrong').length) {
    delete marks.wrong;
  }
  if (open && close) {
    marks.open = open;
    marks.close = close;
  }
  if (title && title[1] !== right?.sign) {
    marks.titleOpen = title[1]!;
    marks.titleClose = title[2]!;
  }
  if (key) {
    marks.keyLine = key;
  }
  if (category) {
    marks.category = category;
  }
  if (comment) {
    marks.comment = comment;
  }
  return marks;
}
