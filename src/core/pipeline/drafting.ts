// Drafting as workers and endpoints call it: a reply in no known form is read as any other source.
import type { Asked, Item } from '../model';
import { compareReplies, type Compared } from '../drafting';
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
