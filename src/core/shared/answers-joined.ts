// How several typed answers stand in one cell.
import type { Column, Layout } from '../model';

/** The sign between several answers in a column; in the column of the key it is the one between the texts of right options. */
export const separatorOfAnswers = (
  { key }: Pick<Layout, 'key'>,
  { role, separator }: Pick<Column, 'role' | 'separator'>,
): string | undefined =>
  separator ?? (role === 'key' && key.style === 'text' ? key.separator : undefined);
