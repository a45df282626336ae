// What each column of a blank takes: its role, its place among the options, its list, its length.
import type { Column, Role } from '../model';
import { columnIndex, columnLetters } from '../shared/cells';
import type { Region } from '../shared/table/region';
import { quoted } from '../shared/plain';
import { tagNameOf } from '../shared/tag-name';
import { alike } from '../shared/normalise';
import { SURE, understandColumns, type ColumnUnderstood } from '../understanding';
import { noteAt, rulesAt } from './at-cell';
import { alwaysHeld } from './always-held';
import { separatorIn } from './key-sentences';
import { separatorOf } from './separators';
import { withWays } from './two-way-columns';
import { characterLimit, listedNumbers } from './sentences';
import { bareLimit, lengthAlone, limitLikeOthers } from './lengths';
import { say } from '../shared/say';

export type Learned = Column & { because: string; sure: boolean };
/** What the words and rules of a blank add to the understanding of its columns. */
function settle(columns: Learned[], words: readonly string[]): void {
  const having = (wanted: Role): Learned[] => columns.filter((column) => column.role === wanted);
  // One feedback for the whole question is what is shown afterwards; feedback on options stands behind each of them.
  if (having('feedback').length === 1 && having('option').length > 1) {
    for (const column of having('feedback')) {
      column.role = 'explanation';
      delete column.n;
    }
  }
  const [wrong, ...more] = having('wrong');
  const isAnswered = having('right').length + having('key').length > 0;
  if (wrong && !more.length && isAnswered && separatorOf({ ...wrong, role: 'wrongs' }, [], words)) {
    wrong.role = 'wrongs';
    delete wrong.n;
  }
  // Several tag columns hold one tag each; a lone one holds them all.
  if (having('tags').length > 1) {
    for (const column of having('tags')) {
      column.role = 'tag';
      const name = tagNameOf(column.heading ?? '');
      if (name) {
        column.tag = name;
      }
    }
  }
}

/** The understood column as a layout has it. */
function learnedOf({ at, heading, meaning, role, n, p, because }: ColumnUnderstood): Learned {
  return {
    column: columnLetters(at),
    ...(heading ? { heading } : {}),
    role,
    ...(n !== undefined ? { n } : {}),
    ...(meaning === 'tag' && tagNameOf(heading) ? { tag: tagNameOf(heading)! } : {}),
    because,
    sure: p >= SURE,
  };
}

/** Columns of a protected sheet in which no cell below the headings may be filled; none where the sheet says nothing. */
function lockedColumns({ sheet, left, right }: Region, first: number): Set<number> {
  const locked = new Set<number>();
  if (!sheet.isProtected || !sheet.unlocked?.length) {
    return locked;
  }
  const open = new Set(
    sheet.unlocked.flatMap((place) => {
      const [row, column] = place.split(':').map(Number);
      return row! >= first ? [column!] : [];
    }),
  );
  if (open.size) {
    for (let c = left; c <= right; c++) {
      if (!open.has(c)) {
        locked.add(c);
      }
    }
  }
  return locked;
}

/** Whether a heading or the note at it asks for the column in every row. */
const mustBeFilled = (heading: string, note: string): boolean =>
  /\b(?:required|must|mandatory|pflicht|pflichtfeld|obligatoire|obligatorio|obbligatorio|verplicht)\b/i.test(
    heading,
  ) ||
  /^[^([]*[\p{L}\p{N}]\s?\*\s*(?:[([]|$)/u.test(heading) ||
  /\b(?:must be filled|may not be empty|required|mandatory|pflichtfeld|obligatoire)\b/i.test(note);

/** What a blank says about one column: its drop-down list, its greatest length, whether it must be filled. */
function rulesOf(
  region: Region,
  headingRow: number | undefined,
  { row, at }: { row: number; at: number },
  said: string,
): Partial<Learned> {
  const heading = headingRow === undefined ? '' : region.cell(headingRow, at);
  const note = headingRow === undefined ? '' : noteAt(region.sheet, headingRow, at);
  const rules = rulesAt(region.sheet, row, at);
  const most =
    rules.max ??
    characterLimit(heading) ??
    characterLimit(note) ??
    bareLimit(heading) ??
    limitLikeOthers(region, headingRow, heading) ??
    characterLimit(said) ??
    lengthAlone(said);
  return {
    ...rules,
    ...(most ? { max: most } : {}),
    ...(mustBeFilled(heading, `${note} ${said}`) ? { required: true } : {}),
  };
}

const JOINED: readonly Role[] = ['tags', 'wrongs', 'options', 'accepted', 'category'];

/** A receiver's form asks of nobody which rows are wanted: such a column holds what its samples all say, or nothing of ours. */
function withConstant(
  column: Learned,
  sampled: readonly string[],
  words: readonly string[],
): Learned {
  const values = new Set(sampled.filter(Boolean));
  const [value] = values;
  const held = alwaysHeld(column.column, words);
  if (held !== undefined && [...values].every((one) => one === held)) {
    const { n: _n, ...own } = column;
    const because = say('the instructions say that it always holds {held}', {
      held: quoted(held, 30),
    });
    return { ...own, role: 'constant', default: held, because, sure: true };
  }
  if (column.role !== 'pick' && column.role !== 'constant') {
    return column;
  }
  return value !== undefined && values.size === 1
    ? {
        ...column,
        role: 'constant',
        default: value,
        because: say('every sample says {value}', { value: quoted(value, 30) }),
        sure: false,
      }
    : { ...column, role: column.role === 'pick' ? 'ignore' : column.role };
}

const MEASURED: ReadonlySet<Role> = new Set<Role>([
  'points',
  'seconds',
  'attempts',
  'lines',
  'weight',
]);

/** What is known of a blank besides its columns. */
export type Around = {
  /** Rows count from 0; `lastSample` is before `first` where there are no samples. */
  first: number;
  lastSample: number;
  words: readonly string[];
  explanations: ReadonlyMap<string, string>;
};

/**
 * Every column of a blank's rows. `headingRow` counts from 0 and is absent where no row holds headings; `lastSample` is
 * the last sample row, and `words` are the sentences of the blank.
 */
export function learnColumns(
  region: Region,
  headingRow: number | undefined,
  { first, lastSample, words, explanations }: Around,
): Learned[] {
  const locked = headingRow === undefined ? new Set<number>() : lockedColumns(region, first);
  const below = Math.max(first, lastSample + 1);
  const understood = understandColumns(region, headingRow ?? null, first, {
    blank: true,
    explanations,
  });
  const columns = understood.map((one): Learned => ({
    ...learnedOf(one),
    ...rulesOf(
      region,
      headingRow,
      { row: below, at: one.at },
      explanations.get(alike(one.heading)) ?? '',
    ),
  }));
  settle(columns, words);
  for (const column of columns) {
    // What counts or times something has no greatest length.
    if (MEASURED.has(column.role)) {
      delete column.max;
    }
  }
  const learned = columns.map((column, index): Learned => {
    const { at } = understood[index]!;
    const sampled = Array.from({ length: Math.max(0, lastSample - first + 1) }, (_, row) =>
      region.cell(first + row, at),
    );
    const said = explanations.get(alike(column.heading ?? '')) ?? '';
    const note = headingRow === undefined ? '' : noteAt(region.sheet, headingRow, at);
    return locked.has(at) && column.role !== 'number-in-file'
      ? asLocked(column)
      : withSayings(column, { sampled, said, note, words });
  });
  return withEmpty(learned, region.left);
}

function asLocked({ n: _n, ...column }: Learned): Learned {
  const because = say('its cells are locked on the protected sheet');
  return { ...column, role: 'ignore', sure: true, because };
}

/** What is said of one column: its samples, its explanation elsewhere, the note at its heading, all sentences. */
type Sayings = {
  sampled: readonly string[];
  said: string;
  note: string;
  words: readonly string[];
};

/** A column with the signs, lists and words that samples and sentences give it. */
function withSayings(column: Learned, { sampled, said, note, words }: Sayings): Learned {
  const separator = JOINED.includes(column.role)
    ? (separatorOf(column, sampled, words) ?? separatorIn(said))
    : undefined;
  const seconds = column.role === 'seconds' && !column.values ? listedNumbers(said) : undefined;
  const own = withWays(column, { heading: column.heading ?? '', sayings: [note, said], sampled });
  return {
    ...withConstant(own, sampled, words),
    ...(separator ? { separator } : {}),
    ...(seconds ? { values: seconds.map(String) } : {}),
  };
}

/** The columns with those between them that the blank leaves empty, so that each column of the form is told. */
function withEmpty(learned: readonly Learned[], left: number): Learned[] {
  const last = Math.max(...learned.map(({ column }) => columnIndex(column)), left - 1);
  return Array.from({ length: last - left + 1 }, (_, index): Learned => {
    const column = columnLetters(left + index);
    return (
      learned.find((one) => one.column === column) ?? {
        column,
        role: 'ignore',
        because: say('it has no heading'),
        sure: true,
      }
    );
  });
}
