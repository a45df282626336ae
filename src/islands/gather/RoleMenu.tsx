// The head of a column of the source: what it is taken for, why, and what else it may be.
import { Menu } from '@mantine/core';
import type { Column, Role } from '../../core/model';
import { columnLetters } from '../../core/shared/cells';
import { roleWords } from '../../core/shared/roles';
import { RoleHead } from '../parts/RoleHead';
import { overrule, useGather } from '../state/gather';
import type { ShownColumn } from './use-columns';
import { i18n } from '../../languages';

/** Pixels that one press of the menu adds. */
const WIDER_BY = 40;

/** What was said of columns before, with one of them taken for something else; all that was not said is thought through again. */
const withRole = (said: readonly Column[], letters: string, role: Role): Column[] => [
  ...said.filter(({ column }) => column !== letters),
  { column: letters, role },
];

export function RoleMenu({
  column,
  onWiden,
}: {
  column: ShownColumn;
  /** Makes the column so many pixels wider. */
  onWiden: (by: number) => void;
}) {
  const { answer, overrule: chosen } = useGather();
  const letters = columnLetters(column.index);
  const role = column.column?.role ?? 'ignore';
  const because = answer?.reading.because[`columns.${letters}`];
  const isUnsure = answer?.reading.unsure.includes(`columns.${letters}`) ?? false;
  const why = because
    ? i18n._('{roleWords}, because {because}', { roleWords: roleWords(role), because })
    : roleWords(role);
  const setRole = (next: Role): void => {
    void overrule({ columns: withRole(chosen.columns ?? [], letters, next), key: undefined });
  };
  const others = answer?.reading.others?.filter(({ path }) => path === `columns.${letters}`);
  return (
    <RoleHead
      letters={letters}
      role={role}
      label={column.label}
      isUnsure={isUnsure}
      title={why}
      because={why}
      onPick={setRole}
      likely={others?.map(({ overrule: other }) => other.columns?.at(-1)?.role ?? 'ignore')}
    >
      <Menu.Divider />
      <Menu.Item closeMenuOnClick={false} onClick={() => onWiden(WIDER_BY)}>
        {i18n._('Show it wider')}
      </Menu.Item>
      <Menu.Item closeMenuOnClick={false} onClick={() => onWiden(-WIDER_BY)}>
        {i18n._('Show it narrower')}
      </Menu.Item>
    </RoleHead>
  );
}
