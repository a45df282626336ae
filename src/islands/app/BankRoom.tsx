// The room that the open bank takes, said at the end of the menu of banks.
import { Menu } from '@mantine/core';
import { useEffect, useState } from 'react';
import { bytesShown } from '../parts/bytes';
import { roomTaken, type Room } from '../state/room';
import { i18n } from '../../languages';

function roomSaid({ bank, used, given }: Room): string {
  const own = i18n._('This bank takes {bytesShown}.', { bytesShown: bytesShown(bank) });
  return used === undefined || given === undefined
    ? own
    : i18n._(
        '{own} All banks, their copies and the program itself use {bytesShown} of the {bytesShown2} that the browser gives.',
        { own, bytesShown: bytesShown(used), bytesShown2: bytesShown(given) },
      );
}

export function BankRoom() {
  const [room, setRoom] = useState<Room>();
  useEffect(() => {
    roomTaken().then(setRoom, () => setRoom(undefined));
  }, []);
  return (
    <Menu.Label data-testid="bank-room" style={{ whiteSpace: 'normal', fontWeight: 400 }}>
      {room ? roomSaid(room) : i18n._('Counting the room that this bank takes …')}
    </Menu.Label>
  );
}
