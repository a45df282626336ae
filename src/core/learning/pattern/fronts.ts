// What each line of a sample has in front of its text and behind it, as it comes again in others.
import { groupBy } from '../../shared/group-by';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { withOwnBraces } from '../../shared/pattern-line';
import { goingOn } from './empty';
import {
  withBeginnings,
  withBrackets,
  withClosed,
  withEnds,
  withNamedOptions,
  withQuotes,
} from './ends';
import { named, withSingular } from './numbers';
import { barelyLabelled, labelIn, LABELS } from './labels';
import { styleOf, withSignsWithin } from './front-style';
import {
  capitals,
  coded,
  firstLetter,
  firstWord,
  isLettered,
  keyOf,
  lettersIn,
  plain,
  WAYS,
  type Front,
  type Way,
} from './ways';

export { keyOf, lettersIn, type Front } from './ways';

/** Whether words in front of a line say what it is. */
const isKnown = ({ words, text }: Pick<Front, 'words' | 'text'>): boolean =>
  words !== '' &&
  text !== '' &&
  (fieldOfLine(`${words}: x`) !== undefined ||
    verdictOf(words) !== undefined ||
    kindOfWord(words) !== undefined);

const OFTEN = 2;

const USUAL = /^[\s:.)\]}>=-]*$/u;
/** Whether a known word stands in front of a sign that parts other lines behind words of their own: "file <> smooths" is one of several pairs. */
function isOneOfPairs({ before }: Front, lines: readonly string[]): boolean {
  const sign = before.replace(/^\s*[\p{L}\p{N}]+(?:\s[\p{L}\p{N}]+)*/u, '');
  const mark = sign.trim();
  const others = lines.filter((line) => line.includes(sign) && !line.startsWith(before));
  return mark !== '' && !USUAL.test(mark) && others.length >= OFTEN;
}

type Labels = { labels: readonly (Front | undefined)[]; way: Way };

/** Whether the lines above run up to a letter or number from the first one on, or the next line has the second. */
function isInRun(front: Front, at: number, labels: Labels['labels']): boolean {
  let counter = front.counter!;
  while (counter > 1 && labels[at - 1]?.counter === counter - 1) {
    at--;
    counter--;
  }
  return counter === 1 && (front.counter! > 1 || labels[at + 1]?.counter === SECOND);
}

/** A letter in front is a label where it stands in a run. */
const isLabel = (front: Front, at: number, { labels, way }: Labels): boolean =>
  (!isLettered(front) && way !== barelyLabelled) || isInRun(front, at, labels);
const SECOND = 2;

const MOST_BARE = 8;
/** So many words at least, on so many lines each. */
type Bare = { fewest: number; each: number };
const COVERED = 0.8;
const LINES_EACH = 3;

/** Whether nearly all lines begin with one of a few words, taken so: words in place of signs, and no sentences. */
function areBareWords(
  lines: readonly string[],
  way: Way,
  { fewest, each }: Bare,
  share = COVERED,
): boolean {
  const filled = lines.filter((line) => line.trim());
  const words = filled.flatMap((line) => way(line)?.before.trim() ?? []);
  const often = [...new Set(words)].filter(
    (word) => words.filter((one) => one === word).length > 1,
  );
  const covered = words.filter((word) => often.includes(word)).length;
  return (
    often.length >= fewest &&
    often.length <= MOST_BARE &&
    covered >= filled.length * share &&
    covered >= often.length * each
  );
}

/**
 * Whether capitals stand in front of lines in place of signs. Sentences may begin with two in turn, 'A' and 'I', but then not all
 * lines do, or words in capitals.
 */
function areLetters(lines: readonly string[]): boolean {
  const filled = lines.filter((line) => line.trim());
  const isAll = filled.every((line) => firstLetter(line) ?? capitals(line));
  return areBareWords(lines, firstLetter, { fewest: isAll ? 2 : 3, each: 2 }, isAll ? 0 : COVERED);
}

/** Whether several lines with the same beginning all have a code behind it. */
function codedFamilies(lines: readonly string[]): (family: string) => boolean {
  const families = lines.flatMap((line) => coded(line)?.code?.family ?? []);
  return (family) => {
    const own = families.filter((one) => one === family).length;
    return own >= OFTEN && own === lines.filter((line) => line.startsWith(family)).length;
  };
}

/** Whether numbers run on, each from the one before it, or begin again at the first: they count, and say nothing else. */
const doCount = ([first = 0, ...others]: readonly number[]): boolean =>
  others.every((number, at) => {
    const isNext = number === (others[at - 1] ?? first) + 1;
    // From 0 on, one alone counts nothing.
    const isAgain = number === first && (first === 1 || (first === 0 && others[at + 1] === 1));
    return isNext || isAgain;
  });

/** A line's front, and the line's place. */
type Placed = { front: Front; at: number };

/** Whether lines are numbered 0 and 1 alone, and not each two of them with 0 and then 1: codes for wrong and right. */
function areCodes(own: readonly Placed[]): boolean {
  const counters = own.map(({ front }) => front.counter ?? 0);
  const isBinary = counters.includes(0) && counters.every((number) => number < SECOND);
  const begins = own.filter(({ at }, index) => own[index - 1]?.at !== at - 1);
  const ends = own.filter(({ at }, index) => own[index + 1]?.at !== at + 1);
  const areTwos =
    begins.length * SECOND === own.length &&
    begins.every(({ front }) => front.counter === 0) &&
    ends.every(({ front }) => front.counter === 1);
  return isBinary && !areTwos;
}

/** The kinds of lines whose numbers in front count, of those whose numbers are one at least. */
function countingKeys(fronts: readonly Placed[]): (front: Front) => boolean {
  const counting = new Map(
    [...groupBy(fronts, ({ front }) => keyOf(front))].map(([key, own]) => [
      key,
      !areCodes(own) && doCount(own.map(({ front }) => front.counter ?? 0)),
    ]),
  );
  return (front) => counting.get(keyOf(front)) ?? true;
}

/** A bracket of a box, one of which is ticked and another empty. */
const BRACKET = /[[({<]/u;
const NAME_IN_BRACKETS = /^\s*[[({<](\p{L}[^[\](){}<>]{2,40})[\])}>]\s+$/u;

/** Whether words in brackets open parts, now these and now those, and say nothing that is known: names of parts, and no signs. */
function partNames(lines: readonly string[]): (front: Front) => boolean {
  const nameIn = (before: string): string | undefined => NAME_IN_BRACKETS.exec(before)?.[1];
  const names = lines.map((line) => {
    const [before = ''] = BEHIND_NAME.exec(line) ?? [];
    const word = nameIn(before);
    return word === undefined || isKnown({ words: lettersIn(word), text: line }) ? undefined : word;
  });
  // Other lines stand below each of them.
  const areApart = names.every((name, at) => !name || (!names[at + 1] && at + 1 < lines.length));
  const words = new Set(names.filter(Boolean));
  return ({ before }) => areApart && words.size > 1 && words.has(nameIn(before));
}
const BEHIND_NAME = /^\s*[[({<][^[\](){}<>]+[\])}>]\s+(?=\S)/u;

/** Each line taken apart; one that ends where others have a text has none. */
export function frontsOf(lines: readonly string[]): Front[] {
  const going = goingOn(lines);
  const fronts = wholeFronts(lines.map((line) => going(line) ?? line));
  return fronts.map((front, at) => {
    const isEmpty = going(lines[at]!) !== undefined && front.before.trim() !== '';
    return isEmpty ? { ...front, text: '', after: '' } : front;
  });
}

/** Each whole line taken apart in the way that says most and comes again, or that its words say. */
function wholeFronts(lines: readonly string[]): Front[] {
  const labels = lines.map(labelIn);
  const isBarred: ReadonlyMap<Way, boolean> = new Map([
    [firstWord, !areBareWords(lines, firstWord, { fewest: 2, each: LINES_EACH })],
    [firstLetter, !areLetters(lines)],
  ]);
  const ways = lines.map((line, at) =>
    WAYS.flatMap((way) => {
      if (isBarred.get(way)) {
        return [];
      }
      const front = way(line);
      const isLabelled = LABELS.includes(way);
      if (!front || (isLabelled && !isLabel(front, at, { labels, way }))) {
        return [];
      }
      const doesCount = isLabelled || way === named;
      return [doesCount ? front : { ...front, before: withOwnBraces(front.before) }];
    }),
  );
  const counts = new Map<string, number>();
  const isCoded = codedFamilies(lines);
  for (const front of ways.flat()) {
    counts.set(keyOf(front), (counts.get(keyOf(front)) ?? 0) + 1);
  }
  const sigils = groupBy(ways.flat(), ({ sigil }) => sigil);
  const isSigil = ({ sigil }: Front): boolean =>
    sigil !== undefined &&
    sigils.get(sigil)!.length >= (sigil.length === 1 && BRACKET.test(sigil) ? OFTEN : LINES_EACH);
  const namesPart = partNames(lines);
  // A letter that was taken for a label stands in a run.
  const comesAgain = (front: Front): boolean => {
    if (front.code) {
      return isCoded(front.code.family);
    }
    const isOften = counts.get(keyOf(front))! >= OFTEN && !namesPart(front);
    return isOften || isLettered(front) || isSigil(front);
  };
  const counting = countingKeys(
    ways.flatMap((own, at) =>
      own.filter(({ before }) => before.includes('{#}')).map((front) => ({ front, at })),
    ),
  );
  // Of emphasised ones among others, each has its place in the run of all.
  const isCounted = (front: Front, at: number): boolean =>
    counting(front) || (front.after !== '' && isInRun(front, at, labels));
  const likely = ways.map((own, at) =>
    own.filter((front) => !front.before.includes('{#}') || isCounted(front, at)),
  );
  const isStyled = styleOf(likely.map((own) => own.find(comesAgain)));
  const fronts = lines.map(
    (line, at) =>
      likely[at]!.find(comesAgain) ??
      likely[at]!.find(isStyled) ??
      likely[at]!.find((front) => isKnown(front) && !isOneOfPairs(front, lines)) ??
      plain(line)!,
  );
  const ended = withBeginnings(withClosed(withEnds(withSingular(withSignsWithin(fronts)))));
  return withQuotes(withBrackets(withNamedOptions(ended)));
}
