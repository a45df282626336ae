// Sentences below the options of each question that end with the letter of the right one, in the same words each time: 'Richtig ist B.'
import { groupBy } from '../../shared/group-by';
import { alike } from '../../shared/normalise';
import { labelsOf } from './labels';
import { isLine, OFTEN, retyped, type Lines } from './retyping';

const LETTERS = String.raw`[A-J](?:(?:\s*[,;&+/]\s*|\s+\p{L}{1,3}\s+)[A-J])*`;
const ENDING = new RegExp(String.raw`^\s*(\p{L}[^.:;?!\d]{1,34}?)\s+(${LETTERS})\s*[.!]?\s*$`, 'u');
const BEGINNING = new RegExp(
  String.raw`^\s*(${LETTERS})\s+(\p{L}[^.:;?!\d]{1,34}?)\s*[.!]?\s*$`,
  'u',
);

const LETTER = /(?<!\p{L})[A-J](?!\p{L})/gu;

type Sentence = { at: number; word: string; letters: string };

const isOption = (line: Lines[number] | undefined): boolean =>
  line !== undefined &&
  labelsOf(line).some(({ counts, n }) => counts === 'upper' && n !== undefined && n > 0);

function sentenceAt(lines: Lines, at: number): Sentence | undefined {
  const line = lines[at]!;
  const text = isLine(line) ? line.text : '';
  const [, words, last] = ENDING.exec(text) ?? [];
  const [, first, others] = BEGINNING.exec(text) ?? [];
  // 'A ist richtig' and 'A, C sind richtig' end alike, 'Richtig ist A' and 'Richtig sind A und C' begin alike.
  const word = words
    ? alike(words).split(' ')[0]!
    : (alike(others ?? '')
        .split(' ')
        .at(-1) ?? '');
  const letters = last ?? first;
  return letters && isOption(lines[at - 1]) && !labelsOf(line).length
    ? { at, word, letters }
    : undefined;
}

/** Such sentences as answers, where several begin alike, each right below the last option of its question. */
export function answersInSentences(lines: Lines): Lines {
  const found = lines.flatMap((_, at) => sentenceAt(lines, at) ?? []);
  const often = [...groupBy(found, ({ word }) => word).values()].filter(
    ({ length }) => length >= OFTEN,
  );
  const answers = new Map(
    often.flat().map(({ at, letters }) => [at, `Answer: ${letters.match(LETTER)!.join(', ')}`]),
  );
  return retyped(lines, (at) => answers.get(at));
}
