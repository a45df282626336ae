// A small tree of XML, built in the names of QTI 3 and written in those of the version asked for.
import type { Standard } from '../../model';
import { escapeXml } from '../../shared/markup';

export type Attributes = Record<string, string | number | boolean | undefined>;
export type Node =
  { name: string; attributes: Attributes; children: Node[] } | { text: string } | { raw: string };

/** An element; children that are undefined are left out. */
export const el = (
  name: string,
  attributes: Attributes = {},
  ...children: (Node | undefined)[]
): Node => ({
  name,
  attributes,
  children: children.filter((child): child is Node => child !== undefined),
});
/** A text node. */
export const text = (content: string): Node => ({ text: content });

const camel = (name: string): string =>
  name.replace(/^qti-/, '').replace(/-([a-z])/g, (_, letter: string) => letter.toUpperCase());

/** The name of an element or of an element's attribute in the version; HTML keeps its own. */
function named(name: string, isQti: boolean, standard: Standard): string {
  return standard === 'qti-3.0' || !isQti || name.includes(':') ? name : camel(name);
}

/** The XML of a node. QTI 2 has no body element around the content of feedback, so it is left out there. */
export function xmlOf(node: Node, standard: Standard): string {
  if ('text' in node) {
    return escapeXml(node.text);
  }
  if ('raw' in node) {
    return node.raw;
  }
  const inner = node.children.map((child) => xmlOf(child, standard)).join('');
  if (node.name === 'qti-content-body' && standard !== 'qti-3.0') {
    return inner;
  }
  const isQti = node.name.startsWith('qti-');
  const attributes = Object.entries(node.attributes)
    .flatMap(([name, value]) =>
      value === undefined ? [] : [` ${named(name, isQti, standard)}="${escapeXml(String(value))}"`],
    )
    .join('');
  const tag = named(node.name, isQti, standard);
  return inner ? `<${tag}${attributes}>${inner}</${tag}>` : `<${tag}${attributes}/>`;
}

export const HEAD = '<?xml version="1.0" encoding="UTF-8"?>\n';

/** An identifier that the standard takes, from any text: letters, digits, points, dashes; a letter first. */
export function identifierOf(wanted: string, taken: Set<string>): string {
  const safe =
    wanted
      .normalize('NFKD')
      .replace(/[^\w.-]+/g, '-')
      .replace(/^[^A-Za-z_]+/, (head) => `q${head.replace(/[^\w]/g, '')}`) || 'q';
  let name = safe;
  for (let n = 2; taken.has(name.toLowerCase()); n++) {
    name = `${safe}-${n}`;
  }
  taken.add(name.toLowerCase());
  return name;
}
