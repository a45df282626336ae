// Questions from their lines of marked text: options with their signs, pairs, typed answers, fields.
import type { Item, Option } from '../../model';
import { defined } from '../../shared/defined';
import { labelPattern } from '../../shared/labels';
import { namedKey } from '../../shared/marked-key';
import { numberOf } from '../../shared/normalise';
import type { Open, Said } from './lines';
import { findSign, plainText, type Marks } from './signs';

function optionOf(line: string, marks: Marks): Option {
  const { right, wrong, feedback, feedbackAt, optionLabel, keyLine, option } = marks;
  const signs = keyLine ? [option] : [right, wrong];
  const isBehind = marks.rightAt === 'behind';
  const has = (sign: string | undefined): sign is string =>
    Boolean(sign) && (isBehind ? line.trimEnd().endsWith(` ${sign}`) : line.startsWith(sign!));
  const { length } = signs.find(has) ?? '';
  const bare = isBehind
    ? line.trimEnd().slice(0, line.trimEnd().length - length)
    : line.slice(length);
  const label = labelPattern(optionLabel);
  const text = label ? bare.replace(label, '') : bare;
  const behind = feedback && feedbackAt !== 'question' ? ` ${feedback} ` : undefined;
  const at = behind === undefined ? -1 : findSign(text, behind, marks);
  const plain = (part: string): string => plainText(part.trim(), marks);
  return defined({
    text: { plain: plain(at >= 0 ? text.slice(0, at) : text) },
    right: !keyLine && has(right),
    feedback: at >= 0 ? { plain: plain(text.slice(at + behind!.length)) } : undefined,
  });
}

/** Pairs, where every line has the sign between two halves. */
function pairsOf(lines: readonly string[], marks: Marks): Item['pairs'] {
  const sign = marks.pair && ` ${marks.pair} `;
  if (!sign || !lines.length) {
    return undefined;
  }
  const halves = lines.map((line) => findSign(line, sign, marks));
  return halves.every((at) => at >= 0)
    ? lines.map((line, index) => ({
        left: { plain: plainText(line.slice(0, halves[index]), marks) },
        right: { plain: plainText(line.slice(halves[index]! + sign.length), marks) },
      }))
    : undefined;
}

/** Fields from lines of their own; a number that is none stays away and shows as a difference. */
function fieldsOf(said: readonly Said[]): Partial<Item> {
  const fields: Partial<Item> = {};
  for (const { field, text } of said) {
    if (field === 'points' || field === 'seconds') {
      fields[field] = numberOf(text);
    } else if (field === 'category') {
      fields.category = text.split(' > ');
    } else if (field === 'hint') {
      fields.hint = { plain: text };
    } else {
      fields[field] = text;
    }
  }
  return defined(fields);
}

function choiceOf({ lines, key }: Open, marks: Marks): Pick<Item, 'kind' | 'options'> {
  const read = lines.map((line) => optionOf(line, marks));
  const named = key === undefined ? undefined : namedKey(key, read, marks);
  const options = named
    ? read.map((option, index) => ({ ...option, right: named.includes(index) }))
    : read;
  const many = options.filter((option) => option.right).length > 1;
  return { kind: many ? 'choice-many' : 'choice-one', options };
}

function answersOf(open: Open, marks: Marks): Pick<Item, 'kind'> & Partial<Item> {
  const { lines, accepted } = open;
  const pairs = pairsOf(lines, marks);
  if (pairs) {
    return { kind: 'match', pairs };
  }
  if (lines.length) {
    return choiceOf(open, marks);
  }
  return accepted.length ? { kind: 'short', accepted } : { kind: 'open' };
}

/** The nth question of a text. */
export function itemOf(open: Open, n: number, marks: Marks): Item {
  const { stem, title, category, explanation, said } = open;
  return {
    ...defined({
      id: `text-${n}`,
      ref: '',
      stem: { plain: stem },
      title: title || undefined,
      category: category ? category.split(' > ') : undefined,
      explanation: explanation ? { plain: explanation } : undefined,
    }),
    ...fieldsOf(said),
    ...answersOf(open, marks),
  };
}
