// Rules that hold for one kind alone: the layout as a question of that kind meets it.
import type { Kind, KindRule, Layout } from '../model';

/** The rule that a layout has for one kind alone; undefined where the kind is like the others. */
export const ruleFor = ({ byKind }: Layout, kind: Kind): KindRule | undefined =>
  byKind?.find((rule) => rule.kind === kind);

/** The layout as it holds for one kind: its own notation of the key, and without the columns that stay empty. */
export function layoutFor(layout: Layout, { key, leave = [] }: KindRule): Layout {
  return {
    ...layout,
    key: key ?? layout.key,
    columns: layout.columns.filter(({ role }) => !leave.includes(role)),
    ...(layout.lines
      ? {
          lines: layout.lines.map((line) => ({
            ...line,
            cells: line.cells.filter(({ role }) => !leave.includes(role)),
          })),
        }
      : {}),
  };
}
