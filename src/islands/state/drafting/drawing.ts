// Variants of a calculated question, drawn and drawn anew.
import { core } from '../../../workers/client';
import { freshSeed } from '../../parts/fresh-seed';
import { draftingState, reviewOf, setDrafting, setReview } from './hold';
import { templateOf } from './template';
import type { Review } from './types';
import { put, work } from './work';
import { i18n } from '../../../languages';

export async function drawVariants(): Promise<void> {
  const { template } = draftingState();
  await work(i18n._('Drawing'), async () => {
    const made = await core().variants(templateOf(template), template.count, template.seed);
    put('calculated', { ...made, because: {} });
  });
}

const valuesOf = (review: Review, id: string): string =>
  JSON.stringify(
    review.items.find((item) => item.id === id)?.variant?.values.map(({ value }) => value),
  );

/** Another drawing in the place of one. */
export async function drawAnew(id: string): Promise<void> {
  const review = reviewOf('calculated');
  if (!review) {
    return;
  }
  const { template } = draftingState();
  const before = review.items.find((item) => item.id === id);
  const there = new Set(review.items.map((item) => valuesOf(review, item.id)));
  const seed = freshSeed();
  const { items } = await core().variants(templateOf(template), review.items.length + 1, seed);
  const other = items.find(
    ({ variant }) => !there.has(JSON.stringify(variant?.values.map(({ value }) => value))),
  );
  if (!other) {
    setDrafting({
      problem: i18n._('There is no other drawing: widen a range or take a smaller step.'),
    });
    return;
  }
  // What was decided while the worker drew stays; a question that was mended meanwhile is another one.
  const now = reviewOf('calculated');
  if (!now || !before || !now.items.includes(before)) {
    return;
  }
  setReview('calculated', {
    ...now,
    items: now.items.map((one) =>
      one === before
        ? { ...other, id: one.id, ref: one.ref, variant: { ...other.variant!, n: one.variant!.n } }
        : one,
    ),
  });
}
