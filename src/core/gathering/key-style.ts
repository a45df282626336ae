// How the source tells the right answer, found from the columns and their cells.
import type { Column, Key, Role } from '../model';
import { columnIndex } from '../shared/cells';
import { bareWords } from '../shared/normalise';
import { count, quoted } from '../shared/plain';
import { findInnerSeparator } from '../shared/table/separators';
import type { Region } from '../shared/table/region';
import { saysFromZero } from '../shared/vocabulary/key-words';
import { trueFalseWords, verdictOf } from '../shared/vocabulary/verdicts';
import { findMarks, type Marks } from '../understanding';
import { readingsOf, type Named } from '../understanding';
import { findVerdicts } from '../understanding';
import { EMPHASES, isSetOff } from './rich';
import { Row, slotsOf } from './row';
import { headingRepeats } from './rows';
import { partsOfOptions } from './option-texts';
import { explainsFirst, toldFirst } from './told-first';

export type KeyGuess = { key: Key; because: string; sure: boolean };
const SAMPLE = 200;

/** What the guess looks at: filled rows of the sample under their roles. */
type Look = { rows: Row[]; columns: readonly Column[]; region: Region };

const of = (look: Look, role: Role): Column[] =>
  look.columns.filter((column) => column.role === role);
const texts = (look: Look, role: Role): string[] =>
  look.rows.map((row) => row.text(role)).filter(Boolean);

/** The emphasis that sets off some, but not all, of the options in most rows. */
function findEmphasis({ rows, region }: Look, options: Column[]): KeyGuess | undefined {
  if (!region.sheet.rich || options.length < 2) {
    return undefined;
  }
  const tally = EMPHASES.map((emphasis) => ({ emphasis, hits: 0 }));
  let several = 0;
  for (const row of rows) {
    const filled = options
      .map((option) => columnIndex(option.column))
      .filter((c) => region.cell(row.row, c));
    if (filled.length < 2) {
      continue;
    }
    several++;
    for (const one of tally) {
      const set = filled.filter((c) => isSetOff(row, c, one.emphasis)).length;
      one.hits += set > 0 && set < filled.length ? 1 : 0;
    }
  }
  const best = tally.sort((a, b) => b.hits - a.hits)[0]!;
  if (!several || best.hits < several * 0.5) {
    return undefined;
  }
  return {
    key: { style: 'marker', marker: best.emphasis },
    sure: true,
    because: `${best.hits} of ${several} rows set some of their options in ${best.emphasis === 'mark' ? 'colour' : best.emphasis}`,
  };
}

const styleOfMarks = ({ right, wrong, rows, of: all }: Marks): KeyGuess => ({
  key: {
    style: 'marker',
    marker: right.sign,
    ...(wrong ? { wrong: wrong.sign } : {}),
  },
  sure: true,
  because: `${rows} of ${count(all, 'row')} have ${quoted(right.sign)} at some of their options`,
});

function fromVerdicts(look: Look): KeyGuess {
  const rows = look.rows.map((row) => row.texts('verdict'));
  const found = findVerdicts(rows);
  const isAlone = found && found.wrong === undefined;
  const key: Key = {
    style: 'verdict',
    ...(found ? { right: found.right } : {}),
    ...(found?.wrong ? { wrong: found.wrong } : {}),
  };
  return {
    key,
    sure: found !== undefined,
    because: isAlone
      ? `${quoted(found.right)} stands beside the right options`
      : 'a column beside each option says right or wrong',
  };
}

const WHY: Partial<Record<Key['style'], string>> = {
  letter: 'are letters that name an option of their row',
  number: 'are numbers that name an option of their row, counted from 1',
  'number-from-0': 'are numbers that name an option of their row, counted from 0',
  text: 'repeat the text of an option',
};
/** So many rows must be read by a style to be sure of it. */
const WELL_READ = 0.8;

/** The key column read beside the options: the style under which its cells name options. */
function fromKeyColumn(look: Look, key: Column): KeyGuess {
  const heading = key.heading ?? '';
  const rows = look.rows.map((row): Named => ({
    key: row.text('key'),
    options: partsOfOptions(row),
  }));
  const withOptions = rows.filter(({ options }) => options.filter(Boolean).length > 1);
  const headings = of(look, 'option').map((column) => column.heading ?? '');
  const values = rows.map((row) => row.key).filter(Boolean);
  const separator = findInnerSeparator(values.filter((value) => /[^\p{L}\p{N}]/u.test(value)));
  const several = separator ? { separator } : {};
  if (!withOptions.length) {
    return withoutOptions(key, values);
  }
  const readings = readingsOf(withOptions, headings);
  let [best] = readings;
  const zero = readings.find(({ style }) => style === 'number-from-0');
  if (best?.style === 'number' && zero && saysFromZero(bareWords(heading))) {
    best = { ...zero, share: best.share };
  }
  if (!best || best.share === 0) {
    return {
      key: { style: 'text' },
      sure: false,
      because: values.length
        ? `${count(values.length, 'cell')} of column ${key.column} name no option of their row`
        : `column ${key.column} is empty`,
    };
  }
  const told = Math.round(best.share * withOptions.filter((row) => row.key).length);
  return {
    key: { style: best.style, ...several },
    sure: best.share >= WELL_READ,
    because: `${count(told, 'cell')} of column ${key.column} ${WHY[best.style]}`,
  };
}

function withoutOptions(key: Column, values: readonly string[]): KeyGuess {
  const words = [...new Set(values.map((value) => value.toLowerCase()))];
  const isTruth =
    words.length > 0 &&
    (values.every((value) => trueFalseWords(value) ?? verdictOf(value) !== undefined) ||
      (words.length === 2 && values.length > 3));
  const found = isTruth ? findVerdicts(values.map((value) => [value])) : undefined;
  if (isTruth) {
    return {
      key: {
        style: 'word',
        ...(found ? { right: found.right } : {}),
        ...(found?.wrong ? { wrong: found.wrong } : {}),
      },
      sure: values.every((value) => trueFalseWords(value) ?? verdictOf(value) !== undefined),
      because: `column ${key.column} says true or false as a word`,
    };
  }
  return {
    key: { style: 'text' },
    sure: values.length > 0,
    because: values.length
      ? `column ${key.column} holds the answer itself`
      : `column ${key.column} is empty`,
  };
}

function withoutColumn(look: Look, first: number): KeyGuess {
  const options = of(look, 'option');
  const cells = look.rows.map((row) => partsOfOptions(row));
  const marks = findMarks(cells);
  if (marks) {
    return styleOfMarks(marks);
  }
  const emphasis = findEmphasis(look, options);
  if (emphasis) {
    return emphasis;
  }
  if (!options.length && !of(look, 'options').length && !of(look, 'wrong').length) {
    return { key: { style: 'text' }, sure: true, because: 'there are no options to choose from' };
  }
  if (explainsFirst(look.region, options, first)) {
    return {
      key: { style: 'first' },
      sure: true,
      because: 'the row below the headings says which one is right',
    };
  }
  const told = toldFirst(look.region, first);
  if (told) {
    return {
      key: { style: 'first' },
      sure: true,
      because: `it is said above: ${quoted(told, 60)}`,
    };
  }
  return {
    key: { style: 'letter' },
    sure: false,
    because: 'no column and no sign tells the right answer',
  };
}

/** The key style of a source with the reason; `first` is the first row of content and `headingRow` that of the headings, from 0. */
export function guessKey(
  region: Region,
  columns: readonly Column[],
  { first, headingRow }: { first: number; headingRow: number | null },
): KeyGuess {
  const slots = slotsOf(columns);
  const rows: Row[] = [];
  const repeats = headingRepeats(region, headingRow);
  for (let r = first; r <= region.bottom && rows.length < SAMPLE; r++) {
    if (!repeats(r)) {
      rows.push(new Row(region, slots, r));
    }
  }
  const look: Look = { rows, columns, region };
  if (of(look, 'right').length) {
    return {
      key: { style: 'right-column' },
      sure: true,
      because: `the right answer has column ${of(look, 'right')[0]!.column} to itself`,
    };
  }
  if (of(look, 'verdict').length) {
    return fromVerdicts(look);
  }
  if (of(look, 'weight').length) {
    return {
      key: { style: 'weight' },
      sure: true,
      because: 'a column after each option holds per cent',
    };
  }
  const key = of(look, 'key')[0];
  return key && texts(look, 'key').length ? fromKeyColumn(look, key) : withoutColumn(look, first);
}
