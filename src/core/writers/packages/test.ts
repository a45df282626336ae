// The test that holds the items in their order: sections for categories, time and attempts at each, a pool where some are drawn.
import type { Item, Standard } from '../../model';
import { spacesOf } from './item';
import { HEAD, el, xmlOf, type Node } from './xml';

export type Listed = { item: Item; identifier: string; href: string };
type Section = { title: string; items: Listed[] };

function reference({ item, identifier, href }: Listed): Node {
  return el(
    'qti-assessment-item-ref',
    { identifier: `ref-${identifier}`, href },
    item.attempts ? el('qti-item-session-control', { 'max-attempts': item.attempts }) : undefined,
    item.seconds ? el('qti-time-limits', { 'max-time': item.seconds }) : undefined,
  );
}

/** Neighbours of the same category share a section; the order of the questions stays. */
function sectionsOf(listed: readonly Listed[], depth = 0): (Section | Listed)[] {
  const found: (Section | Listed)[] = [];
  for (const one of listed) {
    const title = one.item.category?.[depth];
    const last = found.at(-1);
    if (!title) {
      found.push(one);
    } else if (last && 'title' in last && last.title === title) {
      last.items.push(one);
    } else {
      found.push({ title, items: [one] });
    }
  }
  return found;
}

type Numbering = { next: number };

function sectionNode(
  title: string,
  items: readonly Listed[],
  depth: number,
  draw: number | undefined,
  numbering: Numbering,
): Node {
  const identifier = `section-${numbering.next++}`;
  const inner =
    draw === undefined
      ? sectionsOf(items, depth).map((one) =>
          'title' in one
            ? sectionNode(one.title, one.items, depth + 1, undefined, numbering)
            : reference(one),
        )
      : items.map(reference);
  const pool =
    draw === undefined
      ? []
      : [
          el('qti-selection', { select: Math.min(draw, items.length) }),
          el('qti-ordering', { shuffle: true }),
        ];
  return el(
    'qti-assessment-section',
    { identifier, title, visible: Boolean(title) },
    ...pool,
    ...inner,
  );
}

/** The XML of the test. With `draw` every attempt gets so many of the questions, chosen by the program that runs it. */
export function testXml(
  title: string,
  listed: readonly Listed[],
  standard: Exclude<Standard, 'common-cartridge-1.3'>,
  draw: number | undefined,
): string {
  const total = el('qti-outcome-declaration', {
    identifier: 'SCORE',
    cardinality: 'single',
    'base-type': 'float',
  });
  const sum = el(
    'qti-outcome-processing',
    {},
    el(
      'qti-set-outcome-value',
      { identifier: 'SCORE' },
      el('qti-sum', {}, el('qti-test-variables', { 'variable-identifier': 'SCORE' })),
    ),
  );
  const root = el(
    'qti-assessment-test',
    { ...spacesOf(standard), identifier: 'test', title },
    total,
    el(
      'qti-test-part',
      { identifier: 'part-1', 'navigation-mode': 'nonlinear', 'submission-mode': 'individual' },
      sectionNode('', listed, 0, draw, { next: 1 }),
    ),
    sum,
  );
  return HEAD + xmlOf(root, standard);
}
