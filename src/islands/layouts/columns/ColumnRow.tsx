// One column of a layout: what it takes, whether it must be filled, with what when a question says nothing.
import { ActionIcon, Checkbox, Group, Select, Table } from '@mantine/core';
import type { Column, KeptLayout, Role } from '../../../core/model';
import { roleWords } from '../../../core/shared/roles';
import { CommitNumber, CommitText } from '../../parts/Commit';
import { ROLE_GROUPS } from '../../parts/roles';
import { changeColumn, setColumns } from '../../state/layouts';
import { i18n } from '../../../languages';

const SEPARATED = new Set<Role>([
  'options',
  'wrongs',
  'tags',
  'accepted',
  'pair',
  'option',
  'category',
]);

const ROLE_DATA = ROLE_GROUPS.map(([group, roles]) => ({
  group,
  items: roles.map((role) => ({ value: role, label: roleWords(role) })),
}));

/** A column with fields changed; what is emptied is not said. */
function changed(column: Column, next: Partial<Column>): Column {
  const merged = Object.entries({ ...column, ...next });
  return Object.fromEntries(
    merged.filter(([, value]) => value !== undefined && value !== ''),
  ) as Column;
}

const wordsOf = (text: string): string[] | undefined =>
  text ? text.split(/\s*,\s*/).filter(Boolean) : undefined;

/** Moves a column of a layout of the user's own, or takes it out. */
function Tools({ kept, column, index }: { kept: KeptLayout; column: Column; index: number }) {
  const { columns, name } = kept.layout;
  const others = columns.filter((one) => one !== column);
  const move = (by: number): void => {
    void setColumns(
      kept,
      i18n._('Move a column of {name}', { name }),
      others.toSpliced(index + by, 0, column),
    );
  };
  const remove = (): void => {
    void setColumns(kept, i18n._('Remove a column of {name}', { name }), others);
  };
  return (
    <Group gap={2} wrap="nowrap">
      <ActionIcon
        disabled={index === 0}
        aria-label={i18n._('Move column {column} to the left', { column: column.column })}
        onClick={() => move(-1)}
      >
        ←
      </ActionIcon>
      <ActionIcon
        disabled={index === columns.length - 1}
        aria-label={i18n._('Move column {column} to the right', { column: column.column })}
        onClick={() => move(1)}
      >
        →
      </ActionIcon>
      <ActionIcon
        aria-label={i18n._('Remove column {column}', { column: column.column })}
        onClick={remove}
      >
        ✕
      </ActionIcon>
    </Group>
  );
}

type Change = (next: Partial<Column>) => void;

/** What a column takes where a question says something, and where it says nothing. */
function Rules({ column, change }: { column: Column; change: Change }) {
  const of = i18n._('of column {column}', { column: column.column });
  return (
    <>
      <Table.Td>
        <CommitText
          mono
          aria-label={i18n._('Default {of}', { of })}
          w={60}
          value={column.default ?? ''}
          onCommit={(text) => change({ default: text })}
        />
      </Table.Td>
      <Table.Td>
        <CommitNumber
          aria-label={i18n._('Most characters {of}', { of })}
          w={48}
          value={column.max}
          onCommit={(max) => change({ max })}
        />
      </Table.Td>
      <Table.Td>
        <CommitText
          mono
          aria-label={i18n._('Words {of}, with commas', { of })}
          w={86}
          placeholder={i18n._('any')}
          value={column.values?.join(', ') ?? ''}
          onCommit={(text) => change({ values: wordsOf(text) })}
        />
      </Table.Td>
      <Table.Td>
        {SEPARATED.has(column.role) && (
          <CommitText
            mono
            aria-label={i18n._('Separator {of}', { of })}
            w={40}
            value={column.separator ?? ''}
            onCommit={(text) => change({ separator: text })}
          />
        )}
      </Table.Td>
    </>
  );
}

export function ColumnRow({
  kept,
  column,
  index,
}: {
  kept: KeptLayout;
  column: Column;
  index: number;
}) {
  const isOwn = !kept.layout.blank;
  const change: Change = (next) => void changeColumn(kept, changed(column, next));
  return (
    <Table.Tr>
      <Table.Td ff="monospace">{column.column}</Table.Td>
      <Table.Td>
        {isOwn ? (
          <CommitText
            aria-label={i18n._('Heading of column {column}', { column: column.column })}
            w={128}
            value={column.heading ?? ''}
            onCommit={(heading) => change({ heading })}
          />
        ) : (
          column.heading
        )}
      </Table.Td>
      <Table.Td>
        <Select
          aria-label={i18n._('What column {column} takes', { column: column.column })}
          size="xs"
          w={140}
          searchable
          data={ROLE_DATA}
          value={column.role}
          nothingFoundMessage={i18n._('None')}
          {...(column.n ? { rightSection: <span className="mono soft">{column.n}</span> } : {})}
          onChange={(role) => role && change({ role: role })}
        />
      </Table.Td>
      <Table.Td>
        <Checkbox
          aria-label={i18n._('Column {column} must be filled', { column: column.column })}
          checked={column.required ?? false}
          onChange={(event) => change({ required: event.currentTarget.checked || undefined })}
        />
      </Table.Td>
      <Rules column={column} change={change} />
      {isOwn && (
        <Table.Td>
          <Tools kept={kept} column={column} index={index} />
        </Table.Td>
      )}
    </Table.Tr>
  );
}
