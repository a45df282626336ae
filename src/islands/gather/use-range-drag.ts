// A block of the source's cells, dragged with the mouse, becomes the range that is read.
import { useCallback, useEffect, useRef, useState, type PointerEvent } from 'react';
import type { CellRange } from '../../core/model';
import { rangeName } from '../../core/shared/cells';
import { overrule } from '../state/gather';

type Corner = { row: number; column: number };

/** The cell under a point, by the place that its element carries. */
function cellAt(x: number, y: number): Corner | undefined {
  const place = (
    document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-place]')?.dataset['place'] ?? ''
  )
    .split(':')
    .map(Number);
  return place.length === 2 ? { row: place[0]!, column: place[1]! } : undefined;
}

const between = (a: Corner, b: Corner): CellRange => ({
  top: Math.min(a.row, b.row),
  bottom: Math.max(a.row, b.row),
  left: Math.min(a.column, b.column),
  right: Math.max(a.column, b.column),
});

export function useRangeDrag(): {
  dragged: CellRange | undefined;
  onPointerDown: (event: PointerEvent) => void;
} {
  const [dragged, setDragged] = useState<CellRange>();
  const start = useRef<Corner | undefined>(undefined);
  const current = useRef<CellRange | undefined>(undefined);
  useEffect(() => {
    const move = (event: globalThis.PointerEvent): void => {
      if (!start.current) {
        return;
      }
      const cell = cellAt(event.clientX, event.clientY);
      if (
        !cell ||
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
