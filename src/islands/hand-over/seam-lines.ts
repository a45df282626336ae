// A question's fields beside what they become: the cells that carry them, or the text of the file where it has no cells.
import type { Change, Fitted, Item, Layout, Role } from '../../core/model';
import { placesOf, type Place } from '../parts/becomes';
import { cellText } from '../parts/item-cells';
import { optionLetter } from '../../core/shared/plain';
import { defined } from '../../core/shared/defined';

export type Line = {
  field: string;
  name: string;
  left: string[];
  right: Pick<Place, 'place' | 'heading' | 'value'>[];
  /** The limit of each text on the left. */ most?: number;
  lead: number;
};

const pairText = ({ left, right }: NonNullable<Item['pairs']>[number]): string =>
  `${left.plain} | ${right.plain}`;

/** The answers of a question in the fields that changes name. */
function answersOf(item: Item): { field: string; name: string; left: string[]; roles: Role[] }[] {
  if (item.options) {
    return [
      {
        field: 'options',
        name: 'options',
        left: item.options.map((option, index) => `${optionLetter(index)}  ${option.text.plain}`),
        roles: ['option', 'options', 'right', 'wrong', 'wrongs', 'verdict', 'weight', 'feedback'],
      },
      { field: 'key', name: 'right answer', left: [cellText(item, 'key')], roles: ['key'] },
    ];
  }
  const typed: Role[] = ['accepted', 'option', 'key', 'right', 'verdict', 'weight'];
  if (item.accepted) {
    return [
      {
        field: 'accepted',
        name: item.kind === 'card' ? 'definition' : 'accepted',
        left: item.accepted,
        roles: typed,
      },
    ];
  }
  if (item.pairs) {
    return [
      {
        field: 'pairs',
        name: 'pairs',
        left: item.pairs.map(pairText),
        roles: ['pair', 'left', 'right-side', 'option'],
      },
    ];
  }
  if (item.steps) {
    return [
      {
        field: 'steps',
        name: 'steps',
        left: item.steps.map((step, index) => `${index + 1}  ${step.plain}`),
        roles: ['step', 'option'],
      },
    ];
  }
  if (item.gaps) {
    return [
      {
        field: 'gaps',
        name: 'gaps',
        left: item.gaps.map((gap, index) => `${index + 1}  ${gap.accepted.join(' / ')}`),
        roles: ['accepted', 'option'],
      },
    ];
  }
  if (item.number) {
    return [
      {
        field: 'number',
        name: 'number',
        left: [
          `${item.number.value}${item.number.tolerance ? ` ± ${item.number.tolerance}` : ''} ${item.number.unit ?? ''}`,
        ],
        roles: ['value', 'tolerance', 'unit', ...typed],
      },
    ];
  }
  return [];
}

const BESIDE: readonly (readonly [string, string, Role, (item: Item) => string])[] = [
  [
    'seconds',
    'time limit',
    'seconds',
    (item) => (item.seconds === undefined ? '' : `${item.seconds} s`),
  ],
  ['points', 'points', 'points', (item) => cellText(item, 'points')],
  ['category', 'category', 'category', (item) => cellText(item, 'category')],
  ['ref', 'reference', 'ref', (item) => item.ref],
  ['title', 'title', 'title', (item) => item.title ?? ''],
  ['hint', 'hint', 'hint', (item) => item.hint?.plain ?? ''],
  ['explanation', 'explanation', 'explanation', (item) => item.explanation?.plain ?? ''],
  ['tags', 'tags', 'tags', (item) => cellText(item, 'tags')],
  ['attempts', 'attempts', 'attempts', (item) => String(item.attempts ?? '')],
  ['image', 'picture', 'image', (item) => item.media?.[0]?.href.slice(0, 60) ?? ''],
];

/** Whether a file without cells says this field. */
function saysIn({ shape, marks, file }: Layout, field: string): boolean {
  if (shape === 'package') {
    return file.standard === 'common-cartridge-1.3'
      ? !['seconds', 'hint', 'attempts', 'tags'].includes(field)
      : field !== 'hint';
  }
  return (
    (
      { title: marks?.titleOpen, category: marks?.category, explanation: undefined } as Record<
        string,
        string | undefined
      >
    )[field] !== undefined || ['stem', 'options', 'key', 'accepted', 'pairs'].includes(field)
  );
}

/** How the file says which options are right where the key has no cell of its own. */
function keySaid({ key }: Layout): string | undefined {
  switch (key.style) {
    case 'marker':
      return `by the sign ${key.marker ?? '*'} at the option`;
    case 'verdict':
      return 'by a word beside each option';
    case 'weight':
      return 'by per cent beside each option';
    case 'first':
      return 'by the first place';
    case 'right-column':
      return 'by a column of its own';
    default:
      return undefined;
  }
}

/** The lines of the seam. What has changed but has no line of its own is left to the caller. */
export function linesOf(item: Item, layout: Layout, fitted: Fitted): Line[] {
  const own = placesOf(layout, fitted).filter((place) => place.part === 0);
  const as = fitted.as?.[0];
  const isCells = ['rows', 'blocks', 'grid'].includes(layout.shape);
  const where = layout.shape === 'package' ? 'in the package' : 'in the text';
  const said = (field: string, texts: string[] | undefined): Line['right'] =>
    as && saysIn(layout, field)
      ? (texts ?? []).filter(Boolean).map((value) => ({ place: where, heading: '', value }))
      : [];
  const at = (...roles: Role[]): Line['right'] => own.filter((place) => roles.includes(place.role));
  const same = as ? answersOf(as) : [];
  const lines: Line[] = [
    defined({
      field: 'stem',
      name: item.kind === 'card' ? 'term' : 'question',
      left: [item.stem.plain],
      right: isCells ? at('stem') : said('stem', as && [as.stem.plain]),
      most: layout.limits.stem || undefined,
      lead: 0,
    }),
  ];
  answersOf(item).forEach(({ field, name, left, roles }, index) => {
    const lead = field === 'options' || field === 'steps' || field === 'gaps' ? 3 : 0;
    lines.push(
      defined({
        field,
        name,
        left,
        right: isCells
          ? at(...(as?.kind === item.kind ? roles : [...roles, ...answersRoles]))
          : said(field, same[index]?.left),
        most: layout.limits.option && field !== 'key' ? layout.limits.option : undefined,
        lead,
      }),
    );
  });
  const byWay = as?.options && isCells ? keySaid(layout) : undefined;
  const key = lines.find((line) => line.field === 'key');
  if (byWay && key && !key.right.length) {
    key.right = [
      {
        place: byWay,
        heading: '',
        value: as!
          .options!.flatMap((option, index) => (option.right ? [optionLetter(index)] : []))
          .join(', '),
      },
    ];
  }
  const recoded = fitted.changes.find((change) => change.field === 'kind');
  lines.push({
    field: 'kind',
    name: 'kind',
    left: [cellText(item, 'kind')],
    right:
      at('kind').length || !recoded
        ? at('kind')
        : [{ place: 'becomes', heading: '', value: recoded.to }],
    lead: 0,
  });
  for (const [field, name, role, textOf] of BESIDE) {
    const text = textOf(item);
    if (text) {
      lines.push({
        field,
        name,
        left: [text],
        right: isCells
          ? at(role, ...(role === 'tags' ? ['tag' as const] : []))
          : said(field, as && [textOf(as)]),
        lead: 0,
      });
    }
  }
  const seen = new Set<Line['right'][number]>();
  for (const line of lines) {
    line.right = line.right.filter((place) => {
      const fresh = !seen.has(place);
      seen.add(place);
      return fresh;
    });
  }
  return lines.filter(
    (line) =>
      line.field !== 'kind' ||
      line.right.length ||
      fitted.changes.some((change) => change.field === 'kind'),
  );
}

/** Where the answers of a re-coded question may lie, besides those of its own kind. */
const answersRoles: Role[] = [
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

export const belongs = (change: Change, field: string): boolean =>
  change.field === field || change.field.startsWith(`${field}.`);
/** The places of the further questions that one became. */
export const furtherParts = (layout: Layout, fitted: Fitted): Place[][] =>
  (fitted.as ?? [])
    .slice(1)
    .map((_, index) => placesOf(layout, fitted).filter((place) => place.part === index + 1));
