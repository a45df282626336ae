// Puts the selected questions into a set, or into a new one.
import { Button, Menu } from '@mantine/core';
import { useLocation } from 'wouter';
import { count } from '../../core/shared/plain';
import { say } from '../parts/say';
import { useBank } from '../state/bank';
import { addToSet, newSet } from '../state/sets';

export function AddToSet({ ids }: { ids: readonly string[] }) {
  const sets = useBank((state) => state.sets);
  const [, go] = useLocation();
  const add = (id: string, name: string): void => {
    const fresh = addToSet(id, ids);
    const known = ids.length - fresh;
    say(
      `${count(fresh, 'question')} put into ${name}${known ? `; ${known} stood there already` : ''}.`,
    );
  };
  const make = (): void => go(`/sets/${newSet(undefined, ids)}`);
  return (
    <Menu position="bottom-end" withinPortal>
      <Menu.Target>
        <Button>Put into a set</Button>
      </Menu.Target>
      <Menu.Dropdown>
        {sets.map(({ id, name }) => (
          <Menu.Item key={id} onClick={() => add(id, name)}>
            {name}
          </Menu.Item>
        ))}
        <Menu.Item onClick={make}>New set of {count(ids.length, 'question')}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
