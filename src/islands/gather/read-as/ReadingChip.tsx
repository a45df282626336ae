// One word of a reading, with the other readings one click away; a doubt is marked at the very word.
import { Button, Menu } from '@mantine/core';
import type { Other, ReadingChip } from './chips';
import { i18n } from '../../../languages';

export function ReadingChipMenu({
  chip,
  onChoose,
}: {
  chip: ReadingChip;
  onChoose: (other: Other) => void;
}) {
  const { name, value, isUnsure, why, others } = chip;
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target>
        <Button
          variant={isUnsure ? 'outline' : 'light'}
          color={isUnsure ? 'cowslip' : 'slate'}
          c={isUnsure ? 'var(--cowslip-ink)' : 'var(--ink)'}
          bg={isUnsure ? 'var(--cowslip-wash)' : 'var(--slate-wash)'}
          size="compact-sm"
          title={why ? i18n._('because {why}', { why }) : undefined}
        >
          <span>
            {isUnsure ? '? ' : ''}
            {name} <u>{value}</u>
          </span>
        </Button>
      </Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        {why && <Menu.Label maw={360}>{i18n._('because {why}', { why })}</Menu.Label>}
        {others.map((other) => (
          <Menu.Item key={other.label} onClick={() => onChoose(other)}>
            {other.label}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
