// Which columns the grid shows, and in which order.
import { ActionIcon, Button, Checkbox, Group, Popover, Stack } from '@mantine/core';
import { isShown, movedColumn, USUAL_COLUMNS, withTurned, type GridColumn } from './columns';
import type { GridColumns } from './use-grid-columns';
import { i18n } from '../../languages';

function ColumnLine({ column, columns }: { column: GridColumn; columns: GridColumns }) {
  const { all, setting, set } = columns;
  const turn = (): void => set(withTurned(setting, column.id));
  const move = (by: 1 | -1) => () => set(movedColumn(all, setting, column.id, by));
  return (
    <Group justify="space-between" wrap="nowrap" gap="xs">
      <Checkbox
        label={column.title}
        checked={isShown(column, setting)}
        disabled={column.fixed === true}
        onChange={turn}
      />
      {!column.fixed && (
        <Group gap={2} wrap="nowrap">
          <ActionIcon
            aria-label={i18n._('{title} further to the left', { title: column.title })}
            onClick={move(-1)}
          >
            ↑
          </ActionIcon>
          <ActionIcon
            aria-label={i18n._('{title} further to the right', { title: column.title })}
            onClick={move(1)}
          >
            ↓
          </ActionIcon>
        </Group>
      )}
    </Group>
  );
}

export function ColumnsMenu({ columns }: { columns: GridColumns }) {
  const hidden = columns.setting.hidden.length;
  return (
    <Popover position="bottom-end" trapFocus returnFocus withinPortal>
      <Popover.Target>
        <Button>
          {hidden ? i18n._('Columns, {hidden, number} hidden', { hidden }) : i18n._('Columns')}
        </Button>
      </Popover.Target>
      <Popover.Dropdown mah="70vh" style={{ overflowY: 'auto' }} aria-label={i18n._('Columns')}>
        <Stack gap={4} miw={220}>
          {columns.all.map((column) => (
            <ColumnLine key={column.id} column={column} columns={columns} />
          ))}
          <Button size="xs" mt={4} onClick={() => columns.set(USUAL_COLUMNS)}>
            {i18n._('As at first')}
          </Button>
        </Stack>
      </Popover.Dropdown>
    </Popover>
  );
}
