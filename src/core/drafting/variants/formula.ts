// A formula as a person types it, read and held to what a formula may be: numbers, quantities, a few functions.
import type { MathNode } from 'mathjs';
import { quoted } from '../../shared/plain';
import { Problem } from '../../shared/problem';
import { CONSTANTS, FUNCTIONS, math } from './math';
import { plainUnit, unitOf } from './units';
import { say } from '../../shared/say';

const LONGEST = 400;
const MOST_NODES = 150;
const OPERATORS = new Set(['+', '-', '*', '/', '^']);
const COMPARING = new Set(['<', '<=', '>', '>=', '==', '!=', 'and', 'or', 'not']);

const SIGNS: readonly (readonly [RegExp, string])[] = [
  [/[×·⋅]/gu, '*'],
  [/[÷:]/gu, '/'],
  [/[−–]/gu, '-'],
  [/√\s*\(/gu, 'sqrt('],
  [/√\s*([\p{L}\d.]+)/gu, 'sqrt($1)'],
  [/π/gu, ' pi '],
  [/≤/gu, '<='],
  [/≥/gu, '>='],
  [/≠/gu, '!='],
  [/½/gu, '(1/2)'],
];

/** What a formula may name. */
export type Names = ReadonlySet<string>;

const typed = (text: string): string =>
  plainUnit(SIGNS.reduce((formula, [sign, plain]) => formula.replace(sign, plain), text));

type Named = MathNode & { name?: string; op?: string; fn?: { name?: string }; value?: unknown };

const NO_PART =
  'numbers, quantities, + - * / ^, brackets and functions such as sqrt or sin are parts of a formula';

/** Why a part of a formula may not stand there, by its type; nothing where it may. */
type Objection = (node: Named, names: Names, comparing: boolean) => string | undefined;

const OBJECTIONS: Readonly<Record<string, Objection>> = {
  ParenthesisNode: () => undefined,
  ConstantNode: ({ value }) =>
    typeof value === 'number' ? undefined : say('text in quotes is no part of a formula'),
  OperatorNode: ({ op = '' }, _, comparing) =>
    OPERATORS.has(op) || (comparing && COMPARING.has(op))
      ? undefined
      : say('the sign {op} is not taken here', { op }),
  FunctionNode: ({ fn }) =>
    FUNCTIONS.has(fn?.name ?? '')
      ? undefined
      : say('the function {name} is not known here; {list} are', {
          name: fn?.name ?? '',
          list: [...FUNCTIONS].join(', '),
        }),
  SymbolNode: ({ name = '' }, names) =>
    names.has(name) || CONSTANTS.has(name) || unitOf(name)
      ? undefined
      : say('{name} is none of the quantities ({list})', {
          name: quoted(name, 30),
          list: [...names].join(', ') || say('there are none'),
        }),
  RelationalNode: (_node, _names, comparing) => (comparing ? undefined : NO_PART),
};

function objection(node: Named, names: Names, comparing: boolean): string | undefined {
  const object = Object.hasOwn(OBJECTIONS, node.type) ? OBJECTIONS[node.type] : undefined;
  return object
    ? object(node, names, comparing)
    : say('{node} is not taken; {noPart}', { node: quoted(node.toString(), 40), noPart: NO_PART });
}

/**
 * Reads a formula, or a condition where `comparing`.
 * @throws {Problem} with a plain sentence where it is none, or holds what a formula may not hold.
 */
export function readFormula(text: string, names: Names, comparing = false): MathNode {
  const what = comparing ? 'condition' : 'formula';
  const refuse = (why: string): never => {
    throw new Problem(
      say('The {what} {text} can’t be used: {why}.', { what, text: quoted(text, 60), why }),
    );
  };
  if (!text.trim()) {
    refuse(say('it is empty'));
  }
  if (text.length > LONGEST) {
    refuse(
      say('it has {text} characters; {longest} are taken', { text: text.length, longest: LONGEST }),
    );
  }
  let root: MathNode;
  try {
    root = math.parse(typed(text));
  } catch (error) {
    return refuse(
      error instanceof Error ? error.message.replace(/\.$/, '') : say('it can’t be read'),
    );
  }
  let nodes = 0;
  root.traverse((node, path) => {
    nodes++;
    if (path === 'fn') {
      return;
    }
    const why =
      nodes > MOST_NODES ? say('it has too many parts') : objection(node, names, comparing);
    if (why) {
      refuse(why);
    }
  });
  return root;
}

/** The names that a formula uses, those of functions left out. */
export function namesIn(root: MathNode): Set<string> {
  const found = new Set<string>();
  root.traverse((node, _path, parent) => {
    const { type, name } = node as Named;
    const isCalled = parent?.type === 'FunctionNode' && (parent as Named).fn === (node as unknown);
    if (type === 'SymbolNode' && !isCalled) {
      found.add(name!);
    }
  });
  return found;
}

/** Numbers that stand in a formula. */
export function numbersIn(root: MathNode): number[] {
  const found: number[] = [];
  root.traverse((node) => {
    const { type, value } = node as Named;
    if (type === 'ConstantNode' && typeof value === 'number') {
      found.push(value);
    }
  });
  return found;
}
