// The items that a test refers to, in its order, with what it says about each.
import { defined } from '../../shared/defined';
import { numberOf } from '../../shared/normalise';
import { resolveTarget } from '../../shared/part-path';
import type { Reference } from './item';
import { childrenNamed, type Tree } from './tree';

/** A reference with the path of the item that it is to. */
export type Referred = { path: string; reference: Reference };

const numberIn = (tree: Tree | undefined, attribute: string): number | undefined =>
  numberOf(tree?.attributes[attribute] ?? '') || undefined;

/** What a reference says; a time limit of the section around goes for each of its items. */
function referenceOf(tree: Tree, category: string[], limits: Tree | undefined): Reference {
  return defined({
    category,
    seconds: numberIn(childrenNamed(tree, 'time-limits')[0] ?? limits, 'max-time'),
    attempts: numberIn(childrenNamed(tree, 'item-session-control')[0], 'max-attempts'),
    points: numberIn(childrenNamed(tree, 'weight')[0], 'value'),
  });
}

const HOLDERS = new Set(['assessment-section', 'assessment-item-ref']);
const isHolder = (child: Tree | string): child is Tree =>
  typeof child !== 'string' && HOLDERS.has(child.name);

/** The references below a part or section; `titles` are those of the sections around. */
function referencesIn(tree: Tree, path: string, titles: string[]): Referred[] {
  const limits = childrenNamed(tree, 'time-limits')[0];
  const children = [...childrenNamed(tree, 'test-part'), ...tree.children.filter(isHolder)];
  return children.flatMap((child) => {
    if (child.name === 'assessment-item-ref') {
      const target = resolveTarget(path, child.attributes['href'] ?? '');
      return [{ path: target, reference: referenceOf(child, titles, limits) }];
    }
    const { title } = child.attributes;
    const isTitled = child.name === 'assessment-section' && title;
    return referencesIn(child, path, isTitled ? [...titles, title] : titles);
  });
}

/** The items that a test refers to. `path` is the test's own, which references are relative to. */
export const referencesOf = (test: Tree, path: string): Referred[] => referencesIn(test, path, []);
