// What the styles of an open document of text say: emphasis, headings, and the numbers and letters of lists
// (OpenDocument 1.3 part 3, 16 and 20).
import type { Look } from '../../model';
import { byName, parseXml, type Attributes } from '../xml';

export type Style = { look: Look; based?: string; list?: string; heading?: number };
/** A level of a list: `format` as the standard writes it (1, a, A, i, I), or a bullet; what stands around it. */
export type ListLevel = {
  format: string;
  before: string;
  behind: string;
  start: number;
  /** How many levels above it are shown with it. */
  shown: number;
};
export type Styles = { named: Map<string, Style>; lists: Map<string, Map<number, ListLevel>> };

const PLAIN_COLOUR = /^#(?:000000|1f1f1f|202020|222222|212121|262626|333333|404040)$/i;
const NO_FILL = /^(?:transparent|#ffffff)?$/i;

function lookOf(a: Attributes): Look {
  const look: Look = {};
  const weight = a['fo:font-weight'];
  if (weight) {
    look.bold = /^(?:bold|[6-9]00)$/.test(weight);
  }
  if (a['fo:font-style']) {
    look.italic = /italic|oblique/.test(a['fo:font-style']);
  }
  if (a['style:text-underline-style']) {
    look.underline = a['style:text-underline-style'] !== 'none';
  }
  const colour = a['fo:color'] ?? '';
  const isColoured =
    /^#/.test(colour) && !PLAIN_COLOUR.test(colour) && a['style:use-window-font-color'] !== 'true';
  if (isColoured || !NO_FILL.test(a['fo:background-color'] ?? '')) {
    look.mark = true;
  }
  const position = a['style:text-position'];
  if (position) {
    look.sub = /^(?:sub|-)/.test(position);
    look.sup = /^(?:super|[1-9])/.test(position);
  }
  return look;
}

class StyleReader {
  readonly styles: Styles = { named: new Map(), lists: new Map() };
  private style: Style | undefined;
  private levels: Map<number, ListLevel> | undefined;

  readonly open = byName<[Attributes]>({
    style: (a) => {
      this.style = {
        look: {},
        ...(a['style:parent-style-name'] ? { based: a['style:parent-style-name'] } : {}),
        ...(a['style:list-style-name'] ? { list: a['style:list-style-name'] } : {}),
        ...(a['style:default-outline-level']
          ? { heading: Number(a['style:default-outline-level']) }
          : {}),
      };
      this.styles.named.set(a['style:name'] ?? '', this.style);
    },
    'text-properties': (a) => Object.assign(this.style?.look ?? {}, lookOf(a)),
    'list-style': (a) => {
      this.levels = new Map();
      this.styles.lists.set(a['style:name'] ?? '', this.levels);
    },
    'list-level-style-number': (a) =>
      this.level(a, {
        format: a['style:num-format'] ?? '',
        before: a['style:num-prefix'] ?? '',
        behind: a['style:num-suffix'] ?? '',
        start: Number(a['text:start-value'] ?? 1),
        shown: Number(a['text:display-levels'] ?? 1),
      }),
    'list-level-style-bullet': (a) =>
      this.level(a, { format: '•', before: '', behind: '', start: 1, shown: 1 }),
  });

  readonly close = byName<[]>({
    style: () => {
      this.style = undefined;
    },
    'list-style': () => {
      this.levels = undefined;
    },
  });

  private level(a: Attributes, level: ListLevel): void {
    this.levels?.set(Number(a['text:level'] ?? 1), level);
  }
}

/** The styles of the parts of a document, later parts over earlier ones. */
export function readStyles(parts: readonly string[]): Styles {
  const reader = new StyleReader();
  for (const xml of parts.filter(Boolean)) {
    parseXml(xml, { open: (name, a) => reader.open(name, a), close: (name) => reader.close(name) });
  }
  return reader.styles;
}
