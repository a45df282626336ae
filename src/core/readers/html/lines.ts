// The lines of a page: its paragraphs, lists and loose texts, without its menus and its foot.
import type { DocumentLine, Run } from '../../model';
import { isFormatted, plainOf, sliceRuns } from '../../shared/rich-text';
import { inlineOf, isBlock } from '../../shared/html/inline';
import { nameInFront, pressedOf, remarkInFront } from './disclosed';
import {
  attribute,
  childrenOf,
  isElement,
  textOfNode,
  type Element,
  type Node,
} from '../../shared/html/tree';
import { defined, filled } from '../../shared/defined';
import { fieldOfLine, headsAnswers } from '../../shared/vocabulary/answer-lines';

/** What the list that an item stands in writes in front of it. */
function listLabel(item: Element, index: number): string {
  const parent = item.parentNode;
  if (!parent || !isElement(parent) || parent.tagName === 'ul') {
    return '•';
  }
  const n = (Number(attribute(parent, 'start')) || 1) + index;
  const type =
    attribute(parent, 'type') ||
    /list-style-type\s*:\s*([\w-]+)/i.exec(attribute(parent, 'style'))?.[1] ||
    '1';
  if (/^a$|alpha|latin/i.test(type)) {
    return `${String.fromCharCode((type === 'A' || /upper/i.test(type) ? 64 : 96) + n)}.`;
  }
  return `${n}.`;
}

const containsBlock = (node: Node): boolean =>
  childrenOf(node).some((inner) => isElement(inner) && (isBlock(inner) || containsBlock(inner)));

const FURNITURE = /^(?:nav(?:bar|igation)?|menu|breadcrumbs?|footer|contentinfo|sidebar)$/iu;
/** Whether an element is of the page around what was saved, its menu or its foot, and tells no answers. */
function isFurniture(element: Element): boolean {
  const names = ['class', 'id', 'role'].flatMap((name) => attribute(element, name).split(/\s+/u));
  return (
    [element.tagName, ...names].some((name) => FURNITURE.test(name)) &&
    !plainOf(inlineOf(element).runs).split('\n').some(tellsAnswers)
  );
}
const tellsAnswers = (line: string): boolean =>
  headsAnswers(line) || fieldOfLine(line)?.role === 'answer';

/** The lines of a page, taken by walking through it. */
export class Lines {
  readonly lines: DocumentLine[] = [];
  /** What stands in menus and at the foot of the page. */
  readonly furniture: string[] = [];
  private depth = -1;

  /** `without` are tables that are read by themselves. */
  constructor(private readonly without: ReadonlySet<Node> = new Set()) {}

  private push(runs: Run[], about: Partial<DocumentLine>): void {
    let at = 0;
    plainOf(runs)
      .split('\n')
      .forEach((text, index) => {
        const own = sliceRuns(runs, at, at + text.length);
        at += text.length + 1;
        this.lines.push(
          defined({
            line: this.lines.length + 1,
            text: text.replace(/\u00a0/g, ' '),
            runs: isFormatted(own)
              ? own.map((run) => ({ ...run, text: run.text.replace(/\u00a0/g, ' ') }))
              : undefined,
            ...(index === 0 ? about : {}),
          }),
        );
      });
  }

  walk(node: Node): void {
    for (const child of childrenOf(node)) {
      if (isElement(child)) {
        this.element(node, child);
      } else if (textOfNode(child)?.trim()) {
        this.loose(node, child);
      }
    }
  }

  /** One element by what it holds: a list, blocks, or a line of text. */
  private element(parent: Node, own: Element): void {
    if (this.without.has(own) || this.leftAside(own) || this.disclosed(own)) {
      return;
    }
    if (own.tagName === 'ul' || own.tagName === 'ol') {
      this.list(own);
    } else if (containsBlock(own)) {
      this.walk(own);
    } else if (isBlock(own)) {
      const { runs, pictures } = inlineOf(own);
      const heading = /^h([1-6])$/.exec(own.tagName);
      const about = {
        heading: heading ? Number(heading[1]) : undefined,
        pictures: filled(pictures),
      };
      const remark = remarkInFront(own, plainOf(runs));
      this.push(remark ? [{ text: remark }, ...runs] : runs, defined(about));
    } else {
      this.loose(parent, own);
    }
  }

  /** Keeps what is of the page around what was saved; whether an element is. */
  private leftAside(element: Element): boolean {
    const isAside = isFurniture(element);
    if (isAside) {
      this.furniture.push(plainOf(inlineOf(element).runs).replace(/\s+/gu, ' ').trim());
    }
    return isAside;
  }

  /** Takes what is hidden below words to press under the name that those give it; whether they do. */
  private disclosed(element: Element): boolean {
    const pressed = pressedOf(element);
    if (!pressed) {
      return false;
    }
    const rest = childrenOf(element).filter((child) => child !== pressed);
    const { runs } = inlineOf({ ...element, childNodes: rest } as unknown as Node);
    const text = plainOf(runs).trim();
    const name = nameInFront(plainOf(inlineOf(pressed).runs), text);
    if (name) {
      this.push([{ text: `${name}${text}` }], {});
    }
    return name !== '';
  }

  /** Text between blocks: taken with the inline elements beside it, once. */
  private loose(parent: Node, first: Node): void {
    const children = childrenOf(parent);
    const at = children.indexOf(first);
    // White space parts nothing: what stands in front of it was taken with this.
    const before = children
      .slice(0, at)
      .findLast((child) => isElement(child) || textOfNode(child)?.trim());
    if (before && !(isElement(before) && isBlock(before))) {
      return;
    }
    let end = at;
    while (
      end < children.length &&
      !(isElement(children[end]!) && isBlock(children[end] as Element))
    ) {
      end++;
    }
    const group = { ...parent, childNodes: children.slice(at, end) } as unknown as Node;
    const { runs, pictures } = inlineOf(group);
    this.push(runs, pictures.length ? { pictures } : {});
  }

  private list(list: Element): void {
    this.depth++;
    childrenOf(list)
      .filter(isElement)
      .forEach((item, index) => {
        if (item.tagName !== 'li') {
          if (item.tagName === 'ul' || item.tagName === 'ol') {
            this.list(item);
          }
          return;
        }
        const inner = childrenOf(item);
        const nested = inner.findIndex(
          (child) => isElement(child) && (child.tagName === 'ul' || child.tagName === 'ol'),
        );
        const own = { ...item, childNodes: nested < 0 ? inner : inner.slice(0, nested) } as Element;
        const { runs, pictures } = inlineOf(own);
        this.push(
          runs,
          defined({
            label: listLabel(item, index),
            level: this.depth,
            pictures: filled(pictures),
          }),
        );
        if (nested >= 0) {
          inner
            .slice(nested)
            .filter(isElement)
            .forEach((child) => {
              if (child.tagName === 'ul' || child.tagName === 'ol') {
                this.list(child);
              } else {
                this.walk({ ...child, childNodes: [child] });
              }
            });
        }
      });
    this.depth--;
  }
}
