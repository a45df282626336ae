// Shapes of what is about to stand here.
import { Skeleton, Stack } from '@mantine/core';
import { i18n } from '../../languages';

export function Opening({ what }: { what: string }) {
  return (
    <Stack role="status" aria-label={i18n._('Opening {what}', { what })} gap="sm">
      <Skeleton h={26} w={260} />
      <Skeleton h={38} />
      <Skeleton h={320} />
    </Stack>
  );
}
