// Paragraphs without options or an answer, in a text whose questions begin with nothing: tasks, statements, or talk.
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { likelihoodOf } from '../../understanding';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { POINTS, withoutPoints } from './points';
import type { Label } from './labels';
import { asksForOrder } from './order-words';
import { halvesOf, PART, type TypedLine } from './typed-line';

const VERDICT = /[([]\s*(\p{L}{1,12}(?: \p{L}{2,12})?)\s*[)\]]\s*\.?\s*$/u;
/** So much of a text's end holds a verdict behind it. */
const LAST = 60;
/** A verdict behind the end of a sentence, or behind a dash or tab: 'Canals flow uphill. FALSE'. */
const BEHIND_SENTENCE =
  /(?:(?<=\p{L}{2}["'”’)]*[.!])\s+|\s[–—-]\s+|\t\s*)(\p{L}{4,12}(?: \p{L}{4,12})?)\s*\.?\s*$/u;
const SENTENCE = /\p{L}{2}\)?[.!]["'”’»)]*\s*(?:[([][^()[\]]{1,20}[)\]])?\s*$/u;
const SHORTEST = 12;
/** Words of forms: instructions speak of questions, answers and options, tasks of their subject. */
const OF_FORMS = 0.6;
const LEAST_PAIRS = 2;

/** Whether a statement is told true or false behind it: 'Tides are made by the wind. (false)'. */
export function isJudged(whole: string): boolean {
  const text = withoutPoints(whole).text;
  const word = VERDICT.exec(text)?.[1] ?? BEHIND_SENTENCE.exec(text.trimEnd().slice(-LAST))?.[1];
  return word !== undefined && (verdictOf(word) !== undefined || /^[TFVWR]$/iu.test(word));
}

/** Whether a text speaks of questions, answers and options, as instructions do. */
export const speaksOfForms = (text: string): boolean =>
  (text.match(/\p{L}{5,}/gu) ?? []).some(
    (word) => likelihoodOf(word, ['stem', 'right', 'key', 'option', 'options']) > OF_FORMS,
  );

/** Whether a text is a whole sentence that speaks of no question or answer. */
export const isTask = (text: string): boolean =>
  text.trim().length >= SHORTEST && SENTENCE.test(text) && !speaksOfForms(text);

/** Wishes and thanks at the end of a text are shorter. */
const FEWEST_WORDS = 6;
/** Whether the last paragraph of a text may be a task, and no wish or thanks: it says what it is worth, or says more than those do. */
export function mayCloseText(blocks: readonly (readonly TypedLine[])[]): boolean {
  const [line, ...more] = blocks.flat();
  const text = line?.text.trim() ?? '';
  const isLong = text.split(/\s+/u).length >= FEWEST_WORDS && text.endsWith('.');
  return !more.length && (POINTS.test(text) || isLong);
}

/** The lines at the end of a paragraph that are all of two halves, as pairs are typed; none where its first line is one. */
function pairsBelow(block: readonly TypedLine[]): TypedLine[] {
  let from = block.length;
  while (from > 0 && halvesOf(block[from - 1]!).length) {
    from--;
  }
  return from > 0 && block.length - from >= LEAST_PAIRS ? block.slice(from) : [];
}

/** A line of a list below a task, with what marks it. */
export type Listed = { line: TypedLine; label: Label };
const FEWEST_STEPS = 3;

/** Steps with a label each, below a task that asks for their order: bullets, or numbers that count each; none where one has no label. */
function stepsBelow([task, ...below]: readonly TypedLine[]): Listed[] {
  if (!task || below.length < FEWEST_STEPS || !asksForOrder(task.text)) {
    return [];
  }
  const [first] = below;
  const own = first!.labels.find(({ n }) => n !== undefined) ?? first!.labels[0];
  const steps = below.flatMap((line) => {
    const label = line.labels.find(({ family }) => family === own?.family);
    return label ? [{ line, label }] : [];
  });
  const counted = new Set(steps.map(({ label }) => label.n));
  const isWhole = own?.n === undefined || below.every((_, n) => counted.has(n));
  return isWhole && steps.length === below.length ? steps : [];
}

/** The list with which a paragraph ends: pairs, or steps of a task to put in order. */
export function listBelow(block: readonly TypedLine[]): Listed[] {
  const pairs = pairsBelow(block);
  return pairs.length ? asPairs(pairs) : stepsBelow(block);
}

/** Lines as the pairs that they are. */
export const asPairs = (lines: readonly TypedLine[]): Listed[] =>
  lines.map((line) => ({ line, label: halvesOf(line)[0]! }));

/** So many pairs below a task are one question. */
const FEWEST_PAIRS = 3;

/** The task to match right above a paragraph of nothing but pairs; undefined where there is none. */
export const taskAbovePairs = (
  above: TypedLine | undefined,
  block: readonly TypedLine[],
): TypedLine | undefined =>
  above &&
  asksToMatch(above.text) &&
  block.length >= FEWEST_PAIRS &&
  block.every((line) => halvesOf(line).length)
    ? above
    : undefined;

/** Whether a line above the first question may be the title of its part. */
export const isTitle = ({ text }: TypedLine): boolean =>
  PART.test(text) || (!isTask(text) && !/[.:]\s*$/u.test(text));

/** Lines by their paragraphs. */
export function blocksOf(lines: readonly TypedLine[]): TypedLine[][] {
  const blocks: TypedLine[][] = [];
  for (const line of lines) {
    const last = blocks.at(-1);
    if (last && line.line.line - last.at(-1)!.line.line === 1) {
      last.push(line);
    } else {
      blocks.push([line]);
    }
  }
  return blocks;
}
