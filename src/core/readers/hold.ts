// What was read, held against the caps that go for every kind of source, and long runs of one sign made short.
import type { Apart, DocumentLine, Finding, Opened, Sheet, Table } from '../model';
import { blocked, CAPS } from './contract';
import { OverCap, overCapFinding, TableBudget } from './over-cap';
import { say } from '../shared/say';

/** A stretch without letter or digit says nothing more from this length on. */
const LONGEST_RUN = 200;
const RUN = /[^\p{L}\p{N}]{201,}/gu;
/** The same within a line, where the signs between columns may well follow one another. */
const RUN_IN_LINE = /[^\p{L}\p{N}\r\n\t,;|"]{201,}/gu;

const shortRun = (run: string): string => run.slice(0, LONGEST_RUN);

/** The text with each long run made short. Patterns that look for signs would otherwise take for ever over them. */
export const withoutLongRuns = (text: string): string =>
  text.length <= LONGEST_RUN ? text : text.replace(RUN, shortRun);

/** Letters and digits of ASCII, and what may follow one another between columns; all else may be part of a run. */
const ENDS_RUN = /[A-Za-z0-9\r\n\t,;|"]/;

/** So many places from here on, one way, that may be part of a run; no more than make it a long one. */
function runFrom(text: string, place: number, step: 1 | -1): number {
  let length = 0;
  while (
    length <= LONGEST_RUN &&
    place >= 0 &&
    place < text.length &&
    !ENDS_RUN.test(text[place]!)
  ) {
    place += step;
    length++;
  }
  return length;
}

/** Whether a text may have a long run: one would cover one of the places that are looked at. */
function mayHaveLongRun(text: string): boolean {
  for (let place = 0; place < text.length; place += LONGEST_RUN) {
    const length = runFrom(text, place, 1) + runFrom(text, place - 1, -1);
    if (length > LONGEST_RUN) {
      return true;
    }
  }
  return false;
}

/** A whole source with the long runs of its lines made short; lines and columns stay what they are. */
export const withoutLongRunsInLines = (source: string): string =>
  mayHaveLongRun(source) ? source.replace(RUN_IN_LINE, shortRun) : source;

const runsFinding = (file: string, places: number): Finding => ({
  rule: 'long-run-shortened',
  level: 'note',
  where: { file },
  message: say(
    '{file} has {places} with more than {longestRun} signs or blanks in a row and no letter among them; {longestRun} of them were kept.',
    {
      file,
      places: places === 1 ? say('a place') : say('{places} places', { places }),
      longestRun: LONGEST_RUN,
    },
  ),
});

function shortenRuns(rows: string[][]): number {
  let places = 0;
  for (const row of rows) {
    row.forEach((text, column) => {
      const short = withoutLongRuns(text);
      if (short !== text) {
        row[column] = short;
        places++;
      }
    });
  }
  return places;
}

function countSheet({ rows }: Sheet, budget: TableBudget): void {
  for (const [row, cells] of rows.entries()) {
    if (cells.length) {
      budget.column(cells.length - 1);
    }
    cells.forEach((text, column) => budget.take(text.length, 1, { row, column }));
  }
}

/** A table within the caps, or one without sheets and with the finding that says which cap it goes past. */
export function heldTable(table: Table): Table {
  const budget = new TableBudget();
  try {
    table.sheets.forEach((sheet) => countSheet(sheet, budget));
  } catch (error) {
    if (error instanceof OverCap) {
      return { ...table, sheets: [], findings: [overCapFinding(table.file, error)] };
    }
    throw error;
  }
  const places = table.sheets.reduce((sum, { rows }) => sum + shortenRuns(rows), 0);
  return places
    ? { ...table, findings: [...table.findings, runsFinding(table.file, places)] }
    : table;
}

const isCalm = ({ text }: DocumentLine): boolean => withoutLongRuns(text) === text;

/** A line whose runs were long keeps no formatting, since its places have moved. */
const calmLine = ({ runs: _runs, ...line }: DocumentLine): DocumentLine => ({
  ...line,
  text: withoutLongRuns(line.text),
});

/** Says that a source's long runs were made short before it was read. */
export function tellRuns(opened: Opened, file: string): Opened {
  if (opened.is === 'table') {
    opened.table.findings.push(runsFinding(file, 1));
  } else if (opened.is === 'document') {
    opened.document.findings.push(runsFinding(file, 1));
  }
  return opened;
}

/** The text and the tables of a source each without the other, within the caps; nothing where its text has long runs. */
const heldApart = (apart: Apart | undefined): { apart?: Apart } =>
  apart?.document.lines.every(isCalm) ? { apart: { ...apart, table: heldTable(apart.table) } } : {};

/** What was read, within the caps. */
export function held(opened: Opened): Opened {
  if (opened.is === 'table') {
    return { is: 'table', table: heldTable(opened.table) };
  }
  if (opened.is === 'stated') {
    return opened;
  }
  if (opened.document.lines.every(isCalm)) {
    return { is: 'document', document: opened.document, ...heldApart(opened.apart) };
  }
  const { document } = opened;
  const places = document.lines.filter((line) => !isCalm(line)).length;
  return {
    is: 'document',
    document: {
      ...document,
      lines: document.lines.map((line) => (isCalm(line) ? line : calmLine(line))),
      findings: [...document.findings, runsFinding(document.file, places)],
    },
  };
}

const CONTROL = /[\u0000-\u0008\u000e-\u001f\u007f\ufffd]/g;
/** Text whose every twentieth sign is a control sign is none. */
const MOST_CONTROL = 0.05;
const SAMPLE = 64_000;

/** Why a decoded text can't be read at all; undefined where it can. */
export function textStop(file: string, text: string): Finding | undefined {
  const sample = text.slice(0, SAMPLE);
  const control = sample.match(CONTROL)?.length ?? 0;
  if (control > sample.length * MOST_CONTROL && control > 20) {
    return blocked(
      file,
      'file-not-text',
      say(
        '{file} is neither a table nor text: it is full of signs that no text has. Open it in the program it comes from and save it as .xlsx, .docx or plain text.',
        { file },
      ),
    );
  }
  let lines = 1;
  for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n', at + 1)) {
    lines++;
  }
  return lines > CAPS.lines
    ? blocked(
        file,
        'too-many-lines',
        say(
          '{file} has {lines, number} lines; {CAPSLines, number} at most are taken. Split it and bring the parts in one by one.',
          { file, lines, CAPSLines: CAPS.lines },
        ),
      )
    : undefined;
}
