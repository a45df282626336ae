// What a document's styles add to its paragraphs and words: emphasis, headings, lists.
import type { Look } from '../../model';
import { parseXml, type Attributes } from '../xml';

export type Style = { look: Look; based?: string; list?: string; level?: number; heading?: number };

const isOn = (a: Attributes): boolean =>
  !['0', 'false', 'off', 'none'].includes(a['w:val'] ?? 'true');

/** Adds what one element of run properties says to a look. */
export function applyProperty(look: Look, name: string, a: Attributes): void {
  switch (name) {
    case 'b':
      look.bold = isOn(a);
      break;
    case 'i':
      look.italic = isOn(a);
      break;
    case 'u':
      look.underline = isOn(a);
      break;
    case 'highlight':
      look.mark = isOn(a);
      break;
    case 'shd':
      if (!/^(?:auto|FFFFFF)?$/i.test(a['w:fill'] ?? '')) {
        look.mark = true;
      }
      break;
    case 'color':
      if (
        !/^(?:auto|000000|1F1F1F|202020|222222|212121|262626|333333|404040)?$/i.test(
          a['w:val'] ?? '',
        )
      ) {
        look.mark = true;
      }
      break;
    case 'vertAlign':
      look.sub = a['w:val'] === 'subscript';
      look.sup = a['w:val'] === 'superscript';
      break;
  }
}

/** The styles by their id. */
export function readStyles(xml: string): Map<string, Style> {
  const styles = new Map<string, Style>();
  let style: Style | undefined;
  let inRun = false;
  if (!xml) {
    return styles;
  }
  parseXml(xml, {
    open(name, a) {
      if (name === 'style') {
        styles.set(a['w:styleId'] ?? '', (style = { look: {} }));
      } else if (!style) {
        return;
      } else if (name === 'rPr') {
        inRun = true;
      } else if (name === 'basedOn') {
        style.based = a['w:val'] ?? '';
      } else if (name === 'name') {
        const heading = /^heading (\d)$/i.exec(a['w:val'] ?? '');
        if (heading) {
          style.heading = Number(heading[1]);
        } else if (/^title$/i.test(a['w:val'] ?? '')) {
          style.heading = 1;
        }
      } else if (name === 'numId') {
        style.list = a['w:val'] ?? '';
      } else if (name === 'ilvl') {
        style.level = Number(a['w:val']);
      } else if (name === 'outlineLvl') {
        style.heading ??= Number(a['w:val']) + 1;
      } else if (inRun) {
        applyProperty(style.look, name, a);
      }
    },
    close(name) {
      if (name === 'style') {
        style = undefined;
      } else if (name === 'rPr') {
        inRun = false;
      }
    },
  });
  return styles;
}

/** A style with what it inherits; a chain that bites its tail ends. */
export function resolveStyle(styles: Map<string, Style>, id: string | undefined): Style {
  const chain: Style[] = [];
  for (
    let at = id ? styles.get(id) : undefined;
    at && chain.length < 12;
    at = at.based ? styles.get(at.based) : undefined
  ) {
    chain.unshift(at);
  }
  return chain.reduce<Style>(
    (sum, style) => ({ ...sum, ...style, look: { ...sum.look, ...style.look } }),
    { look: {} },
  );
}
