// A place with nothing in it yet: what is missing, and the act that brings it.
import { Stack, Title } from '@mantine/core';
import type { ReactNode } from 'react';

export function EmptyPlace({
  title,
  role,
  children,
}: {
  title: string;
  role?: 'alert';
  children: ReactNode;
}) {
  return (
    <Stack gap="md" maw={760} w="100%" mx="auto" my="lg" role={role}>
      <Title order={1} fz={26}>
        {title}
      </Title>
      {children}
    </Stack>
  );
}
