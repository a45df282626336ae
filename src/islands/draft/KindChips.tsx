// Kinds of questions to choose several of.
import { Chip, Group, Text } from '@mantine/core';
import { i18n } from '../../languages';

type Props<Kind extends string> = {
  /** Names the group for those who hear it. */
  id: string;
  all: readonly { value: Kind; label: string }[];
  chosen: Kind[];
  onChoose: (kinds: Kind[]) => void;
};

export function KindChips<Kind extends string>({ id, all, chosen, onChoose }: Props<Kind>) {
  return (
    <div>
      <Text size="sm" fw={500} id={id} mb={4}>
        {i18n._('Kinds')}
      </Text>
      <Chip.Group multiple value={chosen} onChange={onChoose}>
        <Group gap={6} role="group" aria-labelledby={id}>
          {all.map(({ value, label }) => (
            <Chip key={value} value={value} variant="outline">
              {label}
            </Chip>
          ))}
        </Group>
      </Chip.Group>
    </div>
  );
}
