// The pictures of a bank: each once with the questions that show it, whether it is held here, behind a link, or only named.
import type { Item } from '../model';
import { holdsPicture, pictureName } from '../shared/picture-list';

/**
 * `held` pictures are in the bank themselves, `linked` ones behind an address, and of `named` ones the bank knows no more than
 * a name or a receiver's number.
 */
export type BankPicture = {
  href: string;
  name: string;
  is: 'held' | 'linked' | 'named';
  /** What is said for those who don't see it; absent where some question says nothing. */
  alt: string | undefined;
  /** The ids of the questions that show it. */
  questions: string[];
};

const LINKED = /^https?:\/\//iu;

function kindOf(href: string): BankPicture['is'] {
  if (holdsPicture(href)) {
    return 'held';
  }
  return LINKED.test(href) ? 'linked' : 'named';
}

const ORDER: Readonly<Record<BankPicture['is'], number>> = { named: 0, linked: 1, held: 2 };

/** Every picture of some questions: those that are only named first, since they are missing, then by name. */
export function picturesIn(items: readonly Item[]): BankPicture[] {
  const found = new Map<string, BankPicture>();
  for (const { id, media = [] } of items) {
    for (const { href, alt } of media) {
      const known = found.get(href);
      const own = known ?? {
        href,
        name: holdsPicture(href)
          ? (alt ?? '')
          : href
              .replace(/[?#].*$/u, '')
              .split(/[\\/]/u)
              .at(-1)!,
        is: kindOf(href),
        alt: alt || undefined,
        questions: [],
      };
      own.alt = known && own.alt !== alt ? own.alt && alt : own.alt;
      if (!own.questions.includes(id)) {
        own.questions.push(id);
      }
      found.set(href, own);
    }
  }
  return [...found.values()].sort(
    (a, b) => ORDER[a.is] - ORDER[b.is] || a.name.localeCompare(b.name, 'en-GB', { numeric: true }),
  );
}

/** What becomes of a picture wherever it is shown: another in its place, a description, or nothing. */
export type PictureChange = { href?: string; alt?: string } | 'removed';

/** The questions that differ once pictures, by their addresses, are changed. */
export function withPictures(
  items: readonly Item[],
  changes: ReadonlyMap<string, PictureChange>,
): Item[] {
  return items.flatMap((item): Item[] => {
    if (!item.media?.some(({ href }) => changes.has(href))) {
      return [];
    }
    const media = item.media.flatMap((one) => {
      const change = changes.get(one.href);
      return change === 'removed' ? [] : [{ ...one, ...change }];
    });
    const { media: _media, ...bare } = item;
    return [media.length ? { ...bare, media } : bare];
  });
}

/** The pictures that files are meant for, by their names without folder and ending; each with its file's place. */
export function matchFiles(
  pictures: readonly BankPicture[],
  files: readonly string[],
): Map<string, number> {
  const names = files.map(pictureName);
  return new Map(
    pictures.flatMap(({ href, is }): [string, number][] => {
      const at = is === 'held' ? -1 : names.indexOf(pictureName(href));
      return at < 0 ? [] : [[href, at]];
    }),
  );
}
