// The very cells that a fitted question becomes: one row, or in blocks a row for each line.
import type { CellRow, CellValue, Column, Role } from '../model';
import { guardFormula } from '../shared/formula-like';
import { lengthOf } from '../shared/lengths';
import { alike } from '../shared/normalise';
import { transliterate } from '../shared/windows-1252';
import { refusal, type Draft } from './changes';
import { because } from './words';
import type { Context, Sayings } from './context';
import { holdRoom, sayingsOf } from './sayings';

const row = (): CellRow => ({});
/** Roles whose texts have been through their limits already. */
const FITTED = new Set<Role>([
  'stem',
  'option',
  'hint',
  'explanation',
  'title',
  'accepted',
  'right',
  'wrong',
  'pair',
  'left',
  'right-side',
  'step',
  'feedback',
]);

/** A text as it may stand in the file's cells. */
function cellText(text: string, context: Context): string {
  const plain = context.narrow ? transliterate(text) : text;
  if (plain === undefined) {
    throw refusal('encoding-lacks', { what: `“${text}”` });
  }
  return context.plainText ? guardFormula(plain) : plain;
}

/** How many of a list's words a sentence names. */
const SHOWN_WORDS = 5;

/** One of a column's own list of words, where it has one; a word that is not on it gives way to the default or to nothing. */
function listed(draft: Draft, column: Column, value: CellValue): CellValue | undefined {
  const { values, role, heading = role } = column;
  if (
    !values?.length ||
    role === 'seconds' ||
    role === 'kind' ||
    role === 'verdict' ||
    role === 'key' ||
    values.includes(String(value))
  ) {
    return value;
  }
  const near = values.find(
    (word) =>
      alike(word) === alike(String(value)) || (typeof value === 'number' && Number(word) === value),
  );
  if (near !== undefined) {
    return typeof value === 'number' ? value : near;
  }
  if (column.required && !column.default) {
    throw refusal('word-not-listed', {
      heading,
      words: values.slice(0, SHOWN_WORDS).join(', '),
      has: String(value),
    });
  }
  draft.note(
    role,
    String(value),
    column.default ?? '',
    because('word-listed-instead', {
      heading,
      words: `${values.slice(0, SHOWN_WORDS).join(', ')}${values.length > SHOWN_WORDS ? ' …' : ''}`,
    }),
  );
  if (role in draft.item) {
    const next = { ...draft.item };
    delete next[role as 'category'];
    draft.item = next;
  }
  if (column.default) {
    takeDefault(draft, role, column.default);
  }
  return column.default;
}

/** The layout's default as the question's own, so that the read-back finds what was meant. */
function takeDefault(draft: Draft, role: Role, text: string): void {
  if (role === 'points' || role === 'seconds' || role === 'attempts' || role === 'lines') {
    if (Number.isFinite(Number(text))) {
      draft.set({ [role]: Number(text) });
    }
  } else if (role === 'category') {
    draft.set({ category: text.split(' > ') });
  } else if (role === 'hint' || role === 'explanation') {
    draft.set({ [role]: { plain: text } });
  } else if (role === 'title') {
    draft.set({ title: text });
  }
}

/** The value of a column: what the question says, else the layout's default, which is a named change. */
function valueOf(
  draft: Draft,
  column: Column,
  said: CellValue | undefined,
  context: Context,
): CellValue | undefined {
  if (column.role === 'constant') {
    return column.default;
  }
  if (said === undefined || said === '') {
    if (column.required && column.default) {
      draft.note(
        column.role,
        '',
        column.default,
        because('default-filled', { heading: column.heading ?? column.role }),
      );
    } else if (column.required && column.role !== 'ignore' && column.role !== 'number-in-file') {
      throw refusal('field-missing', { heading: column.heading ?? column.role });
    }
    if (column.default) {
      takeDefault(draft, column.role, column.default);
    }
    return column.default;
  }
  const value = listed(draft, column, said);
  if (
    typeof value === 'string' &&
    column.max &&
    !FITTED.has(column.role) &&
    lengthOf(value, context.layout.limits.count) > column.max
  ) {
    throw refusal('cell-too-long', {
      heading: column.heading ?? column.role,
      most: column.max,
      has: lengthOf(value, context.layout.limits.count),
    });
  }
  return value;
}

/** A question's row by column letters; empty cells are left out. May throw a Refusal. */
function rowOf(draft: Draft, context: Context): CellRow {
  const sayings = sayingsOf(draft, context);
  holdRoom(sayings, (role) => context.having(role).length);
  const cells = row();
  for (const { column, place } of context.places) {
    const value = valueOf(draft, column, sayings[column.role]?.[place], context);
    if (value !== undefined && value !== '') {
      cells[column.column] = typeof value === 'string' ? cellText(value, context) : value;
    }
  }
  return cells;
}

/** A question's block: a row for each line of the layout, the line of answers once for each answer. */
function blockOf(draft: Draft, context: Context): CellRow[] {
  const lines = context.layout.lines ?? [];
  const label = context.layout.file.firstColumn ?? 'A';
  const sayings: Sayings = sayingsOf(draft, context);
  const answers = lines.filter((line) => line.role === 'option');
  const repeats = answers.length === 1;
  if (!repeats) {
    holdRoom(sayings, (role) => (role === 'option' ? answers.length : 0));
  }
  let answer = 0;
  const rowFor = (line: (typeof lines)[number], place: number): CellRow => {
    const cells = row();
    cells[label] = line.label;
    for (const cell of line.cells) {
      const value = sayings[cell.role]?.[place];
      if (value !== undefined && value !== '') {
        cells[cell.column] = typeof value === 'string' ? cellText(value, context) : value;
      }
    }
    return cells;
  };
  return lines.flatMap((line) => {
    if (line.role !== 'option') {
      return [rowFor(line, 0)];
    }
    const times = repeats ? Math.max(1, sayings.option?.length ?? 0) : 1;
    return Array.from({ length: times }, () => rowFor(line, answer++));
  });
}

/** The cells of a question. May throw a Refusal. */
export const cellsOf = (draft: Draft, context: Context): CellRow[] =>
  context.layout.shape === 'blocks' ? blockOf(draft, context) : [rowOf(draft, context)];
