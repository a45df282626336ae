// Grown files as the program opens them, with what each of their columns is.
import { openFile } from '../src/core/readers';
import { MEANINGS, type Meaning, type TableView } from '../src/core/understanding/contract';
import { viewOf } from '../src/core/understanding/view';
import { regionOf, rowShown, type Region } from '../src/core/shared/table/region';
import { columnIndex } from '../src/core/shared/cells';
import { drawCase, material, type Drawn } from './grow/draw.mjs';

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

/** What is true of a drawn file: its sheet, its row of headings as a person counts, its columns. */
type Truth = {
  sheet: string | undefined;
  headingRow: number | null;
  isExplained: boolean;
  columns: Map<number, Meaning>;
};

function truthOfSource({ truth }: Drawn): Truth {
  const columns = new Map<number, Meaning>();
  for (const { at, role } of truth.columns) {
    columns.set(at - 1, meaningOf(role) ?? 'ignore');
  }
  return {
    sheet: truth.sheet,
    headingRow: truth.headingRow,
    isExplained: truth.second,
    columns,
  };
}

/** The two sides of cards have names of their own, which a layout does not know. */
const SIDES: Record<string, string> = { stem: 'term', accepted: 'definition' };

function truthOfBlank({ test }: Drawn): Truth {
  const { file, columns } = test.expect.layout;
  const isCard = test.factors['purpose'] === 'cards';
  const meanings = new Map<number, Meaning>();
  for (const { column, role } of columns) {
    const own = isCard ? (SIDES[role] ?? role) : role;
    meanings.set(columnIndex(column), meaningOf(own) ?? 'ignore');
  }
  const headingRow = file.headingRow ?? null;
  return {
    sheet: file.sheet,
    headingRow,
    isExplained: headingRow !== null && file.firstRow! > headingRow + 1,
    columns: meanings,
  };
}

/** One grown file opened; undefined where it can't be. */
export async function openCase(
  seed: number,
  n: number,
  call: 'gather' | 'learn',
): Promise<Case | undefined> {
  const drawn = drawCase(seed, n, call);
  const opened = await openFile({ name: drawn.name, bytes: new Uint8Array(drawn.bytes) }, {});
  if (opened.is !== 'table') {
    return undefined;
  }
  const truth = call === 'gather' ? truthOfSource(drawn) : truthOfBlank(drawn);
  const { sheets } = opened.table;
  const sheet = sheets.length === 1 ? sheets[0] : sheets.find(({ name }) => name === truth.sheet);
  if (!sheet) {
    return undefined;
  }
  const region = regionOf(sheet);
  const headingRow = truth.headingRow === null ? null : rowShown(sheet, truth.headingRow);
  const first = headingRow === null ? region.top : headingRow + (truth.isExplained ? 2 : 1);
  const view = viewOf(region, headingRow, first, call === 'learn');
  return {
    view,
    region,
    headingRow,
    isExplained: truth.isExplained,
    meanings: view.columns.map(({ at }) => truth.columns.get(at) ?? 'ignore'),
    factors: drawn.test.factors,
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
