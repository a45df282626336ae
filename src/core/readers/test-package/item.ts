// One item of QTI 2 or 3 as a question, or as several where it asks several things.
import type { Finding, Item } from '../../model';
import { quoted } from '../../shared/plain';
import { textOf } from '../../shared/rich-text';
import { declarationsOf, pointsOf, type Declaration } from './declarations';
import { inlineGap, partOf, type Part } from './interactions';
import {
  childrenNamed,
  contentOf,
  findTrees,
  named,
  textOfTree,
  type Content,
  type Tree,
} from './tree';
import { defined } from '../../shared/defined';

export type Loose = Omit<Item, 'id'>;
export type PictureOf = (href: string) => string | undefined;
const isInteraction = (tree: Tree): boolean =>
  /-interaction$/.test(tree.name) && tree.name !== 'end-attempt-interaction';
const INLINE = new Set(['text-entry-interaction', 'inline-choice-interaction']);

function media(content: Content, picture: PictureOf): Pick<Item, 'media'> {
  const found = content.pictures.flatMap(({ href, alt }) => {
    const resolved = picture(href);
    return resolved
      ? [defined({ at: 'stem' as const, href: resolved, alt: alt || undefined })]
      : [];
  });
  return found.length ? { media: found } : {};
}

/** Feedback on the whole question: what is shown whatever was answered, or for the right answer. */
function explanationOf(item: Tree): Pick<Item, 'explanation'> {
  const all = named(item, 'modal-feedback');
  const general =
    all.find((one) =>
      /^(?:general|explanation|solution|feedback)/i.test(one.attributes['identifier'] ?? ''),
    ) ??
    all.find((one) => /correct/i.test(one.attributes['identifier'] ?? '')) ??
    (all.length === 1 ? all[0] : undefined);
  const text = general && textOf(contentOf(general.children).runs);
  return text?.plain ? { explanation: text } : {};
}

/** A sentence with gaps: each inline interaction becomes {{n}}. An entry with nothing around it is a short answer. */
function sentence(
  body: Tree,
  inline: readonly Tree[],
  declarations: Map<string, Declaration>,
): (Partial<Item> & Pick<Item, 'kind' | 'stem'>) | undefined {
  let n = 0;
  const stem = textOf(
    contentOf(body.children, (one) =>
      INLINE.has(one.name) ? `{{${++n}}}` : one.name === 'rubric-block' ? '' : undefined,
    ).runs,
  );
  const isLone =
    inline.length === 1 &&
    inline[0]!.name === 'text-entry-interaction' &&
    /(?:^|\n)\{\{1\}\}\s*\S{0,12}$/.test(stem.plain);
  if (
    isLone ||
    (inline.length === 1 &&
      ['float', 'integer'].includes(
        declarations.get(inline[0]!.attributes['response-identifier'] ?? '')?.baseType ?? '',
      ))
  ) {
    return undefined;
  }
  return {
    kind: 'gap',
    stem,
    gaps: inline.map((one) =>
      inlineGap(
        one,
        declarations.get(one.attributes['response-identifier'] ?? '') ?? {
          correct: [],
          mapping: new Map(),
          baseType: '',
          cardinality: 'single',
        },
      ),
    ),
  };
}

/** The unit that a number is asked in, which stands behind its entry. */
const isUnit = (tree: Tree): boolean => tree.name === 'span' && tree.attributes['class'] === 'unit';
const withUnit = (unit: string | undefined, part: Part | undefined): Part | undefined =>
  unit && part?.number ? { ...part, number: { ...part.number, unit } } : part;

/** What a test says about an item that it refers to. */
export type Reference = {
  category?: string[];
  points?: number;
  seconds?: number;
  attempts?: number;
};

/** The questions of an item, and what of it could not be taken. `path` names its file in messages. */
export function questionsOf(
  item: Tree,
  path: string,
  picture: PictureOf,
  reference: Reference = {},
): { items: Loose[]; findings: Finding[] } {
  const body = childrenNamed(item, 'item-body')[0];
  // The label is for people; an identifier may have had to give up signs that it can't hold.
  const ref = item.attributes['label'] || (item.attributes['identifier'] ?? '');
  const title = item.attributes['title'] ?? '';
  const where = { file: path };
  if (!body) {
    return {
      items: [],
      findings: [
        {
          rule: 'item-without-body',
          level: 'warn',
          where,
          message: `${path} holds an item without a body; it was left out.`,
        },
      ],
    };
  }
  const declarations = declarationsOf(item);
  const interactions = findTrees(body, isInteraction);
  const findings: Finding[] = [];
  const unknown = interactions.filter(
    (one) => !INLINE.has(one.name) && !partOf(one, undefined, item),
  );
  for (const one of unknown) {
    findings.push({
      rule: 'interaction-unknown',
      level: 'warn',
      where,
      message: `${path}${title ? ` (${quoted(title)})` : ''} asks by ${one.name.replace(/-/g, ' ')}, which no kind of question here can hold. ${interactions.length === unknown.length ? 'The item was left out.' : 'This part of it was left out.'}`,
    });
  }
  const points = reference.points ?? pointsOf(item, declarations);
  const content = contentOf(body.children, (one) =>
    isInteraction(one) || one.name === 'rubric-block' || isUnit(one) ? '' : undefined,
  );
  const base: Loose = defined({
    ref,
    kind: 'open',
    stem: textOf(content.runs),
    title: title && title !== ref ? title : undefined,
    points,
    seconds: reference.seconds,
    attempts: reference.attempts,
    category: reference.category?.length ? reference.category : undefined,
    ...media(contentOf(body.children), picture),
    ...explanationOf(item),
    origin: { file: path },
  });
  const inline = interactions.filter((one) => INLINE.has(one.name));
  const gapped =
    inline.length && inline.length === interactions.length
      ? sentence(body, inline, declarations)
      : undefined;
  if (gapped) {
    return { items: [{ ...base, ...gapped }], findings };
  }
  const items = interactions
    .filter((one) => !unknown.includes(one))
    .map((one): Loose => {
      const prompt = childrenNamed(one, 'prompt')[0];
      const unit = findTrees(body, isUnit).map((tree) => textOfTree(tree).trim())[0];
      const part = withUnit(
        unit,
        partOf(one, declarations.get(one.attributes['response-identifier'] ?? ''), item),
      ) ?? { kind: 'open' as const };
      const asked = prompt ? textOf(contentOf(prompt.children).runs) : undefined;
      const stems = [base.stem, asked, part.stem].filter((text) => text?.plain);
      const stem =
        stems.length === 1
          ? stems[0]!
          : defined({
              plain: stems.map((text) => text!.plain).join('\n'),
              html: stems.some((text) => text!.html)
                ? stems.map((text) => text!.html ?? text!.plain).join('<br>')
                : undefined,
            });
      return { ...base, ...part, stem };
    });
  if (items.length > 1) {
    findings.push({
      rule: 'item-asks-several',
      level: 'note',
      where,
      message: `${path} asks ${items.length} things in one item; each became a question of its own.`,
    });
  }
  if (!interactions.length && base.stem.plain) {
    findings.push({
      rule: 'item-asks-nothing',
      level: 'note',
      where,
      message: `${path} holds a text that asks nothing; it was left out.`,
    });
  }
  return {
    items: items.map((one, index) =>
      items.length > 1 && one.ref ? { ...one, ref: `${one.ref}-${index + 1}` } : one,
    ),
    findings,
  };
}
