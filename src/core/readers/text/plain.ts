// Text without fences: JSON, a table with bars, columns, a list of terms, or questions one below the other.
import type { Document, Finding, Opened, Table } from '../../model';
import type { ReaderOptions } from '../contract';
import { readDelimitedText } from '../delimited/reader';
import { quoted } from '../../shared/plain';
import { questionsBeside } from '../beside-table';
import { asDocument, asTable, findingsOf, textTable } from '../opened';
import { readBarTable } from './blocks';
import { readJsonTable, readYamlTable } from './json';
import type { Torn } from './json-part';
import { readTextDocument } from './reader';
import { readFieldTable } from './fields';
import { shapeOf } from './shape';
import { readTerms, type Terms } from './terms';
import { say } from '../../shared/say';

const linesIn = (source: string): string[] => source.split(/\r\n?|\n/);

/** A table whose rows are counted from a line further down. */
function tableFrom(table: Table, firstLine: number): Table {
  if (firstLine > 1) {
    for (const sheet of table.sheets) {
      const lines = sheet.lines ?? sheet.rows.map((_, index) => index + 1);
      sheet.lines = lines.map((line) => line + firstLine - 1);
    }
  }
  return table;
}

const documentFrom = (document: Document, firstLine: number): Document => ({
  ...document,
  lines: document.lines.map((line) => ({ ...line, line: line.line + firstLine - 1 })),
});

/** A table drawn with bars; undefined where there is none, or the file's name says that it has columns. */
function openBars(name: string, source: string, firstLine: number): Opened | undefined {
  const isColumnFile = /\.(?:csv|tsv|tab)$/i.test(name);
  if (isColumnFile || !source.includes('|')) {
    return undefined;
  }
  const lines = linesIn(source);
  const bars = readBarTable(name, lines, firstLine);
  if (!bars) {
    return undefined;
  }
  const opened = textTable(name, 'txt', bars);
  const inTable = new Set(bars.lines);
  const beside = lines.map((line, at) => (inTable.has(firstLine + at) ? '' : line));
  const more = questionsBeside(
    name,
    beside.map((text, at) => ({ text, line: firstLine + at })),
  );
  findingsOf(opened).push(...more);
  return opened;
}

const LETTER_OR_RULE = /^(?:.|[-–—_=~*#\s]+)$/u;

/** What is told of the lines beside terms: a title that became no category, an instruction. The letters of a glossary say nothing. */
function besideTerms(
  { sheet, lastLines = sheet.lines }: Terms,
  all: readonly string[],
  { name, firstLine }: { name: string; firstLine: number },
): Finding[] {
  const taken = new Set([...sheet.lines!, ...lastLines!]);
  const titles = new Set(sheet.rows.map(([, , title]) => title));
  return all.flatMap((whole, at): Finding[] => {
    const text = whole.trim();
    const line = firstLine + at;
    return !text || taken.has(at + 1) || titles.has(text) || LETTER_OR_RULE.test(text)
      ? []
      : [
          {
            rule: 'line-left-out',
            level: 'note',
            where: { file: name, line },
            message: say(
              'Line {line} says {text}, and is no term with its definition. It was left out.',
              { line, text: quoted(text) },
            ),
          },
        ];
  });
}

function openTerms(name: string, source: string, firstLine: number): Opened | undefined {
  const all = linesIn(source);
  const terms = readTerms(name, all);
  if (!terms) {
    return undefined;
  }
  const lines = terms.sheet.lines!.map((line) => line + firstLine - 1);
  const opened = textTable(name, 'txt', { ...terms.sheet, lines });
  findingsOf(opened).push(...besideTerms(terms, all, { name, firstLine }));
  return opened.is === 'table' ? asTable({ ...opened.table, listsTerms: true }) : opened;
}

/** Questions as objects, in JSON or YAML; undefined where the text holds none. */
function openRecords(name: string, source: string, firstLine: number): Opened | undefined {
  const read = readJsonTable(name, source) ?? readYamlTable(name, source);
  if (!read) {
    return undefined;
  }
  const { torn = [], mended = [], ...sheet } = read;
  const opened = textTable(name, 'json', sheet);
  const tell = (rule: string, about: Torn, sentence: (begins: string) => string): void => {
    const line = about.line + firstLine - 1;
    const message = sentence(say('What begins in line {line}', { line }));
    findingsOf(opened).push({ rule, level: 'warn', where: { file: name, line }, message });
  };
  const whole = sheet.rows.length - 1;
  for (const one of torn) {
    tell('object-torn', one, (begins) =>
      say(
        '{begins} breaks off: {one}. It was left out; read whole: {whole, plural, one {# object} other {# objects}}.',
        {
          begins,
          one: quoted(one.text),
          whole,
        },
      ),
    );
  }
  for (const one of mended) {
    tell('object-mended', one, (begins) =>
      say(
        '{begins} is damaged: {one}. It was read as it seems to be meant; compare the question with your source.',
        { begins, one: quoted(one.text) },
      ),
    );
  }
  return opened;
}

/** Opens text by what it looks like; `firstLine` is its first line in the source, from 1. */
export function openPlain(
  name: string,
  source: string,
  options: ReaderOptions,
  firstLine = 1,
): Opened {
  const records = openRecords(name, source, firstLine);
  if (records) {
    return records;
  }
  const asColumns = (): Opened =>
    asTable(tableFrom(readDelimitedText(name, source, options), firstLine));
  if (options.separator) {
    return asColumns();
  }
  const bars = openBars(name, source, firstLine);
  if (bars) {
    return bars;
  }
  const fields = readFieldTable(name, linesIn(source), firstLine);
  if (fields) {
    return textTable(name, 'txt', fields);
  }
  const { as } = shapeOf(source, name);
  if (as === 'table') {
    return asColumns();
  }
  return (
    (as === 'terms' ? openTerms(name, source, firstLine) : undefined) ??
    asDocument(documentFrom(readTextDocument(name, source), firstLine))
  );
}

/** Opens text as what the user says it is. */
export function openAs(
  name: string,
  source: string,
  options: ReaderOptions & Required<Pick<ReaderOptions, 'as'>>,
): Opened {
  if (options.as === 'questions') {
    return asDocument(readTextDocument(name, source));
  }
  const terms = options.as === 'terms' ? openTerms(name, source, 1) : undefined;
  return terms ?? asTable(readDelimitedText(name, source, options));
}
