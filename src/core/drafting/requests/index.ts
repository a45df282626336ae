// Requests to a writing assistant, in batches that it can keep in view.
import type { Asked, Wish, WrittenRequest } from '../../model';
import { defined } from '../../shared/defined';
import { cleanText } from '../../shared/normalise';
import { columnsFor, formsOf, limitsOf } from './columns';
import { requestWords } from './words';

/** So many words or questions a reply is complete with; more, and assistants leave some out. Common practice, no source. */
const MOST_IN_BATCH = 15;
const DEFAULT_COUNT = 10;

type Batch = Pick<Asked, 'terms' | 'count' | 'category'>;

const inBatches = <T>(list: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, n) =>
    list.slice(n * size, (n + 1) * size),
  );

/** So many of a whole for each of some parts, differing by one at most. */
const shares = (whole: number, parts: number): number[] =>
  Array.from(
    { length: parts },
    (_, n) => Math.floor(((n + 1) * whole) / parts) - Math.floor((n * whole) / parts),
  );

function batchesOf({ about, count, batch = MOST_IN_BATCH }: Wish): Batch[] {
  const terms = [
    ...new Set(
      (about.terms ?? [])
        .map((term) => cleanText(typeof term === 'string' ? term : term.term))
        .filter(Boolean),
    ),
  ];
  if (terms.length) {
    const lists = inBatches(terms, batch);
    const counts = shares(count ?? terms.length, lists.length);
    return lists.map((list, n) => ({ terms: list, count: count ? counts[n]! : list.length }));
  }
  const each = count ?? DEFAULT_COUNT;
  const categories = (about.categories ?? []).map(cleanText).filter(Boolean);
  const wanted = categories.length ? categories : [undefined];
  return wanted.flatMap((category) => {
    const parts = Math.ceil(each / batch);
    return shares(each, parts).map((share) => ({
      terms: [],
      count: share,
      ...(category ? { category } : {}),
    }));
  });
}

/** What every request of a wish says. */
const givenIn = (wish: Wish): Given => ({
  limits: limitsOf(wish),
  ...defined({
    topic: wish.about.topic?.trim() || undefined,
    text: wish.about.text?.trim() || undefined,
    language: wish.language || undefined,
    level: wish.level || undefined,
    avoid: wish.avoid || undefined,
  }),
});
type Given = Pick<Asked, 'limits' | 'topic' | 'text' | 'language' | 'level' | 'avoid'>;

/** Whether categories are to be asked for first: only where neither words nor categories are given. */
const asksCategories = ({ about }: Wish): boolean =>
  Boolean(about.categoriesFirst) &&
  ![...(about.terms ?? []), ...(about.categories ?? [])].some((one) =>
    cleanText(typeof one === 'string' ? one : one.term),
  );

function categoryRequest(wish: Wish): WrittenRequest {
  const asked: Asked = {
    ...givenIn(wish),
    count: wish.about.categoriesFirst!,
    terms: [],
    kinds: [],
    options: 0,
    columns: [{ heading: 'Category', role: 'category' }],
    key: { style: 'none' },
    isForCategories: true,
  };
  return { n: 1, of: 1, text: requestWords(asked), asked };
}

/**
 * Writes the requests: at most fifteen words or questions in each, each kind of form by itself. Where categories are
 * to be asked for first, that is the only one: those for questions follow once its reply names them.
 */
export function writeRequests(wish: Wish): WrittenRequest[] {
  if (asksCategories(wish)) {
    return [categoryRequest(wish)];
  }
  const forms = formsOf(wish.kinds ?? ['choice-one']);
  const given = givenIn(wish);
  const wanted = forms.length ? forms : formsOf(['choice-one']);
  // So many in all: each form gets its share.
  const counts = wish.count ? shares(wish.count, wanted.length) : [];
  const all = wanted.flatMap(({ form, kinds: of }, at) =>
    batchesOf({ ...wish, ...(wish.count ? { count: counts[at] } : {}) })
      .filter(({ count }) => count > 0)
      .map((batch): Asked => ({ ...batch, ...given, ...columnsFor(form, wish), kinds: of })),
  );
  return all.map((asked, n) => ({ n: n + 1, of: all.length, text: requestWords(asked), asked }));
}
