// All that was drawn as a table: the values of each variant, its right answer, and what is decided of it.
import { Button, Group, Table } from '@mantine/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { Item } from '../../core/model';
import { numberWords } from '../../core/shared/plain';
import { LinkButton } from '../parts/LinkButton';
import { decideDraft, drawAnew, openDraft, useDrafting, type Review } from '../state/drafting';
import { SIGNS, VERDICTS } from './words';
import { i18n } from '../../languages';

const ESTIMATE = 37;
const OVERSCAN = 12;

/** The right answer of a variant, and its wrong options in their order. */
function answersOf({ options, number }: Item): { right: string; wrong: string } {
  const texts = (isRight: boolean): string =>
    (options ?? [])
      .filter(({ right }) => right === isRight)
      .map(({ text }) => text.plain)
      .join('; ');
  return { right: number ? numberWords(number) : texts(true), wrong: texts(false) };
}

type RowProps = {
  item: Item;
  n: number;
  names: readonly string[];
  hasWrong: boolean;
  verdict: Review['verdicts'][string] | undefined;
  isOpen: boolean;
};

function Row({ item, n, names, hasWrong, verdict, isOpen }: RowProps) {
  const state = verdict ?? 'left';
  const values = new Map(item.variant?.values.map(({ name, value }) => [name, value]));
  const { right, wrong } = answersOf(item);
  const name = item.ref || i18n._('variant {n, number}', { n });
  return (
    <Table.Tr
      className={state}
      aria-current={isOpen ? 'true' : undefined}
      onClick={() => openDraft(item.id)}
    >
      <Table.Td>
        <span aria-hidden>{SIGNS[state]}</span> {VERDICTS[state]}
      </Table.Td>
      <Table.Th scope="row" className="mono">
        {name}
      </Table.Th>
      {names.map((quantity) => (
        <Table.Td key={quantity} className="number">
          {values.get(quantity)}
        </Table.Td>
      ))}
      <Table.Td className="right-bar number">{right}</Table.Td>
      {hasWrong && <Table.Td className="soft">{wrong}</Table.Td>}
      <Table.Td>
        <Group gap={6} wrap="nowrap">
          <Button
            size="compact-xs"
            variant={verdict === 'kept' ? 'filled' : 'default'}
            aria-pressed={verdict === 'kept'}
            aria-label={i18n._('Keep {name}', { name })}
            onClick={() =>
              decideDraft('calculated', item.id, verdict === 'kept' ? undefined : 'kept')
            }
          >
            {i18n._('Keep')}
          </Button>
          <LinkButton
            fz={13}
            aria-label={i18n._('Draw anew: {name}', { name })}
            onClick={() => void drawAnew(item.id)}
          >
            {i18n._('Draw anew')}
          </LinkButton>
        </Group>
      </Table.Td>
    </Table.Tr>
  );
}

/** A row of empty room for those above or below that are not drawn on the screen. */
const Room = ({ height, columns }: { height: number; columns: number }) =>
  height > 0 ? (
    <Table.Tr aria-hidden>
      <Table.Td colSpan={columns} style={{ height, padding: 0, border: 0 }} />
    </Table.Tr>
  ) : null;

/** Their names with the units that all of them have. */
const headingOf = (name: string, { variant }: Item): string => {
  const unit = variant?.values.find((one) => one.name === name)?.unit;
  return unit ? `${name} (${unit})` : name;
};

type Props = { review: Review; onKey: (event: KeyboardEvent) => void };

export function DrawsTable({ review, onKey }: Props) {
  const { open } = useDrafting();
  const scroller = useRef<HTMLDivElement>(null);
  const { items, verdicts } = review;
  const virtual = useVirtualizer({
    count: items.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ESTIMATE,
    overscan: OVERSCAN,
  });
  const at = items.findIndex(({ id }) => id === open);
  useEffect(() => {
    if (at >= 0) {
      virtual.scrollToIndex(at, { align: 'auto' });
    }
  }, [at, virtual]);
  const [first] = items;
  if (!first) {
    return null;
  }
  const names = (first.variant?.values ?? []).map(({ name }) => name);
  const hasWrong = Boolean(first.options);
  const shown = virtual.getVirtualItems();
  const columns = names.length + (hasWrong ? 5 : 4);
  return (
    <div
      className="review-scroll draws"
      ref={scroller}
      tabIndex={0}
      role="region"
      aria-label={i18n._('What was drawn. K keeps, X throws out.')}
      onKeyDown={onKey}
    >
      <Table aria-rowcount={items.length + 1} stickyHeader>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{i18n._('State')}</Table.Th>
            <Table.Th scope="col">{i18n._('Reference')}</Table.Th>
            {names.map((name) => (
              <Table.Th key={name} scope="col" className="number">
                {headingOf(name, first)}
              </Table.Th>
            ))}
            <Table.Th scope="col" className="number">
              {i18n._('Right answer')}
            </Table.Th>
            {hasWrong && <Table.Th scope="col">{i18n._('Wrong options')}</Table.Th>}
            <Table.Th scope="col">{i18n._('Acts')}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          <Room height={shown[0]?.start ?? 0} columns={columns} />
          {shown.map(({ index }) => {
            const item = items[index]!;
            return (
              <Row
                key={item.id}
                item={item}
                n={index + 1}
                names={names}
                hasWrong={hasWrong}
                verdict={verdicts[item.id]}
                isOpen={item.id === open}
              />
            );
          })}
          <Room height={virtual.getTotalSize() - (shown.at(-1)?.end ?? 0)} columns={columns} />
        </Table.Tbody>
      </Table>
    </div>
  );
}
