// One row of a source under its columns' roles.
import type { Column, Role } from '../model';
import { cellName, columnIndex } from '../shared/cells';
import { shownRow, type Region } from '../shared/table/region';

export type Slot = { index: number; column: Column };
export type Slots = Map<Role, Slot[]>;

/** The columns by role, each list in the order of its places. */
export function slotsOf(columns: readonly Column[]): Slots {
  const slots: Slots = new Map();
  for (const column of columns) {
    const list = slots.get(column.role) ?? [];
    list.push({ index: columnIndex(column.column), column });
    slots.set(column.role, list);
  }
  for (const list of slots.values()) {
    list.sort((a, b) => (a.column.n ?? 0) - (b.column.n ?? 0));
  }
  return slots;
}

const NONE: readonly string[] = [];

/** A row with its texts by role; `row` counts from 0. */
export class Row {
  constructor(
    readonly region: Region,
    readonly slots: Slots,
    readonly row: number,
  ) {}

  /** The text of the first column with a role; empty where there is none. */
  text(role: Role): string {
    const slot = this.slots.get(role)?.[0];
    return slot ? this.region.cell(this.row, slot.index) : '';
  }

  /** The texts of every column with a role, in order, empty ones kept. */
  texts(role: Role): readonly string[] {
    const slots = this.slots.get(role);
    return slots ? slots.map((slot) => this.region.cell(this.row, slot.index)) : NONE;
  }

  /** Whether any cell of a role is filled. */
  any(role: Role): boolean {
    return (
      this.slots.get(role)?.some((slot) => this.region.cell(this.row, slot.index) !== '') ?? false
    );
  }

  /** Whether the role's cell carries blanks before or behind its text. */
  hasOuterBlanks(role: Role): boolean {
    const slot = this.slots.get(role)?.[0];
    const raw = slot ? (this.region.sheet.rows[this.row]?.[slot.index] ?? '') : '';
    return raw !== '' && raw.length !== raw.trim().length;
  }

  has(role: Role): boolean {
    return this.slots.has(role);
  }

  /** The name of the role's cell as a person sees it, 'F8'. */
  cellOf(role: Role, place = 0): string {
    const slots = this.slots.get(role) ?? this.slots.get('stem') ?? [];
    const slot = slots[Math.min(place, slots.length - 1)];
    return cellName(this.shown - 1, slot?.index ?? this.region.left);
  }

  get shown(): number {
    return shownRow(this.region.sheet, this.row);
  }
}

/** How many columns are ticked or say right or wrong of the row itself; none where it has options, of which they say it. */
const judging = (row: Row): number =>
  row.has('option') || row.has('options') ? 0 : (row.slots.get('verdict')?.length ?? 0);

/** Whether one or two columns say of a row's statement whether it is true, and none of its options. */
export const judgesRow = (row: Row): boolean => [1, 2].includes(judging(row));

/** Whether more columns than two are ticked for a row, which has no options besides: their headings are what it is put under. */
export const isPutUnder = (row: Row): boolean => judging(row) > 2;
