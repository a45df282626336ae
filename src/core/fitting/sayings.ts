// What a fitted question says in each role of a layout, in the layout's notation; rows and blocks place it in cells.
import { tickedPair } from '../shared/ticked-pair';
import type { CellValue, Column, Item, Layout, Option, Role, Tag } from '../model';
import { USUAL_GAP } from '../shared/drawn-gap';
import { tagText } from '../shared/plain';
import { tagPartOf } from '../shared/tags';
import { isTwoWay, waysOf, type TwoWay } from '../shared/two-ways';
import { answersOf } from './answers';
import { refusal, type Draft } from './changes';
import { keyText, ordered } from './choices';
import { inOneCell } from './joined';
import { because } from './words';
import type { Context, Sayings } from './context';
import { say, toSay } from '../shared/say';

const rightOf = (options: readonly Option[]): Option[] => options.filter((option) => option.right);

/** Options as texts, in the order of the file, with the sign in front of right ones where that is the notation. */
function optionTexts(options: readonly Option[], { key }: Context['layout']): string[] {
  if (key.style !== 'marker') {
    return options.map(({ text }) => text.plain);
  }
  const marker = key.marker ?? '*';
  return options.map(({ text: { plain }, right }) => {
    if (!right && plain.startsWith(marker)) {
      throw refusal('marker-on-wrong-option', { marker });
    }
    return right ? `${marker}${plain}` : plain;
  });
}

/** A question with options as the layout orders and writes them. */
type Choice = {
  item: Item;
  context: Context;
  /** In the order of the file. */
  options: readonly Option[];
  texts: readonly string[];
};

/** The texts of the options that are right, or of those that are wrong. */
const textsThat = ({ options, texts }: Choice, areRight: boolean): string[] =>
  texts.filter((_text, index) => options[index]!.right === areRight);

/** Per cent for each option: its own, else an even share of the right ones. */
function weights(options: readonly Option[]): number[] {
  const share = Math.round(10_000 / Math.max(1, rightOf(options).length)) / 100;
  return options.map(({ right, weight }) => weight ?? (right ? share : 0));
}

/** What a question with options says in the roles of options; a role is asked only where the layout has it. */
const CHOICE_ROLES: Partial<Record<Role, (choice: Choice) => (CellValue | undefined)[]>> = {
  key: ({ item, context }) => [keyText(item, context.layout)],
  options: ({ texts, context }) => inOneCell('options', texts, context),
  right: (choice) => textsThat(choice, true).slice(0, 1),
  wrong: (choice) => textsThat(choice, false),
  wrongs: (choice) => inOneCell('wrongs', textsThat(choice, false), choice.context),
  verdict: ({ options, context: { layout } }) =>
    options.map(({ right }) =>
      right ? (layout.key.right ?? 'correct') : (layout.key.wrong ?? 'incorrect'),
    ),
  weight: ({ options }) => weights(options),
  feedback: ({ options }) => options.map(({ feedback }) => feedback?.plain),
};

function choices(item: Item, context: Context): Sayings {
  const { layout } = context;
  if (layout.key.style === 'word') {
    return { [context.carries('key') ? 'key' : 'option']: [keyText(item, layout)] };
  }
  const ticked = tickedPair(layout);
  if (ticked) {
    const isTrue = item.options?.[0]?.right === true;
    const at = isTrue ? ticked.trueAt : 1 - ticked.trueAt;
    return { verdict: [0, 1].map((column) => (column === at ? ticked.tick : undefined)) };
  }
  const options = ordered(item, layout);
  const texts = optionTexts(options, layout);
  const sayings: Sayings = { option: texts };
  const choice: Choice = { item, context, options, texts };
  for (const role of context.roles) {
    const say = CHOICE_ROLES[role];
    if (say) {
      sayings[role] = say(choice);
    }
  }
  return sayings;
}

/** What a question says of one of two ways: true for shuffled, across, scored. */
const WAYS: Readonly<Record<TwoWay, (item: Item) => boolean | undefined>> = {
  shuffle: (item) => item.shuffle,
  across: (item) => item.across,
  use: (item) => (item.use === undefined ? undefined : item.use === 'scored'),
};

/** A way in the receiver's words. */
function wayCell(role: TwoWay, item: Item, context: Context): string | undefined {
  const way = WAYS[role](item);
  if (way === undefined) {
    return undefined;
  }
  const { yes, no } = waysOf(role, context.having(role)[0]);
  return way ? yes : no;
}

const simple: Partial<Record<Role, (item: Item) => CellValue | undefined>> = {
  ref: (item) => item.ref,
  title: (item) => item.title,
  stem: ({ stem }) => stem.plain,
  hint: (item) => item.hint?.plain,
  explanation: (item) => item.explanation?.plain,
  points: (item) => item.points,
  seconds: (item) => item.seconds,
  attempts: (item) => item.attempts,
  lines: (item) => item.lines,
  endings: (item) => item.endings?.join(', '),
  category: (item) => item.category?.join(' > '),
  image: (item) => item.media?.[0]?.href,
  'image-alt': (item) => item.media?.[0]?.alt,
  by: (item) => item.origin?.by,
  at: (item) => item.origin?.at,
};

/** The columns for one tag each: those of a name hold its values, the others what has no column of its own, in turn. */
function tagCells(item: Item, columns: readonly Column[]): (string | undefined)[] {
  const { tags = [] } = item;
  const named = new Set(
    columns.filter((column) => tagPartOf(column) === 'named').map(({ tag }) => tag),
  );
  const rest = tags.filter(({ name }) => !named.has(name));
  let [values, names] = [0, 0];
  return columns.map((column) => {
    const part = tagPartOf(column);
    if (part === 'named') {
      const own = tags.filter(({ name }) => name === column.tag);
      return own.map(({ value }) => value).join(', ') || undefined;
    }
    const tag = rest[part === 'name' ? names++ : values++];
    if (!tag) {
      return undefined;
    }
    return { name: tag.name ?? 'tag', value: tag.value, any: tagText(tag) }[part];
  });
}

/** What parts tags that stand in one cell. */
const tagSeparator = (context: Context): string => context.having('tags')[0]?.separator ?? ', ';
const signIn = (separator: string): string => separator.trim() || separator;

/** Whether a tag of a question holds the sign that parts tags in the file. */
export const tagsHoldSign = ({ tags = [] }: Item, context: Context): boolean =>
  context.carries('tags') &&
  tags.some((tag) => tagText(tag).includes(signIn(tagSeparator(context))));

/** All tags in one cell; where one holds the sign that parts them, it gives way there, which is a named change. */
function tagsCell(draft: Draft, context: Context): string {
  const separator = tagSeparator(context);
  const sign = signIn(separator);
  const tags = draft.item.tags!.map((tag): Tag => {
    const text = tagText(tag);
    if (!text.includes(sign)) {
      return tag;
    }
    const instead = sign === ' ' ? '-' : ' ';
    const value = text
      .replaceAll(': ', ':')
      .split(sign)
      .map((part) => part.trim())
      .filter(Boolean)
      .join(instead);
    draft.note('tags', text, value, because('tag-holds-sign', { sign }));
    return { value };
  });
  draft.set({ tags });
  return tags.map(tagText).join(separator);
}

/** A text with gaps as the receiver draws them. */
const withGapsDrawn = (item: Item, { gap = USUAL_GAP }: Layout): Item =>
  item.kind === 'gap'
    ? { ...item, stem: { plain: item.stem.plain.replace(/\{\{\d+\}\}/g, () => gap) } }
    : item;

/** Everything a question says, by roles. May throw a Refusal where a separator's sign stands in a text. */
export function sayingsOf(draft: Draft, context: Context): Sayings {
  const { item } = draft;
  const sayings: Sayings = item.options ? choices(item, context) : answersOf(draft, context);
  for (const role of context.roles) {
    const say = simple[role];
    if (say) {
      sayings[role] = [say(role === 'stem' ? withGapsDrawn(item, context.layout) : item)];
    } else if (isTwoWay(role)) {
      sayings[role] = [wayCell(role, item, context)];
    }
  }
  if (context.carries('kind')) {
    sayings.kind = [context.codeOf(item.kind) ?? item.kind];
  }
  if (context.having('tags').length && item.tags?.length) {
    sayings.tags = [tagsCell(draft, context)];
  }
  if (context.carries('tag')) {
    sayings.tag = tagCells(item, context.having('tag'));
  }
  return sayings;
}

const ROOM: readonly (readonly [Role, string])[] = [
  ['pair', toSay('{has, plural, one {# pair} other {# pairs}}')],
  ['left', toSay('{has, plural, one {# pair} other {# pairs}}')],
  ['step', toSay('{has, plural, one {# step} other {# steps}}')],
  ['accepted', toSay('{has, plural, one {# accepted answer} other {# accepted answers}}')],
  ['option', toSay('{has, plural, one {# answer} other {# answers}}')],
];

/** Refuses what has more answers than the file has places for. */
export function holdRoom(sayings: Sayings, places: (role: Role) => number): void {
  for (const [role, words] of ROOM) {
    const said = sayings[role]?.length ?? 0;
    if (places(role) && said > places(role)) {
      throw refusal('room-too-small', { has: say(words, { has: said }), room: places(role) });
    }
  }
}
