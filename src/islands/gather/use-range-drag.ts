// A block of the source's cells, dragged with the mouse, becomes the range that is read.
import { useCallback, useEffect, useRef, useState, type PointerEvent } from 'react';
import type { CellRange } from '../../core/model';
import { defined } from '../../core/shared/defined';
import { rangeName } from '../../core/shared/cells';
import { overrule } from '../state/gather';

/** `sheet` is said where several were read together. */
type Corner = { row: number; column: number; sheet: string | undefined };
export type Dragged = CellRange & { sheet: string | undefined };

/** The cell under a point, by the place that its element carries. */
function cellAt(x: number, y: number): Corner | undefined {
  const { place = '', sheet } =
    document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-place]')?.dataset ?? {};
  const [row, column] = place.split(':').map(Number);
  return row === undefined || column === undefined ? undefined : { row, column, sheet };
}

const between = (a: Corner, b: Corner): Dragged => ({
  sheet: a.sheet,
  top: Math.min(a.row, b.row),
  bottom: Math.max(a.row, b.row),
  left: Math.min(a.column, b.column),
  right: Math.max(a.column, b.column),
});

export function useRangeDrag(): {
  dragged: Dragged | undefined;
  onPointerDown: (event: PointerEvent) => void;
} {
  const [dragged, setDragged] = useState<Dragged>();
  const start = useRef<Corner | undefined>(undefined);
  const current = useRef<Dragged | undefined>(undefined);
  useEffect(() => {
    const move = (event: globalThis.PointerEvent): void => {
      if (!start.current) {
        return;
      }
      const cell = cellAt(event.clientX, event.clientY);
      if (
        !cell ||
        cell.sheet !== start.current.sheet ||
        (cell.row === start.current.row && cell.column === start.current.column && !current.current)
      ) {
        return;
      }
      document.getSelection()?.removeAllRanges();
      current.current = between(start.current, cell);
      setDragged(current.current);
    };
    const up = (): void => {
      const range = current.current;
      start.current = undefined;
      current.current = undefined;
      setDragged(undefined);
      if (range && (range.bottom > range.top || range.right > range.left)) {
        void overrule({
          ...defined({ sheet: range.sheet }),
          range: rangeName(range),
          columns: undefined,
          headingRow: undefined,
          key: undefined,
        });
      }
    };
    document.addEventListener('pointermove', move);
    document.addEventListener('pointerup', up);
    return () => {
      document.removeEventListener('pointermove', move);
      document.removeEventListener('pointerup', up);
    };
  }, []);
  const onPointerDown = useCallback((event: PointerEvent) => {
    // A finger that moves over the sheet scrolls it.
    const isDrag = event.button === 0 && event.pointerType !== 'touch';
    if (isDrag && !(event.target as Element).closest('button')) {
      start.current = cellAt(event.clientX, event.clientY);
    }
  }, []);
  return { dragged, onPointerDown };
}
