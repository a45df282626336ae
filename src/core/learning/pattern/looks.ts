// What a kind of line may be by its texts and its sign, and by how often it comes in a question.
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { saysLevel } from '../../shared/vocabulary/levels';
import { tellTruth } from './beside';
import type { Blocks, Line } from './blocks';
import { countsWithin, halvesIn, joinIn, saysAgain, type Class } from './classes';
import { areCodes, ASKS, isNumber, KEYS } from './shapes';
import { isLettered } from './ways';
import type { LineRole, Odds } from './words';

/** Signs that say yes and no to everybody. Common practice, no source. */
const YES = /[+✓✔x*]|(?<!\d)1(?!\d)/iu;
/** A sign that says yes to some, and among other signs something else. */
const PERHAPS = /[=>!]/u;
/** An arrow at what is singled out, no sign of less. */
const ARROW = /<[-=]+|[-=]+>|[←→⇐⇒◄►]/gu;
const NO = /[-–~✗✘.]|\[\s\]|\(\s\)|(?<!\d)0(?!\d)|^\s*o\s/iu;

/** A label with what closes it. */
const LABEL = /\{[#aA]\}[^\p{L}\p{N}\s]{0,2}\s?/u;

/** What makes a list of boxes, and says nothing of any of them. */
const BULLET = /^\s*[-*+•–]\s+(?=[[({<])/u;

/** How much a sign counts that says yes or no to everybody. */
const CLEAR = 1.5;

/** What speaks against a role so much that it is none. */
export const HARDLY = -4;

/** A letter or a small number alone. */
const PLACE = /^[[(]?(?:[A-Ja-j]|\d)[\])]?$/u;

/** The name of a file that holds a picture. */
const PICTURE = /^\S.*\.(?:png|jpe?g|gif|svg|webp|bmp|tiff?)$/iu;

/** A text that ends as a sentence does. */
const SENTENCE = /\s\S+[.!]["”’)]?$/u;

const NEARLY_ALL = 0.9;
const MOST = 0.8;
const FEWEST_SURE = 3;
/** Seconds are seldom fewer. */
const LEAST_SECONDS = 5;

/** A word or two that name a kind; in a sentence they ask for something. */
const isKindWord = (text: string): boolean =>
  text.split(' ').length <= 3 && kindOfWord(text) !== undefined;

/** Words in a list, or how hard the question is. */
function tagged({ share }: Class): number {
  if (share(saysLevel) > NEARLY_ALL) {
    return 2;
  }
  // A number says how hard a question is, where a word in front calls it so.
  if (share(isNumber) === 1) {
    return 0;
  }
  const isList = share((text) => /\p{L},\s?\p{L}/u.test(text)) > 0;
  const areWords = share((text) =>
    text.split(/,\s?/u).every((word) => word.split(' ').length <= 2),
  );
  return where(isList && areWords === 1, 0.8);
}

type Lean = (role: LineRole, nats: number) => void;
type Look = { own: Class; blocks: Blocks; isWordless: boolean; lean: Lean };

/** Nats for what holds, and next to none where it does not. */
const where = (holds: boolean, nats: number): number => (holds ? nats : HARDLY);

/** Lines that come once in a question at most: what asks, what names the right one, numbers. */
function leanLone({ own, blocks, isWordless, lean }: Look): void {
  const numbers = own.share(isNumber);
  const areNumbers = numbers > NEARLY_ALL;
  const asks = own.share((text) => ASKS.test(text));
  const says = saysAgain(own, blocks);
  const areKeys = own.share((text) => KEYS.test(text)) > NEARLY_ALL || says;
  const areSeconds = own.share((text) => Number(text) >= LEAST_SECONDS) > NEARLY_ALL;
  // Where kinds have signs of their own, each opens its questions.
  const isThere = own.everywhere > MOST || own.opens;
  lean('stem', where(isThere, 0.5 + 2 * asks - 4 * numbers));
  lean('key', where(areKeys, 2));
  // A letter or number alone, or what another line says, names an option rather than being one.
  lean('right', own.share((text) => PLACE.test(text)) > NEARLY_ALL || says ? -3 : 0);
  lean('accepted', isWordless ? 0 : 0.2);
  lean('points', where(areNumbers, 1));
  lean('seconds', where(areNumbers, areSeconds ? 1.2 : 0));
  lean('options', where(joinIn(own) !== undefined, 0.5));
}

/** What is said around a question: where it belongs, what explains it or helps. */
function leanAround({ own, blocks, lean }: Look): void {
  const numbers = own.share(isNumber);
  const sentences = own.share((text) => SENTENCE.test(text));
  // Names of categories and titles are no sentences, and stand above what they name rather than last.
  const isLast = blocks.blocks.every((block) => own.lines.includes(block.at(-1)!));
  const named = -1.5 * sentences - (isLast ? 0.3 : 0);
  const long = own.share((text) => text.split(' ').length > 2);
  lean('explanation', long + sentences / 2 - 4 * numbers);
  const comesAgain = new Set(own.lines.map(({ text }) => text)).size < own.lines.length;
  // What stands above several questions says what they have in common; titles and hints are each question's own.
  const several = own.everywhere < 1 && own.opens && own.lines.length > 1 ? 0.6 : 0;
  lean(
    'category',
    named - 1.5 * numbers + several + (own.everywhere < 1 ? 0.3 : 0) + (comesAgain ? 0.8 : 0),
  );
  lean('ref', where(areCodes(own.lines.map(({ text }) => text)), 1.5));
  lean('tags', tagged(own));
  lean('image', own.share((text) => PICTURE.test(text)) > NEARLY_ALL ? 1 : HARDLY);
  lean('hint', -0.5 - several - 4 * numbers);
  // A line above the first question alone is none of its own.
  const isHead = own.lines.length === 1 && own.opens && blocks.blocks.length > 1;
  lean('title', named - several - 4 * numbers - (isHead ? 4 : 0));
}

/** Whether all questions with such lines are said to ask for an order. */
function saysOrder({ key, counts }: Class, { blocks }: Blocks): boolean {
  const own = blocks.filter((block) => block.some((line) => line.key === key));
  const isOrder = (word = ''): boolean => kindOfWord(word) === 'order';
  return (
    Math.max(...counts) > 1 && own.every((block) => isOrder(block.find(({ kind }) => kind)?.kind))
  );
}

/** A letter behind the word for feedback says of which option it speaks. */
function leanFeedback(own: Class, isRun: boolean, lean: Lean): void {
  const isOf = isLettered(own) && own.words !== '';
  const belowOne = isRun || own.everywhere < 1 ? 0.5 : -2;
  lean('feedbacks', where(isOf, 1));
  lean('feedback', isOf ? HARDLY : belowOne);
}

/** What is said to several questions in the same words answers none of them. */
const isSaidAgain = ({ lines, counts }: Class): number =>
  lines.length > 1 &&
  Math.max(...counts) === 1 &&
  lines.every(({ text }) => text === lines[0]!.text)
    ? 2
    : 0;

/** Where lines that stand alike have a sign besides, or others any, those without one are not singled out. */
function isUnsigned({ before, after }: Class, { blocks }: Blocks): number {
  const isTwin = (line: Line): boolean =>
    (line.before === before && line.after !== '' && !after) ||
    (line.before !== before && line.before.endsWith(before));
  const isBare = !before.trim() && !after;
  return isBare || blocks.some((block) => block.some((line) => !line.fixed && isTwin(line)))
    ? 0.8
    : 0;
}

/** How much a sign says yes to everybody, or no. */
function saysYesTo({ before, after }: Class): number {
  const whole = before.replace(LABEL, '').replace(BULLET, '') + after;
  const sign = whole.replace(ARROW, '');
  const isPerhaps = sign !== whole || PERHAPS.test(sign);
  return CLEAR * (Number(YES.test(sign)) - Number(NO.test(sign))) + Number(isPerhaps) / 2;
}

const QUESTION_MARK = /[?？؟]\s*$/u;

/** Answers: runs of lines, with signs that say yes or no. */
function leanAnswers({ own, blocks, lean }: Look): void {
  const isRun = Math.max(...own.counts) > 1;
  const isCounted = isRun && countsWithin(own, blocks);
  const asking = own.share((text) => QUESTION_MARK.test(text));
  const asks = asking > MOST;
  const saysYes = saysYesTo(own);
  // What asks is no answer.
  for (const role of ['option', 'right', 'wrong', 'accepted'] as const) {
    lean(role, asks ? HARDLY : -2 * asking);
  }
  // Letters in front count options, and a line that every question has once may be the right one among several.
  const lettered = isLettered(own) ? 1.5 : 0;
  leanFeedback(own, isRun, lean);
  lean('option', where(isRun, (isCounted ? 2 : 0.5) + lettered / 2));
  lean('right', saysYes + lettered + (isRun ? 0 : own.everywhere) - isSaidAgain(own));
  lean('wrong', (isRun ? 0.5 : -0.5) - saysYes + lettered + isUnsigned(own, blocks));
  lean(
    'step',
    saysOrder(own, blocks) ? 2 : where(isCounted, own.before.includes('{#}') ? 1.2 : 0.2),
  );
}

/** Lines of two parts, and words for kinds. */
function leanParted({ own, blocks, isWordless, lean }: Look): void {
  const isRun = Math.max(...own.counts) > 1;
  const sign = halvesIn(own.lines);
  const isParted = sign !== undefined;
  const areLone = blocks.blocks.every((block) => block.length <= 2);
  const nats = own.lines.length < FEWEST_SURE ? 1.5 : 2.5;
  // What asks on its left is no half of a pair but a question with its answer.
  const asks = isParted && own.share((text) => QUESTION_MARK.test(text.split(sign)[0]!)) > MOST;
  lean('pair', where(isRun && isParted && !asks, nats));
  lean('card', where(!isRun && isParted && areLone, nats));
  // Codes that nobody knows are kinds where a word in front calls them so.
  const areCodeWords =
    own.share((text) => /^\p{L}[\p{L}\d_-]{0,11}$/u.test(text)) === 1 ? 0 : HARDLY;
  const unknown = isWordless ? HARDLY : areCodeWords;
  lean('kind', own.share(isKindWord) > NEARLY_ALL ? 2 : unknown);
}

const PARTS: readonly LineRole[] = ['option', 'right', 'wrong', 'accepted', 'step', 'pair', 'card'];

/** What words said of a kind of line with what its looks add; where words said nothing, looks alone. */
export function withLooks(own: Class, blocks: Blocks, said: Odds): Odds {
  const odds: Odds = new Map(said);
  const isWordless = said.size === 0;
  // A letter by itself may stand for another word for a question, and codes for what questions are called by.
  const isLikely = (role: LineRole, nats: number): boolean =>
    (role === 'stem' && own.words.length === 1) || (role === 'ref' && nats > 0);
  const lean: Lean = (role, nats) => {
    if (isWordless || said.has(role) || isLikely(role, nats)) {
      odds.set(role, (odds.get(role) ?? 0) + nats);
    }
  };
  const look: Look = { own, blocks, isWordless, lean };
  if (Math.max(...own.counts) === 1) {
    leanLone(look);
    leanAround(look);
  }
  leanAnswers(look);
  leanParted(look);
  if (own.lines.length > 1 && tellTruth(own.lines)) {
    // Statements that say themselves whether they are true are no parts of another question.
    PARTS.forEach((role) => odds.delete(role));
  }
  return odds;
}
