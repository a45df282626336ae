// The grid's columns: as many options as the bank's questions have, six at least.
import type { CellField } from '../parts/item-cells';
import type { Item } from '../../core/model';

export type GridColumn = { id: CellField; title: string; width: number; mono?: boolean };

const PLAIN: readonly GridColumn[] = [
  { id: 'ref', title: 'Ref', width: 86, mono: true },
  { id: 'kind', title: 'Kind', width: 104 },
  { id: 'stem', title: 'Question', width: 300 },
];
const BEHIND: readonly GridColumn[] = [
  { id: 'key', title: 'Right', width: 62, mono: true },
  { id: 'points', title: 'Points', width: 62, mono: true },
  { id: 'seconds', title: 'Seconds', width: 72, mono: true },
  { id: 'category', title: 'Category', width: 160 },
  { id: 'tags', title: 'Tags', width: 150 },
  { id: 'hint', title: 'Hint', width: 180 },
  { id: 'explanation', title: 'Explanation', width: 220 },
];

export function gridColumns(items: readonly Item[]): GridColumn[] {
  const options = Math.min(
    12,
    items.reduce(
      (most, item) => Math.max(most, item.options?.length ?? item.accepted?.length ?? 0),
      4,
    ),
  );
  return [
    ...PLAIN,
    ...Array.from({ length: options }, (_, index): GridColumn => ({
      id: `options.${index}`,
      title: String.fromCharCode(65 + index),
      width: 140,
    })),
    ...BEHIND,
  ];
}

/** The field of a finding as the column it stands at: 'options.2', or the first answer for 'accepted.0'. */
export const columnOfField = (field: string | undefined): string =>
  field?.startsWith('accepted')
    ? `options.${field.split('.')[1] ?? 0}`
    : field === 'options'
      ? 'options.0'
      : (field ?? 'stem');
