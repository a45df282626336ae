// Questions made on the benches: from terms, from replies, from templates.
import type { Asked, Drafted, Item, Make, Term, Wish } from '../../../core/model';
import { defined } from '../../../core/shared/defined';
import { core, onProgress, stopCore } from '../../../workers/client';
import { freshSeed } from '../../parts/fresh-seed';
import { Latest } from '../../parts/latest';
import { messageOf } from '../../parts/message-of';
import { bankState } from '../bank';
import { draftingState, reviewOf, setDrafting, setReview } from './hold';
import { linesOf, templateOf } from './template';
import type { Bench, Review, Sent } from './types';

const latest = new Latest();

/** Runs work on a bench with its count; a later one, or a stop, makes it count no more. */
async function work(busy: string, run: () => Promise<void>): Promise<void> {
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
      setDrafting({ problem: messageOf(error, 'It could not be done.') });
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
  setDrafting({ busy: undefined, far: undefined, problem: 'Stopped. Nothing was made.' });
  stopCore();
}

type Made = { makes: Make[]; terms?: Term[] };

/** Whether what is made now is what was kept before: the same place of the list, asking the same. */
const isSame = (before: Item | undefined, now: Item): boolean =>
  before !== undefined && (before.variant !== undefined || before.stem.plain === now.stem.plain);

/** A name of its own for a question whose place in the list is another's that was kept. */
const apart = (id: string, at: number): string => `${id} ${at + 1}`;

/** What was made; questions that were kept before stay as they are, so that a second making is about the rest. */
function put(
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
  await work('Making questions', async () => {
    const { terms, without } = await core().termsOfText(draftingState().terms.text);
    const drafted = await core().draft(terms, makes);
    const findings = without.length
      ? [
          {
            rule: 'term-line',
            level: 'warn' as const,
            message: `No definition was found in line ${without.slice(0, 5).join(', ')}${without.length > 5 ? ' …' : ''}: put a tab or a dash between term and definition.`,
          },
          ...drafted.findings,
        ]
      : drafted.findings;
    put('terms', { ...drafted, findings }, { makes, terms });
  });
}

/** Another wrong option in the place of one. */
export async function swap(id: string, at: number): Promise<void> {
  const review = reviewOf('terms');
  const item = review?.items.find((one) => one.id === id);
  const make = review?.makes.find(({ kind }) => kind === item?.kind);
  if (!review || !item || !make) {
    return;
  }
  const swapped = await core().swapOption(review.terms ?? [], make, item, at);
  if (!swapped) {
    setDrafting({ problem: 'No other term can lend a wrong option here.' });
    return;
  }
  const lent = (review.because[id] ?? []).filter(({ option }) => option !== at);
  setReview('terms', {
    ...review,
    items: review.items.map((one) => (one.id === id ? swapped.item : one)),
    because: { ...review.because, [id]: [...lent, swapped.lent] },
  });
}

/** Writes the requests for what is wished; they stand for those before. */
export async function writeRequests(): Promise<void> {
  const { topic, terms, text, categories, count, kind, options, level, language, avoid } =
    draftingState().ask;
  const layouts = bankState()
    .layouts.filter(({ chosen }) => chosen)
    .map(({ layout }) => layout);
  const wish: Wish = defined({
    about: { topic, terms: linesOf(terms), text, categories: linesOf(categories) },
    count: count === '' ? undefined : count,
    kinds: [kind],
    options,
    layouts,
    level: level || undefined,
    language: language || undefined,
    avoid: avoid || undefined,
  });
  const requests = await core().requests(wish);
  const sent = requests.map((request): Sent => ({
    id: crypto.randomUUID(),
    text: request.text,
    asked: request.asked,
    state: 'to send',
    reply: '',
  }));
  setDrafting({ sent, problem: undefined, taken: undefined });
  setReview('assistant', undefined);
}

const setSent = (id: string, change: Partial<Sent>): void =>
  setDrafting({
    sent: draftingState().sent.map((one) => (one.id === id ? { ...one, ...change } : one)),
  });

export async function copyRequest(id: string): Promise<void> {
  const one = draftingState().sent.find((sent) => sent.id === id);
  if (one) {
    await navigator.clipboard.writeText(one.text);
    setSent(id, { state: one.state === 'to send' ? 'waiting' : one.state });
  }
}

/** Takes a reply to a request and holds all replies so far against what was asked. */
export async function takeReply(id: string, reply: string): Promise<void> {
  setSent(id, { reply, state: 'compared' });
  const done = draftingState().sent.filter((sent) => sent.reply.trim());
  await work('Comparing', async () => {
    const compared = await core().compare(
      done.map((sent): Asked => sent.asked),
      done.map((sent) => sent.reply),
    );
    put('assistant', { ...compared, because: {} });
    const { again } = compared;
    const open = draftingState().sent.filter((sent) => !(sent.asked.again && !sent.reply));
    const isLast = open.every((sent) => sent.reply.trim());
    setDrafting({
      sent:
        again && isLast
          ? [...open, { id: crypto.randomUUID(), ...again, state: 'to send', reply: '' }]
          : open,
    });
  });
}

export async function drawVariants(): Promise<void> {
  const { template } = draftingState();
  await work('Drawing', async () => {
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
  const there = new Set(review.items.map((item) => valuesOf(review, item.id)));
  const seed = freshSeed();
  const { items } = await core().variants(templateOf(template), review.items.length + 1, seed);
  const other = items.find(
    ({ variant }) => !there.has(JSON.stringify(variant?.values.map(({ value }) => value))),
  );
  if (!other) {
    setDrafting({ problem: 'There is no other drawing: widen a range or take a smaller step.' });
    return;
  }
  setReview('calculated', {
    ...review,
    items: review.items.map((one) =>
      one.id === id
        ? { ...other, id: one.id, ref: one.ref, variant: { ...other.variant!, n: one.variant!.n } }
        : one,
    ),
  });
}
