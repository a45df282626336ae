// What a document's styles add to its paragraphs and words: emphasis, headings, lists.
import type { Look } from '../../model';
import { byName, parseXml, type Attributes } from '../xml';

export type Style = { look: Look; based?: string; list?: string; level?: number; heading?: number };

const isOn = (a: Attributes): boolean =>
  !['0', 'false', 'off', 'none'].includes(a['w:val'] ?? 'true');

/** Grounds and colours of text that say nothing: none, black, and the dark greys that templates write in. */
const NO_FILL = /^(?:auto|FFFFFF)?$/i;
const TEXT_COLOUR = /^(?:auto|000000|1F1F1F|202020|222222|212121|262626|333333|404040)?$/i;

/** Adds what one element of run properties says to a look. */
export const applyProperty = (look: Look, name: string, a: Attributes): boolean =>
  property(name, look, a);

const property = byName<[Look, Attributes]>({
  b: (look, a) => {
    look.bold = isOn(a);
  },
  i: (look, a) => {
    look.italic = isOn(a);
  },
  u: (look, a) => {
    look.underline = isOn(a);
  },
  highlight: (look, a) => {
    look.mark = isOn(a);
  },
  shd: (look, a) => {
    look.mark = look.mark || !NO_FILL.test(a['w:fill'] ?? '');
  },
  color: (look, a) => {
    look.mark = look.mark || !TEXT_COLOUR.test(a['w:val'] ?? '');
  },
  vertAlign: (look, a) => {
    look.sub = a['w:val'] === 'subscript';
    look.sup = a['w:val'] === 'superscript';
  },
});

/** The level of a heading by the name of its style, whatever language the program speaks (ECMA-376 part 1, 17.7.4.9). */
function headingOf(styleName: string): number | undefined {
  const level = /^heading (\d)$/i.exec(styleName)?.[1];
  if (level) {
    return Number(level);
  }
  return /^title$/i.test(styleName) ? 1 : undefined;
}

class StyleReader {
  readonly styles = new Map<string, Style>();
  private style: Style | undefined;
  private inRun = false;

  private readonly opening = byName<[Style, Attributes]>({
    rPr: () => {
      this.inRun = true;
    },
    basedOn: (style, a) => {
      style.based = a['w:val'] ?? '';
    },
    name: (style, a) => {
      const heading = headingOf(a['w:val'] ?? '');
      if (heading) {
        style.heading = heading;
      }
    },
    numId: (style, a) => {
      style.list = a['w:val'] ?? '';
    },
    ilvl: (style, a) => {
      style.level = Number(a['w:val']);
    },
    outlineLvl: (style, a) => {
      style.heading ??= Number(a['w:val']) + 1;
    },
  });

  open(name: string, a: Attributes): void {
    if (name === 'style') {
      this.style = { look: {} };
      this.styles.set(a['w:styleId'] ?? '', this.style);
    } else if (this.style && !this.opening(name, this.style, a) && this.inRun) {
      applyProperty(this.style.look, name, a);
    }
  }

  close(name: string): void {
    if (name === 'style') {
      this.style = undefined;
    } else if (name === 'rPr') {
      this.inRun = false;
    }
  }
}

/** The styles by their id. */
export function readStyles(xml: string): Map<string, Style> {
  const reader = new StyleReader();
  if (xml) {
    parseXml(xml, {
      open: (name, a) => reader.open(name, a),
      close: (name) => reader.close(name),
    });
  }
  return reader.styles;
}
