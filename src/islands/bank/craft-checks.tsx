// The checks of the craft of this bank: each with what it looks for and where that is published, switched off and on.
import { Stack, Switch, Text } from '@mantine/core';
import { modals } from '@mantine/modals';
import { craftChecks } from '../../core/craft';
import { switchCraft, useBank } from '../state/bank';

const IDS = new Set(craftChecks.map(({ id }) => id));
/** Whether a finding is a note of the craft, which a bank may do without. */
export const isCraft = (rule: string): boolean => IDS.has(rule);

function CraftList() {
  const off = useBank((state) => state.craftOff);
  return (
    <Stack gap="sm">
      <Text size="sm">
        Notes on how questions are written, two at a question at most. None of them keeps a question
        from being handed over.
      </Text>
      {craftChecks.map(({ id, looksFor, why, source }) => (
        <Switch
          key={id}
          label={looksFor}
          description={`${why} (${source})`}
          checked={!off.includes(id)}
          onChange={(event) => void switchCraft(id, event.currentTarget.checked)}
        />
      ))}
    </Stack>
  );
}

/** Shows the checks of the craft, to be switched off and on. */
export const showCraftChecks = (): void => {
  modals.open({ title: 'Checks of the craft', size: 'lg', children: <CraftList /> });
};
