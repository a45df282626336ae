// From change to change, through all receivers in view.
import { Button, Group, Text } from '@mantine/core';
import { useMemo } from 'react';
import { FIT_STATE, needsOwnWords } from '../../../core/shared/change-grades';
import { LinkButton } from '../../parts/LinkButton';
import { useActs } from '../../state/acts';
import { leaveQuestion, useHandOver, type Receiver } from '../../state/hand-over';
import type { FitColumn } from '../../../workers/protocol';
import type { OpenCell } from '../matrix/use-matrix-keys';
import { i18n } from '../../../languages';

/** Whether a person should look at a question of a receiver's file. */
const wantsLook = ({ states, reasons, codes }: FitColumn, row: number): boolean =>
  states[row] === FIT_STATE.loses ||
  (states[row] === FIT_STATE.refused && needsOwnWords(codes[reasons[row] ?? 0]));

/** All cells that want a look, question by question, in the order of the receivers. */
function useLooks(receivers: readonly Receiver[]): OpenCell[] {
  const { columns, ids } = useHandOver();
  return useMemo(() => {
    const inOrder = receivers.flatMap(({ id }) => columns.filter(({ layout }) => layout === id));
    return ids.flatMap((_, row) =>
      inOrder.flatMap((column) =>
        wantsLook(column, row) ? [{ row, receiver: column.layout }] : [],
      ),
    );
  }, [receivers, columns, ids]);
}

export function SeamFoot({
  id,
  cell,
  receivers,
  onGo,
}: {
  id: string;
  cell: OpenCell;
  receivers: readonly Receiver[];
  onGo: (cell: OpenCell) => void;
}) {
  const looks = useLooks(receivers);
  const order = ({ row, receiver }: OpenCell): number =>
    row * receivers.length + receivers.findIndex((one) => one.id === receiver);
  const here = order(cell);
  const before = looks.findLast((one) => order(one) < here);
  const next = looks.find((one) => order(one) > here);
  const place = looks.findIndex((one) => order(one) === here);
  const go = (to: OpenCell | undefined) => (): void => {
    if (to !== undefined) {
      onGo(to);
    }
  };
  useActs('open-seam', [
    ...(before === undefined
      ? []
      : [
          {
            label: i18n._('Previous change'),
            words: i18n._('The question before that changes'),
            run: go(before),
          },
        ]),
    ...(next === undefined
      ? []
      : [
          {
            label: i18n._('Next change'),
            words: i18n._('The next question that changes'),
            run: go(next),
          },
        ]),
    {
      label: i18n._('Leave out of every file'),
      words: i18n._('The question that is open'),
      run: () => leaveQuestion(id, true),
    },
  ]);
  return (
    <Group
      component="footer"
      gap="xs"
      px="sm"
      py={8}
      style={{ borderTop: '1px solid var(--line)', flex: 'none' }}
    >
      <Button size="xs" disabled={before === undefined} onClick={go(before)}>
        {i18n._('Previous change')}
      </Button>
      <Button size="xs" disabled={next === undefined} onClick={go(next)}>
        {i18n._('Next change')}
      </Button>
      <LinkButton fz={13} onClick={() => leaveQuestion(id, true)}>
        {i18n._('Leave out of every file')}
      </LinkButton>
      <Text component="span" size="xs" c="dimmed" ff="monospace" ml="auto">
        {place >= 0
          ? i18n._('{place} of {looks, number}', { place: place + 1, looks: looks.length })
          : i18n._('{looks, number} to look at', { looks: looks.length })}
      </Text>
    </Group>
  );
}
