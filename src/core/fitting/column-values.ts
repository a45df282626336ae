// What stands in one column for one question: what it says, held against what the column takes, else the column's default.
import type { CellValue, Column } from '../model';
import { lengthOf } from '../shared/lengths';
import { alike } from '../shared/normalise';
import { isFilled } from '../shared/roles';
import { refusal, type Draft } from './changes';
import type { Context } from './context';
import { dropSaid, takeDefault } from './defaults';
import { FITTED, LISTED_ELSEWHERE } from './held-elsewhere';
import { because } from './words';

/** How many of a list's words a sentence names. */
const SHOWN_WORDS = 5;

const headingOf = ({ heading, role }: Column): string => heading ?? role;

/** The column's word for a value that is written a little otherwise; a number keeps being one. */
function listedWord(words: readonly string[], value: CellValue): CellValue | undefined {
  const isNumber = typeof value === 'number';
  const word = words.find(
    (listed) => alike(listed) === alike(String(value)) || (isNumber && Number(listed) === value),
  );
  return word !== undefined && isNumber ? value : word;
}

/** The default, or nothing, for a word that is not on the column's list. */
function insteadOfWord(draft: Draft, column: Column, value: CellValue): string | undefined {
  const { role, values = [] } = column;
  const heading = headingOf(column);
  const shown = values.slice(0, SHOWN_WORDS).join(', ');
  if (column.required && !column.default) {
    throw refusal('word-not-listed', { heading, words: shown, has: String(value) });
  }
  const words = values.length > SHOWN_WORDS ? `${shown} …` : shown;
  const reason = because('word-listed-instead', { heading, words });
  draft.note(role, String(value), column.default ?? '', reason);
  dropSaid(draft, role, String(value));
  if (column.default) {
    takeDefault(draft, column);
  }
  return column.default;
}

/** One of a column's own list of words, where it has one; a word that is not on it gives way to the default or to nothing. */
function listed(draft: Draft, column: Column, value: CellValue): CellValue | undefined {
  const { values, role } = column;
  if (!values?.length || LISTED_ELSEWHERE.has(role) || values.includes(String(value))) {
    return value;
  }
  return listedWord(values, value) ?? insteadOfWord(draft, column, value);
}

/** The column's default for a question that says nothing here; a column that must be filled and has none refuses. */
function defaultOf(draft: Draft, column: Column): string | undefined {
  const { role, required } = column;
  const heading = headingOf(column);
  if (!column.default) {
    if (required && isFilled(role)) {
      throw refusal('field-missing', { heading });
    }
    return undefined;
  }
  if (required) {
    draft.note(role, '', column.default, because('default-filled', { heading }));
  }
  takeDefault(draft, column);
  return column.default;
}

/** Refuses a text that is longer than its column, where no rule for its field has shortened it. */
function holdLength(value: CellValue | undefined, column: Column, { layout }: Context): void {
  if (typeof value !== 'string' || !column.max || FITTED.has(column.role)) {
    return;
  }
  const length = lengthOf(value, layout.limits.count);
  if (length > column.max) {
    throw refusal('cell-too-long', { heading: headingOf(column), most: column.max, has: length });
  }
}

/** The value of a column: what the question says, else the layout's default, which is a named change. May throw a Refusal. */
export function valueOf(
  draft: Draft,
  column: Column,
  text: CellValue | undefined,
  context: Context,
): CellValue | undefined {
  if (column.role === 'constant') {
    return column.default;
  }
  if (text === undefined || text === '') {
    return defaultOf(draft, column);
  }
  const value = listed(draft, column, text);
  holdLength(value, column, context);
  return value;
}
