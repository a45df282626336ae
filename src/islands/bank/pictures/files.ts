// Picture files that the user chooses, as addresses that hold the picture itself.
import { fromByteArray } from 'base64-js';

const TYPES: ReadonlySet<string> = new Set(['image/png', 'image/jpeg', 'image/gif', 'image/webp']);
/** A larger picture makes every file that it goes into slow to open. */
const MOST_BYTES = 5_000_000;

/** A file as an address, or why it is none in a sentence. */
export async function addressOf(file: File): Promise<{ href: string } | { refused: string }> {
  if (!TYPES.has(file.type)) {
    return { refused: `${file.name} is no picture of the kinds PNG, JPEG, GIF or WebP.` };
  }
  if (file.size > MOST_BYTES) {
    const size = (file.size / 1_000_000).toFixed(1);
    return { refused: `${file.name} has ${size} MB; a picture may have 5 MB at most.` };
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  return { href: `data:${file.type};base64,${fromByteArray(bytes)}` };
}
