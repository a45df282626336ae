// What a column may be taken for, in groups, as the items of a menu.
import { Menu } from '@mantine/core';
import { Fragment } from 'react';
import type { Role } from '../../core/model';
import { roleWords } from '../../core/shared/roles';
import { ROLE_GROUPS } from './roles';

export function RoleItems({ role, onPick }: { role: Role; onPick: (role: Role) => void }) {
  return ROLE_GROUPS.map(([group, roles]) => (
    <Fragment key={group}>
      <Menu.Label>{group}</Menu.Label>
      {roles.map((next) => (
        <Menu.Item
          key={next}
          aria-current={next === role ? true : undefined}
          fw={next === role ? 700 : 400}
          onClick={() => onPick(next)}
        >
          {roleWords(next)}
        </Menu.Item>
      ))}
    </Fragment>
  ));
}
