// Drafting as workers and endpoints call it: a reply in no known form is read as any other source.
import type { Asked, Drafted, Item, Make, Term } from '../model';
import {
  compareReplies,
  draftFromTerms,
  withLocked,
  type Compared,
  type WithLent,
} from '../drafting';
import { nameItems } from '../shared/references';
import { gatherSource } from './sources';

export {
  categoriesOfReply,
  draftFromTerms,
  makeVariants,
  swapOption,
  termsOfText,
  writeRequests,
  type Categories,
  type Compared,
  type Exchange,
} from '../drafting';

/** Holds replies against what was asked; `known` are the bank's questions, `id` gives new ids. */
export function compareWithAsked(
  asked: readonly Asked[],
  replies: readonly string[],
  { known = [], id }: { known?: readonly Item[]; id: () => string },
): Promise<Compared> {
  const read = async (text: string): Promise<Item[]> =>
    (await gatherSource({ text, name: 'reply' }, {}, { id })).items;
  return compareReplies(asked, replies, { read, known });
}

/** A question that was made before, with the places of the wrong options that are to stay. */
export type Locked = WithLent & { places: readonly number[] };

/** Puts the wrong options that are to stay into what was made anew; by the question's id. */
function lockedInto(drafted: Drafted, locked: Readonly<Record<string, Locked>>): Drafted {
  const because = { ...drafted.because };
  const items = drafted.items.map((item) => {
    const before = locked[item.id];
    if (!before) {
      return item;
    }
    const kept = withLocked(before, { item, lent: because[item.id] ?? [] }, before.places);
    because[item.id] = kept.lent;
    return { ...kept.item, id: item.id, ref: item.ref };
  });
  return { ...drafted, items, because };
}

/** Who hears how far the making is, and what of an earlier making is to stay. */
export type MakingWith = {
  tell: (done: number, of: number) => void;
  locked?: Readonly<Record<string, Locked>>;
};

/** Questions of several kinds from the same terms, with references that differ. */
export function draftKinds(
  terms: readonly Term[],
  makes: readonly Make[],
  { tell, locked = {} }: MakingWith,
): Drafted {
  const all = makes.map((make, n) =>
    draftFromTerms(terms, make, (done, of) => tell(n * of + done, makes.length * of)),
  );
  const seen = new Set<string>();
  const drafted: Drafted = {
    items: nameItems(
      all.flatMap(({ items }) => items),
      [],
    ),
    // What is true of the list is told once.
    findings: all
      .flatMap(({ findings }) => findings)
      .filter(({ message }) => !seen.has(message) && seen.add(message)),
    because: Object.assign({}, ...all.map(({ because }) => because)) as Drafted['because'],
    of: Object.assign({}, ...all.map(({ of }) => of)) as NonNullable<Drafted['of']>,
  };
  return lockedInto(drafted, locked);
}
