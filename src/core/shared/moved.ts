// The answers of a question in another order.
import type { Item } from '../model';
import { defined } from './defined';

/** What of a question stands in an order that a person may change. */
export type OrderedField = 'options' | 'steps' | 'pairs';

function moved<Of>(list: readonly Of[], from: number, to: number): Of[] {
  const next = [...list];
  const [one] = next.splice(from, 1);
  next.splice(to, 0, one!);
  return next;
}

/**
 * The question with one of its answers at another place, both counted from 0 and within the list. What belongs to an option goes
 * along: its mark, weight and feedback, and the pictures that name it by its place.
 */
export function withAnswerMoved(item: Item, field: OrderedField, from: number, to: number): Item {
  const list = item[field] ?? [];
  if (Math.min(from, to) < 0 || Math.max(from, to) >= list.length) {
    return item;
  }
  const places = moved([...list.keys()], from, to);
  const media = item.media?.map((one) =>
    field === 'options' && one.at === 'option' && one.option !== undefined
      ? { ...one, option: places.indexOf(one.option) }
      : one,
  );
  return { ...item, [field]: moved<unknown>(list, from, to), ...defined({ media }) };
}
