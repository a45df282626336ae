// The workbook's shared strings, each as its text and, where it is formatted within, its runs. Phonetic runs are helps
// for reading, not text.
import type { Look, Run } from '../../model';
import { isFormatted, joinRuns } from '../../shared/rich-text';
import { parseXml, unescapeCell, type Attributes } from '../xml';

export type SharedStrings = { texts: string[]; runs: Map<number, Run[]> };

/** Adds what one element of run properties says. */
function applyRunProperty(look: Look, name: string, a: Attributes): void {
  const on = !['0', 'false', 'none'].includes(a['val'] ?? 'true');
  if (name === 'b') {
    look.bold = on;
  } else if (name === 'i') {
    look.italic = on;
  } else if (name === 'u') {
    look.underline = on;
  } else if (name === 'vertAlign') {
    if (a['val'] === 'superscript') {
      look.sup = true;
    } else if (a['val'] === 'subscript') {
      look.sub = true;
    }
  }
}

/** The strings by their index. */
export function readSharedStrings(xml: string): SharedStrings {
  const strings: SharedStrings = { texts: [], runs: new Map() };
  if (!xml) {
    return strings;
  }
  let current: Run[] = [];
  let look: Look = {};
  let text = '';
  let plain = '';
  let inText = false;
  let phonetic = 0;
  parseXml(xml, {
    open(name, a) {
      if (name === 'si') {
        current = [];
        plain = '';
      } else if (name === 't') {
        inText = true;
        text = '';
      } else if (name === 'r') {
        look = {};
      } else if (name === 'rPh') {
        phonetic++;
      } else if (current) {
        applyRunProperty(look, name, a);
      }
    },
    text(piece) {
      if (inText && phonetic === 0) {
        text += piece;
      }
    },
    close(name) {
      if (name === 't') {
        inText = false;
        if (phonetic === 0 && text) {
          plain += text;
          current.push({ text: unescapeCell(text), ...look });
        }
      } else if (name === 'rPh') {
        phonetic--;
      } else if (name === 'r') {
        look = {};
      } else if (name === 'si') {
        if (current.length > 1 && isFormatted(current)) {
          strings.runs.set(strings.texts.length, joinRuns(current));
        }
        strings.texts.push(unescapeCell(plain));
      }
    },
  });
  return strings;
}
