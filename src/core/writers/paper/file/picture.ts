// A picture inside a question as a document takes it: its bytes, its type, its size in pixels.
import { fromBase64 } from '../../../shared/base64';

export type Picture = {
  bytes: Uint8Array;
  type: 'png' | 'jpg' | 'gif';
  width: number;
  height: number;
};

const DATA = /^data:image\/(png|jpeg|gif);base64,([A-Za-z0-9+/=\s]+)$/;
const MOST_WIDTH = 380;
const FALLBACK = { width: 300, height: 200 };

/** The size that a JPEG's frame tells (ITU-T T.81, B.2.2). */
function sizeOfJpeg(view: DataView): { width: number; height: number } | undefined {
  for (let at = 2; at + 9 < view.byteLength;) {
    const marker = view.getUint8(at + 1);
    const isFrame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
    if (isFrame) {
      return { height: view.getUint16(at + 5), width: view.getUint16(at + 7) };
    }
    at += 2 + view.getUint16(at + 2);
  }
  return undefined;
}

/** The size in a PNG's header chunk (RFC 2083, 4.1.1) or a GIF's screen descriptor. */
function sizeOf(type: string, bytes: Uint8Array): { width: number; height: number } | undefined {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (type === 'png' && bytes.length > 24) {
    return { width: view.getUint32(16), height: view.getUint32(20) };
  }
  if (type === 'gif' && bytes.length > 10) {
    return { width: view.getUint16(6, true), height: view.getUint16(8, true) };
  }
  return type === 'jpeg' ? sizeOfJpeg(view) : undefined;
}

/** The picture of a data address, no wider than a page; undefined where it is none that documents take. */
export function pictureOf(href: string): Picture | undefined {
  const [, type, data] = DATA.exec(href) ?? [];
  if (!type || !data) {
    return undefined;
  }
  const bytes = fromBase64(data.replace(/\s/g, ''));
  const { width, height } = sizeOf(type, bytes) ?? FALLBACK;
  const scale = Math.min(1, MOST_WIDTH / Math.max(1, width));
  return {
    bytes,
    type: type === 'jpeg' ? 'jpg' : (type as 'png' | 'gif'),
    width: Math.max(1, Math.round(width * scale)),
    height: Math.max(1, Math.round(height * scale)),
  };
}
