// The head of a column of the source: what it is taken for, why, and what else it may be.
import { Menu } from '@mantine/core';
import type { Column, Role } from '../../core/model';
import { columnLetters } from '../../core/shared/cells';
import { roleWords } from '../../core/shared/roles';
import { RoleHead } from '../parts/RoleHead';
import { overrule, useGather } from '../state/gather';
import type { ShownColumn } from './use-columns';

/** Pixels that one press of the menu adds. */
const WIDER_BY = 40;

/** The columns of the reading with one of them taken for something else. */
function withRole(columns: readonly Column[], letters: string, role: Role): Column[] {
  const all = columns.map(({ n: _n, ...rest }) =>
    rest.column === letters ? { ...rest, role } : rest,
  );
  return all.some(({ column }) => column === letters) ? all : [...all, { column: letters, role }];
}

export function RoleMenu({
  column,
  onWiden,
}: {
  column: ShownColumn;
  /** Makes the column so many pixels wider. */
  onWiden: (by: number) => void;
}) {
  const { answer } = useGather();
  const letters = columnLetters(column.index);
  const role = column.column?.role ?? 'ignore';
  const because = answer?.reading.because[`columns.${letters}`];
  const isUnsure = answer?.reading.unsure.includes(`columns.${letters}`) ?? false;
  const why = because ? `${roleWords(role)}, because ${because}` : roleWords(role);
  const setRole = (next: Role): void => {
    const columns = withRole(answer?.reading.columns ?? [], letters, next);
    void overrule({ columns, headingRow: answer?.reading.headingRow ?? null, key: undefined });
  };
  return (
    <RoleHead
      letters={letters}
      role={role}
      label={column.label}
      isUnsure={isUnsure}
      title={why}
      because={why}
      onPick={setRole}
    >
      <Menu.Divider />
      <Menu.Item closeMenuOnClick={false} onClick={() => onWiden(WIDER_BY)}>
        Show it wider
      </Menu.Item>
      <Menu.Item closeMenuOnClick={false} onClick={() => onWiden(-WIDER_BY)}>
        Show it narrower
      </Menu.Item>
    </RoleHead>
  );
}
