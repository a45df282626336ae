// What was made is looked over: kept, mended, thrown out; what is kept enters the bank in one step.
import type { Item, KeptSource } from '../../../core/model';
import { nameItems } from '../../../core/shared/references';
import { recordChange } from '../../../core/shared/steps';
import { editedBy, type Edit } from '../../parts/edits';
import { addItems, bankState } from '../bank';
import { newSet } from '../sets';
import { draftingState, reviewOf, setDrafting, setReview } from './hold';
import type { Bench, Review, TakenAs, Verdict } from './types';
import { i18n } from '../../../languages';

export const openDraft = (id: string | undefined): void => setDrafting({ open: id });

/** The first question behind one that nothing is decided of; the first of all where none is behind it. */
function nextLeft(bench: Bench, id: string): string | undefined {
  const review = reviewOf(bench);
  if (!review) {
    return undefined;
  }
  const at = review.items.findIndex((item) => item.id === id);
  const order = [...review.items.slice(at + 1), ...review.items.slice(0, at)];
  return order.find((item) => !review.verdicts[item.id])?.id;
}

/** Decides of one question and goes to the next that is left. */
export function decideDraft(bench: Bench, id: string, verdict: Verdict | undefined): void {
  const review = reviewOf(bench);
  if (!review) {
    return;
  }
  const verdicts = { ...review.verdicts };
  if (verdict) {
    verdicts[id] = verdict;
  } else {
    delete verdicts[id];
  }
  setReview(bench, { ...review, verdicts });
  if (verdict) {
    setDrafting({ open: nextLeft(bench, id) ?? id });
  }
}

/** The questions that nothing is decided of and no finding blocks, by their ids. */
export function keepable({ items, findings, verdicts }: Review): string[] {
  const blocked = new Set(
    findings.filter(({ level }) => level === 'block').map(({ item }) => item),
  );
  return items.map(({ id }) => id).filter((id) => !verdicts[id] && !blocked.has(id));
}

/** Keeps all that nothing is decided of; those that a finding blocks stay to be looked at. */
export function keepAll(bench: Bench): void {
  const review = reviewOf(bench);
  if (!review) {
    return;
  }
  const verdicts = { ...review.verdicts };
  keepable(review).forEach((id) => (verdicts[id] = 'kept'));
  setReview(bench, { ...review, verdicts });
}

/** Mends one question; what was told of it is told no more. */
export function mendDraft(bench: Bench, id: string, edits: readonly Edit[]): void {
  const review = reviewOf(bench);
  const item = review?.items.find((one) => one.id === id);
  if (!review || !item) {
    return;
  }
  const mended = editedBy(item, edits);
  setReview(bench, {
    ...review,
    items: review.items.map((one) => (one.id === id ? mended : one)),
    findings: review.findings.filter((finding) => finding.item !== id),
  });
}

const SOURCES: Record<Bench, string> = {
  terms: i18n._('Drafted from terms'),
  assistant: i18n._('Drafted with an assistant'),
  calculated: i18n._('Calculated variants'),
};

/** The questions as they enter the bank, with the source that brings them. */
function entering(kept: readonly Item[], name: string): { fresh: Item[]; source: KeptSource } {
  const id = crypto.randomUUID();
  const at = new Date().toISOString();
  const refs = bankState().items.map(({ ref }) => ref);
  const fresh = nameItems(kept.map(withOwnRef), refs).map((item): Item => ({
    ...item,
    id: crypto.randomUUID(),
    origin: { file: name, at, source: id },
  }));
  return { fresh, source: { id, name, at, items: fresh.map((item) => item.id) } };
}

/** What the set is called that they are taken as. */
function setName(bench: Bench, [first]: readonly Item[]): string {
  const of = first?.variant?.of;
  if (bench === 'calculated') {
    return of && of !== 'template' ? of : i18n._('Calculated pool');
  }
  return (bench === 'assistant' && draftingState().ask.topic.trim()) || SOURCES[bench];
}

/** Puts what is kept into the bank in one step that undo takes back, and into a set where that is wished. */
export function takeKept(bench: Bench, as: TakenAs = 'questions'): void {
  const review = reviewOf(bench);
  const kept = review?.items.filter(({ id }) => review.verdicts[id] === 'kept') ?? [];
  if (!review || !kept.length) {
    return;
  }
  const { fresh, source } = entering(kept, SOURCES[bench]);
  const label = i18n._('Take {fresh, plural, one {# question} other {# questions}} drafted', {
    fresh: fresh.length,
  });
  void addItems(label, fresh, recordChange('sources', undefined, source));
  if (as !== 'questions') {
    newSet(setName(bench, fresh), source.items, as === 'pool' ? 1 : undefined);
  }
  const left = review.items.filter(({ id }) => !review.verdicts[id]);
  setReview(bench, left.length ? { ...review, items: left, verdicts: {} } : undefined);
  setDrafting({
    open: left[0]?.id,
    taken: { source: source.name, ids: source.items, as },
  });
  if (bench === 'assistant' && !left.length) {
    setDrafting({
      sent: draftingState().sent.map((one) => (one.reply ? { ...one, state: 'done' } : one)),
    });
  }
}

/** References that were only numbered here are given anew by the bank. */
const withOwnRef = (item: Item): Item => (/^Q-\d+$/.test(item.ref) ? { ...item, ref: '' } : item);
