// The matrix of questions by receivers, virtual, with a word and a sign in every cell.
import { UnstyledButton } from '@mantine/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useState, type KeyboardEvent } from 'react';
import type { FitColumn } from '../../../workers/protocol';
import { itemById } from '../../state/bank';
import { useHandOver, type Receiver } from '../../state/hand-over';
import { useMatrixKeys, type OpenCell } from './use-matrix-keys';
import { behindWords, countWords, wordsOf } from './words';
import { i18n } from '../../../languages';

const ROW = 50;
/** Rows drawn beyond what is in sight. */
const OVERSCAN = 10;
/** Least widths, in pixels: of the question, and of a receiver's column. */
const STEM = 190;
const RECEIVER = 98;
const WIDEST_RECEIVER = 130;

type CellProps = {
  cell: OpenCell;
  column: FitColumn | undefined;
  isOpen: boolean;
  /** Whether Tab stops here. */
  isStop: boolean;
  onOpen: (cell: OpenCell) => void;
  onKey: (event: KeyboardEvent, cell: OpenCell) => void;
};

function FitCell({ cell, column, isOpen, isStop, onOpen, onKey }: CellProps) {
  if (!column) {
    return <span role="gridcell" />;
  }
  const { tone, sign, text, title } = wordsOf(column, cell.row);
  return (
    <span role="gridcell" aria-selected={isOpen} className={`fit ${tone} ${isOpen ? 'open' : ''}`}>
      <UnstyledButton
        data-cell={`${cell.row} ${cell.receiver}`}
        title={title}
        tabIndex={isStop ? 0 : -1}
        onClick={() => onOpen(cell)}
        onKeyDown={(event) => onKey(event, cell)}
      >
        <span className="sign" aria-hidden>
          {sign}
        </span>{' '}
        {text}
      </UnstyledButton>
    </span>
  );
}

function Head({
  receivers,
  columns,
}: {
  receivers: readonly Receiver[];
  columns: readonly FitColumn[];
}) {
  return (
    <>
      <span role="columnheader" className="stem-head">
        {i18n._('Question')}
      </span>
      {receivers.map(({ id, name, layouts }) => {
        const column = columns.find(({ layout }) => layout === id);
        const behind = column && behindWords(column);
        return (
          <span role="columnheader" key={id}>
            <b>{name}</b>
            <small>
              {layouts.length > 1 &&
                i18n._('{layouts, number} blanks; ', { layouts: layouts.length })}
              {column ? countWords(column) : ''}
            </small>
            {behind && (
              <small className="behind" title={behind.whole}>
                {behind.brief}
              </small>
            )}
          </span>
        );
      })}
    </>
  );
}

const Stem = ({ row, id }: { row: number; id: string }) => (
  <span role="rowheader" className="stem-cell">
    <span className="clamp">
      <span className="mono soft">{row + 1}</span> {itemById(id)?.stem.plain}
    </span>
  </span>
);

export function Matrix({
  receivers,
  open,
  onOpen,
}: {
  receivers: readonly Receiver[];
  open: OpenCell | undefined;
  onOpen: (cell: OpenCell) => void;
}) {
  const { ids, columns } = useHandOver();
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const key = useCallback((index: number) => ids[index] ?? index, [ids]);
  const estimate = useCallback(() => ROW, []);
  const virtual = useVirtualizer({
    count: ids.length,
    getScrollElement: () => scroller,
    estimateSize: estimate,
    getItemKey: key,
    overscan: OVERSCAN,
  });
  const onKey = useMatrixKeys({ rows: ids.length, receivers, open, onOpen, scroller, virtual });
  const widths = receivers.map(() => `minmax(${RECEIVER}px, ${WIDEST_RECEIVER}px)`).join(' ');
  const sizes = {
    gridTemplateColumns: `minmax(${STEM}px, 1fr) ${widths}`,
    minWidth: STEM + receivers.length * RECEIVER,
  };
  const isOpen = (row: number, receiver: string): boolean =>
    open?.row === row && open.receiver === receiver;
  return (
    <div
      className="panel matrix"
      ref={setScroller}
      role="grid"
      aria-label={i18n._('Questions by receivers')}
      aria-rowcount={ids.length + 1}
      aria-colcount={receivers.length + 1}
      tabIndex={-1}
    >
      <div role="row" className="matrix-row matrix-head" style={sizes}>
        <Head receivers={receivers} columns={columns} />
      </div>
      <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map(({ key: rowKey, index, start }) => (
          <div
            role="row"
            key={rowKey}
            aria-rowindex={index + 2}
            className="matrix-row"
            style={{ ...sizes, transform: `translateY(${start}px)`, height: ROW }}
          >
            <Stem row={index} id={ids[index]!} />
            {receivers.map(({ id }, place) => (
              <FitCell
                key={id}
                cell={{ row: index, receiver: id }}
                column={columns.find(({ layout }) => layout === id)}
                isOpen={isOpen(index, id)}
                isStop={open ? isOpen(index, id) : index === 0 && place === 0}
                onOpen={onOpen}
                onKey={onKey}
              />
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}
