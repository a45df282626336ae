// The signs of marked text by what repeats: how each block of a sample opens, which signs its options carry, what names the key.
import type { Layout } from '../model';
import { defined } from '../shared/defined';
import { bareWords } from '../shared/normalise';
import { saysRightAnswer } from '../shared/vocabulary/key-words';
import { speaksOf } from '../shared/vocabulary/rule-words';

type Marks = NonNullable<Layout['marks']>;
type Signed = { sign: string; rest: string };

const BRACKETED = /^([([{<][^\s\d\p{L}]?[ox✓✗]?[)\]}>])(?=\s|\p{L}|$)/u;
const BARE = /^([^\p{L}\p{N}\s"'“„«¿¡([{]{1,4}|[[({<|]{2,3}|\|\S{1,3})(?=\s|\p{L}|\p{N}|$)/u;
const LABEL = /^(\p{L})([).])\s+\S/u;
const NUMBER = /^\d{1,3}([.)])\s+\S/u;
const LETTERS = /^[A-Ja-j](?:\s*[,;&]\s*[A-Ja-j])*$/u;
const PAIR = /\S\s([^\p{L}\p{N}\s.,;:!?'"–—-]{1,3}|<-+>|-+>|<=+>|=+>)\s\S/u;

function signedOf(line: string): Signed | undefined {
  const text = line.trim();
  const sign = (BRACKETED.exec(text) ?? BARE.exec(text))?.[1];
  return sign === undefined ? undefined : { sign, rest: text.slice(sign.length).trim() };
}

/** Signs that stand alone on their lines by turns: the one opens a question, the other closes it. */
function frameOf(lines: readonly string[]): Pick<Marks, 'open' | 'close'> | undefined {
  const alone = lines.map(signedOf).filter((one) => one?.rest === '');
  const [open, close] = [alone[0]?.sign, alone[1]?.sign];
  const isByTurns = alone.every((one, index) => one!.sign === (index % 2 ? close : open));
  return open && close && open !== close && alone.length >= 2 && isByTurns
    ? { open, close }
    : undefined;
}

/** The blocks of a sample: between its frames, else between blank lines. */
function blocksOf(lines: readonly string[], frame: ReturnType<typeof frameOf>): string[][] {
  const isBorder = (line: string): boolean =>
    frame ? line.trim() === frame.open || line.trim() === frame.close : !line.trim();
  const blocks: string[][] = [[]];
  for (const line of lines) {
    if (isBorder(line)) {
      blocks.push([]);
    } else if (line.trim()) {
      blocks.at(-1)!.push(line.trim());
    }
  }
  return blocks.filter((block) => block.length > 0);
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

/** Signs by which people mean wrong where nothing else tells it. */
const WRONG_LIKE = /[-–o_.✗○]/u;
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

type Couple = { right: string; wrong: string; blocks: number; likely: number };

/** Of the two signs that options carry, the rarer one says right: most options are wrong; words and looks decide ties. */
function optionSigns(
  blocks: readonly string[][],
  comments: readonly string[],
): Pick<Marks, 'right' | 'wrong'> | undefined {
  const counts = [...tally(blocks)].filter(([, times]) => times > 1);
  const likelihood = (right: string, wrong: string, margin: number): number =>
    Number(isCalledWrong(wrong, comments) === true) * 4 +
    Number(isCalledWrong(right, comments) === false) * 4 -
    Number(isCalledWrong(right, comments) === true) * 8 +
    Number(WRONG_LIKE.test(wrong)) -
    Number(WRONG_LIKE.test(right)) +
    Math.sign(margin) * 2;
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

const isLabelled = (line: string): boolean => LABEL.test(line);

/** The sign of a line that says letters alone, below options that have letters. */
function keySign(blocks: readonly string[][]): string | undefined {
  const signs = blocks
    .filter((block) => block.some(isLabelled))
    .map((block) => {
      const said = block.map(signedOf).find((one) => one && LETTERS.test(one.rest));
      return said?.sign;
    });
  const [first] = signs;
  return first !== undefined && signs.every((sign) => sign === first) ? first : undefined;
}

type Place = 'category' | 'open' | 'feedback';

/** What lines with other signs are, by their place in blocks with options: above the question, the question, below all. */
function placesOf(blocks: readonly string[][], known: ReadonlySet<string>): Partial<Marks> {
  const found: Partial<Record<Place, string>> = {};
  for (const block of blocks) {
    const isOption = (line: string): boolean =>
      isLabelled(line) || known.has(signedOf(line)?.sign ?? '');
    const first = block.findIndex(isOption);
    const last = block.findLastIndex(isOption);
    if (first < 1) {
      continue;
    }
    const at = (index: number): string | undefined => signedOf(block[index] ?? '')?.sign;
    const [stem, above, below] = [at(first - 1), at(first - 2), at(last + 1)];
    found.open ??= stem;
    found.category ??= first > 1 ? above : undefined;
    found.feedback ??= below;
  }
  return Object.fromEntries(Object.entries(found).filter(([, sign]) => sign !== undefined));
}

/** Words in a frame of their own above the questions, '[[Name]]'. */
function titleOf(lines: readonly string[]): Pick<Marks, 'titleOpen' | 'titleClose'> | undefined {
  const framed = lines
    .map((line) => /^([[({<|=#]{1,3})\s*(\p{L}.*?)\s*([\])}>|=#]{1,3})$/u.exec(line.trim()))
    .find(Boolean);
  return framed ? { titleOpen: framed[1]!, titleClose: framed[3]! } : undefined;
}

/** The sign between the halves of pairs: the same in two lines or more of a block. */
function pairSign(blocks: readonly string[][]): string | undefined {
  for (const block of blocks) {
    const signs = block.slice(1).map((line) => PAIR.exec(line)?.[1]);
    const [first] = signs;
    if (first !== undefined && signs.length > 1 && signs.every((sign) => sign === first)) {
      return first;
    }
  }
  return undefined;
}

/** The labels of options and of questions. */
function labelsOf(blocks: readonly string[][]): Pick<Marks, 'optionLabel' | 'stemLabel'> {
  const label = blocks
    .flat()
    .map((line) => LABEL.exec(line))
    .find(Boolean);
  const number = blocks.map(([first = '']) => NUMBER.exec(first)).find(Boolean);
  const letter = label && (label[1] === label[1]!.toUpperCase() ? 'A' : 'a');
  return {
    optionLabel: letter ? (`${letter}${label[2]!}` as Marks['optionLabel']) : 'none',
    stemLabel: number ? (`1${number[1]!}` as Marks['stemLabel']) : 'none',
  };
}

/** The signs of a sample without its comments; undefined where nothing tells which option is right. */
export function repeatedSigns(
  body: readonly string[],
  comments: readonly string[] = [],
): Marks | undefined {
  const frame = frameOf(body);
  const blocks = blocksOf(body, frame);
  const keyLine = keySign(blocks);
  const signs = keyLine === undefined ? optionSigns(blocks, comments) : undefined;
  if (keyLine === undefined && !signs) {
    return undefined;
  }
  const { right = '*', wrong } = signs ?? {};
  const known = new Set([right, wrong, keyLine].flatMap((sign) => sign ?? []));
  return defined({
    right,
    wrong,
    ...labelsOf(blocks),
    ...placesOf(blocks, known),
    ...frame,
    ...titleOf(body),
    pair: pairSign(blocks),
    keyLine,
    between: frame ? ('none' as const) : ('blank-line' as const),
  });
}
