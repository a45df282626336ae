// What can be done with the selected questions. It stands below the grid and keeps its room when nothing is selected,
// so that no row moves away under a pointer that selects.
import { Button, Group, Text } from '@mantine/core';
import { count } from '../../core/shared/plain';
import { removeItems } from '../state/bank';
import { AddToSet } from './AddToSet';
import { showChangeMany } from './many/change-many';
import { TagSelected } from './TagSelected';

function remove(selected: readonly string[]): void {
  const label =
    selected.length === 1 ? 'Remove a question' : `Remove ${count(selected.length, 'question')}`;
  void removeItems(label, selected);
}

export function SelectedBar({ selected }: { selected: readonly string[] }) {
  const many = selected.length;
  return (
    <Group
      component="section"
      aria-label="Selected questions"
      gap="xs"
      mih={34}
      style={{ flex: 'none' }}
    >
      <Text size="sm" c={many ? undefined : 'dimmed'} mr="auto">
        {many
          ? `${count(many, 'question')} selected`
          : 'Shift with a click or an arrow selects several questions.'}
      </Text>
      {many > 0 && <AddToSet ids={selected} />}
      {many > 1 && <TagSelected ids={selected} />}
      {many > 1 && <Button onClick={() => showChangeMany(selected)}>Change {many} …</Button>}
      {many > 0 && (
        <Button onClick={() => remove(selected)}>
          Remove {many === 1 ? 'this question' : count(many, 'question')}
        </Button>
      )}
    </Group>
  );
}
