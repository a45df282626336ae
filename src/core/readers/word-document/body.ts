// The body of a word-processor document: paragraphs with their runs, labels and pictures, and tables of them.
import type { Look, Picture, Run } from '../../model';
import { joinRuns } from '../../shared/rich-text';
import { parseXml, type Attributes } from '../xml';
import type { Numberer } from './numbering';
import { applyProperty, resolveStyle, type Style } from './styles';
import { defined } from '../../shared/defined';

export type Paragraph = {
  runs: Run[];
  label?: string;
  level?: number;
  heading?: number;
  pictures: Picture[];
};
export type WordTable = { table: Paragraph[][][] };
export type BodyPart = Paragraph | WordTable;
export type Parts = {
  styles: Map<string, Style>;
  numberer: Numberer;
  link(id: string): string;
  picture(id: string): string;
};

/** Whether a part of the body is a table rather than a paragraph. */
export const isWordTable = (part: BodyPart): part is WordTable => 'table' in part;

type Open = {
  runs: Run[];
  pictures: Picture[];
  style?: string;
  list?: string;
  level?: number;
  heading?: number;
};
/** Signs of the symbol fonts that people tick with. */
const SYMBOLS: Record<string, string> = {
  F0FE: '☑',
  F0FC: '✓',
  F0FB: '✗',
  F0A8: '☐',
  F06F: '☐',
  F052: '☑',
  F0E0: '→',
  F0B7: '•',
  F0A3: '☐',
};
/** What stands inside these is no text of the document, or stands there a second time. */
const SKIPPED = new Set([
  'del',
  'moveFrom',
  'Fallback',
  'instrText',
  'delText',
  'commentReference',
  'footnoteReference',
  'sectPr',
  'pPrChange',
  'rPrChange',
  'tblPr',
  'trPr',
]);

/** Takes in the elements of a document's body and gives its paragraphs and tables. */
export class BodyReader {
  readonly parts: BodyPart[] = [];
  private readonly paragraphs: Open[] = [];
  private readonly tables: Paragraph[][][][] = [];
  private look: Look = {};
  private href: string | undefined;
  private alt = '';
  private skipping = 0;
  private inRun = false;
  private inProperties = false;
  private inText = false;

  constructor(private readonly given: Parts) {}

  open(name: string, a: Attributes): void {
    if (this.skipping || SKIPPED.has(name)) {
      this.skipping++;
      return;
    }
    const paragraph = this.paragraphs.at(-1);
    switch (name) {
      case 'p':
        this.paragraphs.push({ runs: [], pictures: [] });
        return;
      case 'tbl':
        this.tables.push([]);
        return;
      case 'tr':
        this.tables.at(-1)?.push([]);
        return;
      case 'tc':
        this.tables.at(-1)?.at(-1)?.push([]);
        return;
      case 'pStyle':
        if (paragraph) {
          paragraph.style = a['w:val'] ?? '';
        }
        return;
      case 'numId':
        if (paragraph) {
          paragraph.list = a['w:val'] ?? '';
        }
        return;
      case 'ilvl':
        if (paragraph) {
          paragraph.level = Number(a['w:val']);
        }
        return;
      case 'outlineLvl':
        if (paragraph) {
          paragraph.heading = Number(a['w:val']) + 1;
        }
        return;
      case 'hyperlink':
        this.href = this.given.link(a['r:id'] ?? '');
        return;
      case 'r':
        this.inRun = true;
        this.look = { ...resolveStyle(this.given.styles, paragraph?.style).look };
        return;
      case 'rPr':
        this.inProperties = this.inRun;
        return;
      case 'rStyle':
        Object.assign(this.look, resolveStyle(this.given.styles, a['w:val']).look);
        return;
      case 't':
        this.inText = true;
        return;
      case 'tab':
        if (this.inRun) {
          this.add('\t');
        }
        return;
      case 'br':
        if (a['w:type'] !== 'page' && a['w:type'] !== 'column') {
          this.add('\n');
        }
        return;
      case 'cr':
        this.add('\n');
        return;
      case 'noBreakHyphen':
        this.add('-');
        return;
      case 'sym':
        this.add(SYMBOLS[(a['w:char'] ?? '').toUpperCase()] ?? '');
        return;
      case 'docPr':
        this.alt = a['descr'] ?? '';
        return;
      case 'blip':
        this.picture(a['r:embed'] ?? '');
        return;
      case 'imagedata':
        this.picture(a['r:id'] ?? '');
        return;
      default:
        if (this.inProperties) {
          applyProperty(this.look, name, a);
        }
    }
  }

  text(text: string): void {
    if (this.inText && !this.skipping) {
      this.add(text);
    }
  }

  private add(text: string): void {
    const look = Object.fromEntries(Object.entries(this.look).filter(([, on]) => on)) as Look;
    if (text) {
      this.paragraphs.at(-1)?.runs.push(defined({ text, ...look, href: this.href || undefined }));
    }
  }

  private picture(id: string): void {
    const href = this.given.picture(id);
    if (href) {
      this.paragraphs.at(-1)?.pictures.push(defined({ href, alt: this.alt || undefined }));
    }
    this.alt = '';
  }

  close(name: string): void {
    if (this.skipping) {
      this.skipping--;
      return;
    }
    switch (name) {
      case 't':
        this.inText = false;
        return;
      case 'r':
        this.inRun = false;
        return;
      case 'rPr':
        this.inProperties = false;
        return;
      case 'hyperlink':
        this.href = undefined;
        return;
      case 'p':
        this.closeParagraph();
        return;
      case 'tbl':
        this.closeTable();
        return;
    }
  }

  private closeParagraph(): void {
    const open = this.paragraphs.pop();
    if (!open) {
      return;
    }
    const style = resolveStyle(this.given.styles, open.style);
    const list = open.list ?? style.list;
    const level = open.level ?? style.level ?? 0;
    const label = list && list !== '0' ? this.given.numberer.next(list, level) : '';
    const heading = open.heading ?? style.heading;
    const paragraph: Paragraph = defined({
      runs: joinRuns(open.runs),
      pictures: open.pictures,
      ...(label ? { label, level } : {}),
      heading: heading || undefined,
    });
    const cell = this.tables.at(-1)?.at(-1)?.at(-1);
    if (cell) {
      cell.push(paragraph);
    }
    // A text box stands inside a paragraph; its own paragraphs come before it, in reading order of the file.
    else {
      this.parts.push(paragraph);
    }
  }

  private closeTable(): void {
    const table = this.tables.pop();
    if (!table) {
      return;
    }
    const outer = this.tables.at(-1)?.at(-1)?.at(-1);
    // A table inside a cell is its cell's text.
    if (outer) {
      for (const paragraph of table.flat(2)) {
        outer.push(paragraph);
      }
    } else {
      this.parts.push({ table });
    }
  }
}

/** The parts of a document's body in their order. Throws an Error where the XML is broken. */
export function readBody(xml: string, given: Parts): BodyPart[] {
  const reader = new BodyReader(given);
  parseXml(xml, {
    open: (name, attributes) => reader.open(name, attributes),
    text: (text) => reader.text(text),
    close: (name) => reader.close(name),
  });
  return reader.parts;
}
