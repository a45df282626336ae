// A question from what stands in its roles, by the layout's notation.
import type { Item, Kind, Layout, Option, Role } from '../model';
import { numberOf, quantityOf, secondsOf } from '../shared/normalise';
import { defined } from '../shared/defined';

/** What stands in the places of a role, the first place first; separators where one place holds several. */
export type Said = {
  get(role: Role): string;
  all(role: Role): string[];
  has(role: Role): boolean;
  separator(role: Role): string | undefined;
};

function keyIndexes(text: string, layout: Layout, options: readonly string[]): number[] {
  const { style, separator = ',' } = layout.key;
  if (style === 'text') {
    const whole = options.indexOf(text);
    return whole >= 0
      ? [whole]
      : text.split(layout.key.separator ?? '; ').map((part) => options.indexOf(part));
  }
  const parts = text
    .split(separator)
    .map((part) => part.trim())
    .filter(Boolean);
  if (style === 'letter') {
    return parts.map((part) =>
      /^[A-Za-z]$/.test(part) ? part.toUpperCase().charCodeAt(0) - 65 : -1,
    );
  }
  return parts.map((part) =>
    /^\d+$/.test(part) ? Number(part) - (style === 'number' ? 1 : 0) : -1,
  );
}

function optionTexts(layout: Layout, said: Said): string[] {
  const split = (role: 'options' | 'wrongs'): string[] =>
    said.get(role) ? said.get(role).split(said.separator(role) ?? ';') : [];
  if (layout.key.style === 'right-column') {
    return [said.get('right'), ...said.all('wrong'), ...split('wrongs')].filter(
      (text) => text !== '',
    );
  }
  const joined = split('options');
  return joined.length ? joined : said.all('option').filter((text) => text !== '');
}

function readOptions(layout: Layout, said: Said): Option[] {
  const texts = optionTexts(layout, said);
  const { key } = layout;
  const marker = key.marker ?? '*';
  const feedback = said.all('feedback');
  const of = (
    right: (text: string, index: number) => boolean,
    plain = (text: string): string => text,
  ): Option[] =>
    texts.map((text, index) =>
      defined({
        text: { plain: plain(text) },
        right: right(text, index),
        feedback: feedback[index] ? { plain: feedback[index] } : undefined,
      }),
    );
  switch (key.style) {
    case 'marker':
      return of(
        (text) => text.startsWith(marker),
        (text) => (text.startsWith(marker) ? text.slice(marker.length) : text),
      );
    case 'verdict':
      return of((_, index) => said.all('verdict')[index] === (key.right ?? 'correct'));
    case 'weight': {
      const weights = said.all('weight').map((text) => numberOf(text) ?? 0);
      return of((_, index) => (weights[index] ?? 0) > 0).map((option, index) => ({
        ...option,
        weight: weights[index] ?? 0,
      }));
    }
    case 'first':
    case 'right-column':
      return of((_, index) => index === 0);
    case 'word': {
      const word = said.get('key');
      return [
        { text: { plain: key.right ?? 'true' }, right: word === (key.right ?? 'true') },
        { text: { plain: key.wrong ?? 'false' }, right: word === (key.wrong ?? 'false') },
      ];
    }
    default: {
      const right = new Set(keyIndexes(said.get('key'), layout, texts));
      return of((_, index) => right.has(index));
    }
  }
}

/** The answers that were typed out, wherever the layout has room for them. */
function typed(said: Said, ...roles: Role[]): string[] {
  const role = roles.find((candidate) => said.has(candidate));
  return role ? said.all(role).filter((text) => text !== '') : [];
}

const cut = (text: string, separator: string): string[] =>
  text.split(separator).filter((part) => part !== '');

function pairsOf(said: Said): NonNullable<Item['pairs']> {
  if (said.has('left')) {
    return said
      .all('left')
      .flatMap((left, index) =>
        left
          ? [{ left: { plain: left }, right: { plain: said.all('right-side')[index] ?? '' } }]
          : [],
      );
  }
  const role: Role = said.has('pair') ? 'pair' : 'option';
  const separator = said.separator(role) ?? '|';
  return said
    .all(role)
    .filter((text) => text !== '')
    .map((text) => {
      const at = text.indexOf(separator);
      return {
        left: { plain: text.slice(0, at) },
        right: { plain: text.slice(at + separator.length) },
      };
    });
}

function numberIn(said: Said): Item['number'] {
  if (said.has('value')) {
    return defined({
      value: numberOf(said.get('value')) ?? Number.NaN,
      tolerance: numberOf(said.get('tolerance')) ?? 0,
      unit: said.get('unit') || undefined,
    });
  }
  const found = quantityOf(typed(said, 'accepted', 'option', 'key', 'right')[0] ?? '');
  return found
    ? {
        value: found.value,
        tolerance: found.tolerance ?? 0,
        ...(said.get('unit') ? { unit: said.get('unit') } : found.unit ? { unit: found.unit } : {}),
      }
    : undefined;
}

/** The stem with its gaps, and what is accepted in each. */
function gapsOf(said: Said): Pick<Item, 'stem' | 'gaps'> {
  let n = 0;
  const plain = said.get('stem').replace(/_{3,}/g, () => `{{${++n}}}`);
  const role: Role = said.has('accepted') ? 'accepted' : 'option';
  const texts = said.all(role).filter((text) => text !== '');
  const each = texts.length === 1 && n > 1 ? texts[0]!.split(said.separator(role) ?? '; ') : texts;
  return { stem: { plain }, gaps: each.map((text) => ({ accepted: text.split(' / ') })) };
}

/** The answers of a kind. */
function answersOf(kind: Kind, layout: Layout, said: Said): Partial<Item> {
  switch (kind) {
    case 'match':
      return { pairs: pairsOf(said) };
    case 'order':
      return { steps: typed(said, 'step', 'option').map((plain) => ({ plain })) };
    case 'number': {
      const number = numberIn(said);
      return number ? { number } : {};
    }
    case 'gap':
      return gapsOf(said);
    case 'open':
    case 'upload':
      return {};
    case 'card':
      return {
        accepted: typed(said, 'accepted', 'option', 'key', 'right').slice(
          0,
          said.has('accepted') ? undefined : 1,
        ),
      };
    case 'short': {
      const texts = typed(said, 'accepted', 'option', 'key', 'right');
      const separator = said.separator('accepted') ?? '; ';
      return {
        accepted:
          said.has('accepted') && said.all('accepted').length === 1
            ? texts.flatMap((text) => cut(text, separator))
            : texts,
      };
    }
    default:
      return { options: readOptions(layout, said) };
  }
}

/** The kind that the receiver's word names, else the one that the layout's places can only mean. */
function kindOf(layout: Layout, said: Said): Kind {
  const code = said.get('kind');
  const declared = layout.kinds.find((kind) => kind.code !== '' && kind.code === code)?.kind;
  if (declared) {
    return declared;
  }
  const only = new Set(layout.kinds.map(({ kind }) => kind));
  if (said.has('pair') || said.has('left')) {
    return 'match';
  }
  if (said.has('step')) {
    return 'order';
  }
  if (said.has('value')) {
    return 'number';
  }
  const choices =
    said.has('option') || said.has('options') || said.has('right') || layout.key.style === 'word';
  if (!choices) {
    return said.has('accepted') ? (only.has('short') ? 'short' : 'card') : 'open';
  }
  return readOptions(layout, said).filter((option) => option.right).length > 1
    ? 'choice-many'
    : 'choice-one';
}

/** The question that the places say. `n` is its number in the file, from 1. */
export function questionOf(layout: Layout, said: Said, n: number): Item {
  const kind = kindOf(layout, said);
  const text = (role: Role): string | undefined => said.get(role) || undefined;
  const rich = (role: 'hint' | 'explanation'): Partial<Item> =>
    text(role) ? { [role]: { plain: text(role)! } } : {};
  const counted = (role: 'points' | 'attempts' | 'lines'): Partial<Item> => {
    const value = numberOf(said.get(role));
    return value === undefined ? {} : { [role]: value };
  };
  const seconds = secondsOf(said.get('seconds'));
  const tags = text('tags')
    ?.split(said.separator('tags') ?? ', ')
    .map((tag) => {
      const pair = /^([^:]+): (.+)$/s.exec(tag);
      return pair ? { name: pair[1]!, value: pair[2]! } : { value: tag };
    });
  return defined({
    id: `row-${n}`,
    ref: said.get('ref'),
    kind,
    stem: { plain: said.get('stem') },
    ...answersOf(kind, layout, said),
    title: text('title'),
    ...rich('hint'),
    ...rich('explanation'),
    ...counted('points'),
    ...counted('attempts'),
    ...counted('lines'),
    seconds,
    category: text('category')?.split(' > '),
    tags,
    endings: text('endings')?.split(', '),
    media: text('image')
      ? [
          defined({
            at: 'stem' as const,
            href: text('image')!,
            alt: text('image-alt'),
          }),
        ]
      : undefined,
  });
}
