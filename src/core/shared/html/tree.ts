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

export const isElement = (node: Node): node is Element => 'tagName' in node;
/** The children that may be looked at; undefined for what never holds content. */
export const childrenOf = (node: Node): Node[] =>
  'childNodes' in node
    ? node.childNodes.filter((child) => !isElement(child) || !IGNORED.has(child.tagName))
    : [];
export const attribute = (element: Element, name: string): string =>
  element.attrs.find((attr) => attr.name === name)?.value ?? '';
export const textOfNode = (node: Node): string | undefined =>
  defaultTreeAdapter.isTextNode(node) ? node.value : undefined;

/** The body of a document, or a fragment as the clipboard holds it. */
export function parseHtml(source: string): Node {
  const fragment = /<!--StartFragment-->([\s\S]*?)<!--EndFragment-->/i.exec(source);
  // Spreadsheets put the marks inside the table; then the whole is the safer reading.
  if (fragment && !/^\s*<(?:td|tr|col|tbody)/i.test(fragment[1]!)) {
    return parseFragment(fragment[1]!);
  }
  return parse(source);
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
