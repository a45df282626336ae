// The pictures of the browser's database: fetched once each, put back into what is read, and let go when nothing shows them.
import type { Db } from './connection';
import { PutBack, shownBy, shownInSide, type SetAside, type Shows } from './pictures';
import type { Conflict, Written } from './port';

export class Gallery {
  /** Those that were read or written here, so that all questions that show one share its text. */
  private readonly known = new Map<string, string>();

  /** How to put pictures back into these entries. */
  async for(db: Db, entries: readonly Shows[]): Promise<PutBack> {
    const wanted = new Set(entries.flatMap(({ pictures }) => pictures ?? []));
    const missing = [...wanted].filter((digest) => !this.known.has(digest));
    const found = await Promise.all(missing.map((digest) => db.get('pictures', digest)));
    for (const [index, href] of found.entries()) {
      if (href !== undefined) {
        this.known.set(missing[index]!, href);
      }
    }
    return new PutBack((digest) => this.known.get(digest));
  }

  /** What was written, with its pictures back in it. */
  async hang(db: Db, written: Written, aside: SetAside): Promise<Written> {
    aside.digests.forEach((digest, href) => this.known.set(digest, href));
    const back = await this.for(db, [
      ...written.items.map(({ item }) => shownBy(item)),
      ...written.conflicts.flatMap(({ mine, theirs }) => [shownInSide(mine), shownInSide(theirs)]),
    ]);
    const side = (conflict: Conflict, name: 'mine' | 'theirs'): Partial<Conflict> =>
      name in conflict ? { [name]: back.side(conflict[name]) } : {};
    return {
      ...written,
      items: written.items.map((stored) => ({ ...stored, item: back.item(stored.item) })),
      conflicts: written.conflicts.map((conflict) => ({
        ...conflict,
        ...side(conflict, 'mine'),
        ...side(conflict, 'theirs'),
      })),
    };
  }

  /** Lets go of pictures that no question and no step shows, in one transaction, so that no tab's write falls between. */
  async clear(db: Db): Promise<void> {
    if (!(await db.count('pictures'))) {
      return;
    }
    const tx = db.transaction(['pictures', 'items', 'journal'], 'readwrite');
    const pictures = tx.objectStore('pictures');
    const questions = tx.objectStore('items').index('picture');
    const steps = tx.objectStore('journal').index('picture');
    for (const digest of await pictures.getAllKeys()) {
      const [question, step] = await Promise.all([questions.getKey(digest), steps.getKey(digest)]);
      if (!question && !step) {
        await pictures.delete(digest);
        this.known.delete(digest);
      }
    }
    await tx.done;
  }
}
