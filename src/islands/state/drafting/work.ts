// Work on a bench: run with its count, stopped, and what it made put beside what was kept before.
import type { Drafted, Item, Make, Term } from '../../../core/model';
import { onProgress, stopCore } from '../../../workers/client';
import { Latest } from '../../parts/latest';
import { messageOf } from '../../parts/message-of';
import { reviewOf, setDrafting, setReview } from './hold';
import type { Bench, Review } from './types';
import { i18n } from '../../../languages';

const latest = new Latest();

/** Runs work on a bench with its count; a later one, or a stop, makes it count no more. */
export async function work(busy: string, run: () => Promise<void>): Promise<void> {
  const isLatest = latest.begin();
  setDrafting({ busy, far: undefined, problem: undefined, taken: undefined });
  const end = onProgress((done, of) => {
    if (isLatest()) {
      setDrafting({ far: { done, of } });
    }
  });
  try {
    await run();
  } catch (error) {
    if (isLatest()) {
      setDrafting({ problem: messageOf(error, i18n._('It could not be done.')) });
    }
  } finally {
    end();
    if (isLatest()) {
      setDrafting({ busy: undefined, far: undefined });
    }
  }
}

export function stopDrafting(): void {
  latest.drop();
  setDrafting({ busy: undefined, far: undefined, problem: i18n._('Stopped. Nothing was made.') });
  stopCore();
}

type Made = { makes: Make[]; terms?: Term[] };

/** Whether what is made now is what was kept before: the same place of the list, asking the same. */
const isSame = (before: Item | undefined, now: Item): boolean =>
  before !== undefined && (before.variant !== undefined || before.stem.plain === now.stem.plain);

/** A name of its own for a question whose place in the list is another's that was kept. */
const apart = (id: string, at: number): string => `${id} ${at + 1}`;

/** What was made; questions that were kept before stay as they are, so that a second making is about the rest. */
export function put(
  bench: Bench,
  { items, findings, because, of }: Drafted,
  { makes, terms = [] }: Made = { makes: [] },
): void {
  const before = reviewOf(bench);
  const kept = before?.items.filter(({ id }) => before.verdicts[id] === 'kept') ?? [];
  const keptById = new Map(kept.map((item) => [item.id, item]));
  const review: Review = {
    items: [...kept],
    findings,
    because: { ...before?.because },
    of: { ...before?.of },
    locked: { ...before?.locked },
    makes,
    terms,
    verdicts: Object.fromEntries(kept.map(({ id }) => [id, 'kept' as const])),
  };
  const fresh = items.filter((item) => !isSame(keptById.get(item.id), item));
  fresh.forEach((item, at) => {
    const id = keptById.has(item.id) ? apart(item.id, at) : item.id;
    review.items.push({ ...item, id });
    review.because[id] = because[item.id] ?? [];
    if (of?.[item.id]) {
      review.of![id] = of[item.id]!;
    }
  });
  setReview(bench, review);
  setDrafting({ open: review.items[kept.length]?.id ?? review.items[0]?.id });
}
