// What an empty form of a layout looks like: headings, rules, a sheet that says in words how to fill it.
import type { Column, Layout } from '../model';
import { cellName, columnIndex, parseCell } from '../shared/cells';
import { optionLetter } from '../shared/plain';

/** A rule on a block of cells; rows and columns count from 0. */
export type BlankRule = {
  top: number;
  bottom: number;
  column: number;
  list?: string[];
  most?: number;
};
/** Cells by their address, what may stand in them, and the sentences of the instructions. */
export type BlankSheet = {
  name: string;
  cells: Map<string, string>;
  bold: Set<string>;
  widths: number[];
  rules: BlankRule[];
  words: string[];
};

const WIDTHS: Partial<Record<Column['role'], number>> = {
  stem: 52,
  accepted: 46,
  option: 24,
  right: 24,
  wrong: 24,
  wrongs: 44,
  options: 44,
  explanation: 40,
  hint: 30,
  pair: 30,
  left: 24,
  'right-side': 24,
  step: 26,
};

const KEY_SENTENCES: Partial<Record<Layout['key']['style'], (key: Layout['key']) => string>> = {
  letter: ({ separator }) =>
    `Write the letter of the right option, A for the first${separator ? `; several like this: A${separator}C` : ''}.`,
  number: ({ separator }) =>
    `Write the number of the right option, 1 for the first${separator ? `; several like this: 1${separator}3` : ''}.`,
  'number-from-0': () => 'Write the number of the right option, counted from 0.',
  text: () => 'Repeat the text of the right option exactly.',
  marker: ({ marker = '*' }) => `Put the sign (${marker}) in front of each right option.`,
  verdict: ({ right = 'right', wrong = 'wrong' }) =>
    `Write “${right}” or “${wrong}” behind each option.`,
  weight: () =>
    'Write behind each option how many per cent of the points it earns; the right ones add up to 100.',
  first: () => 'The first answer is always the right one.',
  'right-column': () => 'The right answer has a column of its own.',
  word: ({ right = 'true', wrong = 'false' }) => `Write “${right}” or “${wrong}”.`,
};

function sentencesOf({ limits, key, columns, kinds, shape }: Layout): string[] {
  const has = (...roles: Column['role'][]): boolean =>
    columns.some((column) => roles.includes(column.role));
  const words = ['Fill in one row for each question and leave the headings as they are.'];
  if (shape === 'grid') {
    words[0] =
      'Write the question in the row of its level and its answer in the row below, marked “answer”.';
  }
  if (limits.stem) {
    words.push(`A question may have up to ${limits.stem} characters.`);
  }
  if (limits.option) {
    words.push(`An answer may have up to ${limits.option} characters.`);
  }
  if (limits.hint) {
    words.push(`A hint may have up to ${limits.hint} characters.`);
  }
  if (limits.explanation) {
    words.push(`An explanation may have up to ${limits.explanation} characters.`);
  }
  if (limits.optionsMin && limits.optionsMax) {
    words.push(`Each question has ${limits.optionsMin} to ${limits.optionsMax} options.`);
  }
  if (limits.perFile) {
    words.push(`At most ${limits.perFile} questions per file.`);
  }
  if (limits.seconds?.length) {
    words.push(`Seconds to choose from: ${limits.seconds.join(', ')}.`);
  }
  if (has('option', 'options', 'right', 'key')) {
    words.push(KEY_SENTENCES[key.style]?.(key) ?? '');
  }
  for (const { kind, code } of kinds) {
    if (code && has('kind')) {
      words.push(`${code}: ${KIND_SENTENCES[kind] ?? kind}`);
    }
  }
  return words.filter(Boolean);
}

const KIND_SENTENCES: Partial<Record<Layout['kinds'][number]['kind'], string>> = {
  'choice-one': 'one right option',
  'choice-many': 'several right options',
  'true-false': 'true or false',
  match: 'matching pairs',
  order: 'steps in order',
  short: 'short typed answer',
  number: 'a number',
  gap: 'text with gaps',
  open: 'open answer',
  upload: 'file upload',
  card: 'card',
};

/** The rule of a column: its own list, the words of its role, or its greatest length. */
function ruleOf(column: Column, { kinds, key, limits }: Layout): Pick<BlankRule, 'list' | 'most'> {
  if (column.values?.length) {
    return { list: column.values };
  }
  if (column.role === 'kind' && kinds.length) {
    return { list: kinds.map(({ code }) => code).filter(Boolean) };
  }
  if (column.role === 'verdict') {
    return { list: [key.right ?? 'correct', key.wrong ?? 'incorrect'] };
  }
  if (column.role === 'key' && key.style === 'word') {
    return { list: [key.right ?? 'true', key.wrong ?? 'false'] };
  }
  if (column.role === 'key' && key.style === 'letter' && !key.separator) {
    return {
      list: Array.from({ length: limits.optionsMax ?? 4 }, (_, index) => optionLetter(index)),
    };
  }
  if (column.role === 'seconds' && limits.seconds?.length) {
    return { list: limits.seconds.map(String) };
  }
  const most =
    column.max ??
    {
      stem: limits.stem,
      option: limits.option,
      right: limits.option,
      wrong: limits.option,
      accepted: limits.option,
      hint: limits.hint,
      explanation: limits.explanation,
      title: limits.title,
    }[column.role as 'stem'];
  return most ? { most } : {};
}

const LABELS = {
  'set-title': 'Title of the set:',
  'set-description': 'Description:',
  constant: '',
} as const;

function boardCells(
  layout: Layout,
  set: (name: string, text: string, isBold?: boolean) => void,
): void {
  const { grid } = layout;
  if (!grid) {
    return;
  }
  const levelColumn = columnIndex(grid.levelColumn);
  set(cellName(grid.categoryRow - 1, levelColumn), 'Level', true);
  const step = grid.answer === 'beside' ? 2 : 1;
  for (
    let c = columnIndex(grid.firstColumn), n = 1;
    c <= columnIndex(grid.lastColumn);
    c += step, n++
  ) {
    set(cellName(grid.categoryRow - 1, c), grid.categories?.[n - 1] || `Category ${n}`, true);
    if (grid.answer === 'beside') {
      set(cellName(grid.categoryRow - 1, c + 1), 'Answer', true);
    }
  }
  grid.levelRows.forEach((row, index) => {
    set(cellName(row - 1, levelColumn), grid.levels[index]!, true);
    if (grid.answer === 'below') {
      set(cellName(row, levelColumn), 'answer');
    }
  });
}

/** The empty form of a layout of rows or of a board. */
export function blankSheet(layout: Layout): BlankSheet {
  const { file, columns } = layout;
  const cells = new Map<string, string>();
  const bold = new Set<string>();
  const set = (name: string, text: string, isBold = false): void => {
    cells.set(name, text);
    if (isBold) {
      bold.add(name);
    }
  };
  for (const { cell, role, value } of file.cells ?? []) {
    const at = parseCell(cell);
    if (value) {
      set(cell, value);
    }
    if (at && at.column > 0 && LABELS[role]) {
      set(cellName(at.row, at.column - 1), LABELS[role], true);
    }
  }
  if (file.headingRow) {
    for (const column of columns) {
      if (column.heading) {
        set(`${column.column}${file.headingRow}`, column.heading, true);
      }
    }
  }
  boardCells(layout, set);
  const first = (file.firstRow ?? 2) - 1;
  const last = first + Math.max(200, layout.limits.perFile ?? 0) - 1;
  const rules =
    layout.shape === 'rows'
      ? columns.flatMap((column) => {
          const rule = ruleOf(column, layout);
          return rule.list || rule.most
            ? [{ top: first, bottom: last, column: columnIndex(column.column), ...rule }]
            : [];
        })
      : [];
  const widths: number[] = [];
  for (const column of columns) {
    widths[columnIndex(column.column)] = WIDTHS[column.role] ?? 14;
  }
  if (layout.grid) {
    for (let c = 0; c <= columnIndex(layout.grid.lastColumn); c++) {
      widths[c] = c ? 30 : 10;
    }
  }
  return {
    name: file.sheet ?? 'Questions',
    cells,
    bold,
    widths,
    rules,
    words: sentencesOf(layout),
  };
}
