// Which sign stands between the columns.
import Papa from 'papaparse';
import { SEPARATORS, type Separator } from '../../model';
import { say, toSay } from '../../shared/say';

const NAMES: Record<Separator, string> = {
  ',': toSay('a comma'),
  ';': toSay('a semicolon'),
  '\t': toSay('a tab'),
  '|': toSay('a bar'),
};

/** So many signs tell, and keep long texts quick. */
const SAMPLE = 64_000;

const NEARLY_ALL = 0.95;
/** What such a sign is worth as a separator. */
const IN_SENTENCES = 0.5;
/** Whether nearly every one of these signs outside quotes has a blank behind it, as in a sentence or a list. */
function isInSentences(bare: string, separator: Separator): boolean {
  const all = bare.split(separator).slice(1);
  return (
    separator !== '\t' &&
    all.filter((behind) => behind.startsWith(' ')).length > all.length * NEARLY_ALL
  );
}

/** How well a sign splits the sample: rows of the commonest width, times that width. */
function score(sample: string, separator: Separator, isCut: boolean): number {
  // A sign that stands twice between blanks wherever it stands parts things within a cell.
  const twice = ` ${separator.repeat(2)} `;
  if (sample.includes(twice) && !sample.replaceAll(twice, '').includes(separator)) {
    return 0;
  }
  const { data } = Papa.parse<string[]>(sample, { delimiter: separator, skipEmptyLines: 'greedy' });
  const rows = isCut && data.length > 1 ? data.slice(0, -1) : data;
  const widths = new Map<number, number>();
  for (const row of rows) {
    widths.set(row.length, (widths.get(row.length) ?? 0) + 1);
  }
  const [width, times] = [...widths]
    .filter(([w]) => w > 1)
    .sort((a, b) => b[1] - a[1] || b[0] - a[0])[0] ?? [1, 0];
  // Signs inside sentences give many widths; a true separator gives nearly one.
  return (times / rows.length) ** 2 * Math.min(width, 8) * (separator === '\t' ? 1.5 : 1);
}

/** Headings stand in one of so many lines, and name so many columns. */
const FIRST_LINES = 5;
const FEWEST_NAMES = 3;
/** What a sign is worth that parts no headings where another one does. */
const NOT_IN_HEADINGS = 0.5;
/** Whether one of the first lines holds several words that another sign parts, without blanks behind it, and this one none. */
function leavesHeadings(bare: string, separator: Separator): boolean {
  const isParted = (line: string, other: Separator): boolean => {
    const names = line.split(other);
    return (
      names.length >= FEWEST_NAMES && names.every((name) => /^\S(?:.*\S)?$/u.test(name.trimEnd()))
    );
  };
  return bare
    .split(/\r\n?|\n/u)
    .slice(0, FIRST_LINES)
    .some(
      (line) =>
        !line.includes(separator) &&
        SEPARATORS.some((other) => other !== separator && isParted(line, other)),
    );
}

/** The separator of a text, with the reason; a tab outweighs the signs that sentences hold as well. */
export function findSeparator(text: string, name = ''): { separator: Separator; because: string } {
  const declared = /^sep=([,;|\t])\r?\n/i.exec(text);
  if (declared) {
    return { separator: declared[1] as Separator, because: say('the first line says so') };
  }
  const sample = text.slice(0, SAMPLE);
  const bare = sample.replace(/"(?:[^"]|"")*"/g, '');
  const scores = SEPARATORS.map((separator) => ({
    separator,
    value:
      score(sample, separator, text.length > SAMPLE) *
      (isInSentences(bare, separator) ? IN_SENTENCES : 1) *
      (leavesHeadings(bare, separator) ? NOT_IN_HEADINGS : 1),
  })).sort((a, b) => b.value - a.value);
  const best = scores[0]!;
  if (best.value === 0) {
    return {
      separator: /\.csv$/i.test(name) ? ',' : '\t',
      because: say('there is a single column'),
    };
  }
  return {
    separator: best.separator,
    because: say('{separator} splits the rows most evenly', {
      separator: say(NAMES[best.separator]),
    }),
  };
}
