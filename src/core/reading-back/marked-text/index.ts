// Marked plain text read home: signs in front, escapes behind.
import type { Item, Layout } from '../../model';
import { defined } from '../../shared/defined';
import { itemOf } from './items';
import { Lines } from './lines';
import { readPattern } from './pattern';

/** Whether what is answered without options is a card, as the receiver takes no typed answers. */
const hasCards = ({ kinds }: Layout): boolean =>
  kinds.some(({ kind }) => kind === 'card') && !kinds.some(({ kind }) => kind === 'short');

/** Every question of a text, and the set's name where a line says it. */
export function readMarkedSet(source: string, layout: Layout): { items: Item[]; title?: string } {
  if (layout.pattern) {
    return readPattern(source, layout.pattern);
  }
  const marks = layout.marks ?? { right: '*' };
  const lines = new Lines(marks);
  source.split(/\r\n?|\n/).forEach((line) => lines.line(line));
  const items = lines.questions
    .map((question, index) => itemOf(question, index + 1, marks))
    .map((item) =>
      item.kind === 'short' && hasCards(layout) ? { ...item, kind: 'card' as const } : item,
    );
  return defined({ items, title: lines.title });
}
