// What stands inside a cell or paragraph of HTML, as runs and pictures. White space folds as in a browser.
import type { Picture, Run } from '../../model';
import { joinRuns } from '../rich-text';
import { attribute, childrenOf, isElement, textOfNode, type Element, type Node } from './tree';

type Style = Omit<Run, 'text'>;
const BLOCKS = new Set([
  'p',
  'div',
  'li',
  'ul',
  'ol',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'tr',
  'table',
  'section',
  'article',
  'blockquote',
  'pre',
  'dl',
  'dt',
  'dd',
  'address',
  'aside',
  'center',
  'details',
  'dialog',
  'fieldset',
  'figcaption',
  'figure',
  'footer',
  'form',
  'header',
  'hgroup',
  'hr',
  'legend',
  'main',
  'menu',
  'nav',
  'search',
  'summary',
]);
/** Whether an element stands on lines of its own. */
export const isBlock = (element: Element): boolean => BLOCKS.has(element.tagName);

const WHITE =
  /^(?:#?f{3}(?:f{3})?|white|transparent|none|inherit|initial|auto|rgb\(255, ?255, ?255\)|rgba\(.*, ?0\))$/i;

/** What elements say by their names. */
const BY_NAME: Record<string, Style> = {
  b: { bold: true },
  strong: { bold: true },
  i: { italic: true },
  em: { italic: true },
  u: { underline: true },
  ins: { underline: true },
  mark: { mark: true },
  sub: { sub: true },
  sup: { sup: true },
};

/** From this weight on, text is bold (CSS Fonts 4, 2.2). */
const BOLD_WEIGHT = 600;
const isBold = (weight: string): boolean => /bold/i.test(weight) || Number(weight) >= BOLD_WEIGHT;

/** What a style attribute says, by the declarations that are looked for. */
const BY_DECLARATION: readonly (readonly [
  declaration: RegExp,
  holds: (value: string) => boolean,
  style: Style,
])[] = [
  [/font-weight\s*:\s*(\w+)/i, isBold, { bold: true }],
  [/font-style\s*:\s*(italic)/i, () => true, { italic: true }],
  [/text-decoration[^;]*:\s*[^;]*(underline)/i, () => true, { underline: true }],
  [/background(?:-color)?\s*:\s*([^;]+)/i, (colour) => !WHITE.test(colour.trim()), { mark: true }],
  [/vertical-align\s*:\s*(sub)(?!\w)/i, () => true, { sub: true }],
  [/vertical-align\s*:\s*(super)/i, () => true, { sup: true }],
];

const CELLS = new Set(['td', 'th']);

/** The style that an element adds: by its name, or by what its style attribute says. */
function styleOf(element: Element, style: Style): Style {
  const css = attribute(element, 'style');
  const { tagName } = element;
  // Pages of some programs wrap a whole copy in an element that is called bold and says that it is not.
  const byName = /font-weight\s*:\s*normal/i.test(css) ? {} : BY_NAME[tagName];
  const declared = BY_DECLARATION.flatMap(([declaration, holds, look]) => {
    const value = declaration.exec(css)?.[1];
    // The ground of a cell is told of the cell, not of its words.
    const isGround = look.mark && CELLS.has(tagName);
    return value !== undefined && holds(value) && !isGround ? [look] : [];
  });
  const href = tagName === 'a' ? attribute(element, 'href') : '';
  return Object.assign({}, style, byName, ...declared, href ? { href } : {}) as Style;
}

/** Whether a picture's address is one to keep: a link, or the picture itself. */
const isPicture = (href: string): boolean =>
  /^(?:https?:|data:image\/(?:png|jpe?g|gif|webp);base64,)/i.test(href);

export type Inline = { runs: Run[]; pictures: Picture[] };

/** A box to tick or a button to choose, as the sign for it; empty of any other field to fill in. */
function boxOf(input: Element): string {
  const isBox = /^(?:radio|checkbox)$/iu.test(attribute(input, 'type'));
  const isTicked = input.attrs.some(({ name }) => name === 'checked');
  return isBox ? `${isTicked ? '☑' : '☐'} ` : '';
}

function collect(node: Node, style: Style, into: Inline, any: boolean): void {
  const text = textOfNode(node);
  if (text !== undefined) {
    into.runs.push({ text: text.replace(/[ \t\r\n\f]+/g, ' '), ...style });
    return;
  }
  if (!isElement(node)) {
    childrenOf(node).forEach((child) => collect(child, style, into, any));
    return;
  }
  if (node.tagName === 'br') {
    into.runs.push({ text: '\n', ...style });
    return;
  }
  if (node.tagName === 'input') {
    into.runs.push({ text: boxOf(node), ...style });
    return;
  }
  if (node.tagName === 'img') {
    const href = attribute(node, 'src');
    const alt = attribute(node, 'alt');
    if (any || isPicture(href)) {
      into.pictures.push({ href, ...(alt ? { alt } : {}) });
    }
    return;
  }
  const inner = styleOf(node, style);
  if (isBlock(node) && into.runs.length) {
    into.runs.push({ text: '\n', ...style });
  }
  childrenOf(node).forEach((child) => collect(child, inner, into, any));
  if (isBlock(node)) {
    into.runs.push({ text: '\n', ...style });
  }
}

/** Blanks folded across runs, none beside a line break or at the ends. */
function tidy(runs: readonly Run[]): Run[] {
  const tidied: Run[] = [];
  let before = '\n';
  for (const run of joinRuns(runs)) {
    let text = '';
    for (const sign of run.text) {
      if (sign === ' ' && (before === ' ' || before === '\n')) {
        continue;
      }
      if (sign === '\n' && before === '\n') {
        continue;
      }
      text += sign;
      before = sign;
    }
    if (text) {
      tidied.push({ ...run, text: text.replace(/ \n/g, '\n') });
    }
  }
  const last = tidied.at(-1);
  if (last) {
    last.text = last.text.replace(/[ \n]+$/, '');
  }
  return tidied.filter((run) => run.text);
}

/** The runs and pictures within an element; `any` keeps addresses inside a package too, for the caller to resolve. */
export function inlineOf(element: Node, any = false): Inline {
  const into: Inline = { runs: [], pictures: [] };
  const style = isElement(element) ? styleOf(element, {}) : {};
  childrenOf(element).forEach((child) => collect(child, style, into, any));
  return { runs: tidy(into.runs), pictures: into.pictures };
}
