// The sheets of a layout's blank, to be shown beside what they mean.
import { useEffect, useMemo, useState } from 'react';
import type { Layout } from '../../core/model';
import type { SheetView } from '../../workers/protocol';
import { sheetsOf } from '../state/layouts';

/** Undefined while they are opened. */
export function useSheets(layout: Layout): readonly SheetView[] | undefined {
  const [sheets, setSheets] = useState<readonly SheetView[]>();
  // The blank's bytes decide what is shown; without a blank the form is made from the layout, and follows every change.
  const shown = useMemo(
    () => (layout.blank ? `${layout.blank.digest} ${layout.shape}` : JSON.stringify(layout)),
    [layout],
  );
  useEffect(() => {
    let isLate = false;
    void sheetsOf(layout).then((found) => {
      if (!isLate) {
        setSheets(found);
      }
    });
    return () => {
      isLate = true;
    };
  }, [shown]); // eslint-disable-line react-hooks/exhaustive-deps -- `shown` says what of the layout matters here
  return sheets;
}
