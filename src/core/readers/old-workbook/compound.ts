// The stream of a workbook inside a compound file ([MS-CFB]). Taken out here, with every chain of sectors held against
// loops and lengths, since a damaged directory keeps general libraries busy for ever.
const END = 0xfffffffe;
const ENTRY = 128;
const HEADER = 512;

class Compound {
  private readonly view: DataView;
  private readonly sector: number;
  private readonly fat: number[] = [];

  constructor(private readonly bytes: Uint8Array) {
    this.view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    this.sector = 1 << Math.min(12, Math.max(9, this.view.getUint16(30, true)));
    for (const sector of this.fatSectors()) {
      for (let at = 0; at < this.sector; at += 4) {
        this.fat.push(this.wordIn(sector, at));
      }
    }
  }

  private wordIn(sector: number, at: number): number {
    const place = HEADER + sector * this.sector + at;
    return place + 4 <= this.bytes.length ? this.view.getUint32(place, true) : END;
  }

  /** The sectors that hold the table of chains: 109 in the header, further ones in sectors of their own. */
  private fatSectors(): number[] {
    const found: number[] = [];
    for (let n = 0; n < 109; n++) {
      found.push(this.view.getUint32(76 + n * 4, true));
    }
    let next = this.view.getUint32(68, true);
    const most = this.bytes.length / this.sector;
    for (let seen = 0; next < most && seen < most; seen++) {
      for (let at = 0; at < this.sector - 4; at += 4) {
        found.push(this.wordIn(next, at));
      }
      next = this.wordIn(next, this.sector - 4);
    }
    return found.filter((sector) => sector < most);
  }

  /** The bytes of a chain, `size` at most; a chain that bites its tail ends where it does. */
  private chain(start: number, size: number): Uint8Array {
    const seen = new Set<number>();
    const parts: Uint8Array[] = [];
    for (
      let sector = start;
      sector < this.fat.length && !seen.has(sector) && parts.length * this.sector < size;
      sector = this.fat[sector]!
    ) {
      seen.add(sector);
      parts.push(
        this.bytes.subarray(HEADER + sector * this.sector, HEADER + (sector + 1) * this.sector),
      );
    }
    const whole = new Uint8Array(
      Math.min(
        size,
        parts.reduce((sum, part) => sum + part.length, 0),
      ),
    );
    let at = 0;
    for (const part of parts) {
      const piece = part.subarray(0, whole.length - at);
      whole.set(piece, at);
      at += piece.length;
    }
    return whole;
  }

  /** Small streams lie in sectors of 64 bytes inside the root's own stream. */
  private small(start: number, size: number, root: Uint8Array): Uint8Array {
    const table = this.chain(this.view.getUint32(60, true), this.bytes.length);
    const links = new DataView(table.buffer);
    const whole = new Uint8Array(size);
    const seen = new Set<number>();
    let at = 0;
    for (
      let piece = start;
      piece * 4 + 4 <= table.length && !seen.has(piece) && at < size;
      piece = links.getUint32(piece * 4, true)
    ) {
      seen.add(piece);
      const part = root.subarray(piece * 64, piece * 64 + Math.min(64, size - at));
      whole.set(part, at);
      at += part.length;
    }
    return whole.subarray(0, at);
  }

  /** The first stream of one of the names; the directory is read in its order in the file, never along its links. */
  stream(names: readonly string[]): Uint8Array | undefined {
    const directory = this.chain(this.view.getUint32(48, true), this.bytes.length);
    const view = new DataView(directory.buffer);
    const entries = Array.from({ length: Math.floor(directory.length / ENTRY) }, (_, n) => {
      const length = Math.min(64, view.getUint16(n * ENTRY + 64, true));
      const name = new TextDecoder('utf-16le').decode(
        directory.subarray(n * ENTRY, n * ENTRY + Math.max(0, length - 2)),
      );
      return {
        name,
        type: directory[n * ENTRY + 66],
        start: view.getUint32(n * ENTRY + 116, true),
        size: view.getUint32(n * ENTRY + 120, true),
      };
    });
    const found = entries.find(({ name, type }) => type === 2 && names.includes(name));
    if (!found) {
      return undefined;
    }
    const size = Math.min(found.size, this.bytes.length);
    if (size >= this.view.getUint32(56, true)) {
      return this.chain(found.start, size);
    }
    const root = entries.find(({ type }) => type === 5);
    return (
      root &&
      this.small(found.start, size, this.chain(root.start, Math.min(root.size, this.bytes.length)))
    );
  }
}

/** The bytes of a workbook's own stream; undefined where the file holds none. */
export function workbookStream(bytes: Uint8Array): Uint8Array | undefined {
  return bytes.length < HEADER + 512 ? undefined : new Compound(bytes).stream(['Workbook', 'Book']);
}
