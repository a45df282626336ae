// The options of a row, whether they stand in columns or together in one cell.
import { findInnerSeparator, splitCell, splitLabelled } from '../shared/table/separators';
import type { Row } from './row';

/** The texts of a row's options in order; those of columns keep their empty places. */
export function partsOfOptions(row: Row, separator?: string): string[] {
  if (!row.has('options')) {
    return [...row.texts('option')];
  }
  const text = row.text('options');
  return splitLabelled(text) ?? splitCell(text, separator ?? findInnerSeparator([text]));
}
