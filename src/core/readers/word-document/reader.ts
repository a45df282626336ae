// Word-processor documents (.docx): running text, or the questions of a table. An own reader rather than a general
// converter, since automatic numbers, restarts of lists, underlining and colour are what tells stems, options and keys.
import type { DocumentLine, Opened, Picture, Run, Sheet } from '../../model';
import { isFormatted, plainOf, sliceRuns } from '../../shared/rich-text';
import { base64 } from '../../shared/base64';
import { CAPS, blocked } from '../contract';
import { partText, readRelations, type Parts } from '../package';
import { isWordTable, readBody, type BodyPart, type Paragraph, type WordTable } from './body';
import { Numberer, readNumbering } from './numbering';
import { readStyles } from './styles';
import { defined } from '../../shared/defined';
import { findingsOf } from '../opened';
import { sheetWith } from '../../shared/sheet';

const PICTURES: Record<string, string> = {
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
};

function linesOfParagraph(paragraph: Paragraph, number: number): DocumentLine[] {
  let at = 0;
  return plainOf(paragraph.runs)
    .split('\n')
    .map((text, index): DocumentLine => {
      const runs = sliceRuns(paragraph.runs, at, at + text.length);
      at += text.length + 1;
      return defined({
        line: number + index,
        text: text.replace(/\u00a0/g, ' '),
        runs: isFormatted(runs)
          ? runs.map((run) => ({ ...run, text: run.text.replace(/\u00a0/g, ' ') }))
          : undefined,
        ...(index === 0 && paragraph.label
          ? { label: paragraph.label, level: paragraph.level ?? 0 }
          : {}),
        heading: index === 0 && paragraph.heading ? paragraph.heading : undefined,
        pictures: index === 0 && paragraph.pictures.length ? paragraph.pictures : undefined,
      });
    });
}

const joinCell = (cell: readonly Paragraph[]): Run[] =>
  cell.flatMap((paragraph, index) => [...(index ? [{ text: '\n' }] : []), ...paragraph.runs]);
const cellText = (cell: readonly Paragraph[]): string =>
  plainOf(joinCell(cell))
    .replace(/\u00a0/g, ' ')
    .trim();

/** A table as a sheet. */
function sheetOf({ table }: WordTable, name: string): Sheet {
  const rich: Record<string, Run[]> = {};
  const pictures: Record<string, Picture[]> = {};
  const rows = table.map((row, r) =>
    row.map((cell, c) => {
      const runs = joinCell(cell);
      if (isFormatted(runs)) {
        rich[`${r}:${c}`] = runs;
      }
      const own = cell.flatMap((paragraph) => paragraph.pictures);
      if (own.length) {
        pictures[`${r}:${c}`] = own;
      }
      return cellText(cell);
    }),
  );
  return sheetWith(
    defined({
      name,
      rows,
      rich: Object.keys(rich).length ? rich : undefined,
      pictures: Object.keys(pictures).length ? pictures : undefined,
    }),
  );
}

/** Whether a table holds a question or term a row, rather than one question laid out in cells. */
function isList({ table }: WordTable): boolean {
  const widths = table.map((row) => row.filter((cell) => cellText(cell)).length);
  const labels = table.filter((row) => /^\(?[A-Ja-j][).:]?$/.test(cellText(row[0] ?? []))).length;
  return (
    table.length > 1 &&
    widths.filter((width) => width > 1).length >= table.length * 0.6 &&
    labels < table.length * 0.5
  );
}

/** A layout table line by line: a cell that holds a letter labels the cell behind it, a mark in a cell of its own marks it. */
function linesOfTable({ table }: WordTable, number: number): DocumentLine[] {
  const lines: DocumentLine[] = [];
  for (const row of table) {
    const filled = row.filter(
      (cell) => cellText(cell) || cell.some((paragraph) => paragraph.pictures.length),
    );
    const label = /^\(?([A-Ja-j]|\d{1,3})[).:]?$/.exec(cellText(filled[0] ?? []));
    const rest = label ? filled.slice(1) : filled;
    rest.forEach((cell, index) => {
      const text = cellText(cell);
      if (index > 0 && /^(?:x|✓|✔|☑|\*|✗|☐)$/i.test(text) && lines.length) {
        lines.at(-1)!.text += ` ${/^x$/i.test(text) ? '✓' : text}`;
        delete lines.at(-1)!.runs;
        return;
      }
      cell.forEach((paragraph, at) =>
        lines.push(
          ...linesOfParagraph(
            index === 0 && at === 0 && label
              ? { ...paragraph, label: `${label[1]}${/\d/.test(label[1]!) ? '.' : ')'}` }
              : paragraph,
            number + lines.length,
          ),
        ),
      );
    });
  }
  return lines;
}

function documentOf(file: string, parts: readonly BodyPart[]): Opened {
  const lines: DocumentLine[] = [];
  for (const part of parts) {
    lines.push(
      ...(isWordTable(part)
        ? linesOfTable(part, lines.length + 1)
        : linesOfParagraph(part, lines.length + 1)),
    );
  }
  return { is: 'document', document: { file, format: 'docx', lines, findings: [] } };
}

function open(file: string, parts: Parts): Opened {
  const main = [...parts.keys()].find((name) => /^word\/document\d*\.xml$/.test(name))!;
  const relations = readRelations(parts, main);
  const target = (id: string): string =>
    relations.find((relation) => relation.id === id)?.target ?? '';
  const part = (type: string): string =>
    partText(parts, relations.find((relation) => relation.type === type)?.target ?? '');
  let left = 0;
  const body = readBody(partText(parts, main), {
    styles: readStyles(part('styles')),
    numberer: new Numberer(readNumbering(part('numbering'))),
    link: target,
    picture(id) {
      const path = target(id);
      const bytes = parts.get(path);
      const type = PICTURES[path.split('.').at(-1)?.toLowerCase() ?? ''];
      if (!bytes || !type || bytes.length > CAPS.pictureBytes) {
        if (path) {
          left++;
        }
        return '';
      }
      return `data:${type};base64,${base64(bytes)}`;
    },
  });
  const lists = body.filter(isWordTable).filter(isList);
  const inLists = lists.reduce(
    (sum, { table }) => sum + table.flat().reduce((all, cell) => all + cellText(cell).length, 0),
    0,
  );
  const outside = body
    .filter((one): one is Paragraph => !isWordTable(one))
    .reduce((sum, { runs }) => sum + plainOf(runs).length, 0);
  const opened: Opened =
    inLists > outside
      ? {
          is: 'table',
          table: {
            file,
            format: 'docx',
            sheets: lists.map((table, index) =>
              sheetOf(table, lists.length === 1 ? 'Table' : `Table ${index + 1}`),
            ),
            findings: [],
          },
        }
      : documentOf(file, body);
  if (left) {
    findingsOf(opened).push({
      rule: 'picture-left-out',
      level: 'warn',
      where: { file },
      message: `${left} ${left === 1 ? 'picture of' : 'pictures of'} ${file} ${left === 1 ? 'is' : 'are'} of a kind that can't be taken along, or larger than 2 MiB. Save them as PNG or JPEG and link them.`,
    });
  }
  return opened;
}

/** Reads an opened package as a document. Never throws for bad input. */
export function readWordDocument(name: string, parts: Parts): Opened {
  try {
    return open(name, parts);
  } catch {
    return {
      is: 'document',
      document: {
        file: name,
        format: 'docx',
        lines: [],
        findings: [
          blocked(
            name,
            'document-damaged',
            `${name} opens as a package, but its text is damaged and can't be read. Save it again in your word processor and bring it in.`,
          ),
        ],
      },
    };
  }
}
