// How the source tells the right answer, found from the columns and their cells.
import type { Column, Key } from '../model';
import { columnIndex } from '../shared/cells';
import { alike } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { findInnerSeparator, splitCell } from '../shared/table/separators';
import { EMPHASES, isSetOff } from './rich';
import { Row } from './row';
import { profileColumn, STAR } from '../shared/table/profile';
import type { Region } from '../shared/table/region';
import { trueFalseWords, verdictOf } from '../shared/vocabulary/verdicts';

export type KeyGuess = { key: Key; because: string; sure: boolean };
const SAMPLE = 200;

const of = (columns: readonly Column[], role: Column['role']): Column[] =>
  columns.filter((column) => column.role === role);
const texts = (region: Region, column: Column, first: number): string[] => {
  const found: string[] = [];
  for (let r = first; r <= region.bottom && found.length < SAMPLE; r++) {
    const text = region.cell(r, columnIndex(column.column));
    if (text) {
      found.push(text);
    }
  }
  return found;
};

/** The sign that marks right options: at the beginning or the end of some, but not all, of a row's options. */
function findMarker(
  region: Region,
  options: Column[],
  first: number,
): { marker: string; rows: number; of: number } | undefined {
  const tally = new Map<string, number>();
  let rows = 0;
  for (let r = first; r <= region.bottom && rows < SAMPLE; r++) {
    const cells = options
      .map((option) => region.cell(r, columnIndex(option.column)))
      .filter(Boolean);
    if (cells.length < 2) {
      continue;
    }
    rows++;
    const marks = new Set(cells.flatMap((cell) => markOf(cell) ?? []));
    for (const mark of marks) {
      if (cells.filter((cell) => markOf(cell) === mark).length < cells.length) {
        tally.set(mark, (tally.get(mark) ?? 0) + 1);
      }
    }
  }
  const best = [...tally].sort((a, b) => b[1] - a[1])[0];
  return best && best[1] >= rows * 0.4 ? { marker: best[0], rows: best[1], of: rows } : undefined;
}

/** The emphasis that sets off some, but not all, of the options in most rows. */
function findEmphasis(region: Region, options: Column[], first: number): KeyGuess | undefined {
  if (!region.sheet.rich || options.length < 2) {
    return undefined;
  }
  const tally = EMPHASES.map((emphasis) => ({ emphasis, hits: 0 }));
  let rows = 0;
  for (let r = first; r <= region.bottom && rows < SAMPLE; r++) {
    const row = new Row(region, new Map(), r);
    const filled = options
      .map((option) => columnIndex(option.column))
      .filter((c) => region.cell(r, c));
    if (filled.length < 2) {
      continue;
    }
    rows++;
    for (const one of tally) {
      const set = filled.filter((c) => isSetOff(row, c, one.emphasis)).length;
      if (set > 0 && set < filled.length) {
        one.hits++;
      }
    }
  }
  const best = tally.sort((a, b) => b.hits - a.hits)[0]!;
  if (!rows || best.hits < rows * 0.5) {
    return undefined;
  }
  return {
    key: { style: 'marker', marker: best.emphasis },
    sure: true,
    because: `${best.hits} of ${rows} rows set some of their options in ${best.emphasis === 'mark' ? 'colour' : best.emphasis}`,
  };
}

/** The marking sign at either end of an option; undefined where it carries none. */
export function markOf(text: string): string | undefined {
  if (!STAR.test(text)) {
    return undefined;
  }
  return (/^(?:\*|✓|✔|☑|\[x\]|\(x\)|->|→)/i.exec(text) ??
    /(?:\*|✓|✔|☑|\[x\]|\(x\)|←)$/i.exec(text))?.[0];
}

function fromKeyColumn(
  region: Region,
  key: Column,
  columns: readonly Column[],
  first: number,
): KeyGuess {
  const profile = profileColumn(region, columnIndex(key.column), first);
  const heading = key.heading ?? '';
  const where = `in column ${key.column}`;
  const values = texts(region, key, first);
  const options = of(columns, 'option');
  const separator = findInnerSeparator(values.filter((value) => /[^\p{L}\p{N}]/u.test(value)));
  const several = separator ? { separator } : {};
  if (profile.letters >= 0.6) {
    return {
      key: { style: 'letter', ...several },
      sure: true,
      because: `${Math.round(profile.letters * profile.filled)} of ${profile.filled} cells ${where} are letters`,
    };
  }
  if (profile.integers >= 0.6 && !numbersAreTexts(region, values, columns, first)) {
    const fromZero =
      profile.smallest === 0 ||
      /(?:from|ab|à partir de|desde|da|vanaf)\s*(?:0|zero|null|zéro|cero)/i.test(heading);
    return fromZero
      ? {
          key: { style: 'number-from-0', ...several },
          sure: true,
          because:
            profile.smallest === 0
              ? `a 0 stands ${where}, so it counts from zero`
              : `the heading ${quoted(heading, 40)} says that it counts from zero`,
        }
      : {
          key: { style: 'number', ...several },
          sure: profile.largest <= Math.max(options.length, 2) || options.length === 0,
          because: `${Math.round(profile.integers * profile.filled)} of ${profile.filled} cells ${where} are numbers from 1`,
        };
  }
  if (
    !options.length &&
    !of(columns, 'options').length &&
    values.every((value) => trueFalseWords(value) || verdictOf(value) !== undefined)
  ) {
    return {
      key: { style: 'word' },
      sure: true,
      because: `column ${key.column} says true or false as a word`,
    };
  }
  return {
    key: { style: 'text' },
    sure: values.length > 0,
    because: values.length
      ? `column ${key.column} repeats the text of an option`
      : `column ${key.column} is empty`,
  };
}

/** Whether numbers in the key column are themselves the options' texts, as where the options are 12, 20 and 30. */
function numbersAreTexts(
  region: Region,
  values: string[],
  columns: readonly Column[],
  first: number,
): boolean {
  const options = of(columns, 'option');
  const key = of(columns, 'key')[0]!;
  let equal = 0;
  for (let r = first; r <= region.bottom && r < first + SAMPLE; r++) {
    const value = alike(region.cell(r, columnIndex(key.column)));
    if (
      value &&
      options.some((option) => alike(region.cell(r, columnIndex(option.column))) === value)
    ) {
      equal++;
    }
  }
  return equal > values.length * 0.6 && values.some((value) => Number(value) > options.length);
}

/** The key style of a source with the reason; `first` is the first row of content, from 0. */
export function guessKey(region: Region, columns: readonly Column[], first: number): KeyGuess {
  const options = of(columns, 'option');
  if (of(columns, 'right').length) {
    return {
      key: { style: 'right-column' },
      sure: true,
      because: `the right answer has column ${of(columns, 'right')[0]!.column} to itself`,
    };
  }
  const verdicts = of(columns, 'verdict');
  if (verdicts.length) {
    const words = verdicts.flatMap((column) => texts(region, column, first));
    const word = (right: boolean): string | undefined =>
      words.find((text) => verdictOf(text) === right);
    return {
      key: {
        style: 'verdict',
        ...(word(true) ? { right: word(true)! } : {}),
        ...(word(false) ? { wrong: word(false)! } : {}),
      },
      sure: true,
      because: 'a column after each option says right or wrong',
    };
  }
  if (of(columns, 'weight').length) {
    return {
      key: { style: 'weight' },
      sure: true,
      because: 'a column after each option holds per cent',
    };
  }
  const key = of(columns, 'key')[0];
  if (key) {
    return fromKeyColumn(region, key, columns, first);
  }
  const marker = findMarker(region, options, first);
  if (marker) {
    return {
      key: { style: 'marker', marker: marker.marker },
      sure: true,
      because: `${marker.rows} of ${marker.of} rows have ${quoted(marker.marker)} at some of their options`,
    };
  }
  const emphasis = findEmphasis(region, options, first);
  if (emphasis) {
    return emphasis;
  }
  const joined = of(columns, 'options')[0];
  if (
    joined &&
    texts(region, joined, first).some((text) =>
      splitCell(text, findInnerSeparator([text])).some((part) => markOf(part)),
    )
  ) {
    return {
      key: { style: 'marker', marker: '*' },
      sure: true,
      because: 'a sign stands at some of the options',
    };
  }
  if (of(columns, 'wrong').length === 0 && options.length === 0) {
    return { key: { style: 'text' }, sure: true, because: 'there are no options to choose from' };
  }
  return {
    key: { style: 'letter' },
    sure: false,
    because: 'no column and no sign tells the right answer',
  };
}
