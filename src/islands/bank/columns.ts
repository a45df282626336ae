// The grid's columns, the question beside its options and its key, as people paste them: as many options as the bank's questions have, and which of all are shown, in which order.
import type { Item } from '../../core/model';
import { optionLetter } from '../../core/shared/plain';
import type { CellField } from '../parts/cells';
import { i18n } from '../../languages';

/** `fixed` columns stay in sight when the others are moved sideways. */
export type GridColumn = {
  id: CellField;
  title: string;
  width: number;
  mono?: boolean;
  fixed?: boolean;
};

const FIRST: readonly GridColumn[] = [
  { id: 'ref', title: i18n._('Ref'), width: 86, mono: true, fixed: true },
  { id: 'stem', title: i18n._('Question'), width: 300, fixed: true },
];
const BEHIND: readonly GridColumn[] = [
  { id: 'key', title: i18n._('Right'), width: 70, mono: true },
  { id: 'kind', title: i18n._('Kind'), width: 112 },
  { id: 'points', title: i18n._('Points'), width: 74, mono: true },
  { id: 'seconds', title: i18n._('Seconds'), width: 84, mono: true },
  { id: 'category', title: i18n._('Category'), width: 160 },
  { id: 'tags', title: i18n._('Tags'), width: 150 },
  { id: 'hint', title: i18n._('Hint'), width: 180 },
  { id: 'explanation', title: i18n._('Explanation'), width: 220 },
];

/** Columns that are there for whoever wants them. */
const FURTHER: readonly GridColumn[] = [
  { id: 'title', title: i18n._('Title'), width: 150 },
  { id: 'attempts', title: i18n._('Attempts'), width: 84, mono: true },
  { id: 'use', title: i18n._('Use'), width: 90 },
  { id: 'shuffle', title: i18n._('Shuffle'), width: 80 },
  { id: 'across', title: i18n._('Across'), width: 80 },
  { id: 'pictures', title: i18n._('Pictures'), width: 80, mono: true },
  { id: 'answered', title: i18n._('Answered'), width: 90, mono: true },
  { id: 'difficulty', title: i18n._('Share right'), width: 100, mono: true },
  { id: 'source', title: i18n._('Source'), width: 160 },
  { id: 'by', title: i18n._('By'), width: 120 },
];
const ASKED_FOR: ReadonlySet<string> = new Set(FURTHER.map(({ id }) => id));

/** So many options are shown at least, and at most. */
const FEWEST_OPTIONS = 4;
const MOST_OPTIONS = 12;

const answersOf = ({ options, accepted }: Item): number => options?.length ?? accepted?.length ?? 0;

/** All columns that a bank of these questions has. */
export function gridColumns(items: readonly Item[]): GridColumn[] {
  const most = items.reduce((sum, item) => Math.max(sum, answersOf(item)), FEWEST_OPTIONS);
  const options = Array.from({ length: Math.min(MOST_OPTIONS, most) }, (_, index): GridColumn => ({
    id: `options.${index}`,
    title: optionLetter(index),
    width: 140,
  }));
  return [...FIRST, ...options, ...BEHIND, ...FURTHER];
}

/** How the user has the columns: their order where it was changed, those that are hidden, widths in pixels. */
export type ColumnSetting = {
  order: string[];
  hidden: string[];
  /** Of those that are only shown when they are asked for, the ones that are. */
  asked?: string[];
  widths: Record<string, number>;
};
export const USUAL_COLUMNS: ColumnSetting = { order: [], hidden: [], widths: {} };

/** Whether a column is shown. */
export const isShown = (
  { id, fixed }: GridColumn,
  { hidden, asked = [] }: ColumnSetting,
): boolean => fixed === true || (ASKED_FOR.has(id) ? asked.includes(id) : !hidden.includes(id));

const turned = (ids: readonly string[], id: string): string[] =>
  ids.includes(id) ? ids.filter((one) => one !== id) : [...ids, id];

/** The setting with a column shown that was not, or the other way round. */
export const withTurned = (setting: ColumnSetting, id: string): ColumnSetting =>
  ASKED_FOR.has(id)
    ? { ...setting, asked: turned(setting.asked ?? [], id) }
    : { ...setting, hidden: turned(setting.hidden, id) };

/** The columns in the user's order; those that stay in sight are always first. */
export function inUsersOrder(
  columns: readonly GridColumn[],
  { order }: ColumnSetting,
): GridColumn[] {
  const rank = ({ id, fixed }: GridColumn, index: number): number => {
    const place = order.indexOf(id);
    return (fixed ? 0 : columns.length) + (place < 0 || fixed ? index : place);
  };
  return columns
    .map((column, index) => ({ column, rank: rank(column, index) }))
    .sort((a, b) => a.rank - b.rank)
    .map(({ column }) => column);
}

/** A column moved by one place among those that can be moved. */
export function movedColumn(
  columns: readonly GridColumn[],
  setting: ColumnSetting,
  id: string,
  by: 1 | -1,
): ColumnSetting {
  const ordered = inUsersOrder(columns, setting).filter(({ fixed }) => !fixed);
  const at = ordered.findIndex((column) => column.id === id);
  const other = ordered[at + by];
  if (at < 0 || !other) {
    return setting;
  }
  const names = ordered.map((column) => column.id as string);
  names[at] = other.id;
  names[at + by] = id;
  return {
    ...setting,
    order: [...columns.filter(({ fixed }) => fixed).map((c) => c.id), ...names],
  };
}

/** The column that a finding stands at: 'options.2', or the first answer for 'accepted.0'. */
export function columnOfField(field: string | undefined): string {
  if (field?.startsWith('accepted')) {
    return `options.${field.split('.')[1] ?? 0}`;
  }
  return field === 'options' ? 'options.0' : (field ?? 'stem');
}
