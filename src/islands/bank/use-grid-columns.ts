// The columns that the grid shows, as the user has them.
import { useMemo } from 'react';
import { useBank } from '../state/bank';
import { useSetting } from '../state/setting';
import {
  gridColumns,
  inUsersOrder,
  isShown,
  USUAL_COLUMNS,
  type ColumnSetting,
  type GridColumn,
} from './columns';

export type GridColumns = {
  /** All that there are, in the user's order, and those of them that are shown. */
  all: readonly GridColumn[];
  shown: readonly GridColumn[];
  setting: ColumnSetting;
  set: (setting: ColumnSetting) => void;
};

export function useGridColumns(): GridColumns {
  const items = useBank((state) => (state.phase === 'ready' ? state.items : undefined));
  const [setting, set] = useSetting('grid-columns', USUAL_COLUMNS);
  // Columns follow the bank's size, not each edit.
  const [isThere, size] = [items !== undefined, items?.length];
  const own = useMemo(() => gridColumns(items ?? []), [isThere, size]); // eslint-disable-line react-hooks/exhaustive-deps -- see above
  return useMemo(() => {
    const all = inUsersOrder(own, setting);
    const shown = all
      .filter((column) => isShown(column, setting))
      .map((column) => ({ ...column, width: setting.widths[column.id] ?? column.width }));
    return { all, shown, setting, set };
  }, [own, setting, set]);
}
