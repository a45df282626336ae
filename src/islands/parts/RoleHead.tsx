// The head of a column, of a source or of a blank: its letters, what it is taken for, why, and what else it may be.
import { Menu, UnstyledButton, VisuallyHidden } from '@mantine/core';
import type { ReactNode } from 'react';
import type { Role } from '../../core/model';
import { roleWords } from '../../core/shared/roles';
import { RoleItems } from './RoleItems';
import { i18n } from '../../languages';

export function RoleHead({
  letters,
  role,
  label,
  isUnsure,
  title,
  because,
  onPick,
  likely = [],
  children,
}: {
  letters: string;
  role: Role;
  label: string;
  isUnsure: boolean;
  title: string | undefined;
  /** The words above the choices; none where there is no reason. */
  because: string | undefined;
  onPick: (role: Role) => void;
  /** What else it probably is, offered first. */
  likely?: readonly Role[] | undefined;
  /** Further items of the menu. */
  children?: ReactNode;
}) {
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target>
        <UnstyledButton className={`role role-${role} ${isUnsure ? 'unsure' : ''}`} title={title}>
          <span className="mono letters">
            <VisuallyHidden>{i18n._('Column')} </VisuallyHidden>
            {letters}
          </span>{' '}
          <span className="mono name">
            {isUnsure ? '? ' : ''}
            {label}
          </span>
          <VisuallyHidden>
            {i18n._(', {roleWords}. Change', { roleWords: roleWords(role) })}
          </VisuallyHidden>
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        {because && <Menu.Label maw={320}>{because}</Menu.Label>}
        {likely.length > 0 && <Menu.Label>{i18n._('Likeliest otherwise')}</Menu.Label>}
        {likely.map((next) => (
          <Menu.Item key={`likely-${next}`} c="var(--cowslip-ink)" onClick={() => onPick(next)}>
            {roleWords(next)}
          </Menu.Item>
        ))}
        <RoleItems role={role} onPick={onPick} />
        {children}
      </Menu.Dropdown>
    </Menu>
  );
}
