// Text as bytes in the encodings that receivers ask for, and a blank's bytes as text.
import type { Encoding, Layout } from '../../model';
import { encodeWindows1252 } from '../../shared/windows-1252';

/** The text of a blank by the encoding of its layout, without its mark of byte order. */
export function textOf(bytes: Uint8Array, encoding: Encoding | undefined): string {
  if (encoding === 'utf-16le') {
    return new TextDecoder('utf-16le').decode(bytes).replace(/^\ufeff/, '');
  }
  const label = encoding === 'windows-1252' ? 'windows-1252' : 'utf-8';
  return new TextDecoder(label).decode(bytes, { stream: true }).replace(/^\ufeff/, '');
}

/** The bytes of a text. UTF-16 begins with its mark of byte order. Throws a RangeError where the encoding can't hold it. */
export function encode(text: string, encoding: Encoding | undefined): Uint8Array {
  if (encoding === 'windows-1252') {
    return encodeWindows1252(text);
  }
  if (encoding !== 'utf-16le') {
    return new TextEncoder().encode(encoding === 'utf-8-bom' ? `\ufeff${text}` : text);
  }
  const bytes = new Uint8Array(2 + text.length * 2);
  bytes.set([0xff, 0xfe]);
  for (let i = 0; i < text.length; i++) {
    bytes[2 + i * 2] = text.charCodeAt(i) & 0xff;
    bytes[3 + i * 2] = text.charCodeAt(i) >> 8;
  }
  return bytes;
}

/** The sign that ends a line in the layout's file. */
export const lineEnd = ({ newline }: Layout['file']): string =>
  newline === 'crlf' ? '\r\n' : '\n';
