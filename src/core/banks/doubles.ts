// Questions that are nearly alike: found by MinHash with banding (Broder 1997; Leskovec, Rajaraman and Ullman, Mining of
// Massive Datasets, chapter 3), each pair that is found then measured exactly.
import type { Item } from '../model';
import { bareWords } from '../shared/normalise';

/** Two questions by their ids, and how alike they are: the share of what they have in common, from 0 to 1 (Jaccard). */
export type Double = { first: string; second: string; likeness: number };

/** From here on two questions are told as nearly alike. */
export const NEARLY_ALIKE = 0.7;

const BANDS = 24;
const ROWS = 4;
const HASHES = BANDS * ROWS;

/** FNV-1a, 32 bits (public domain). */
function hashOf(text: string): number {
  let hash = 0x811c9dc5;
  for (let at = 0; at < text.length; at++) {
    hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193);
  }
  return hash >>> 0;
}

/** Other hashes of a hash: each multiplied by an odd number of its own and mixed. */
const FACTORS = Uint32Array.from({ length: HASHES }, (_, n) => (hashOf(`factor ${n}`) | 1) >>> 0);
const ADDS = Uint32Array.from({ length: HASHES }, (_, n) => hashOf(`add ${n}`));

/** What a question is compared by: the words of its text, each with the next, and the words of its options and answers. */
function shinglesOf({
  stem,
  options = [],
  accepted = [],
  pairs = [],
  steps = [],
}: Item): Uint32Array {
  const found = new Set<number>();
  const words = bareWords(stem.plain).split(' ').filter(Boolean);
  words.forEach((word, index) => {
    found.add(hashOf(word));
    found.add(hashOf(`${word} ${words[index + 1] ?? ''}`));
  });
  const others = [
    ...options.map(({ text }) => text.plain),
    ...accepted,
    ...pairs.flatMap(({ left, right }) => [left.plain, right.plain]),
    ...steps.map(({ plain }) => plain),
  ];
  for (const word of others.flatMap((text) => bareWords(text).split(' '))) {
    if (word) {
      found.add(hashOf(`: ${word}`));
    }
  }
  return Uint32Array.from(found).sort();
}

/** The share of what two sorted sets have in common. */
export function jaccard(a: Uint32Array, b: Uint32Array): number {
  let [i, j, both] = [0, 0, 0];
  while (i < a.length && j < b.length) {
    const difference = a[i]! - b[j]!;
    both += Number(difference === 0);
    i += Number(difference <= 0);
    j += Number(difference >= 0);
  }
  const all = a.length + b.length - both;
  return all ? both / all : 0;
}

/** The least of each hash over a set: two sets agree in as large a share of them as they have in common. */
function signatureOf(shingles: Uint32Array): Uint32Array {
  const least = new Uint32Array(HASHES).fill(0xffffffff);
  for (const shingle of shingles) {
    for (let n = 0; n < HASHES; n++) {
      const mixed = (Math.imul(shingle ^ (shingle >>> 15), FACTORS[n]!) + ADDS[n]!) >>> 0;
      if (mixed < least[n]!) {
        least[n] = mixed;
      }
    }
  }
  return least;
}

/** The bands of a signature: two questions with a band alike are looked at. */
const bandsOf = (signature: Uint32Array): string[] =>
  Array.from(
    { length: BANDS },
    (_, band) => `${band}:${signature.subarray(band * ROWS, (band + 1) * ROWS).join()}`,
  );

/** `seenBy` says which put looked at it last, since two questions may share several bands. */
type Entry = { id: string; shingles: Uint32Array; bands: string[]; seenBy: number };

/** An index of questions that finds those nearly alike; kept up to date question by question. */
export class DoublesIndex {
  private readonly entries = new Map<string, Entry>();
  private readonly buckets = new Map<string, Entry[]>();
  private readonly likes = new Map<string, Map<string, number>>();
  private puts = 0;

  constructor(private readonly least = NEARLY_ALIKE) {}

  get size(): number {
    return this.entries.size;
  }

  remove(id: string): void {
    const entry = this.entries.get(id);
    entry?.bands.forEach((band) => {
      const bucket = this.buckets.get(band)!;
      bucket.splice(bucket.indexOf(entry), 1);
      if (!bucket.length) {
        this.buckets.delete(band);
      }
    });
    this.entries.delete(id);
    this.likes.get(id)?.forEach((_, other) => this.likes.get(other)?.delete(id));
    this.likes.delete(id);
  }

  /** Puts a question in, or puts a changed one in its own place. */
  put(item: Item): void {
    this.remove(item.id);
    const shingles = shinglesOf(item);
    if (!shingles.length) {
      return;
    }
    const seenBy = ++this.puts;
    const entry = { id: item.id, shingles, bands: bandsOf(signatureOf(shingles)), seenBy };
    for (const band of entry.bands) {
      const bucket = this.buckets.get(band) ?? [];
      this.lookOver(entry, bucket);
      bucket.push(entry);
      this.buckets.set(band, bucket);
    }
    this.entries.set(item.id, entry);
  }

  /** Compares a new entry with those that share a band with it, each at the first band that they share. */
  private lookOver(entry: Entry, bucket: readonly Entry[]): void {
    for (const other of bucket) {
      if (other.seenBy !== entry.seenBy) {
        other.seenBy = entry.seenBy;
        this.compare(entry, other);
      }
    }
  }

  private compare(entry: Entry, other: Entry): void {
    const [a, b] = [entry.shingles.length, other.shingles.length];
    if (Math.min(a, b) < this.least * Math.max(a, b)) {
      return;
    }
    const likeness = jaccard(entry.shingles, other.shingles);
    if (likeness >= this.least) {
      this.join(entry.id, other.id, likeness);
    }
  }

  private join(a: string, b: string, likeness: number): void {
    for (const [from, to] of [
      [a, b],
      [b, a],
    ] as const) {
      const known = this.likes.get(from) ?? new Map<string, number>();
      known.set(to, likeness);
      this.likes.set(from, known);
    }
  }

  /** The questions that are nearly alike, the likest first; each pair once. */
  pairs(): Double[] {
    const found: Double[] = [];
    for (const [first, others] of this.likes) {
      for (const [second, likeness] of others) {
        if (first < second) {
          found.push({ first, second, likeness });
        }
      }
    }
    return found.sort(
      (a, b) => b.likeness - a.likeness || (a.first + a.second < b.first + b.second ? -1 : 1),
    );
  }
}

/**
 * Says of two questions by their ids whether they are nearly alike, each looked into once and only where it is asked of:
 * a draw of forty needs no index of ten thousand.
 */
export function nearlyAlikeIn(items: readonly Item[]): (a: string, b: string) => boolean {
  const byId = new Map(items.map((item) => [item.id, item]));
  const known = new Map<string, Uint32Array>();
  const shinglesBy = (id: string): Uint32Array => {
    const item = byId.get(id);
    const shingles = known.get(id) ?? (item ? shinglesOf(item) : new Uint32Array());
    known.set(id, shingles);
    return shingles;
  };
  return (a, b) => jaccard(shinglesBy(a), shinglesBy(b)) >= NEARLY_ALIKE;
}
