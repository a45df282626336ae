// The answers of kinds without options: typed texts, numbers, pairs, steps, gaps.
import type { CellValue, Item, Role } from '../model';
import { separatorOfAnswers } from '../shared/answers-joined';
import { boundsOf, hasBounds } from '../shared/bounds';
import type { Draft } from './changes';
import { inOneCell, joined } from './joined';
import type { Context, Sayings } from './context';
import { because } from './words';

/** Where answers go in a layout that may have no place of their own for them. */
const placeFor = (context: Context, ...roles: Role[]): Role | undefined =>
  roles.find((role) => context.carries(role));

/** The places that typed answers may have, the likeliest first; options in one cell where the key stays empty. */
const PLACES: readonly Role[] = ['accepted', 'option', 'key', 'options', 'right'];

function typedTexts(texts: readonly string[], context: Context, isCard: boolean): Sayings {
  const role = placeFor(context, ...PLACES);
  if (!role) {
    return {};
  }
  const columns = context.having(role);
  if (columns.length === 1 && texts.length > 1) {
    return { [role]: [joined(texts, separatorOfAnswers(context.layout, columns[0]!) ?? '; ')] };
  }
  const sign = context.signsAnswers ? (context.layout.key.marker ?? '*') : '';
  const said = (isCard ? texts.slice(0, 1) : texts).map((text) => sign + text);
  // Where each answer has a word or per cent beside it, every accepted one is a right one.
  const { key } = context.layout;
  if (role === 'option' && context.carries('verdict')) {
    return { option: said, verdict: said.map(() => key.right ?? 'correct') };
  }
  return role === 'option' && context.carries('weight')
    ? { option: said, weight: said.map(() => 100) }
    : { [role]: said };
}

function pairs(item: Item, context: Context): Sayings {
  const list = item.pairs!;
  if (context.carries('left')) {
    return {
      left: list.map(({ left }) => left.plain),
      'right-side': list.map(({ right }) => right.plain),
    };
  }
  const role = placeFor(context, 'pair', 'option');
  if (!role) {
    return {};
  }
  const separator = context.having(role)[0]?.separator ?? '|';
  return { [role]: list.map(({ left, right }) => joined([left.plain, right.plain], separator)) };
}

function number(draft: Draft, context: Context): Sayings {
  const { value, tolerance, unit } = draft.item.number!;
  const said: CellValue[] = context.carries('unit') || !unit ? [value] : [`${value} ${unit}`];
  if (tolerance && !context.carries('tolerance')) {
    draft.note('number', `${value} ± ${tolerance}`, String(value), because('tolerance-dropped'));
  }
  const isRange = hasBounds(context.layout.columns);
  const counted = isRange ? boundsOf({ value, tolerance }) : [tolerance || undefined];
  if (context.carries('value')) {
    if (unit && !context.carries('unit')) {
      draft.note('number', `${value} ${unit}`, String(value), because('unit-dropped'));
    }
    return { value: [value], tolerance: counted, unit: [unit] };
  }
  if (isRange) {
    return { tolerance: counted, unit: [unit] };
  }
  const role = placeFor(context, ...PLACES);
  return role ? { [role]: said } : {};
}

/** The words that are offered beside those that go into gaps; undefined where the gaps offer different ones. */
function offeredBeside(each: NonNullable<Item['gaps']>): string[] | undefined {
  const right = new Set(each.flatMap(({ accepted }) => accepted));
  const lists = new Set(each.map(({ options = [] }) => [...options].sort().join('\n')));
  const isComplete = each.every(({ accepted: [first = ''], options }) => options?.includes(first));
  return lists.size === 1 && isComplete
    ? each[0]!.options!.filter((word) => !right.has(word))
    : undefined;
}

/** The words offered besides, where a receiver has a place for them; without one they are dropped, and that is noted. */
function besideGaps(draft: Draft, context: Context): Sayings {
  const each = draft.item.gaps!;
  const words = each.flatMap(({ options = [] }) => options);
  const offered = context.carries('wrongs') ? offeredBeside(each) : undefined;
  if (offered?.length) {
    return { wrongs: inOneCell('wrongs', offered, context) };
  }
  if (words.length) {
    draft.note('gaps', [...new Set(words)].join(', '), '', because('gap-words-dropped'));
  }
  return {};
}

function gaps(draft: Draft, context: Context): Sayings {
  const { item } = draft;
  const role = placeFor(context, 'accepted', 'option');
  if (!role) {
    return {};
  }
  const each = item.gaps!.map((gap) => joined(gap.accepted, ' / '));
  const columns = context.having(role);
  return {
    ...besideGaps(draft, context),
    [role]:
      columns.length === 1 && each.length > 1
        ? [joined(each, columns[0]!.separator ?? '; ')]
        : each,
  };
}

/** The answers of a question without options, by roles. May throw a Refusal; a tolerance without a place is noted. */
export function answersOf(draft: Draft, context: Context): Sayings {
  const { item } = draft;
  if (item.pairs) {
    return pairs(item, context);
  }
  if (item.number) {
    return number(draft, context);
  }
  if (item.gaps) {
    return gaps(draft, context);
  }
  const role = item.steps && placeFor(context, 'step', 'option');
  if (role) {
    return { [role]: item.steps!.map((step) => step.plain) };
  }
  return item.accepted ? typedTexts(item.accepted, context, item.kind === 'card') : {};
}
