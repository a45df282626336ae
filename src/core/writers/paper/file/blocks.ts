// A printable page of our own taken apart into blocks that a word processor's document is made of.
import type { Run } from '../../../model';
import {
  attribute,
  childrenOf,
  findAll,
  isElement,
  parseHtml,
  textOfNode,
  type Element,
  type Node,
} from '../../../shared/html/tree';

export type Block =
  | { is: 'heading'; level: 1 | 2; runs: Run[] }
  /** `indent` in steps; `keeps` keeps the paragraph on one page with the next. */
  | { is: 'paragraph'; runs: Run[]; indent?: number; keeps?: boolean; small?: boolean }
  | { is: 'room' }
  | { is: 'picture'; href: string; alt: string }
  | { is: 'table'; rows: Run[][][]; hasHead: boolean; isOpen?: boolean }
  | { is: 'new-page' };

const BOX = '☐ ';
const BLANK = '____________';
const FLAGS: Readonly<Record<string, keyof Run>> = {
  b: 'bold',
  strong: 'bold',
  i: 'italic',
  em: 'italic',
  u: 'underline',
  sub: 'sub',
  sup: 'sup',
};

const classesOf = (node: Element): string[] => attribute(node, 'class').split(' ');
const has = (node: Element, name: string): boolean => classesOf(node).includes(name);

/** The words of an element as runs; a box to tick and a blank to fill are signs. */
function runsOf(node: Node, look: Omit<Run, 'text'> = {}): Run[] {
  const text = textOfNode(node);
  if (text !== undefined) {
    return text ? [{ ...look, text }] : [];
  }
  if (!isElement(node)) {
    return [];
  }
  if (node.tagName === 'br') {
    return [{ ...look, text: '\n' }];
  }
  if (has(node, 'box')) {
    return [{ ...look, text: BOX }];
  }
  if (has(node, 'blank')) {
    return [{ ...look, text: BLANK }];
  }
  const flag = FLAGS[node.tagName];
  const inner = childrenOf(node).flatMap((child) =>
    runsOf(child, flag ? { ...look, [flag]: true } : look),
  );
  // On the page a letter stands in a column of its own; in a line of text a sign has to part it from what follows.
  if (has(node, 'letter')) {
    return [...inner, { text: ') ' }];
  }
  return has(node, 'tick') ? [...inner, { text: '   ' }] : inner;
}

const elements = (node: Node): Element[] => childrenOf(node).filter(isElement);

function tableOf(node: Element): Block {
  const rows = findAll(node, 'tr').map((row) =>
    elements(row).map((cell) => childrenOf(cell).flatMap((part) => runsOf(part))),
  );
  return { is: 'table', rows, hasHead: findAll(node, 'th').length > 0 };
}

/** Lists that stand side by side: what is matched with what. */
function sideBySide(node: Element): Block {
  const [left = [], right = []] = elements(node).map((list) => elements(list));
  const rows = Array.from({ length: Math.max(left.length, right.length) }, (_, at) =>
    [left[at], right[at]].map((cell) => (cell ? runsOf(cell) : [])),
  );
  return { is: 'table', rows, hasHead: false, isOpen: true };
}

function listOf(node: Element, indent: number): Block[] {
  const lines = elements(node).map((line) => runsOf(line));
  return has(node, 'across')
    ? [{ is: 'paragraph', runs: lines.flatMap((line) => [...line, { text: '      ' }]), indent }]
    : lines.map((runs): Block => ({ is: 'paragraph', runs, indent, keeps: true }));
}

/** A question: its number in front of its text, its points behind, then what it asks for. */
function questionOf(node: Element): Block[] {
  const parts = elements(node);
  const number = parts.find((part) => has(part, 'n'));
  const points = parts.find((part) => has(part, 'points'));
  const [stem, ...rest] = parts.filter((part) => part !== number && part !== points);
  const runs: Run[] = [
    ...(number ? [{ text: `${plain(number)}. `, bold: true }] : []),
    ...(stem ? runsOf(stem) : []),
    ...(points ? [{ text: `   (${plain(points)})`, italic: true }] : []),
  ];
  const below = rest.flatMap((part) => blocksOf(part, 1));
  const end: Block = { is: 'paragraph', runs: [] };
  return [{ is: 'paragraph', runs, keeps: below.length > 0 }, ...below, end];
}

const plain = (node: Node): string =>
  runsOf(node)
    .map(({ text }) => text)
    .join('');

const BY_CLASS: Readonly<Record<string, (node: Element) => Block[]>> = {
  question: questionOf,
  room: () => [{ is: 'room' }],
  pairs: (node) => [sideBySide(node)],
  line: (node) => [
    {
      is: 'paragraph',
      runs: elements(node).map((part) => ({ text: `${plain(part)}: ${BLANK}${BLANK}    ` })),
    },
  ],
};

const BY_TAG: Readonly<Record<string, (node: Element, indent: number) => Block[]>> = {
  h1: (node) => [{ is: 'heading', level: 1, runs: runsOf(node) }],
  h2: (node) => [{ is: 'heading', level: 2, runs: runsOf(node) }],
  p: (node, indent) => [{ is: 'paragraph', runs: runsOf(node), indent, small: has(node, 'small') }],
  ol: listOf,
  ul: listOf,
  table: (node) => [tableOf(node)],
  img: (node) => [{ is: 'picture', href: attribute(node, 'src'), alt: attribute(node, 'alt') }],
};

function blocksOf(node: Element, indent = 0): Block[] {
  const byClass = classesOf(node)
    .map((name) => BY_CLASS[name])
    .find(Boolean);
  if (byClass) {
    return byClass(node);
  }
  const byTag = BY_TAG[node.tagName];
  return byTag ? byTag(node, indent) : elements(node).flatMap((child) => blocksOf(child, indent));
}

/** The blocks of a page that this program made; each version begins on a page of its own. */
export function blocksOfPage(html: string): Block[] {
  return findAll(parseHtml(html), 'section').flatMap((version, at): Block[] => {
    const blocks = blocksOf(version);
    return at ? [{ is: 'new-page' }, ...blocks] : blocks;
  });
}
