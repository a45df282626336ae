// Blocks as a document of Office Open XML (ECMA-376), written by the docx library.
import {
  BorderStyle,
  Document,
  Footer,
  Header,
  HeadingLevel,
  ImageRun,
  Packer,
  PageBreak,
  PageNumber,
  Paragraph,
  Table,
  TableCell,
  TableRow,
  TabStopPosition,
  TabStopType,
  TextRun,
  WidthType,
} from 'docx';
import type { Run } from '../../../model';
import type { Block } from './blocks';
import type { PageLines } from '../page';
import { pictureOf } from './picture';

/** In twentieths of a point: a step to the right, the room between columns; in half points: small words. */
const STEP = 360;
const BETWEEN = 500;
const SMALL = 18;
const ROOM = 420;

function textRuns(runs: readonly Run[], size?: number): TextRun[] {
  return runs.flatMap(({ text, bold, italic, underline, sub, sup }) =>
    text.split('\n').map(
      (line, at) =>
        new TextRun({
          text: line,
          ...(at ? { break: 1 } : {}),
          ...(bold ? { bold } : {}),
          ...(italic ? { italics: true } : {}),
          ...(underline ? { underline: {} } : {}),
          ...(sub ? { subScript: true } : {}),
          ...(sup ? { superScript: true } : {}),
          ...(size ? { size } : {}),
        }),
    ),
  );
}

const LINE = { style: BorderStyle.SINGLE, size: 4, color: '999999' };
const NO_LINE = { style: BorderStyle.NONE, size: 0, color: 'FFFFFF' };

function tableOf({ rows, hasHead, isOpen }: Extract<Block, { is: 'table' }>): Table {
  const line = isOpen ? NO_LINE : LINE;
  const borders = { top: line, bottom: line, left: line, right: line };
  return new Table({
    width: { size: 100, type: WidthType.PERCENTAGE },
    rows: rows.map(
      (cells, at) =>
        new TableRow({
          tableHeader: hasHead && at === 0,
          cantSplit: true,
          children: cells.map(
            (runs) =>
              new TableCell({
                borders,
                children: [
                  new Paragraph({
                    children: textRuns(
                      hasHead && at === 0 ? runs.map((run) => ({ ...run, bold: true })) : runs,
                    ),
                  }),
                ],
              }),
          ),
        }),
    ),
  });
}

function picture({ href, alt }: Extract<Block, { is: 'picture' }>): Paragraph {
  const found = pictureOf(href);
  if (!found) {
    return new Paragraph({ children: textRuns([{ text: alt, italic: true }]) });
  }
  const { bytes, type, width, height } = found;
  return new Paragraph({
    keepNext: true,
    children: [
      new ImageRun({
        type,
        data: bytes,
        transformation: { width, height },
        altText: { name: alt || 'picture', title: alt, description: alt },
      }),
    ],
  });
}

function elementOf(block: Block): Paragraph | Table {
  switch (block.is) {
    case 'heading':
      return new Paragraph({
        heading: block.level === 1 ? HeadingLevel.HEADING_1 : HeadingLevel.HEADING_2,
        children: textRuns(block.runs),
      });
    case 'table':
      return tableOf(block);
    case 'picture':
      return picture(block);
    case 'new-page':
      return new Paragraph({ children: [new PageBreak()] });
    case 'room':
      return new Paragraph({
        spacing: { before: ROOM },
        border: { bottom: LINE },
        children: [],
      });
    case 'paragraph':
      return new Paragraph({
        keepLines: true,
        keepNext: block.keeps === true,
        indent: { left: (block.indent ?? 0) * STEP },
        children: textRuns(block.runs, block.small ? SMALL : undefined),
      });
  }
}

/** Where the page's number ends, in twentieths of a point from the left. */
const AT_RIGHT = { type: TabStopType.RIGHT, position: TabStopPosition.MAX } as const;

const footerOf = (foot = ''): Footer =>
  new Footer({
    children: [
      new Paragraph({
        tabStops: [AT_RIGHT],
        children: [
          new TextRun({
            children: [foot, '\t', PageNumber.CURRENT, ' / ', PageNumber.TOTAL_PAGES],
            size: SMALL,
          }),
        ],
      }),
    ],
  });

const headerOf = (head: string): Header =>
  new Header({
    children: [new Paragraph({ children: [new TextRun({ text: head, size: SMALL })] })],
  });

/** The bytes of a document with these blocks, the lines of every page and its number. */
export async function wordDocument(
  title: string,
  blocks: readonly Block[],
  { columns, head, foot }: PageLines & { columns: 1 | 2 },
): Promise<Uint8Array> {
  const document = new Document({
    title,
    creator: 'Cowslip',
    styles: { default: { document: { run: { font: 'Calibri', size: 22 } } } },
    sections: [
      {
        properties: { column: { count: columns, space: BETWEEN } },
        ...(head ? { headers: { default: headerOf(head) } } : {}),
        footers: { default: footerOf(foot) },
        children: blocks.map(elementOf),
      },
    ],
  });
  return new Uint8Array(await Packer.toArrayBuffer(document));
}
