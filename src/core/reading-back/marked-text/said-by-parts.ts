// What the lines of a part say of a question.
import type { Item, Kind, Option, Part } from '../../model';
import { defined } from '../../shared/defined';
import { placeNamed } from '../../shared/marked-key';
import { numberOf, quantityOf } from '../../shared/normalise';
import { aroundPattern, lineAround } from '../../shared/pattern-line';
import {
  answeredBy,
  answeredText,
  categoryBeside,
  gappedText,
  pointedText,
  titledText,
} from './beside-text';

/** A line of a part as it was found, without what stands around it. */
export type Found = {
  text: string;
  right: boolean;
  feedback?: string;
  /** The place from 0 that a letter or number in front names. */
  place?: number;
};

function keyed(options: readonly Option[], said: string, part: Part): Option[] {
  const { style = 'letter', between = ', ', each: before = '' } = part;
  const inFull = options.map(({ text }, at) => lineAround({ before }, text.plain, at));
  const names =
    style === 'text' && inFull.includes(said)
      ? [said]
      : said.split(between.trim() || between).map((one) => one.trim());
  const isNamed = (at: number): boolean =>
    names.some((name) => {
      if (style === 'text') {
        return inFull[at] === name;
      }
      return style !== 'word' && placeNamed(name, style) === at;
    });
  return options.map((option, at) => ({ ...option, right: isNamed(at) }));
}

const halves = (text: string, sign: string): [string, string] => {
  const at = text.indexOf(sign);
  return at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at + sign.length)];
};

/** What is known of the number that answers, before its line is read. */
const numberIn = ({ number }: Partial<Item>): NonNullable<Item['number']> =>
  number ?? { value: Number.NaN, tolerance: 0 };

type Say = (item: Partial<Item>, found: readonly Found[], part: Part) => void;

const optionOf = ({ text, right, feedback: below = '' }: Found, { feedback }: Part): Option => {
  const [plain, told] = feedback ? halves(text, feedback) : [text, below];
  return { text: { plain }, right, ...(told ? { feedback: { plain: told } } : {}) };
};

const SAY: { [Role in Part['role']]: Say } = {
  stem: (item, [one], part) => {
    const { text: beside, points } = pointedText(one!.text, part.points);
    const { category, text: named } = categoryBeside(beside, part.category);
    const { title, text: whole } = titledText(named, part.title);
    const { text, said } = answeredText(whole, part);
    const answers = said === undefined ? {} : answeredBy(said, part);
    Object.assign(
      item,
      defined({ title, points, category }),
      answers,
      gappedText(text, part, said),
    );
  },
  option: (item, found, part) => {
    item.options = found.map((one, at) =>
      optionOf(part.first ? { ...one, right: at === 0 } : one, part),
    );
  },
  options: (item, [one], { between = ' | ', each }) => {
    const bare = (text: string): string =>
      each === undefined ? text : (aroundPattern({ before: each }).exec(text)?.[1] ?? text);
    item.options = one!.text
      .split(between)
      .map((text) => ({ text: { plain: bare(text) }, right: false }));
  },
  key: (item, [one], part) => {
    item.options =
      part.style === 'word'
        ? (part.words ?? ['True', 'False']).map((plain) => ({
            text: { plain },
            right: plain === one!.text,
          }))
        : keyed(item.options ?? [], one!.text, part);
  },
  accepted: (item, found, { between }) => {
    item.accepted =
      between === undefined ? found.map(({ text }) => text) : found[0]!.text.split(between);
  },
  pair: (item, found, { between = ' = ' }) => {
    item.pairs = found.map(({ text }) => {
      const [left, right] = halves(text, between);
      return { left: { plain: left }, right: { plain: right } };
    });
  },
  step: (item, found) => {
    item.steps = found.map(({ text }) => ({ plain: text }));
  },
  card: (item, [one], { between = ' = ', points: around }) => {
    const { text, points } = pointedText(one!.text, around);
    Object.assign(item, defined({ points }));
    const [plain, back] = halves(text, between);
    item.stem = { plain };
    item.accepted = back.split('; ');
  },
  feedbacks: (item, found) => {
    item.options = item.options?.map((option, at) => {
      const told = found.find(({ place }) => place === at);
      return told ? { ...option, feedback: { plain: told.text } } : option;
    });
  },
  explanation: (item, [one]) => {
    item.explanation = { plain: one!.text };
  },
  hint: (item, [one]) => {
    item.hint = { plain: one!.text };
  },
  title: (item, [one]) => {
    item.title = one!.text;
  },
  image: (item, [one]) => {
    item.media = [{ at: 'stem', href: one!.text }];
  },
  ref: (item, [one]) => {
    item.ref = one!.text;
  },
  category: (item, [one]) => {
    item.category = one!.text.split(' > ');
  },
  tags: (item, [one], { between = ', ' }) => {
    item.tags = one!.text.split(between).map((value) => ({ value }));
  },
  points: (item, [one]) => {
    item.points = numberOf(one!.text);
  },
  seconds: (item, [one]) => {
    item.seconds = numberOf(one!.text);
  },
  tolerance: (item, [one]) => {
    item.number = { ...numberIn(item), tolerance: numberOf(one!.text) ?? 0 };
  },
  unit: (item, [one]) => {
    item.number = { ...numberIn(item), unit: one!.text };
  },
};

/** Of the kinds that a form is for, the one that the answers show. */
function kindOf({ options }: Partial<Item>, kinds: readonly Kind[]): Kind {
  const rights = options?.filter(({ right }) => right).length ?? 0;
  const many = kinds.includes('choice-many') && (rights > 1 || !kinds.includes('choice-one'));
  return many ? 'choice-many' : (kinds.find((kind) => kind !== 'choice-many') ?? kinds[0]!);
}

const NAMES: ReadonlySet<Part['role']> = new Set(['key', 'feedbacks']);

/** A question that is answered by a number, with the number that its answer says. */
function asNumber({ accepted, ...item }: Item): Item {
  const said = quantityOf(accepted?.[0] ?? '') ?? { value: Number.NaN };
  const { tolerance, unit } = numberIn(item);
  return {
    ...item,
    number: defined({
      value: said.value,
      tolerance: said.tolerance ?? tolerance,
      unit: said.unit || unit,
    }),
  };
}

/** A question from the lines of its parts. */
export function itemOf(
  said: ReadonlyMap<Part, Found[]>,
  kinds: readonly Kind[],
  category: string | undefined,
): Item {
  const item: Partial<Item> = category ? { category: category.split(' > ') } : {};
  // What names options is told once these are known, wherever it stands.
  const inTurn = [...said].sort(
    ([a], [b]) => Number(NAMES.has(a.role)) - Number(NAMES.has(b.role)),
  );
  for (const [part, found] of inTurn) {
    const telling = found.filter(({ text }) => text);
    if (telling.length) {
      SAY[part.role](item, telling, part);
    }
  }
  const kind = kindOf(item, kinds);
  const whole: Item = { id: '', ref: '', stem: { plain: '' }, ...item, kind };
  return defined(kind === 'number' ? asNumber(whole) : whole);
}
