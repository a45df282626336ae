// Paragraphs without options or an answer, in a text whose questions begin with nothing: tasks, statements, or talk.
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { likelihoodOf } from '../../understanding';
import { asksToMatch } from './match-words';
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
export function isJudged(text: string): boolean {
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

/** The lines at the end of a paragraph that are all of two halves, as pairs are typed; none where its first line is one. */
export function pairsBelow(block: readonly TypedLine[]): TypedLine[] {
  let from = block.length;
  while (from > 0 && halvesOf(block[from - 1]!).length) {
    from--;
  }
  return from > 0 && block.length - from >= LEAST_PAIRS ? block.slice(from) : [];
}

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
