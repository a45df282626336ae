// From change to change of a receiver.
import { Button, Group, Text } from '@mantine/core';
import { useMemo } from 'react';
import { LinkButton } from '../../parts/LinkButton';
import { useActs } from '../../state/acts';
import { leaveQuestion } from '../../state/hand-over';
import type { FitColumn } from '../../../workers/protocol';

const CHANGES = 1;

function useChanging(column: FitColumn | undefined): number[] {
  return useMemo(
    () => [...(column?.states ?? [])].flatMap((state, row) => (state === CHANGES ? [row] : [])),
    [column],
  );
}

export function SeamFoot({
  id,
  row,
  column,
  onGo,
}: {
  id: string;
  row: number;
  column: FitColumn | undefined;
  onGo: (row: number) => void;
}) {
  const changing = useChanging(column);
  const before = changing.filter((index) => index < row).at(-1);
  const next = changing.find((index) => index > row);
  const place = changing.indexOf(row);
  const go = (to: number | undefined) => (): void => {
    if (to !== undefined) {
      onGo(to);
    }
  };
  useActs('open-seam', [
    ...(before === undefined
      ? []
      : [{ label: 'Previous change', words: 'The question before that changes', run: go(before) }]),
    ...(next === undefined
      ? []
      : [{ label: 'Next change', words: 'The next question that changes', run: go(next) }]),
    {
      label: 'Leave out of every file',
      words: 'The question that is open',
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
        Previous change
      </Button>
      <Button size="xs" disabled={next === undefined} onClick={go(next)}>
        Next change
      </Button>
      <LinkButton fz={13} onClick={() => leaveQuestion(id, true)}>
        Leave out of every file
      </LinkButton>
      <Text component="span" size="xs" c="dimmed" ff="monospace" ml="auto">
        {place >= 0 ? `${place + 1} of ${changing.length}` : `${changing.length} with changes`}
      </Text>
    </Group>
  );
}
