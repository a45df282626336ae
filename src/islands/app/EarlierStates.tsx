// The states of this bank that were kept by themselves, each to be opened as a bank beside this one.
import { Button, Group, Modal, Stack, Table, Text } from '@mantine/core';
import { useEffect, useState } from 'react';
import { count } from '../../core/shared/plain';
import { LinkButton } from '../parts/LinkButton';
import { messageOf } from '../parts/message-of';
import { say, sayProblem } from '../parts/say';
import { when } from '../parts/when';
import { copiesOf, keepCopy, openCopy, type Copy } from '../state/copies';

const tell = (error: unknown): void => sayProblem(messageOf(error, 'It could not be done.'));

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
      say('The earlier state is open as a bank of its own; the other one is as it was.');
    }
  };
  return (
    <Modal opened title="Earlier states of this bank" onClose={onClose}>
      <Stack gap="sm">
        <Text size="sm">
          While you work, a copy is kept every so often, the last ten of them in this browser.
        </Text>
        {copies?.length === 0 && <Text c="dimmed">None was kept yet.</Text>}
        {copies !== undefined && copies.length > 0 && (
          <Table aria-label="Kept states">
            <Table.Tbody>
              {copies.map((copy) => (
                <Table.Tr key={copy.key}>
                  <Table.Td>{when(copy.at)}</Table.Td>
                  <Table.Td ff="monospace">{count(copy.questions, 'question')}</Table.Td>
                  <Table.Td>
                    <LinkButton onClick={() => void open(copy).catch(tell)}>Open it</LinkButton>
                  </Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        )}
        <Group justify="flex-end">
          <Button onClick={() => void keepCopy().then(load).catch(tell)}>Keep one now</Button>
          <Button variant="filled" onClick={onClose}>
            Done
          </Button>
        </Group>
      </Stack>
    </Modal>
  );
}
