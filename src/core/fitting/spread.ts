// Right answers spread evenly over the places, for receivers that show the options in the order of the file.
import type { Item, Option } from '../model';
import { seeded, shuffled } from '../shared/chance';
import { optionLetter } from '../shared/plain';
import type { Draft } from './changes';
import { because } from './words';
import { groupBy } from '../shared/group-by';

/** Options that speak of the others' places stay where they are. */
const PLACED =
  /\b(?:all|none|both|neither|any) (?:of )?(?:the )?(?:above|these|them|others?)\b|\b(?:answers?|options?) [A-J]\b|\b[A-J] (?:and|or) [A-J]\b/i;

/** Whether the order of a question's options may change. */
const isFree = ({ kind, options = [], shuffle }: Item): boolean =>
  (kind === 'choice-one' || kind === 'choice-many') &&
  options.length > 2 &&
  shuffle !== false &&
  !options.some(({ text }) => PLACED.test(text.plain));

const keyOf = (options: readonly Option[]): string =>
  options.flatMap((option, index) => (option.right ? [optionLetter(index)] : [])).join(', ');

/** As many of each place as go evenly into `n`, in drawn order. */
function evenPlaces(n: number, places: number, random: () => number): number[] {
  const rounds: number[] = [];
  while (rounds.length < n) {
    rounds.push(
      ...shuffled(
        Array.from({ length: places }, (_, index) => index),
        random,
      ),
    );
  }
  return rounds.slice(0, n);
}

/**
 * Sets the options of each free question in a drawn order in which right answers lie at every place equally often, as
 * near as the numbers allow. The same seed gives the same orders; each move is noted.
 */
export function spreadKeys(drafts: readonly Draft[], seed: number): void {
  const random = seeded(seed);
  const bySize = groupBy(
    drafts.filter(({ item }) => isFree(item)),
    ({ item }) => item.options!.length,
  );
  for (const [size, group] of [...bySize].sort(([a], [b]) => a - b)) {
    const places = evenPlaces(group.length, size, random);
    group.forEach((draft, index) => {
      const options = draft.item.options!;
      const drawn = shuffled(options, random);
      const right = drawn.findIndex((option) => option.right);
      // The first right one takes the place that is its turn; the rest keeps the drawn order.
      const [moved] = drawn.splice(right, 1);
      drawn.splice(places[index]!, 0, moved!);
      draft.note('key', keyOf(options), keyOf(drawn), because('keys-spread', { seed }));
      draft.set({ options: drawn });
    });
  }
}
