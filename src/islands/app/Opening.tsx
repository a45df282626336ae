// Shapes of what is about to stand here.
import { Skeleton, Stack } from '@mantine/core';

export function Opening({ what }: { what: string }) {
  return (
    <Stack role="status" aria-label={`Opening ${what}`} gap="sm">
      <Skeleton h={26} w={260} />
      <Skeleton h={38} />
      <Skeleton h={320} />
    </Stack>
  );
}
