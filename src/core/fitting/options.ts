// The options within a receiver's number, and never without a right one.
import { saysOnlyTruth } from '../shared/ticked-pair';
import type { Kind, Option } from '../model';
import { alike } from '../shared/normalise';
import type { Draft } from './changes';
import { refusal } from './changes';
import { mostOptions, type Context } from './context';
import { because } from './words';

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

/** Right options are never cut, and where every option that stays is right, nothing is asked any more. */
function refuseRights(options: readonly Option[], right: number, most: number): void {
  if (right > most) {
    throw refusal('right-options-over', { right, room: most });
  }
  if (right === most && right > 1 && right < options.length) {
    throw refusal('right-options-fill', { right });
  }
}

/**
 * Distractors in the order in which they go: those that were chosen to go before all others, and the weakest before the
 * better ones.
 */
function inTurn(
  options: readonly Option[],
  right: readonly Option[],
  chosen: readonly number[],
): Option[] {
  const isChosen = (option: Option): boolean => chosen.includes(options.indexOf(option));
  return options
    .filter((option) => !option.right)
    .sort(
      (a, b) =>
        Number(isChosen(b)) - Number(isChosen(a)) ||
        plausibility(a, right) - plausibility(b, right),
    );
}

const CHOICES: ReadonlySet<Kind> = new Set(['choice-one', 'choice-many', 'true-false']);

/** Whether a question's options stand in places that a layout counts. */
const hasRoomCounted = ({ item }: Draft, { layout }: Context): boolean =>
  CHOICES.has(item.kind) && !saysOnlyTruth(layout) && layout.shape !== 'grid';

/**
 * Cuts distractors down to the receiver's number, names each, and keeps every right option. `chosen` are the places, from
 * 0, of those that the user chose to go.
 */
export function fitOptions(draft: Draft, context: Context, chosen: readonly number[] = []): void {
  const options = draft.item.options;
  if (!options || !hasRoomCounted(draft, context)) {
    return;
  }
  const most = mostOptions(context);
  const least = context.layout.limits.optionsMin ?? 0;
  if (options.length < least) {
    throw refusal('options-too-few', { has: options.length, least });
  }
  const right = options.filter((option) => option.right);
  refuseRights(options, right.length, most);
  if (right.length > 1 && !context.manyKeys) {
    throw refusal('key-names-one', { right: right.length });
  }
  if (options.length <= most) {
    return;
  }
  const cut = new Set(inTurn(options, right, chosen).slice(0, options.length - most));
  for (const option of cut) {
    draft.note(
      `options.${options.indexOf(option)}`,
      option.text.plain,
      '',
      because(chosen.includes(options.indexOf(option)) ? 'option-chosen' : 'option-cut', {
        most,
        text: option.text.plain,
      }),
    );
  }
  draft.set({ options: options.filter((option) => !cut.has(option)) });
}
