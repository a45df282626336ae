// The proof itself is put to the proof: a file that says anything else than meant must never be called as meant. One
// thing in a right file is changed at a time, as a fault in a writer or a receiver's editor would, and must be told.
import { read as readBook, utils, write as writeBook } from '@e965/xlsx';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { EVERY_KIND } from '../../../tests/kinds';
import { demoBank, options, surroundings } from '../../../tests/make';
import { meantBy } from '../handing-over';
import type { Item, Layout } from '../model';
import { STARTERS } from '../learning';
import { chosenFor, fillAll, type FillJob } from './filling';
import { proof, type Meant } from './proof';

/** A filled file, and what the proof holds it against. */
async function filledBy(layout: Layout, bank: readonly Item[]) {
  const job: FillJob = { items: bank.slice(0, 12), layout, setTitle: 'A set' };
  const [file] = await fillAll(job, surroundings);
  const { taken } = chosenFor(job);
  const first = taken.slice(0, file!.receipt.items.length);
  const meant: Meant = {
    items: meantBy(first, layout, undefined),
    title: file!.receipt.set,
    description: undefined,
  };
  expect(await proof(file!, layout, meant)).toEqual([]);
  return { file: file!, meant };
}

const BANK = [...EVERY_KIND, ...demoBank().slice(0, 20)];
const isText = ({ file }: Layout): boolean => ['csv', 'tsv', 'txt'].includes(file.format);
const ofRows = STARTERS.filter(({ shape }) => shape === 'rows' || shape === 'blocks');

/** The records of a delimited file; the file of other records again. */
const recordsOf = (bytes: Uint8Array, { file }: Layout): string[][] =>
  Papa.parse<string[]>(strFromU8(bytes).replace(/^\ufeff/, ''), {
    delimiter: file.separator ?? ',',
    quoteChar: file.quote === 'none' ? '\0' : '"',
    skipEmptyLines: false,
  }).data;
const asFile = (records: readonly string[][], { file }: Layout): Uint8Array => {
  const separator = file.separator ?? ',';
  const field = (text: string): string =>
    file.quote === 'none' ? text : `"${text.replaceAll('"', '""')}"`;
  return strToU8(records.map((row) => row.map(field).join(separator)).join('\r\n'));
};

/** The sheet that a workbook's layout fills, as rows of text; the workbook with other rows. */
function sheetRows(bytes: Uint8Array, { file }: Layout): string[][] {
  const book = readBook(bytes, { type: 'array' });
  const sheet = book.Sheets[file.sheet ?? book.SheetNames[0]!]!;
  return utils.sheet_to_json<string[]>(sheet, { header: 1, raw: false, defval: '' });
}
function asBook(bytes: Uint8Array, rows: readonly string[][], { file }: Layout): Uint8Array {
  const book = readBook(bytes, { type: 'array' });
  const name = file.sheet ?? book.SheetNames[0]!;
  book.Sheets[name] = utils.aoa_to_sheet(rows as string[][]);
  return new Uint8Array(writeBook(book, { type: 'array', bookType: 'xlsx' }) as ArrayBuffer);
}

const rowsIn = (bytes: Uint8Array, layout: Layout): string[][] =>
  isText(layout) ? recordsOf(bytes, layout) : sheetRows(bytes, layout);
const withRows = (bytes: Uint8Array, rows: readonly string[][], layout: Layout): Uint8Array =>
  isText(layout) ? asFile(rows, layout) : asBook(bytes, rows, layout);

/** Roles whose cells the read-back compares where a layout has them. */
const COMPARED = new Set([
  'stem',
  'option',
  'key',
  'right',
  'wrong',
  'verdict',
  'weight',
  'accepted',
  'left',
  'right-side',
  'pair',
  'step',
  'hint',
  'explanation',
  'title',
  'feedback',
]);

describe.each(ofRows.map((layout) => [layout.name, layout] as const))('%s', (_name, layout) => {
  const first = (layout.file.firstRow ?? 2) - 1;

  it('the same rows written by another program are still as meant', async () => {
    const { file, meant } = await filledBy(layout, BANK);
    const bytes = withRows(file.bytes, rowsIn(file.bytes, layout), layout);
    expect(await proof({ name: file.name, bytes }, layout, meant)).toEqual([]);
  });

  it('a changed cell is told, whichever it is', async () => {
    const { file, meant } = await filledBy(layout, BANK);
    const rows = rowsIn(file.bytes, layout);
    const columns =
      layout.shape === 'rows'
        ? layout.columns.filter(({ role }) => COMPARED.has(role)).map(({ column }) => column)
        : ['B'];
    let changed = 0;
    for (const letters of columns.slice(0, 8)) {
      const column = letters.charCodeAt(0) - 65;
      const r = rows.findIndex((row, index) => index >= first && row[column]);
      if (r < 0) {
        continue;
      }
      const other = rows.map((row, index) =>
        index === r ? row.map((text, c) => (c === column ? `${text} x` : text)) : row,
      );
      const bytes = withRows(file.bytes, other, layout);
      const differences = await proof({ name: file.name, bytes }, layout, meant);
      expect(differences, `column ${letters}: ${rows[r]![column]}`).not.toEqual([]);
      changed++;
    }
    expect(changed).toBeGreaterThan(0);
  });

  it('a row that is lost, doubled or moved is told', async () => {
    const { file, meant } = await filledBy(layout, BANK);
    const rows = rowsIn(file.bytes, layout);
    const [before, [one, two, ...rest]] = [rows.slice(0, first), rows.slice(first)];
    const others = {
      lost: [...before, two!, ...rest],
      doubled: [...before, one!, one!, two!, ...rest],
      moved: [...before, two!, one!, ...rest],
    };
    for (const [what, list] of Object.entries(others)) {
      const bytes = withRows(file.bytes, list, layout);
      expect(await proof({ name: file.name, bytes }, layout, meant), what).not.toEqual([]);
    }
  });
});

describe('keys', () => {
  const choices = ofRows.filter(({ columns }) => columns.some(({ role }) => role === 'key'));
  const bank: Item[] = ['*a', 'a', 'b', 'c'].map((_, n) => ({
    id: `q${n}`,
    ref: `Q-${n}`,
    kind: 'choice-one',
    stem: { plain: `Which is number ${n}?` },
    options: options(
      ...['first', 'second', 'third'].map((text, i) => (i === n % 3 ? `*${text}` : text)),
    ),
  }));

  it.each(choices.map((layout) => [layout.name, layout] as const))(
    'of two questions that changed places are told in %s',
    async (_name, layout) => {
      const { file, meant } = await filledBy(layout, bank);
      const first = (layout.file.firstRow ?? 2) - 1;
      const column = layout.columns.find(({ role }) => role === 'key')!.column.charCodeAt(0) - 65;
      const rows = rowsIn(file.bytes, layout).map((row) => [...row]);
      const [one, two] = [rows[first]!, rows[first + 1]!];
      expect(one[column]).not.toBe(two[column]);
      [one[column], two[column]] = [two[column]!, one[column]!];
      const bytes = withRows(file.bytes, rows, layout);
      const differences = await proof({ name: file.name, bytes }, layout, meant);
      expect(new Set(differences.map(({ n }) => n))).toEqual(new Set([1, 2]));
    },
  );
});

describe('marked text', () => {
  const layout = STARTERS.find(({ shape }) => shape === 'marked-text')!;
  const lines = (bytes: Uint8Array): string[] => strFromU8(bytes).split(/\r?\n/);

  it('a line that is lost, doubled or changed is told', async () => {
    const { file, meant } = await filledBy(layout, demoBank());
    const all = lines(file.bytes);
    const { comment = '' } = layout.marks ?? {};
    const isRead = (line: string): boolean =>
      line.trim() !== '' && !(comment && line.startsWith(comment));
    const filled = all.flatMap((line, index) => (isRead(line) ? [index] : []));
    for (const index of filled.slice(0, 25)) {
      const lost = all.filter((_, place) => place !== index);
      const changed = all.map((line, place) => (place === index ? `${line} x` : line));
      for (const text of [lost, changed]) {
        const bytes = strToU8(text.join('\n'));
        const differences = await proof({ name: file.name, bytes }, layout, meant);
        expect(differences, all[index]).not.toEqual([]);
      }
    }
  });
});

describe('packages', () => {
  const packages = STARTERS.filter(({ shape }) => shape === 'package');

  it.each(packages.map((layout) => [layout.name, layout] as const))(
    'a part that is lost or says something else is told in %s',
    async (_name, layout) => {
      const { file, meant } = await filledBy(layout, EVERY_KIND);
      const words = EVERY_KIND.flatMap(({ options: list = [], pairs = [], steps = [] }) => [
        ...list.map(({ text }) => text.plain),
        ...pairs.map(({ left }) => left.plain),
        ...steps.map(({ plain }) => plain),
      ]);
      const parts = unzipSync(file.bytes);
      const items = Object.keys(parts).filter(
        (path) => /^(?:items|assessment)\//.test(path) && path.endsWith('.xml'),
      );
      expect(items.length).toBeGreaterThan(0);
      for (const path of items) {
        const xml = strFromU8(parts[path]!);
        const told = [
          xml.replace('What does a paddle', 'What does a gate'),
          ...words.map((word) => xml.replaceAll(`>${word}<`, `>${word} x<`)),
        ].filter((other) => other !== xml);
        for (const other of told) {
          const bytes = zipSync({ ...parts, [path]: strToU8(other) });
          const differences = await proof({ name: file.name, bytes }, layout, meant);
          expect(differences, path).not.toEqual([]);
        }
        const { [path]: _lost, ...rest } = parts;
        const without = await proof({ name: file.name, bytes: zipSync(rest) }, layout, meant);
        expect(without, `without ${path}`).not.toEqual([]);
      }
    },
  );
});

describe('boards', () => {
  const layout = STARTERS.find(({ shape }) => shape === 'grid')!;

  it('a cell that is changed or empty is told', async () => {
    const short = demoBank().filter(({ kind }) => kind === 'card' || kind === 'short');
    const { file, meant } = await filledBy(layout, short);
    const rows = sheetRows(file.bytes, layout);
    const questions = meant.items.map(({ stem }) => stem.plain);
    for (const [r, row] of rows.entries()) {
      for (const [c, text] of row.entries()) {
        if (!questions.includes(text)) {
          continue;
        }
        for (const other of ['', `${text} x`]) {
          const next = rows.map((line, y) =>
            line.map((cell, x) => (y === r && x === c ? other : cell)),
          );
          const bytes = asBook(file.bytes, next, layout);
          const differences = await proof({ name: file.name, bytes }, layout, meant);
          expect(differences, text).not.toEqual([]);
        }
      }
    }
  });
});
