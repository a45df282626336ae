// The options within a receiver's number, and never without a right one.
import type { Option } from '../model';
import { alike } from '../shared/normalise';
import { count, quoted } from '../shared/plain';
import type { Draft } from './changes';
import { Refusal } from './changes';
import { mostOptions, type Context } from './context';

/** How plausible a distractor is: near the right options in length and words. The weakest is cut first. */
function plausibility(option: Option, right: readonly Option[]): number {
  const words = new Set(alike(option.text.plain).split(' '));
  const best = right.map(({ text }) => {
    const other = alike(text.plain).split(' ');
    const shared = other.filter((word) => word.length > 3 && words.has(word)).length;
    const lengths = [text.plain.length, option.text.plain.length].sort((a, b) => a - b);
    return shared + lengths[0]! / Math.max(1, lengths[1]!);
  });
  return Math.max(0, ...best);
}

const WEAK = 'it is the least like the right option in length and words';

/** Cuts distractors down to the receiver's number, names each, and keeps every right option. */
export function fitOptions(draft: Draft, context: Context): void {
  const options = draft.item.options;
  if (!options || !['choice-one', 'choice-many', 'true-false'].includes(draft.item.kind)) {
    return;
  }
  if (context.layout.key.style === 'word' || context.layout.shape === 'grid') {
    return;
  }
  const most = mostOptions(context);
  const least = context.layout.limits.optionsMin ?? 0;
  if (options.length < least) {
    throw new Refusal(
      `it has ${count(options.length, 'option')}; the receiver asks for ${least} at least`,
    );
  }
  const right = options.filter((option) => option.right);
  if (right.length > most) {
    throw new Refusal(
      `it has ${right.length} right options; the receiver has room for ${count(most, 'option')}`,
    );
  }
  if (right.length > 1 && !context.manyKeys) {
    throw new Refusal(`it has ${right.length} right options; the receiver's key names one`);
  }
  if (options.length <= most) {
    return;
  }
  const weakest = options
    .filter((option) => !option.right)
    .sort((a, b) => plausibility(a, right) - plausibility(b, right));
  const cut = new Set(weakest.slice(0, options.length - most));
  for (const option of cut) {
    draft.note(
      `options.${options.indexOf(option)}`,
      option.text.plain,
      '',
      `the receiver takes ${count(most, 'option')}; ${quoted(option.text.plain, 30)} is cut since ${WEAK}`,
    );
  }
  draft.set({ options: options.filter((option) => !cut.has(option)) });
}
