// A thin face over the HTML parser: names, attributes, children. Scripts and styles are left behind at the door.
import { parse, parseFragment, defaultTreeAdapter, type DefaultTreeAdapterTypes } from 'parse5';

export type Node = DefaultTreeAdapterTypes.Node;
export type Element = DefaultTreeAdapterTypes.Element;

const IGNORED = new Set([
  'script',
  'style',
  'head',
  'noscript',
  'template',
  'iframe',
  'object',
  'svg',
  'title',
  'meta',
  'link',
  'button',
  'select',
  'textarea',
]);

/** Whether a node is an element rather than text. */
export const isElement = (node: Node): node is Element => 'tagName' in node;
/** The children that may be looked at; undefined for what never holds content. */
export const childrenOf = (node: Node): Node[] =>
  'childNodes' in node
    ? node.childNodes.filter((child) => !isElement(child) || !IGNORED.has(child.tagName))
    : [];
/** An attribute's value; empty where the element lacks it. */
export const attribute = (element: Element, name: string): string =>
  element.attrs.find((attr) => attr.name === name)?.value ?? '';
/** A text node's text; undefined for other nodes. */
export const textOfNode = (node: Node): string | undefined =>
  defaultTreeAdapter.isTextNode(node) ? node.value : undefined;

/** The body of a document, or a fragment as the clipboard holds it. */
export function parseHtml(source: string): Node {
  const fragment = /<!--StartFragment-->([\s\S]*?)<!--EndFragment-->/i.exec(source);
  // Spreadsheets put the marks inside the table; then the whole is the safer reading.
  if (fragment && !/^\s*<(?:td|tr|col|tbody)/i.test(fragment[1]!)) {
    return shallow(parseFragment(fragment[1]!));
  }
  return shallow(parse(source));
}

/** Deeper than any page nests what people read; what lies below is left out, since the readers go down level by level. */
const DEEPEST = 200;

/** The tree without what is nested too deep; walked without recursion, which a deep tree would exhaust. */
function shallow<Root extends Node>(root: Root): Root {
  const open: { node: Node; depth: number }[] = [{ node: root, depth: 0 }];
  for (let next = open.pop(); next; next = open.pop()) {
    const { node, depth } = next;
    if (!('childNodes' in node)) {
      continue;
    }
    if (depth >= DEEPEST) {
      node.childNodes = [];
    }
    for (const child of node.childNodes) {
      open.push({ node: child, depth: depth + 1 });
    }
  }
  return root;
}

/** Every element of a name below a node, outermost first; those inside one another only where `nested` says so. */
export function findAll(node: Node, name: string, nested = false): Element[] {
  return childrenOf(node).flatMap((child) => {
    if (isElement(child) && child.tagName === name) {
      return nested ? [child, ...findAll(child, name, nested)] : [child];
    }
    return findAll(child, name, nested);
  });
}
