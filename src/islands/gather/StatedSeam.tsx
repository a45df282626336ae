// A package's questions: it states them outright, so the left side only names each as the package does.
import { Text, VisuallyHidden } from '@mantine/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useMemo, useState } from 'react';
import type { Finding, Item } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { worstToSee } from '../parts/Finding';
import { StateSign } from '../parts/StateSign';
import { useGather } from '../state/gather';
import { Understood } from './Understood';
import { useCardKeys } from './use-card-keys';
import { useFindingsByItem } from './use-findings';
import { useIsShown } from './use-marked';
import { i18n } from '../../languages';

/** A row's height before it is drawn once. */
const GUESS = 84;
const NONE: readonly Finding[] = [];

function StatedRow({ item, n, findings }: { item: Item; n: number; findings: readonly Finding[] }) {
  const state = worstToSee(findings) ?? 'fine';
  return (
    <>
      <div role="cell" className="stated-left">
        <span className="mono">{item.ref || n}</span>
        <span>{item.title ?? kindName(item.kind)}</span>
        <Text component="span" c="dimmed" size="sm">
          {item.category?.join(' > ') ?? ''}
        </Text>
      </div>
      <div className={`gutter sign ${state}`} role="cell">
        <StateSign state={state} fine={i18n._('understood')} />
      </div>
      <div role="cell">
        <Understood item={item} n={n} findings={findings} />
      </div>
    </>
  );
}

export function StatedSeam() {
  const { items: all, name } = useGather();
  const isShown = useIsShown();
  const numbers = useMemo(() => new Map(all.map(({ id }, index) => [id, index + 1])), [all]);
  const items = useMemo(() => all.filter(isShown), [all, isShown]);
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  const byItem = useFindingsByItem();
  const key = useCallback((index: number) => items[index]?.id ?? index, [items]);
  const estimate = useCallback(() => GUESS, []);
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
      onKeyDown={useCardKeys(scroller)}
      role="table"
      aria-label={i18n._('{name} beside what was understood', { name })}
      aria-rowcount={items.length}
      tabIndex={-1}
    >
      <div className="seam-row seam-head" role="row">
        <div className="stated-left" role="columnheader">
          {i18n._('In the package')}
        </div>
        <div className="gutter" role="columnheader">
          <VisuallyHidden>{i18n._('State')}</VisuallyHidden>
        </div>
        <div role="columnheader" className="seam-title">
          {i18n._('Understood')}
        </div>
      </div>
      <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map(({ key: rowKey, index, start }) => (
          <div
            key={rowKey}
            role="row"
            data-index={index}
            ref={virtual.measureElement}
            className="seam-row"
            style={{ transform: `translateY(${start}px)` }}
          >
            <StatedRow
              item={items[index]!}
              n={numbers.get(items[index]!.id) ?? index + 1}
              findings={byItem.get(items[index]!.id) ?? NONE}
            />
          </div>
        ))}
      </div>
    </div>
  );
}
