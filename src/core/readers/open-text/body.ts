// The body of an open document of text: paragraphs with their runs, labels and pictures, and tables of them.
import type { Look, Picture, Run } from '../../model';
import { defined } from '../../shared/defined';
import { joinRuns } from '../../shared/rich-text';
import type { BodyPart, Paragraph } from '../written/parts';
import { byName, parseXml, type Attributes } from '../xml';
import { Lists } from './lists';
import { Collector } from '../written/collector';
import { resolveStyle } from '../written/style-chain';
import type { Style, Styles } from './styles';

/** What stands inside these is no text of the document. */
const SKIPPED = new Set([
  'tracked-changes',
  'annotation',
  'note',
  'sequence-decls',
  'forms',
  'tag',
  'automatic-styles',
]);
/** A cell is repeated no more often than a table can be wide. */
const MOST_REPEATED = 64;

type Open = {
  runs: Run[];
  pictures: Picture[];
  look: Look;
  heading: number | undefined;
  label: { label: string; level: number } | undefined;
};

class BodyReader {
  private readonly collector = new Collector();
  private readonly paragraphs: Open[] = [];
  private readonly spans: Look[] = [];
  private readonly lists: Lists;
  private readonly repeats: number[] = [];
  private href: string | undefined;
  private alt: string | undefined;
  private skipping = 0;
  private inBody = false;

  constructor(
    private readonly styles: Styles,
    private readonly picture: (path: string) => string,
  ) {
    this.lists = new Lists(styles);
  }

  private readonly opening = byName<[Attributes]>({
    p: (a) => this.begin(a['text:style-name'], undefined),
    h: (a) => this.begin(a['text:style-name'], Number(a['text:outline-level'] ?? 1)),
    span: (a) => this.spans.push(resolveStyle(this.styles.named, a['text:style-name']).look),
    a: (a) => {
      this.href = a['xlink:href'];
    },
    s: (a) => this.add(' '.repeat(Math.min(MOST_REPEATED, Number(a['text:c'] ?? 1)))),
    tab: () => this.add('\t'),
    'line-break': () => this.add('\n'),
    list: (a) => this.lists.begin(a),
    'list-item': (a) => this.lists.item(a),
    image: (a) => this.addPicture(a['xlink:href'] ?? ''),
    desc: () => {
      this.alt = '';
    },
    table: () => this.collector.openTable(),
    'table-row': () => this.collector.openRow(),
    'table-cell': (a) => this.cell(a),
    'covered-table-cell': (a) => this.cell(a),
  });

  private cell(a: Attributes): void {
    this.collector.openCell();
    this.repeats.push(Math.min(MOST_REPEATED, Number(a['table:number-columns-repeated'] ?? 1)));
  }

  open(name: string, a: Attributes): void {
    if (name === 'text' && !this.inBody) {
      this.inBody = true;
    } else if (this.skipping || SKIPPED.has(name)) {
      this.skipping++;
    } else if (this.inBody) {
      this.opening(name, a);
    }
  }

  private begin(name: string | undefined, heading: number | undefined): void {
    const style: Style = resolveStyle(this.styles.named, name);
    this.paragraphs.push({
      runs: [],
      pictures: [],
      // A heading's own look says that it is a heading, which is known.
      look: heading ? {} : style.look,
      heading: heading ?? style.heading,
      label: this.lists.label(),
    });
  }

  text(text: string): void {
    if (this.skipping || !this.inBody) {
      return;
    }
    if (this.alt !== undefined) {
      this.alt += text;
      return;
    }
    // White space is one blank here; further ones are elements of their own (6.1.2).
    this.add(text.replace(/[ \t\r\n]+/g, ' '));
  }

  private add(text: string): void {
    const open = this.paragraphs.at(-1);
    if (!open || !text) {
      return;
    }
    const look = Object.assign({}, open.look, ...this.spans) as Look;
    const on = Object.fromEntries(Object.entries(look).filter(([, value]) => value)) as Look;
    open.runs.push(defined({ text, ...on, href: this.href || undefined }));
  }

  private addPicture(path: string): void {
    const href = this.picture(path.replace(/^\.\//, ''));
    if (href) {
      this.paragraphs.at(-1)?.pictures.push({ href });
    }
  }

  close(name: string): void {
    if (this.skipping) {
      this.skipping--;
      return;
    }
    this.closing(name);
  }

  private readonly closing = byName<[]>({
    p: () => this.end(),
    h: () => this.end(),
    span: () => this.spans.pop(),
    a: () => {
      this.href = undefined;
    },
    list: () => this.lists.end(),
    desc: () => {
      const picture = this.paragraphs.at(-1)?.pictures.at(-1);
      if (picture && this.alt) {
        picture.alt = this.alt;
      }
      this.alt = undefined;
    },
    'table-cell': () => this.endCell(),
    'covered-table-cell': () => this.endCell(),
    table: () => this.collector.closeTable(),
  });

  private end(): void {
    const open = this.paragraphs.pop();
    if (!open) {
      return;
    }
    const paragraph: Paragraph = defined({
      runs: joinRuns(trimmed(open.runs)),
      pictures: open.pictures,
      ...open.label,
      heading: open.heading || undefined,
    });
    this.collector.paragraph(paragraph);
  }

  private endCell(): void {
    const { row } = this.collector;
    const cell = row?.at(-1);
    for (let n = this.repeats.pop() ?? 1; n > 1 && cell; n--) {
      row!.push([...cell]);
    }
  }

  get parts(): readonly BodyPart[] {
    return this.collector.parts;
  }
}

/** A paragraph's text without the blank that XML leaves at its ends. */
function trimmed(runs: readonly Run[]): Run[] {
  const last = runs.length - 1;
  return runs
    .map((run, at) => ({
      ...run,
      text: (at === last ? run.text.replace(/ $/, '') : run.text).replace(at ? /^(?!)/ : /^ /, ''),
    }))
    .filter(({ text }) => text);
}

/** The parts of a document's body in their order. Throws an Error where the XML is broken. */
export function readBody(
  xml: string,
  styles: Styles,
  picture: (path: string) => string,
): readonly BodyPart[] {
  const reader = new BodyReader(styles, picture);
  parseXml(xml, {
    open: (name, attributes) => reader.open(name, attributes),
    text: (text) => reader.text(text),
    close: (name) => reader.close(name),
  });
  return reader.parts;
}
