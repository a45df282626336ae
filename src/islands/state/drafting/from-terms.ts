// Questions made from terms, and their wrong options exchanged or locked.
import type { Item, Make } from '../../../core/model';
import type { Locked } from '../../../core/pipeline/drafting';
import { defined } from '../../../core/shared/defined';
import { core } from '../../../workers/client';
import type { SwappedOption } from '../../../workers/protocol';
import { bankState } from '../bank';
import { draftingState, reviewOf, setDrafting, setReview } from './hold';
import type { Review } from './types';
import { put, work } from './work';
import { i18n } from '../../../languages';

/** The cards of the bank as lines of terms. */
export function termsOfBank(): string {
  return bankState()
    .items.filter(({ kind, accepted }) => kind === 'card' && accepted?.[0])
    .map(({ stem, accepted, category }) =>
      [stem.plain, accepted![0], category?.join(' > ') ?? '']
        .map((text) => text!.replace(/\s+/g, ' '))
        .join('\t')
        .trimEnd(),
    )
    .join('\n');
}

const makesOf = (): Make[] => {
  const { kinds, direction, options, perQuestion, ask, seed } = draftingState().terms;
  return kinds.map((kind) =>
    defined({
      kind,
      // A typed answer is a term; what is asked for with a card or a choice can be turned round.
      direction: kind === 'short' ? undefined : direction,
      options: kind === 'match' ? Math.max(2, options) : options,
      perQuestion,
      ask: ask.trim() && kind !== 'gap' && kind !== 'card' ? ask.trim() : undefined,
      seed,
    }),
  );
};

export async function makeFromTerms(): Promise<void> {
  const makes = makesOf();
  await work(i18n._('Making questions'), async () => {
    const { terms, without } = await core().termsOfText(draftingState().terms.text);
    const drafted = await core().draft(terms, makes, lockedOf(reviewOf('terms')));
    const findings = without.length
      ? [
          {
            rule: 'term-line',
            level: 'warn' as const,
            message: i18n._(
              'No definition was found in line {without}{without2}: put a tab or a dash between term and definition.',
              { without: without.slice(0, 5).join(', '), without2: without.length > 5 ? ' …' : '' },
            ),
          },
          ...drafted.findings,
        ]
      : drafted.findings;
    put('terms', { ...drafted, findings }, { makes, terms });
  });
}

/** What of the questions before is to stay, by the question's id. */
function lockedOf(review: Review | undefined): Record<string, Locked> {
  const items = review?.items.filter(({ id }) => review.locked?.[id]?.length) ?? [];
  return Object.fromEntries(
    items.map((item) => [
      item.id,
      { item, lent: review!.because[item.id] ?? [], places: review!.locked![item.id]! },
    ]),
  );
}

/** Locks a wrong option, so that it stays when others are chosen; or opens it again. */
export function lockOption(id: string, at: number): void {
  const review = reviewOf('terms');
  if (!review) {
    return;
  }
  const before = review.locked?.[id] ?? [];
  const places = before.includes(at) ? before.filter((place) => place !== at) : [...before, at];
  setReview('terms', { ...review, locked: { ...review.locked, [id]: places } });
}

/** Other wrong options in the places of all that are not locked. */
export async function swapOthers(id: string): Promise<void> {
  const review = reviewOf('terms');
  const options = review?.items.find((one) => one.id === id)?.options ?? [];
  const locked = review?.locked?.[id] ?? [];
  for (const [at, { right }] of options.entries()) {
    if (!right && !locked.includes(at)) {
      await swap(id, at);
    }
  }
}

/** The review with one wrong option exchanged; the text that stood there is remembered. */
function withSwapped(review: Review, { item, lent }: SwappedOption, stood: string): Review {
  const { id } = item;
  const others = (review.because[id] ?? []).filter(({ option }) => option !== lent.option);
  return {
    ...review,
    items: review.items.map((one) => (one.id === id ? item : one)),
    because: { ...review.because, [id]: [...others, lent] },
    past: { ...review.past, [id]: [...(review.past?.[id] ?? []), stood] },
  };
}

/** The best wrong option that neither stands nor stood there. */
async function otherOption(
  { makes, terms = [], past }: Review,
  item: Item,
  at: number,
): Promise<SwappedOption | undefined> {
  const make = makes.find(({ kind }) => kind === item.kind);
  return make && core().swapOption(terms, make, item, { at, past: past?.[item.id] ?? [] });
}

async function swapNow(id: string, at: number): Promise<void> {
  const review = reviewOf('terms');
  const item = review?.items.find((one) => one.id === id);
  if (!review || !item) {
    return;
  }
  const swapped = await otherOption(review, item, at);
  if (!swapped) {
    setDrafting({ problem: i18n._('No other term can lend a wrong option here.') });
    return;
  }
  // What was decided while the worker chose stays; a question that was mended meanwhile is another one.
  const now = reviewOf('terms');
  if (now?.items.includes(item)) {
    setReview('terms', withSwapped(now, swapped, item.options?.[at]?.text.plain ?? ''));
  }
}

let swaps: Promise<void> = Promise.resolve();

/** Another wrong option in the place of one; several that are asked for follow one another. */
export function swap(id: string, at: number): Promise<void> {
  const swapped = swaps.then(() => swapNow(id, at));
  swaps = swapped.catch(() => undefined);
  return swapped;
}
