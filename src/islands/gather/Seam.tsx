// The seam: the source's cells at the left, the question that each row became at the right.
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useMemo, useState, type CSSProperties } from 'react';
import type { Finding } from '../../core/model';
import { useGather } from '../state/gather';
import { SeamHead } from './SeamHead';
import { SeamRow } from './SeamRow';
import { tracksOf, useColumns } from './use-columns';
import { useCardKeys } from './use-card-keys';
import { useFindingsByItem } from './use-findings';
import { useRangeDrag } from './use-range-drag';
import { keyOf, useRows, type ShownRow } from './use-rows';
import { useShare } from './use-share';
import { useWidened } from './use-widened';
import { i18n } from '../../languages';

/** A row's height before it is drawn once. */
const GUESS = 66;
/** Rows drawn beyond what is in sight. */
const OVERSCAN = 6;

/** Findings of cells that became no question, by the row's key. */
function useLone(): ReadonlyMap<string, Finding> {
  const { findings, answer } = useGather();
  const isStack = answer?.sheet?.stack !== undefined;
  return useMemo(
    () =>
      new Map(
        findings.flatMap((finding): [string, Finding][] => {
          const row = /\d+$/.exec(finding.where?.cell ?? '')?.[0];
          const sheet = isStack ? finding.where?.sheet : undefined;
          return finding.item || !row ? [] : [[keyOf(sheet, Number(row)), finding]];
        }),
      ),
    [findings, isStack],
  );
}

function useVirtualRows(rows: readonly ShownRow[], scroller: HTMLElement | null) {
  const key = useCallback((index: number) => rows[index]?.key ?? index, [rows]);
  const estimate = useCallback(() => GUESS, []);
  return useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller,
    estimateSize: estimate,
    getItemKey: key,
    overscan: OVERSCAN,
  });
}

const rowClass = ({ items, isHeading }: ShownRow): string =>
  `seam-row ${items.length ? '' : 'aside'} ${isHeading ? 'heading' : ''}`;

export function Seam() {
  const { name } = useGather();
  const { dragged, onPointerDown } = useRangeDrag();
  const { columns, widen } = useWidened(useColumns());
  const rows = useRows();
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const byItem = useFindingsByItem();
  const lone = useLone();
  const virtual = useVirtualRows(rows, scroller);
  const share = useShare();
  const { tracks, least } = useMemo(() => tracksOf(columns), [columns]);
  const fixed = columns.find(({ column }) => column?.role === 'stem')?.index;
  const sizes = { '--share': `${share.share}cqw`, '--least': `${least}px` } as CSSProperties;
  return (
    <div
      className="panel seam halves"
      ref={setScroller}
      style={sizes}
      onKeyDown={useCardKeys(scroller)}
      onPointerDown={onPointerDown}
      role="table"
      aria-label={i18n._('{name} beside what was understood', { name })}
      aria-rowcount={rows.length}
      tabIndex={-1}
    >
      <SeamHead columns={columns} tracks={tracks} fixed={fixed} share={share} onWiden={widen} />
      <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map(({ key, index, start }) => {
          const row = rows[index]!;
          return (
            <div
              key={key}
              role="row"
              data-index={index}
              ref={virtual.measureElement}
              className={rowClass(row)}
              style={{ transform: `translateY(${start}px)` }}
            >
              <SeamRow
                row={row}
                columns={columns}
                tracks={tracks}
                byItem={byItem}
                lone={lone.get(row.key)}
                dragged={dragged?.sheet === row.sheet ? dragged : undefined}
                fixed={fixed}
              />
            </div>
          );
        })}
      </div>
    </div>
  );
}
