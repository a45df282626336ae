// A question as one row of a grid: each cell as text, and back from a typed or pasted text to the question's fields.
import { KINDS, type Item, type Kind, type Option } from '../../core/model';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { numberOf, secondsOf } from '../../core/shared/normalise';
import { optionLetter, tagText } from '../../core/shared/plain';
import { trueFalsePair } from '../../core/shared/vocabulary/verdicts';
import { kindOfWord } from '../../core/shared/vocabulary/kinds';

/** The grid's columns; 'options.0' is the first option, or a card's and a short question's first answer. */
export type CellField =
  | 'ref'
  | 'kind'
  | 'stem'
  | `options.${number}`
  | 'key'
  | 'points'
  | 'seconds'
  | 'category'
  | 'tags'
  | 'hint'
  | 'explanation';
/** A text that a cell does not take, with the reason in a sentence. */
export type CellRefusal = { refused: string };

const hasChoices = (kind: Kind): boolean =>
  kind === 'choice-one' || kind === 'choice-many' || kind === 'true-false';
const place = (field: string): number => Number(field.slice('options.'.length));

function optionCell(item: Item, index: number): string {
  if (hasChoices(item.kind)) {
    return item.options?.[index]?.text.plain ?? '';
  }
  if (item.pairs) {
    return item.pairs[index]
      ? `${item.pairs[index].left.plain} | ${item.pairs[index].right.plain}`
      : '';
  }
  if (item.steps) {
    return item.steps[index]?.plain ?? '';
  }
  if (item.number) {
    return index === 0
      ? `${item.number.value}${item.number.unit ? ` ${item.number.unit}` : ''}`
      : '';
  }
  if (item.gaps) {
    return item.gaps[index]?.accepted.join(' / ') ?? '';
  }
  return item.accepted?.[index] ?? '';
}

/** The key as letters: 'B' or 'A, C'; empty where the kind has none. */
export const keyLetters = (item: Item): string =>
  (item.options ?? [])
    .flatMap((option, index) => (option.right ? [optionLetter(index)] : []))
    .join(', ');

/** The text of a question's cell. */
export function cellText(item: Item, field: CellField): string {
  switch (field) {
    case 'ref':
      return item.ref;
    case 'kind':
      return KIND_NAMES[item.kind];
    case 'stem':
      return item.stem.plain;
    case 'key':
      return keyLetters(item);
    case 'points':
      return item.points === undefined ? '' : String(item.points);
    case 'seconds':
      return item.seconds === undefined ? '' : String(item.seconds);
    case 'category':
      return item.category?.join(' > ') ?? '';
    case 'tags':
      return item.tags?.map(tagText).join(', ') ?? '';
    case 'hint':
      return item.hint?.plain ?? '';
    case 'explanation':
      return item.explanation?.plain ?? '';
    default:
      return optionCell(item, place(field));
  }
}

function setKind(item: Item, text: string): Partial<Item> | CellRefusal {
  const bare = text.trim().toLowerCase();
  const kind =
    KINDS.find((candidate) => candidate === bare || KIND_NAMES[candidate] === bare) ??
    kindOfWord(text);
  if (!kind) {
    return {
      refused: `“${text}” is no kind of question; write one of ${Object.values(KIND_NAMES).join(', ')}.`,
    };
  }
  if (kind === item.kind) {
    return {};
  }
  if (hasChoices(kind) && !item.options) {
    const words: readonly string[] =
      kind === 'true-false' ? ['True', 'False'] : (item.accepted ?? []);
    return {
      kind,
      options: words.map((plain, index) => ({
        text: { plain },
        right: kind !== 'true-false' && index === 0,
      })),
    };
  }
  if (!hasChoices(kind) && !item.accepted && (kind === 'card' || kind === 'short')) {
    return {
      kind,
      accepted:
        item.options?.filter((option) => option.right).map((option) => option.text.plain) ?? [],
    };
  }
  return { kind };
}

/** Sets an option's text; an empty text at the end takes the option away, in the middle it stays as a hole to be filled. */
function setOption(item: Item, index: number, text: string): Partial<Item> | CellRefusal {
  if (hasChoices(item.kind)) {
    const options: Option[] = [...(item.options ?? [])];
    while (options.length <= index && text) {
      options.push({ text: { plain: '' }, right: false });
    }
    if (options[index]) {
      options[index] = { ...options[index], text: { plain: text } };
    }
    while (options.length && !options.at(-1)!.text.plain) {
      options.pop();
    }
    const pair =
      item.kind === 'true-false' && options.length === 2
        ? trueFalsePair(options[0]!.text.plain, options[1]!.text.plain)
        : undefined;
    return { options: pair && !pair.trueFirst ? [options[1]!, options[0]!] : options };
  }
  if (item.kind === 'card' || item.kind === 'short') {
    if (item.kind === 'card' && index > 0) {
      return text ? { refused: 'A card has one definition; it stands under A.' } : {};
    }
    const accepted = [...(item.accepted ?? [])];
    while (accepted.length <= index && text) {
      accepted.push('');
    }
    if (index < accepted.length) {
      accepted[index] = text;
    }
    return { accepted: accepted.filter((answer, at) => answer || at < index) };
  }
  return {
    refused: `Questions of the kind ${KIND_NAMES[item.kind]} can't be edited in this column yet.`,
  };
}

function setKey(item: Item, text: string): Partial<Item> | CellRefusal {
  if (!hasChoices(item.kind)) {
    return text.trim()
      ? { refused: `Questions of the kind ${KIND_NAMES[item.kind]} have no key.` }
      : {};
  }
  const options = item.options ?? [];
  const parts = text
    .toUpperCase()
    .split(/[\s,;/|+]+/)
    .flatMap((part) => (/^[A-Z]{2,}$/.test(part) ? [...part] : [part]))
    .filter(Boolean);
  const right = new Set(
    parts.map((part) =>
      /^[A-Z]$/.test(part) ? part.charCodeAt(0) - 65 : /^\d+$/.test(part) ? Number(part) - 1 : -1,
    ),
  );
  const wrong = [...right].find((index) => index < 0 || index >= options.length);
  if (wrong !== undefined) {
    return {
      refused: `“${text}” names no option; there are ${options.length} (${options.length ? `A to ${optionLetter(options.length - 1)}` : 'none'}).`,
    };
  }
  return { options: options.map((option, index) => ({ ...option, right: right.has(index) })) };
}

function setNumber(name: 'points' | 'seconds', text: string): Partial<Item> | CellRefusal {
  if (!text.trim()) {
    return { [name]: undefined };
  }
  const value = name === 'seconds' ? secondsOf(text) : numberOf(text);
  if (value === undefined || value < 0) {
    return { refused: `“${text}” is no number of ${name}.` };
  }
  return { [name]: value };
}

/**
 * The fields that a typed text sets; an empty object where nothing changes. A text that makes no sense in the cell is
 * refused with a sentence, and nothing is lost.
 */
export function setCell(item: Item, field: CellField, text: string): Partial<Item> | CellRefusal {
  if (text === cellText(item, field)) {
    return {};
  }
  switch (field) {
    case 'ref':
      return text.trim() ? { ref: text.trim() } : { refused: 'A reference may not be empty.' };
    case 'kind':
      return setKind(item, text);
    case 'stem':
      return { stem: { plain: text } };
    case 'key':
      return setKey(item, text);
    case 'points':
    case 'seconds':
      return setNumber(field, text);
    case 'category': {
      const path = text.split(/\s*>\s*/).filter(Boolean);
      return { category: path.length ? path : undefined };
    }
    case 'tags': {
      const tags = text
        .split(/\s*,\s*/)
        .filter(Boolean)
        .map((tag) => {
          const pair = /^([^:]+):\s*(.+)$/.exec(tag);
          return pair ? { name: pair[1]!.trim(), value: pair[2]! } : { value: tag };
        });
      return { tags: tags.length ? tags : undefined };
    }
    case 'hint':
    case 'explanation':
      return { [field]: text ? { plain: text } : undefined };
    default:
      return setOption(item, place(field), text);
  }
}

/** The item with fields set; a field set to undefined is taken away. */
export function withFields(item: Item, fields: Partial<Item>): Item {
  const next: Record<string, unknown> = { ...item, ...fields };
  for (const [name, value] of Object.entries(next)) {
    if (value === undefined) {
      delete next[name];
    }
  }
  return next as Item;
}
