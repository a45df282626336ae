// A work that takes longer says how far it is, and can be stopped.
import { Button, Group, Progress, Text } from '@mantine/core';
import { useEffect, useState } from 'react';
import { i18n } from '../../languages';

/** Before this a word about it would only flicker. */
const LATE_MS = 300;

export type Far = { done: number; of: number };

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
        {far
          ? i18n._(' {done, number} of {of, number} {unit}', {
              done: far.done,
              of: far.of,
              unit: unit ?? '',
            })
          : ''}
      </Text>
      {far && far.of > 0 && (
        <Progress
          w={180}
          value={(100 * far.done) / far.of}
          aria-label={i18n._('{what} progress', { what })}
        />
      )}
      {isLate && <Button onClick={onStop}>{i18n._('Stop')}</Button>}
    </Group>
  );
}
