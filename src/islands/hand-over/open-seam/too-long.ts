// Which texts of a question are too long for a receiver, where a person has to find shorter ones.
import type { Item, Layout } from '../../../core/model';
import { lengthOf } from '../../../core/shared/lengths';

type Limits = Layout['limits'];

/** How long a field may be; undefined where the receiver says nothing of it. */
export function mostFor(field: string, limits: Limits): number | undefined {
  if (field === 'stem' || field === 'hint' || field === 'title') {
    return limits[field];
  }
  return field === 'explanation' || field.endsWith('.feedback')
    ? limits.explanation
    : limits.option;
}

export type LongText = { field: string; text: string };

/** The texts that a person may word anew, each by the name under which own words are kept. */
function textsOf({ stem, options = [], accepted = [], gaps = [] }: Item): LongText[] {
  return [
    { field: 'stem', text: stem.plain },
    ...options.map(({ text }, at) => ({ field: `options.${at}`, text: text.plain })),
    ...accepted.map((text, at) => ({ field: `accepted.${at}`, text })),
    ...gaps.flatMap((gap, of) =>
      gap.accepted.map((text, at) => ({ field: `gaps.${of}.${at}`, text })),
    ),
  ];
}

/** What of a question is over the lengths of a receiver; options only where it stays out for their sake. */
export function tooLong(item: Item, { limits }: Layout, code: string | undefined): LongText[] {
  return textsOf(item).filter(({ field, text }) => {
    const most = mostFor(field, limits);
    const counts = code === 'options-alike' ? field !== 'stem' : !field.startsWith('options');
    return counts && most !== undefined && lengthOf(text, limits.count) > most;
  });
}
