// A later edition of a file takes the place of what the bank has of it.
import { markOf } from '../../../core/banks';
import type { Item } from '../../../core/model';
import { recordChange } from '../../../core/shared/steps';
import { bankState, changeItems } from '../bank';
import { i18n } from '../../../languages';

/** A question as a file has it now, and as the bank has it. */
export type Editions = { now: Item; inBank: Item };

/** What answers a question; of two editions only the later one's. */
const ANSWERS = ['options', 'accepted', 'pairs', 'steps', 'gaps', 'number'] as const;

/** The bank's question with what the file says now; its name, its past and what the file says nothing of stay. */
function replaced({ now, inBank }: Editions): Item {
  const kept = { ...inBank };
  ANSWERS.forEach((name) => delete kept[name]);
  const origin = { ...now.origin, ...inBank.origin };
  return { ...kept, ...now, id: inBank.id, ref: inBank.ref, origin };
}

/** Replaces questions by their later editions in one step, which the sources of the bank then say of them. */
export function replaceByEditions(editions: readonly Editions[]): Promise<void> {
  const marks = new Map(editions.map(({ now, inBank }) => [inBank.id, markOf(now)]));
  const records = bankState().sources.flatMap((source) => {
    const own = source.items.filter((id) => marks.has(id));
    const said = { ...source.said, ...Object.fromEntries(own.map((id) => [id, marks.get(id)!])) };
    return own.length ? recordChange('sources', source, { ...source, said }) : [];
  });
  return changeItems(
    i18n._('Replace {editions, plural, one {# question} other {# questions}} by a later edition', {
      editions: editions.length,
    }),
    editions.map(replaced),
    new Map(),
    records,
  );
}
