// The fields of a question that a layout carries, each as one comparable text.
import { saysTruthByWord } from '../shared/pattern-roles';
import { saysOnlyTruth } from '../shared/ticked-pair';
import type { Column, Item, Layout, Option, Role, Text } from '../model';
import { rolesOfPackage } from '../shared/package-roles';
import { rolesOfPattern } from '../shared/pattern-roles';
import { optionLetter, tagText } from '../shared/plain';
import { tagPartOf } from '../shared/tags';
import { rightByWeights } from '../shared/weights';
import type { ReadItem } from './unread';
import { say } from '../shared/say';

/** Whether a layout has a place for a role. */
export type Carries = (role: Role) => boolean;
type Fields = Record<string, string>;

/** The roles that marked text has a sign for, besides question and answers. */
const rolesOfMarks = (marks: Layout['marks']): Role[] => [
  ...(marks?.titleOpen === undefined ? [] : ['title' as const]),
  ...(marks?.feedback === undefined
    ? []
    : [marks.feedbackAt === 'question' ? ('explanation' as const) : ('feedback' as const)]),
  ...(marks?.category === undefined ? [] : ['category' as const]),
  ...(marks?.fields ?? []).map(({ field }) => field),
];

/** The roles that a layout has a place for, by its own description. */
function carriedRoles(layout: Layout): readonly Role[] {
  const { shape, columns, lines = [], marks, pattern } = layout;
  switch (shape) {
    case 'grid':
      return ['category', 'points'];
    case 'marked-text':
      return pattern ? rolesOfPattern(pattern) : rolesOfMarks(marks);
    case 'package':
      return rolesOfPackage(layout);
    default:
      return [
        ...columns.map(({ role }) => role),
        ...lines.flatMap(({ cells }) => cells.map(({ role }) => role)),
      ];
  }
}

/** Whether a layout has a place for a role, by its own description. */
export function carrying(layout: Layout): Carries {
  const roles = new Set(carriedRoles(layout));
  return (role) => roles.has(role);
}

const joined = (texts: readonly (string | undefined)[]): string =>
  texts.filter(Boolean).join(' | ');

/** A text as the layout keeps it: with its formatting only in a package. */
const textIn = ({ plain, html }: Text, layout: Layout): string =>
  layout.shape === 'package' && html ? html : plain;

/** A number with as much of it as the layout says. */
function numberText(number: NonNullable<Item['number']>, layout: Layout, carries: Carries): string {
  const hasTolerance = carries('tolerance') || layout.shape === 'package';
  const hasUnit = carries('unit') || !carries('value');
  const tolerance = hasTolerance ? ` ± ${number.tolerance}` : '';
  const unit = hasUnit ? ` ${number.unit ?? ''}` : '';
  return `${number.value}${tolerance}${unit}`.trim();
}

/** Answers of kinds without options. */
function openAnswers(item: Item, layout: Layout, carries: Carries): Fields {
  const fields: Fields = {};
  item.pairs?.forEach(({ left, right }, index) => {
    fields[`pairs.${index}`] = `${textIn(left, layout)} | ${textIn(right, layout)}`;
  });
  item.steps?.forEach((step, index) => {
    fields[`steps.${index}`] = textIn(step, layout);
  });
  item.gaps?.forEach((gap, index) => {
    fields[`gaps.${index}`] = joined(gap.accepted);
    if (layout.shape === 'package' && gap.options?.length) {
      fields[`gaps.${index}.options`] = joined(gap.options);
    } else if (carries('wrongs') && gap.options?.length) {
      // Beside gaps the words stand in no order.
      fields[`gaps.${index}.options`] = joined([...new Set(gap.options)].sort());
    }
  });
  if (item.number) {
    fields['number'] = numberText(item.number, layout, carries);
  }
  return fields;
}

const letters = (options: readonly Option[]): string =>
  options.flatMap(({ right }, index) => (right ? [optionLetter(index)] : [])).join(', ');

/** Per cent of each option: its own, else an even share of the right ones. */
function weightsOf(options: readonly Option[]): number[] {
  const right = options.filter((option) => option.right).length;
  const share = Math.round(10_000 / Math.max(1, right)) / 100;
  return options.map((option) => option.weight ?? (option.right ? share : 0));
}

/** The letters of the right options, as a receiver knows them that is told weights alone or a key. */
function keyText(options: readonly Option[], { key }: Layout): string {
  const right = rightByWeights(weightsOf(options));
  return letters(
    key.style === 'weight'
      ? options.map((option, index) => ({ ...option, right: right[index]! }))
      : options,
  );
}

/** Options in the order in which the file has them: the right one first where its place is the key. */
function inFileOrder(options: readonly Option[], { key }: Layout): readonly Option[] {
  const isPlace = key.style === 'first' || key.style === 'right-column';
  return isPlace ? [...options].sort((a, b) => Number(b.right) - Number(a.right)) : options;
}

function optionAnswers(
  { options: given = [], kind }: Item,
  layout: Layout,
  carries: Carries,
): Fields {
  const options = inFileOrder(given, layout);
  const fields: Fields = { key: keyText(options, layout) };
  // Where the key is a word or a tick under one of two, nothing is written of the options.
  const isWord = layout.pattern !== undefined && saysTruthByWord(layout.pattern, kind);
  const hasTexts = (!saysOnlyTruth(layout) || layout.shape !== 'rows') && !isWord;
  options.forEach(({ text, feedback }, index) => {
    if (hasTexts) {
      fields[`options.${index}`] = textIn(text, layout);
    }
    if (carries('feedback') && feedback?.plain) {
      fields[`options.${index}.feedback`] = feedback.plain;
    }
  });
  if (carries('weight')) {
    fields['weights'] = weightsOf(options).join(', ');
  }
  return fields;
}

function answerTexts(item: Item, layout: Layout, carries: Carries): Fields {
  const isTyped = !item.options || item.kind === 'short' || item.kind === 'card';
  if (item.accepted && isTyped) {
    return { accepted: joined(item.accepted) };
  }
  return {
    ...openAnswers(item, layout, carries),
    ...(item.options ? optionAnswers(item, layout, carries) : {}),
  };
}

/** The points of a question that says none: one in a package, else the layout's default. */
const defaultPoints = ({ shape, columns }: Layout): number | string | undefined =>
  shape === 'package' ? 1 : columns.find(({ role }) => role === 'points')?.default;

const way = (value: boolean | undefined, yes: string, no: string): string | undefined =>
  value === undefined ? undefined : { true: yes, false: no }[`${value}`];

const aroundText = ({
  shuffle,
  across,
  use,
  origin,
  media,
}: Item): Partial<Record<Role, string | undefined>> => ({
  'image-alt': media?.[0]?.alt,
  by: origin?.by,
  at: origin?.at,
  shuffle: way(shuffle, 'shuffled', say('as given')),
  across: way(across, 'across', 'down'),
  use,
});

/** The fields beside question and answers, those that the question lacks as undefined. */
const besideOf = (
  item: Item,
  layout: Layout,
): Partial<Record<Role, string | number | undefined>> => ({
  ref: item.ref,
  title: item.title,
  hint: item.hint?.plain,
  explanation: item.explanation?.plain,
  points: item.points ?? defaultPoints(layout),
  seconds: item.seconds,
  attempts: item.attempts,
  category: item.category?.join(' > '),
  tags: item.tags?.map(tagText).join(', '),
  image: item.media?.[0]?.href,
  endings: item.endings?.join(', '),
  lines: item.lines,
  ...aroundText(item),
});

/** The tags that columns of their own have room for: values by name, the others as they come. */
function tagFields(item: ReadItem, columns: readonly Column[]): Fields {
  const tags = item.tagsApart ?? item.tags ?? [];
  const parts = columns.map((column) => ({ part: tagPartOf(column), name: column.tag }));
  const named = parts.filter(({ part }) => part === 'named').map(({ name }) => name);
  const isPair = parts.some(({ part }) => part === 'name');
  const room = parts.filter(({ part }) => part === 'any' || part === 'value').length;
  const rest = tags.filter(({ name }) => !named.includes(name)).slice(0, room);
  return Object.fromEntries([
    ...named.map((name) => [
      say('tag {name}', { name }),
      tags.flatMap((tag) => (tag.name === name ? [tag.value] : [])).join(', '),
    ]),
    ...rest.map((tag, index) => [
      `tag.${index}`,
      tagText(isPair ? { ...tag, name: tag.name ?? 'tag' } : tag),
    ]),
  ]) as Fields;
}

/** Every field of the question that the layout carries, by the field's name; what is empty is left out. */
export function textsOf(item: ReadItem, layout: Layout, carries: Carries): Fields {
  const beside = Object.entries(besideOf(item, layout)).flatMap(([role, value]) =>
    value !== undefined && carries(role as Role) ? [[role, String(value)]] : [],
  );
  const namesKind = carries('kind') && (layout.kinds.length > 0 || layout.shape === 'package');
  return {
    stem: textIn(item.stem, layout),
    ...answerTexts(item, layout, carries),
    ...(namesKind ? { kind: item.kind } : {}),
    ...(Object.fromEntries(beside) as Fields),
    ...tagFields(
      item,
      layout.columns.filter(({ role }) => role === 'tag'),
    ),
    ...Object.fromEntries(
      Object.entries(item.unread ?? {}).map(([place, text]) => [
        say('{place}, not understood', { place }),
        text,
      ]),
    ),
  };
}
