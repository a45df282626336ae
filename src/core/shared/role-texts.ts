// What a row says in the columns of a role.
import type { Column, Role } from '../model';
import { columnIndex } from './cells';

/** The texts of a row's cells in the columns of a role, clean, empty ones kept. */
export const textsOfRole = (
  columns: readonly Column[],
  role: Role,
  row: readonly string[],
): string[] =>
  columns
    .filter((column) => column.role === role)
    .map(({ column }) => row[columnIndex(column)]?.trim() ?? '');
