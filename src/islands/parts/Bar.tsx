// A line across a place: something to know, with what can be done about it.
import { Alert, Group } from '@mantine/core';
import type { ReactNode } from 'react';

export type Tone = 'fine' | 'warn' | 'block' | 'note';
export const COLOURS: Record<Tone, string> = {
  fine: 'leaf',
  warn: 'cowslip',
  block: 'brick',
  note: 'slate',
};

export function Bar({
  tone,
  role,
  children,
  acts,
}: {
  tone: Tone;
  role?: 'alert' | 'status' | undefined;
  children: ReactNode;
  acts?: ReactNode;
}) {
  return (
    <Alert color={COLOURS[tone]} role={role ?? 'note'}>
      <Group gap="sm" wrap="wrap">
        <span>{children}</span>
        {acts}
      </Group>
    </Alert>
  );
}
