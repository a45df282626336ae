// Learning: from a receiver's blank to a layout, with the reason for every guess.
import type { Column, Layout, Limits, Role, Table } from '../model';
import { columnIndex, columnLetters } from '../shared/cells';
import { alike } from '../shared/normalise';
import { quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
import {
  explanationsOf,
  firstRowBelow,
  lastHeading,
  SURE,
  understandSheets,
} from '../understanding';
import { noteAt, notesAtHeadings } from './at-cell';
import { learnColumns, type Learned } from './columns';
import type { LearnedLayout } from './contract';
import { learnKey } from './key';
import { learnKindColumn } from './kind-column';
import { findLabelledCells } from './labelled-cells';
import { learnOtherShape, type ShapeLearned } from './other-shapes';
import { kindRulesIn } from './kind-sentences';
import { findSamples } from './samples';
import { behindRemark, rulesBelow, withinHeadings } from './rules-below';
import { learnSettings } from './settings';
import { countsBytes, limitsIn, listedNumbers, secondsListedIn } from './sentences';
import { say } from '../shared/say';

export { explainsSigns, learnMarkedText, partsOfSample } from './marked';
export { likelyPatterns, marksOfPattern, type LikelyPattern, type LineRole } from './pattern';
export { repeatsSigns, repeatsWords } from './marked/repeated-signs';
export { marksFromPointed, type Pointed } from './pointed';
export { OPTION_ROLES } from './kind-sentences';
export { STARTERS } from './starters';
export { doubted, type LearnedLayout } from './contract';

type Form = { region: Region; headingRow: number | undefined; p: number; isSure: boolean };

/** A sheet that is this near to the likeliest may be the one as well. */
const NEAR = 0.85;

/** The sheet that is to be filled: the visible one whose columns make questions. */
function findForm(table: Table): Form | undefined {
  const [best, next] = understandSheets(
    table.sheets.filter((sheet) => !sheet.hidden),
    true,
  );
  return (
    best && {
      region: best.region,
      headingRow: best.headings.row ?? undefined,
      p: best.headings.p,
      isSure: !next || next.score < best.score * NEAR,
    }
  );
}

/** Shorter texts are words of the form, no sentences about it. */
const SENTENCE_FROM = 9;

/** Every sentence of the blank outside its rows: above them, beside them, in notes and rules, on other sheets. */
function wordsOf(
  table: Table,
  { region, headingRow }: Pick<Form, 'region' | 'headingRow'>,
): string[] {
  const { sheet } = region;
  const last = lastHeading(region, headingRow);
  const own = sheet.rows.flatMap((row, index) =>
    index < (headingRow ?? 0) ? row : row.slice(last + 1),
  );
  const others = table.sheets
    .filter((other) => other !== sheet)
    .flatMap((other) => other.rows.slice(0, 300).flatMap(withMeanings));
  const notes = sheet.comments.flatMap(({ text }) => text.split('\n'));
  const prompts = sheet.validations.flatMap((validation) => validation.prompt ?? []);
  return [...own, ...others, ...notes, ...prompts].filter(
    (text) => text && text.length >= SENTENCE_FROM,
  );
}

/** A row of another sheet: its cells, and where it explains something in several cells, all of them as one sentence. */
const withMeanings = (row: readonly string[]): string[] => {
  const filled = row.filter((cell) => cell.trim());
  return filled.length > 1 ? [...filled, filled.join(': ')] : filled;
};

/** How many options a heading asks for that takes them all in one cell. */
function optionsAsked(columns: readonly Column[]): { text: string; limits: Limits } | undefined {
  const heading = columns.find(({ role }) => role === 'options')?.heading ?? '';
  const { optionsMin, optionsMax } = limitsIn(`${heading.replace(/[()]/g, ' ')} options`);
  return optionsMax === undefined
    ? undefined
    : { text: heading, limits: { ...(optionsMin ? { optionsMin } : {}), optionsMax } };
}

const LIMITED: Partial<Record<Role, keyof Limits>> = {
  stem: 'stem',
  option: 'option',
  hint: 'hint',
  explanation: 'explanation',
  title: 'title',
  right: 'option',
  accepted: 'option',
};

/** The seconds that may be chosen from, by the column's list, its heading or the instructions. */
function learnSeconds(
  columns: readonly Column[],
  words: readonly string[],
  limits: Limits,
  because: Record<string, string>,
): void {
  const seconds = columns.find((column) => column.role === 'seconds');
  const listed =
    seconds?.values?.map(Number).filter(Number.isFinite) ??
    (seconds?.heading ? listedNumbers(seconds.heading) : undefined);
  const told =
    seconds && !listed?.length
      ? words.map((text) => ({ text, listed: secondsListedIn(text) })).find((one) => one.listed)
      : undefined;
  if (told) {
    limits.seconds = told.listed!;
    because['limits.seconds'] = say('the instructions say so: {told}', {
      told: quoted(told.text, 80),
    });
  }
  if (listed?.length) {
    limits.seconds = listed;
    because['limits.seconds'] = say('column {column} takes these alone', {
      column: seconds!.column,
    });
  }
}

function learnLimits(
  columns: readonly Column[],
  words: readonly string[],
  because: Record<string, string>,
): Limits {
  const limits: Limits = {};
  for (const column of columns) {
    const name = LIMITED[column.role];
    if (!name || !column.max || name === 'seconds' || name === 'count') {
      continue;
    }
    // The strictest of the columns holds for all of them.
    limits[name] = Math.min(limits[name] ?? Infinity, column.max);
    because[`limits.${name}`] ??= say('column {column} says {max}', {
      column: column.column,
      max: column.max,
    });
  }
  for (const text of words) {
    for (const [name, value] of Object.entries(limitsIn(text))) {
      if (limits[name as 'stem'] !== undefined) {
        continue;
      }
      limits[name as 'stem'] = value as number;
      because[`limits.${name}`] = say('the instructions say so: {text}', {
        text: quoted(text, 80),
      });
    }
  }
  const asked = optionsAsked(columns);
  if (asked && limits.optionsMax === undefined) {
    Object.assign(limits, asked.limits);
    because['limits.optionsMax'] = say('the heading says so: {asked}', {
      asked: quoted(asked.text, 80),
    });
  }
  const inBytes = [...columns.map((column) => column.heading ?? ''), ...words].find(countsBytes);
  if (inBytes) {
    limits.count = 'bytes';
    because['limits.count'] = say('it says bytes: {inBytes}', { inBytes: quoted(inBytes, 60) });
  }
  learnSeconds(columns, words, limits, because);
  const options = columns.filter((column) => column.role === 'option').length;
  if (options > 1 && limits.optionsMax === undefined) {
    limits.optionsMax = options;
    because['limits.optionsMax'] = say('there are {options} option columns', { options });
  }
  return limits;
}

function headless(region: Region): number {
  let first = region.top;
  while (
    first < region.bottom &&
    region.sheet.rows[first]!.filter((cell) => cell.trim()).length < 2
  ) {
    first++;
  }
  return first;
}

/** As what is written that can't be filled itself: a table copied from a page or document, an old workbook, values with names. */
const WRITTEN_AS = { html: 'tsv', docx: 'tsv', odt: 'tsv', xls: 'xlsx', json: 'csv' } as const;
const formatOf = ({ format }: Table): Layout['file']['format'] =>
  format in WRITTEN_AS
    ? WRITTEN_AS[format as keyof typeof WRITTEN_AS]
    : (format as Exclude<Table['format'], keyof typeof WRITTEN_AS>);

function fileOf(
  table: Table,
  form: Form,
  first: number,
  sample: { first: number; last: number } | undefined,
  columns: readonly Column[],
): Layout['file'] {
  const cells = findLabelledCells(form.region, form.headingRow).map(({ cell, role }) => ({
    cell,
    role,
  }));
  const used = columns.find((column) => column.role !== 'ignore');
  return {
    format: formatOf(table),
    ...(table.encoding ? { encoding: table.encoding } : {}),
    ...(table.separator ? { separator: table.separator } : {}),
    ...(table.newline ? { newline: table.newline } : {}),
    ...(table.quote ? { quote: table.quote } : {}),
    ...(table.format === 'xlsx' || table.format === 'ods' ? { sheet: form.region.sheet.name } : {}),
    headingRow: form.headingRow === undefined ? null : form.headingRow + 1,
    firstRow: first + 1,
    firstColumn: used?.column ?? columnLetters(form.region.left),
    ...(sample ? { sample: [sample.first + 1, sample.last + 1] as [number, number] } : {}),
    ...(cells.length ? { cells } : {}),
  };
}

function fileReasons(
  form: Form,
  first: number,
  sample: { first: number; last: number } | undefined,
): Record<string, string> {
  return {
    'file.sheet': say('its columns take questions'),
    'file.headingRow':
      form.headingRow === undefined
        ? say('no row speaks the words of headings')
        : say('row {headingRow} differs from the rows below as headings do', {
            headingRow: form.headingRow + 1,
          }),
    'file.firstRow':
      form.headingRow === undefined
        ? say('row {first} is the first with content', { first: first + 1 })
        : say('it is the first row below the headings'),
    ...(sample
      ? {
          'file.sample': say(
            'rows {first} to {last} are filled already, so they are samples; a fill clears them',
            { first: sample.first + 1, last: sample.last + 1 },
          ),
        }
      : {}),
  };
}

function emptyLayout(table: Table, id: string): LearnedLayout {
  return {
    layout: {
      id,
      name: nameOf(table.file),
      version: 1,
      shape: 'rows',
      file: { format: formatOf(table) },
      columns: [],
      key: { style: 'letter' },
      kinds: [],
      limits: {},
    },
    because: {},
    unsure: ['columns'],
  };
}

/** A layout's name from its blank's file name. */
export const nameOf = (file: string): string =>
  file
    .replace(/\.[^.]+$/, '')
    .replace(/[-_]+/g, ' ')
    .trim() || file;

function withoutReason({ because: _because, sure: _sure, ...column }: Learned): Column {
  return column;
}

const SENTENCE = /\p{L}\s.*\p{L}\s.*\p{L}.*[.!?]$/su;

/**
 * Learns a blank of the shape rows: sheet, headings, first row and column, roles, key notation, kinds and limits.
 * `because` gives a reason by path ('columns.B', 'key', 'limits.stem'); `unsure` names the paths that want a look.
 */
export function learn(table: Table, id: string): LearnedLayout {
  const other = learnOtherShape(table);
  if (other) {
    return withShape(table, id, other);
  }
  const form = findForm(table);
  if (!form || form.region.bottom < form.region.top) {
    return emptyLayout(table, id);
  }
  const { region, headingRow } = form;
  const first =
    headingRow === undefined
      ? headless(region)
      : behindRemark(region, firstRowBelow(region, headingRow));
  const sample = findSamples(region, first);
  const words = wordsOf(table, form);
  const explanations = explanationsOf(
    region,
    headingRow ?? null,
    table.sheets.filter((sheet) => sheet !== region.sheet),
  );
  const stated = rulesBelow(region, headingRow, first);
  for (const [heading, text] of [...stated, ...notesAtHeadings(region, headingRow)]) {
    explanations.set(heading, [explanations.get(heading) ?? '', text].filter(Boolean).join('\n'));
  }
  const learned = learnColumns(region, headingRow, {
    first,
    lastSample: sample?.last ?? first - 1,
    words,
    explanations,
  });
  const columns = learned.map(withoutReason);
  const because = fileReasons(form, first, sample);
  // A lone column headed by a sentence is rather a text than a table.
  const isText = columns.length === 1 && SENTENCE.test(columns[0]!.heading ?? '');
  const isDoubted = headingRow === undefined || form.p < SURE || isText;
  const unsure = isDoubted ? ['file.headingRow'] : [];
  if (!form.isSure) {
    unsure.push('file.sheet');
  }
  for (const column of learned) {
    because[`columns.${column.column}`] = column.because;
    if (!column.sure) {
      unsure.push(`columns.${column.column}`);
    }
  }
  const within = withinHeadings(region, headingRow);
  const note = (letters: string): string => {
    const heading = columns.find((column) => column.column === letters)?.heading ?? '';
    return [
      heading,
      noteAt(region.sheet, headingRow ?? -1, columnIndex(letters)),
      explanations.get(alike(heading)) ?? '',
      within.get(alike(heading)) ?? '',
    ].join('\n');
  };
  const key = learnKey({
    region,
    columns,
    first,
    last: sample?.last ?? first - 1,
    words: [...words, ...columns.map((column) => column.heading ?? '')],
    note,
  });
  because['key'] = key.because;
  if (!key.sure) {
    unsure.push('key');
  }
  const kinds = learnKindColumn(table, columns, {
    sheet: region.sheet,
    headingRow: headingRow ?? 0,
    words,
    samples: sample,
  });
  because['kinds'] = kinds.because;
  const turned = kinds.turned && columns.find(({ column }) => column === kinds.turned!.column);
  if (turned) {
    turned.role = kinds.turned!.role;
    because[`columns.${turned.column}`] = kinds.turned!.because;
  }
  if (kinds.isUnsure) {
    unsure.push(turned ? `columns.${turned.column}` : 'kinds');
  }
  const limits = learnLimits(columns, words, because);
  const byKind = kindRulesIn(words, columns);
  for (const { kind } of byKind) {
    because[`byKind.${kind}`] = say('the instructions say so');
  }
  const settings = learnSettings(region, headingRow).map(({ because: why, sure, ...setting }) => {
    because[`settings.${setting.setting}`] = why;
    if (!sure) {
      unsure.push(`settings.${setting.setting}`);
    }
    return setting;
  });
  return {
    layout: {
      id,
      name: nameOf(table.file),
      version: 1,
      shape: 'rows',
      file: fileOf(table, form, first, sample, columns),
      columns,
      key: key.key,
      kinds: kinds.kinds,
      limits,
      ...(byKind.length ? { byKind } : {}),
      ...(settings.length ? { settings } : {}),
    },
    because,
    unsure,
  };
}

/** A board's or blocks' layout with the limits that the blank's words state. */
function withShape(
  table: Table,
  id: string,
  { layout, because, region, unsure = [] }: ShapeLearned,
): LearnedLayout {
  const reasons = { ...because };
  const limits = learnLimits([], wordsOf(table, { region, headingRow: undefined }), reasons);
  return {
    layout: {
      id,
      name: nameOf(table.file),
      version: 1,
      ...layout,
      limits: { ...limits, ...layout.limits },
    },
    because: reasons,
    unsure,
  };
}
