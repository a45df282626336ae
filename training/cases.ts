// Grown files as the program opens them, with what each of their columns is.
import type { Layout } from '../src/core/model';
import { openFile } from '../src/core/readers';
import { MEANINGS, type Meaning, type TableView } from '../src/core/understanding/contract';
import { viewOf } from '../src/core/understanding/view';
import { regionOf, rowShown, type Region } from '../src/core/shared/table/region';
import { columnIndex } from '../src/core/shared/cells';
import { drawCase, material } from './grow/draw.mjs';

/** The generator's names of columns where they differ from the program's. */
const MEANING_OF: Record<string, Meaning> = {
  statement: 'stem',
  task: 'stem',
  gaptext: 'stem',
  truth: 'key',
  also: 'accepted',
  measure: 'value',
  gapwords: 'accepted',
  gapword: 'accepted',
  rightside: 'right-side',
  pairs: 'pair',
  steps: 'step',
  number: 'number-in-file',
  minutes: 'seconds',
  time: 'seconds',
  minsec: 'seconds',
  difficulty: 'tag',
  date: 'at',
  imagealt: 'image-alt',
  remark: 'ignore',
  status: 'ignore',
  spacer: 'ignore',
  tagname: 'tag',
  email: 'by',
  stamp: 'at',
  feedbackright: 'feedback-right',
  feedbackwrong: 'feedback-wrong',
};
/** The program's meaning of a name in the word lists; undefined where it is no column. */
export function meaningOf(name: string): Meaning | undefined {
  const own = MEANING_OF[name] ?? name;
  return (MEANINGS as readonly string[]).includes(own) ? (own as Meaning) : undefined;
}

export type Case = {
  view: TableView;
  region: Region;
  /** The row of the headings, from 0; null where there is none. */
  headingRow: number | null;
  /** Whether the row below the headings explains them. */
  isExplained: boolean;
  /** The meaning of each column of the view. */
  meanings: Meaning[];
  factors: Record<string, unknown>;
};

/** One grown file opened; undefined where it can't be. */
export async function openCase(
  seed: number,
  n: number,
  call: 'gather' | 'learn',
): Promise<Case | undefined> {
  const { bytes, name, test, truth } = drawCase(seed, n, call);
  const file: Partial<Layout['file']> = call === 'learn' ? test.expect.layout.file : {};
  const opened = await openFile({ name, bytes: new Uint8Array(bytes) }, {});
  if (opened.is !== 'table') {
    return undefined;
  }
  const wanted = call === 'gather' ? truth.sheet : file?.sheet;
  const { sheets } = opened.table;
  const sheet = sheets.length === 1 ? sheets[0] : sheets.find((one) => one.name === wanted);
  if (!sheet) {
    return undefined;
  }
  const region = regionOf(sheet);
  const shown: number | null = call === 'gather' ? truth.headingRow : (file.headingRow ?? null);
  const headingRow = shown === null ? null : rowShown(sheet, shown);
  const byColumn = new Map<number, Meaning>();
  if (call === 'gather') {
    for (const { at, role } of truth.columns) {
      byColumn.set(at - 1, meaningOf(role) ?? 'ignore');
    }
  } else {
    for (const { column, role } of test.expect.layout.columns) {
      const isCard = test.factors.purpose === 'cards';
      const own =
        isCard && role === 'stem' ? 'term' : isCard && role === 'accepted' ? 'definition' : role;
      byColumn.set(columnIndex(column), meaningOf(own) ?? 'ignore');
    }
  }
  const isExplained =
    call === 'gather' ? truth.second : headingRow !== null && file.firstRow! > file.headingRow! + 1;
  const skip = isExplained ? 2 : 1;
  const view = viewOf(
    region,
    headingRow,
    headingRow === null ? region.top : headingRow + skip,
    call === 'learn',
  );
  return {
    view,
    region,
    headingRow,
    isExplained,
    meanings: view.columns.map(({ at }) => byColumn.get(at) ?? 'ignore'),
    factors: test.factors,
  };
}

/** Many grown files; those that can't be opened are left out. */
export async function openCases(
  seed: number,
  count: number,
  call: 'gather' | 'learn',
): Promise<Case[]> {
  const cases: Case[] = [];
  for (let n = 0; n < count; n++) {
    const one = await openCase(seed, n, call);
    if (one && one.view.columns.length > 1) {
      cases.push(one);
    }
  }
  return cases;
}

/** Words that say little, as people write them while they try something out. */
const SCANT = ['What?', 'Why?', 'When?', 'Which?', 'Who?', 'One?', 'Two?', 'What is it?', 'Where'];

const TINY = ['p', 'q', 'r', 's', 't', 'u', 'x', 'y', 'z', '7', '12', '3', '40'];

/** A table of few rows, or one whose texts are scant: both are met, and both tell less. */
export function lessened(one: Case, chance: () => number): Case {
  const { view, meanings } = one;
  const rows = 1 + Math.floor(chance() * 3);
  const isScant = chance() < 0.4;
  const isTiny = chance() < 0.4;
  const columns = view.columns.map((column, index) => {
    const texts = column.texts.slice(0, rows).map((text, row) => {
      if (!isScant || !text) {
        return text;
      }
      if (meanings[index] === 'stem') {
        return SCANT[(row + rows) % SCANT.length]!;
      }
      if (meanings[index] !== 'option' && meanings[index] !== 'wrong') {
        return text;
      }
      // Options of a single letter or number are met in sums and spelling.
      return isTiny ? TINY[(index * 3 + row) % TINY.length]! : text.split(/[ ’']/)[0]!.slice(0, 7);
    });
    return { ...column, texts };
  });
  const bottom = Math.min(
    one.region.bottom,
    (one.headingRow ?? one.region.top - 1) + rows + (one.isExplained ? 1 : 0),
  );
  return {
    ...one,
    view: { ...view, columns, rows: Math.min(rows, view.rows) },
    region: { ...one.region, bottom },
  };
}

export { material };
