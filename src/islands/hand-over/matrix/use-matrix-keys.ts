// Arrow keys go from cell to cell of the matrix, and what they reach is opened.
import type { Virtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { Layout } from '../../../core/model';

/** A question's place, from 0, and a receiver's layout. */
export type OpenCell = { row: number; layout: string };

const STEPS: Readonly<Record<string, readonly [rows: number, layouts: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};
const within = (n: number, length: number): number => Math.max(0, Math.min(length - 1, n));

type Given = {
  rows: number;
  layouts: readonly Layout[];
  open: OpenCell | undefined;
  onOpen: (cell: OpenCell) => void;
  scroller: HTMLElement | null;
  virtual: Virtualizer<HTMLDivElement, Element>;
};

export function useMatrixKeys({ rows, layouts, open, onOpen, scroller, virtual }: Given) {
  const isWanted = useRef(false);
  useEffect(() => {
    if (!open) {
      return;
    }
    virtual.scrollToIndex(open.row, { align: 'auto' });
    if (!isWanted.current) {
      return;
    }
    isWanted.current = false;
    requestAnimationFrame(() =>
      scroller
        ?.querySelector<HTMLElement>(`[data-cell="${open.row} ${open.layout}"]`)
        ?.focus({ preventScroll: true }),
    );
  }, [open, scroller, virtual]);
  return (event: KeyboardEvent, cell: OpenCell): void => {
    const step = STEPS[event.key];
    if (!step) {
      return;
    }
    event.preventDefault();
    isWanted.current = true;
    // From the open cell: the focus follows a frame later, and a quick second key must not start from where it was.
    const from = open ?? cell;
    const at = layouts.findIndex(({ id }) => id === from.layout);
    onOpen({
      row: within(from.row + step[0], rows),
      layout: layouts[within(at + step[1], layouts.length)]!.id,
    });
  };
}
