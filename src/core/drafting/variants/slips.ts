// Wrong results as learners reach them: slips that fit the formula's own form, each made by changing one part of it.
// Which slips are usual is common practice of the trade, no source.
import type { ConstantNode, MathNode, OperatorNode, SymbolNode } from 'mathjs';
import type { TemplateQuantity } from '../../model';
import { math } from './math';

/** A slip in words, with the formula that it leads to. */
export type SlippedFormula = { name: string; root: MathNode };
type Operator = OperatorNode & { op: string; args: MathNode[] };
type Call = MathNode & { fn: { name: string }; args: MathNode[] };
/** What one part of a formula becomes by a slip. */
type Other = { name: string; node: MathNode };

const wordsFor = (node: MathNode): string => node.toString().replaceAll(' * ', ' × ');
const constant = (value: number): MathNode => math.parse(String(value));
const joined = (op: string, left: MathNode, right: MathNode): MathNode =>
  math.parse(`(${left.toString()}) ${op} (${right.toString()})`);

const isOperator = (node: MathNode): node is Operator => node.type === 'OperatorNode';
const isCall = (node: MathNode): node is Call => node.type === 'FunctionNode';
const isNumber = (node: MathNode, value?: number): boolean =>
  node.type === 'ConstantNode' &&
  (value === undefined || (node as unknown as ConstantNode).value === value);
const unwrapped = (node: MathNode): MathNode =>
  node.type === 'ParenthesisNode'
    ? unwrapped((node as unknown as { content: MathNode }).content)
    : node;

function ofPower([base, exponent]: readonly MathNode[]): Other[] {
  if (isNumber(exponent!, 2)) {
    return [
      { name: `forgot to square ${wordsFor(base!)}`, node: base! },
      {
        name: `doubled ${wordsFor(base!)} instead of squaring it`,
        node: joined('*', base!, constant(2)),
      },
    ];
  }
  if (isNumber(exponent!, 3)) {
    return [
      {
        name: `squared ${wordsFor(base!)} instead of cubing it`,
        node: joined('^', base!, constant(2)),
      },
      { name: `forgot to cube ${wordsFor(base!)}`, node: base! },
    ];
  }
  return [{ name: `left out the power of ${wordsFor(base!)}`, node: base! }];
}

const ofProduct = ([left, right]: readonly MathNode[]): Other[] => [
  { name: `left out ${wordsFor(right!)}`, node: left! },
  { name: `left out ${wordsFor(left!)}`, node: right! },
  {
    name: `divided by ${wordsFor(right!)} instead of multiplying`,
    node: joined('/', left!, right!),
  },
];
const ofQuotient = ([left, right]: readonly MathNode[]): Other[] => [
  {
    name: `multiplied by ${wordsFor(right!)} instead of dividing`,
    node: joined('*', left!, right!),
  },
  { name: 'divided the wrong way round', node: joined('/', right!, left!) },
  { name: `forgot to divide by ${wordsFor(right!)}`, node: left! },
];
const ofSum = ([left, right]: readonly MathNode[]): Other[] => [
  { name: `subtracted ${wordsFor(right!)} instead of adding it`, node: joined('-', left!, right!) },
  { name: `left out ${wordsFor(right!)}`, node: left! },
];
const ofDifference = ([left, right]: readonly MathNode[]): Other[] => [
  { name: `added ${wordsFor(right!)} instead of subtracting it`, node: joined('+', left!, right!) },
  { name: `left out ${wordsFor(right!)}`, node: left! },
];

const BY_OPERATOR: Readonly<Record<string, (args: readonly MathNode[]) => Other[]>> = {
  '^': ofPower,
  '*': ofProduct,
  '/': ofQuotient,
  '+': ofSum,
  '-': ofDifference,
};

const OTHER_FUNCTION: Readonly<Record<string, string>> = { sin: 'cos', cos: 'sin', tan: 'sin' };
const FULL_NAMES: Readonly<Record<string, string>> = { sin: 'sine', cos: 'cosine', tan: 'tangent' };

function ofCall({ fn: { name }, args: [inner] }: Call): Other[] {
  if (!inner) {
    return [];
  }
  if (name === 'sqrt' || name === 'cbrt') {
    return [{ name: 'forgot to take the root', node: inner }];
  }
  const other = OTHER_FUNCTION[name];
  if (!other) {
    return [];
  }
  const call = (text: string): MathNode => math.parse(text);
  return [
    {
      name: `took the ${FULL_NAMES[other]!} instead of the ${FULL_NAMES[name]!}`,
      node: call(`${other}(${inner.toString()})`),
    },
    {
      name: 'took degrees for radians',
      node: call(`${name}((${inner.toString()}) * 180 / pi)`),
    },
  ];
}

/** A radius and a diameter are taken for one another where the formula is of a circle. */
function ofSymbol({ name }: SymbolNode, isOfCircle: boolean): Other[] {
  if (!isOfCircle) {
    return [];
  }
  if (/^(?:r|radius)(?:_|\d|$)/i.test(name)) {
    return [{ name: 'took the diameter for the radius', node: math.parse(`(2 * ${name})`) }];
  }
  return /^(?:d|diameter)(?:_|\d|$)/i.test(name)
    ? [{ name: 'took the radius for the diameter', node: math.parse(`(${name} / 2)`) }]
    : [];
}

function othersOf(node: MathNode, isOfCircle: boolean): Other[] {
  if (isOperator(node) && node.args.length === 2) {
    return BY_OPERATOR[node.op]?.(node.args.map(unwrapped)) ?? [];
  }
  if (isCall(node)) {
    return ofCall(node);
  }
  return node.type === 'SymbolNode' ? ofSymbol(node as unknown as SymbolNode, isOfCircle) : [];
}

const replaced = (root: MathNode, part: MathNode, by: MathNode): MathNode =>
  root.transform((node) => (node === part ? by : node));

/** Two quantities of one unit changed for one another. */
function swaps(root: MathNode, used: readonly TemplateQuantity[]): SlippedFormula[] {
  return used.flatMap((first, index) =>
    used
      .slice(index + 1)
      .filter((second) => (second.unit ?? '') === (first.unit ?? ''))
      .map((second) => ({
        name: `swapped ${first.name} and ${second.name}`,
        root: root.transform((node) => {
          const { name } = node as unknown as SymbolNode;
          if (node.type !== 'SymbolNode' || (name !== first.name && name !== second.name)) {
            return node;
          }
          return math.parse(name === first.name ? second.name : first.name);
        }),
      })),
  );
}

const POWERS: readonly (readonly [number, string])[] = [
  [10, 'ten times too large: a power of ten too many'],
  [0.1, 'ten times too small: a power of ten too few'],
  [1000, 'a thousand times too large: the wrong multiple of a unit'],
  [0.001, 'a thousand times too small: the wrong multiple of a unit'],
];

/** All slips that fit a formula, the telling ones first; `used` are its quantities. */
export function usualSlips(root: MathNode, used: readonly TemplateQuantity[]): SlippedFormula[] {
  let isOfCircle = false;
  root.traverse((node) => {
    isOfCircle ||= node.type === 'SymbolNode' && (node as unknown as SymbolNode).name === 'pi';
  });
  const found: SlippedFormula[] = [];
  root.traverse((part, path, parent) => {
    // The name of a function is no quantity of its own.
    if (path === 'fn' && parent?.type === 'FunctionNode') {
      return;
    }
    for (const { name, node } of othersOf(part, isOfCircle)) {
      found.push({ name, root: part === root ? node : replaced(root, part, node) });
    }
  });
  const byPower = POWERS.map(([factor, name]) => ({
    name,
    root: joined('*', root, constant(factor)),
    isFiller: true,
  }));
  return [...found, ...swaps(root, used), ...byPower];
}
