// The signs of marked text by what repeats: how each block of a sample opens, which signs its options carry, what names the key.
import { OPTION_LABELS, STEM_LABELS, type Layout } from '../../model';
import { defined } from '../../shared/defined';
import { blocksOf, countedBlocks, frameOf, withoutHeads } from './blocks';
import { closeOf, isTight, pairSign, titleOf } from './line-ends';
import { fixedWords } from './fixed-words';
import { labelForm } from '../../shared/labels';
import { keyLineOf, type KeyLine } from './key-line';
import { fieldsIn, meaningOf } from './line-fields';
import { headIn, setTitleIn } from './head';
import { LETTERED, optionSigns, signedOf } from './option-signs';

type Marks = NonNullable<Layout['marks']>;

/** Numbers in front of options could as well count questions; letters can't. */
const LETTER_LABELS = OPTION_LABELS.filter((form) => !form.includes('1'));

/** An option with its letter, behind a sign of its own or none. */
const isLabelled = (line: string): boolean => LETTERED.test(signedOf(line)?.rest ?? line);

/** The line that names the right options; none where options carry two signs that tell it without that line. */
function keyIn(
  blocks: readonly string[][],
  said: readonly string[],
): { key: KeyLine | undefined; signs: Pick<Marks, 'right' | 'wrong'> | undefined } {
  const isOther = (sign: string): boolean => {
    const meaning = meaningOf(sign, said);
    return meaning !== undefined && meaning !== 'answer';
  };
  const key = keyLineOf(blocks, isOther);
  // Lines whose words say that they are something else carry no sign of an option.
  const options = blocks.map((block) =>
    block.filter((line, at) => {
      const sign = signedOf(line)?.sign;
      return at === 0 || sign === undefined || (sign !== key?.keyLine && !isOther(sign));
    }),
  );
  const signs = optionSigns(options, said);
  return { key: signs ? undefined : key, signs };
}

/** The sign of answers to questions that have no options: below the question, by its word. */
function acceptedIn(blocks: readonly string[][], said: readonly string[]): string | undefined {
  const below = blocks.map((block) => block.slice(1).map((line) => signedOf(line)?.sign));
  const told = below
    .flat()
    .find((sign) => sign !== undefined && meaningOf(sign, said) === 'answer');
  return told ?? onlySign(blocks, below, said);
}

/** Where each block opens with one sign and has but one other below it, that is the answer's. */
function onlySign(
  blocks: readonly string[][],
  below: readonly (string | undefined)[][],
  said: readonly string[],
): string | undefined {
  const opens = new Set(blocks.map(([first = '']) => signedOf(first)?.sign));
  const others = new Set(below.flat().filter((sign) => !sign || !meaningOf(sign, said)));
  const [sign] = others;
  const isSure = blocks.length > 1 && opens.size === 1 && others.size === 1 && !opens.has(sign);
  return isSure && !opens.has(undefined) ? sign : undefined;
}

type Place = 'category' | 'open' | 'feedback';

/** What lines with other signs are, by their place in blocks with options: above the question, the question, below all. */
function placesOf(
  blocks: readonly string[][],
  known: ReadonlySet<string>,
): Partial<Record<Place, string>> {
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

/** Where the words of signs say what a line is, whatever its place. */
function toldPlaces(
  blocks: readonly string[][],
  said: readonly string[],
  known: ReadonlySet<string>,
): Partial<Record<Place, string>> {
  const found: Partial<Record<Place, string>> = {};
  const place: Partial<Record<string, Place>> = {
    category: 'category',
    question: 'open',
    feedback: 'feedback',
  };
  for (const line of blocks.flat()) {
    const sign = signedOf(line)?.sign;
    const at =
      sign === undefined || known.has(sign) ? undefined : place[meaningOf(sign, said) ?? ''];
    if (at) {
      found[at] ??= sign;
    }
  }
  return found;
}

/** The question's text is among so many first lines of its block. */
const ABOVE_STEM = 3;

/** The labels of options and of questions. */
function labelsOf(blocks: readonly string[][]): Pick<Marks, 'optionLabel' | 'stemLabel'> {
  const rests = blocks.flat().map((line) => signedOf(line)?.rest ?? line);
  const form = <Of extends (typeof LETTER_LABELS)[number] | (typeof STEM_LABELS)[number]>(
    lines: readonly string[],
    forms: readonly Of[],
  ): Of | undefined => lines.map((line) => labelForm(line, forms)).find((one) => one !== undefined);
  // A category or another field may stand above the question's text.
  const stems = blocks.flatMap((block) => block.slice(0, ABOVE_STEM));
  return {
    optionLabel: form(rests, LETTER_LABELS) ?? 'none',
    stemLabel: form(stems, STEM_LABELS) ?? 'none',
  };
}

/** Where lines of question's feedback and category stand, and where the question is opened. */
function standing(
  marks: Marks,
  frame: ReturnType<typeof frameOf>,
  { head, isAbovePart }: { head: readonly string[]; isAbovePart: boolean },
): Partial<Marks> {
  const opens = frame ? ('question' as const) : ('stem' as const);
  return {
    ...(marks.open ? { openAt: opens } : {}),
    ...(marks.category && !head.includes(marks.category) && !isAbovePart
      ? { categoryAt: 'question' as const }
      : {}),
    ...(marks.feedback ? { feedbackAt: 'question' as const } : {}),
  };
}

/** What says the answers: signs of right and wrong options, a line that names the right ones, or typed answers. */
function answersIn(
  blocks: readonly string[][],
  said: readonly string[],
  seen: Marks | undefined,
): Marks | undefined {
  const { key, signs: found } = keyIn(blocks, said);
  // One sign in front of labels says right, whatever other signs stand in front of lines.
  const signs = seen && !key ? { right: seen.right } : found;
  const accepted = key || signs ? undefined : acceptedIn(blocks, said);
  return key || signs || accepted !== undefined
    ? defined({ right: '*', ...signs, ...key, accepted })
    : seen;
}

type Around = Partial<Record<Place, string>> & Pick<Marks, 'fields'>;

/** What stands around the answers: by the words of the signs, else by their places. */
function aroundIn(
  blocks: readonly string[][],
  said: readonly string[],
  known: ReadonlySet<string>,
): Around {
  const places = placesOf(blocks, known);
  const told = toldPlaces(blocks, said, known);
  const fields = fieldsIn(blocks, said, { known, open: told.open ?? places.open });
  const isField = (sign: unknown): boolean => fields.some((one) => one.sign === sign);
  const around = Object.entries({ ...places, ...told }).filter(([, sign]) => !isField(sign));
  return defined({
    ...Object.fromEntries(around),
    fields: fields.length ? fields : undefined,
  });
}

function signsIn(
  body: readonly string[],
  said: readonly string[],
  seen: Marks | undefined,
): Marks | undefined {
  const frame = frameOf(body);
  const { numberLine, rest: blocks } = countedBlocks(blocksOf(body, frame));
  const answers = answersIn(withoutHeads(blocks), said, seen);
  if (!answers) {
    return undefined;
  }
  const head = headIn(blocks, said);
  const title = titleOf(body);
  const setTitle = title.titleOpen === undefined ? setTitleIn(head, said) : undefined;
  const { right, wrong, keyLine, option, accepted } = answers;
  const known = new Set(
    [right, wrong, keyLine, option, accepted, setTitle].flatMap((sign) => sign ?? []),
  );
  const { open, ...around } = aroundIn(head.length ? blocks.slice(1) : blocks, said, known);
  const category = around.category ?? head.find((sign) => meaningOf(sign, said) === 'category');
  const close = closeOf(blocks, category);
  const stemClose = closeOf(blocks, open);
  const labels = labelsOf(blocks);
  // A sign that counts is no sign of its own.
  const opened = labels.stemLabel === '#1' && open === '#' ? undefined : open;
  const marks: Marks = defined({
    ...answers,
    ...labels,
    ...around,
    category,
    setTitle,
    ...(frame ? { ...frame, stem: opened } : { open: opened }),
    ...(close === undefined && stemClose === undefined ? title : {}),
    categoryClose: close,
    stemClose,
    stemTight: isTight(body, open) || undefined,
    numberLine,
    pair: pairSign(blocks),
    between: frame ? ('none' as const) : ('blank-line' as const),
  });
  const isAbovePart = withoutHeads(blocks) !== blocks;
  return { ...marks, ...standing(marks, frame, { head, isAbovePart }) };
}

/**
 * The signs of a sample without its comments, words that stand in front of lines among them; undefined where nothing tells which
 * option is right. `seen` is a sign that was seen at labelled options, for samples that tell it by nothing else.
 */
export function repeatedSigns(
  body: readonly string[],
  comments: readonly string[] = [],
  seen?: Marks,
): Marks | undefined {
  const words = fixedWords(body);
  const marks = signsIn(
    body.map((line) => words.hide(line)),
    [...comments, ...words.said],
    seen,
  );
  return marks && words.shown(marks);
}

/** Whether signs in front of its lines tell the questions of a sample and what is right in them. */
export const repeatsSigns = (body: readonly string[]): boolean => repeatedSigns(body) !== undefined;

/** Whether words in front of its lines make a text a sample of marked text: they open, mark or name something in each block. */
export function repeatsWords(body: readonly string[]): boolean {
  const words = fixedWords(body);
  return words.many >= FEWEST_WORDS && repeatedSigns(body) !== undefined;
}
const FEWEST_WORDS = 3;
