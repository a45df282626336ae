// Arrow keys go from cell to cell of the matrix, and what they reach is opened.
import type { Virtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { Receiver } from '../../state/hand-over';

/** A question's place, from 0, and a receiver. */
export type OpenCell = { row: number; receiver: string };

const STEPS: Readonly<Record<string, readonly [rows: number, receivers: number]>> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};
const within = (n: number, length: number): number => Math.max(0, Math.min(length - 1, n));

type Given = {
  rows: number;
  receivers: readonly Receiver[];
  open: OpenCell | undefined;
  onOpen: (cell: OpenCell) => void;
  scroller: HTMLElement | null;
  virtual: Virtualizer<HTMLDivElement, Element>;
};

export function useMatrixKeys({ rows, receivers, open, onOpen, scroller, virtual }: Given) {
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
        ?.querySelector<HTMLElement>(`[data-cell="${open.row} ${open.receiver}"]`)
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
    const at = receivers.findIndex(({ id }) => id === from.receiver);
    onOpen({
      row: within(from.row + step[0], rows),
      receiver: receivers[within(at + step[1], receivers.length)]!.id,
    });
  };
}
