// A question as one row of a grid: each cell as text, and back from a typed or pasted text to the question's fields.
import type { Item, Tag } from '../../../core/model';
import { categoryPath } from '../../../core/shared/category-path';
import { kindName } from '../../../core/shared/kind-names';
import { defined } from '../../../core/shared/defined';
import { numberOf, secondsOf } from '../../../core/shared/normalise';
import { percent, tagText } from '../../../core/shared/plain';
import { pastAt } from '../../state/past';
import { answerText, setAnswer } from './answers';
import type { CellField, CellResult } from './fields';
import { keyLetters, setKey } from './key';
import { setKind } from './kind';
import { i18n } from '../../../languages';

export type { CellField } from './fields';

type Cell = {
  text: (item: Item) => string;
  set: (item: Item, text: string) => CellResult;
};
type Named = Exclude<CellField, `options.${number}` | `feedback.${number}`>;

const REF: Cell = {
  text: ({ ref }) => ref,
  set: (_item, text) =>
    text.trim() ? { ref: text.trim() } : { refused: i18n._('A reference may not be empty.') },
};

/** Points, seconds and attempts; an empty text takes the number away. */
const numeric = (
  name: 'points' | 'seconds' | 'attempts',
  read: (text: string) => number | undefined,
): Cell => ({
  text: (item) => String(item[name] ?? ''),
  set(_item, text): CellResult {
    if (!text.trim()) {
      return { [name]: undefined };
    }
    const value = read(text);
    return value === undefined || value < 0
      ? { refused: i18n._('“{text}” is no number of {name}.', { text, name }) }
      : { [name]: value };
  },
});

const CATEGORY: Cell = {
  text: ({ category }) => category?.join(' > ') ?? '',
  set(_item, text) {
    const path = categoryPath(text);
    return { category: path.length ? path : undefined };
  },
};

/** A tag as people write it: 'level: beginner' is one with a name. */
export function tagOf(text: string): Tag {
  const [, name, value] = /^([^:]+):\s*(.+)$/.exec(text) ?? [];
  return name && value ? { name: name.trim(), value } : { value: text };
}

const TAGS: Cell = {
  text: ({ tags }) => tags?.map(tagText).join(', ') ?? '',
  set(_item, text) {
    const tags = text
      .split(/\s*,\s*/)
      .filter(Boolean)
      .map(tagOf);
    return { tags: tags.length ? tags : undefined };
  },
};

const beside = (name: 'hint' | 'explanation'): Cell => ({
  text: (item) => item[name]?.plain ?? '',
  set: (_item, text) => ({ [name]: text ? { plain: text } : undefined }),
});

const YES = /^(?:yes|y|x|true|1|on)$/i;
const NO = /^(?:no|n|false|0|off)$/i;

const YES_NO: Readonly<Record<string, string>> = { true: 'yes', false: 'no' };

const yesNo = (name: 'shuffle' | 'across'): Cell => ({
  text: (item) => YES_NO[String(item[name])] ?? '',
  set(_item, text): CellResult {
    const word = text.trim();
    if (!word) {
      return { [name]: undefined };
    }
    return YES.test(word) || NO.test(word)
      ? { [name]: YES.test(word) }
      : { refused: i18n._('“{text}” is neither yes nor no.', { text }) };
  },
});

const USES: readonly NonNullable<Item['use']>[] = ['practice', 'scored'];
const USE: Cell = {
  text: ({ use }) => use ?? '',
  set(_item, text): CellResult {
    const word = text.trim().toLowerCase();
    const use = USES.find((one) => word && one.startsWith(word));
    return use || !word
      ? { use }
      : { refused: i18n._('“{text}” is neither practice nor scored.', { text }) };
  },
};

/** What stands in a cell but is not typed there. */
const onlyRead = (text: Cell['text'], why: string): Cell => ({
  text,
  set: (): CellResult => ({ refused: why }),
});

const CELLS: Record<Named, Cell> = {
  ref: REF,
  kind: { text: ({ kind }) => kindName(kind), set: setKind },
  stem: { text: ({ stem }) => stem.plain, set: (_item, text) => ({ stem: { plain: text } }) },
  key: { text: keyLetters, set: setKey },
  points: numeric('points', numberOf),
  seconds: numeric('seconds', secondsOf),
  category: CATEGORY,
  tags: TAGS,
  hint: beside('hint'),
  explanation: beside('explanation'),
  title: {
    text: ({ title }) => title ?? '',
    set: (_item, text) => ({ title: text.trim() || undefined }),
  },
  attempts: numeric('attempts', numberOf),
  use: USE,
  shuffle: yesNo('shuffle'),
  across: yesNo('across'),
  by: {
    text: ({ origin }) => origin?.by ?? '',
    set: ({ origin }, text) => ({ origin: defined({ ...origin, by: text.trim() || undefined }) }),
  },
  source: onlyRead(
    ({ origin }) => origin?.file ?? '',
    i18n._('Where a question came from is not changed by typing.'),
  ),
  pictures: onlyRead(
    ({ media }) => (media?.length ? String(media.length) : ''),
    i18n._('Pictures are changed in the question itself.'),
  ),
  answered: onlyRead(
    ({ id }) => String(pastAt(id)?.answered ?? ''),
    i18n._('How often it was answered comes from results.'),
  ),
  difficulty: onlyRead(({ id }) => {
    const past = pastAt(id);
    return past ? percent(past.difficulty) : '';
  }, i18n._('How many were right comes from results.')),
};

const answerCell = (index: number): Cell => ({
  text: (item) => answerText(item, index),
  set: (item, text) => setAnswer(item, index, text),
});

const feedbackCell = (index: number): Cell => ({
  text: ({ options }) => options?.[index]?.feedback?.plain ?? '',
  set: ({ options = [] }, text): CellResult =>
    options[index]
      ? {
          options: options.map((option, at) =>
            at === index
              ? defined({ ...option, feedback: text ? { plain: text } : undefined })
              : option,
          ),
        }
      : { refused: i18n._('Feedback belongs to an option; type the option first.') },
});

function cellOf(field: CellField): Cell {
  const [list, place] = field.split('.');
  if (place === undefined) {
    return CELLS[field as Named];
  }
  return list === 'feedback' ? feedbackCell(Number(place)) : answerCell(Number(place));
}

/** The text of a question's cell. */
export const cellText = (item: Item, field: CellField): string => cellOf(field).text(item);

/**
 * The fields that a typed text sets; an empty object where nothing changes. A text that makes no sense in the cell is
 * refused with a sentence, and nothing is lost.
 */
export function setCell(item: Item, field: CellField, text: string): CellResult {
  const cell = cellOf(field);
  return text === cell.text(item) ? {} : cell.set(item, text);
}

/** The item with fields set; a field set to undefined is taken away. */
export function withFields(item: Item, fields: Partial<Item>): Item {
  const merged = Object.entries({ ...item, ...fields });
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined)) as Item;
}
