// Windows-1252, the single-byte encoding of many receivers, as a table read off the platform's own decoder.

let table: Map<string, number> | undefined;

/** From a character to its byte; made once, the streaming call being right where Node 20's one-shot call is not. */
function bytesByCharacter(): Map<string, number> {
  if (table) {
    return table;
  }
  table = new Map();
  for (let byte = 0; byte < 256; byte++) {
    const character = new TextDecoder('windows-1252').decode(new Uint8Array([byte]), {
      stream: true,
    });
    table.set(character, byte);
  }
  return table;
}

/** The characters of a text that Windows-1252 can't hold, each once. */
export function unheldCharacters(text: string): string[] {
  if (/^[\x00-\x7f]*$/.test(text)) {
    return [];
  }
  const known = bytesByCharacter();
  return [...new Set([...text.normalize('NFC')])].filter((character) => !known.has(character));
}

/** The bytes of a text. Throws a RangeError on a character that the encoding can't hold: ask `unheldCharacters` first. */
export function encodeWindows1252(text: string): Uint8Array {
  const known = bytesByCharacter();
  return Uint8Array.from([...text.normalize('NFC')], (character) => {
    const byte = known.get(character);
    if (byte === undefined) {
      throw new RangeError(`no byte for ${character}`);
    }
    return byte;
  });
}

const BROKEN =
  /[\u00c2-\u00f4][\u0080-\u00bf\u0152\u0153\u0160\u0161\u0178\u017d\u017e\u0192\u02c6\u02dc\u2013-\u203a\u20ac\u2122]/;

/**
 * A text whose UTF-8 was once read as Windows-1252, read rightly: "Ã©" becomes "é". Undefined where the text shows no
 * sign of it, or where its bytes are no UTF-8 after all.
 */
export function undoMojibake(text: string): string | undefined {
  if (!BROKEN.test(text) || unheldCharacters(text).length) {
    return undefined;
  }
  try {
    const mended = new TextDecoder('utf-8', { fatal: true }).decode(encodeWindows1252(text));
    return mended !== text && mended.length < text.length ? mended : undefined;
  } catch {
    return undefined;
  }
}

// Signs that have a plain way of writing; letters with marks are taken apart by Unicode's own table (UAX #15).
const PLAIN: Record<string, string> = {
  Ł: 'L',
  ł: 'l',
  Đ: 'D',
  đ: 'd',
  Ħ: 'H',
  ħ: 'h',
  ı: 'i',
  ŋ: 'ng',
  Ŋ: 'Ng',
  '→': '->',
  '←': '<-',
  '↔': '<->',
  '⇒': '=>',
  '≤': '<=',
  '≥': '>=',
  '≠': '!=',
  '≈': '~',
  '\u2212': '-',
  '\u2010': '-',
  '\u2011': '-',
  '\u2015': '-',
  '′': "'",
  '″': '"',
  ʼ: "'",
  '\u2009': ' ',
  '\u202f': ' ',
  '\u2003': ' ',
  '\u200b': '',
  '✓': 'v',
  '✗': 'x',
};

/**
 * The text with every sign that Windows-1252 can't hold written plainly: ‘Łódź → Bâle’ becomes ‘Lódz -> Bâle’.
 * Undefined where a sign has no plain way of writing.
 */
export function transliterate(text: string): string | undefined {
  const lost = unheldCharacters(text);
  if (!lost.length) {
    return text;
  }
  const known = bytesByCharacter();
  let result = '';
  for (const sign of text.normalize('NFC')) {
    const plain = known.has(sign)
      ? sign
      : (PLAIN[sign] ??
        PLAIN[sign.normalize('NFKC')] ??
        sign.normalize('NFKD').replace(/\p{M}/gu, ''));
    for (const part of plain) {
      if (!known.has(part)) {
        return undefined;
      }
    }
    result += plain;
  }
  return result;
}
