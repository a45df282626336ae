// What a layout says changed, edition by edition, with reasons for what the user decided.
import type { Column, KeptLayout, Layout } from '../../../core/model';
import type { PointedLine } from '../../../core/pipeline';
import { columnLetters } from '../../../core/shared/cells';
import { byChoice } from '../../../core/shared/reasons';
import { isCounted } from '../../../core/shared/roles';
import { recordChange } from '../../../core/shared/steps';
import { core } from '../../../workers/client';
import { bankState, changeRecords } from '../bank';
import { i18n } from '../../../languages';

/** Earlier editions of a layout that are kept. */
const EDITIONS_KEPT = 20;

/** Replaces a layout in one step; `paths` name what the user decided, so that the reason says so and the doubt goes. */
export function changeLayout(
  kept: KeptLayout,
  label: string,
  layout: Layout,
  paths: readonly string[] = [],
): Promise<void> {
  const because = {
    ...kept.because,
    ...Object.fromEntries(paths.map((path) => [path, byChoice()])),
  };
  const edition = kept.layout.edition ?? 1;
  const earlier = [
    ...(kept.earlier ?? []),
    { edition, at: new Date().toISOString(), why: label, layout: kept.layout },
  ].slice(-EDITIONS_KEPT);
  const after: KeptLayout = {
    ...kept,
    layout: { ...layout, edition: edition + 1 },
    because,
    unsure: kept.unsure.filter((path) => !paths.includes(path)),
    earlier,
  };
  return changeRecords(label, recordChange('layouts', kept, after));
}

/** Columns with the places of options and the like counted anew, in the order of the file. */
function numbered(columns: readonly Column[]): Column[] {
  const counters = new Map<string, number>();
  return columns.map((column) => {
    const { n: _n, ...rest } = column;
    if (!isCounted(column.role)) {
      return rest;
    }
    const n = (counters.get(column.role) ?? 0) + 1;
    counters.set(column.role, n);
    return { ...rest, n };
  });
}

export function changeColumn(kept: KeptLayout, column: Column): Promise<void> {
  const known = kept.layout.columns.some((candidate) => candidate.column === column.column);
  const columns = known
    ? kept.layout.columns.map((candidate) =>
        candidate.column === column.column ? column : candidate,
      )
    : [...kept.layout.columns, column];
  return changeLayout(
    kept,
    i18n._('Column {column} of {name}', { column: column.column, name: kept.layout.name }),
    { ...kept.layout, columns: numbered(columns) },
    [`columns.${column.column}`],
  );
}

/** Columns in a new order or number, lettered anew from the first on; for layouts that have no receiver's blank. */
export const setColumns = (
  kept: KeptLayout,
  label: string,
  columns: readonly Column[],
): Promise<void> =>
  changeLayout(kept, label, {
    ...kept.layout,
    columns: numbered(
      columns.map((column, index) => ({ ...column, column: columnLetters(index) })),
    ),
  });

export const choose = (kept: KeptLayout, chosen: boolean): Promise<void> =>
  changeRecords(
    `${chosen ? i18n._('Show') : i18n._('Hide')} ${kept.layout.name}`,
    recordChange('layouts', kept, { ...kept, chosen }),
  );

export const removeLayout = (kept: KeptLayout): Promise<void> =>
  changeRecords(
    i18n._('Remove {name}', { name: kept.layout.name }),
    recordChange('layouts', kept, undefined),
  );

/** How marked text is written, from the lines of a sample at which the user pointed. */
export async function learnMarks(
  kept: KeptLayout,
  lines: readonly string[],
  pointed: Record<number, PointedLine>,
): Promise<void> {
  const layout = await core().layoutFromPointed(kept.layout, [...lines], pointed);
  // What was decided for single questions meanwhile stays.
  const now = bankState().layouts.find(({ id }) => id === kept.id);
  if (now?.layout !== kept.layout) {
    return;
  }
  await changeLayout(now, i18n._('Signs of {name}', { name: kept.layout.name }), layout, [
    'marks.right',
    'pattern',
  ]);
}
