// The kind as the receiver knows it: as it is, re-coded with a named change, or refused.
import type { Kind } from '../model';
import type { Draft } from './changes';
import { Refusal } from './changes';
import type { Context } from './context';

export const KIND_WORDS: Record<Kind, string> = {
  'choice-one': 'one right option', 'choice-many': 'several right options', 'true-false': 'true or false', match: 'pairs', order: 'steps in order',
  short: 'short answer', number: 'number', gap: 'gaps', open: 'open question', upload: 'file to hand in', card: 'card',
};

const CHOICES: readonly Kind[] = ['choice-one', 'choice-many', 'true-false'];

/** Other kinds that can carry the question without loss, the nearest first. */
function stands(draft: Draft): Kind[] {
  const right = draft.item.options?.filter((option) => option.right).length ?? 0;
  switch (draft.item.kind) {
    case 'true-false': return ['choice-one', 'choice-many'];
    case 'choice-one': return ['choice-many'];
    case 'choice-many': return right === 1 ? ['choice-one'] : [];
    case 'card': return ['short'];
    case 'short': return (draft.item.accepted?.length ?? 0) === 1 ? ['card'] : [];
    default: return [];
  }
}

/** Settles the kind; refuses what the receiver can't say and what is not finished. */
export function fitKind(draft: Draft, context: Context): void {
  const { kind, options = [], accepted = [] } = draft.item;
  if (CHOICES.includes(kind) && !options.some((option) => option.right)) throw new Refusal('no option is right');
  if ((kind === 'card' || kind === 'short') && !accepted.some((text) => text.trim())) throw new Refusal('it has no answer');
  if (!draft.item.stem.plain.trim()) throw new Refusal('it has no text');
  if (context.accepts(kind)) return;
  const other = stands(draft).find((candidate) => context.accepts(candidate));
  if (!other) throw new Refusal(`the receiver takes no questions of the kind ${KIND_WORDS[kind]}`);
  draft.note('kind', KIND_WORDS[kind], KIND_WORDS[other], `the receiver takes no questions of the kind ${KIND_WORDS[kind]}`);
  draft.set({ kind: other });
}
