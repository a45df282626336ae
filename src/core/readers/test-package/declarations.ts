// What an item of QTI 2 or 3 declares: right responses, partial credit, the greatest score.
import { numberOf } from '../../shared/normalise';
import { childrenNamed, named, textOfTree, type Tree } from './tree';
import { defined } from '../../shared/defined';

export type Declaration = {
  correct: string[];
  mapping: Map<string, number>;
  baseType: string;
  cardinality: string;
  upper?: number;
};

const values = (tree: Tree | undefined): string[] =>
  tree ? childrenNamed(tree, 'value').map((value) => textOfTree(value).trim()) : [];

function declarationOf(tree: Tree): Declaration {
  const mapping = childrenNamed(tree, 'mapping')[0];
  const upper = numberOf(mapping?.attributes['upper-bound'] ?? '');
  return defined({
    correct: values(childrenNamed(tree, 'correct-response')[0]),
    mapping: new Map(
      mapping
        ? childrenNamed(mapping, 'map-entry').map((entry) => [
            entry.attributes['map-key'] ?? '',
            Number(entry.attributes['mapped-value'] ?? 0),
          ])
        : [],
    ),
    baseType: (tree.attributes['base-type'] ?? '').toLowerCase(),
    cardinality: tree.attributes['cardinality'] ?? 'single',
    upper,
  });
}

/** The declarations of the responses by their identifier. */
export const declarationsOf = (item: Tree): Map<string, Declaration> =>
  new Map(
    named(item, 'response-declaration').map((tree) => [
      tree.attributes['identifier'] ?? '',
      declarationOf(tree),
    ]),
  );

/** The points that an item gives at most: MAXSCORE, else SCORE's normal maximum, else a mapping's upper bound. */
export function pointsOf(item: Tree, declarations: Map<string, Declaration>): number | undefined {
  const outcome = (name: string): Tree | undefined =>
    named(item, 'outcome-declaration').find((tree) => tree.attributes['identifier'] === name);
  const most = outcome('MAXSCORE');
  const given = most && numberOf(values(childrenNamed(most, 'default-value')[0])[0] ?? '');
  const points =
    given ??
    numberOf(outcome('SCORE')?.attributes['normal-maximum'] ?? '') ??
    [...declarations.values()].find(({ upper }) => upper !== undefined)?.upper;
  return points !== undefined && points > 0 ? points : undefined;
}

/** The keys that count as right, and each key's share of the points in per cent where the item gives partial credit. */
export function creditOf({ correct, mapping }: Declaration): {
  right: Set<string>;
  weights: Map<string, number> | undefined;
} {
  const positive = [...mapping].filter(([, value]) => value > 0).map(([key]) => key);
  const right = new Set(correct.length ? correct : positive);
  const whole = positive.reduce((sum, key) => sum + (mapping.get(key) ?? 0), 0);
  // Mapping that gives the right ones alike and the others nothing says no more than which are right.
  const even =
    new Set([...right].map((key) => mapping.get(key))).size <= 1 &&
    [...mapping].every(([key, value]) => right.has(key) || value === 0);
  const weights =
    mapping.size && !even && whole > 0
      ? new Map(
          [...mapping].map(([key, value]) => [key, Math.round((value / whole) * 10_000) / 100]),
        )
      : undefined;
  return { right, weights };
}
