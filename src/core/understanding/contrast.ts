// Headings told without knowing a word of them: they are of another kind than the cells below.
import { alike } from '../shared/normalise';
import { verdictOf } from '../shared/vocabulary/verdicts';
import type { Region } from '../shared/table/region';
import { say } from '../shared/say';

/** What a text is at a glance. */
export type CellKind = 'number' | 'letter' | 'verdict' | 'link' | 'time' | 'sentence' | 'words';

/** Texts longer than this are sentences, whatever they end with: headings are shorter. */
const SENTENCE_FROM = 48;
/** A word of so many signs with a full stop behind it is cut short, not said: "Def.", "Antw. A.". */
const ABBREVIATION = 9;
const KINDS: readonly (readonly [CellKind, RegExp])[] = [
  ['link', /^(?:https?:\/\/|www\.)\S+$/i],
  ['number', /^[-+]?\d+(?:[.,]\d+)?\s*(?:%|s|min|pts?|p)?\.?$/i],
  ['time', /^\d{1,4}[-./:]\d{1,2}(?:[-./:]\d{1,4})?(?:\s.*)?$/],
  ['letter', /^[([]?[a-j][)\].:]?(?:\s*[,;/+&]\s*[a-j])*$/i],
];

/** The kind of a cell's text; `words` where nothing shows it. */
export function kindOfCell(text: string): CellKind {
  const [kind] = KINDS.find(([, pattern]) => pattern.test(text)) ?? [];
  if (kind) {
    return kind;
  }
  if (text.length > 1 && text.length <= 12 && verdictOf(text) !== undefined) {
    return 'verdict';
  }
  const isSaid = /[?!…]$|_{3,}/.test(text) || (text.endsWith('.') && text.length > ABBREVIATION);
  return isSaid || text.length > SENTENCE_FROM ? 'sentence' : 'words';
}

/** So many rows below tell what a column holds; three must be there, or a likeness is chance. */
const SAMPLE = 14;
const FEWEST_BELOW = 2;
/** So much of a column must be of one kind to be called of that kind. */
const ONE_KIND = 0.7;
/** Texts below that are so many times as long as the heading. */
const MUCH_LONGER = 2.2;

type Below = { texts: string[]; kind: CellKind | undefined; average: number };

function below(region: Region, row: number, column: number): Below {
  const texts: string[] = [];
  for (let r = row + 1; r <= region.bottom && texts.length < SAMPLE; r++) {
    const text = region.cell(r, column);
    if (text) {
      texts.push(text);
    }
  }
  const tally = new Map<CellKind, number>();
  for (const text of texts) {
    const kind = kindOfCell(text);
    tally.set(kind, (tally.get(kind) ?? 0) + 1);
  }
  const [best] = [...tally].sort((a, b) => b[1] - a[1]);
  const average = texts.reduce((sum, text) => sum + text.length, 0) / Math.max(1, texts.length);
  return {
    texts,
    kind: best && best[1] >= ONE_KIND * texts.length ? best[0] : undefined,
    average,
  };
}

/** What the kinds of a heading and of the cells below weigh: words above numbers or letters say most. */
function weighKinds(own: CellKind, below: CellKind | undefined): number {
  if (below === undefined) {
    return 0;
  }
  if (below === own) {
    return own === 'words' ? -0.15 : -1.1;
  }
  return below === 'sentence' || below === 'words' ? 0.7 : 1.3;
}

/** What a text weighs for being the heading of its column, in nats: above 0 speaks for it. */
function weighCell(text: string, { texts, kind, average }: Below): number {
  const own = kindOfCell(text);
  if (texts.length < FEWEST_BELOW) {
    return own === 'sentence' ? -0.6 : 0;
  }
  const comesAgain = texts.some((other) => alike(other) === alike(text));
  const isShort = average > MUCH_LONGER * text.length && own === 'words';
  return (
    weighKinds(own, kind) +
    (own === 'sentence' ? -1.2 : 0) +
    (comesAgain ? -0.8 : 0.1) +
    (isShort ? 0.5 : 0)
  );
}

/** The longest run across a row that counts on: 1, 2, 3 or A, B, C, alone or behind the same word. */
function runOf(texts: readonly string[]): number {
  let longest = 1;
  let run = 1;
  for (let index = 1; index < texts.length; index++) {
    run = follows(texts[index - 1]!, texts[index]!) ? run + 1 : 1;
    longest = Math.max(longest, run);
  }
  return longest;
}

/** A number that counts places as words do: 1st, 2e, 3º, 4. */
const ORDINAL = /(?<=\d)(?:st|nd|rd|th|er|[èe]re|[èe]me|e|re|de|te|[ºª°.])$/iu;

function follows(a: string, b: string): boolean {
  const [, wordA = '', signA = ''] =
    /^(.*?)[\s_.-]*(\d{1,2}|[a-j])$/i.exec(a.trim().replace(ORDINAL, '')) ?? [];
  const [, wordB = '', signB = ''] =
    /^(.*?)[\s_.-]*(\d{1,2}|[a-j])$/i.exec(b.trim().replace(ORDINAL, '')) ?? [];
  if (!signA || !signB || wordA.toLowerCase() !== wordB.toLowerCase()) {
    return false;
  }
  return /^\d/.test(signA)
    ? Number(signB) === Number(signA) + 1
    : signB.toLowerCase().charCodeAt(0) === signA.toLowerCase().charCodeAt(0) + 1;
}

export type Contrast = { row: number; weight: number; cells: number; because: string };

/** The longest run of one and the same text across a row, at every `step`-th cell. */
function sameRun(texts: readonly string[], step: number): number {
  let longest = 1;
  const runs = texts.map(() => 1);
  for (let index = step; index < texts.length; index++) {
    if (alike(texts[index - step]!) === alike(texts[index]!)) {
      runs[index] = runs[index - step]! + 1;
      longest = Math.max(longest, runs[index]!);
    }
  }
  return longest;
}

/** Headings of options repeat beside each other, or with a heading for their marks or weights between. */
const STEPS = [1, 2, 3];

/**
 * What texts that come several times in a row weigh: one word over three columns or more stands over options, since a row
 * of questions would hardly say the same so often; twice is what content does.
 */
function weighSame(texts: readonly string[]): number {
  const run = Math.max(...STEPS.map((step) => sameRun(texts, step)));
  const repeated = texts.length - new Set(texts.map(alike)).size;
  return run >= 3 ? 0.5 * run : -0.8 * repeated;
}

/** What a heading's word that is known weighs. */
const KNOWN = 0.8;

/** What counting on across the row weighs: a name and a number above every column is a heading and nothing else. */
function weighRun(texts: readonly string[]): number {
  const run = runOf(texts);
  const isNamed = run > 1 && texts.every((text) => /\p{L}{2,}[\s_.-]*\d{1,2}$/u.test(text));
  if (isNamed) {
    return 1.2 * run;
  }
  return run >= 3 ? 0.4 * run : 0;
}

/**
 * How much a row looks like headings by its contrast to the rows below; undefined where it can't be one. `known` counts
 * its cells whose words are known.
 */
export function contrastOf(region: Region, row: number, known: number): Contrast | undefined {
  const filled: { text: string; column: number }[] = [];
  for (let c = region.left; c <= region.right; c++) {
    const text = region.cell(row, c);
    if (text) {
      filled.push({ text, column: c });
    }
  }
  const texts = filled.map(({ text }) => text);
  const rowsBelow = region.bottom - row;
  if (filled.length < 2 || rowsBelow < FEWEST_BELOW) {
    return undefined;
  }
  const weights = filled.map(({ text, column }) => weighCell(text, below(region, row, column)));
  const weight =
    weights.reduce((sum, one) => sum + one, 0) + weighRun(texts) + weighSame(texts) + KNOWN * known;
  const telling = weights.filter((one) => one > 0.4).length;
  return {
    row,
    weight,
    cells: filled.length,
    because: say('{telling} of its {filled} cells are of another kind than those below', {
      telling,
      filled: filled.length,
    }),
  };
}
