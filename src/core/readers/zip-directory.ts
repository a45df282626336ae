// The directory at the end of a zip, read before anything is inflated (APPNOTE 6.3.10, 4.3.12 and 4.3.16).
import { CAPS } from './contract';

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
export function packageStop(bytes: Uint8Array): string | undefined {
  const entries = entriesOf(bytes);
  if (!entries) {
    return undefined;
  }
  if (entries.length > CAPS.parts) {
    return `holds ${entries.length.toLocaleString('en-GB')} parts; ${CAPS.parts.toLocaleString('en-GB')} at most are taken`;
  }
  if (overlaps(entries)) {
    return 'tells of parts that lie over one another, which no program writes';
  }
  if (!entries.every(couldBe)) {
    return 'tells a part to be smaller than it can be';
  }
  const inflated = entries.reduce((sum, entry) => sum + entry.inflated, 0);
  return inflated > CAPS.inflatedBytes
    ? `inflates past ${CAPS.inflatedBytes / 1_048_576} MiB`
    : undefined;
}
