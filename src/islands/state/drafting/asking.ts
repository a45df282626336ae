// Requests to a writing assistant, and its replies held against them.
import type { Asked, Wish, WrittenRequest } from '../../../core/model';
import { defined } from '../../../core/shared/defined';
import { core } from '../../../workers/client';
import { copyText } from '../../parts/copy-text';
import { bankState } from '../bank';
import { draftingState, setDrafting, setReview } from './hold';
import { linesOf } from './template';
import type { AskWish, Sent } from './types';
import { put, work } from './work';
import { i18n } from '../../../languages';

/** Writes the requests for what is wished; they stand for those before. */
export async function writeRequests(): Promise<void> {
  const { ask } = draftingState();
  const requests = await core().requests(wishOf(ask));
  setDrafting({ sent: requests.map(toSend), problem: undefined, taken: undefined });
  setReview('assistant', undefined);
}

/** A request that nobody has copied yet. */
const toSend = ({ text, asked }: Pick<WrittenRequest, 'text' | 'asked'>): Sent => ({
  id: crypto.randomUUID(),
  text,
  asked,
  state: 'to send',
  reply: '',
});

/** What is asked for, as the requests are written from it. */
function wishOf(ask: AskWish): Wish {
  const { topic, terms, text, categories, count, kinds, options } = ask;
  const layouts = bankState()
    .layouts.filter(({ chosen }) => chosen)
    .map(({ layout }) => layout);
  return defined({
    about: defined({
      topic,
      terms: linesOf(terms),
      text,
      categories: linesOf(categories),
      categoriesFirst: ask.categoriesFirst || undefined,
    }),
    count: count === '' ? undefined : count,
    kinds,
    options,
    layouts,
    level: ask.level || undefined,
    language: ask.language || undefined,
    avoid: ask.avoid || undefined,
  });
}

const setSent = (id: string, change: Partial<Sent>): void =>
  setDrafting({
    sent: draftingState().sent.map((one) => (one.id === id ? { ...one, ...change } : one)),
  });

export async function copyRequest(id: string): Promise<void> {
  const one = draftingState().sent.find((sent) => sent.id === id);
  if (one) {
    await copyText(one.text, i18n._('The request is in the clipboard.'));
    setSent(id, { state: one.state === 'to send' ? 'waiting' : one.state });
  }
}

/** The categories of a reply are what is asked for next, with a request for each. */
async function takeCategories({ id, asked }: Sent, reply: string): Promise<void> {
  const { categories, findings } = await core().categoriesOf(reply, asked);
  setSent(id, { findings, state: categories.length ? 'done' : 'compared' });
  const found = { categories: categories.join('; ') };
  const wish = wishOf({ ...draftingState().ask, ...found });
  const requests = categories.length ? await core().requests(wish) : [];
  const { sent, ask } = draftingState();
  // What was sent or answered already stays; only what is new is to be sent.
  const there = new Map(sent.map((one) => [one.text, one]));
  setDrafting({
    ask: { ...ask, ...found },
    sent: [
      ...sent.filter((one) => one.asked.isForCategories),
      ...requests.map((request) => there.get(request.text) ?? toSend(request)),
    ],
  });
}

/** Takes a reply to a request and holds all replies so far against what was asked. */
export async function takeReply(id: string, reply: string): Promise<void> {
  setSent(id, { reply, state: 'compared' });
  const to = draftingState().sent.find((sent) => sent.id === id);
  await (to?.asked.isForCategories ? takeCategories(to, reply) : compareAll());
}

async function compareAll(): Promise<void> {
  const done = draftingState().sent.filter(
    (sent) => sent.reply.trim() && sent.state !== 'done' && !sent.asked.isForCategories,
  );
  await work(i18n._('Comparing'), async () => {
    const compared = await core().compare(
      done.map((sent): Asked => sent.asked),
      done.map((sent) => sent.reply),
    );
    put('assistant', { ...compared, because: {} });
    const { again } = compared;
    const open = draftingState().sent.filter((sent) => !(sent.asked.again && !sent.reply));
    const isLast = open.every((sent) => sent.reply.trim());
    setDrafting({ sent: again && isLast ? [...open, toSend(again)] : open });
  });
}
