// The signs of marked text by what repeats: how each block of a sample opens, which signs its options carry, what names the key.
import type { Layout } from '../model';
import { defined } from '../shared/defined';
import { fixedWords } from './fixed-words';
import { optionSigns, signedOf } from './option-signs';

type Marks = NonNullable<Layout['marks']>;

const LABEL = /^(\p{L})([).])\s+\S/u;
const NUMBER = /^\d{1,3}([.)])\s+\S/u;
const LETTERS = /^[A-Ja-j](?:\s*[,;&]\s*[A-Ja-j])*$/u;
const PAIR = /\S\s([^\p{L}\p{N}\s.,;:!?'"–—-]{1,3}|<-+>|-+>|<=+>|=+>)\s\S/u;

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

/** Where lines of question's feedback and category stand, and where the question is opened. */
function standing(marks: Marks, frame: ReturnType<typeof frameOf>): Partial<Marks> {
  const opens = frame ? ('question' as const) : ('stem' as const);
  return {
    ...(marks.open ? { openAt: opens } : {}),
    ...(marks.category ? { categoryAt: 'question' as const } : {}),
    ...(marks.feedback ? { feedbackAt: 'question' as const } : {}),
  };
}

function signsIn(body: readonly string[], comments: readonly string[]): Marks | undefined {
  const frame = frameOf(body);
  const blocks = blocksOf(body, frame);
  const keyLine = keySign(blocks);
  const signs = keyLine === undefined ? optionSigns(blocks, comments) : undefined;
  if (keyLine === undefined && !signs) {
    return undefined;
  }
  const { right = '*', wrong } = signs ?? {};
  const known = new Set([right, wrong, keyLine].flatMap((sign) => sign ?? []));
  const marks: Marks = defined({
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
  return { ...marks, ...standing(marks, frame) };
}

/** The signs of a sample without its comments, words that stand in front of lines among them; undefined where nothing tells which option is right. */
export function repeatedSigns(
  body: readonly string[],
  comments: readonly string[] = [],
): Marks | undefined {
  const words = fixedWords(body);
  const marks = signsIn(
    body.map((line) => words.hide(line)),
    [...comments, ...words.said],
  );
  return marks && words.shown(marks);
}

/** Whether words in front of its lines make a text a sample of marked text: they open, mark or name something in each block. */
export function repeatsWords(body: readonly string[]): boolean {
  const words = fixedWords(body);
  return words.many >= FEWEST_WORDS && repeatedSigns(body) !== undefined;
}
const FEWEST_WORDS = 3;
