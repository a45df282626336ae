// The one list of readers, and the door through which every source comes in.
import type { BankContents, Finding, Opened, ReadAs, Sheet, Table } from '../model';
import { isBankFile, readBankFile, unpackBankFile } from './bank-file/reader';
import { CAPS, blocked, unreadable, type ReaderOptions, type SourceFile } from './contract';
import { readDelimitedText } from './delimited/reader';
import { held, heldTable, tellRuns, textStop, withoutLongRunsInLines } from './hold';
import { disguise, isOldWorkbook } from './disguise';
import { decode } from './encoding';
import { looksLikeHtml, readHtml } from './html/reader';
import { isOpenSheet, readOpenSheet } from './open-document/reader';
import { readOldWorkbook } from './old-workbook/reader';
import { openPackage } from './package';
import {
  isTestPackage,
  readTestPackage,
  readTestXml,
  looksLikeTestXml,
} from './test-package/reader';
import { findFences, readBarTable } from './text/blocks';
import { readJsonTable } from './text/json';
import { readTextDocument } from './text/reader';
import { shapeOf } from './text/shape';
import { readTerms } from './text/terms';
import { readWorkbook } from './workbook/reader';
import { isWordPackage, readWordDocument } from './word-document/reader';

export { readLayoutFile, type LayoutFileRead } from './layout-file/read';
export type { ReaderOptions, SourceFile } from './contract';
export { CAPS } from './contract';
export { editDocument, looksOfDocument, textOfDocument, type ShownLook } from './text/edit';
export { readDelimitedText } from './delimited/reader';

const asTable = (table: Table): Opened => ({ is: 'table', table });
const bare = (sheet: Pick<Sheet, 'name' | 'rows'> & Partial<Sheet>): Sheet => ({
  hidden: false,
  merges: [],
  validations: [],
  comments: [],
  formulas: [],
  dates: [],
  isProtected: false,
  ...sheet,
});
const textTable = (
  file: string,
  format: Table['format'],
  sheet: Pick<Sheet, 'name' | 'rows'> & Partial<Sheet>,
): Opened => asTable({ file, format, sheets: [bare(sheet)], findings: [] });

/** What stands in code fences, as one table or text; undefined where the fences hold nothing to read. */
function openFences(name: string, source: string, options: ReaderOptions): Opened | undefined {
  const lines = source.split(/\r\n?|\n/);
  const fences = findFences(lines);
  if (fences.length > CAPS.fences) {
    return stopped(
      name,
      blocked(
        name,
        'too-many-fences',
        `${name} has ${fences.length.toLocaleString('en-GB')} code fences; ${CAPS.fences} at most are taken. Split it and bring the parts in one by one.`,
      ),
    );
  }
  const parts = fences.flatMap((fence): Opened[] => {
    const inner = fence.lines.join('\n');
    if (!inner.trim()) {
      return [];
    }
    const opened = openPlain(name, inner, options, fence.first);
    return opened.is === 'document' && opened.document.lines.length < 3 ? [] : [opened];
  });
  const tables = parts.flatMap((part) => (part.is === 'table' ? [part.table] : []));
  if (!tables.length) {
    return parts.find((part) => part.is !== 'table');
  }
  // Several fences of one reply continue one another.
  const [first, ...others] = tables;
  const sheet = first!.sheets[0]!;
  for (const other of others) {
    const more = other.sheets[0];
    if (!more) {
      continue;
    }
    sheet.lines ??= sheet.rows.map((_, index) => index + 1);
    for (const line of more.lines ?? more.rows.map((_, index) => index + 1)) {
      sheet.lines.push(line);
    }
    for (const [place, runs] of Object.entries(more.rich ?? {})) {
      const [r, c] = place.split(':');
      (sheet.rich ??= {})[`${Number(r) + sheet.rows.length}:${c}`] = runs;
    }
    for (const row of more.rows) {
      sheet.rows.push(row);
    }
  }
  return asTable(first!);
}

/** Text without fences: JSON, a table with bars, terms, questions one below the other, or columns. */
function openPlain(name: string, source: string, options: ReaderOptions, firstLine = 1): Opened {
  const json = readJsonTable(name, source);
  if (json) {
    return textTable(name, 'json', json);
  }
  const isColumnFile = /\.(?:csv|tsv|tab)$/i.test(name);
  const lines = isColumnFile || !source.includes('|') ? [] : source.split(/\r\n?|\n/);
  const bars = options.separator ? undefined : readBarTable(name, lines, firstLine);
  if (bars) {
    return textTable(name, 'txt', bars);
  }
  const shape = shapeOf(source, name);
  if (options.separator || shape.as === 'table') {
    const table = readDelimitedText(name, source, options);
    for (const sheet of table.sheets) {
      if (firstLine > 1) {
        sheet.lines = (sheet.lines ?? sheet.rows.map((_, index) => index + 1)).map(
          (line) => line + firstLine - 1,
        );
      }
    }
    return asTable(table);
  }
  const terms = shape.as === 'terms' ? readTerms(name, source.split(/\r\n?|\n/)) : undefined;
  if (terms) {
    return textTable(name, 'txt', {
      ...terms.sheet,
      lines: terms.sheet.lines!.map((line) => line + firstLine - 1),
    });
  }
  const document = readTextDocument(name, source);
  return {
    is: 'document',
    document: {
      ...document,
      lines: document.lines.map((line) => ({ ...line, line: line.line + firstLine - 1 })),
    },
  };
}

/** A document whose paragraphs are a list of terms, or rows with tabs, as the table that it is. */
function asListed(opened: Opened): Opened {
  if (opened.is !== 'document' || opened.document.lines.length < 2) {
    return opened;
  }
  const { file, format, lines, findings } = opened.document;
  const text = lines.map((line) => line.text).join('\n');
  const shape = lines.some((line) => line.label && !line.label.startsWith('•'))
    ? undefined
    : shapeOf(text, '');
  if (shape?.as === 'terms') {
    const terms = readTerms(
      file,
      lines.map((line) => line.text),
    );
    if (terms) {
      return asTable({ file, format, sheets: [bare(terms.sheet)], findings });
    }
  }
  const tabbed = lines.filter((line) => line.text.includes('\t')).length;
  if (shape?.as !== 'table' || tabbed < lines.filter((line) => line.text.trim()).length * 0.6) {
    return opened;
  }
  const table = readDelimitedText(file, text, { separator: '\t' });
  return asTable({ ...table, format, findings: [...findings, ...table.findings] });
}

/** HTML from the clipboard: its tables, its list of terms, or its text. */
export const openHtml = (name: string, html: string): Opened =>
  held(asListed(readHtml(name, html)));

const stopped = (name: string, finding: Finding): Opened =>
  asTable({ file: name, format: 'txt', sheets: [], findings: [finding] });

/** Text that is decoded already, as from the clipboard. `as` is what the user says it is. */
export function openText(name: string, source: string, options: ReaderOptions = {}): Opened {
  const stop = textStop(name, source);
  if (stop) {
    return stopped(name, stop);
  }
  const calm = withoutLongRunsInLines(source);
  const opened = held(textOpened(name, calm, options));
  return calm === source ? opened : tellRuns(opened, name);
}

function textOpened(name: string, source: string, options: ReaderOptions): Opened {
  if (options.as === 'questions') {
    return { is: 'document', document: readTextDocument(name, source) };
  }
  if (options.as === 'table') {
    return asTable(readDelimitedText(name, source, options));
  }
  if (options.as === 'terms') {
    const terms = readTerms(name, source.split(/\r\n?|\n/));
    return terms
      ? textTable(name, 'txt', terms.sheet)
      : asTable(readDelimitedText(name, source, options));
  }
  if (looksLikeTestXml(source)) {
    return readTestXml(name, source);
  }
  if (looksLikeHtml(source)) {
    return openHtml(name, source);
  }
  return (
    (/^\s*(?:`{3}|~{3})/m.test(source) && !options.separator
      ? openFences(name, source, options)
      : undefined) ?? openPlain(name, source, options)
  );
}

/** What was found amiss on reading, whatever was read. */
export function findingsOf(opened: Opened): Finding[] {
  switch (opened.is) {
    case 'table':
      return opened.table.findings;
    case 'document':
      return opened.document.findings;
    case 'stated':
      return opened.stated.findings;
  }
}

function openPacked(file: SourceFile): Opened {
  const opened = openPackage(file.name, file.bytes);
  if ('finding' in opened) {
    return asTable({ file: file.name, format: 'xlsx', sheets: [], findings: [opened.finding] });
  }
  const { parts } = opened;
  if (isWordPackage(parts)) {
    return asListed(readWordDocument(file.name, parts));
  }
  if (isOpenSheet(parts)) {
    return asTable(readOpenSheet(file.name, parts));
  }
  if (isBankFile(parts)) {
    return readBankFile(file.name, parts);
  }
  if (isTestPackage(parts)) {
    return readTestPackage(file.name, parts);
  }
  return asTable(readWorkbook(file.name, parts));
}

function refused(file: SourceFile): Table | undefined {
  const format = /\.xlsx$/i.test(file.name) ? 'xlsx' : 'csv';
  if (file.bytes.length === 0) {
    return unreadable(
      file.name,
      format,
      'file-empty',
      `${file.name} is empty: it holds no bytes at all. Save it again in the program it comes from, then bring it in.`,
    );
  }
  if (file.bytes.length > CAPS.fileBytes) {
    return unreadable(
      file.name,
      format,
      'file-too-large',
      `${file.name} has ${(file.bytes.length / 1_048_576).toFixed(0)} MiB; ${CAPS.fileBytes / 1_048_576} MiB at most are taken. Split it and bring the parts in one by one.`,
    );
  }
  const other = disguise(file);
  return other && unreadable(file.name, format, other.rule, other.message);
}

/** Opens a file by its contents rather than its name. Never throws for bad input: see the findings within. */
export async function openFile(file: SourceFile, options: ReaderOptions = {}): Promise<Opened> {
  const no = refused(file);
  if (no) {
    return asTable(no);
  }
  if (file.bytes[0] === 0x50 && file.bytes[1] === 0x4b) {
    return held(openPacked(file));
  }
  if (isOldWorkbook(file.bytes)) {
    return held(asTable(await readOldWorkbook(file)));
  }
  const decoded = decode(file.bytes, options.encoding);
  const opened = openText(file.name, decoded.text, options);
  findingsOf(opened).push(...textFindings(file.name, decoded.text));
  if (opened.is === 'table') {
    opened.table.encoding = decoded.encoding;
  } else if (opened.is === 'document') {
    opened.document.encoding = decoded.encoding;
  }
  return opened;
}

function textFindings(name: string, text: string): Finding[] {
  const findings: Finding[] = [];
  if (/\.(?:xlsx|ods|docx)$/i.test(name)) {
    findings.push({
      rule: 'file-kind-differs',
      level: 'warn',
      where: { file: name },
      message: `${name} is called a ${/docx$/i.test(name) ? 'document' : 'workbook'} but holds plain text; it was read as text.`,
    });
  }
  const nul = text.indexOf('\u0000');
  if (nul >= 0) {
    const line = text.slice(0, nul).split('\n').length;
    findings.push({
      rule: 'nul-bytes',
      level: 'warn',
      where: { file: name, line },
      message: `${name} holds NUL bytes, the first in line ${line}; they were left out of the texts.`,
    });
  }
  return findings;
}

/** Reads a file as a table, whatever its text looks like: for blanks and for files that are read back. */
export async function readTable(file: SourceFile, options: ReaderOptions = {}): Promise<Table> {
  const no = refused(file);
  if (no) {
    return no;
  }
  if (file.bytes[0] === 0x50 && file.bytes[1] === 0x4b) {
    const opened = openPacked(file);
    return opened.is === 'table'
      ? heldTable(opened.table)
      : unreadable(
          file.name,
          'xlsx',
          'file-not-a-table',
          `${file.name} is ${opened.is === 'document' ? 'a word-processor document' : 'a package of questions'}, not a workbook or text with columns.`,
        );
  }
  if (isOldWorkbook(file.bytes)) {
    return heldTable(await readOldWorkbook(file));
  }
  const { text, encoding } = decode(file.bytes, options.encoding);
  const stop = textStop(file.name, text);
  if (stop) {
    return { file: file.name, format: 'csv', sheets: [], findings: [stop] };
  }
  const table = heldTable({ ...readDelimitedText(file.name, text, options), encoding });
  table.findings.push(...textFindings(file.name, text.slice(0, 65_536)));
  return table;
}

/** Which readings a text may be overruled to; none for packages and workbooks. */
export const readableAs = (opened: Opened): ReadAs[] =>
  opened.is === 'stated' ||
  (opened.is === 'table' && ['xlsx', 'xls', 'ods', 'docx', 'json'].includes(opened.table.format))
    ? []
    : ['table', 'questions', 'terms'];

/** A bank file with all that it holds, or the finding that says why it can't be had. */
export function unpackBank(
  name: string,
  bytes: Uint8Array,
): { contents: BankContents } | { finding: Finding } {
  const opened = bytes[0] === 0x50 && bytes[1] === 0x4b ? openPackage(name, bytes) : undefined;
  if (opened && 'finding' in opened) {
    return opened;
  }
  if (!opened || !isBankFile(opened.parts)) {
    return {
      finding: blocked(
        name,
        'no-bank-file',
        `${name} is no bank file. Choose a file that “Save this bank as a file” wrote, or bring other files in at Gather.`,
      ),
    };
  }
  const unpacked = unpackBankFile(name, opened.parts);
  return 'problem' in unpacked
    ? { finding: blocked(name, unpacked.problem.rule, unpacked.problem.message) }
    : unpacked;
}
