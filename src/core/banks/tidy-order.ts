// The tags of a bank with their counts, its tree of categories, and what it takes to put them in order.
import type { Item, Tag } from '../model';
import { tagText } from '../shared/plain';

export type TagCount = { tag: Tag; n: number };
/** A category with the questions that lie in it and, as `all`, below it too. */
export type CategoryNode = {
  path: string[];
  name: string;
  own: number;
  all: number;
  children: CategoryNode[];
};

const byWords = (a: string, b: string): number => a.localeCompare(b, undefined, { numeric: true });

/** Every tag with how many questions carry it, by name and then by value. */
export function tagCounts(items: readonly Item[]): TagCount[] {
  const counts = new Map<string, TagCount>();
  for (const { tags = [] } of items) {
    for (const tag of tags) {
      const words = tagText(tag);
      const known = counts.get(words);
      counts.set(words, { tag, n: (known?.n ?? 0) + 1 });
    }
  }
  return [...counts]
    .sort(
      ([a, { tag }], [b, { tag: other }]) =>
        byWords(tag.name ?? '', other.name ?? '') || byWords(a, b),
    )
    .map(([, one]) => one);
}

/** The categories as a tree, in the order of their names; those that no question lies in or below are not there. */
export function categoryTree(items: readonly Item[]): CategoryNode[] {
  const roots: CategoryNode[] = [];
  for (const { category = [] } of items) {
    let level = roots;
    category.forEach((name, depth) => {
      let node = level.find((one) => one.name === name);
      if (!node) {
        node = { path: category.slice(0, depth + 1), name, own: 0, all: 0, children: [] };
        level.push(node);
      }
      node.all++;
      node.own += Number(depth === category.length - 1);
      level = node.children;
    });
  }
  return inOrder(roots);
}

const inOrder = (nodes: CategoryNode[]): CategoryNode[] =>
  [...nodes]
    .sort((a, b) => byWords(a.name, b.name))
    .map((node) => ({ ...node, children: inOrder(node.children) }));

/** Whether a path is another one, or lies below it. */
export const isWithin = (path: readonly string[], above: readonly string[]): boolean =>
  above.every((part, at) => path[at] === part);

/** What a tag says as a name and a value, where it is one word of each: 'level beginner', 'level=beginner'. */
export function splitTag({ name, value }: Tag): Tag | undefined {
  const parts = name ? null : /^(\p{L}[\p{L}\d]*)\s*(?:[=/_-]\s*|\s)(\S.*)$/u.exec(value);
  return parts ? { name: parts[1]!, value: parts[2]! } : undefined;
}
