// A sentence whose gaps are interactions in the running text.
import type { Item } from '../../model';
import { textOf } from '../../shared/rich-text';
import type { Declaration } from './declarations';
import { inlineGap, UNDECLARED } from './interactions';
import { contentOf, type Tree } from './tree';

const INLINE = new Set(['text-entry-interaction', 'inline-choice-interaction']);
const NUMBERS = new Set(['float', 'integer']);

/** Whether an interaction stands in a running sentence. */
export const isInline = (tree: Tree): boolean => INLINE.has(tree.name);

/** An entry at the end of the text, with no more than a unit behind it, is a short answer. */
const LONE_ENTRY = /(?:^|\n)\{\{1\}\}\s*\S{0,12}$/;

/** The stem with {{n}} for each gap, without what only markers read. */
function stemOf(body: Tree): Item['stem'] {
  let n = 0;
  const content = contentOf(body.children, (tree) => {
    if (isInline(tree)) {
      return `{{${++n}}}`;
    }
    return tree.name === 'rubric-block' ? '' : undefined;
  });
  return textOf(content.runs);
}

/** A sentence with gaps; undefined where its one entry is a short answer or a number. */
export function sentenceOf(
  body: Tree,
  inline: readonly Tree[],
  declarations: ReadonlyMap<string, Declaration>,
): (Partial<Item> & Pick<Item, 'kind' | 'stem'>) | undefined {
  const declared = (tree: Tree): Declaration =>
    declarations.get(tree.attributes['response-identifier'] ?? '') ?? UNDECLARED;
  const stem = stemOf(body);
  const [only] = inline;
  if (only && inline.length === 1) {
    const isEntry = only.name === 'text-entry-interaction' && LONE_ENTRY.test(stem.plain);
    if (isEntry || NUMBERS.has(declared(only).baseType)) {
      return undefined;
    }
  }
  return { kind: 'gap', stem, gaps: inline.map((tree) => inlineGap(tree, declared(tree))) };
}
