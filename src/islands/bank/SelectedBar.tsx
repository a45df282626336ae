// What can be done with the selected questions. It stands below the grid and keeps its room when nothing is selected,
// so that no row moves away under a pointer that selects.
import { Button, Group, Text } from '@mantine/core';
import { removeItems } from '../state/bank';
import { AddToSet } from './AddToSet';
import { showChangeMany } from './many/change-many';
import { TagSelected } from './TagSelected';
import { i18n } from '../../languages';

function remove(selected: readonly string[]): void {
  const label =
    selected.length === 1
      ? i18n._('Remove a question')
      : i18n._('Remove {selected, plural, one {# question} other {# questions}}', {
          selected: selected.length,
        });
  void removeItems(label, selected);
}

export function SelectedBar({ selected }: { selected: readonly string[] }) {
  const many = selected.length;
  return (
    <Group
      component="section"
      aria-label={i18n._('Selected questions')}
      gap="xs"
      mih={34}
      style={{ flex: 'none' }}
    >
      <Text size="sm" c={many ? undefined : 'dimmed'} mr="auto">
        {many
          ? i18n._('{many, plural, one {# question} other {# questions}} selected', { many })
          : i18n._('Shift with a click or an arrow selects several questions.')}
      </Text>
      {many > 0 && <AddToSet ids={selected} />}
      {many > 1 && <TagSelected ids={selected} />}
      {many > 1 && (
        <Button onClick={() => showChangeMany(selected)}>
          {i18n._('Change {many, number} …', { many })}
        </Button>
      )}
      {many > 0 && (
        <Button onClick={() => remove(selected)}>
          {i18n._('Remove {many}', {
            many:
              many === 1
                ? i18n._('this question')
                : i18n._('{many, plural, one {# question} other {# questions}}', { many }),
          })}
        </Button>
      )}
    </Group>
  );
}
