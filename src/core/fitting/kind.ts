// The kind as the receiver knows it: as it is, re-coded with a named change, or refused.
import type { Item, Kind } from '../model';
import { KIND_NAMES } from '../shared/kind-names';
import { count } from '../shared/plain';
import { Draft, refusal, Refusal } from './changes';
import { mostOptions, type Context } from './context';
import { recode } from './recode';
import { because, refused, type Reason, type RefusalCode } from './words';

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
function unfinished(item: Item): Reason<RefusalCode> | undefined {
  if (isBlank(item.stem.plain)) {
    return refused('stem-empty');
  }
  switch (item.kind) {
    case 'choice-one':
    case 'choice-many':
    case 'true-false':
      if (!item.options?.some((option) => option.right)) {
        return refused('key-missing');
      }
      return item.options.some((option) => isBlank(option.text.plain))
        ? refused('option-empty')
        : undefined;
    case 'card':
    case 'short':
      return item.accepted?.some((text) => !isBlank(text)) ? undefined : refused('answer-missing');
    case 'match':
      return (item.pairs?.length ?? 0) < 2 ? refused('pairs-too-few') : undefined;
    case 'order':
      return (item.steps?.length ?? 0) < 2 ? refused('steps-too-few') : undefined;
    case 'gap':
      return !item.gaps?.length || item.gaps.some((gap) => gap.accepted.every(isBlank))
        ? refused('gap-unanswered')
        : undefined;
    case 'number':
      return item.number ? undefined : refused('number-missing');
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
  for (const other of stands(draft.item).filter((candidate) => context.accepts(candidate))) {
    const made = recode(draft.item, other, { deck: context.deck, most: mostOptions(context) });
    if (!made) {
      continue;
    }
    draft.note(
      'kind',
      KIND_NAMES[kind],
      made.items.length > 1
        ? `${count(made.items.length, 'question')}: ${KIND_NAMES[other]}`
        : KIND_NAMES[other],
      because('kind-recoded', { kind: KIND_NAMES[kind], how: made.why }),
    );
    return made.items.map((item, index) =>
      index === 0
        ? new Draft(item, draft.changes)
        : new Draft(item, draft.changes, `parts.${index}.`),
    );
  }
  throw refusal('kind-not-taken', { kind: KIND_NAMES[kind] });
}
