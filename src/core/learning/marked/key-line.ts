// The line of a sample's question that names the right options: by letters, by numbers, or by their text.
import type { Layout } from '../../model';
import { alike } from '../../shared/normalise';
import { LETTERED, signedOf } from './option-signs';
import { letterPlace } from '../../shared/plain';

type Marks = NonNullable<Layout['marks']>;
export type KeyLine = Pick<Marks, 'keyLine' | 'keyStyle' | 'option'>;

const LETTERS = /^[A-Ja-j](?:\s*[,;&]\s*[A-Ja-j])*$/u;
const NUMBERS = /^\d{1,2}(?:\s*[,;&+]\s*\d{1,2})*$/u;

/** A line of a block: its sign, what stands behind it, and whether a letter labels it. */
type Line = { sign: string | undefined; rest: string; isLabelled: boolean };

const lineOf = (line: string): Line => {
  const signed = signedOf(line);
  const rest = signed?.rest ?? line.trim();
  return { sign: signed?.sign, rest, isLabelled: LETTERED.test(rest) };
};

/** The sign that two lines or more behind one another carry, below the first line: those of options. */
function optionSign(lines: readonly Line[]): string | undefined {
  const found = lines.find(
    ({ sign }, at) => at > 0 && sign !== undefined && lines[at + 1]?.sign === sign,
  );
  return found?.sign;
}

type Options = { sign: string | undefined; texts: string[] };

/** The options of a block: lines with letters, else those that carry one sign behind one another, else those without any. */
function optionsOf(lines: readonly Line[]): Options {
  const labelled = lines.filter(({ isLabelled }) => isLabelled);
  const sign = labelled.length > 1 ? labelled[0]!.sign : optionSign(lines);
  const signed = lines.filter((one) => sign && one.sign === sign);
  const bare = sign === undefined ? bareOptions(lines) : signed;
  const own = labelled.length > 1 ? labelled : bare;
  return { sign, texts: own.map(({ rest }) => rest.replace(LETTERED, '')) };
}

/** Lines without a sign right above the first signed one that stands below the question's text. */
function bareOptions(lines: readonly Line[]): Line[] {
  const stem = lines.findIndex(
    (line, at) => line.sign === undefined || lines[at + 1]?.sign === undefined,
  );
  const end = lines.findIndex(({ sign }, at) => at > stem && sign !== undefined);
  return stem < 0 || end < 0 ? [] : lines.slice(stem + 1, end);
}

type Style = NonNullable<Marks['keyStyle']>;

/** How a text names options of a block; undefined where it names none. */
function styleOf(said: string, { texts }: Options): Style | undefined {
  if (texts.some((text) => alike(text) === alike(said))) {
    return 'text';
  }
  if (LETTERS.test(said)) {
    const last = Math.max(
      ...said
        .toUpperCase()
        .match(/[A-J]/g)!
        .map((one) => letterPlace(one)),
    );
    return last < texts.length ? 'letter' : undefined;
  }
  if (!NUMBERS.test(said)) {
    return undefined;
  }
  const numbers = said.match(/\d+/g)!.map(Number);
  if (numbers.includes(0)) {
    return Math.max(...numbers) < texts.length ? 'number-from-0' : undefined;
  }
  return Math.max(...numbers) <= texts.length ? 'number' : undefined;
}

/** Numbers are counted from 0 where one of them is 0; else from 1. */
function common(styles: readonly (Style | undefined)[]): Style | undefined {
  const all = new Set(styles);
  if (all.has('number') && all.has('number-from-0')) {
    all.delete('number');
  }
  const [only] = all;
  return all.size === 1 ? only : undefined;
}

/** The lines of a block that stand once in it and carry a sign of their own. */
function lone(lines: readonly Line[], { sign }: Options): Line[] {
  const times = new Map<string | undefined, number>();
  lines.forEach((line) => times.set(line.sign, (times.get(line.sign) ?? 0) + 1));
  return lines
    .slice(1)
    .filter(
      (one) =>
        one.sign !== undefined && one.sign !== sign && one.rest !== '' && times.get(one.sign) === 1,
    );
}

/**
 * The sign of a line that names the right options in every block that has options; `isTold` says of a sign that its word
 * speaks of something else. Undefined where no line does.
 */
export function keyLineOf(
  blocks: readonly string[][],
  isOther: (sign: string) => boolean,
): KeyLine | undefined {
  const whole = blocks
    .map((block) => block.map(lineOf))
    .map((lines) => ({ lines, options: optionsOf(lines) }))
    .filter(({ options }) => options.texts.length > 1);
  const [first] = whole;
  for (const { sign } of first ? lone(first.lines, first.options) : []) {
    const style = common(
      whole.map(({ lines, options }) => {
        const said = lone(lines, options).find((one) => one.sign === sign);
        return said && styleOf(said.rest, options);
      }),
    );
    if (style !== undefined && !isOther(sign!)) {
      const { sign: option } = first!.options;
      const isSmall =
        style === 'letter' &&
        whole.every(({ lines }) =>
          lines.some((one) => one.sign === sign && /^[a-j]/.test(one.rest)),
        );
      return {
        keyLine: sign!,
        ...(style === 'letter' && !isSmall ? {} : { keyStyle: isSmall ? 'small-letter' : style }),
        ...(option ? { option } : {}),
      };
    }
  }
  return undefined;
}
