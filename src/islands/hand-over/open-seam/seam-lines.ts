// A question's fields beside what they become: the cells that carry them, or the text of the file where it has no cells.
import type { Change, Fitted, Item, Layout, Role } from '../../../core/model';
import { defined } from '../../../core/shared/defined';
import { optionLetter } from '../../../core/shared/plain';
import { placesOf, type Place } from '../../parts/becomes';
import { cellText } from '../../parts/cells';
import { answersOf, BESIDE, type FieldWords } from './fields';
import { i18n } from '../../../languages';

type Cell = Pick<Place, 'place' | 'heading' | 'value'>;

/** `most` is the limit of each text at the left; `lead` its letter and spaces, which the limit does not count. */
export type Line = {
  field: string;
  name: string;
  left: string[];
  right: Cell[];
  most?: number;
  lead: number;
};

/** Fields that packages of each standard do not say. */
const UNSAID = {
  cartridge: new Set(['seconds', 'hint', 'attempts', 'tags']),
  items: new Set(['hint']),
};
/** Fields that marked text always says. */
const ALWAYS = new Set(['stem', 'options', 'key', 'accepted', 'pairs']);

/** Whether a file without cells says this field. */
function saysIn({ shape, marks, file }: Layout, field: string): boolean {
  if (shape === 'package') {
    const isCartridge = file.standard === 'common-cartridge-1.3';
    return !UNSAID[isCartridge ? 'cartridge' : 'items'].has(field);
  }
  const sign = { title: marks?.titleOpen, category: marks?.category }[field];
  return sign !== undefined || ALWAYS.has(field);
}

/** How the file says which options are right where the key has no cell of its own. */
function keySaid({ key }: Layout): string | undefined {
  switch (key.style) {
    case 'marker':
      return i18n._('by the sign {marker} at the option', { marker: key.marker ?? '*' });
    case 'verdict':
      return i18n._('by a word beside each option');
    case 'weight':
      return i18n._('by per cent beside each option');
    case 'first':
      return i18n._('by the first place');
    case 'right-column':
      return i18n._('by a column of its own');
    default:
      return undefined;
  }
}

/** Where the answers of a re-coded question may lie, besides those of its own kind. */
const RECODED: readonly Role[] = [
  'option',
  'options',
  'key',
  'accepted',
  'right',
  'wrong',
  'wrongs',
  'verdict',
  'pair',
  'left',
  'right-side',
];
const IN_CELLS = new Set<Layout['shape']>(['rows', 'blocks', 'grid']);
/** Answers that stand behind a letter or a number. */
const COUNTED = new Set(['options', 'steps', 'gaps']);
/** A letter or a number and two spaces. */
const LEAD = 3;

/** The file as the seam asks it: what carries a field, by cells or by words. */
class Carrier {
  private readonly cells: readonly Place[];
  private readonly as: Item | undefined;
  readonly isCells: boolean;

  constructor(
    private readonly layout: Layout,
    fitted: Fitted,
  ) {
    this.cells = placesOf(layout, fitted).filter((place) => place.part === 0);
    this.as = fitted.as?.[0];
    this.isCells = IN_CELLS.has(layout.shape);
  }

  at(roles: readonly Role[]): Cell[] {
    return this.cells.filter((place) => roles.includes(place.role));
  }

  /** The texts of a field where the file says it without cells. */
  said(field: string, texts: readonly string[] | undefined): Cell[] {
    if (!this.as || !saysIn(this.layout, field)) {
      return [];
    }
    const place =
      this.layout.shape === 'package' ? i18n._('in the package') : i18n._('in the text');
    return (texts ?? []).filter(Boolean).map((value) => ({ place, heading: '', value }));
  }

  /** What carries a field: cells of its roles, or its texts. */
  of(field: string, roles: readonly Role[], texts: (as: Item) => readonly string[]): Cell[] {
    return this.isCells ? this.at(roles) : this.said(field, this.as && texts(this.as));
  }
}

/** The line of the question's own text. */
const stemLine = (item: Item, layout: Layout, carrier: Carrier): Line =>
  defined({
    field: 'stem',
    name: item.kind === 'card' ? i18n._('term') : i18n._('question'),
    left: [item.stem.plain],
    right: carrier.of('stem', ['stem'], (as) => [as.stem.plain]),
    most: layout.limits.stem || undefined,
    lead: 0,
  });

function answerLine(
  { field, name, left, roles }: FieldWords,
  index: number,
  { item, layout, fitted, carrier }: Given,
): Line {
  const isRecoded = fitted.as?.[0]?.kind !== item.kind;
  return defined({
    field,
    name,
    left,
    right: carrier.of(
      field,
      isRecoded ? [...roles, ...RECODED] : roles,
      (as) => answersOf(as)[index]?.left ?? [],
    ),
    most: field === 'key' ? undefined : layout.limits.option || undefined,
    lead: COUNTED.has(field) ? LEAD : 0,
  });
}

/** The key said by the way the options stand, where it has no cell. */
function keyByWay({ layout, fitted, carrier }: Given): Cell[] {
  const options = fitted.as?.[0]?.options;
  const place = options && carrier.isCells ? keySaid(layout) : undefined;
  if (!options || !place) {
    return [];
  }
  const right = options.flatMap((option, index) => (option.right ? [optionLetter(index)] : []));
  return [{ place, heading: '', value: right.join(', ') }];
}

/** The kind is shown where the file says it, or where it becomes another. */
function kindLine({ item, fitted, carrier }: Given): Line[] {
  const recoded = fitted.changes.find((change) => change.field === 'kind');
  const cells = carrier.at(['kind']);
  const becomes: Cell[] = recoded ? [{ place: 'becomes', heading: '', value: recoded.to }] : [];
  const right = cells.length ? cells : becomes;
  return right.length || recoded
    ? [{ field: 'kind', name: i18n._('kind'), left: [cellText(item, 'kind')], right, lead: 0 }]
    : [];
}

const besideLines = ({ item, carrier }: Given): Line[] =>
  BESIDE.flatMap(({ field, name, roles, textOf }): Line[] => {
    const text = textOf(item);
    return text
      ? [
          {
            field,
            name,
            left: [text],
            right: carrier.of(field, roles, (as) => [textOf(as)]),
            lead: 0,
          },
        ]
      : [];
  });

/** Each cell stands beside the first field that claims it. */
function withoutTwice(lines: readonly Line[]): Line[] {
  const seen = new Set<Cell>();
  return lines.map((line) => {
    const right = line.right.filter((cell) => !seen.has(cell));
    right.forEach((cell) => seen.add(cell));
    return { ...line, right };
  });
}

type Given = { item: Item; layout: Layout; fitted: Fitted; carrier: Carrier };

/** The lines of the seam. What has changed but has no line of its own is left to the caller. */
export function linesOf(item: Item, layout: Layout, fitted: Fitted): Line[] {
  const carrier = new Carrier(layout, fitted);
  const given: Given = { item, layout, fitted, carrier };
  const answers = answersOf(item).map((words, index) => answerLine(words, index, given));
  const keyed = answers.map((line) =>
    line.field === 'key' && !line.right.length ? { ...line, right: keyByWay(given) } : line,
  );
  return withoutTwice([
    stemLine(item, layout, carrier),
    ...keyed,
    ...kindLine(given),
    ...besideLines(given),
  ]);
}

export const belongs = (change: Change, field: string): boolean =>
  change.field === field || change.field.startsWith(`${field}.`);

/** The places of the further questions that one became. */
export const furtherParts = (layout: Layout, fitted: Fitted): Place[][] =>
  (fitted.as ?? [])
    .slice(1)
    .map((_, index) => placesOf(layout, fitted).filter((place) => place.part === index + 1));
