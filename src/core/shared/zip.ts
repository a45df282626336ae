// Zips opened with care: the directory at the end is read before anything is inflated (APPNOTE 6.3.10, 4.3.12, 4.3.16),
// and nothing grows past the limits, for sources and for blanks alike.
import { unzipSync } from 'fflate';
import { say } from './say';

/** The most that a package may hold; the largest office documents have a few hundred parts. */
export const ZIP_LIMITS = { inflatedBytes: 64 * 1024 * 1024, ratio: 100, parts: 2000 } as const;
/** From this size on a part that shrinks a hundredfold is no document any more. */
const LARGE_PART = 1_048_576;

/** A part as the directory tells it: where it lies, its size in the file and inflated. */
type Entry = { start: number; size: number; inflated: number };

const END_OF_DIRECTORY = 0x06054b50;
const DIRECTORY_ENTRY = 0x02014b50;
/** The fixed part of a header in front of each part's bytes (4.3.7), and of an entry of the directory. */
const LOCAL_HEADER = 30;
const ENTRY_HEADER = 46;
const END_RECORD = 22;
const LONGEST_COMMENT = 65_535;

function findEnd(view: DataView): number {
  const lowest = Math.max(0, view.byteLength - END_RECORD - LONGEST_COMMENT);
  for (let at = view.byteLength - END_RECORD; at >= lowest; at--) {
    if (view.getUint32(at, true) === END_OF_DIRECTORY) {
      return at;
    }
  }
  return -1;
}

/** The entries of the directory; undefined where there is none, or it is cut short. */
function entriesOf(bytes: Uint8Array): Entry[] | undefined {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const end = findEnd(view);
  if (end < 0) {
    return undefined;
  }
  const count = view.getUint16(end + 10, true);
  const entries: Entry[] = [];
  let at = view.getUint32(end + 16, true);
  for (let n = 0; n < count; n++) {
    if (at + ENTRY_HEADER > bytes.length || view.getUint32(at, true) !== DIRECTORY_ENTRY) {
      return undefined;
    }
    entries.push({
      start: view.getUint32(at + 42, true),
      size: view.getUint32(at + 20, true),
      inflated: view.getUint32(at + 24, true),
    });
    const [name, extra, comment] = [28, 30, 32].map((offset) => view.getUint16(at + offset, true));
    at += ENTRY_HEADER + name! + extra! + comment!;
  }
  return entries;
}

/** What deflate adds at most to bytes that it can't make smaller: five for each block of 16 kB, and a little. */
const couldBe = ({ size, inflated }: Entry): boolean => inflated + inflated / 1000 + 64 >= size;

function overlaps(entries: readonly Entry[]): boolean {
  const sorted = [...entries].sort((a, b) => a.start - b.start);
  return sorted.some((entry, index) => {
    const next = sorted[index + 1];
    return next !== undefined && entry.start + LOCAL_HEADER + entry.size > next.start;
  });
}

/** Why a package must not be opened, as the end of a sentence that begins with its name; undefined where it may. */
function packageStop(bytes: Uint8Array): string | undefined {
  const entries = entriesOf(bytes);
  if (!entries) {
    return undefined;
  }
  if (entries.length > ZIP_LIMITS.parts) {
    return say('holds {entries, number} parts; {parts, number} at most are taken', {
      entries: entries.length,
      parts: ZIP_LIMITS.parts,
    });
  }
  if (overlaps(entries)) {
    return say('tells of parts that lie over one another, which no program writes');
  }
  if (!entries.every(couldBe)) {
    return say('tells a part to be smaller than it can be');
  }
  const inflated = entries.reduce((sum, entry) => sum + entry.inflated, 0);
  return inflated > ZIP_LIMITS.inflatedBytes
    ? say('inflates past {inflatedBytes} MiB', {
        inflatedBytes: ZIP_LIMITS.inflatedBytes / 1_048_576,
      })
    : undefined;
}

/** Thrown where a zip goes past the limits; its message is the end of a sentence that begins with the file's name. */
export class ZipTooFar extends Error {
  override name = 'ZipTooFar';
}

/**
 * The parts of a zip by their paths. fflate inflates into a buffer of the told size, so that a header that lies can't grow
 * past it. Throws ZipTooFar past the limits, and an Error where the zip is damaged.
 */
export function openZip(bytes: Uint8Array): Record<string, Uint8Array> {
  const stop = packageStop(bytes);
  if (stop) {
    throw new ZipTooFar(stop);
  }
  let inflated = 0;
  return unzipSync(bytes, {
    filter({ originalSize, size }) {
      inflated += originalSize;
      if (inflated > ZIP_LIMITS.inflatedBytes) {
        throw new ZipTooFar(
          say('inflates past {inflatedBytes} MiB', {
            inflatedBytes: ZIP_LIMITS.inflatedBytes / 1_048_576,
          }),
        );
      }
      if (originalSize > LARGE_PART && originalSize / Math.max(1, size) > ZIP_LIMITS.ratio) {
        throw new ZipTooFar(
          say('holds a part that inflates to more than {ratio} times its size', {
            ratio: ZIP_LIMITS.ratio,
          }),
        );
      }
      return true;
    },
  });
}
