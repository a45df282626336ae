// What a fitted question says in each role of a layout, in the layout's notation; rows and blocks place it in cells.
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

function choices(item: Item, context: Context): Sayings {
  const { layout, roles } = context;
  const { key } = layout;
  if (key.style === 'word') {
    return { key: [keyText(item, layout)] };
  }
  const options = ordered(item, layout);
  const texts = optionTexts(options, layout);
  const sayings: Sayings = { option: texts };
  const separate = (role: 'options' | 'wrongs', list: readonly string[]): string[] => [
    joined(list, context.having(role)[0]!.separator ?? ';'),
  ];
  if (roles.has('key')) {
    sayings.key = [keyText(item, layout)];
  }
  if (roles.has('options')) {
    sayings.options = separate('options', texts);
  }
  if (roles.has('right')) {
    sayings.right = texts.slice(0, 1);
    sayings.wrong = texts.slice(1);
  }
  if (roles.has('wrongs')) {
    sayings.wrongs = separate('wrongs', texts.slice(1));
  }
  if (roles.has('verdict')) {
    sayings.verdict = options.map(({ right }) =>
      right ? (key.right ?? 'correct') : (key.wrong ?? 'incorrect'),
    );
  }
  if (roles.has('weight')) {
    const share = Math.round(10_000 / Math.max(1, rightOf(options).length)) / 100;
    sayings.weight = options.map(({ right, weight }) => weight ?? (right ? share : 0));
  }
  if (roles.has('feedback')) {
    sayings.feedback = options.map(({ feedback }) => feedback?.plain);
  }
  return sayings;
}

const yesNo = (value: boolean | undefined, yes: string, no: string): string | undefined =>
  value === undefined ? undefined : value ? yes : no;

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

function tagCell(item: Item, column: Column, place: number): string | undefined {
  if (column.tag && !/\b(?:value|name)\b/i.test(column.heading ?? '')) {
    return (
      item.tags
        ?.filter((tag) => tag.name === column.tag)
        .map((tag) => tag.value)
        .join(', ') || undefined
    );
  }
  const heading = column.heading ?? '';
  const tag = item.tags?.[/\bvalue\b|\bname\b/i.test(heading) ? Math.floor(place / 2) : place];
  if (!tag) {
    return undefined;
  }
  if (/\bname\b/i.test(heading)) {
    return tag.name ?? 'tag';
  }
  return /\bvalue\b/i.test(heading) ? tag.value : tagText(tag);
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
