// Windows-1252, the single-byte encoding of many receivers, as a table read off the platform's own decoder.

let table: Map<string, number> | undefined;

/** From a character to its byte; made once, the streaming call being right where Node 20's one-shot call is not. */
function bytesByCharacter(): Map<string, number> {
  if (table) return table;
  table = new Map();
  for (let byte = 0; byte < 256; byte++) {
    const character = new TextDecoder('windows-1252').decode(new Uint8Array([byte]), { stream: true });
    table.set(character, byte);
  }
  return table;
}

/** The characters of a text that Windows-1252 can't hold, each once. */
export function unheldCharacters(text: string): string[] {
   
  if (/^[\x00-\x7f]*$/.test(text)) return [];
  const known = bytesByCharacter();
  return [...new Set([...text.normalize('NFC')])].filter((character) => !known.has(character));
}

/** The bytes of a text. Throws a RangeError on a character that the encoding can't hold: ask `unheldCharacters` first. */
export function encodeWindows1252(text: string): Uint8Array {
  const known = bytesByCharacter();
  return Uint8Array.from([...text.normalize('NFC')], (character) => {
    const byte = known.get(character);
    if (byte === undefined) throw new RangeError(`no byte for ${character}`);
    return byte;
  });
}
