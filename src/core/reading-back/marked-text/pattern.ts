// Questions read home from the lines of a receiver's pattern: each line by what stands in front of it and behind.
import type { Form, Item, Part, Pattern } from '../../model';
import { defined } from '../../shared/defined';
import {
  aroundPattern,
  isBare,
  isFixed,
  isKeptEmpty,
  placeInFront,
  quotingOf,
  unquoted,
  waysOfPart,
  type Around,
} from '../../shared/pattern-line';
import { itemOf, type Found } from './said-by-parts';

type Read = { item: Item; next: number };

/** The text of a line that stands so; empty where a line that is kept has none. */
const textIn = (line: string, around: Around & Pick<Part, 'isKept'>): string | undefined =>
  isKeptEmpty(line, around) ? '' : aroundPattern(around).exec(line)?.[1];

/** Lines that hold two things, with the sign between them. */
const HALVED: ReadonlySet<Part['role']> = new Set(['pair', 'card']);

/** How many signs stand around a text. */
const signs = ({ before, after = '' }: Around): number => before.length + after.length;

/** The ways in which a part's lines stand, each with whether it is a right option; what says more stands first: '* ' before nothing. */
function waysOf(part: Part, { parts }: Form): [Around, boolean][] {
  const isKeyed = part.role === 'option' && !part.wrong && parts.some(({ role }) => role === 'key');
  return waysOfPart(part)
    .map(({ around, isWrong }): [Around, boolean] => [around, !isWrong && !isKeyed])
    .sort(([a], [b]) => signs(b) - signs(a));
}

/** Whether a text has what its part needs: both halves of a pair, or one of two words for true and false. */
function saysPart(text: string, { role, between = '', style, words }: Part): boolean {
  const isParted = !HALVED.has(role) || text.includes(between);
  return isParted && (style !== 'word' || words?.includes(text) === true);
}

/** Reads the lines of one file by its pattern. */
class Pages {
  private readonly sharedParts: readonly Part[];
  private readonly ways = new Map<Part, [Around, boolean][]>();

  constructor(
    private readonly lines: readonly string[],
    private readonly pattern: Pattern,
  ) {
    for (const form of pattern.forms) {
      for (const part of form.parts) {
        this.ways.set(part, waysOf(part, form));
      }
    }
    this.sharedParts = pattern.forms.flatMap((form) => form.parts).filter((part) => part.isShared);
  }

  /** Whether a line stands above a part; on one line, what counts the questions is never taken for what follows. */
  private opens({ above: [first] = [] }: Part, line: string): boolean {
    const counts = this.pattern.joint !== undefined && first === '{n}';
    return first !== undefined && !counts && isFixed(line, first);
  }

  /** Whether a line is that of another part, of this form or another one. */
  private isOther(line: string, part: Part): boolean {
    return this.pattern.forms.some(
      ({ parts, below = [] }) =>
        below.some((one) => isFixed(line, one)) ||
        parts.some(
          (other) =>
            other !== part &&
            (this.opens(other, line) || (!isBare(other) && textIn(line, other) !== undefined)),
        ),
    );
  }

  /** The text of a part at a place, which may stand below a title of its own. */
  private found(at: number, part: Part, form: Form): (Found & { lines: number }) | undefined {
    for (const [around, right] of this.ways.get(part)!) {
      const lines = around.before.split('\n').length;
      const text = textIn(this.lines.slice(at, at + lines).join('\n'), around);
      const isOther = isBare(around) && this.isOther(this.lines[at] ?? '', part);
      if (text !== undefined && !isOther && saysPart(text, part)) {
        const place = part.role === 'feedbacks' ? placeInFront(this.lines[at]!, around) : undefined;
        const own = unquoted(text, quotingOf(around, form.parts));
        return defined({ text: own, right, lines, place });
      }
    }
    return undefined;
  }

  /** Where a run of lines without a sign ends, so that those parts of the question below it have theirs that have no sign either. */
  private endOfRun(from: number, part: Part, { parts }: Form): number {
    if (!isRun(part) || !isBare(part)) {
      return this.lines.length;
    }
    // On one line each part has its place, whether questions need it or not.
    const isPlaced = this.pattern.joint !== undefined;
    const below = parts
      .slice(parts.indexOf(part) + 1)
      .filter((other) => isBare(other) && (isPlaced || NEEDED.has(other.role)));
    const blank = this.lines.indexOf('', from);
    const end = (blank < 0 ? this.lines.length : blank) - below.length;
    return isPlaced ? Math.max(from + 1, end) : end;
  }

  /** The lines of a part from a place on, below those that stand above it. */
  private take(at: number, part: Part, form: Form): { found: Found[]; next: number } {
    const above = part.above ?? [];
    const isBelow = above.every((line, n) => isFixed(this.lines[at + n], line));
    const found: Found[] = [];
    let next = at + above.length;
    const end = isBelow ? this.endOfRun(next, part, form) : next;
    while (next < end && (isRun(part) || !found.length)) {
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

  /** The question at a place, of the form that takes most of its lines; words for true and false say more than a sign. */
  question(from: number, category: string | undefined): Read | undefined {
    const saysTruth = ({ parts }: Form): number =>
      Number(parts.some(({ style }) => style === 'word'));
    return [...this.pattern.forms]
      .sort((a, b) => saysTruth(b) - saysTruth(a))
      .flatMap((form) => this.form(from, form, category) ?? [])
      .reduce<Read | undefined>(
        (best, one) => (best && best.next >= one.next ? best : one),
        undefined,
      );
  }

  /** The category that a line says for all questions below. */
  shared(line: string): string | undefined {
    return this.sharedParts.map((part) => textIn(line, part)).find((text) => text !== undefined);
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
/** Parts of which a question has several lines. */
const RUNS: ReadonlySet<Part['role']> = new Set(['option', 'pair', 'step', 'feedbacks']);
const isRun = ({ role, between }: Part): boolean =>
  RUNS.has(role) || (role === 'accepted' && between === undefined);

/** Whether lines stand at a place. */
const stand = (own: readonly string[], lines: readonly string[], from: number): boolean =>
  own.every((line, at) => lines[from + at] === line);

/** The lines below what stands above all questions, those that hold several parts taken apart, and the set's name. */
function within(source: string, pattern: Pattern): { lines: string[]; title: string | undefined } {
  const lines = source.split(/\r\n?|\n/).map((line) => line.trimEnd());
  const { head = [], title: around, joint } = pattern;
  while (lines.length && !lines.at(-1)) {
    lines.pop();
  }
  const above = stand(head, lines, 0) ? head.length : 0;
  const title = around && textIn(lines[above] ?? '', around);
  const named = above + Number(title !== undefined);
  const below = around?.below ?? [];
  const from = named + (stand(below, lines, named) ? below.length : 0);
  const own = lines.slice(from);
  return {
    lines: joint === undefined ? own : own.flatMap((line) => [...line.split(joint), '']),
    title,
  };
}

/**
 * Every question of a text by a pattern, and the set's name; a line that is part of none is a question that nobody asked, and
 * shows as a difference.
 */
export function readPattern(source: string, pattern: Pattern): { items: Item[]; title?: string } {
  const { lines, title } = within(source, pattern);
  const pages = new Pages(lines, pattern);
  const items: Item[] = [];
  let category: string | undefined;
  for (let at = 0; at < lines.length;) {
    const line = lines[at]!;
    const shared = line && pages.shared(line);
    if (!line || pattern.between.includes(line) || shared) {
      category = shared || category;
      at++;
      continue;
    }
    const read = pages.question(at, category);
    const unread: Item = { id: '', ref: '', kind: 'open', stem: { plain: line } };
    items.push({ ...(read?.item ?? unread), id: `text-${items.length + 1}` });
    at = Math.max(at + 1, read?.next ?? 0);
  }
  return defined({ items, title });
}
