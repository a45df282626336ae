// Which of the signs in front of lines say right, and which wrong, in a sample that explains nothing.
import type { Layout } from '../../model';
import { bareWords } from '../../shared/normalise';
import { saysRightAnswer } from '../../shared/vocabulary/key-words';
import { speaksOf } from '../../shared/vocabulary/rule-words';

type Marks = NonNullable<Layout['marks']>;
type Signed = { sign: string; rest: string };

/** A letter in front of an option, in any of the forms in which it counts. */
export const LETTERED = /^[([]?\p{L}[).:\]/-]\s+(?=\S)/u;

const BRACKETED = /^([([{<](?: |[^\s\d\p{L}]?[oxOX✓✗]?)[)\]}>])(?=\s|\p{L}|$)/u;
const BARE =
  /^([^\p{L}\p{N}\s"'“„«¿¡([{]{1,4}|[[({<|]{2,3}|\|\S{1,3})(?=\s|\p{L}|\p{N}|[([]\p{L}[)\]]|$)/u;

/** The sign in front of a line, and what stands behind it. */
export function signedOf(line: string): Signed | undefined {
  const text = line.trim();
  const sign = (BRACKETED.exec(text) ?? BARE.exec(text))?.[1];
  return sign === undefined ? undefined : { sign, rest: text.slice(sign.length).trim() };
}

/** How often each sign stands before a line of the blocks, below their first lines. */
function tally(blocks: readonly string[][]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const line of blocks.flatMap((block) => block.slice(1))) {
    const sign = signedOf(line)?.sign;
    if (sign !== undefined) {
      counts.set(sign, (counts.get(sign) ?? 0) + 1);
    }
  }
  return counts;
}

const has = (block: readonly string[], sign: string): boolean =>
  block.some((line) => signedOf(line)?.sign === sign);

/** Signs by which people mean wrong where nothing else tells it, an empty box among them. */
const WRONG_LIKE = /[-–o_.✗○]|^[[(<{]\s?[\])>}]$/u;
const FAR = 40;

/** Whether the comments call a sign wrong: the words behind it, up to the next clause. */
function isCalledWrong(sign: string, comments: readonly string[]): boolean | undefined {
  const text = comments.map((comment) => comment.trim()).find((comment) => comment.includes(sign));
  const behind = text?.slice(text.indexOf(sign) + sign.length).slice(0, FAR) ?? '';
  const words = bareWords(/^[^,;.]*/u.exec(behind)![0]);
  if (speaksOf('wrong', words)) {
    return true;
  }
  return saysRightAnswer(words) ? false : undefined;
}

/** The signs of a block below its first line, in order. */
const signsBelow = (block: readonly string[]): (string | undefined)[] =>
  block.slice(1).map((line) => signedOf(line)?.sign);

/** Of these signs two are needed at least to tell options apart. */
const FEWEST_LEFT = 2;

/**
 * Signs that stand once in each block, always first or always last: they open the question or say something below it. Options
 * are right now here, now there.
 */
function besideOptions(
  blocks: readonly string[][],
  called: (sign: string) => boolean,
): ReadonlySet<string> {
  const all = blocks.map(signsBelow).filter((signs) => signs.length > FEWEST_LEFT);
  const many = new Set(all.flat().filter((sign) => sign !== undefined)).size;
  const aside = new Set<string>();
  for (const place of [0, -1]) {
    const sign = all[0]?.at(place);
    const isFixed = all.every(
      (signs) => signs.at(place) === sign && signs.filter((one) => one === sign).length === 1,
    );
    const isAside = sign !== undefined && !called(sign) && isFixed && all.length > 1;
    if (isAside && many - aside.size > FEWEST_LEFT) {
      aside.add(sign);
    }
  }
  return aside;
}

/** How much rarer a sign is than another in the first question that has both unevenly: a sample begins with the plain case. */
function rarerAtFirst(blocks: readonly string[][], right: string, wrong: string): number {
  for (const block of blocks) {
    const signs = signsBelow(block);
    const times = (sign: string): number => signs.filter((one) => one === sign).length;
    const margin = times(wrong) - times(right);
    if (margin !== 0 && has(block, right) && has(block, wrong)) {
      return margin;
    }
  }
  return 0;
}

type Couple = { right: string; wrong: string; blocks: number; likely: number };

/** Of the two signs that options carry, the rarer one says right: most options are wrong; words and looks decide ties. */
export function optionSigns(
  blocks: readonly string[][],
  comments: readonly string[],
): Pick<Marks, 'right' | 'wrong'> | undefined {
  const aside = besideOptions(blocks, (sign) => isCalledWrong(sign, comments) !== undefined);
  const counts = [...tally(blocks)].filter(([sign, times]) => times > 1 && !aside.has(sign));
  const likelihood = (right: string, wrong: string, margin: number): number =>
    Number(isCalledWrong(wrong, comments) === true) * 4 +
    Number(isCalledWrong(right, comments) === false) * 4 -
    Number(isCalledWrong(right, comments) === true) * 8 +
    Number(WRONG_LIKE.test(wrong)) -
    Number(WRONG_LIKE.test(right)) +
    Math.sign(margin) * 2 +
    Math.sign(rarerAtFirst(blocks, right, wrong)) / 2;
  const couples = counts.flatMap(([right, times]) =>
    counts
      .filter(([wrong]) => wrong !== right)
      .map(([wrong, others]): Couple => ({
        right,
        wrong,
        blocks: blocks.filter((block) => has(block, right) && has(block, wrong)).length,
        likely: likelihood(right, wrong, others - times),
      })),
  );
  const [best] = couples.sort((a, b) => b.blocks - a.blocks || b.likely - a.likely);
  return best && best.blocks > 0 && best.likely > 0
    ? { right: best.right, wrong: best.wrong }
    : undefined;
}
