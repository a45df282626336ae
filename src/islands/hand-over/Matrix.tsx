// The matrix of questions by receivers, virtual, with a word and a sign in every cell.
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { Layout } from '../../core/model';
import { itemById } from '../state/bank';
import { useHandOver } from '../state/hand-over';
import type { FitColumn } from '../../workers/protocol';

const ROW = 50;
const TONES = ['fits', 'changes', 'refused'] as const;

/** Refusals in a word or two; the whole sentence is the title. */
const BRIEF: Readonly<Record<string, string>> = {
  'kind-not-taken': 'kind',
  'options-too-few': 'options',
  'right-options-over': 'options',
  'room-too-small': 'options',
  'key-names-one': 'several right',
  'left-out': 'left out',
  'stem-empty': 'unfinished',
  'key-missing': 'unfinished',
  'option-empty': 'unfinished',
  'answer-missing': 'unfinished',
  'pairs-too-few': 'unfinished',
  'steps-too-few': 'unfinished',
  'gap-unanswered': 'unfinished',
  'number-missing': 'unfinished',
  'encoding-lacks': 'signs',
  'separator-in-text': 'signs',
  'sign-in-text': 'signs',
  'marker-on-wrong-option': 'signs',
  'board-full': 'board full',
  'board-column-missing': 'board full',
  'field-missing': 'field missing',
  'word-not-listed': 'not on a list',
  'cell-too-long': 'too long',
};

function wordsOf(
  column: FitColumn,
  row: number,
): { tone: (typeof TONES)[number]; sign: string; text: string; title: string } {
  const tone = TONES[column.states[row] ?? 2]!;
  const at = column.reasons[row] ?? 0;
  const n = column.changes[row] ?? 0;
  if (tone === 'fits') {
    return { tone, sign: '✓', text: 'fits', title: 'fits as it is' };
  }
  if (tone === 'changes') {
    return {
      tone,
      sign: '!',
      text: `${n} ${n === 1 ? 'change' : 'changes'}`,
      title: `fits with ${n} ${n === 1 ? 'change' : 'changes'}`,
    };
  }
  const text = BRIEF[column.codes[at] ?? ''] ?? 'does not fit';
  return { tone, sign: '✕', text, title: column.words[at] ?? '' };
}

export function Matrix({
  layouts,
  open,
  onOpen,
}: {
  layouts: readonly Layout[];
  open: { row: number; layout: string } | undefined;
  onOpen: (cell: { row: number; layout: string }) => void;
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
    overscan: 10,
  });
  const template = `minmax(190px, 1fr) ${layouts.map(() => 'minmax(98px, 118px)').join(' ')}`;
  const minWidth = 190 + layouts.length * 98;
  const wanted = useRef(false);
  useEffect(() => {
    if (!open || !wanted.current) {
      return;
    }
    wanted.current = false;
    virtual.scrollToIndex(open.row, { align: 'auto' });
    requestAnimationFrame(() =>
      scroller
        ?.querySelector<HTMLElement>(`[data-cell="${open.row} ${open.layout}"]`)
        ?.focus({ preventScroll: true }),
    );
  }, [open, scroller, virtual]);
  const move = (event: KeyboardEvent, row: number, layout: number): void => {
    const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[
      event.key
    ];
    if (!step) {
      return;
    }
    event.preventDefault();
    wanted.current = true;
    // From the open cell: the focus follows a frame later, and a quick second key must not start from where it was.
    const from = open
      ? { row: open.row, layout: layouts.findIndex((candidate) => candidate.id === open.layout) }
      : { row, layout };
    onOpen({
      row: Math.max(0, Math.min(ids.length - 1, from.row + step[0]!)),
      layout: layouts[Math.max(0, Math.min(layouts.length - 1, from.layout + step[1]!))]!.id,
    });
  };
  return (
    <div
      className="panel matrix"
      ref={setScroller}
      role="grid"
      aria-label="Questions by receivers"
      aria-rowcount={ids.length + 1}
      aria-colcount={layouts.length + 1}
      tabIndex={-1}
    >
      <div
        role="row"
        className="matrix-row matrix-head"
        style={{ gridTemplateColumns: template, minWidth }}
      >
        <span role="columnheader" className="stem-head">
          Question
        </span>
        {layouts.map((layout) => {
          const counts = columns.find((column) => column.layout === layout.id)?.counts;
          return (
            <span role="columnheader" key={layout.id}>
              <b>{layout.name}</b>
              <small>
                {counts ? `${counts[0]} fit, ${counts[1]} change, ${counts[2]} out` : ''}
              </small>
            </span>
          );
        })}
      </div>
      <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map((position) => {
          const item = itemById(ids[position.index]!);
          return (
            <div
              role="row"
              key={position.key}
              aria-rowindex={position.index + 2}
              className="matrix-row"
              style={{
                transform: `translateY(${position.start}px)`,
                gridTemplateColumns: template,
                minWidth,
                height: ROW,
              }}
            >
              <span role="rowheader" className="stem-cell">
                <span className="clamp">
                  <span className="mono soft">{position.index + 1}</span> {item?.stem.plain}
                </span>
              </span>
              {layouts.map((layout, c) => {
                const column = columns.find((candidate) => candidate.layout === layout.id);
                if (!column) {
                  return <span role="gridcell" key={layout.id} />;
                }
                const { tone, sign, text, title } = wordsOf(column, position.index);
                const isOpen = open?.row === position.index && open.layout === layout.id;
                const first = !open && position.index === 0 && c === 0;
                return (
                  <span
                    role="gridcell"
                    key={layout.id}
                    aria-selected={isOpen}
                    className={`fit ${tone} ${isOpen ? 'open' : ''}`}
                  >
                    <button
                      type="button"
                      data-cell={`${position.index} ${layout.id}`}
                      title={title}
                      tabIndex={isOpen || first ? 0 : -1}
                      onClick={() => onOpen({ row: position.index, layout: layout.id })}
                      onKeyDown={(event) => move(event, position.index, c)}
                    >
                      <span className="sign" aria-hidden>
                        {sign}
                      </span>{' '}
                      {text}
                    </button>
                  </span>
                );
              })}
            </div>
          );
        })}
      </div>
    </div>
  );
}
