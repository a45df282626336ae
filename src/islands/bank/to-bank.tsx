// Questions copied or moved to another bank.
import { Button, Group, Stack, Text } from '@mantine/core';
import { modals } from '@mantine/modals';
import { useEffect, useState } from 'react';
import type { BankInfo } from '../../core/model';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { removeItems } from '../state/bank';
import { banksBeside, copyToBank } from '../state/banks';
import { i18n } from '../../languages';

async function send(ids: readonly string[], bank: BankInfo, isMove: boolean): Promise<void> {
  modals.closeAll();
  try {
    await copyToBank(ids, bank);
    if (isMove) {
      await removeItems(
        i18n._('Move {ids, plural, one {# question} other {# questions}} to {name}', {
          ids: ids.length,
          name: bank.name,
        }),
        ids,
      );
    }
    say(
      i18n._(
        '{ids, plural, one {# question} other {# questions}} {isMove, select, true {moved} other {copied}} to {name}.',
        { ids: ids.length, isMove, name: bank.name },
      ),
    );
  } catch (error) {
    sayProblem(messageOf(error, i18n._('{name} could not be written to.', { name: bank.name })));
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
        {i18n._(
          '{ids, plural, one {# question} other {# questions}}; references that the other bank has already get the next free one.',
          { ids: ids.length },
        )}
      </Text>
      {banks.map((bank) => (
        <Group key={bank.id} justify="space-between">
          <Text>{bank.name}</Text>
          <Group gap="xs">
            <Button onClick={() => void send(ids, bank, false)}>
              {i18n._('Copy to {name}', { name: bank.name })}
            </Button>
            <Button onClick={() => void send(ids, bank, true)}>{i18n._('Move')}</Button>
          </Group>
        </Group>
      ))}
    </Stack>
  );
}

/** Asks which bank these questions go to. */
export const showToBank = (ids: readonly string[]): void => {
  modals.open({
    title: i18n._('To another bank'),
    size: 'lg',
    children: <ToBank ids={[...ids]} />,
  });
};
