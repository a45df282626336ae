// What each line of a sample has in front of its text and behind it, as it comes again in others.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { withEnds, withQuotes } from './ends';
import {
  coded,
  firstWord,
  isLettered,
  keyOf,
  labelled,
  plain,
  WAYS,
  wordLabelled,
  type Front,
} from './ways';

export { keyOf, lettersIn, type Front } from './ways';

/** Whether words in front of a line say what it is. */
const isKnown = ({ words, text }: Front): boolean =>
  words !== '' &&
  text !== '' &&
  (fieldOfLine(`${words}: x`) !== undefined || verdictOf(words) !== undefined);

const OFTEN = 2;

/** A letter in front is a label where the lines above run up to it from the first letter on, or the next one has the second. */
function isLabel(front: Front, at: number, labels: readonly (Front | undefined)[]): boolean {
  if (!isLettered(front)) {
    return true;
  }
  let counter = front.counter!;
  while (counter > 1 && labels[at - 1]?.counter === counter - 1) {
    at--;
    counter--;
  }
  return counter === 1 && (front.counter! > 1 || labels[at + 1]?.counter === SECOND);
}
const SECOND = 2;

const MOST_BARE = 8;
const COVERED = 0.8;
const LINES_EACH = 3;

/** Whether nearly all lines begin with one of a few words in small letters: words in place of signs, and no sentences. */
function areBareWords(lines: readonly string[]): boolean {
  const filled = lines.filter((line) => line.trim());
  const words = filled.flatMap((line) => firstWord(line)?.before.trim() ?? []);
  const often = [...new Set(words)].filter(
    (word) => words.filter((one) => one === word).length > 1,
  );
  const covered = words.filter((word) => often.includes(word)).length;
  return (
    often.length > 1 &&
    often.length <= MOST_BARE &&
    covered >= filled.length * COVERED &&
    covered >= often.length * LINES_EACH
  );
}

/** Whether several lines with the same beginning all have a code behind it. */
function codedFamilies(lines: readonly string[]): (family: string) => boolean {
  const families = lines.flatMap((line) => coded(line)?.code?.family ?? []);
  return (family) => {
    const own = families.filter((one) => one === family).length;
    return own >= OFTEN && own === lines.filter((line) => line.startsWith(family)).length;
  };
}

/** Each line taken apart in the way that says most and comes again, or that its words say. */
export function frontsOf(lines: readonly string[]): Front[] {
  const labels = lines.map((line) => labelled(line) ?? wordLabelled(line));
  const hasBareWords = areBareWords(lines);
  const ways = lines.map((line, at) =>
    WAYS.flatMap((way) => {
      if (way === firstWord && !hasBareWords) {
        return [];
      }
      const front = way(line);
      const isLabelled = way === labelled || way === wordLabelled;
      return front && (!isLabelled || isLabel(front, at, labels)) ? [front] : [];
    }),
  );
  const counts = new Map<string, number>();
  const isCoded = codedFamilies(lines);
  for (const front of ways.flat()) {
    counts.set(keyOf(front), (counts.get(keyOf(front)) ?? 0) + 1);
  }
  const sigils = ways.flat().flatMap(({ sigil }) => sigil ?? []);
  const isSigil = ({ sigil }: Front): boolean =>
    sigil !== undefined && sigils.filter((one) => one === sigil).length >= LINES_EACH;
  // A letter that was taken for a label stands in a run.
  const comesAgain = (front: Front): boolean =>
    front.code
      ? isCoded(front.code.family)
      : counts.get(keyOf(front))! >= OFTEN || isLettered(front) || isSigil(front);
  const fronts = lines.map(
    (line, at) => ways[at]!.find(comesAgain) ?? ways[at]!.find(isKnown) ?? plain(line)!,
  );
  return withQuotes(withEnds(fronts));
}
