// The room that the open bank takes, said at the end of the menu of banks.
import { Menu } from '@mantine/core';
import { useEffect, useState } from 'react';
import { bytesShown } from '../parts/bytes';
import { roomTaken, type Room } from '../state/room';

function roomSaid({ bank, used, given }: Room): string {
  const own = `This bank takes ${bytesShown(bank)}.`;
  return used === undefined || given === undefined
    ? own
    : `${own} All banks, their copies and the program itself use ${bytesShown(used)} of the ${bytesShown(given)} that the browser gives.`;
}

export function BankRoom() {
  const [room, setRoom] = useState<Room>();
  useEffect(() => {
    roomTaken().then(setRoom, () => setRoom(undefined));
  }, []);
  return (
    <Menu.Label data-testid="bank-room" style={{ whiteSpace: 'normal', fontWeight: 400 }}>
      {room ? roomSaid(room) : 'Counting the room that this bank takes …'}
    </Menu.Label>
  );
}
