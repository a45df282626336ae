// What was meant against what was found, question by question and field by field.
import type { Difference, Item, Layout } from '../model';
import { defined } from '../shared/defined';
import { ruledBy } from './by-kind';
import { carrying, textsOf } from './texts-of';
import type { ReadItem } from './unread';

/** What differs in the fields of one question; a field that one side lacks is empty there. */
function differingFields(
  meant: Record<string, string>,
  found: Record<string, string>,
): Pick<Difference, 'field' | 'meant' | 'found'>[] {
  const names = new Set([...Object.keys(meant), ...Object.keys(found)]);
  return [...names]
    .map((field) => ({ field, meant: meant[field] ?? '', found: found[field] ?? '' }))
    .filter((pair) => pair.meant !== pair.found);
}

/** Compares question by question, field by field. `meant` are the questions as they were to stand in the file. */
export function compare(
  meant: readonly Item[],
  found: readonly ReadItem[],
  layout: Layout,
): Difference[] {
  const carries = carrying(layout);
  const fieldsOf = (item: ReadItem | undefined): Record<string, string> => {
    if (!item) {
      return {};
    }
    const own = ruledBy(layout, item.kind);
    return textsOf(item, own, own === layout ? carries : carrying(own));
  };
  return Array.from({ length: Math.max(meant.length, found.length) }, (_, index) => {
    const [wanted, got] = [meant[index], found[index]];
    const whole = {
      field: 'question',
      meant: wanted?.stem.plain ?? '',
      found: got?.stem.plain ?? '',
    };
    // A question that one side lacks altogether is one difference, whatever its fields.
    const differing = wanted && got ? differingFields(fieldsOf(wanted), fieldsOf(got)) : [whole];
    return differing.map((difference) =>
      defined({ n: index + 1, ref: wanted?.ref || undefined, ...difference }),
    );
  }).flat();
}
