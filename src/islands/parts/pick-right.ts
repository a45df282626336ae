// The right option chosen by hand.
import type { Item } from '../../core/model';

/** The options with one of them marked as right: alone where the kind takes one, turned over where it takes several. */
export function pickRight({ kind, options = [] }: Item, index: number): Pick<Item, 'options'> {
  const isSeveral = kind === 'choice-many';
  return {
    options: options.map((option, place) => ({
      ...option,
      right: place === index ? !isSeveral || !option.right : isSeveral && option.right,
    })),
  };
}

/** Whether a question's right answer is marked among options. */
export const hasKey = ({ kind }: Item): boolean =>
  kind === 'choice-one' || kind === 'choice-many' || kind === 'true-false';
