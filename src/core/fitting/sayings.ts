// What a fitted question says in each role of a layout, in the layout's notation; rows and blocks place it in cells.
import { tickedPair } from '../shared/ticked-pair';
import type { CellValue, Column, Item, Option, Role } from '../model';
import { tagText } from '../shared/plain';
import { answersOf } from './answers';
import { refusal, type Draft } from './changes';
import { keyText, ordered } from './choices';
import { joined } from './joined';
import type { Context, Sayings } from './context';

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

const inOneCell = (
  role: 'options' | 'wrongs',
  texts: readonly string[],
  context: Context,
): string[] => [joined(texts, context.having(role)[0]!.separator ?? ';')];

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
    return { key: [keyText(item, layout)] };
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

function yesNo(value: boolean | undefined, yes: string, no: string): string | undefined {
  if (value === undefined) {
    return undefined;
  }
  return value ? yes : no;
}

const simple: Partial<Record<Role, (item: Item) => CellValue | undefined>> = {
  ref: (item) => item.ref,
  title: (item) => item.title,
  stem: (item) =>
    item.kind === 'gap' ? item.stem.plain.replace(/\{\{\d+\}\}/g, '____') : item.stem.plain,
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
  use: (item) => item.use,
  by: (item) => item.origin?.by,
  at: (item) => item.origin?.at,
  shuffle: (item) => yesNo(item.shuffle, 'yes', 'no'),
  across: (item) => yesNo(item.across, 'across', 'down'),
};

/** Headings of a tag's two halves, where a file keeps its name and its value apart. */
const TAG_VALUE = /\bvalue\b/i;
const TAG_NAME = /\bname\b/i;

const namedTag = (item: Item, name: string): string | undefined =>
  item.tags
    ?.filter((tag) => tag.name === name)
    .map((tag) => tag.value)
    .join(', ') || undefined;

/** One tag for one column: the tag of the column's name, else the tag of its place. */
function tagCell(
  item: Item,
  { tag: name, heading = '' }: Column,
  place: number,
): string | undefined {
  const isValue = TAG_VALUE.test(heading);
  const isName = TAG_NAME.test(heading);
  if (name && !isValue && !isName) {
    return namedTag(item, name);
  }
  const tag = item.tags?.[isValue || isName ? Math.floor(place / 2) : place];
  if (!tag) {
    return undefined;
  }
  if (isName) {
    return tag.name ?? 'tag';
  }
  return isValue ? tag.value : tagText(tag);
}

/** Everything a question says, by roles. May throw a Refusal where a separator's sign stands in a text. */
export function sayingsOf(draft: Draft, context: Context): Sayings {
  const { item } = draft;
  const sayings: Sayings = item.options ? choices(item, context) : answersOf(draft, context);
  for (const role of context.roles) {
    const say = simple[role];
    if (say) {
      sayings[role] = [say(item)];
    }
  }
  if (context.carries('kind')) {
    sayings.kind = [context.codeOf(item.kind) ?? item.kind];
  }
  const tags = context.having('tags')[0];
  if (tags && item.tags?.length) {
    sayings.tags = [item.tags.map(tagText).join(tags.separator ?? ', ')];
  }
  if (context.carries('tag')) {
    sayings.tag = context.having('tag').map((column, index) => tagCell(item, column, index));
  }
  return sayings;
}

const ROOM: readonly (readonly [Role, string])[] = [
  ['pair', 'pair'],
  ['left', 'pair'],
  ['step', 'step'],
  ['accepted', 'accepted answer'],
  ['option', 'answer'],
];

/** Refuses what has more answers than the file has places for. */
export function holdRoom(sayings: Sayings, places: (role: Role) => number): void {
  for (const [role, word] of ROOM) {
    const said = sayings[role]?.length ?? 0;
    if (places(role) && said > places(role)) {
      throw refusal('room-too-small', { has: said, thing: word, room: places(role) });
    }
  }
}
