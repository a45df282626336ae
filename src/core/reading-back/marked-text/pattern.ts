// Questions read home from the lines of a receiver's pattern: each line by what stands in front of it and behind.
import type { Form, Item, Kind, Option, Part, Pattern } from '../../model';
import { defined } from '../../shared/defined';
import { literal } from '../../shared/literal';
import { numberOf } from '../../shared/normalise';
import {
  aroundPattern,
  isBare,
  isFixed,
  quotingOf,
  unquoted,
  type Around,
} from '../../shared/pattern-line';

/** The lines of a part as they were found, without what stands around them. */
type Found = { text: string; right: boolean; feedback?: string };
type Read = { item: Item; next: number };

const textIn = (line: string, around: Around): string | undefined =>
  aroundPattern(around).exec(line)?.[1];

/** Reads the lines of one file by its pattern. */
class Pages {
  constructor(
    private readonly lines: readonly string[],
    private readonly pattern: Pattern,
  ) {}

  /** Whether a line is that of another part, of this form or another one. */
  private isOther(line: string, part: Part): boolean {
    return this.pattern.forms.some(
      ({ parts, below = [] }) =>
        below.some((one) => isFixed(line, one)) ||
        parts.some(
          (other) =>
            other !== part &&
            ((other.above?.[0] !== undefined && isFixed(line, other.above[0])) ||
              (!isBare(other) && textIn(line, other) !== undefined)),
        ),
    );
  }

  /** The text of a part at a place, which may stand below a title of its own. */
  private found(at: number, part: Part, form: Form): (Found & { lines: number }) | undefined {
    const line = this.lines[at] ?? '';
    const { wrong } = part;
    // What says more stands first: '* ' before nothing, '[x] ' before '['.
    const ways: [Around, boolean][] = wrong
      ? [
          [part, true],
          [wrong, false],
        ]
      : [[part, part.role !== 'option' || !form.parts.some(({ role }) => role === 'key')]];
    ways.sort(([a], [b]) => b.before.length - a.before.length);
    for (const [around, right] of ways) {
      const lines = around.before.split('\n').length;
      const text = textIn(this.lines.slice(at, at + lines).join('\n'), around);
      const isParted = !HALVED.has(part.role) || text?.includes(part.between ?? '');
      if (text !== undefined && isParted && !(isBare(around) && this.isOther(line, part))) {
        return { text: unquoted(text, quotingOf(around, form.parts)), right, lines };
      }
    }
    return undefined;
  }

  /** The lines of a part from a place on, below those that stand above it. */
  private take(at: number, part: Part, form: Form): { found: Found[]; next: number } {
    const above = part.above ?? [];
    const isBelow = above.every((line, n) => isFixed(this.lines[at + n], line));
    const found: Found[] = [];
    let next = at + above.length;
    const isRun = ['option', 'pair', 'step'].includes(part.role) || isTyped(part);
    while (isBelow && next < this.lines.length && (isRun || !found.length)) {
      const one = this.found(next, part, form);
      if (!one) {
        break;
      }
      next += one.lines;
      const told = part.feedbackLine && textIn(this.lines[next] ?? '', part.feedbackLine);
      found.push(defined({ ...one, feedback: told }));
      next += told === undefined ? 0 : 1;
    }
    return found.length ? { found, next } : { found, next: at };
  }

  /** A question of one form from a place on; undefined where none stands there. */
  form(from: number, form: Form, category: string | undefined): Read | undefined {
    let next = from;
    const said = new Map<Part, Found[]>();
    for (const part of form.parts) {
      if (part.isShared) {
        continue;
      }
      const taken = this.take(next, part, form);
      said.set(part, taken.found);
      next = taken.next;
    }
    const isWhole = form.parts.every(
      ({ role }, at) => !NEEDED.has(role) || said.get(form.parts[at]!)!.length > 0,
    );
    const ends = (form.below ?? []).every((line, n) => isFixed(this.lines[next + n], line));
    return isWhole && ends
      ? { item: itemOf(said, form.kinds, category), next: next + (form.below?.length ?? 0) }
      : undefined;
  }

  /** The category that a line says for all questions below. */
  shared(line: string): string | undefined {
    const parts = this.pattern.forms.flatMap((form) => form.parts).filter((part) => part.isShared);
    return parts.map((part) => textIn(line, part)).find((text) => text !== undefined);
  }
}

const NEEDED: ReadonlySet<Part['role']> = new Set([
  'stem',
  'option',
  'options',
  'key',
  'pair',
  'step',
  'card',
]);
/** Lines that hold two things, with the sign between them. */
const HALVED: ReadonlySet<Part['role']> = new Set(['pair', 'card']);
const isTyped = ({ role, between }: Part): boolean => role === 'accepted' && between === undefined;

function keyed(options: readonly Option[], said: string, part: Part): Option[] {
  const { style = 'letter', between = ', ' } = part;
  const names =
    style === 'text' && options.some(({ text }) => text.plain === said)
      ? [said]
      : said.split(between.trim() || between).map((one) => one.trim());
  const isNamed = (at: number): boolean =>
    names.some((name) => {
      if (style === 'text') {
        return options[at]!.text.plain === name;
      }
      const place = style.endsWith('letter')
        ? name.toUpperCase().charCodeAt(0) - 'A'.charCodeAt(0)
        : Number(name) - (style === 'number' ? 1 : 0);
      return place === at;
    });
  return options.map((option, at) => ({ ...option, right: isNamed(at) }));
}

const halves = (text: string, sign: string): [string, string] => {
  const at = text.indexOf(sign);
  return at < 0 ? [text, ''] : [text.slice(0, at), text.slice(at + sign.length)];
};

type Say = (item: Partial<Item>, found: readonly Found[], part: Part) => void;

const optionOf = ({ text, right, feedback: below = '' }: Found, { feedback }: Part): Option => {
  const [plain, told] = feedback ? halves(text, feedback) : [text, below];
  return { text: { plain }, right, ...(told ? { feedback: { plain: told } } : {}) };
};

/** A title in front of a text, between its signs. */
function titledText(text: string, around: Part['title']): { title?: string; text: string } {
  const at = around && text.startsWith(around.open) ? text.indexOf(around.close) : -1;
  return at < 0
    ? { text }
    : {
        title: text.slice(around!.open.length, at),
        text: text.slice(at + around!.close.length).trimStart(),
      };
}

/** A text whose gaps hold their words between signs. */
function gappedText(text: string, gap: Part['gap']): Pick<Item, 'stem'> & Partial<Item> {
  if (!gap) {
    return { stem: { plain: text } };
  }
  const { open, close, between } = gap;
  const gaps: NonNullable<Item['gaps']> = [];
  const holes = new RegExp(`${literal(open)}(.+?)${literal(close)}`, 'gu');
  const plain = text.replace(holes, (_, word: string) => {
    gaps.push({ accepted: between === undefined ? [word] : word.split(between) });
    return `{{${gaps.length}}}`;
  });
  return { stem: { plain }, gaps };
}

const SAY: { [Role in Part['role']]: Say } = {
  stem: (item, [one], part) => {
    const { title, text } = titledText(one!.text, part.title);
    Object.assign(item, title === undefined ? {} : { title }, gappedText(text, part.gap));
  },
  option: (item, found, part) => {
    item.options = found.map((one) => optionOf(one, part));
  },
  options: (item, [one], { between = ' | ' }) => {
    item.options = one!.text.split(between).map((plain) => ({ text: { plain }, right: false }));
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
  card: (item, [one], { between = ' = ' }) => {
    const [plain, back] = halves(one!.text, between);
    item.stem = { plain };
    item.accepted = back.split('; ');
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
};

/** Of the kinds that a form is for, the one that the answers show. */
function kindOf({ options }: Partial<Item>, kinds: readonly Kind[]): Kind {
  const rights = options?.filter(({ right }) => right).length ?? 0;
  const many = kinds.includes('choice-many') && (rights > 1 || !kinds.includes('choice-one'));
  return many ? 'choice-many' : (kinds.find((kind) => kind !== 'choice-many') ?? kinds[0]!);
}

function itemOf(
  said: ReadonlyMap<Part, Found[]>,
  kinds: readonly Kind[],
  category: string | undefined,
): Item {
  const item: Partial<Item> = category ? { category: category.split(' > ') } : {};
  for (const [part, found] of said) {
    if (found.length) {
      SAY[part.role](item, found, part);
    }
  }
  return defined({
    id: '',
    ref: '',
    stem: { plain: '' },
    ...item,
    kind: kindOf(item, kinds),
  }) as Item;
}

/** Every question of a text by a pattern; a line that is part of none is a question that nobody asked, and shows as a difference. */
export function readPattern(source: string, pattern: Pattern): { items: Item[]; title?: string } {
  const lines = source.split(/\r\n?|\n/).map((line) => line.trimEnd());
  const { head = [], foot = [], between, forms } = pattern;
  const above = head.every((line, at) => lines[at] === line) ? head.length : 0;
  const title = pattern.title && textIn(lines[above] ?? '', pattern.title);
  const from = title === undefined ? above : above + 1;
  while (lines.length && !lines.at(-1)) {
    lines.pop();
  }
  const end = foot.every((line, at) => lines[lines.length - foot.length + at] === line)
    ? lines.length - foot.length
    : lines.length;
  const pages = new Pages(lines.slice(0, end), pattern);
  const items: Item[] = [];
  let category: string | undefined;
  for (let at = from; at < end;) {
    const line = lines[at]!;
    const shared = line && pages.shared(line);
    if (!line || between.includes(line) || shared) {
      category = shared || category;
      at++;
      continue;
    }
    const read = forms
      .flatMap((form) => pages.form(at, form, category) ?? [])
      .reduce<Read | undefined>(
        (best, one) => (best && best.next >= one.next ? best : one),
        undefined,
      );
    const unread: Item = { id: '', ref: '', kind: 'open', stem: { plain: line } };
    items.push({ ...(read?.item ?? unread), id: `text-${items.length + 1}` });
    at = Math.max(at + 1, read?.next ?? 0);
  }
  return defined({ items, title });
}
