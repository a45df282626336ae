// What a host says of a file: how much of it was taken, and why the rest was not.
import { Trans } from '@lingui/react';
import { Group, Paper, Table, Text, Title } from '@mantine/core';
import { i18n } from '../../languages';
import { Bar } from '../parts/Bar';
import type { Answer, Refused } from './hosts';

/** A file that was handed in, and the answer to it. */
export type Taken = { name: string; answer: Answer };

function Refusals({ refused }: { refused: readonly Refused[] }) {
  return (
    <Table aria-label={i18n._('Refused questions')}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th>{i18n._('Row')}</Table.Th>
          <Table.Th>{i18n._('Question')}</Table.Th>
          <Table.Th>{i18n._('Refused because')}</Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {refused.map(({ row, question, reason }) => (
          <Table.Tr key={row}>
            <Table.Td ff="monospace">{row}</Table.Td>
            <Table.Td>{question || <em>{i18n._('none')}</em>}</Table.Td>
            <Table.Td>{reason}</Table.Td>
          </Table.Tr>
        ))}
      </Table.Tbody>
    </Table>
  );
}

export function Answered({ taken: { answer, name } }: { taken: Taken }) {
  if ('problem' in answer) {
    return (
      <Bar tone="block" role="alert">
        <Trans
          id="<0>{name}</0> was refused whole: {problem}"
          values={{ name, problem: answer.problem }}
          components={{ 0: <b /> }}
        />
      </Bar>
    );
  }
  return (
    <Paper component="section" aria-label={i18n._('The host’s answer')} style={{ flex: 'none' }}>
      <Group p="sm" role="status">
        <Title order={2}>{answer.title}</Title>
        <Text component="span" size="sm" c="dimmed" data-testid="import-answer">
          {i18n._('{many, number} taken, {refused, number} refused', {
            many: answer.many,
            refused: answer.refused.length,
          })}
        </Text>
      </Group>
      {answer.refused.length > 0 && <Refusals refused={answer.refused} />}
    </Paper>
  );
}
