// The test that holds the items in their order: sections for categories, time and attempts at each, a pool where some are drawn.
import type { Item } from '../../model';
import { spacesOf, type TestStandard } from './item';
import { HEAD, el, xmlOf, type Node } from './xml';

export type Listed = {
  item: Item;
  identifier: string;
  href: string;
  /** Which of the set's sections it stands in, from 0. */
  section?: number;
};
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
function sectionsOf(listed: readonly Listed[], depth: number): (Section | Listed)[] {
  const found: (Section | Listed)[] = [];
  for (const question of listed) {
    const title = question.item.category?.[depth];
    const last = found.at(-1);
    if (!title) {
      found.push(question);
    } else if (last && 'title' in last && last.title === title) {
      last.items.push(question);
    } else {
      found.push({ title, items: [question] });
    }
  }
  return found;
}

/** Sections are numbered as they stand in the file. */
class Sections {
  private next = 1;

  private section(title: string, content: () => Node[]): Node {
    const identifier = `section-${this.next++}`;
    return el(
      'qti-assessment-section',
      { identifier, title, visible: Boolean(title) },
      ...content(),
    );
  }

  /** Questions with a section for each category, one within the other. */
  byCategory({ title, items }: Section, depth = 0): Node {
    return this.section(title, () =>
      sectionsOf(items, depth).map((part) =>
        'title' in part ? this.byCategory(part, depth + 1) : reference(part),
      ),
    );
  }

  /** A section of the set: all of its questions, or a pool of which every attempt gets so many, in an order of its own. */
  private own({ title, items }: Section, draw: number | undefined): Node {
    const pool =
      draw === undefined
        ? []
        : [
            el('qti-selection', { select: Math.min(draw, items.length) }),
            el('qti-ordering', { shuffle: true }),
          ];
    return this.section(title, () => [...pool, ...items.map(reference)]);
  }

  /** The sections of the set side by side; questions that stand in none follow by their categories. */
  ofSet(listed: readonly Listed[], sections: NonNullable<Test['sections']>): Node[] {
    const own = sections.flatMap(({ title = '', draw }, index) => {
      const items = listed.filter(({ section }) => section === index);
      return items.length ? [this.own({ title, items }, draw)] : [];
    });
    const rest = listed.filter(({ section }) => section === undefined);
    return rest.length ? [...own, this.byCategory({ title: '', items: rest })] : own;
  }
}

/** What a test is made of. */
export type Test = {
  title: string;
  listed: Listed[];
  standard: TestStandard;
  /** The sections of the set; those of its questions' categories where absent. */
  sections?: readonly { title?: string; draw?: number }[];
};

/** The score of the test is the sum of its items'. */
const summedScore = (): Node =>
  el(
    'qti-outcome-processing',
    {},
    el(
      'qti-set-outcome-value',
      { identifier: 'SCORE' },
      el('qti-sum', {}, el('qti-test-variables', { 'variable-identifier': 'SCORE' })),
    ),
  );

/** The XML of the test. */
export function testXml({ title, listed, standard, sections: own }: Test): string {
  const sections = new Sections();
  const all: Section = { title: '', items: listed };
  const root = el(
    'qti-assessment-test',
    { ...spacesOf(standard), identifier: 'test', title },
    el('qti-outcome-declaration', {
      identifier: 'SCORE',
      cardinality: 'single',
      'base-type': 'float',
    }),
    el(
      'qti-test-part',
      { identifier: 'part-1', 'navigation-mode': 'nonlinear', 'submission-mode': 'individual' },
      ...(own ? sections.ofSet(listed, own) : [sections.byCategory(all)]),
    ),
    summedScore(),
  );
  return HEAD + xmlOf(root, standard);
}
