// Wrong results as learners reach them: slips that fit the formula's own form, each made by changing one part of it.
// Which slips are usual is common practice of the trade, no source.
import type { ConstantNode, MathNode, OperatorNode, SymbolNode } from 'mathjs';
import type { TemplateQuantity } from '../../model';
import { math } from './math';
import { say, toSay } from '../../shared/say';

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
      { name: say('forgot to square {base}', { base: wordsFor(base!) }), node: base! },
      {
        name: say('doubled {base} instead of squaring it', { base: wordsFor(base!) }),
        node: joined('*', base!, constant(2)),
      },
    ];
  }
  if (isNumber(exponent!, 3)) {
    return [
      {
        name: say('squared {base} instead of cubing it', { base: wordsFor(base!) }),
        node: joined('^', base!, constant(2)),
      },
      { name: say('forgot to cube {base}', { base: wordsFor(base!) }), node: base! },
    ];
  }
  return [{ name: say('left out the power of {base}', { base: wordsFor(base!) }), node: base! }];
}

const ofProduct = ([left, right]: readonly MathNode[]): Other[] => [
  { name: say('left out {right}', { right: wordsFor(right!) }), node: left! },
  { name: say('left out {left}', { left: wordsFor(left!) }), node: right! },
  {
    name: say('divided by {right} instead of multiplying', { right: wordsFor(right!) }),
    node: joined('/', left!, right!),
  },
];
const ofQuotient = ([left, right]: readonly MathNode[]): Other[] => [
  {
    name: say('multiplied by {right} instead of dividing', { right: wordsFor(right!) }),
    node: joined('*', left!, right!),
  },
  { name: say('divided the wrong way round'), node: joined('/', right!, left!) },
  { name: say('forgot to divide by {right}', { right: wordsFor(right!) }), node: left! },
];
const ofSum = ([left, right]: readonly MathNode[]): Other[] => [
  {
    name: say('subtracted {right} instead of adding it', { right: wordsFor(right!) }),
    node: joined('-', left!, right!),
  },
  { name: say('left out {right}', { right: wordsFor(right!) }), node: left! },
];
const ofDifference = ([left, right]: readonly MathNode[]): Other[] => [
  {
    name: say('added {right} instead of subtracting it', { right: wordsFor(right!) }),
    node: joined('+', left!, right!),
  },
  { name: say('left out {right}', { right: wordsFor(right!) }), node: left! },
];

const BY_OPERATOR: Readonly<Record<string, (args: readonly MathNode[]) => Other[]>> = {
  '^': ofPower,
  '*': ofProduct,
  '/': ofQuotient,
  '+': ofSum,
  '-': ofDifference,
};

const OTHER_FUNCTION: Readonly<Record<string, string>> = { sin: 'cos', cos: 'sin', tan: 'sin' };
const FULL_NAMES: Readonly<Record<string, string>> = {
  sin: toSay('sine'),
  cos: toSay('cosine'),
  tan: toSay('tangent'),
};

function ofCall({ fn: { name }, args: [inner] }: Call): Other[] {
  if (!inner) {
    return [];
  }
  if (name === 'sqrt' || name === 'cbrt') {
    return [{ name: say('forgot to take the root'), node: inner }];
  }
  const other = OTHER_FUNCTION[name];
  if (!other) {
    return [];
  }
  const call = (text: string): MathNode => math.parse(text);
  return [
    {
      name: say('took the {other} instead of the {name}', {
        other: say(FULL_NAMES[other]!),
        name: say(FULL_NAMES[name]!),
      }),
      node: call(`${other}(${inner.toString()})`),
    },
    {
      name: say('took degrees for radians'),
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
    return [{ name: say('took the diameter for the radius'), node: math.parse(`(2 * ${name})`) }];
  }
  return /^(?:d|diameter)(?:_|\d|$)/i.test(name)
    ? [{ name: say('took the radius for the diameter'), node: math.parse(`(${name} / 2)`) }]
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
        name: say('swapped {name} and {secondName}', { name: first.name, secondName: second.name }),
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
  [10, toSay('ten times too large: a power of ten too many')],
  [0.1, toSay('ten times too small: a power of ten too few')],
  [1000, toSay('a thousand times too large: the wrong multiple of a unit')],
  [0.001, toSay('a thousand times too small: the wrong multiple of a unit')],
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
    name: say(name),
    root: joined('*', root, constant(factor)),
    isFiller: true,
  }));
  return [...found, ...swaps(root, used), ...byPower];
}
