// Which questions the grid shows, and in which order: by the filter as it was when it was last applied.
import { searchFor, type Lookup } from '../../core/banks';
import type { Finding, Item } from '../../core/model';
import { tagText } from '../../core/shared/plain';
import { cellText, type CellField } from '../parts/cells';
import type { Criteria, View } from '../state/view';

/** `stale` counts the questions that are still shown though the filter no longer takes them. */
export type Shown = { criteria: Criteria; rows: readonly Item[]; stale: number };

const categoryText = ({ category }: Item): string | undefined => category?.join(' > ');

const hasTag = (item: Item, tag: string): boolean =>
  categoryText(item) === tag || item.tags?.some((own) => tagText(own) === tag) === true;

const hasLevel = (findings: readonly Finding[] | undefined, wanted: string): boolean =>
  findings?.some(({ level }) => (wanted === 'any' ? level !== 'note' : level === wanted)) === true;

/** What is known of the questions besides what stands in them. */
export type Known = {
  findings: ReadonlyMap<string, readonly Finding[]>;
  lookup?: Lookup | undefined;
};

/** Whether a question is one of those asked for. */
function matcher({ search, kind, tag, level }: Criteria, { findings, lookup }: Known) {
  const isFound = searchFor(search, lookup);
  return (item: Item): boolean => {
    if ((kind && item.kind !== kind) || (tag && !hasTag(item, tag))) {
      return false;
    }
    if (level && !hasLevel(findings.get(item.id), level)) {
      return false;
    }
    return isFound(item);
  };
}

const collator = new Intl.Collator('en-GB', { numeric: true });

function sorted(items: Item[], sort: View['sort']): Item[] {
  if (!sort) {
    return items;
  }
  const sign = sort.down ? -1 : 1;
  return items
    .map((item) => ({ item, text: cellText(item, sort.column as CellField) }))
    .sort((a, b) => collator.compare(a.text, b.text) * sign)
    .map(({ item }) => item);
}

export const isFiltered = ({ search, kind, tag, level }: Criteria): boolean =>
  Boolean(search.trim() || kind || tag || level);

/** The questions of a filter, in its order. */
export function freshRows(items: readonly Item[], criteria: Criteria, known: Known): Shown {
  const rows = isFiltered(criteria) ? items.filter(matcher(criteria, known)) : [...items];
  return { criteria, rows: sorted(rows, criteria.sort), stale: 0 };
}

/**
 * The same filter after an edit: a question stays where it stood though it no longer matches, so that nothing vanishes
 * under the hand that types; new ones that match stand at the end.
 */
export function keptRows(items: readonly Item[], before: Shown, known: Known): Shown {
  const { criteria } = before;
  if (!isFiltered(criteria) && !criteria.sort) {
    return freshRows(items, criteria, known);
  }
  const byId = new Map(items.map((item) => [item.id, item]));
  const shownIds = new Set(before.rows.map(({ id }) => id));
  const matches = matcher(criteria, known);
  const stay = before.rows.flatMap(({ id }) => byId.get(id) ?? []);
  const fresh = items.filter((item) => !shownIds.has(item.id) && matches(item));
  return {
    criteria,
    rows: [...stay, ...fresh],
    stale: stay.filter((item) => !matches(item)).length,
  };
}
