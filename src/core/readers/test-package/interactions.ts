// Each interaction of QTI 2 and 3 as the part of a question that it becomes.
import type { Item, Option, Text } from '../../model';
import { numberOf } from '../../shared/normalise';
import { textOf } from '../../shared/rich-text';
import { trueFalsePair } from '../../shared/vocabulary/verdicts';
import { creditOf, type Declaration } from './declarations';
import { childrenNamed, contentOf, named, textOfTree, type Tree } from './tree';
import { defined } from '../../shared/defined';

export type Part = Pick<Item, 'kind'> & Partial<Item>;
const NO_FEEDBACK = (tree: Tree): string | undefined =>
  tree.name === 'feedback-inline' || tree.name === 'feedback-block' ? '' : undefined;

const textOfTrees = (nodes: readonly (Tree | string)[]): Text =>
  textOf(contentOf(nodes, NO_FEEDBACK).runs);
/** What is known of a response that no declaration speaks of. */
export const UNDECLARED: Declaration = {
  correct: [],
  mapping: new Map(),
  baseType: '',
  cardinality: 'single',
};

function optionOf(tree: Tree, { right, weights }: ReturnType<typeof creditOf>): Option {
  const id = tree.attributes['identifier'] ?? '';
  const feedback = named(tree, 'feedback-inline')[0] ?? named(tree, 'feedback-block')[0];
  return defined({
    text: textOfTrees(tree.children),
    right: right.has(id),
    weight: weights?.get(id),
    feedback: feedback && textOf(contentOf(feedback.children).runs),
  });
}

/** Whether the interaction says that its choices are shuffled; undefined where it does not say. */
const shuffleOf = ({ attributes: { shuffle } }: Tree): boolean | undefined =>
  shuffle ? shuffle === 'true' : undefined;

/** Two options that say true and false, the true one first; undefined where they are anything else. */
function asTrueFalse(options: Option[]): Option[] | undefined {
  const [first, second] = options;
  if (!first || !second || options.length > 2) {
    return undefined;
  }
  const pair = trueFalsePair(first.text.plain, second.text.plain);
  return pair && (pair.trueFirst ? options : [second, first]);
}

function choice(tree: Tree, declared: Declaration): Part {
  const credit = creditOf(declared);
  const options = childrenNamed(tree, 'simple-choice').map((option) => optionOf(option, credit));
  const { orientation } = tree.attributes;
  const common = defined({
    shuffle: shuffleOf(tree),
    across: orientation ? orientation === 'horizontal' : undefined,
  });
  if (
    declared.cardinality === 'multiple' ||
    numberOf(tree.attributes['max-choices'] ?? '1') !== 1
  ) {
    return { kind: 'choice-many', options, ...common };
  }
  const pair = asTrueFalse(options);
  return pair
    ? { kind: 'true-false', options: pair, ...common }
    : { kind: 'choice-one', options, ...common };
}

function match(tree: Tree, declared: Declaration): Part {
  const texts = new Map(
    named(tree, 'simple-associable-choice').map((one) => [
      one.attributes['identifier'] ?? '',
      textOfTrees(one.children),
    ]),
  );
  const keys = declared.correct.length
    ? declared.correct
    : [...declared.mapping].filter(([, value]) => value > 0).map(([key]) => key);
  const pairs = keys.flatMap((key) => {
    const [left = '', right = '', ...more] = key.trim().split(/\s+/);
    return texts.has(left) && texts.has(right) && !more.length
      ? [{ left: texts.get(left)!, right: texts.get(right)! }]
      : [];
  });
  return defined({
    kind: 'match',
    pairs,
    shuffle: shuffleOf(tree),
  });
}

function order(tree: Tree, declared: Declaration): Part {
  const texts = new Map(
    childrenNamed(tree, 'simple-choice').map((one) => [
      one.attributes['identifier'] ?? '',
      textOfTrees(one.children),
    ]),
  );
  const ids = declared.correct.length ? declared.correct : [...texts.keys()];
  return { kind: 'order', steps: ids.flatMap((id) => texts.get(id) ?? []) };
}

/** Accepted texts of an entry: the right ones first, then those that earn something. */
export const acceptedOf = ({ correct, mapping }: Declaration): string[] => [
  ...new Set([...correct, ...[...mapping].filter(([, value]) => value > 0).map(([key]) => key)]),
];

/** The tolerance that the item's own scoring allows around the right number: an equality with a tolerance, or two bounds. */
export function toleranceOf(item: Tree, value: number): number {
  const equal = named(item, 'equal').find((one) => one.attributes['tolerance-mode'] === 'absolute');
  if (equal) {
    return numberOf((equal.attributes['tolerance'] ?? '').split(/\s+/)[0] ?? '') ?? 0;
  }
  const bound = (name: string): number | undefined => {
    const base = named(item, name).flatMap((one) => childrenNamed(one, 'base-value'))[0];
    return base && numberOf(textOfTree(base));
  };
  const [low, high] = [bound('gte'), bound('lte')];
  return low !== undefined && high !== undefined && low <= value && value <= high
    ? Number(((high - low) / 2).toPrecision(10))
    : 0;
}

function entry(tree: Tree, declared: Declaration, item: Tree): Part {
  const value = numberOf(declared.correct[0] ?? '');
  if ((declared.baseType === 'float' || declared.baseType === 'integer') && value !== undefined) {
    return { kind: 'number', number: { value, tolerance: toleranceOf(item, value) } };
  }
  return { kind: 'short', accepted: acceptedOf(declared) };
}

function gapMatch(tree: Tree, declared: Declaration): Part & { stem: Text } {
  const texts = new Map(
    named(tree, 'gap-text').map((one) => [
      one.attributes['identifier'] ?? '',
      textOfTrees(one.children).plain,
    ]),
  );
  const places = named(tree, 'gap').map((gap) => gap.attributes['identifier'] ?? '');
  const options = [...texts.values()];
  const gaps = places.map((place) => ({
    accepted: declared.correct.flatMap((key) => {
      const [text = '', at] = key.split(/\s+/);
      return at === place && texts.has(text) ? [texts.get(text)!] : [];
    }),
    options,
  }));
  const body = tree.children.filter(
    (child) => typeof child === 'string' || !['gap-text', 'prompt'].includes(child.name),
  );
  let n = 0;
  return {
    kind: 'gap',
    stem: textOf(contentOf(body, (one) => (one.name === 'gap' ? `{{${++n}}}` : undefined)).runs),
    gaps,
  };
}

/** One gap of a running sentence: typed, or chosen from a list. */
export function inlineGap(
  tree: Tree,
  declared: Declaration,
): { accepted: string[]; options?: string[] } {
  if (tree.name === 'text-entry-interaction') {
    return { accepted: acceptedOf(declared) };
  }
  const texts = new Map(
    childrenNamed(tree, 'inline-choice').map((one) => [
      one.attributes['identifier'] ?? '',
      textOfTrees(one.children).plain,
    ]),
  );
  return {
    accepted: acceptedOf(declared).flatMap((key) => texts.get(key) ?? []),
    options: [...texts.values()],
  };
}

type Reader = (tree: Tree, declared: Declaration, item: Tree) => Part;

function openAnswer(tree: Tree): Part {
  const lines = numberOf(tree.attributes['expected-lines'] ?? '');
  return defined<Part>({ kind: 'open', lines: lines || undefined });
}

/** Interactions by their names; others are of a kind that the model can't hold. */
const READERS = new Map<string, Reader>([
  ['choice-interaction', choice],
  ['match-interaction', match],
  ['associate-interaction', match],
  ['order-interaction', order],
  ['text-entry-interaction', entry],
  ['slider-interaction', entry],
  ['extended-text-interaction', openAnswer],
  ['upload-interaction', () => ({ kind: 'upload' })],
  ['gap-match-interaction', gapMatch],
]);

/** Whether the model can hold what an interaction asks. */
export const isKnown = ({ name }: Tree): boolean => READERS.has(name);

/** The question part of an interaction; undefined where it is of a kind that the model can't hold. */
export const partOf = (
  tree: Tree,
  declared: Declaration = UNDECLARED,
  item: Tree,
): Part | undefined => READERS.get(tree.name)?.(tree, declared, item);
