// One change of many questions at once, given as data, so that what will change can be shown before it is done.
import type { Item, Kind, Tag, Text } from '../model';
import { dequal } from 'dequal';
import { escapeMarkup } from '../shared/markup';
import { isSafeLink } from '../shared/rich-text';
import { tagText } from '../shared/plain';
import { isSameTag, tagsOnce } from '../shared/tags';
import { newReferences } from './reference-rule';
import { Problem } from '../shared/problem';
import { replacer, type Finding } from './replacing';
import { isWithin } from './tidy-order';
import { say } from '../shared/say';

export const TEXT_FIELDS = [
  'stem',
  'options',
  'answers',
  'explanation',
  'hint',
  'title',
  'feedback',
] as const;
export type TextField = (typeof TEXT_FIELDS)[number];

export type ManyChange =
  | { is: 'add-tag' | 'remove-tag'; tag: Tag }
  | { is: 'replace-tag'; tag: Tag; by: Tag }
  | { is: 'category'; path: readonly string[] }
  /** A category with all below it gets another path; where that is there already, they become one. */
  | { is: 'move-category'; from: readonly string[]; to: readonly string[] }
  | { is: 'set'; field: 'points' | 'seconds' | 'attempts'; value: number | undefined }
  | { is: 'use'; value: 'practice' | 'scored' | undefined }
  | ({ is: 'replace'; by: string; fields: readonly TextField[] } & Finding)
  | { is: 'tidy' }
  | { is: 'pictures'; from: string; to: string }
  | { is: 'references'; rule: string }
  | { is: 'kind'; kind: Kind };

/** No tags at all are no list. */
const withTags = (item: Item, tags: readonly Tag[]): Item => {
  const { tags: _tags, ...others } = item;
  return tags.length ? { ...others, tags: [...tags] } : others;
};

type Change = (text: string) => string;

/** A text changed; formatting stays where the words of it can be changed between its marks. */
function changedText(text: Text, change: Change): Text {
  const plain = change(text.plain);
  if (plain === text.plain) {
    return text;
  }
  const html = text.html?.replace(/(<[^>]*>)|([^<]+)/gu, (part: string, mark?: string) =>
    mark === undefined ? escapeMarkup(change(unescaped(part))) : part,
  );
  // Words that go across a mark are found in the plain text alone; then the formatting says something else.
  const says = html && unescaped(html.replace(/<[^>]*>/gu, ''));
  return says === plain ? { ...text, plain, html: html! } : { plain };
}

const SIGNS: Readonly<Record<string, string>> = {
  '&lt;': '<',
  '&gt;': '>',
  '&quot;': '"',
  '&#39;': "'",
  '&amp;': '&',
};
const unescaped = (text: string): string =>
  text.replace(/&(?:lt|gt|quot|#39|amp);/gu, (sign) => SIGNS[sign]!);

/** How each field's texts are changed. */
const IN_FIELD: Record<TextField, (item: Item, change: Change) => Partial<Item>> = {
  stem: ({ stem }, change) => ({ stem: changedText(stem, change) }),
  options: ({ options }, change) =>
    options
      ? { options: options.map((one) => ({ ...one, text: changedText(one.text, change) })) }
      : {},
  answers: ({ accepted, pairs, steps }, change) => ({
    ...(accepted ? { accepted: accepted.map(change) } : {}),
    ...(pairs
      ? {
          pairs: pairs.map(({ left, right }) => ({
            left: changedText(left, change),
            right: changedText(right, change),
          })),
        }
      : {}),
    ...(steps ? { steps: steps.map((one) => changedText(one, change)) } : {}),
  }),
  explanation: ({ explanation }, change) =>
    explanation ? { explanation: changedText(explanation, change) } : {},
  hint: ({ hint }, change) => (hint ? { hint: changedText(hint, change) } : {}),
  title: ({ title }, change) => (title === undefined ? {} : { title: change(title) }),
  feedback: ({ options }, change) =>
    options
      ? {
          options: options.map((one) =>
            one.feedback ? { ...one, feedback: changedText(one.feedback, change) } : one,
          ),
        }
      : {},
};

const inFields = (item: Item, fields: readonly TextField[], change: Change): Item =>
  fields.reduce<Item>((now, field) => ({ ...now, ...IN_FIELD[field](now, change) }), item);

/** Without blanks at the ends, two in a row, and before a comma, a semicolon or a full stop. */
const tidied: Change = (text) =>
  text
    .trim()
    .replace(/[ \u00a0]{2,}/gu, ' ')
    .replace(/ +([,.;])(?=\s|$)/gu, '$1');

/** Kinds that stand for one another: with options, and with accepted answers. */
function withKind(item: Item, kind: Kind): Item {
  const { options = [], accepted = [] } = item;
  const hasOptions = options.length > 1;
  if (kind === 'choice-one' || kind === 'choice-many') {
    const rights = options.filter(({ right }) => right).length;
    return hasOptions && (kind === 'choice-many' || rights <= 1) ? { ...item, kind } : item;
  }
  const right = options.filter((option) => option.right).map(({ text }) => text.plain);
  const answers = accepted.length ? accepted : right;
  if ((kind === 'short' || kind === 'card') && answers.length) {
    const { options: _options, ...others } = item;
    return { ...others, kind, accepted: answers };
  }
  return item;
}

type Apply<Is extends ManyChange['is']> = (
  item: Item,
  change: Extract<ManyChange, { is: Is }>,
) => Item;

const withField = (item: Item, field: keyof Item, value: unknown): Item => {
  const next: Record<string, unknown> = { ...item, [field]: value };
  if (value === undefined) {
    delete next[field];
  }
  return next as Item;
};

const pathOrNone = (path: readonly string[]): string[] | undefined =>
  path.length ? [...path] : undefined;

const APPLY: { [Is in Exclude<ManyChange['is'], 'references'>]: Apply<Is> } = {
  'add-tag': (item, { tag }) => withTags(item, tagsOnce([...(item.tags ?? []), tag])),
  'remove-tag': (item, { tag }) =>
    withTags(
      item,
      (item.tags ?? []).filter((own) => !isSameTag(own, tag)),
    ),
  'replace-tag': (item, { tag, by }) =>
    withTags(item, tagsOnce((item.tags ?? []).map((own) => (isSameTag(own, tag) ? by : own)))),
  category: (item, { path }) => withField(item, 'category', pathOrNone(path)),
  'move-category': (item, { from, to }) =>
    item.category && isWithin(item.category, from)
      ? withField(item, 'category', pathOrNone([...to, ...item.category.slice(from.length)]))
      : item,
  set: (item, { field, value }) => withField(item, field, value),
  use: (item, { value }) => withField(item, 'use', value),
  replace: (item, { fields, ...finding }) => inFields(item, fields, replacer(finding)),
  tidy: (item) => inFields(item, TEXT_FIELDS, tidied),
  pictures: (item, { from, to }) =>
    item.media?.some(({ href }) => href.startsWith(from))
      ? {
          ...item,
          media: item.media.map((one) =>
            one.href.startsWith(from) ? { ...one, href: to + one.href.slice(from.length) } : one,
          ),
        }
      : item,
  kind: (item, { kind }) => withKind(item, kind),
};

/** Whether an address may stand in front of pictures: a web address, or a folder. */
const isAddress = (text: string): boolean =>
  isSafeLink(text) || (!/^[a-z][a-z0-9+.-]*:/iu.test(text) && text !== '');

/**
 * The questions that a change makes different, as they are afterwards; those that it leaves alone are not among them.
 * `taken` are the references of the bank's other questions. Throws a Problem with a sentence where the change can't be made.
 */
export function changedBy(
  items: readonly Item[],
  change: ManyChange,
  taken: ReadonlySet<string> = new Set(),
): Item[] {
  if (change.is === 'pictures' && !isAddress(change.to)) {
    throw new Problem(
      say('“{to}” is no address of pictures: write a web address, or a folder.', { to: change.to }),
    );
  }
  const apply =
    change.is === 'references'
      ? newReferences(items, change.rule, taken)
      : (item: Item): Item => (APPLY[change.is] as Apply<ManyChange['is']>)(item, change);
  return items
    .map((item) => ({ before: item, after: apply(item) }))
    .flatMap(({ before, after }) => (dequal(before, after) ? [] : [after]));
}

const WORDS: { [Is in ManyChange['is']]: (change: Extract<ManyChange, { is: Is }>) => string } = {
  'add-tag': ({ tag }) => say('Tag {tag}', { tag: tagText(tag) }),
  'remove-tag': ({ tag }) => say('Take the tag {tag} off', { tag: tagText(tag) }),
  'replace-tag': ({ tag, by }) =>
    say('Tag {by} in place of {tag}', { by: tagText(by), tag: tagText(tag) }),
  category: ({ path }) =>
    path.length ? say('Move to {path}', { path: path.join(' > ') }) : say('Take out of categories'),
  'move-category': ({ from, to }) =>
    to.length
      ? say('{from} becomes {to}', { from: from.join(' > '), to: to.join(' > ') })
      : say('Take out of {from}', { from: from.join(' > ') }),
  set: ({ field }) => say('Set {field}', { field }),
  use: () => say('Set use'),
  replace: ({ find }) => say('Replace “{find}”', { find }),
  tidy: () => say('Tidy texts'),
  pictures: () => say('New address of pictures'),
  references: () => say('New references'),
  kind: () => say('Change the kind'),
};

/** A change in words, as the step that undo takes back is called. */
export const changeWords = (change: ManyChange): string =>
  (WORDS[change.is] as (change: ManyChange) => string)(change);
