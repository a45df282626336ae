// Signs at the right options: whatever sign it is, it stands at some of a row's options and not at the others.

/** A sign as it is written at either end of a text. */
export type Mark = { sign: string; side: 'before' | 'behind' };
export type Marks = { right: Mark; wrong?: Mark; rows: number; of: number };

const BEFORE: readonly RegExp[] = [
  // Signs that are no letters; quotes and what opens a Spanish question belong to the text.
  /^[^\p{L}\p{N}\s"'“”‘’„‚¿¡([{<]{1,3}(?=\s?\S)/u,
  /^(?:\[[^\]\s]{0,2}\s?\]|\([^)\s]{0,2}\s?\)|<[^>\s]{0,2}>)(?=\s?\S)/u,
  /^[xX✓](?=\s\S)/u,
  /^\p{L}{1,2}:(?=\s\S)/u,
  /^(?:->|=>|-->|>>?|<-)(?=\s?\S)/u,
];
const BEHIND: readonly RegExp[] = [
  /(?<=\S\s?)[^\p{L}\p{N}\s.?!…"'“”‘’)\]}>%°]{1,3}$/u,
  /(?<=\S\s?)(?:\[[^\]]{0,14}\]|\([^)]{1,14}\)|<[^>]{0,14}>)$/u,
  /(?<=\S\s)[xX]$/u,
  /(?<=\S\s?)(?:<-|<=|<--|<<?)$/u,
];

/** A sign stands within so many signs of an end. */
const AT_END = 24;

/** A box as it is mostly drawn, however many blanks stand in it. */
const tidyBox = (text: string): string =>
  text.replace(
    /^([[(<])[ \t]{0,4}([^\s[\]()<>]?)[ \t]{0,4}([\])>])/u,
    (_, open: string, sign: string, close: string) => `${open}${sign || ' '}${close}`,
  );

/** Every sign that a text may carry at its ends. */
export function marksOf(cell: string): Mark[] {
  const whole = tidyBox(cell);
  const text =
    whole.length > 2 * AT_END ? `${whole.slice(0, AT_END)}…${whole.slice(-AT_END)}` : whole;
  const found = new Map<string, Mark>();
  for (const pattern of BEFORE) {
    const sign = pattern.exec(text)?.[0].trim();
    if (sign) {
      found.set(`before${sign}`, { sign, side: 'before' });
    }
  }
  for (const pattern of BEHIND) {
    const sign = pattern.exec(text)?.[0].trim();
    if (sign) {
      found.set(`behind${sign}`, { sign, side: 'behind' });
    }
  }
  return [...found.values()];
}

/** A text without its sign; undefined where it does not carry it. A letter is a sign only with a blank beside it. */
export function withoutMark(cell: string, { sign: named, side }: Mark): string | undefined {
  const text = tidyBox(cell);
  const sign = tidyBox(named);
  const isLetter = /^\p{L}$/u.test(sign);
  if (side === 'before') {
    const rest = text.startsWith(sign) ? text.slice(sign.length) : undefined;
    return rest === undefined || (isLetter && !/^\s/.test(rest)) || !rest.trim()
      ? undefined
      : rest.trim();
  }
  const rest = text.endsWith(sign) ? text.slice(0, -sign.length) : undefined;
  return rest === undefined || (isLetter && !/\s$/.test(rest)) || !rest.trim()
    ? undefined
    : rest.trim();
}

/** A sign written anywhere, as where a person names it: looked for in front first, then behind. */
export function withoutSign(text: string, sign: string): string | undefined {
  return withoutMark(text, { sign, side: 'before' }) ?? withoutMark(text, { sign, side: 'behind' });
}

/** A sign tells the key where so many of the rows have it at some of their options, but not at all; a minus also counts. */
const LEAST_SHARE = 0.35;
const LEAST_SHARE_OF_MINUS = 0.7;
const leastOf = ({ sign }: Mark): number =>
  /^[-–−]$/.test(sign) ? LEAST_SHARE_OF_MINUS : LEAST_SHARE;
const nameOf = ({ sign, side }: Mark): string => `${side} ${sign}`;

/** The sign at the right options of rows, and that at the wrong ones where they have one too; undefined where none tells. */
export function findMarks(rows: readonly (readonly string[])[]): Marks | undefined {
  const several = rows.map((row) => row.filter(Boolean)).filter((row) => row.length > 1);
  const tally = new Map<string, { mark: Mark; hits: number; whole: number; cells: number }>();
  for (const row of several) {
    const own = new Map<string, { mark: Mark; cells: number }>();
    for (const text of row) {
      for (const mark of marksOf(text)) {
        const entry = own.get(nameOf(mark)) ?? { mark, cells: 0 };
        entry.cells++;
        own.set(nameOf(mark), entry);
      }
    }
    for (const [name, { mark, cells }] of own) {
      const entry = tally.get(name) ?? { mark, hits: 0, whole: 0, cells: 0 };
      entry.hits += cells < row.length ? 1 : 0;
      entry.whole += cells === row.length ? 1 : 0;
      entry.cells += cells;
      tally.set(name, entry);
    }
  }
  const good = [...tally.values()]
    .filter(
      ({ mark, hits, whole }) =>
        hits >= Math.max(1, several.length * leastOf(mark)) && whole <= hits / 4,
    )
    .sort((a, b) => b.hits - a.hits || b.mark.sign.length - a.mark.sign.length);
  const [best] = good;
  if (!best) {
    return undefined;
  }
  const other = complementOf(
    best.mark,
    good.map(({ mark }) => mark),
    several,
  );
  const marks = { rows: best.hits, of: several.length };
  if (!other) {
    return { right: best.mark, ...marks };
  }
  return saysWrong(best.mark, other, several)
    ? { right: other, wrong: best.mark, ...marks }
    : { right: best.mark, wrong: other, ...marks };
}

/** The sign that stands at nearly every option that lacks the first one. */
function complementOf(
  first: Mark,
  marks: readonly Mark[],
  rows: readonly (readonly string[])[],
): Mark | undefined {
  return marks.find((other) => {
    if (nameOf(other) === nameOf(first)) {
      return false;
    }
    const without = rows.flat().filter((text) => withoutMark(text, first) === undefined);
    return (
      without.filter((text) => withoutMark(text, other) !== undefined).length >=
      without.length * 0.9
    );
  });
}

const WRONG_SIGN = /^[[(<]?\s?[-–✗✘✕☒☐o0wnf]?\s?[\])>]?:?$/iu;
const RIGHT_SIGN = /[+✓✔√☑☒xrvy*1]/iu;

/** Of two signs, whether the first is the one at the wrong options: by the sign, else since the right ones are fewer. */
function saysWrong(first: Mark, second: Mark, rows: readonly (readonly string[])[]): boolean {
  const [a, b] = [first.sign, second.sign];
  if (WRONG_SIGN.test(a) !== WRONG_SIGN.test(b)) {
    return WRONG_SIGN.test(a);
  }
  if (RIGHT_SIGN.test(a) !== RIGHT_SIGN.test(b)) {
    return RIGHT_SIGN.test(b);
  }
  const cells = (mark: Mark): number =>
    rows.flat().filter((text) => withoutMark(text, mark) !== undefined).length;
  return cells(first) > cells(second);
}
