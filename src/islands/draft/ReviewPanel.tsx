// What was made, looked over one by one or in the whole: what it was made from at the left, the question at the right.
import { SegmentedControl, Text } from '@mantine/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { Finding } from '../../core/model';
import { FindingNote } from '../parts/Finding';
import { isTyping } from '../parts/keys';
import {
  decideDraft,
  openDraft,
  setDrafting,
  useDrafting,
  type Bench,
  type Review,
} from '../state/drafting';
import { DrawsTable } from './DrawsTable';
import { ReviewRow } from './ReviewRow';
import { i18n } from '../../languages';

const HINTS: Record<Bench, string> = {
  terms: i18n._(
    'Questions stand here once they are made. Wrong options come from your own terms: never one that is right as well, of the same form, each used about equally often.',
  ),
  assistant: i18n._(
    'Copy a request into an assistant of your own and paste its reply: what is missing, too long, cut or doubled is told here at its place. The simulated one shows how.',
  ),
  calculated: i18n._(
    'Variants stand here once they are drawn, each with its values and its result. Wrong options come from the usual slips, each named in its feedback.',
  ),
};

const ESTIMATE = 130;
const OVERSCAN = 6;

/** Findings of the whole, and those of each question. */
function useFindings(findings: readonly Finding[]) {
  return useMemo(() => {
    const byItem = new Map<string, Finding[]>();
    for (const finding of findings) {
      if (finding.item) {
        byItem.set(finding.item, [...(byItem.get(finding.item) ?? []), finding]);
      }
    }
    return { general: findings.filter(({ item }) => !item), byItem };
  }, [findings]);
}

type Keys = {
  bench: Bench;
  review: Review;
  open: string | undefined;
  onMend: (id: string) => void;
};

/** K keeps, X throws out, E mends, arrows go on. */
function press(event: KeyboardEvent, { bench, review, open, onMend }: Keys): void {
  if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) {
    return;
  }
  const at = review.items.findIndex(({ id }) => id === open);
  const id = review.items[Math.max(0, at)]?.id;
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (!id) {
    return;
  }
  if (step) {
    openDraft(review.items[Math.max(0, Math.min(review.items.length - 1, at + step))]!.id);
  } else if (event.key === 'k') {
    decideDraft(bench, id, 'kept');
  } else if (event.key === 'x') {
    decideDraft(bench, id, 'out');
  } else if (event.key === 'e' || event.key === 'F2') {
    onMend(id);
  } else {
    return;
  }
  event.preventDefault();
}

type OneByOneProps = Keys & {
  byItem: ReadonlyMap<string, readonly Finding[]>;
  mending: string | undefined;
  setMending: (id: string | undefined) => void;
};

function OneByOne({ byItem, mending, setMending, ...keys }: OneByOneProps) {
  const { bench, review, open } = keys;
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: review.items.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ESTIMATE,
    getItemKey: (index) => review.items[index]?.id ?? index,
    overscan: OVERSCAN,
  });
  const at = review.items.findIndex(({ id }) => id === open);
  useEffect(() => {
    if (at >= 0) {
      virtual.scrollToIndex(at, { align: 'auto' });
    }
  }, [at, virtual]);
  return (
    <div
      className="review-scroll"
      ref={scroller}
      tabIndex={0}
      role="list"
      aria-label={i18n._('What was made. K keeps, X throws out, E mends.')}
      onKeyDown={(event) => press(event, keys)}
    >
      <div style={{ height: virtual.getTotalSize(), position: 'relative' }}>
        {virtual.getVirtualItems().map(({ index, start, key }) => {
          const item = review.items[index]!;
          return (
            <div
              key={key}
              role="listitem"
              data-index={index}
              ref={virtual.measureElement}
              className="review-place"
              style={{ transform: `translateY(${start}px)` }}
            >
              <ReviewRow
                bench={bench}
                item={item}
                n={index + 1}
                verdict={review.verdicts[item.id]}
                lent={review.because[item.id] ?? []}
                term={review.of?.[item.id]}
                findings={byItem.get(item.id) ?? []}
                isOpen={item.id === open}
                isMending={item.id === mending}
                onMend={setMending}
              />
            </div>
          );
        })}
      </div>
    </div>
  );
}

const LOOKS = [
  { value: 'one', label: i18n._('One by one') },
  { value: 'table', label: i18n._('As a table') },
];

function Rows({ bench, review }: { bench: Bench; review: Review }) {
  const { open, asTable } = useDrafting();
  const [mending, setMending] = useState<string>();
  const { general, byItem } = useFindings(review.findings);
  const keys: Keys = { bench, review, open, onMend: setMending };
  const hasTable = bench === 'calculated';
  return (
    <>
      {general.map((finding, index) => (
        <FindingNote key={index} finding={finding} />
      ))}
      {hasTable && (
        <SegmentedControl
          aria-label={i18n._('How they are looked over')}
          size="xs"
          value={asTable ? 'table' : 'one'}
          data={LOOKS}
          onChange={(value) => setDrafting({ asTable: value === 'table' })}
          style={{ alignSelf: 'flex-start', margin: 6, flex: 'none' }}
        />
      )}
      {hasTable && asTable ? (
        <DrawsTable review={review} onKey={(event) => press(event, keys)} />
      ) : (
        <OneByOne {...keys} byItem={byItem} mending={mending} setMending={setMending} />
      )}
    </>
  );
}

export function ReviewPanel({ bench }: { bench: Bench }) {
  const { reviews } = useDrafting();
  const review = reviews[bench];
  return (
    <section className="panel review" aria-label={i18n._('What was made')}>
      {review && (review.items.length > 0 || review.findings.length > 0) ? (
        <Rows key={bench} bench={bench} review={review} />
      ) : (
        <Text c="dimmed" maw={540} p="md">
          {HINTS[bench]}
        </Text>
      )}
    </section>
  );
}
