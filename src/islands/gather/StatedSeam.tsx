// A package's questions: it states them outright, so the left side only names each as the package does.
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useState } from 'react';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { SIGNS, worst } from '../parts/Finding';
import { useGather } from '../state/gather';
import { Understood } from './Understood';
import { useFindingsByItem } from './use-findings';

export function StatedSeam() {
  const { items, name } = useGather();
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const byItem = useFindingsByItem();
  const key = useCallback((index: number) => items[index]?.id ?? index, [items]);
  const estimate = useCallback(() => 84, []);
  const virtual = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller,
    estimateSize: estimate,
    getItemKey: key,
    overscan: 6,
  });
  return (
    <div
      className="panel seam stated"
      ref={setScroller}
      role="table"
      aria-label={`${name} beside what was understood`}
      aria-rowcount={items.length}
      tabIndex={-1}
    >
      <div className="seam-row seam-head" role="row">
        <div className="stated-left" role="columnheader">
          In the package
        </div>
        <div className="gutter" role="columnheader">
          <span className="visually-hidden">State</span>
        </div>
        <div role="columnheader" className="seam-title">
          Understood
        </div>
      </div>
      <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map((position) => {
          const item = items[position.index]!;
          const own = byItem.get(item.id) ?? [];
          const level = worst(own.filter((finding) => finding.level !== 'note')) ?? 'fine';
          return (
            <div
              key={position.key}
              role="row"
              data-index={position.index}
              ref={virtual.measureElement}
              className="seam-row"
              style={{ transform: `translateY(${position.start}px)` }}
            >
              <div role="cell" className="stated-left">
                <span className="mono">{item.ref || position.index + 1}</span>
                <span>{item.title ?? KIND_NAMES[item.kind]}</span>
                <span className="soft small">{item.category?.join(' > ') ?? ''}</span>
              </div>
              <div className={`gutter sign ${level}`} role="cell">
                <span aria-hidden>{level === 'fine' ? '✓' : SIGNS[level]}</span>
                <span className="visually-hidden">
                  {level === 'fine' ? 'understood' : level === 'block' ? 'blocked' : 'wants a look'}
                </span>
              </div>
              <div role="cell">
                <Understood item={item} n={position.index + 1} findings={own} />
              </div>
            </div>
          );
        })}
      </div>
    </div>
  );
}
