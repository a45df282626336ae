// The states of this bank that were kept by themselves, each to be opened as a bank beside this one.
import { Button, Group, Modal, Stack, Table, Text } from '@mantine/core';
import { useEffect, useState } from 'react';
import { LinkButton } from '../parts/LinkButton';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { when } from '../parts/when';
import { copiesOf, keepCopy, openCopy, type Copy } from '../state/copies';
import { i18n } from '../../languages';

const tell = (error: unknown): void =>
  sayProblem(messageOf(error, i18n._('It could not be done.')));

export default function EarlierStates({ onClose }: { onClose: () => void }) {
  const [copies, setCopies] = useState<Copy[]>();
  const load = (): Promise<void> => copiesOf().then(setCopies);
  useEffect(() => {
    load().catch(tell);
  }, []);
  const open = async (copy: Copy): Promise<void> => {
    const problem = await openCopy(copy, when(copy.at));
    onClose();
    if (problem) {
      sayProblem(problem);
    } else {
      say(i18n._('The earlier state is open as a bank of its own; the other one is as it was.'));
    }
  };
  return (
    <Modal opened title={i18n._('Earlier states of this bank')} onClose={onClose}>
      <Stack gap="sm">
        <Text size="sm">
          {i18n._(
            'While you work, a copy is kept every so often, the last ten of them in this browser.',
          )}
        </Text>
        {copies?.length === 0 && <Text c="dimmed">{i18n._('None was kept yet.')}</Text>}
        {copies !== undefined && copies.length > 0 && (
          <Table aria-label={i18n._('Kept states')}>
            <Table.Tbody>
              {copies.map((copy) => (
                <Table.Tr key={copy.key}>
                  <Table.Td>{when(copy.at)}</Table.Td>
                  <Table.Td ff="monospace">
                    {i18n._('{questions, plural, one {# question} other {# questions}}', {
                      questions: copy.questions,
                    })}
                  </Table.Td>
                  <Table.Td>
                    <LinkButton onClick={() => void open(copy).catch(tell)}>
                      {i18n._('Open it')}
                    </LinkButton>
                  </Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        )}
        <Group justify="flex-end">
          <Button onClick={() => void keepCopy().then(load).catch(tell)}>
            {i18n._('Keep one now')}
          </Button>
          <Button variant="filled" onClick={onClose}>
            {i18n._('Done')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  );
}
