// The one list of readers, and the door through which every source comes in.
import type { BankContents, Finding, Opened, ReadAs, Table } from '../model';
import { isBankFile, readBankFile, unpackBankFile } from './bank-file/reader';
import { blocked, CAPS, unreadable, type ReaderOptions, type SourceFile } from './contract';
import { readDelimitedText } from './delimited/reader';
import { disguise, isOldWorkbook } from './disguise';
import { decode } from './encoding';
import { held, heldTable, textStop } from './hold';
import { isOpenSheet, isOpenText, isWordPackage } from './kinds-of-package';
import { readOldWorkbook } from './old-workbook/reader';
import { asTable, findingsOf } from './opened';
import { openPackage } from './package';
import { isTestPackage, readTestPackage } from './test-package/reader';
import { asListed } from './text/listed';
import { openText } from './text/open';
import { say } from '../shared/say';

export { CAPS, type ReaderOptions, type SourceFile } from './contract';
export { readDelimitedText } from './delimited/reader';
export { readLayoutFile, type LayoutFileRead } from './layout-file/read';
export { asTable, fileOf, findingsOf } from './opened';
export { editDocument, looksOfDocument, textOfDocument, type ShownLook } from './text/edit';
export { openHtml, openText } from './text/open';
export { readRecords } from './text/records';

/** Whether a file is a zip package, by its first bytes. */
const isPackage = ({ bytes }: SourceFile): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** Readers of packages are heavy, and each is fetched when a file asks for it. */
async function openPacked(file: SourceFile): Promise<Opened> {
  const opened = openPackage(file.name, file.bytes);
  if ('finding' in opened) {
    return asTable({ file: file.name, format: 'xlsx', sheets: [], findings: [opened.finding] });
  }
  const { parts } = opened;
  if (isWordPackage(parts)) {
    const { readWordDocument } = await import('./word-document/reader');
    return asListed(readWordDocument(file.name, parts));
  }
  if (isOpenText(parts)) {
    const { readOpenText } = await import('./open-text/reader');
    return asListed(readOpenText(file.name, parts));
  }
  if (isOpenSheet(parts)) {
    const { readOpenSheet } = await import('./open-document/reader');
    return asTable(readOpenSheet(file.name, parts));
  }
  if (isBankFile(parts)) {
    return readBankFile(file.name, parts);
  }
  if (isTestPackage(parts)) {
    return readTestPackage(file.name, parts);
  }
  const { readWorkbook } = await import('./workbook/reader');
  return asTable(readWorkbook(file.name, parts));
}

function refused(file: SourceFile): Table | undefined {
  const format = /\.xlsx$/i.test(file.name) ? 'xlsx' : 'csv';
  if (file.bytes.length === 0) {
    return unreadable(
      file.name,
      format,
      'file-empty',
      say(
        '{name} is empty: it holds no bytes at all. Save it again in the program it comes from, then bring it in.',
        { name: file.name },
      ),
    );
  }
  if (file.bytes.length > CAPS.fileBytes) {
    return unreadable(
      file.name,
      format,
      'file-too-large',
      say(
        '{name} has {bytes} MiB; {fileBytes} MiB at most are taken. Split it and bring the parts in one by one.',
        {
          name: file.name,
          bytes: (file.bytes.length / 1_048_576).toFixed(0),
          fileBytes: CAPS.fileBytes / 1_048_576,
        },
      ),
    );
  }
  const other = disguise(file);
  return other && unreadable(file.name, format, other.rule, other.message);
}

/** Opens a file by its contents rather than its name. Never throws for bad input: see the findings within. */
export async function openFile(file: SourceFile, options: ReaderOptions = {}): Promise<Opened> {
  const refusal = refused(file);
  if (refusal) {
    return asTable(refusal);
  }
  if (isPackage(file)) {
    return held(await openPacked(file));
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
  if (/\.(?:xlsx|ods|docx|odt)$/i.test(name)) {
    findings.push({
      rule: 'file-kind-differs',
      level: 'warn',
      where: { file: name },
      message: say('{name} is called a {kind} but holds plain text; it was read as text.', {
        name,
        kind: /(?:docx|odt)$/i.test(name) ? say('document') : say('workbook'),
      }),
    });
  }
  const nul = text.indexOf('\u0000');
  if (nul >= 0) {
    const line = text.slice(0, nul).split('\n').length;
    findings.push({
      rule: 'nul-bytes',
      level: 'warn',
      where: { file: name, line },
      message: say(
        '{name} holds NUL bytes, the first in line {line}; they were left out of the texts.',
        { name, line },
      ),
    });
  }
  return findings;
}

/** Reads a file as a table, whatever its text looks like: for blanks and for files that are read back. */
export async function readTable(file: SourceFile, options: ReaderOptions = {}): Promise<Table> {
  const refusal = refused(file);
  if (refusal) {
    return refusal;
  }
  if (isPackage(file)) {
    const opened = await openPacked(file);
    return opened.is === 'table'
      ? heldTable(opened.table)
      : unreadable(
          file.name,
          'xlsx',
          'file-not-a-table',
          say('{name} is {is}, not a workbook or text with columns.', {
            name: file.name,
            is:
              opened.is === 'document'
                ? say('a word-processor document')
                : say('a package of questions'),
          }),
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
  // The commas of a sample of JSON part no columns: its values have names.
  const named = /\.json$/i.test(file.name) ? openText(file.name, text) : undefined;
  if (named?.is === 'table' && named.table.format === 'json') {
    return heldTable(named.table);
  }
  const table = heldTable({ ...readDelimitedText(file.name, text, options), encoding });
  table.findings.push(...textFindings(file.name, text.slice(0, 65_536)));
  return table;
}

/** Which readings a text may be overruled to; none for packages and workbooks. */
export const readableAs = (opened: Opened): ReadAs[] =>
  opened.is === 'stated' ||
  (opened.is === 'table' &&
    ['xlsx', 'xls', 'ods', 'docx', 'odt', 'json'].includes(opened.table.format))
    ? []
    : ['table', 'questions', 'terms'];

/** A bank file with all that it holds, or the finding that says why it can't be had. */
export function unpackBank(
  name: string,
  bytes: Uint8Array,
): { contents: BankContents } | { finding: Finding } {
  const opened = isPackage({ name, bytes }) ? openPackage(name, bytes) : undefined;
  if (opened && 'finding' in opened) {
    return opened;
  }
  if (!opened || !isBankFile(opened.parts)) {
    return {
      finding: blocked(
        name,
        'no-bank-file',
        say(
          '{name} is no bank file. Choose a file that “Save this bank as a file” wrote, or bring other files in at Gather.',
          { name },
        ),
      ),
    };
  }
  const unpacked = unpackBankFile(name, opened.parts);
  return 'problem' in unpacked
    ? { finding: blocked(name, unpacked.problem.rule, unpacked.problem.message) }
    : unpacked;
}
