// The sets of the bank, the newest first.
import { Button, NavLink, Stack } from '@mantine/core';
import { useLocation } from 'wouter';
import type { QuestionSet } from '../../core/model';
import { idsOf } from '../state/sets';
import { i18n } from '../../languages';

export function SetList({
  sets,
  open,
  onNew,
}: {
  sets: readonly QuestionSet[];
  open: string;
  onNew: () => void;
}) {
  const [, go] = useLocation();
  return (
    <Stack gap={2}>
      {sets.map((set) => (
        <NavLink
          key={set.id}
          component="button"
          label={set.name}
          active={set.id === open}
          aria-current={set.id === open ? 'true' : undefined}
          rightSection={<span className="mono">{idsOf(set).length}</span>}
          onClick={() => go(`/sets/${set.id}`)}
        />
      ))}
      <Button mt="xs" mx="xs" onClick={onNew}>
        {i18n._('New set')}
      </Button>
    </Stack>
  );
}
