// The body of a word-processor document: paragraphs with their runs, labels and pictures, and tables of them.
import type { Look, Picture, Run } from '../../model';
import { joinRuns } from '../../shared/rich-text';
import { byName, parseXml, type Attributes } from '../xml';
import type { Numberer } from './numbering';
import { Collector } from '../written/collector';
import { resolveStyle } from '../written/style-chain';
import { applyProperty, type Style } from './styles';
import { defined } from '../../shared/defined';
import type { BodyPart, Paragraph } from '../written/parts';

export type Parts = {
  styles: Map<string, Style>;
  numberer: Numberer;
  link(id: string): string;
  picture(id: string): string;
};

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
  private readonly collector = new Collector();
  private readonly paragraphs: Open[] = [];
  private look: Look = {};
  private href: string | undefined;
  private alt = '';
  private skipping = 0;
  private inRun = false;
  private inProperties = false;
  private inText = false;

  constructor(private readonly given: Parts) {}

  private readonly opening = byName<[Attributes]>({
    p: () => this.paragraphs.push({ runs: [], pictures: [] }),
    tbl: () => this.collector.openTable(),
    tr: () => this.collector.openRow(),
    tc: () => this.collector.openCell(),
    pStyle: (a) => this.say({ style: a['w:val'] ?? '' }),
    numId: (a) => this.say({ list: a['w:val'] ?? '' }),
    ilvl: (a) => this.say({ level: Number(a['w:val']) }),
    outlineLvl: (a) => this.say({ heading: Number(a['w:val']) + 1 }),
    hyperlink: (a) => {
      this.href = this.given.link(a['r:id'] ?? '');
    },
    r: () => {
      this.inRun = true;
      this.look = { ...resolveStyle(this.given.styles, this.paragraphs.at(-1)?.style).look };
    },
    rPr: () => {
      this.inProperties = this.inRun;
    },
    rStyle: (a) => {
      Object.assign(this.look, resolveStyle(this.given.styles, a['w:val']).look);
    },
    t: () => {
      this.inText = true;
    },
    tab: () => {
      // Outside of runs it sets a place for tabs.
      if (this.inRun) {
        this.add('\t');
      }
    },
    br: (a) => {
      if (a['w:type'] !== 'page' && a['w:type'] !== 'column') {
        this.add('\n');
      }
    },
    cr: () => this.add('\n'),
    noBreakHyphen: () => this.add('-'),
    sym: (a) => this.add(SYMBOLS[(a['w:char'] ?? '').toUpperCase()] ?? ''),
    docPr: (a) => {
      this.alt = a['descr'] ?? '';
    },
    blip: (a) => this.picture(a['r:embed'] ?? ''),
    imagedata: (a) => this.picture(a['r:id'] ?? ''),
  });

  open(name: string, a: Attributes): void {
    if (this.skipping || SKIPPED.has(name)) {
      this.skipping++;
    } else if (!this.opening(name, a) && this.inProperties) {
      applyProperty(this.look, name, a);
    }
  }

  /** What the properties of the open paragraph say of it. */
  private say(facts: Pick<Open, 'style' | 'list' | 'level' | 'heading'>): void {
    Object.assign(this.paragraphs.at(-1) ?? {}, facts);
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
    this.closing(name);
  }

  private readonly closing = byName<[]>({
    t: () => {
      this.inText = false;
    },
    r: () => {
      this.inRun = false;
    },
    rPr: () => {
      this.inProperties = false;
    },
    hyperlink: () => {
      this.href = undefined;
    },
    p: () => this.closeParagraph(),
    tbl: () => this.collector.closeTable(),
  });

  private closeParagraph(): void {
    const open = this.paragraphs.pop();
    if (!open) {
      return;
    }
    const style: Style = resolveStyle(this.given.styles, open.style);
    const { list, level = 0, heading } = { ...style, ...open };
    const label = list && list !== '0' ? this.given.numberer.next(list, level) : '';
    const paragraph: Paragraph = defined({
      runs: joinRuns(open.runs),
      pictures: open.pictures,
      ...(label ? { label, level } : {}),
      heading: heading || undefined,
    });
    // A text box stands inside a paragraph; its own paragraphs come before it, in reading order of the file.
    this.collector.paragraph(paragraph);
  }

  get parts(): readonly BodyPart[] {
    return this.collector.parts;
  }
}

/** The parts of a document's body in their order. Throws an Error where the XML is broken. */
export function readBody(xml: string, given: Parts): readonly BodyPart[] {
  const reader = new BodyReader(given);
  parseXml(xml, {
    open: (name, attributes) => reader.open(name, attributes),
    text: (text) => reader.text(text),
    close: (name) => reader.close(name),
  });
  return reader.parts;
}
