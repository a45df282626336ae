// Questions copied or moved to another bank.
import { Button, Group, Stack, Text } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useEffect, useState } from 'react';
import type { BankInfo } from '../../core/model';
import { count } from '../../core/shared/plain';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { removeItems } from '../state/bank';
import { banksBeside, copyToBank } from '../state/banks';

async function send(ids: readonly string[], bank: BankInfo, isMove: boolean): Promise<void> {
  modals.closeAll();
  try {
    await copyToBank(ids, bank);
    if (isMove) {
      await removeItems(`Move ${count(ids.length, 'question')} to ${bank.name}`, ids);
    }
    say(`${count(ids.length, 'question')} ${isMove ? 'moved' : 'copied'} to ${bank.name}.`);
  } catch (error) {
    sayProblem(messageOf(error, `${bank.name} could not be written to.`));
  }
}

function ToBank({ ids }: { ids: readonly string[] }) {
  const [banks, setBanks] = useState<BankInfo[]>([]);
  useEffect(() => {
    void banksBeside().then(setBanks);
  }, []);
  return (
    <Stack gap="xs">
      <Text size="sm">
        {count(ids.length, 'question')}; references that the other bank has already get the next
        free one.
      </Text>
      {banks.map((bank) => (
        <Group key={bank.id} justify="space-between">
          <Text>{bank.name}</Text>
          <Group gap="xs">
            <Button onClick={() => void send(ids, bank, false)}>Copy to {bank.name}</Button>
            <Button onClick={() => void send(ids, bank, true)}>Move</Button>
          </Group>
        </Group>
      ))}
    </Stack>
  );
}

/** Asks which bank these questions go to. */
export const showToBank = (ids: readonly string[]): void => {
  modals.open({ title: 'To another bank', size: 'lg', children: <ToBank ids={[...ids]} /> });
};
