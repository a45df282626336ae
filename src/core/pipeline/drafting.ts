// Drafting as workers and endpoints call it: a reply in no known form is read as any other source.
import type { Asked, Drafted, Item, Make, Term } from '../model';
import { compareReplies, draftFromTerms, type Compared } from '../drafting';
import { nameItems } from '../shared/references';
import { gatherSource } from './sources';

export {
  draftFromTerms,
  makeVariants,
  swapOption,
  termsOfText,
  writeRequests,
  type Compared,
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

/** Questions of several kinds from the same terms, with references that differ. */
export function draftKinds(
  terms: readonly Term[],
  makes: readonly Make[],
  tell: (done: number, of: number) => void,
): Drafted {
  const all = makes.map((make, n) =>
    draftFromTerms(terms, make, (done, of) => tell(n * of + done, makes.length * of)),
  );
  const seen = new Set<string>();
  return {
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
}
