// XML as a small tree with the names of one tongue: QTI 2's camelCase and QTI 3's prefix both become kebab-case.
import type { Picture, Run } from '../../model';
import { inlineOf } from '../../shared/html/inline';
import { parseHtml } from '../../shared/html/tree';
import { escapeMarkup } from '../../shared/markup';
import { parseXml } from '../xml';

export type Tree = {
  name: string;
  attributes: Record<string, string>;
  children: (Tree | string)[];
};

const kebab = (name: string): string =>
  name
    .replace(/^qti-/, '')
    .replace(/([a-z0-9])([A-Z])/g, '$1-$2')
    .replace(/_/g, '-')
    .toLowerCase();
const local = (name: string): string => name.slice(name.indexOf(':') + 1);

/** The root element. Throws an Error where the XML is broken or nests past 200 levels. */
export function parseTree(xml: string): Tree {
  const root: Tree = { name: '', attributes: {}, children: [] };
  const stack: Tree[] = [root];
  parseXml(xml, {
    open(name, a) {
      const element: Tree = {
        name: kebab(name),
        attributes: Object.fromEntries(
          Object.entries(a).map(([key, value]) => [kebab(local(key)), value]),
        ),
        children: [],
      };
      stack.at(-1)!.children.push(element);
      stack.push(element);
      if (stack.length > 200) {
        throw new Error('nested too deep');
      }
    },
    text(text) {
      stack.at(-1)!.children.push(text);
    },
    close() {
      stack.pop();
    },
  });
  return root.children.find((child): child is Tree => typeof child !== 'string') ?? root;
}

/** The elements right below a node. */
export const elementsOf = (tree: Tree): Tree[] =>
  tree.children.filter((child): child is Tree => typeof child !== 'string');
/** The elements of a name right below a node. */
export const childrenNamed = (tree: Tree, name: string): Tree[] =>
  elementsOf(tree).filter((child) => child.name === name);
/** Every element below that a test holds for; what is found is not searched further. */
export const findTrees = (tree: Tree, test: (tree: Tree) => boolean): Tree[] =>
  elementsOf(tree).flatMap((child) => (test(child) ? [child] : findTrees(child, test)));
/** The outermost elements of a name anywhere below a node. */
export const named = (tree: Tree, name: string): Tree[] =>
  findTrees(tree, (child) => child.name === name);
/** All text below a node. */
export const textOfTree = (tree: Tree): string =>
  tree.children.map((child) => (typeof child === 'string' ? child : textOfTree(child))).join('');

const VOID = new Set(['br', 'img', 'hr']);
const ATTRIBUTES = new Set(['src', 'alt', 'href', 'style', 'data']);

/** The part of a tree as HTML for the reader of inline content; `instead` may put a text in an element's place. */
function asHtml(node: Tree | string, instead: (tree: Tree) => string | undefined): string {
  if (typeof node === 'string') {
    return escapeMarkup(node);
  }
  const other = instead(node);
  if (other !== undefined) {
    return escapeMarkup(other);
  }
  const name =
    node.name === 'object' && /^image\//.test(node.attributes['type'] ?? '') ? 'img' : node.name;
  const attributes = Object.entries(node.attributes)
    .filter(([key]) => ATTRIBUTES.has(key))
    .map(([key, value]) => ` ${key === 'data' ? 'src' : key}="${escapeMarkup(value)}"`)
    .join('');
  if (VOID.has(name)) {
    return `<${name}${attributes}>`;
  }
  return `<${name}${attributes}>${node.children.map((child) => asHtml(child, instead)).join('')}</${name}>`;
}

export type Content = { runs: Run[]; pictures: Picture[] };

/** What stands in elements, as runs and pictures; markup that runs or is unknown is left out, its text kept. */
export const contentOf = (
  nodes: readonly (Tree | string)[],
  instead: (tree: Tree) => string | undefined = () => undefined,
): Content =>
  inlineOf(parseHtml(`<div>${nodes.map((node) => asHtml(node, instead)).join('')}</div>`), true);

/** HTML that stands in a text, as older packages hold it. */
export const contentOfHtml = (html: string): Content =>
  inlineOf(parseHtml(`<div>${html}</div>`), true);
