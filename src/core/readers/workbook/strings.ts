// The workbook's shared strings, each as its plain text. Phonetic runs are helps for reading, not text.
import { parseXml, unescapeCell } from './xml';

/** The texts by their index. */
export function readSharedStrings(xml: string): string[] {
  const strings: string[] = [];
  if (!xml) return strings;
  let current = '';
  let inText = false;
  let phonetic = 0;
  parseXml(xml, {
    open(name) {
      if (name === 'si') current = '';
      else if (name === 't') inText = true;
      else if (name === 'rPh') phonetic++;
    },
    text(text) { if (inText && phonetic === 0) current += text; },
    close(name) {
      if (name === 't') inText = false;
      else if (name === 'rPh') phonetic--;
      else if (name === 'si') strings.push(unescapeCell(current));
    },
  });
  return strings;
}
