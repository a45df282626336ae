// What is looked at again and again: a search with its filters and order, kept under a name.
import { Button, Menu, Popover, Stack, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useSetting } from '../state/setting';
import { criteriaOf, setView, useView, type Criteria } from '../state/view';
import { i18n } from '../../languages';

type SavedView = { name: string; criteria: Criteria };
const NONE: SavedView[] = [];

function NameIt({ onName }: { onName: (name: string) => void }) {
  const [name, setName] = useState('');
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim()) {
          onName(name.trim());
        }
      }}
    >
      <Stack gap="xs">
        <TextInput
          label={i18n._('Name of the view')}
          data-autofocus
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <Button type="submit" variant="filled" disabled={!name.trim()}>
          {i18n._('Keep it')}
        </Button>
      </Stack>
    </form>
  );
}

/** The kept views, and the present one to be kept. */
export function SavedViews({ isFiltered }: { isFiltered: boolean }) {
  const [views, save] = useSetting<SavedView[]>('saved-views', NONE);
  const criteria = useView(criteriaOf);
  const [isNaming, setNaming] = useState(false);
  const keep = (name: string): void => {
    save([...views.filter((view) => view.name !== name), { name, criteria }]);
    setNaming(false);
  };
  if (!views.length && !isFiltered) {
    return null;
  }
  return (
    <Popover opened={isNaming} onChange={setNaming} trapFocus returnFocus withinPortal>
      <Popover.Target>
        <span>
          <Menu position="bottom-start" width={240}>
            <Menu.Target>
              <Button size="xs">{i18n._('Views')}</Button>
            </Menu.Target>
            <Menu.Dropdown>
              {views.map((view) => (
                <Menu.Item key={view.name} onClick={() => setView(view.criteria)}>
                  {view.name}
                </Menu.Item>
              ))}
              {views.length > 0 && <Menu.Divider />}
              <Menu.Item disabled={!isFiltered} onClick={() => setNaming(true)}>
                {i18n._('Keep this view …')}
              </Menu.Item>
              {views.map((view) => (
                <Menu.Item
                  key={`forget ${view.name}`}
                  c="dimmed"
                  onClick={() => save(views.filter((one) => one !== view))}
                >
                  {i18n._('Forget {name}', { name: view.name })}
                </Menu.Item>
              ))}
            </Menu.Dropdown>
          </Menu>
        </span>
      </Popover.Target>
      <Popover.Dropdown aria-label={i18n._('Keep this view')}>
        <NameIt onName={keep} />
      </Popover.Dropdown>
    </Popover>
  );
}
