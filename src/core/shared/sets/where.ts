// Which questions a line of a plan speaks of.
import type { Item, PlanWhere } from '../../model';
import { kindName } from '../kind-names';
import { tagText } from '../plain';
import { isSameTag } from '../tags';
import { say } from '../say';

/** How a category's path is shown and written in a plan. */
export const CATEGORY_STEP = ' > ';

/** A question's category and those above it: 'Safety', 'Safety > Gates'. */
export const pathsOf = ({ category = [] }: Item): string[] =>
  category.map((_, depth) => category.slice(0, depth + 1).join(CATEGORY_STEP));

/** Whether a category is the one that is asked for, or stands below it. */
function isWithin(category: readonly string[] | undefined, wanted: string): boolean {
  const path = category?.join(CATEGORY_STEP) ?? '';
  return path === wanted || path.startsWith(`${wanted}${CATEGORY_STEP}`);
}

/** Whether a question is one of those that a line draws from. */
export function isWanted(item: Item, { category, tag, kind }: PlanWhere): boolean {
  return (
    (category === undefined || isWithin(item.category, category)) &&
    (kind === undefined || item.kind === kind) &&
    (tag === undefined || (item.tags ?? []).some((own) => isSameTag(own, tag)))
  );
}

/** A line in words: 'Safety, level: beginner, one right'. */
export function whereWords({ category, tag, kind }: PlanWhere): string {
  const words = [category, tag && tagText(tag), kind && kindName(kind)].filter(Boolean);
  return words.length ? words.join(', ') : say('any question');
}
