// The kind as the receiver knows it: as it is, re-coded with a named change, or refused.
import type { Item, Kind } from '../model';
import { count } from '../shared/plain';
import { Draft, Refusal } from './changes';
import { mostOptions, type Context } from './context';
import { recode } from './recode';

export const KIND_WORDS: Record<Kind, string> = {
  'choice-one': 'one right option',
  'choice-many': 'several right options',
  'true-false': 'true or false',
  match: 'pairs',
  order: 'steps in order',
  short: 'short answer',
  number: 'number',
  gap: 'gaps',
  open: 'open question',
  upload: 'file to hand in',
  card: 'card',
};

/** Other kinds that can carry the question, those that lose nothing first. */
function stands(item: Item): Kind[] {
  const right = item.options?.filter((option) => option.right).length ?? 0;
  const answers = item.accepted?.length ?? 0;
  switch (item.kind) {
    case 'true-false':
      return ['choice-one', 'choice-many', 'short'];
    case 'choice-one':
      return ['choice-many', 'true-false', 'card', 'short'];
    case 'choice-many':
      return right === 1 ? ['choice-one', 'true-false', 'card', 'short'] : ['true-false'];
    // A short definition can be typed; a long one is better chosen than typed.
    case 'card':
      return (item.accepted?.[0]?.length ?? 0) <= 25
        ? ['short', 'choice-one']
        : ['choice-one', 'short'];
    case 'short':
      return answers === 1 ? ['card'] : [];
    case 'number':
      return ['short', 'card'];
    case 'match':
      return ['choice-one', 'card'];
    case 'order':
      return ['match'];
    case 'gap':
      return item.gaps?.every((gap) => gap.options?.length) ? ['choice-one', 'short'] : ['short'];
    default:
      return [];
  }
}

const isBlank = (text: string): boolean => !text.trim();

/** What keeps a question from being handed to anyone; undefined where it is finished. */
function unfinished(item: Item): string | undefined {
  if (isBlank(item.stem.plain)) {
    return 'it has no text';
  }
  switch (item.kind) {
    case 'choice-one':
    case 'choice-many':
    case 'true-false':
      if (!item.options?.some((option) => option.right)) {
        return 'no option is right';
      }
      return item.options.some((option) => isBlank(option.text.plain))
        ? 'one of its options is empty'
        : undefined;
    case 'card':
    case 'short':
      return item.accepted?.some((text) => !isBlank(text)) ? undefined : 'it has no answer';
    case 'match':
      return (item.pairs?.length ?? 0) < 2 ? 'it has fewer than two pairs' : undefined;
    case 'order':
      return (item.steps?.length ?? 0) < 2 ? 'it has fewer than two steps' : undefined;
    case 'gap':
      return !item.gaps?.length || item.gaps.some((gap) => gap.accepted.every(isBlank))
        ? 'a gap has no answer'
        : undefined;
    case 'number':
      return item.number ? undefined : 'it has no number for an answer';
    default:
      return undefined;
  }
}

/** Settles the kind; gives several drafts where the receiver takes the question only in parts. Refuses what it can't say. */
export function fitKind(draft: Draft, context: Context): Draft[] {
  const { kind } = draft.item;
  const lack = unfinished(draft.item);
  if (lack) {
    throw new Refusal(lack);
  }
  if (context.accepts(kind)) {
    return [draft];
  }
  const taken = `the receiver takes no questions of the kind ${KIND_WORDS[kind]}`;
  for (const other of stands(draft.item).filter((candidate) => context.accepts(candidate))) {
    const made = recode(draft.item, other, { deck: context.deck, most: mostOptions(context) });
    if (!made) {
      continue;
    }
    draft.note(
      'kind',
      KIND_WORDS[kind],
      made.items.length > 1
        ? `${count(made.items.length, 'question')}: ${KIND_WORDS[other]}`
        : KIND_WORDS[other],
      `${taken}${made.why ? `; ${made.why}` : ''}`,
    );
    return made.items.map((item, index) =>
      index === 0
        ? new Draft(item, draft.changes)
        : new Draft(item, draft.changes, `parts.${index}.`),
    );
  }
  throw new Refusal(taken);
}
