// From bytes to text: which encoding it is, found by evidence in a fixed order.
import type { Encoding } from '../model';
import { byChoice } from '../shared/reasons';
import { say, toSay } from '../shared/say';

export type Decoded = { text: string; encoding: Encoding; because: string };

function decodeUtf16(bytes: Uint8Array, bigEndian: boolean): string {
  const units = new Uint8Array(bytes);
  if (bigEndian) {
    for (let i = 0; i + 1 < units.length; i += 2) {
      [units[i], units[i + 1]] = [units[i + 1]!, units[i]!];
    }
  }
  return new TextDecoder('utf-16le').decode(units);
}

/** The share of NUL bytes at even and at odd places of the first 4 kB: plain letters in UTF-16 leave every other byte 0. */
function nulShares(bytes: Uint8Array): { even: number; odd: number } {
  const looked = bytes.subarray(0, 4096);
  const counts = [0, 0];
  looked.forEach((byte, index) => {
    if (byte === 0) {
      counts[index % 2]!++;
    }
  });
  const half = Math.max(1, looked.length / 2);
  return { even: counts[0]! / half, odd: counts[1]! / half };
}

function strictUtf8(bytes: Uint8Array): string | undefined {
  try {
    return new TextDecoder('utf-8', { fatal: true, ignoreBOM: true }).decode(bytes);
  } catch {
    return undefined;
  }
}

function decodeAs(bytes: Uint8Array, encoding: Encoding): string {
  if (encoding === 'windows-1252') {
    // The one-shot call of Node 20.20.2 misreads 0x80 to 0x9F; the streaming call does not.
    return new TextDecoder('windows-1252').decode(bytes, { stream: true });
  }
  if (encoding === 'utf-16le') {
    return decodeUtf16(bytes[0] === 0xff ? bytes.subarray(2) : bytes, false);
  }
  const text = new TextDecoder('utf-8', { ignoreBOM: true }).decode(bytes);
  return text.startsWith('\ufeff') ? text.slice(1) : text;
}

/** The marks that a text may begin with (The Unicode Standard, 23.8). */
const MARKS: readonly { bytes: readonly number[]; encoding: Encoding; because: string }[] = [
  {
    bytes: [0xef, 0xbb, 0xbf],
    encoding: 'utf-8-bom',
    because: toSay('the file begins with the mark of UTF-8'),
  },
  {
    bytes: [0xff, 0xfe],
    encoding: 'utf-16le',
    because: toSay('the file begins with the mark of UTF-16'),
  },
  {
    bytes: [0xfe, 0xff],
    encoding: 'utf-16le',
    because: toSay('the file begins with the mark of UTF-16, big end first'),
  },
];

function byMark(bytes: Uint8Array): Decoded | undefined {
  const mark = MARKS.find((known) => known.bytes.every((byte, index) => bytes[index] === byte));
  if (!mark) {
    return undefined;
  }
  const { encoding, because } = mark;
  const text =
    encoding === 'utf-16le'
      ? decodeUtf16(bytes.subarray(2), mark.bytes[0] === 0xfe)
      : decodeAs(bytes, 'utf-8');
  return { text, encoding, because: say(because) };
}

/** From this share of NUL bytes on every other place, text is taken for UTF-16; with more on both, it is no text. */
const MOSTLY = 0.6;
const HARDLY = 0.2;

function byNuls(bytes: Uint8Array): Decoded | undefined {
  const { even, odd } = nulShares(bytes);
  if (odd > MOSTLY && even < HARDLY) {
    const text = decodeUtf16(bytes, false);
    return { text, encoding: 'utf-16le', because: say('every other byte is 0') };
  }
  if (even > MOSTLY && odd < HARDLY) {
    const text = decodeUtf16(bytes, true);
    return { text, encoding: 'utf-16le', because: say('every other byte is 0, big end first') };
  }
  return undefined;
}

function byValidity(bytes: Uint8Array): Decoded {
  const text = strictUtf8(bytes);
  return text === undefined
    ? {
        text: decodeAs(bytes, 'windows-1252'),
        encoding: 'windows-1252',
        because: say('its bytes are not valid UTF-8'),
      }
    : { text, encoding: 'utf-8', because: say('all of its bytes are valid UTF-8') };
}

/** Decodes text by its byte order mark, else by its NUL bytes, else strictly as UTF-8, else as Windows-1252. */
export const decode = (bytes: Uint8Array, overruled?: Encoding): Decoded =>
  overruled
    ? { text: decodeAs(bytes, overruled), encoding: overruled, because: byChoice() }
    : (byMark(bytes) ?? byNuls(bytes) ?? byValidity(bytes));
