// The kind as the receiver knows it: as it is, re-coded with a named change, or refused.
import type { Item, Kind } from '../model';
import { kindName } from '../shared/kind-names';
import { Draft, refusal, Refusal } from './changes';
import { mostOptions, type Context } from './context';
import { recode } from './recode';
import { unfinished } from './unfinished';
import { because } from './words';
import { say } from '../shared/say';

/** Signs that people type without a slip: a longer definition is better chosen than typed. */
const TYPED_LENGTH = 25;

const hasOneRightOption = (item: Item): boolean =>
  item.options?.filter((option) => option.right).length === 1;
const hasShortDefinition = (item: Item): boolean =>
  (item.accepted?.[0]?.length ?? 0) <= TYPED_LENGTH;
const everyGapHasOptions = (item: Item): boolean =>
  item.gaps?.every((gap) => gap.options?.length) ?? false;

/** Other kinds that can carry a question of each kind, those that lose nothing first. */
const STAND_INS: Partial<Record<Kind, (item: Item) => Kind[]>> = {
  'true-false': () => ['choice-one', 'choice-many', 'short'],
  'choice-one': () => ['choice-many', 'true-false', 'card', 'short'],
  'choice-many': (item) =>
    hasOneRightOption(item) ? ['choice-one', 'true-false', 'card', 'short'] : ['true-false'],
  card: (item) => (hasShortDefinition(item) ? ['short', 'choice-one'] : ['choice-one', 'short']),
  short: (item) => (item.accepted?.length === 1 ? ['card'] : []),
  number: () => ['short', 'card'],
  match: () => ['choice-one', 'card'],
  order: () => ['match'],
  gap: (item) => (everyGapHasOptions(item) ? ['choice-one', 'short'] : ['short']),
};

/** A re-coding as it is named: how many questions of which kind. */
const becomes = (items: readonly Item[], kind: Kind): string =>
  items.length > 1
    ? say('{items, plural, one {# question} other {# questions}}: {kind}', {
        items: items.length,
        kind: kindName(kind),
      })
    : kindName(kind);

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
  for (const other of (STAND_INS[kind]?.(draft.item) ?? []).filter((candidate) =>
    context.accepts(candidate),
  )) {
    const made = recode(draft.item, other, { deck: context.deck, most: mostOptions(context) });
    if (!made) {
      continue;
    }
    draft.note(
      'kind',
      kindName(kind),
      becomes(made.items, other),
      because('kind-recoded', { kind: kindName(kind), how: made.why }),
    );
    return made.items.map((item, index) =>
      index === 0
        ? new Draft(item, draft.changes)
        : new Draft(item, draft.changes, `parts.${index}.`),
    );
  }
  throw refusal('kind-not-taken', { kind: kindName(kind) });
}
