// A work that takes longer says how far it is, and can be stopped.
import { Button, Group, Progress, Text } from '@mantine/core';
import { useEffect, useState } from 'react';

/** Before this a word about it would only flicker. */
const LATE_MS = 300;

export type Far = { done: number; of: number };
const number = (n: number): string => n.toLocaleString('en-GB');

function useLate(): boolean {
  const [isLate, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(true), LATE_MS);
    return () => clearTimeout(timer);
  }, []);
  return isLate;
}

/** `unit` is what is counted: 'rows'. */
export function Busy({
  what,
  far,
  unit,
  onStop,
}: {
  what: string;
  far?: Far | undefined;
  unit?: string;
  onStop: () => void;
}) {
  const isLate = useLate();
  return (
    <Group gap="sm" role="status" mih={34} style={{ flex: 'none' }}>
      <Text c="dimmed">
        {what}
        {far ? ` ${number(far.done)} of ${number(far.of)} ${unit ?? ''}` : ''}
      </Text>
      {far && far.of > 0 && (
        <Progress w={180} value={(100 * far.done) / far.of} aria-label={`${what} progress`} />
      )}
      {isLate && <Button onClick={onStop}>Stop</Button>}
    </Group>
  );
}
