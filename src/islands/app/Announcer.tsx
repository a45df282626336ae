// The region that screen readers listen to: it is always there, and its words change.
import { VisuallyHidden } from '@mantine/core';
import { useAnnounced } from '../state/announce';

export function Announcer() {
  const words = useAnnounced();
  return (
    <VisuallyHidden role="status" aria-live="polite" data-testid="announced">
      {words}
    </VisuallyHidden>
  );
}
