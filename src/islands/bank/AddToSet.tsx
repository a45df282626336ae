// Puts the selected questions into a set, or into a new one.
import { Button, Menu } from '@mantine/core';
import { useLocation } from 'wouter';
import { say } from '../parts/say';
import { useBank } from '../state/bank';
import { addToSet, newSet } from '../state/sets';
import { i18n } from '../../languages';

export function AddToSet({ ids }: { ids: readonly string[] }) {
  const sets = useBank((state) => state.sets);
  const [, go] = useLocation();
  const add = (id: string, name: string): void => {
    const fresh = addToSet(id, ids);
    const known = ids.length - fresh;
    say(
      i18n._(
        '{fresh, plural, one {# question} other {# questions}} put into {name}{isKnown, select, true {; {known, number} stood there already} other {}}.',
        { fresh, name, isKnown: Boolean(known), known },
      ),
    );
  };
  const make = (): void => go(`/sets/${newSet(undefined, ids)}`);
  return (
    <Menu position="bottom-end" withinPortal>
      <Menu.Target>
        <Button>{i18n._('Put into a set')}</Button>
      </Menu.Target>
      <Menu.Dropdown>
        {sets.map(({ id, name }) => (
          <Menu.Item key={id} onClick={() => add(id, name)}>
            {name}
          </Menu.Item>
        ))}
        <Menu.Item onClick={make}>
          {i18n._('New set of {ids, plural, one {# question} other {# questions}}', {
            ids: ids.length,
          })}
        </Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
